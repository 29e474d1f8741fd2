// SPDX-License-Identifier: GPL-3.0-or-later
// What day and time it is: the system's clock, put forward where weeks of waiting are to be gone through at once.
#pragma once

#include <atomic>
#include <chrono>

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
/// In UTC.
[[nodiscard]] inline std::chrono::sys_days today()
{
    return std::chrono::floor<std::chrono::days>(now());
}

} // namespace dowel
