// SPDX-License-Identifier: GPL-3.0-or-later
// Proves dowel-cli against its contract: answers, exit statuses, errors with code, message and place; and the whole loop
// from a fresh workbook to "done" with readings given as numbers.
#include "cli_bench.h"
#include "io/audio_file.h"
#include "io/finish_json.h"
#include "io/json_reader.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "player/player.h"
#include "store/store.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"
#include "support/tones.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QXmlStreamReader>
#include <numbers>
#include <sstream>

using namespace dowel;
using io::Json;

class TestCli : public QObject, private CliBench
{
    Q_OBJECT

    std::string book()
    {
        const std::string path = place(".dowel");
        return run({"create", path, "--spec", write("spec.json", io::specText(fixtures::whistle()))}).status == 0 ? path
                                                                                                                  : std::string();
    }
    std::string sessionFile(const std::vector<std::string>& ids, const player::SimulatedPlayer& player, const Instrument& shape,
                            Random& random)
    {
        Json readings = Json::array();
        for (const auto& id : ids) {
            const auto hz = player.truth(shape, *shape.find(FingeringId{id}), Temperature::fromCelsius(21.0));
            readings.push_back({{"fingering", id}, {"hz", hz->hertz() * std::exp2(random.normal() / 1200.0)}, {"sd_cents", 0.5}});
        }
        return write("session.json", Json{{"celsius", 21.0}, {"readings", readings}}.dump());
    }
    static std::vector<std::string> ids(const Json& list) { return list.get<std::vector<std::string>>(); }

private Q_SLOTS:
    void theWholeLoopByNumbersEndsWithEveryNoteHome()
    {
        const std::string path = book();
        const player::SimulatedPlayer player({10, Temperature::fromCelsius(21.0), 24.0});
        Random random(4711);
        int cuts = 0;
        std::string state;
        for (int i = 0; i < 80; ++i) {
            const Answer a = run({"advise", path});
            QCOMPARE(a.status, 0);
            state = a.json["state"];
            const Instrument shape = Store::open(path, Store::Mode::Look)->book().present();
            if (state == "measure") {
                QVERIFY(!a.json["fingerings"].empty());
                const Answer m =
                    run({"measure", path, "--session", sessionFile(ids(a.json["fingerings"]), player, shape, random)});
                QVERIFY2(m.status == 0, m.words.c_str());
            } else if (state == "cut") {
                const Json& step = a.json["steps"][0];
                for (const char* key : {"kind", "from_mm", "to_mm", "tool", "why", "then", "forecast"})
                    QVERIFY2(step.contains(key), key);
                QCOMPARE(step["forecast"].size(), std::size_t(14));
                Json done{{"kind", step["kind"]}};
                const double size = step["to_mm"].get<double>();
                if (step["kind"] == "enlarge") {
                    done["hole"] = step["hole"];
                    done["diameter_mm"] = size + random.uniform(-0.03, 0.05);
                } else if (step["kind"] == "undercut") {
                    done["hole"] = step["hole"];
                    done["undercut_diameter_mm"] = size + random.uniform(-0.03, 0.05);
                } else if (step["kind"] == "cut_up") {
                    done["window_length_mm"] = size + random.uniform(-0.03, 0.05);
                } else {
                    QCOMPARE(step["kind"].get<std::string>(), std::string("trim_foot"));
                    done["length_mm"] = size - random.uniform(-0.05, 0.1);
                }
                const Answer c = run({"cut", path, "--step", write("step.json", done.dump())});
                QVERIFY2(c.status == 0, c.words.c_str());
                ++cuts;
            } else {
                break;
            }
        }
        QCOMPARE(state, std::string("done"));
        QVERIFY(cuts <= 25);
        const Instrument shape = Store::open(path, Store::Mode::Look)->book().present();
        for (const Fingering& f : shape.spec().fingerings) {
            const double off =
                1200.0 * std::log2(player.truth(shape, f, Temperature::fromCelsius(20.0))->hertz() / f.target.hertz());
            QVERIFY2(off < 6.0, f.id.text.c_str());
            QVERIFY2(std::abs(off) < 8.0,
                     f.id.text.c_str()); // readings by ear wander by a cent; the window's loop is held to six
        }
        const Answer check = run({"check", path});
        QCOMPARE(check.status, 0);
        QVERIFY(check.json["ok"] == true);
        QCOMPARE(check.json["cuts"].get<int>(), cuts);
    }
    /// A whistle's blank, first register alone.
    static Json blankSpec()
    {
        Json spec = Json::parse(io::specText(fixtures::whistle()));
        spec["holes"] = Json::array();
        spec["hole_count"] = 6;
        spec["bore"] = Json::parse(R"([{"at_mm": 0, "diameter_mm": 13}, {"at_mm": 340, "diameter_mm": 13}])");
        spec["limits"] = Json::object();
        Json first = Json::array();
        for (const auto& f : spec["fingerings"])
            if (f["register"] == 1)
                first.push_back(f);
        spec["fingerings"] = first;
        return spec;
    }
    void whatOneInstrumentToldTheNextBeginsWith()
    {
        const std::string path = book();
        const std::string memory = place(".sqlite");
        const std::string blank = write("blank.json", blankSpec().dump());
        const auto doubt = [](const Answer& a) {
            double sum = 0.0;
            for (const auto& n : a.json["forecast"])
                sum += n["sd_cents"].get<double>();
            return sum;
        };
        const Answer missing = run({"layout", blank, "--shop-memory", memory});
        QCOMPARE(missing.status, 1);
        QCOMPARE(missing.json["error"]["where"].get<std::string>(), memory);
        // Nothing is learnt from an instrument that has not been heard through.
        const Answer asks = run({"advise", path, "--shop-memory", memory});
        QCOMPARE(asks.json["state"].get<std::string>(), std::string("measure"));
        const Answer plain = run({"layout", blank});
        QVERIFY(doubt(plain) > 0.0);
        VERIFY_NEAR(doubt(run({"layout", blank, "--shop-memory", memory})), doubt(plain), 1e-9);
        const player::SimulatedPlayer player({5, Temperature::fromCelsius(21.0), 24.0});
        Random random(5);
        QCOMPARE(
            run({"measure", path, "--session", sessionFile(ids(asks.json["fingerings"]), player, fixtures::whistle(), random)})
                .status,
            0);
        const Answer without = run({"advise", path});
        const Answer with = run({"advise", path, "--shop-memory", memory});
        QCOMPARE(with.status, 0);
        QVERIFY(with.json == without.json); // an instrument does not teach itself
        QVERIFY(doubt(run({"layout", blank, "--shop-memory", memory})) < 0.95 * doubt(plain));
        QCOMPARE(run({"advise", path, "--shop-memory", write("other.sqlite", "no database")}).status, 1);
    }
    void layoutFillsInABlank()
    {
        const Json spec = blankSpec();
        const Answer a = run({"layout", write("blank.json", spec.dump())});
        QCOMPARE(a.status, 0);
        QCOMPARE(a.json["spec"]["holes"].size(), std::size_t(6));
        QCOMPARE(a.json["forecast"].size(), std::size_t(7));
        QVERIFY(a.json["summary"]["reached"].get<bool>());
        // Complete: it can be predicted and made a workbook of, and sounds what was promised.
        const std::string complete = write("complete.json", a.json["spec"].dump());
        for (const auto& n : run({"predict", complete}).json["notes"])
            VERIFY_NEAR(n["cents"].get<double>(), 0.0, 1.0);
        QCOMPARE(run({"create", place(".dowel"), "--spec", write("start.json", a.json["start"].dump())}).status, 0);
        // Laid out again from there nothing is left to move.
        const Answer again = run({"layout", complete});
        QCOMPARE(again.status, 0);
        VERIFY_NEAR(again.json["spec"]["holes"][2]["at_mm"].get<double>(), a.json["spec"]["holes"][2]["at_mm"].get<double>(),
                    0.5);
        const auto refused = [&](const char* key, const Json& value) {
            Json broken = spec;
            if (std::string(key) == "hole_count")
                broken[key] = value;
            else
                broken["layout"][key] = value;
            const Answer r = run({"layout", write("broken.json", broken.dump())});
            return r.status == 1 ? r.json["error"]["where"].get<std::string>() : std::string("accepted");
        };
        QCOMPARE(refused("hole_count", 300), std::string("/hole_count"));
        QCOMPARE(refused("hole_count", 4), std::string("/hole_count"));
        QCOMPARE(refused("hand", "octopus"), std::string("/layout/hand"));
        QCOMPARE(refused("hole_max_mm", -3.0), std::string("/layout/hole_max_mm"));
        QCOMPARE(refused("tentacles", 8), std::string("/layout/tentacles"));
    }
    void theTemplateIsExported()
    {
        const std::string path = book();
        for (const char* format : {"svg", "dxf", "pdf"}) {
            const std::string file = place((std::string(".") + format).c_str());
            QCOMPARE(run({"export", path, "--as", format, "--out", file}).status, 0);
            QVERIFY(QFile(QString::fromStdString(file)).size() > 2000);
        }
        QCOMPARE(run({"export", path, "--as", "svg", "--out", "/nowhere/t.svg"}).status, 1);
    }
    void predictTellsAllThatTheModelKnows()
    {
        const std::string spec = write("spec.json", io::specText(fixtures::eightHolePipe()));
        const Answer full = run({"predict", spec, "--full"});
        QCOMPARE(full.status, 0);
        QCOMPARE(full.json["notes"].size(), std::size_t(20));
        for (const auto& n : full.json["notes"]) {
            QVERIFY(n["quality"].get<double>() > 5.0 && n["height"].get<double>() > 0.5 && n["brightness"].get<double>() >= 1.0);
            QVERIFY(n["formula_spread_cents"].get<double>() >= 0.0);
            QCOMPARE(n["cents_per_tenth_mm"]["holes"].size(), std::size_t(8));
            QVERIFY(n["cents_per_tenth_mm"]["bore"].size() > 100);
        }
        // Nothing is drilled yet: the bare tube would tell most, and leaves what a note has of its own.
        const Json& worth = full.json["worth_measuring"];
        QCOMPARE(worth["what"].get<std::string>(), std::string("bare_tube"));
        QVERIFY(worth["then_sd_cents"].get<double>() < worth["sd_cents"].get<double>() &&
                worth["then_sd_cents"].get<double>() > 4.0);
        QVERIFY(full.json["notes"][0]["cutoff_hz"].is_null());
        // Each condition moves the pitch the way physics has it.
        const auto first = [&](const std::vector<std::string>& more) {
            std::vector<std::string> all{"predict", spec};
            all.insert(all.end(), more.begin(), more.end());
            const Answer a = run(all);
            return a.status == 0 ? a.json["notes"][3]["cents"].get<double>() : 1e9;
        };
        const double plain = first({});
        QVERIFY(first({"--humidity", "100"}) > plain + 3.0);
        QVERIFY(first({"--co2", "4"}) < plain - 10.0);
        QVERIFY(std::abs(first({"--gradient", "-20"}) - plain) > 0.01);
        QVERIFY(std::abs(first({"--formulas", "keefe-1990"}) - plain) > 0.1);
        QVERIFY(run({"predict", spec, "--formulas", "guesswork"}).json["error"]["where"] == "--formulas");
        QVERIFY(run({"predict", spec, "--humidity", "130"}).json["error"]["where"] == "/tuning/humidity_percent");
        QCOMPARE(run({"predict", spec, "--celsius", "warm"}).status, 2);
    }
    void predictAnswersForSpecsAndWorkbooks()
    {
        const std::string spec = write("spec.json", io::specText(fixtures::whistle()));
        const Answer plain = run({"predict", spec});
        QCOMPARE(plain.status, 0);
        QCOMPARE(plain.json["notes"].size(), std::size_t(14));
        const Json& d5 = plain.json["notes"][0];
        QCOMPARE(d5["fingering"].get<std::string>(), std::string("D5"));
        QCOMPARE(d5["register"].get<int>(), 1);
        VERIFY_NEAR(1200.0 * std::log2(d5["hz"].get<double>() / 587.3295), d5["cents"].get<double>(), 0.01);
        QVERIFY(d5["sd_cents"].get<double>() > 10.0);
        const Answer warm = run({"predict", spec, "--celsius", "25"});
        // ISO 9613-1 has 14.4 cents for five degrees; the air in the tube stands between the room's and the breath's, so that of
        // a room's five degrees about four reach it.
        VERIFY_NEAR(warm.json["notes"][0]["cents"].get<double>() - d5["cents"].get<double>(), 14.4 * (1.0 - 0.21), 0.4);
        const std::string path = book();
        const Answer asBook = run({"predict", path});
        QCOMPARE(asBook.status, 0);
        VERIFY_NEAR(asBook.json["notes"][3]["cents"].get<double>(), plain.json["notes"][3]["cents"].get<double>(), 1e-6);
    }
    void analyseAnswersWithNotesAndRejections()
    {
        const std::string wav = place("take.wav");
        VERIFY_OK(io::writeAudioFile(wav, tones::withSilence(tones::constantTone(1174.0, 1.0, 25.0, 1), 0.2, 0.2)));
        const Answer a = run({"analyse", wav, "--expect", "587"});
        QCOMPARE(a.status, 0);
        const Json& n = a.json["notes"][0];
        for (const char* key : {"start_s", "end_s", "hz", "sd_cents", "drift_cents", "vibrato_cents", "vibrato_hz",
                                "harmonics_db", "noise_db", "centroid_hz", "register", "flags", "sd_as_played_cents"})
            QVERIFY2(n.contains(key), key);
        VERIFY_NEAR(n["hz"].get<double>(), 1174.0, 0.05);
        QCOMPARE(n["register"].get<int>(), 2);
        QVERIFY(n["sd_as_played_cents"].get<double>() >= n["sd_cents"].get<double>());
        // Three times the first is the third mode of an open pipe and the second of a cylinder that is closed at one end.
        const std::string twelfth = place("twelfth.wav");
        VERIFY_OK(io::writeAudioFile(twelfth, tones::withSilence(tones::constantTone(660.0, 1.0, 25.0, 1), 0.2, 0.2)));
        QCOMPARE(run({"analyse", twelfth, "--expect", "220"}).json["notes"][0]["register"].get<int>(), 3);
        QCOMPARE(run({"analyse", twelfth, "--expect", "220", "--twelfths"}).json["notes"][0]["register"].get<int>(), 2);
        QVERIFY(a.json["rejected"].is_array());
        const std::string silent = place("silent.wav");
        Samples s;
        s.values.assign(48000, 0.0F);
        VERIFY_OK(io::writeAudioFile(silent, s));
        const Answer quiet = run({"analyse", silent});
        QCOMPARE(quiet.status, 0);
        QVERIFY(quiet.json["notes"].empty());
        QCOMPARE(quiet.json["rejected"][0]["reason"].get<std::string>(), std::string("silence"));
    }
    void measureKeepsTheTakeOrRefusesIt()
    {
        const std::string path = book();
        const std::string good = place("good.flac");
        VERIFY_OK(io::writeAudioFile(good, tones::withSilence(tones::constantTone(580.0, 1.0, 25.0, 1), 0.2, 0.2)));
        const Answer kept = run({"measure", path, "--fingering", "D5", "--take", good});
        QCOMPARE(kept.status, 0);
        QCOMPARE(kept.json["readings"][0]["fingering"].get<std::string>(), std::string("D5"));
        QCOMPARE(run({"check", path}).json["takes"].get<int>(), 1);
        const std::string octave = place("octave.flac");
        VERIFY_OK(io::writeAudioFile(octave, tones::withSilence(tones::constantTone(1165.0, 1.0, 25.0, 1), 0.2, 0.2)));
        const Answer refused = run({"measure", path, "--fingering", "D5", "--take", octave});
        QCOMPARE(refused.status, 1);
        QCOMPARE(refused.json["error"]["code"].get<std::string>(), std::string("wrong_note"));
        QVERIFY(refused.json["error"]["message"].get<std::string>().find("D5") != std::string::npos);
        QCOMPARE(run({"measure", path, "--fingering", "X1", "--take", good}).json["error"]["code"].get<std::string>(),
                 std::string("unknown_name"));
        QCOMPARE(run({"check", path}).json["entries"].get<int>(), 1);
    }
    void aSessionIsTakenWholeOrNotAtAll()
    {
        const std::string path = book();
        const auto file =
            write("s.json", R"({"celsius": 21, "readings": [{"fingering": "D5", "hz": 580}, {"fingering": "E5", "hz": 1300}]})");
        const Answer a = run({"measure", path, "--session", file});
        QCOMPARE(a.status, 1);
        QCOMPARE(a.json["error"]["where"].get<std::string>(), std::string("/readings/1/E5"));
        QCOMPARE(run({"check", path}).json["entries"].get<int>(), 0);
        const auto fahrenheit = write("s.json", R"({"celsius": 70, "readings": [{"fingering": "D5", "hz": 580}]})");
        QCOMPARE(run({"measure", path, "--session", fahrenheit}).status, 1);
    }
    void cutsThatCannotBeAreRefused()
    {
        const std::string path = book();
        const Answer smaller =
            run({"cut", path, "--step", write("c.json", R"({"kind": "enlarge", "hole": "h1", "diameter_mm": 4.0})")});
        QCOMPARE(smaller.status, 1);
        QCOMPARE(smaller.json["error"]["code"].get<std::string>(), std::string("not_removable"));
        QCOMPARE(run({"cut", path, "--step", write("c.json", R"({"kind": "enlarge", "hole": "h9", "diameter_mm": 6})")}).status,
                 1);
        QCOMPARE(run({"cut", path, "--step", write("c.json", R"({"kind": "move_stopper", "stopper_mm": 6})")}).status, 1);
        const Answer fine =
            run({"cut", path, "--step", write("c.json", R"({"kind": "undercut", "hole": "h1", "undercut_diameter_mm": 6.5})")});
        QCOMPARE(fine.status, 0);
        VERIFY_NEAR(fine.json["from_mm"].get<double>(), 5.3, 1e-9);
    }
    void exportsAreWrittenAndReadBack()
    {
        const std::string path = book();
        QCOMPARE(run({"cut", path, "--step", write("c.json", R"({"kind": "enlarge", "hole": "h1", "diameter_mm": 6.0})")}).status,
                 0);
        const std::string spec = place("out.json");
        QCOMPARE(run({"export", path, "--as", "spec", "--out", spec}).status, 0);
        const auto back = io::readSpecFile(spec);
        VERIFY_OK(back);
        VERIFY_NEAR(back->find(HoleId{"h1"})->diameter.millimetres(), 6.0, 1e-9);
        const std::string csv = place("out.csv");
        QCOMPARE(run({"export", path, "--as", "csv", "--out", csv}).status, 0);
        QVERIFY(QFile::exists(QString::fromStdString(csv)));
        QCOMPARE(run({"export", path, "--as", "json", "--out", place("out2.json")}).status, 0);
        const std::string finish = place("finish.ics");
        QCOMPARE(run({"export", path, "--as", "ics", "--out", finish}).status, 0);
        QVERIFY(QFile::exists(QString::fromStdString(finish)));
        QCOMPARE(run({"export", path, "--as", "csv", "--out", "/no/such/folder/a.csv"}).json["error"]["code"].get<std::string>(),
                 std::string("unwritable"));
    }
    void errorsCarryCodeMessageAndPlace_data()
    {
        QTest::addColumn<QString>("patch");
        QTest::addColumn<QString>("code");
        QTest::addColumn<QString>("where");
        QTest::newRow("hole outside") << R"({"holes": [{"id": "h1", "at_mm": 400, "diameter_mm": 6}]})"
                                      << "bad_geometry"
                                      << "/holes/h1/at_mm";
        QTest::newRow("too wide") << R"({"holes": [{"id": "h1", "at_mm": 200, "diameter_mm": 16}]})"
                                  << "bad_geometry"
                                  << "/holes/h1/diameter_mm";
        QTest::newRow("stations") << R"({"bore": [{"at_mm": 0, "diameter_mm": 12}, {"at_mm": -3, "diameter_mm": 12}]})"
                                  << "bad_geometry"
                                  << "/bore/1/at_mm";
        QTest::newRow("unknown key") << R"({"wal_mm": 3})"
                                     << "unknown_key"
                                     << "/wal_mm";
    }
    void errorsCarryCodeMessageAndPlace()
    {
        QFETCH(QString, patch);
        QFETCH(QString, code);
        QFETCH(QString, where);
        Json spec = io::jsonOf(fixtures::whistle());
        spec.merge_patch(Json::parse(patch.toStdString()));
        spec["fingerings"] = Json::array();
        const std::string path = place("refused.dowel");
        const Answer a = run({"create", path, "--spec", write("bad.json", spec.dump())});
        QCOMPARE(a.status, 1);
        QCOMPARE(QString::fromStdString(a.json["error"]["code"]), code);
        QCOMPARE(QString::fromStdString(a.json["error"]["where"]), where);
        QVERIFY(!a.words.empty());
        QVERIFY(!QFile::exists(QString::fromStdString(path)));
    }
    void strangersAreRefusedPolitely()
    {
        const std::string text = write("words.dowel", "only words");
        QCOMPARE(run({"advise", text}).json["error"]["code"].get<std::string>(), std::string("not_a_workbook"));
        QCOMPARE(run({"check", "/no/such.dowel"}).json["error"]["code"].get<std::string>(), std::string("unreadable"));
        const std::string path = book();
        QCOMPARE(run({"create", path, "--spec", write("spec.json", io::specText(fixtures::whistle()))})
                     .json["error"]["code"]
                     .get<std::string>(),
                 std::string("exists"));
        const auto held = Store::open(path, Store::Mode::Work);
        VERIFY_OK(held);
        QCOMPARE(run({"advise", path}).json["error"]["code"].get<std::string>(), std::string("in_use"));
        QCOMPARE(run({"check", path}).status, 0);
    }
    void askingTwiceIsOnePieceOfAdvice()
    {
        const std::string path = book();
        QCOMPARE(run({"advise", path}).json["state"].get<std::string>(), std::string("measure"));
        QCOMPARE(run({"advise", path}).status, 0);
        QCOMPARE(run({"check", path}).json["entries"].get<int>(), 1);
    }
    void theProgramItselfAnswersWithItsStatus()
    {
        const auto status = [](const QStringList& arguments) {
            QProcess p;
            p.start(QStringLiteral(DOWEL_CLI), arguments);
            p.waitForFinished(-1);
            return std::pair{p.exitCode(), p.readAllStandardOutput()};
        };
        QCOMPARE(status({QStringLiteral("--help")}).first, 0);
        QCOMPARE(status({QStringLiteral("dance")}).first, 2);
        QCOMPARE(status({QStringLiteral("measure"), QStringLiteral("a.dowel")}).first, 2);
        const auto missing = status({QStringLiteral("check"), QStringLiteral("/no/such.dowel")});
        QCOMPARE(missing.first, 1);
        QVERIFY(Json::parse(missing.second.toStdString()).contains("error"));
    }
    void theProgramNeedsNoWindows()
    {
        QProcess ldd;
        ldd.start(QStringLiteral("ldd"), {QStringLiteral(DOWEL_CLI)});
        QVERIFY(ldd.waitForFinished(-1));
        const QByteArray libraries = ldd.readAllStandardOutput();
        QVERIFY(libraries.contains("Qt6Core"));
        QVERIFY(!libraries.contains("Qt6Widgets"));
    }
    void whatIsWantedChangesAndTheAdviceFollows()
    {
        const std::string path = book();
        const player::SimulatedPlayer player({10, Temperature::fromCelsius(21.0), 24.0});
        Random random(5);
        const auto shape = fixtures::whistle();
        std::vector<std::string> all;
        for (const Fingering& f : shape.spec().fingerings)
            all.push_back(f.id.text);
        QCOMPARE(run({"measure", path, "--session", sessionFile(all, player, shape, random)}).status, 0);
        const Answer before = run({"advise", path});
        QCOMPARE(before.json["state"].get<std::string>(), std::string("cut")); // all flat at 440
        const double flat = before.json["summary"]["worst_cents"].get<double>();
        const Answer changed = run({"amend", path, "--entry",
                                    write("entry.json", R"({"target": {"tuning": {"a4_hz": 415.0}}, "name": "At low pitch",)"
                                                        R"( "measured": {"holes": [{"id": "h2", "diameter_mm": 5.92}]}})")});
        QVERIFY2(changed.status == 0, changed.words.c_str());
        QCOMPARE(changed.json["entries"].size(), std::size_t(2));
        QCOMPARE(changed.json["spec"]["name"].get<std::string>(), std::string("At low pitch"));
        VERIFY_NEAR(changed.json["spec"]["tuning"]["a4_hz"].get<double>(), 415.0, 1e-9);
        const Answer after = run({"advise", path});
        QCOMPARE(after.status, 0);
        QVERIFY(after.json["summary"]["worst_cents"].get<double>() > flat + 60.0); // a semitone less to be wished for
        const auto store = Store::open(path, Store::Mode::Look);
        VERIFY_OK(store);
        VERIFY_OK(store->verify());
        VERIFY_NEAR(store->book().present().find(HoleId{"h2"})->diameter.millimetres(), 5.92, 1e-9);
        // Refused by its place, and nothing of it kept.
        for (const char* bad :
             {R"({"target": {"tuning": {"a4_hz": 4.0}}})", R"({"measured": {"holes": [{"id": "h9", "diameter_mm": 5}]}})",
              R"({"measured": {"colour": 1}})", "{}", "[]", R"({"name": ""})"}) {
            const Answer refused = run({"amend", path, "--entry", write("bad.json", bad)});
            QVERIFY2(refused.status == 1 && !refused.words.empty(), bad);
        }
        QCOMPARE(Store::open(path, Store::Mode::Look)->book().entries().size(), store->book().entries().size());
        const Answer known =
            run({"amend", path, "--entry",
                 write("entry.json", R"({"material": "cane", "nodes": [{"at_mm": 40.0, "kept": true}],)"
                                     R"( "measured": {"excitation": {"window_length_mm": 5.4}, "wall_mm": 2.9}})")});
        QVERIFY2(known.status == 0, known.words.c_str());
        QCOMPARE(known.json["spec"]["material"].get<std::string>(), std::string("cane"));
        QCOMPARE(known.json["spec"]["nodes"][0]["kept"].get<bool>(), true);
        VERIFY_NEAR(known.json["spec"]["excitation"]["window_length_mm"].get<double>(), 5.4, 1e-9);
        QCOMPARE(run({"check", path}).status, 0);
    }
    void instrumentsOfOneModelStandSideBySide()
    {
        const std::string one = book();
        const std::string two = book();
        const std::string three = book();
        const auto sayIn = [&](const std::string& path, double d5, double e5) {
            const double d = 587.33 * std::exp2(d5 / 1200.0);
            const double e = 659.26 * std::exp2(e5 / 1200.0);
            const nlohmann::json session{
                {"celsius", 20.0},
                {"readings",
                 {{{"fingering", "D5"}, {"hz", d}, {"sd_cents", 1.0}}, {{"fingering", "E5"}, {"hz", e}, {"sd_cents", 1.0}}}}};
            QCOMPARE(run({"measure", path, "--session", write("side.json", session.dump().c_str())}).status, 0);
        };
        sayIn(one, -20.0, -10.0);
        sayIn(two, -26.0, -10.0);
        const Answer side = run({"compare", one, two, three});
        QVERIFY2(side.status == 0, side.words.c_str());
        QCOMPARE(side.json["notes"][0].get<std::string>(), std::string("D5"));
        QCOMPARE(side.json["instruments"].size(), std::size_t(3));
        VERIFY_NEAR(side.json["instruments"][1]["cents"][0].get<double>(), -26.0, 0.05);
        QVERIFY(side.json["instruments"][2]["cents"][0].is_null()); // not heard yet
        VERIFY_NEAR(side.json["common_cents"][0].get<double>(), -23.0, 0.05);
        // The standard deviation of two values is their difference over the root of two: ISO 3534-1, 2.8, from memory.
        VERIFY_NEAR(side.json["own_sd_cents"][0].get<double>(), 6.0 / std::numbers::sqrt2, 0.05);
        VERIFY_NEAR(side.json["own_sd_cents"][1].get<double>(), 0.0, 0.05);
        QVERIFY(side.json["common_cents"][2].is_null() && side.json["own_sd_cents"][2].is_null());
        QCOMPARE(run({"compare", one}).status, 1);
        QCOMPARE(run({"compare"}).status, 2);
        QCOMPARE(run({"compare", one, "nothing.dowel"}).status, 1);
    }
    void aBareTubeGetsNoAdviceButWords()
    {
        auto spec = fixtures::whistleSpec();
        spec.holes.clear();
        spec.fingerings.clear();
        const auto tube = Instrument::make(spec);
        VERIFY_OK(tube);
        const std::string path = write("bare.dowel", "");
        QVERIFY(QFile::remove(QString::fromStdString(path)));
        VERIFY_OK(Store::create(path, *tube));
        const Answer none = run({"advise", path});
        QCOMPARE(none.status, 1);
        QVERIFY2(none.words.find("drilled") != std::string::npos, none.words.c_str());
        QCOMPARE(run({"check", path}).status, 0);
    }

