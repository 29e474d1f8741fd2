// SPDX-License-Identifier: GPL-3.0-or-later
// Proves what a change is said to do against the sources of the physics: boundary layers, volumes, pressure nodes, leaks.
#include "core/fit/placed.h"
#include "core/layout/variation.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

#include <numbers>

using namespace dowel;
using fixtures::mm;

namespace {

/// A pipe without holes that plays one fingering in two registers.
InstrumentSpec pipe(Excitation top, double bore, double length, Foot foot, Family family)
{
    InstrumentSpec s = fixtures::whistleSpec();
    s.excitation = std::move(top);
    s.family = family;
    s.foot = foot;
    s.bore = {{mm(0.0), mm(bore)}, {mm(length), mm(bore)}};
    s.holes.clear();
    s.limits = {};
    Fingering low = s.fingerings.front();
    low.closed.clear();
    low.id = FingeringId{"low"};
    low.registerNumber = 1;
    low.targetName.clear();
    low.target = Hertz::fromHertz(400.0);
    Fingering high = low;
    high.id = FingeringId{"high"};
    high.registerNumber = 2;
    high.target = Hertz::fromHertz(800.0);
    s.fingerings = {low, high};
    return s;
}

InstrumentSpec reedPipe(double bore, double length, double volume_mm3)
{
    return pipe(ClosedTop{false, CubicMetres::fromCubicMetres(volume_mm3 * 1e-9)}, bore, length, Foot::Open, Family::Reed);
}

Result<Variation> variedOn(const InstrumentSpec& spec, const Change& change)
{
    const auto now = Instrument::make(spec);
    if (!now)
        return now.error();
    return varied(*Posterior::prior(*now), *now, change);
}

double moved(const NoteVaried& n)
{
    return (*n.then - *n.now).cents();
}

} // namespace

