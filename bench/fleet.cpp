// SPDX-License-Identifier: GPL-3.0-or-later
// The table of judgement: makers of different schools on the same simulated blanks (tests/support/fleet.h). Deterministic,
// on all cores. --each: a line for every blank; --alone: the advice without the others.  Usage: fleet [blanks] [first seed]
// [tolerance in cents] [--each] [--alone], or fleet --follow SEED, or fleet --wrong [blanks] [first seed]: how often a hole's
// size that was typed wrongly is found out by the first full listening.
#include "support/fleet.h"

#include <atomic>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <thread>

using namespace dowel;
using fleet::Outcome;

namespace {

struct Row
{
    bool made = false;
    std::uint64_t seed = 0;
    std::string family;
    std::size_t holes = 0;
    Outcome dowel;
    Outcome custom;
    Outcome straight;
    Outcome shifted;
    Outcome truth;
};

double share(double part, double whole)
{
    return whole > 0.0 ? 100.0 * part / whole : 0.0;
}

void print(const char* name, const std::vector<Row>& rows, Outcome Row::*which)
{
    double solvable = 0.0;
    double homeOfSolvable = 0.0;
    double home = 0.0;
    double spoiled = 0.0;
    double cuts = 0.0;
    double rounds = 0.0;
    double sharp = 0.0;
    double forecasts = 0.0;
    double held = 0.0;
    double squares = 0.0;
    int stopped = 0; // by a contradiction, though nothing was written down wrongly
    std::vector<double> rms;
    std::vector<double> over;
    for (const Row& row : rows) {
        const Outcome& o = row.*which;
        home += o.home ? 1.0 : 0.0;
        solvable += row.truth.home ? 1.0 : 0.0;
        homeOfSolvable += row.truth.home && o.home ? 1.0 : 0.0;
        spoiled += o.spoiled && !row.truth.spoiled ? 1.0 : 0.0;
        const auto count = static_cast<double>(rows.size());
        cuts += o.cuts / count / static_cast<double>(row.holes);
        rounds += o.rounds / count;
        sharp += std::max(0, o.sharp - row.truth.sharp) / count;
        forecasts += o.forecasts;
        held += o.held;
        squares += o.squares;
        stopped += o.stopped ? 1 : 0;
        rms.push_back(o.rms);
        over.push_back(o.rms - row.truth.rms);
    }
    std::sort(rms.begin(), rms.end());
    std::sort(over.begin(), over.end());
    std::printf("%-22s home %3.0f of %zu, of %.0f that the truth brings home %3.0f (%3.0f %%), spoiled %2.0f (%.0f %%), cuts a "
                "hole %.2f, rounds %5.1f, left sharp %.2f a blank, rms %4.1f cents (%+.1f over the truth)",
                name, home, rows.size(), solvable, homeOfSolvable, share(homeOfSolvable, solvable), spoiled,
                share(spoiled, static_cast<double>(rows.size())), cuts, rounds, sharp, rms[rms.size() / 2],
                over[over.size() / 2]);
    if (forecasts > 0.0)
        std::printf(", 90 %% intervals hold %.0f %% (z %.2f), stopped without cause %d", share(held, forecasts),
                    std::sqrt(squares / forecasts), stopped);
    std::printf("\n");
}

void printAll(const std::vector<Row>& rows, bool alone)
{
    print("advice", rows, &Row::dowel);
    if (alone)
        return;
    print("custom", rows, &Row::custom);
    print("unfitted, straight", rows, &Row::straight);
    print("unfitted, shifted, x4", rows, &Row::shifted);
    print("truth known", rows, &Row::truth);
}

/// What the advice says to one blank, step by step, beside the truth.
int follow(std::uint64_t seed, const fleet::Conditions& with)
{
    const auto blank = fleet::blankOf(seed, with);
    if (!blank)
        return 1;
    fleet::advised(*blank, seed, with, {}, {}, [](const fleet::Bench& bench, const Result<Advice>& advice) {
        if (!advice) {
            std::printf("error at %s: %s\n", advice.error().where.c_str(), advice.error().facts.c_str());
            return;
        }
        const auto truth = bench.truth();
        std::printf("%s rms %.1f |", std::string(stateName(advice->state)).c_str(), advice->rms.cents());
        for (const double c : truth)
            std::printf(" %+.0f", c);
        std::printf("\n");
        for (const AdviceStep& s : advice->steps)
            std::printf("   %s %s %.2f to %.2f, goal %.2f%s\n", std::string(kindName(s.cut)).c_str(),
                        holeOf(s.cut) ? holeOf(s.cut)->text.c_str() : "", s.from.millimetres(), wantedSize(s.cut).millimetres(),
                        s.reason.goal.millimetres(), s.reason.guarded ? ", guarded" : "");
        for (const LeftOver& l : advice->left)
            std::printf("   left %s %+.1f %s\n", l.fingering.text.c_str(), l.off.cents(), std::string(leftName(l.why)).c_str());
        if (advice->contradiction)
            std::printf("   %s %s %.2f\n", std::string(kindName(advice->contradiction->kind)).c_str(),
                        advice->contradiction->what.c_str(), advice->contradiction->amount);
    });
    return 0;
}

/// One hole a blank is written down wrongly by so much; the wood is as it was laid out.
int wrongEntries(int blanks, std::uint64_t first)
{
    const fleet::Conditions with;
    std::printf("hole typed wrongly by   refused at entry   named   stopped otherwise   not seen\n");
    for (const double by_mm : {0.0, 0.5, 1.0, -1.0, 2.0, -2.0, 10.0}) {
        int refused = 0;
        int named = 0;
        int other = 0;
        int unseen = 0;
        for (std::uint64_t seed = first; seed < first + static_cast<std::uint64_t>(blanks); ++seed) {
            const auto real = fleet::blankOf(seed, with);
            if (!real)
                continue;
            const std::size_t which = Random(seed).next() % real->spec().holes.size();
            const auto book = fleet::mistyped(*real, seed, with, which, Metres::fromMillimetres(by_mm));
            if (!book) {
                ++refused;
                continue;
            }
            const auto advice = advise(*book);
            const bool stopped = !advice || advice->contradiction;
            if (stopped && advice && advice->contradiction->kind == Contradiction::Kind::Hole &&
                advice->contradiction->what == real->spec().holes[which].id.text)
                ++named;
            else
                ++(stopped ? other : unseen);
        }
        std::printf("%+17.1f mm %18d %7d %19d %10d\n", by_mm, refused, named, other, unseen);
    }
    return 0;
}

} // namespace

