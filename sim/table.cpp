// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/table.h"

#include "sim/foreign.h"
#include "sim/house.h"

#include <algorithm>
#include <array>
#include <atomic>
#include <cmath>
#include <numeric>
#include <thread>

namespace dowel::sim {

namespace {

double share(double part, double whole)
{
    return whole > 0.0 ? 100.0 * part / whole : 0.0;
}

void printMaker(const char* name, const std::vector<Row>& rows, Outcome Row::*who)
{
    const Figures f = figuresOf(rows, who);
    std::printf(
        "  %-22s home %3d of %3d, of %3d solvable %3d (%3.0f %%), all but one %3.0f %%, spoiled %d, sharp %.2f, flat %.2f, "
        "cuts a hole %.2f, rounds %4.1f",
        name, f.home, f.blanks, f.solvable, f.homeOfSolvable, share(f.homeOfSolvable, f.solvable), share(f.allButOne, f.blanks),
        f.spoiled, f.sharp, f.flat, f.cutsPerHole, f.rounds);
    if (f.all.forecasts > 0)
        std::printf(", stopped early %d, 90 %% ranges hold %.0f %% (large cuts %.0f %% of %d, as it stands %.0f %%, z %.2f), "
                    "came less forecast %+.1f, as it stands %+.1f (error %.1f), gain %.2f",
                    f.early, share(f.all.held, f.all.forecasts), share(f.large.held, f.large.forecasts), f.large.forecasts,
                    share(f.stand.held, f.stand.forecasts), std::sqrt(f.stand.squares / std::max(1, f.stand.forecasts)),
                    f.all.off / std::max(1, f.all.forecasts), f.stand.off / std::max(1, f.stand.forecasts), f.leanError_cents,
                    f.all.wanted > 0.0 ? f.all.moved / f.all.wanted : 0.0);
    std::printf("\n");
}

/// Of all that was stated in each tenth, how often it came.
void printCalibration(const char* name, const std::vector<Row>& rows, std::vector<Stated> Outcome::*which)
{
    struct Tenth
    {
        int cases = 0;
        double stated = 0.0;
        int came = 0;
    };
    std::array<Tenth, 10> tenths{};
    for (const Row& row : rows)
        for (const Stated& s : row.advice.*which) {
            Tenth& t = tenths.at(static_cast<std::size_t>(std::clamp(s.chance * 10.0, 0.0, 9.0)));
            ++t.cases;
            t.stated += s.chance;
            t.came += s.came ? 1 : 0;
        }
    std::printf("  %-20s", name);
    for (const Tenth& t : tenths)
        if (t.cases > 0)
            std::printf(" | %2.0f: %2.0f (%d)", 100.0 * t.stated / t.cases, share(t.came, t.cases), t.cases);
    std::printf("\n");
}

void printGroup(const std::string& name, const std::vector<Row>& rows, bool alone)
{
    if (rows.empty())
        return;
    std::printf("%s\n", name.c_str());
    printMaker("advice", rows, &Row::advice);
    if (alone)
        return;
    printMaker("custom", rows, &Row::custom);
    printMaker("unfitted, straight", rows, &Row::straight);
    printMaker("unfitted, shifted, x4", rows, &Row::shifted);
    printMaker("truth known", rows, &Row::knows);
}

Row rowOf(const Fleet& fleet, const Blank& blank)
{
    Row r;
    r.seed = blank.seed;
    r.family = familyName(blank.believed.spec().family);
    r.holes = blank.believed.spec().holes.size();
    r.solvable = solvable(blank);
    r.advice = advised(blank, fleet.options, fleet.priors, !fleet.alone);
    if (fleet.alone)
        return r;
    r.custom = customary(blank);
    r.straight = byModel(blank, 1);
    r.shifted = byModel(blank, 4);
    r.knows = knowing(blank);
    return r;
}

} // namespace

std::optional<Blank> blankOf(const Fleet& fleet, std::uint64_t seed)
{
    return fleet.world == World::Foreign ? foreignBlank(seed, fleet.family, fleet.law) : houseBlank(seed, fleet.tolerance_cents);
}

std::vector<Row> played(const Fleet& fleet)
{
    std::vector<std::optional<Row>> rows(static_cast<std::size_t>(fleet.blanks));
    std::atomic<std::size_t> next{0};
    const auto work = [&] {
        for (std::size_t i = next++; i < rows.size(); i = next++)
            if (const auto blank = blankOf(fleet, fleet.first + i))
                rows[i] = rowOf(fleet, *blank);
    };
    std::vector<std::thread> workers;
    for (unsigned k = 0; k < std::max(1U, std::thread::hardware_concurrency()); ++k)
        workers.emplace_back(work);
    for (auto& w : workers)
        w.join();
    std::vector<Row> made;
    for (auto& r : rows)
        if (r)
            made.push_back(std::move(*r));
    return made;
}

Figures figuresOf(const std::vector<Row>& rows, Outcome Row::*who)
{
    Figures f;
    std::vector<double> lean;
    f.blanks = static_cast<int>(rows.size());
    const auto count = static_cast<double>(std::max<std::size_t>(1, rows.size()));
    for (const Row& row : rows) {
        const Outcome& o = row.*who;
        f.solvable += row.solvable ? 1 : 0;
        f.home += o.home ? 1 : 0;
        f.homeOfSolvable += row.solvable && o.home ? 1 : 0;
        f.allButOne += o.allButOne ? 1 : 0;
        f.spoiled += o.spoiled && !row.knows.spoiled ? 1 : 0;
        f.early += o.early ? 1 : 0;
        f.sharp += std::max(0, o.sharp - row.knows.sharp) / count;
        f.flat += o.flat / count;
        f.cutsPerHole += o.cuts / count / static_cast<double>(std::max<std::size_t>(1, row.holes));
        f.rounds += o.rounds / count;
        for (const auto& [sum, one] : {std::pair(&f.all, &o.all), std::pair(&f.large, &o.large), std::pair(&f.stand, &o.stand)}) {
            sum->forecasts += one->forecasts;
            sum->held += one->held;
            sum->squares += one->squares;
            sum->off += one->off;
            sum->moved += one->moved;
            sum->wanted += one->wanted;
        }
        if (o.stand.forecasts > 0)
            lean.push_back(o.stand.off / o.stand.forecasts);
    }
    const auto n = static_cast<double>(lean.size());
    const double mean = std::accumulate(lean.begin(), lean.end(), 0.0) / std::max(1.0, n);
    double squares = 0.0;
    for (const double l : lean)
        squares += (l - mean) * (l - mean);
    f.leanError_cents = n > 1.0 ? std::sqrt(squares / (n - 1.0) / n) : 0.0;
    return f;
}

void print(const std::vector<Row>& rows, bool alone)
{
    std::vector<std::string> families;
    for (const Row& r : rows)
        if (std::find(families.begin(), families.end(), r.family) == families.end())
            families.push_back(r.family);
    std::vector<Row> small;
    for (const std::string& family : families) {
        std::vector<Row> some;
        for (const Row& r : rows)
            if (r.family == family)
                some.push_back(r);
        if (family == "flute" || family == "whistle" || family == "fife")
            small.insert(small.end(), some.begin(), some.end());
        printGroup(family, some, alone);
    }
    printGroup("flutes, whistles and fifes", small, alone);
    printGroup("all", rows, alone);
    std::printf("of what was stated in each tenth, per cent: how often it came (cases)\n");
    printCalibration("all in, as it stands", rows, &Outcome::within);
    printCalibration("all in, after the plan", rows, &Outcome::ends);
    printCalibration("spoiled by the step", rows, &Outcome::spoils);
}

void printEach(const std::vector<Row>& rows)
{
    for (const Row& r : rows) {
        const Outcome& o = r.advice;
        std::printf("%llu %-11s %s advice %s worst %+6.1f rms %5.1f cuts %2d rounds %4.1f sharp %d flat %d%s %s%s |",
                    static_cast<unsigned long long>(r.seed), r.family.c_str(), r.solvable ? "solvable" : "    -   ",
                    o.home ? "home" : "   -", o.worst, o.rms, o.cuts, o.rounds, o.sharp, o.flat, o.early ? " early" : "",
                    std::string(stateName(o.end)).c_str(), o.outOfTurns ? " out of turns" : "");
        for (const auto& [kind, count] : o.cutKinds)
            std::printf(" %s %d", kind.c_str(), count);
        std::printf(" | truth %s worst %+6.1f cuts %d\n", r.knows.home ? "home" : "   -", r.knows.worst, r.knows.cuts);
    }
}

} // namespace dowel::sim
