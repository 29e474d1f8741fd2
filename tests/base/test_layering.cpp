// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the direction of includes: every #include of every source file against cmake/layers.txt, and that no core room,
// nor the store, touches Qt.
#include "core/base/result.h"
#include "support/test_main.h"

#include <QDirIterator>
#include <QFile>
#include <QMap>
#include <QProcess>
#include <QRegularExpression>
#include <QSet>
#include <QTemporaryDir>
#include <QTest>

namespace {

struct Rule
{
    QStringList rooms;
    QStringList foreign;
};

QMap<QString, Rule> rules()
{
    QMap<QString, Rule> all;
    QFile file(QStringLiteral(DOWEL_SOURCE "/cmake/layers.txt"));
    if (!file.open(QIODevice::ReadOnly))
        return all;
    const auto lines = QString::fromUtf8(file.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    for (const QString& line : lines) {
        if (line.startsWith(QLatin1Char('#')))
            continue;
        const auto colon = line.split(QLatin1Char(':'));
        const auto bar = colon.value(1).split(QLatin1Char('|'));
        all[colon.value(0).trimmed()] = {bar.value(0).split(QLatin1Char(' '), Qt::SkipEmptyParts),
                                         bar.value(1).split(QLatin1Char(' '), Qt::SkipEmptyParts)};
    }
    return all;
}

QString roomOf(const QString& path)
{
    const bool deep = path.startsWith(QLatin1String("core/")) || path.startsWith(QLatin1String("app/"));
    return path.section(QLatin1Char('/'), 0, deep ? 1 : 0);
}

/// What is wrong with one include line of one file; empty where nothing is.
QString complaint(const QMap<QString, Rule>& all, const QString& room, const QString& include, bool quoted)
{
    if (!all.contains(room))
        return QStringLiteral("room %1 is not in layers.txt").arg(room);
    const Rule rule = all[room];
    if (quoted) {
        const QString other = roomOf(include);
        if (include.startsWith(QLatin1String("moc_"))) // what moc makes of the room's own header
            return {};
        return other == room || rule.rooms.contains(other) ? QString() : QStringLiteral("%1 may not include %2").arg(room, other);
    }
    const bool standard =
        !include.contains(QLatin1Char('/')) && !include.endsWith(QLatin1String(".h")) && include.toLower() == include;
    const bool posix =
        include.startsWith(QLatin1String("sys/")) || include == QLatin1String("fcntl.h") || include == QLatin1String("unistd.h");
    if (standard || posix)
        return {};
    for (const QString& prefix : rule.foreign)
        if (include.startsWith(prefix))
            return {};
    return QStringLiteral("%1 may not include <%2>").arg(room, include);
}

} // namespace

class TestLayering : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void everyIncludePointsDownwards()
    {
        const auto all = rules();
        QVERIFY(all.size() > 10);
        static const QRegularExpression form(QLatin1String("^\\s*#\\s*include\\s*([<\"])([^>\"]+)[>\"]"),
                                             QRegularExpression::MultilineOption);
        int checked = 0;
        QStringList complaints;
        const QString root = QStringLiteral(DOWEL_SOURCE "/src/");
        QDirIterator files(root, {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files, QDirIterator::Subdirectories);
        while (files.hasNext()) {
            QFile file(files.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QString room = roomOf(file.fileName().mid(root.size()));
            auto matches = form.globalMatch(QString::fromUtf8(file.readAll()));
            while (matches.hasNext()) {
                const auto m = matches.next();
                ++checked;
                const QString c = complaint(all, room, m.captured(2), m.captured(1) == QLatin1String("\""));
                if (!c.isEmpty())
                    complaints << file.fileName() + QStringLiteral(": ") + c;
            }
        }
        QVERIFY2(complaints.isEmpty(), qPrintable(complaints.join(QLatin1Char('\n'))));
        QVERIFY(checked > 200); // a test that looked at nothing proves nothing
    }
    void noRuleAllowsWhatNobodyUses()
    {
        // An arrow that nothing needs would let the next one through unseen.
        const auto all = rules();
        QMap<QString, QSet<QString>> used;
        QDirIterator files(QStringLiteral(DOWEL_SOURCE "/src"), {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files,
                           QDirIterator::Subdirectories);
        static const QRegularExpression include(QStringLiteral("^#include \"([^\"]+)\""), QRegularExpression::MultilineOption);
        while (files.hasNext()) {
            const QString path = files.next();
            const QString inside = path.mid(QStringLiteral(DOWEL_SOURCE "/src/").size());
            QFile file(path);
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QString text = QString::fromUtf8(file.readAll());
            for (auto it = include.globalMatch(text); it.hasNext();)
                used[roomOf(inside)].insert(roomOf(it.next().captured(1)));
        }
        QStringList idle;
        for (auto it = all.begin(); it != all.end(); ++it)
            for (const QString& room : it->rooms)
                if (!used[it.key()].contains(room))
                    idle << it.key() + QStringLiteral(" -> ") + room;
        QVERIFY2(idle.isEmpty(), qPrintable(idle.join(QLatin1Char('\n'))));
    }
    void theForeignTruthSharesNoPhysicsWithTheModel()
    {
        // An error there would agree with itself: the foreign tube sees the instrument and nothing that computes sound.
        static const QRegularExpression form(QLatin1String("^\\s*#\\s*include\\s*\"([^\"]+)\""),
                                             QRegularExpression::MultilineOption);
        int checked = 0;
        for (const char* name : {"foreign_tube.h", "foreign_tube.cpp", "foreign.cpp", "foreign.h", "wood.h"}) {
            QFile file(QStringLiteral(DOWEL_SOURCE "/sim/") + QLatin1String(name));
            QVERIFY2(file.open(QIODevice::ReadOnly), name);
            auto matches = form.globalMatch(QString::fromUtf8(file.readAll()));
            while (matches.hasNext()) {
                const QString include = matches.next().captured(1);
                ++checked;
                for (const char* forbidden : {"core/acoustics", "core/fit", "core/forecast", "core/plan", "player/"})
                    QVERIFY2(!include.startsWith(QLatin1String(forbidden)), qPrintable(include));
                QVERIFY2(!include.startsWith(QLatin1String("core/layout/layout")), qPrintable(include));
            }
        }
        QVERIFY(checked >= 8);
    }
    void aForbiddenIncludeIsFound()
    {
        const auto all = rules();
        QVERIFY(!complaint(all, QStringLiteral("core/fit"), QStringLiteral("app/document.h"), true).isEmpty());
        QVERIFY(!complaint(all, QStringLiteral("player"), QStringLiteral("core/acoustics/model.h"), true).isEmpty());
        QVERIFY(!complaint(all, QStringLiteral("core/hearing"), QStringLiteral("QString"), false).isEmpty());
        QVERIFY(complaint(all, QStringLiteral("core/fit"), QStringLiteral("ceres/ceres.h"), false).isEmpty());
        for (const auto& [room, include] :
             {std::pair("app/parts", "app/document/document.h"), std::pair("app/listen", "app/correct/correct_page.h"),
              std::pair("app/document", "app/shell/main_window.h")})
            QVERIFY(!complaint(all, QLatin1String(room), QLatin1String(include), true).isEmpty());
    }
    void noTestLooksAtAClock()
    {
        // A slow machine turns such a test red: conditions are waited for with one limit, and time is moved by hand.
        const QStringList clocks{
            QStringLiteral("QElapsed") + QStringLiteral("Timer"),   QStringLiteral("steady_") + QStringLiteral("clock"),
            QStringLiteral("system_") + QStringLiteral("clock"),    QStringLiteral("high_resolution_") + QStringLiteral("clock"),
            QStringLiteral("current") + QStringLiteral("DateTime"), QStringLiteral("current") + QStringLiteral("Date("),
            QStringLiteral("qWait") + QStringLiteral("("),          QStringLiteral("qSl") + QStringLiteral("eep"),
            QStringLiteral("sleep_") + QStringLiteral("for"),       QStringLiteral("msl") + QStringLiteral("eep"),
            QStringLiteral("usl") + QStringLiteral("eep"),          QStringLiteral("QTRY_VERIFY") + QStringLiteral("("),
            QStringLiteral("QTRY_COMPARE") + QStringLiteral("("),   QStringLiteral("QBENCH") + QStringLiteral("MARK")};
        int looked = 0;
        QDirIterator files(QStringLiteral(DOWEL_SOURCE "/tests"), {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files,
                           QDirIterator::Subdirectories);
        QStringList found;
        while (files.hasNext()) {
            QFile file(files.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QString text = QString::fromUtf8(file.readAll());
            ++looked;
            for (const QString& clock : clocks)
                if (text.contains(clock))
                    found << file.fileName() + QStringLiteral(": ") + clock;
        }
        QVERIFY(looked > 80);
        QVERIFY2(found.isEmpty(), qPrintable(found.join(QLatin1Char('\n'))));
    }
    void noFileDependsOnTheLocale()
    {
        // The toolkit sets the process's locale, and with a German one printf writes 0,5: into a DXF, a database, an answer.
        // Numbers for files go through core/base/number_text.h; only what a person reads (app, text) speaks their locale, by Qt's
        // QLocale.
        static const QRegularExpression float_(QLatin1String("printf\\([^;]*%[-+ #0-9.*l]*[aefgAEFG]"));
        static const QRegularExpression toString(
            QLatin1String("to_string\\([^;]*?(millimetres|inches|metres|hertz|cents|celsius|kelvin|seconds)\\(\\)"));
        const QStringList words{QStringLiteral("std::stod"),    QStringLiteral("std::stof"),   QStringLiteral("strtod"),
                                QStringLiteral("strtof"),       QStringLiteral("atof("),       QStringLiteral("sscanf"),
                                QStringLiteral("lexical_cast"), QStringLiteral("stringstream")};
        QStringList found;
        int looked = 0;
        for (const char* room : {"core", "io", "draw", "report", "store", "session", "player", "cli"}) {
            QDirIterator files(QStringLiteral(DOWEL_SOURCE "/src/") + QLatin1String(room),
                               {QStringLiteral("*.h"), QStringLiteral("*.cpp")}, QDir::Files, QDirIterator::Subdirectories);
            while (files.hasNext()) {
                QFile file(files.next());
                QVERIFY(file.open(QIODevice::ReadOnly));
                const QString text = QString::fromUtf8(file.readAll());
                ++looked;
                for (const QRegularExpression& form : {float_, toString})
                    if (const auto match = form.match(text); match.hasMatch())
                        found << file.fileName() + QStringLiteral(": ") + match.captured(0).left(60);
                for (const QString& word : words)
                    if (text.contains(word))
                        found << file.fileName() + QStringLiteral(": ") + word;
            }
        }
        QVERIFY(looked > 150);
        QVERIFY2(found.isEmpty(), qPrintable(found.join(QLatin1Char('\n'))));
        // The rule finds what it is to find.
        QVERIFY(float_.match(QStringLiteral("std::snprintf(text, sizeof text, \"%.5f\", v)")).hasMatch());
        QVERIFY(toString.match(QStringLiteral("std::to_string(m.millimetres())")).hasMatch());
        QVERIFY(!toString.match(QStringLiteral("std::to_string(count); x.millimetres()")).hasMatch());
    }
    void thePictureOfTheRoomsIsDrawnFromTheRules()
    {
        QTemporaryDir folder;
        const QString drawn = folder.filePath(QStringLiteral("now.svg"));
        QProcess draw;
        draw.start(QStringLiteral(DOWEL_SOURCE "/scripts/architecture"), {drawn});
        QVERIFY(draw.waitForFinished(-1));
        QFile now(drawn);
        QFile kept(QStringLiteral(DOWEL_SOURCE "/docs/architecture.svg"));
        QVERIFY(now.open(QIODevice::ReadOnly) && kept.open(QIODevice::ReadOnly));
        const QByteArray picture = now.readAll();
        QVERIFY(picture.contains("app/shell"));
        QVERIFY2(picture == kept.readAll(), "run scripts/architecture");
    }
    void coreAndStoreMayNotUseQt()
    {
        const auto all = rules();
        for (auto it = all.begin(); it != all.end(); ++it)
            if (it.key().startsWith(QLatin1String("core/")) || it.key() == QLatin1String("store") ||
                it.key() == QLatin1String("player"))
                QVERIFY2(!it.value().foreign.contains(QStringLiteral("Q")), qPrintable(it.key()));
    }
};

DOWEL_TEST(TestLayering)
#include "test_layering.moc"
