// SPDX-License-Identifier: GPL-3.0-or-later
// The table of judgement: makers of different schools on the same simulated blanks.
// Usage: fleet [--house] [--blanks N] [--seed S] [--family K] [--tolerance CENTS] [--alone] [--each]
//        fleet --law fingers|lips|damp [...]   the same in a world in which that is otherwise (sim/foreign.h)
//        fleet --with NAME VALUE [...]   the advice with a number of PlanOptions or Priors set (see numberOf below)
//        fleet --ablation [...]   the advice with one thing at a time left out
//        fleet --follow SEED [--house] [--family K]   what is said to one blank, beside the truth
//        fleet --wrong [--blanks N] [--seed S]        how often a hole that was typed wrongly is found out
#include "sim/foreign.h"
#include "sim/house.h"
#include "sim/table.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <cstring>

using namespace dowel;
using namespace dowel::sim;

namespace {

void printNotes(const std::vector<double>& cents, const Instrument& instrument)
{
    for (std::size_t i = 0; i < cents.size(); ++i)
        std::printf(" %s%+.1f%s", instrument.spec().fingerings[i].id.text.c_str(), cents[i],
                    std::abs(cents[i]) > instrument.spec().fingerings[i].tolerance.cents() ? "!" : "");
    std::printf("\n");
}

int follow(const Fleet& fleet)
{
    const auto blank = blankOf(fleet, fleet.first);
    if (!blank)
        return 1;
    std::printf("%s, solvable: %s\n", std::string(familyName(blank->believed.spec().family)).c_str(),
                solvable(*blank) ? "yes" : "no");
    const Outcome o = advised(*blank, fleet.options, fleet.priors, true, [](const Bench& bench, const Result<Advice>& advice) {
        if (!advice) {
            std::printf("error %s\n", told(advice.error()).c_str());
            return;
        }
        std::printf("%s, worst %+.1f, %d of %d in, chance of all %.2f\n  truth ", std::string(stateName(advice->state)).c_str(),
                    advice->worst.cents(), advice->withinTolerance, advice->of, advice->chanceAllWithin.value_or(0.0));
        printNotes(bench.truth(), bench.actual());
        if (!advice->fingerings.empty())
            std::printf("  hear %zu\n", advice->fingerings.size());
        if (!advice->steps.empty()) {
            const AdviceStep& s = advice->steps.front();
            std::printf("  %s %s %.2f -> %.2f (goal %.2f) of %zu steps, spoils %.3f, all after %.2f%s\n",
                        std::string(factsOf(s.cut).word).c_str(), holeOf(s.cut) ? holeOf(s.cut)->text.c_str() : "",
                        s.from.millimetres(), wantedSize(s.cut).millimetres(), s.reason.goal.millimetres(), advice->steps.size(),
                        s.chanceSpoiled.value_or(0.0), s.chanceAllAfter.value_or(0.0), s.reason.guarded ? ", guarded" : "");
            std::printf("  now   ");
            for (const NoteForecast& f : s.forecast)
                std::printf(" %s%+.1f", f.fingering.text.c_str(), f.now.cents());
            std::printf("\n  after ");
            for (const NoteForecast& f : s.forecast)
                std::printf(" %s%+.1f(%.1f)", f.fingering.text.c_str(), f.after.cents(), f.sd.cents());
            std::printf("\n");
        }
        for (const UnreachedNote& l : advice->left)
            std::printf("   left %s %+.1f %s\n", l.fingering.text.c_str(), l.off.cents(), std::string(leftName(l.why)).c_str());
        if (advice->contradiction)
            std::printf("   %s %s %.2f\n", std::string(kindName(advice->contradiction->kind)).c_str(),
                        advice->contradiction->what.c_str(), advice->contradiction->amount);
    });
    std::printf("%s, worst %+.1f, cuts %d, rounds %.1f%s\n", o.home ? "home" : "not home", o.worst, o.cuts, o.rounds,
                o.early ? ", stopped early" : "");
    return 0;
}

/// The number of the options or the priors that --with names; nothing where there is none of that name.
double* numberOf(Fleet& fleet, const char* name)
{
    PlanOptions& o = fleet.options;
    Priors& p = fleet.priors;
    const std::pair<const char*, double*> all[] = {{"spread", &o.spread_cents},
                                                   {"lastSpread", &o.lastSpread_cents},
                                                   {"flatMargin", &o.flatMargin_sd},
                                                   {"spoilLimit", &o.spoilLimit},
                                                   {"worth", &o.worth},
                                                   {"worthOfOther", &o.worthOfOther},
                                                   {"passPrice", &o.passPrice},
                                                   {"roundPrice", &o.roundPrice},
                                                   {"roundWorth", &o.roundWorth},
                                                   {"singleCutGain", &o.singleCutGain},
                                                   {"wellIn", &o.wellIn},
                                                   {"settleFrom", &o.settleFrom},
                                                   {"hearAgain", &o.hearAgainMove_cents},
                                                   {"holeGain", &p.holeGainSd},
                                                   {"shareOfChange", &p.shareOfChange},
                                                   {"shareOfOther", &p.shareOfOther},
                                                   {"holeSize", &p.holeSizeSd_m},
                                                   {"note", &p.noteSd_cents}};
    for (const auto& [known, number] : all)
        if (std::strcmp(known, name) == 0)
            return number;
    return nullptr;
}

std::optional<Law> lawNamed(const char* name)
{
    const std::pair<const char*, Law> all[] = {{"fingers", Law::Fingers}, {"lips", Law::Lips}, {"damp", Law::Damp}};
    for (const auto& [known, law] : all)
        if (std::strcmp(known, name) == 0)
            return law;
    return std::nullopt;
}

/// One hole a blank is written down wrongly by so much; the wood is as it was laid out.
int wrongEntries(const Fleet& fleet)
{
    std::printf("hole typed wrongly by   refused at entry   named   stopped otherwise   not seen\n");
    for (const double by_mm : {0.0, 0.5, 1.0, -1.0, 2.0, -2.0, 10.0}) {
        int refused = 0;
        int named = 0;
        int other = 0;
        int unseen = 0;
        for (int i = 0; i < fleet.blanks; ++i) {
            const std::uint64_t seed = fleet.first + static_cast<std::uint64_t>(i);
            const auto blank = blankOf(fleet, seed);
            if (!blank)
                continue;
            const auto& holes = blank->believed.spec().holes;
            const std::size_t which = Random(seed).next() % holes.size();
            const auto book = mistyped(*blank, which, Metres::fromMillimetres(by_mm));
            if (!book) {
                ++refused;
                continue;
            }
            const auto advice = advise(*book);
            const bool stopped = !advice || advice->contradiction;
            if (stopped && advice && advice->contradiction->kind == Contradiction::Kind::Hole &&
                advice->contradiction->what == holes[which].id.text)
                ++named;
            else
                ++(stopped ? other : unseen);
        }
        std::printf("%+17.1f mm %18d %7d %19d %10d\n", by_mm, refused, named, other, unseen);
    }
    return 0;
}

/// The same blanks with one thing at a time left out.
int ablation(Fleet fleet)
{
    fleet.alone = true;
    struct Variant
    {
        const char* name;
        void (*change)(Fleet&);
    };
    const Variant variants[] = {
        {"as it is",
         [](Fleet&) {
         }},
        {"squares instead of the chance",
         [](Fleet& f) {
             f.options.squares = true;
         }},
        {"no shift or slope of a listening",
         [](Fleet& f) {
             f.priors.listeningSd_cents = f.priors.listeningSlopeSd_cents = 0.05;
         }},
        {"no blowing slope",
         [](Fleet& f) {
             f.priors.blowSlope_cents = 0.0, f.priors.blowSlopeSd_cents = 4.0;
         }},
        {"no gain common to all holes",
         [](Fleet& f) {
             f.priors.holeGainSd = 1e-4;
         }},
        {"doubtful notes not heard again",
         [](Fleet& f) {
             f.options.listenToSettle = false;
         }},
        {"no staying low",
         [](Fleet& f) {
             f.options.flatMargin_sd = 0.0;
         }},
        {"holes and foot alone",
         [](Fleet& f) {
             f.options.means = LeverScope::HolesAndFoot;
         }},
    };
    for (const Variant& v : variants) {
        Fleet other = fleet;
        v.change(other);
        const auto rows = played(other);
        const Figures f = figuresOf(rows, &Row::advice);
        std::vector<Row> small;
        for (const Row& r : rows)
            if (r.family == "flute" || r.family == "whistle" || r.family == "fife")
                small.push_back(r);
        const Figures s = figuresOf(small, &Row::advice);
        const auto errorOf = [](const Figures& of) { // one binomial standard deviation, per cent
            const double share = static_cast<double>(of.homeOfSolvable) / std::max(1, of.solvable);
            return 100.0 * std::sqrt(share * (1.0 - share) / std::max(1, of.solvable));
        };
        std::printf("%-38s of %d solvable %d home (%.0f +- %.0f %%; flutes, whistles, fifes %.0f +- %.0f %%), all but one "
                    "%.0f %%, spoiled %d, sharp %.2f, cuts a hole %.2f, rounds %.1f, ranges hold %.0f %%\n",
                    v.name, f.solvable, f.homeOfSolvable, 100.0 * f.homeOfSolvable / std::max(1, f.solvable), errorOf(f),
                    100.0 * s.homeOfSolvable / std::max(1, s.solvable), errorOf(s), 100.0 * f.allButOne / std::max(1, f.blanks),
                    f.spoiled, f.sharp, f.cutsPerHole, f.rounds, 100.0 * f.all.held / std::max(1, f.all.forecasts));
        std::fflush(stdout);
    }
    return 0;
}

} // namespace

