// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the simulated player: the same seed gives the same samples, its truth is what its samples sound, and its own
// physics behaves as tubes do.
#include "core/hearing/analyse.h"
#include "player/player.h"
#include "player/tube.h"
#include "support/compare.h"
#include "support/fixtures.h"
#include "support/test_main.h"

using namespace dowel;
using namespace dowel::player;

class TestPlayer : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void theSameSeedPlaysTheSame()
    {
        const Instrument w = fixtures::whistle();
        const SimulatedPlayer a({10, Temperature::fromCelsius(21.0), 24.0});
        const SimulatedPlayer b({10, Temperature::fromCelsius(21.0), 24.0});
        const SimulatedPlayer other({11, Temperature::fromCelsius(21.0), 24.0});
        const Fingering& f = w.spec().fingerings[3];
        const auto one = a.play(w, f, 2);
        const auto two = b.play(w, f, 2);
        VERIFY_OK(one);
        VERIFY_OK(two);
        QVERIFY(one->samples.values == two->samples.values);
        QVERIFY(a.play(w, f, 3)->samples.values != one->samples.values);
        QVERIFY(std::abs(other.truth(w, f, Temperature::fromCelsius(21.0))->hertz() -
                         a.truth(w, f, Temperature::fromCelsius(21.0))->hertz()) > 0.01);
    }
    void aBeginnerScattersAndAColdTubeIsFlat()
    {
        const Instrument w = fixtures::whistle();
        const Temperature room = Temperature::fromCelsius(21.0);
        const Fingering& f = w.spec().fingerings[2];
        const auto scatter = [&](Hand hand) {
            const SimulatedPlayer p({10, room, 24.0, hand});
            const double middle = p.truth(w, f, room)->hertz();
            double squares = 0.0;
            constexpr int takes = 60;
            for (int n = 0; n < takes; ++n)
                squares += std::pow(1200.0 * std::log2(p.play(w, f, static_cast<std::uint64_t>(n))->truth.hertz() / middle), 2);
            return std::sqrt(squares / takes);
        };
        // Of sixty the deviation is known to a tenth: 1/sqrt(2 * 60) (any textbook of statistics).
        VERIFY_NEAR(scatter(Hand::Steady), 1.0, 0.3);
        VERIFY_NEAR(scatter(Hand::Beginner), 5.0, 1.5);
        // Sound goes as the root of the absolute temperature: breath of one and a half to four and a half degrees more than the
        // room is 4.4 to 13.1 cents (Cramer 1993, as speed of sound; 1200 log2 sqrt(T'/T)).
        const SimulatedPlayer warm({10, room, 24.0});
        const SimulatedPlayer cold({10, room, 24.0, Hand::Steady, 0.0});
        const double risen = 1200.0 * std::log2(warm.truth(w, f, room)->hertz() / cold.truth(w, f, room)->hertz());
        QVERIFY2(risen > 4.0 && risen < 13.5, qPrintable(QString::number(risen)));
    }
    void aReedOfStrawIsLowerThanOneOfCane()
    {
        InstrumentSpec s = fixtures::whistleSpec();
        s.excitation = ClosedTop{.volume = CubicMetres::fromCubicMetres(1.2e-6)};
        std::erase_if(s.fingerings, [](const Fingering& f) { return f.registerNumber > 1; });
        const Temperature room = Temperature::fromCelsius(21.0);
        const auto low = [&](const char* material, std::uint64_t seed) {
            s.material = material;
            const Instrument pipe = Instrument::make(s).value();
            return SimulatedPlayer({seed, room, 24.0}).truth(pipe, pipe.spec().fingerings.front(), room)->hertz();
        };
        double straw = 0.0;
        for (std::uint64_t seed = 1; seed <= 12; ++seed)
            straw += std::log2(low("straw", seed) / low("hardwood", seed)) / 12.0;
        QVERIFY2(straw < 0.0, qPrintable(QString::number(1200.0 * straw))); // a quarter more volume is a longer tube
        QCOMPARE(low("cane", 3), low("hardwood", 3));
    }
    void hearingRecoversWhatWasPlayed()
    {
        const Instrument w = fixtures::whistle();
        const SimulatedPlayer p({10, Temperature::fromCelsius(21.0), 24.0});
        for (const Fingering& f : w.spec().fingerings) {
            const auto take = p.play(w, f, 0);
            VERIFY_OK(take);
            const auto found = analyse(take->samples, std::nullopt);
            QCOMPARE(found.notes.size(), std::size_t(1));
            // The take drifts by up to two cents and its attack reaches into the steady part by a trifle.
            VERIFY_NEAR(1200.0 * std::log2(found.notes[0].pitch.hertz() / take->truth.hertz()), 0.0, 0.5);
        }
    }
    void aTubeFeedsTheHarmonicsThatItHas()
    {
        // A cylinder closed at one end has odd resonances only, an open one all of them (any textbook: Fletcher and Rossing, The
        // Physics of Musical Instruments, chapter 8).
        Tube closed;
        closed.bore = {{0.0, 0.008}, {0.4, 0.008}};
        closed.mouth = Mouth::ClosedTop;
        const auto odd = answersAt(closed, *soundingHz(closed, 1), 5);
        QVERIFY(odd[2] > 5.0 * odd[1] && odd[4] > 5.0 * odd[3]);
        Tube open = closed;
        open.mouth = Mouth::Window;
        open.mouthArea_m2 = 2e-4; // as wide as the tube: hardly any correction
        open.mouthDepth_m = 0.001;
        const auto all = answersAt(open, *soundingHz(open, 1), 4);
        QVERIFY(all[1] > 0.3 * all[2] && all[3] > 0.3 * all[2]);
        // Rough walls leave lower peaks.
        open.roughness = 2.0;
        const auto rough = answersAt(open, *soundingHz(open, 1), 1);
        QVERIFY(rough[0] < 0.75 * all[0]);
    }
    void aSmallHoleIsHeardAsADullNote()
    {
        // Benade, J. Acoust. Soc. Am. 32, 1591 (1960): small open holes lower the cutoff, and with it what partials the tube
        // feeds.
        const SimulatedPlayer p({10, Temperature::fromCelsius(21.0), 30.0});
        const auto centre = [&](double diameter_mm) {
            InstrumentSpec s = fixtures::whistleSpec();
            for (Hole& h : s.holes) {
                h.diameter = fixtures::mm(diameter_mm);
                h.undercutDiameter = h.diameter;
            }
            const Instrument shape = *Instrument::make(s);
            const Fingering& f = shape.spec().fingerings[3];
            double sum = 0.0;
            for (std::uint64_t take = 0; take < 6; ++take) {
                const auto found = analyse(p.play(shape, f, take)->samples, std::nullopt);
                double power = 0.0;
                double moment = 0.0;
                for (std::size_t k = 0; k < 6; ++k) {
                    const double strength = std::pow(10.0, found.notes[0].partials_dB[k] / 10.0);
                    power += strength;
                    moment += strength * static_cast<double>(k + 1);
                }
                sum += moment / power;
            }
            return sum / 6.0;
        };
        const double small = centre(3.5);
        const double large = centre(8.5);
        QVERIFY2(large > small + 0.02, qPrintable(QStringLiteral("%1 %2").arg(small).arg(large)));
    }
    void aJointDrawnOutFlattensByItsLength()
    {
        InstrumentSpec spec = fixtures::whistleSpec();
        spec.slides = {{fixtures::mm(60.0), fixtures::mm(0.0), spec.bore.front().diameter}};
        const SimulatedPlayer p({10, Temperature::fromCelsius(21.0), 24.0});
        const auto cents = [&](double out_mm, std::size_t note) {
            InstrumentSpec there = spec;
            there.slides.front().out = fixtures::mm(out_mm);
            const Instrument shape = Instrument::make(there).value();
            const auto in = p.truth(fixtures::whistle(), shape.spec().fingerings[note], Temperature::fromCelsius(21.0));
            const auto now = p.truth(shape, shape.spec().fingerings[note], Temperature::fromCelsius(21.0));
            return 1200.0 * std::log2(now->hertz() / in->hertz());
        };
        VERIFY_NEAR(cents(0.0, 0), 0.0, 1e-6);
        // A piece of the tube's own width is a longer tube: half a wave of D5 at 344 m/s is 293 mm, and 4 mm of it 23.5 cents.
        VERIFY_NEAR(cents(4.0, 0), -1200.0 * std::log2(1.0 + 4.0 / 293.0), 2.5);
        // A higher note's tube is shorter, and loses more of itself.
        QVERIFY(cents(4.0, 5) < cents(4.0, 0) - 5.0);
    }
    void aWarmerRoomIsSharper()
    {
        const Instrument w = fixtures::whistle();
        const SimulatedPlayer p({3, Temperature::fromCelsius(21.0), 24.0});
        const Fingering& f = w.spec().fingerings[0];
        const double cents =
            1200.0 * std::log2(*p.truth(w, f, Temperature::fromCelsius(25.0)) / *p.truth(w, f, Temperature::fromCelsius(20.0)));
        VERIFY_NEAR(cents, 14.6, 0.4); // speed of sound alone, ISO 9613-1; the breath adds a fixed warmth
    }
    void aBareStoppedTubeIsAQuarterWave()
    {
        Tube t;
        t.bore = {{0.0, 0.008}, {0.4, 0.008}};
        t.mouth = Mouth::ClosedTop;
        t.volume_m3 = 0.0;
        t.roughness = 0.0;
        const double expected = 331.45 * std::sqrt(293.15 / 273.15) / (4.0 * (0.4 + 0.63 * 0.008));
        VERIFY_NEAR(*soundingHz(t, 1), expected, 0.002 * expected);
        VERIFY_NEAR(*soundingHz(t, 2) / *soundingHz(t, 1), 3.0, 0.01);
    }
    void everyHiddenInstrumentIsNearWhatItsMakerBelieves()
    {
        const Instrument w = fixtures::whistle();
        for (std::uint64_t seed = 1; seed <= 20; ++seed) {
            const SimulatedPlayer p({seed, Temperature::fromCelsius(21.0), 24.0});
            for (const Fingering& f : w.spec().fingerings) {
                const auto truth = p.truth(w, f, Temperature::fromCelsius(20.0));
                VERIFY_OK(truth);
                QVERIFY(std::abs(1200.0 * std::log2(truth->hertz() / f.target.hertz())) < 180.0);
            }
        }
    }
};

DOWEL_TEST(TestPlayer)
#include "test_player.moc"
