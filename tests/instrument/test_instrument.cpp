// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that an instrument which cannot exist is refused with its place, and one that can is taken as it is.
#include "core/instrument/instrument.h"
#include "core/instrument/whole.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <functional>
#include <limits>

using namespace dowel;
using fixtures::mm;

using Spoil = std::function<void(InstrumentSpec&)>;
Q_DECLARE_METATYPE(Spoil)

class TestInstrument : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void aHoleBesideANodeIsNamed()
    {
        const std::vector<Hole> row = fixtures::whistleSpec().holes; // h3 at 181.5, 5.3 wide
        const auto near = holesNearNodes({{fixtures::mm(184.5), false}, {fixtures::mm(60.0), true}}, row);
        QCOMPARE(near.size(), std::size_t(1));
        QCOMPARE(near.front().hole.text, std::string("h3"));
        VERIFY_NEAR(near.front().distance.millimetres(), 3.0, 1e-9);
        QVERIFY(holesNearNodes({{fixtures::mm(187.0), false}}, row).empty()); // a diameter away from its neighbours
    }
    void aPossibleInstrumentIsTakenAsItIs()
    {
        const auto made = Instrument::make(fixtures::whistleSpec());
        VERIFY_OK(made);
        QVERIFY(made->spec() == fixtures::whistleSpec());
    }
    void theBoreIsStraightBetweenStations()
    {
        const Instrument w = fixtures::whistle();
        VERIFY_NEAR(w.boreDiameterAt(mm(0.0)).millimetres(), 14.0, 1e-9);
        VERIFY_NEAR(w.boreDiameterAt(mm(106.25)).millimetres(), 13.0, 1e-9);
        VERIFY_NEAR(w.boreDiameterAt(mm(245.0)).millimetres(), 13.5, 1e-9);
        VERIFY_NEAR(w.boreDiameterAt(mm(999.0)).millimetres(), 15.0, 1e-9);
    }
    void aFingeringClosesWhatItLists()
    {
        const Instrument w = fixtures::whistle();
        const auto closed = w.closedHoles(*w.find(FingeringId{"F#5"}));
        QCOMPARE(closed, (std::vector<bool>{false, false, true, true, true, true}));
        QVERIFY(w.find(HoleId{"h9"}) == nullptr);
        QCOMPARE(*w.indexOf(HoleId{"h3"}), std::size_t(2));
    }
    void familiesHaveStableNames()
    {
        for (int i = 0; i <= static_cast<int>(Family::Other); ++i)
            QVERIFY(familyFromName(familyName(static_cast<Family>(i))) == static_cast<Family>(i));
        QVERIFY(!familyFromName("kazoo"));
    }
    void whatIsJustWithinItsRangeIsTakenAndWhatIsJustBeyondIsNot()
    {
        struct Limit
        {
            const char* name;
            double within;
            double beyond;
            void (*put)(InstrumentSpec&, double);
        };
        const Limit limits[] = {{"least roughness", 0.1, 0.099,
                                 [](InstrumentSpec& s, double v) {
                                     s.bore[1].roughness = v;
                                 }},
                                {"most roughness", 10.0, 10.01,
                                 [](InstrumentSpec& s, double v) {
                                     s.bore[1].roughness = v;
                                 }},
                                {"no porosity", 0.0, -0.001,
                                 [](InstrumentSpec& s, double v) {
                                     s.bore[1].porosity = v;
                                 }},
                                {"most porosity", 0.1, 0.101,
                                 [](InstrumentSpec& s, double v) {
                                     s.bore[1].porosity = v;
                                 }},
                                {"most lip", 0.9, 0.901,
                                 [](InstrumentSpec& s, double v) {
                                     s.excitation = Transverse{mm(10.0), mm(9.0), mm(4.0), mm(17.0), v};
                                 }},
                                {"no lip", 0.0, -0.01,
                                 [](InstrumentSpec& s, double v) {
                                     s.excitation = Transverse{mm(10.0), mm(9.0), mm(4.0), mm(17.0), v};
                                 }},
                                {"no mouthpiece", 0.0, -1.0,
                                 [](InstrumentSpec& s, double v) {
                                     s.excitation = ClosedTop{false, CubicMetres::fromCubicMillimetres(v)};
                                 }},
                                {"lowest register", 1.0, 0.0,
                                 [](InstrumentSpec& s, double v) {
                                     s.fingerings[0].registerNumber = static_cast<int>(v);
                                 }},
                                {"highest register", 6.0, 7.0,
                                 [](InstrumentSpec& s, double v) {
                                     s.fingerings[0].registerNumber = static_cast<int>(v);
                                 }},
                                {"lowest target", 20.0, 19.9,
                                 [](InstrumentSpec& s, double v) {
                                     s.fingerings[0].target = Hertz::fromHertz(v);
                                 }},
                                {"highest target", 12000.0, 12001.0,
                                 [](InstrumentSpec& s, double v) {
                                     s.fingerings[0].target = Hertz::fromHertz(v);
                                 }},
                                {"widest tolerance", 100.0, 100.1,
                                 [](InstrumentSpec& s, double v) {
                                     s.fingerings[0].tolerance = Cents::fromCents(v);
                                 }},
                                {"no weight", 0.0, -0.1,
                                 [](InstrumentSpec& s, double v) {
                                     s.fingerings[0].weight = v;
                                 }},
                                {"most weight", 1000.0, 1001.0,
                                 [](InstrumentSpec& s, double v) {
                                     s.fingerings[0].weight = v;
                                 }},
                                {"lowest A4", 300.0, 299.9,
                                 [](InstrumentSpec& s, double v) {
                                     s.tuning.a4 = Hertz::fromHertz(v);
                                 }},
                                {"highest A4", 600.0, 600.1,
                                 [](InstrumentSpec& s, double v) {
                                     s.tuning.a4 = Hertz::fromHertz(v);
                                 }},
                                {"coldest", -9.99, -10.1,
                                 [](InstrumentSpec& s, double v) {
                                     s.tuning.playedAt = Temperature::fromCelsius(v);
                                 }},
                                {"hottest", 49.99, 50.1,
                                 [](InstrumentSpec& s, double v) {
                                     s.tuning.playedAt = Temperature::fromCelsius(v);
                                 }},
                                {"dry", 0.0, -0.01,
                                 [](InstrumentSpec& s, double v) {
                                     s.tuning.humidity = v;
                                 }},
                                {"soaked", 1.0, 1.01,
                                 [](InstrumentSpec& s, double v) {
                                     s.tuning.humidity = v;
                                 }},
                                {"most breath", 0.1, 0.101,
                                 [](InstrumentSpec& s, double v) {
                                     s.tuning.carbonDioxide = v;
                                 }},
                                {"a pair", 2.0, 3.0,
                                 [](InstrumentSpec& s, double v) {
                                     s.holes[0].count = static_cast<int>(v);
                                 }},
                                {"one hole", 1.0, 0.0,
                                 [](InstrumentSpec& s, double v) {
                                     s.holes[0].count = static_cast<int>(v);
                                 }},
                                {"a flat oval", 0.3, 0.29,
                                 [](InstrumentSpec& s, double v) {
                                     s.holes[0].elongation = v;
                                 }},
                                {"a long oval", 2.0, 4.01, [](InstrumentSpec& s, double v) {
                                     s.holes[0].elongation = v;
                                 }}};
        for (const Limit& limit : limits) {
            InstrumentSpec spec = fixtures::whistleSpec();
            limit.put(spec, limit.within);
            const auto taken = Instrument::make(spec);
            QVERIFY2(taken.ok(), (std::string(limit.name) + ": " + (taken ? "" : told(taken.error()))).c_str());
            limit.put(spec, limit.beyond);
            QVERIFY2(!Instrument::make(spec), limit.name);
        }
    }
    void asManyAsMayBeAreTakenAndOneMoreIsNot()
    {
        const auto with = [](std::size_t nodes, std::size_t bits, std::size_t letters) {
            InstrumentSpec spec = fixtures::whistleSpec();
            spec.nodes.resize(nodes);
            spec.tools.bits.clear();
            for (std::size_t i = 0; i < bits; ++i)
                spec.tools.bits.push_back(mm(1.0 + 0.01 * static_cast<double>(i)));
            spec.material.assign(letters, 'x');
            return Instrument::make(spec);
        };
        VERIFY_OK(with(50, 1000, 60));
        QCOMPARE(with(51, 1000, 60).error().where, std::string("/nodes"));
        QCOMPARE(with(50, 1001, 60).error().where, std::string("/tools/bits_mm"));
        QCOMPARE(with(50, 1000, 61).error().where, std::string("/material"));
    }
    void theWallIsThatOfTheStationsAndStraightBetween()
    {
        std::vector<Station> bore{{mm(0.0), mm(15.0)}, {mm(100.0), mm(15.0)}, {mm(200.0), mm(15.0)}};
        bore[1].wall = mm(4.0);
        const Metres otherwise = mm(2.0);
        for (const auto& [at, wall] :
             {std::pair(-10.0, 2.0), {0.0, 2.0}, {25.0, 2.5}, {100.0, 4.0}, {150.0, 3.0}, {200.0, 2.0}, {210.0, 2.0}})
            VERIFY_NEAR(wallAt(bore, otherwise, mm(at)).millimetres(), wall, 1e-9);
    }
    void aHoleOutsideTheTubeIsSaidToLieThere()
    {
        for (const double at : {-5.0, 0.0, 277.5, 300.0}) {
            InstrumentSpec spec = fixtures::whistleSpec();
            spec.holes.resize(1);
            for (Fingering& f : spec.fingerings)
                f.closed.clear();
            spec.holes[0].at = mm(at);
            const auto made = Instrument::make(spec);
            QVERIFY(!made);
            QVERIFY2(made.error().fact.id == FactId::TubeRuns, told(made.error()).c_str());
        }
    }
    void jointsStandFromTheTopDownwards()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.slides = {{mm(40.0), mm(1.0), mm(15.0)}};
        VERIFY_OK(Instrument::make(spec));
        spec.slides.push_back({mm(60.0), mm(0.0), mm(15.0)});
        VERIFY_OK(Instrument::make(spec));
        std::swap(spec.slides[0], spec.slides[1]);
        QCOMPARE(Instrument::make(spec).error().fact.id, FactId::SlidesFromTop);
        spec.slides = {{mm(40.0), mm(1.0), mm(15.0)}, {mm(40.0), mm(1.0), mm(15.0)}};
        QCOMPARE(Instrument::make(spec).error().fact.id, FactId::SlidesFromTop);
        spec.slides = {{spec.holes[2].at, mm(1.0), mm(15.0)}};
        QCOMPARE(Instrument::make(spec).error().fact.id, FactId::RunsThrough);
    }
    void theImpossibleIsRefusedWithItsPlace_data()
    {
        QTest::addColumn<Spoil>("spoil");
        QTest::addColumn<QString>("where");
        const auto row = [](const char* name, Spoil spoil, const char* where) {
            QTest::newRow(name) << spoil << QString::fromLatin1(where);
        };
        const double nan = std::numeric_limits<double>::quiet_NaN();
        row(
            "one station", [](InstrumentSpec& s) { s.bore.resize(1); }, "/bore");
        row(
            "stations out of order", [](InstrumentSpec& s) { s.bore[1].at = mm(300.0); }, "/bore/2/at_mm");
        row(
            "first station not at 0", [](InstrumentSpec& s) { s.bore[0].at = mm(5.0); }, "/bore/0/at_mm");
        row(
            "bore of nothing", [](InstrumentSpec& s) { s.bore[1].diameter = mm(0.0); }, "/bore/1/diameter_mm");
        row(
            "bore of no number", [nan](InstrumentSpec& s) { s.bore[1].diameter = mm(nan); }, "/bore/1/diameter_mm");
        row(
            "metres for millimetres", [](InstrumentSpec& s) { s.bore[2].at = mm(277500.0); }, "/bore/2/at_mm");
        row(
            "negative wall", [](InstrumentSpec& s) { s.wall = mm(-1.0); }, "/wall_mm");
        row(
            "window wider than the tube",
            [](InstrumentSpec& s) {
                s.excitation = Duct{mm(60.0), mm(4.0), mm(2.0), {}};
            },
            "/excitation/window_width_mm");
        row(
            "a window nobody can cut",
            [](InstrumentSpec& s) {
                s.excitation = Duct{mm(1e-9), mm(4.0), mm(2.0), {}};
            },
            "/excitation/window_width_mm");
        row(
            "a hole nobody can drill", [](InstrumentSpec& s) { s.holes[1].diameter = s.holes[1].undercutDiameter = mm(1e-6); },
            "/holes/h2/diameter_mm");
        row(
            "no lip opening",
            [](InstrumentSpec& s) {
                s.excitation = Transverse{mm(10.0), mm(9.0), mm(4.0), mm(17.0), 1.0};
            },
            "/excitation/lip_cover");
        row(
            "embouchure wider than bore",
            [](InstrumentSpec& s) {
                s.excitation = Transverse{mm(10.0), mm(19.0), mm(4.0), mm(17.0), 0.2};
            },
            "/excitation/hole_width_mm");
        row(
            "negative volume",
            [](InstrumentSpec& s) {
                s.excitation = ClosedTop{false, CubicMetres::fromCubicMetres(-1e-6)};
            },
            "/excitation/volume_mm3");
        row(
            "a lip without a ramp's angle",
            [](InstrumentSpec& s) { s.excitation = Duct{mm(9.5), mm(5.5), mm(2.0), {}, {}, -1.0}; }, "/excitation/ramp_deg");
        row(
            "cover of no height", [nan](InstrumentSpec& s) { s.excitation = Duct{mm(9.5), mm(5.5), mm(2.0), {}, mm(nan), 0.0}; },
            "/excitation/cover_mm");
        row(
            "wall of nothing at a station", [](InstrumentSpec& s) { s.bore[1].wall = mm(0.0); }, "/bore/1/wall_mm");
        row(
            "sandpaper for a bore", [](InstrumentSpec& s) { s.bore[0].roughness = 50.0; }, "/bore/0/roughness");
        row(
            "a sieve", [](InstrumentSpec& s) { s.bore[0].porosity = 0.5; }, "/bore/0/porosity");
        row(
            "a slot for a hole", [](InstrumentSpec& s) { s.holes[2].elongation = 9.0; }, "/holes/h3/along_mm");
        row(
            "a hole along the tube", [](InstrumentSpec& s) { s.holes[2].slant_rad = 1.5; }, "/holes/h3/slant_deg");
        row(
            "slant out of the foot",
            [](InstrumentSpec& s) {
                s.holes[0].at = mm(273.0);
                s.holes[0].slant_rad = 1.0;
            },
            "/holes/h1/at_mm");
        row(
            "slants that meet inside",
            [](InstrumentSpec& s) {
                s.holes[2].slant_rad = 1.04;
                s.holes[1].slant_rad = -1.04;
            },
            "/holes/h3/at_mm");
        row(
            "three holes under a finger", [](InstrumentSpec& s) { s.holes[0].count = 3; }, "/holes/h1/count");
        row(
            "countersink narrower than its hole",
            [](InstrumentSpec& s) {
                s.holes[0].countersink = Countersink{mm(4.0), mm(1.0)};
            },
            "/holes/h1/countersink_diameter_mm");
        row(
            "countersink through the wall",
            [](InstrumentSpec& s) {
                s.holes[0].countersink = Countersink{mm(7.0), mm(3.0)};
            },
            "/holes/h1/countersink_depth_mm");
        row(
            "a pad that touches",
            [](InstrumentSpec& s) {
                s.holes[0].pad = Pad{mm(0.0), mm(8.0)};
            },
            "/holes/h1/pad_height_mm");
        row(
            "a slide beyond the foot",
            [](InstrumentSpec& s) {
                s.slides = {{mm(300.0), mm(1.0), mm(16.0)}};
            },
            "/slides/0/at_mm");
        row(
            "a slide through a hole",
            [](InstrumentSpec& s) {
                s.slides = {{mm(118.0), mm(1.0), mm(16.0)}};
            },
            "/slides/0/at_mm");
        row(
            "a slide pushed in",
            [](InstrumentSpec& s) {
                s.slides = {{mm(60.0), mm(-1.0), mm(16.0)}};
            },
            "/slides/0/out_mm");
        row(
            "half a hole that is closed",
            [](InstrumentSpec& s) {
                s.fingerings[0].half = {{{"h1"}, 0.5}};
            },
            "/fingerings/D5/half");
        row(
            "half of nothing",
            [](InstrumentSpec& s) {
                s.fingerings[6].half = {{{"h1"}, 0.0}};
            },
            "/fingerings/C#6/half/h1");
        row(
            "rain", [](InstrumentSpec& s) { s.tuning.humidity = 1.2; }, "/tuning/humidity_percent");
        row(
            "foul air", [](InstrumentSpec& s) { s.tuning.carbonDioxide = 0.5; }, "/tuning/co2_percent");
        row(
            "a furnace at one end", [](InstrumentSpec& s) { s.tuning.gradient_K_m = 300.0; }, "/tuning/gradient_c_per_m");
        row(
            "hole outside the tube", [](InstrumentSpec& s) { s.holes[0].at = mm(300.0); }, "/holes/h1/at_mm");
        row(
            "hole over the foot's edge", [](InstrumentSpec& s) { s.holes[0].at = mm(276.0); }, "/holes/h1/at_mm");
        row(
            "hole wider than the bore", [](InstrumentSpec& s) { s.holes[2].diameter = s.holes[2].undercutDiameter = mm(13.0); },
            "/holes/h3/diameter_mm");
        row(
            "undercut narrower than hole", [](InstrumentSpec& s) { s.holes[2].undercutDiameter = mm(4.0); },
            "/holes/h3/undercut_diameter_mm");
        row(
            "holes out of order", [](InstrumentSpec& s) { s.holes[1].at = mm(240.0); }, "/holes/h2/at_mm");
        row(
            "holes that meet", [](InstrumentSpec& s) { s.holes[1].at = mm(214.0); }, "/holes/h2/at_mm");
        row(
            "two holes of a name", [](InstrumentSpec& s) { s.holes[1].id = {"h1"}; }, "/holes/h1/id");
        row(
            "too many holes", [](InstrumentSpec& s) { s.holes.assign(300, s.holes[0]); }, "/holes");
        row(
            "no such hole", [](InstrumentSpec& s) { s.fingerings[0].closed.push_back({"h7"}); }, "/fingerings/D5/closed");
        row(
            "hole closed twice", [](InstrumentSpec& s) { s.fingerings[0].closed.push_back({"h1"}); }, "/fingerings/D5/closed");
        row(
            "register 0", [](InstrumentSpec& s) { s.fingerings[0].registerNumber = 0; }, "/fingerings/D5/register");
        row(
            "no tolerance", [](InstrumentSpec& s) { s.fingerings[1].tolerance = Cents{}; }, "/fingerings/E5/tolerance_cents");
        row(
            "two fingerings of a name", [](InstrumentSpec& s) { s.fingerings[1].id = {"D5"}; }, "/fingerings/D5/id");
        row(
            "negative weight", [](InstrumentSpec& s) { s.fingerings[1].weight = -1.0; }, "/fingerings/E5/weight");
        row(
            "A4 of an organ pipe", [](InstrumentSpec& s) { s.tuning.a4 = Hertz::fromHertz(44.0); }, "/tuning/a4_hz");
        row(
            "Fahrenheit", [](InstrumentSpec& s) { s.tuning.playedAt = Temperature::fromCelsius(68.0); }, "/tuning/celsius");
        row(
            "a bell of no length",
            [](InstrumentSpec& s) {
                s.footPiece = FootPiece{mm(0.0), mm(20.0)};
            },
            "/foot_piece/length_mm");
        row(
            "a bell without a mouth",
            [nan](InstrumentSpec& s) {
                s.footPiece = FootPiece{mm(20.0), mm(nan)};
            },
            "/foot_piece/mouth_mm");
        row(
            "a bell on a closed foot",
            [](InstrumentSpec& s) {
                s.foot = Foot::Closed;
                s.footPiece = FootPiece{mm(20.0), mm(20.0)};
            },
            "/foot_piece");
        row(
            "a windway as high as a door", [](InstrumentSpec& s) { std::get<Duct>(s.excitation).windwayHeight = mm(2000.0); },
            "/excitation/windway_height_mm");
        row(
            "bits out of order", [](InstrumentSpec& s) { std::swap(s.tools.bits[0], s.tools.bits[1]); }, "/tools/bits_mm/1");
    }
    void theImpossibleIsRefusedWithItsPlace()
    {
        QFETCH(Spoil, spoil);
        QFETCH(QString, where);
        InstrumentSpec s = fixtures::whistleSpec();
        spoil(s);
        const auto made = Instrument::make(s);
        QVERIFY(!made);
        QCOMPARE(QString::fromStdString(made.error().where), where);
        QVERIFY(made.error().fact.id != FactId::None);
    }
    void aFootIsCutOrContinued()
    {
        const auto bore = fixtures::whistleSpec().bore; // 14 at 0, 12 at 212.5, 15 at 277.5
        const auto cut = boreEndingAt(bore, mm(245.0));
        QCOMPARE(cut.size(), std::size_t(3));
        VERIFY_NEAR(cut.back().diameter.millimetres(), 13.5, 1e-9);
        VERIFY_NEAR(boreEndingAt(bore, mm(290.5)).back().diameter.millimetres(), 15.6, 1e-9);
        QCOMPARE(boreEndingAt(bore, mm(100.0)).size(), std::size_t(2));
        // A foot moved by less than anyone measures leaves no second station beside it.
        QCOMPARE(boreEndingAt(bore, mm(277.50000001)).size(), std::size_t(3));
        QCOMPARE(boreEndingAt(bore, mm(212.50000001)).size(), std::size_t(2));
    }
    void holesOnOppositeSidesMayOverlapAlongTheTube()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.holes[1].at = mm(214.0);
        s.holes[1].side = Side::Back;
        VERIFY_OK(Instrument::make(s));
    }
    void positionsAreToldFromEitherEndOrTheEdge()
    {
        InstrumentSpec s = fixtures::whistleSpec(); // 277.5 mm sounding
        s.head = Head{mm(40.0)};
        const Metres length = mm(277.5);
        VERIFY_NEAR(distanceFrom(Origin::Foot, mm(100.0), length, s).millimetres(), 177.5, 1e-9);
        VERIFY_NEAR(distanceFrom(Origin::Edge, mm(100.0), length, s).millimetres(), 100.0, 1e-9);
        VERIFY_NEAR(distanceFrom(Origin::Top, mm(100.0), length, s).millimetres(), 140.0, 1e-9);
        for (const Origin origin : {Origin::Foot, Origin::Edge, Origin::Top})
            VERIFY_NEAR(placeAt(origin, distanceFrom(origin, mm(61.3), length, s), length, s).millimetres(), 61.3, 1e-9);
    }
    void aJointThatMeetsAHoleIsToldWithTheNearestPlace()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        QVERIFY(jointClashes(s).empty());
        const Hole& hole = s.holes[3];
        s.slides = {{mm(60.0), Metres{}, mm(18.0)}, {hole.at + mm(2.0), Metres{}, mm(18.0)}, {mm(275.0), Metres{}, mm(18.0)}};
        const auto clashes = jointClashes(s);
        QCOMPARE(clashes.size(), std::size_t(2));
        QCOMPARE(clashes[0].meets, hole.id.text);
        QVERIFY(clashes[0].nearest.has_value());
        for (const Hole& h : s.holes) // the place that is told leaves a tenon's room to every hole
            QVERIFY(std::abs((h.at - *clashes[0].nearest).millimetres()) >= 10.0 + h.diameter.millimetres() / 2.0 - 1e-6);
        QCOMPARE(clashes[1].meets, std::string("foot"));
    }
    void theNearestNodeThatStaysClosesTheTube()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        QVERIFY(!keptNodeAbove(s));
        s.nodes = {{mm(-60.0), true}, {mm(-22.0), true}, {mm(-10.0), false}, {mm(90.0), true}};
        VERIFY_NEAR(keptNodeAbove(s)->millimetres(), 22.0, 1e-9);
    }
};

DOWEL_TEST(TestInstrument)
#include "test_instrument.moc"
