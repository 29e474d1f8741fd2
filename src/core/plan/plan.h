// SPDX-License-Identifier: GPL-3.0-or-later
// The next cut. One aim answers every question of the plan: the chance that every note that counts ends within its
// tolerance. It says where the shape should end, which levers are worth moving and how far in this pass, whether to listen
// first and to what, and whether it is done. Safety is a chance too: that any note ends sharp for good, with the spread that
// there will be after the cut. Passes go from the mouth over the holes to the foot; between them is listened.
#pragma once

#include "core/forecast/forecast.h"
#include "core/plan/goal.h"
#include "core/record/advice.h"

#include <memory>
#include <optional>
#include <string_view>

namespace dowel {

struct PlanOptions
{
    double spread_cents = 3.0;     ///< one sigma that a note is taken to have where passes are still to come
    double lastSpread_cents = 2.0; ///< and where single cuts are weighed, or what is left at the end
    double flatMargin_sd = 0.6;    ///< keeps so many deviations low while more is unknown than the last pass leaves
    double spoilLimit = 0.07;      ///< the chance that anything ends sharp for good that one pass may add
    int listeningsThatTeach = 3; ///< from so many on a pass may go beyond that limit where the chance that all are in gains by it
    double worth = 0.06;         ///< of the chance's logarithm that a hole's or the foot's cut must bring
    double worthOfOther = 0.3;   ///< and one that is less sure: an undercut, the bore, window, stopper or embouchure
    double passPrice = 0.01;     ///< of the chance that all are in, that each cut of a pass costs where they may be in already
    double singleCutGain = 0.04; ///< and that a single cut must gain where no pass pays
    double roundPrice = 0.08;    ///< and a round besides: sitting down, playing, beginning again
    double roundWorth = 0.4;     ///< or of that chance's logarithm, note by note, that a pass brings where none can be in yet
    int roundsToRough = 8;       ///< after so many rounds every cut has to pay in that chance
    int mostRounds = 12;         ///< and after so many there is none
    std::optional<Metres> handSlip{}; ///< how far a hole opened by hand may come out otherwise, one sigma: see slipOf()
    std::optional<Tools> tools{};     ///< instead of the workbook's: what is in the drawer today
    bool handWork = true;             ///< whether a size that no bit makes can be made by knife, file or iron
    double wellIn = 0.97;             ///< the chance that all are in from which no cut is worth its risk
    double settleFrom = 0.4;          ///< a chance that all are in from which doubtful notes are heard again before giving up
    double hearAgainMove_cents = 1.5; ///< a note forecast to have moved by more is heard again
    bool listenToSettle = true;       ///< hears doubtful notes again before giving up on them
    bool squares = false;             ///< for comparison only: aims at weighted squares instead
    FitOptions fit{};                 ///< how long an explanation of the readings is sought
    LeverScope means = LeverScope::BoreToo;          ///< how far the plan may go where holes and foot do not do
    Metres leastWood = Metres::fromMillimetres(2.0); ///< between neighbouring holes, for safe work
};

[[nodiscard]] PlanOptions optionsFor(Effort effort);

/// What following the advice to its end will come to.
struct Expected
{
    double chanceAllWithin = 0.0; ///< at the end
    double rounds = 0.0;          ///< listenings still to come
    double cuts = 0.0;
};
/// Why the work is at its end. NotWorthIt: a cut would still gain something, but less than it costs.
enum class WhyStop { InTune, NotWorthIt, OutOfReach };
[[nodiscard]] std::string_view whyStopName(WhyStop why);

/// Advice together with what it was made of.
struct Recommendation
{
    Advice advice;
    Expected expected;
    std::optional<WhyStop> whyStop; ///< where it is finished
    std::vector<NoteState> now;     ///< every fingering on the present shape
    std::shared_ptr<const Forecaster> forecaster;
};

/// What to do next. Errors: those of Forecaster::make().
[[nodiscard]] Result<Recommendation> recommend(const Workbook& book, const Priors& priors = {}, const PlanOptions& options = {},
                                               const Cancel& cancel = {});
/// The advice alone.
[[nodiscard]] Result<Advice> advise(const Workbook& book, const Priors& priors = {}, const PlanOptions& options = {},
                                    const Cancel& cancel = {});

} // namespace dowel
