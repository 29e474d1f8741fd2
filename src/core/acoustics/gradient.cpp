// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/gradient.h"

#include "core/base/ratio.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel::acoustics {

namespace {

using StretchDual = Dual<StretchLocals::count>;
using HoleDual = Dual<HoleLocals::count>;
using EndDual = Dual<5>;                                        // radius, kelvin, vapour, carbon dioxide, omega
constexpr std::size_t mouthLocals = 8 + excitationMeasures + 1; // see mouthAt
using MouthDual = Dual<mouthLocals>;

/// Each element's matrix with its local derivatives, and the wave below it.
struct Climb
{
    std::vector<Matrix<StretchDual>> stretches;
    std::vector<Matrix<HoleDual>> holes;
    std::vector<Wave<Complex>> below;
    Wave<EndDual> foot;
};

template <class D> Medium<D> mediumWith(const Chain& chain, double kelvin, double omega, std::size_t kelvinAt)
{
    const Calibration& c = chain.calibration;
    const AirState<D> state{D::variable(kelvin, kelvinAt), D::variable(c.vapour, kelvinAt + 1),
                            D::variable(c.carbonDioxide, kelvinAt + 2)};
    return Medium<D>::at(AirOf<D>::at(state), D::variable(omega, kelvinAt + 3), D::variable(chain.loss, kelvinAt + 4));
}

Climb climbed(const Chain& chain, const HoleDuals& holes, double omega, std::span<const double> shares)
{
    const Calibration& c = chain.calibration;
    const std::size_t n = chain.elements.size();
    Climb climb{std::vector<Matrix<StretchDual>>(n), std::vector<Matrix<HoleDual>>(n), std::vector<Wave<Complex>>(n + 1), {}};
    const AirState<EndDual> footAir{EndDual::variable(chain.footKelvin, 1), EndDual::variable(c.vapour, 2),
                                    EndDual::variable(c.carbonDioxide, 3)};
    climb.foot =
        footWave(chain, AirOf<EndDual>::at(footAir), EndDual::variable(chain.foot.radius_m, 0), EndDual::variable(omega, 4));
    climb.below[0] = {climb.foot.p.v, climb.foot.u.v};
    std::vector<Medium<StretchDual>> stretchMedia;
    std::vector<Medium<HoleDual>> holeMedia;
    for (const double kelvin : chain.kelvins) {
        stretchMedia.push_back(mediumWith<StretchDual>(chain, kelvin, omega, StretchLocals::kelvin));
        holeMedia.push_back(mediumWith<HoleDual>(chain, kelvin, omega, HoleLocals::kelvin));
    }
    for (std::size_t i = 0; i < n; ++i) {
        const Element& e = chain.elements[i];
        const auto step = [&](const auto& m) {
            const Wave<Complex>& w = climb.below[i];
            climb.below[i + 1] = {m.a.v * w.p + m.b.v * w.u, m.c.v * w.p + m.d.v * w.u};
        };
        if (e.isHole) {
            climb.holes[i] = sideHole(holeMedia[e.medium], holes[e.hole], shares[e.hole]);
            step(climb.holes[i]);
        } else {
            const auto at = [&](std::size_t k) {
                return StretchDual::variable(e.local[k], k);
            };
            climb.stretches[i] =
                stretchMatrix<StretchDual>(e, stretchMedia[e.medium],
                                           {at(StretchLocals::low), at(StretchLocals::high), at(StretchLocals::length),
                                            at(StretchLocals::rise), at(StretchLocals::kelvin)});
            step(climb.stretches[i]);
        }
    }
    return climb;
}

/// Locals: 0 kelvin, 1 vapour, 2 carbon dioxide, 3 omega, 4 loss, 5 mouth, 6 its slope, 7 top radius, measures, tube.
MouthDual mouthAt(const Chain& chain, double omega, const Complex& tube)
{
    const Calibration& c = chain.calibration;
    MouthInputs<MouthDual> in{
        {MouthDual::variable(chain.topKelvin, 0), MouthDual::variable(c.vapour, 1), MouthDual::variable(c.carbonDioxide, 2)},
        MouthDual::variable(omega, 3),
        MouthDual::variable(chain.loss, 4),
        MouthDual::variable(c.mouthLog, 5),
        MouthDual::variable(c.mouthSlope, 6),
        MouthDual::variable(chain.top.radius_m, 7),
        {},
        {}};
    for (std::size_t k = 0; k < excitationMeasures; ++k)
        in.measure[k] = MouthDual::variable(chain.shape.excitation[k], 8 + k);
    in.tube = MouthDual(tube);
    in.tube.d[mouthLocals - 1] = 1.0;
    return totalAtMouth(chain.shape, in);
}

/// What the openings hear of each other outside, at strength 1.
Chain::Heard heardOutside(const Chain& chain, const Climb& climb, double omega, std::span<const double> shares)
{
    std::vector<Complex> flows{chain.shape.footClosed ? Complex(0.0) : climb.below[0].u};
    for (std::size_t i = 0; i < chain.elements.size(); ++i)
        if (const Element& e = chain.elements[i]; e.isHole)
            flows.push_back(shares[e.hole] > 0.0 ? climb.below[i + 1].u - climb.below[i].u : Complex(0.0));
    return chain.heardOutsideInFull(omega, flows);
}

/// Derivatives of the total by the wave that enters an element's upper end.
struct Row
{
    Complex p;
    Complex u;
};

Row rowAtTop(const MouthDual& total, const Wave<Complex>& top)
{
    const Complex byTube = total.d[mouthLocals - 1];
    return {byTube / top.u, -byTube * top.p / (top.u * top.u)};
}

/// What the tube's impedance, as heardThrough() has it, moves with: the wave at its top and what is heard outside.
struct TubeSlopes
{
    Row byTop;
    Complex byPairs;
};

TubeSlopes tubeSlopes(Shape::Mouth mouth, const Wave<Complex>& top, const Complex& pairs, const Complex& tube)
{
    const Complex& p = top.p;
    const Complex& u = top.u;
    if (mouth == Shape::Mouth::ClosedTop) {
        const Complex byAdmittance = -tube * tube;
        return {{byAdmittance * (-u / (p * p) + 2.0 * pairs / (p * p * p)), byAdmittance / p}, -byAdmittance / (p * p)};
    }
    return {{1.0 / u, -p / (u * u) - 2.0 * pairs / (u * u * u)}, 1.0 / (u * u)};
}

} // namespace

