// SPDX-License-Identifier: GPL-3.0-or-later
// The pieces a tube is made of, as 2x2 transmission matrices between (pressure, flow) at their lower and upper end, time
// factor e^(+j omega t), plane or slowly flaring waves below the first cross mode (k a < 1.8).
//   losses          Zwikker and Kosten's exact form [ZK49]
//   cone, flare     the lossy horn equation by fourth-order Magnus steps [BCOR09]; exact on a cylinder, determinant 1
//   open end        Norris and Sheng 1989 / Dalmont, Nederveen and Joly 2001 [DNJ01] (from memory)
//   side hole       Lefebvre and Scavone 2012 [LS12] (from memory)
// Keys stand in docs/sources.md. Not modelled here: neighbouring holes heard from outside, bends, jets.
#pragma once

#include "core/acoustics/air.h"
#include "core/acoustics/dual.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace dowel::acoustics {

template <class C> struct Matrix
{
    C a{1.0};
    C b{0.0};
    C c{0.0};
    C d{1.0};
    friend Matrix operator*(const Matrix& m, const Matrix& n)
    {
        return {m.a * n.a + m.b * n.c, m.a * n.b + m.b * n.d, m.c * n.a + m.d * n.c, m.c * n.b + m.d * n.d};
    }
};

/// Pressure and flow at a section, up to a common factor.
template <class C> struct Wave
{
    C p{0.0};
    C u{1.0};
};

template <class C> Wave<C> operator*(const Matrix<C>& m, const Wave<C>& w)
{
    return {m.a * w.p + m.b * w.u, m.c * w.p + m.d * w.u};
}

/// J1(x)/J0(x) for x = r e^(-j pi/4), r > 0: continued fraction (Abramowitz and Stegun 9.1.73) for small r, Hankel's
/// expansion (9.2.5 ff.) for large. Relative error below 1e-11.
[[nodiscard]] Complex besselRatio(const Complex& x);

/// F(x) = 2 J1(x) / (x J0(x)) of Zwikker and Kosten.
inline Complex lossFunction(const Complex& x)
{
    return 2.0 * besselRatio(x) / x;
}
template <std::size_t N> Dual<N> lossFunction(const Dual<N>& x)
{
    // From J0' = -J1 and J1' = J0 - J1/x: (J1/J0)' = 1 - R/x + R^2.
    const Complex ratio = besselRatio(x.v);
    const Complex slope = 1.0 - ratio / x.v + ratio * ratio;
    return x.chained(2.0 * ratio / x.v, 2.0 * (slope - ratio / x.v) / x.v);
}

/// Air at one frequency, with everything that a line needs and that does not depend on its radius.
template <class C> struct Medium
{
    AirOf<C> air;
    C omega;
    C lossFactor; ///< 1 for a smooth wall
    C inertia;    ///< j omega rho
    C stiffness;  ///< j omega / (rho c^2)
    C viscous;    ///< e^(-j pi/4) sqrt(omega rho / mu), per metre of radius
    C thermal;    ///< the same for heat

    static Medium at(const AirOf<C>& air, const C& omega, const C& lossFactor)
    {
        using std::sqrt;
        Medium m{air, omega, lossFactor, {}, {}, {}, {}};
        const C jw = C(Complex(0.0, 1.0)) * omega;
        m.inertia = jw * air.density;
        m.stiffness = jw / (air.density * air.speed * air.speed);
        m.viscous = C(std::polar(1.0, -std::numbers::pi / 4.0)) * sqrt(omega * air.density / air.viscosity);
        m.thermal = m.viscous * sqrt(air.prandtl);
        return m;
    }
};

/// Series impedance and shunt admittance per length of a tube of one radius.
template <class C> struct LineConstants
{
    C z; ///< Pa s / m^4
    C y; ///< m^2 / (Pa s) per metre
};

/// radius_m > 0.  Source: [ZK49]; quoted in acoustics.md.
template <class C> LineConstants<C> lineConstants(const Medium<C>& m, const C& radius_m)
{
    const C fv = m.lossFactor * lossFunction(radius_m * m.viscous);
    const C ft = m.lossFactor * lossFunction(radius_m * m.thermal);
    const C area = C(std::numbers::pi) * radius_m * radius_m;
    return {m.inertia / (area * (C(1.0) - fv)), m.stiffness * area * (C(1.0) + C(AirOf<C>::gamma - 1.0) * ft)};
}

