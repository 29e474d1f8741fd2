// SPDX-License-Identifier: GPL-3.0-or-later
// One pass towards a goal: the steps in the order of the work, each as long as the chance allows that anything ends sharp
// for good, and none that does not bring the chance of all nearer. For the plan's own files.
#pragma once

#include "core/plan/situation.h"

namespace dowel::planning {

struct Pass
{
    std::vector<AdviceStep> steps;
    Instrument after;
    JointForecast jointForecast; ///< of the shape after it
    bool waiting = false;        ///< some lever waits for its last cut to be listened to
    bool heldBack = false;       ///< the limit of spoiling kept a lever from going as far as it would
};

/// spread_cents: of the aim by which steps are judged. Errors: OutOfModelRange, Cancelled.
[[nodiscard]] Result<Pass> buildPass(const Situation& s, const Goal& goal, const Aim& aim);

/// What single cuts by a few tool steps can still do where no pass pays: one after the other, up to `most`, the first of which
/// pays for the round, too, each the one that lifts the chance that all notes are in furthest, the risk of going sharp counted in
/// that chance and nowhere else. Empty where none gains what it costs. Greedy improvement by the aim itself. Errors:
/// OutOfModelRange, Cancelled.
[[nodiscard]] Result<Pass> singleCutsThatPay(const Situation& s, double roundPrice, std::size_t most = 3);

} // namespace dowel::planning