int main(int argc, char** argv)
{
    if (argc > 2 && std::strcmp(argv[1], "--follow") == 0)
        return follow(static_cast<std::uint64_t>(std::atoll(argv[2])), {});
    if (argc > 1 && std::strcmp(argv[1], "--wrong") == 0)
        return wrongEntries(argc > 2 ? std::atoi(argv[2]) : 60,
                            static_cast<std::uint64_t>(argc > 3 ? std::atoll(argv[3]) : 50000));
    bool alone = false;
    bool each = false;
    int given = 1;
    while (given < argc && argv[given][0] != '-')
        ++given;
    for (int i = given; i < argc; ++i) {
        alone = alone || std::strcmp(argv[i], "--alone") == 0;
        each = each || std::strcmp(argv[i], "--each") == 0;
    }
    const int blanks = given > 1 ? std::max(1, std::atoi(argv[1])) : 200;
    const auto first = static_cast<std::uint64_t>(given > 2 ? std::atoll(argv[2]) : 50000);
    fleet::Conditions with;
    if (given > 3)
        with.tolerance_cents = std::atof(argv[3]);
    std::vector<Row> rows(static_cast<std::size_t>(blanks));
    std::atomic<std::size_t> next{0};
    const auto work = [&] {
        for (std::size_t i = next++; i < rows.size(); i = next++) {
            Row& r = rows[i];
            r.seed = first + i;
            const auto blank = fleet::blankOf(r.seed, with);
            if (!blank)
                continue;
            r.made = true;
            r.family = familyName(blank->spec().family);
            r.holes = blank->spec().holes.size();
            r.dowel = fleet::advised(*blank, r.seed, with);
            if (alone)
                continue;
            r.custom = fleet::customary(*blank, r.seed, with);
            r.straight = fleet::byModel(*blank, r.seed, with, 1);
            r.shifted = fleet::byModel(*blank, r.seed, with, 4);
            r.truth = fleet::ceiling(*blank, r.seed, with);
        }
    };
    std::vector<std::thread> workers;
    for (unsigned k = 0; k < std::max(1U, std::thread::hardware_concurrency()); ++k)
        workers.emplace_back(work);
    for (auto& w : workers)
        w.join();
    rows.erase(std::remove_if(rows.begin(), rows.end(), [](const Row& r) { return !r.made; }), rows.end());
    if (rows.empty())
        return 1;
    if (each)
        for (const Row& r : rows) {
            std::printf("%llu %-10s holes %zu  advice %s worst %+6.1f rms %5.1f cuts %2d rounds %4.1f sharp %d %s |",
                        static_cast<unsigned long long>(r.seed), r.family.c_str(), r.holes, r.dowel.home ? "home" : "   -",
                        r.dowel.worst, r.dowel.rms, r.dowel.cuts, r.dowel.rounds, r.dowel.sharp,
                        std::string(stateName(r.dowel.end)).c_str());
            for (const auto& [kind, count] : r.dowel.cutKinds)
                std::printf(" %s %d", kind.c_str(), count);
            std::printf(" | truth %s worst %+6.1f rms %5.1f cuts %d\n", r.truth.home ? "home" : "   -", r.truth.worst,
                        r.truth.rms, r.truth.cuts);
        }
    std::printf("%zu of %d blanks could be laid out; tolerance %.0f cents\n", rows.size(), blanks, with.tolerance_cents);
    for (const fleet::Kind& kind : fleet::kinds()) {
        std::vector<Row> some;
        for (const Row& r : rows)
            if (r.family == familyName(kind.family))
                some.push_back(r);
        if (some.empty())
            continue;
        std::printf("%s\n", std::string(familyName(kind.family)).c_str());
        printAll(some, alone);
    }
    std::printf("all\n");
    printAll(rows, alone);
}