class TestVariation : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void twiceTheLossesSlowTheWaveAsTheBoundaryLayerDoes()
    {
        // Keefe, J. Acoust. Soc. Am. 75, 58 (1984): phase speed c / (1 + 1.045 / rv), rv the radius over the boundary layer's
        // thickness, sqrt(viscosity / (density 2 pi f)). A second time as much of it lowers the whole tube by 1.045 / rv.
        const auto v = variedOn(reedPipe(12.0, 500.0, 1.0), RoughBore{2.0});
        VERIFY_OK(v);
        const Instrument& with = v->with;
        QCOMPARE(with.spec().bore.front().roughness, 2.0);
        const double f = 400.0 * std::exp2(v->notes[0].now->cents() / 1200.0);
        const double rv = 0.006 * std::sqrt(1.204 * 2.0 * std::numbers::pi * f / 1.81e-5);
        // What is known beforehand has walls a little rougher than that.
        const auto before = Posterior::prior(*Instrument::make(reedPipe(12.0, 500.0, 1.0)));
        const double usual = std::exp(before->placed(*Instrument::make(reedPipe(12.0, 500.0, 1.0))).calibration.wallLossLog);
        const double expected = -1200.0 / std::numbers::ln2 * 1.045 / rv * usual;
        VERIFY_NEAR(moved(v->notes[0]), expected, 0.05 * std::abs(expected));
        QVERIFY(v->notes[0].stronger_dB < -4.0 && v->notes[0].stronger_dB > -6.5); // near half as high: 20 lg 2
        QVERIFY(std::abs(moved(v->notes[1])) < std::abs(moved(v->notes[0])));      // it falls with the root of frequency
    }
    void aRoughStretchCostsItsShareAndMoreWhereTheFlowIs()
    {
        // Losses by the wall's drag go with the flow's square, those by its cold with the pressure's; drag is the larger
        // (1 to 0.47: Keefe 1984 by way of gamma and the Prandtl number). A reed pipe's flow is largest at its open foot.
        const InstrumentSpec spec = reedPipe(12.0, 500.0, 1.0);
        const auto whole = variedOn(spec, RoughBore{2.0, mm(0.0), mm(500.0)});
        const auto upper = variedOn(spec, RoughBore{2.0, mm(0.0), mm(250.0)});
        const auto lower = variedOn(spec, RoughBore{2.0, mm(250.0), mm(0.0)}); // no end: to the foot
        VERIFY_OK(whole);
        VERIFY_OK(upper);
        VERIFY_OK(lower);
        VERIFY_NEAR(moved(upper->notes[0]) + moved(lower->notes[0]), moved(whole->notes[0]),
                    0.01 * std::abs(moved(whole->notes[0])));
        QVERIFY(lower->notes[0].stronger_dB < upper->notes[0].stronger_dB);
        // The sum of the two halves' extra losses is the whole's: 1/height is linear in them.
        const auto lost = [](const Result<Variation>& v) {
            return std::pow(10.0, -v->notes[0].stronger_dB / 20.0) - 1.0;
        };
        VERIFY_NEAR(lost(upper) + lost(lower), lost(whole), 0.05 * lost(whole));
        // And smoothed again it is as it was.
        const auto back = withChange(lower->with, RoughBore{1.0, mm(0.0), mm(500.0)});
        VERIFY_OK(back);
        QCOMPARE(back->spec().bore.front().roughness, 1.0);
        QVERIFY(!withChange(*Instrument::make(spec), RoughBore{2.0, mm(600.0), mm(700.0)}));
    }
    void aRingOfTheBoresWidthIsMoreTube()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        const Metres bore = spec.bore.front().diameter;
        spec.bore = {{mm(0.0), bore}, {spec.bore.back().at, bore}}; // no taper, which a ring would not go on with
        const auto v = variedOn(spec, OnTheFoot{mm(12.0), bore, false});
        VERIFY_OK(v);
        VERIFY_NEAR(v->leaveOff->millimetres(), 12.0, 0.05); // cut off what is put on
        InstrumentSpec longer = spec;
        longer.limits = {};
        longer.bore = boreEndingAt(longer.bore, spec.bore.back().at + mm(12.0));
        const auto whole = variedOn(longer, RoughBore{1.0});
        VERIFY_OK(whole);
        for (std::size_t i = 0; i < v->notes.size(); ++i)
            VERIFY_NEAR(v->notes[i].then->cents(), whole->notes[i].now->cents(), 0.05);
    }
    void aBellCostsTheLowestNoteMostAndNothingFarFromIt()
    {
        const InstrumentSpec spec = fixtures::whistleSpec();
        const auto v = variedOn(spec, OnTheFoot{mm(25.0), mm(30.0), true});
        VERIFY_OK(v);
        const double lowest = moved(v->notes.front());
        QVERIFY(lowest < -20.0);
        for (std::size_t i = 1; i < v->notes.size() && spec.fingerings[i].registerNumber == 1; ++i)
            QVERIFY2(moved(v->notes[i]) > lowest && moved(v->notes[i]) < 3.0, v->notes[i].id.text.c_str());
        QVERIFY(std::abs(moved(v->notes[5])) < 0.2 * std::abs(lowest));
        // A cone that opens counts for less than a tube as long.
        QVERIFY(v->leaveOff->millimetres() > 5.0 && v->leaveOff->millimetres() < 25.0);
    }
    void aGrooveWorksAsALargerHole()
    {
        const InstrumentSpec spec = fixtures::whistleSpec();
        const auto v = variedOn(spec, FingerGrooves{mm(0.5)});
        VERIFY_OK(v);
        double most = 0.0;
        for (const NoteVaried& n : v->notes)
            most = std::max(most, moved(n));
        QVERIFY(most > 2.0);
        // The all-closed note has no open hole; its closed holes enclose a little less air, which raises it by little.
        QVERIFY(std::abs(moved(v->notes.front())) < 0.3 * most);
        QVERIFY(!variedOn(spec, FingerGrooves{mm(50.0)}));
    }
    void aMouthpiecesVolumeIsLengthOfBore()
    {
        // A compliance at a closed end lengthens the tube by its volume over the bore's area where both are small against the
        // wave (Nederveen, Acoustical Aspects of Woodwind Instruments, 1969, from memory).
        constexpr double bore = 14.0;
        constexpr double length = 500.0;
        constexpr double volume = 600.0;
        const auto v = variedOn(reedPipe(bore, length, volume), Mouthpiece{1.5});
        VERIFY_OK(v);
        const double area = std::numbers::pi / 4.0 * bore * bore;
        const double whole = length + volume / area + 0.3 * bore; // and the open end
        const double expected = -1200.0 * std::log2((whole + 0.5 * volume / area) / whole);
        VERIFY_NEAR(moved(v->notes[0]), expected, 0.1 * std::abs(expected));
        const auto out = variedOn(reedPipe(bore, length, volume), PulledOut{mm(0.5 * volume / area)});
        VERIFY_OK(out);
        VERIFY_NEAR(moved(out->notes[0]), expected, 0.1 * std::abs(expected));
        // A bulk is a length of atan(k V / S) / k, less than V / S the higher the note: the twelfth falls by less than with a
        // tube as much longer.
        QVERIFY(moved(v->notes[1]) > moved(out->notes[1]));
    }
    void aRegisterHoleDisturbsLeastAtThePressureNode()
    {
        // The second resonance of a tube closed at one end, three quarters of a wave long, has its pressure node a third of the
        // way from the closed end (any textbook: Fletcher and Rossing, The Physics of Musical Instruments, chapter 8).
        const auto at = [](double share) {
            const auto v = variedOn(reedPipe(14.0, 500.0, 1.0), RegisterHole{mm(share * 504.0), mm(3.0)});
            return v ? std::abs(moved(v->notes[1])) : 1e9;
        };
        const double node = at(1.0 / 3.0);
        QVERIFY2(node < 5.0, qPrintable(QString::number(node)));
        for (const double share : {0.15, 0.22, 0.45})
            QVERIFY2(at(share) > 2.0 * node + 2.0, qPrintable(QString::number(share)));
        // Closed it costs the first register next to nothing.
        const auto v = variedOn(reedPipe(14.0, 500.0, 1.0), RegisterHole{mm(168.0), mm(3.0)});
        QVERIFY(std::abs(moved(v->notes[0])) < 3.0);
    }
    void aLeakTakesItsShareByTheCubeOfTheGap()
    {
        // Poiseuille's flow between plates, with a quarter-wave tube's quality: by hand for 16 mm, 0.05 mm and 15 mm of packing.
        const Metres bore = mm(16.0);
        constexpr double quality = 40.0;
        const double conductance = std::numbers::pi * 0.016 * std::pow(5e-5, 3) / (12.0 * 1.81e-5 * 0.015);
        const double impedance = 1.204 * 343.2 / (std::numbers::pi / 4.0 * 0.016 * 0.016);
        const double leaking = std::numbers::pi / (4.0 * conductance * impedance);
        VERIFY_NEAR(ringingLeft(bore, {mm(0.05), mm(15.0)}, quality, 1), 1.0 / (1.0 + quality / leaking), 1e-9);
        QCOMPARE(ringingLeft(bore, {mm(0.0), mm(15.0)}, quality, 1), 1.0);
        const auto lost = [&](double gap, double packing) {
            return 1.0 / ringingLeft(bore, {mm(gap), mm(packing)}, quality, 1) - 1.0;
        };
        VERIFY_NEAR(lost(0.1, 15.0) / lost(0.05, 15.0), 8.0, 1e-6);
        VERIFY_NEAR(lost(0.1, 30.0) / lost(0.1, 15.0), 0.5, 1e-6);
        const auto v = variedOn(pipe(Duct{mm(8.0), mm(4.0), mm(2.0), {}}, 16.0, 200.0, Foot::Closed, Family::Slide),
                                SlideGap{mm(0.1), mm(15.0)});
        VERIFY_OK(v);
        QVERIFY(v->notes[0].stronger_dB < 0.0);
        QCOMPARE(moved(v->notes[0]), 0.0);
    }
    void whatAnInstrumentCannotHaveIsNotOffered()
    {
        const auto offered = [](const InstrumentSpec& s) {
            QStringList names;
            for (const Change& c : changesFor(s))
                names << QString::fromUtf8(changeName(c).data(), static_cast<qsizetype>(changeName(c).size()));
            return names;
        };
        QVERIFY(!offered(fixtures::whistleSpec()).contains(QStringLiteral("mouthpiece")));
        QVERIFY(offered(reedPipe(14.0, 500.0, 600.0)).contains(QStringLiteral("register_hole")));
        InstrumentSpec stopped = pipe(Duct{mm(8.0), mm(4.0), mm(2.0), {}}, 16.0, 200.0, Foot::Closed, Family::Stopped);
        QVERIFY(!offered(stopped).contains(QStringLiteral("on_the_foot")));
        QVERIFY(!withChange(*Instrument::make(stopped), OnTheFoot{mm(10.0), mm(20.0)}));
        QVERIFY(!withChange(*Instrument::make(stopped), Mouthpiece{1.1}));
        QVERIFY(!withChange(*Instrument::make(fixtures::whistleSpec()), RoughBore{0.5}));
    }
    void everyOfferCanBeMade()
    {
        for (const InstrumentSpec& s : {fixtures::whistleSpec(), reedPipe(14.0, 500.0, 600.0)})
            for (const Change& c : changesFor(s)) {
                const auto v = variedOn(s, c);
                QVERIFY2(v.ok(), changeName(c).data());
                QCOMPARE(v->notes.size(), s.fingerings.size());
            }
    }
};

DOWEL_TEST(TestVariation)
#include "test_variation.moc"
