// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the workbook file: everything comes back after reopening, nothing can be changed afterwards, damage and
// strangers are recognised, and a second window is kept out.
#include "store/store.h"

#include "core/base/stamp.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/tamper.h"
#include "support/test_main.h"

#include <QDir>
#include <QFile>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <atomic>
#include <sqlite3.h>
#include <thread>
#include <unistd.h>

using namespace dowel;

class TestStore : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    int m_count = 0;
    std::string fresh() { return m_dir.filePath(QStringLiteral("book%1.dowel").arg(++m_count)).toStdString(); }
    static std::string sql(const std::string& path, const char* statement)
    {
        sqlite3* db = nullptr;
        char* message = nullptr;
        sqlite3_open(path.c_str(), &db);
        sqlite3_exec(db, statement, nullptr, nullptr, &message);
        std::string said = message == nullptr ? "" : message;
        sqlite3_free(message);
        sqlite3_close(db);
        return said;
    }

    /// As the file's header has it (SQLite file format, 1.3.14: the user version).
    static int versionIn(const std::string& path)
    {
        QFile f(QString::fromStdString(path));
        return f.open(QIODevice::ReadOnly) && f.seek(63) ? static_cast<int>(f.read(1).at(0)) : -1;
    }

private Q_SLOTS:
    void whoReadsIsNotDisturbedByWhoWrites()
    {
        // A reader keeps the record that it took, and reads recordings by a connection of its own, while entries are added.
        const std::string path = fresh();
        auto s = Store::create(path, fixtures::whistle());
        VERIFY_OK(s);
        const Store::Flac take{9, 8, 7};
        VERIFY_OK(s->append(fixtures::fullReading(true), take));
        const auto then = s->snapshot();
        std::atomic<int> read = 0;
        std::atomic<bool> wrong = false;
        const auto reading = [&] {
            const auto recordings = Recordings::open(path);
            std::size_t most = 0;
            for (int i = 0; i < 60 && recordings; ++i) {
                const auto now = s->snapshot();
                wrong = wrong || now->entries().size() < most || then->entries().size() != 1;
                most = now->entries().size();
                const auto found = recordings->take({1});
                wrong = wrong || !found || *found != take;
                ++read;
            }
        };
        std::thread one(reading);
        std::thread other(reading);
        for (int i = 0; i < 30; ++i)
            VERIFY_OK(s->append(NoteEntry{"a note"}));
        one.join();
        other.join();
        QCOMPARE(read.load(), 120);
        QVERIFY(!wrong);
        QCOMPARE(s->snapshot()->entries().size(), std::size_t(31));
        QCOMPARE(then->entries().size(), std::size_t(1));
        QVERIFY(!Recordings::open(path)->take({2})); // a note has none
        QVERIFY(!Recordings::open(fresh()));
        // What two of them hold open is still locked for others.
        QCOMPARE(Store::open(path, Store::Mode::Work).error().code, ErrorCode::InUse);
    }
    void everythingComesBack()
    {
        const std::string path = fresh();
        const Store::Flac take{1, 2, 3, 4, 250};
        std::size_t entries = 0;
        {
            auto s = Store::create(path, fixtures::whistle(), PracticeEntry{77, Temperature::fromCelsius(19.5), 20.0});
            VERIFY_OK(s);
            VERIFY_OK(s->append(fixtures::fullReading(true), take));
            VERIFY_OK(s->append(fixtures::fullAdvice()));
            VERIFY_OK(s->append(fixtures::fullCut()));
            VERIFY_OK(s->append(SetAsideEntry{{2}, "played badly"}));
            entries = s->book().entries().size();
        }
        auto s = Store::open(path, Store::Mode::Work);
        VERIFY_OK(s);
        VERIFY_OK(s->verify());
        QCOMPARE(s->book().entries().size(), entries);
        QCOMPARE(entries, std::size_t(5));
        QVERIFY(s->book().specified().spec().holes == fixtures::whistleSpec().holes);
        QCOMPARE(s->book().practice()->seed, std::uint64_t(77));
        QVERIFY(std::get<Advice>(s->book().entries()[2].body) == fixtures::fullAdvice());
        const auto& cut = std::get<CutEntry>(s->book().entries()[3].body);
        QVERIFY(cut.cut == fixtures::fullCut().cut && cut.forecast == fixtures::fullCut().forecast);
        VERIFY_NEAR(s->book().present().find(HoleId{"h2"})->diameter.millimetres(), 6.4, 1e-9);
        QVERIFY(s->book().isSetAside({2}));
        const auto back = s->take({2});
        VERIFY_OK(back);
        QVERIFY(*back == take);
        QVERIFY(!s->take({3}));
        static const QRegularExpression iso(QStringLiteral(R"(^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$)"));
        QVERIFY(iso.match(QString::fromStdString(s->book().entries()[0].at)).hasMatch());
        QCOMPARE(QDir(m_dir.path()).entryList({QStringLiteral("book1*")}, QDir::Files).size(), 1); // one file, nothing beside
    }
    void aFailedAppendLeavesEverythingAsItWas()
    {
        auto s = Store::create(fresh(), fixtures::whistle());
        VERIFY_OK(s);
        const std::vector<Store::NewEntry> entries{{fixtures::fullCut(), {}},
                                                   {CutEntry{Enlarge{{"h2"}, fixtures::mm(5.0)}, {}, {}, {}}, {}}};
        const auto r = s->append(entries);
        QVERIFY(!r);
        QCOMPARE(r.error().code, ErrorCode::NotRemovable);
        QVERIFY(s->book().entries().empty());
        VERIFY_OK(s->append(fixtures::fullCut()));
        VERIFY_OK(s->verify());
    }
    void nothingIsAcknowledgedThatGoesIntoAFileThatIsGone()
    {
        // A file that is open can be written though its name is gone, or belongs to another: what went there would be lost.
        const std::string path = fresh();
        const QString name = QString::fromStdString(path);
        auto s = Store::create(path, fixtures::whistle());
        VERIFY_OK(s);
        VERIFY_OK(s->append(NoteEntry{"there"}));
        const QString aside = name + QStringLiteral(".aside");
        QVERIFY(QFile::rename(name, aside));
        const auto gone = s->append(NoteEntry{"gone"});
        QVERIFY(!gone && gone.error().code == ErrorCode::Unwritable && gone.error().fact.id == FactId::FileGone);
        VERIFY_OK(Store::create(path, fixtures::whistle()));
        QVERIFY(!s->append(NoteEntry{"another's"}));
        QCOMPARE(s->book().entries().size(), std::size_t(1));
        QVERIFY(QFile::remove(name) && QFile::rename(aside, name));
        VERIFY_OK(s->append(NoteEntry{"there again"}));
        QCOMPARE(s->book().entries().size(), std::size_t(2));
    }
    void aWorkbookIsKnownByWhatItIsAndWhenItWasBegun()
    {
        // Whatever it is called and wherever it lies, and not with another begun on the same blank.
        const std::string path = fresh();
        std::string identity;
        {
            const auto s = Store::create(path, fixtures::whistle());
            VERIFY_OK(s);
            identity = s->identity();
        }
        const QString moved = QString::fromStdString(fresh());
        QVERIFY(QFile::rename(QString::fromStdString(path), moved));
        {
            auto s = Store::open(moved.toStdString(), Store::Mode::Work);
            VERIFY_OK(s);
            QCOMPARE(s->identity(), identity);
            VERIFY_OK(s->append(NoteEntry{"more"}));
            QCOMPARE(s->identity(), identity);
        }
        for (const std::string begun = timestamp(); timestamp() == begun;) // dates are told to the millisecond
            std::this_thread::yield();
        const auto another = Store::create(fresh(), fixtures::whistle());
        VERIFY_OK(another);
        QVERIFY(another->identity() != identity);
    }
    void aWorkbookSaysWhichVersionItsNewestKindOfEntryNeeds()
    {
        const std::string path = fresh();
        const auto version = [&] {
            return versionIn(path);
        };
        auto s = Store::create(path, fixtures::whistle());
        VERIFY_OK(s);
        VERIFY_OK(s->append(fixtures::fullCut()));
        QCOMPARE(version(), 2); // as 0.9.0 reads it
        VERIFY_OK(s->append(fixtures::fullAmend()));
        QCOMPARE(version(), 3); // which 0.9.0 refuses as newer, instead of taking it for damaged
        VERIFY_OK(s->append(fixtures::fullReading(false)));
        VERIFY_OK(s->verify());
        QCOMPARE(s->book().present().spec().name, std::string("Whistle at low pitch"));
        s = Store::open(path, Store::Mode::Look);
        VERIFY_OK(s);
        QCOMPARE(s->book().entries().size(), std::size_t(3));
    }
    void aTakeThatCouldNotBeReadAgainIsRefused()
    {
        auto s = Store::create(fresh(), fixtures::whistle());
        VERIFY_OK(s);
        const auto r = s->append(fixtures::fullReading(true), Store::Flac((std::size_t{100} << 20U) + 1));
        QVERIFY(!r);
        QCOMPARE(r.error().code, ErrorCode::BadAudio);
        QVERIFY(s->book().entries().empty());
        VERIFY_OK(s->append(fixtures::fullReading(true), Store::Flac{1, 2, 3}));
        VERIFY_OK(s->verify());
    }
    void nothingIsOverwritten()
    {
        const std::string path = fresh();
        {
            auto s = Store::create(path, fixtures::whistle());
            VERIFY_OK(s);
            VERIFY_OK(s->append(fixtures::fullReading(true), Store::Flac{9, 9}));
        }
        QCOMPARE(Store::create(path, fixtures::whistle()).error().code, ErrorCode::Exists);
        for (const char* attempt :
             {"UPDATE entry SET body = '{}'", "DELETE FROM entry", "DELETE FROM take", "UPDATE specification SET json = ''"})
            QCOMPARE(sql(path, attempt), std::string("append only"));
        VERIFY_OK(Store::open(path, Store::Mode::Look));
    }
    void damageIsFoundAndNamed()
    {
        const std::string path = fresh();
        {
            auto s = Store::create(path, fixtures::whistle());
            VERIFY_OK(s);
            VERIFY_OK(s->append(fixtures::fullReading(true), Store::Flac(5000, 17)));
            VERIFY_OK(s->append(fixtures::fullCut()));
        }
        const auto copy = [&](const char* change) {
            const std::string other = fresh();
            QFile::copy(QString::fromStdString(path), QString::fromStdString(other));
            tamper::withoutGuards(other, change);
            return other;
        };
        auto bad =
            Store::open(copy("UPDATE entry SET body = replace(body, '733.0625', '734.0625') WHERE id = 1"), Store::Mode::Look);
        QVERIFY(!bad);
        QCOMPARE(bad.error().code, ErrorCode::Damaged);
        QCOMPARE(bad.error().where, std::string("entry 1"));
        bad = Store::open(copy("DELETE FROM entry WHERE id = 1"), Store::Mode::Look);
        QCOMPARE(bad.error().where, std::string("entry 2"));
        auto opened = Store::open(copy("UPDATE take SET flac = x'00'"), Store::Mode::Look);
        VERIFY_OK(opened);
        QCOMPARE(opened->verify().error().where, std::string("entry 1"));

        QFile file(QString::fromStdString(copy("SELECT 1")));
        QVERIFY(file.open(QIODevice::ReadWrite));
        file.seek(file.size() / 2);
        file.write(QByteArray(3000, '\x5a'));
        file.close();
        const auto torn = Store::open(file.fileName().toStdString(), Store::Mode::Look);
        QVERIFY(!torn || !torn->verify());
    }
    void strangersAreRefused()
    {
        const auto write = [&](const QByteArray& bytes) {
            const std::string path = fresh();
            QFile f(QString::fromStdString(path));
            f.open(QIODevice::WriteOnly);
            f.write(bytes);
            return path;
        };
        QCOMPARE(
            Store::open(
                write("just a text file that somebody named .dowel, long enough to fill a whole header and then some more words"),
                Store::Mode::Work)
                .error()
                .code,
            ErrorCode::NotAWorkbook);
        QCOMPARE(Store::open(write({}), Store::Mode::Work).error().code, ErrorCode::NotAWorkbook);
        QCOMPARE(Store::open(m_dir.filePath(QStringLiteral("none.dowel")).toStdString(), Store::Mode::Work).error().code,
                 ErrorCode::Unreadable);
        const std::string other = fresh();
        sql(other, "CREATE TABLE recipes (name TEXT)");
        QCOMPARE(Store::open(other, Store::Mode::Work).error().code, ErrorCode::NotAWorkbook);
        const std::string newer = fresh();
        VERIFY_OK(Store::create(newer, fixtures::whistle()));
        sql(newer, "PRAGMA user_version = 99");
        const auto refused = Store::open(newer, Store::Mode::Work);
        QCOMPARE(refused.error().code, ErrorCode::NewerVersion);
        QVERIFY(refused.error().fact == Fact(FactId::VersionKnown, 99, 5));
    }
    void whatASpecificationSaysOfTheWoodIsRefusedByEarlierReaders()
    {
        const auto versionWith = [this](auto change) {
            InstrumentSpec spec = fixtures::whistleSpec();
            change(spec);
            const std::string path = fresh();
            const auto store = Store::create(path, Instrument::make(spec).value());
            return store ? versionIn(path) : -1;
        };
        QCOMPARE(versionWith([](InstrumentSpec&) {}), 2);
        QCOMPARE(versionWith([](InstrumentSpec& s) { s.material = "cane"; }), 3);
        QCOMPARE(versionWith([](InstrumentSpec& s) { s.head = Head{fixtures::mm(30.0)}; }), 4);
        QCOMPARE(versionWith([](InstrumentSpec& s) { s.head = Head{.length = fixtures::mm(30.0), .beak = fixtures::mm(9.0)}; }),
                 5);
        QCOMPARE(versionWith([](InstrumentSpec& s) { // a slow chamber's length and width were there before its ends
                     s.head = Head{fixtures::mm(60.0), fixtures::mm(40.0), fixtures::mm(18.0)};
                 }),
                 4);
        QCOMPARE(versionWith([](InstrumentSpec& s) {
                     s.head = Head{fixtures::mm(60.0), fixtures::mm(40.0), fixtures::mm(18.0), fixtures::mm(6.0)};
                 }),
                 5);
        const auto withLay = [&](Metres lay, double angle_deg) {
            return versionWith([&](InstrumentSpec& s) {
                s.excitation = ClosedTop{false, CubicMetres::fromCubicMillimetres(800.0), {}, lay, angle_deg};
            });
        };
        QCOMPARE(withLay({}, 0.0), 2);
        QCOMPARE(withLay(fixtures::mm(20.0), 0.0), 5);
        QCOMPARE(withLay({}, 2.0), 5);
        QCOMPARE(versionWith([](InstrumentSpec& s) { s.slides = {{fixtures::mm(60.0), {}, fixtures::mm(15.0)}}; }), 2);
        QCOMPARE(versionWith([](InstrumentSpec& s) { s.slides = {{fixtures::mm(60.0), {}, fixtures::mm(15.0), {}, true}}; }), 5);
        const Slide tenon{fixtures::mm(60.0), {}, fixtures::mm(15.0), fixtures::mm(14.0)};
        QCOMPARE(versionWith([&](InstrumentSpec& s) { s.slides = {tenon}; }), 5);
        QCOMPARE(versionWith([](InstrumentSpec& s) {
                     s.excitation = ClosedTop{false, CubicMetres::fromCubicMillimetres(800.0), fixtures::mm(19.0)};
                 }),
                 5);
        QCOMPARE(versionWith([](InstrumentSpec& s) { // and of a reed or horn what is left for chucking
                     s.excitation = ClosedTop{false, CubicMetres::fromCubicMillimetres(800.0)};
                     s.head = Head{.length = fixtures::mm(30.0), .waste = fixtures::mm(12.0)};
                 }),
                 5);
        // Built later, the workbook is raised when it is said.
        InstrumentSpec built = fixtures::whistleSpec();
        built.slides = {tenon};
        const std::string path = fresh();
        auto store = Store::create(path, fixtures::whistle());
        VERIFY_OK(store);
        VERIFY_OK(store->append(BuiltEntry{Instrument::make(built).value()}));
        QCOMPARE(versionIn(path), 5);
    }
    void aSecondWindowIsToldSo()
    {
        const std::string path = fresh();
        auto first = Store::create(path, fixtures::whistle());
        VERIFY_OK(first);
        QCOMPARE(Store::open(path, Store::Mode::Work).error().code, ErrorCode::InUse);
        auto look = Store::open(path, Store::Mode::Look);
        VERIFY_OK(look);
        VERIFY_OK(first->append(fixtures::fullCut())); // a reader does not stand in the way
        QVERIFY(!look->append(fixtures::fullCut()));
        first = Error{};
        VERIFY_OK(Store::open(path, Store::Mode::Work));
    }
    void aFolderThatMayNotBeWrittenIsToldSo()
    {
        QCOMPARE(Store::create("/no/such/folder/a.dowel", fixtures::whistle()).error().code, ErrorCode::Unwritable);
    }
    void aCopyIsWholeAndRefusesToOverwrite()
    {
        auto s = Store::create(fresh(), fixtures::whistle());
        VERIFY_OK(s);
        VERIFY_OK(s->append(fixtures::fullReading(true), Store::Flac{4, 5, 6}));
        const std::string to = fresh();
        VERIFY_OK(s->copyTo(to));
        auto copied = Store::open(to, Store::Mode::Work);
        VERIFY_OK(copied);
        VERIFY_OK(copied->verify());
        QVERIFY(*copied->take({1}) == (Store::Flac{4, 5, 6}));
        QCOMPARE(s->copyTo(to).error().code, ErrorCode::Exists);
    }
};

DOWEL_TEST(TestStore)
#include "test_store.moc"
