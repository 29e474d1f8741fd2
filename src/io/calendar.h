// SPDX-License-Identifier: GPL-3.0-or-later
// Days of work as a calendar that other programs read: iCalendar, RFC 5545.
#pragma once

#include "core/shop/finish.h"

#include <string>
#include <vector>

namespace dowel::io {

/// name: of the instrument; stamp: when it was written, ISO 8601 in UTC. Whole-day events, CRLF, lines folded at 75 octets.
[[nodiscard]] std::string calendarText(const std::vector<FinishStep>& steps, const std::string& name, const std::string& stamp);
/// The day of an ISO 8601 time as a record has it; the epoch where it is none.
[[nodiscard]] std::chrono::sys_days dayOf(const std::string& stamp);

} // namespace dowel::io
