// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what stands between samples and the record: the right note is taken, a wrong one is named, and a cut carries
// what the advice had said of it.
#include "core/acoustics/model.h"
#include "core/base/breath.h"
#include "core/fit/fit.h"
#include "core/fit/placed.h"
#include "core/layout/families.h"
#include "core/plan/plan.h"
#include "core/tuning/pitch.h"
#include "io/whole_file.h"
#include "session/advise.h"
#include "session/at_the_bench.h"
#include "session/cut_entries.h"
#include "session/expectation.h"
#include "session/finder.h"
#include "session/passport.h"
#include "session/plausible.h"
#include "session/practice.h"
#include "session/takes.h"
#include "store/shop_memory.h"
#include "support/bench.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/heard.h"
#include "support/test_main.h"
#include "support/tones.h"
#include "support/works.h"

#include <QFile>
#include <QTemporaryDir>

using namespace dowel;
using fixtures::Bench;
using fixtures::mm;

class TestSession : public QObject
{
    Q_OBJECT

    const Temperature m_room = Temperature::fromCelsius(21.0);

    static Result<std::vector<Store::NewEntry>> plausible(const Workbook& book, const FingeringId& fingering, Hertz pitch,
                                                          Temperature room)
    {
        return session::readingsOf(book, {room, {{fingering, pitch, Cents::fromCents(2.0)}}});
    }

private Q_SLOTS:
    void whatCannotBeMeantIsNamed()
    {
        const InstrumentSpec whistle = fixtures::whistleSpec();
        VERIFY_OK(session::checkMeant(fixtures::whistle()));
        const auto with = [&whistle](const auto& change) {
            InstrumentSpec s = whistle;
            change(s);
            return session::checkMeant(Instrument::make(s).value());
        };
        // Two notes of one register by the same fingers: a slip of the hand, unless they are two names of one note, which in mean
        // tone lie 41 cents apart (a diesis).
        const auto apart = [&](double cents, int registerNumber) {
            return with([&](InstrumentSpec& s) {
                Fingering twin = s.fingerings[3];
                twin.id = {"twin"};
                twin.target = twin.target * std::exp2(cents / 1200.0);
                twin.registerNumber = registerNumber;
                s.fingerings.push_back(twin);
            });
        };
        VERIFY_OK(apart(41.0, 1));
        const Status slip = apart(100.0, 1);
        QVERIFY(!slip && slip.error().code == ErrorCode::BadFingering);
        QCOMPARE(slip.error().where, std::string("/fingerings/twin"));
        QVERIFY(slip.error().fact.id == FactId::FingeredAlike);
        QVERIFY(!apart(-100.0, 1)); // whichever is the higher
        VERIFY_OK(apart(1200.0, 2));
        // A tube in inches that were typed as millimetres sounds octaves too high; one that is a fifth too long is a blank.
        VERIFY_OK(with([](InstrumentSpec& s) {
            for (Fingering& f : s.fingerings)
                f.target = f.target * std::exp2(700.0 / 1200.0);
        }));
        for (const double octaves : {-1.25, 1.2}) {
            const Status wrong = with([octaves](InstrumentSpec& s) {
                for (Fingering& f : s.fingerings)
                    f.target = f.target * std::exp2(octaves);
            });
            QVERIFY(!wrong && wrong.error().fact.id == FactId::AllMillimetres);
            QCOMPARE(wrong.error().where, std::string("/bore"));
        }
        VERIFY_OK(with([](InstrumentSpec& s) { s.fingerings.clear(); }));
    }
    void thePassportSaysByTheModelWhatWasNotHeardSinceTheLastCut()
    {
        Bench bench(10, 0.2);
        // Nothing heard: nothing is said of any note.
        auto passport = session::wholePassport(bench.book());
        VERIFY_OK(passport);
        for (const PassportNote& n : passport->notes)
            QVERIFY(!n.off && !n.byTheModel);
        bench.hearAll();
        const auto& holes = bench.book().present().spec().holes;
        bench.cut(Enlarge{holes.back().id, holes.back().diameter + mm(0.5)}, {});
        const FingeringId again{"G5"};
        bench.hear(again);
        passport = session::wholePassport(bench.book());
        VERIFY_OK(passport);
        const auto forecaster = Forecaster::make(bench.book());
        VERIFY_OK(forecaster);
        const auto states = forecaster->present().states();
        for (std::size_t i = 0; i < states.size(); ++i) {
            const PassportNote& n = passport->notes[i];
            QVERIFY(n.off);
            QCOMPARE(n.byTheModel, n.fingering.id != again);
            if (n.byTheModel) {
                VERIFY_NEAR(n.off->cents(), states[i].cents, 1e-9);
                VERIFY_NEAR(n.sd.cents(), states[i].sd, 1e-9);
            } else {
                // 0.3 cents of the reading's own, and how far a player repeats it.
                VERIFY_NEAR(n.sd.cents(), std::hypot(0.3, Priors{}.repeat_cents), 1e-9);
            }
        }
    }
    void aNoteBetweenTwoOfTheChartIsCrossFingered()
    {
        // common practice, no source: closing the second and the third hole from the top lowers a six-hole whistle's open
        // note by about a semitone, closing the second alone by about half of one.
        Bench bench(10, 0.2);
        bench.hearAll();
        const auto forecaster = Forecaster::make(bench.book());
        VERIFY_OK(forecaster);
        const Instrument& whistle = bench.book().present();
        const Hertz wished = whistle.find(FingeringId{"B5"})->target * std::exp2(1.0 / 12.0);
        const auto found = session::fingeringsFor(*forecaster, whistle, {wished, 1, 40, Cents::fromCents(120.0)});
        VERIFY_OK(found);
        const auto with = [&](const std::vector<HoleId>& closed) {
            return *std::find_if(found->begin(), found->end(), [&](const auto& f) { return f.closed == closed; });
        };
        const auto open = with({});
        const auto crossed = with({{"h4"}, {"h5"}});
        const auto half = with({{"h5"}});
        const double semitone = open.off.cents() - crossed.off.cents();
        QVERIFY2(semitone > 80.0 && semitone < 130.0, qPrintable(QString::number(semitone)));
        QVERIFY(open.off.cents() - half.off.cents() > 35.0 && open.off.cents() - half.off.cents() < 75.0);
        // B5 closes h6 alone, C#6 nothing: fingers that move to either, together.
        QCOMPARE(open.fingersToNeighbours, 1);
        QCOMPARE(half.fingersToNeighbours, 3);
        QCOMPARE(crossed.fingersToNeighbours, 5);
        QVERIFY(crossed.sd > open.sd); // the chart's own was heard
        for (const auto& f : *found) {
            VERIFY_NEAR(f.off.cents(), 1200.0 * std::log2(f.pitch / wished), 1e-6);
            QVERIFY(std::abs(f.off.cents()) <= 120.0 && f.registerNumber == 1);
        }
        // Of two that speak alike and ask for as many fingers the nearer one stands first.
        for (std::size_t i = 0; i + 1 < found->size(); ++i)
            for (std::size_t k = i + 1; k < found->size(); ++k)
                if ((*found)[i].speech == (*found)[k].speech &&
                    (*found)[i].fingersToNeighbours == (*found)[k].fingersToNeighbours)
                    QVERIFY(std::abs((*found)[i].off.cents()) <= std::abs((*found)[k].off.cents()));
        QVERIFY(std::abs(found->front().off.cents()) < 5.0);
        QVERIFY(std::all_of(found->begin(), found->end(), [](const auto& f) { return f.half.empty(); }));
        // A hole that the chart leaves half free somewhere is tried so too, that one and no other.
        InstrumentSpec spec = whistle.spec();
        Fingering& halved = spec.fingerings[6];
        halved.closed.clear();
        halved.half = {{{"h6"}, 0.5}};
        const Instrument half6 = Instrument::make(spec).value();
        const auto halves = session::fingeringsFor(*forecaster, half6, {wished, 1, 400, Cents::fromCents(200.0)});
        VERIFY_OK(halves);
        std::size_t tried = 0;
        for (const auto& f : *halves) {
            tried += f.half.empty() ? 0 : 1;
            QVERIFY(f.half.empty() || (f.half.size() == 1 && f.half.front().hole.text == "h6" && f.half.front().open == 0.5));
        }
        QVERIFY(tried > 0 && tried < halves->size());
    }
    void aPlayedTakeBecomesAReading()
    {
        const Instrument w = fixtures::whistle();
        const Workbook book(w);
        const player::SimulatedPlayer p({10, m_room, 24.0});
        const auto take = p.play(w, *w.find(FingeringId{"G5"}), 0);
        VERIFY_OK(take);
        const auto r = session::readingFrom(book, {"G5"}, take->samples, m_room, ReadingSource::Player);
        VERIFY_OK(r);
        VERIFY_NEAR(centsBetween(r->pitch, take->truth).cents(), 0.0, 0.5);
        QVERIFY(r->note.has_value());
        QCOMPARE(r->note->registerNumber.value_or(0), 1);
        const auto entry = session::withTake(*r, take->samples);
        VERIFY_OK(entry);
        QVERIFY(std::get<ReadingEntry>(entry->body).hasTake && entry->take.size() > 1000);
    }
    void whatIsExpectedIsWhatIsForecast()
    {
        // Every fingering that six holes have, forked ones and all, in two registers: what a player is told to sound is not then
        // refused as another note.
        InstrumentSpec spec = fixtures::whistleSpec();
        std::vector<Fingering> all;
        for (unsigned closed = 0; closed < 64; ++closed)
            for (const int registerNumber : {1, 2}) {
                Fingering f = spec.fingerings.front();
                f.id = {"f" + std::to_string(closed) + "r" + std::to_string(registerNumber)};
                f.registerNumber = registerNumber;
                f.closed.clear();
                for (unsigned k = 0; k < 6; ++k)
                    if ((closed >> k & 1U) != 0)
                        f.closed.push_back(spec.holes[k].id);
                all.push_back(std::move(f));
            }
        spec.fingerings = std::move(all);
        const auto shape = Instrument::make(spec);
        VERIFY_OK(shape);
        const Workbook book(*shape);
        const auto expected = session::expectations(book, spec.tuning.playedAt);
        VERIFY_OK(expected);
        const auto before = fit(book);
        VERIFY_OK(before);
        const auto placed = before->placed(*shape);
        const auto forecast = acoustics::Model(placed.shape, placed.calibration).frequencies(queriesOf(*shape));
        VERIFY_OK(forecast);
        for (std::size_t i = 0; i < expected->size(); ++i)
            QVERIFY2(std::abs(centsBetween((*expected)[i].pitch, Hertz::fromHertz((*forecast)[i])).cents()) < 5.0,
                     spec.fingerings[i].id.text.c_str());
    }
    void anOctaveOffIsNotTaken()
    {
        const Workbook book(fixtures::whistle());
        for (const double hz : {1170.0, 293.0}) {
            const auto r = session::readingFrom(book, {"D5"}, tones::withSilence(tones::constantTone(hz, 1.0, 25.0, 1), 0.2, 0.2),
                                                m_room, ReadingSource::File);
            QVERIFY(!r);
            QCOMPARE(r.error().code, ErrorCode::WrongNote);
            // What sounded and what was asked for, both by name.
            const Fact& fact = r.error().fact;
            QVERIFY2(fact.id == FactId::HeardExpected && fact.with.size() == 4, told(r.error()).c_str());
            VERIFY_NEAR(std::get<Hertz>(fact.with[0]).hertz(), hz, 0.2);
            QCOMPARE(std::get<std::string>(fact.with[1]), std::string(hz > 1000.0 ? "D6" : "D4"));
            QCOMPARE(std::get<std::string>(fact.with[3]), std::string("D5"));
        }
        QCOMPARE(plausible(book, {"D5"}, Hertz::fromHertz(1170.0), m_room).error().code, ErrorCode::WrongNote);
        VERIFY_OK(plausible(book, {"D5"}, Hertz::fromHertz(575.0), m_room));
        QCOMPARE(plausible(book, {"Q1"}, Hertz::fromHertz(575.0), m_room).error().code, ErrorCode::UnknownName);
    }
    void adviceIsOneAndABrokenMemoryCostsNone()
    {
        using session::MemoryUse;
        QTemporaryDir dir;
        const auto made = [&](const char* name, const std::optional<PracticeEntry>& practice) {
            Bench bench(10);
            bench.hearAll();
            auto store = Store::create(dir.filePath(QLatin1String(name)).toStdString(), bench.book().specified(), practice);
            for (const Entry& e : bench.book().entries())
                if (store && !store->append(e.body))
                    qFatal("not taken");
            return store;
        };
        auto store = made("own.dowel", {});
        VERIFY_OK(store);
        const std::size_t before = store->book().entries().size();
        const auto plain = session::advise(*store, {});
        VERIFY_OK(plain);
        QCOMPARE(plain->recommendation.advice.state, AdviceState::MakeCut);
        QVERIFY(plain->recommendation.advice == *advise(store->book())); // the plan's own
        VERIFY_OK(session::advise(*store, {}));
        QCOMPARE(store->book().entries().size(), before + 1); // asked twice, said once
        // What is no memory is told, or refused where it was asked for.
        const std::string broken = dir.filePath(QStringLiteral("broken")).toStdString();
        VERIFY_OK(io::writeFileWhole(broken, "no database"));
        const auto without = session::advise(*store, {broken, MemoryUse::Need::Wished});
        VERIFY_OK(without);
        QVERIFY(without->memoryTrouble.has_value());
        QVERIFY(without->recommendation.advice == plain->recommendation.advice);
        QVERIFY(!session::advise(*store, {broken, MemoryUse::Need::Asked}));
        // An instrument is remembered, a practice blank is not.
        const std::string memory = dir.filePath(QStringLiteral("memory")).toStdString();
        auto practice = made("practice.dowel", PracticeEntry{10, Temperature::fromCelsius(21.0), 24.0});
        VERIFY_OK(practice);
        VERIFY_OK(session::advise(*practice, {memory, MemoryUse::Need::Asked}));
        QVERIFY(!QFile::exists(QString::fromStdString(memory)));
        VERIFY_OK(session::advise(*store, {memory, MemoryUse::Need::Asked}));
        QCOMPARE(ShopMemory::open(memory)->all()->size(), std::size_t(1));
        // Advice that the record cannot take is given all the same.
        VERIFY_OK(store->append(NoteEntry{"between"}));
        QVERIFY(QFile::rename(dir.filePath(QStringLiteral("own.dowel")), dir.filePath(QStringLiteral("away.dowel"))));
        const auto homeless = session::advise(*store, {});
        VERIFY_OK(homeless);
        QVERIFY(homeless->notKept.has_value());
        QVERIFY(homeless->recommendation.advice == plain->recommendation.advice);
    }
    void aClockThatJumpsChangesNoOrder()
    {
        // Readings of one sitting, the clock set back by an hour and a half in its middle, or by years: numbers order the record.
        const auto advised = [&](const std::vector<std::string>& times) {
            Bench bench(10);
            bench.hearAll();
            Workbook other(bench.book().specified());
            std::size_t i = 0;
            for (Entry e : bench.book().entries()) {
                e.at = times[i++ % times.size()];
                if (!other.append(std::move(e)))
                    qFatal("not taken");
            }
            return advise(other);
        };
        const auto straight = advised({"2026-03-29T10:00:00Z"});
        VERIFY_OK(straight);
        QCOMPARE(straight->state, AdviceState::MakeCut);
        for (const auto& times : std::vector<std::vector<std::string>>{{"2026-03-29T10:00:00Z", "2026-03-29T08:30:00Z"},
                                                                       {"2026-03-29T10:00:00Z", "1970-01-01T00:00:00Z"},
                                                                       {"no time at all"}}) {
            const auto jumped = advised(times);
            VERIFY_OK(jumped);
            QCOMPARE(jumped->state, AdviceState::MakeCut);
            QVERIFY(holeOf(jumped->steps.front().cut) == holeOf(straight->steps.front().cut));
        }
    }
    void onceNotesAreKnownANeighbourIsNotTakenEither()
    {
        Bench bench(10);
        bench.hearAll();
        const auto e = session::expectation(bench.book(), {"E5"}, m_room);
        VERIFY_OK(e);
        VERIFY_NEAR(centsBetween(e->pitch, bench.book().readings()[1].reading->pitch).cents(), 0.0, 40.0);
        QVERIFY(!plausible(bench.book(), {"E5"}, bench.book().readings()[2].reading->pitch,
                           m_room)); // F#5 is a whole tone up
        VERIFY_OK(plausible(bench.book(), {"E5"}, bench.book().readings()[1].reading->pitch, m_room));
    }
    void theFirstRegisterOfAHalfCoveredFingeringIsItsOwn()
    {
        // An octave fingering with the thumb's hole nearly closed: its first register lies far below that of an open one.
        const Workbook book(fixtures::eightHolePipe());
        const Instrument& pipe = book.present();
        const std::size_t note = 13;
        QVERIFY(!pipe.spec().fingerings[note].half.empty());
        const auto e = session::expectation(book, pipe.spec().fingerings[note].id, m_room);
        VERIFY_OK(e);
        const Priors priors;
        acoustics::Calibration c = acoustics::calibrationOf(pipe.spec().tuning);
        c.kelvin = playedAir_K(m_room.kelvin(), priors.warmth);
        c.wallLossLog = priors.wallLossLog;
        c.neighbours = priors.neighbours;
        acoustics::NoteQuery half = queriesOf(pipe)[note];
        half.registerNumber = 1;
        acoustics::NoteQuery open = half;
        open.shares.back() = 1.0;
        const acoustics::Model model(acoustics::Shape::of(pipe), c);
        const double own = model.registers(half, 1).at(0);
        const double other = model.registers(open, 1).at(0);
        QVERIFY(std::abs(centsBetween(Hertz::fromHertz(own), Hertz::fromHertz(other)).cents()) > 50.0);
        VERIFY_NEAR(centsBetween(e->firstRegister, Hertz::fromHertz(own)).cents(), 0.0, 1.0);
    }
    void silenceAndNoiseSayWhy()
    {
        const Workbook book(fixtures::whistle());
        Samples silent;
        silent.values.assign(48000, 0.0F);
        const auto r = session::readingFrom(book, {"D5"}, silent, m_room, ReadingSource::File);
        QCOMPARE(r.error().code, ErrorCode::NoSteadyTone);
        QVERIFY2(r.error().fact.id == FactId::Silence, told(r.error()).c_str());
        QCOMPARE(session::readingFrom(book, {"D5"}, Samples{}, m_room, ReadingSource::File).error().code, ErrorCode::BadAudio);
    }
    void ofSeveralNotesTheAskedOneIsTaken()
    {
        const Workbook book(fixtures::whistle());
        auto s = tones::withSilence(tones::constantTone(660.0, 0.6, 30.0, 1), 0.2, 0.2);
        const auto wanted = tones::withSilence(tones::constantTone(582.0, 1.0, 30.0, 2), 0.1, 0.2);
        s.values.insert(s.values.end(), wanted.values.begin(), wanted.values.end());
        const auto r = session::readingFrom(book, {"D5"}, s, m_room, ReadingSource::File);
        VERIFY_OK(r);
        VERIFY_NEAR(r->pitch.hertz(), 582.0, 0.1);
    }
    void aCutCarriesItsAdvice()
    {
        Workbook book(fixtures::whistle());
        auto plain = session::cutEntry(book, Enlarge{{"h2"}, mm(6.4)});
        VERIFY_OK(plain);
        QVERIFY(!plain->advised && plain->forecast.empty());
        VERIFY_NEAR(plain->from.millimetres(), 5.9, 1e-9);
        VERIFY_OK(book.append({{1}, "", fixtures::fullAdvice()}));
        const auto advised = session::cutEntry(book, Enlarge{{"h2"}, mm(6.4)});
        VERIFY_OK(advised);
        VERIFY_NEAR(advised->advised->millimetres(), 6.5, 1e-9);
        QCOMPARE(advised->forecast.size(), std::size_t(2));
        QVERIFY(!session::cutEntry(book, Enlarge{{"h3"}, mm(6.4)})->advised);
        VERIFY_OK(book.append({{2}, "", *advised}));
        QVERIFY(!session::cutEntry(book, Enlarge{{"h2"}, mm(6.9)})->advised); // that advice was for the shape before
        QVERIFY(!session::cutEntry(book, MoveStopper{mm(20.0)}));
    }
    void ofTwoReamingStepsEachHasItsOwnForecast()
    {
        Workbook book(fixtures::whistle());
        Advice advice = fixtures::fullAdvice();
        const auto step = [&](double from, double to, double size, double after) {
            AdviceStep s = advice.steps.front();
            s.cut = Ream{mm(from), mm(to), mm(size)};
            s.forecast = {{{"D5"}, Cents{}, Cents::fromCents(after), Cents::fromCents(1.0), Cents{}, Cents{}}};
            return s;
        };
        advice.steps = {step(20.0, 60.0, 14.2, 3.0), step(200.0, 250.0, 14.6, -5.0)};
        VERIFY_OK(book.append({{1}, "", advice}));
        for (const auto& [from, to, size, after] : {std::tuple(20.0, 60.0, 14.2, 3.0), std::tuple(205.0, 250.0, 14.6, -5.0)}) {
            const auto cut = session::cutEntry(book, Ream{mm(from), mm(to), mm(14.5)});
            VERIFY_OK(cut);
            VERIFY_NEAR(cut->advised->millimetres(), size, 1e-9);
            VERIFY_NEAR(cut->forecast.front().after.cents(), after, 1e-9);
        }
        QVERIFY(!session::cutEntry(book, Ream{mm(100.0), mm(150.0), mm(14.5)})->advised); // nobody advised anything there
    }
    void ownWorkIsHeldToNoForecastAndAdviceEndsWhereAnotherTargetBegins()
    {
        Workbook book(fixtures::whistle());
        VERIFY_OK(book.append({{1}, "", fixtures::fullAdvice()}));
        QVERIFY(session::cutEntry(book, Enlarge{{"h2"}, mm(6.4)})->advised);
        const auto own = session::ownCutEntry(book, Enlarge{{"h2"}, mm(6.4)});
        VERIFY_OK(own);
        QVERIFY(!own->advised && own->forecast.empty());
        VERIFY_NEAR(own->from.millimetres(), 5.9, 1e-9);
        QVERIFY(!session::ownCutEntry(book, MoveStopper{mm(20.0)}));
        VERIFY_OK(book.append({{2}, "", fixtures::fullAmend()}));
        QVERIFY(!session::cutEntry(book, Enlarge{{"h2"}, mm(6.4)})->advised);
    }
    void thePlanGoesAsFarAsTheStrategyAndByTheDrawer()
    {
        Workbook book(fixtures::whistle());
        QCOMPARE(session::planOptions(book, nullptr).singleCutGain, optionsFor(Effort::Usual).singleCutGain);
        TuningStrategy strategy;
        strategy.effort = Effort::Best;
        QVERIFY(book.append({book.nextId(), "2026-01-01T00:00:00.000Z", StrategyEntry{strategy}}));
        QCOMPARE(session::planOptions(book, nullptr).singleCutGain, optionsFor(Effort::Best).singleCutGain);
        QCOMPARE(session::planOptions(book, nullptr, Effort::Quick).mostRounds,
                 optionsFor(Effort::Quick).mostRounds); // asked for once
        BitDrawer drawer;
        drawer.bits = {*bitFromMarking("6 mm +0.3")};
        const PlanOptions by = session::planOptions(book, &drawer);
        QVERIFY(by.tools && by.tools->bits.size() == 1 && !by.handWork);
        VERIFY_NEAR(by.tools->bits.front().millimetres(), 6.3, 1e-9); // as it drills
        QVERIFY(*by.handSlip == slipOf("file"));
        drawer.tools = {"hot iron"};
        QVERIFY(*session::planOptions(book, &drawer).handSlip == slipOf("hot iron"));
    }
    void aSlidesNotesCountFromWhereItStoodFarthestOut()
    {
        const Instrument slide = fixtures::oneOfEachMouth().back();
        const Metres out = slide.length();
        Workbook book(slide);
        const auto sets = [&book](Metres to) {
            const EntryId id = book.nextId();
            return book.append({id, "2026-01-01T00:00:00.000Z", CutEntry{SetSlide{to}, book.present().length(), {}, {}}})
                       ? id
                       : EntryId{};
        };
        QVERIFY(sets(out + mm(3.0)).number > 0);
        QVERIFY(sets(mm(100.0)).number > 0);
        VERIFY_NEAR(session::fullyOut(book).length().millimetres(), out.millimetres() + 3.0, 1e-9);
        QVERIFY(book.present().length() == mm(100.0)); // as it stands
        const EntryId mistyped = sets(mm(900.0));
        VERIFY_NEAR(session::fullyOut(book).length().millimetres(), 900.0, 1e-9);
        QVERIFY(book.append({book.nextId(), "2026-01-01T00:00:00.000Z", SetAsideEntry{mistyped, "mistyped"}}));
        VERIFY_NEAR(session::fullyOut(book).length().millimetres(), out.millimetres() + 3.0, 1e-9);
        // A foot that was trimmed off is gone.
        Workbook trimmed(fixtures::whistle());
        const Metres length = trimmed.present().length();
        QVERIFY(
            trimmed.append({trimmed.nextId(), "2026-01-01T00:00:00.000Z", CutEntry{TrimFoot{length - mm(2.0)}, length, {}, {}}}));
        QVERIFY(session::fullyOut(trimmed) == trimmed.present());
    }
    void aBeginnerBlowsOtherwiseAndColder()
    {
        const Temperature room = Temperature::fromCelsius(21.0);
        const auto blown = [&](bool beginner) {
            Workbook book(fixtures::whistle());
            PracticeEntry practice{4, room, 36.0};
            practice.beginner = beginner;
            (void)book.append({book.nextId(), "2026-01-01T00:00:00.000Z", practice});
            double sum = 0.0;
            constexpr int takes = 8; // scattered by five cents each: the mean by less than two
            for (std::uint64_t n = 0; n < takes; ++n) {
                const auto found = analyse(*session::played(book, FingeringId{"D5"}, room, n), std::nullopt);
                sum += std::log2(found.notes.at(0).pitch.hertz()) / takes;
            }
            return 1200.0 * sum;
        };
        // A tube without the breath's warmth is flat (speed of sound, Cramer 1993); nothing has been read yet, so it is cold.
        const double off = blown(true) - blown(false);
        QVERIFY2(off < -1.0 && off > -25.0, qPrintable(QString::number(off)));
    }
    void whereAllIsSharpTheJointGoesOutFirst()
    {
        auto blank = startingBlank(Family::Whistle, usualTarget(Family::Whistle));
        VERIFY_OK(blank);
        const auto layout = layOut(*blank, {}, false);
        VERIFY_OK(layout);
        // In tune by the model, and eight millimetres too short above all holes; this wood is a little flat: every note is some
        // twenty-five cents sharp.
        InstrumentSpec spec = layout->goal.spec();
        const Metres shorter = Metres::fromMillimetres(8.0);
        for (std::size_t i = 1; i < spec.bore.size(); ++i)
            spec.bore[i].at = spec.bore[i].at - shorter;
        for (Hole& h : spec.holes)
            h.at = h.at - shorter;
        spec.slides = {{Metres::fromMillimetres(60.0), {}, spec.bore.front().diameter}};
        const auto there = Instrument::make(spec);
        VERIFY_OK(there);
        Workbook book(*there);
        const player::SimulatedPlayer wood({12, Temperature::fromCelsius(21.0), 30.0});
        const auto put = [&book](EntryBody body) {
            return book.append({book.nextId(), "2026-01-01T00:00:00Z", std::move(body)}).ok();
        };
        const auto off = [&](const Fingering& f) {
            return 1200.0 * std::log2(wood.truth(book.present(), f, Temperature::fromCelsius(20.0))->hertz() / f.target.hertz());
        };
        const auto flattest = [&] {
            double least = 1e9;
            for (const Fingering& f : book.present().spec().fingerings)
                least = std::min(least, off(f));
            return least;
        };
        for (const Fingering& f : there->spec().fingerings) {
            const ReadingEntry r = fixtures::heard(f.id, *wood.truth(*there, f, Temperature::fromCelsius(21.0)), 0.5,
                                                   Temperature::fromCelsius(21.0));
            QVERIFY(put(r));
        }
        QVERIFY2(flattest() > 12.0, qPrintable(QString::number(flattest())));
        const auto advice = dowel::advise(book);
        VERIFY_OK(advice);
        QVERIFY(advice->state == AdviceState::MakeCut);
        const AdviceStep& first = advice->steps.front();
        QVERIFY2(std::holds_alternative<MoveSlide>(first.cut), factsOf(first.cut).word.data());
        QVERIFY(factsOf(first.cut).reversible);
        // Far enough that the sharpest note comes down to its target, and no note is left sharp for good; the others are brought
        // up by the cuts that follow, which only go that way. The forecast of it holds.
        QVERIFY(put(CutEntry{first.cut, first.from, wantedSize(first.cut), first.forecast}));
        double sharpest = -1e9;
        for (const NoteForecast& n : first.forecast) {
            const Fingering& f = *book.present().find(n.fingering);
            sharpest = std::max(sharpest, off(f));
            VERIFY_NEAR(off(f), n.after.cents(), 2.0 * n.sd.cents());
        }
        QVERIFY2(sharpest < 3.0 && sharpest > -15.0, qPrintable(QString::number(sharpest)));
    }
    void theRoomIsTheNewestOneTold()
    {
        Workbook book(fixtures::whistle());
        VERIFY_NEAR(session::roomOf(book).celsius(), 20.0, 1e-9);
        VERIFY_OK(book.append({{1}, "", PracticeEntry{4, Temperature::fromCelsius(18.0), 24.0}}));
        VERIFY_NEAR(session::roomOf(book).celsius(), 18.0, 1e-9);
        VERIFY_OK(book.append({{2}, "", fixtures::fullReading(false)}));
        VERIFY_NEAR(session::roomOf(book).celsius(), 22.5, 1e-9);
        QVERIFY(session::playerOf(book).has_value());
        QCOMPARE(session::takesOf(book, {"F#5"}), std::uint64_t(1));
    }
};

DOWEL_TEST(TestSession)
#include "test_session.moc"
