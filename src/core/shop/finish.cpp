// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shop/finish.h"

namespace dowel {

std::vector<FinishStep> finishSchedule(std::chrono::sys_days start)
{
    using std::chrono::days;
    const auto day = [start](int n) {
        return start + days(n);
    };
    return {
        {day(0), day(1), "Burrs out, hole edges eased, bore smooth",
         "Cut away from yourself. Listen again if an edge was rounded: it raises the note a little."},
        {day(1), day(2), "Abrasives 180, 220, 400, 600",
         "Along the grain, never over the lip or the window's edges. Extraction and a mask; some tropical woods sensitise."},
        {day(2), day(9), "A week in oil, wiped every day",
         "An oil that is safe in the mouth when cured. Oily rags can catch fire by themselves: spread them out or drown them."},
        {day(9), day(30), "Three weeks to cure", "Hang it in moving air, out of the sun. Not to be played."},
        {day(30), day(31), "Listen to every note again",
         "The finish has moved the pitch a little; what is off now is the last correction."}};
}

} // namespace dowel
