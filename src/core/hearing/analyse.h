// SPDX-License-Identifier: GPL-3.0-or-later
// From samples to readings: notes are found, their steady part chosen, the fundamental refined over all usable partials.
//   coarse pitch   normalised square difference by FFT, after McLeod and Wyvill 2005 [MW05], kin of [dCK02]
//   refinement     weighted least squares over the partials' unwrapped phases; efficient in white noise, see [RB74]
// Valid for single blown notes from 80 to 5000 Hz whose partials are harmonic.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/take.h"

#include <optional>
#include <span>

namespace dowel {

struct HearingOptions
{
    Hertz lowest = Hertz::fromHertz(80.0);
    Hertz highest = Hertz::fromHertz(5000.0);
    Seconds shortest = Seconds::fromSeconds(0.15); ///< a steady part of less is no reading
    /// Which modes of a fingering there are to tell its register by: every one, or of a cylinder that is closed at one end, reed
    /// or stopped, whose second is the twelfth, every other.
    enum class Modes { All, Odd } modes = Modes::All;
};
using Modes = HearingOptions::Modes;

/// All notes of a take in their order. expectFirst: the fingering's first register, where known, for the register
/// decision. NaN or infinite samples make a rejected stretch, never a reading. Returns what was found so far when
/// cancelled.
[[nodiscard]] Analysis analyse(const Samples& take, std::optional<Hertz> expectFirst, const HearingOptions& options = {},
                               const Cancel& cancel = {});

/// One part of a take, chosen by hand, as a note. Nothing where no tone stands in it.
[[nodiscard]] std::optional<HeardNote> measuredPart(const Samples& take, Seconds from, Seconds to,
                                                    const HearingOptions& options = {});

struct SpectrumPoint
{
    double hertz = 0.0;
    double level_dB = 0.0; ///< of a sine there, over full scale
};
/// Tone over breath: power of all partials over the noise between them from 2 to 8 kHz, in dB, over the middle half second
/// at most. The whole tone, not its part in the band: otherwise it would tell which partials happen to fall there. Nothing
/// where the rate leaves less than an octave of that band.
[[nodiscard]] std::optional<double> breathRatio_dB(std::span<const float> steady, double rate_Hz, Hertz pitch);
/// Spectrum of a part under a Hann window, at most half a second of its middle.
[[nodiscard]] std::vector<SpectrumPoint> spectrumOf(const Samples& take, Seconds from, Seconds to);

/// Which mode of a fingering sounds, given its first: 1, 2 or 3, or nothing where the pitch is more than two whole tones
/// from any of them.
[[nodiscard]] std::optional<int> registerOf(Hertz pitch, Hertz first, Modes modes = Modes::All);

} // namespace dowel
