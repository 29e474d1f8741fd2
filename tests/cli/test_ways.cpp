// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that an instrument that was copied, set by proportion, taken from a family of sizes, sounded by a slide, made with two
// holes or given a bell comes from its beginning to its notes, too, on wood that is not quite what its maker believes.
#include "core/base/number_text.h"
#include "session/sizes.h"
#include "support/compare.h"
#include "support/long_run.h"
#include "support/test_main.h"
#include "trade_bench.h"

#include <QtTest>

using namespace dowel;

class TestWays : public QObject, private TradeBench
{
    Q_OBJECT

    // Readings by ear wander by a cent, and a last note may be left as a compromise: never worse beyond tolerance than this.
    static constexpr double leftBeyond_cents = 2.0;
    Json laidOut(const Json& blank)
    {
        const Answer a = run({"layout", write("blank.json", blank.dump())});
        if (a.status != 0)
            qFatal("%s", a.json.dump().c_str());
        return a.json["start"];
    }
    Json exampleOf(const std::string& family) { return io::readJsonFile(example(family + ".blank.json")).value(); }
    void comesHome(const Made& m, const player::SimulatedPlayer& player)
    {
        QVERIFY2(m.worked.state == "done", m.worked.last.dump().c_str());
        const double beyond = worstBeyond_cents(m.path, player);
        QVERIFY2(beyond < leftBeyond_cents, qPrintable(QString::number(beyond)));
    }

private Q_SLOTS:
    void aCopyOnAnotherTubeComesHome()
    {
        DOWEL_LONG_ONLY();
        // The model: a whistle in E laid out by its maker; the blank: narrower, and in D.
        Json model = exampleOf("whistle");
        for (Json& f : model["fingerings"]) {
            const double hz = targetOf(Tuning{}, f["target"].get<std::string>())->hertz() * std::exp2(2.0 / 12.0);
            f.erase("target");
            f["target_hz"] = hz;
        }
        model["bore"][1]["at_mm"] = 282.0;
        Json good = laidOut(model);
        good["holes"][0]["digit"] = "R4";
        good["holes"][2]["undercut_diameter_mm"] = good["holes"][2]["diameter_mm"].get<double>() + 0.8;
        Json blank = exampleOf("whistle");
        for (Json& station : blank["bore"])
            station["diameter_mm"] = station["diameter_mm"].get<double>() - 0.4;
        const Answer carried = run({"carry", write("good.json", good.dump()), "--to", write("blank.json", blank.dump())});
        QVERIFY2(carried.status == 0, carried.json.dump().c_str());
        for (const Json& n : carried.json["forecast"])
            QVERIFY2(std::abs(n["cents"].get<double>()) < 6.0, n.dump().c_str());
        const Json start = carried.json["start"];
        QCOMPARE(start["holes"][0]["digit"].get<std::string>(), std::string("R4"));
        const Json& goal = carried.json["spec"]["holes"][2]; // drilled straight at first, undercut later
        QVERIFY(goal["undercut_diameter_mm"] > goal["diameter_mm"]);
        const player::SimulatedPlayer player({31, Temperature::fromCelsius(21.0), 24.0});
        comesHome(made(start, player, 4), player);
    }
    void aRowByProportionBecomesAScale()
    {
        // The beginner's tube as it comes: equal steps that make no scale of anybody's.
        const auto blank = io::readJsonFile(example("whistle.blank.json")).value();
        Json even = blank;
        even["bore"] = Json::array({{{"at_mm", 0.0}, {"diameter_mm", 12.0}}, {{"at_mm", 300.0}, {"diameter_mm", 12.0}}});
        const auto row = session::rowByProportion(Metres::fromMillimetres(300.0), Metres::fromMillimetres(12.0),
                                                  Metres::fromMillimetres(2.0), 6);
        QCOMPARE(row.size(), std::size_t{6});
        even["holes"] = Json::array();
        for (const Hole& h : row) {
            QCOMPARE(h.diameter.millimetres(), 6.0); // half the bore
            even["holes"].push_back(
                {{"id", h.id.text}, {"at_mm", h.at.millimetres()}, {"diameter_mm", 6.0}, {"chimney_mm", 2.0}});
        }
        even.erase("hole_count");
        even.erase("layout");
        const Answer as = run({"predict", write("even.json", even.dump())});
        QCOMPARE(as.status, 0);
        double worst = 0.0;
        for (const Json& n : as.json["notes"])
            worst = std::max(worst, std::abs(n["cents"].get<double>()));
        QVERIFY2(worst > 40.0, qPrintable(QString::number(worst))); // no key plays like that
        // Laid out anew on the same tube it is the scale, and comes home.
        Json again = blank;
        again["bore"] = even["bore"];
        again["bore"][1]["at_mm"] = 316.0;
        const player::SimulatedPlayer player({32, Temperature::fromCelsius(21.0), 24.0});
        comesHome(made(laidOut(again), player, 5), player);
    }
    void aSizeOfAFamilyComesHome()
    {
        const auto model = session::modelIn(example("whistle.dowel"));
        VERIFY_OK(model);
        const auto inG = session::laidOutIn(*model, "G4", session::Widths{0.75});
        VERIFY_OK(inG);
        // Three quarters of the length's power: as the rule is shown.
        const double longer = inG->blank.spec.bore.back().at / model->blank.spec.bore.back().at;
        const double wider = inG->blank.spec.bore.front().diameter / model->blank.spec.bore.front().diameter;
        VERIFY_NEAR(std::log(wider) / std::log(longer), 0.75, 0.05);
        const player::SimulatedPlayer player({33, Temperature::fromCelsius(21.0), 24.0});
        const auto known = Posterior::prior(*inG->goal);
        VERIFY_OK(known);
        const auto start = undersized(*inG->goal, inG->wishes, inG->blank.spec.bore.back().at, *known);
        VERIFY_OK(start);
        comesHome(made(io::jsonOf(*start), player, 6), player);
    }
    void aSlidesScaleIsTruerOnceItsLowestNoteWasHeard()
    {
        Json spec = laidOut(exampleOf("slide"));
        const std::string path = place(".dowel");
        QCOMPARE(run({"create", path, "--spec", write("spec.json", spec.dump())}).status, 0);
        const player::SimulatedPlayer player({34, Temperature::fromCelsius(20.0), 24.0});
        const auto wrong_cents = [&] {
            const Answer a = run({"marks", path, "--from", "D4", "--to", "D5"});
            double worst = 0.0;
            for (const Json& m : a.json["marks"]) {
                InstrumentSpec at = present(path).spec();
                at.bore = boreEndingAt(at.bore, Metres::fromMillimetres(m["slide_mm"].get<double>()));
                at.limits = {};
                at.fingerings.front().target = Hertz::fromHertz(m["hz"].get<double>());
                const Instrument there = Instrument::make(at).value();
                worst = std::max(worst, std::abs(offCents(player, there, there.spec().fingerings.front())));
            }
            return a.json["marks"].size() >= 12 ? worst : 1200.0; // the lowest may lie beyond the tube's end
        };
        const double before = wrong_cents();
        const Instrument shape = present(path);
        const Fingering& lowest = shape.spec().fingerings.front();
        const auto hz = player.truth(shape, lowest, Temperature::fromCelsius(20.0));
        const Json heard{{"fingering", lowest.id.text}, {"hz", hz->hertz()}, {"sd_cents", 0.5}};
        const Json session{{"celsius", 20.0}, {"readings", Json::array({heard})}};
        QCOMPARE(run({"measure", path, "--session", write("session.json", session.dump())}).status, 0);
        const double after = wrong_cents();
        QVERIFY2(after < 0.6 * before && after < 20.0, qPrintable(QStringLiteral("%1 then %2").arg(before).arg(after)));
    }
    void aStrawPipeWithTwoHolesComesHome()
    {
        // Two holes, three notes, any degrees.
        Json spec = exampleOf("reed");
        spec["name"] = "Straw";
        spec["bore"] = Json::array({{{"at_mm", 0.0}, {"diameter_mm", 5.0}}, {{"at_mm", 190.0}, {"diameter_mm", 5.0}}});
        spec["excitation"]["volume_mm3"] = 120.0;
        spec["wall_mm"] = 0.6;
        spec["hole_count"] = 2;
        spec["fingerings"] = Json::array();
        const std::vector<std::vector<std::string>> closed{{"h1", "h2"}, {"h2"}, {}};
        const std::vector<std::string> notes{"A4", "B4", "C#5"};
        for (std::size_t i = 0; i < notes.size(); ++i)
            spec["fingerings"].push_back(
                {{"id", notes[i]}, {"closed", closed[i]}, {"target", notes[i]}, {"tolerance_cents", 10.0}});
        const player::SimulatedPlayer player({35, Temperature::fromCelsius(21.0), 24.0});
        const Json start = laidOut(spec);
        QCOMPARE(start["holes"].size(), std::size_t{2});
        comesHome(made(start, player, 7), player);
    }
    void aBellIsHeardOnAndOffAndTheHornComesHomeWithIt()
    {
        const player::SimulatedPlayer player({36, Temperature::fromCelsius(21.0), 24.0});
        const std::string path = place(".dowel");
        const Json start = laidOut(exampleOf("horn"));
        QCOMPARE(run({"create", path, "--spec", write("spec.json", start.dump())}).status, 0);
        const Instrument bare = present(path);
        const Fingering& low = bare.spec().fingerings.front();
        const double mouth = bare.boreDiameterAt(bare.length()).millimetres() * 1.5;
        const Json on{{"kind", "put_on_foot"}, {"length_mm", 12.0}, {"mouth_mm", mouth}, {"shape", "cone"}};
        const Answer would = run({"vary", path, "--change", "on_the_foot", "--by", "12", "--wide", numberText(mouth)});
        QCOMPARE(run({"cut", path, "--step", write("on.json", on.dump())}).status, 0);
        const Instrument with = present(path);
        QCOMPARE(with.spec().footPiece->length.millimetres(), 12.0);
        QCOMPARE(with.length(), bare.length()); // the wood is what it was
        const double moved = offCents(player, with, low) - offCents(player, bare, low);
        const Json& told = would.json["notes"][0];
        // The player has formulas of its own.
        VERIFY_NEAR(told["then_cents"].get<double>() - told["now_cents"].get<double>(), moved, 0.25 * std::abs(moved) + 2.0);
        QVERIFY2(moved < -5.0, qPrintable(QString::number(moved))); // a longer horn is a lower one
        // Heard on and off: both count, each on its own state.
        Random random(8);
        const auto hear = [&] {
            const auto hz = player.truth(present(path), low, Temperature::fromCelsius(21.0));
            const Json heard{{"fingering", low.id.text}, {"hz", hz->hertz()}, {"sd_cents", 0.5}};
            const Json session{{"celsius", 21.0}, {"readings", Json::array({heard})}};
            return run({"measure", path, "--session", write("session.json", session.dump())}).status;
        };
        QCOMPARE(hear(), 0);
        const Json off{{"kind", "put_on_foot"}, {"length_mm", 0.0}};
        QCOMPARE(run({"cut", path, "--step", write("off.json", off.dump())}).status, 0);
        QVERIFY(!present(path).spec().footPiece);
        QCOMPARE(hear(), 0);
        const Answer bareNotes = run({"predict", path});
        QVERIFY(std::abs(bareNotes.json["notes"][0]["cents"].get<double>() - offCents(player, bare, low)) < 12.0);
        // On again, and tuned so.
        QCOMPARE(run({"cut", path, "--step", write("on.json", on.dump())}).status, 0);
        const Worked w = work(path, player, random);
        QVERIFY2(w.state == "done", w.last.dump().c_str());
        QVERIFY(present(path).spec().footPiece);
        const Instrument tuned = present(path);
        for (const Fingering& f : tuned.spec().fingerings)
            QVERIFY2(offCents(player, tuned, f) < f.tolerance.cents() + leftBeyond_cents, f.id.text.c_str());
    }
};

DOWEL_TEST(TestWays)
#include "test_ways.moc"
