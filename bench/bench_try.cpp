// SPDX-License-Identifier: GPL-3.0-or-later
// A drag in "Try it" on the demo: every move changes a hole, forecasts all notes with their uncertainty and paints
// workpiece and picture. The counter pictures_per_second is what the goal of 60 is about.
#include "app/correct_page.h"
#include "app/main_window.h"
#include "app/plan.h"
#include "app/questions.h"
#include "app/style.h"
#include "app/try_card.h"

#include <QApplication>
#include <QImage>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>
#include <benchmark/benchmark.h>

using namespace dowel;

namespace {

void tryItDrag(benchmark::State& state)
{
    QTemporaryDir folder;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
    app::Style::loadFonts();
    app::MainWindow window(std::make_unique<app::FileDialogs>());
    window.show();
    window.newPractice(folder.path());
    window.goTo(app::MainWindow::Correct);
    const bool ready = QTest::qWaitFor([&] { return window.document()->counsel().has_value(); }, 30000);
    window.correctPage()->setFace(app::CorrectPage::Face::TryIt);
    if (!ready) {
        state.SkipWithError("no counsel");
        return;
    }
    app::TryCard& card = window.correctPage()->tryCard();
    const app::Handle hole{app::Handle::Kind::Hole, 3};
    const Metres start = app::sizeOf(card.tried(), hole);
    QImage canvas(window.size(), QImage::Format_ARGB32_Premultiplied);
    int i = 0;
    for (auto _ : state) {
        card.resize(hole, start + Metres::fromMillimetres(0.02 * (++i % 50)));
        window.render(&canvas);
    }
    state.counters["pictures_per_second"] =
        benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(tryItDrag)->Unit(benchmark::kMillisecond);

/// A hole dragged along the tube in Layout, on a pipe of eight holes in two registers.
void layoutDrag8Holes(benchmark::State& state)
{
    QTemporaryDir folder;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
    app::Style::loadFonts();
    app::MainWindow window(std::make_unique<app::FileDialogs>(), folder.path());
    window.show();
    app::Plan& plan = window.plan();
    plan.begin(Family::Recorder);
    PlanTarget target = plan.target();
    target.registers = 2;
    plan.setTarget(target);
    window.goTo(app::MainWindow::Layout);
    plan.layOut();
    if (!QTest::qWaitFor([&] { return !plan.busy(); }, 30000) || !plan.layout()) {
        state.SkipWithError("no layout");
        return;
    }
    const Metres start = plan.layout()->goal.spec().holes[3].at;
    QImage canvas(window.size(), QImage::Format_ARGB32_Premultiplied);
    int i = 0;
    for (auto _ : state) {
        InstrumentSpec spec = plan.layout()->goal.spec();
        spec.holes[3].at = start + Metres::fromMillimetres(0.05 * (++i % 40));
        plan.tryOut(*Instrument::make(std::move(spec)));
        window.render(&canvas);
    }
    state.counters["pictures_per_second"] =
        benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(layoutDrag8Holes)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv)
{
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    const QApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
