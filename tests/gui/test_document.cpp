// SPDX-License-Identifier: GPL-3.0-or-later
// The open workbook by itself, without a window: what it tells is on the disk, in the order in which it was asked for, and what a
// view holds of it does not change under it.
#include "app/document/document.h"
#include "support/fixtures.h"
#include "support/hand_time.h"
#include "support/waiting.h"
#include "support/window_test.h"

#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <atomic>
#include <thread>

using namespace dowel;
using fixtures::mm;

class TestDocument : public gui::WindowTest
{
    Q_OBJECT

    /// A document on a whistle of its own, and what stands in its file.
    struct Open
    {
        QTemporaryDir folder;
        gui::HandTime time;
        std::string path = (folder.path() + QStringLiteral("/book.dowel")).toStdString();
        app::Document document{Store::create(path, fixtures::whistle()).value(), time};

        [[nodiscard]] std::vector<Entry> onDisk() const
        {
            const auto store = Store::open(path, Store::Mode::Look);
            return store ? store->book().entries() : std::vector<Entry>();
        }
    };
    static std::vector<std::string> notesIn(const std::vector<Entry>& entries)
    {
        std::vector<std::string> notes;
        for (const Entry& e : entries)
            if (const auto* note = std::get_if<NoteEntry>(&e.body))
                notes.push_back(note->text);
        return notes;
    }
    static bool hasCut(const std::vector<Entry>& entries)
    {
        return std::any_of(entries.begin(), entries.end(),
                           [](const Entry& e) { return std::holds_alternative<CutEntry>(e.body); });
    }

private Q_SLOTS:
    void whatIsToldIsOnTheDisk()
    {
        Open open;
        bool there = false;
        bool shown = false;
        QObject::connect(&open.document, &app::Document::cutKept, &open.document, [&] {
            const gui::OutsideTheWindow own;
            there = hasCut(open.onDisk());
            shown = hasCut(open.document.book()->entries());
        });
        QSignalSpy kept(&open.document, &app::Document::cutKept);
        open.document.recordCut(Enlarge{{"h2"}, mm(6.4)});
        QVERIFY(!hasCut(open.document.book()->entries())); // not before
        EVENTUALLY_COMPARE(kept.count(), 1);
        QVERIFY(there && shown);
    }
    void whatWasAskedForStandsInItsOrder()
    {
        Open open;
        open.document.note(QStringLiteral("one"));
        open.document.recordCut(Enlarge{{"h2"}, mm(6.4)});
        open.document.note(QStringLiteral("two"));
        open.document.note(QStringLiteral("three"));
        bool done = false;
        open.document.afterThat([&] { done = true; });
        EVENTUALLY(done);
        const auto entries = open.onDisk();
        QVERIFY(notesIn(entries) == (std::vector<std::string>{"one", "two", "three"}));
        const auto at = [&](auto is) {
            return std::find_if(entries.begin(), entries.end(), is) - entries.begin();
        };
        const auto cut = at([](const Entry& e) { return std::holds_alternative<CutEntry>(e.body); });
        const auto first = at([](const Entry& e) { return std::holds_alternative<NoteEntry>(e.body); });
        QCOMPARE(cut, first + 1);
    }
    void whatIsRefusedIsToldAndNothingElseIsLost()
    {
        Open open;
        QSignalSpy failed(&open.document, &app::Document::failed);
        open.document.note(QStringLiteral("before"));
        open.document.recordCut(Enlarge{{"h2"}, mm(1.0)}); // smaller than it is
        open.document.note(QStringLiteral("after"));
        bool done = false;
        open.document.afterThat([&] { done = true; });
        EVENTUALLY(done);
        QCOMPARE(failed.count(), 1);
        QVERIFY(!failed.front().front().toString().isEmpty());
        const auto entries = open.onDisk();
        QVERIFY(!hasCut(entries));
        QVERIFY(notesIn(entries) == (std::vector<std::string>{"before", "after"}));
        QCOMPARE(open.document.waiting(), std::size_t{0}); // it is not tried again
    }
    void aViewsSnapshotStaysAsItWas()
    {
        Open open;
        const app::Document::Snapshot before = open.document.book();
        const std::size_t count = before->entries().size();
        const Instrument shape = before->present();
        QSignalSpy kept(&open.document, &app::Document::cutKept);
        open.document.recordCut(Enlarge{{"h2"}, mm(6.4)});
        EVENTUALLY_COMPARE(kept.count(), 1);
        QCOMPARE(before->entries().size(), count);
        QVERIFY(before->present() == shape);
        QVERIFY(open.document.book() != before && !(open.document.book()->present() == shape));
    }
    void adviceOnWhatHasChangedIsNotShown()
    {
        Open open;
        open.document.think();
        EVENTUALLY(open.document.recommendation().has_value());
        // Asked again and overtaken at once: what comes is about the wood as it is.
        open.document.think();
        open.document.recordCut(Enlarge{{"h2"}, mm(6.4)});
        QSignalSpy kept(&open.document, &app::Document::cutKept);
        bool shownAtOnce = true;
        QObject::connect(&open.document, &app::Document::cutKept, &open.document,
                         [&] { shownAtOnce = open.document.recommendation().has_value(); });
        EVENTUALLY_COMPARE(kept.count(), 1);
        QVERIFY(!shownAtOnce);
        open.document.think();
        EVENTUALLY(open.document.recommendation().has_value());
        const auto fresh = recommend(*open.document.book());
        QVERIFY(fresh);
        const auto& now = open.document.recommendation()->now;
        QCOMPARE(now.size(), fresh->now.size());
        for (std::size_t i = 0; i < now.size(); ++i)
            QCOMPARE(now[i].cents, fresh->now[i].cents);
    }
    void twoReadersSeeWholeEntriesWhileItIsWritten()
    {
        Open open;
        constexpr int many = 30;
        std::atomic<bool> stop = false;
        std::atomic<int> looked = 0;
        std::atomic<int> wrong = 0;
        const auto reads = [&] {
            std::size_t before = 0;
            do {
                const auto store = Store::open(open.path, Store::Mode::Look);
                if (!store) {
                    ++wrong;
                    continue;
                }
                const auto notes = notesIn(store->book().entries());
                for (std::size_t i = 0; i < notes.size(); ++i)
                    wrong += notes[i] == std::to_string(i) ? 0 : 1;
                wrong += notes.size() < before ? 1 : 0; // nothing that was there is gone
                before = notes.size();
                ++looked;
            } while (!stop);
        };
        std::thread one(reads);
        std::thread other(reads);
        bool done = false;
        for (int i = 0; i < many; ++i)
            open.document.note(QString::number(i));
        open.document.afterThat([&] { done = true; });
        const bool written = waitFor([&] { return done && looked >= 4; });
        stop = true;
        one.join();
        other.join();
        QVERIFY(written);
        QCOMPARE(wrong.load(), 0);
        QCOMPARE(notesIn(open.onDisk()).size(), std::size_t{many});
    }
};

DOWEL_TEST(TestDocument)
#include "test_document.moc"
