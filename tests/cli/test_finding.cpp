// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what dowel-cli finds: where a slide stands, every fingering for a note, and a model carried to another key.
#include "cli_bench.h"
#include "core/tuning/pitch.h"
#include "io/spec_json.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <algorithm>
#include <cmath>
#include <numbers>

using namespace dowel;
using io::Json;

class TestFinding : public QObject, private CliBench
{
    Q_OBJECT

    static std::string example(const char* name) { return std::string(DOWEL_EXAMPLES) + "/" + name; }
    static const Json* find(const Json& list, const char* key, const Json& value)
    {
        const auto it = std::find_if(list.begin(), list.end(), [&](const Json& one) { return one[key] == value; });
        return it == list.end() ? nullptr : &*it;
    }
    /// The fixtures' whistle with its row laid out for its target.
    std::string whistle()
    {
        Json blank = Json::parse(io::specText(fixtures::whistle()));
        blank["holes"] = Json::array();
        blank["hole_count"] = 6;
        blank["bore"] = Json::parse(R"([{"at_mm": 0, "diameter_mm": 13}, {"at_mm": 340, "diameter_mm": 13}])");
        blank["limits"] = Json::object();
        return write("whistle.json", run({"layout", write("blank.json", blank.dump())}).json["spec"].dump());
    }

private Q_SLOTS:
    void aSlideStandsWhereAStoppedPipeWould()
    {
        const Answer all = run({"marks", example("slide.dowel")});
        QVERIFY2(all.status == 0, all.words.c_str());
        const Json& marks = all.json["marks"];
        QVERIFY(marks.size() > 12);
        const Json* low = find(marks, "note", "D4");
        const Json* high = find(marks, "note", "D5");
        QVERIFY(low != nullptr && high != nullptr);
        VERIFY_NEAR((*low)["hz"].get<double>(), 293.66, 0.01); // ISO 16 and equal temperament
        // A stopped pipe is a quarter of a wavelength, less what the mouth takes: between two notes the slide moves by the
        // difference of their quarters (Fletcher and Rossing 1998, 8.2, from memory). The mouth's part falls a little upwards.
        const double c = 343.4; // m/s at 20 degrees
        const double quarters_mm = 250.0 * (c / 293.66 - c / 587.33);
        const double moved_mm = (*low)["slide_mm"].get<double>() - (*high)["slide_mm"].get<double>();
        QVERIFY2(std::abs(moved_mm / quarters_mm - 1.0) < 0.03, qPrintable(QString::number(moved_mm / quarters_mm)));
        for (std::size_t i = 1; i < marks.size(); ++i) {
            QVERIFY(marks[i]["slide_mm"].get<double>() < marks[i - 1]["slide_mm"].get<double>());
            QVERIFY(marks[i]["sd_mm"].get<double>() > 0.0 && marks[i]["sd_mm"].get<double>() < 20.0);
        }
        const Answer some = run({"marks", example("slide.dowel"), "--from", "E4", "--to", "G4"});
        QCOMPARE(some.json["marks"].size(), std::size_t(4)); // E, F, F sharp, G
        // The marks sound what they say: the tube ended there is predicted at that note.
        const Json spec = run({"export", example("slide.dowel"), "--as", "spec", "--out", place("slide.json")}).json;
        QFile file(QString::fromStdString(spec["written"].get<std::string>()));
        QVERIFY(file.open(QIODevice::ReadOnly));
        Json tube = Json::parse(file.readAll().toStdString());
        tube["bore"].back()["at_mm"] = some.json["marks"][0]["slide_mm"];
        const Answer there = run({"predict", write("there.json", tube.dump())});
        VERIFY_NEAR(1200.0 * std::log2(there.json["notes"][0]["hz"].get<double>() / some.json["marks"][0]["hz"].get<double>()),
                    0.0, 0.5);
        QCOMPARE(run({"marks", whistle()}).status, 1); // no slide
        QCOMPARE(run({"marks", example("slide.dowel"), "--from", "low"}).where(), std::string("low"));
    }
    void everyFingeringForANoteIsRanked()
    {
        const std::string spec = whistle();
        const auto ways = [&](const char* note, const std::vector<std::string>& more = {}) {
            std::vector<std::string> all{"fingerings", spec, "--note", note};
            all.insert(all.end(), more.begin(), more.end());
            return run(all);
        };
        const auto shut = [](std::initializer_list<const char*> holes) {
            Json list = Json::array();
            for (const char* h : holes)
                list.push_back(h);
            return list;
        };
        // The chart's own fingerings come first for their notes.
        for (const auto& [note, closed] :
             {std::pair{"D5", shut({"h1", "h2", "h3", "h4", "h5", "h6"})}, {"G5", shut({"h4", "h5", "h6"})}}) {
            const Answer a = ways(note, {"--register", "1"});
            QVERIFY2(a.status == 0, a.words.c_str());
            QVERIFY2(a.json["candidates"][0]["closed"] == closed, a.json.dump().c_str());
            QVERIFY(std::abs(a.json["candidates"][0]["cents"].get<double>()) < 12.0);
        }
        // The note between the sixth and the seventh is forked on six-hole pipes: the highest hole open, some below it shut;
        // common practice, no source.
        const Answer fork = ways("C6", {"--register", "1"});
        const Json& best = fork.json["candidates"][0]["closed"];
        QVERIFY2(find(fork.json["candidates"], "closed", shut({"h4", "h5"})) != nullptr, fork.json.dump().c_str());
        QVERIFY(std::find(best.begin(), best.end(), "h6") == best.end());
        // An octave up the same holes serve: a pipe overblows at the octave.
        const Answer upper = ways("D6", {"--register", "2"});
        QVERIFY(find(upper.json["candidates"], "closed", shut({"h1", "h2", "h3", "h4", "h5", "h6"})) != nullptr);
        // Bounds are kept, and every answer is whole.
        const Answer few = ways("C6", {"--most", "3", "--within", "20"});
        QVERIFY(few.json["candidates"].size() <= 3);
        for (const Json& c : few.json["candidates"]) {
            QVERIFY(std::abs(c["cents"].get<double>()) <= 20.0);
            QVERIFY(c["sd_cents"].get<double>() > 0.0 && c["fingers_to_neighbours"].get<int>() >= 0);
            QVERIFY(c["speaks"] == "well" || c["speaks"] == "unsure" || c["speaks"] == "poorly");
        }
        QCOMPARE(ways("H9").status, 1);
        QCOMPARE(run({"fingerings", spec}).status, 2);
        // A hole that the chart leaves partly free is tried so: the upper register of a pipe with a thumb hole.
        const auto pipe = Instrument::make(fixtures::eightHoleSpec());
        VERIFY_OK(pipe);
        const auto& chart = pipe->spec().fingerings;
        const auto high = std::find_if(chart.begin(), chart.end(), [](const Fingering& f) { return !f.half.empty(); });
        QVERIFY(high != chart.end());
        const std::string note = nearestNote(high->target, pipe->spec().tuning.a4).name;
        const Answer thumb =
            run({"fingerings", write("pipe.json", io::specText(*pipe)), "--note", note, "--within", "80", "--most", "900"});
        QVERIFY2(thumb.status == 0, thumb.words.c_str());
        const Json pinched = Json::parse(R"({"hole": "h8", "open": 0.12})");
        const auto with = std::find_if(thumb.json["candidates"].begin(), thumb.json["candidates"].end(), [&](const Json& c) {
            return std::find(c["half"].begin(), c["half"].end(), pinched) != c["half"].end();
        });
        QVERIFY(with != thumb.json["candidates"].end());
    }
    void aModelIsCarriedOverWithEverythingKept()
    {
        Json model = Json::parse(run({"layout", whistle()}).json["spec"].dump());
        model["holes"][2]["undercut_diameter_mm"] = model["holes"][2]["diameter_mm"].get<double>() + 0.8;
        model["holes"][5]["side"] = "back";
        model["holes"][1]["chimney_mm"] = 4.5; // raised over the wall of 3 mm
        const std::string from = write("model.json", model.dump());
        Json blank = model;
        blank["holes"] = Json::array();
        blank["hole_count"] = 6;
        blank["wall_mm"] = 2.0;
        blank["bore"] = Json::parse(R"([{"at_mm": 0, "diameter_mm": 14}, {"at_mm": 380, "diameter_mm": 14}])");
        const char* lower[] = {"C5", "D5", "E5", "F5", "G5", "A5", "B5", "C6", "D6", "E6", "F6", "G6", "A6", "B6"};
        for (std::size_t i = 0; i < blank["fingerings"].size(); ++i)
            blank["fingerings"][i]["id"] = blank["fingerings"][i]["target"] = lower[i];
        const Answer over = run({"carry", from, "--to", write("lower.json", blank.dump())});
        QVERIFY2(over.status == 0, over.words.c_str());
        const Json& spec = over.json["spec"];
        QCOMPARE(spec["holes"].size(), std::size_t(6));
        QCOMPARE(spec["holes"][5]["side"].get<std::string>(), std::string("back"));
        QVERIFY(spec["holes"][3]["digit"] == model["holes"][3]["digit"]);
        QVERIFY(spec["holes"][2]["undercut_diameter_mm"].get<double>() > spec["holes"][2]["diameter_mm"].get<double>() + 0.4);
        VERIFY_NEAR(spec["holes"][1]["chimney_mm"].get<double>(), 3.0, 1e-6); // as much over a wall of 2 mm
        // A tone lower is longer by 2^(2/12), equal temperament (ISO 16), but for the mouth, which grew less.
        const double longer = over.json["length_mm"].get<double>() / over.json["from_length_mm"].get<double>();
        QVERIFY2(longer > 1.09 && longer < 1.16, qPrintable(QString::number(longer)));
        QCOMPARE(over.json["forecast"].size(), over.json["model_forecast"].size());
        for (const Json& n : over.json["forecast"])
            QVERIFY2(std::abs(n["cents"].get<double>()) < 30.0, n.dump().c_str());
        QCOMPARE(over.json["changed"].size(), std::size_t(6));
        QVERIFY(over.json["changed"][0]["at_mm"].get<double>() > over.json["changed"][0]["from_at_mm"].get<double>());
        QCOMPARE(run({"carry", from, "--to", from}).status, 1); // holes stand there already
        QCOMPARE(run({"carry", "nothing.json", "--to", from}).status, 1);
    }
};

DOWEL_TEST(TestFinding)
#include "test_finding.moc"
