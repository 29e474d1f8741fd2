// SPDX-License-Identifier: GPL-3.0-or-later
// The next cut. First the shape, reachable by removing material only, that brings all notes nearest to target (weighted
// squares of cents over tolerance, Gauss-Newton steps within the bounds): by holes and foot alone where that does, else with
// undercuts, the window or the stopper, else with the bore too. Then one pass towards it from the foot upwards, every step so
// small that even the pessimistic end of its forecast does not overshoot.
#pragma once

#include "core/forecast/forecast.h"
#include "core/plan/levers.h"
#include "core/record/advice.h"

#include <memory>

namespace dowel {

struct PlanOptions
{
    double stayLow = 0.2;           ///< aim this many standard deviations under the target while little is known
    double littleKnown_cents = 2.0; ///< a forecast wider than this counts as little known
    double pessimism = 1.6;         ///< a step's forecast plus this many standard deviations must stay within tolerance
    double leastGain_cents = 0.5;   ///< a cut that moves no note by more is not worth the risk
    double leastWorth = 0.08;       ///< of squared tolerances that a cut must take away
    double worthOfRest = 0.5;       ///< and of what stays off at the goal, which is not chased with trifles
    double staleMove_cents = 1.5;   ///< a note forecast to have moved by more is heard again
    double wellIn = 0.75;           ///< of its tolerance: a note that ends nearer asks for no cut of its own
    int trialHoles = 2;             ///< cut first where little is known, to learn how this wood answers
    double trialAbove = 0.5;        ///< of a tolerance: a note's standard deviation at the goal from which little is known
    double doneMargin = 1.4;        ///< standard deviations that a note must lie inside its tolerance to be done with
    Means means = Means::BoreToo;   ///< how far the plan may go where holes and foot do not do
    Metres leastWood = Metres::fromMillimetres(2.0); ///< between neighbouring holes, for safe work
};

/// Advice together with what it was made of.
struct Counsel
{
    Advice advice;
    std::vector<NoteState> now; ///< every fingering on the present shape
    std::shared_ptr<const Forecaster> forecaster;
};

/// What to do next. Errors: those of Forecaster::make().
[[nodiscard]] Result<Counsel> counsel(const Workbook& book, const Priors& priors = {}, const PlanOptions& options = {},
                                      const Cancel& cancel = {});
/// The advice alone.
[[nodiscard]] Result<Advice> advise(const Workbook& book, const Priors& priors = {}, const PlanOptions& options = {},
                                    const Cancel& cancel = {});

/// The shape that brings all notes nearest to (target + aim), aim in cents per fingering, by moving these levers; and
/// where the levers stand then, in metres. startFrom: where the search begins, by default the present shape. school: what
/// else counts beside pitch.
/// Errors: OutOfModelRange, Cancelled.
struct Goal
{
    Instrument shape;
    Eigen::VectorXd values_m;
};
[[nodiscard]] Result<Goal> bestReachable(const Forecaster& forecaster, const Instrument& present,
                                         const std::vector<Lever>& levers, const std::vector<double>& aim, const Cancel& cancel,
                                         const Eigen::VectorXd* startFrom = nullptr, const School& school = {});

} // namespace dowel
