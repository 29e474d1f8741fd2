// SPDX-License-Identifier: GPL-3.0-or-later
// What this piece of wood is: unknowns of mouth, air, bore, holes and player, fitted to every reading on every shape the
// instrument has had. Maximum a posteriori by Levenberg-Marquardt (Ceres) with exact derivatives, robust against single
// wrong readings; the posterior is taken as normal around the optimum. Bore scale, warm air and mouth can hardly be told
// apart by readings: they are nuisances here, never facts about the wood.
#pragma once

#include "core/base/cancel.h"
#include "core/record/workbook.h"

#include <Eigen/Core>
#include <memory>
#include <optional>
#include <vector>

namespace dowel {

namespace acoustics {
struct NoteAnswer;
}
namespace fitting {
class Fitter;
struct Evaluated;
struct Unknowns;
} // namespace fitting

/// Mean and covariance of what a maker's instruments share, in the order of Shared (core/fit/shared.h).
struct SharedEstimate
{
    Eigen::VectorXd mean;
    Eigen::MatrixXd covariance;
};

/// One-sigma widths of what is not known before the first note is heard. No source: common practice in measuring with
/// calipers and rule, and what fleets of simulated blanks bore out (docs/validation.md).
struct Priors
{
    double warmth = 0.21; ///< how far the air in the tube is on the way from the room's to the breath's temperature: mean
    double warmthSd = 0.18;
    double mouthLogSd = 0.25;
    double mouthSlopeSd = 0.15;
    double boreScaleSd = 0.006;
    double wallLossLog = 0.15; ///< mean; no wall is as smooth as the formula's
    double wallLossSd = 0.25;
    double holeEndSd = 0.20;
    double holeSpreadSd = 0.4; ///< of the difference between published hole formulas, either other set
    double neighbours = 1.4;   ///< mean; how strongly open holes hear each other, between free air's 1 and a plane's 2
    double neighboursSd = 0.5;
    double holeGainSd = 0.04; ///< logarithm of how far opening a hole moves its notes, over what the formulas say
    double footSd_m = 0.0005;
    double holeSizeSd_m = 0.00012;
    double chimneyShareSd = 0.10;
    double holePlaceSd_m = 0.0004;
    double blowSd_cents = 8.0;             ///< per register
    std::optional<double> blowSlope_cents; ///< per octave, both registers: mean; by the family where nothing is said
    std::optional<double> blowSlopeSd_cents;
    double noteSd_cents = 5.0;           ///< each fingering's own
    double repeat_cents = 1.5;           ///< how well a player repeats a note
    double listeningSd_cents = 3.0;      ///< what all notes of one listening are off together: breath of the day, thermometer
    double listeningSlopeSd_cents = 2.0; ///< and its slope, an octave
    double shareOfChange = 0.05;         ///< of the forecast change: what formulas get wrong about a cut
    double shareOfOther = 0.15;          ///< the same for an undercut, a reaming, the window and the stopper
    /// Of the variance of either, what is each note's own; the rest is one error of the cut for all notes that it moves.
    static constexpr double ownPartOfCut = 0.2;
    double undercutGainSd = 0.20; ///< logarithm of how far an undercut reaches: ramps differ from maker to maker
    double edgeGain = 0.3;        ///< logarithm: sharp edges of reed and horn holes lose with level in the low register
    double edgeGainSd = 0.4;
    double slip_m = 0.0; ///< how far a tool goes beyond what was asked: mean
    double slipSd_m = 0.00005;
    double handSlipSd_m = 0.00005;          ///< of a hole opened by hand, to a size that no bit makes
    double caliperSd_m = 0.00005;           ///< of a size measured after a cut
    std::optional<std::size_t> doubtedHole; ///< its size may be off by millimetres: mistyped, leaking or chipped
    double doubtSd_m = 0.0015;
    std::optional<SharedEstimate> shared; ///< where there, instead of the widths above for what instruments share

