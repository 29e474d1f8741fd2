// SPDX-License-Identifier: GPL-3.0-or-later
// The days after the last cut: burrs and edges, abrasives, a week in oil, three weeks to cure, and the last listening.
// Common practice, no source; meant to be moved about in a calendar.
#pragma once

#include <chrono>
#include <string>
#include <vector>

namespace dowel {

struct FinishStep
{
    std::chrono::sys_days from;
    std::chrono::sys_days until; ///< the day after the last
    std::string what;
    std::string how; ///< with what to mind
};
[[nodiscard]] std::vector<FinishStep> finishSchedule(std::chrono::sys_days start);

} // namespace dowel
