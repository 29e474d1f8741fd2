// SPDX-License-Identifier: GPL-3.0-or-later
// The bore as 2x2 transmission matrices between (pressure, flow) at its lower and upper end, time factor e^(+j omega t),
// plane or slowly flaring waves below the first cross mode (k a < 1.8).
//   losses          Zwikker and Kosten's exact form [ZK49], with a factor for roughness and a wall admittance for pores
//   cone, flare     the lossy horn equation by fourth-order Magnus steps [BCOR09]; exact on a cylinder, determinant 1
//   abrupt step     series inertance after Kergomard and Garcia 1987 [KG87] (from memory)
// Keys stand in docs/sources.md. Not modelled: bends, cross modes, walls that vibrate.
#pragma once

#include "core/acoustics/air.h"
#include "core/acoustics/dual.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <type_traits>
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
/// Its derivative from its value: with R = J1/J0 = x F / 2, from J0' = -J1 and J1' = J0 - J1/x, R' = 1 - R/x + R^2.
inline Complex lossSlope(const Complex& x, const Complex& value)
{
    const Complex ratio = 0.5 * x * value;
    return 2.0 * (1.0 - value + ratio * ratio) / x;
}
template <std::size_t N> Dual<N> lossFunction(const Dual<N>& x)
{
    const Complex value = lossFunction(x.v);
    return x.chained(value, lossSlope(x.v, value));
}

/// Hankel's expansions are sum_k a_k(nu) (j/x)^k with real a_k; so is the quotient of the one for order 1 by that for
/// order 0, whose coefficients follow by long division.
inline constexpr std::size_t hankelTerms = 15;
inline constexpr std::array<double, hankelTerms> hankelQuotient = [] {
    std::array<double, hankelTerms> one{1.0};
    std::array<double, hankelTerms> zero{1.0};
    for (std::size_t k = 1; k < hankelTerms; ++k) {
        const double odd = 2.0 * static_cast<double>(k) - 1.0;
        one[k] = one[k - 1] * (4.0 - odd * odd) / (8.0 * static_cast<double>(k));
        zero[k] = zero[k - 1] * (0.0 - odd * odd) / (8.0 * static_cast<double>(k));
    }
    std::array<double, hankelTerms> quotient{};
    for (std::size_t k = 0; k < hankelTerms; ++k) {
        quotient[k] = one[k];
        for (std::size_t i = 0; i < k; ++i)
            quotient[k] -= quotient[i] * zero[k - i];
    }
    return quotient;
}();

/// Zwikker and Kosten's F at one frequency for any radius: in wide tubes a power series in 1/radius whose coefficients
/// are worked out once. Relative error below 1e-11.
class LossSeries
{
public:
    LossSeries() = default;
    /// perMetre: x = perMetre * radius, on the line arg x = -pi/4.
    explicit LossSeries(const Complex& perMetre) : m_perMetre(perMetre), m_modulus(std::abs(perMetre))
    {
        const Complex step = Complex(0.0, 1.0) / perMetre;
        Complex power = Complex(0.0, -2.0) / perMetre;
        for (std::size_t k = 0; k < hankelTerms; ++k) {
            m_real[k] = hankelQuotient[k] * power.real();
            m_imag[k] = hankelQuotient[k] * power.imag();
            power *= step;
        }
    }
    [[nodiscard]] Complex at(double radius_m) const
    {
        const double x = m_modulus * radius_m;
        if (x < 20.0)
            return lossFunction(m_perMetre * radius_m);
        const double u = 1.0 / radius_m;
        double re = 0.0;
        double im = 0.0;
        for (std::size_t k = x > 60.0 ? 8 : hankelTerms; k-- > 0;) {
            re = re * u + m_real[k];
            im = im * u + m_imag[k];
        }
        return {re * u, im * u};
    }

private:
    Complex m_perMetre;
    double m_modulus = 0.0;
    std::array<double, hankelTerms> m_real{};
    std::array<double, hankelTerms> m_imag{};
};

/// What only plain numbers use to go faster; nothing for duals.
template <class C> struct MediumSeries
{
};
template <> struct MediumSeries<Complex>
{
    LossSeries viscous;
    LossSeries thermal;
};

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
    MediumSeries<C> series{};

    static Medium at(const AirOf<C>& air, const C& omega, const C& lossFactor)
    {
        using std::sqrt;
        Medium m{air, omega, lossFactor, {}, {}, {}, {}, {}};
        const C jw = Complex(0.0, 1.0) * omega;
        m.inertia = jw * air.density;
        m.stiffness = jw / (air.density * air.speed * air.speed);
        m.viscous = std::polar(1.0, -std::numbers::pi / 4.0) * sqrt(omega * air.density / air.viscosity);
        m.thermal = m.viscous * sqrt(air.prandtl);
        if constexpr (std::is_same_v<C, Complex>)
            m.series = {LossSeries(m.viscous), LossSeries(m.thermal)};
        return m;
    }
};

