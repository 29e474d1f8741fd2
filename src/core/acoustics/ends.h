// SPDX-License-Identifier: GPL-3.0-or-later
// Where sound leaves a tube: the open end with no wall, some wall or a plane round it, something that hovers before it,
// and an orifice in it. Analytic in all measures, so that duals pass through.
#pragma once

#include "core/acoustics/air.h"
#include "core/acoustics/dual.h"

#include <array>

namespace dowel::acoustics {

/// By how many radii an end is longer, and what it reflects.
template <class C> struct EndOf
{
    C lengthOverRadius;
    C reflection; ///< modulus of the pressure reflection
};

/// Horner's rule, constant term first.
template <class C, std::size_t N> C polynomial(const std::array<double, N>& c, const C& x)
{
    C sum(c[N - 1]);
    for (std::size_t i = N - 1; i-- > 0;)
        sum = sum * x + c[i];
    return sum;
}

/// Unflanged end, ka <= 3.2. Own polynomials through Levine and Schwinger's integral [LS48], least squares over that
/// range with both low-frequency limits held: within 0.0003 radii and 0.0003 of it (test_open_end).
template <class C> EndOf<C> unflangedEnd(const C& ka)
{
    using std::exp;
    constexpr std::array<double, 7> length{0.612701,      -0.0034744416, -0.169246254,  0.130645032,
                                           -0.0537650869, 0.0115086621,  -0.00101471501};
    constexpr std::array<double, 7> decay{0.5,           -0.0761901721, -0.17076156,   0.169537878,
                                          -0.0726858495, 0.0152856742,  -0.00127740456};
    return {polynomial(length, ka), exp(-ka * ka * polynomial(decay, ka))};
}

/// End in an infinite plane, ka < 3.5.  Source: fits in [DNJ01], after [NS89] (from memory).
template <class C> EndOf<C> flangedEnd(const C& ka)
{
    const C x = 0.77 * ka;
    return {0.8216 / (1.0 + x * x / (1.0 + x)), (1.0 + 0.323 * ka - 0.077 * ka * ka) / (1.0 + 0.323 * ka + 0.923 * ka * ka)};
}

/// Tube end with a wall of finite thickness, inner over outer radius between 0 (plane) and 1 (no wall).
/// Source: [DNJ01] (from memory).
template <class C> EndOf<C> walledEnd(const C& ka, const C& innerOverOuter)
{
    const EndOf<C> none = unflangedEnd(ka);
    const EndOf<C> plane = flangedEnd(ka);
    const C q = innerOverOuter;
    const C q5 = q * q * q * q * q;
    return {plane.lengthOverRadius + q * (none.lengthOverRadius - plane.lengthOverRadius) + 0.057 * q * (1.0 - q5),
            none.reflection};
}

/// What an end of given radius loads a tube with; Pa s / m^3.
template <class C> C radiationImpedance(const AirOf<C>& air, const C& radius_m, const C& omega, const EndOf<C>& end)
{
    using std::exp;
    const C k = omega / air.speed;
    const C reflected = -end.reflection * exp(Complex(0.0, -2.0) * k * end.lengthOverRadius * radius_m);
    const C characteristic = air.density * air.speed / (std::numbers::pi * radius_m * radius_m);
    return characteristic * (1.0 + reflected) / (1.0 - reflected);
}

/// By how many radii a disc (an open pad, a hovering finger) lengthens the end it stands before. All in metres: hole
/// radius, wall round the hole's rim, height of the disc over it, disc diameter.  Source: [DNJ01] (from memory).
template <class C> C discLength(const C& radius_m, const C& rim_m, double height_m, double disc_m)
{
    using std::pow;
    const C h = height_m / radius_m;
    const C w = rim_m / radius_m;
    return 1.0 / (3.5 * pow(h, 0.8) * pow(h + 3.0 * w, -0.4) + 30.0 * pow(C(height_m / disc_m), 2.6));
}

/// One side of an orifice's end correction in a tube, in orifice radii, orifice over tube radius q: Fok's function.
/// Source: [M73] after Fok 1941 (from memory).
template <class C> C orificeSide(const C& q)
{
    const C q3 = q * q * q;
    return (8.0 / (3.0 * std::numbers::pi)) * (1.0 - 1.4092 * q + 0.33818 * q3 + 0.06793 * q3 * q * q - 0.02287 * q3 * q3 +
                                               0.03015 * q3 * q3 * q - 0.01641 * q3 * q3 * q * q);
}

} // namespace dowel::acoustics
