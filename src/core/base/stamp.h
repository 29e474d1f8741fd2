// SPDX-License-Identifier: GPL-3.0-or-later
// Instants and days as ISO 8601 text, as records and files have them, and back.
#pragma once

#include "core/base/clock.h"

#include <optional>
#include <string>
#include <string_view>

namespace dowel {

/// "2026-05-12T14:03:02.125Z".
[[nodiscard]] std::string timestamp(UtcTime at);
[[nodiscard]] inline std::string timestamp(const Clock& clock = systemClock())
{
    return timestamp(clock.now());
}
/// The instant of such a text, with or without the fraction and the Z; nothing where it is none.
[[nodiscard]] std::optional<UtcTime> timeFrom(std::string_view text);
/// The day on which that was where the program runs; the epoch where it is no instant.
[[nodiscard]] std::chrono::sys_days localDayFrom(std::string_view text);

/// "2026-05-12".
[[nodiscard]] std::string dayText(std::chrono::sys_days day);
/// "20260512", as calendars have it (RFC 5545, 3.3.4).
[[nodiscard]] std::string dayDigits(std::chrono::sys_days day);
/// The day of "2026-05-12" and of nothing else.
[[nodiscard]] std::optional<std::chrono::sys_days> dayFrom(std::string_view text);

} // namespace dowel
