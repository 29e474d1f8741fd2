// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the shop without a window: every state an instrument can be in, what cannot be read, two hundred at once, and
// instruments of one model side by side.
#include "core/fit/fit.h"
#include "core/layout/layout.h"
#include "core/tuning/pitch.h"
#include "io/finish_json.h"
#include "session/compare.h"
#include "session/finish_shift.h"
#include "session/shelf.h"
#include "session/sizes.h"
#include "sim/bench.h"
#include "sim/house.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/fixtures.h"
#include "support/heard.h"
#include "support/manual_clock.h"
#include "support/test_main.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>

using namespace dowel;
using session::ShelfLine;

class TestShelf : public QObject
{
    Q_OBJECT

    QTemporaryDir m_dir;

    [[nodiscard]] std::string path(const char* name) const { return m_dir.filePath(QLatin1String(name)).toStdString(); }
    Store made(const char* name, const Instrument& what)
    {
        auto store = Store::create(path(name), what);
        return std::move(store).value();
    }
    static ReadingEntry heard(const Fingering& f, double cents, double celsius = 20.0)
    {
        ReadingEntry r = fixtures::fullReading(false);
        r.fingering = f.id;
        r.pitch = f.target * std::exp2(cents / 1200.0);
        r.air = Temperature::fromCelsius(celsius);
        return r;
    }
    static Workbook heardAt(const Instrument& what, const std::string& name, const std::vector<double>& cents, double celsius)
    {
        InstrumentSpec spec = what.spec();
        spec.name = name;
        Workbook book(std::move(Instrument::make(std::move(spec))).value());
        for (std::size_t i = 0; i < cents.size(); ++i)
            if (!book.append(
                    {book.nextId(), "2026-01-01T00:00:00Z", heard(book.specified().spec().fingerings[i], cents[i], celsius)}))
                qFatal("a reading was refused");
        return book;
    }

private Q_SLOTS:
    void everyStateIsTold()
    {
        const std::vector<Fingering> chart = fixtures::whistle().spec().fingerings;
        InstrumentSpec bare = fixtures::whistle().spec();
        bare.name = "Bare";
        bare.holes.clear();
        bare.fingerings.clear();
        const auto tube = Instrument::make(bare);
        VERIFY_OK(tube);
        io::PlanKept plan = io::planOf(fixtures::whistle());
        {
            Store store = made("bare.dowel", *tube);
            plan.goal.reset();
            VERIFY_OK(store.append(PlanEntry{io::planText(plan)}));
            QVERIFY(!store.book().sounds());
        }
        ShelfLine line = session::shelfLine(path("bare.dowel"));
        QVERIFY(line.state == ShelfLine::State::Planned && line.name == "Bare" && line.notes == 14);
        {
            auto store = Store::open(path("bare.dowel"), Store::Mode::Work);
            VERIFY_OK(store);
            plan.goal = fixtures::whistle();
            VERIFY_OK(store->append(PlanEntry{io::planText(plan)}));
            line = session::shelfLine(path("bare.dowel"));
            QVERIFY(line.state == ShelfLine::State::LaidOut);
            QCOMPARE(line.shape->spec().holes.size(), std::size_t(6)); // as it is to be
            VERIFY_OK(store->append(BuiltEntry{fixtures::whistle()}));
            line = session::shelfLine(path("bare.dowel"));
            QVERIFY(line.state == ShelfLine::State::ToHear && line.toHear == 14);
            for (const Fingering& f : chart)
                VERIFY_OK(store->append(heard(f, -12.0)));
            line = session::shelfLine(path("bare.dowel"));
            QVERIFY(line.state == ShelfLine::State::Heard && line.toHear == 0);
            const std::pair<AdviceState, ShelfLine::State> states[] = {{AdviceState::MakeCut, ShelfLine::State::CutReady},
                                                                       {AdviceState::Measure, ShelfLine::State::ToHear},
                                                                       {AdviceState::Stop, ShelfLine::State::Stopped},
                                                                       {AdviceState::Finished, ShelfLine::State::Done}};
            for (const auto& [advised, stands] : states) {
                Advice a;
                a.state = advised;
                a.of = 14;
                a.worst = Cents::fromCents(-12.0);
                if (advised == AdviceState::MakeCut) {
                    AdviceStep step;
                    step.cut = Enlarge{{"h3"}, fixtures::mm(5.6)};
                    step.from = fixtures::mm(5.3);
                    a.steps.push_back(step);
                }
                VERIFY_OK(store->append(a));
                line = session::shelfLine(path("bare.dowel"));
                QVERIFY(line.state == stands);
                VERIFY_NEAR(line.worst->cents(), -12.0, 1e-9);
                QCOMPARE(line.next.has_value(), advised == AdviceState::MakeCut);
                QCOMPARE(line.touched, store->book().entries().back().at);
            }
            // What was heard after an advice overtakes it.
            VERIFY_OK(store->append(heard(chart.front(), -3.0)));
            QVERIFY(session::shelfLine(path("bare.dowel")).state == ShelfLine::State::Heard);
        }
    }
    void aPracticeBlankHasAScore()
    {
        Workbook book(fixtures::whistle());
        const auto add = [&](EntryBody body) {
            VERIFY_OK(book.append({book.nextId(), "2026-01-01T00:00:00Z", std::move(body)}));
        };
        const std::vector<Fingering> chart = fixtures::whistle().spec().fingerings;
        QCOMPARE(session::scoreOf(book), (session::Score{0, 0, 14, 0, 0}));
        add(heard(chart[0], -30.0));
        add(heard(chart[1], -4.0));
        add(heard(chart[2], 9.0));
        QCOMPARE(session::scoreOf(book), (session::Score{1, 1, 14, 0, 1}));
        QVERIFY(!session::verdictOf(book));
        // Six cents are allowed: just in, and just out, on either side.
        Advice advice = fixtures::fullAdvice();
        advice.steps.front().forecast = {{chart[0].id, Cents::fromCents(-30.0), Cents::fromCents(-6.0), Cents::fromCents(1.0)},
                                         {chart[1].id, Cents::fromCents(-4.0), Cents::fromCents(6.0), Cents::fromCents(1.0)}};
        add(advice);
        CutEntry own{Enlarge{{"h3"}, fixtures::mm(7.0)}, fixtures::mm(5.3), {}, {}};
        add(own);
        QVERIFY(!session::verdictOf(book)); // nobody said what it should do
        add(SetAsideEntry{{5}, "again"});
        own.forecast = {{chart[0].id, Cents::fromCents(-30.0), Cents::fromCents(-6.1), Cents::fromCents(1.0)},
                        {chart[1].id, Cents::fromCents(-4.0), Cents::fromCents(6.1), Cents::fromCents(1.0)}};
        add(own);
        const auto verdict = session::verdictOf(book);
        QVERIFY(verdict && verdict->advised);
        QCOMPARE(verdict->own.home, 0);
        QCOMPARE(verdict->own.sharp, 1);
        QCOMPARE(verdict->advised->home, 2);
        QCOMPARE(verdict->advised->sharp, 0);
        add(heard(chart[1], 12.5)); // the last one counts
        QCOMPARE(session::scoreOf(book), (session::Score{0, 2, 14, 1, 2}));
        QVERIFY(!session::verdictOf(book)); // what came is heard: Outcome has it
    }
    void aFinishThatIsDueIsSaid()
    {
        const QTemporaryDir shop;
        const ManualClock clock;
        const std::string path = shop.filePath(QStringLiteral("one.dowel")).toStdString();
        auto store = Store::create(path, fixtures::whistle());
        VERIFY_OK(store);
        FinishPlan plan = usualFinish("wax", "hardwood", false, today(clock) - std::chrono::days(3));
        plan.works[0].done = plan.start;
        QVERIFY(store->append(FinishEntry{io::finishText(plan)}).ok());
        auto line = session::shelfLine(path, clock);
        QVERIFY(line.state == session::ShelfLine::State::FinishDue);
        QVERIFY(line.work && line.work->kind == FinishKind::SmoothBore);
        QVERIFY(line.workFrom == plan.start + std::chrono::days(1));
        plan.works[1].done = today(clock) + std::chrono::days(5); // dated ahead: the next is not due yet
        QVERIFY(store->append(FinishEntry{io::finishText(plan)}).ok());
        line = session::shelfLine(path, clock);
        QVERIFY(line.state == session::ShelfLine::State::Finishing);
        for (FinishWork& w : plan.works)
            w.done = today(clock);
        QVERIFY(store->append(FinishEntry{io::finishText(plan)}).ok());
        QVERIFY(!session::shelfLine(path, clock).work);
    }
    void whatAFinishUsuallyMovesIsLearntFromTheFolder()
    {
        const QTemporaryDir shop;
        ManualClock clock;
        const auto day = [first = today(clock)](int n) {
            return first + std::chrono::days(n);
        };
        const auto heard = [](const Fingering& f, double cents) {
            const ReadingEntry r =
                fixtures::heard(f.id, f.target * std::exp2(cents / 1200.0), 1.0, Temperature::fromCelsius(20.0));
            return r;
        };
        // Three pieces: 3 and 5 cents sharper after oil, one waxed.
        int number = 0;
        for (const auto& [recipe, moved] : {std::pair("oil", 3.0), std::pair("oil", 5.0), std::pair("wax", -9.0)}) {
            auto store =
                Store::create(shop.filePath(QStringLiteral("%1.dowel").arg(++number)).toStdString(), fixtures::whistle());
            VERIFY_OK(store);
            store->useClock(clock);
            FinishPlan plan = usualFinish(recipe, "hardwood", false, day(0));
            const auto shape = store->book().present();
            for (const Fingering& f : shape.spec().fingerings)
                QVERIFY(store->append(heard(f, -2.0)).ok());
            for (FinishWork& w : plan.works)
                w.done = today(clock) + std::chrono::days(1);
            QVERIFY(store->append(FinishEntry{io::finishText(plan)}).ok());
            clock.advance(std::chrono::hours(24 * 2));
            for (const Fingering& f : shape.spec().fingerings)
                QVERIFY(store->append(heard(f, -2.0 + moved)).ok());
        }
        const auto usual = session::usualShift(shop.path().toStdString(), "oil", {});
        VERIFY_OK(usual);
        QCOMPARE(usual->instruments, 2);
        VERIFY_NEAR(usual->mean.cents(), 4.0, 1e-6);
        VERIFY_NEAR(usual->low.cents(), 3.0, 1e-6);
        VERIFY_NEAR(usual->high.cents(), 5.0, 1e-6);
        // The one in hand does not teach itself; another recipe is another matter.
        const auto others =
            session::usualShift(shop.path().toStdString(), "oil", shop.filePath(QStringLiteral("1.dowel")).toStdString());
        QCOMPARE(others->instruments, 1);
        QCOMPARE(session::usualShift(shop.path().toStdString(), "lacquer", {})->instruments, 0);
    }
    void aRowByProportionSaysWhatScaleItIs()
    {
        Blank blank = *startingBlank(Family::Whistle, usualTarget(Family::Whistle));
        const PlanTarget target = usualTarget(Family::Whistle);
        const Metres length = fixtures::mm(280.0);
        const Metres bore = fixtures::mm(13.0);
        const auto holes = session::rowByProportion(length, bore, fixtures::mm(2.0), 6);
        for (std::size_t k = 1; k < holes.size(); ++k) // a tenth of the tube apart, half as wide as the bore: common practice
            VERIFY_NEAR((holes[k - 1].at - holes[k].at).millimetres(), 28.0, 1e-9);
        VERIFY_NEAR(holes[3].diameter.millimetres(), 6.5, 1e-9);
        const auto row = session::asRow(blank, target, {"D5", {{Metres{}, bore}, {length, bore}}, fixtures::mm(2.0), holes});
        VERIFY_OK(row);
        const auto own = session::ownScale(*row);
        VERIFY_OK(own);
        QCOMPARE(own->size(), row->spec().fingerings.size());
        // A row of even holes is no scale of even steps: an open hole ends the tube about there, and equal lengths are the larger
        // intervals the shorter the tube is, 1200 log2(0.8 / 0.7) = 231 cents against 1200 log2(0.4 / 0.3) = 498 (a pipe's pitch
        // goes as one over its length: Fletcher and Rossing 1998, ch. 8, from memory).
        const auto& fingerings = row->spec().fingerings;
        double before = 0.0;
        for (std::size_t i = 2; i < 7; ++i) { // from the lowest hole to the highest
            const double step = centsBetween(fingerings[i].target, fingerings[i - 1].target).cents() +
                                ((*own)[i] - (i == 1 ? Cents{} : (*own)[i - 1])).cents();
            QVERIFY2(step > before, qPrintable(QStringLiteral("%1: %2 after %3").arg(i).arg(step).arg(before)));
            QVERIFY2(step > 150.0 && step < 500.0, qPrintable(QString::number(step)));
            before = step;
        }
        // The same row twice as large, an octave lower: the same scale, but for what the wall and the losses do.
        auto twice = holes;
        for (Hole& h : twice) {
            h.at = h.at * 2.0;
            h.diameter = h.diameter * 2.0;
            h.undercutDiameter = h.diameter;
            h.chimney = fixtures::mm(4.0);
        }
        const auto large =
            session::asRow(blank, target, {"D4", {{Metres{}, bore * 2.0}, {length * 2.0, bore * 2.0}}, fixtures::mm(4.0), twice});
        VERIFY_OK(large);
        const auto lower = session::ownScale(*large);
        for (std::size_t i = 1; i < 7; ++i)
            VERIFY_NEAR((*lower)[i].cents(), (*own)[i].cents(), 8.0);
        QCOMPARE(
            session::asRow(blank, target, {"low", {{Metres{}, bore}, {length, bore}}, fixtures::mm(2.0), holes}).error().where,
            std::string("low"));
        // A row that was measured goes as far as it goes: limits, joints and nodes are the blank's, not its own.
        Blank limited = blank;
        limited.spec.limits.holeMax = fixtures::mm(4.0);
        limited.spec.limits.footMin = length;
        limited.spec.slides = {{length * 0.3, Metres{}, bore, Metres{}}};
        limited.spec.nodes = {{length * 0.4, false}};
        const auto free = session::asRow(limited, target, {"D5", {{Metres{}, bore}, {length, bore}}, fixtures::mm(2.0), holes});
        VERIFY_OK(free);
        QVERIFY(free->spec().limits == Limits{} && free->spec().slides.empty() && free->spec().nodes.empty());
        // Of another number of holes the lowest note alone is told.
        const auto three = session::rowByProportion(length, bore, fixtures::mm(2.0), 3);
        const auto few = session::asRow(blank, target, {"D5", {{Metres{}, bore}, {length, bore}}, fixtures::mm(2.0), three});
        VERIFY_OK(few);
        QCOMPARE(few->spec().fingerings.size(), std::size_t(1));
        QCOMPARE(few->spec().fingerings.front().closed.size(), std::size_t(3));
    }
    void aModelIsMadeInOtherKeys()
    {
        const std::string path = this->path("model.dowel");
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.holes[2].undercutDiameter = spec.holes[2].diameter + fixtures::mm(1.0);
        spec.nodes = {{fixtures::mm(100.0), false}};
        const auto whistle = Instrument::make(spec);
        VERIFY_OK(whistle);
        VERIFY_OK(Store::create(path, *whistle));
        const auto model = session::modelIn(path);
        VERIFY_OK(model);
        // A tone lower is longer by 2^(2/12), as strings and pipes are: equal temperament, ISO 16.
        const double tone = std::exp2(2.0 / 12.0);
        for (const session::Widths widths : {session::Widths{0.0}, session::Widths{0.75}, session::Widths{1.0}}) {
            const auto lower = session::inKey(*model, "C5", widths);
            VERIFY_OK(lower);
            const InstrumentSpec& s = lower->blank.spec;
            QCOMPARE(s.fingerings.size(), spec.fingerings.size());
            QCOMPARE(s.fingerings.front().id.text, std::string("C5"));
            QCOMPARE(lower->target.lowest, std::string("C5"));
            QCOMPARE(s.fingerings[2].targetName, std::string("E5"));
            VERIFY_NEAR(spec.fingerings[2].target / s.fingerings[2].target, tone, 1e-9);
            QCOMPARE(s.fingerings[2].closed, spec.fingerings[2].closed);
            VERIFY_NEAR(s.bore.back().at / spec.bore.back().at, tone, 1e-9);
            VERIFY_NEAR(s.nodes.front().at / spec.nodes.front().at, tone, 1e-9);
            const double wider = std::exp2(widths.power * 2.0 / 12.0);
            VERIFY_NEAR(s.bore.front().diameter / spec.bore.front().diameter, wider, 1e-9);
            VERIFY_NEAR(std::get<Duct>(s.excitation).windowWidth / std::get<Duct>(spec.excitation).windowWidth, wider, 1e-9);
            QVERIFY(!lower->goal && lower->model);
            VERIFY_NEAR(*s.limits.footMin / *spec.limits.footMin, tone, 1e-9);
            QCOMPARE(s.bore.size(), spec.bore.size());
        }
        io::PlanKept begun = *model;
        begun.done = {io::StepDone{"saw", "2026-01-01T00:00:00Z"}};
        QVERIFY(session::inKey(begun, "C5", session::Widths{0.0})->done.empty()); // the next piece is not begun
        const auto laid = session::laidOutIn(*model, "C5", session::Widths{1.0});
        VERIFY_OK(laid);
        const auto& holes = laid->goal->spec().holes;
        QCOMPARE(holes.size(), spec.holes.size());
        QVERIFY(holes[2].undercutDiameter > holes[2].diameter); // what was undercut is
        QCOMPARE(holes[5].digit, spec.holes[5].digit);
        const auto posterior = Posterior::prior(*laid->goal);
        VERIFY_OK(posterior);
        const auto cents = posterior->cents(*laid->goal);
        VERIFY_OK(cents);
        for (const double c : *cents)
            QVERIFY2(std::abs(c) < 15.0, qPrintable(QString::number(c)));
        // Mouths of other kinds grow alike: lengths as lengths, a chamber as their cube.
        io::PlanKept other = *model;
        const Transverse lip{fixtures::mm(9.0), fixtures::mm(8.0), fixtures::mm(3.5), fixtures::mm(14.0), 0.3};
        other.blank.spec.excitation = lip;
        const auto longerFlute = session::inKey(other, "C5", session::Widths{1.0});
        VERIFY_OK(longerFlute);
        const auto& grown = std::get<Transverse>(longerFlute->blank.spec.excitation);
        VERIFY_NEAR(grown.holeLength / lip.holeLength, tone, 1e-9);
        VERIFY_NEAR(grown.stopper / lip.stopper, tone, 1e-9);
        QCOMPARE(grown.lipCover, lip.lipCover);
        ClosedTop chamber;
        chamber.volume = CubicMetres::fromCubicMillimetres(1200.0);
        other.blank.spec.excitation = chamber;
        const auto longerReed = session::inKey(other, "C5", session::Widths{1.0});
        VERIFY_OK(longerReed);
        VERIFY_NEAR(std::get<ClosedTop>(longerReed->blank.spec.excitation).volume.cubicMillimetres(),
                    1200.0 * std::exp2(6.0 / 12.0), 1e-6);
        // A model that was drilled from a plan is what became of it, and none of its steps is done on the next piece.
        const std::string drilled = this->path("drilled.dowel");
        {
            auto store = Store::create(drilled, *whistle);
            VERIFY_OK(store);
            io::PlanKept plan = io::planOf(*whistle);
            plan.goal = *whistle;
            plan.blank.spec.name = "As it was planned";
            plan.done = {io::StepDone{"saw", "2026-01-01T00:00:00Z"}};
            VERIFY_OK(store->append(PlanEntry{io::planText(plan)}));
            const Metres now = store->book().present().find(HoleId{"h2"})->diameter;
            VERIFY_OK(store->append(CutEntry{Enlarge{{"h2"}, now + fixtures::mm(0.7)}, now, {}, {}}));
        }
        const auto became = session::modelIn(drilled);
        VERIFY_OK(became);
        VERIFY_NEAR((became->model->find(HoleId{"h2"})->diameter - whistle->find(HoleId{"h2"})->diameter).millimetres(), 0.7,
                    1e-9);
        QVERIFY(became->goal && *became->goal == *became->model);
        QVERIFY(became->done.empty());
        QCOMPARE(became->blank.spec.name, whistle->spec().name);
        // In E flat the notes are spelt with flats, as its key signature has them.
        const auto flat = session::inKey(*model, "Eb5", session::Widths{0.0});
        VERIFY_OK(flat);
        std::vector<std::string> names;
        for (const Fingering& f : flat->blank.spec.fingerings)
            names.push_back(f.id.text);
        const std::vector<std::string> low{"Eb5", "F5", "G5", "Ab5", "Bb5", "C6", "D6"};
        QVERIFY(names.size() > low.size() && std::equal(low.begin(), low.end(), names.begin()));
        QCOMPARE(names[low.size()], std::string("Eb6"));
        // The key of a temperament goes along; what is no note is named.
        io::PlanKept just = *model;
        just.target.tuning.scale = "just";
        just.target.tuning.tonic = "D";
        QCOMPARE(session::inKey(just, "C5", session::Widths{0.0})->target.tuning.tonic, std::string("C"));
        QCOMPARE(session::inKey(*model, "low", session::Widths{0.0}).error().where, std::string("low"));
        QVERIFY(!session::modelIn("nothing.dowel"));
    }
    void twoHundredAreThereAndABrokenOneKeepsNobodyBack()
    {
        const std::vector<Fingering> chart = fixtures::whistle().spec().fingerings;
        QTemporaryDir many;
        const auto at = [&](int i) {
            return many.filePath(QStringLiteral("pipe-%1.dowel").arg(i, 3, 10, QLatin1Char('0')));
        };
        {
            auto store = Store::create(at(0).toStdString(), fixtures::whistle());
            VERIFY_OK(store);
            for (const Fingering& f : chart)
                VERIFY_OK(store->append(heard(f, -12.0)));
        }
        for (int i = 1; i < 200; ++i)
            QVERIFY(QFile::copy(at(0), at(i)));
        QFile broken(at(7));
        QVERIFY(broken.open(QIODevice::ReadWrite) && broken.seek(5000) && broken.write(QByteArray(4000, 'x')) == 4000);
        broken.close();
        const auto lines = session::shelf(many.path().toStdString());
        VERIFY_OK(lines);
        QCOMPARE(lines->size(), std::size_t(200));
        QCOMPARE(std::count_if(lines->begin(), lines->end(), [](const ShelfLine& l) { return l.trouble.has_value(); }), 1L);
        QVERIFY(lines->back().trouble && lines->back().name == "pipe-007"); // named, and last
        // What was not touched is not read again: a book that was made unreadable without its time or size telling stays as
        // known.
        session::ShelfMemory memory;
        VERIFY_OK(session::shelf(many.path().toStdString(), {}, systemClock(), &memory));
        QVERIFY(memory.lineOf(at(3).toStdString(), today(systemClock())));
        QVERIFY(!memory.lineOf(at(7).toStdString(), today(systemClock()))); // trouble is looked at again
        {
            auto store = Store::open(at(3).toStdString(), Store::Mode::Work);
            VERIFY_OK(store);
            VERIFY_OK(store->append(NoteEntry{"touched"}));
        }
        QVERIFY(!memory.lineOf(at(3).toStdString(), today(systemClock())));
        QVERIFY(
            !memory.lineOf(at(4).toStdString(), today(systemClock()) + std::chrono::days(1))); // another day, other work is due
        const auto again = session::shelf(many.path().toStdString(), {}, systemClock(), &memory);
        VERIFY_OK(again);
        QCOMPARE(again->size(), std::size_t(200));
        QVERIFY(memory.lineOf(at(3).toStdString(), today(systemClock())));
        Cancel cancel;
        cancel.request();
        const auto stopped = session::shelf(many.path().toStdString(), cancel);
        QVERIFY(!stopped && stopped.error().code == ErrorCode::Cancelled);
        const auto none = session::shelf(many.filePath(QStringLiteral("gone")).toStdString());
        QVERIFY(none && none->empty());
    }
    void whatThreeHaveInCommonIsTheDrawings()
    {
        const Instrument model = fixtures::whistle();
        const std::size_t n = model.spec().fingerings.size();
        // Each note's own common error, and each instrument's: the two are told apart.
        std::vector<Workbook> books;
        for (int k = 0; k < 3; ++k) {
            std::vector<double> cents;
            for (std::size_t i = 0; i < n; ++i)
                cents.push_back(5.0 * static_cast<double>(i) - 40.0 + (k - 1) * 3.0);
            books.push_back(heardAt(model, "pipe " + std::to_string(k), cents, 20.0));
        }
        const auto side = session::compared(books);
        VERIFY_OK(side);
        for (std::size_t i = 0; i < n; ++i) {
            VERIFY_NEAR(side->common[i]->cents(), 5.0 * static_cast<double>(i) - 40.0, 1e-6);
            for (std::size_t k = 0; k < 3; ++k)
                VERIFY_NEAR(side->instruments[k].own[i]->cents(), (static_cast<double>(k) - 1.0) * 3.0, 1e-6);
        }
        // Heard five degrees warmer a pipe sounds 14.7 cents higher, and is not sharper for it: c = 331.3 sqrt(1 + t/273.15)
        // (Cramer 1993, from memory, at 20 and 25 degrees: 343.2 and 346.1 m/s).
        VERIFY_NEAR(1200.0 * std::log2(346.1 / 343.2), 14.6, 0.2);
        const std::vector<Workbook> warm{books[1], heardAt(model, "warm", std::vector<double>(n, 14.65), 25.0)};
        const auto both = session::compared(warm);
        VERIFY_OK(both);
        VERIFY_NEAR(both->instruments[1].off[0]->cents(), 0.0, 0.1);
        // One alone has nothing in common, and what is fingered otherwise is another model.
        QVERIFY(!session::compared(std::vector<Workbook>{books[0]}));
        InstrumentSpec other = model.spec();
        other.fingerings[3].closed.pop_back();
        const std::vector<Workbook> unlike{books[0], Workbook(std::move(Instrument::make(std::move(other))).value())};
        const auto refused = session::compared(unlike);
        QVERIFY(!refused && refused.error().code == ErrorCode::BadFingering);
    }
    void whatSoundsAsTheModelHasItTakesNothingOut()
    {
        const Instrument drawing = fixtures::whistle();
        const auto model = Posterior::prior(drawing);
        VERIFY_OK(model);
        const auto cents = model->cents(drawing);
        VERIFY_OK(cents);
        const double played = drawing.spec().tuning.playedAt.celsius();
        std::vector<double> higher = *cents;
        for (double& c : higher)
            c += 7.0;
        const auto alike =
            session::nextOne(std::vector{heardAt(drawing, "a", *cents, played), heardAt(drawing, "b", *cents, played)});
        const auto apart =
            session::nextOne(std::vector{heardAt(drawing, "a", *cents, played), heardAt(drawing, "b", higher, played)});
        VERIFY_OK(alike);
        VERIFY_OK(apart);
        for (std::size_t i = 0; i < cents->size(); ++i) {
            VERIFY_NEAR(alike->wishes.heardAbove[i].cents(), 0.0, 0.05);
            VERIFY_NEAR(apart->wishes.heardAbove[i].cents(), 3.5, 0.05);
        }
    }
    void theNextOneIsLaidOutWithItTakenOut()
    {
        // Three blanks of one drawing, each hole's place and bore off by its own chance and all by what the formulas have wrong
        // (the wood of another maker's physics, sim/house.h). The fourth is laid out for what the three told.
        std::vector<Workbook> books;
        std::vector<std::shared_ptr<const sim::Wood>> woods;
        const auto first = sim::houseBlank(7000);
        QVERIFY(first);
        for (std::uint64_t maker = 1; maker <= 3; ++maker) {
            sim::Bench bench(sim::houseBlank(first->believed, maker));
            for (const Fingering& f : first->believed.spec().fingerings)
                bench.hear(f.id);
            books.push_back(bench.book());
        }
        const auto plan = session::nextOne(books);
        VERIFY_OK(plan);
        QCOMPARE(plan->wishes.heardAbove.size(), first->believed.spec().fingerings.size());
        const auto laid = layOut(plan->blank, plan->wishes, false);
        VERIFY_OK(laid);
        LayoutWishes plain = plan->wishes;
        plain.heardAbove.clear();
        const auto without = layOut(plan->blank, plain, false);
        VERIFY_OK(without);
        // What was wanted stays what was wanted; what the model is to say has moved by what it was wrong by.
        const auto& wanted = plan->blank.spec.fingerings;
        for (std::size_t i = 0; i < wanted.size(); ++i)
            VERIFY_NEAR(laid->goal.spec().fingerings[i].target.hertz(), wanted[i].target.hertz(), 1e-9);
        const auto squares = [&](const Instrument& shape) {
            double sum = 0.0;
            for (std::uint64_t maker = 1; maker <= 3; ++maker) {
                const sim::Bench bench(sim::houseBlank(shape, maker));
                for (const double cents : bench.truth())
                    sum += cents * cents / static_cast<double>(3 * wanted.size());
            }
            return sum;
        };
        const double with = squares(laid->goal);
        const double before = squares(without->goal);
        qInfo("the next one at full size: %.1f cents off with the common error taken out, %.1f without", std::sqrt(with),
              std::sqrt(before));
        QVERIFY(with < 0.5 * before);
        // And read back from its file it is the same plan.
        const auto again = io::planFromText(io::planText(*plan));
        VERIFY_OK(again);
        VERIFY_NEAR(again->wishes.heardAbove[3].cents(), plan->wishes.heardAbove[3].cents(), 1e-6);
    }
};

DOWEL_TEST(TestShelf)
#include "test_shelf.moc"
