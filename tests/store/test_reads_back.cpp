// SPDX-License-Identifier: GPL-3.0-or-later
// What is accepted reads back: every kind of entry, with every number in it moved to where rounding, limits and order are tried,
// is put into a workbook; whatever is taken must be there, the same, when the file is opened again. What is not must have changed
// nothing.
#include "io/record_json.h"
#include "io/spec_json.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/fixtures.h"
#include "support/long_run.h"
#include "support/tamper.h"
#include "support/test_main.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <atomic>
#include <cerrno>
#include <cmath>
#include <functional>
#include <limits>
#include <nlohmann/json.hpp>
#include <thread>

using namespace dowel;
using Json = nlohmann::json;

namespace {

/// One of every kind, each as the window or the command line could make it.
std::vector<EntryBody> everyKind()
{
    PatternEntry pattern;
    pattern.from = "another";
    pattern.notes = {{{"D5"}, {12.5, std::nullopt, -3.25, 900.0, 0.5, 6.0}, {0.0, -8.5, -16.25}}};
    std::vector<EntryBody> bodies{
        fixtures::fullReading(false),
        fixtures::fullCut(),
        fixtures::fullAdvice(),
        PracticeEntry{123456789, Temperature::fromCelsius(19.5), 18.0, true, true},
        NoteEntry{"drilled h1"},
        StrategyEntry{{true, false, true, 0.4, Effort::Best}},
        MeasureEntry{HoleId{"h3"}, Metres::fromMillimetres(5.25)},
        MeasureEntry{std::nullopt, Metres::fromMillimetres(276.5)},
        fixtures::fullAmend(),
        BuiltEntry{fixtures::whistle()},
        pattern,
        CutEntry{TrimFoot{fixtures::mm(276.0)}, fixtures::mm(277.5), {}, {}},
        CutEntry{Undercut{{"h4"}, fixtures::mm(7.0)}, fixtures::mm(6.1), {}, {}},
        CutEntry{Fill{{"h5"}, fixtures::mm(6.0)}, fixtures::mm(6.3), {}, {}},
        CutEntry{Ream{fixtures::mm(40.0), fixtures::mm(80.0), fixtures::mm(14.2)}, fixtures::mm(13.2), {}, {}}};
    return bodies;
}

/// Calls back for every number in a document, which may be changed there and is put back afterwards.
void forEachNumber(Json& at, const std::function<void(Json&)>& see)
{
    if (at.is_number()) {
        const Json before = at;
        see(at);
        at = before;
    } else if (at.is_structured()) {
        for (auto& child : at)
            forEachNumber(child, see);
    }
}

/// Where a number is moved to: next to itself, next to nothing, out of every range.
std::vector<Json> awkward(const Json& number)
{
    const double v = number.get<double>();
    std::vector<Json> all;
    for (const double w : {std::nextafter(v, 1e9), v + 1e-13, v - 1e-12, v + 1e-9, v * (1.0 + 1e-15), 1e-12, 1e-13, -1e-12, 0.0,
                           -0.0, 5e-324, 1e300, -19.9999999999, 59.9999999999, std::numeric_limits<double>::max()})
        all.emplace_back(w);
    for (const std::int64_t w :
         {std::int64_t{0}, std::int64_t{-1}, std::int64_t{9007199254740993}, std::numeric_limits<std::int64_t>::max()})
        all.emplace_back(w);
    return all;
}

} // namespace

class TestReadsBack : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;
    int m_count = 0;
    std::string fresh() { return m_dir.filePath(QStringLiteral("r%1.dowel").arg(++m_count)).toStdString(); }

