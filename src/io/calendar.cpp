// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/calendar.h"

#include "core/base/stamp.h"

#include <algorithm>

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

} // namespace

std::vector<CalendarDay> calendarDays(const FinishPlan& plan, const std::string& of,
                                      const std::function<std::pair<std::string, std::string>(const FinishWork&)>& words)
{
    const auto days = daysOf(plan);
    std::vector<CalendarDay> all;
    for (std::size_t i = 0; i < days.size(); ++i) {
        const FinishWork& w = plan.works[i];
        // By kind and how many of it came before, so that a work put in between does not make its neighbours others.
        const auto before = std::count_if(plan.works.begin(), plan.works.begin() + static_cast<std::ptrdiff_t>(i),
                                          [&](const FinishWork& other) { return other.kind == w.kind; });
        auto [what, how] = words(w);
        all.push_back({of + "-" + std::string(finishName(w.kind)) + "-" + std::to_string(before + 1) + "@dowel.invalid",
                       days[i].from, days[i].until, std::move(what), std::move(how), !w.done});
    }
    return all;
}

std::string calendarText(const std::vector<CalendarDay>& days, const std::string& name, const std::string& stamp, int sequence)
{
    std::string utc;
    for (const char c : stamp.substr(0, 19))
        if (c == 'T' || (c >= '0' && c <= '9'))
            utc += c;
    std::string text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Dowel//Dowel//EN\r\n";
    for (const CalendarDay& d : days) {
        const std::string what = escaped(name.empty() ? d.what : name + ": " + d.what);
        text += "BEGIN:VEVENT\r\n";
        text += folded("UID:" + escaped(d.uid));
        text += "DTSTAMP:" + utc + "Z\r\n";
        text += "SEQUENCE:" + std::to_string(sequence) + "\r\n";
        text += "DTSTART;VALUE=DATE:" + dayDigits(d.from) + "\r\nDTEND;VALUE=DATE:" + dayDigits(d.until) + "\r\n";
        text += folded("SUMMARY:" + what);
        text += folded("DESCRIPTION:" + escaped(d.how));
        if (d.remind) // 3.6.6: a display alarm has an action, a trigger and a description
            text += "BEGIN:VALARM\r\nACTION:DISPLAY\r\nTRIGGER;RELATED=START:PT9H\r\n" + folded("DESCRIPTION:" + what) +
                    "END:VALARM\r\n";
        text += "END:VEVENT\r\n";
    }
    return text + "END:VCALENDAR\r\n";
}

} // namespace dowel::io