/// exp of the traceless matrix ((alpha, beta), (gamma, -alpha)).
template <class C> Matrix<C> exponential(const C& alpha, const C& beta, const C& gamma)
{
    using std::exp;
    using std::sqrt;
    const C square = alpha * alpha + beta * gamma;
    C cosh;
    C sinhOverS;
    constexpr double shortStep = 0.25; // |s|^2 below which seven terms of either series leave less than 1e-16
    if (std::norm(valueOf(square)) < shortStep * shortStep) {
        cosh = C(1.0 / 479001600.0) * square + C(1.0 / 3628800.0);
        sinhOverS = C(1.0 / 6227020800.0) * square + C(1.0 / 39916800.0);
        for (const auto& [even, odd] : {std::pair{1.0 / 40320.0, 1.0 / 362880.0},
                                        {1.0 / 720.0, 1.0 / 5040.0},
                                        {1.0 / 24.0, 1.0 / 120.0},
                                        {0.5, 1.0 / 6.0},
                                        {1.0, 1.0}}) {
            cosh = cosh * square + C(even);
            sinhOverS = sinhOverS * square + C(odd);
        }
    } else {
        const C s = sqrt(square);
        const C up = exp(s);
        const C down = C(1.0) / up;
        cosh = (up + down) * C(0.5);
        sinhOverS = (up - down) * C(0.5) / s;
    }
    const C turn = sinhOverS * alpha;
    return {cosh + turn, sinhOverS * beta, sinhOverS * gamma, cosh - turn};
}

/// Logarithm of the radii's ratio below which a stretch is cut into even steps.
inline constexpr double mildTaper = 0.3;

/// A stretch of bore with straight walls, from radius low_m (footwards) to high_m (mouthwards), length_m > 0.
/// slices >= 1 Magnus steps; a cylinder needs one and is exact, slicesFor() tells how many a taper needs.
template <class C>
Matrix<C> boreSegment(const Medium<C>& medium, const C& low_m, const C& high_m, const C& length_m, int slices)
{
    const double gauss = std::sqrt(3.0) / 6.0;
    // Steps grow with the radius, so that a cone near its tip gets its share of them; a mild taper needs no such care.
    const double growth = std::log(valueOf(high_m).real() / valueOf(low_m).real());
    const auto placeOf = [&](int i) {
        const double even = static_cast<double>(i) / slices;
        return std::abs(growth) < mildTaper ? even : std::expm1(growth * even) / std::expm1(growth);
    };
    Matrix<C> total;
    for (int i = 0; i < slices; ++i) {
        const double from = placeOf(i);
        const double width = placeOf(i + 1) - from;
        const C h = length_m * C(width);
        const C half = h * C(0.5);
        const C twisting = C(-std::sqrt(3.0) / 12.0) * h * h;
        const auto radiusAt = [&](double share) { return low_m + (high_m - low_m) * C(from + share * width); };
        const auto one = lineConstants(medium, radiusAt(0.5 - gauss));
        const auto two = lineConstants(medium, radiusAt(0.5 + gauss));
        const C twist = twisting * (one.z * two.y - two.z * one.y);
        const Matrix<C> step = exponential(twist, half * (one.z + two.z), half * (one.y + two.y));
        total = i == 0 ? step : step * total;
    }
    return total;
}

/// How many Magnus steps a straight-walled stretch gets: steps of at most 10 mm and 8 % change of radius.
[[nodiscard]] inline int slicesFor(double low_m, double high_m, double length_m)
{
    constexpr double longestStep_m = 0.010;
    constexpr double largestChange = 0.08;
    const double growth = std::abs(std::log(high_m / low_m));
    // The longest step stands at the wide end.
    const double crowding = growth < mildTaper ? 1.0 : growth / -std::expm1(-growth);
    const double byLength = length_m / longestStep_m * crowding;
    return std::max(1, static_cast<int>(std::ceil(std::max(byLength, growth / largestChange))));
}

/// Shares of the radius by which an end is longer, and what it reflects.
template <class C> struct EndOf
{
    C lengthOverRadius;
    C reflection; ///< modulus of the pressure reflection
};

/// Unflanged end, ka < 3.5.  Source: fits in [DNJ01] (from memory).
template <class C> EndOf<C> unflangedEnd(const C& ka)
{
    using std::sin;
    const C k2 = ka * ka;
    const C s = sin(C(2.0) * ka);
    return {C(0.6133) * (C(1.0) + C(0.044) * k2) / (C(1.0) + C(0.19) * k2) - C(0.02) * s * s,
            (C(1.0) + C(0.2) * ka - C(0.084) * k2) / (C(1.0) + C(0.2) * ka + C(0.416) * k2)};
}

/// End in an infinite plane, ka < 3.5.  Source: fits in [DNJ01], after [NS89] (from memory).
template <class C> EndOf<C> flangedEnd(const C& ka)
{
    const C x = C(0.77) * ka;
    return {C(0.8216) / (C(1.0) + x * x / (C(1.0) + x)),
            (C(1.0) + C(0.323) * ka - C(0.077) * ka * ka) / (C(1.0) + C(0.323) * ka + C(0.923) * ka * ka)};
}