    /// Errors: BadValue naming the field where a width is not above 0.
    [[nodiscard]] Status validate() const;
    /// What share of its forecast change a kind of work may be wrong by.
    [[nodiscard]] double shareOf(const Cut& cut) const;
};

struct FitOptions
{
    int mostSteps = 200;      ///< of the search; one that has not settled by then says so
    bool learnScatter = true; ///< or take the player's and the sittings' as expected
};

/// How the fit went.
struct FitReport
{
    bool converged = false;
    int steps = 0;
    double cost = 0;          ///< half the weighted squares at the optimum, priors included, with the scatter that was expected
    double worstResidual = 0; ///< in standard deviations
    FingeringId worstReading;
    std::vector<FingeringId> leftOut; ///< older readings left out: the model has no such note on their shape
    double scatter = 1.0;             ///< the player's, over what was expected of it; learnt from repeats
    double sittings = 1.0;            ///< what sittings are off by, over what was expected of it
    [[nodiscard]] bool usable() const { return converged; }
};

/// Instrument-independent result of a fit: where each unknown stands and how surely.
class Posterior
{
public:
    /// What is believed of an instrument before any of it is heard. Errors: BadValue (a width not above 0), OutOfModelRange,
    /// Cancelled.
    static Result<Posterior> prior(const Instrument& instrument, const Priors& priors = {}, const Cancel& cancel = {});

    struct Forecast
    {
        std::vector<double> cents; ///< sounding minus target, per fingering of the instrument
        Eigen::MatrixXd jacobian;  ///< d cents / d unknown, one row a fingering
    };

    /// What a shape of this instrument sounds, at the temperature it is meant to be played at.
    /// Errors: OutOfModelRange (where = fingering).
    [[nodiscard]] Result<Forecast> forecast(const Instrument& shape) const;
    /// The same without derivatives, in a third of the time.
    [[nodiscard]] Result<std::vector<double>> cents(const Instrument& shape) const;
    /// By how many cents each note moves where the shape turns into one that hardly differs from it, to first order in what
    /// differs; of the same fingerings. Errors as forecast().
    [[nodiscard]] Result<std::vector<double>> movedBy(const Instrument& shape, const Instrument& changed) const;
    /// d cents / d size in metres, one row a fingering. Errors as forecast().
    struct Sensitivity
    {
        std::vector<double> cents;
        Eigen::MatrixXd perMetre;   ///< one column a hole, by enlarging it as a cut does: an undercut that is wider stays; a last
                                    ///< column for the length of the body, whatever is put on its foot
        Eigen::MatrixXd byShifted;  ///< by a hole's diameter where its undercut moves along, as wide beyond the hole as it was
        Eigen::MatrixXd byUndercut; ///< by the holes' undercut diameters alone
        Eigen::MatrixXd byPlace;    ///< by the holes' places, footwards
        Eigen::VectorXd byWindow;   ///< by the window's or embouchure hole's length; 0 where there is none
        Eigen::VectorXd byWidth;    ///< by the embouchure hole's width; 0 where there is none
        Eigen::VectorXd byStopper;  ///< by the stopper's distance; 0 where there is none
        Eigen::MatrixXd byUnknown;  ///< as Forecast::jacobian
    };
    [[nodiscard]] Result<Sensitivity> sensitivity(const Instrument& shape) const;
    /// Cents of a note for each cent of the model's pitch: what the player's law over pitch adds. A model's derivatives times
    /// this are the forecast's.
    [[nodiscard]] double blowingFactor() const;
    /// One hole's part of it for one note, in cents a metre of the hole's own diameters.
    struct HoleSlopes
    {
        double enlarged = 0.0; ///< as Sensitivity::perMetre
        double shifted = 0.0;  ///< as Sensitivity::byShifted
        double undercut = 0.0; ///< as Sensitivity::byUndercut
    };
    /// answer: the model's, of placed(), times blowingFactor(); registerNumber: the note's.
    [[nodiscard]] HoleSlopes holeSlopes(const Instrument& shape, std::size_t hole, int registerNumber,
                                        const acoustics::NoteAnswer& answer) const;

    /// For the model: core/fit/placed.h.
    struct Placed;
    [[nodiscard]] Placed placed(const Instrument& shape) const;

