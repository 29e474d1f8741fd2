// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that the passport tells what the record holds: notes on the last shape alone, weighed and at the tuning's temperature,
// and what a finish moved.
#include "core/base/stamp.h"
#include "core/record/passport.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/test_main.h"

#include <QtTest>
#include <chrono>
#include <cmath>
#include <ctime>

using namespace dowel;
using fixtures::mm;

namespace {

ReadingEntry heard(const Fingering& f, double cents, double sd, double celsius = 20.0)
{
    const ReadingEntry r = fixtures::heard(f.id, f.target * std::exp2(cents / 1200.0), sd, Temperature::fromCelsius(celsius));
    return r;
}

} // namespace

class TestPassport : public QObject
{
    Q_OBJECT

    static void put(Workbook& book, EntryBody body, const char* at = "2026-05-01T10:00:00Z")
    {
        const auto ok = book.append({book.nextId(), at, std::move(body)});
        QVERIFY2(ok.ok(), ok ? "" : told(ok.error()).c_str());
    }

private Q_SLOTS:
    void anUnheardInstrumentSaysSo()
    {
        const Passport p = passportOf(Workbook(fixtures::whistle()));
        QCOMPARE(p.notes.size(), fixtures::whistleSpec().fingerings.size());
        QVERIFY(p.begun.empty() && p.cuts.empty() && p.readings == 0 && !p.coolest && p.sources.empty());
        for (const PassportNote& n : p.notes)
            QVERIFY(!n.off);
    }
    void readingsAreWeighedByTheirErrors()
    {
        Workbook book(fixtures::whistle());
        const Fingering& f = book.present().spec().fingerings.front();
        put(book, heard(f, 2.0, 1.0));
        put(book, heard(f, 8.0, 2.0));
        const Passport p = passportOf(book);
        // By hand: weights 1 and 1/4: (2 + 8/4) / 1.25 = 3.2, and 1 / sqrt(1.25).
        VERIFY_NEAR(p.notes.front().off->cents(), 3.2, 1e-6);
        VERIFY_NEAR(p.notes.front().sd.cents(), 1.0 / std::sqrt(1.25), 1e-9);
        QCOMPARE(p.readings, std::size_t(2));
    }
    void aColdRoomIsBroughtToTheTuningsTemperature()
    {
        Workbook book(fixtures::whistle());
        const Fingering& f = book.present().spec().fingerings.front();
        put(book, heard(f, 0.0, 1.0, 10.0));
        const Passport p = passportOf(book);
        // The speed of sound goes with the root of the absolute temperature: 600 log2(293.15 / 283.15) cents.
        VERIFY_NEAR(p.notes.front().off->cents(), 600.0 * std::log2(293.15 / 283.15), 0.01);
        VERIFY_NEAR(p.coolest->celsius(), 10.0, 1e-9);
    }
    void whatWasHeardBeforeTheLastCutIsNotToldOfIt()
    {
        Workbook book(fixtures::whistle());
        const Fingering f = book.present().spec().fingerings.front();
        const Hole h = book.present().spec().holes.front();
        put(book, heard(f, -20.0, 1.0));
        put(book, CutEntry{Enlarge{h.id, h.diameter + mm(0.5)}, h.diameter, {}, {}}, "2026-05-02T10:00:00Z");
        Passport p = passportOf(book);
        QVERIFY(!p.notes.front().off);
        QCOMPARE(p.cuts.size(), std::size_t(1));
        QCOMPARE(p.cuts.front().at, std::string("2026-05-02T10:00:00Z"));
        VERIFY_NEAR(p.instrument.spec().holes.front().diameter.metres(), (h.diameter + mm(0.5)).metres(), 1e-12);
        put(book, heard(f, -3.0, 1.0), "2026-05-03T10:00:00Z");
        p = passportOf(book);
        VERIFY_NEAR(p.notes.front().off->cents(), -3.0, 1e-6);
        QCOMPARE(p.last.substr(0, 10), std::string("2026-05-03"));
    }
    void whatTheFinishMovedIsBeforeAndAfter()
    {
        Workbook book(fixtures::whistle());
        const auto& fingerings = book.present().spec().fingerings;
        const Fingering low = fingerings[0];
        const Fingering next = fingerings[1];
        put(book, heard(low, 1.0, 1.0), "2026-05-01T10:00:00Z");
        put(book, heard(next, -1.0, 1.0), "2026-05-01T10:00:00Z");
        put(book, heard(low, 2.0, 1.0), "2026-05-20T10:00:00Z"); // while it cures: neither
        put(book, heard(low, 5.0, 1.0), "2026-06-01T10:00:00Z");
        using namespace std::chrono_literals;
        const std::chrono::sys_days began(2026y / 5 / 3);
        const std::chrono::sys_days ended(2026y / 6 / 1);
        auto shifts = shiftOver(book, began, ended);
        QCOMPARE(shifts.size(), std::size_t(1)); // the other was not heard again
        VERIFY_NEAR(shifts.front().before.cents(), 1.0, 1e-6);
        VERIFY_NEAR(shifts.front().after.cents(), 5.0, 1e-6);
        // A cut between makes it no shift of the finish.
        const Hole h = book.present().spec().holes.front();
        put(book, CutEntry{Enlarge{h.id, h.diameter + mm(0.5)}, h.diameter, {}, {}}, "2026-06-02T10:00:00Z");
        put(book, heard(next, 4.0, 1.0), "2026-06-03T10:00:00Z");
        shifts = shiftOver(book, began, ended);
        QCOMPARE(shifts.size(), std::size_t(1));
    }
    void aDayIsWhatTheCalendarOnTheWallSays()
    {
        // Half past one in the night of 2 May in Greenwich is the evening of the first on the American west coast (seven hours
        // behind in summer) and still the second in Berlin: IANA time zone database.
        const Entry entry{{1}, "2026-05-02T01:30:00.000Z", NoteEntry{"oiled"}};
        using namespace std::chrono_literals;
        const auto dayIn = [&entry](const char* zone) {
            qputenv("TZ", zone);
            tzset();
            return localDayFrom(entry.at);
        };
        const std::chrono::sys_days west = dayIn("PST8PDT,M3.2.0,M11.1.0");
        const std::chrono::sys_days berlin = dayIn("CET-1CEST,M3.5.0,M10.5.0/3");
        qunsetenv("TZ");
        tzset();
        QVERIFY(west == std::chrono::sys_days(2026y / 5 / 1));
        QVERIFY(berlin == std::chrono::sys_days(2026y / 5 / 2));
        QVERIFY(localDayFrom("yesterday") == std::chrono::sys_days());
    }
};

DOWEL_TEST(TestPassport)
#include "test_passport.moc"
