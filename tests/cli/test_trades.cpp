// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that each kind of instrument comes from its blank to its notes by dowel-cli alone, each by its own kind of work, on
// wood that is not quite what its maker believes.
#include "support/compare.h"
#include "support/long_run.h"
#include "support/test_main.h"
#include "trade_bench.h"

#include <QtTest>

using namespace dowel;

class TestTrades : public QObject, private TradeBench
{
    Q_OBJECT

private Q_SLOTS:
    void everyKindComesHomeByItsOwnWork_data()
    {
        QTest::addColumn<QString>("family");
        QTest::addColumn<QString>("work"); // that belongs to it
        QTest::addColumn<QString>("never");
        for (const auto& [family, work, never] :
             {std::tuple("stopped", "deepen", "trim_foot"), std::tuple("horn", "enlarge", "deepen"),
              std::tuple("two-chamber", "enlarge", "deepen"), std::tuple("reed", "enlarge", "cut_up"),
              std::tuple("recorder", "enlarge", "move_stopper"), std::tuple("fife", "enlarge", "cut_up"),
              std::tuple("whistle", "enlarge", "move_stopper"), std::tuple("flute", "enlarge", "cut_up")})
            QTest::newRow(family) << family << work << never;
    }
    void everyKindComesHomeByItsOwnWork()
    {
        QFETCH(QString, family);
        QFETCH(QString, work);
        QFETCH(QString, never);
        if (family == QLatin1String("whistle") || family == QLatin1String("flute"))
            DOWEL_LONG_ONLY(); // the fife is of both their kinds
        Json said;
        const std::string path = begun(example(family.toStdString() + ".blank.json"), said);
        QVERIFY(!path.empty());
        const player::SimulatedPlayer player({21, Temperature::fromCelsius(21.0), 24.0});
        Random random(12);
        const Worked w = this->work(path, player, random);
        QVERIFY2(w.state == "done", w.last.dump().c_str());
        QVERIFY(w.kinds.count(work.toStdString()) > 0);
        QVERIFY(w.kinds.count(never.toStdString()) == 0);
        const Instrument shape = present(path);
        for (const Fingering& f : shape.spec().fingerings) {
            // Readings by ear wander by a cent, and a last note may be left as a compromise: never worse than this.
            const double off = offCents(player, shape, f);
            QVERIFY2(std::abs(off) < f.tolerance.cents() + 2.0, qPrintable(QString::number(off)));
        }
    }
    void aStoppedPipeStartsShortAndOnlyGoesDeeper()
    {
        Json said;
        const std::string path = begun(example("stopped.blank.json"), said);
        const double start_mm = present(path).length().millimetres();
        // Short by the allowance at least; a quarter wavelength less the mouth's part (Fletcher and Rossing 1998, 8.2, from
        // memory) is the depth it will reach: 343.4 / 880 / 4 = 97.6 mm less what the window takes, some one and a half bores.
        QVERIFY(start_mm < 97.6 - 9.9 && start_mm > 97.6 - 3.0 * 9.9);
        const player::SimulatedPlayer player({3, Temperature::fromCelsius(21.0), 24.0});
        const auto note = present(path).spec().fingerings.front();
        const double first_cents = offCents(player, present(path), note);
        QVERIFY2(first_cents > 10.0, qPrintable(QString::number(first_cents))); // sharp, to begin with
        Random random(5);
        double depth_mm = start_mm;
        for (int i = 0; i < 12; ++i) {
            const Answer a = run({"advise", path});
            if (a.json["state"] == "done")
                break;
            if (a.json["state"] == "cut") {
                const Json& step = a.json["steps"][0];
                QCOMPARE(step["kind"].get<std::string>(), std::string("deepen"));
                VERIFY_NEAR(step["from_mm"].get<double>(), depth_mm, 1e-6);
                QVERIFY(step["to_mm"].get<double>() > depth_mm);
                // Here spoiled is too deep: the chance that the note ends flat beyond its tolerance of 6 cents, by the step's own
                // forecast (normal distribution; the draws are good to a hundredth).
                const double after = step["forecast"][0]["after_cents"];
                const double flat =
                    0.5 * std::erfc((after + 6.0) / step["forecast"][0]["sd_cents"].get<double>() / std::sqrt(2.0));
                VERIFY_NEAR(step["chance_spoiled"].get<double>(), flat, 0.02);
                QVERIFY(step["chance_spoiled"].get<double>() < 0.2);
                QVERIFY(step["forecast"][0]["after_cents"].get<double>() < step["forecast"][0]["now_cents"].get<double>());
                depth_mm = step["to_mm"].get<double>();
                const Json cut{{"kind", "deepen"}, {"length_mm", depth_mm}};
                QCOMPARE(run({"cut", path, "--step", write("step.json", cut.dump())}).status, 0);
                const double quarter_mm = 250.0 * 343.4 / note.target.hertz();
                QVERIFY(depth_mm < quarter_mm); // the mouth takes the rest
            } else {
                const auto hz = player.truth(present(path), note, Temperature::fromCelsius(21.0));
                const Json heard{{"fingering", note.id.text}, {"hz", hz->hertz()}, {"sd_cents", 0.5}};
                const Json session{{"celsius", 21.0}, {"readings", Json::array({heard})}};
                QCOMPARE(run({"measure", path, "--session", write("session.json", session.dump())}).status, 0);
            }
        }
        QVERIFY(depth_mm > start_mm);
        QVERIFY(std::abs(offCents(player, present(path), note)) < 6.0);
        // Far too deep: a longer window gives back a little, only a plug the rest.
        const Json far{{"kind", "deepen"}, {"length_mm", depth_mm + 12.0}};
        QCOMPARE(run({"cut", path, "--step", write("far.json", far.dump())}).status, 0);
        const Json shorter{{"kind", "deepen"}, {"length_mm", depth_mm}};
        QCOMPARE(run({"cut", path, "--step", write("shorter.json", shorter.dump())}).code(), std::string("not_removable"));
        const Worked w = work(path, player, random);
        QVERIFY2(w.state == "done", w.last.dump().c_str());
        QVERIFY(w.kinds.count("deepen") == 0 && w.kinds.count("trim_foot") == 0);
        QVERIFY2(w.last["left"][0]["why"].get<std::string>().find("plug") != std::string::npos, w.last.dump().c_str());
        QCOMPARE(w.last["last_resort"][0]["kind"].get<std::string>(), std::string("push_plug"));
        const double before_cents = offCents(player, present(path), note);
        const Json plug = w.last["last_resort"][0];
        QCOMPARE(run({"cut", path, "--step", write("plug.json", plug.dump())}).status, 0);
        const double after_cents = offCents(player, present(path), note);
        QVERIFY(before_cents < -50.0);
        QVERIFY2(std::abs(after_cents) < 12.0, qPrintable(QString::number(after_cents)));
    }
    void whatAChangeWouldDoIsAskedOfAWorkbook()
    {
        Json said;
        const std::string reed = begun(example("reed.blank.json"), said);
        const auto moved = [&](const std::vector<std::string>& more) {
            std::vector<std::string> command{"vary", reed};
            command.insert(command.end(), more.begin(), more.end());
            const Answer a = run(command);
            std::map<std::string, double> cents;
            for (const Json& n : a.json.value("notes", Json::array()))
                if (!n["now_cents"].is_null() && !n["then_cents"].is_null())
                    cents[n["fingering"]] = n["then_cents"].get<double>() - n["now_cents"].get<double>();
            return cents;
        };
        for (const auto& [note, cents] : moved({"--change", "mouthpiece", "--times", "1.2"}))
            QVERIFY2(cents < -5.0, note.c_str()); // more bulk is more tube
        const auto grooved = moved({"--change", "finger_grooves", "--by", "1.5"});
        QVERIFY(!grooved.empty());
        QVERIFY(std::any_of(grooved.begin(), grooved.end(), [](const auto& n) { return n.second > 2.0; }));
        QCOMPARE(run({"vary", reed, "--change", "wings"}).code(), std::string("bad_value"));
        QCOMPARE(run({"vary", reed, "--change", "slide_gap"}).code(), std::string("bad_value"));
        // Horns: the bell's answer comes with how much to leave off.
        const std::string horn = begun(example("horn.blank.json"), said);
        const Answer bell = run({"vary", horn, "--change", "on_the_foot", "--by", "20", "--wide", "30"});
        QCOMPARE(bell.status, 0);
        QVERIFY(bell.json.contains("spec") && bell.json.contains("leave_off_mm"));
    }
    void boresStandSideBySide()
    {
        const Answer a = run({"bores", example("whistle.blank.json")});
        QCOMPARE(a.status, 0);
        QCOMPARE(a.json["bores"].size(), std::size_t{4});
        for (const Json& b : a.json["bores"]) {
            QVERIFY(b["within_tolerance"].get<int>() <= b["of"].get<int>());
            QVERIFY(!b["too_wide_cents"].empty());
        }
        QVERIFY(a.json["bores"][0]["spec"]["bore"][0]["diameter_mm"].get<double>() >
                a.json["bores"][1]["spec"]["bore"][0]["diameter_mm"].get<double>());
        QVERIFY(run({"bores", write("spec.json", a.json["bores"][0]["spec"].dump())}).status == 1); // has its holes
    }
    void noStoppedPipeIsBoredThroughItsFloor()
    {
        Json said;
        (void)begun(example("stopped.blank.json"), said);
        Json spec = said["start"];
        // Some hundred cents too short: no reamer makes up for that, and the wood ends there.
        Json& end = spec["bore"].back()["at_mm"];
        end = end.get<double>() - 12.0;
        const double deepest_mm = end.get<double>() + 0.5;
        spec["limits"] = {{"depth_max_mm", deepest_mm}};
        const std::string path = place(".dowel");
        QCOMPARE(run({"create", path, "--spec", write("spec.json", spec.dump())}).status, 0);
        const player::SimulatedPlayer player({3, Temperature::fromCelsius(21.0), 24.0});
        Random random(5);
        const Worked w = work(path, player, random);
        QVERIFY2(w.state == "done", w.last.dump().c_str());
        QVERIFY(present(path).length().millimetres() <= deepest_mm + 0.05); // and the hand's slip
        QVERIFY2(w.last["left"].size() == 1, w.last.dump().c_str());
        const std::string why = w.last["left"][0]["why"];
        QVERIFY2(why.find("reached its deepest point") != std::string::npos, why.c_str());
    }
};

DOWEL_TEST(TestTrades)
#include "test_trades.moc"
