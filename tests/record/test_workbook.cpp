// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the record: append-only, shapes follow the cuts that stand, readings know their shape, corrections set aside.
#include "core/record/workbook.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/test_main.h"

using namespace dowel;
using fixtures::mm;

namespace {

Entry reading(std::int64_t id, const char* fingering, double hz)
{
    const ReadingEntry r = fixtures::heard({fingering}, Hertz::fromHertz(hz), 0.5, Temperature::fromCelsius(21.0));
    return {{id}, "2026-01-01T00:00:00Z", r};
}

Entry cut(std::int64_t id, const char* hole, double size)
{
    return {{id}, "2026-01-01T00:00:00Z", CutEntry{Enlarge{{hole}, mm(size)}, mm(5.3), {}, {}}};
}

} // namespace

class TestWorkbook : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void shapesFollowTheCuts()
    {
        Workbook book(fixtures::whistle());
        VERIFY_OK(book.append(reading(1, "D5", 580.0)));
        VERIFY_OK(book.append(cut(2, "h1", 6.0)));
        VERIFY_OK(book.append(cut(3, "h1", 6.5)));
        VERIFY_OK(book.append(reading(4, "E5", 650.0)));
        QCOMPARE(book.shapes().size(), std::size_t(3));
        VERIFY_NEAR(book.present().find(HoleId{"h1"})->diameter.millimetres(), 6.5, 1e-9);
        VERIFY_NEAR(book.specified().find(HoleId{"h1"})->diameter.millimetres(), 5.3, 1e-9);
        const auto readings = book.readings();
        QCOMPARE(readings.size(), std::size_t(2));
        QCOMPARE(readings[0].shape, std::size_t(0));
        QCOMPARE(readings[1].shape, std::size_t(2));
        QCOMPARE(book.nextId().number, std::int64_t(5));
    }
    void whatIsBuiltIsWhatCountsFromThereOn()
    {
        InstrumentSpec bare = fixtures::whistleSpec();
        bare.holes.clear();
        bare.fingerings.clear();
        Workbook book(std::move(Instrument::make(bare)).value());
        QVERIFY(!book.sounds() && book.plan() == nullptr);
        VERIFY_OK(book.append({{1}, "", PlanEntry{"{\"first\": 1}"}}));
        VERIFY_OK(book.append({{2}, "", PlanEntry{"{\"second\": 2}"}}));
        QCOMPARE(*book.plan(), std::string("{\"second\": 2}"));
        QVERIFY(!book.sounds()); // a design is not there
        QCOMPARE(book.append(reading(3, "D5", 580.0)).error().code, ErrorCode::UnknownName);
        VERIFY_OK(book.append({{3}, "", BuiltEntry{fixtures::whistle()}}));
        QVERIFY(book.sounds());
        VERIFY_OK(book.append(reading(4, "D5", 580.0)));
        VERIFY_OK(book.append(cut(5, "h1", 6.0)));
        VERIFY_OK(book.append(reading(6, "D5", 582.0)));
        QCOMPARE(book.shapes().size(), std::size_t(2));
        QCOMPARE(book.readings().size(), std::size_t(2));
        // Drilled anew: what was heard and cut on the other tube counts no more, and stays.
        InstrumentSpec other = fixtures::whistleSpec();
        other.holes[0].diameter = other.holes[0].undercutDiameter = mm(5.8);
        VERIFY_OK(book.append({{7}, "", BuiltEntry{std::move(Instrument::make(other)).value()}}));
        QVERIFY(book.readings().empty() && book.cuts().empty());
        QCOMPARE(book.entries().size(), std::size_t(7));
        VERIFY_NEAR(book.present().find(HoleId{"h1"})->diameter.millimetres(), 5.8, 1e-9);
        VERIFY_OK(book.append(reading(8, "E5", 650.0)));
        VERIFY_OK(book.append({{9}, "", MeasureEntry{HoleId{"h1"}, mm(5.7)}}));
        VERIFY_NEAR(book.present().find(HoleId{"h1"})->diameter.millimetres(), 5.7, 1e-9);
        // Taken back, and the first one is there again with all that was done to it.
        VERIFY_OK(book.append({{10}, "", SetAsideEntry{{9}, "on the other tube"}}));
        VERIFY_OK(book.append({{11}, "", SetAsideEntry{{7}, "taken back"}}));
        QCOMPARE(book.cuts().size(), std::size_t(1));
        QCOMPARE(book.readings().size(), std::size_t(3)); // what was heard since is of the tube that is there
        VERIFY_NEAR(book.present().find(HoleId{"h1"})->diameter.millimetres(), 6.0, 1e-9);
        VERIFY_OK(book.append({{12}, "", SetAsideEntry{{2}, "the first was better"}}));
        QCOMPARE(*book.plan(), std::string("{\"first\": 1}"));
        QCOMPARE(book.append({{13}, "", PlanEntry{""}}).error().code, ErrorCode::BadValue);
        // A cut stands on it: without anything built there is no such hole.
        QCOMPARE(book.append({{13}, "", SetAsideEntry{{3}, "not drilled after all"}}).error().code, ErrorCode::UnknownName);
    }
    void whatWasSetAsideComesBack()
    {
        Workbook book(fixtures::whistle());
        QVERIFY(book.lastSetAside() == nullptr);
        VERIFY_OK(book.append(cut(1, "h1", 6.0)));
        AmendEntry fewer;
        fewer.wanted = Wanted{fixtures::whistleSpec().tuning, fixtures::whistleSpec().fingerings};
        fewer.wanted->fingerings[4].closed.pop_back(); // A5 with another finger
        VERIFY_OK(book.append({{2}, "", fewer}));
        VERIFY_OK(book.append(reading(3, "A5", 880.0)));
        VERIFY_OK(book.append({{4}, "", SetAsideEntry{{2}, "taken back"}}));
        QVERIFY(book.readings().empty()); // it was another A5
        VERIFY_OK(book.append({{5}, "", SetAsideEntry{{1}, "typed wrongly"}}));
        QCOMPARE(book.shapes().size(), std::size_t(1));
        QCOMPARE(book.lastSetAside()->id.number, std::int64_t(5));
        VERIFY_OK(book.append({{6}, "", SetAsideEntry{{5}, "brought back"}}));
        QVERIFY(!book.isSetAside({1}) && book.isSetAside({5}));
        VERIFY_NEAR(book.present().find(HoleId{"h1"})->diameter.millimetres(), 6.0, 1e-9);
        QCOMPARE(book.lastSetAside()->id.number, std::int64_t(4)); // and further back
        VERIFY_OK(book.append({{7}, "", SetAsideEntry{{4}, "brought back"}}));
        QCOMPARE(book.readings().size(), std::size_t(1));
        QCOMPARE(book.fingeringsAt({99})[4].closed, fewer.wanted->fingerings[4].closed);
        QVERIFY(book.lastSetAside() == nullptr);
        // There and back once more; a return itself is not set aside, what it brought is.
        QCOMPARE(book.check(SetAsideEntry{{6}, ""}).error().code, ErrorCode::UnknownName);
        VERIFY_OK(book.append({{8}, "", SetAsideEntry{{1}, "after all"}}));
        QCOMPARE(book.shapes().size(), std::size_t(1));
        VERIFY_OK(book.append(reading(9, "D5", 580.0)));
        QVERIFY(book.lastSetAside() == nullptr); // something was done since
        // What no longer fits does not come back: the hole is another one by now.
        VERIFY_OK(book.append(cut(10, "h1", 7.0)));
        QVERIFY(!book.append({{11}, "", SetAsideEntry{{99}, ""}}));
        VERIFY_OK(book.append({{11}, "", SetAsideEntry{{8}, "it was so"}}));
        QCOMPARE(book.shapes().size(), std::size_t(3));
    }
    void settingAsideTakesAnEntryOutAndKeepsIt()
    {
        Workbook book(fixtures::whistle());
        VERIFY_OK(book.append(cut(1, "h1", 6.0)));
        VERIFY_OK(book.append(reading(2, "D5", 580.0)));
        VERIFY_OK(book.append({{3}, "", SetAsideEntry{{1}, "typed wrongly"}}));
        QCOMPARE(book.shapes().size(), std::size_t(1));
        QVERIFY(book.isSetAside({1}));
        QCOMPARE(book.entries().size(), std::size_t(3));
        QCOMPARE(book.readings().front().shape, std::size_t(0));
        VERIFY_OK(book.append({{4}, "", SetAsideEntry{{2}, "played badly"}}));
        QVERIFY(book.readings().empty());
        QVERIFY(!book.append({{5}, "", SetAsideEntry{{2}, "again"}}));
        QVERIFY(!book.append({{5}, "", SetAsideEntry{{99}, "no such"}}));
    }
    void refusedEntriesChangeNothing()
    {
        Workbook book(fixtures::whistle());
        VERIFY_OK(book.append(cut(1, "h1", 6.0)));
        QCOMPARE(book.append(cut(2, "h1", 5.0)).error().code, ErrorCode::NotRemovable);
        QCOMPARE(book.append(reading(2, "Z9", 580.0)).error().code, ErrorCode::UnknownName);
        QCOMPARE(book.append(reading(2, "D5", -580.0)).error().code, ErrorCode::BadValue);
        QCOMPARE(book.append(reading(2, "D5", std::nan(""))).error().code, ErrorCode::BadValue);
        QCOMPARE(book.append(cut(1, "h1", 7.0)).error().code, ErrorCode::Damaged); // a number twice
        QCOMPARE(book.entries().size(), std::size_t(1));
        QCOMPARE(book.shapes().size(), std::size_t(2));
    }
    void whatNoReadingCanBeIsRefusedAtItsLimits()
    {
        const auto refused = [](Hertz pitch, double sd_cents, double celsius) {
            Workbook book(fixtures::whistle());
            const auto there = Temperature::fromCelsius(celsius);
            const Status ok = book.append({{1}, "", fixtures::heard({"D5"}, pitch, sd_cents, there)});
            return ok ? std::string() : ok.error().where;
        };
        const auto hz = Hertz::fromHertz;
        QCOMPARE(refused(hz(580.0), 1.0, 20.0), std::string());
        QCOMPARE(refused(hz(10.01), 199.9, -19.9), std::string());
        QCOMPARE(refused(hz(19999.0), 1e-6, 59.9), std::string());
        QCOMPARE(refused(hz(10.0), 1.0, 20.0), std::string("hz"));
        QCOMPARE(refused(hz(20000.0), 1.0, 20.0), std::string("hz"));
        QCOMPARE(refused(hz(580.0), 0.0, 20.0), std::string("sd_cents"));
        QCOMPARE(refused(hz(580.0), 200.0, 20.0), std::string("sd_cents"));
        QCOMPARE(refused(hz(580.0), 1.0, -20.0), std::string("celsius"));
        QCOMPARE(refused(hz(580.0), 1.0, 60.0), std::string("celsius"));
    }
    void aCutThatOthersStandOnCannotBeTakenOutFromUnderThem()
    {
        Workbook book(fixtures::whistle());
        VERIFY_OK(book.append({{1}, "", CutEntry{Enlarge{{"h1"}, mm(5.6)}, mm(5.3), {}, {}}}));
        VERIFY_OK(book.append({{2}, "", CutEntry{TrimFoot{mm(270.0)}, mm(277.5), {}, {}}}));
        VERIFY_OK(book.append({{3}, "", SetAsideEntry{{1}, ""}})); // independent: fine
        VERIFY_NEAR(book.present().length().millimetres(), 270.0, 1e-9);
    }
    void aSizeMeasuredAgainHoldsSinceItWasWrittenDown()
    {
        const auto h1 = [](const Instrument& i) {
            return i.find(HoleId{"h1"})->diameter.millimetres();
        };
        const auto measured = [](std::int64_t id, double size) {
            return Entry{{id}, "", MeasureEntry{HoleId{"h1"}, mm(size)}};
        };
        Workbook book(fixtures::whistle());
        VERIFY_OK(book.append(reading(1, "D5", 580.0)));
        QVERIFY(!book.measuredAgain(HoleId{"h1"}));
        VERIFY_OK(book.append(measured(2, 4.3))); // never cut: wrong from the start
        VERIFY_NEAR(h1(book.specified()), 4.3, 1e-9);
        VERIFY_NEAR(book.specified().find(HoleId{"h1"})->undercutDiameter.millimetres(), 4.3, 1e-9);
        QVERIFY(book.measuredAgain(HoleId{"h1"}) && !book.measuredAgain(HoleId{"h2"}));
        QCOMPARE(book.readings().front().shape, std::size_t(0));
        VERIFY_OK(book.append(cut(3, "h1", 6.0)));
        QVERIFY(!book.measuredAgain(HoleId{"h1"})); // the cut wrote it down anew
        VERIFY_OK(book.append(cut(4, "h2", 6.2)));
        VERIFY_OK(book.append(measured(5, 5.8)));
        QCOMPARE(book.shapes().size(), std::size_t(3));
        VERIFY_NEAR(h1(book.shapes()[0]), 4.3, 1e-9);
        VERIFY_NEAR(h1(book.shapes()[1]), 5.8, 1e-9);
        VERIFY_NEAR(h1(book.present()), 5.8, 1e-9);
        VERIFY_NEAR(book.present().find(HoleId{"h2"})->diameter.millimetres(), 6.2, 1e-9);
        // Smaller than it was before the cut: one of the two is wrong, and nothing is changed.
        QCOMPARE(book.append(measured(6, 4.0)).error().code, ErrorCode::NotRemovable);
        QCOMPARE(book.append({{6}, "", MeasureEntry{HoleId{"h9"}, mm(5.0)}}).error().code, ErrorCode::UnknownName);
        QVERIFY(!book.append(measured(6, 60.0)));
        QVERIFY(!book.append({{6}, "", MeasureEntry{std::nullopt, mm(100.0)}})); // above the holes
        VERIFY_NEAR(h1(book.present()), 5.8, 1e-9);
        VERIFY_OK(book.append({{6}, "", MeasureEntry{std::nullopt, mm(276.5)}}));
        VERIFY_NEAR(book.specified().length().millimetres(), 276.5, 1e-9);
        VERIFY_OK(book.append({{7}, "", SetAsideEntry{{5}, "misread the calipers"}}));
        VERIFY_NEAR(h1(book.present()), 6.0, 1e-9);
        QVERIFY(!book.measuredAgain(HoleId{"h1"}));
    }
    void namesGoBothWays()
    {
        for (const auto s : {AdviceState::Measure, AdviceState::MakeCut, AdviceState::Finished, AdviceState::Stop})
            QVERIFY(stateFromName(stateName(s)) == s);
        for (const auto w : {UnreachedNote::Why::SharpAlready, UnreachedNote::Why::HoleAtLimit, UnreachedNote::Why::FootAtLimit,
                             UnreachedNote::Why::Compromise})
            QVERIFY(leftFromName(leftName(w)) == w);
        for (const auto s : {ReadingSource::Player, ReadingSource::File, ReadingSource::Microphone, ReadingSource::Numbers})
            QVERIFY(sourceFromName(sourceName(s)) == s);
        QVERIFY(!stateFromName("perhaps"));
    }
};

DOWEL_TEST(TestWorkbook)
#include "test_workbook.moc"
