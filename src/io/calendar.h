// SPDX-License-Identifier: GPL-3.0-or-later
// Days of work as a calendar that other programs read: iCalendar, RFC 5545.
#pragma once

#include "core/shop/finish.h"

#include <chrono>
#include <functional>
#include <string>
#include <vector>

namespace dowel::io {

struct CalendarDay
{
    std::string uid; ///< the same whenever it is written again, so that an event is moved and not doubled
    std::chrono::sys_days from;
    std::chrono::sys_days until; ///< the day after the last
    std::string what;
    std::string how;
    bool remind = true; ///< at nine in the morning of its first day
};

/// The works of a finish as days. of: the workbook's own identity; words: what a work is and how it is done. What is done already
/// reminds nobody.
[[nodiscard]] std::vector<CalendarDay>
calendarDays(const FinishPlan& plan, const std::string& of,
             const std::function<std::pair<std::string, std::string>(const FinishWork&)>& words);

/// name: of the instrument; stamp: when it was written, ISO 8601 in UTC; sequence: how often it has been changed. Whole-day
/// events, CRLF, lines folded at 75 octets.
[[nodiscard]] std::string calendarText(const std::vector<CalendarDay>& days, const std::string& name, const std::string& stamp,
                                       int sequence);

} // namespace dowel::io
