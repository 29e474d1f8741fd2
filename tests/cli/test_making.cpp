// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what is told before anything is heard: the order of work of every family, whole from stock to shelf, its lengths that
// agree with each other and with the drawing, the shop's own bits, inches without a millimetre, and which keys a blank serves.
#include "cli_bench.h"
#include "core/instrument/whole.h"
#include "io/spec_json.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QFile>
#include <QProcess>
#include <QRegularExpression>
#include <QStandardPaths>
#include <algorithm>
#include <map>
#include <set>

using namespace dowel;
using fixtures::mm;
using io::Json;

class TestMaking : public QObject, private CliBench
{
    Q_OBJECT

    static std::string example(const std::string& name) { return std::string(DOWEL_EXAMPLES) + "/" + name + ".dowel"; }
    std::string specFile(const InstrumentSpec& spec)
    {
        return write("spec.json", QByteArray::fromStdString(io::specText(*Instrument::make(spec))));
    }
    static std::vector<std::string> idsOf(const Json& answer)
    {
        std::vector<std::string> ids;
        for (const Json& s : answer["steps"])
            ids.push_back(s["id"].get<std::string>());
        return ids;
    }

    /// What a page of a PDF says, by a reader of its own; page 0: all of them.
    static QString pageOf(const std::string& pdf, int page)
    {
        QStringList asked{QStringLiteral("-layout")};
        if (page > 0)
            asked << QStringLiteral("-f") << QString::number(page) << QStringLiteral("-l") << QString::number(page);
        QProcess reader;
        reader.start(QStringLiteral("pdftotext"), asked << QString::fromStdString(pdf) << QStringLiteral("-"));
        return reader.waitForFinished(60'000) ? QString::fromUtf8(reader.readAllStandardOutput()) : QString();
    }
    /// Whether the number that a pattern catches on a page is a length to a tenth of a millimetre.
    static bool near(const QString& page, const QString& pattern, Metres length)
    {
        const auto found = QRegularExpression(pattern).match(page);
        return found.hasMatch() && std::abs(found.captured(1).toDouble() - length.millimetres()) < 0.0501;
    }

private Q_SLOTS:
    void everyFamilyIsWholeFromStockToShelf()
    {
        // What each kind of maker has to do, in the order of the bench; common practice, no source.
        const std::map<std::string, std::vector<std::string>> needed{
            {"whistle", {"saw", "square", "bore", "window", "windway", "block", "test", "holes", "clean", "listen", "finish"}},
            {"recorder", {"saw", "square", "bore", "window", "windway", "block", "test", "holes", "clean", "listen", "finish"}},
            {"two-chamber", {"saw", "bore", "window", "windway", "block", "test", "holes", "clean", "listen", "finish"}},
            {"flute", {"saw", "square", "bore", "embouchure", "stopper", "test", "holes", "clean", "listen", "finish"}},
            {"fife", {"saw", "bore", "embouchure", "stopper", "test", "holes", "clean", "listen", "finish"}},
            {"stopped", {"saw", "bore", "window", "windway", "block", "test", "listen", "finish"}},
            {"slide", {"saw", "bore", "window", "windway", "block", "test", "finish"}},
            {"reed", {"saw", "bore", "mouthpiece", "reed", "test", "holes", "clean", "listen", "finish"}},
            {"horn", {"saw", "bore", "mouthpiece", "test", "holes", "clean", "listen", "finish"}}};
        const std::set<std::string> known{"season", "saw",     "square",     "bore",   "turn",  "window", "windway",
                                          "block",  "stopper", "embouchure", "reed",   "joint", "holes",  "mouthpiece",
                                          "groove", "clean",   "test",       "listen", "finish"};
        for (const auto& [family, ids] : needed) {
            const Answer a = run({"steps", example(family)});
            QVERIFY2(a.status == 0, (family + a.words).c_str());
            std::size_t next = 0;
            std::set<std::string> keys;
            for (const Json& s : a.json["steps"]) {
                QVERIFY2(known.count(s["id"].get<std::string>()) == 1, s.dump().c_str());
                QVERIFY2(keys.insert(s["key"].get<std::string>()).second, s.dump().c_str()); // each is ticked by itself
                QVERIFY(!s["text"].get<std::string>().empty() && s["done"].is_null());
                next += next < ids.size() && s["id"] == ids[next] ? 1 : 0;
                for (const char* maybe : {"check", "caution", "school"})
                    QVERIFY(s[maybe].is_null() || !s[maybe].get<std::string>().empty());
            }
            QVERIFY2(next == ids.size(), (family + " lacks " + ids[std::min(next, ids.size() - 1)]).c_str());
        }
    }
    void lengthsAgreeWithEachOtherAndTheSpecification()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.head = Head{.length = mm(31.0), .beak = mm(23.4), .waste = mm(27.0)};
        spec.slides = {{.at = mm(70.0), .out = {}, .gapDiameter = mm(13.5), .tenon = mm(14.2)}};
        const Answer a = run({"steps", specFile(spec)});
        QVERIFY2(a.status == 0, a.words.c_str());
        VERIFY_NEAR(a.json["sounding_mm"].get<double>(), 277.5, 0.05);
        VERIFY_NEAR(a.json["overall_mm"].get<double>(), 308.5, 0.05);
        double joints = 0.0;
        for (const Json& j : a.json["joints"])
            joints += j["overall_mm"].get<double>();
        QCOMPARE(a.json["joints"].size(), std::size_t(2));
        VERIFY_NEAR(joints, 308.5, 0.1);
        VERIFY_NEAR(a.json["joints"][0]["overall_mm"].get<double>(), 101.0, 0.05);
        // The tenon is on the lower part, whose sawing length it adds to.
        VERIFY_NEAR(a.json["joints"][0]["sawn_mm"].get<double>(), 101.0, 0.05);
        VERIFY_NEAR(a.json["joints"][1]["sawn_mm"].get<double>(), 207.5 + 14.2, 0.05);
        std::map<std::string, std::vector<double>> measures;
        for (const Json& s : a.json["steps"])
            measures[s["key"]] = s["measures_mm"].get<std::vector<double>>();
        VERIFY_NEAR(measures["saw"].at(0), 308.5 + 27.0, 0.05);
        VERIFY_NEAR(measures["beak"].at(0), 23.4, 0.05);
        QVERIFY((measures["joint 1"] == std::vector<double>{221.7, 14.2, 101.0}));
        for (const Json& s : a.json["steps"]) {
            // Every measure told stands in the text as well, to a tenth.
            for (const Json& m : s["measures_mm"]) {
                const QString number = QString::number(m.get<double>(), 'f', 1).remove(QStringLiteral(".0"));
                const QString told = QString::fromStdString(s["text"].get<std::string>() + s["tool"].get<std::string>());
                QVERIFY2(told.contains(number), qPrintable(told + QLatin1Char(' ') + number));
            }
            if (s["id"] == "holes" && s["key"] == "h1")
                VERIFY_NEAR(s["measures_mm"][0].get<double>(), 277.5 - 218.0, 0.05);
        }
        // The whole piece goes to the workbook and back.
        const std::string book = place("head.dowel");
        QCOMPARE(run({"create", book, "--spec", specFile(spec)}).status, 0);
        VERIFY_NEAR(run({"steps", book}).json["overall_mm"].get<double>(), 308.5, 0.05);
        const std::string out = place("out.json");
        QCOMPARE(run({"export", book, "--as", "spec", "--out", out}).status, 0);
        QFile file(QString::fromStdString(out));
        QVERIFY(file.open(QIODevice::ReadOnly));
        VERIFY_NEAR(Json::parse(file.readAll().toStdString())["head"]["length_mm"].get<double>(), 31.0, 1e-9);
    }
    void theMaterialDecidesTheHand()
    {
        // Cane is burnt or cut, never drilled; plastic never burnt; vegetables by an adult; common practice, no source.
        InstrumentSpec spec = fixtures::whistleSpec();
        const auto said = [&](const char* material) {
            spec.material = material;
            return run({"steps", specFile(spec)}).json.dump();
        };
        const std::string cane = said("cane");
        QVERIFY(cane.find("hot iron") != std::string::npos && cane.find("brad point") == std::string::npos);
        QVERIFY(said("plastic").find("PVC") != std::string::npos);
        QVERIFY(said("hardwood").find("brad point") != std::string::npos);
        QVERIFY(said("vegetable").find("An adult") != std::string::npos);
        QVERIFY(said("horn").find("dust harms the lungs") != std::string::npos);
    }
    void aStoppedPipeHasWoodToBeBoredDeeper()
    {
        // It starts too short and high: the billet holds the goal's depth and a floor, or a plug closes what has no floor.
        const Answer a = run({"steps", std::string(DOWEL_EXAMPLES) + "/stopped.blank.json"});
        QVERIFY2(a.status == 0, a.words.c_str());
        double sawn = 0.0;
        double bored = 0.0;
        bool deeper = false;
        for (const Json& s : a.json["steps"]) {
            if (s["key"] == "saw")
                sawn = s["measures_mm"][1].get<double>();
            if (s["key"] == "bore")
                bored = s["measures_mm"][0].get<double>();
            deeper = deeper || s["key"] == "mark";
            QVERIFY2(s["text"].get<std::string>().find("below") == std::string::npos || s["id"] != "test", s.dump().c_str());
        }
        VERIFY_NEAR(bored, a.json["sounding_mm"].get<double>(), 0.05);
        QVERIFY2(deeper && sawn > a.json["overall_mm"].get<double>() + 12.0, qPrintable(QString::number(sawn)));
        Json spec = run({"layout", std::string(DOWEL_EXAMPLES) + "/stopped.blank.json"}).json["start"];
        spec["material"] = "cane";
        const Answer cane = run({"steps", write("cane.json", spec.dump())});
        QVERIFY(
            std::any_of(cane.json["steps"].begin(), cane.json["steps"].end(), [](const Json& s) { return s["key"] == "plug"; }));
    }
    void theDrawerIsObeyedInItsOwnMarking()
    {
        // Five odd bits: number 7 is 0.201 in, letter F 0.257 in, 9/32 is 0.28125 in (ASME B94.11M, from memory).
        Json drawer{{"bits", {"4 mm", "9/32", "#7", "F", "0.25 in"}}, {"tools", {"knife"}}};
        drawer["reamers"] = {
            {{"name", "Long cone"},
             {"shape", {{{"from_tip_mm", 0.0}, {"diameter_mm", 9.8}}, {{"from_tip_mm", 120.0}, {"diameter_mm", 12.0}}}}},
            {{"name", "told otherwise"}}};
        const std::string file = write("drawer.json", drawer.dump());
        const Answer a = run({"steps", specFile(fixtures::whistleSpec()), "--drawer", file});
        QVERIFY2(a.status == 0, a.words.c_str());
        const std::map<std::string, double> sizes{
            {"4 mm", 4.0}, {"9/32", 7.14375}, {"#7", 5.1054}, {"F", 6.5278}, {"0.25 in", 6.35}};
        int holes = 0;
        for (const Json& s : a.json["steps"]) {
            const std::string tool = s["tool"].get<std::string>();
            if (s["id"] != "holes" || !s["key"].get<std::string>().starts_with("h"))
                continue;
            ++holes;
            const auto bit =
                std::find_if(sizes.begin(), sizes.end(), [&](const auto& b) { return tool.starts_with(b.first + " bit"); });
            QVERIFY2(bit != sizes.end(), tool.c_str());
            const double hole = s["measures_mm"][1].get<double>();
            QVERIFY(bit->second <= hole + 0.05); // never wider than the hole
            for (const auto& [name, size] : sizes)
                QVERIFY2(size <= bit->second || size > hole - 0.05, name.c_str()); // and the largest of those
        }
        QCOMPARE(holes, 6);
        // Without a hand tool what no bit makes is out of reach.
        const std::string none = write("none.json", Json{{"bits", {"30 mm"}}, {"tools", Json::array()}}.dump());
        QVERIFY(run({"steps", specFile(fixtures::whistleSpec()), "--drawer", none}).json.dump().find("out of reach") !=
                std::string::npos);
    }
    void anInstrumentInInchesHasNoMillimetreInSight()
    {
        for (const char* family : {"whistle", "flute", "recorder", "reed", "horn"}) {
            const Answer a = run({"steps", example(family), "--units", "in"});
            QCOMPARE(a.status, 0);
            for (const Json& s : a.json["steps"])
                for (const char* words : {"text", "tool"})
                    QVERIFY2(s[words].get<std::string>().find(" mm") == std::string::npos, s.dump().c_str());
        }
        const std::string pdf = place("sheet.pdf");
        QCOMPARE(run({"worksheet", example("flute"), "--out", pdf, "--units", "in", "--paper", "letter"}).status, 0);
        QFile file(QString::fromStdString(pdf));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray bytes = file.readAll();
        QVERIFY(bytes.startsWith("%PDF-") && bytes.contains("%%EOF"));
        QVERIFY(bytes.count("/Type /Page\n") + bytes.count("/Type /Page ") >= 2); // words and template
        QCOMPARE(run({"worksheet", example("flute"), "--out", place("sheet.txt")}).status, 1);
        // A class has its order of work on one page, with what an adult does marked as such.
        QCOMPARE(run({"worksheet", example("whistle"), "--out", pdf, "--class"}).status, 0);
        const QString first = pageOf(pdf, 1);
        QVERIFY2(first.count(QStringLiteral("ADULT")) > 5, qPrintable(first));
        QVERIFY2(first.contains(QStringLiteral("Play every fingering")), qPrintable(first)); // the last step but one
        QVERIFY(pageOf(pdf, 2).contains(QStringLiteral("full size, page 1")));
    }
    void sheetsAndPassportAgreeToATenthOfAMillimetre()
    {
        InstrumentSpec spec = fixtures::eightHoleSpec();
        spec.slides = {{mm(60.0), mm(0.0), spec.bore.front().diameter}};
        clearJoints(spec);
        const std::string book = place("agree.dowel");
        QCOMPARE(run({"create", book, "--spec", specFile(spec)}).status, 0);
        const std::string pdf = place("agree.pdf");
        QCOMPARE(run({"worksheet", book, "--out", pdf}).status, 0);
        const QString sheet = pageOf(pdf, 0);
        QCOMPARE(run({"report", book, "--out", pdf}).status, 0);
        const QString passport = pageOf(pdf, 0);
        const Metres length = spec.bore.back().at;
        const auto parts = partsOf(spec);
        for (const Hole& h : spec.holes) {
            const QString name = QString::fromStdString(h.id.text);
            const Metres end = h.at > parts.front().to ? length : parts.front().to; // of the joint that it is in
            QVERIFY2(near(sheet, name + QStringLiteral("[^:\\n]*:\\s+([0-9.]+)\\s+mm\\s+from\\s+the\\s+foot"), length - h.at),
                     qPrintable(sheet));
            QVERIFY2(near(sheet,
                          QStringLiteral("\\n\\s*") + name +
                              QStringLiteral("(?:, at the back)?\\s+([0-9.]+)\\s+[0-9.]+\\s+[0-9.]+\\s+\\["),
                          end - h.at),
                     qPrintable(sheet));
            QVERIFY2(near(passport, QStringLiteral("\\n\\s*") + name + QStringLiteral("\\s+([0-9.]+) mm"), length - h.at),
                     qPrintable(passport));
        }
        for (const QString& page : {sheet, passport}) {
            QVERIFY2(near(page, QStringLiteral("sounding\\s+length\\s+([0-9.]+)\\s+mm"), length), qPrintable(page));
            QVERIFY2(near(page, QStringLiteral("Overall\\s+length\\s+([0-9.]+)\\s+mm"), overallOf(spec)), qPrintable(page));
            QVERIFY2(near(page, QStringLiteral("head\\s+([0-9.]+)\\s+mm"), parts.front().overall), qPrintable(page));
            QVERIFY2(near(page, QStringLiteral("foot\\s+([0-9.]+)\\s+mm"), parts.back().overall), qPrintable(page));
            // Both drawings measure the holes from the foot.
            for (const Hole& h : spec.holes)
                QVERIFY2(page.contains(QString::number((length - h.at).millimetres(), 'f', 1)), qPrintable(page));
        }
    }
    void aLayoutHasTheDrawersOwnSizes()
    {
        const std::string drawer =
            write("drawer.json", Json{{"bits", {"5 mm", "7/32", "1/4", "No. 1", "8 mm", "11/32"}}, {"tools", {"knife"}}}.dump());
        const std::string blank = std::string(DOWEL_EXAMPLES) + "/whistle.blank.json";
        const Answer a = run({"layout", blank, "--drawer", drawer});
        QVERIFY2(a.status == 0, a.words.c_str());
        // Sizes by ASME B94.11M (number and fractional sizes, from memory), in millimetres.
        const std::map<std::string, double> sizes{{"5 mm", 5.0}, {"7/32", 5.55625}, {"No. 1", 5.7912},
                                                  {"1/4", 6.35}, {"8 mm", 8.0},     {"11/32", 8.73125}};
        int byBit = 0;
        for (const Json& t : a.json["tools"])
            for (const Json& h : a.json["start"]["holes"])
                if (h["id"] == t["hole"])
                    for (const auto& [name, size] : sizes)
                        if (t["first"] == name) {
                            VERIFY_NEAR(h["diameter_mm"].get<double>(), size, 0.001);
                            ++byBit;
                        }
        QCOMPARE(a.json["tools"].size(), a.json["start"]["holes"].size());
        QVERIFY2(byBit >= 3, a.json["tools"].dump().c_str());
        QVERIFY(!run({"layout", blank}).json.contains("tools"));
        QCOMPARE(run({"layout", blank, "--drawer", place("none.json")}).status, 1);
    }
    void whichKeysABlankServes()
    {
        const Answer a = run({"keys", std::string(DOWEL_EXAMPLES) + "/whistle.blank.json"});
        QVERIFY2(a.status == 0, a.words.c_str());
        QVERIFY(a.json["keys"].size() > 8);
        double before = 1e9;
        int well = 0;
        for (const Json& k : a.json["keys"]) {
            const std::string serves = k["serves"].get<std::string>();
            QVERIFY(serves == "well" || serves == "partly" || serves == "no");
            well += serves == "well" ? 1 : 0;
            QVERIFY(serves == "well" ? k["why"].get<std::string>().empty() : !k["why"].get<std::string>().empty());
            // A higher note needs a shorter tube: by a semitone about a seventeenth (equal temperament), less the end's part.
            const double length = k["sounding_mm"].get<double>();
            QVERIFY(length < before);
            if (before < 1e8)
                QVERIFY(length / before > 0.90 && length / before < 0.96);
            before = length;
            QVERIFY(!k["name"].get<std::string>().empty() &&
                    k["note"].get<std::string>().starts_with(k["name"].get<std::string>()));
        }
        QVERIFY(well > 0);
        QCOMPARE(run({"keys", example("whistle")}).status, 0);
        QCOMPARE(run({"keys", "/no/such/file.json"}).status, 1);
    }
};

DOWEL_TEST(TestMaking)
#include "test_making.moc"
