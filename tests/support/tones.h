// SPDX-License-Identifier: GPL-3.0-or-later
// Synthetic sound with known truth for the hearing tests.
#pragma once

#include "core/base/random.h"
#include "core/hearing/take.h"

#include <cmath>
#include <numbers>
#include <vector>

namespace dowel::tones {

/// Amplitudes of the yardstick tone of the hearing tests: partials at 0, -8, -16, -26 and -34 dB.
inline std::vector<double> usualPartials()
{
    std::vector<double> a;
    for (const double dB : {0.0, -8.0, -16.0, -26.0, -34.0})
        a.push_back(std::pow(10.0, dB / 20.0));
    return a;
}

inline double powerOf(const std::vector<double>& partials)
{
    double p = 0.0;
    for (const double a : partials)
        p += 0.5 * a * a;
    return p;
}

/// A constant harmonic tone in white noise; snr_dB is the tone's whole power over the noise's.
inline Samples constantTone(double f_Hz, double seconds, double snr_dB, std::uint64_t seed, double rate_Hz = 48000.0,
                            std::vector<double> partials = usualPartials())
{
    Random r(seed);
    const double noise = std::sqrt(powerOf(partials) * std::pow(10.0, -snr_dB / 10.0));
    std::vector<double> start;
    for (std::size_t k = 0; k < partials.size(); ++k)
        start.push_back(r.uniform(0.0, 2.0 * std::numbers::pi));
    Samples s;
    s.rate_Hz = rate_Hz;
    const auto n = static_cast<std::size_t>(seconds * rate_Hz);
    for (std::size_t i = 0; i < n; ++i) {
        double v = noise * r.normal();
        for (std::size_t k = 0; k < partials.size(); ++k)
            v += partials[k] * std::sin(2.0 * std::numbers::pi * f_Hz * static_cast<double>((k + 1) * i) / rate_Hz + start[k]);
        s.values.push_back(static_cast<float>(0.2 * v));
    }
    return s;
}

/// Cramer-Rao bound of the fundamental of that tone, in cents (Rife and Boorstyn 1974 for one sinusoid; the partials'
/// informations add as the square of their number).
inline double boundCents(double f_Hz, double seconds, double snr_dB, double rate_Hz = 48000.0,
                         const std::vector<double>& partials = usualPartials())
{
    const double noisePower = powerOf(partials) * std::pow(10.0, -snr_dB / 10.0);
    const double n = seconds * rate_Hz;
    double information = 0.0;
    for (std::size_t k = 0; k < partials.size(); ++k)
        information += static_cast<double>((k + 1) * (k + 1)) * partials[k] * partials[k];
    const double omega = std::sqrt(24.0 * noisePower / (information * n * (n * n - 1.0)));
    const double sd_Hz = omega * rate_Hz / (2.0 * std::numbers::pi);
    return 1200.0 / std::numbers::ln2 * sd_Hz / f_Hz;
}

/// Puts silence (a little room noise) around sound.
inline Samples withSilence(const Samples& s, double before_s, double after_s, std::uint64_t seed = 99)
{
    Random r(seed);
    Samples out;
    out.rate_Hz = s.rate_Hz;
    const auto pad = [&](double t) {
        for (std::size_t i = 0; i < static_cast<std::size_t>(t * s.rate_Hz); ++i)
            out.values.push_back(static_cast<float>(1e-5 * r.normal()));
    };
    pad(before_s);
    out.values.insert(out.values.end(), s.values.begin(), s.values.end());
    pad(after_s);
    return out;
}

} // namespace dowel::tones
