// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that every kind of entry goes to text and back with every field, that steps are read as the contract writes
// them, and that the table holds what the record holds.
#include "io/advice_json.h"
#include "io/record_json.h"
#include "io/table.h"
#include "support/compare.h"
#include "support/entries.h"
#include "support/test_main.h"
#include "support/works.h"

#include <set>

using namespace dowel;
using fixtures::mm;
using io::Json;

class TestRecordJson : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void everyEntryGoesThereAndBack()
    {
        const EntryBody bodies[] = {fixtures::fullReading(true),
                                    fixtures::fullReading(false),
                                    fixtures::fullCut(),
                                    fixtures::fullAdvice(),
                                    SetAsideEntry{{7}, "played \"badly\", twice"},
                                    PracticeEntry{123456789, Temperature::fromCelsius(19.5), 18.0, true, true},
                                    NoteEntry{"drilled h1, \"tear-out\" at the back"},
                                    StrategyEntry{{true, false, true, 0.4, Effort::Best}},
                                    MeasureEntry{HoleId{"h3"}, Metres::fromMillimetres(6.25)},
                                    MeasureEntry{std::nullopt, Metres::fromMillimetres(271.5)}};
        for (const EntryBody& body : bodies) {
            const std::string text = io::bodyText(body);
            const auto back = io::bodyFromText(factsOf(body).word, text);
            VERIFY_OK(back);
            QCOMPARE(back->index(), body.index());
            QCOMPARE(io::bodyText(*back), text);
        }
        const auto reading = io::bodyFromText("reading", io::bodyText(fixtures::fullReading(true)));
        const auto& r = std::get<ReadingEntry>(*reading);
        VERIFY_NEAR(r.pitch.hertz(), 733.0625, 0.0);
        VERIFY_NEAR(r.air.celsius(), 22.5, 1e-9);
        QVERIFY(r.hasTake && r.note && r.note->flags == fixtures::fullNote().flags && r.note->registerNumber == 2);
        VERIFY_NEAR(r.note->partials_dB[9], -31.5, 0.0);
        const auto advice = io::bodyFromText("advice", io::bodyText(fixtures::fullAdvice()));
        const auto& a = std::get<Advice>(*advice);
        QVERIFY(a.contradiction == fixtures::fullAdvice().contradiction);
        QVERIFY(a.left == fixtures::fullAdvice().left);
        QVERIFY(a.lastResort == fixtures::fullAdvice().lastResort);
        QVERIFY(a.steps[0].hear == fixtures::fullAdvice().steps[0].hear);
        QVERIFY(a.steps[0].forecast == fixtures::fullAdvice().steps[0].forecast);
        QVERIFY(a.steps[0].reason.guarded && a.steps[0].bit && !a.steps[1].bit);
    }
    void everyKindOfWorkReadsBackAsItWasWritten()
    {
        std::set<std::string_view> words;
        for (const Instrument& there : fixtures::oneOfEachMouth())
            for (const Cut& work : worksOn(there)) {
                words.insert(factsOf(work).word);
                const auto back = io::cutFromJson(io::jsonOf(work));
                VERIFY_OK(back);
                QVERIFY2(*back == work, io::jsonOf(work).dump().c_str());
            }
        int kinds = 0;
        forEachCutKind([&](const auto& kind) {
            ++kinds;
            QVERIFY2(words.contains(kind.facts.word) || kind.facts.word == "ream" || kind.facts.word == "ream_taper",
                     kind.facts.word.data());
        });
        QCOMPARE(kinds, 24);
    }
    void theContractsStepsAreRead_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("size");
        const std::pair<const char*, double> rows[] = {
            {R"({"kind": "enlarge", "hole": "h1", "diameter_mm": 6.4})", 6.4},
            {R"({"kind": "undercut", "hole": "h1", "undercut_diameter_mm": 7.5})", 7.5},
            {R"({"kind": "trim_foot", "length_mm": 274.5})", 274.5},
            {R"({"kind": "ream", "from_mm": 40.0, "to_mm": 80.0, "diameter_mm": 13.0})", 13.0},
            {R"({"kind": "move_stopper", "stopper_mm": 18.0})", 18.0},
            {R"({"kind": "cut_up", "window_length_mm": 4.5})", 4.5},
            {R"({"kind": "enlarge_embouchure", "hole_length_mm": 11.5})", 11.5},
            {R"({"kind": "enlarge_embouchure", "hole_length_mm": 9.6, "hole_width_mm": 8.4})", 9.6},
            {R"({"kind": "deepen", "length_mm": 92.4})", 92.4},
            {R"({"kind": "push_plug", "length_mm": 90.0})", 90.0},
            {R"({"kind": "undercut_embouchure", "undercut_mm": 0.8})", 0.8},
            {R"({"kind": "put_on_foot", "length_mm": 40.0, "mouth_mm": 60.0, "shape": "cone"})", 40.0},
            {R"({"kind": "put_on_foot", "length_mm": 12.5, "mouth_mm": 14.0, "shape": "ring"})", 12.5},
            {R"({"kind": "put_on_foot", "length_mm": 0.0})", 0.0},
            {R"({"kind": "fill", "hole": "h1", "diameter_mm": 6.0})", 6.0},
            {R"({"kind": "countersink", "hole": "h1", "countersink_diameter_mm": 8.5})", 8.5},
            {R"({"kind": "countersink", "hole": "h1", "countersink_diameter_mm": 8.5, "countersink_depth_mm": 1.5})", 8.5},
            {R"({"kind": "groove", "hole": "h1", "chimney_mm": 2.5})", 2.5},
            {R"({"kind": "open_windway", "windway_height_mm": 1.2})", 1.2},
            {R"({"kind": "chamfer", "chamfer_mm": 0.3})", 0.3},
            {R"({"kind": "cut_lip", "ramp_length_mm": 6.0})", 6.0},
            {R"({"kind": "ream_taper", "from_mm": 180.0, "to_mm": 260.0, "diameter_from_mm": 13.0, "diameter_to_mm": 14.3})",
             13.0},
            {R"({"kind": "change_stopper", "stopper_mm": 17.5})", 17.5}};
        for (const auto& [text, size] : rows)
            QTest::newRow(text) << QString::fromLatin1(text) << size;
    }
    void theContractsStepsAreRead()
    {
        QFETCH(QString, text);
        QFETCH(double, size);
        const Json json = Json::parse(text.toStdString());
        const auto cut = io::cutFromJson(json);
        VERIFY_OK(cut);
        VERIFY_NEAR(wantedSize(*cut).millimetres(), size, 1e-9);
        QVERIFY(io::jsonOf(*cut) == json);
    }
    void theEmbouchuresFormerWordIsStillRead()
    {
        const auto cut = io::cutFromJson(Json::parse(R"({"kind": "open_embouchure", "hole_length_mm": 11.5})"));
        VERIFY_OK(cut);
        QCOMPARE(io::jsonOf(*cut)["kind"].get<std::string>(), std::string("enlarge_embouchure"));
    }
    void badStepsAndSessionsAreNamed()
    {
        QCOMPARE(io::cutFromJson(Json::parse(R"({"kind": "polish"})")).error().where, std::string("/kind"));
        QCOMPARE(io::cutFromJson(Json::parse(R"({"kind": "enlarge", "hole": "h1"})")).error().code, ErrorCode::MissingKey);
        QCOMPARE(io::cutFromJson(Json::parse(R"({"kind": "trim_foot", "length_mm": 270, "hole": "h1"})")).error().code,
                 ErrorCode::UnknownKey);
        QCOMPARE(io::cutFromJson(Json::parse(R"({"kind": "put_on_foot", "length_mm": 9, "mouth_mm": 9, "shape": "trumpet"})"))
                     .error()
                     .where,
                 std::string("/shape"));
        const auto session = io::sessionFromJson(
            Json::parse(R"({"celsius": 21.5, "readings": [{"fingering": "D5", "hz": 585.1, "sd_cents": 2.0}]})"));
        VERIFY_OK(session);
        VERIFY_NEAR(session->air.celsius(), 21.5, 1e-9);
        VERIFY_NEAR(session->readings.at(0).pitch.hertz(), 585.1, 1e-9);
        QCOMPARE(io::sessionFromJson(Json::parse(R"({"readings": []})")).error().where, std::string("/celsius"));
        QCOMPARE(io::sessionFromJson(Json::parse(R"({"celsius": 20})")).error().where, std::string("/readings"));
        QCOMPARE(
            io::sessionFromJson(Json::parse(R"({"celsius": 20, "readings": [{"fingering": "D5", "hertz": 5}]})")).error().where,
            std::string("/readings/0/hz"));
    }
    void nonsenseBodiesAreDamage()
    {
        QVERIFY(!io::bodyFromText("reading", "{}"));
        QVERIFY(!io::bodyFromText("cut", "[]"));
        QVERIFY(!io::bodyFromText("advice", R"({"state": "dance"})"));
        QCOMPARE(io::bodyFromText("song", "{}").error().code, ErrorCode::Damaged);
    }
    void theTableAndTheRecordHoldEverything()
    {
        Workbook book(fixtures::whistle());
        VERIFY_OK(book.append({{1}, "2026-01-01T10:00:00.000Z", fixtures::fullReading(false)}));
        VERIFY_OK(book.append({{2}, "2026-01-01T10:01:00.000Z", fixtures::fullAdvice()}));
        VERIFY_OK(book.append({{3}, "2026-01-01T10:02:00.000Z", fixtures::fullCut()}));
        VERIFY_OK(book.append({{4}, "2026-01-01T10:03:00.000Z", SetAsideEntry{{1}, "a \"comma\", here"}}));
        const auto lines = QString::fromStdString(io::recordCsv(book)).split(QStringLiteral("\r\n"), Qt::SkipEmptyParts);
        QCOMPARE(lines.size(), 5);
        QCOMPARE(lines[1], QStringLiteral("1,2026-01-01T10:00:00.000Z,reading,F#5,733.0625,-16.28,0.75,,,yes"));
        QCOMPARE(lines[3], QStringLiteral("3,2026-01-01T10:02:00.000Z,cut,enlarge h2,,,,5.900,6.400,no"));
        QVERIFY(lines[4].contains(QStringLiteral("\"entry 1: a \"\"comma\"\", here\""))); // RFC 4180
        const Json all = Json::parse(io::recordText(book));
        QCOMPARE(all["entries"].size(), std::size_t(4));
        QVERIFY(all["entries"][0]["set_aside"] == true);
        VERIFY_NEAR(all["present"]["holes"][1]["diameter_mm"].get<double>(), 6.4, 1e-9);
        VERIFY_NEAR(all["specified"]["holes"][1]["diameter_mm"].get<double>(), 5.9, 1e-9);
    }
};

DOWEL_TEST(TestRecordJson)
#include "test_record_json.moc"
