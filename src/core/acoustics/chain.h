// SPDX-License-Identifier: GPL-3.0-or-later
// The tube as a chain of elements from the foot to the top. Beside the true wave a companion without resistances is
// carried along, whose phase can be counted element by element (oscillation theorem for chains of lossless lines and
// lumps): it tells between two frequencies whether a narrow resonance lies there that the true phase, which is known but
// for whole turns, might have run through unseen.
// Outside, open holes and the foot hear each other as points at their distance: with flows U_i out of them and mutual
// impedances Z_ij = strength j omega rho exp(-jkd)/(4 pi d), reciprocity gives the input impedance's change to first order
// as sum Z_ij U_i U_j / U^2 (mutual impedance of small pistons after Pritchard 1960, holes on a tube after Kergomard 1989 and
// Lefebvre, Scavone and Kergomard 2013, all from memory). Flows are taken at the bore; a hole at the back counts as one in
// front. Second order is a hundredth of that in a first register, a tenth near the lattice's cutoff, as much above it.
#pragma once

#include "core/acoustics/mouth.h"
#include "core/acoustics/shape.h"

#include <array>
#include <numbers>
#include <optional>
#include <span>
#include <vector>

namespace dowel::acoustics {

inline constexpr double turn = 2.0 * std::numbers::pi; ///< in radians

/// By how much a local measure moves with a parameter.
struct Link
{
    std::size_t local;
    std::size_t parameter;
    double slope;
};

/// Local measures of a stretch of bore, in the order of Element::local.
struct StretchLocals
{
    static constexpr std::size_t low = 0, high = 1, length = 2, rise = 3, kelvin = 4;
    // What duals carry besides.
    static constexpr std::size_t vapour = 5, carbonDioxide = 6, omega = 7, loss = 8, count = 9;
};
/// Likewise of a hole.
struct HoleLocals
{
    static constexpr std::size_t bore = 0, radius = 1, inner = 2, chimney = 3, sink = 4, kelvin = 5;
    static constexpr std::size_t vapour = 6, carbonDioxide = 7, omega = 8, loss = 9, outerEnd = 10, spread = 11, count = 13;
};

/// A stretch of bore or a side hole, in the order from the foot upwards.
struct Element
{
    bool isHole = false;
    std::size_t hole = 0;
    std::size_t medium = 0; ///< elements of one temperature share a medium
    bool abrupt = false;    ///< carries a step's inertance
    Surface surface{};
    int slices = 1;
    double at_m = 0.0; ///< its upper end, from the mouth
    std::array<double, 6> local{};
    std::vector<Link> links;
};

/// A place along the tube: its radius and how place and radius move with the parameters.
struct Place
{
    double at_m = 0.0;
    double radius_m = 0.0;
    std::vector<Link> at;     // local unused
    std::vector<Link> radius; // local unused
};

struct Chain
{
    Shape shape;
    Calibration calibration;
    Formulas formulas;
    ParameterLayout layout;
    std::vector<Element> elements; ///< foot upwards
    std::vector<double> kelvins;   ///< of each medium
    Place foot;
    Place top;
    double footKelvin = 0.0;
    double topKelvin = 0.0;
    double meanRadius_m = 0.0;
    std::vector<Link> footKelvinLinks;
    std::vector<Link> topKelvinLinks;
    std::vector<HoleGeometry<Complex>> holes; ///< as in shape
    double loss = 1.0;
    /// What is open to the outside when all holes are: the foot, then the elements that are holes, foot upwards.
    struct Opening
    {
        double at_m;
        double radius_m;
    };
    std::vector<Opening> openings;

    Chain(Shape s, const Calibration& c, const Formulas& f);

