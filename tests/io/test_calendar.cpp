// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that a finish keeps its days, is read as it was written, and is a calendar after RFC 5545.
#include "core/base/stamp.h"
#include "io/calendar.h"
#include "io/finish_json.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <QByteArray>
#include <QList>
#include <algorithm>
#include <set>

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
    void aWorkThatIsLateMovesWhatFollows()
    {
        const auto start = std::chrono::sys_days(2026y / 12 / 28);
        FinishPlan plan = usualFinish("oil", "hardwood", true, start);
        auto days = daysOf(plan);
        QVERIFY(days.size() >= 5);
        QVERIFY(days.front().from == start);
        for (std::size_t i = 1; i < days.size(); ++i)
            QVERIFY(days[i].from == days[i - 1].until); // no day twice, none left out
        // common practice, no source: a week in oil and three to cure before the last listening
        QVERIFY(days.back().from - start >= std::chrono::days(28));
        const auto before = days;
        plan.works[0].done = start + std::chrono::days(3); // three days late
        days = daysOf(plan);
        for (std::size_t i = 1; i < days.size(); ++i)
            QVERIFY(days[i].from == before[i].from + std::chrono::days(3));
        QCOMPARE(*nextWork(plan), std::size_t(1));
        for (FinishWork& w : plan.works)
            w.done = start;
        QVERIFY(!nextWork(plan));
    }
    void recipesSuitTheirMaterial()
    {
        const auto has = [](const FinishPlan& p, FinishKind kind) {
            return std::any_of(p.works.begin(), p.works.end(), [&](const FinishWork& w) { return w.kind == kind; });
        };
        for (const std::string& recipe : finishRecipes())
            for (const char* material : {"hardwood", "softwood", "cane", "plastic", "horn", "vegetable", "the maker's own"}) {
                const FinishPlan p = usualFinish(recipe, material, false, {});
                VERIFY_OK(checked(p));
                QVERIFY(has(p, FinishKind::Burrs));
                QVERIFY(!has(p, FinishKind::CorkTenons)); // one piece has none
            }
        QVERIFY(!has(usualFinish("oil", "plastic", true, {}), FinishKind::OilSoak));     // drinks none
        QVERIFY(!has(usualFinish("oil", "vegetable", true, {}), FinishKind::HearAgain)); // gone within hours
        QVERIFY(has(usualFinish("oil", "cane", false, {}), FinishKind::Binding));
        QVERIFY(has(usualFinish("wax", "hardwood", true, {}), FinishKind::CorkTenons));
    }
    void aFinishIsReadAsItWasWritten()
    {
        FinishPlan plan = usualFinish("wax", "hardwood", false, std::chrono::sys_days(2026y / 2 / 28));
        plan.works[0].done = std::chrono::sys_days(2026y / 3 / 1);
        plan.works[1].weight_g = 61.5;
        plan.works[1].humidity = 0.45;
        plan.works.push_back({FinishKind::Own, "Reißprobe; \"sanft\"", 3});
        const auto back = io::finishFromText(io::finishText(plan));
        VERIFY_OK(back);
        QVERIFY(*back == plan);
        const auto refused = [&](const char* from, const char* to) {
            QString text = QString::fromStdString(io::finishText(plan));
            text.replace(QLatin1String(from), QLatin1String(to));
            const auto read = io::finishFromText(text.toStdString());
            return read ? std::string() : read.error().where;
        };
        QCOMPARE(refused("2026-03-01", "2026-02-30"), std::string("/works/0/done"));
        QCOMPARE(refused("\"burrs\"", "\"polish\""), std::string("/works/0/kind"));
        QCOMPARE(refused("\"days\":3", "\"days\":0"), std::string("/works/3/days"));
        QCOMPARE(refused("61.5", "-1"), std::string("/works/1/weight_g"));
        QCOMPARE(refused("\"recipe\"", "\"receipt\""), std::string("/recipe"));
    }
    void anEventKeepsItsNameWhenDaysShift()
    {
        FinishPlan plan = usualFinish("oil", "hardwood", false, std::chrono::sys_days(2026y / 12 / 28));
        const auto words = [](const FinishWork& w) {
            return std::pair(std::string(finishName(w.kind)), std::string("how"));
        };
        const auto before = io::calendarDays(plan, "abc", words);
        plan.works[0].done = plan.start + std::chrono::days(5);
        plan.works.insert(plan.works.begin() + 1, FinishWork{FinishKind::Stain, {}, 2});
        const auto after = io::calendarDays(plan, "abc", words);
        std::set<std::string> uids;
        for (const auto& d : after)
            uids.insert(d.uid);
        QCOMPARE(uids.size(), after.size()); // RFC 5545 3.8.4.7: unique
        for (const auto& d : before)
            QVERIFY2(uids.count(d.uid) == 1, d.uid.c_str());
        QVERIFY(!after[0].remind && after[1].remind); // what is done reminds nobody
    }
    void theTextIsACalendar()
    {
        const FinishPlan plan = usualFinish("oil", "hardwood", false, *dayFrom("2026-12-28"));
        const auto steps = io::calendarDays(plan, "abc", [](const FinishWork& w) {
            return std::pair(
                w.kind == FinishKind::Cure ? std::string("Three weeks to cure") : std::string(finishName(w.kind)),
                std::string("a long caution, with commas; and one more so that the line has to be folded somewhere"));
        });
        const std::string text = io::calendarText(steps, "Flöte, zur Übung; \"Nr. 1\"", "2026-12-28T10:11:12.345Z", 3);
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
        QCOMPARE(lines.count("SEQUENCE:3"), static_cast<qsizetype>(steps.size()));
        // RFC 5545 3.6.6: an alarm has an action and a trigger, and is closed.
        QCOMPARE(lines.count("BEGIN:VALARM"), lines.count("END:VALARM"));
        QCOMPARE(lines.count("ACTION:DISPLAY"), static_cast<qsizetype>(steps.size()));
        QCOMPARE(lines.count("TRIGGER;RELATED=START:PT9H"), static_cast<qsizetype>(steps.size()));
        QVERIFY(lines.contains("DTSTART;VALUE=DATE:20270107")); // over the year's end
        QVERIFY(lines.contains("SUMMARY:Flöte\\, zur Übung\\; \"Nr. 1\": Three weeks to cure"));
    }
};

DOWEL_TEST(TestCalendar)
#include "test_calendar.moc"
