// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the advice on hidden instruments with physics of their own: removal only, within limits and sizes, no lasting
// overshoot, home in few cuts, and honest about what it cannot do.
#include "core/instrument/lattice.h"
#include "core/layout/families.h"
#include "core/plan/plan.h"
#include "support/bench.h"
#include "support/compare.h"
#include "support/heard.h"
#include "support/long_run.h"
#include "support/test_main.h"

using namespace dowel;
using fixtures::Bench;
using fixtures::mm;

namespace {

struct Outcome
{
    Advice last;
    int cuts = 0;
    int rounds = 0;
    double worst = 0.0;
    double sharpest = -1e9;
    QString broken; ///< first rule that a step broke
};

QString brokenRule(const AdviceStep& step, const Instrument& present)
{
    const bool foot = std::holds_alternative<TrimFoot>(step.cut);
    const Metres now = *presentSize(present, step.cut);
    const Metres to = wantedSize(step.cut);
    if (foot ? to >= now : to <= now)
        return QStringLiteral("adds material or does nothing");
    if (foot && to < *present.spec().limits.footMin)
        return QStringLiteral("shorter than allowed");
    if (std::holds_alternative<Enlarge>(step.cut) && to > *present.spec().limits.holeMax)
        return QStringLiteral("wider than allowed");
    const double steps = to.millimetres() / present.spec().tools.step.millimetres();
    if (std::abs(steps - std::round(steps)) > 1e-6)
        return QStringLiteral("no size that can be made: %1").arg(to.millimetres());
    if (step.forecast.size() != present.spec().fingerings.size())
        return QStringLiteral("forecast incomplete");
    if (!applied(present, step.cut))
        return QStringLiteral("cannot be done");
    return {};
}

Outcome follow(Bench& bench)
{
    Outcome o;
    for (int i = 0; i < 80 && bench.trouble().empty(); ++i) {
        const auto advice = advise(bench.book());
        if (!advice) {
            o.broken = QString::fromStdString(told(advice.error()));
            break;
        }
        o.last = *advice;
        if (advice->state == AdviceState::Measure) {
            ++o.rounds;
            for (const auto& id : advice->fingerings)
                bench.hear(id);
        } else if (advice->state == AdviceState::MakeCut) {
            ++o.cuts;
            const AdviceStep& step = advice->steps.front();
            if (o.broken.isEmpty())
                o.broken = brokenRule(step, bench.book().present());
            bench.cut(step.cut, step.forecast);
        } else {
            break;
        }
    }
    for (const Fingering& f : bench.book().present().spec().fingerings) {
        const double off = bench.truthCents(f);
        o.worst = std::max(o.worst, std::abs(off));
        o.sharpest = std::max(o.sharpest, off);
    }
    return o;
}

} // namespace

class TestPlan : public QObject
{
    Q_OBJECT

