// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that the program works as it is installed, and that what it tells the desktop is valid: the validators of the desktop's
// own standards, and the installed window and command line driven once, in a folder of their own.
#include "store/store.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/test_main.h"

#include <QDir>
#include <QDirIterator>
#include <QFile>
#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QMimeDatabase>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

using namespace dowel;

class TestInstalled : public QObject
{
    Q_OBJECT

    struct Ran
    {
        int status;
        QByteArray out;
        QByteArray err;
    };
    /// In a home of its own; on no screen at all, or one that is only memory.
    Ran run(const QString& program, const QStringList& arguments, bool screen = true)
    {
        QProcess process;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("HOME"), m_home.path());
        for (const char* name : {"XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_CACHE_HOME", "XDG_RUNTIME_DIR"})
            environment.insert(QLatin1String(name), m_home.filePath(QLatin1String(name)));
        QDir().mkpath(m_home.filePath(QStringLiteral("XDG_RUNTIME_DIR")));
        QFile::setPermissions(m_home.filePath(QStringLiteral("XDG_RUNTIME_DIR")),
                              QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
        if (screen)
            environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("offscreen"));
        else
            for (const char* name : {"QT_QPA_PLATFORM", "DISPLAY", "WAYLAND_DISPLAY"})
                environment.remove(QLatin1String(name));
        process.setProcessEnvironment(environment);
        process.start(program, arguments);
        if (!process.waitForStarted(-1) || !process.waitForFinished(-1))
            return {-1, {}, process.errorString().toUtf8()};
        return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -2, process.readAllStandardOutput(),
                process.readAllStandardError()};
    }
    [[nodiscard]] QString installed(const char* path) const
    {
        return m_stage.filePath(QLatin1String("usr/") + QLatin1String(path));
    }
    QString book()
    {
        const QString path = m_home.filePath(QStringLiteral("one.dowel"));
        if (!QFile::exists(path) && !Store::create(path.toStdString(), fixtures::whistle()))
            return {};
        return path;
    }
    QTemporaryDir m_stage;
    QTemporaryDir m_home;

