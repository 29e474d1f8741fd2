// SPDX-License-Identifier: GPL-3.0-or-later
// From a shape to its playing frequencies, all fingerings in one call. The n-th register sounds where the total reactance
// (flutes) or susceptance (reed, lip) passes zero rising for the n-th time. Derivatives are exact: the chain's adjoint
// gives dX/d(parameter), the implicit function theorem turns it into df/d(parameter).
// Not modelled: the jet's or reed's own pull on the pitch (a blowing law, fitted elsewhere).
#pragma once

#include "core/acoustics/shape.h"
#include "core/base/result.h"

#include <memory>
#include <span>
#include <vector>

namespace dowel::acoustics {

/// One fingering in one register.
struct NoteQuery
{
    std::vector<bool> closed; ///< one per hole
    int registerNumber = 1;
    std::vector<double> shares{}; ///< where not empty, instead of closed: 0 closed, 1 open, between half open
};

/// A fingering's shares, whichever way it was given.
[[nodiscard]] std::vector<double> sharesOf(const NoteQuery& note);

/// A playing frequency, its derivatives in cents per parameter in SI units (per kelvin, per metre, per unit of the
/// logarithm), and how strong the resonance is. Moving the foot slides it along the last straight stretch of the bore.
struct NoteAnswer
{
    double hertz = 0.0;
    std::vector<double> centsPer; ///< by ParameterLayout
    double quality = 0.0;         ///< resonance over its width at half power
    double height = 0.0;          ///< admittance (flutes) or impedance (reed, lip) there, over the characteristic one
};

/// What a small widening at a place does to a note.
struct BoreWeight
{
    double at_m = 0.0;
    double centsPerSquareMetre = 0.0; ///< per metre of diameter and metre of length
};

class Model
{
public:
    Model(Shape shape, const Calibration& calibration, const Formulas& formulas = {});
    ~Model();
    Model(const Model&) = delete;
    Model& operator=(const Model&) = delete;
    Model(Model&&) noexcept;
    Model& operator=(Model&&) noexcept;

    /// Playing frequencies of all notes, in their order; work on the common frequencies is shared between them.
    /// Errors: OutOfModelRange (where = the note's index) where no such resonance lies below ka = 1.8.
    [[nodiscard]] Result<std::vector<double>> frequencies(std::span<const NoteQuery> notes) const;
    /// The same with derivatives and strength.
    [[nodiscard]] Result<std::vector<NoteAnswer>> answers(std::span<const NoteQuery> notes) const;
    /// The same where frequencies() has been asked before: found_Hz is what it gave for these notes.
    [[nodiscard]] std::vector<NoteAnswer> answersAt(std::span<const NoteQuery> notes, std::span<const double> found_Hz) const;
    /// Registers 1, 2, ... of one fingering in hertz, as many of the first most as the model reaches.
    [[nodiscard]] std::vector<double> registers(const NoteQuery& fingering, int most) const;
    /// Weights of the bore for a note, mouth to foot, at the middles of steps of about step_m: the integral of weight
    /// times widening over length is the note's change in cents. Errors as frequencies().
    [[nodiscard]] Result<std::vector<BoreWeight>> boreWeights(const NoteQuery& note, double step_m) const;
    /// Input impedance of the tube alone (without mouth), seen from its top; Pa s / m^3.
    [[nodiscard]] Complex tubeImpedance(double hertz, const NoteQuery& fingering) const;
    /// What vanishes in its imaginary part at a playing frequency: impedance (flutes) or admittance, over its
    /// characteristic value.
    [[nodiscard]] Complex total(double hertz, const NoteQuery& fingering) const;
    /// Phase of the tube as if without losses, counted from frequency 0; rises with frequency.
    [[nodiscard]] double losslessPhase(double hertz, const NoteQuery& fingering) const;
    [[nodiscard]] ParameterLayout layout() const;
    [[nodiscard]] const Shape& shape() const;
    [[nodiscard]] const Calibration& calibration() const;

private:
    struct Parts;
    std::unique_ptr<Parts> m_parts;
};

} // namespace dowel::acoustics
