// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the specification format of the contract: its own example is read, every field goes there and back, and every
// wrong key, unit and value is refused with its place.
#include "io/json_reader.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <QFile>
#include <QTemporaryDir>
#include <clocale>

using namespace dowel;
using io::Json;

namespace {

Json contractExample()
{
    return Json::parse(R"({
      "format": "dowel-instrument", "version": 1, "name": "Practice whistle no. 1", "family": "whistle",
      "excitation": {"kind": "duct", "window_width_mm": 8.0, "window_length_mm": 4.2, "chimney_mm": 2.5, "upstream_mm": 0.0},
      "bore": [{"at_mm": 0.0, "diameter_mm": 12.7}, {"at_mm": 276.0, "diameter_mm": 12.7}],
      "wall_mm": 1.5, "foot": "open",
      "holes": [{"id": "h1", "at_mm": 241.0, "diameter_mm": 6.0, "undercut_diameter_mm": 6.0, "chimney_mm": 1.5, "side": "front", "digit": "R3"}],
      "tuning": {"a4_hz": 440.0, "scale": "equal", "celsius": 20.0},
      "fingerings": [
        {"id": "D5", "closed": ["h1"], "register": 1, "target": "D5", "tolerance_cents": 6.0, "weight": 1.0},
        {"id": "D6", "closed": ["h1"], "register": 2, "target_hz": 1174.66, "tolerance_cents": 10.0, "weight": 0.5}],
      "tools": {"step_mm": 0.1, "bits_mm": [5.0, 5.5, 6.0, 6.5, 7.0]},
      "limits": {"hole_max_mm": 11.0, "foot_min_mm": 270.0}})");
}

} // namespace