    [[nodiscard]] double kelvinAt(double at_m) const;
    /// Highest frequency at which plane waves are all there is in the widest bore (k a = 1.8).
    [[nodiscard]] double highestHz() const;
    /// sum Z_ij U_i U_j over all pairs of openings, at strength 1. flows: outwards, one an opening, 0 where closed.
    [[nodiscard]] Complex heardOutside(double omega, std::span<const Complex> flows) const;
    /// The same with its derivatives.
    struct Heard
    {
        Complex pairs;
        std::vector<Complex> byFlow;
        std::vector<Complex> byPlace; ///< footwards, per metre
        Complex byOmega;
        std::array<Complex, 3> byAir; ///< kelvin, vapour, carbon dioxide
    };
    [[nodiscard]] Heard heardOutsideInFull(double omega, std::span<const Complex> flows) const;

private:
    [[nodiscard]] Place placeAt(double at_m, std::optional<std::size_t> movedBy) const;
    /// Of a station of the bore, which goes with the body's length from the body's end on.
    [[nodiscard]] Place stationPlace(std::size_t station) const;
    [[nodiscard]] static Place between(const Place& low, const Place& high, double share);
    void addStretch(const Place& low, const Place& high, const Surface& surface);
    void addSlide(std::size_t slide, const Place& place);
    void addHole(std::size_t hole, const Place& place);
    void assemble();
    [[nodiscard]] std::vector<Link> kelvinLinks(double at_m, const std::vector<Link>& at) const;
    std::size_t mediumOf(double kelvin);
    [[nodiscard]] Surface surfaceAt(double at_m) const;
};

/// Pressure and flow at the foot, up to a common factor.
template <class C> Wave<C> footWave(const Chain& chain, const AirOf<C>& air, const C& radius_m, const C& omega)
{
    if (chain.shape.footClosed)
        return {C(1.0), C(0.0)};
    const C ka = omega / air.speed * radius_m;
    const C q = radius_m / (radius_m + chain.shape.wall_m);
    return {radiationImpedance(air, radius_m, omega, walledEnd(ka, q)), C(1.0)};
}

/// A stretch's bore, without its step's inertance.
[[nodiscard]] inline StraightBore<Complex> boreOf(const Element& e)
{
    using L = StretchLocals;
    return {e.local[L::low], e.local[L::high], e.local[L::length], e.slices, e.surface, e.local[L::rise] / e.local[L::kelvin]};
}

/// The series impedance that an abrupt stretch adds at its upper end, as steep as it is.
template <class C>
C stepImpedance(const Element& e, const AirOf<C>& air, const C& omega, const C& low_m, const C& high_m, const C& length_m)
{
    const bool narrowBelow = e.local[StretchLocals::low] < e.local[StretchLocals::high];
    const C inertance = narrowBelow ? stepInertance(air, low_m, high_m) : stepInertance(air, high_m, low_m);
    return Complex(0.0, 1.0) * omega * inertance * abruptness(low_m, high_m, length_m);
}

/// What one frequency gives, and the work on it that fingerings share.
class Slice
{
public:
    struct Seen
    {
        Complex tube;     ///< impedance of the tube below the mouth
        Complex total;    ///< what vanishes in its imaginary part, over its characteristic value
        double phase;     ///< of the total's reflection, less its whole turns; phaseOf() at a register
        double companion; ///< the companion's, counted, rising with frequency
    };
    Slice(const Chain& chain, double hertz, bool shared);
    /// openShares: one entry a hole.
    [[nodiscard]] Seen seen(std::span<const double> openShares);

private:
    [[nodiscard]] const Matrix<Complex>& matrix(std::size_t i, double openShare);
    [[nodiscard]] Matrix<Complex> made(const Element& e, double openShare);

    const Chain* m_chain;
    double m_omega;
    bool m_shared;
    std::vector<Medium<Complex>> m_media;
    Complex m_load;
    Complex m_cavity;
    double m_cavityTurns = 0.0; ///< of the cavity's own phase, kl / pi
    double m_topCharacteristic = 0.0;
    double m_reference = 0.0; ///< impedance that the phase is seen from
    Wave<Complex> m_foot;
    struct Kept
    {
        double openShare = -1.0;
        Matrix<Complex> matrix;
    };
    std::vector<std::array<Kept, 2>> m_kept; ///< stretches use the first of two, holes closed and open
    Matrix<Complex> m_scratch;
    double m_lastRadius = -1.0;
    std::size_t m_lastMedium = 0;
    LineConstants<Complex> m_line{};
    std::vector<Complex> m_flows; ///< out of the openings
};

/// The tube's impedance with what its openings hear outside: first order in whichever of impedance and admittance is small
/// where the mouth sounds.
[[nodiscard]] Complex heardThrough(Shape::Mouth mouth, const Wave<Complex>& top, const Complex& pairs);

/// The counted phase at which a register sounds.
[[nodiscard]] double phaseOf(const Shape& shape, int registerNumber);

} // namespace dowel::acoustics