    [[nodiscard]] const Eigen::VectorXd& mean() const { return m_mean; }
    [[nodiscard]] const Eigen::MatrixXd& covariance() const { return m_covariance; }
    /// As the readings left them: with the scatter that was learnt.
    [[nodiscard]] const Priors& priors() const { return m_priors; }
    /// As they were given.
    [[nodiscard]] const Priors& expected() const { return m_expected; }
    [[nodiscard]] const FitReport& report() const { return m_report; }
    /// Places among the unknowns of a hole's size and of the foot, both in metres.
    [[nodiscard]] static Eigen::Index placeOfHole(std::size_t hole);
    [[nodiscard]] static Eigen::Index placeOfFoot();
    /// How far hole i has moved from what the calipers said, in prior standard deviations and metres.
    [[nodiscard]] double holeShift_m(std::size_t hole) const;
    /// Per fingering, what its reading that lies furthest from the fit is off (fit less heard), in standard deviations, those
    /// expected where less was learnt; 0 where never heard. What all notes of its listening were off together is taken out.
    [[nodiscard]] const std::vector<double>& residuals() const { return m_residuals; }
    /// How far a fingering's newest reading lies from the fit: fit less heard; 0 where never heard.
    struct Misfit
    {
        double cents = 0.0;
        double deviations = 0.0; ///< in standard deviations
        bool agreed = false;     ///< the reading before it, on the same shape, says the same
    };
    [[nodiscard]] const std::vector<Misfit>& newestMisfits() const { return m_newest; }
    /// By how much half the weighted squares would fall if the hole's size were as free as doubtSd_m, reckoned on the
    /// posterior as a normal distribution.
    [[nodiscard]] double gainByDoubting(std::size_t hole) const;
    /// What this instrument says about what its maker's instruments share; as the prior has it for registers it lacks.
    [[nodiscard]] SharedEstimate shared() const;
    /// The same as it was expected.
    [[nodiscard]] SharedEstimate expectedShared() const;
    /// How far the air in the tube is on the way from the room's to the breath's temperature.
    [[nodiscard]] double warmth() const { return m_mean[0]; }
    /// Per fingering of the workbook's instrument, the shape index it was last heard on; -1 where never.
    [[nodiscard]] const std::vector<int>& lastHeard() const { return m_lastHeard; }
    /// How many readings of a fingering went into the fit.
    [[nodiscard]] int readingsOf(std::size_t fingering) const { return m_readings[fingering]; }

private:
    friend Result<Posterior> fit(const Workbook&, const Priors&, const Cancel&, const FitOptions&);
    friend class fitting::Fitter;
    Posterior();
    class Known;
    [[nodiscard]] fitting::Unknowns unknownsOf(const Instrument& shape) const;
    /// Remembers the last shapes, from whatever thread they are asked for.
    [[nodiscard]] Result<fitting::Evaluated> evaluated(const Instrument& shape, bool derivatives) const;
    /// p: as placed for the note's register, where undercuts work `gain` times as far.
    [[nodiscard]] HoleSlopes slopesOf(const Instrument& shape, const Placed& p, std::size_t hole, double gain,
                                      const acoustics::NoteAnswer& answer) const;
    Priors m_priors;
    Priors m_expected;
    Family m_family = Family::Other;
    Eigen::VectorXd m_mean;
    Eigen::MatrixXd m_covariance;
    std::vector<Metres> m_drilled;      ///< holes as they were before any was opened; none where nothing is drilled yet
    std::vector<Eigen::Index> m_shared; ///< places of what instruments share, -1 for a register that is not played
    FitReport m_report;
    std::vector<int> m_lastHeard;
    std::vector<int> m_readings;
    std::vector<double> m_residuals;
    std::vector<Misfit> m_newest;
    std::shared_ptr<Known> m_known; ///< shared by copies, which believe the same
};

/// Fits all readings that stand. Without readings the posterior is the prior.
/// Errors: OutOfModelRange (a fingering has no resonance), BadValue (priors), Cancelled.
[[nodiscard]] Result<Posterior> fit(const Workbook& book, const Priors& priors = {}, const Cancel& cancel = {},
                                    const FitOptions& options = {});

} // namespace dowel