/// Series impedance and shunt admittance per length of a tube of one radius.
template <class C> struct LineConstants
{
    C z;       ///< Pa s / m^4
    C y;       ///< m^2 / (Pa s) per metre
    C viscous; ///< the loss functions in them, with the wall's factors
    C thermal;
};

/// What a wall does beyond a smooth and tight one.
struct Surface
{
    double roughness = 1.0; ///< on the loss functions
    double porosity = 0.0;  ///< real part of the wall's specific admittance, rho c / (p / v); 1e-3 is a leaky wood
};

/// radius_m > 0; warmer: by which share of its kelvin the air is warmer than the medium's.
/// Source: [ZK49]; pores as a locally reacting wall after Morse and Ingard [MI68] (from memory). Warmer air is thinner in
/// proportion, while rho c^2 stays; its boundary layers grow by the power 0.9 that K84's viscosity has near 20 degrees.
template <class C>
LineConstants<C> lineConstants(const Medium<C>& m, const C& radius_m, const Surface& surface = {}, const C& warmer = C(0.0))
{
    const C loss = m.lossFactor * surface.roughness;
    const C radius = radius_m * (1.0 - 0.9 * warmer);
    C fv;
    C ft;
    if constexpr (std::is_same_v<C, Complex>) {
        fv = loss * m.series.viscous.at(radius.real());
        ft = loss * m.series.thermal.at(radius.real());
    } else {
        fv = loss * lossFunction(radius * m.viscous);
        ft = loss * lossFunction(radius * m.thermal);
    }
    const C area = std::numbers::pi * radius_m * radius_m;
    C y = m.stiffness * area * (1.0 + (m.air.gamma - 1.0) * ft);
    if (surface.porosity > 0.0)
        y += (2.0 * std::numbers::pi * surface.porosity) * radius_m / (m.air.density * m.air.speed);
    return {m.inertia / (area * (1.0 - fv) * (1.0 + warmer)), y, fv, ft};
}

struct Hyperbolic
{
    Complex cosh;      ///< of s
    Complex sinhOverS; ///< sinh(s)/s
    Complex slope;     ///< derivative of sinh(s)/s by s^2
};

/// From s^2, in which all three are analytic. withSlope: else the slope is left at 0.
template <bool withSlope> Hyperbolic hyperbolic(const Complex& square)
{
    Hyperbolic h;
    constexpr double shortStep = 0.25; // |s|^2 below which seven terms of each series leave less than 1e-15
    if (std::norm(square) < shortStep * shortStep) {
        h.cosh = square / 479001600.0 + 1.0 / 3628800.0;
        h.sinhOverS = square / 6227020800.0 + 1.0 / 39916800.0;
        if (withSlope)
            h.slope = square * (6.0 / 6227020800.0) + 5.0 / 39916800.0;
        double order = 4.0;
        for (const auto& [even, odd] : {std::pair{1.0 / 40320.0, 1.0 / 362880.0},
                                        {1.0 / 720.0, 1.0 / 5040.0},
                                        {1.0 / 24.0, 1.0 / 120.0},
                                        {0.5, 1.0 / 6.0},
                                        {1.0, 1.0}}) {
            h.cosh = h.cosh * square + even;
            h.sinhOverS = h.sinhOverS * square + odd;
            if (withSlope && order > 0.0)
                h.slope = h.slope * square + order * odd;
            order -= 1.0;
        }
        return h;
    }
    const Complex s = std::sqrt(square);
    const Complex up = std::exp(s);
    const Complex down = 1.0 / up;
    h.cosh = (up + down) * 0.5;
    h.sinhOverS = (up - down) * 0.5 / s;
    if (withSlope)
        h.slope = 0.5 * (h.cosh - h.sinhOverS) / square;
    return h;
}

/// exp of the traceless matrix ((alpha, beta), (gamma, -alpha)), from what hyperbolic() gives of the square of its eigenvalues.
template <class C> Matrix<C> exponential(const C& alpha, const C& beta, const C& gamma, const C& cosh, const C& sinhOverS)
{
    const C turn = sinhOverS * alpha;
    return {cosh + turn, sinhOverS * beta, sinhOverS * gamma, cosh - turn};
}
template <class C> Matrix<C> exponential(const C& alpha, const C& beta, const C& gamma)
{
    constexpr bool plain = std::is_same_v<C, Complex>;
    const C square = alpha * alpha + beta * gamma;
    const Hyperbolic h = hyperbolic<!plain>(valueOf(square));
    C cosh;
    C sinhOverS;
    if constexpr (plain) {
        cosh = h.cosh;
        sinhOverS = h.sinhOverS;
    } else {
        cosh = square.chained(h.cosh, 0.5 * h.sinhOverS);
        sinhOverS = square.chained(h.sinhOverS, h.slope);
    }
    return exponential(alpha, beta, gamma, cosh, sinhOverS);
}