    /// The demo's blank brought to its end by the advice, once for all who begin there.
    static const Bench& worked()
    {
        static const Bench there = [] {
            Bench bench(10, 0.2);
            (void)follow(bench);
            return bench;
        }();
        return there;
    }

private Q_SLOTS:
    void nothingHeardAsksForEverything()
    {
        const auto a = advise(Workbook(fixtures::whistle()));
        VERIFY_OK(a);
        QCOMPARE(a->state, AdviceState::Measure);
        QCOMPARE(a->fingerings.size(), std::size_t(14));
    }
    void theDemoBlankComesHome()
    {
        Bench bench(10);
        const Outcome o = follow(bench);
        QVERIFY2(o.broken.isEmpty(), qPrintable(o.broken));
        QCOMPARE(bench.trouble(), std::string());
        if (o.last.contradiction)
            qInfo("contradiction %s %.2f", o.last.contradiction->what.c_str(), o.last.contradiction->amount);
        QCOMPARE(o.last.state, AdviceState::Finished);
        qInfo("%d cuts, %d rounds, worst %.1f, sharpest %.1f cents", o.cuts, o.rounds, o.worst, o.sharpest);
        QVERIFY(o.cuts <= 22);
        QVERIFY(o.rounds <= 7);
        QVERIFY(o.sharpest < 6.0);
        QVERIFY(o.worst < 7.0); // six in the window's own run; here another player's chance
    }
    void noBlankIsSpoilt()
    {
        // Blanks that may have no solution: what counts is that none is driven sharp by the advice.
        const std::vector<std::uint64_t> seeds =
            longRun() ? std::vector<std::uint64_t>{1, 5, 7, 12, 16, 25} : std::vector<std::uint64_t>{16};
        for (const std::uint64_t seed : seeds) {
            Bench bench(seed);
            std::vector<double> before;
            for (const Fingering& f : bench.book().present().spec().fingerings)
                before.push_back(bench.truthCents(f));
            const Outcome o = follow(bench);
            QVERIFY2(o.broken.isEmpty(), qPrintable(o.broken));
            qInfo("seed %d: %d cuts, %d rounds, worst %.1f, sharpest %.1f, %s", static_cast<int>(seed), o.cuts, o.rounds, o.worst,
                  o.sharpest, stateName(o.last.state).data());
            QVERIFY(o.last.state == AdviceState::Finished || o.last.state == AdviceState::Stop);
            QVERIFY2(o.sharpest < 8.0, qPrintable(QStringLiteral("seed %1: %2 cents sharp").arg(seed).arg(o.sharpest)));
        }
    }
    void aHoleIsNotCutTwiceWithoutListening()
    {
        // What a cut did is heard before the same hole is cut again, however often one asks.
        Bench bench(10);
        bench.hearAll();
        std::vector<std::string> cut;
        for (int i = 0; i < 30; ++i) {
            const auto a = advise(bench.book());
            VERIFY_OK(a);
            if (a->state != AdviceState::MakeCut)
                break;
            const Cut& c = a->steps.front().cut;
            const std::string name = std::string(factsOf(c).word) + (holeOf(c) ? holeOf(c)->text : "");
            QVERIFY2(std::find(cut.begin(), cut.end(), name) == cut.end(), name.c_str());
            cut.push_back(name);
            bench.cut(c, a->steps.front().forecast);
        }
        QVERIFY(cut.size() >= 4);
        const auto then = advise(bench.book());
        VERIFY_OK(then);
        QCOMPARE(then->state, AdviceState::Measure);
        QVERIFY(then->fingerings.size() >= 4);
    }
    void aSittingHearsHalfOfTheNotes()
    {
        // One note in a sitting of its own cannot be told from the sitting's shift: common practice, no source.
        Bench bench(10);
        bench.hearAll();
        bench.hearAll();
        const auto notes = bench.book().present().spec().fingerings; // a cut makes another shape
        const HoleId upper = bench.book().present().spec().holes.back().id;
        const Metres from = *presentSize(bench.book().present(), Enlarge{upper, Metres{}});
        bench.put(CutEntry{Enlarge{upper, from + Metres::fromMillimetres(0.2)}, from, {}, {}});
        const auto a = advise(bench.book());
        VERIFY_OK(a);
        QCOMPARE(a->state, AdviceState::Measure);
        QVERIFY(2 * a->fingerings.size() >= notes.size());
        // In the order in which they are played.
        std::size_t last = 0;
        for (const FingeringId& id : a->fingerings) {
            const auto at = static_cast<std::size_t>(
                std::find_if(notes.begin(), notes.end(), [&](const Fingering& f) { return f.id == id; }) - notes.begin());
            QVERIFY(at >= last);
            last = at;
        }
    }
    void cutsOfOnesOwnAreListenedTo()
    {
        // Two holes opened without asking: what they did is heard before any other hole is cut.
        Bench bench(10);
        bench.hearAll();
        for (const char* hole : {"h1", "h2"})
            bench.cut(Enlarge{{hole}, bench.book().present().find(HoleId{hole})->diameter + mm(0.5)}, {});
        for (int i = 0; i < 4; ++i) {
            const auto a = advise(bench.book());
            VERIFY_OK(a);
            if (a->state == AdviceState::Measure) {
                QVERIFY(!a->fingerings.empty());
                return;
            }
            QCOMPARE(a->state, AdviceState::MakeCut);
            QVERIFY(!std::holds_alternative<Enlarge>(a->steps.front().cut));
            bench.cut(a->steps.front().cut, a->steps.front().forecast);
        }
        QFAIL("never asked to listen");
    }
    void aNoteThatDoesNotCountMovesNoCut()
    {
        // Of no weight and 34 cents off, or in tune: the work is the same.
        const auto cutsWith = [](double raised) {
            Bench bench(10, 0.2);
            InstrumentSpec s = bench.book().present().spec();
            s.fingerings[3].weight = 0.0;
            s.fingerings[3].target = s.fingerings[3].target * raised;
            Workbook book(Instrument::make(s).value());
            for (const Fingering& f : bench.book().present().spec().fingerings) {
                const ReadingEntry r =
                    fixtures::heard(f.id, f.target * std::exp2(bench.truthCents(f) / 1200.0), 0.3, s.tuning.playedAt);
                if (!book.append({book.nextId(), "", r}))
                    return std::vector<Cut>();
            }
            std::vector<Cut> cuts;
            const auto a = advise(book);
            for (std::size_t i = 0; a && i < a->steps.size(); ++i)
                cuts.push_back(a->steps[i].cut);
            return cuts;
        };
        QVERIFY(cutsWith(1.0).size() >= 4);
        QVERIFY(cutsWith(1.0) == cutsWith(1.02));
    }
    void whatIsWellInIsLeftAlone()
    {
        // In tune but for h4, a third of a millimetre too narrow: that hole is cut and no other.
        Bench bench = worked();
        const Metres was = bench.book().present().find(HoleId{"h4"})->diameter;
        bench.cut(Fill{{"h4"}, was - mm(0.6)}, {});
        bench.hearAll();
        const auto a = advise(bench.book());
        VERIFY_OK(a);
        QCOMPARE(a->state, AdviceState::MakeCut);
        const auto h4 = std::find_if(a->steps.begin(), a->steps.end(), [](const AdviceStep& s) {
            return std::holds_alternative<Enlarge>(s.cut) && holeOf(s.cut)->text == "h4";
        });
        QVERIFY(h4 != a->steps.end());
        QVERIFY2(a->steps.size() <= 4, qPrintable(QString::number(a->steps.size())));
        // Where every trifle is worth a cut, more is done.
        PlanOptions nearest;
        nearest.worth = nearest.worthOfOther = 1e-4;
        const auto all = advise(bench.book(), {}, nearest);
        VERIFY_OK(all);
        QVERIFY(all->steps.size() >= a->steps.size());
    }
    void everyLeverAtItsBoundIsStillAnInstrument()
    {
        // Neighbouring holes close together: widened and undercut as far as each may, they must not run into each other.
        for (const double apart : {9.5, 11.0, 14.0}) {
            InstrumentSpec s = fixtures::whistleSpec();
            for (std::size_t i = 0; i < s.holes.size(); ++i) {
                s.holes[i].at = mm(225.0 - apart * static_cast<double>(i));
                s.holes[i].diameter = s.holes[i].undercutDiameter = mm(6.0);
            }
            s.limits = {};
            const Instrument dense = Instrument::make(s).value();
            for (const LeverScope means : {LeverScope::HolesAndFoot, LeverScope::Usual, LeverScope::BoreToo}) {
                const auto levers = leversOf(dense, means);
                Eigen::VectorXd high(static_cast<Eigen::Index>(levers.size()));
                for (std::size_t k = 0; k < levers.size(); ++k)
                    high[static_cast<Eigen::Index>(k)] = (isLever<TrimFoot>(levers[k]) ? levers[k].low : levers[k].high).metres();
                const auto all = withLevers(dense, levers, high);
                QVERIFY2(all.ok(), all ? "" : (all.error().where).c_str());
            }
        }
    }
    void stepsComeFromTheFootUpwardsAndOnlyTheLastAsksToListen()
    {
        Bench bench(10);
        bench.hearAll();
        const auto a = advise(bench.book());
        VERIFY_OK(a);
        QCOMPARE(a->state, AdviceState::MakeCut);
        QVERIFY(a->steps.size() >= 4);
        double at = 1e9;
        bool holesDone = false;
        for (std::size_t i = 0; i < a->steps.size(); ++i) {
            if (const auto* hole = std::get_if<Enlarge>(&a->steps[i].cut)) {
                QVERIFY(!holesDone); // the foot when all holes' volumes are in, and then what the registers need
                const double place = bench.book().present().find(hole->hole)->at.millimetres();
                QVERIFY(place < at);
                at = place;
            } else if (std::holds_alternative<CutUp>(a->steps[i].cut)) {
                QCOMPARE(i, std::size_t(0)); // what moves all notes first: the holes can still follow
            } else {
                holesDone = true;
            }
            QCOMPARE(a->steps[i].thenMeasure, i + 1 == a->steps.size());
        }
        QVERIFY(!a->steps.back().hear.empty());
    }
    void noPassRisksMoreThanItsLimit()
    {
        // The chance of a normal value to lie above a bound, by the error function: of every note that the pass raises, and of
        // all of them together no more than their sum (Boole's inequality).
        for (const std::uint64_t seed : {10U, 12U, 25U}) {
            Bench bench(seed);
            bench.hearAll();
            const auto a = advise(bench.book());
            VERIFY_OK(a);
            QCOMPARE(a->state, AdviceState::MakeCut);
            const PlanOptions options;
            double stated = 0.0;
            for (const AdviceStep& s : a->steps) {
                QVERIFY(s.chanceSpoiled && s.chanceAllAfter && *s.chanceAllAfter >= 0.0 && *s.chanceAllAfter <= 1.0);
                stated += *s.chanceSpoiled;
            }
            QVERIFY2(stated <= 1.5 * options.spoilLimit, qPrintable(QString::number(stated)));
            double sum = 0.0;
            for (const NoteForecast& f : a->steps.front().forecast) {
                const double tolerance = bench.book().present().find(f.fingering)->tolerance.cents();
                sum += 0.5 * std::erfc((tolerance - f.after.cents()) / f.sd.cents() / std::sqrt(2.0));
            }
            QVERIFY2(*a->steps.front().chanceSpoiled <= sum + 0.01, qPrintable(QString::number(sum)));
            // A plan that may spoil nothing goes less far, one that may spoil anything farther.
            PlanOptions careful;
            careful.spoilLimit = 0.002;
            PlanOptions bold;
            bold.spoilLimit = 1.0;
            const auto low = advise(bench.book(), {}, careful);
            const auto high = advise(bench.book(), {}, bold);
            VERIFY_OK(low);
            VERIFY_OK(high);
            QCOMPARE(low->state, AdviceState::MakeCut);
            const auto raised = [](const Advice& advice) {
                double cents = 0.0;
                for (const NoteForecast& f : advice.steps.back().forecast)
                    cents += f.after.cents();
                return cents;
            };
            QVERIFY(raised(*low) < raised(*high) - 5.0);
        }
    }
    void hearingAgainDoesNotLiftTheGuard()
    {
        // The doubt about a cut's effect stays, however well the present is known: a hole's own effect is not heard before it is
        // cut. Five rounds on one shape: the step for 40 cents is hardly longer, and its risk never above the limit.
        Bench once(10, 0.2);
        once.hearAll();
        Bench often(10, 0.2);
        for (int i = 0; i < 5; ++i)
            often.hearAll();
        const auto goalOf = [](const Bench& bench) {
            InstrumentSpec s = bench.book().present().spec();
            s.holes[3].diameter = s.holes[3].undercutDiameter = s.holes[3].diameter + mm(1.5);
            return Instrument::make(s).value();
        };
        const auto few = Forecaster::make(once.book());
        const auto many = Forecaster::make(often.book());
        VERIFY_OK(few);
        VERIFY_OK(many);
        const auto wide = few->jointForecast(goalOf(once));
        const auto narrow = many->jointForecast(goalOf(often));
        VERIFY_OK(wide);
        VERIFY_OK(narrow);
        const std::size_t note = *once.book().present().indexOf(FingeringId{"A5"});
        const auto k = static_cast<Eigen::Index>(note);
        const double moved = narrow->mean[k] - many->now()[note].cents;
        QVERIFY2(moved > 20.0, qPrintable(QString::number(moved)));
        QVERIFY(many->now()[note].sd < few->now()[note].sd);
        QVERIFY(std::sqrt(narrow->covariance()(k, k)) > Priors{}.shareOfChange * moved);
    }
    void aSharpNoteThatNothingCanLowerIsSaid()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        for (Hole& h : s.holes)
            h.diameter = h.undercutDiameter = h.diameter * 1.5; // far too wide from the start
        s.bore.back().at = mm(266.0);
        s.limits.footMin = mm(262.0);
        Workbook book(Instrument::make(s).value());
        const player::SimulatedPlayer p({10, Temperature::fromCelsius(21.0), 24.0});
        for (const Fingering& f : s.fingerings) {
            const ReadingEntry r = fixtures::heard(f.id, *p.truth(book.present(), f, Temperature::fromCelsius(21.0)), 0.3,
                                                   Temperature::fromCelsius(21.0));
            VERIFY_OK(book.append({book.nextId(), "", r}));
        }
        const auto a = advise(book);
        VERIFY_OK(a);
        QVERIFY(a->state == AdviceState::Finished || a->state == AdviceState::MakeCut);
        QVERIFY(std::any_of(a->left.begin(), a->left.end(), [](const UnreachedNote& l) {
            return l.why == UnreachedNote::Why::SharpAlready && l.off.cents() > 6.0;
        }));
    }
    void aHoleOverdoneIsFilledAsTheLastResortOnly()
    {
        // In tune but for h4, which slipped by 0.8 mm: nothing to remove mends that, and filling it by as much does.
        Bench bench = worked();
        const auto before = advise(bench.book());
        QVERIFY(before && before->state == AdviceState::Finished && before->lastResort.empty());
        const Metres was = bench.book().present().find(HoleId{"h4"})->diameter;
        bench.cut(Enlarge{{"h4"}, was + mm(0.8)}, {});
        bench.hearAll();
        const Outcome after = follow(bench);
        QCOMPARE(after.last.state, AdviceState::Finished);
        const auto fill = std::find_if(after.last.lastResort.begin(), after.last.lastResort.end(),
                                       [](const Cut& c) { return holeOf(c)->text == "h4"; });
        QVERIFY(fill != after.last.lastResort.end());
        VERIFY_NEAR(wantedSize(*fill).millimetres(), was.millimetres(), 0.45);
        QVERIFY(applied(bench.book().present(), *fill));
    }
    void theStrategiesDiffer()
    {
        // common practice, no source: what each tuning strategy puts first.
        struct Ended
        {
            Instrument shape;
            std::vector<double> cents;
        };
        const auto begun = [](const TuningStrategy& strategy) {
            Bench bench(10, 0.3);
            bench.hearAll();
            bench.put(StrategyEntry{strategy});
            return bench;
        };
        const auto first = [&](const TuningStrategy& strategy) {
            const auto a = advise(begun(strategy).book());
            for (std::size_t i = 0; a && i < a->steps.size(); ++i) // after what the mouth needs
                if (!std::holds_alternative<CutUp>(a->steps[i].cut))
                    return std::string(factsOf(a->steps[i].cut).word);
            return std::string("none");
        };
        QCOMPARE(first({}), std::string("enlarge"));
        QCOMPARE(first({.footFirst = true}), std::string("trim_foot"));

        const auto goal = [&](const TuningStrategy& strategy) {
            const Bench bench = begun(strategy);
            const auto forecaster = Forecaster::make(bench.book());
            const Instrument& now = bench.book().present();
            const GoalSearch search(*forecaster, now, straightAim(now), strategy, {});
            const auto g = search.best(leversOf(now, LeverScope::HolesAndFoot));
            return Ended{g->shape, g->cents};
        };
        const auto unlike = [](const Instrument& i) { // spread of the holes' sizes, mm
            double mean = 0.0;
            double squares = 0.0;
            for (const Hole& h : i.spec().holes)
                mean += h.diameter.millimetres() / 6.0;
            for (const Hole& h : i.spec().holes)
                squares += std::pow(h.diameter.millimetres() - mean, 2) / 6.0;
            return std::sqrt(squares);
        };
        const auto uneven = [](const Instrument& i) { // spread of neighbours' cutoffs
            double sum = 0.0;
            for (std::size_t k = 1; k + 2 < i.spec().holes.size(); ++k)
                sum += std::pow(latticeCutoff(i, k).log - latticeCutoff(i, k + 1).log, 2);
            return std::sqrt(sum);
        };
        const auto off = [](const Ended& e, int registerNumber) {
            double sum = 0.0;
            for (std::size_t k = 0; k < e.cents.size(); ++k)
                if (e.shape.spec().fingerings[k].registerNumber == registerNumber)
                    sum += e.cents[k] * e.cents[k];
            return sum;
        };
        const Ended usual = goal({});
        const Ended alike = goal({.oneSize = true});
        const Ended even = goal({.evenTimbre = 1.0});
        QVERIFY2(unlike(alike.shape) < 0.7 * unlike(usual.shape),
                 qPrintable(QStringLiteral("%1 against %2").arg(unlike(alike.shape)).arg(unlike(usual.shape))));
        QVERIFY2(uneven(even.shape) < 0.9 * uneven(usual.shape),
                 qPrintable(QStringLiteral("%1 against %2").arg(uneven(even.shape)).arg(uneven(usual.shape))));
        QVERIFY(uneven(even.shape) < uneven(goal({.evenTimbre = 0.3}).shape));
        // What is asked for besides pitch costs pitch.
        QVERIFY(off(usual, 1) + off(usual, 2) <= off(alike, 1) + off(alike, 2) + 1.0);
        QVERIFY(off(usual, 1) + off(usual, 2) <= off(even, 1) + off(even, 2) + 1.0);

        // Followed to the end, where the low register rules no fewer of its notes are in tolerance than where it does not.
        const auto low = [&](const TuningStrategy& strategy) {
            Bench bench = begun(strategy);
            (void)follow(bench);
            int in = 0;
            for (const Fingering& f : bench.book().present().spec().fingerings)
                in += f.registerNumber == 1 && std::abs(bench.truthCents(f)) <= f.tolerance.cents() ? 1 : 0;
            return in;
        };
        const int both = low({});
        const int ruling = low({.lowRegister = true});
        QVERIFY2(ruling >= both && ruling >= 6, qPrintable(QStringLiteral("%1 against %2").arg(ruling).arg(both)));
    }
    void aSlideWhistleIsNotCutIntoTune()
    {
        // Its slide goes out and in: common practice, no source.
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.family = Family::Slide;
        spec.foot = Foot::Closed;
        spec.holes.clear();
        spec.fingerings.resize(1);
        spec.fingerings.front().closed.clear();
        spec.bore = {{mm(0.0), mm(16.0)}, {mm(130.0), mm(16.0)}};
        for (const double off : {25.0, -25.0}) {
            const auto there = Posterior::prior(Instrument::make(spec).value())->cents(Instrument::make(spec).value());
            VERIFY_OK(there);
            InstrumentSpec s = spec; // sounds so far above or below its note
            s.fingerings.front().target = s.fingerings.front().target * std::exp2((there->front() - off) / 1200.0);
            Workbook book(Instrument::make(s).value());
            const ReadingEntry r = fixtures::heard(s.fingerings.front().id, s.fingerings.front().target * std::exp2(off / 1200.0),
                                                   0.3, s.tuning.playedAt);
            QVERIFY(book.append({book.nextId(), "", r}));
            const auto a = advise(book);
            VERIFY_OK(a);
            QCOMPARE(a->state, AdviceState::MakeCut);
            QCOMPARE(a->steps.size(), std::size_t{1});
            const auto* set = std::get_if<SetSlide>(&a->steps.front().cut);
            QVERIFY(set != nullptr);
            QVERIFY((off > 0.0) == (set->length > book.present().length()));
            VERIFY_NEAR(a->steps.front().forecast.front().after.cents(), 0.0, 4.0);
            QCOMPARE(a->steps.front().chanceSpoiled.value_or(0.0), 0.0);
        }
    }
    void aMistypedHoleStopsTheWork()
    {
        // The maker typed h3 as 7.3 mm; the wood has 5.3.
        Bench real(10, 0.3);
        InstrumentSpec wrong = fixtures::whistleSpec();
        wrong.holes[2].diameter = wrong.holes[2].undercutDiameter = mm(7.3);
        Workbook book(Instrument::make(wrong).value());
        const player::SimulatedPlayer p({10, Temperature::fromCelsius(21.0), 24.0});
        for (const Fingering& f : wrong.fingerings) {
            const ReadingEntry r = fixtures::heard(f.id, *p.truth(real.book().present(), f, Temperature::fromCelsius(21.0)), 0.3,
                                                   Temperature::fromCelsius(21.0));
            VERIFY_OK(book.append({book.nextId(), "", r}));
        }
        const auto a = advise(book);
        VERIFY_OK(a);
        QCOMPARE(a->state, AdviceState::Stop);
        QVERIFY(a->contradiction.has_value());
        QCOMPARE(a->contradiction->what, std::string("h3"));
        QVERIFY(a->contradiction->amount < 0.0);
    }
    void whatIsNotSettledIsNotCutBy()
    {
        Bench bench(10);
        bench.hearAll();
        PlanOptions hurried;
        hurried.fit.mostSteps = 1; // as if no explanation were found
        const auto a = advise(bench.book(), {}, hurried);
        VERIFY_OK(a);
        QCOMPARE(a->state, AdviceState::Stop);
        QVERIFY(a->steps.empty() && a->contradiction && a->contradiction->kind == Contradiction::Kind::Unsettled);
        // The same readings with the time it takes.
        const auto settled = advise(bench.book());
        VERIFY_OK(settled);
        QCOMPARE(settled->state, AdviceState::MakeCut);
    }
    void twoFingeringsSwappedAreNamed()
    {
        for (const auto& [one, two] : {std::pair("F#5", "G5"), std::pair("E5", "A5"), std::pair("A6", "B6")}) {
            Bench bench(10, 0.5);
            for (const Fingering& f : bench.book().present().spec().fingerings) {
                const std::string& id = f.id.text;
                const FingeringId played{id == one ? two : id == two ? one : id};
                const Fingering& other = *bench.book().present().find(played);
                bench.hear(f.id, bench.truthCents(other) + 1200.0 * std::log2(other.target / f.target) - bench.truthCents(f));
            }
            const auto a = advise(bench.book());
            VERIFY_OK(a);
            QCOMPARE(a->state, AdviceState::Stop);
            QVERIFY(a->contradiction.has_value());
            QCOMPARE(a->contradiction->what, std::string(one));
            QCOMPARE(a->contradiction->with, std::string(two));
            QVERIFY(a->contradiction->kind == Contradiction::Kind::Swapped);
        }
    }
    void fahrenheitIsRefusedWhereItIsEntered()
    {
        // Mouth, bore and warmth share what all notes have in common, so that readings alone cannot tell: no room where one
        // tunes has less than 46 Fahrenheit or more than 45 Celsius.
        Bench bench(10);
        bench.hearAll();
        for (const double typed : {46.0, 59.0, 68.0, 75.0}) {
            ReadingEntry r = *bench.book().readings().front().reading;
            r.air = Temperature::fromCelsius(typed);
            const Status s = bench.book().checkNew(r);
            QVERIFY(!s && s.error().fact.id == FactId::WithinRoom);
            // A record that has such a reading from before still opens.
            QCOMPARE(bench.book().check(r).ok(), typed < 60.0);
        }
    }
    void anOutlierIsNamedAndHeardAgainDoesNoHarm()
    {
        // One note was misread by a third of a tone; the advice must not act on it, and once it is heard again the way
        // home is what it would have been.
        for (const char* note : {"E5", "C#6", "A6"}) {
            Bench clean(10, 0.0);
            clean.hearAll();
            Bench bench(10, 0.0);
            for (const Fingering& f : bench.book().present().spec().fingerings)
                bench.hear(f.id, f.id.text == note ? 60.0 : 0.0);
            const auto doubtful = advise(bench.book());
            VERIFY_OK(doubtful);
            QCOMPARE(doubtful->state, AdviceState::Stop);
            QVERIFY2(doubtful->contradiction && doubtful->contradiction->what == note, doubtful->contradiction->what.c_str());
            bench.put(
                SetAsideEntry{bench.book().readings()[*bench.book().present().indexOf(FingeringId{note})].entry->id, "misread"});
            const auto asked = advise(bench.book()); // a missing one: nothing is cut before it is heard
            VERIFY_OK(asked);
            QCOMPARE(asked->state, AdviceState::Measure);
            QCOMPARE(asked->fingerings, std::vector<FingeringId>{FingeringId{note}});
            bench.hear({note});
            const auto a = advise(clean.book());
            const auto b = advise(bench.book());
            VERIFY_OK(a);
            VERIFY_OK(b);
            QCOMPARE(b->state, AdviceState::MakeCut);
            QVERIFY(a->steps.front().cut == b->steps.front().cut);
        }
    }
    void aSessionThatIsWrongAsAWholeIsNeverDone()
    {
        // Two rounds a quarter of a semitone and more apart: another instrument, another room, another breath. Whatever the fit
        // makes of it, the work is not done by notes that are left out.
        for (const double apart : {24.0, -24.0, 60.0}) {
            Bench bench = worked();
            for (int round = 0; round < 2; ++round)
                for (const Fingering& f : bench.book().present().spec().fingerings)
                    bench.hear(f.id, round == 0 ? 0.0 : apart);
            const auto a = advise(bench.book());
            VERIFY_OK(a);
            // Which of the two is right nobody can tell from them: neither a cut nor an end is advised.
            QCOMPARE(a->state, AdviceState::Stop);
            QVERIFY(a->contradiction && a->contradiction->kind == Contradiction::Kind::Temperature);
            // As warm air as it takes: the speed of sound goes with the root of the absolute temperature.
            VERIFY_NEAR(a->contradiction->amount, 293.15 * (std::exp2(apart / 600.0) - 1.0), 1.5);
            // Heard once more as it was at first, the last session stands alone, and the work goes on or is at its end.
            for (const Fingering& f : bench.book().present().spec().fingerings)
                bench.hear(f.id);
            for (const Fingering& f : bench.book().present().spec().fingerings)
                bench.hear(f.id);
            const auto again = advise(bench.book());
            VERIFY_OK(again);
            QVERIFY(again->state != AdviceState::Stop);
        }
    }
    void effortSaysHowFarTheWorkGoes()
    {
        // Who wants it quick is asked for no more rounds and cuts than who wants the last of it.
        const auto worked = [](Effort effort) {
            Bench bench(10);
            int cuts = 0;
            WhyStop why = WhyStop::NotWorthIt;
            for (int i = 0; i < 80; ++i) {
                const auto c = recommend(bench.book(), {}, optionsFor(effort));
                if (!c || c->advice.state == AdviceState::Stop)
                    return std::tuple(-1, -1, why);
                if (c->advice.state == AdviceState::Finished) {
                    why = *c->whyStop;
                    break;
                }
                for (const AdviceStep& step : c->advice.steps) {
                    bench.cut(step.cut, step.forecast);
                    ++cuts;
                    if (step.thenMeasure)
                        break;
                }
                for (const auto& id :
                     c->advice.state == AdviceState::MakeCut ? c->advice.steps.back().hear : c->advice.fingerings)
                    bench.hear(id);
            }
            std::set<std::size_t> heard;
            for (const PlacedReading& r : bench.book().readings())
                heard.insert(r.shape);
            return std::tuple(cuts, static_cast<int>(heard.size()), why);
        };
        const auto [quickCuts, quickRounds, quickWhy] = worked(Effort::Quick);
        const auto [bestCuts, bestRounds, bestWhy] = worked(Effort::Best);
        QVERIFY(quickCuts > 0 && bestCuts > 0);
        QVERIFY(quickRounds <= 7 && bestRounds <= 14);
        QVERIFY(quickCuts <= bestCuts);
        QVERIFY(bestWhy != WhyStop::NotWorthIt || bestRounds >= 13);
        QVERIFY(!effortFromName("heroic") && effortFromName("best") == Effort::Best);
    }
    void whatNothingGainsFromIsLeft()
    {
        // Single cuts are weighed by the chance that every note is in and by nothing else: one is only taken where that rises.
        Bench bench(10);
        bench.hearAll();
        for (int i = 0; i < 60; ++i) {
            const auto c = recommend(bench.book());
            VERIFY_OK(c);
            if (c->advice.state != AdviceState::MakeCut && c->advice.state != AdviceState::Measure)
                break;
            if (c->advice.state == AdviceState::MakeCut && *c->advice.chanceAllWithin > 0.3)
                QVERIFY(*c->advice.steps.front().chanceAllAfter > *c->advice.chanceAllWithin);
            if (c->advice.state == AdviceState::MakeCut)
                bench.cut(c->advice.steps.front().cut, c->advice.steps.front().forecast);
            bench.hearAll();
        }
    }
    void registersThatLieApartAreBroughtTogetherByTheBore()
    {
        // A fife whose highest notes lie far under the same fingerings of its lower register: holes hardly mend that, for they
        // move both nearly alike. A stretch of the bore widened where the lower register has its pressure and the upper its flow
        // does (see the test of Rayleigh's formula in test_model).
        const auto blank = startingBlank(Family::Fife, usualTarget(Family::Fife));
        VERIFY_OK(blank);
        const auto layout = layOut(*blank, {}, false);
        VERIFY_OK(layout);
        Workbook book(layout->start);
        const auto believed = Posterior::prior(layout->start)->cents(layout->start);
        VERIFY_OK(believed);
        const auto& notes = layout->start.spec().fingerings;
        for (int sitting = 0; sitting < 2; ++sitting)
            for (std::size_t i = 0; i < notes.size(); ++i) {
                const bool upper = notes[i].registerNumber > 1 && notes[i].closed.size() <= 4;
                const double off = (*believed)[i] - (upper ? 25.0 : 0.0);
                const ReadingEntry r =
                    fixtures::heard(notes[i].id, Hertz::fromHertz(notes[i].target.hertz() * std::exp2(off / 1200.0)), 0.5,
                                    layout->start.spec().tuning.playedAt);
                QVERIFY(book.append({book.nextId(), "2026-01-01T00:00:00Z", r}));
            }
        PlanOptions without;
        without.means = LeverScope::Embouchure;
        const auto holesAlone = recommend(book, {}, without);
        VERIFY_OK(holesAlone);
        const auto withBore = recommend(book);
        VERIFY_OK(withBore);
        QVERIFY2(holesAlone->expected.chanceAllWithin < 0.1 && withBore->expected.chanceAllWithin > 0.5,
                 qPrintable(
                     QStringLiteral("%1 %2").arg(holesAlone->expected.chanceAllWithin).arg(withBore->expected.chanceAllWithin)));
        const double length = layout->start.length().metres();
        // The stretch that a plan of three had between its first and its second, as fractions of the tube that is still too long.
        QVERIFY(std::any_of(withBore->advice.steps.begin(), withBore->advice.steps.end(), [&](const AdviceStep& step) {
            const auto* ream = std::get_if<Ream>(&step.cut);
            return ream != nullptr && ream->from.metres() > 0.15 * length && ream->to.metres() < 0.40 * length;
        }));
    }
    void theLimitOfSpoilingGivesWayOnceListeningsTeachLittle()
    {
        // Beside the same plan with the limit kept: until the third listening both say the same, and where they part later the
        // chance that all are in is the better for it.
        PlanOptions kept;
        kept.listeningsThatTeach = 99;
        int parted = 0;
        for (const std::uint64_t seed : {1U}) {
            Bench bench(seed);
            int rounds = 0;
            for (int i = 0; i < 60; ++i) {
                const auto a = advise(bench.book());
                VERIFY_OK(a);
                const auto b = advise(bench.book(), {}, kept);
                VERIFY_OK(b);
                const bool cuts = a->state == AdviceState::MakeCut;
                const bool same = a->state == b->state &&
                                  (!cuts || (a->steps.size() == b->steps.size() && a->steps.front().cut == b->steps.front().cut));
                QVERIFY(same || rounds >= 3);
                if (!same && cuts && b->state == AdviceState::MakeCut) {
                    ++parted;
                    QVERIFY(*a->steps.back().chanceAllAfter > *b->steps.back().chanceAllAfter);
                }
                if (a->state == AdviceState::Measure) {
                    ++rounds;
                    for (const auto& id : a->fingerings)
                        bench.hear(id);
                } else if (cuts) {
                    bench.cut(a->steps.front().cut, a->steps.front().forecast);
                } else {
                    break;
                }
            }
        }
        QVERIFY2(parted > 0, qPrintable(QString::number(parted)));
    }
    void aNoteOutOfLineHoldsNothingUpOnceHeardAgain()
    {
        // The highest note answers a whole tone flat, as where a weak resonance under the cutoff is sounded instead of the
        // next. Heard again the same it is believed: work goes on without it, its own state is told as heard, and done is
        // never said of it. The other way round wood is in danger, and work stops.
        const auto loop = [](double extra_cents) {
            Bench bench(10, 0.0);
            const Fingering highest = bench.book().present().spec().fingerings.back();
            const auto round = [&] {
                for (const Fingering& f : bench.book().present().spec().fingerings)
                    bench.hear(f.id, f.id == highest.id ? extra_cents : 0.0);
            };
            round();
            const auto first = advise(bench.book());
            if (!first || first->state != AdviceState::Stop || first->contradiction->what != highest.id.text)
                return Result<Advice>(Error{ErrorCode::Internal, "the first round was not doubted", {}});
            bench.put(SetAsideEntry{bench.book().readings().back().entry->id, "doubted"});
            bench.hear(highest.id, extra_cents);
            for (int i = 0; i < 60; ++i) {
                auto advice = advise(bench.book());
                if (!advice || advice->state == AdviceState::Stop || advice->state == AdviceState::Finished)
                    return advice;
                if (advice->state == AdviceState::MakeCut) {
                    const auto& step = advice->steps.front();
                    const double now = step.forecast.back().now.cents();
                    if (std::abs(now - bench.truthCents(highest) - extra_cents) > 40.0)
                        return Result<Advice>(
                            Error{ErrorCode::Internal, "told otherwise than heard", Fact::said(std::to_string(now))});
                    bench.cut(step.cut, step.forecast);
                }
                for (const auto& id : advice->fingerings)
                    bench.hear(id, id == highest.id ? extra_cents : 0.0);
            }
            return Result<Advice>(Error{ErrorCode::Internal, "no end", {}});
        };
        const auto flat = loop(-200.0);
        VERIFY_OK(flat);
        QCOMPARE(flat->state, AdviceState::Finished);
        QVERIFY(flat->withinTolerance >= flat->of - 3 && flat->withinTolerance < flat->of);
        const auto odd = std::find_if(flat->left.begin(), flat->left.end(),
                                      [](const UnreachedNote& l) { return l.why == UnreachedNote::Why::OutOfLine; });
        QVERIFY(odd != flat->left.end() && odd->off.cents() < -150.0);
        const auto sharp = loop(200.0);
        VERIFY_OK(sharp);
        QCOMPARE(sharp->state, AdviceState::Stop);
    }
    void aKnownGoalIsFoundAgain()
    {
        // The targets are set to what a known shape sounds: the search must come back to its notes, and where a lever of
        // it lies beyond what may be reached, that lever must end at its bound.
        const Instrument present = fixtures::whistle();
        const auto forecaster = Forecaster::make(Workbook(present));
        VERIFY_OK(forecaster);
        const auto levers = leversOf(present, LeverScope::HolesAndFoot);
        Eigen::VectorXd known(static_cast<Eigen::Index>(levers.size()));
        for (std::size_t k = 0; k < levers.size(); ++k) {
            const double from = standsAt(present, levers[k]).metres();
            const double to = isLever<TrimFoot>(levers[k]) ? levers[k].low.metres() : levers[k].high.metres();
            known[static_cast<Eigen::Index>(k)] = from + 0.3 * (to - from);
        }
        const auto there = withLevers(present, levers, known);
        VERIFY_OK(there);
        const auto sound = forecaster->posterior().cents(*there);
        VERIFY_OK(sound);
        InstrumentSpec retuned = present.spec();
        for (std::size_t i = 0; i < sound->size(); ++i)
            retuned.fingerings[i].target = retuned.fingerings[i].target * std::exp2((*sound)[i] / 1200.0);
        const Instrument start = Instrument::make(retuned).value();
        const auto again = Forecaster::make(Workbook(start));
        VERIFY_OK(again);
        const auto goal = nearestTo(*again, start, levers, {});
        VERIFY_OK(goal);
        const auto there2 = withLevers(start, levers, *goal);
        VERIFY_OK(there2);
        const auto found = again->posterior().cents(*there2);
        VERIFY_OK(found);
        for (const double c : *found)
            QVERIFY2(std::abs(c) < 1.0, qPrintable(QString::number(c)));
        for (Eigen::Index k = 0; k < known.size(); ++k)
            VERIFY_NEAR((*goal)[k] * 1e3, known[k] * 1e3, 0.3);
        auto narrower = levers;
        narrower[2].high =
            Metres::fromMetres(standsAt(start, narrower[2]).metres() + 0.5 * (known[2] - standsAt(start, narrower[2]).metres()));
        const auto held = nearestTo(*again, start, narrower, {});
        VERIFY_OK(held);
        VERIFY_NEAR((*held)[2] * 1e3, narrower[2].high.millimetres(), 1e-6);
    }
    void reachIsBoundedByNeighboursAndLimits()
    {
        const Reach r = reachOf(fixtures::whistle());
        for (std::size_t i = 0; i < r.widest.size(); ++i)
            QVERIFY(r.widest[i] <= mm(10.0) && r.widest[i] >= fixtures::whistle().spec().holes[i].diameter);
        QCOMPARE(r.shortest.millimetres(), 263.5);
        InstrumentSpec s = fixtures::whistleSpec();
        s.limits = {};
        const Reach open = reachOf(Instrument::make(s).value());
        QVERIFY(open.shortest > mm(218.0)); // never through the lowest hole
    }
    void adviceIsTheSameEveryTime()
    {
        Bench bench(10);
        bench.hearAll();
        const auto a = advise(bench.book());
        const auto b = advise(bench.book());
        VERIFY_OK(a);
        VERIFY_OK(b);
        QVERIFY(*a == *b);
    }
    void aRepeatedRoundDoesNotMakeItWorse()
    {
        Bench once(10, 0.0);
        once.hearAll();
        Bench often(10, 0.0);
        for (int i = 0; i < 3; ++i)
            often.hearAll();
        const auto a = advise(once.book());
        const auto b = advise(often.book());
        VERIFY_OK(a);
        VERIFY_OK(b);
        QCOMPARE(a->state, b->state);
        VERIFY_NEAR(b->rms.cents(), a->rms.cents(), 1.0);
    }
};

DOWEL_TEST(TestPlan)
#include "test_plan.moc"