HoleDuals::HoleDuals(const Chain& chain) : m_holes(chain.shape.holes.size())
{
    for (const Element& e : chain.elements) {
        if (!e.isHole)
            continue;
        const auto at = [&](std::size_t k) {
            return HoleDual::variable(e.local[k], k);
        };
        const HoleMeasures<HoleDual> measures{at(HoleLocals::bore),
                                              at(HoleLocals::radius),
                                              at(HoleLocals::inner),
                                              at(HoleLocals::chimney),
                                              at(HoleLocals::sink),
                                              HoleDual::variable(std::exp(chain.calibration.holeEndLog), HoleLocals::outerEnd),
                                              {HoleDual::variable(chain.calibration.holeSpread[0], HoleLocals::spread),
                                               HoleDual::variable(chain.calibration.holeSpread[1], HoleLocals::spread + 1)}};
        m_holes[e.hole] = HoleGeometry<HoleDual>::of(measures, chain.shape.holes[e.hole].fittings, chain.formulas.holes);
    }
}

namespace {

/// From the whole's reactance and what it changes by with frequency and each parameter.
NoteAnswer answerOf(double hertz, Complex whole, Complex byOmega, const std::vector<Complex>& slope)
{
    const double omega = 2.0 * std::numbers::pi * hertz;
    NoteAnswer answer;
    answer.hertz = hertz;
    answer.quality = omega * byOmega.imag() / (2.0 * whole.real());
    answer.height = 1.0 / whole.real();
    answer.centsPer.reserve(slope.size());
    for (const Complex& by : slope)
        answer.centsPer.push_back(-centsPerNeper * by.imag() / (byOmega.imag() * omega));
    return answer;
}

/// dW / d parameter of the whole W, and by frequency and loss, as it is gathered from the mouth down.
struct Slopes
{
    const Chain* chain;
    std::vector<Complex> by;
    Complex byOmega;
    Complex byLoss;

