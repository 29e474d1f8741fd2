// SPDX-License-Identifier: GPL-3.0-or-later
// Named workloads of real size on one core, each beside its yardstick in the same run. Read the ratios; times depend on
// the machine.
#include "core/acoustics/model.h"
#include "core/fit/placed.h"
#include "core/hearing/analyse.h"
#include "core/layout/families.h"
#include "core/plan/plan.h"
#include "store/store.h"
#include "support/bench.h"

#include <benchmark/benchmark.h>
#include <unistd.h>

using namespace dowel;

namespace {

/// The size that the acoustics' goals name: 8 holes, 20 fingerings over 2 registers, tapered bore.
struct EightHoles
{
    Instrument instrument = fixtures::eightHolePipe();
    std::vector<acoustics::NoteQuery> queries = queriesOf(instrument);
    acoustics::Shape shape = acoustics::Shape::of(instrument);
};

void wholeScale8Holes20Fingerings(benchmark::State& state)
{
    const EightHoles e;
    for (auto _ : state) {
        const acoustics::Model model(e.shape, acoustics::Calibration{});
        benchmark::DoNotOptimize(model.frequencies(e.queries));
    }
}
BENCHMARK(wholeScale8Holes20Fingerings)->Unit(benchmark::kMicrosecond);

/// Yardstick: the same elements swept in steps of one cent from an octave below each note to the note.
void sweepInCents8Holes20Fingerings(benchmark::State& state)
{
    const EightHoles e;
    const acoustics::Model model(e.shape, acoustics::Calibration{});
    const auto notes = model.frequencies(e.queries).value();
    for (auto _ : state)
        for (std::size_t i = 0; i < e.queries.size(); ++i)
            for (int cent = -1200; cent <= 0; ++cent)
                benchmark::DoNotOptimize(model.total(notes[i] * std::exp2(cent / 1200.0), e.queries[i]));
}
BENCHMARK(sweepInCents8Holes20Fingerings)->Unit(benchmark::kMicrosecond)->Iterations(1);

void scaleWithAllDerivatives8Holes20Fingerings(benchmark::State& state)
{
    const EightHoles e;
    const acoustics::Model model(e.shape, acoustics::Calibration{});
    for (auto _ : state)
        benchmark::DoNotOptimize(model.answers(e.queries));
    state.counters["parameters"] = static_cast<double>(model.layout().size());
}
BENCHMARK(scaleWithAllDerivatives8Holes20Fingerings)->Unit(benchmark::kMicrosecond);

void layout8Holes2Registers(benchmark::State& state)
{
    PlanTarget target = usualTarget(Family::Recorder);
    target.registers = 2;
    const auto blank = startingBlank(Family::Recorder, target).value();
    for (auto _ : state)
        benchmark::DoNotOptimize(layOut(blank, {}, false));
}
BENCHMARK(layout8Holes2Registers)->Unit(benchmark::kMillisecond);

/// A bench with a first round heard, all holes cut once, and a second round heard.
fixtures::Bench afterOnePass()
{
    fixtures::Bench bench(10);
    for (int i = 0; i < 30; ++i) {
        const auto advice = advise(bench.book());
        if (advice->state == AdviceState::Measure) {
            if (bench.book().cuts().size() > 4)
                break;
            for (const auto& id : advice->fingerings)
                bench.hear(id);
        } else if (advice->state == AdviceState::MakeCut) {
            bench.cut(advice->steps.front().cut, advice->steps.front().forecast);
        }
    }
    bench.hearAll();
    return bench;
}

void fitAfterOnePass(benchmark::State& state)
{
    const auto bench = afterOnePass();
    for (auto _ : state)
        benchmark::DoNotOptimize(fit(bench.book()));
}
BENCHMARK(fitAfterOnePass)->Unit(benchmark::kMillisecond);

void adviceAfterOnePass(benchmark::State& state)
{
    const auto bench = afterOnePass();
    for (auto _ : state)
        benchmark::DoNotOptimize(advise(bench.book()));
}
BENCHMARK(adviceAfterOnePass)->Unit(benchmark::kMillisecond);

/// A record on disk: what it takes to open it and to advise on it, after so many rounds of listening to the finished shape.
/// A workbook that is nearly empty against ten years of work, 5,000 readings.
void openAndAdvise(benchmark::State& state)
{
    const std::string path = "/tmp/dowel-bench-" + std::to_string(::getpid()) + ".dowel";
    {
        auto bench = afterOnePass();
        auto store = Store::create(path, bench.book().specified()).value();
        std::vector<Store::NewEntry> entries;
        for (const Entry& e : bench.book().entries())
            entries.push_back({e.body, {}});
        for (std::int64_t i = 0; i < state.range(0); ++i) {
            const std::size_t from = bench.book().entries().size();
            bench.hearAll();
            for (std::size_t k = from; k < bench.book().entries().size(); ++k)
                entries.push_back({bench.book().entries()[k].body, {}});
        }
        state.counters["entries"] = static_cast<double>(entries.size());
        (void)store.append(entries).value();
    }
    for (auto _ : state) {
        const auto store = Store::open(path, Store::Mode::Look).value();
        benchmark::DoNotOptimize(advise(store.book()).value());
    }
    ::unlink(path.c_str());
}
BENCHMARK(openAndAdvise)->Arg(0)->Arg(360)->Unit(benchmark::kMillisecond);

void analyseOneTake(benchmark::State& state)
{
    const Instrument w = fixtures::whistle();
    const player::SimulatedPlayer player({10, Temperature::fromCelsius(21.0), 24.0});
    const auto take = player.play(w, w.spec().fingerings[3], 0).value();
    for (auto _ : state)
        benchmark::DoNotOptimize(analyse(take.samples, std::nullopt));
    state.counters["take_seconds"] = take.samples.duration().seconds();
}
BENCHMARK(analyseOneTake)->Unit(benchmark::kMillisecond);

} // namespace

BENCHMARK_MAIN();
