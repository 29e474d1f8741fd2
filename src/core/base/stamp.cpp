// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/stamp.h"

#include "core/base/number_text.h"

namespace dowel {

namespace {

std::string joined(std::chrono::sys_days day, std::string_view between)
{
    const std::chrono::year_month_day date(day);
    std::string text = paddedText(static_cast<int>(date.year()), 4);
    for (const unsigned part : {static_cast<unsigned>(date.month()), static_cast<unsigned>(date.day())}) {
        text += between;
        text += paddedText(static_cast<int>(part), 2);
    }
    return text;
}

bool take(std::string_view& text, char letter)
{
    if (!text.starts_with(letter))
        return false;
    text.remove_prefix(1);
    return true;
}

/// The whole number that so many digits make, taken from the beginning.
std::optional<int> takeDigits(std::string_view& text, std::size_t digits)
{
    if (text.size() < digits || text.substr(0, digits).find_first_not_of("0123456789") != std::string_view::npos)
        return std::nullopt;
    std::string_view part = text.substr(0, digits);
    text.remove_prefix(digits);
    return takeWhole(part);
}

std::optional<std::chrono::sys_days> takeDay(std::string_view& text)
{
    const auto year = takeDigits(text, 4);
    const bool first = take(text, '-');
    const auto month = takeDigits(text, 2);
    const bool second = take(text, '-');
    const auto day = takeDigits(text, 2);
    if (!year || !first || !month || !second || !day)
        return std::nullopt;
    const std::chrono::year_month_day date{std::chrono::year(*year), std::chrono::month(static_cast<unsigned>(*month)),
                                           std::chrono::day(static_cast<unsigned>(*day))};
    return date.ok() ? std::optional(std::chrono::sys_days(date)) : std::nullopt;
}

} // namespace

std::string timestamp(UtcTime at)
{
    const auto day = std::chrono::floor<std::chrono::days>(at);
    const std::chrono::hh_mm_ss time(at - day);
    const auto part = [](auto duration, int digits) {
        return paddedText(static_cast<int>(duration.count()), digits);
    };
    return dayText(day) + "T" + part(time.hours(), 2) + ":" + part(time.minutes(), 2) + ":" + part(time.seconds(), 2) + "." +
           part(time.subseconds(), 3) + "Z";
}

std::optional<UtcTime> timeFrom(std::string_view text)
{
    const auto day = takeDay(text);
    const bool t = take(text, 'T');
    const auto hour = takeDigits(text, 2);
    const bool first = take(text, ':');
    const auto minute = takeDigits(text, 2);
    if (!day || !t || !hour || !first || !minute || *hour > 23 || *minute > 59)
        return std::nullopt;
    int second = 0;
    int milliseconds = 0;
    if (take(text, ':')) {
        const auto whole = takeDigits(text, 2);
        if (!whole || *whole > 60)
            return std::nullopt;
        second = *whole;
        if (take(text, '.')) {
            int scale = 100;
            for (auto digit = takeDigits(text, 1); digit; digit = takeDigits(text, 1), scale /= 10)
                milliseconds += *digit * scale;
        }
    }
    (void)take(text, 'Z');
    if (!text.empty())
        return std::nullopt;
    return UtcTime(*day) + std::chrono::hours(*hour) + std::chrono::minutes(*minute) + std::chrono::seconds(second) +
           std::chrono::milliseconds(milliseconds);
}

std::chrono::sys_days localDayFrom(std::string_view text)
{
    const auto at = timeFrom(text);
    return at ? localDay(std::chrono::floor<std::chrono::seconds>(*at)) : std::chrono::sys_days();
}

std::string dayText(std::chrono::sys_days day)
{
    return joined(day, "-");
}

std::string dayDigits(std::chrono::sys_days day)
{
    return joined(day, "");
}

std::optional<std::chrono::sys_days> dayFrom(std::string_view text)
{
    const auto day = takeDay(text);
    return text.empty() ? day : std::nullopt;
}

} // namespace dowel
