// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the geometry of stock: billets counted by hand, a wandered bore turned true, reamers as deep as they may go.
#include "core/instrument/cut.h"
#include "core/shop/stock.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"
#include <cmath>
#include <numbers>

#include <QtTest>

using namespace dowel;
using fixtures::mm;

class TestStock : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void billetsAreCountedAsAtTheSaw()
    {
        // By hand: squares of 30 and cuts of 3 in 150 are 4 (4 x 30 + 3 x 3 = 129; a fifth would need 162), in 50 one; lengths of
        // 400 in 2000 - 60 are 4 (4 x 400 + 3 x 3 = 1609; a fifth would need 2012).
        const Plank plank{mm(2000.0), mm(150.0), mm(50.0), mm(3.0), mm(30.0), {}};
        const Billet billet{mm(25.0), mm(360.0), mm(5.0), mm(40.0)};
        const auto plan = sawn(plank, billet);
        VERIFY_OK(plan);
        QCOMPARE(plan->billets.size(), std::size_t(16));
        QCOMPARE(plan->layers, 1);
        VERIFY_NEAR(plan->used, 16.0 * 30 * 30 * 400 / (2000.0 * 150 * 50), 1e-12);
        VERIFY_NEAR(plan->billets.back().along.millimetres(), 30.0 + 3 * 403.0, 1e-9);
        VERIFY_NEAR(plan->billets.back().across.millimetres(), 3 * 33.0, 1e-9);
        // Exactly enough is enough.
        QCOMPARE(sawn({mm(869.0), mm(63.0), mm(30.0), mm(3.0), mm(33.0), {}}, billet)->billets.size(), std::size_t(4));
        QCOMPARE(sawn({mm(868.9), mm(63.0), mm(30.0), mm(3.0), mm(33.0), {}}, billet)->billets.size(), std::size_t(2));
        QVERIFY(sawn({mm(399.0), mm(150.0), mm(50.0), mm(3.0), mm(0.0), {}}, billet)->billets.empty());
    }
    void cracksAndKnotsAreLeftOut()
    {
        const Billet billet{mm(25.0), mm(360.0), mm(5.0), mm(40.0)};
        Plank plank{mm(2000.0), mm(33.0), mm(30.0), mm(3.0), mm(30.0), {{mm(900.0), mm(930.0)}}};
        // 870 mm before it hold two, 1040 behind it two.
        const auto plan = sawn(plank, billet);
        QCOMPARE(plan->billets.size(), std::size_t(4));
        for (const SawnBillet& b : plan->billets)
            QVERIFY(b.along + billet.sawn() <= mm(900.0) || b.along >= mm(930.0));
        plank.defects = {{mm(1500.0), mm(1700.0)}, {mm(0.0), mm(1400.0)}, {mm(100.0), mm(200.0)}}; // out of order, overlapping
        QVERIFY(sawn(plank, billet)->billets.empty());
        plank.defects.clear();
        plank.width = mm(std::nan(""));
        QCOMPARE(sawn(plank, billet).error().where, std::string("width_mm"));
    }
    void aBoreThatWanderedIsTurnedTrueToIt()
    {
        // By hand: a square turned round to 30 with a bore of 15 that stands 1 mm off has walls of 8.5 and 6.5. Round the bore
        // nothing stands farther out than 7.5 + 6.5: 28 mm. The foot's 0.5 off leaves 29; the head decides.
        const BoredEnd head{mm(8.5), mm(6.5), mm(15.0)};
        const BoredEnd foot{mm(8.0), mm(7.0), mm(15.0)};
        VERIFY_NEAR(head.off().millimetres(), 1.0, 1e-12);
        InstrumentSpec spec = fixtures::whistleSpec(); // bores of 15 to 13.7 or so
        for (Station& s : spec.bore)
            s.diameter = mm(15.0);
        spec.wall = mm(9.0);
        for (Hole& h : spec.holes)
            h.chimney = mm(9.0);
        std::get<Duct>(spec.excitation).chimney = mm(9.0);
        const auto instrument = Instrument::make(spec);
        VERIFY_OK(instrument);
        const auto turned = turnedAfter(head, foot, *instrument, mm(6.5));
        VERIFY_OK(turned);
        VERIFY_NEAR(turned->outside.millimetres(), 28.0, 1e-9);
        VERIFY_NEAR(turned->walls.front().wall.millimetres(), 6.5, 1e-9);
        QCOMPARE(turned->walls.size(), spec.holes.size() + 2); // and the window
        QVERIFY(turned->serves);
        QVERIFY(!turnedAfter(head, foot, *instrument, mm(6.6))->serves);
        QCOMPARE(turnedAfter({mm(5.0), mm(6.0), mm(15.0)}, foot, *instrument, mm(2.0)).error().where,
                 std::string("head/thin_mm"));
    }
    void aConeGoesAsDeepAsItsTaperSays()
    {
        // A cone of one in twenty, 10 to 15 over 100 mm; wanted the same cone over the whole tube from the head.
        const Reamer cone{"cone", {{mm(0.0), mm(10.0)}, {mm(100.0), mm(15.0)}}};
        const std::vector<Station> pilot{{mm(0.0), mm(10.0)}, {mm(100.0), mm(10.0)}};
        std::vector<Station> wanted{{mm(0.0), mm(15.0)}, {mm(100.0), mm(10.0)}};
        auto deep = deepest(pilot, wanted, cone, From::Head);
        VERIFY_OK(deep);
        VERIFY_NEAR((*deep)->millimetres(), 100.0, 0.21); // a hundredth's slack is 0.2 mm of it
        // Half a millimetre narrower everywhere is half over one twentieth: ten millimetres less.
        for (Station& s : wanted)
            s.diameter = std::max(mm(10.0), s.diameter - mm(0.5));
        deep = deepest(pilot, wanted, cone, From::Head);
        VERIFY_NEAR((*deep)->millimetres(), 90.0, 0.21);
        const auto bore = reamed(pilot, cone, From::Head, **deep);
        VERIFY_OK(bore);
        for (const double at : {0.0, 20.0, 45.0, 80.0, 95.0})
            VERIFY_NEAR(boreDiameterAt(*bore, mm(at)).millimetres(), std::max(10.0, 14.5 - at / 20.0), 0.02);
        // From the foot it is the mirror of that.
        const auto mirror = reamed(pilot, cone, From::Foot, **deep);
        for (const double at : {0.0, 20.0, 45.0, 80.0})
            VERIFY_NEAR(boreDiameterAt(*mirror, mm(100.0 - at)).metres(), boreDiameterAt(*bore, mm(at)).metres(), 1e-6);
        // A bore that is wide already is not cut.
        const std::vector<Station> wide{{mm(0.0), mm(16.0)}, {mm(100.0), mm(16.0)}};
        QVERIFY(!*deepest(wide, wide, cone, From::Head));
        QCOMPARE(boreDiameterAt(*reamed(wide, cone, From::Head, mm(50.0)), mm(30.0)), mm(16.0));
    }
    void severalReamersFollowOneAnother()
    {
        const Reamer lower{"lower", {{mm(0.0), mm(11.0)}, {mm(150.0), mm(13.0)}}};
        const Reamer upper{"upper", {{mm(0.0), mm(13.0)}, {mm(100.0), mm(14.0)}}};
        const std::vector<Station> wanted{{mm(0.0), mm(14.0)}, {mm(100.0), mm(13.0)}, {mm(250.0), mm(11.0)}};
        const std::vector<Station> pilot{{mm(0.0), mm(11.0)}, {mm(250.0), mm(11.0)}};
        const auto plan = reamPlan(pilot, wanted, {lower, upper}, From::Head);
        VERIFY_OK(plan);
        QCOMPARE(plan->steps.size(), std::size_t(2));
        QCOMPARE(plan->steps[0].reamer, std::string("upper")); // the widest first
        VERIFY_NEAR(plan->steps[0].deep.millimetres(), 100.0, 1.1);
        VERIFY_NEAR(plan->steps[1].deep.millimetres(), 250.0, 1.1);
        QVERIFY2(plan->worst < mm(0.02), qPrintable(QString::number(plan->worst.millimetres())));
        for (std::size_t i = 1; i < plan->bore.size(); ++i)
            QVERIFY(plan->bore[i].at > plan->bore[i - 1].at);
        // One alone leaves the other's stretch narrow, and says where.
        const auto half = reamPlan(pilot, wanted, {lower}, From::Head);
        VERIFY_NEAR(half->worst.millimetres(), 1.0, 0.02);
        VERIFY_NEAR(half->worstAt.millimetres(), 0.0, 1.5);
        QCOMPARE(reamPlan(pilot, wanted, {{"bent", {{mm(0.0), mm(11.0)}}}}, From::Head).error().where, std::string("bent"));
        QCOMPARE(checked({"back", {{mm(0.0), mm(11.0)}, {mm(10.0), mm(10.0)}}}).error().code, ErrorCode::BadGeometry);
    }
    void aReamersPushIsWorkOnTheWood()
    {
        // Two tapers, from either end, in a bore with a waist: as cuts they leave the bore that the reamer leaves.
        const Instrument there = fixtures::whistle(); // 14 mm, 12 at 212.5, 15 at the foot
        const Reamer reamer{"two tapers", {{mm(0.0), mm(11.0)}, {mm(60.0), mm(13.0)}, {mm(160.0), mm(14.5)}}};
        for (const auto& [from, deep] : {std::pair(From::Head, mm(150.0)), std::pair(From::Foot, mm(120.0))}) {
            const auto work = reamings(there, reamer, from, deep);
            VERIFY_OK(work);
            QVERIFY(!work->empty());
            Instrument after = there;
            for (const ReamTaper& taper : *work)
                after = applied(after, taper).value();
            const auto bore = reamed(there.spec().bore, reamer, from, deep);
            VERIFY_OK(bore);
            for (double at = 0.0; at <= 277.0; at += 0.5)
                VERIFY_NEAR(after.boreDiameterAt(mm(at)).millimetres(), boreDiameterAt(*bore, mm(at)).millimetres(), 0.03);
            QVERIFY(!(after == there));
        }
        const Reamer thin{"thin", {{mm(0.0), mm(5.0)}, {mm(100.0), mm(6.0)}}};
        QCOMPARE(reamings(there, thin, From::Head, mm(150.0)).error().code, ErrorCode::NotRemovable);
        QCOMPARE(reamings(there, reamer, From::Head, mm(900.0)).error().code, ErrorCode::BadGeometry);
    }
    void theReamerForAReamingIsFoundAndHowMuchDeeper()
    {
        // A cone of 1 in 20 rests at 80 mm in this bore; a tenth wider is two millimetres deeper, by the cone.
        const Reamer cone{"cone", {{mm(0.0), mm(10.0)}, {mm(100.0), mm(15.0)}}};
        const Reamer other{"other", {{mm(0.0), mm(10.0)}, {mm(100.0), mm(12.0)}}};
        const auto bore = reamed({{mm(0.0), mm(10.0)}, {mm(100.0), mm(10.0)}}, cone, From::Head, mm(80.0));
        const auto wanted = reamed(*bore, cone, From::Head, mm(82.0));
        VERIFY_OK(wanted);
        const auto found = reamerFor(*bore, *wanted, {other, cone}, mm(0.05));
        VERIFY_OK(found);
        QVERIFY(found->has_value());
        QCOMPARE((*found)->reamer, std::string("cone"));
        QVERIFY((*found)->from == From::Head);
        VERIFY_NEAR((*found)->deeper.millimetres(), 2.0, 0.3);
        VERIFY_NEAR((*found)->deep.millimetres(), 82.0, 0.4);
        QVERIFY(!*reamerFor(*bore, *wanted, {other}, mm(0.05))); // none that does it
        QVERIFY(!reamerFor(*bore, *wanted, {{"bent", {}}}, mm(0.05)));
    }
    void aJointsWoodIsCountedOnBothSides()
    {
        const auto walls = wallsOf({mm(30.0), mm(18.0), mm(23.0), mm(20.0), mm(0.5)});
        VERIFY_OK(walls);
        VERIFY_NEAR(walls->tenon.millimetres(), 2.5, 1e-9);
        VERIFY_NEAR(walls->socket.millimetres(), 3.0, 1e-9);
        QVERIFY(!wallsOf({mm(30.0), mm(18.0), mm(18.0), mm(20.0), mm(0.5)}));
        QVERIFY(!wallsOf({mm(30.0), mm(18.0), mm(29.5), mm(20.0), mm(0.5)}));
    }
    void aHornIsCutWhereEnoughStandsRoundItsMouth()
    {
        const auto mouth = mouthOf({mm(400.0), mm(340.0), mm(10.0), mm(22.0), mm(6.0)}, mm(4.0));
        VERIFY_OK(mouth);
        VERIFY_NEAR(mouth->cut.millimetres(), 20.0, 1e-9);
        VERIFY_NEAR(mouth->drill.millimetres(), 40.0, 1e-9);
        VERIFY_NEAR(mouth->length.millimetres(), 380.0, 1e-9);
        VERIFY_NEAR(mouth->wall.millimetres(), 4.0, 1e-9);
        QCOMPARE(mouthOf({mm(400.0), mm(340.0), mm(20.0), mm(22.0), mm(6.0)}, mm(4.0))->cut, Metres{}); // thick to its tip
        QCOMPARE(mouthOf({mm(400.0), mm(340.0), mm(10.0), mm(13.0), mm(6.0)}, mm(4.0)).error().where, std::string("across"));
        QCOMPARE(mouthOf({mm(400.0), mm(410.0), mm(10.0), mm(22.0), mm(6.0)}, mm(4.0)).error().where, std::string("wire"));
    }
    void aSawCutGivesTheWindow()
    {
        // By hand, plane trigonometry: a block of 30 mm with a bore of 16 has 7 mm over the bore. A cut of 9 mm goes 2 mm into
        // it; a ramp of 45 degrees leaves it 2 mm on, and the chord 2 mm below the crown of 16 is 2 root(2 x 14).
        const SawCut cut{mm(25.0), mm(9.0), 45.0, mm(30.0), mm(16.0), Metres{}};
        const auto window = windowOf(cut);
        VERIFY_OK(window);
        VERIFY_NEAR(window->length.millimetres(), 2.0, 1e-9);
        VERIFY_NEAR(window->width.millimetres(), 2.0 * std::sqrt(28.0), 1e-9);
        VERIFY_NEAR(window->ramp.millimetres(), 9.0, 1e-9);
        VERIFY_NEAR(window->edge.millimetres(), 27.0, 1e-9);
        // Against the solid itself: points of the bore's skin that lie in the wedge, counted over a fine grid.
        SawCut slant = cut;
        slant.angle_deg = 28.0;
        slant.depth = mm(10.3);
        slant.off = mm(0.8); // 6.2 over the bore
        const auto there = windowOf(slant);
        VERIFY_OK(there);
        const double slope = std::tan(28.0 * std::numbers::pi / 180.0);
        double longest = 0.0;
        double widest = 0.0;
        for (double u = 0.0; u < 20.0; u += 0.01)
            for (double turn = 0.0; turn < 1.6; turn += 0.002) {
                const double below = 6.2 + 8.0 * (1.0 - std::cos(turn)); // of the skin under the face
                if (below > 10.3 - u * slope)
                    continue;
                longest = std::max(longest, u);
                widest = std::max(widest, 2.0 * 8.0 * std::sin(turn));
            }
        VERIFY_NEAR(there->length.millimetres(), longest, 0.02);
        VERIFY_NEAR(there->width.millimetres(), widest, 0.05);
        // And back: the depth that makes that window.
        const auto deep = sawDepthFor(there->length, slant);
        VERIFY_OK(deep);
        VERIFY_NEAR(deep->millimetres(), 10.3, 1e-9);
    }
    void aSawCutThatCannotBeIsRefused()
    {
        const SawCut cut{mm(25.0), mm(9.0), 45.0, mm(30.0), mm(16.0), Metres{}};
        const auto where = [&](auto change) {
            SawCut other = cut;
            change(other);
            const auto window = windowOf(other);
            return window ? std::string("none") : window.error().where;
        };
        QCOMPARE(where([](SawCut& c) { c.depth = mm(7.0); }), std::string("depth"));  // does not reach the bore
        QCOMPARE(where([](SawCut& c) { c.depth = mm(24.0); }), std::string("depth")); // through it
        QCOMPARE(where([](SawCut& c) { c.off = mm(8.0); }), std::string("wall"));
        QCOMPARE(where([](SawCut& c) { c.outside = mm(15.0); }), std::string("wall"));
        QCOMPARE(where([](SawCut& c) { c.angle_deg = 90.0; }), std::string("angle"));
        QCOMPARE(where([](SawCut& c) { c.angle_deg = std::nan(""); }), std::string("angle"));
        QVERIFY(!sawDepthFor(mm(30.0), cut));
    }
};

DOWEL_TEST(TestStock)
#include "test_stock.moc"
