// SPDX-License-Identifier: GPL-3.0-or-later
// A drag in "Try it" on the demo: every move changes a hole, forecasts all notes with their uncertainty and paints
// workpiece and picture. The counter pictures_per_second is what the goal of 60 is about.
#include "app/correct/correct_page.h"
#include "app/correct/try_card.h"
#include "app/design/plan.h"
#include "app/parts/picture.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/shell/main_window.h"
#include "stall.h"
#include "store/store.h"
#include "support/bench.h"

#include <QApplication>
#include <QDialog>
#include <QFile>
#include <QImage>
#include <QPushButton>
#include <QSettings>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <algorithm>
#include <benchmark/benchmark.h>
#include <chrono>

using namespace dowel;

namespace {

/// What has changed since is painted, as the event loop does it.
void painted()
{
    QCoreApplication::processEvents();
}

void tryItDrag(benchmark::State& state)
{
    QTemporaryDir folder;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
    app::Style::loadFonts();
    app::MainWindow window(std::make_unique<app::FileDialogs>());
    window.show();
    window.newPractice(folder.path());
    (void)QSignalSpy(&window, &app::MainWindow::opened).wait(30000);
    window.goTo(app::MainWindow::Correct);
    const bool ready = QTest::qWaitFor([&] { return window.document()->recommendation().has_value(); }, 30000);
    window.correctPage()->setFace(app::CorrectPage::Face::TryIt);
    if (!ready) {
        state.SkipWithError("no counsel");
        return;
    }
    app::TryCard& card = window.correctPage()->tryCard();
    const app::Handle hole{app::Handle::Kind::Hole, 3};
    const Metres start = app::sizeOf(card.tried(), hole);
    // Painting alone, in the same run: what a drag costs on top is its forecast.
    constexpr int paintings = 40;
    painted();
    const auto before = std::chrono::steady_clock::now();
    for (int k = 0; k < paintings; ++k) {
        for (QWidget* picture : window.findChildren<app::Picture*>())
            picture->update();
        painted();
    }
    const double painting_s = std::chrono::duration<double>(std::chrono::steady_clock::now() - before).count() / paintings;
    int i = 0;
    const auto from = std::chrono::steady_clock::now();
    for (auto _ : state) {
        card.resize(hole, start + Metres::fromMillimetres(0.02 * (++i % 50)));
        painted();
    }
    const double drag_s = std::chrono::duration<double>(std::chrono::steady_clock::now() - from).count() / std::max(1, i);
    state.counters["times_painting_alone"] = drag_s / painting_s;
    state.counters["pictures_per_second"] =
        benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(tryItDrag)->Unit(benchmark::kMillisecond);

/// A workbook opened in the window until its advice stands there, and its logbook painted: after so many rounds of listening to
/// one shape; 360 are ten years of work, 5,040 readings.
void openInWindow(benchmark::State& state)
{
    QTemporaryDir folder;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
    app::Style::loadFonts();
    fixtures::Bench bench(10);
    const std::string path = folder.filePath(QStringLiteral("b.dowel")).toStdString();
    {
        auto store =
            Store::create(path, bench.book().specified(), PracticeEntry{10, Temperature::fromCelsius(21.0), 24.0}).value();
        for (std::int64_t i = 0; i < state.range(0); ++i)
            bench.hearAll();
        std::vector<Store::NewEntry> entries;
        for (const Entry& e : bench.book().entries())
            entries.push_back({e.body, {}});
        (void)store.append(entries).value();
    }
    app::MainWindow window(std::make_unique<app::FileDialogs>(), folder.path());
    window.show();
    QImage canvas(window.size(), QImage::Format_ARGB32_Premultiplied);
    int copies = 0;
    for (auto _ : state) {
        state.PauseTiming(); // one that is not open yet
        const QString copy = folder.filePath(QStringLiteral("c%1.dowel").arg(++copies));
        QFile::copy(QString::fromStdString(path), copy);
        state.ResumeTiming();
        QSignalSpy opened(&window, &app::MainWindow::opened);
        window.openBook(copy);
        if (!opened.wait(60000) || !opened.front().front().toBool()) {
            state.SkipWithError("does not open");
            return;
        }
        window.goTo(app::MainWindow::Correct);
        if (!QTest::qWaitFor([&] { return window.document()->recommendation().has_value(); }, 60000)) {
            state.SkipWithError("no counsel");
            return;
        }
        window.goTo(app::MainWindow::Logbook);
        window.render(&canvas);
    }
    state.counters["readings"] = static_cast<double>(bench.book().readings().size());
}
BENCHMARK(openInWindow)->Arg(1)->Arg(360)->Unit(benchmark::kMillisecond);

/// A hole dragged along the tube in Layout, on a pipe of eight holes in two registers.
void layoutDrag8Holes(benchmark::State& state)
{
    QTemporaryDir folder;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
    app::Style::loadFonts();
    app::MainWindow window(std::make_unique<app::FileDialogs>(), folder.path());
    window.show();
    QSignalSpy opened(&window, &app::MainWindow::opened);
    window.beginNew(Family::Recorder, QStringLiteral("Dragged"));
    if (!opened.wait(30000)) {
        state.SkipWithError("does not begin");
        return;
    }
    app::Plan& plan = window.plan();
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
    int i = 0;
    for (auto _ : state) {
        InstrumentSpec spec = plan.layout()->goal.spec();
        spec.holes[3].at = start + Metres::fromMillimetres(0.05 * (++i % 40));
        plan.tryOut(*Instrument::make(std::move(spec)));
        do
            painted();
        while (plan.following());
    }
    state.counters["pictures_per_second"] =
        benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(layoutDrag8Holes)->Unit(benchmark::kMillisecond);

/// Every stage of a practice blank that was heard once, and the passport: what the report at the end says of each page.
void everyPage(benchmark::State& state)
{
    QTemporaryDir folder;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.path());
    app::Style::loadFonts();
    app::MainWindow window(std::make_unique<app::FileDialogs>(), folder.path());
    window.show();
    window.newPractice(folder.path());
    (void)QSignalSpy(&window, &app::MainWindow::opened).wait(30000);
    const auto rest = [] {
        (void)QTest::qWaitFor([] { return app::Jobs::runningInAll() == 0; }, 60000);
        painted();
    };
    for (auto _ : state) {
        for (const Fingering& f : window.document()->book()->present().spec().fingerings)
            window.document()->sound(f.id);
        rest();
        for (int stage = app::MainWindow::Blank; stage <= app::MainWindow::Logbook; ++stage) {
            window.goTo(static_cast<app::MainWindow::Stage>(stage));
            rest();
        }
        window.goTo(app::MainWindow::Finish);
        for (const char* name : {"finishBegin", "finishPassport"}) {
            QTest::mouseClick(window.findChild<QPushButton*>(QLatin1String(name)), Qt::LeftButton);
            rest();
        }
        if (auto* passport = window.findChild<QDialog*>(QStringLiteral("passportDialog")))
            passport->close();
    }
}
BENCHMARK(everyPage)->Iterations(1)->Unit(benchmark::kMillisecond);

} // namespace

int main(int argc, char** argv)
{
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    const bench::WatchedApplication application(argc, argv);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    application.report();
    return 0;
}