    void pass(const std::vector<Link>& links, const Complex& slope)
    {
        for (const Link& l : links)
            by[l.parameter] += slope * l.slope;
    }
    void addHeard(const Complex& byHeard, const Chain::Heard& heard)
    {
        by[ParameterLayout::kelvin] += byHeard * heard.byAir[0];
        by[ParameterLayout::vapour] += byHeard * heard.byAir[1];
        by[ParameterLayout::carbonDioxide] += byHeard * heard.byAir[2];
        by[ParameterLayout::footLength] += byHeard * heard.byPlace[0];
        byOmega += byHeard * heard.byOmega;
    }
    void addMouth(const MouthDual& total)
    {
        pass(chain->topKelvinLinks, total.d[0]);
        by[ParameterLayout::vapour] += total.d[1];
        by[ParameterLayout::carbonDioxide] += total.d[2];
        byOmega += total.d[3];
        byLoss += total.d[4];
        by[ParameterLayout::mouthLog] += total.d[5];
        by[ParameterLayout::mouthSlope] += total.d[6];
        pass(chain->top.radius, total.d[7]);
        for (std::size_t k = 0; k < excitationMeasures; ++k)
            by[ParameterLayout::excitation(k)] += total.d[8 + k];
    }
    /// An element, seen through the row at its upper end; gives the row at its lower end.
    template <typename Matrix>
    Row addElement(const Element& e, const Matrix& m, std::size_t kelvinAt, const Row& row, const Wave<Complex>& below)
    {
        const auto seen = [&](std::size_t k) {
            return row.p * (m.a.d[k] * below.p + m.b.d[k] * below.u) + row.u * (m.c.d[k] * below.p + m.d.d[k] * below.u);
        };
        for (const Link& l : e.links)
            by[l.parameter] += seen(l.local) * l.slope;
        by[ParameterLayout::vapour] += seen(kelvinAt + 1);
        by[ParameterLayout::carbonDioxide] += seen(kelvinAt + 2);
        byOmega += seen(kelvinAt + 3);
        byLoss += seen(kelvinAt + 4);
        if (e.isHole) {
            by[ParameterLayout::holeEndLog] += seen(kelvinAt + 5) * std::exp(chain->calibration.holeEndLog);
            by[ParameterLayout::holeSpread(0)] += seen(kelvinAt + 6);
            by[ParameterLayout::holeSpread(1)] += seen(kelvinAt + 7);
        }
        return {row.p * m.a.v + row.u * m.c.v, row.p * m.b.v + row.u * m.d.v};
    }
    void addFoot(const Climb& climb, const Row& row)
    {
        const auto seen = [&](std::size_t k) {
            return row.p * climb.foot.p.d[k] + row.u * climb.foot.u.d[k];
        };
        pass(chain->foot.radius, seen(0));
        pass(chain->footKelvinLinks, seen(1));
        by[ParameterLayout::vapour] += seen(2);
        by[ParameterLayout::carbonDioxide] += seen(3);
        byOmega += seen(4);
        by[ParameterLayout::wallLossLog] += byLoss * chain->loss;
    }
};

} // namespace

NoteAnswer answerAt(const Chain& chain, const HoleDuals& holes, double hertz, std::span<const double> shares)
{
    const double omega = 2.0 * std::numbers::pi * hertz;
    const std::size_t n = chain.elements.size();
    const Climb climb = climbed(chain, holes, omega, shares);
    const Wave<Complex>& top = climb.below[n];
    const double strength = chain.calibration.neighbours;
    const Chain::Heard heard = heardOutside(chain, climb, omega, shares);
    const Complex tube = heardThrough(chain.shape.mouth, top, strength * heard.pairs);
    const MouthDual total = mouthAt(chain, omega, tube);

    Slopes slopes{&chain, std::vector<Complex>(chain.layout.size()), 0.0, 0.0};
    const Complex byTube = total.d[mouthLocals - 1];
    const TubeSlopes tubeBy = tubeSlopes(chain.shape.mouth, top, strength * heard.pairs, tube);
    const Complex byHeard = byTube * tubeBy.byPairs * strength; // dW / d (sum of the pairs)
    slopes.by[ParameterLayout::neighbours] = byTube * tubeBy.byPairs * heard.pairs;
    slopes.addHeard(byHeard, heard);
    slopes.addMouth(total);

    // Downwards: dW/d(wave) is the row that each element's derivative is seen through. A hole's outward flow is what comes
    // from above less what goes on below.
    Row row{byTube * tubeBy.byTop.p, byTube * tubeBy.byTop.u};
    std::size_t opening = heard.byFlow.size();
    for (std::size_t i = n; i-- > 0;) {
        const Element& e = chain.elements[i];
        if (!e.isHole) {
            row = slopes.addElement(e, climb.stretches[i], StretchLocals::kelvin, row, climb.below[i]);
            continue;
        }
        --opening;
        const bool open = shares[e.hole] > 0.0;
        const Complex byFlow = open ? byHeard * heard.byFlow[opening] : Complex(0.0);
        row.u += byFlow;
        if (open)
            slopes.by[chain.layout.holeAt(e.hole)] += byHeard * heard.byPlace[opening];
        row = slopes.addElement(e, climb.holes[i], HoleLocals::kelvin, row, climb.below[i]);
        row.u -= byFlow;
    }
    slopes.addFoot(climb, row);
    return answerOf(hertz, total.v, slopes.byOmega, slopes.by);
}

