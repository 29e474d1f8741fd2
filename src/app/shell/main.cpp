// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/shop_settings.h"
#include "app/parts/jobs.h"
#include "app/parts/language.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/shell/demo_run.h"
#include "app/shell/demo_shop.h"
#include "app/shell/main_window.h"
#include "app/shell/one_window.h"
#include "text/errors.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QLocale>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTextStream>

using namespace dowel;
using namespace dowel::app;

namespace {

int shoot(QApplication& application, const QString& folder, const QString& to)
{
    if (const auto made = makeDemoShop(folder.toStdString()); !made) {
        QTextStream(stderr) << text::sentence(made.error()) << Qt::endl;
        return 1;
    }
    MainWindow window(std::make_unique<FileDialogs>(), folder);
    window.show();
    DemoRun run(window, to);
    QObject::connect(&run, &DemoRun::ended, &application, [](bool ok, const QString& words) {
        QTextStream(stdout) << words << Qt::endl;
        QApplication::exit(ok ? 0 : 1);
    });
    QObject::connect(&window, &MainWindow::opened, &run, [&run](bool ok) {
        if (ok)
            run.start();
        else
            QApplication::exit(1);
    });
    window.newPractice(folder);
    return QApplication::exec();
}

} // namespace

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("dowel"));
    QApplication::setOrganizationName(QStringLiteral("dowel"));
    QApplication::setApplicationVersion(QStringLiteral(DOWEL_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(QApplication::translate("main", "Tuning bench for makers of flutes, whistles and fifes."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("workbook"), QApplication::translate("main", "workbook to open"),
                                 QStringLiteral("[BOOK.dowel]"));
    const QCommandLineOption demo(QStringLiteral("demo"), QApplication::translate("main", "Open a fresh practice blank."));
    const QCommandLineOption shots(
        QStringLiteral("shots"),
        QApplication::translate("main", "Play the whole loop and leave a picture of every view in <folder>."),
        QStringLiteral("folder"));
    parser.addOptions({demo, shots});
    parser.process(application);

    QTemporaryDir scratch;
    const bool shooting = parser.isSet(shots);
    if (shooting) // the demonstration leaves the user's settings and workbooks alone
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, scratch.path());
    Style::loadFonts();
    speak(shooting ? QStringLiteral("en") : languageFor(chosenLanguage(), QLocale::system().uiLanguages()));
    if (shooting)
        return shoot(application, scratch.path(), parser.value(shots));
    QString book = parser.positionalArguments().value(0);
    bool practice = parser.isSet(demo);
    OneWindow one;
    if (!practice && one.handOver(book))
        return 0; // the window that is there has it
    if (!practice && !one.listen())
        QTextStream(stderr) << QApplication::translate("main", "Another start will not find this window.") << Qt::endl;
    // A window speaks one language for as long as it is there; another takes its place, with the same wood on the bench.
    // The demonstration has a folder of its own; the user's workbooks are left alone.
    const QString demoFolder =
        practice ? QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/demo-workshop")
                 : QString();
    Jobs jobs;
    if (practice)
        jobs.run([folder = demoFolder.toStdString()](const Cancel& cancel) { return makeDemoShop(folder, cancel); },
                 [](const Status& made) {
                     if (!made)
                         QTextStream(stderr) << text::sentence(made.error()) << Qt::endl;
                 });
    constexpr int again = 1000;
    int ended = again;
    QByteArray place;
    while (ended == again) {
        speak(languageFor(chosenLanguage(), QLocale::system().uiLanguages()));
        MainWindow window(std::make_unique<FileDialogs>(), demoFolder);
        if (!place.isEmpty())
            window.restoreGeometry(place);
        window.show();
        if (practice)
            window.newPractice(demoFolder);
        else if (!book.isEmpty())
            window.openBook(book);
        QObject::connect(&one, &OneWindow::asked, &window, [&window](const QString& path) {
            window.raise();
            window.activateWindow();
            if (!path.isEmpty())
                window.openBook(path);
        });
        QObject::connect(&window, &MainWindow::languageChosen, &application, [] { QApplication::exit(again); });
        ended = QApplication::exec();
        practice = false;
        book = window.document() == nullptr ? QString() : window.document()->path();
        place = window.saveGeometry();
    }
    return ended;
}
