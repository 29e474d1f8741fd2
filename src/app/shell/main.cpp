// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/shell/demo_run.h"
#include "app/shell/main_window.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <QTemporaryDir>
#include <QTextStream>

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
    if (parser.isSet(shots)) // the demonstration leaves the user's settings and workbooks alone
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, scratch.path());
    dowel::app::Style::loadFonts();
    dowel::app::MainWindow window(std::make_unique<dowel::app::FileDialogs>(), parser.isSet(shots) ? scratch.path() : QString());
    window.show();
    QTextStream out(stdout);
    if (parser.isSet(shots)) {
        dowel::app::DemoRun run(window, parser.value(shots));
        QObject::connect(&run, &dowel::app::DemoRun::ended, &application, [&](bool ok, const QString& words) {
            out << words << Qt::endl;
            QApplication::exit(ok ? 0 : 1);
        });
        QObject::connect(&window, &dowel::app::MainWindow::opened, &run, [&](bool ok) {
            if (ok)
                run.start();
            else
                QApplication::exit(1);
        });
        window.newPractice(scratch.path());
        return QApplication::exec();
    }
    if (parser.isSet(demo))
        window.newPractice(dowel::app::workbooksFolder());
    else if (!parser.positionalArguments().isEmpty())
        window.openBook(parser.positionalArguments().front());
    return QApplication::exec();
}
