// SPDX-License-Identifier: GPL-3.0-or-later
// Proves fit and forecast on an instrument whose physics is foreign to the model: the posterior comes to the truth, its
// spreads are honest, one wrong reading is outvoted, and nothing heard means the prior.
#include "core/forecast/forecast.h"
#include "support/bench.h"
#include "support/compare.h"

using namespace dowel;
using fixtures::Bench;
using fixtures::mm;

class TestFit : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void withoutReadingsThePosteriorIsThePrior()
    {
        const auto p = fit(Workbook(fixtures::whistle()));
        VERIFY_OK(p);
        VERIFY_NEAR(p->warmth_K(), Priors{}.warmth_K, 1e-12);
        const auto f = Forecaster::make(Workbook(fixtures::whistle()));
        VERIFY_OK(f);
        for (const NoteState& s : f->now())
            QVERIFY2(s.sd > 15.0 && s.sd < 120.0, qPrintable(QString::number(s.sd))); // tens of cents: honest before hearing
    }
    void afterOneRoundEveryNoteIsKnownToACentOrTwo()
    {
        int held = 0;
        int all = 0;
        for (const std::uint64_t seed : {2U, 5U, 10U, 14U, 21U}) {
            Bench bench(seed);
            bench.hearAll();
            const auto f = Forecaster::make(bench.book());
            VERIFY_OK(f);
            QVERIFY(f->posterior().report().usable());
            const auto& notes = bench.book().present().spec().fingerings;
            for (std::size_t i = 0; i < notes.size(); ++i) {
                const double off = f->now()[i].cents - bench.truthCents(notes[i]);
                QVERIFY2(std::abs(off) < 6.0, qPrintable(QString::number(off)));
                held += std::abs(off) < 1.645 * f->now()[i].sd ? 1 : 0;
                ++all;
            }
        }
        // Of stated 90 % intervals about that share holds; seventy notes know it to four per cent.
        QVERIFY2(held >= all * 80 / 100, qPrintable(QStringLiteral("%1 of %2").arg(held).arg(all)));
    }
    void aForecastOfACutComesTrueWithinItsSpread()
    {
        int held = 0;
        int all = 0;
        for (const std::uint64_t seed : {2U, 5U, 10U, 14U, 21U}) {
            Bench bench(seed);
            bench.hearAll();
            const auto f = Forecaster::make(bench.book());
            VERIFY_OK(f);
            const Cut cut = Enlarge{{"h3"}, mm(6.0)};
            const auto after = f->states(applied(bench.book().present(), cut).value());
            VERIFY_OK(after);
            bench.put(CutEntry{cut, mm(5.3), {}, {}});
            const auto& notes = bench.book().present().spec().fingerings;
            for (std::size_t i = 0; i < notes.size(); ++i) {
                held += std::abs((*after)[i].cents - bench.truthCents(notes[i])) < 1.645 * (*after)[i].sd ? 1 : 0;
                ++all;
            }
        }
        QVERIFY2(held >= all * 80 / 100, qPrintable(QStringLiteral("%1 of %2").arg(held).arg(all)));
    }
    void aSecondReadingSharpensAndAnOldOneBlurs()
    {
        Bench bench(10);
        bench.hearAll();
        const auto once = Forecaster::make(bench.book());
        VERIFY_OK(once);
        bench.hearAll();
        const auto twice = Forecaster::make(bench.book());
        VERIFY_OK(twice);
        for (std::size_t i = 0; i < once->now().size(); ++i)
            QVERIFY(twice->now()[i].sd < once->now()[i].sd);
        bench.put(CutEntry{Enlarge{{"h2"}, mm(7.0)}, mm(5.9), {}, {}});
        const auto stale = Forecaster::make(bench.book());
        VERIFY_OK(stale);
        const std::size_t fSharp = *bench.book().present().indexOf(FingeringId{"F#5"});
        QVERIFY(stale->now()[fSharp].sd > twice->now()[fSharp].sd + 0.3);
        QVERIFY(*stale->waySinceHeard()[fSharp] > 10.0);
    }
    void oneWrongReadingIsOutvoted()
    {
        Bench good(10);
        good.hearAll();
        good.hearAll();
        Bench bad(10);
        bad.hearAll();
        bad.hearAll();
        bad.hear({"A5"}, 60.0); // somebody coughed
        const auto a = Forecaster::make(good.book());
        const auto b = Forecaster::make(bad.book());
        VERIFY_OK(a);
        VERIFY_OK(b);
        for (std::size_t i = 0; i < a->now().size(); ++i)
            VERIFY_NEAR(b->now()[i].cents, a->now()[i].cents, 3.0);
    }
    void takingShapesUpAndDownAddsUp()
    {
        // A note that one cut raises and another lowers is no surer than after either: the way counts, not the sum.
        Bench bench(10);
        bench.hearAll();
        bench.put(CutEntry{Enlarge{{"h1"}, mm(6.5)}, mm(5.3), {}, {}}); // sinks D5 a trifle
        const auto first = Forecaster::make(bench.book());
        VERIFY_OK(first);
        bench.put(CutEntry{TrimFoot{mm(276.0)}, mm(277.5), {}, {}}); // raises it
        const auto second = Forecaster::make(bench.book());
        VERIFY_OK(second);
        QVERIFY(*second->waySinceHeard()[0] > *first->waySinceHeard()[0] + 3.0);
    }
    void badPriorsAreNamed()
    {
        Priors p;
        p.holeEndSd = 0.0;
        const auto r = fit(Workbook(fixtures::whistle()), p);
        QVERIFY(!r);
        QCOMPARE(r.error().where, std::string("holeEndSd"));
    }
    void aCancelledFitEnds()
    {
        Bench bench(10);
        bench.hearAll();
        Cancel cancel;
        cancel.request();
        const auto r = fit(bench.book(), {}, cancel);
        QVERIFY(!r);
        QCOMPARE(r.error().code, ErrorCode::Cancelled);
    }
};

QTEST_APPLESS_MAIN(TestFit)
#include "test_fit.moc"
