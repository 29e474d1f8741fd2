// SPDX-License-Identifier: GPL-3.0-or-later
// Proves the simulated player: the same seed gives the same samples, its truth is what its samples sound, and its own
// physics behaves as tubes do.
#include "core/hearing/analyse.h"
#include "player/player.h"
#include "player/tube.h"
#include "support/compare.h"
#include "support/fixtures.h"

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

QTEST_APPLESS_MAIN(TestPlayer)
#include "test_player.moc"
