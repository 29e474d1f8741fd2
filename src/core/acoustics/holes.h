// SPDX-License-Identifier: GPL-3.0-or-later
// A side hole as a T circuit: half the series length, the shunt through the chimney, half the series length. Three
// published sets of formulas can be chosen by name; what they differ by is a measure of how well any of them is known.
//   Lefebvre and Scavone 2012 [LS12]   inner and series lengths by finite elements, with ka        (from memory)
//   Dubos 1999, Nederveen 1998 [D99]   inner and series lengths by modal theory                    (from memory)
//   Keefe 1990 [K90]                   whole open length b (1.40 - 0.58 delta^2), series lengths    (from memory)
// Matching volume after [NJD98], outer end on a round tube after [DNJ01] (from memory). An undercut or countersunk hole
// is its chimney's frustum, with inner length and matching taken at the bore. Oval and slanted holes come here as their
// equal-area circles. What depends on measures alone is worked out once (HoleGeometry), what depends on frequency each
// time. Valid for hole radius <= bore radius, k a < 1. Neighbours heard from outside: see chain.h.
#pragma once

#include "core/acoustics/ends.h"
#include "core/acoustics/line.h"

#include <optional>
#include <string_view>

namespace dowel::acoustics {

enum class HoleFormulas { LefebvreScavone, DubosNederveen, Keefe };
inline constexpr std::array allHoleFormulas{HoleFormulas::LefebvreScavone, HoleFormulas::DubosNederveen, HoleFormulas::Keefe};
/// "lefebvre-scavone-2012", "dubos-nederveen-1999", "keefe-1990".
[[nodiscard]] std::string_view formulasName(HoleFormulas set);
[[nodiscard]] std::optional<HoleFormulas> formulasFromName(std::string_view name);

/// Measures of one side hole that derivatives are taken by, in metres.
template <class C> struct HoleMeasures
{
    C boreRadius;
    C radius;         ///< of the equal-area circle
    C innerRadius;    ///< the undercut's edge at the bore
    C chimney;        ///< along the hole's own axis
    C sinkRadius;     ///< at the outside, where it is countersunk; radius where not
    C outerEndFactor; ///< on the outer end correction, 1 as published
    /// How much of its difference to the chosen set each of the other two is taken in with, in the order of
    /// allHoleFormulas: 0 as chosen; 1 and 0, or 0 and 1, are the other sets.
    std::array<C, allHoleFormulas.size() - 1> spread{};
};

/// What else there is to a hole.
struct HoleFittings
{
    double sinkDepth_m = 0.0; ///< of the countersink
    double fingerShare = 0.0; ///< a closing finger bulges in by this share of the outer radius
    double padHeight_m = 0.0; ///< of a pad over the open hole; 0: none
    double padDiameter_m = 0.0;
    int count = 1; ///< holes side by side at one place
};

/// Wall that a pad sees round a hole's rim, in hole radii; the rim of a hole cut into a tube is narrow.
inline constexpr double padRim = 0.2;

template <class C> struct HoleGeometry
{
    C boreRadius;
    C radius;
    C innerRadius;
    C sinkRadius;
    C sinkDepth;
    C straight;    ///< from the countersink's foot to the bore, matching volume included
    C finger;      ///< depth that a closing finger takes
    C innerStill;  ///< inner length at low frequency
    C innerMoving; ///< what grows of it with ka; 0 where the set has none
    C openSeries;
    C closedSeries;
    C outerFactor; ///< on the flanged end's length
    C outerMore;   ///< added to it by a pad, in outer radii
    double count = 1.0;
    int straightSlices = 1;
    int sinkSlices = 1;
    bool sunk = false;

    static HoleGeometry of(const HoleMeasures<C>& h, const HoleFittings& fittings, HoleFormulas set)
    {
        using std::pow;
        HoleGeometry g;
        g.boreRadius = h.boreRadius;
        g.radius = h.radius;
        g.innerRadius = h.innerRadius;
        g.count = fittings.count;
        g.sunk = fittings.sinkDepth_m > 0.0;
        g.sinkRadius = g.sunk ? h.sinkRadius : h.radius;
        g.sinkDepth = C(fittings.sinkDepth_m);
        const C& b = h.innerRadius;
        const C d = b / h.boreRadius;
        const C matching = b * d / 8.0 * (1.0 + 0.207 * d * d * d);
        g.straight = h.chimney - g.sinkDepth + matching;
        g.finger = fittings.fingerShare * g.sinkRadius;
        // On a tube the wall curves away, and the end is shorter than in a plane.
        const C curved = (0.822 - 0.47 * pow(g.sinkRadius / (h.boreRadius + h.chimney), 0.8)) / 0.822;
        g.outerFactor = curved * h.outerEndFactor;
        g.outerMore = fittings.padHeight_m > 0.0
                          ? discLength(g.sinkRadius, g.sinkRadius * padRim, fittings.padHeight_m, fittings.padDiameter_m)
                          : C(0.0);
        const Lengths chosen = lengthsOf(set, h, curved * g.sinkRadius, matching);
        Lengths mixed = chosen;
        std::size_t other = 0;
        for (const HoleFormulas which : allHoleFormulas) {
            if (which == set)
                continue;
            const C& share = h.spread[other++];
            if constexpr (std::is_same_v<C, Complex>)
                if (share == Complex(0.0))
                    continue;
            const Lengths those = lengthsOf(which, h, curved * g.sinkRadius, matching);
            mixed.still += share * (those.still - chosen.still);
            mixed.moving += share * (those.moving - chosen.moving);
            mixed.open += share * (those.open - chosen.open);
            mixed.closed += share * (those.closed - chosen.closed);
        }
        g.innerStill = mixed.still;
        g.innerMoving = mixed.moving;
        g.openSeries = mixed.open;
        g.closedSeries = mixed.closed;
        // Chimneys are short, so steps of a quarter in the logarithm agree with ten times as many to 0.001 cent.
        const auto slices = [](const C& outer, const C& inner) {
            return std::max(
                1, static_cast<int>(std::ceil(std::abs(std::log(valueOf(inner).real() / valueOf(outer).real())) / 0.25)));
        };
        g.straightSlices = slices(g.radius, g.innerRadius);
        g.sinkSlices = slices(g.sinkRadius, g.radius);
        return g;
    }

private:
    struct Lengths
    {
        C still, moving, open, closed;
    };
    /// By one author's formulas. outer: what Keefe's whole length has in it of the outer end, besides the matching volume.
    static Lengths lengthsOf(HoleFormulas which, const HoleMeasures<C>& h, const C& outer, const C& matching)
    {
        using std::tanh;
        const C& b = h.innerRadius;
        const C d = b / h.boreRadius;
        const C d2 = d * d;
        const C d4 = d2 * d2;
        const C slender = h.chimney / b;
        switch (which) {
        case HoleFormulas::LefebvreScavone: {
            const C still = b * (0.822 - 0.095 * d - 1.566 * d2 + 2.138 * d2 * d - 1.640 * d4 + 0.502 * d4 * d);
            return {still, still * (1.0 - 4.56 * d + 6.55 * d2), b * d4 * (-0.35 + 0.06 * tanh(2.7 * slender)),
                    b * d4 * (-0.12 - 0.17 * tanh(2.4 * slender))};
        }
        case HoleFormulas::DubosNederveen: {
            const C shape = 0.940 + 0.540 * d + 0.285 * d2;
            const C deep = tanh(1.84 * slender);
            return {b * (0.82 - 0.193 * d - 1.09 * d2 + 1.27 * d2 * d - 0.71 * d4), C(0.0), -b * d4 / (1.78 * deep + shape),
                    -b * d4 / (1.78 / deep + shape)};
        }
        case HoleFormulas::Keefe: break;
        }
        const C deep = tanh(1.84 * slender);
        return {b * (1.40 - 0.58 * d2) - 0.8216 * outer - matching, C(0.0), -0.47 * b * d4 / (deep + 0.62 * d2 + 0.64 * d),
                -0.47 * b * d4 / (1.0 / deep + 0.62 * d2 + 0.64 * d)};
    }
};

/// Impedance of one hole's shunt arm. openShare: 0 closed by a finger, 1 open, between: that share of its outer area free.
template <class C> C holeShunt(const Medium<C>& medium, const HoleGeometry<C>& g, double openShare)
{
    const AirOf<C>& air = medium.air;
    const C k = medium.omega / air.speed;
    const bool closed = openShare <= 0.0;
    Matrix<C> pipe =
        boreSegment(medium, g.radius, g.innerRadius, closed && !g.sunk ? g.straight - g.finger : g.straight, g.straightSlices);
    if (g.sunk)
        pipe = pipe * boreSegment(medium, g.sinkRadius, g.radius, closed ? g.sinkDepth - g.finger : g.sinkDepth, g.sinkSlices);
    C shunt;
    if (closed) {
        shunt = pipe.a / pipe.c;
    } else {
        const double freeRatio = std::sqrt(openShare);
        const C free = g.sinkRadius * freeRatio;
        EndOf<C> end = flangedEnd(k * free);
        end.lengthOverRadius = end.lengthOverRadius * g.outerFactor + g.outerMore;
        C load = radiationImpedance(air, free, medium.omega, end);
        if (openShare < 1.0)
            load += medium.inertia * orificeSide(C(freeRatio)) / (std::numbers::pi * free);
        shunt = (pipe.a * load + pipe.b) / (pipe.c * load + pipe.d);
    }
    const C ka = k * g.boreRadius;
    const C inner = g.innerStill + g.innerMoving * ka * (0.17 + ka * (0.92 + ka * (0.16 - ka * 0.29)));
    return shunt + medium.inertia * inner / (std::numbers::pi * g.innerRadius * g.innerRadius);
}

/// Transmission matrix of a hole, or of several side by side; half a pair is one hole open and one closed.
template <class C> Matrix<C> sideHole(const Medium<C>& medium, const HoleGeometry<C>& g, double openShare)
{
    const bool onePart = g.count == 2.0 && openShare == 0.5;
    const C admittance =
        onePart ? 1.0 / holeShunt(medium, g, 1.0) + 1.0 / holeShunt(medium, g, 0.0) : g.count / holeShunt(medium, g, openShare);
    const C series = openShare <= 0.0 ? g.closedSeries : g.openSeries;
    const C half = medium.inertia * series * (0.5 * g.count) / (std::numbers::pi * g.innerRadius * g.innerRadius);
    return {1.0 + half * admittance, half * (2.0 + half * admittance), admittance, 1.0 + half * admittance};
}

} // namespace dowel::acoustics
