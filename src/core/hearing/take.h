// SPDX-License-Identifier: GPL-3.0-or-later
// What goes into hearing and what comes out of it: samples, notes found in them, and sound that was no note.
#pragma once

#include "core/base/quantities.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace dowel {

inline constexpr std::size_t partialsKept = 10;

/// One channel of sound, full scale = 1.
struct Samples
{
    std::vector<float> values;
    double rate_Hz = 48000.0;
    [[nodiscard]] Seconds duration() const { return Seconds::fromSeconds(static_cast<double>(values.size()) / rate_Hz); }
};

/// What deserves a word beside a reading.
enum class TakeFlag { Breathy, Weak, Unsteady, Clipped, Short };
[[nodiscard]] std::string_view flagName(TakeFlag flag);
[[nodiscard]] std::optional<TakeFlag> flagFromName(std::string_view name);

/// One note of a take, measured over its steady part.
struct HeardNote
{
    Seconds start; ///< of the steady part
    Seconds end;
    Hertz pitch;   ///< mean fundamental from start to end
    Cents sd;      ///< one-sigma error of pitch over that part
    Cents drift;   ///< from start to end
    Cents vibrato; ///< depth, half of peak to peak
    Hertz vibratoRate;
    std::array<double, partialsKept> partials_dB{}; ///< power of each partial over the power of all
    double noise_dB = 0;                            ///< harmonic power over the power between and around the partials
    std::optional<double> breath_dB;                ///< harmonic power over the noise from 2 to 8 kHz, where an edge hisses
    Hertz centroid;                                 ///< power-weighted mean of the partials' frequencies
    double level_dB = 0;                            ///< root mean square over full scale
    std::optional<int> registerNumber; ///< 1, 2, 3 where the expected first one is known and the pitch is near a multiple
    std::vector<TakeFlag> flags;
    std::optional<Seconds> speaks;        ///< from the first sound to where pitch and level have settled
    std::optional<Cents> moves;           ///< how far the mean would lie elsewhere over another piece of the steady part
    std::optional<double> levelSpread_dB; ///< standard deviation of the level over the steady part
};

/// One-sigma error of the pitch of the note as it was played: which stretch is taken for it, drift and swing are in it. What
/// `sd` leaves out, since that speaks of the chosen stretch alone. Nine notes in ten lie within 1.645 of it (docs/validation.md).
[[nodiscard]] Cents errorAsPlayed(const HeardNote& note);
/// Power of the even over that of the odd partials, in dB.
[[nodiscard]] double evenToOdd_dB(const HeardNote& note);
/// Centre of the spectrum in units of the fundamental.
[[nodiscard]] double centreInFundamentals(const HeardNote& note);

/// A stretch that is not taken for a note, and why.
struct RejectedSound
{
    enum class Reason { Silence, NoSteadyTone, TooShort, BadSamples };
    Seconds start;
    Seconds end;
    Reason reason = Reason::NoSteadyTone;
};
[[nodiscard]] std::string_view reasonName(RejectedSound::Reason reason);

struct Analysis
{
    std::vector<HeardNote> notes;
    std::vector<RejectedSound> rejected;
};

} // namespace dowel
