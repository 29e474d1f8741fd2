// SPDX-License-Identifier: GPL-3.0-or-later
// A fleet of simulated blanks, each wrong in its own way, tuned to the end by following the advice blindly; beside it the
// customary procedure, and what a maker who knew the truth could reach by enlarging holes and trimming the foot (that says
// which blanks can be brought home at all). The truth is the simulated player's own physics, which shares no formula code
// with the model that is fitted. Deterministic.  Usage: fleet [blanks] [first seed]
// [factor on the tolerances]
#include "core/plan/plan.h"
#include "support/bench.h"

#include <Eigen/Dense>
#include <algorithm>
#include <atomic>
#include <cstdio>
#include <cstdlib>
#include <mutex>
#include <thread>

using namespace dowel;
using fixtures::Bench;

namespace {

double leniency = 1.0; // set once, before the threads

struct Outcome
{
    bool home = false;    ///< every note within its tolerance
    bool spoiled = false; ///< some note sharp by more than three tolerances
    int cuts = 0;
    double rounds = 0.0; ///< of listening, in whole scales
    int sharp = 0;       ///< notes left sharp beyond tolerance
    double rms = 0.0;
    int forecasts = 0;
    int held = 0; ///< forecasts whose 90 % interval held what came
};

void judge(Outcome& o, const std::vector<double>& cents, const std::vector<Fingering>& fingerings)
{
    o.home = true;
    for (std::size_t i = 0; i < cents.size(); ++i) {
        const double tolerance = fingerings[i].tolerance.cents();
        o.home = o.home && std::abs(cents[i]) <= tolerance;
        o.sharp += cents[i] > tolerance ? 1 : 0;
        o.spoiled = o.spoiled || cents[i] > 3.0 * tolerance;
        o.rms += cents[i] * cents[i] / static_cast<double>(cents.size());
    }
    o.rms = std::sqrt(o.rms);
}

std::vector<double> truthOf(const Bench& bench)
{
    std::vector<double> cents;
    for (const Fingering& f : bench.book().present().spec().fingerings)
        cents.push_back(bench.truthCents(f));
    return cents;
}

Outcome advised(std::uint64_t seed)
{
    Bench bench(seed, 1.0, leniency);
    Outcome o;
    const auto notes = static_cast<double>(bench.book().present().spec().fingerings.size());
    for (int i = 0; i < 120 && bench.trouble().empty(); ++i) {
        const auto advice = advise(bench.book());
        if (!advice)
            break;
        if (advice->state == AdviceState::Measure) {
            o.rounds += static_cast<double>(advice->fingerings.size()) / notes;
            for (const auto& id : advice->fingerings)
                bench.hear(id);
        } else if (advice->state == AdviceState::MakeCut) {
            ++o.cuts;
            const AdviceStep step = advice->steps.front();
            bench.cut(step.cut, step.forecast);
            const auto now = truthOf(bench);
            constexpr double ninety = 1.645;
            for (std::size_t k = 0; k < step.forecast.size() && k < now.size(); ++k) {
                ++o.forecasts;
                o.held += std::abs(now[k] - step.forecast[k].after.cents()) <= ninety * step.forecast[k].sd.cents() ? 1 : 0;
            }
        } else {
            break;
        }
    }
    judge(o, truthOf(bench), bench.book().present().spec().fingerings);
    return o;
}

/// From the foot upwards, a small step at a time, each note listened to after each: common practice, no source.
Outcome customary(std::uint64_t seed)
{
    Bench bench(seed, 1.0, leniency);
    Random ear(seed + 900);
    Outcome o;
    const auto spec = bench.book().present().spec();
    const auto notes = static_cast<double>(spec.fingerings.size());
    const auto heard = [&](const Fingering& f) {
        o.rounds += 1.0 / notes;
        return bench.truthCents(f) + ear.normal();
    };
    for (std::size_t k = 0; k <= spec.holes.size(); ++k) {
        const Fingering* note = nullptr; // the foot's note, then those that open one more hole
        for (const Fingering& f : spec.fingerings)
            if (f.registerNumber == 1 && f.closed.size() == spec.holes.size() - k)
                note = &f;
        if (note == nullptr)
            continue;
        for (int step = 0; step < 40; ++step) {
            const double off = heard(*note);
            if (off > -0.5 * note->tolerance.cents())
                break;
            const Instrument& now = bench.book().present();
            const Metres by = Metres::fromMillimetres(off < -20.0 ? 0.3 : 0.1);
            if (k == 0) {
                const Metres to = now.length() - by * 3.0;
                if (to < *spec.limits.footMin)
                    break;
                bench.cut(TrimFoot{to}, {});
            } else {
                const Metres to = now.spec().holes[k - 1].diameter + by;
                if (to > *spec.limits.holeMax)
                    break;
                bench.cut(Enlarge{now.spec().holes[k - 1].id, to}, {});
            }
            ++o.cuts;
        }
    }
    judge(o, truthOf(bench), spec.fingerings);
    return o;
}

/// Weighted least squares on the truth itself by removal only, sizes to the tenth: what could be reached.
Outcome ceiling(std::uint64_t seed)
{
    const Bench bench(seed, 1.0, leniency);
    const Instrument start = bench.book().present();
    const player::SimulatedPlayer player({seed, Temperature::fromCelsius(21.0), 24.0});
    const auto n = static_cast<Eigen::Index>(start.spec().holes.size()) + 1;
    const auto& fingerings = start.spec().fingerings;
    const auto built = [&](const Eigen::VectorXd& x) {
        InstrumentSpec s = start.spec();
        for (Eigen::Index i = 0; i + 1 < n; ++i) {
            Hole& h = s.holes[static_cast<std::size_t>(i)];
            h.diameter = h.undercutDiameter = h.diameter + Metres::fromMillimetres(x[i]);
        }
        s.bore = boreEndingAt(std::move(s.bore), start.length() - Metres::fromMillimetres(x[n - 1]));
        return *Instrument::make(std::move(s));
    };
    const auto cents = [&](const Eigen::VectorXd& x) {
        const Instrument shape = built(x);
        std::vector<double> c;
        for (const Fingering& f : fingerings) {
            const auto hz = player.truth(shape, f, Temperature::fromCelsius(20.0));
            c.push_back(hz ? 1200.0 * std::log2(hz->hertz() / f.target.hertz()) : 500.0);
        }
        return c;
    };
    Eigen::VectorXd low = Eigen::VectorXd::Zero(n);
    Eigen::VectorXd high(n);
    for (Eigen::Index i = 0; i + 1 < n; ++i)
        high[i] = (*start.spec().limits.holeMax - start.spec().holes[static_cast<std::size_t>(i)].diameter).millimetres();
    high[n - 1] = (start.length() - *start.spec().limits.footMin).millimetres();
    Eigen::VectorXd x = low;
    const auto residual = [&](const std::vector<double>& c) {
        Eigen::VectorXd r(static_cast<Eigen::Index>(c.size()));
        for (std::size_t i = 0; i < c.size(); ++i)
            r[static_cast<Eigen::Index>(i)] = c[i] / fingerings[i].tolerance.cents();
        return r;
    };
    double damping = 1e-3;
    Eigen::VectorXd r = residual(cents(x));
    for (int round = 0; round < 25; ++round) {
        Eigen::MatrixXd j(r.size(), n);
        constexpr double step_mm = 0.05;
        for (Eigen::Index i = 0; i < n; ++i) {
            Eigen::VectorXd there = x;
            const double sign = x[i] + step_mm > high[i] ? -1.0 : 1.0;
            there[i] += sign * step_mm;
            j.col(i) = sign * (residual(cents(there)) - r) / step_mm;
        }
        Eigen::MatrixXd a = j.transpose() * j;
        a.diagonal() += damping * a.diagonal() + Eigen::VectorXd::Constant(n, 1e-6);
        const Eigen::VectorXd next = (x - a.ldlt().solve(j.transpose() * r)).cwiseMax(low).cwiseMin(high);
        const Eigen::VectorXd better = residual(cents(next));
        if (better.squaredNorm() < r.squaredNorm()) {
            const bool done = r.squaredNorm() - better.squaredNorm() < 1e-3;
            x = next;
            r = better;
            damping *= 0.3;
            if (done)
                break;
        } else {
            damping *= 10.0;
        }
    }
    for (Eigen::Index i = 0; i < n; ++i)
        x[i] = std::round(x[i] * 10.0) / 10.0;
    Outcome o;
    judge(o, cents(x.cwiseMax(low).cwiseMin(high)), fingerings);
    return o;
}

struct Row
{
    Outcome dowel;
    Outcome custom;
    Outcome truth;
};

void print(const char* name, const std::vector<Row>& rows, Outcome Row::*which)
{
    int home = 0;
    int homeOfSolvable = 0;
    int solvable = 0;
    int spoiled = 0;
    double cuts = 0.0;
    double rounds = 0.0;
    double sharp = 0.0;
    int forecasts = 0;
    int held = 0;
    std::vector<double> rms;
    std::vector<double> over;
    for (const Row& row : rows) {
        const Outcome& o = row.*which;
        home += o.home ? 1 : 0;
        solvable += row.truth.home ? 1 : 0;
        homeOfSolvable += row.truth.home && o.home ? 1 : 0;
        spoiled += o.spoiled ? 1 : 0;
        const auto count = static_cast<double>(rows.size());
        cuts += o.cuts / count / 7.0; // six holes and the foot
        rounds += o.rounds / count;
        sharp += o.sharp / count;
        forecasts += o.forecasts;
        held += o.held;
        rms.push_back(o.rms);
        over.push_back(o.rms - row.truth.rms);
    }
    std::sort(rms.begin(), rms.end());
    std::sort(over.begin(), over.end());
    std::printf("%-12s home %3d of %zu, of the %d solvable %3d (%.0f %%), spoiled %d, cuts a place %.1f, rounds %.1f, notes left "
                "sharp %.2f, rms %.1f cents, over the best that removal can do %.1f",
                name, home, rows.size(), solvable, homeOfSolvable, solvable > 0 ? 100.0 * homeOfSolvable / solvable : 0.0,
                spoiled, cuts, rounds, sharp, rms[rms.size() / 2], over[over.size() / 2]);
    if (forecasts > 0)
        std::printf(", 90 %% intervals hold %.0f %%", 100.0 * held / forecasts);
    std::printf("\n");
}

} // namespace

int main(int argc, char** argv)
{
    const int blanks = argc > 1 ? std::max(1, std::atoi(argv[1])) : 40;
    const auto first = static_cast<std::uint64_t>(argc > 2 ? std::atoll(argv[2]) : 1000);
    leniency = argc > 3 ? std::atof(argv[3]) : 1.0;
    std::vector<Row> rows(static_cast<std::size_t>(blanks));
    std::atomic<std::size_t> next{0};
    const auto work = [&] {
        for (std::size_t i = next++; i < rows.size(); i = next++) {
            const std::uint64_t seed = first + i;
            rows[i] = {advised(seed), customary(seed), ceiling(seed)};
        }
    };
    std::vector<std::thread> workers;
    for (unsigned k = 0; k < std::max(1U, std::thread::hardware_concurrency()); ++k)
        workers.emplace_back(work);
    for (auto& w : workers)
        w.join();
    print("advice", rows, &Row::dowel);
    print("customary", rows, &Row::custom);
    print("truth known", rows, &Row::truth);
}