int main(int argc, char** argv)
{
    Fleet fleet;
    bool each = false;
    enum class Do { Table, Ablation, Follow, Wrong } what = Do::Table;
    for (int i = 1; i < argc; ++i) {
        const auto is = [&](const char* name) {
            return std::strcmp(argv[i], name) == 0;
        };
        const char* value = i + 1 < argc ? argv[i + 1] : "";
        if (is("--house"))
            fleet.world = World::House;
        else if (is("--law") && lawNamed(value))
            fleet.law = *lawNamed(value), ++i;
        else if (is("--alone"))
            fleet.alone = true;
        else if (is("--each"))
            each = true;
        else if (is("--ablation"))
            what = Do::Ablation;
        else if (is("--wrong"))
            what = Do::Wrong, fleet.world = World::House;
        else if (is("--follow"))
            what = Do::Follow, fleet.first = std::strtoull(value, nullptr, 10), ++i;
        else if (is("--blanks"))
            fleet.blanks = std::max(1, std::atoi(value)), ++i;
        else if (is("--seed"))
            fleet.first = std::strtoull(value, nullptr, 10), ++i;
        else if (is("--with") && numberOf(fleet, value) && i + 2 < argc)
            *numberOf(fleet, value) = std::atof(argv[i + 2]), i += 2;
        else if (is("--family"))
            fleet.family = std::strtoull(value, nullptr, 10), ++i;
        else if (is("--tolerance"))
            fleet.tolerance_cents = std::atof(value), ++i;
        else {
            std::fprintf(stderr, "fleet: %s is not known; see the top of sim/fleet.cpp\n", argv[i]);
            return 2;
        }
    }
    switch (what) {
    case Do::Ablation: return ablation(fleet);
    case Do::Follow: return follow(fleet);
    case Do::Wrong: return wrongEntries(fleet);
    case Do::Table: break;
    }
    const auto rows = played(fleet);
    if (rows.empty())
        return 1;
    if (each)
        printEach(rows);
    print(rows, fleet.alone);
}