private Q_SLOTS:
    void everyNumberOfEveryKind()
    {
        // In the usual run every ninth, beginning elsewhere with each kind; all of them in the long one.
        const int stride = longRun() ? 1 : 9;
        int tried = 0;
        int taken = 0;
        for (const EntryBody& body : everyKind()) {
            const std::string kind(factsOf(body).word);
            const std::string path = fresh();
            auto store = Store::create(path, fixtures::whistle());
            VERIFY_OK(store);
            Json json = Json::parse(io::bodyText(body));
            int turn = static_cast<int>(body.index());
            QString trouble;
            forEachNumber(json, [&](Json& number) {
                for (const Json& value : awkward(number)) {
                    if (++turn % stride != 0 || !trouble.isEmpty())
                        continue;
                    number = value;
                    const auto parsed = io::bodyFromText(kind, json.dump());
                    if (!parsed)
                        continue;
                    ++tried;
                    const std::size_t before = store->book().entries().size();
                    const auto kept = store->append(*parsed);
                    const auto again = Store::open(path, Store::Mode::Look);
                    if (!again) {
                        trouble = QString::fromStdString(kind + " " + value.dump() + ": " + told(again.error()));
                        continue;
                    }
                    const auto& there = again->book().entries();
                    if (there.size() != before + (kept ? 1 : 0) || store->book().entries().size() != there.size())
                        trouble = QString::fromStdString(kind + ": other entries than were taken");
                    else if (kept && io::bodyText(there.back().body) != io::bodyText(store->book().entries().back().body))
                        trouble = QString::fromStdString(kind + " reads back otherwise: " + io::bodyText(there.back().body));
                    else if (io::specText(again->book().present()) != io::specText(store->book().present()))
                        trouble = QString::fromStdString(kind + " makes another instrument: " + value.dump());
                    taken += kept ? 1 : 0;
                }
            });
            QVERIFY2(trouble.isEmpty(), qPrintable(trouble));
        }
        QVERIFY2(tried > 100 && taken > 30, qPrintable(QStringLiteral("%1 tried, %2 taken").arg(tried).arg(taken)));
    }
    void everyNumberOfASpecification()
    {
        Json json = Json::parse(io::specText(fixtures::whistle()));
        int turn = 0;
        int made = 0;
        QString trouble;
        forEachNumber(json, [&](Json& number) {
            for (const Json& value : awkward(number)) {
                if (++turn % (longRun() ? 1 : 11) != 0 || !trouble.isEmpty())
                    continue;
                number = value;
                const auto spec = io::specFromText(json.dump(), "specification");
                if (!spec)
                    continue;
                const std::string path = fresh();
                if (!Store::create(path, *spec))
                    continue;
                ++made;
                const auto again = Store::open(path, Store::Mode::Look);
                if (!again)
                    trouble = QString::fromStdString(value.dump() + ": " + told(again.error()));
                QFile::remove(QString::fromStdString(path));
            }
        });
        QVERIFY2(trouble.isEmpty(), qPrintable(trouble));
        QVERIFY(made > 5);
    }
    void bitsThatAreAlmostEqualAreRefused()
    {
        // As they were taken once, and the workbook never opened again.
        const std::string path = fresh();
        auto store = Store::create(path, fixtures::whistle());
        VERIFY_OK(store);
        AmendEntry amend;
        amend.tools = Tools{fixtures::mm(0.1), {fixtures::mm(7.9375), fixtures::mm(7.937500000000001)}};
        const auto kept = store->append(amend);
        QVERIFY(!kept);
        QCOMPARE(kept.error().code, ErrorCode::BadValue);
        VERIFY_OK(Store::open(path, Store::Mode::Look));
    }
    void aForgedNumberIsDamage()
    {
        for (const char* number : {"9223372036854775807", "9223372036854775806", "5000000000", "0", "-3"}) {
            const std::string path = fresh();
            VERIFY_OK(Store::create(path, fixtures::whistle())->append(NoteEntry{"one"}));
            tamper::withoutGuards(path, std::string("UPDATE entry SET id = ") + number);
            const auto opened = Store::open(path, Store::Mode::Look);
            QVERIFY2(!opened && opened.error().code == ErrorCode::Damaged, number);
        }
    }
    void whoReadsBesideAWriterSeesOneMoment()
    {
        // A reader that began before a commit sees the record without it, whole: never "damaged".
        const std::string path = fresh();
        auto writer = Store::create(path, fixtures::whistle());
        VERIFY_OK(writer);
        for (int i = 0; i < 200; ++i) {
            VERIFY_OK(writer->append(NoteEntry{"word " + std::to_string(i)}));
            const auto reader = Store::open(path, Store::Mode::Look);
            VERIFY_OK(reader);
            if (i % 20 == 0) {
                VERIFY_OK(writer->append(fixtures::fullReading(true), Store::Flac(500, 7)));
                VERIFY_OK(reader->verify()); // of what it read; what came since is not its own
            }
        }
    }
    void whoReadsWhileAnotherThreadWritesIsNeverToldOfDamage()
    {
        const std::string path = fresh();
        auto writer = Store::create(path, fixtures::whistle());
        VERIFY_OK(writer);
        std::atomic<bool> over = false;
        std::atomic<int> damaged = 0;
        std::thread reader([&] {
            while (!over) {
                const auto look = Store::open(path, Store::Mode::Look);
                damaged += !look && look.error().code == ErrorCode::Damaged ? 1 : 0;
            }
        });
        int kept = 0;
        for (int i = 0; i < 150; ++i)
            kept += writer->append(NoteEntry{"word"}) ? 1 : 0;
        over = true;
        reader.join();
        QCOMPARE(damaged.load(), 0);
        QVERIFY(kept > 0);
    }
    void aNewBookIsNotMadeBesideAnothersJournal()
    {
        const std::string path = fresh();
        QFile journal(QString::fromStdString(path + "-journal"));
        QVERIFY(journal.open(QIODevice::WriteOnly) && journal.write("rest of a write") > 0);
        journal.close();
        const auto made = Store::create(path, fixtures::whistle());
        QVERIFY(!made);
        QCOMPARE(made.error().code, ErrorCode::Exists);
        QCOMPARE(made.error().where, path + "-journal");
        QVERIFY(!QFile::exists(QString::fromStdString(path)));
    }
    void aBookIsMovedWholeOrNotAtAll()
    {
        const std::string path = fresh();
        VERIFY_OK(Store::create(path, fixtures::whistle())->append(NoteEntry{"kept"}));
        const std::string there = fresh();
        {
            const auto open = Store::open(path, Store::Mode::Work);
            QCOMPARE(moveWorkbook(path, there).error().code, ErrorCode::InUse);
        }
        // What a killed writer left beside is played back before the name goes.
        const std::string killed = fresh();
        tamper::killedWriter(path, killed);
        VERIFY_OK(moveWorkbook(killed, there));
        QVERIFY(!QFile::exists(QString::fromStdString(killed)) && !QFile::exists(QString::fromStdString(killed + "-journal")));
        const auto moved = Store::open(there, Store::Mode::Look);
        VERIFY_OK(moved);
        QCOMPARE(moved->book().entries().size(), std::size_t(1));
        QCOMPARE(moveWorkbook(path, there).error().code, ErrorCode::Exists);
        VERIFY_OK(Store::open(path, Store::Mode::Look));
    }
    void whereNoLockIsToBeHadTheSecondWriterIsToldSo()
    {
        // flock(2): EWOULDBLOCK means that somebody holds it; a file system without locks says something else.
        QVERIFY(isHeldByAnother(EWOULDBLOCK));
        for (const int other : {EOPNOTSUPP, ENOLCK, ENOSYS, EINVAL})
            QVERIFY(!isHeldByAnother(other));
        // Two that are open at once, as they can be there: what one has written the other does not write over.
        const std::string path = fresh();
        auto first = Store::create(path, fixtures::whistle());
        VERIFY_OK(first);
        VERIFY_OK(first->append(NoteEntry{"one"}));
        const std::string chain = "UPDATE seal SET chain = 'written by another'";
        tamper::with(path, chain);
        const auto refused = first->append(NoteEntry{"two"});
        QVERIFY(!refused);
        QCOMPARE(refused.error().code, ErrorCode::InUse);
    }
    void aRecordOfManyMeasuresAndUndosOpens()
    {
        // 3,000 measures, each set aside and brought back: what would take minutes if every state were worked out again.
        Workbook book(fixtures::whistle());
        std::vector<Entry> entries;
        std::int64_t id = 0;
        const auto put = [&](EntryBody body) {
            entries.push_back({{++id}, "2026-01-01T00:00:00Z", std::move(body)});
            return EntryId{id};
        };
        for (int i = 0; i < 3000; ++i) {
            const EntryId measured = put(MeasureEntry{HoleId{"h3"}, fixtures::mm(5.3 + 0.0001 * i)});
            put(SetAsideEntry{put(SetAsideEntry{measured, "no"}), "yes"});
        }
        VERIFY_OK(book.replay(entries));
        VERIFY_NEAR(book.present().find(HoleId{"h3"})->diameter.millimetres(), 5.3 + 0.2999, 1e-9);
        // One by one it is the same, of a shorter one.
        Workbook slow(fixtures::whistle());
        Workbook quick(fixtures::whistle());
        entries.resize(90);
        for (const Entry& e : entries)
            VERIFY_OK(slow.append(e));
        VERIFY_OK(quick.replay(entries));
        QCOMPARE(io::specText(quick.present()), io::specText(slow.present()));
        Cancel cancel;
        cancel.request();
        QCOMPARE(Workbook(fixtures::whistle()).replay(entries, cancel).error().code, ErrorCode::Cancelled);
    }
    void aRecordOfEveryKindOfCutReplaysAsItWasWritten()
    {
        const std::string path = fresh();
        auto store = Store::create(path, fixtures::whistle());
        VERIFY_OK(store);
        const auto cut = [&](const Cut& c) {
            return store->append(CutEntry{c, *presentSize(store->book().present(), c), {}, {}});
        };
        VERIFY_OK(cut(Enlarge{{"h2"}, fixtures::mm(6.2)}));
        VERIFY_OK(cut(TrimFoot{fixtures::mm(276.0)}));
        VERIFY_OK(store->append(MeasureEntry{HoleId{"h2"}, fixtures::mm(6.3)}));
        VERIFY_OK(store->append(MeasureEntry{std::nullopt, fixtures::mm(275.8)}));
        VERIFY_OK(store->append(MeasureEntry{HoleId{"h4"}, fixtures::mm(6.15)}));
        const auto undone = cut(Enlarge{{"h5"}, fixtures::mm(6.9)});
        VERIFY_OK(undone);
        VERIFY_OK(store->append(SetAsideEntry{*undone, "not done"}));
        VERIFY_OK(cut(Enlarge{{"h2"}, fixtures::mm(6.6)}));
        const auto again = Store::open(path, Store::Mode::Look);
        VERIFY_OK(again);
        QCOMPARE(again->book().shapes().size(), store->book().shapes().size());
        for (std::size_t i = 0; i < again->book().shapes().size(); ++i)
            QCOMPARE(io::specText(again->book().shapes()[i]), io::specText(store->book().shapes()[i]));
        VERIFY_NEAR(again->book().shapes()[1].find(HoleId{"h2"})->diameter.millimetres(), 6.3, 1e-9);
        VERIFY_NEAR(again->book().present().length().millimetres(), 275.8, 1e-9);
    }
};

DOWEL_TEST(TestReadsBack)
#include "test_reads_back.moc"
