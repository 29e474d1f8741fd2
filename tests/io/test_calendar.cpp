// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that the finish schedule is a calendar after RFC 5545 and keeps its days.
#include "io/calendar.h"
#include "support/compare.h"

#include <QByteArray>
#include <QList>

using namespace dowel;
using namespace std::chrono_literals;

namespace {

/// Content lines, unfolded as RFC 5545 3.1 has it.
QList<QByteArray> unfolded(const std::string& text)
{
    QByteArray all = QByteArray::fromStdString(text);
    all.replace("\r\n ", "");
    QList<QByteArray> lines = all.split('\n');
    for (QByteArray& l : lines)
        l = l.trimmed();
    return lines;
}

} // namespace

class TestCalendar : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theScheduleIsAWeekInOilAndThreeToCure()
    {
        const auto start = std::chrono::sys_days(2026y / 12 / 28);
        const auto steps = finishSchedule(start);
        QVERIFY(steps.size() >= 4);
        QVERIFY(steps.front().from == start);
        for (std::size_t i = 1; i < steps.size(); ++i)
            QVERIFY(steps[i].from == steps[i - 1].until); // no day twice, none left out
        QVERIFY(steps.back().from - start >= std::chrono::days(28));
        QVERIFY(steps[2].how.find("rags") != std::string::npos);
    }
    void theTextIsACalendar()
    {
        const auto steps = finishSchedule(io::dayOf("2026-12-28T10:11:12.345Z"));
        const std::string text = io::calendarText(steps, "Flöte, zur Übung; \"Nr. 1\"", "2026-12-28T10:11:12.345Z");
        std::size_t from = 0;
        while (from < text.size()) { // every line ends with CRLF and is no longer than 75 octets
            const auto end = text.find("\r\n", from);
            QVERIFY(end != std::string::npos);
            QVERIFY(end - from <= 75);
            QVERIFY((static_cast<unsigned char>(text[from]) & 0xC0U) != 0x80U);
            from = end + 2;
        }
        const auto lines = unfolded(text);
        QCOMPARE(lines.first(), QByteArray("BEGIN:VCALENDAR"));
        QCOMPARE(lines.count("VERSION:2.0"), 1);
        QCOMPARE(lines.count("BEGIN:VEVENT"), static_cast<qsizetype>(steps.size()));
        QCOMPARE(lines.count("END:VEVENT"), static_cast<qsizetype>(steps.size()));
        QCOMPARE(lines.count("DTSTAMP:20261228T101112Z"), static_cast<qsizetype>(steps.size()));
        QVERIFY(lines.contains("DTSTART;VALUE=DATE:20270106")); // over the year's end
        QVERIFY(lines.contains("SUMMARY:Flöte\\, zur Übung\\; \"Nr. 1\": Three weeks to cure"));
    }
    void aDayThatIsNoneIsTheEpoch()
    {
        QVERIFY(io::dayOf("yesterday") == std::chrono::sys_days());
        QVERIFY(io::dayOf("2026-02-31") == std::chrono::sys_days());
    }
};

QTEST_GUILESS_MAIN(TestCalendar)
#include "test_calendar.moc"
