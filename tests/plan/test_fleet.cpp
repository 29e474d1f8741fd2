// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the advice on a small fleet, one blank of every family: none spoilt, none left sharp, most of them home, in few
// rounds, with intervals that hold. The whole fleet with its yardsticks: bench/fleet.
#include "core/forecast/outcomes.h"
#include "core/plan/registers.h"
#include "support/compare.h"
#include "support/fleet.h"

using namespace dowel;

class TestFleet : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void oneOfEveryFamilyIsBroughtHomeOrLeftUnspoilt()
    {
        const fleet::Conditions with;
        int home = 0;
        int forecasts = 0;
        int held = 0;
        for (std::uint64_t seed = 7002; seed < 7008; ++seed) {
            const auto blank = fleet::blankOf(seed, with);
            QVERIFY(blank);
            const fleet::Outcome o = fleet::advised(*blank, seed, with);
            qInfo("%s: %s, worst %+.1f cents, %d cuts, %.1f rounds", familyName(blank->spec().family).data(),
                  o.home ? "home" : "not home", o.worst, o.cuts, o.rounds);
            QVERIFY(o.end == AdviceState::Finished);
            QVERIFY(!o.spoiled);
            QCOMPARE(o.sharp, 0);
            QVERIFY(o.rounds < 6.0);
            home += o.home ? 1 : 0;
            forecasts += o.forecasts;
            held += o.held;
        }
        QVERIFY2(home >= 4, qPrintable(QString::number(home)));
        QVERIFY2(held >= forecasts * 80 / 100, qPrintable(QStringLiteral("%1 of %2").arg(held).arg(forecasts)));
    }
    void everyForecastIsHeldToItsOutcome()
    {
        const fleet::Conditions with;
        const auto blank = fleet::blankOf(7004, with);
        QVERIFY(blank);
        fleet::Bench bench(*blank, 7004, with);
        for (const Fingering& f : blank->spec().fingerings)
            bench.hear(f.id);
        QVERIFY(outcomesOf(bench.book()).empty());
        const auto advice = advise(bench.book());
        VERIFY_OK(advice);
        const AdviceStep& step = advice->steps.front();
        bench.cut(step.cut, step.forecast);
        bench.hear(step.forecast[1].fingering);
        const auto outcomes = outcomesOf(bench.book());
        QCOMPARE(outcomes.size(), std::size_t(1));
        QCOMPARE(outcomes[0].fingering, step.forecast[1].fingering);
        QCOMPARE(outcomes[0].forecast.cents(), step.forecast[1].after.cents());
        // The room is a degree warmer than the tuning's 20: heard at that temperature it is 2.95 cents flatter (speed of
        // sound over the square root of temperature).
        const auto& reading = *bench.book().readings().back().reading;
        const double raw = 1200.0 * std::log2(reading.pitch / bench.book().present().find(reading.fingering)->target);
        VERIFY_NEAR(outcomes[0].heard.cents(), raw - 2.95, 0.02);
        VERIFY_NEAR(honestyOf({}, 1.5), 1.0, 1e-12);
        auto wild = outcomes;
        wild[0].before = Cents::fromCents(wild[0].forecast.cents() - 20.0);
        wild[0].heard = Cents::fromCents(wild[0].forecast.cents() + 40.0);
        QVERIFY(honestyOf(std::vector<NoteOutcome>(10, wild[0]), 1.5) > 1.5);
        wild[0].heard = wild[0].forecast;
        QVERIFY(honestyOf(std::vector<NoteOutcome>(20, wild[0]), 1.5) < 0.7);
    }
    void theStopperMovesTheRegistersApart()
    {
        // On a flute the octaves widen and narrow with the stopper, and hardly with the foot; every flute maker's cork says
        // so: common practice, no source.
        const auto blank = fleet::blankOf(7004, {});
        QVERIFY(blank && blank->spec().family == Family::Flute);
        const auto p = fit(Workbook(*blank));
        VERIFY_OK(p);
        const auto view = registersOf(*p, *blank);
        VERIFY_OK(view);
        QVERIFY(view->pairs.size() >= 5);
        double stopper = 0.0;
        double foot = 0.0;
        for (const RegisterLever& l : view->levers) {
            if (l.lever.kind == Lever::Kind::Stopper)
                stopper = std::abs(l.mean.cents());
            if (l.lever.kind == Lever::Kind::Foot)
                foot = std::abs(l.mean.cents());
        }
        QVERIFY(stopper > 0.3);
        QVERIFY(stopper > 3.0 * foot);
        // Wide is what the upper register has more than the lower one.
        const auto cents = p->cents(*blank);
        VERIFY_OK(cents);
        for (const RegisterPair& pair : view->pairs) {
            QVERIFY(blank->spec().fingerings[pair.high].registerNumber == blank->spec().fingerings[pair.low].registerNumber + 1);
            VERIFY_NEAR(pair.wide.cents(), (*cents)[pair.high] - (*cents)[pair.low], 1e-9);
        }
    }
};

QTEST_APPLESS_MAIN(TestFleet)
#include "test_fleet.moc"
