// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/calendar.h"

#include <cstdio>

namespace dowel::io {

namespace {

std::string escaped(const std::string& text) // RFC 5545, 3.3.11
{
    std::string out;
    for (const char c : text) {
        if (c == '\n') {
            out += "\\n";
            continue;
        }
        if ((static_cast<unsigned char>(c) < 0x20U && c != '\t') || c == 0x7F) // a bare return would end the line
            continue;
        if (c == '\\' || c == ';' || c == ',')
            out += '\\';
        out += c;
    }
    return out;
}

/// RFC 5545, 3.1: no line above 75 octets, a continuation begins with a space; never within a UTF-8 letter.
std::string folded(const std::string& line)
{
    constexpr std::size_t most = 75;
    std::string out;
    std::size_t from = 0;
    std::size_t room = most;
    while (line.size() - from > room) {
        std::size_t to = from + room;
        while ((static_cast<unsigned char>(line[to]) & 0xC0U) == 0x80U)
            --to;
        out += line.substr(from, to - from) + "\r\n ";
        from = to;
        room = most - 1;
    }
    return out + line.substr(from) + "\r\n";
}

std::string dateText(std::chrono::sys_days day)
{
    const std::chrono::year_month_day date(day);
    char text[16];
    std::snprintf(text, sizeof text, "%04d%02u%02u", static_cast<int>(date.year()), static_cast<unsigned>(date.month()),
                  static_cast<unsigned>(date.day()));
    return text;
}

} // namespace

std::string calendarText(const std::vector<FinishStep>& steps, const std::string& name, const std::string& stamp)
{
    std::string utc;
    for (const char c : stamp.substr(0, 19))
        if (c == 'T' || (c >= '0' && c <= '9'))
            utc += c;
    std::string text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Dowel//Dowel//EN\r\n";
    int number = 0;
    for (const FinishStep& s : steps) {
        text += "BEGIN:VEVENT\r\n";
        text += folded("UID:" + utc + "-" + std::to_string(++number) + "@dowel.invalid");
        text += "DTSTAMP:" + utc + "Z\r\n";
        text += "DTSTART;VALUE=DATE:" + dateText(s.from) + "\r\nDTEND;VALUE=DATE:" + dateText(s.until) + "\r\n";
        text += folded("SUMMARY:" + escaped(name.empty() ? s.what : name + ": " + s.what));
        text += folded("DESCRIPTION:" + escaped(s.how));
        text += "END:VEVENT\r\n";
    }
    return text + "END:VCALENDAR\r\n";
}

std::chrono::sys_days dayOf(const std::string& stamp)
{
    int year = 0;
    unsigned month = 0;
    unsigned day = 0;
    if (std::sscanf(stamp.c_str(), "%d-%u-%u", &year, &month, &day) != 3)
        return {};
    const std::chrono::year_month_day date{std::chrono::year(year), std::chrono::month(month), std::chrono::day(day)};
    return date.ok() ? std::chrono::sys_days(date) : std::chrono::sys_days();
}

} // namespace dowel::io
