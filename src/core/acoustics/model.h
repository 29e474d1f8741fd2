// SPDX-License-Identifier: GPL-3.0-or-later
// From a shape to its playing frequencies. The tube is a chain of matrices from the foot to the top; the n-th register
// sounds where the total reactance (flutes) or susceptance (reed, lip) passes zero rising for the n-th time. Derivatives
// are exact: the chain's adjoint gives dX/d(parameter), the implicit function theorem turns it into df/d(parameter).
// Not modelled: the jet's or reed's own pull on the pitch (a blowing law, fitted elsewhere).
#pragma once

#include "core/acoustics/dual.h"
#include "core/base/quantities.h"
#include "core/base/result.h"
#include "core/instrument/instrument.h"

#include <array>
#include <cstddef>
#include <memory>
#include <span>
#include <vector>

namespace dowel::acoustics {

inline constexpr std::size_t excitationMeasures = 5;

/// What is known of the instrument only through its sound. Logarithms of factors, so 0 means "as published".
struct Calibration
{
    double kelvin = 293.15;  ///< effective temperature of the air in the tube
    double wallLossLog = 0;  ///< on the loss functions
    double mouthLog = 0;     ///< on the mouth's inertance (or the reed's volume) at 700 Hz
    double mouthSlope = 0;   ///< its power law over frequency
    double boreScaleLog = 0; ///< on all bore radii
    double holeEndLog = 0;   ///< on all open holes' outer end corrections
};

/// Shape in metres, free of Instrument's checks so that a fit may move it by a trifle in any direction.
struct Shape
{
    enum class Mouth { Duct, Transverse, ClosedTop };
    struct Station
    {
        double at_m;
        double diameter_m;
    };
    struct Hole
    {
        double at_m;
        double diameter_m;
        double undercut_m;
        double chimney_m;
    };
    Mouth mouth = Mouth::Duct;
    /// Duct: window length, width, chimney, upstream. Transverse: hole length, width, chimney, stopper, lip cover (plain).
    /// ClosedTop: volume in m^3.
    std::array<double, excitationMeasures> excitation{};
    std::vector<Station> bore;
    std::vector<Hole> holes; ///< foot upwards, as in the specification
    double wall_m = 0.001;
    bool footClosed = false;

    static Shape of(const Instrument& instrument);
};

/// Places of the parameters in a gradient.
class ParameterLayout
{
public:
    ParameterLayout(std::size_t stations, std::size_t holes) : m_stations(stations), m_holes(holes) {}
    static constexpr std::size_t kelvin = 0;
    static constexpr std::size_t wallLossLog = 1;
    static constexpr std::size_t mouthLog = 2;
    static constexpr std::size_t mouthSlope = 3;
    static constexpr std::size_t boreScaleLog = 4;
    static constexpr std::size_t holeEndLog = 5;
    static constexpr std::size_t footLength = 6;
    [[nodiscard]] static constexpr std::size_t excitation(std::size_t measure) { return 7 + measure; }
    [[nodiscard]] static constexpr std::size_t stationDiameter(std::size_t i) { return 7 + excitationMeasures + i; }
    [[nodiscard]] std::size_t holeAt(std::size_t i) const { return holes(i); }
    [[nodiscard]] std::size_t holeDiameter(std::size_t i) const { return holes(i) + 1; }
    [[nodiscard]] std::size_t holeUndercut(std::size_t i) const { return holes(i) + 2; }
    [[nodiscard]] std::size_t holeChimney(std::size_t i) const { return holes(i) + 3; }
    [[nodiscard]] std::size_t size() const { return holes(m_holes); }

private:
    [[nodiscard]] std::size_t holes(std::size_t i) const { return stationDiameter(m_stations) + 4 * i; }
    std::size_t m_stations;
    std::size_t m_holes;
};

/// One fingering in one register.
struct NoteQuery
{
    std::vector<bool> closed; ///< one per hole
    int registerNumber = 1;
};

/// A playing frequency and its derivatives, in cents per parameter in SI units (per kelvin, per metre, per unit of the
/// logarithm); moving the foot slides it along the last straight stretch of the bore.
struct NoteAnswer
{
    double hertz = 0.0;
    std::vector<double> centsPer; ///< by ParameterLayout
};

class Model
{
public:
    Model(Shape shape, const Calibration& calibration);
    ~Model();
    Model(const Model&) = delete;
    Model& operator=(const Model&) = delete;
    Model(Model&&) noexcept;
    Model& operator=(Model&&) noexcept;

    /// Playing frequencies of all notes, in their order; work on the common frequencies is shared between them.
    /// Errors: OutOfModelRange (where = the note's index) where no such resonance lies below ka = 1.8.
    [[nodiscard]] Result<std::vector<double>> frequencies(std::span<const NoteQuery> notes) const;
    /// The same with derivatives.
    [[nodiscard]] Result<std::vector<NoteAnswer>> answers(std::span<const NoteQuery> notes) const;
    /// Input impedance of the tube alone (without mouth), seen from its top; Pa s / m^3.
    [[nodiscard]] Complex tubeImpedance(double hertz, const std::vector<bool>& closed) const;
    /// What vanishes in its imaginary part at a playing frequency: impedance (flutes) or admittance, over its
    /// characteristic value.
    [[nodiscard]] Complex total(double hertz, const std::vector<bool>& closed) const;
    [[nodiscard]] ParameterLayout layout() const;

private:
    struct Parts;
    std::unique_ptr<Parts> m_parts;
};

} // namespace dowel::acoustics