class TestSpecJson : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theContractsExampleIsRead()
    {
        const auto i = io::instrumentFromJson(contractExample());
        VERIFY_OK(i);
        QCOMPARE(i->spec().name, std::string("Practice whistle no. 1"));
        VERIFY_NEAR(i->length().millimetres(), 276.0, 1e-9);
        VERIFY_NEAR(i->find(FingeringId{"D5"})->target.hertz(), 587.33, 0.005);
        VERIFY_NEAR(i->find(FingeringId{"D6"})->target.hertz(), 1174.66, 1e-9);
        VERIFY_NEAR(i->spec().tools.bits.back().millimetres(), 7.0, 1e-9);
    }
    void everyFieldGoesThereAndBack()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.holes[1].undercutDiameter = fixtures::mm(6.7);
        s.holes[2].side = Side::Back;
        s.holes[3].chimney = fixtures::mm(2.25);
        s.tuning.a4 = Hertz::fromHertz(415.0);
        s.tuning.playedAt = Temperature::fromCelsius(18.5);
        for (Fingering& f : s.fingerings)
            f.target = f.target * (415.0 / 440.0);
        s.fingerings[4].targetName.clear();
        s.fingerings[4].closed.pop_back();
        s.fingerings[4].half = {{{"h6"}, 0.25}};
        s.tuning.humidity = 0.6;
        s.tuning.carbonDioxide = 0.02;
        s.tuning.gradient_K_m = -12.0;
        s.bore[1].wall = fixtures::mm(3.4);
        s.bore[1].roughness = 1.2;
        s.bore[1].porosity = 0.001;
        s.slides = {{fixtures::mm(50.0), fixtures::mm(2.0), fixtures::mm(15.5), fixtures::mm(17.5), true}};
        s.head = Head{.length = fixtures::mm(88.0),
                      .slowChamberLength = fixtures::mm(45.0),
                      .slowChamberDiameter = fixtures::mm(16.5),
                      .slowChamberEntry = fixtures::mm(6.5),
                      .slowChamberExit = fixtures::mm(7.25),
                      .beak = fixtures::mm(21.0),
                      .waste = fixtures::mm(33.0)};
        s.holes[0].elongation = 1.25;
        s.holes[1].slant_rad = 0.25;
        s.holes[2].closure = Closure::Thumb;
        s.holes[3].countersink = Countersink{fixtures::mm(7.5), fixtures::mm(1.0)};
        s.holes[4].closure = Closure::Pad;
        s.holes[4].pad = Pad{fixtures::mm(2.5), fixtures::mm(9.5)};
        s.holes[5].count = 2;
        s.footPiece = FootPiece{fixtures::mm(30.0), fixtures::mm(24.0), false};
        s.fingerings[4].target = Hertz::fromHertz(812.25);
        for (const Excitation& e :
             {Excitation{Duct{fixtures::mm(9.0), fixtures::mm(5.0), fixtures::mm(2.0), fixtures::mm(3.0)}},
              Excitation{Duct{fixtures::mm(9.0),
                              fixtures::mm(5.0),
                              fixtures::mm(2.0),
                              {},
                              fixtures::mm(0.8),
                              2.0,
                              fixtures::mm(42.0),
                              fixtures::mm(1.1),
                              fixtures::mm(0.3)}},
              Excitation{Transverse{fixtures::mm(9.0), fixtures::mm(8.0), fixtures::mm(4.0), fixtures::mm(15.0), 0.35}},
              Excitation{Transverse{fixtures::mm(9.0), fixtures::mm(8.0), fixtures::mm(4.0), fixtures::mm(15.0), 0.35,
                                    fixtures::mm(1.2)}},
              Excitation{ClosedTop{true, CubicMetres::fromCubicMillimetres(1234.0)}},
              Excitation{ClosedTop{false, CubicMetres::fromCubicMillimetres(800.0), fixtures::mm(19.0)}}}) {
            s.excitation = e;
            const auto before = Instrument::make(s);
            VERIFY_OK(before);
            const auto after = io::specFromText(io::specText(*before), "text");
            VERIFY_OK(after);
            QCOMPARE(io::specText(*after), io::specText(*before));
            QCOMPARE(after->spec().excitation.index(), e.index());
            VERIFY_NEAR(after->find(FingeringId{"B5"})->target.hertz(), before->find(FingeringId{"B5"})->target.hertz(), 1e-6);
            QVERIFY(after->spec().holes[2].side == Side::Back);
            QVERIFY(after->spec().footPiece == s.footPiece);
            QVERIFY(after->spec().head == s.head);
            QVERIFY(after->spec().slides == s.slides);
            if (const auto* top = std::get_if<ClosedTop>(&e))
                QVERIFY(std::get<ClosedTop>(after->spec().excitation).socket == top->socket);
            if (const auto* lip = std::get_if<Transverse>(&e))
                VERIFY_NEAR(std::get<Transverse>(after->spec().excitation).undercut.millimetres(), lip->undercut.millimetres(),
                            1e-9);
            if (const auto* duct = std::get_if<Duct>(&e)) {
                const auto& back = std::get<Duct>(after->spec().excitation);
                VERIFY_NEAR(back.windwayLength.millimetres(), duct->windwayLength.millimetres(), 1e-9);
                VERIFY_NEAR(back.windwayHeight.millimetres(), duct->windwayHeight.millimetres(), 1e-9);
                VERIFY_NEAR(back.chamfer.millimetres(), duct->chamfer.millimetres(), 1e-9);
            }
        }
    }
    void obviousDefaultsMayBeLeftOut()
    {
        Json j = contractExample();
        j.erase("tuning");
        j.erase("tools");
        j.erase("limits");
        j.erase("name");
        j["holes"][0].erase("undercut_diameter_mm");
        j["holes"][0].erase("chimney_mm");
        j["excitation"].erase("upstream_mm");
        j["excitation"].erase("chimney_mm");
        const auto i = io::instrumentFromJson(j);
        VERIFY_OK(i);
        VERIFY_NEAR(i->spec().holes[0].chimney.millimetres(), 1.5, 1e-9);
        VERIFY_NEAR(i->spec().holes[0].undercutDiameter.millimetres(), 6.0, 1e-9);
    }
    void whatIsWrongIsNamed_data()
    {
        QTest::addColumn<QString>("patch");
        QTest::addColumn<QString>("where");
        QTest::addColumn<QString>("code");
        const auto row = [](const char* name, const char* patch, const char* where, const char* code) {
            QTest::newRow(name) << QString::fromLatin1(patch) << QString::fromLatin1(where) << QString::fromLatin1(code);
        };
        row("unknown key", R"({"colour": "red"})", "/colour", "unknown_key");
        row("wrong unit", R"({"wall_mm": null, "wall_in": 0.06})", "/wall_mm", "missing_key");
        row("unknown key inside", R"({"tools": {"step_inch": 1}})", "/tools/step_inch", "unknown_key");
        row("text for a number", R"({"wall_mm": "1.5"})", "/wall_mm", "bad_value");
        row("unknown family", R"({"family": "kazoo"})", "/family", "bad_value");
        row("unknown excitation", R"({"excitation": {"kind": "bow"}})", "/excitation/kind", "bad_value");
        row("hole wider than the bore", R"({"holes": [{"id": "h1", "at_mm": 241, "diameter_mm": 13}]})", "/holes/h1/diameter_mm",
            "bad_geometry");
        row("hole outside", R"({"holes": [{"id": "h1", "at_mm": 300, "diameter_mm": 6}]})", "/holes/h1/at_mm", "bad_geometry");
        row("no target", R"({"fingerings": [{"id": "D5", "closed": []}]})", "/fingerings/D5/target", "bad_fingering");
        row("two targets", R"({"fingerings": [{"id": "D5", "closed": [], "target": "D5", "target_hz": 587}]})",
            "/fingerings/D5/target", "bad_fingering");
        row("no such pitch", R"({"fingerings": [{"id": "D5", "closed": [], "target": "H5"}]})", "/fingerings/D5/target",
            "bad_fingering");
        row("stations out of order", R"({"bore": [{"at_mm": 0, "diameter_mm": 12}, {"at_mm": 0, "diameter_mm": 12}]})",
            "/bore/1/at_mm", "bad_geometry");
        row("a tenon on neither part", R"({"slides": [{"at_mm": 60, "tenon_on": "left"}]})", "/slides/0/tenon_on", "bad_value");
        row("a beak that is none", R"({"head": {"length_mm": 30, "beak_mm": -1}})", "/head/beak_mm", "bad_geometry");
        row("a list for an object", R"({"tuning": []})", "/tuning", "bad_value");
        row("another format", R"({"format": "something"})", "/format", "bad_value");
        row("a newer version", R"({"version": 2})", "/version", "newer_version");
        row("a fraction for a register", R"({"fingerings": [{"id": "D5", "closed": [], "register": 1.5, "target": "D5"}]})",
            "/fingerings/D5/register", "bad_value");
    }
    void whatIsWrongIsNamed()
    {
        QFETCH(QString, patch);
        QFETCH(QString, where);
        QFETCH(QString, code);
        Json j = contractExample();
        j.merge_patch(Json::parse(patch.toStdString()));
        const auto i = io::instrumentFromJson(j);
        QVERIFY(!i);
        QCOMPARE(QString::fromStdString(i.error().where), where);
        QCOMPARE(QString::fromUtf8(codeName(i.error().code).data()), code);
    }
    void brokenTextIsRefused()
    {
        for (const char* text : {"", "{", "[]", "not json", "{\"format\": }", "\xff\xfe"})
            QVERIFY2(!io::specFromText(text, "text"), text);
        QCOMPARE(io::readSpecFile("/no/such/file.json").error().code, ErrorCode::Unreadable);
    }
    void aCommaLocaleChangesNothing()
    {
        const std::string before = io::specText(fixtures::whistle());
        if (std::setlocale(LC_ALL, "de_DE.UTF-8") == nullptr)
            std::setlocale(LC_ALL, "C.UTF-8");
        const std::string after = io::specText(fixtures::whistle());
        std::setlocale(LC_ALL, "C");
        QCOMPARE(after, before);
        VERIFY_OK(io::specFromText(after, "text"));
    }
    void filesAreWrittenWholeOrNotAtAll()
    {
        QTemporaryDir dir;
        const std::string path = dir.filePath(QStringLiteral("a.txt")).toStdString();
        VERIFY_OK(io::writeFileWhole(path, "one"));
        VERIFY_OK(io::writeFileWhole(path, "two"));
        QFile file(QString::fromStdString(path));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll(), QByteArray("two"));
        QVERIFY(!io::writeFileWhole("/no/such/folder/a.txt", "x"));
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1); // nothing is left beside it
    }
};

DOWEL_TEST(TestSpecJson)
#include "test_spec_json.moc"
