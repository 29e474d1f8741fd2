// SPDX-License-Identifier: GPL-3.0-or-later
// Proves lengths as makers write them, and that every error and piece of advice reads as a sentence with its remedy.
#include "support/compare.h"
#include "support/entries.h"
#include "support/test_main.h"
#include "support/works.h"
#include "text/errors.h"
#include "text/facts.h"
#include "text/pitch_entry.h"
#include "text/reamers.h"
#include "text/sentences.h"
#include "text/work_way.h"

#include <QLocale>

using namespace dowel;
using namespace dowel::text;
using fixtures::mm;

class TestText : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    // What is shown follows the desktop's locale; what these tests expect is English.
    void reamersAreTypedAsTheyAreTold()
    {
        const auto typed = text::reamersFrom(QStringLiteral("Long cone: 0 9.8; 120 12; 260 13.25\nTip: 0 6; 40 7.5"),
                                             text::LengthUnit::Millimetres);
        VERIFY_OK(typed);
        QCOMPARE(typed->size(), std::size_t(2));
        const auto again =
            text::reamersFrom(text::reamerLines(*typed, text::LengthUnit::Millimetres), text::LengthUnit::Millimetres);
        VERIFY_OK(again);
        QVERIFY(*again == *typed);
        // Inches have a space inside: a place of an inch and a quarter, three eighths wide.
        const auto inches = text::reamersFrom(QStringLiteral("Cone: 0 1/4; 1 1/4 3/8"), text::LengthUnit::Inches);
        VERIFY_OK(inches);
        VERIFY_NEAR((*inches)[0].shape[1].fromTip.millimetres(), 31.75, 1e-9);
        VERIFY_NEAR((*inches)[0].shape[1].diameter.millimetres(), 9.525, 1e-9);
        QVERIFY(*text::reamersFrom(text::reamerLines(*inches, text::LengthUnit::Inches), text::LengthUnit::Inches) == *inches);
        QVERIFY(!text::reamersFrom(QStringLiteral("Cone: 0 4; 40"), text::LengthUnit::Millimetres));
    }
    void initTestCase() { QLocale::setDefault(QLocale::c()); }
    void lengthsAreReadAsWritten_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("millimetres");
        const std::pair<const char*, double> rows[] = {{"6.4", 6.4},         {"6,4", 6.4},      {" 6.4 mm ", 6.4},
                                                       {"1/4", 6.35},        {"1/4 in", 6.35},  {"4 1/16 in", 103.1875},
                                                       {"4 1/16", 103.1875}, {"0.25 in", 6.35}, {"0.25\"", 6.35},
                                                       {"277", 277.0},       {"9/64", 3.571875}};
        for (const auto& [typed, v] : rows)
            QTest::newRow(typed) << QString::fromUtf8(typed) << v;
    }
    void lengthsAreReadAsWritten()
    {
        QFETCH(QString, typed);
        QFETCH(double, millimetres);
        const auto m = parseLength(typed, LengthUnit::Millimetres);
        VERIFY_OK(m);
        VERIFY_NEAR(m->millimetres(), millimetres, 1e-9);
    }
    void aPlainNumberIsInTheChosenUnit()
    {
        VERIFY_NEAR(parseLength(QStringLiteral("0.25"), LengthUnit::Inches)->millimetres(), 6.35, 1e-9);
        VERIFY_NEAR(parseLength(QStringLiteral("6.4 mm"), LengthUnit::Inches)->millimetres(), 6.4, 1e-9);
    }
    void nonsenseIsRefused()
    {
        for (const char* bad : {"", "abc", "1/0", "1/4 mm", "-3", "6.4.1", "1e3", "4 1/16 1/2", "6 4", "nan", "∞", "1/"})
            QVERIFY2(!parseLength(QString::fromUtf8(bad), LengthUnit::Millimetres), bad);
    }
    void bitsAreReadAsTheyAreSold()
    {
        // No. 7 is 0.201 in and letter F 0.257 in: ASME B94.11M, table of drill sizes, from memory.
        const auto drawer = parseBits(QStringLiteral("6,5; 5.5 mm, no. 7; 17/64; F; 5.5"), LengthUnit::Millimetres);
        VERIFY_OK(drawer);
        const double expected[] = {0.201 * 25.4, 5.5, 6.5, 0.257 * 25.4, 17.0 / 64.0 * 25.4};
        QCOMPARE(drawer->size(), std::size(expected));
        for (std::size_t i = 0; i < drawer->size(); ++i)
            VERIFY_NEAR((*drawer)[i].millimetres(), expected[i], 1e-3);
        const auto again = parseBits(bits(*drawer, LengthUnit::Millimetres), LengthUnit::Millimetres);
        VERIFY_OK(again);
        QCOMPARE(again->size(), drawer->size());
        QVERIFY(parseBits(QString(), LengthUnit::Millimetres)->empty());
        QCOMPARE(parseBits(QStringLiteral("5; wide"), LengthUnit::Millimetres).error().where, std::string("wide"));
    }
    void lengthsAreShownAsWritten()
    {
        QCOMPARE(length(mm(6.4), LengthUnit::Millimetres), QStringLiteral("6.4 mm"));
        QCOMPARE(length(mm(277.0), LengthUnit::Millimetres), QStringLiteral("277 mm"));
        QCOMPARE(length(mm(6.35), LengthUnit::Inches), QStringLiteral("1/4 in"));
        QCOMPARE(length(mm(103.1875), LengthUnit::Inches), QStringLiteral("4 1/16 in"));
        QCOMPARE(length(mm(6.5), LengthUnit::Inches), QStringLiteral("0.256 in"));
        QCOMPARE(length(mm(50.8), LengthUnit::Inches), QStringLiteral("2 in"));
        for (double v = 3.0; v < 12.0; v += 0.1) // what is shown can be typed back
            for (const auto unit : {LengthUnit::Millimetres, LengthUnit::Inches})
                VERIFY_NEAR(parseLength(lengthNumber(mm(v), unit), unit)->millimetres(), v, 0.021);
    }
    void aPitchIsReadAsMetersShowIt()
    {
        const Hertz target = Hertz::fromHertz(587.33);
        const Hertz a4 = Hertz::fromHertz(442.0);
        const auto cents = [&](const char* typed) {
            const auto f = parsePitch(QString::fromUtf8(typed), target, a4);
            return f ? 1200.0 * std::log2(f->hertz() / 587.33) : 1e9;
        };
        VERIFY_NEAR(cents("-12"), -12.0, 1e-6);
        VERIFY_NEAR(cents("−3,5 cents"), -3.5, 1e-6);
        VERIFY_NEAR(cents("+7 ct"), 7.0, 1e-6);
        VERIFY_NEAR(parsePitch(QStringLiteral("586.3"), target, a4)->hertz(), 586.3, 1e-9);
        VERIFY_NEAR(parsePitch(QStringLiteral(" 586,25 Hz "), target, a4)->hertz(), 586.25, 1e-9);
        // A5 is an octave over A4; equal temperament's fifth below it is D5 (ISO 16 for A4, Ellis for cents).
        VERIFY_NEAR(parsePitch(QStringLiteral("A5"), target, a4)->hertz(), 884.0, 1e-9);
        VERIFY_NEAR(parsePitch(QStringLiteral("d5 -10"), target, a4)->hertz(), 884.0 * std::exp2(-710.0 / 1200.0), 1e-6);
        VERIFY_NEAR(parsePitch(QStringLiteral("Bb4+0"), target, a4)->hertz(), 442.0 * std::exp2(1.0 / 12.0), 1e-6);
        for (const char* bad : {"", "flat", "5", "H5x", "-", "586.3.1", "D", "1e3", "-2000"})
            QVERIFY2(!parsePitch(QString::fromUtf8(bad), target, a4), bad);
    }
    void whatTheCoreFoundIsSaidInTheUsersLanguage()
    {
        // Everything that can be wrong with an instrument: each sentence has a place for all that was found, and no more.
        std::vector<Fact> found;
        const auto spoilt = [&](auto spoil) {
            InstrumentSpec spec = fixtures::whistleSpec();
            spoil(spec);
            const auto made = Instrument::make(std::move(spec));
            QVERIFY(!made);
            found.push_back(made.error().fact);
        };
        spoilt([](InstrumentSpec& s) { s.bore.resize(1); });
        spoilt([](InstrumentSpec& s) { s.bore[0].at = mm(3.0); });
        spoilt([](InstrumentSpec& s) { s.bore[1].at = mm(400.0); });
        spoilt([](InstrumentSpec& s) { s.bore[1].diameter = mm(0.1); });
        spoilt([](InstrumentSpec& s) { s.wall = mm(-1.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].id.text.clear(); });
        spoilt([](InstrumentSpec& s) { s.holes[1].id = s.holes[0].id; });
        spoilt([](InstrumentSpec& s) { s.holes[0].at = mm(300.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].at = mm(277.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].at = mm(100.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].at = s.holes[1].at + mm(1.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].diameter = s.holes[0].undercutDiameter = mm(30.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].undercutDiameter = mm(1.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].diameter = mm(0.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].aside = mm(90.0); });
        spoilt([](InstrumentSpec& s) { s.holes[0].elongation = 9.0; });
        spoilt([](InstrumentSpec& s) { s.holes[0].slant_rad = 2.0; });
        spoilt([](InstrumentSpec& s) { s.holes[0].count = 7; });
        spoilt([](InstrumentSpec& s) { s.holes[0].countersink = Countersink{mm(60.0), mm(1.0)}; });
        spoilt([](InstrumentSpec& s) { s.holes[0].countersink = Countersink{mm(6.0), mm(9.0)}; });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].id.text.clear(); });
        spoilt([](InstrumentSpec& s) { s.fingerings[1].id = s.fingerings[0].id; });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].closed.push_back({"h9"}); });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].closed.push_back({"h1"}); });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].half.push_back({{"h1"}, 0.5}); });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].registerNumber = 9; });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].target = Hertz::fromHertz(5.0); });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].tolerance = Cents::fromCents(0.0); });
        spoilt([](InstrumentSpec& s) { s.fingerings[0].weight = -1.0; });
        spoilt([](InstrumentSpec& s) { s.tuning.a4 = Hertz::fromHertz(100.0); });
        spoilt([](InstrumentSpec& s) { s.tuning.playedAt = Temperature::fromCelsius(90.0); });
        spoilt([](InstrumentSpec& s) { s.tuning.humidity = 2.0; });
        spoilt([](InstrumentSpec& s) { s.tuning.scale = "of my own"; });
        spoilt([](InstrumentSpec& s) { s.tuning.tonic = "X"; });
        spoilt([](InstrumentSpec& s) { s.tools.bits = {mm(5.0), mm(4.0)}; });
        const Instrument whistle = fixtures::whistle();
        for (const Cut& cut :
             std::initializer_list<Cut>{Enlarge{{"h1"}, mm(3.0)}, TrimFoot{mm(300.0)}, MoveStopper{mm(20.0)}, CutUp{mm(1.0)},
                                        Enlarge{{"h1"}, mm(40.0)}, Deepen{mm(300.0)}, PushPlug{mm(200.0)}}) {
            const auto done = applied(whistle, cut);
            QVERIFY(!done);
            found.push_back(done.error().fact);
        }
        for (const Fact& f : found) {
            const QString said = facts(f);
            QVERIFY2(!said.isEmpty() && !said.contains(QLatin1Char('%')), qPrintable(said));
            for (std::size_t i = 0; i < f.with.size(); ++i) {
                Fact marked = f; // whether each of them has its place
                marked.with[i] = std::string("here");
                QVERIFY2(facts(marked).contains(QLatin1String("here")), qPrintable(said));
            }
            QVERIFY2(!facts(f, LengthUnit::Inches).contains(QLatin1String("mm")), qPrintable(facts(f, LengthUnit::Inches)));
        }
        QVERIFY(facts(parseLength(QStringLiteral("x"), LengthUnit::Inches).error().fact).contains(QLatin1String("6.4")));
        // Another's words stay as they are.
        QCOMPARE(facts(Fact::said("database disk image is malformed")), QStringLiteral("database disk image is malformed"));
        const Fact narrower(FactId::IsNow, mm(3.0), mm(5.3));
        QCOMPARE(facts(narrower), QStringLiteral("3 mm; it is 5.3 mm now"));
        QCOMPARE(facts(Fact(FactId::Within, Cents::fromCents(120.5), Cents(), Cents::fromCents(100.0))),
                 QStringLiteral("120.5 cents; must be 0 cents to 100 cents"));
        QLocale::setDefault(QLocale(QLocale::German));
        QCOMPARE(facts(narrower), QStringLiteral("3 mm; it is 5,3 mm now"));
        QCOMPARE(length(mm(6.45), LengthUnit::Millimetres), QStringLiteral("6,45 mm"));
        QCOMPARE(length(mm(277.0), LengthUnit::Millimetres), QStringLiteral("277 mm"));
        QCOMPARE(cents(-4.26), QStringLiteral("−4,3"));
        QCOMPARE(number(1234.5, 1), QStringLiteral("1234,5"));
        QLocale::setDefault(QLocale::c());
    }
    void chancesAreSaidAsPerCent()
    {
        QCOMPARE(chance(0.95), QStringLiteral("95 %"));
        QCOMPARE(chance(0.5), QStringLiteral("50 %"));
        QCOMPARE(chance(0.999), QStringLiteral("99 %"));
        QCOMPARE(chance(0.0), QStringLiteral("at most 1 %"));
        AdviceStep step;
        QVERIFY(risk(step).isEmpty());
        step.chanceSpoiled = 0.05;
        QCOMPARE(risk(step), QStringLiteral("95 % sure that no note goes sharp for good."));
        Advice done;
        done.state = AdviceState::Finished;
        done.chanceAllWithin = 0.8;
        QVERIFY(sure(done).contains(QStringLiteral("80 %")));
        done.wouldSettle = {FingeringId{"F5"}};
        QVERIFY(sure(done).contains(QStringLiteral("F5")));
        QVERIFY(whyListen(done, false) != whyListen(Advice{}, false));
        QVERIFY(whyListen(Advice{}, true) != whyListen(Advice{}, false));
    }
    void centsCarryTheirSign()
    {
        QCOMPARE(cents(4.24), QStringLiteral("+4.2"));
        QCOMPARE(cents(-18.0), QStringLiteral("−18.0"));
        QCOMPARE(cents(-0.04), QStringLiteral("±0.0"));
        QCOMPARE(wholeCents(-17.6), QStringLiteral("−18"));
        QCOMPARE(spread(2.46), QStringLiteral("±2.5"));
    }
    void everyFactHasItsWords()
    {
        for (int i = 1; i <= static_cast<int>(FactId::TwiceInObject); ++i)
            QVERIFY2(!facts(Fact(static_cast<FactId>(i))).isEmpty(), qPrintable(QString::number(i)));
        QVERIFY(facts(Fact()).isEmpty());
    }
    void everyErrorIsASentenceWithItsPlace()
    {
        for (int i = 0; i <= static_cast<int>(ErrorCode::Internal); ++i) {
            const QString s = sentence({static_cast<ErrorCode>(i), "/holes/h1", {FactId::BoreIs, mm(13.0), mm(12.7)}});
            QVERIFY2(s.endsWith(QLatin1Char('.')), qPrintable(s));
            QVERIFY2(!s.contains(QLatin1Char('%')), qPrintable(s));
            if (static_cast<ErrorCode>(i) != ErrorCode::Cancelled)
                QVERIFY2(s.contains(QLatin1String("h1")) || s.contains(QLatin1String("13 mm")), qPrintable(s));
        }
    }
    void adviceReadsAsAMakerWouldSayIt()
    {
        const Advice a = fixtures::fullAdvice();
        QCOMPARE(work(a.steps[0].cut, LengthUnit::Millimetres), QStringLiteral("Enlarge h2"));
        QCOMPARE(work(a.steps[1].cut, LengthUnit::Millimetres), QStringLiteral("Trim the foot"));
        QCOMPARE(tool(a.steps[0], LengthUnit::Millimetres), QStringLiteral("6.5 mm bit"));
        QVERIFY(tool(a.steps[1], LengthUnit::Millimetres).contains(QLatin1String("saw"))); // three millimetres
        QCOMPARE(why(a.steps[0], LengthUnit::Millimetres),
                 QStringLiteral("F#5 is 22.5 cents flat; this hole moves that note most. The final size will probably be near "
                                "7.25 mm; going further now could overshoot."));
        QVERIFY(why(a.steps[1], LengthUnit::Millimetres).contains(QLatin1String("foot")));
        QVERIFY(!caution(a.steps[0]).isEmpty() && !caution(a.steps[1]).isEmpty());
        for (const auto w : {UnreachedNote::Why::SharpAlready, UnreachedNote::Why::HoleAtLimit, UnreachedNote::Why::FootAtLimit,
                             UnreachedNote::Why::Compromise})
            QVERIFY(left({{"C#7"}, Cents::fromCents(9.5), w}).startsWith(QLatin1String("C#7 stays 9.5 cents sharp")));
        QVERIFY(contradiction({Contradiction::Kind::Hole, "h3", 0.8}, LengthUnit::Millimetres)
                    .contains(QLatin1String("0.8 mm larger")));
        QVERIFY(contradiction({Contradiction::Kind::Temperature, "", -12.0}, LengthUnit::Millimetres)
                    .contains(QLatin1String("colder")));
        QVERIFY(contradiction({Contradiction::Kind::Reading, "A5", 14.0}, LengthUnit::Millimetres).contains(QLatin1String("A5")));
    }
    void whyABoreIsReamedIsWhatItMovesApart()
    {
        AdviceStep step;
        step.cut = Ream{mm(45.0), mm(80.0), mm(11.3)};
        step.reason.note = FingeringId{"D6"};
        step.reason.now = Cents::fromCents(-8.0);
        const auto moves = [&step](const char* note, double from, double to) {
            step.forecast.push_back({FingeringId{note}, Cents::fromCents(from), Cents::fromCents(to), {}, {}, {}});
        };
        moves("D6", -8.0, -23.0);
        moves("G6'", -19.0, -20.0);
        moves("D7'", -31.0, -22.0);
        QCOMPARE(why(step, LengthUnit::Millimetres),
                 QStringLiteral("Reaming here makes D6 15 cents flatter and D7' 9 cents sharper."));
        step.forecast.pop_back(); // all one way: then it says which note it is for, as of every other work
        QVERIFY(why(step, LengthUnit::Millimetres).startsWith(QLatin1String("D6 is 8.0 cents flat")));
        step.forecast.clear();
        QVERIFY(why(step, LengthUnit::Millimetres).startsWith(QLatin1String("D6 is 8.0 cents flat")));
    }
    void aSlideThatIsSetIsNoCut()
    {
        // Neither is its warning a stopper's, nor does it count as a cut of the wood; a foot that is trimmed does.
        AdviceStep set;
        set.cut = SetSlide{Metres::fromMillimetres(150.0)};
        AdviceStep stopper;
        stopper.cut = MoveStopper{};
        AdviceStep joint;
        joint.cut = MoveSlide{};
        QVERIFY(caution(set) != caution(stopper));
        QCOMPARE(caution(set), caution(joint)); // cork in a tube either way
        const Instrument slide = fixtures::oneOfEachMouth().back();
        Workbook book(slide);
        QVERIFY(book.append({book.nextId(), "", CutEntry{set.cut, slide.length(), {}, {}}}));
        QCOMPARE(cutsOfWood(book), 0);
        Workbook trimmed(fixtures::whistle());
        const Metres length = trimmed.present().length();
        QVERIFY(trimmed.append({trimmed.nextId(), "", CutEntry{TrimFoot{length * 0.99}, length, {}, {}}}));
        QCOMPARE(cutsOfWood(trimmed), 1);
    }
    void everyEntryHasALineInTheLogbook()
    {
        const Workbook book(fixtures::whistle());
        const auto line = [&](EntryBody body) {
            return logLine({{3}, "", std::move(body)}, book, LengthUnit::Millimetres);
        };
        QCOMPARE(line(fixtures::fullReading(false)), QStringLiteral("Heard F#5: 733.06 Hz, −16.3 cents, room 22.5 °C"));
        QCOMPARE(line(fixtures::fullCut()), QStringLiteral("Enlarge h2: 5.9 mm to 6.4 mm (advised 6.5 mm)"));
        QCOMPARE(line(fixtures::fullAdvice()), QStringLiteral("Advice: Enlarge h2 to 6.5 mm"));
        QCOMPARE(line(SetAsideEntry{{2}, "why"}), QStringLiteral("Set aside entry 2: why"));
        QVERIFY(!line(PracticeEntry{}).isEmpty());
    }
    void aShopHasItsOwnOrderOfWork()
    {
        std::vector<text::WorkStep> usual;
        for (const char* key : {"stock", "bore", "turn", "window", "hole h1", "hole h2", "finish"}) {
            usual.emplace_back();
            usual.back().key = key;
            usual.back().text = QString::fromLatin1(key);
        }
        const auto keys = [](const std::vector<text::WorkStep>& steps) {
            QStringList all;
            for (const text::WorkStep& s : steps)
                all << QString::fromStdString(s.key);
            return all.join(QLatin1Char(','));
        };
        text::WorkWay way;
        QCOMPARE(keys(text::inTheShopsWay(usual, way)), keys(usual));
        way = text::moved(way, usual, 2, -1); // turned before it is bored
        way = text::added(way, text::inTheShopsWay(usual, way), 3, QStringLiteral("Steam the block"));
        way = text::without(way, text::inTheShopsWay(usual, way), 0);
        auto shown = text::inTheShopsWay(usual, way);
        QCOMPARE(keys(shown), QStringLiteral("turn,bore,window,own1,hole h1,hole h2,finish"));
        QCOMPARE(shown[3].text, QStringLiteral("Steam the block"));
        // A third hole, which the way does not know, follows the second.
        auto more = usual;
        more.insert(more.begin() + 6, text::WorkStep{});
        more[6].key = "hole h3";
        QCOMPARE(keys(text::inTheShopsWay(more, way)), QStringLiteral("turn,bore,window,own1,hole h1,hole h2,hole h3,finish"));
        // It comes back from the settings as it was; what is no way at all is the usual one.
        QCOMPARE(text::wayFromText(text::wayText(way)), way);
        QVERIFY(text::wayFromText(QStringLiteral("{\"order\": 3, \"own\": [")).isUsual());
        // Out of the list nothing moves; what is one's own is gone when it is left out.
        QCOMPARE(text::moved(way, shown, 0, -1), way);
        QCOMPARE(text::moved(way, shown, 99, 1), way);
        // What others do the other way round goes before the first of what it follows, and back behind the last.
        auto schools = usual;
        schools[2].swapsWith = {"stock", "bore"};
        const text::WorkWay turned = text::swapped({}, schools, 2);
        const auto first = text::inTheShopsWay(schools, turned);
        QCOMPARE(keys(first), QStringLiteral("turn,stock,bore,window,hole h1,hole h2,finish"));
        QCOMPARE(keys(text::inTheShopsWay(schools, text::swapped(turned, first, 0))), keys(usual));
        QVERIFY(text::canSwap(schools, 2) && !text::canSwap(schools, 0) && !text::canSwap(schools, 99));
        way = text::without(way, shown, 3);
        QVERIFY(way.own.empty());
        QCOMPARE(keys(text::inTheShopsWay(usual, way)), QStringLiteral("turn,bore,window,hole h1,hole h2,finish"));
    }
};

DOWEL_TEST(TestText)
#include "test_text.moc"