std::vector<BoreWeight> boreWeightsAt(const Chain& chain, double hertz, std::span<const double> shares, double step_m)
{
    using L = StretchLocals;
    const double omega = 2.0 * std::numbers::pi * hertz;
    const std::size_t n = chain.elements.size();
    const HoleDuals holes(chain);
    const Climb climb = climbed(chain, holes, omega, shares);
    const MouthDual total = mouthAt(chain, omega, climb.below[n].p / climb.below[n].u);

    // The slope by frequency comes with the gradient; its own row is needed again on the way down.
    const NoteAnswer answer = answerAt(chain, holes, hertz, shares);
    const double bySpeed = 2.0 * answer.quality * total.v.real(); // omega dX/domega
    std::vector<BoreWeight> weights;
    using RadiusDual = Dual<1>;
    Row row = rowAtTop(total, climb.below[n]);
    for (std::size_t i = n; i-- > 0;) {
        const Element& e = chain.elements[i];
        if (e.isHole) {
            const auto& m = climb.holes[i];
            row = {row.p * m.a.v + row.u * m.c.v, row.p * m.b.v + row.u * m.d.v};
            continue;
        }
        const auto& m = climb.stretches[i];
        const Row below{row.p * m.a.v + row.u * m.c.v, row.p * m.b.v + row.u * m.d.v};
        const double length = e.local[L::length];
        const Calibration& c = chain.calibration;
        const Medium<Complex> medium =
            Medium<Complex>::at(AirOf<Complex>::at({e.local[L::kelvin], c.vapour, c.carbonDioxide}), omega, chain.loss);
        const Medium<RadiusDual> dualMedium =
            Medium<RadiusDual>::at(AirOf<RadiusDual>::at({e.local[L::kelvin], c.vapour, c.carbonDioxide}), omega, chain.loss);
        const int steps = std::max(1, static_cast<int>(std::ceil(length / step_m)));
        for (int k = 0; k < steps && length > 0.0; ++k) { // from its upper end downwards
            const double share = 1.0 - (k + 0.5) / steps; // from the lower end
            const double radius = e.local[L::low] + (e.local[L::high] - e.local[L::low]) * share;
            // The row at a place inside is the row below the element taken back up through what lies under it, and the
            // wave there is the wave below it brought up: both by the lower part's matrix, whose determinant is 1.
            const double under = length * share;
            const double warmer = e.local[L::rise] / e.local[L::kelvin];
            // The lower part's own middle lies off the element's: its medium is shifted by as much.
            const Calibration& cal = chain.calibration;
            const double middle = e.local[L::kelvin] + e.local[L::rise] * (0.5 * share - 0.5);
            const Medium<Complex> lower =
                e.local[L::rise] == 0.0
                    ? medium
                    : Medium<Complex>::at(AirOf<Complex>::at({middle, cal.vapour, cal.carbonDioxide}), omega, chain.loss);
            const Matrix<Complex> part =
                boreSegment(lower, Complex(e.local[L::low]), Complex(radius), Complex(under),
                            slicesFor(e.local[L::low], radius, under), e.surface, Complex(warmer * share));
            const Wave<Complex> here = part * climb.below[i];
            const Row there{below.p * part.d - below.u * part.c, below.u * part.a - below.p * part.b};
            const auto line =
                lineConstants(dualMedium, RadiusDual::variable(radius, 0), e.surface, RadiusDual(warmer * (share - 0.5)));
            // d(p, u)/ds = ((0, z), (y, 0)) (p, u) upwards.
            const Complex by = there.p * line.z.d[0] * here.u + there.u * line.y.d[0] * here.p;
            weights.push_back({e.at_m + length * (k + 0.5) / steps, -centsPerNeper * by.imag() / bySpeed * 0.5});
        }
        row = below;
    }
    return weights;
}

} // namespace dowel::acoustics
