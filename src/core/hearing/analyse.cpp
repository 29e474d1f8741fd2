// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/analyse.h"

#include "core/hearing/frames.h"
#include "core/hearing/refine.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>

namespace dowel {

namespace {

using hearing::Frame;
using hearing::Run;

constexpr std::array<std::pair<TakeFlag, std::string_view>, 5> flags{{{TakeFlag::Breathy, "breathy"},
                                                                      {TakeFlag::Weak, "weak"},
                                                                      {TakeFlag::Unsteady, "unsteady"},
                                                                      {TakeFlag::Clipped, "clipped"},
                                                                      {TakeFlag::Short, "short"}}};

double medianPitch(const std::vector<Frame>& frames, const Run& run)
{
    std::vector<double> pitches;
    for (std::size_t i = run.first; i <= run.last; ++i)
        if (frames[i].pitch_Hz > 0.0)
            pitches.push_back(frames[i].pitch_Hz);
    std::nth_element(pitches.begin(), pitches.begin() + static_cast<std::ptrdiff_t>(pitches.size() / 2), pitches.end());
    return pitches[pitches.size() / 2];
}

/// Power of a component at one frequency through a Hann window over the whole stretch.
double powerAt(std::span<const float> x, double rate_Hz, double f_Hz)
{
    std::complex<double> sum = 0.0;
    const double n = static_cast<double>(x.size());
    std::complex<double> turn = 1.0;
    const std::complex<double> step = std::polar(1.0, -2.0 * std::numbers::pi * f_Hz / rate_Hz);
    for (std::size_t i = 0; i < x.size(); ++i) {
        const double w = 1.0 - std::cos(2.0 * std::numbers::pi * (static_cast<double>(i) + 0.5) / n);
        sum += w * static_cast<double>(x[i]) * turn;
        turn *= step;
    }
    return std::norm(sum / n);
}

/// The true fundamental may lie an octave or a twelfth under a weak first partial: looks for components half-way (or at
/// thirds) between the supposed partials that stand out of what surrounds them.
double withoutOverlookedFundamental(std::span<const float> x, double rate_Hz, double pitch_Hz, double lowest_Hz)
{
    // A tenth of a second resolves the gaps of any note above 80 Hz; longer only smears what drifts. Two of three places
    // must agree, so that a click or a dropout in one of them decides nothing.
    const auto enough = std::min(x.size(), static_cast<std::size_t>(0.12 * rate_Hz));
    std::vector<std::span<const float>> places;
    for (const double share : {0.5, 0.2, 0.8}) {
        places.push_back(x.subspan(static_cast<std::size_t>(share * static_cast<double>(x.size() - enough)), enough));
        if (x.size() < 2 * enough)
            break;
    }
    for (const int divisor : {2, 3}) {
        const double f = pitch_Hz / divisor;
        if (f < lowest_Hz)
            continue;
        std::size_t agree = 0;
        for (const auto place : places) {
            const double strongest = std::max(powerAt(place, rate_Hz, pitch_Hz), powerAt(place, rate_Hz, 2.0 * pitch_Hz));
            int standing = 0;
            for (const int m : {1, divisor + 1}) {
                const double here = powerAt(place, rate_Hz, m * f);
                const double around = 0.5 * (powerAt(place, rate_Hz, (m - 0.37) * f) + powerAt(place, rate_Hz, (m + 0.37) * f));
                constexpr double audible = 1e-4; // -40 dB
                constexpr double clear = 15.0;
                standing += here > audible * strongest && here > clear * around ? 1 : 0;
            }
            agree += standing == 2 ? 1U : 0U;
        }
        if (2 * agree > places.size())
            return f;
    }
    return pitch_Hz;
}

void flag(HeardNote& note, std::span<const float> stretch)
{
    constexpr double breathy_dB = 12.0;
    constexpr double weak_dB = -50.0;
    constexpr double unsteady_cents = 15.0;
    constexpr double short_s = 0.4;
    constexpr float nearFullScale = 0.999F;
    if (note.noise_dB < breathy_dB)
        note.flags.push_back(TakeFlag::Breathy);
    if (note.level_dB < weak_dB)
        note.flags.push_back(TakeFlag::Weak);
    if (std::abs(note.drift.cents()) > unsteady_cents || note.vibrato.cents() > unsteady_cents)
        note.flags.push_back(TakeFlag::Unsteady);
    if (std::count_if(stretch.begin(), stretch.end(), [](float s) { return std::abs(s) >= nearFullScale; }) > 2)
        note.flags.push_back(TakeFlag::Clipped);
    if ((note.end - note.start).seconds() < short_s)
        note.flags.push_back(TakeFlag::Short);
}

RejectedSound rejected(const std::vector<Frame>& frames, const Run& run, RejectedSound::Reason reason)
{
    return {Seconds::fromSeconds(frames[run.first].centre_s), Seconds::fromSeconds(frames[run.last].centre_s), reason};
}

} // namespace

std::string_view flagName(TakeFlag f)
{
    for (const auto& [value, name] : flags)
        if (value == f)
            return name;
    return "breathy";
}

std::optional<TakeFlag> flagFromName(std::string_view name)
{
    for (const auto& [value, n] : flags)
        if (n == name)
            return value;
    return std::nullopt;
}

std::string_view reasonName(RejectedSound::Reason reason)
{
    switch (reason) {
    case RejectedSound::Reason::Silence: return "silence";
    case RejectedSound::Reason::NoSteadyTone: return "no steady tone";
    case RejectedSound::Reason::TooShort: return "too short";
    case RejectedSound::Reason::BadSamples: return "samples that are not numbers";
    }
    return "no steady tone";
}

std::optional<int> registerOf(Hertz pitch, Hertz first)
{
    constexpr double nearEnough_cents = 230.0;
    std::optional<int> best;
    double nearest = nearEnough_cents;
    for (int n = 1; n <= 3; ++n) {
        const double off = std::abs(1200.0 * std::log2(pitch / (first * n)));
        if (off < nearest) {
            nearest = off;
            best = n;
        }
    }
    return best;
}

Analysis analyse(const Samples& take, std::optional<Hertz> expectFirst, const HearingOptions& options, const Cancel& cancel)
{
    Analysis result;
    const std::span<const float> all(take.values);
    const Seconds whole = take.duration();
    if (!std::all_of(all.begin(), all.end(), [](float s) { return std::isfinite(s); })) {
        result.rejected.push_back({Seconds{}, whole, RejectedSound::Reason::BadSamples});
        return result;
    }
    const auto frames = hearing::framesOf(all, take.rate_Hz, options, cancel);
    const auto runs = hearing::runsOf(frames);
    if (runs.empty())
        result.rejected.push_back({Seconds{}, whole, RejectedSound::Reason::Silence});
    for (const Run& run : runs) {
        if (cancel.requested())
            break;
        if (!run.tonal) {
            result.rejected.push_back(rejected(frames, run, RejectedSound::Reason::NoSteadyTone));
            continue;
        }
        const Run steady = hearing::steadyPart(frames, run);
        if (steady.first > steady.last) {
            const double lasted = frames[run.last].centre_s - frames[run.first].centre_s;
            result.rejected.push_back(rejected(frames, run,
                                               lasted < 2.0 * options.shortest.seconds() ? RejectedSound::Reason::TooShort
                                                                                         : RejectedSound::Reason::NoSteadyTone));
            continue;
        }
        const auto first = static_cast<std::size_t>(frames[steady.first].centre_s * take.rate_Hz);
        const auto last = static_cast<std::size_t>(frames[steady.last].centre_s * take.rate_Hz);
        const auto stretch = all.subspan(first, last - first);
        if (static_cast<double>(stretch.size()) < options.shortest.seconds() * take.rate_Hz) {
            result.rejected.push_back(rejected(frames, run, RejectedSound::Reason::TooShort));
            continue;
        }
        const double coarse =
            withoutOverlookedFundamental(stretch, take.rate_Hz, medianPitch(frames, steady), options.lowest.hertz());
        auto note = hearing::refine(stretch, take.rate_Hz, coarse);
        if (!note) {
            result.rejected.push_back(rejected(frames, run, RejectedSound::Reason::NoSteadyTone));
            continue;
        }
        const Seconds offset = Seconds::fromSeconds(static_cast<double>(first) / take.rate_Hz);
        note->start = note->start + offset;
        note->end = note->end + offset;
        if (expectFirst)
            note->registerNumber = registerOf(note->pitch, *expectFirst);
        flag(*note, stretch);
        result.notes.push_back(std::move(*note));
    }
    return result;
}

} // namespace dowel
