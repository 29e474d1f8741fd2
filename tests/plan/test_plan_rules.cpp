// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the rules of what is listened to, one by one, on readings made by hand: what counts as open, what has moved, what makes
// up a sitting, how sittings are counted.
#include "core/plan/diagnosis.h"
#include "core/plan/levers.h"
#include "core/plan/listening.h"
#include "core/plan/unreached.h"
#include "support/bench.h"
#include "support/compare.h"
#include "support/heard.h"
#include "support/test_main.h"

#include <algorithm>
#include <numeric>

using namespace dowel;
using namespace dowel::planning;
using fixtures::Bench;
using fixtures::mm;

namespace {

Situation seenBy(const Workbook& book, const Forecaster& forecaster, std::vector<bool> inconsistent = {})
{
    Situation s;
    s.book = &book;
    s.forecaster = &forecaster;
    s.inconsistent = std::move(inconsistent);
    s.inconsistent.resize(book.present().spec().fingerings.size());
    return s;
}

/// A whistle whose targets are what the model has it sound, so that what it is heard at is what it is off by and no fit is
/// strained.
const InstrumentSpec& inTuneByTheModel()
{
    static const InstrumentSpec made = [] {
        InstrumentSpec spec = fixtures::whistleSpec();
        const auto cents = Posterior::prior(fixtures::whistle())->cents(fixtures::whistle());
        if (!cents)
            qFatal("no model");
        for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
            spec.fingerings[i].target = spec.fingerings[i].target * std::exp2((*cents)[i] / 1200.0);
        return spec;
    }();
    return made;
}

/// A whistle heard once at so many cents off its targets, and the plan's view of it.
struct Heard
{
    Workbook book;
    std::optional<Forecaster> forecaster;
    std::vector<bool> inconsistent;

    Heard(const InstrumentSpec& spec, double off_cents) : book(Instrument::make(spec).value())
    {
        for (const Fingering& f : spec.fingerings)
            hear(f, off_cents);
        look();
    }
    void hear(const Fingering& f, double off_cents)
    {
        const Hertz pitch = f.target * std::exp2(off_cents / 1200.0);
        const auto reading = fixtures::heard(f.id, pitch, 0.3, Temperature::fromCelsius(20.0));
        if (!book.append({book.nextId(), "2026-01-01T00:00:00Z", reading}))
            qFatal("refused");
    }
    void look()
    {
        auto made = Forecaster::make(book);
        if (!made)
            qFatal("no forecast");
        forecaster = std::move(*made);
        inconsistent.assign(book.present().spec().fingerings.size(), false);
    }
    [[nodiscard]] Situation seen() const { return seenBy(book, *forecaster, inconsistent); }
};

/// The same instrument with each note's tolerance as a function of what is believed of it.
template <class F>
InstrumentSpec withTolerances(const InstrumentSpec& spec, const std::vector<NoteState>& now, const F& tolerance)
{
    InstrumentSpec s = spec;
    for (std::size_t i = 0; i < now.size(); ++i)
        s.fingerings[i].tolerance = Cents::fromCents(tolerance(i, now[i]));
    return s;
}

double above(double deviations)
{
    return 0.5 * std::erfc(deviations / std::numbers::sqrt2);
}

/// The tolerance beyond which this much of what is believed lies, on both sides.
double toleranceFor(const NoteState& n, double out)
{
    double low = 1e-3;
    double high = 200.0;
    for (int i = 0; i < 60; ++i) {
        const double t = 0.5 * (low + high);
        (above((n.cents + t) / n.sd) + above((t - n.cents) / n.sd) > out ? low : high) = t;
    }
    return low;
}

bool isIn(const std::vector<FingeringId>& ids, const FingeringId& id)
{
    return std::find(ids.begin(), ids.end(), id) != ids.end();
}

} // namespace

