// SPDX-License-Identifier: GPL-3.0-or-later
// Workbooks that somebody else had in hand, that a killed writer left, and that an older Dowel wrote: refused by name, put back
// in order, or read like any other.
#include "core/plan/plan.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/fixtures.h"
#include "support/tamper.h"
#include "support/test_main.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>

using namespace dowel;

class TestHostile : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    int m_count = 0;
    std::string fresh() { return m_dir.filePath(QStringLiteral("h%1.dowel").arg(++m_count)).toStdString(); }
    /// A reading with a take, a cut, a reading without.
    std::string worked()
    {
        const std::string path = fresh();
        auto s = Store::create(path, fixtures::whistle());
        if (!s || !s->append(fixtures::fullReading(true), Store::Flac(5000, 17)) || !s->append(fixtures::fullCut()) ||
            !s->append(fixtures::fullReading(false)))
            qFatal("no workbook");
        return path;
    }

private Q_SLOTS:
    void whatIsNotOfDowelsMakingIsRefused_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::newRow("a trigger that swallows")
            << "CREATE TRIGGER swallow BEFORE INSERT ON entry BEGIN SELECT RAISE(IGNORE); END";
        QTest::newRow("a trigger without end")
            << "CREATE TRIGGER forever AFTER INSERT ON entry BEGIN SELECT count(*) FROM (WITH RECURSIVE c(x) AS (SELECT 1 UNION "
               "ALL SELECT x + 1 FROM c) SELECT x FROM c); END";
        QTest::newRow("a view in a table's place")
            << "ALTER TABLE take RENAME TO hidden; CREATE VIEW take AS WITH RECURSIVE c(x) "
               "AS (SELECT 1 UNION ALL SELECT x + 1 FROM c) SELECT x AS entry_id, "
               "zeroblob(10) AS flac FROM c";
        QTest::newRow("another table") << "CREATE TABLE more (x)";
        QTest::newRow("an index with a function") << "CREATE INDEX i ON entry (abs(id))";
        QTest::newRow("a guard missing") << "DROP TRIGGER entry_kept";
        QTest::newRow("a guard that does nothing")
            << "DROP TRIGGER entry_kept; CREATE TRIGGER entry_kept BEFORE DELETE ON entry BEGIN SELECT 1; END";
        QTest::newRow("a column more") << "ALTER TABLE entry ADD COLUMN x";
    }
    void whatIsNotOfDowelsMakingIsRefused()
    {
        QFETCH(QString, sql);
        const std::string path = worked();
        VERIFY_OK(Store::open(path, Store::Mode::Look)); // it was good
        tamper::with(path, sql.toStdString());
        for (const auto mode : {Store::Mode::Look, Store::Mode::Work}) {
            const auto opened = Store::open(path, mode);
            QVERIFY(!opened);
            QCOMPARE(opened.error().code, ErrorCode::Damaged);
        }
    }
    void aMissingEndShows()
    {
        for (const char* cut : {"DELETE FROM entry WHERE id = 3", "DELETE FROM entry WHERE id > 1", "DELETE FROM entry",
                                "DELETE FROM seal", "DELETE FROM entry WHERE id = 3; UPDATE seal SET entries = 2"}) {
            const std::string path = worked();
            tamper::withoutGuards(path, cut);
            const auto opened = Store::open(path, Store::Mode::Look);
            QVERIFY2(!opened, cut);
            QCOMPARE(opened.error().code, ErrorCode::Damaged);
            QCOMPARE(opened.error().where, std::string("its end"));
        }
    }
    void aTakeWithoutItsReadingAndAReadingWithoutItsTakeShow()
    {
        for (const char* change : {"DELETE FROM take", "INSERT INTO take VALUES (3, x'0102')"}) {
            const std::string path = worked();
            VERIFY_OK(Store::open(path, Store::Mode::Look)->verify());
            tamper::withoutGuards(path, change);
            const auto opened = Store::open(path, Store::Mode::Look);
            VERIFY_OK(opened);
            const auto checked = opened->verify();
            QVERIFY2(!checked, change);
            QCOMPARE(checked.error().code, ErrorCode::Damaged);
        }
    }
    void whatIsTooLongIsRefusedBeforeItIsRead()
    {
        // The first is stopped by the database, the second before a parser makes many times as much of it.
        for (const auto& [change, fact] :
             {std::pair("UPDATE entry SET body = CAST(zeroblob(140000000) AS TEXT) WHERE id = 3", FactId::SomethingTooLong),
              std::pair("UPDATE entry SET body = '[' || replace(hex(zeroblob(9000000)), '0', '1,') || '1]' WHERE id = 3",
                        FactId::LongerThanBytes)}) {
            const std::string path = worked();
            tamper::withoutGuards(path, change);
            const auto opened = Store::open(path, Store::Mode::Look);
            QVERIFY(!opened);
            QCOMPARE(opened.error().code, ErrorCode::Damaged);
            QVERIFY2(opened.error().fact.id == fact, told(opened.error()).c_str());
            QFile::remove(QString::fromStdString(path));
        }
    }
    void whatAKilledWriterLeftIsPutBackInOrderByWhoOnlyLooks()
    {
        const std::string path = worked();
        const std::string killed = fresh();
        tamper::killedWriter(path, killed);
        QVERIFY(QFile(QString::fromStdString(killed + "-journal")).size() > 0);
        const auto before = Store::open(path, Store::Mode::Look);
        const auto after = Store::open(killed, Store::Mode::Look);
        VERIFY_OK(before);
        VERIFY_OK(after);
        VERIFY_OK(after->verify());
        QCOMPARE(after->book().entries().size(), before->book().entries().size());
        QVERIFY(!QFile::exists(QString::fromStdString(killed + "-journal")));
    }
    void aCopyGoesWhereNothingStandsAndLeavesNothingBeside()
    {
        const auto store = Store::open(worked(), Store::Mode::Look);
        VERIFY_OK(store);
        const QString link = m_dir.filePath(QStringLiteral("link.dowel"));
        const QString target = m_dir.filePath(QStringLiteral("nowhere"));
        QVERIFY(QFile::link(target, link)); // to nothing
        const auto before = QDir(m_dir.path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::System);
        QCOMPARE(store->copyTo(link.toStdString()).error().code, ErrorCode::Exists);
        QVERIFY(!store->copyTo("/no/such/folder/c.dowel"));
        QVERIFY(!QFile::exists(target));
        QCOMPARE(QDir(m_dir.path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::System), before);
        const std::string copy = fresh();
        VERIFY_OK(store->copyTo(copy));
        const auto copied = Store::open(copy, Store::Mode::Look);
        VERIFY_OK(copied);
        VERIFY_OK(copied->verify());
        QCOMPARE(copied->identity(), store->identity());
    }
    void lookingWritesNothing()
    {
        const std::string path = worked();
        const auto bytes = [&] {
            QFile f(QString::fromStdString(path));
            return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
        };
        const QByteArray before = bytes();
        auto look = Store::open(path, Store::Mode::Look);
        VERIFY_OK(look);
        VERIFY_OK(look->verify());
        QVERIFY(!look->append(fixtures::fullCut()));
        look = Error{};
        QVERIFY(bytes() == before);
    }
    void aWorkbookOfVersionOneIsReadAndBecomesOneOfTodayWhenItIsWorkedOn()
    {
        const std::string path = worked();
        tamper::with(path, "DROP TABLE seal; PRAGMA user_version = 1");
        {
            const auto look = Store::open(path, Store::Mode::Look);
            VERIFY_OK(look);
            QCOMPARE(look->book().entries().size(), std::size_t(3));
        }
        tamper::withoutGuards(path, "SELECT 1"); // still of version 1: looking changed nothing
        {
            auto work = Store::open(path, Store::Mode::Work);
            VERIFY_OK(work);
            VERIFY_OK(work->append(fixtures::fullReading(false)));
        }
        const auto again = Store::open(path, Store::Mode::Look);
        VERIFY_OK(again);
        VERIFY_OK(again->verify());
        QCOMPARE(again->book().entries().size(), std::size_t(4));
        tamper::withoutGuards(path, "DELETE FROM entry WHERE id = 4");
        QVERIFY(!Store::open(path, Store::Mode::Look)); // it has its seal now
    }
    void everyReleasedFileOpens()
    {
        const QDir released(QStringLiteral(DOWEL_RELEASED));
        const auto files = released.entryList({QStringLiteral("*.dowel")}, QDir::Files);
        QVERIFY(files.size() >= 9);
        for (const QString& name : files) {
            const QString copy = m_dir.filePath(name);
            QVERIFY(QFile::copy(released.filePath(name), copy));
            QVERIFY(QFile::setPermissions(copy, QFile::ReadOwner | QFile::WriteOwner));
            const auto look = Store::open(copy.toStdString(), Store::Mode::Look);
            QVERIFY2(look.ok(), qPrintable(name));
            const auto before = advise(look->book());
            auto work = Store::open(copy.toStdString(), Store::Mode::Work);
            QVERIFY2(work.ok(), qPrintable(name));
            VERIFY_OK(work->verify());
            const auto after = advise(work->book());
            VERIFY_OK(before);
            VERIFY_OK(after);
            QVERIFY2(*before == *after, qPrintable(name));
            // An entry of a kind that it did not know, and it is of the newest version.
            AmendEntry renamed;
            renamed.name = "Called otherwise";
            VERIFY_OK(work->append(renamed));
            const auto newest = Store::open(copy.toStdString(), Store::Mode::Look);
            VERIFY_OK(newest);
            VERIFY_OK(newest->verify());
            const auto last = advise(newest->book());
            VERIFY_OK(last);
            QVERIFY2(*before == *last, qPrintable(name));
        }
    }
    void whatCannotBeReadBackIsNotMade()
    {
        // Values that are rounded to nothing where they are written down.
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.tools.step = Metres::fromMetres(1e-13);
        const auto tiny = Instrument::make(spec);
        VERIFY_OK(tiny);
        const std::string path = fresh();
        const auto refused = Store::create(path, *tiny);
        QVERIFY(!refused);
        QCOMPARE(refused.error().code, ErrorCode::BadValue);
        QVERIFY2(refused.error().where.find("step_mm") != std::string::npos, refused.error().where.c_str());
        QVERIFY(QDir(m_dir.path()).entryList({QStringLiteral("h%1*").arg(m_count)}, QDir::Files | QDir::Hidden).empty());
    }
};

DOWEL_TEST(TestHostile)
#include "test_hostile.moc"
