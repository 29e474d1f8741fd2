// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/document/shop_settings.h"
#include "app/parts/jobs.h"
#include "app/parts/language.h"
#include "app/parts/picture.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/shell/demo_run.h"
#include "app/shell/demo_shop.h"
#include "app/shell/finished_example.h"
#include "app/shell/main_window.h"
#include "app/shell/one_window.h"
#include "core/base/thread_role.h"
#include "text/errors.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QFontInfo>
#include <QIcon>
#include <QLocale>
#include <QSettings>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTextStream>
#include <QTimer>
#include <algorithm>
#include <clocale>
#include <optional>

using namespace dowel;
using namespace dowel::app;

namespace {

int shoot(QApplication& application, const QString& folder, const QString& to)
{
    {
        const ScopedThreadRole beforeThereIsAWindow(ThreadRole::Unassigned);
        if (const auto made = makeDemoShop(folder.toStdString()); !made) {
            QTextStream(stderr) << text::sentence(made.error()) << Qt::endl;
            return 1;
        }
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

struct Options
{
    QCommandLineParser parser;
    QCommandLineOption demo{QStringLiteral("demo"), QApplication::translate("main", "Open a new practice blank.")};
    QCommandLineOption shots{
        QStringLiteral("shots"),
        QApplication::translate("main", "Play the whole loop and leave a picture of every view in <folder>."),
        QStringLiteral("folder")};
    QCommandLineOption picture{QStringLiteral("picture"),
                               QApplication::translate("main", "Leave a picture of the first page in <file> and end."),
                               QStringLiteral("file")};
    QCommandLineOption example{QStringLiteral("finished-example"), QString(), QStringLiteral("file")};
    QCommandLineOption type{QStringLiteral("type"),
                            QApplication::translate("main", "Type this many per cent of its usual size, 75 to 300; without it as "
                                                            "large as the desktop's own."),
                            QStringLiteral("percent")};

    Options()
    {
        parser.setApplicationDescription(
            QApplication::translate("main", "Tuning bench for makers of flutes, whistles and fifes."));
        parser.addHelpOption();
        parser.addVersionOption();
        parser.addPositionalArgument(QStringLiteral("workbook"), QApplication::translate("main", "workbook to open"),
                                     QStringLiteral("[BOOK.dowel]"));
        example.setFlags(QCommandLineOption::HiddenFromHelp); // for who packages the examples
        parser.addOptions({demo, shots, picture, type, example});
    }
};

/// A page for man(1) that says what --help says; for whoever packages it.
void writeManual(const Options& options)
{
    const auto troff = [](QString words) {
        return words.replace(QLatin1Char('\\'), QLatin1String("\\e")).replace(QLatin1Char('-'), QLatin1String("\\-"));
    };
    QTextStream out(stdout);
    out << ".TH DOWEL 1 \"\" \"dowel " DOWEL_VERSION "\" \"User Commands\"\n.SH NAME\ndowel \\- tuning bench for makers of "
           "flutes, whistles and fifes\n.SH SYNOPSIS\n.B dowel\n[options] [BOOK.dowel]\n.SH DESCRIPTION\n"
        << troff(options.parser.applicationDescription())
        << "\nOne workbook holds one instrument. Without one the shop is opened: every workbook of a folder.\n.SH OPTIONS\n";
    for (const QCommandLineOption& o : {options.demo, options.shots, options.picture, options.type})
        out << ".TP\n.B "
            << troff(QStringLiteral("--") + o.names().first() +
                     (o.valueName().isEmpty() ? QString() : QLatin1Char(' ') + o.valueName()))
            << "\n"
            << troff(o.description()) << "\n";
    out << ".SH FILES\nSettings and what the shop has learnt lie in the folders of the XDG base directories; workbooks where "
           "their "
           "maker puts them.\n.SH SEE ALSO\n.BR dowel-cli (1)\n";
}

/// Type as it was asked for; nothing where that is no per cent from 75 to 300.
std::optional<double> askedScale(const QString& percent)
{
    bool number = false;
    const double times = percent.toDouble(&number) / 100.0;
    constexpr double smallest = 0.75;
    constexpr double largest = 3.0;
    return number && times >= smallest && times <= largest ? std::optional(times) : std::nullopt;
}

/// How much larger than the usual ten points the desktop wants type.
double desktopScale()
{
    constexpr double usual_pt = 10.0;
    return QFontInfo(QApplication::font()).pointSizeF() / usual_pt;
}

/// Leaves a picture of the window when it has been drawn, and ends.
void takePicture(MainWindow& window, const QString& to, bool opens)
{
    const auto take = [&window, to](bool opened) {
        QTimer::singleShot(0, &window, [&window, to, opened] { QApplication::exit(window.grab().save(to) && opened ? 0 : 1); });
    };
    if (opens)
        QObject::connect(&window, &MainWindow::opened, &window, take);
    else
        take(true);
}

/// What is to be opened first, and whether only a picture of it is wanted.
struct Opening
{
    QString book;
    bool practice = false;
    QString picture;
};

/// One window after another until it is closed for good: each speaks one language for as long as it is there; another takes its
/// place, with the same wood on the bench. The demonstration has a folder of its own; the user's workbooks are left alone.
int showWindows(QApplication& application, const OneWindow& one, Opening wanted)
{
    const QString demoFolder =
        wanted.practice ? QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/demo-workshop")
                        : QString();
    Jobs jobs;
    if (wanted.practice)
        jobs.run([folder = demoFolder.toStdString()](const Cancel& cancel) { return makeDemoShop(folder, cancel); },
                 [](const Status& made) {
                     if (!made)
                         QTextStream(stderr) << text::sentence(made.error()) << Qt::endl;
                 });
    constexpr int again = 1000;
    int ended = again;
    // Where the window was, unless only a picture is wanted; off the screen that is there now, Qt brings it back onto it.
    QByteArray place = wanted.picture.isEmpty() ? QSettings().value(QStringLiteral("window")).toByteArray() : QByteArray();
    while (ended == again) {
        speak(languageFor(chosenLanguage(), QLocale::system().uiLanguages()));
        MainWindow window(std::make_unique<FileDialogs>(), demoFolder);
        if (!place.isEmpty())
            window.restoreGeometry(place);
        window.show();
        if (!wanted.picture.isEmpty())
            takePicture(window, wanted.picture, wanted.practice || !wanted.book.isEmpty());
        if (wanted.practice)
            window.newPractice(demoFolder);
        else if (!wanted.book.isEmpty())
            window.openBook(wanted.book);
        QObject::connect(&one, &OneWindow::asked, &window, [&window](const QString& path) {
            window.raise();
            window.activateWindow();
            if (!path.isEmpty())
                window.openBook(path);
        });
        QObject::connect(&window, &MainWindow::languageChosen, &application, [] { QApplication::exit(again); });
        ended = QApplication::exec();
        wanted.practice = false;
        wanted.book = window.document() == nullptr ? QString() : window.document()->path();
        place = window.saveGeometry();
        if (wanted.picture.isEmpty())
            QSettings().setValue(QStringLiteral("window"), place);
    }
    return ended;
}

/// Whether a window can be opened anywhere, or somebody has said where.
bool hasDisplay(int argc, char** argv)
{
    for (const char* place : {"DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"})
        if (!qEnvironmentVariableIsEmpty(place))
            return true;
    return std::any_of(argv, argv + argc, [](const char* argument) { return QByteArray(argument) == "-platform"; });
}

void nameProgram()
{
    QCoreApplication::setApplicationName(QStringLiteral("dowel"));
    QCoreApplication::setOrganizationName(QStringLiteral("dowel"));
    QCoreApplication::setApplicationVersion(
        QStringLiteral(DOWEL_VERSION ", built with Qt " QT_VERSION_STR " and " DOWEL_COMPILER));
}

} // namespace

int main(int argc, char** argv)
{
    if (argc == 2 && QByteArray(argv[1]) == "--manual") {
        QCoreApplication bare(argc, argv);
        writeManual(Options());
        return 0;
    }
    if (!hasDisplay(argc, argv)) { // the toolkit would end itself with a stack on the floor
        QCoreApplication bare(argc, argv);
        nameProgram();
        Options().parser.process(bare); // --help and --version need no window
        speak(languageFor(chosenLanguage(), QLocale::system().uiLanguages()));
        QTextStream(stderr) << QCoreApplication::translate("main", "There is no display to open a window on: neither DISPLAY nor "
                                                                   "WAYLAND_DISPLAY is set. dowel-cli does its work without one.")
                            << Qt::endl;
        return 1;
    }
    QApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C"); // as it was: libraries write and read numbers by it, and files are alike everywhere
    setThreadRole(ThreadRole::Interface);
    setInterfaceEntryHandler([](Door door) {
        const std::string_view name = doorName(door);
        qWarning("long work on the interface's thread: %.*s", static_cast<int>(name.size()), name.data());
    });
    nameProgram();
    QApplication::setDesktopFileName(QStringLiteral("org.dowel.Dowel"));
    QApplication::setWindowIcon(QIcon::fromTheme(QStringLiteral("dowel"), QIcon(QStringLiteral(":/icons/dowel-128.png"))));
    Options options;
    QCommandLineParser& parser = options.parser;
    const QCommandLineOption& demo = options.demo;
    const QCommandLineOption& shots = options.shots;
    parser.process(application);

    QTemporaryDir scratch;
    const bool shooting = parser.isSet(shots);
    if (shooting) // the demonstration leaves the user's settings and workbooks alone
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, scratch.path());
    Style::loadFonts();
    Picture::makeAccessible();
    const auto asked = askedScale(parser.value(options.type));
    if (parser.isSet(options.type) && !asked) {
        QTextStream(stderr)
            << QApplication::translate("main", "--type: %1 is no per cent from 75 to 300.").arg(parser.value(options.type))
            << Qt::endl;
        return 2;
    }
    Style::setTextScale(asked.value_or(shooting ? 1.0 : std::max(1.0, desktopScale())));
    speak(shooting ? QStringLiteral("en") : languageFor(chosenLanguage(), QLocale::system().uiLanguages()));
    if (shooting)
        return shoot(application, scratch.path(), parser.value(shots));
    if (parser.isSet(options.example)) {
        Style(Style::Look::Light).apply();
        setThreadRole(ThreadRole::Worker); // no window waits for it
        const auto made = makeFinishedExample(parser.value(options.example).toStdString());
        if (!made)
            QTextStream(stderr) << text::sentence(made.error(), text::LengthUnit::Millimetres) << Qt::endl;
        return made ? 0 : 1;
    }
    const Opening wanted{parser.positionalArguments().value(0), parser.isSet(demo), parser.value(options.picture)};
    const bool alone = wanted.practice || !wanted.picture.isEmpty();
    OneWindow one;
    if (!alone && one.handOver(wanted.book))
        return 0; // the window that is there has it
    if (!alone && !one.listen())
        QTextStream(stderr) << QApplication::translate("main", "Dowel is already running but could not be reached.") << Qt::endl;
    return showWindows(application, one, wanted);
}
