// SPDX-License-Identifier: GPL-3.0-or-later
// The unknowns of a fit in one vector, what is expected of them beforehand, and an instrument with them put in.
// For the fit's own files alone.
#pragma once

#include "core/fit/fit.h"
#include "core/fit/placed.h"

#include <algorithm>

namespace dowel::fitting {

/// Places of the unknowns. Behind those of the instrument stand two of each listening, its shift and its slope, and one of each
/// lever that was moved: by how much more its cuts did than the formulas say, as a share.
struct Unknowns
{
    std::size_t holes = 0;
    std::size_t registers = 1;
    std::size_t notes = 0;
    std::size_t listenings = 0;
    std::size_t levers = 0;
    double pivot_Hz = 700.0;     ///< where blowing slopes turn: the middle of the targets
    std::vector<Metres> drilled; ///< the holes as they were first drilled: what holeGain counts from; it does nothing without
    bool gainByRegister = false; ///< reeds and lips: sharp edges lose with level, which undercutting mends in the low register
    static constexpr Eigen::Index warmth = 0; ///< share of the way from the room's air to the breath
    static constexpr Eigen::Index mouthLog = 1;
    static constexpr Eigen::Index mouthSlope = 2;
    static constexpr Eigen::Index boreScale = 3;
    static constexpr Eigen::Index wallLoss = 4;
    static constexpr Eigen::Index holeEnd = 5;
    static constexpr Eigen::Index foot = 6;
    static constexpr Eigen::Index holeSpread = 7; ///< one for each of the other published sets
    static constexpr Eigen::Index neighbours = 9;
    static constexpr Eigen::Index holeGain = 10; ///< logarithm of how far all holes count as opened, over how far they are
    static constexpr std::size_t before = 11;
    [[nodiscard]] static Eigen::Index holeSize(std::size_t i) { return static_cast<Eigen::Index>(before + i); }
    [[nodiscard]] Eigen::Index chimney(std::size_t i) const { return static_cast<Eigen::Index>(before + holes + i); }
    [[nodiscard]] Eigen::Index place(std::size_t i) const { return static_cast<Eigen::Index>(before + 2 * holes + i); }
    [[nodiscard]] Eigen::Index blowSlope() const { return static_cast<Eigen::Index>(before + 3 * holes); }
    [[nodiscard]] Eigen::Index lowGain() const { return blowSlope() + 1; }
    [[nodiscard]] Eigen::Index highGain() const { return blowSlope() + 2; }
    [[nodiscard]] Eigen::Index undercutGain(int registerNumber) const
    {
        return gainByRegister && registerNumber > 1 ? highGain() : lowGain();
    }
    [[nodiscard]] Eigen::Index blow(int registerNumber) const
    {
        return highGain() + std::min(registerNumber, static_cast<int>(registers));
    }
    [[nodiscard]] Eigen::Index note(std::size_t i) const
    {
        return blow(static_cast<int>(registers)) + 1 + static_cast<Eigen::Index>(i);
    }
    /// Of the instrument and its player.
    [[nodiscard]] Eigen::Index lasting() const { return note(notes); }
    [[nodiscard]] Eigen::Index shift(std::size_t listening) const { return lasting() + static_cast<Eigen::Index>(2 * listening); }
    [[nodiscard]] Eigen::Index slope(std::size_t listening) const { return shift(listening) + 1; }
    [[nodiscard]] Eigen::Index gain(std::size_t lever) const { return shift(listenings) + static_cast<Eigen::Index>(lever); }
    [[nodiscard]] Eigen::Index size() const { return gain(levers); }
    [[nodiscard]] double octaves(Hertz pitch) const { return std::log2(pitch.hertz() / pivot_Hz); }

    /// With holes that count as drilled as `instrument` has them.
    static Unknowns of(const Instrument& instrument, std::size_t listenings = 0, std::size_t levers = 0);
    /// By how much a hole's opening is wider than it was drilled, as an opening that is as large and round; 0 where a shape has
    /// other holes.
    [[nodiscard]] Metres openedBy(const Instrument& shape, std::size_t hole) const;
};

/// Cents of the note for each cent of the model's pitch, where the player's law has so many cents an octave.
[[nodiscard]] constexpr double blowingFactor(double slope_cents)
{
    return 1.0 + slope_cents / 1200.0;
}

/// x = mean + root z with z standard normal.
struct Prior
{
    Eigen::VectorXd mean;
    Eigen::MatrixXd root;
};
/// Of what lasts; listenings and levers are left at nothing.
[[nodiscard]] Prior priorOf(const Unknowns& u, const Priors& priors, Family family);

/// Where the unknowns of core/fit/shared.h lie; -1 for registers that this instrument is not played in.
[[nodiscard]] std::vector<Eigen::Index> sharedPlaces(const Unknowns& u);

/// The model of one shape with the unknowns put in, for one register's undercuts.
[[nodiscard]] Posterior::Placed placed(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                                       int registerNumber);

/// Cents over the target and their derivatives by the lasting unknowns, for chosen notes on one shape.
struct Evaluated
{
    std::vector<double> cents;
    std::vector<double> hertz; ///< the model's, without the player's law
    Eigen::MatrixXd jacobian;
    std::vector<acoustics::NoteAnswer> answers; ///< where derivatives were asked for
};
/// Errors: OutOfModelRange (where = fingering).
[[nodiscard]] Result<Evaluated> evaluate(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                                         const std::vector<std::size_t>& notes, bool derivatives);
/// The same with derivatives where the rest has been found already: the resonances, most of the work, are not looked for again.
[[nodiscard]] Result<Evaluated> differentiated(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x,
                                               double room_K, const std::vector<std::size_t>& notes, const Evaluated& found);
/// By how many cents the notes move where an instrument turns into one that hardly differs, to first order in what differs (the
/// implicit function theorem on the reactance): one look at the model a note. from: the unchanged one's, with derivatives.
[[nodiscard]] std::vector<double> movedBy(const Instrument& changed, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                                          const std::vector<std::size_t>& notes, const Evaluated& from);

} // namespace dowel::fitting