class TestPlanRules : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void openIsWhatIsOutWithAChanceBetweenEightAndNinetyTwoPerCent()
    {
        for (const double off : {-15.0, 15.0}) {
            const InstrumentSpec spec = inTuneByTheModel();
            const Heard first(spec, off);
            constexpr double outs[] = {0.06, 0.10, 0.50, 0.90, 0.94};
            Heard h(withTolerances(spec, first.forecaster->now(),
                                   [&](std::size_t i, const NoteState& n) { return toleranceFor(n, outs[i % 5]); }),
                    off);
            const auto fingerings = h.book.present().spec().fingerings;
            // Tolerances do not move what is believed, so that the chances are those asked for.
            for (std::size_t i = 0; i < fingerings.size(); ++i)
                VERIFY_NEAR(h.forecaster->now()[i].cents, first.forecaster->now()[i].cents, 1e-6);
            const auto open = [&](Undecided which) {
                std::vector<bool> is;
                const auto ids = undecidedNotes(h.seen(), which);
                for (const Fingering& f : fingerings)
                    is.push_back(isIn(ids, f.id));
                return is;
            };
            std::vector<bool> expected;
            for (std::size_t i = 0; i < fingerings.size(); ++i)
                expected.push_back(i % 5 != 0 && i % 5 != 4);
            QCOMPARE(open(Undecided::All), expected);
            // What is sharp is not mended by taking wood away: whether it is does not matter before the end.
            QCOMPARE(open(Undecided::WhatCanBeMended), off < 0.0 ? expected : std::vector<bool>(expected.size()));
            // A note heard twice is known as well as it will be; one out of line is not asked for.
            h.hear(fingerings[1], off);
            h.look();
            if (off < 0.0)
                QVERIFY(!open(Undecided::WhatCanBeMended)[1]);
            h.inconsistent[2] = true;
            QVERIFY(!open(Undecided::All)[2] && !open(Undecided::WhatCanBeMended)[2]);
        }
    }
    void whatHasMovedByMoreIsHeard()
    {
        Heard h(inTuneByTheModel(), -10.0);
        const auto fingerings = h.book.present().spec().fingerings;
        JointForecast there = h.forecaster->present();
        const double sizes[] = {1.4, -1.6, -1.4, 1.6};
        for (std::size_t i = 0; i < fingerings.size(); ++i)
            there.mean[static_cast<Eigen::Index>(i)] += sizes[i % 4];
        const auto ids = moved(h.seen(), there, 1.5);
        for (std::size_t i = 0; i < fingerings.size(); ++i)
            QCOMPARE(isIn(ids, fingerings[i].id), i % 2 == 1);
        QVERIFY(moved(h.seen(), h.forecaster->present(), 1.5).empty());
        // A way there and back is a way: after a cut what it moved counts, and a note that is back where it was as well.
        const HoleId hole = h.book.present().spec().holes.back().id;
        const Metres from = h.book.present().find(hole)->diameter;
        VERIFY_OK(
            h.book.append({h.book.nextId(), "2026-01-01T00:00:00Z", CutEntry{Enlarge{hole, from + mm(0.4)}, from, {}, {}}}));
        VERIFY_OK(h.book.append({h.book.nextId(), "2026-01-01T00:00:00Z", CutEntry{Fill{hole, from}, from + mm(0.4), {}, {}}}));
        h.look();
        const auto again = moved(h.seen(), h.forecaster->present(), 1.5);
        QVERIFY(!again.empty() && again.size() < fingerings.size());
        for (std::size_t i = 0; i < fingerings.size(); ++i)
            QCOMPARE(isIn(again, fingerings[i].id), h.forecaster->waySinceHeard()[i].value() > 1.5);
    }
    void whatWasNeverHeardIsAskedFor()
    {
        Workbook book(fixtures::whistle());
        const auto fingerings = book.present().spec().fingerings;
        const auto one = fixtures::heard(fingerings[3].id, fingerings[3].target, 0.3, Temperature::fromCelsius(20.0));
        VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", one}));
        const auto forecaster = Forecaster::make(book);
        VERIFY_OK(forecaster);
        const Situation s = seenBy(book, *forecaster);
        const auto unheard = unheardNotes(s);
        QCOMPARE(unheard.size(), fingerings.size() - 1);
        QVERIFY(!isIn(unheard, fingerings[3].id));
        QCOMPARE(moved(s, forecaster->present(), 1000.0), unheard); // however little it may have moved
    }
    void aSittingIsHalfOfTheNotesTheOnesNearestToTheirLimits()
    {
        const InstrumentSpec spec = inTuneByTheModel();
        const std::size_t n = spec.fingerings.size();
        const Heard first(spec, -4.0);
        // From three deviations of room on, each half a deviation more than the one before in an order of its own.
        std::vector<std::size_t> rank(n);
        for (std::size_t i = 0; i < n; ++i)
            rank[i] = i * 5 % n;
        InstrumentSpec crafted = withTolerances(spec, first.forecaster->now(), [&](std::size_t i, const NoteState& state) {
            return std::abs(state.cents) + state.sd * (3.0 + 0.5 * static_cast<double>(rank[i]));
        });
        std::vector<std::size_t> byRoom(n);
        std::iota(byRoom.begin(), byRoom.end(), std::size_t{0});
        std::sort(byRoom.begin(), byRoom.end(), [&](std::size_t a, std::size_t b) { return rank[a] < rank[b]; });
        crafted.fingerings[byRoom[1]].weight = 0.0; // does not count
        const Heard h(crafted, -4.0);
        const std::size_t needed = byRoom[n - 1];
        std::vector<bool> expected(n);
        expected[needed] = true;
        std::size_t count = 1;
        for (std::size_t k = 0; 2 * count < n; ++k)
            if (k != 1) {
                expected[byRoom[k]] = true;
                ++count;
            }
        std::vector<FingeringId> ids;
        for (std::size_t i = 0; i < n; ++i)
            if (expected[i])
                ids.push_back(spec.fingerings[i].id);
        QCOMPARE(sittingWith(h.seen(), {spec.fingerings[needed].id}), ids); // in the order of the chart
        // Who needs more than half hears just these.
        std::vector<FingeringId> most;
        for (std::size_t i = 0; i + 1 < n; ++i)
            most.push_back(spec.fingerings[i].id);
        QCOMPARE(sittingWith(h.seen(), most), most);
    }
    void sittingsAreCountedByWhatStandsBetweenThem()
    {
        Bench bench(3);
        const auto counts = [&bench] {
            const auto forecaster = Forecaster::make(bench.book());
            const Situation s = seenBy(bench.book(), *forecaster);
            return std::pair{sessionsHeard(s), sessionsSinceCut(s)};
        };
        const Metres size = bench.book().present().find(HoleId{"h3"})->diameter;
        const auto open = [&](double by_mm) {
            const Metres from = bench.book().present().find(HoleId{"h3"})->diameter;
            bench.put(CutEntry{Enlarge{{"h3"}, size + mm(by_mm)}, from, {}, {}});
        };
        QCOMPARE(counts(), (std::pair{0, 0}));
        bench.hearAll();
        bench.put(NoteEntry{"tea"}); // does not end a sitting
        bench.hearAll();
        QCOMPARE(counts(), (std::pair{1, 1}));
        bench.put(Advice{});
        bench.hearAll();
        QCOMPARE(counts(), (std::pair{2, 2}));
        open(0.1);
        open(0.2);
        QCOMPARE(counts(), (std::pair{2, 0}));
        bench.hearAll();
        QCOMPARE(counts(), (std::pair{3, 1}));
        bench.put(BuiltEntry{bench.book().present()}); // another piece begins anew
        QCOMPARE(counts().first, 0);
        QVERIFY2(bench.trouble().empty(), bench.trouble().c_str());
    }
    void cutsOfOnesOwnAreThoseWithoutAdviceSinceTheLastListening()
    {
        Bench bench(3);
        const auto own = [&bench] {
            const auto forecaster = Forecaster::make(bench.book());
            const Situation s = seenBy(bench.book(), *forecaster);
            return ownCuts(s);
        };
        const Metres size = bench.book().present().find(HoleId{"h3"})->diameter;
        const std::vector<NoteForecast> forecast{
            {{"D5"}, Cents::fromCents(-5.0), Cents::fromCents(-2.0), Cents::fromCents(1.0), {}, {}}};
        bench.hearAll();
        QVERIFY(!own());
        bench.put(CutEntry{Enlarge{{"h3"}, size + mm(0.1)}, size, size + mm(0.1), forecast});
        QVERIFY(!own());
        bench.put(CutEntry{Enlarge{{"h3"}, size + mm(0.2)}, size + mm(0.1), {}, {}});
        QVERIFY(own());
        bench.hearAll();
        QVERIFY(!own());
        QVERIFY2(bench.trouble().empty(), bench.trouble().c_str());
    }
    void whyANoteStaysOffIsWhatHoldsItsStrongestLever()
    {
        using Why = UnreachedNote::Why;
        // common practice, no source: with all holes closed the foot tunes a note, else the uppermost open hole.
        const auto whyOf = [](const InstrumentSpec& spec, std::size_t note, double cents, double surely = 0.0) {
            const Heard h(spec, 0.0);
            std::vector<NoteState> states(spec.fingerings.size(), NoteState{0.0, 2.0});
            states[note].cents = cents;
            const auto left = unreachedNotes(h.seen(), h.book.present(), states, surely);
            if (left.empty())
                return std::optional<Why>();
            if (left.size() > 1 || left.front().fingering != spec.fingerings[note].id || left.front().off.cents() != cents)
                qFatal("not that note");
            return std::optional(left.front().why);
        };
        constexpr std::size_t d5 = 0;
        constexpr std::size_t e5 = 1;
        const InstrumentSpec free = inTuneByTheModel();
        InstrumentSpec footDone = free;
        footDone.limits.footMin = free.bore.back().at;
        InstrumentSpec holeDone = free;
        holeDone.limits.holeMax = free.holes[0].diameter;
        for (Hole& h : holeDone.holes) // the others have all the room there is
            if (h.diameter > *holeDone.limits.holeMax)
                h.diameter = h.undercutDiameter = mm(4.0);
        QVERIFY(whyOf(free, d5, -20.0) == Why::Compromise);
        QVERIFY(whyOf(footDone, d5, -20.0) == Why::FootAtLimit);
        QVERIFY(whyOf(footDone, e5, -20.0) == Why::Compromise);
        QVERIFY(whyOf(holeDone, e5, -20.0) == Why::HoleAtLimit);
        QVERIFY(whyOf(holeDone, d5, -20.0) == Why::Compromise);
        // One step of the tool from the limit is at it, two are not.
        const Metres step = free.tools.step;
        footDone.limits.footMin = free.bore.back().at - step;
        QVERIFY(whyOf(footDone, d5, -20.0) == Why::FootAtLimit);
        footDone.limits.footMin = free.bore.back().at - step * 2.0;
        QVERIFY(whyOf(footDone, d5, -20.0) == Why::Compromise);
        holeDone.limits.holeMax = free.holes[0].diameter + step * 0.5;
        QVERIFY(whyOf(holeDone, e5, -20.0) == Why::HoleAtLimit);
        holeDone.limits.holeMax = free.holes[0].diameter + step * 2.0;
        QVERIFY(whyOf(holeDone, e5, -20.0) == Why::Compromise);
        // Sharp is sharp whatever has room; within the tolerance of six cents nothing is left, nor within what is not sure.
        QVERIFY(whyOf(footDone, d5, 20.0) == Why::SharpAlready);
        QVERIFY(!whyOf(free, d5, 5.9) && whyOf(free, d5, 6.1) && !whyOf(free, d5, -5.9) && whyOf(free, d5, -6.1));
        QVERIFY(!whyOf(free, d5, -7.9, 1.0) && whyOf(free, d5, -8.1, 1.0));
        // What does not fit with the rest is told as it was heard.
        Heard odd(free, 0.0);
        odd.hear(free.fingerings[4], 25.0);
        odd.hear(free.fingerings[4], 25.0);
        odd.look();
        odd.inconsistent[4] = true;
        const auto left = unreachedNotes(odd.seen(), odd.book.present(), odd.forecaster->now(), 0.0);
        QCOMPARE(left.size(), std::size_t(1));
        QVERIFY(left.front().why == Why::OutOfLine);
        VERIFY_NEAR(left.front().off.cents(), 25.0, 2.0);
    }
    void twoSittingsAreApartWhereMostNotesMoveOneWayByMoreThanTenCents()
    {
        const auto apart = [](const std::vector<double>& second) {
            Heard h(inTuneByTheModel(), -5.0);
            const auto fingerings = h.book.present().spec().fingerings;
            for (std::size_t i = 0; i < second.size(); ++i)
                h.hear(fingerings[i], -5.0 + second[i]);
            return sessionsApart(h.book);
        };
        const std::vector<double> all(14, 12.0);
        const auto warmer = apart(all);
        QVERIFY(warmer && warmer->kind == Contradiction::Kind::Temperature);
        // The speed of sound goes with the root of the absolute temperature: 12 cents at 20 degrees.
        VERIFY_NEAR(warmer->amount, 293.15 * (std::exp2(12.0 / 600.0) - 1.0), 0.01);
        QVERIFY(apart(std::vector(14, -12.0))->amount < 0.0);
        QVERIFY(!apart(std::vector(14, 9.9)) && apart(std::vector(14, 10.1)));
        QVERIFY(!apart({12.0, 12.0}) && apart({12.0, 12.0, 12.0})); // two notes are too few to say so
        // Half of the notes are not most of them, nor is half one way and half the other.
        QVERIFY(!apart({12.0, 12.0, 1.0, 1.0}) && apart({12.0, 12.0, 12.0, 1.0}));
        QVERIFY(!apart({12.0, -12.0, 12.0, -12.0}));
        // Notes that do not count say nothing.
        InstrumentSpec quiet = inTuneByTheModel();
        for (std::size_t i = 2; i < quiet.fingerings.size(); ++i)
            quiet.fingerings[i].weight = 0.0;
        Heard h(quiet, 0.0);
        for (const Fingering& f : quiet.fingerings)
            h.hear(f, 12.0);
        QVERIFY(!sessionsApart(h.book));
    }
    void whatIsWantedOfANoteIsTheChanceThatItIsIn()
    {
        const Instrument whistle = fixtures::whistle(); // every note within 6 cents; the upper register weighs 0.8
        std::vector<bool> ignored(14, false);
        ignored[3] = true;
        const Aim aim = aimOf(whistle, {}, ignored, 3.0);
        const auto within = [](double mean, double sd, double half) {
            return above((-half - mean) / sd) - above((half - mean) / sd);
        };
        for (const double off : {-20.0, -7.0, 0.0, 5.9, 12.0}) {
            VERIFY_NEAR(aim.at(0, off).value, -std::log(within(off, 3.0, 6.0)), 1e-6);
            VERIFY_NEAR(aim.at(7, off).value, -0.8 * std::log(within(off, 3.0, 6.0)), 1e-6);
            QCOMPARE(aim.at(3, off).value, 0.0);
            for (const std::size_t note : {std::size_t{0}, std::size_t{7}}) {
                constexpr double h = 1e-4;
                VERIFY_NEAR(aim.at(note, off).slope, (aim.at(note, off + h).value - aim.at(note, off - h).value) / (2.0 * h),
                            1e-5);
                VERIFY_NEAR(aim.at(note, off).curvature, (aim.at(note, off + h).slope - aim.at(note, off - h).slope) / (2.0 * h),
                            1e-5);
            }
        }
        // The loss is weighed, the chance is not; neither knows a note that is left out.
        std::vector<double> cents(14, 2.0);
        cents[3] = 500.0;
        const double one = within(2.0, 3.0, 6.0);
        VERIFY_NEAR(aim.chance(cents), std::pow(one, 13.0), 1e-9);
        VERIFY_NEAR(aim.loss(cents), -(6.0 + 7.0 * 0.8) * std::log(one), 1e-9);
        // Where the low register rules the others count a tenth, within twice their tolerance.
        const Aim low = aimOf(whistle, {.lowRegister = true}, {}, 3.0);
        QCOMPARE(low.notes[0].tolerance_cents, 6.0);
        QCOMPARE(low.notes[0].weight, 1.0);
        QCOMPARE(low.notes[7].tolerance_cents, 12.0);
        VERIFY_NEAR(low.notes[7].weight, 0.08, 1e-12);
        // For comparison: squares of cents over tolerance; and nearest to where a note should be beside its target.
        const Aim squares = aimOf(whistle, {}, {}, 3.0, true);
        VERIFY_NEAR(squares.at(7, 9.0).value, 0.5 * 0.8 * std::pow(9.0 / 6.0, 2), 1e-12);
        std::vector<double> offsets(14, 0.0);
        offsets[2] = 4.0;
        const Aim straight = straightAim(whistle, offsets);
        QCOMPARE(straight.at(2, 4.0).value, 0.0);
        QVERIFY(straight.at(2, 0.0).slope < 0.0 && straight.at(1, 4.0).slope > 0.0);
    }
    void whoIsInAHurryPaysMoreForEveryCutAndRound()
    {
        const PlanOptions quick = optionsFor(Effort::Quick);
        const PlanOptions usual = optionsFor(Effort::Usual);
        const PlanOptions best = optionsFor(Effort::Best);
        for (const double PlanOptions::*price : {&PlanOptions::passPrice, &PlanOptions::roundPrice, &PlanOptions::singleCutGain})
            QVERIFY(quick.*price >= 1.5 * usual.*price && usual.*price >= 1.5 * best.*price && best.*price > 0.0);
        QVERIFY(quick.mostRounds < usual.mostRounds && usual.mostRounds < best.mostRounds && best.mostRounds <= 15);
        QVERIFY(quick.roundsToRough < usual.roundsToRough);
        // What may be spoiled and how the wood is reckoned does not depend on the hurry.
        QCOMPARE(quick.spoilLimit, best.spoilLimit);
        QCOMPARE(quick.flatMargin_sd, best.flatMargin_sd);
    }
    void leversGoAsFarAsTheTradeGoes()
    {
        // All of it common practice, no source: an undercut by 2 mm and 95 % of the bore, a window of 65 % of its width, an
        // embouchure hole of 70 % of the bore, a stopper to one and a half bores, a joint by half its tenon or 8 mm.
        const auto leverOf = [](const Instrument& i, LeverScope scope, std::string_view word, std::size_t which = 0) {
            for (const Lever& l : leversOf(i, scope))
                if (factsOf(l.cut).word == word && which-- == 0)
                    return std::optional(l);
            return std::optional<Lever>();
        };
        const auto made = [](const InstrumentSpec& spec) {
            auto instrument = Instrument::make(spec);
            if (!instrument)
                qFatal("%s", told(instrument.error()).c_str());
            return std::move(*instrument);
        };
        const Instrument whistle = fixtures::whistle();
        const auto window = leverOf(whistle, LeverScope::Usual, "cut_up");
        QVERIFY(window);
        VERIFY_NEAR(window->low.millimetres(), 5.5, 1e-9);
        VERIFY_NEAR(window->high.millimetres(), 9.5 * 0.65, 1e-9);
        // Enough wood around each hole, then two millimetres; the widest hole of a narrow bore has less.
        for (std::size_t i = 0; i < whistle.spec().holes.size(); ++i) {
            const auto ramp = leverOf(whistle, LeverScope::Usual, "undercut", i);
            QVERIFY(ramp);
            VERIFY_NEAR(ramp->low.millimetres(), 0.0, 1e-9);
            VERIFY_NEAR(ramp->high.millimetres(), 2.0, 1e-9);
        }
        InstrumentSpec wide = whistle.spec();
        wide.holes[3].diameter = wide.holes[3].undercutDiameter = mm(10.5);
        const Instrument wider = made(wide);
        VERIFY_NEAR(leverOf(wider, LeverScope::Usual, "undercut", 3)->high.millimetres(),
                    wider.boreDiameterAt(wide.holes[3].at).millimetres() * 0.95 - 10.5, 1e-9);
        // Who may go no further has neither; the bore comes last.
        QVERIFY(!leverOf(whistle, LeverScope::HolesAndFoot, "undercut") && !leverOf(whistle, LeverScope::Embouchure, "ream"));
        // Five stretches of the bore, end by end at whole five millimetres, 0.6 mm each or as much as the wall has.
        std::optional<Metres> end;
        for (std::size_t k = 0; k < 5; ++k) {
            const auto stretch = leverOf(whistle, LeverScope::BoreToo, "ream", k);
            QVERIFY(stretch);
            const auto& ream = std::get<Ream>(stretch->cut);
            for (const Metres at : {ream.from, ream.to})
                VERIFY_NEAR(std::remainder(at.millimetres(), 5.0), 0.0, 1e-9);
            QVERIFY(ream.from < ream.to && (!end || ream.from >= *end));
            VERIFY_NEAR((stretch->high - stretch->low).millimetres(), 0.6, 1e-9);
            end = ream.to;
        }
        QVERIFY(!leverOf(whistle, LeverScope::BoreToo, "ream", 5));
        InstrumentSpec thin = whistle.spec();
        thin.wall = mm(0.5);
        for (Hole& h : thin.holes)
            h.chimney = mm(0.5);
        const Instrument thinner = made(thin);
        for (std::size_t k = 0; k < 5; ++k) {
            const auto stretch = leverOf(thinner, LeverScope::BoreToo, "ream", k);
            QVERIFY(stretch);
            VERIFY_NEAR((stretch->high - stretch->low).millimetres(), 0.5, 1e-9);
        }
        InstrumentSpec crossBlown = whistle.spec();
        crossBlown.family = Family::Flute;
        crossBlown.excitation = Transverse{mm(9.0), mm(8.0), mm(3.5), mm(14.0), 0.3};
        crossBlown.slides = {{mm(100.0), mm(0.0), mm(14.0), mm(20.0)}};
        const Instrument flute = made(crossBlown);
        const auto stopper = leverOf(flute, LeverScope::Usual, "move_stopper");
        QVERIFY(stopper);
        VERIFY_NEAR(stopper->low.millimetres(), 9.0 / 2.0 + 0.5, 1e-9);
        VERIFY_NEAR(stopper->high.millimetres(), 1.5 * 14.0, 1e-9);
        const auto mouth = leverOf(flute, LeverScope::Embouchure, "enlarge_embouchure");
        QVERIFY(mouth && !leverOf(flute, LeverScope::Usual, "enlarge_embouchure"));
        VERIFY_NEAR(mouth->high.millimetres(), 0.70 * 14.0, 1e-9);
        VERIFY_NEAR(leverOf(flute, LeverScope::Usual, "move_slide")->high.millimetres(), 10.0, 1e-9);
        crossBlown.slides = {{mm(100.0), mm(0.0), mm(14.0), Metres{}}};
        VERIFY_NEAR(leverOf(made(crossBlown), LeverScope::Usual, "move_slide")->high.millimetres(), 8.0, 1e-9);
        // Of a slide whistle the slide is set and nothing else: half in, and a tenth out into what was left for the grip.
        InstrumentSpec slide = whistle.spec();
        slide.family = Family::Slide;
        slide.foot = Foot::Closed;
        slide.holes.clear();
        slide.fingerings.resize(1);
        slide.fingerings.front().closed.clear();
        const auto only = leversOf(made(slide), LeverScope::BoreToo);
        QCOMPARE(only.size(), std::size_t(1));
        VERIFY_NEAR(only.front().low / slide.bore.back().at, 0.5, 1e-9);
        VERIFY_NEAR(only.front().high / slide.bore.back().at, 1.1, 1e-9);
    }
    void whatIsSharpIsFilledOnlyWhereThatMendsIt()
    {
        const auto fillsAt = [](double off_cents) {
            const Heard h(inTuneByTheModel(), off_cents);
            const Situation s = h.seen();
            const auto left = unreachedNotes(s, h.book.present(), h.forecaster->now(), 0.0);
            return lastResort(s, left).value();
        };
        QVERIFY(fillsAt(-20.0).empty()); // flat is not filled
        QVERIFY(fillsAt(0.0).empty());
        const auto fills = fillsAt(14.0);
        QVERIFY(!fills.empty());
        // Less than a tenth is not worth the wax, and a hole filled by more than two millimetres or two fifths is another hole.
        const Instrument whistle = fixtures::whistle();
        const auto mostOf = [&whistle](const Cut& c) {
            const Metres now = whistle.find(*holeOf(c))->diameter;
            return std::min(mm(2.0), now * 0.4);
        };
        const auto filledBy = [&whistle](const Cut& c) {
            return whistle.find(*holeOf(c))->diameter - wantedSize(c);
        };
        for (const Cut& c : fills)
            QVERIFY(std::holds_alternative<Fill>(c) && filledBy(c) >= mm(0.1) && filledBy(c) <= mostOf(c) + mm(1e-9));
        const auto all = fillsAt(180.0);
        QVERIFY(!all.empty());
        QVERIFY(std::any_of(all.begin(), all.end(), [&](const Cut& c) { return filledBy(c) > mostOf(c) - mm(0.01); }));
        for (const Cut& c : all)
            QVERIFY(filledBy(c) <= mostOf(c) + mm(1e-9));
    }
};

DOWEL_TEST(TestPlanRules)
#include "test_plan_rules.moc"
