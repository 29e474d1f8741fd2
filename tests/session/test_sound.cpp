// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what is done with the sound of an instrument: what would make a note brighter, the takes around a cut one after the
// other, and room left in the targets for a finish.
#include "io/audio_file.h"
#include "session/brighter.h"
#include "session/finish_shift.h"
#include "session/replay.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QTemporaryDir>
#include <cmath>
#include <numbers>
#include <string>
#include <thread>

using namespace dowel;
using fixtures::mm;

class TestSound : public QObject
{
    Q_OBJECT

    static Store::Flac tone(double hertz, double level)
    {
        Samples s;
        s.rate_Hz = 48000.0;
        for (int i = 0; i < 72000; ++i)
            s.values.push_back(static_cast<float>(level * std::sin(2.0 * std::numbers::pi * hertz * i / s.rate_Hz)));
        return *io::flacOf(s);
    }
    static ReadingEntry reading(const std::string& fingering)
    {
        ReadingEntry r = fixtures::fullReading(true);
        r.fingering = {fingering};
        r.note->start = Seconds::fromSeconds(0.2);
        return r;
    }

private Q_SLOTS:
    void aBrighterNoteHasItsPriceInCents()
    {
        // Larger open holes raise the cutoff (Benade, J. Acoust. Soc. Am. 32, 1591, 1960) and the pitch alike.
        InstrumentSpec spec = fixtures::whistleSpec();
        for (Station& s : spec.bore)
            s.roughness = 2.0;
        const Instrument shape = *Instrument::make(spec);
        const auto posterior = Posterior::prior(shape);
        VERIFY_OK(posterior);
        const Fingering& f = shape.spec().fingerings[3];
        const auto means = session::brighteningsOf(*posterior, shape, f.id);
        VERIFY_OK(means);
        QVERIFY(!means->empty());
        const auto now = posterior->cents(shape);
        for (const session::Brightening& b : *means) {
            QVERIFY(b.brighter > 0.0);
            VERIFY_NEAR(b.now.cents(), (*now)[3], 1e-9);
            QVERIFY(b.then > b.now); // a larger hole and a smoother bore raise the note
            if (const auto* larger = std::get_if<Enlarge>(&b.work)) {
                const auto cut = applied(shape, *larger);
                VERIFY_NEAR(b.then.cents(), (*posterior->cents(*cut))[3], 1e-9);
                QCOMPARE(larger->diameter, shape.find(larger->hole)->diameter + session::triedLarger);
            }
        }
        QVERIFY(!session::brighteningsOf(*posterior, shape, FingeringId{"X9"}));
    }
    void theTakesAroundTheLastCutFollowOneAnother()
    {
        QTemporaryDir dir;
        auto store = Store::create(dir.filePath(QStringLiteral("a.dowel")).toStdString(), fixtures::whistle());
        VERIFY_OK(store);
        QVERIFY(session::aroundLastCut(store->book()).empty());
        VERIFY_OK(store->append(reading("D5"), tone(580.0, 0.3)));
        VERIFY_OK(store->append(reading("E5"), tone(640.0, 0.3)));
        const Metres was = store->book().present().find(HoleId{"h1"})->diameter;
        VERIFY_OK(store->append(CutEntry{Enlarge{{"h1"}, was + mm(0.5)}, was, {}, {}}));
        QVERIFY(session::aroundLastCut(store->book()).empty()); // nothing heard since
        VERIFY_OK(store->append(reading("E5"), tone(652.0, 0.3)));
        const auto pairs = session::aroundLastCut(store->book());
        QCOMPARE(pairs.size(), std::size_t{1});
        QCOMPARE(pairs[0].fingering.text, std::string("E5"));
        const auto all = session::replayed(store->book(), store->path(), pairs);
        VERIFY_OK(all);
        // A second, a rest, a second, a longer rest.
        VERIFY_NEAR(all->duration().seconds(), 1.0 + 0.15 + 1.0 + 0.6, 0.01);
        const auto crossings = [&](double from_s, double to_s) {
            int count = 0;
            const auto& v = all->values;
            for (auto i = static_cast<std::size_t>(from_s * all->rate_Hz); i + 1 < static_cast<std::size_t>(to_s * all->rate_Hz);
                 ++i)
                count += v[i] <= 0.0F && v[i + 1] > 0.0F ? 1 : 0;
            return count / (to_s - from_s);
        };
        VERIFY_NEAR(crossings(0.2, 0.8), 640.0, 3.0);
        VERIFY_NEAR(crossings(1.35, 1.95), 652.0, 3.0);
        QCOMPARE(all->values[static_cast<std::size_t>(1.07 * all->rate_Hz)], 0.0F);
        QVERIFY(!session::replayed(store->book(), store->path(), {}));
    }
    void aReplayKeepsToItsSnapshotWhileTheRecordGrows()
    {
        // The window's writer replaces the store's record with every entry; who replays reads one of its own.
        QTemporaryDir dir;
        auto store = Store::create(dir.filePath(QStringLiteral("a.dowel")).toStdString(), fixtures::whistle());
        VERIFY_OK(store);
        VERIFY_OK(store->append(reading("E5"), tone(640.0, 0.3)));
        const Metres was = store->book().present().find(HoleId{"h1"})->diameter;
        VERIFY_OK(store->append(CutEntry{Enlarge{{"h1"}, was + mm(0.5)}, was, {}, {}}));
        VERIFY_OK(store->append(reading("E5"), tone(652.0, 0.3)));
        const auto snapshot = store->snapshot();
        const auto pairs = session::aroundLastCut(*snapshot);
        std::string said; // read after the thread has ended
        std::jthread replaying([&] {
            for (int i = 0; i < 20 && said.empty(); ++i)
                if (const auto all = session::replayed(*snapshot, store->path(), pairs); !all)
                    said = told(all.error());
        });
        for (int i = 0; i < 40; ++i)
            VERIFY_OK(store->append(NoteEntry{"a note"}));
        replaying.join();
        QVERIFY2(said.empty(), said.c_str());
        QCOMPARE(store->book().entries().size(), snapshot->entries().size() + 40);
    }
    void roomIsLeftInEveryTargetAndGivenBack()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.fingerings[1].targetName.clear(); // one that was given in hertz
        const Instrument shape = *Instrument::make(spec);
        Workbook book(shape);
        const auto change = session::withRoom(book, Cents::fromCents(4.0));
        VERIFY_OK(change);
        VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", *change}));
        for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
            VERIFY_NEAR(1200.0 * std::log2(book.present().spec().fingerings[i].target / shape.spec().fingerings[i].target), -4.0,
                        1e-6);
        FinishPlan finish;
        QCOMPARE(session::roomLeft(book, finish).cents(), 0.0);
        finish.room_cents = 4.0;
        finish.wantedA4_Hz = 440.0;
        VERIFY_NEAR(session::roomLeft(book, finish).cents(), 4.0, 1e-6);
        const auto back = session::withRoom(book, session::roomLeft(book, finish) * -1.0);
        VERIFY_OK(back);
        VERIFY_OK(book.append({book.nextId(), "2026-01-02T00:00:00Z", *back}));
        VERIFY_NEAR(book.present().spec().tuning.a4.hertz(), 440.0, 1e-6);
        for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
            VERIFY_NEAR(book.present().spec().fingerings[i].target / shape.spec().fingerings[i].target, 1.0, 1e-9);
        QCOMPARE(session::roomLeft(book, finish).cents(), 0.0); // given back, or the change undone: none is left
        QVERIFY(session::withRoom(book, Cents::fromCents(50.0)) && session::withRoom(book, Cents::fromCents(-50.0)));
        QVERIFY(!session::withRoom(book, Cents::fromCents(50.1)) && !session::withRoom(book, Cents::fromCents(-50.1)));
    }
    void aFinishMovesNotesBetweenItsFirstAndItsLastWorkInTheTube()
    {
        using namespace std::chrono;
        const auto day = [](int d) {
            return std::optional(sys_days(2026y / March / d));
        };
        FinishPlan plan;
        plan.works = {{FinishKind::Stain, {}, 1, day(1)},         // outside: changes nothing in the tube
                      {FinishKind::OilSoak, {}, 1, std::nullopt}, // still to be done
                      {FinishKind::OilCoats, {}, 1, day(9)},      // ticked in another order than they were done
                      {FinishKind::Burrs, {}, 1, day(4)},
                      {FinishKind::PlayIn, {}, 1, day(20)}};
        const auto span = session::spanOf(plan);
        QVERIFY(span && span->began == *day(4) && span->ended == *day(9));
        std::swap(plan.works[2], plan.works[3]);
        const auto other = session::spanOf(plan);
        QVERIFY(other && other->began == *day(4) && other->ended == *day(9));
        plan.works.resize(2);
        QVERIFY(!session::spanOf(plan));
    }
};

DOWEL_TEST(TestSound)
#include "test_sound.moc"
