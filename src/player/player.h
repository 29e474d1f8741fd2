// SPDX-License-Identifier: GPL-3.0-or-later
// The simulated player: blows a hidden instrument that is not quite what its maker believes, and gives samples that go
// the same way as a microphone's. Everything follows from the seed. It stands in for a device, in the demo, in tests and
// as the practice blank.
#pragma once

#include "core/base/random.h"
#include "core/base/result.h"
#include "core/hearing/take.h"
#include "core/instrument/instrument.h"

#include <cstdint>

namespace dowel::player {

struct Tube;

enum class Hand { Steady, Beginner };
struct Practice
{
    std::uint64_t seed = 1;
    Temperature room = Temperature::fromCelsius(21.0);
    double noise_dB = 24.0; ///< harmonic power over breath noise
    Hand hand = Hand::Steady;
    double warmed = 1.0; ///< how much of the breath's warmth the tube has taken on: 0 for one that comes out of the case
    friend bool operator==(const Practice&, const Practice&) = default;
};

/// A take and what is true of it.
struct PlayedTake
{
    Samples samples;
    Hertz truth; ///< pitch the note settles at in this take
};

class SimulatedPlayer
{
public:
    explicit SimulatedPlayer(const Practice& practice);

    /// The pitch that the hidden instrument has, with the player's steady habits but without a take's chance, at an air
    /// temperature. believed: the instrument as its maker's calipers say it is now.
    /// Errors: OutOfModelRange (where = fingering) where nothing sounds.
    [[nodiscard]] Result<Hertz> truth(const Instrument& believed, const Fingering& fingering, Temperature room) const;
    /// A take of about two seconds at 48 kHz; the same number gives the same take. Errors as truth().
    [[nodiscard]] Result<PlayedTake> play(const Instrument& believed, const Fingering& fingering, std::uint64_t takeNumber) const;

    [[nodiscard]] const Practice& practice() const { return m_practice; }

private:
    /// Everything that is other than believed, drawn once from the seed.
    struct Hidden
    {
        double boreScale;
        double foot_m;
        double mouthScale;
        double mouthSlope;
        double roughness;
        double breathKelvin;
        double blow_cents;
        double blowPerOctave_cents;
        double secondRegister_cents;
        double neighbours;
        double reed; ///< how soft a reed of straw or vegetable came out, standard normal
    };
    /// What is really there: the instrument as believed, with all that is other than that.
    [[nodiscard]] Tube hiddenTube(const Instrument& believed, const Fingering& fingering, Temperature room) const;
    Practice m_practice;
    Hidden m_hidden{};
};

} // namespace dowel::player
