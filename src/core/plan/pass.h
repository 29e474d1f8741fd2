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
    Outlook outlook;      ///< of the shape after it
    bool waiting = false; ///< some lever waits for its last cut to be listened to
};

/// spread_cents: of the aim by which steps are judged. Errors: OutOfModelRange, Cancelled.
[[nodiscard]] Result<Pass> passTowards(const Situation& s, const Goal& goal, const Aim& aim);

} // namespace dowel::planning
