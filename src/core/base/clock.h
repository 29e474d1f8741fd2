// SPDX-License-Identifier: GPL-3.0-or-later
// What day and time it is, as an argument: whoever needs the time is handed a clock, so that a test, or a practice session, can
// move it by hand. Nothing in core keeps a clock of its own.
#pragma once

#include <chrono>
#include <ctime>

namespace dowel {

using UtcTime = std::chrono::sys_time<std::chrono::milliseconds>;

class Clock
{
public:
    Clock() = default;
    virtual ~Clock() = default;
    Clock(const Clock&) = delete;
    Clock& operator=(const Clock&) = delete;
    Clock(Clock&&) = delete;
    Clock& operator=(Clock&&) = delete;
    /// May be called from any thread.
    [[nodiscard]] virtual UtcTime now() const = 0;
};

class SystemClock final : public Clock
{
public:
    [[nodiscard]] UtcTime now() const override
    {
        return std::chrono::time_point_cast<std::chrono::milliseconds>(std::chrono::system_clock::now());
    }
};

/// The system's, where nobody hands another one in.
[[nodiscard]] inline const Clock& systemClock()
{
    static const SystemClock clock;
    return clock;
}

/// The calendar day of an instant in the time zone that the program runs in.
[[nodiscard]] inline std::chrono::sys_days localDay(std::chrono::sys_seconds at)
{
    const std::time_t seconds = at.time_since_epoch().count();
    std::tm there{};
    localtime_r(&seconds, &there);
    return std::chrono::sys_days(std::chrono::year(there.tm_year + 1900) / (there.tm_mon + 1) / there.tm_mday);
}
[[nodiscard]] inline std::chrono::sys_days today(const Clock& clock)
{
    return localDay(std::chrono::floor<std::chrono::seconds>(clock.now()));
}

} // namespace dowel
