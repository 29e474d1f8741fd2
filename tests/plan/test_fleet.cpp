// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the advice on small fleets, one blank of every family: none spoilt, most of them home, in few rounds, with
// intervals that hold, on blanks of the house and on foreign ones. The whole fleets with their yardsticks: sim/fleet.
#include "core/fit/placed.h"
#include "core/fit/shared.h"
#include "core/forecast/outcomes.h"
#include "core/forecast/sensitivity.h"
#include "core/layout/families.h"
#include "core/plan/levers.h"
#include "core/plan/registers.h"
#include "player/player.h"
#include "sim/foreign.h"
#include "sim/house.h"
#include "sim/makers.h"
#include "support/compare.h"
#include "support/long_run.h"
#include "support/test_main.h"
#include <algorithm>
#include <set>

using namespace dowel;

class TestFleet : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theFourthWhistleIsLaidOutBetterThanTheFirst()
    {
        // Makers whose mouth, breath and air go with them from whistle to whistle.
        const auto blankIn = [](const char* lowest) {
            PlanTarget target = usualTarget(Family::Whistle);
            target.lowest = lowest;
            return *startingBlank(Family::Whistle, target);
        };
        std::vector<Layout> early; // laid out before anything is known: the same for all of them
        for (const char* lowest : {"C5", "Eb5", "F5", "D5"}) {
            auto layout = layOut(blankIn(lowest), {}, false);
            VERIFY_OK(layout);
            early.push_back(std::move(*layout));
        }
        double first = 0.0;
        double fourth = 0.0;
        for (const std::uint64_t maker : {31, 32, 33, 34}) {
            const player::SimulatedPlayer player({maker, Temperature::fromCelsius(21.0), 24.0});
            const auto squares = [&](const Instrument& shape) {
                double sum = 0.0;
                for (const Fingering& f : shape.spec().fingerings) {
                    const auto hz = player.truth(shape, f, shape.spec().tuning.playedAt);
                    sum += hz ? std::pow(1200.0 * std::log2(hz->hertz() / f.target.hertz()), 2) : 1e6;
                }
                return sum / static_cast<double>(shape.spec().fingerings.size());
            };
            std::vector<SharedEstimate> told;
            for (std::size_t k = 0; k < 3; ++k) {
                sim::Bench bench(sim::houseBlank(early[k].start, maker));
                for (const Fingering& f : early[k].start.spec().fingerings)
                    bench.hear(f.id);
                const auto posterior = fit(bench.book());
                VERIFY_OK(posterior);
                told.push_back(posterior->shared());
            }
            const auto learnt = learntFrom({}, Family::Whistle, told);
            VERIFY_OK(learnt);
            const auto next = layOut(blankIn("D5"), {}, false, {}, *learnt);
            VERIFY_OK(next);
            QVERIFY(next->priors.shared.has_value());
            qInfo("maker %llu: %.1f, %.1f cents off", static_cast<unsigned long long>(maker), std::sqrt(squares(early[3].goal)),
                  std::sqrt(squares(next->goal)));
            first += squares(early[3].goal) / 4.0;
            fourth += squares(next->goal) / 4.0;
        }
        qInfo("laid out at full size: %.1f cents off without memory, %.1f after three", std::sqrt(first), std::sqrt(fourth));
        QVERIFY(fourth < 0.5 * first);
    }
    void oneOfEveryFamilyIsBroughtHomeOrLeftUnspoilt()
    {
        int home = 0;
        int forecasts = 0;
        int held = 0;
        for (std::uint64_t seed = 7000; seed < 7007; ++seed) {
            const auto blank = sim::houseBlank(seed);
            QVERIFY(blank);
            const sim::Outcome o = sim::advised(*blank);
            qInfo("%s: %s, worst %+.1f cents, %d cuts, %.1f rounds", familyName(blank->believed.spec().family).data(),
                  o.home ? "home" : "not home", o.worst, o.cuts, o.rounds);
            QVERIFY(o.end == AdviceState::Finished);
            QVERIFY(!o.spoiled);
            QCOMPARE(o.sharp, 0);
            QVERIFY(o.rounds < 6.0);
            home += o.home ? 1 : 0;
            forecasts += o.all.forecasts;
            held += o.all.held;
        }
        QVERIFY2(home >= 4, qPrintable(QString::number(home)));
        QVERIFY2(held >= forecasts * 80 / 100, qPrintable(QStringLiteral("%1 of %2").arg(held).arg(forecasts)));
    }
    void everyForecastIsHeldToItsOutcome()
    {
        const auto blank = sim::houseBlank(7002);
        QVERIFY(blank);
        sim::Bench bench(*blank);
        for (const Fingering& f : blank->believed.spec().fingerings)
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
        // Independent errors add by their squares: 3, 4 and 12 make 13.
        auto known = outcomes[0];
        known.sd = Cents::fromCents(3.0);
        known.readingSd = Cents::fromCents(4.0);
        known.heard = Cents::fromCents(known.forecast.cents() - 26.0);
        VERIFY_NEAR(missOf(known, {12.0, 0.0, 0.0}), -2.0, 1e-12);
        known.octaves = -0.5;
        VERIFY_NEAR(missOf(known, {0.0, 8.0, 16.0}), -26.0 / std::sqrt(9.0 + 16.0 + 64.0 + 64.0), 1e-12);
        VERIFY_NEAR(honestyOf({}, {1.5, 3.0, 2.0}), 1.0, 0.02);
    }
    void theHonestyFactorConvergesToTheTruthOverManyRounds()
    {
        // Forecasts whose formulas' part is really twice as wide as stated, and half as wide: the factor must come to it, and
        // stay when the spread that is stated has the factor in it already. (Judged against a spread that contains it, it
        // would come to the square root.) Every round is a listening with its own shift, which is none of the formulas' doing.
        for (const double really : {0.6, 1.0, 2.0}) {
            Random random(17);
            std::vector<NoteOutcome> outcomes;
            double factor = 1.0;
            for (int round = 0; round < 40; ++round) {
                const double shift = 3.0 * random.normal();
                for (int note = 0; note < 10; ++note) {
                    NoteOutcome o{};
                    o.before = Cents::fromCents(-60.0);
                    o.forecast = Cents::fromCents(-5.0);
                    o.rest = Cents::fromCents(1.0);
                    o.doubt = Cents::fromCents(4.0);
                    o.sd = Cents::fromCents(std::hypot(1.0, factor * 4.0));
                    o.readingSd = Cents::fromCents(0.5);
                    const double sd = std::sqrt(1.0 + 16.0 * really * really + 0.25 + 1.0);
                    o.heard = Cents::fromCents(-5.0 + shift + sd * random.normal());
                    o.listening = round;
                    outcomes.push_back(o);
                }
                factor = honestyOf(outcomes, {1.0, 3.0, 0.0});
            }
            QVERIFY2(std::abs(factor / really - 1.0) < 0.12, qPrintable(QStringLiteral("%1 for %2").arg(factor).arg(really)));
        }
    }
    void whatTheFormerPlanLostComesHome()
    {
        DOWEL_LONG_ONLY();
        // Four blanks of the foreign fleet that 0.7.0 lost, as it ended on them. Decisions at a threshold
        // may fall otherwise on another processor: one of them may stay one note short.
        const std::pair<std::uint64_t, const char*> lost[] = {
            {500004, "fife, two notes up to 12.8 cents flat and one sharp, though all can be in"},
            {500048, "two-chamber, one note 6.9 cents flat after ten cuts"},
            {500005, "flute, three notes up to 10.4 cents sharp together"},
            {500006, "two-chamber, one note 7.6 cents sharp for good after five cuts"}};
        int home = 0;
        for (const auto& [seed, how] : lost) {
            const auto blank = sim::foreignBlank(seed);
            QVERIFY(blank);
            const sim::Outcome o = sim::advised(*blank);
            qInfo("%s: %s, worst %+.1f cents, %d cuts", how, o.home ? "home" : "not home", o.worst, o.cuts);
            QVERIFY2(o.allButOne && !o.spoiled, how);
            home += o.home ? 1 : 0;
        }
        QVERIFY2(home >= 3, qPrintable(QString::number(home)));
    }
    void aSmallForeignFleetComesHome()
    {
        // Another truth, other layouts, other players (sim/foreign.h): seeds that nothing was set by.
        int home = 0;
        int solvable = 0;
        int nearly = 0;
        int held = 0;
        int forecasts = 0;
        constexpr std::uint64_t blanks = 7; // one of every family
        for (std::uint64_t seed = 400001; seed < 400001 + blanks; ++seed) {
            const auto blank = sim::foreignBlank(seed);
            QVERIFY(blank);
            const sim::Outcome o = sim::advised(*blank);
            qInfo("%s: %s, worst %+.1f cents, %d cuts, %.1f rounds", familyName(blank->believed.spec().family).data(),
                  o.home ? "home" : "not home", o.worst, o.cuts, o.rounds);
            QVERIFY(!o.spoiled && !o.outOfTurns);
            const bool can = sim::solvable(*blank);
            solvable += can ? 1 : 0;
            home += can && o.home ? 1 : 0;
            nearly += o.allButOne ? 1 : 0;
            held += o.all.held;
            forecasts += o.all.forecasts;
        }
        QVERIFY2(home * 10 >= solvable * 6, qPrintable(QStringLiteral("%1 of %2").arg(home).arg(solvable)));
        QVERIFY(nearly * 7 >= static_cast<int>(blanks) * 5);
        QVERIFY2(held * 100 >= forecasts * 80, qPrintable(QStringLiteral("%1 of %2").arg(held).arg(forecasts)));
    }
    void openingTheEmbouchureHoleRaisesEveryNote()
    {
        // A larger opening has less inertance: every note rises, the highest most (end corrections count for more of a
        // shorter tube; common practice, no source). The derivative against a small opening.
        const auto made = sim::houseBlank(7002);
        QVERIFY(made && made->believed.spec().family == Family::Flute);
        const Instrument* blank = &made->believed;
        const auto p = Posterior::prior(*blank);
        VERIFY_OK(p);
        const auto s = p->sensitivity(*blank);
        const auto before = p->cents(*blank);
        VERIFY_OK(s);
        VERIFY_OK(before);
        const double little_mm = 0.02;
        const Metres length = std::get<Transverse>(blank->spec().excitation).holeLength;
        const auto longer = applied(*blank, OpenEmbouchure{length + Metres::fromMillimetres(little_mm), {}});
        VERIFY_OK(longer);
        const auto after = p->cents(*longer);
        VERIFY_OK(after);
        for (std::size_t i = 0; i < before->size(); ++i) {
            const double perTenth = s->byWindow[static_cast<Eigen::Index>(i)] * 1e-4;
            VERIFY_NEAR(perTenth, ((*after)[i] - (*before)[i]) * 0.1 / little_mm, 0.02);
            QVERIFY(perTenth > 0.3);
            const auto query = queriesOf(*blank)[i];
            const auto note = sensitivityOf(*p, *blank, query);
            VERIFY_OK(note);
            QVERIFY(note->embouchure && !note->window);
            VERIFY_NEAR(note->embouchure->cents(), perTenth, 1e-6);
        }
        QVERIFY(s->byWindow[6] > 1.3 * s->byWindow[0]);
        // Where all notes of a flute are flat for its mouth, that is where the plan begins.
        const auto levers = leversOf(*blank, LeverScope::Embouchure);
        QVERIFY(std::any_of(levers.begin(), levers.end(), [](const Lever& l) { return isLever<OpenEmbouchure>(l); }));
        const auto usual = leversOf(*blank, LeverScope::Usual);
        QVERIFY(std::none_of(usual.begin(), usual.end(), [](const Lever& l) { return isLever<OpenEmbouchure>(l); }));
    }
    void aNodeThatStaysIsNoLever()
    {
        auto spec = startingBlank(Family::Flute, usualTarget(Family::Flute))->spec;
        spec.holes.clear();
        spec.fingerings.clear();
        const auto stoppers = [&] {
            const auto levers = leversOf(*Instrument::make(spec), LeverScope::BoreToo);
            return std::count_if(levers.begin(), levers.end(), [](const Lever& l) { return isLever<MoveStopper>(l); });
        };
        QCOMPARE(stoppers(), std::ptrdiff_t(1));
        spec.nodes = {{Metres::fromMillimetres(-20.0), true}};
        QCOMPARE(stoppers(), std::ptrdiff_t(0));
    }
    void theStopperMovesTheRegistersApart()
    {
        // On a flute the octaves widen and narrow with the stopper, and hardly with the foot; every flute maker's cork says
        // so: common practice, no source.
        const auto made = sim::houseBlank(7002);
        QVERIFY(made && made->believed.spec().family == Family::Flute);
        const Instrument* blank = &made->believed;
        const auto p = Posterior::prior(*blank);
        VERIFY_OK(p);
        const auto view = registersOf(*p, *blank);
        VERIFY_OK(view);
        QVERIFY(view->pairs.size() >= 5);
        double stopper = 0.0;
        double foot = 0.0;
        for (const RegisterLever& l : view->levers) {
            if (isLever<MoveStopper>(l.lever))
                stopper = std::abs(l.mean.cents());
            if (isLever<TrimFoot>(l.lever))
                foot = std::abs(l.mean.cents());
        }
        // Of every kind one comes before the others of any.
        std::set<std::size_t> kinds;
        bool again = false;
        for (const RegisterLever& l : view->levers) {
            const bool first = kinds.insert(l.lever.cut.index()).second;
            QVERIFY(!(first && again));
            again |= !first;
        }
        QVERIFY(again && kinds.size() >= 4);
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

DOWEL_TEST(TestFleet)
#include "test_fleet.moc"
