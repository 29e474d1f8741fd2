// SPDX-License-Identifier: GPL-3.0-or-later
// How long from a start to the first picture: the window on a workbook, on its shop, and an empty window of the same toolkit,
// each as a process of its own, in one run.
#include <QApplication>
#include <QPixmap>
#include <QProcess>
#include <QTemporaryDir>
#include <QTimer>
#include <QWidget>
#include <benchmark/benchmark.h>

namespace {

void startOf(benchmark::State& state, const QString& program, const QStringList& arguments)
{
    const QTemporaryDir home;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("HOME"), home.path());
    environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("offscreen"));
    for (auto _ : state) {
        QProcess process;
        process.setProcessEnvironment(environment);
        process.start(program, arguments + QStringList{home.filePath(QStringLiteral("first.png"))});
        if (!process.waitForFinished(60000) || process.exitCode() != 0)
            state.SkipWithError("it did not end as it should");
    }
}

int emptyWindow(int argc, char** argv)
{
    QApplication application(argc, argv);
    QWidget window;
    window.resize(1280, 800);
    window.show();
    QTimer::singleShot(0, &window, [&] { QApplication::exit(window.grab().save(QString::fromLocal8Bit(argv[2])) ? 0 : 1); });
    return QApplication::exec();
}

} // namespace

int main(int argc, char** argv)
{
    if (argc == 3 && QByteArray(argv[1]) == "--empty")
        return emptyWindow(argc, argv);
    const QString self = QString::fromLocal8Bit(argv[0]);
    benchmark::RegisterBenchmark("an empty window", [&](benchmark::State& s) { startOf(s, self, {QStringLiteral("--empty")}); })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
    benchmark::RegisterBenchmark(
        "the shop", [](benchmark::State& s) { startOf(s, QStringLiteral(DOWEL_PROGRAM), {QStringLiteral("--picture")}); })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
    benchmark::RegisterBenchmark(
        "a workbook",
        [](benchmark::State& s) {
            startOf(s, QStringLiteral(DOWEL_PROGRAM), {QStringLiteral(DOWEL_EXAMPLE), QStringLiteral("--picture")});
        })
        ->Unit(benchmark::kMillisecond)
        ->UseRealTime();
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}
