// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/analyse.h"

#include "core/base/ratio.h"
#include "core/base/statistics.h"
#include "core/base/thread_role.h"
#include "core/hearing/frames.h"
#include "core/hearing/refine.h"
#include "core/hearing/window.h"

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
    return median(std::move(pitches));
}

/// Power of a component at one frequency through a Hann window over the whole stretch.
double powerAt(std::span<const float> x, double rate_Hz, double f_Hz)
{
    std::complex<double> sum = 0.0;
    std::complex<double> turn = 1.0;
    const std::complex<double> step = std::polar(1.0, -2.0 * std::numbers::pi * f_Hz / rate_Hz);
    for (std::size_t i = 0; i < x.size(); ++i) {
        sum += hearing::hannOfMeanOne(i, x.size()) * static_cast<double>(x[i]) * turn;
        turn *= step;
    }
    return std::norm(sum / static_cast<double>(x.size()));
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

/// A pitch of which only every second or third partial stands is that multiple: what is left between them is hum or the room.
/// Of the partials that are no multiples all together lie 17 dB under the multiples, and without the strongest, which hum
/// may be, 20 dB. Where one of the two is expected, it is that one.
double withoutFalseFundamental(std::span<const float> x, double rate_Hz, double pitch_Hz, std::optional<Hertz> expected)
{
    constexpr int partials = 12;
    constexpr double allOthers = 0.02;
    constexpr double butOne = 0.01;
    constexpr double asExpected_cents = 100.0;
    const auto enough = static_cast<std::size_t>(0.25 * rate_Hz);
    const auto middle = x.subspan(x.size() > enough ? (x.size() - enough) / 2 : 0, std::min(x.size(), enough));
    std::array<double, partials + 1> power{};
    for (int k = 1; k <= partials && k * pitch_Hz < 0.45 * rate_Hz; ++k)
        // cppcheck-suppress containerOutOfBounds ; it takes the array for one place shorter than it is
        power[static_cast<std::size_t>(k)] = powerAt(middle, rate_Hz, k * pitch_Hz);
    const auto isExpected = [&](double f) {
        return expected && std::abs(centsOver(f, expected->hertz())) < asExpected_cents;
    };
    if (isExpected(pitch_Hz))
        return pitch_Hz;
    for (const int multiple : {2, 3}) {
        double family = 0.0;
        double others = 0.0;
        double strongest = 0.0;
        for (int k = 1; k <= partials; ++k) {
            // cppcheck-suppress containerOutOfBounds
            const double p = power[static_cast<std::size_t>(k)];
            (k % multiple == 0 ? family : others) += p;
            strongest = k % multiple == 0 ? strongest : std::max(strongest, p);
        }
        if (others < allOthers * family && others - strongest < butOne * family)
            return withoutFalseFundamental(x, rate_Hz, pitch_Hz * multiple, expected);
    }
    return pitch_Hz;
}

/// The exact error of a mean says how well that stretch is known; a player's note is known no better than its mean stays where
/// it is when the stretch begins later or ends earlier, which would have been as good.
std::optional<Cents> movesOf(const HeardNote& note, std::span<const float> stretch, double rate_Hz)
{
    constexpr double piece = 2.0 / 3.0;
    constexpr double shortest_s = 0.15;
    const auto length = static_cast<std::size_t>(piece * static_cast<double>(stretch.size()));
    if (static_cast<double>(length) < shortest_s * rate_Hz)
        return std::nullopt;
    std::optional<Cents> most;
    for (const auto part : {stretch.first(length), stretch.last(length)})
        if (const auto other = hearing::refine(part, rate_Hz, note.pitch.hertz())) {
            const double off = std::abs(centsOver(other->pitch.hertz(), note.pitch.hertz()));
            most = Cents::fromCents(std::max(off, most.value_or(Cents{}).cents()));
        }
    return most;
}

/// What is said of a measured stretch beside its pitch.
void flag(HeardNote& note, std::span<const float> stretch, double rate_Hz)
{
    note.moves = movesOf(note, stretch, rate_Hz);
    note.breath_dB = breathRatio_dB(stretch, rate_Hz, note.pitch);
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

/// How it begins, and how steady its level is.
void describe(HeardNote& note, const std::vector<Frame>& frames, const Run& run, const Run& steady)
{
    double mean = 0.0;
    double square = 0.0;
    const double count = static_cast<double>(steady.last - steady.first + 1);
    for (std::size_t i = steady.first; i <= steady.last; ++i) {
        const double dB = 20.0 * std::log10(std::max(1e-6, frames[i].rms));
        mean += dB / count;
        square += dB * dB / count;
    }
    note.levelSpread_dB = std::sqrt(std::max(0.0, square - mean * mean));
    constexpr double settled_cents = 12.0;
    constexpr double settled_dB = 3.0;
    for (std::size_t i = run.first; i <= steady.first; ++i) {
        const bool inTune = frames[i].pitch_Hz > 0.0 &&
                            std::abs(centsOver(frames[i].pitch_Hz, note.pitch.hertz())) < settled_cents + note.vibrato.cents();
        if (inTune && 20.0 * std::log10(std::max(1e-6, frames[i].rms)) > mean - settled_dB) {
            note.speaks = Seconds::fromSeconds(frames[i].centre_s - frames[run.first].centre_s);
            break;
        }
    }
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

double evenToOdd_dB(const HeardNote& note)
{
    double even = 1e-12;
    double odd = 1e-12;
    for (std::size_t k = 0; k < partialsKept; ++k)
        (k % 2 == 0 ? odd : even) += std::pow(10.0, note.partials_dB[k] / 10.0); // the first is odd
    return 10.0 * std::log10(even / odd);
}

double centreInFundamentals(const HeardNote& note)
{
    return note.centroid.hertz() / note.pitch.hertz();
}

std::optional<double> breathRatio_dB(std::span<const float> steady, double rate_Hz, Hertz pitch)
{
    constexpr double lowest_Hz = 2000.0;
    const double highest_Hz = std::min(8000.0, 0.45 * rate_Hz);
    const auto longest = static_cast<std::size_t>(0.5 * rate_Hz);
    if (highest_Hz < 2.0 * lowest_Hz || steady.size() < 1024)
        return std::nullopt;
    const std::size_t length = std::min(longest, steady.size());
    const auto points = hearing::spectrum(steady.subspan((steady.size() - length) / 2, length), rate_Hz);
    // What vibrato, drift and the window spread about a partial is the partial's own.
    const double lobe_Hz = 4.0 * rate_Hz / static_cast<double>(length);
    constexpr double spread = 0.012;
    double tone = 0.0;
    double between = 0.0;
    std::size_t count = 0;
    std::size_t countBetween = 0;
    for (const SpectrumPoint& p : points) {
        const double power = std::pow(10.0, p.level_dB / 10.0);
        const double partial_Hz = std::max(1.0, std::round(p.hertz / pitch.hertz())) * pitch.hertz();
        const bool partials = std::abs(p.hertz - partial_Hz) <= lobe_Hz + spread * partial_Hz;
        const bool inBand = p.hertz >= lowest_Hz && p.hertz <= highest_Hz;
        tone += partials && p.hertz < highest_Hz ? power : 0.0;
        count += inBand ? 1 : 0;
        if (inBand && !partials) {
            between += power;
            ++countBetween;
        }
    }
    if (5 * countBetween < count)
        return std::nullopt; // a low note's partials leave no room between them
    const double noise = between * static_cast<double>(count) / static_cast<double>(countBetween);
    return 10.0 * std::log10(std::max(1e-30, tone) / std::max(1e-30, noise));
}

std::optional<HeardNote> measuredPart(const Samples& take, Seconds from, Seconds to, const HearingOptions& options)
{
    enterDoor(Door::Analysis);
    const std::span<const float> all(take.values);
    const auto at = [&](Seconds t) {
        return std::min(all.size(), static_cast<std::size_t>(std::max(0.0, t.seconds()) * take.rate_Hz));
    };
    if (!(to > from) || at(to) <= at(from))
        return std::nullopt;
    const auto part = all.subspan(at(from), at(to) - at(from));
    if (!std::all_of(part.begin(), part.end(), [](float s) { return std::isfinite(s); }))
        return std::nullopt;
    const auto frames = hearing::framesOf(part, take.rate_Hz, options, {});
    const bool pitched = std::any_of(frames.begin(), frames.end(), [](const Frame& f) { return f.pitch_Hz > 0.0; });
    if (!pitched)
        return std::nullopt;
    const double coarse = withoutFalseFundamental(part, take.rate_Hz,
                                                  withoutOverlookedFundamental(part, take.rate_Hz,
                                                                               medianPitch(frames, {0, frames.size() - 1, true}),
                                                                               options.lowest.hertz()),
                                                  std::nullopt);
    auto note = hearing::refine(part, take.rate_Hz, coarse);
    if (!note)
        return std::nullopt;
    note->start = note->start + from;
    note->end = note->end + from;
    flag(*note, part, take.rate_Hz);
    return note;
}

std::vector<SpectrumPoint> spectrumOf(const Samples& take, Seconds from, Seconds to)
{
    enterDoor(Door::Analysis);
    constexpr double longest_s = 0.5;
    const double middle = 0.5 * (from + to).seconds();
    const double half = 0.5 * std::min(longest_s, (to - from).seconds());
    const auto at = [&](double s) {
        return std::min(take.values.size(), static_cast<std::size_t>(std::max(0.0, s) * take.rate_Hz));
    };
    const std::size_t first = at(middle - half);
    const std::size_t last = at(middle + half);
    return last > first + 16 ? hearing::spectrum(std::span<const float>(take.values).subspan(first, last - first), take.rate_Hz)
                             : std::vector<SpectrumPoint>();
}

Cents errorAsPlayed(const HeardNote& note)
{
    // Shares by 500 synthetic takes, of which nine in ten are to lie within 1.645 of it.
    constexpr double ofTheMove = 0.65;
    constexpr double ofTheDrift = 0.25; // where it is too short to be measured over its parts
    const double stretch = note.moves ? ofTheMove * note.moves->cents() : ofTheDrift * note.drift.cents();
    return Cents::fromCents(std::hypot(note.sd.cents(), stretch));
}

std::optional<int> registerOf(Hertz pitch, Hertz first, Modes modes)
{
    constexpr double nearEnough_cents = 230.0;
    std::optional<int> best;
    double nearest = nearEnough_cents;
    for (int n = 1; n <= 3; ++n) {
        const double off = std::abs(centsOver(pitch.hertz(), first.hertz() * (modes == Modes::Odd ? 2 * n - 1 : n)));
        if (off < nearest) {
            nearest = off;
            best = n;
        }
    }
    return best;
}

Analysis analyse(const Samples& take, std::optional<Hertz> expectFirst, const HearingOptions& options, const Cancel& cancel)
{
    enterDoor(Door::Analysis);
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
        const double coarse = withoutFalseFundamental(
            stretch, take.rate_Hz,
            withoutOverlookedFundamental(stretch, take.rate_Hz, medianPitch(frames, steady), options.lowest.hertz()),
            expectFirst);
        auto note = hearing::refine(stretch, take.rate_Hz, coarse);
        if (!note) {
            result.rejected.push_back(rejected(frames, run, RejectedSound::Reason::NoSteadyTone));
            continue;
        }
        const Seconds offset = Seconds::fromSeconds(static_cast<double>(first) / take.rate_Hz);
        note->start = note->start + offset;
        note->end = note->end + offset;
        describe(*note, frames, run, steady);
        if (expectFirst)
            note->registerNumber = registerOf(note->pitch, *expectFirst, options.modes);
        flag(*note, stretch, take.rate_Hz);
        result.notes.push_back(std::move(*note));
    }
    return result;
}

} // namespace dowel
