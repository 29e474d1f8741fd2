// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the shop memory's file: what was put in comes back, once per workbook, can be forgotten, and another program's
// database or a newer version is left alone.
#include "store/shop_memory.h"
#include "support/compare.h"
#include "support/test_main.h"

#include <QFile>
#include <QTemporaryDir>
#include <sqlite3.h>

using namespace dowel;

class TestShopMemory : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    std::string path(const char* name) const { return m_dir.filePath(QString::fromLatin1(name)).toStdString(); }
    static Remembered whistle(const char* book, double mouth)
    {
        SharedEstimate e = sharedOf({}, Family::Whistle);
        e.covariance *= 0.1;
        e.covariance(0, 1) = e.covariance(1, 0) = 0.001;
        e.mean[1] = mouth;
        return {book, "Heron", Family::Whistle, "2026-03-04T10:00:00Z", 14, e};
    }
    static void changed(const std::string& file, const QString& sql)
    {
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(file.c_str(), &db), SQLITE_OK);
        const int done = sqlite3_exec(db, sql.toUtf8().constData(), nullptr, nullptr, nullptr);
        sqlite3_close(db);
        QCOMPARE(done, SQLITE_OK);
    }

private Q_SLOTS:
    void whatIsRememberedComesBack()
    {
        const std::string file = path("deep/er/memory.sqlite"); // folders are made
        {
            auto m = ShopMemory::open(file);
            VERIFY_OK(m);
            VERIFY_OK(m->remember(whistle("a.dowel", 0.1)));
            VERIFY_OK(m->remember(whistle("b.dowel", 0.2)));
            VERIFY_OK(m->remember(whistle("a.dowel", 0.3))); // newer readings of the same instrument
        }
        auto m = ShopMemory::open(file);
        VERIFY_OK(m);
        auto all = m->all();
        VERIFY_OK(all);
        QCOMPARE(all->size(), std::size_t(2));
        QCOMPARE((*all)[0].estimate.mean[1], 0.3); // exactly
        QCOMPARE((*all)[0].estimate.covariance(0, 1), 0.001);
        QCOMPARE((*all)[0].readings, 14);
        QVERIFY((*all)[0].family == Family::Whistle);
        // An instrument does not teach itself, nor another family.
        const auto others = m->priorsFor(Family::Whistle, "a.dowel");
        VERIFY_OK(others);
        const std::vector<SharedEstimate> theOther{whistle("b.dowel", 0.2).estimate};
        QCOMPARE(others->shared->mean[1], learntFrom({}, Family::Whistle, theOther)->shared->mean[1]);
        QVERIFY(!m->priorsFor(Family::Flute, "")->shared);
        VERIFY_OK(m->forget("a.dowel"));
        QCOMPARE(m->all()->size(), std::size_t(1));
        VERIFY_OK(m->forgetAll());
        QVERIFY(m->all()->empty());
    }
    void aMemoryOfAnOlderVersionBeginsAnew()
    {
        const std::string file = path("older.sqlite");
        {
            auto m = ShopMemory::open(file);
            VERIFY_OK(m);
            VERIFY_OK(m->remember(whistle("a.dowel", 0.1)));
        }
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(file.c_str(), &db), SQLITE_OK);
        QCOMPARE(sqlite3_exec(db, "UPDATE instrument SET mean = '1 2 3'; PRAGMA user_version = 1", nullptr, nullptr, nullptr),
                 SQLITE_OK);
        sqlite3_close(db);
        auto m = ShopMemory::open(file);
        VERIFY_OK(m);
        QVERIFY(m->all()->empty());
        VERIFY_OK(m->remember(whistle("a.dowel", 0.2)));
        QCOMPARE(ShopMemory::open(file)->all()->size(), std::size_t(1));
    }
    void theNewestStandsFirst()
    {
        auto m = ShopMemory::open(path("order.sqlite"));
        VERIFY_OK(m);
        for (const auto& [book, at] : {std::pair{"a.dowel", "2026-03-04T10:00:00Z"},
                                       {"c.dowel", "2026-05-01T10:00:00Z"},
                                       {"b.dowel", "2026-05-01T10:00:00Z"}}) {
            Remembered r = whistle(book, 0.1);
            r.at = at;
            VERIFY_OK(m->remember(r));
        }
        const auto all = m->all();
        VERIFY_OK(all);
        QCOMPARE((*all)[0].book, std::string("b.dowel"));
        QCOMPARE((*all)[1].book, std::string("c.dowel"));
        QCOMPARE((*all)[2].book, std::string("a.dowel"));
    }
    void numbersThatAreNotAllThereAreDamage_data()
    {
        QTest::addColumn<QString>("change");
        QTest::addColumn<bool>("reads");
        QTest::newRow("as written") << "mean = mean" << true;
        QTest::newRow("a comma before the decimals, as 1.0.0 wrote it") << "mean = replace(mean, '.', ',')" << true;
        QTest::newRow("one too few") << "mean = substr(mean, 1, length(mean) - instr(mean, ' '))" << false;
        QTest::newRow("one too many") << "mean = mean || '0 '" << false;
        QTest::newRow("a word") << "mean = 'x' || substr(mean, 2)" << false;
        QTest::newRow("nothing") << "covariance = ''" << false;
        QTest::newRow("a covariance cut short") << "covariance = substr(covariance, 1, length(covariance) / 2)" << false;
    }
    void numbersThatAreNotAllThereAreDamage()
    {
        QFETCH(QString, change);
        QFETCH(bool, reads);
        const std::string file = path("numbers.sqlite");
        {
            auto m = ShopMemory::open(file);
            VERIFY_OK(m);
            VERIFY_OK(m->remember(whistle("a.dowel", 0.125)));
        }
        changed(file, QStringLiteral("UPDATE instrument SET ") + change);
        const auto m = ShopMemory::open(file);
        VERIFY_OK(m);
        const auto all = m->all();
        QCOMPARE(static_cast<bool>(all), reads);
        if (reads) {
            QCOMPARE((*all)[0].estimate.mean[1], 0.125);
        } else {
            QCOMPARE(all.error().code, ErrorCode::Damaged);
            QVERIFY(!m->priorsFor(Family::Whistle, "")); // nothing is guessed from half of it
        }
    }
    void aMemoryWithTablesOfSomebodyElsesIsRefused_data()
    {
        QTest::addColumn<QString>("change");
        QTest::newRow("one more") << "CREATE TABLE more (x)";
        QTest::newRow("a trigger") << "CREATE TRIGGER swallow BEFORE INSERT ON instrument BEGIN SELECT RAISE(IGNORE); END";
        QTest::newRow("one less") << "DROP TABLE instrument; CREATE TABLE instrument (book TEXT PRIMARY KEY)";
        QTest::newRow("another's number") << "PRAGMA application_id = 7";
    }
    void aMemoryWithTablesOfSomebodyElsesIsRefused()
    {
        QFETCH(QString, change);
        const std::string file = path((QByteArray("tables") + QTest::currentDataTag()).constData());
        VERIFY_OK(ShopMemory::open(file));
        changed(file, change);
        const auto m = ShopMemory::open(file);
        QVERIFY(!m);
        QVERIFY(m.error().code == ErrorCode::Damaged || m.error().code == ErrorCode::NotAWorkbook);
    }
    void aFolderIsNoMemory()
    {
        const auto m = ShopMemory::open(m_dir.path().toStdString());
        QVERIFY(!m);
        QCOMPARE(m.error().code, ErrorCode::NotAWorkbook);
        QVERIFY(m.error().fact.id == FactId::NoPlainFile);
    }
    void otherFilesAreLeftAlone()
    {
        sqlite3* db = nullptr;
        QCOMPARE(sqlite3_open(path("other.sqlite").c_str(), &db), SQLITE_OK);
        sqlite3_exec(db, "CREATE TABLE theirs (x)", nullptr, nullptr, nullptr);
        sqlite3_close(db);
        QVERIFY(!ShopMemory::open(path("other.sqlite")));
        QFile text(QString::fromStdString(path("text.sqlite")));
        QVERIFY(text.open(QIODevice::WriteOnly));
        text.write(QByteArray(4096, 'x'));
        text.close();
        const auto damaged = ShopMemory::open(path("text.sqlite"));
        QVERIFY(!damaged);
        QCOMPARE(damaged.error().code, ErrorCode::Damaged);
        {
            auto m = ShopMemory::open(path("newer.sqlite"));
            VERIFY_OK(m);
        }
        QCOMPARE(sqlite3_open(path("newer.sqlite").c_str(), &db), SQLITE_OK);
        sqlite3_exec(db, "PRAGMA user_version = 99", nullptr, nullptr, nullptr);
        sqlite3_close(db);
        const auto newer = ShopMemory::open(path("newer.sqlite"));
        QVERIFY(!newer);
        QCOMPARE(newer.error().code, ErrorCode::NewerVersion);
    }
};

DOWEL_TEST(TestShopMemory)
#include "test_shop_memory.moc"
