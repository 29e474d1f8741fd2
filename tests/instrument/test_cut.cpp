// SPDX-License-Identifier: GPL-3.0-or-later
// Proves that cuts only remove wood, change what they say and nothing else, and are refused with place and sizes.
#include "core/instrument/cut.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"
#include "support/works.h"

using namespace dowel;
using fixtures::mm;

class TestCut : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void everyWorkThatCanBeDoneIsOfferedAtTheSizeThatIsThere()
    {
        const Instrument whistle = fixtures::whistle();
        const auto works = worksOn(whistle);
        QCOMPARE(works.size(),
                 std::size_t(6 * 5 + 8)); // wider, undercut, filled, sunk, thinner; foot, its piece, window, windway
        for (const Cut& c : works)        // each leaves the instrument as it is
            QVERIFY(applied(whistle, c) && *applied(whistle, c) == whistle);
        InstrumentSpec closed = fixtures::whistleSpec();
        closed.foot = Foot::Closed;
        const auto without = worksOn(Instrument::make(closed).value());
        QVERIFY(std::none_of(without.begin(), without.end(), [](const Cut& c) { return std::holds_alternative<TrimFoot>(c); }));
    }
    void aHoleMadeWiderKeepsWhatIsLeftOfItsUndercut()
    {
        // One that is wider than the bit stays where it is; one that the bit takes away is gone.
        const auto ramp = applied(fixtures::whistle(), Undercut{{"h2"}, mm(7.5)});
        VERIFY_OK(ramp);
        const auto within = applied(*ramp, Enlarge{{"h2"}, mm(6.5)});
        VERIFY_OK(within);
        VERIFY_NEAR(within->find(HoleId{"h2"})->undercutDiameter.millimetres(), 7.5, 1e-9);
        const auto beyond = applied(*ramp, Enlarge{{"h2"}, mm(8.0)});
        VERIFY_OK(beyond);
        VERIFY_NEAR(beyond->find(HoleId{"h2"})->undercutDiameter.millimetres(), 8.0, 1e-9);
    }
    void aHoleWithoutUndercutHasNoneWhenItIsWider()
    {
        const auto after = applied(fixtures::whistle(), Enlarge{{"h2"}, mm(6.5)});
        VERIFY_OK(after);
        VERIFY_NEAR(after->find(HoleId{"h2"})->diameter.millimetres(), 6.5, 1e-9);
        VERIFY_NEAR(after->find(HoleId{"h2"})->undercutDiameter.millimetres(), 6.5, 1e-9);
        InstrumentSpec rest = after->spec();
        rest.holes[1] = fixtures::whistleSpec().holes[1];
        QVERIFY(rest == fixtures::whistleSpec());
    }
    void undercuttingLeavesTheOutside()
    {
        const auto after = applied(fixtures::whistle(), Undercut{{"h2"}, mm(7.5)});
        VERIFY_OK(after);
        VERIFY_NEAR(after->find(HoleId{"h2"})->diameter.millimetres(), 5.9, 1e-9);
        VERIFY_NEAR(after->find(HoleId{"h2"})->undercutDiameter.millimetres(), 7.5, 1e-9);
    }
    void trimmingKeepsTheBoreThatStays()
    {
        const auto after = applied(fixtures::whistle(), TrimFoot{mm(270.0)});
        VERIFY_OK(after);
        VERIFY_NEAR(after->length().millimetres(), 270.0, 1e-9);
        for (const double at : {0.0, 100.0, 212.5, 250.0, 270.0})
            VERIFY_NEAR(after->boreDiameterAt(mm(at)).millimetres(), fixtures::whistle().boreDiameterAt(mm(at)).millimetres(),
                        1e-9);
    }
    void trimmingMayPassAStation()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.bore.insert(s.bore.begin() + 2, {mm(274.0), mm(14.8)});
        const auto after = applied(Instrument::make(s).value(), TrimFoot{mm(270.0)});
        VERIFY_OK(after);
        QCOMPARE(after->spec().bore.size(), std::size_t(3));
    }
    void reamingWidensItsStretchAlone()
    {
        const auto after = applied(fixtures::whistle(), Ream{mm(40.0), mm(80.0), mm(14.5)});
        VERIFY_OK(after);
        VERIFY_NEAR(after->boreDiameterAt(mm(60.0)).millimetres(), 14.5, 1e-9);
        for (const double at : {39.0, 81.0, 200.0})
            VERIFY_NEAR(after->boreDiameterAt(mm(at)).millimetres(), fixtures::whistle().boreDiameterAt(mm(at)).millimetres(),
                        1e-6);
        QVERIFY(!applied(*after, Ream{mm(45.0), mm(75.0), mm(14.2)}));
        // A reamer that took nothing that a gauge can tell may be written down all the same.
        const auto nothing = applied(*after, Ream{mm(45.0), mm(75.0), mm(14.4)});
        VERIFY_OK(nothing);
        VERIFY_NEAR(nothing->boreDiameterAt(mm(60.0)).millimetres(), 14.5, 1e-9);
        // What the bore gains the wall loses, and so do the chimneys there.
        const double gained = 14.5 - fixtures::whistle().boreDiameterAt(mm(60.0)).millimetres();
        VERIFY_NEAR(after->wallAt(mm(60.0)).millimetres(), 3.0 - gained / 2.0, 0.02);
        VERIFY_NEAR(after->wallAt(mm(200.0)).millimetres(), 3.0, 1e-9);
        const auto low = applied(fixtures::whistle(), Ream{mm(100.0), mm(150.0), mm(13.5)});
        VERIFY_OK(low);
        const Hole& h6 = *low->find(HoleId{"h6"});
        VERIFY_NEAR(h6.chimney.millimetres(), 3.0 - (13.5 - fixtures::whistle().boreDiameterAt(h6.at).millimetres()) / 2.0, 1e-9);
    }
    void aTaperReamerLeavesTheWiderOfTheTwo()
    {
        // 14 mm at the edge, 12 at 212.5, 15 at 277.5: a reamer of 13 mm at 180 and 14.3 at 260 cuts until the flare passes it.
        const Instrument before = fixtures::whistle();
        const auto after = applied(before, ReamTaper{mm(180.0), mm(260.0), mm(13.0), mm(14.3)});
        VERIFY_OK(after);
        for (double at = 0.0; at <= 277.0; at += 0.5) {
            const double was = before.boreDiameterAt(mm(at)).millimetres();
            const double reamer = at < 180.0 || at > 260.0 ? 0.0 : 13.0 + 1.3 * (at - 180.0) / 80.0;
            VERIFY_NEAR(after->boreDiameterAt(mm(at)).millimetres(), std::max(was, reamer), 1e-6);
        }
        // A straight one likewise where it runs into the flare.
        const auto straight = applied(before, Ream{mm(200.0), mm(277.0), mm(13.5)});
        VERIFY_OK(straight);
        for (double at = 200.0; at <= 277.0; at += 0.5)
            VERIFY_NEAR(straight->boreDiameterAt(mm(at)).millimetres(),
                        std::max(before.boreDiameterAt(mm(at)).millimetres(), 13.5), 1e-6);
        QCOMPARE(applied(before, ReamTaper{mm(200.0), mm(260.0), mm(11.0), mm(11.5)}).error().code, ErrorCode::NotRemovable);
        QCOMPARE(applied(before, ReamTaper{mm(200.0), mm(300.0), mm(13.0), mm(14.0)}).error().code, ErrorCode::BadGeometry);
        QVERIFY(isSameStep(ReamTaper{mm(180.0), mm(260.0), {}, {}}, ReamTaper{mm(200.0), mm(270.0), {}, {}}));
        VERIFY_NEAR(wantedSize(withSize(ReamTaper{mm(180.0), mm(260.0), mm(13.0), mm(14.3)}, mm(13.2))).millimetres(), 13.2,
                    1e-9);
    }
    void aBitThatPassesACountersinkTakesItAway()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.holes[0].countersink = Countersink{mm(6.0), mm(1.0)};
        const Instrument sunk = Instrument::make(s).value();
        QVERIFY(applied(sunk, Enlarge{{"h1"}, mm(5.6)})->find(HoleId{"h1"})->countersink.has_value());
        QVERIFY(!applied(sunk, Enlarge{{"h1"}, mm(6.2)})->find(HoleId{"h1"})->countersink.has_value());
    }
    void stopperAndWindowMoveWhereThereIsOne()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        QVERIFY(!applied(fixtures::whistle(), MoveStopper{mm(18.0)}));
        const auto opened = applied(fixtures::whistle(), CutUp{mm(5.8)});
        VERIFY_OK(opened);
        VERIFY_NEAR(presentSize(*opened, CutUp{})->millimetres(), 5.8, 1e-9);
        s.excitation = Transverse{mm(10.0), mm(9.0), mm(4.0), mm(17.0), 0.3};
        const auto moved = applied(Instrument::make(s).value(), MoveStopper{mm(18.0)});
        VERIFY_OK(moved);
        VERIFY_NEAR(presentSize(*moved, MoveStopper{})->millimetres(), 18.0, 1e-9);
        QVERIFY(!applied(*moved, CutUp{mm(6.0)}));
        QVERIFY(!applied(fixtures::whistle(), OpenEmbouchure{mm(11.0)}));
        QVERIFY(!presentSize(fixtures::whistle(), OpenEmbouchure{}));
        const auto longer = applied(*moved, OpenEmbouchure{mm(10.6)});
        VERIFY_OK(longer);
        VERIFY_NEAR(presentSize(*longer, OpenEmbouchure{})->millimetres(), 10.6, 1e-9);
        VERIFY_NEAR(std::get<Transverse>(longer->spec().excitation).holeWidth.millimetres(), 9.0, 1e-9);
        QCOMPARE(applied(*longer, OpenEmbouchure{mm(10.0)}).error().code, ErrorCode::NotRemovable);
    }
    void woodDoesNotGrowBack()
    {
        const Instrument w = fixtures::whistle();
        for (const Cut& cut : {Cut{Enlarge{{"h1"}, mm(5.0)}}, Cut{Undercut{{"h1"}, mm(5.0)}}, Cut{TrimFoot{mm(280.0)}},
                               Cut{CutUp{mm(5.0)}}, Cut{Ream{mm(10.0), mm(20.0), mm(12.0)}}}) {
            const auto after = applied(w, cut);
            QVERIFY2(!after, factsOf(cut).word.data());
            QCOMPARE(after.error().code, ErrorCode::NotRemovable);
            QVERIFY(after.error().fact.id != FactId::None);
        }
    }
    void aStoppedPipeIsDeepenedAndAPlugIsTheWayBack()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.foot = Foot::Closed;
        s.family = Family::Stopped;
        const Instrument pipe = Instrument::make(s).value();
        const auto works = worksOn(pipe);
        const auto has = [&](std::string_view kind) {
            return std::any_of(works.begin(), works.end(), [&](const Cut& c) { return factsOf(c).word == kind; });
        };
        QVERIFY(has("deepen") && has("push_plug") && !has("trim_foot"));
        const auto deeper = applied(pipe, Deepen{mm(281.0)});
        VERIFY_OK(deeper);
        VERIFY_NEAR(deeper->length().millimetres(), 281.0, 1e-9);
        for (const double at : {0.0, 100.0, 250.0})
            VERIFY_NEAR(deeper->boreDiameterAt(mm(at)).millimetres(), pipe.boreDiameterAt(mm(at)).millimetres(), 1e-9);
        QCOMPARE(applied(*deeper, Deepen{mm(279.0)}).error().code, ErrorCode::NotRemovable);
        const auto back = applied(*deeper, PushPlug{mm(279.0)});
        VERIFY_OK(back);
        VERIFY_NEAR(back->length().millimetres(), 279.0, 1e-9);
        QCOMPARE(applied(*deeper, PushPlug{mm(282.0)}).error().code, ErrorCode::BadValue);
        for (const Cut& cut : {Cut{Deepen{mm(281.0)}}, Cut{PushPlug{mm(270.0)}}}) // an open foot has neither
            QCOMPARE(applied(fixtures::whistle(), cut).error().code, ErrorCode::BadValue);
        s.family = Family::Slide; // whose face moves
        const auto slides = worksOn(Instrument::make(s).value());
        QVERIFY(std::none_of(slides.begin(), slides.end(), [](const Cut& c) { return std::holds_alternative<Deepen>(c); }));
    }
    void anEmbouchureHoleIsUndercutAndNotFilled()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.family = Family::Flute;
        s.excitation = Transverse{mm(9.0), mm(8.0), mm(3.0), mm(14.0), 0.3};
        const Instrument flute = Instrument::make(s).value();
        const auto works = worksOn(flute);
        QVERIFY(std::any_of(works.begin(), works.end(), [](const Cut& c) { return factsOf(c).word == "undercut_embouchure"; }));
        const auto under = applied(flute, UndercutEmbouchure{mm(1.0)});
        VERIFY_OK(under);
        QCOMPARE(presentSize(*under, UndercutEmbouchure{})->millimetres(), 1.0);
        QCOMPARE(applied(*under, UndercutEmbouchure{mm(0.4)}).error().code, ErrorCode::NotRemovable);
        QCOMPARE(applied(fixtures::whistle(), UndercutEmbouchure{mm(1.0)}).error().code, ErrorCode::BadValue);
        QCOMPARE(applied(flute, UndercutEmbouchure{mm(9.0)}).error().where, std::string("/excitation/undercut_mm"));
    }
    void whatIsPutOnTheFootComesOffAgain()
    {
        const Instrument bare = fixtures::whistle();
        const PutOnFoot bell{FootPiece{mm(30.0), mm(24.0), true}};
        const auto with = applied(bare, bell);
        VERIFY_OK(with);
        QCOMPARE(with->length(), bare.length()); // the wood is what it was
        QCOMPARE(presentSize(*with, bell)->millimetres(), 30.0);
        const auto bore = soundingBore(with->spec());
        QCOMPARE(bore.back().at.millimetres(), bare.length().millimetres() + 30.0);
        QCOMPARE(bore.back().diameter.millimetres(), 24.0);
        QCOMPARE(bore.size(), bare.spec().bore.size() + 1);                                // on from the foot's own bore
        const auto ring = applied(*with, PutOnFoot{FootPiece{mm(10.0), mm(14.0), false}}); // another instead
        VERIFY_OK(ring);
        const auto stepped = soundingBore(ring->spec());
        QCOMPARE(stepped[stepped.size() - 2].diameter.millimetres(), 14.0);
        // The foot is trimmed with it on, and it stays.
        const auto shorter = applied(*ring, TrimFoot{bare.length() - mm(2.0)});
        VERIFY_OK(shorter);
        QCOMPARE(soundingBore(shorter->spec()).back().at.millimetres(), bare.length().millimetres() + 8.0);
        const auto off = applied(*ring, withSize(bell, Metres{}));
        VERIFY_OK(off);
        QVERIFY(*off == bare);
        InstrumentSpec closed = bare.spec();
        closed.foot = Foot::Closed;
        QCOMPARE(applied(Instrument::make(closed).value(), bell).error().code, ErrorCode::BadGeometry);
    }
    void calipersMayReadATrifleUnder() { VERIFY_OK(applied(fixtures::whistle(), Enlarge{{"h1"}, mm(5.27)})); }
    void aCountersinkAndAThinnerWallChangeTheHoleAlone()
    {
        const Instrument w = fixtures::whistle();
        const Hole was = *w.find(HoleId{"h3"});
        const auto sunk = applied(w, Sink{{"h3"}, was.diameter + mm(1.5)});
        VERIFY_OK(sunk);
        VERIFY_NEAR(sunk->find(HoleId{"h3"})->countersink->diameter.millimetres(), was.diameter.millimetres() + 1.5, 1e-9);
        VERIFY_NEAR(sunk->find(HoleId{"h3"})->countersink->depth.millimetres(), was.chimney.millimetres() / 2.0, 1e-9);
        // Deeper by hand, and taken away by a bit as wide.
        const auto deeper = applied(*sunk, Sink{{"h3"}, was.diameter + mm(2.0), was.chimney * 0.7});
        VERIFY_OK(deeper);
        VERIFY_NEAR(deeper->find(HoleId{"h3"})->countersink->depth / was.chimney, 0.7, 1e-9);
        const auto drilled = applied(*sunk, Enlarge{{"h3"}, was.diameter + mm(1.5)});
        VERIFY_OK(drilled);
        QVERIFY(!drilled->find(HoleId{"h3"})->countersink);
        // The wall under it made thinner by more than the countersink was deep takes that away as well.
        const auto thin = applied(*sunk, Groove{{"h3"}, was.chimney * 0.4});
        VERIFY_OK(thin);
        VERIFY_NEAR(thin->find(HoleId{"h3"})->chimney / was.chimney, 0.4, 1e-9);
        QVERIFY(!thin->find(HoleId{"h3"})->countersink);
        InstrumentSpec rest = thin->spec();
        rest.holes[2] = w.spec().holes[2];
        QVERIFY(rest == w.spec());
        QCOMPARE(applied(w, Sink{{"h3"}, was.diameter, was.chimney * 2.0}).ok(), true); // no wider than the hole: none
        QCOMPARE(applied(w, Sink{{"h3"}, was.diameter + mm(1.0), was.chimney * 2.0}).error().code, ErrorCode::BadGeometry);
        QCOMPARE(applied(w, Groove{{"h3"}, mm(-1.0)}).error().code, ErrorCode::BadGeometry);
    }
    void aWindwayIsRaisedAndChamferedOnlyWhereThereIsOne()
    {
        const auto raised = applied(fixtures::whistle(), OpenWindway{mm(1.4)});
        VERIFY_OK(raised);
        QCOMPARE(std::get<Duct>(raised->spec().excitation).windwayHeight.millimetres(), 1.4);
        QCOMPARE(applied(*raised, OpenWindway{mm(1.0)}).error().code, ErrorCode::NotRemovable);
        const auto broken = applied(*raised, Chamfer{mm(0.4)});
        VERIFY_OK(broken);
        QCOMPARE(std::get<Duct>(broken->spec().excitation).chamfer.millimetres(), 0.4);
        InstrumentSpec reed = fixtures::whistleSpec();
        reed.excitation = ClosedTop{};
        const Instrument none = Instrument::make(reed).value();
        QCOMPARE(applied(none, OpenWindway{mm(1.4)}).error().code, ErrorCode::BadValue);
        QCOMPARE(applied(none, Chamfer{mm(0.4)}).error().code, ErrorCode::BadValue);
    }
    void aLipIsCutBackAndAStopperChanged()
    {
        const Instrument w = fixtures::whistle();
        const auto& before = std::get<Duct>(w.spec().excitation);
        const auto cut = applied(w, CutLip{before.chimney * 3.0});
        VERIFY_OK(cut);
        InstrumentSpec rest = cut->spec();
        auto& lip = std::get<Duct>(rest.excitation);
        VERIFY_NEAR(lip.rampRunPerRise, 3.0, 1e-12); // the cotangent of its angle
        VERIFY_NEAR(presentSize(*cut, CutLip{})->millimetres(), before.chimney.millimetres() * 3.0, 1e-9);
        lip.rampRunPerRise = before.rampRunPerRise;
        QVERIFY(rest == w.spec()); // the edge stands where it stood
        QCOMPARE(applied(*cut, CutLip{before.chimney}).error().code, ErrorCode::NotRemovable);
        const Instrument flute = fixtures::oneOfEachMouth().at(1);
        const auto other = applied(flute, ChangeStopper{mm(14.0)});
        VERIFY_OK(other);
        VERIFY_NEAR(std::get<Transverse>(other->spec().excitation).stopper.millimetres(), 14.0, 1e-12);
        QVERIFY(applied(*other, ChangeStopper{mm(19.0)})); // both ways
        QVERIFY(!isSameStep(MoveStopper{mm(14.0)}, ChangeStopper{mm(14.0)}));
        QCOMPARE(applied(flute, CutLip{mm(4.0)}).error().code, ErrorCode::BadValue);
        QCOMPARE(applied(w, ChangeStopper{mm(14.0)}).error().code, ErrorCode::BadValue);
    }
    void aSlideStandsWhereItIsSet()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.family = Family::Slide;
        s.holes.clear();
        s.foot = Foot::Closed;
        for (Fingering& f : s.fingerings)
            f.closed.clear();
        s.fingerings.resize(1);
        const Instrument slide = Instrument::make(s).value();
        const Metres out = slide.length();
        const auto in = applied(slide, SetSlide{mm(100.0)});
        VERIFY_OK(in);
        VERIFY_NEAR(in->length().millimetres(), 100.0, 1e-9);
        VERIFY_NEAR(in->boreDiameterAt(mm(60.0)).millimetres(), slide.boreDiameterAt(mm(60.0)).millimetres(), 1e-9);
        const auto back = applied(*in, SetSlide{out});
        VERIFY_OK(back);
        VERIFY_NEAR(back->length().millimetres(), out.millimetres(), 1e-9);
        QCOMPARE(applied(slide, SetSlide{mm(0.0)}).error().code, ErrorCode::BadValue);
        QCOMPARE(applied(fixtures::whistle(), SetSlide{mm(100.0)}).error().code, ErrorCode::BadValue);
        const auto offered = worksOn(slide);
        QVERIFY(std::any_of(offered.begin(), offered.end(), [](const Cut& c) { return std::holds_alternative<SetSlide>(c); }));
    }
    void jointAndBlockGoBothWays()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.slides = {{mm(60.0), mm(0.0), mm(15.0)}, {mm(150.0), mm(0.0), mm(15.0)}};
        const Instrument there = Instrument::make(s).value();
        const auto out = applied(there, MoveSlide{mm(60.4), mm(3.0)}); // a rule is read to less than that
        VERIFY_OK(out);
        VERIFY_NEAR(out->spec().slides[0].out.millimetres(), 3.0, 1e-12);
        VERIFY_NEAR(out->spec().slides[1].out.millimetres(), 0.0, 1e-12);
        const auto in = applied(*out, MoveSlide{mm(60.0), mm(0.5)});
        VERIFY_OK(in);
        VERIFY_NEAR(presentSize(*in, MoveSlide{mm(60.0), {}})->millimetres(), 0.5, 1e-12);
        QCOMPARE(applied(there, MoveSlide{mm(100.0), mm(1.0)}).error().code, ErrorCode::BadGeometry);
        QCOMPARE(applied(there, MoveSlide{mm(60.0), mm(-0.1)}).error().code, ErrorCode::BadValue);
        QVERIFY(isSameStep(MoveSlide{mm(60.0), mm(1.0)}, MoveSlide{mm(61.0), mm(2.0)}));
        QVERIFY(!isSameStep(MoveSlide{mm(60.0), mm(1.0)}, MoveSlide{mm(150.0), mm(1.0)}));
        const auto back = applied(there, MoveBlock{mm(1.5)});
        VERIFY_OK(back);
        VERIFY_OK(applied(*back, MoveBlock{mm(0.0)}));
        QCOMPARE(applied(there, MoveBlock{mm(-0.5)}).error().code, ErrorCode::BadValue);
        QVERIFY(factsOf(MoveSlide{}).reversible && factsOf(MoveBlock{}).reversible);
    }
    void aRoughBoreIsSmoothedFromTheFootAndLacquered()
    {
        const Instrument rough = fixtures::oneOfEachMouth().at(3);
        const double length = rough.length().millimetres();
        VERIFY_NEAR(presentSize(rough, Smooth{})->millimetres(), 0.0, 1e-9);
        const auto half = applied(rough, Smooth{mm(100.0)});
        VERIFY_OK(half);
        VERIFY_NEAR(presentSize(*half, Smooth{})->millimetres(), 100.0, 1e-9);
        for (const double at : {10.0, length - 120.0, length - 80.0})
            VERIFY_NEAR(half->boreDiameterAt(mm(at)).millimetres(), rough.boreDiameterAt(mm(at)).millimetres(), 1e-9);
        QCOMPARE(applied(*half, Smooth{mm(50.0)}).error().code, ErrorCode::NotRemovable);
        QCOMPARE(applied(*half, Smooth{mm(length + 1.0)}).error().code, ErrorCode::BadValue);
        const auto whole = applied(*half, Smooth{rough.length()});
        VERIFY_OK(whole);
        QVERIFY(std::all_of(whole->spec().bore.begin(), whole->spec().bore.end(),
                            [](const Station& s) { return s.roughness <= 1.0; }));
        const auto coated = applied(rough, Lacquer{mm(0.05)});
        VERIFY_OK(coated);
        // Narrower by twice the coat, and no wider outside.
        VERIFY_NEAR(coated->boreDiameterAt(mm(90.0)).millimetres(), rough.boreDiameterAt(mm(90.0)).millimetres() - 0.1, 1e-9);
        VERIFY_NEAR((coated->boreDiameterAt(mm(90.0)) + coated->wallAt(mm(90.0)) * 2.0).millimetres(),
                    (rough.boreDiameterAt(mm(90.0)) + rough.wallAt(mm(90.0)) * 2.0).millimetres(), 1e-9);
        QCOMPARE(applied(rough, Lacquer{mm(0.6)}).error().code, ErrorCode::BadValue);
    }
    void onlyWhatCanBeTakenBackAddsMaterial()
    {
        // Every kind of work on every kind of mouth, a millimetre the other way than it goes.
        int refused = 0;
        for (const Instrument& there : fixtures::oneOfEachMouth()) {
            for (const Cut& work : worksOn(there)) {
                const CutFacts& facts = factsOf(work);
                if (facts.reversible)
                    continue;
                const Metres back = mm(facts.size == CutFacts::Size::Shrinks ? 1.0 : -1.0);
                const auto added = applied(there, withSize(work, wantedSize(work) + back));
                QVERIFY2(!added, facts.word.data());
                QCOMPARE(added.error().code, ErrorCode::NotRemovable);
                ++refused;
            }
        }
        QVERIFY2(refused > 3 * 12, qPrintable(QString::number(refused)));
    }
    void fillingMakesAHoleNarrower()
    {
        const auto filled = applied(fixtures::whistle(), Fill{{"h1"}, mm(5.0)});
        VERIFY_OK(filled);
        VERIFY_NEAR(filled->find(HoleId{"h1"})->diameter.millimetres(), 5.0, 1e-9);
        QVERIFY(!applied(fixtures::whistle(), Fill{{"h1"}, mm(6.0)}));
    }
    void nonsenseIsRefused()
    {
        const Instrument w = fixtures::whistle();
        QCOMPARE(applied(w, Enlarge{{"h9"}, mm(7.0)}).error().code, ErrorCode::UnknownName);
        QCOMPARE(applied(w, Enlarge{{"h1"}, mm(40.0)}).error().code, ErrorCode::BadGeometry);
        QCOMPARE(applied(w, TrimFoot{mm(100.0)}).error().code, ErrorCode::BadGeometry); // through the holes
        QCOMPARE(applied(w, TrimFoot{mm(-5.0)}).error().code, ErrorCode::BadGeometry);
        QCOMPARE(applied(w, Enlarge{{"h1"}, mm(std::nan(""))}).error().code, ErrorCode::BadValue);
        QCOMPARE(applied(w, Ream{mm(80.0), mm(40.0), mm(15.0)}).error().code, ErrorCode::BadGeometry);
    }
    void twoReamedStretchesAreOneWorkWhereTheyShareMostOfTheShorter()
    {
        const auto ream = [](double from, double to) {
            return Cut{Ream{mm(from), mm(to), mm(15.0)}};
        };
        QVERIFY(isSameStep(ream(20.0, 60.0), ream(22.0, 61.0)));
        QVERIFY(isSameStep(ream(20.0, 60.0), ream(30.0, 40.0)));  // within the other
        QVERIFY(!isSameStep(ream(20.0, 60.0), ream(45.0, 90.0))); // 15 of 40 mm
        QVERIFY(!isSameStep(ream(20.0, 60.0), ream(60.0, 90.0)));
        QVERIFY(!isSameStep(ream(20.0, 60.0), ream(100.0, 140.0)));
        QVERIFY(!isSameStep(ream(20.0, 60.0), TrimFoot{mm(200.0)}));
    }
    void aCutKnowsItsSizeAndPlace()
    {
        const Cut cut = Enlarge{{"h4"}, mm(7.0)};
        VERIFY_NEAR(wantedSize(withSize(cut, mm(7.2))).millimetres(), 7.2, 1e-9);
        QCOMPARE(holeOf(cut)->text, std::string("h4"));
        QVERIFY(!holeOf(TrimFoot{mm(1.0)}));
        VERIFY_NEAR(presentSize(fixtures::whistle(), Ream{mm(0.0), mm(277.0), mm(15.0)})->millimetres(), 12.0, 1e-9);
    }
};

DOWEL_TEST(TestCut)
#include "test_cut.moc"