    void thePassportTellsTheInstrument()
    {
        const std::string path = book();
        const Instrument shape = Store::open(path, Store::Mode::Look)->book().present();
        const player::SimulatedPlayer player({10, Temperature::fromCelsius(21.0), 24.0});
        Random random(5);
        std::vector<std::string> all;
        for (const Fingering& f : shape.spec().fingerings)
            all.push_back(f.id.text);
        QCOMPARE(run({"measure", path, "--session", sessionFile(all, player, shape, random)}).status, 0);
        const Json step{{"kind", "trim_foot"}, {"length_mm", shape.length().millimetres() - 1.0}};
        QCOMPARE(run({"cut", path, "--step", write("step.json", step.dump())}).status, 0);
        QCOMPARE(run({"measure", path, "--session", sessionFile({"D5"}, player, shape, random)}).status, 0);
        const std::string html = place("passport.html");
        const Answer a = run({"report", path, "--out", html, "--maker", "<b>Mill & Co</b>", "--serial", "7"});
        QVERIFY2(a.status == 0, a.words.c_str());
        QFile file(QString::fromStdString(html));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QString text = QString::fromUtf8(file.readAll());
        QVERIFY(text.contains(QLatin1String("&lt;b&gt;Mill &amp; Co&lt;/b&gt;"))); // what is typed stays words
        QVERIFY(text.contains(QLatin1String("<svg")) && text.contains(QLatin1String("Trim the foot")));
        for (const Hole& h : shape.spec().holes)
            QVERIFY(text.contains(QString::number(h.diameter.millimetres(), 'f', 1)));
        QCOMPARE(text.count(QLatin1String("<td>about ")), qsizetype(13)); // since the foot was cut one of fourteen was heard
        const std::string silent = place("silent.html");
        QCOMPARE(run({"report", book(), "--out", silent}).status, 0);
        QFile never(QString::fromStdString(silent));
        QVERIFY(never.open(QIODevice::ReadOnly));
        QCOMPARE(never.readAll().count("<td>not heard"), qsizetype(14)); // nothing to reckon from
        // HTML that a strict reader of XML takes, too.
        QXmlStreamReader xml(text);
        while (!xml.atEnd())
            xml.readNext();
        QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
        const std::string brief = place("short.html");
        QCOMPARE(run({"report", path, "--out", brief, "--short"}).status, 0);
        QFile shorter(QString::fromStdString(brief));
        QVERIFY(shorter.open(QIODevice::ReadOnly) && !shorter.readAll().contains("Trim the foot"));
        const std::string pdf = place("passport.pdf");
        QCOMPARE(run({"report", path, "--out", pdf}).status, 0);
        QFile page(QString::fromStdString(pdf));
        QVERIFY(page.open(QIODevice::ReadOnly));
        const QByteArray bytes = page.readAll();
        QVERIFY(bytes.startsWith("%PDF-") && bytes.contains("/FontFile")); // ISO 32000: fonts embedded
        // A4 is 210 by 297 mm, Letter 8.5 by 11 inches: ISO 216, ANSI/ASME Y14.1 (from memory), in points of 1/72 inch.
        QVERIFY(bytes.contains("595") && bytes.contains("842"));
        const std::string letter = place("letter.pdf");
        QCOMPARE(run({"report", path, "--out", letter, "--letter"}).status, 0);
        QFile other(QString::fromStdString(letter));
        QVERIFY(other.open(QIODevice::ReadOnly) && other.readAll().contains("/MediaBox [0 0 612"));
        QCOMPARE(run({"report", path, "--out", path}).code(), std::string("bad_value"));
        QCOMPARE(run({"report", path, "--out", place("passport.txt")}).where(), std::string("--out"));
        QCOMPARE(run({"report", place("none.dowel"), "--out", place("x.pdf")}).status, 1);
    }
    void theCalendarIsTheFinishThatIsKept()
    {
        const std::string path = book();
        FinishPlan plan = usualFinish("wax", "hardwood", false, std::chrono::sys_days(std::chrono::days(20000)));
        plan.works.push_back({FinishKind::Own, "Engrave the ring", 4});
        QVERIFY(Store::open(path, Store::Mode::Work)->append(FinishEntry{io::finishText(plan)}).ok());
        const std::string out = place("finish.ics");
        QCOMPARE(run({"export", path, "--as", "ics", "--out", out}).status, 0);
        QFile file(QString::fromStdString(out));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QByteArray text = file.readAll();
        text.replace("\r\n ", "");
        QVERIFY(text.contains("Engrave the ring") && text.contains("SEQUENCE:1") && text.contains("BEGIN:VALARM"));
        QVERIFY(text.contains("DTSTART;VALUE=DATE:20241004")); // day 20000 of the epoch: 4 October 2024
        const Answer check = run({"check", path});
        QVERIFY(check.json["ok"] == true);
        QVERIFY(run({"export", path, "--as", "json", "--out", place("record.json")}).status == 0);
    }
};

DOWEL_TEST(TestCli)
#include "test_cli.moc"