/// Logarithm of the radii's ratio below which a stretch is cut into even steps.
inline constexpr double mildTaper = 0.3;

/// A stretch of bore with straight walls, from radius low_m (footwards) to high_m (mouthwards), length_m > 0.
template <class C> struct StraightBore
{
    C low_m;
    C high_m;
    C length_m;
    int slices = 1; ///< Magnus steps; a cylinder of even air needs one and is exact, slicesFor() tells how many a taper needs
    Surface surface{};
    C warmerAbove{0.0}; ///< rise of temperature from lower to upper end over the medium's kelvin, which stand at its middle
};

/// One fourth-order step up such a stretch: the line at its two Gauss points, and the traceless matrix ((alpha, beta),
/// (gamma, -alpha)) whose exponential leads up it.
template <class C> struct MagnusStep
{
    double width; ///< of the whole length
    C length_m;
    std::array<double, 2> at; ///< the Gauss points, as shares of the whole length from its lower end
    std::array<LineConstants<C>, 2> line;
    C alpha;
    C beta;
    C gamma;
};

/// Hands out the steps of a stretch from its lower end upwards.
template <class C, class Take> void upTheSteps(const Medium<C>& medium, const StraightBore<C>& bore, const Take& take)
{
    const double gauss = std::sqrt(3.0) / 6.0;
    // Steps grow with the radius, so that a cone near its tip gets its share of them; a mild taper needs no such care.
    const double growth = std::log(valueOf(bore.high_m).real() / valueOf(bore.low_m).real());
    const auto placeOf = [&](int i) {
        const double even = static_cast<double>(i) / bore.slices;
        return std::abs(growth) < mildTaper ? even : std::expm1(growth * even) / std::expm1(growth);
    };
    for (int i = 0; i < bore.slices; ++i) {
        const double from = placeOf(i);
        const double width = placeOf(i + 1) - from;
        const C h = bore.length_m * width;
        const C half = h * 0.5;
        const C twisting = (-std::sqrt(3.0) / 12.0) * h * h;
        const std::array<double, 2> at{from + (0.5 - gauss) * width, from + (0.5 + gauss) * width};
        const auto lineAt = [&](double share) {
            return lineConstants(medium, C(bore.low_m + (bore.high_m - bore.low_m) * share), bore.surface,
                                 C(bore.warmerAbove * (share - 0.5)));
        };
        const LineConstants<C> one = lineAt(at[0]);
        const LineConstants<C> two = lineAt(at[1]);
        take(MagnusStep<C>{width,
                           h,
                           at,
                           {one, two},
                           twisting * (one.z * two.y - two.z * one.y),
                           half * (one.z + two.z),
                           half * (one.y + two.y)});
    }
}

/// The matrix of a whole stretch.
template <class C> Matrix<C> boreSegment(const Medium<C>& medium, const StraightBore<C>& bore)
{
    Matrix<C> total;
    bool first = true;
    upTheSteps(medium, bore, [&](const MagnusStep<C>& s) {
        const Matrix<C> step = exponential(s.alpha, s.beta, s.gamma);
        total = first ? step : step * total;
        first = false;
    });
    return total;
}
template <class C> Matrix<C> boreSegment(const Medium<C>& medium, const C& low_m, const C& high_m, const C& length_m, int slices,
                                         const Surface& surface = {}, const C& warmerAbove = C(0.0))
{
    return boreSegment(medium, StraightBore<C>{low_m, high_m, length_m, slices, surface, warmerAbove});
}

/// How many Magnus steps a straight-walled stretch gets: of at most 22 mm where it hardly tapers, of 9 mm where it does, and of
/// 10 % change of radius. Against steps of 9 mm that is 0.001 cents at most over the shipped examples.
[[nodiscard]] int slicesFor(double low_m, double high_m, double length_m);

/// How much of an abrupt step's inertance a change of radius over a length has: all where the length is 0, none (1e-5)
/// where the wall rises by less than one in twenty. The transition between is the project's own.
template <class C> C abruptness(const C& low_m, const C& high_m, const C& length_m)
{
    const C rise = high_m - low_m;
    const C rise4 = rise * rise * rise * rise;
    const C length4 = length_m * length_m * length_m * length_m;
    return rise4 / (rise4 + length4);
}
/// Slope below which abruptness() is left out.
inline constexpr double gentleSlope = 0.05;

/// Inertance of an abrupt step between two cylinders, kg/m^4.  Source: [KG87] (from memory), all ratios of radii.
template <class C> C stepInertance(const AirOf<C>& air, const C& narrow_m, const C& wide_m)
{
    const C q = narrow_m / wide_m;
    const C q3 = q * q * q;
    return air.density / narrow_m *
           (0.26164 - 0.353 * q + 0.0809 * q3 + 0.03816 * q3 * q - 0.12386 * q3 * q * q + 0.09616 * q3 * q3);
}

} // namespace dowel::acoustics
