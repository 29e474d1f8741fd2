// SPDX-License-Identifier: GPL-3.0-or-later
// Blown notes as they come on a bench, with the exact course of their phase: attacks that start flat, drift, vibrato, a
// wandering player, breath; then hum, clipping, clicks, gaps and worse.
#pragma once

#include "core/hearing/take.h"
#include "support/tones.h"

#include <algorithm>

namespace dowel::lifelike {

enum class Grade { Clean, Ordinary, Hard };

struct Take
{
    Samples samples;
    std::vector<double> phase; ///< of the fundamental, per sample
    double f_Hz = 0.0;
    const char* trouble = "";
    [[nodiscard]] double meanOver(const HeardNote& n) const
    {
        const auto a = static_cast<std::size_t>(std::lround(n.start.seconds() * samples.rate_Hz));
        const auto b = std::min(phase.size() - 1, static_cast<std::size_t>(std::lround(n.end.seconds() * samples.rate_Hz)));
        return (phase[b] - phase[a]) / (2.0 * std::numbers::pi * static_cast<double>(b - a)) * samples.rate_Hz;
    }
    [[nodiscard]] double offCents(const HeardNote& n) const { return 1200.0 * std::log2(n.pitch.hertz() / meanOver(n)); }
};

inline Take take(Grade grade, std::uint64_t seed)
{
    Random r(seed * 3 + static_cast<std::uint64_t>(grade));
    Take t;
    const double rate = r.uniform(0.0, 1.0) < 0.5 ? 44100.0 : 48000.0;
    t.samples.rate_Hz = rate;
    t.f_Hz = 260.0 * std::pow(2400.0 / 260.0, r.uniform(0.0, 1.0));
    const double lasts = r.uniform(1.0, 2.0);
    const double flat = r.uniform(15.0, 60.0);
    const double tau = r.uniform(0.02, 0.06);
    const double drift = (grade == Grade::Clean ? 4.0 : 7.0) * r.uniform(-1.0, 1.0);
    const double swing = r.uniform(0.0, 1.0) < 0.5 ? 0.0 : (grade == Grade::Clean ? 4.0 : 9.0) * r.uniform(0.3, 1.0);
    const double swingRate = r.uniform(4.0, 6.5);
    const double swingStart = r.uniform(0.0, 6.28);
    const double wander = grade == Grade::Clean ? 0.0 : 0.3;
    double snr_dB = grade == Grade::Clean ? r.uniform(28.0, 40.0) : r.uniform(12.0, 26.0);
    auto partials = tones::usualPartials();
    for (std::size_t k = 1; k < partials.size(); ++k)
        partials[k] *= std::pow(10.0, r.uniform(-6.0, 6.0) / 20.0);
    const int trouble = grade == Grade::Hard ? static_cast<int>(seed % 8) : -1;
    double hum = 0.0;
    double startsUnstable_s = 0.0;
    double gain = 0.2;
    constexpr const char* names[] = {"noise",          "hum",      "clipping", "click", "lost samples", "weak fundamental",
                                     "unstable start", "two notes"};
    if (trouble >= 0)
        t.trouble = names[trouble];
    if (trouble == 0)
        snr_dB = 3.0;
    if (trouble == 1)
        hum = 0.1;
    if (trouble == 5)
        partials[0] = partials[1] * std::pow(10.0, -15.0 / 20.0);
    if (trouble == 6)
        startsUnstable_s = 0.3;
    const double noise = std::sqrt(tones::powerOf(partials) * std::pow(10.0, -snr_dB / 10.0));
    const double pole = std::exp(-1.0 / (0.15 * rate));
    double strays = 0.0;
    double phase = 0.0;
    const auto play = [&](double f_Hz, double seconds, double unstable_s) {
        const auto n = static_cast<std::size_t>(seconds * rate);
        for (std::size_t i = 0; i < n; ++i) {
            const double s = static_cast<double>(i) / rate;
            strays = pole * strays + std::sqrt(1.0 - pole * pole) * wander * r.normal();
            double cents = -flat * std::exp(-s / tau) + drift * (s / seconds - 0.5) +
                           swing * std::sin(2.0 * std::numbers::pi * swingRate * s + swingStart) + strays;
            if (s < unstable_s)
                cents += 45.0 * std::sin(40.0 * s) * (1.0 - s / unstable_s);
            t.phase.push_back(phase);
            phase += 2.0 * std::numbers::pi * f_Hz * std::exp2(cents / 1200.0) / rate;
            const double level = (1.0 - std::exp(-s / tau)) * std::min(1.0, (seconds - s) / 0.05) *
                                 (1.0 + 0.05 * std::sin(2.0 * std::numbers::pi * 2.3 * s));
            double v = 0.0;
            for (std::size_t k = 0; k < partials.size(); ++k)
                v += level * partials[k] * std::sin(static_cast<double>(k + 1) * phase);
            t.samples.values.push_back(static_cast<float>(gain * (v + level * noise * r.normal())));
        }
    };
    const auto rest = [&](double seconds) {
        for (std::size_t i = 0; i < static_cast<std::size_t>(seconds * rate); ++i) {
            t.phase.push_back(phase);
            t.samples.values.push_back(static_cast<float>(1e-5 * r.normal()));
        }
    };
    rest(0.25);
    play(t.f_Hz, lasts, startsUnstable_s);
    if (trouble == 7) {
        rest(0.1);
        play(t.f_Hz * 1.189207, lasts, 0.0);
    }
    rest(0.25);
    auto& v = t.samples.values;
    const auto within = [&](double share) {
        return static_cast<std::size_t>((0.25 + share * lasts) * rate);
    };
    if (hum > 0.0)
        for (std::size_t i = 0; i < v.size(); ++i)
            v[i] +=
                static_cast<float>(gain * hum * std::sin(2.0 * std::numbers::pi * 50.0 * static_cast<double>(i) / rate) +
                                   gain * 0.3 * hum * std::sin(2.0 * std::numbers::pi * 150.0 * static_cast<double>(i) / rate));
    if (trouble == 2)
        for (float& s : v)
            s = std::clamp(s * 6.0F, -0.8F, 0.8F);
    if (trouble == 3)
        for (std::size_t i = 0; i < 30; ++i)
            v[within(0.55) + i] += i % 2 == 0 ? 0.7F : -0.7F;
    if (trouble == 4) // a dropout: silence for eight milliseconds, time goes on
        std::fill_n(v.begin() + static_cast<std::ptrdiff_t>(within(0.5)), static_cast<std::size_t>(0.008 * rate), 0.0F);
    return t;
}

} // namespace dowel::lifelike