/// Tube end with a wall of finite thickness, inner over outer radius between 0 (plane) and 1 (no wall).
/// Source: [DNJ01] (from memory).
template <class C> EndOf<C> walledEnd(const C& ka, const C& innerOverOuter)
{
    const EndOf<C> none = unflangedEnd(ka);
    const EndOf<C> plane = flangedEnd(ka);
    const C q = innerOverOuter;
    const C q5 = q * q * q * q * q;
    return {plane.lengthOverRadius + q * (none.lengthOverRadius - plane.lengthOverRadius) + C(0.057) * q * (C(1.0) - q5),
            none.reflection};
}

/// What an end of given radius loads a tube with; Pa s / m^3.
template <class C> C radiationImpedance(const AirOf<C>& air, const C& radius_m, const C& omega, const EndOf<C>& end)
{
    using std::exp;
    const C k = omega / air.speed;
    const C reflected = -end.reflection * exp(C(Complex(0.0, -2.0)) * k * end.lengthOverRadius * radius_m);
    const C characteristic = air.density * air.speed / (C(std::numbers::pi) * radius_m * radius_m);
    return characteristic * (C(1.0) + reflected) / (C(1.0) - reflected);
}

/// Measures of one side hole, all in metres; innerRadius is the undercut's edge at the bore.
template <class C> struct HoleMeasures
{
    C boreRadius;
    C radius;
    C innerRadius;
    C chimney;
    C outerEndFactor; ///< on the outer end correction, 1 as published
};

/// Transmission matrix of a side hole, T circuit with half the series impedance on each side. A finger on a closed hole
/// is a rigid plug flush with the outside.  Source: [LS12] for inner and series lengths, [NJD98] for the matching
/// volume, outer end on a round tube after [DNJ01] (all from memory).  Valid for radius <= boreRadius, k a < 1.
template <class C>
Matrix<C> sideHole(const Medium<C>& medium, const HoleMeasures<C>& h, bool closed)
{
    using std::pow;
    using std::tanh;
    const AirOf<C>& air = medium.air;
    const C& omega = medium.omega;
    const C k = omega / air.speed;
    const C ka = k * h.boreRadius;
    const C delta = h.innerRadius / h.boreRadius;
    const C d2 = delta * delta;
    const C d3 = d2 * delta;
    const C d4 = d2 * d2;
    const C area = C(std::numbers::pi) * h.innerRadius * h.innerRadius;

    const C matching = h.innerRadius * delta / C(8.0) * (C(1.0) + C(0.207) * d3);
    const C depth = h.chimney + matching;
    const C series_m = (closed ? d4 * (C(-0.12) - C(0.17) * tanh(C(2.4) * h.chimney / h.innerRadius))
                               : d4 * (C(-0.35) + C(0.06) * tanh(C(2.7) * h.chimney / h.innerRadius))) *
                       h.innerRadius;
    const C still = C(0.822) - C(0.095) * delta - C(1.566) * d2 + C(2.138) * d3 - C(1.640) * d4 + C(0.502) * d4 * delta;
    const C moving = C(1.0) + (C(1.0) - C(4.56) * delta + C(6.55) * d2) *
                                  (C(0.17) * ka + C(0.92) * ka * ka + C(0.16) * ka * ka * ka - C(0.29) * ka * ka * ka * ka);
    const C inner_m = h.innerRadius * still * moving;

    const double outerValue = valueOf(h.radius).real();
    const double innerValue = valueOf(h.innerRadius).real();
    // Chimneys are short, so two steps of a frustum agree with twenty to better than 0.001 cent.
    const int slices = std::max(1, static_cast<int>(std::ceil(std::log(innerValue / outerValue) / 0.25)));
    const Matrix<C> pipe = boreSegment(medium, h.radius, h.innerRadius, depth, slices);
    C shunt;
    if (closed) {
        shunt = pipe.a / pipe.c;
    } else {
        EndOf<C> end = flangedEnd(k * h.radius);
        // On a tube the wall curves away, and the end is shorter than in a plane.
        const C curved = (C(0.822) - C(0.47) * pow(h.radius / (h.boreRadius + h.chimney), 0.8)) / C(0.822);
        end.lengthOverRadius *= curved * h.outerEndFactor;
        const C load = radiationImpedance(air, h.radius, omega, end);
        shunt = (pipe.a * load + pipe.b) / (pipe.c * load + pipe.d);
    }
    shunt += medium.inertia * inner_m / area;
    const C half = medium.inertia * series_m / area * C(0.5);
    const C admittance = C(1.0) / shunt;
    return {C(1.0) + half * admittance, half * (C(2.0) + half * admittance), admittance, C(1.0) + half * admittance};
}

} // namespace dowel::acoustics