private Q_SLOTS:
    void initTestCase()
    {
        qputenv("DESTDIR", m_stage.path().toUtf8());
        const Ran put = run(QStringLiteral("cmake"), {QStringLiteral("--install"), QStringLiteral(DOWEL_BUILD),
                                                      QStringLiteral("--prefix"), QStringLiteral("/usr")});
        qunsetenv("DESTDIR");
        QVERIFY2(put.status == 0, put.err.constData());
    }
    void everyStandardsValidatorIsContent_data()
    {
        QTest::addColumn<QStringList>("command");
        const auto row = [](const char* name, const QStringList& command) {
            QTest::newRow(name) << command;
        };
        row("desktop entry", {QStringLiteral("desktop-file-validate"), installed("share/applications/org.dowel.Dowel.desktop")});
        row("AppStream", {QStringLiteral("appstreamcli"), QStringLiteral("validate"), QStringLiteral("--no-net"),
                          installed("share/metainfo/org.dowel.Dowel.metainfo.xml")});
        row("MIME", {QStringLiteral("update-mime-database"), installed("share/mime")});
        for (const char* page : {"share/man/man1/dowel.1", "share/man/man1/dowel-cli.1"})
            row(page, {QStringLiteral("groff"), QStringLiteral("-man"), QStringLiteral("-ww"), QStringLiteral("-z"),
                       QStringLiteral("-Tutf8"), installed(page)});
        row("completion",
            {QStringLiteral("bash"), QStringLiteral("-n"), installed("share/bash-completion/completions/dowel-cli")});
    }
    void everyStandardsValidatorIsContent()
    {
        QFETCH(QStringList, command);
        const Ran ran = run(command.first(), command.mid(1));
        QVERIFY2(ran.status == 0, (ran.out + ran.err).constData());
        if (command.first() == QLatin1String("groff"))
            QVERIFY2(ran.err.isEmpty(), ran.err.constData());
    }
    void aWorkbookIsKnownByItsBytes()
    {
        // One database with the desktop's own types in it, as it is under /usr: priorities count within one.
        QVERIFY(QFile::copy(QStringLiteral("/usr/share/mime/packages/freedesktop.org.xml"),
                            installed("share/mime/packages/freedesktop.org.xml")));
        const Ran database = run(QStringLiteral("update-mime-database"), {installed("share/mime")});
        QVERIFY2(database.status == 0, database.err.constData());
        const QString nameless = m_home.filePath(QStringLiteral("nameless"));
        QVERIFY(QFile::copy(book(), nameless));
        qputenv("XDG_DATA_DIRS", installed("share").toUtf8());
        const QMimeDatabase known;
        for (const QString& path : {book(), nameless})
            QVERIFY2(known.mimeTypeForFile(path).name() == QLatin1String("application/x-dowel-workbook"),
                     qPrintable(path + QLatin1Char(' ') + known.mimeTypeForFile(path).name()));
        QCOMPARE(
            known.mimeTypeForFile(installed("share/man/man1/dowel.1")).inherits(QStringLiteral("application/x-dowel-workbook")),
            false);
    }
    void manualAndHelpSayTheSame()
    {
        const Ran help = run(installed("bin/dowel-cli"), {QStringLiteral("--help")});
        QCOMPARE(help.status, 0);
        QFile page(installed("share/man/man1/dowel-cli.1"));
        QVERIFY(page.open(QIODevice::ReadOnly));
        const QByteArray manual = page.readAll().replace("\\-", "-");
        int commands = 0;
        bool inCommands = false;
        for (const QByteArray& line : help.out.split('\n')) {
            if (line.startsWith("Subcommands"))
                inCommands = true;
            else if (inCommands && line.startsWith("  ") && line.trimmed().contains("  ")) {
                const QByteArray name = line.trimmed().split(' ').first();
                QVERIFY2(manual.contains("\n.SS " + name + "\n"), name.constData());
                ++commands;
            }
        }
        QVERIFY(commands >= 14);
    }
    void theInstalledProgramsWork()
    {
        const Ran version = run(installed("bin/dowel"), {QStringLiteral("--version")});
        QCOMPARE(version.status, 0);
        QVERIFY2(version.out.contains("Qt 6"), version.out.constData());
        // Where there is no screen it says so and ends; what needs none is answered.
        QCOMPARE(run(installed("bin/dowel"), {QStringLiteral("--version")}, false).out, version.out);
        const Ran blind = run(installed("bin/dowel"), {}, false);
        QCOMPARE(blind.status, 1);
        QVERIFY2(blind.err.contains("no display") && blind.err.contains("dowel-cli"), blind.err.constData());
        const Ran check = run(installed("bin/dowel-cli"), {QStringLiteral("check"), book()});
        QCOMPARE(check.status, 0);
        QVERIFY(QJsonDocument::fromJson(check.out).object()[QLatin1String("ok")].toBool());
        for (const char* example : {"whistle", "stopped", "reed"}) {
            const Ran predicted = run(installed("bin/dowel-cli"),
                                      {QStringLiteral("predict"), installed("share/doc/dowel/examples/") +
                                                                      QLatin1String(example) + QStringLiteral(".dowel")});
            QVERIFY2(predicted.status == 0, predicted.err.constData());
        }
        const QString picture = m_home.filePath(QStringLiteral("first.png"));
        const Ran window = run(installed("bin/dowel"), {QStringLiteral("--picture"), picture, book()});
        QVERIFY2(window.status == 0, window.err.constData());
        const QString noBook = m_home.filePath(QStringLiteral("no.png"));
        QVERIFY(run(installed("bin/dowel"), {QStringLiteral("--picture"), noBook, installed("bin/dowel-cli")}).status != 0);
        const QImage image(picture);
        QVERIFY(image.width() >= 1000 && image.height() >= 600);
        // Something is drawn there: more colours than a bare window has.
        QSet<QRgb> colours;
        for (int y = 0; y < image.height(); y += 4)
            for (int x = 0; x < image.width(); x += 4)
                colours.insert(image.pixel(x, y));
        QVERIFY2(colours.size() > 20, qPrintable(QString::number(colours.size())));
    }
    void nothingIsWrittenOutsideTheXdgFolders()
    {
        const Ran window =
            run(installed("bin/dowel"), {QStringLiteral("--picture"), m_home.filePath(QStringLiteral("again.png"))});
        QVERIFY2(window.status == 0, window.err.constData());
        QStringList elsewhere;
        for (const QString& name : QDir(m_home.path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot))
            if (!name.startsWith(QLatin1String("XDG_")) && !name.endsWith(QLatin1String(".png")) &&
                name != QLatin1String("one.dowel") && name != QLatin1String("nameless"))
                elsewhere << name;
        QVERIFY2(elsewhere.isEmpty(), qPrintable(elsewhere.join(QLatin1Char(' '))));
    }
    void anotherLanguageReadsAWorkbookByThePageAlone()
    {
        const QString path = m_home.filePath(QStringLiteral("read.dowel"));
        auto store = Store::create(path.toStdString(), fixtures::whistle());
        VERIFY_OK(store);
        const auto shape = store->book().present();
        const Hole& h = shape.spec().holes.front();
        auto r =
            fixtures::heard(shape.spec().fingerings.front().id, Hertz::fromHertz(585.25), 1.5, Temperature::fromCelsius(19.0));
        QVERIFY(store->append(r).ok());                                                                           // 1
        QVERIFY(store->append(CutEntry{Enlarge{h.id, h.diameter + fixtures::mm(0.4)}, h.diameter, {}, {}}).ok()); // 2
        r.pitch = Hertz::fromHertz(590.0);
        QVERIFY(store->append(r).ok());                               // 3
        QVERIFY(store->append(SetAsideEntry{{1}, "wrong"}).ok());     // 4
        QVERIFY(store->append(SetAsideEntry{{3}, "wrong"}).ok());     // 5
        QVERIFY(store->append(SetAsideEntry{{5}, "was right"}).ok()); // 6
        const Ran ran = run(QStringLiteral("python3"), {QStringLiteral(DOWEL_SOURCE "/docs/read_workbook.py"), path});
        QVERIFY2(ran.status == 0, ran.err.constData());
        const QJsonObject read = QJsonDocument::fromJson(ran.out).object();
        const QJsonArray readings = read[QLatin1String("readings")].toArray();
        QCOMPARE(readings.size(), qsizetype(1)); // the first was set aside, the second brought back
        VERIFY_NEAR(readings[0].toObject()[QLatin1String("hz")].toDouble(), 590.0, 1e-9);
        const QJsonArray cuts = read[QLatin1String("cuts")].toArray();
        QCOMPARE(cuts.size(), qsizetype(1));
        VERIFY_NEAR(cuts[0].toObject()[QLatin1String("cut")].toObject()[QLatin1String("diameter_mm")].toDouble(),
                    h.diameter.millimetres() + 0.4, 1e-9);
        const Ran refused =
            run(QStringLiteral("python3"), {QStringLiteral(DOWEL_SOURCE "/docs/read_workbook.py"), installed("bin/dowel-cli")});
        QVERIFY(refused.status != 0 && refused.err.contains("no workbook"));
    }
};

DOWEL_TEST(TestInstalled)
#include "test_installed.moc"
