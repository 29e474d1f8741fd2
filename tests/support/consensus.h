// SPDX-License-Identifier: GPL-3.0-or-later
// Mean pitch of a part by three textbook methods that share nothing with the program's: turns of one band-passed partial
// between its first and last zero crossing, phase advance of a partial between two windows at the ends (the phase vocoder
// of Flanagan and Golden 1966), and the harmonic sum of the whole part's periodogram (Noll 1969's harmonic product in sum
// form, a maximum-likelihood search in white noise). Their median is what a recording is held against.
#pragma once

#include "core/hearing/take.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>
#include <span>
#include <vector>

namespace dowel::fixtures {

namespace consensus {

constexpr double turn = 2.0 * std::numbers::pi;

/// Fourier transform at one frequency under a Hann window.
inline std::complex<double> at(std::span<const float> x, double rate_Hz, double f_Hz)
{
    std::complex<double> sum;
    const std::complex<double> step = std::polar(1.0, -turn * f_Hz / rate_Hz);
    std::complex<double> wheel = 1.0;
    const auto n = static_cast<double>(x.size());
    for (std::size_t i = 0; i < x.size(); ++i, wheel *= step)
        sum += wheel * (0.5 - 0.5 * std::cos(turn * (static_cast<double>(i) + 0.5) / n)) * static_cast<double>(x[i]);
    return sum;
}

/// The strongest of the first three partials.
inline int strongest(std::span<const float> x, double rate_Hz, double f_Hz)
{
    int best = 1;
    for (const int m : {2, 3})
        if (std::abs(at(x, rate_Hz, m * f_Hz)) > std::abs(at(x, rate_Hz, best * f_Hz)))
            best = m;
    return best;
}

/// Shifts partial m to 0 Hz, smooths over eight of the note's periods by a Hann window, and unrolls what is left of its
/// phase: hertz by which the partial is off, over the part that the smoothing leaves.
inline double byTurns(std::span<const float> x, double rate_Hz, double f_Hz, int m)
{
    const auto half = static_cast<std::size_t>(4.0 * rate_Hz / f_Hz);
    const std::size_t hop = half / 2;
    double unrolled = 0.0;
    double before = 0.0;
    std::size_t count = 0;
    for (std::size_t from = 0; from + 2 * half < x.size(); from += hop, ++count) {
        const auto here = at(x.subspan(from, 2 * half), rate_Hz, m * f_Hz);
        const double phase = std::arg(here * std::polar(1.0, -turn * m * f_Hz * static_cast<double>(from) / rate_Hz));
        if (count > 0)
            unrolled += std::remainder(phase - before, turn);
        before = phase;
    }
    return f_Hz + unrolled / turn / m * rate_Hz / (static_cast<double>(count - 1) * static_cast<double>(hop));
}

/// Zero crossings of that partial after a band pass (a cosine of the same smoothing), the first and the last of them
/// placed by interpolation.
inline double byCrossings(std::span<const float> x, double rate_Hz, double f_Hz, int m)
{
    const auto half = static_cast<std::size_t>(4.0 * rate_Hz / f_Hz);
    std::vector<double> kernel(2 * half + 1);
    for (std::size_t i = 0; i < kernel.size(); ++i) {
        const double t = static_cast<double>(i) - static_cast<double>(half);
        kernel[i] =
            (0.5 + 0.5 * std::cos(std::numbers::pi * t / static_cast<double>(half))) * std::cos(turn * m * f_Hz * t / rate_Hz);
    }
    double first = -1.0;
    double last = -1.0;
    int crossings = -1;
    double before = 0.0;
    for (std::size_t i = 0; i + kernel.size() <= x.size(); ++i) {
        double here = 0.0;
        for (std::size_t k = 0; k < kernel.size(); ++k)
            here += kernel[k] * static_cast<double>(x[i + k]);
        if (i > 0 && before < 0.0 && here >= 0.0) {
            last = static_cast<double>(i) - here / (here - before);
            first = first < 0.0 ? last : first;
            ++crossings;
        }
        before = here;
    }
    return crossings > 0 ? crossings * rate_Hz / (last - first) / m : 0.0;
}

/// Where the partials' powers together are largest.
inline double byHarmonicSum(std::span<const float> x, double rate_Hz, double f_Hz)
{
    const auto sum = [&](double f) {
        double power = 0.0;
        for (int m = 1; m <= 4 && m * f < 0.45 * rate_Hz; ++m)
            power += std::norm(at(x, rate_Hz, m * f));
        return power;
    };
    double centre = f_Hz;
    double reach = 1.0 * rate_Hz / static_cast<double>(x.size());
    for (int round = 0; round < 12; ++round, reach *= 0.5) {
        const double below = sum(centre - reach);
        const double here = sum(centre);
        const double above = sum(centre + reach);
        if (here >= below && here >= above) // a parabola through the three
            centre += 0.5 * reach * (below - above) / std::min(-1e-300, below - 2.0 * here + above) * -1.0;
        else
            centre += above > below ? reach : -reach;
    }
    return centre;
}

} // namespace consensus

/// Mean pitch from n.start to n.end in hertz, near a first guess; and how far the three lie apart, in cents.
struct Consensus
{
    double hertz;
    double apart_cents;
};

inline Consensus consensusOn(const Samples& s, const HeardNote& n, double guess_Hz)
{
    const auto first = static_cast<std::size_t>(n.start.seconds() * s.rate_Hz);
    const auto last = std::min(s.values.size(), static_cast<std::size_t>(n.end.seconds() * s.rate_Hz));
    const auto part = std::span<const float>(s.values).subspan(first, last - first);
    const int m = consensus::strongest(part, s.rate_Hz, guess_Hz);
    std::array<double, 3> f{consensus::byTurns(part, s.rate_Hz, guess_Hz, m),
                            consensus::byCrossings(part, s.rate_Hz, guess_Hz, m),
                            consensus::byHarmonicSum(part, s.rate_Hz, guess_Hz)};
    std::sort(f.begin(), f.end());
    return {f[1], 1200.0 * std::log2(f[2] / f[0])};
}

} // namespace dowel::fixtures
