// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what is taken back and what comes back: the maker's newest act, never the wood's, never what speaks for its own time.
#include "session/history.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/test_main.h"

using namespace dowel;

class TestHistory : public QObject
{
    Q_OBJECT

    static EntryId add(Workbook& book, EntryBody body)
    {
        const EntryId id = book.nextId();
        const auto ok = book.append({id, "2026-01-01T00:00:00Z", std::move(body)});
        return ok ? id : EntryId{};
    }

private Q_SLOTS:
    void theNewestActOfTheMakerIsTakenBack()
    {
        Workbook book(fixtures::whistle());
        QVERIFY(session::lastToTakeBack(book).kind == session::TurnBack::Kind::Nothing);
        QVERIFY(session::lastToBringBack(book).kind == session::TurnBack::Kind::Nothing);
        const EntryId first = add(book, NoteEntry{"first"});
        const EntryId second = add(book, StrategyEntry{{true, false, false, 0.0}});
        add(book, fixtures::fullAdvice()); // speaks for its own time
        auto turn = session::lastToTakeBack(book);
        QVERIFY(turn.kind == session::TurnBack::Kind::AnEntry);
        QCOMPARE(turn.entry->id.number, second.number);
        QCOMPARE(turn.setAside->id.number, second.number);
        const EntryId aside = add(book, SetAsideEntry{second, "undone"});
        turn = session::lastToTakeBack(book);
        QCOMPARE(turn.entry->id.number, first.number);
        // And it comes back by setting aside what had set it aside.
        turn = session::lastToBringBack(book);
        QVERIFY(turn.kind == session::TurnBack::Kind::AnEntry);
        QCOMPARE(turn.entry->id.number, second.number);
        QCOMPARE(turn.setAside->id.number, aside.number);
        add(book, NoteEntry{"done since"});
        QVERIFY(session::lastToBringBack(book).kind == session::TurnBack::Kind::Nothing);
    }
    void aCutStays()
    {
        Workbook book(fixtures::whistle());
        add(book, NoteEntry{"before"});
        QVERIFY(add(book, fixtures::fullCut()).number > 0);
        const auto turn = session::lastToTakeBack(book);
        QVERIFY(turn.kind == session::TurnBack::Kind::ACut);
        QVERIFY(turn.setAside == nullptr);
    }
    void theDesignAWorkbookWasBegunWithStays()
    {
        Workbook book(fixtures::whistle());
        const EntryId begun = add(book, PlanEntry{"{}"});
        QCOMPARE(begun.number, std::int64_t{1});
        QVERIFY(session::lastToTakeBack(book).kind == session::TurnBack::Kind::Nothing);
        const EntryId later = add(book, PlanEntry{"{\"a\":1}"});
        const auto turn = session::lastToTakeBack(book);
        QCOMPARE(turn.entry->id.number, later.number);
        QVERIFY(turn.ofPlan() && !turn.ofBuilt());
        add(book, BuiltEntry{fixtures::whistle()});
        QVERIFY(session::lastToTakeBack(book).ofBuilt());
    }
};

DOWEL_TEST(TestHistory)
#include "test_history.moc"
