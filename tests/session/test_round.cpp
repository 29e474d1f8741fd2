// SPDX-License-Identifier: GPL-3.0-or-later
// Proves a round of listening without any window: what is asked for, in which order, and what a note that was taken does.
#include "session/practice.h"
#include "session/round.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/test_main.h"

using namespace dowel;
using session::Round;

class TestRound : public QObject
{
    Q_OBJECT

    static ReadingEntry heard(const char* fingering)
    {
        ReadingEntry r = fixtures::fullReading(false);
        r.fingering = {fingering};
        return r;
    }
    static void add(Workbook& book, EntryBody body)
    {
        VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", std::move(body)}));
    }
    static std::vector<FingeringId> ids(std::initializer_list<const char*> names)
    {
        std::vector<FingeringId> all;
        for (const char* n : names)
            all.push_back({n});
        return all;
    }

private Q_SLOTS:
    void itBeginsWithWhatWasNotHeard()
    {
        Workbook book(fixtures::whistle());
        add(book, heard("D5"));
        add(book, heard("F#5"));
        const Round round(book);
        QCOMPARE(round.pending().size(), std::size_t(12));
        QCOMPARE(round.asked()->text, std::string("E5"));
        for (const Fingering& f : book.present().spec().fingerings)
            if (f.id.text != "D5" && f.id.text != "F#5")
                add(book, heard(f.id.text.c_str()));
        const Round done(book);
        QVERIFY(done.over());
        QCOMPARE(done.asked()->text, std::string("D5")); // something is always asked for
    }
    void anInstrumentWithoutFingeringsAsksForNothing()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.fingerings.clear();
        Round round(Workbook(Instrument::make(spec).value()));
        QVERIFY(round.over() && !round.asked());
        round.step(Workbook(Instrument::make(spec).value()), 1);
        round.taken({});
        QVERIFY(!round.asked());
    }
    void whatIsTakenGoesAndTheNextComesUp()
    {
        const Workbook book(fixtures::whistle());
        Round round(book);
        round.hear(ids({"A5", "D5", "G5"}));
        QCOMPARE(round.asked()->text, std::string("A5"));
        round.taken(ids({"A5"}));
        QCOMPARE(round.asked()->text, std::string("D5"));
        round.taken(ids({"C#7"})); // nobody asked for it
        QCOMPARE(round.pending().size(), std::size_t(2));
        round.taken(ids({"D5", "G5"})); // dropped on the window together
        QVERIFY(round.over());
        QCOMPARE(round.asked()->text, std::string("G5")); // once more, if the maker likes
    }
    void nextGoesUpwardsFromWhatIsAskedAndRoundAgain()
    {
        const Workbook book(fixtures::whistle());
        Round round(book);
        round.hear(ids({"G5", "E5", "B5"}));
        round.next(book);
        QCOMPARE(round.asked()->text, std::string("B5"));
        round.next(book);
        QCOMPARE(round.asked()->text, std::string("G5")); // from the top to the first that is pending
        round.step(book, -1);
        QCOMPARE(round.asked()->text, std::string("F#5"));
        round.ask({"D5"});
        round.step(book, -1);
        QCOMPARE(round.asked()->text, std::string("C#7"));
        round.step(book, 1);
        QCOMPARE(round.asked()->text, std::string("D5"));
    }
    void theOrderIsAsChosen()
    {
        Workbook book(fixtures::whistle());
        for (const Fingering& f : book.present().spec().fingerings)
            add(book, heard(f.id.text.c_str()));
        add(book, CutEntry{Enlarge{{"h3"}, fixtures::mm(5.5)}, fixtures::mm(5.3), {}, {}});
        add(book, heard("E5"));
        Round round(book);
        round.hear(ids({"B5", "D5", "G5"}));
        round.setOrder(Round::Order::FootUpwards, book, {});
        QCOMPARE(round.pending(), ids({"D5", "G5", "B5"}));
        round.setOrder(Round::Order::Stale, book, {}); // all but E5 were last heard before the cut
        QCOMPARE(round.pending().size(), std::size_t(13));
        QVERIFY(std::find(round.pending().begin(), round.pending().end(), FingeringId{"E5"}) == round.pending().end());
        round.setOrder(Round::Order::Asked, book, ids({"C#6", "A5"}));
        QCOMPARE(round.pending(), ids({"C#6", "A5"}));
        const auto ages = session::cutsSinceHeard(book);
        QVERIFY(ages[0] == 1 && ages[1] == 0);
    }
    void aFileIsOfTheFingeringItIsNamedAfter()
    {
        const Workbook book(fixtures::whistle());
        QVERIFY(session::fingeringNamed(book, "f#5") == FingeringId{"F#5"});
        QVERIFY(session::fingeringNamed(book, "D5") == FingeringId{"D5"});
        QVERIFY(!session::fingeringNamed(book, "D5 again"));
        QVERIFY(!session::fingeringNamed(book, ""));
    }
    void noTwoTakesOfThePracticeBlankAreAlike()
    {
        Workbook book(fixtures::whistle());
        QCOMPARE(session::played(book, {"D5"}, Temperature::fromCelsius(20.0)).error().code, ErrorCode::UnknownName);
        add(book, PracticeEntry{4, Temperature::fromCelsius(18.0), 24.0});
        const auto one = session::played(book, {"D5"}, Temperature::fromCelsius(18.0));
        const auto same = session::played(book, {"D5"}, Temperature::fromCelsius(18.0));
        const auto again = session::played(book, {"D5"}, Temperature::fromCelsius(18.0), 1);
        VERIFY_OK(one);
        VERIFY_OK(again);
        QVERIFY(one->values == same->values && one->values != again->values);
        add(book, heard("D5"));
        const auto later = session::played(book, {"D5"}, Temperature::fromCelsius(18.0));
        VERIFY_OK(later);
        QVERIFY(later->values == again->values); // what is in the record counts as sounded
        QCOMPARE(session::played(book, {"none"}, Temperature::fromCelsius(18.0)).error().code, ErrorCode::UnknownName);
    }
};

DOWEL_TEST(TestRound)
#include "test_round.moc"
