// SPDX-License-Identifier: GPL-3.0-or-later
// A steady stretch of a note as a few hundred complex numbers, and the course that its pitch takes.
#pragma once

#include "core/hearing/take.h"

#include <Eigen/Core>
#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>
#include <span>
#include <vector>

namespace dowel::hearing {

using Complex = std::complex<double>;

/// How the phase of the fundamental strays from 2 pi f t, as coefficients of basis functions: Legendre polynomials of
/// time from order 1 up, a vibrato's cosine and sine, and the dying remainder of an attack that started flat.
struct Course
{
    int order = 1;
    double vibrato_Hz = 0.0; ///< 0: none
    double settling_s = 0.0; ///< time constant of the attack's remainder; 0: none
    Eigen::VectorXd weights = Eigen::VectorXd::Zero(1);

    [[nodiscard]] int size() const { return order + (vibrato_Hz > 0.0 ? 2 : 0) + (settling_s > 0.0 ? 1 : 0); }
    /// Values of the basis at x in [-1, 1] over a stretch of duration_s.
    [[nodiscard]] Eigen::VectorXd basis(double x, double duration_s) const
    {
        Eigen::VectorXd b(size());
        double before = 1.0;
        double now = x;
        for (int k = 1; k <= order; ++k) {
            b[k - 1] = now;
            const double next = ((2.0 * k + 1.0) * x * now - k * before) / (k + 1.0);
            before = now;
            now = next;
        }
        if (vibrato_Hz > 0.0) {
            const double turn = std::numbers::pi * vibrato_Hz * duration_s * x;
            b[order] = std::cos(turn);
            b[order + 1] = std::sin(turn);
        }
        if (settling_s > 0.0)
            b[size() - 1] = std::exp(-0.5 * (x + 1.0) * duration_s / settling_s);
        return b;
    }
    /// basis(x) times the weights; called for every sample, so nothing is allocated.
    [[nodiscard]] double stray(double x, double duration_s) const
    {
        double sum = 0.0;
        double before = 1.0;
        double now = x;
        for (int k = 1; k <= order; ++k) {
            sum += now * weights[k - 1];
            const double next = ((2.0 * k + 1.0) * x * now - k * before) / (k + 1.0);
            before = now;
            now = next;
        }
        if (vibrato_Hz > 0.0) {
            const double turn = std::numbers::pi * vibrato_Hz * duration_s * x;
            sum += weights[order] * std::cos(turn) + weights[order + 1] * std::sin(turn);
        }
        if (settling_s > 0.0)
            sum += weights[size() - 1] * std::exp(-0.5 * (x + 1.0) * duration_s / settling_s);
        return sum;
    }
};

/// Partials' amplitudes block by block: smooth windows with half overlap, demodulated along the course.
struct Blocks
{
    std::vector<double> x;                     ///< centres in [-1, 1]
    std::vector<std::vector<Complex>> partial; ///< [k-1][block]
    std::vector<double> noise;                 ///< [k-1] mean square of what stands between the partials
};

/// The stretch, gone through once: every partial and every gap between two, demodulated at a constant base frequency over
/// short triangular windows (hats) of twice a whole, even number of periods, half overlapping. A triangle's spectrum has
/// double zeros at every other partial and gap, so none leaks into another. All that follows a slow course works on these
/// few numbers instead of the samples.
class Stretch
{
public:
    Stretch(std::span<const float> samples, double rate_Hz, double f_Hz)
        : m_f_Hz(f_Hz), m_duration_s(static_cast<double>(samples.size()) / rate_Hz), m_half(halfHat(f_Hz, rate_Hz))
    {
        m_partials = std::clamp(static_cast<int>(0.45 * rate_Hz / f_Hz - 0.5), 1, static_cast<int>(partialsKept));
        sumHats(samples, rate_Hz);
    }
    [[nodiscard]] double duration() const { return m_duration_s; }
    [[nodiscard]] int partials() const { return m_partials; }
    [[nodiscard]] double base() const { return m_f_Hz; }

    /// Blocks of about window_s along a course: hats turned back by what the course strays, under a Hann window.
    [[nodiscard]] Blocks demodulated(const Course& course) const;

    [[nodiscard]] std::size_t hats() const { return m_hats.size() / lanes; }
    /// Centre of a hat, which may lie between two, as a place in [-1, 1].
    [[nodiscard]] double hatAt(double h) const
    {
        const double sample = static_cast<double>(m_offset) + (h + 1.0) * static_cast<double>(m_half) - 0.5;
        return (2.0 * sample + 1.0) / static_cast<double>(m_samples) - 1.0;
    }
    /// Amplitude of a partial (from 0) in a hat, not turned.
    [[nodiscard]] Complex partialIn(std::size_t hat, std::size_t m) const { return m_hats[hat * lanes + 2 * m + 1]; }
    /// Hats in a block of demodulated().
    [[nodiscard]] std::size_t blockLength() const
    {
        constexpr double window_s = 0.040;
        const double hop_s = m_duration_s / (static_cast<double>(m_samples) / static_cast<double>(m_half));
        return std::max<std::size_t>(1, static_cast<std::size_t>(std::lround(window_s / hop_s)) - 1);
    }
    /// Mean square of the gaps on both sides of a partial, in hats.
    [[nodiscard]] double hatNoise(std::size_t m) const;

private:
    /// Half partials up to one beyond the tenth, in a row that fills whole vector registers.
    static constexpr std::size_t lanes = 2 * partialsKept + 4;

    /// Samples in half a hat: an even number of periods, at least four milliseconds.
    static std::size_t halfHat(double f_Hz, double rate_Hz)
    {
        constexpr double shortest_s = 0.004;
        const double pairs = std::max(1.0, std::round(shortest_s * f_Hz / 2.0));
        return static_cast<std::size_t>(std::max(8L, std::lround(2.0 * pairs * rate_Hz / f_Hz)));
    }
    void sumHats(std::span<const float> samples, double rate_Hz);

    double m_f_Hz;
    double m_duration_s;
    std::size_t m_half;
    std::size_t m_samples = 0;
    std::size_t m_offset = 0;
    int m_partials;
    std::vector<Complex> m_hats; ///< [hat][half partial]
};

} // namespace dowel::hearing
