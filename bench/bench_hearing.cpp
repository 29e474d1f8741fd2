// SPDX-License-Identifier: GPL-3.0-or-later
// Hearing beside a general-purpose detector on the same takes in the same run: error against the known truth, gross errors,
// and time as a share of the take's. The detector (aubio, default settings) is given the true steady part.
#include "core/hearing/analyse.h"
#include "core/hearing/live.h"
#include "support/detector.h"
#include "support/lifelike.h"

#include <algorithm>
#include <benchmark/benchmark.h>
#include <string>

using namespace dowel;
using lifelike::Grade;

namespace {

struct Case
{
    lifelike::Take take;
    HeardNote note; ///< ours, for the part that all measure
};

const std::vector<Case>& cases()
{
    static const std::vector<Case> all = [] {
        std::vector<Case> v;
        for (const Grade grade : {Grade::Clean, Grade::Ordinary, Grade::Hard})
            for (std::uint64_t seed = 0; seed < 32; ++seed) {
                auto t = lifelike::take(grade, seed);
                auto a = analyse(t.samples, std::nullopt);
                if (!a.notes.empty())
                    v.push_back({std::move(t), a.notes.front()});
            }
        return v;
    }();
    return all;
}

void report(benchmark::State& state, std::vector<double> off, double soundSeconds)
{
    std::sort(off.begin(), off.end());
    constexpr double gross_cents = 50.0;
    state.counters["median_cents"] = off[off.size() / 2];
    state.counters["p95_cents"] = off[off.size() * 95 / 100];
    state.counters["gross"] =
        static_cast<double>(std::count_if(off.begin(), off.end(), [](double o) { return o > gross_cents; }));
    state.counters["take_s_per_s"] = benchmark::Counter(soundSeconds, benchmark::Counter::kIsIterationInvariantRate);
}

void ours(benchmark::State& state)
{
    double seconds = 0.0;
    for (const Case& c : cases())
        seconds += c.take.samples.duration().seconds();
    for (auto _ : state)
        for (const Case& c : cases())
            benchmark::DoNotOptimize(analyse(c.take.samples, std::nullopt));
    std::vector<double> off;
    for (const Case& c : cases())
        off.push_back(std::abs(c.take.offCents(c.note)));
    report(state, std::move(off), seconds);
}
BENCHMARK(ours)->Unit(benchmark::kMillisecond)->Iterations(1);

void detector(benchmark::State& state, const std::string& method)
{
    std::vector<double> off;
    double seconds = 0.0;
    for (auto _ : state) {
        off.clear();
        for (const Case& c : cases()) {
            const double f = fixtures::detected(method.c_str(), c.take.samples, c.note, 2048);
            off.push_back(f > 0.0 ? std::abs(1200.0 * std::log2(f / c.take.meanOver(c.note))) : 1200.0);
        }
    }
    for (const Case& c : cases())
        seconds += (c.note.end - c.note.start).seconds();
    report(state, std::move(off), seconds);
}
BENCHMARK_CAPTURE(detector, yin, "yin")->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK_CAPTURE(detector, yinfft, "yinfft")->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK_CAPTURE(detector, mcomb, "mcomb")->Unit(benchmark::kMillisecond)->Iterations(1);

/// Live: one second of sound in pieces of ten milliseconds; load is the share of a core.
void live(benchmark::State& state)
{
    const Samples s = tones::constantTone(700.0, 1.0, 25.0, 1);
    hearing::LiveEar ear(48000.0);
    hearing::LiveValue v;
    for (auto _ : state)
        for (std::size_t at = 0; at < s.values.size(); at += 480) {
            ear.feed(std::span(s.values).subspan(at, 480));
            while (ear.fetch(v))
                benchmark::DoNotOptimize(v);
        }
    state.counters["sound_s_per_s"] = benchmark::Counter(1.0, benchmark::Counter::kIsIterationInvariantRate);
}
BENCHMARK(live)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
