// SPDX-License-Identifier: GPL-3.0-or-later
// What day and time it is: the system's clock, put forward where weeks of waiting are to be gone through at once.
#pragma once

#include <atomic>
#include <chrono>
#include <cstdint>
#include <ctime>

namespace dowel {

namespace clock_detail {
inline std::atomic<std::int64_t> ahead_ms{0};
}

[[nodiscard]] inline std::chrono::sys_time<std::chrono::milliseconds> now()
{
    return std::chrono::time_point_cast<std::chrono::milliseconds>(std::chrono::system_clock::now()) +
           std::chrono::milliseconds(clock_detail::ahead_ms.load());
}
/// Of the whole program, by so much more; for tests and practice.
inline void putClockForward(std::chrono::milliseconds by)
{
    clock_detail::ahead_ms += by.count();
}
/// The day on which that is where the program runs, as the calendar on the wall has it.
[[nodiscard]] inline std::chrono::sys_days localDay(std::chrono::sys_seconds at)
{
    const std::time_t seconds = at.time_since_epoch().count();
    std::tm there{};
    localtime_r(&seconds, &there);
    return std::chrono::sys_days(std::chrono::year(there.tm_year + 1900) / (there.tm_mon + 1) / there.tm_mday);
}
[[nodiscard]] inline std::chrono::sys_days today()
{
    return localDay(std::chrono::floor<std::chrono::seconds>(now()));
}

} // namespace dowel
