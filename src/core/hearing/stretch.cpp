// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/stretch.h"

#include <array>

namespace dowel::hearing {

namespace {

using std::numbers::pi;

Complex multiplied(Complex a, Complex b)
{
    return {a.real() * b.real() - a.imag() * b.imag(), a.real() * b.imag() + a.imag() * b.real()};
}

} // namespace

Blocks Stretch::demodulated(const Course& course) const
{
    const std::size_t length = blockLength();
    const std::size_t n = m_hats.size() / lanes;
    Blocks blocks;
    if (n < length)
        return blocks;
    const std::size_t step = std::max<std::size_t>(1, (length + 1) / 2);
    const std::size_t count = (n - length) / step + 1;
    const double spread = count > 1 ? static_cast<double>(n - length) / static_cast<double>(count - 1) : 0.0;
    const auto k = static_cast<std::size_t>(m_partials);
    std::vector<double> window(length);
    double sum = 0.0;
    for (std::size_t i = 0; i < length; ++i) {
        window[i] = 1.0 - std::cos(2.0 * pi * (static_cast<double>(i) + 1.0) / (static_cast<double>(length) + 1.0));
        sum += window[i];
    }
    std::vector<Complex> turn(n); // half the fundamental's phase that the course adds at each hat
    for (std::size_t h = 0; h < n; ++h)
        turn[h] = std::polar(1.0, -0.5 * course.stray(hatAt(static_cast<double>(h)), m_duration_s));
    blocks.partial.assign(k, std::vector<Complex>(count));
    std::vector<double> between(k + 1);
    std::vector<Complex> sums(2 * k + 1);
    for (std::size_t b = 0; b < count; ++b) {
        const auto start = static_cast<std::size_t>(std::lround(static_cast<double>(b) * spread));
        blocks.x.push_back(hatAt(static_cast<double>(start) + 0.5 * (static_cast<double>(length) - 1.0)));
        std::fill(sums.begin(), sums.end(), Complex(0.0));
        for (std::size_t i = 0; i < length; ++i) {
            Complex along = window[i] / sum;
            const Complex* hat = &m_hats[(start + i) * lanes];
            for (std::size_t m = 0; m < sums.size(); ++m) {
                along = multiplied(along, turn[start + i]);
                sums[m] += multiplied(hat[m], along);
            }
        }
        for (std::size_t m = 0; m < k; ++m) {
            blocks.partial[m][b] = sums[2 * m + 1];
            between[m] += std::norm(sums[2 * m]) / static_cast<double>(count);
        }
        between[k] += std::norm(sums[2 * k]) / static_cast<double>(count);
    }
    for (std::size_t m = 0; m < k; ++m) // the gap below the first partial collects rumble and hum
        blocks.noise.push_back(std::max(1e-18, m == 0 ? between[1] : 0.5 * (between[m] + between[m + 1])));
    return blocks;
}

double Stretch::hatNoise(std::size_t m) const
{
    double below = 0.0;
    double above = 0.0;
    const std::size_t n = hats();
    for (std::size_t h = 0; h < n; ++h) {
        below += std::norm(m_hats[h * lanes + 2 * m]) / static_cast<double>(n);
        above += std::norm(m_hats[h * lanes + 2 * m + 2]) / static_cast<double>(n);
    }
    return std::max(1e-18, m == 0 ? above : 0.5 * (below + above));
}

void Stretch::sumHats(std::span<const float> samples, double rate_Hz)
{
    m_samples = samples.size();
    const std::size_t boxes = m_samples / m_half;
    if (boxes < 2)
        return;
    m_offset = (m_samples - boxes * m_half) / 2;
    m_hats.assign((boxes - 1) * lanes, Complex(0.0));
    const double middle = 0.5 * (static_cast<double>(m_samples) - 1.0);
    const double perSample = pi * m_f_Hz / rate_Hz; // of the first half partial
    std::array<double, lanes> stepRe{};
    std::array<double, lanes> stepIm{};
    for (std::size_t m = 0; m < lanes; ++m) {
        stepRe[m] = std::cos(perSample * static_cast<double>(m + 1));
        stepIm[m] = -std::sin(perSample * static_cast<double>(m + 1));
    }
    const double scale = 1.0 / static_cast<double>(m_half);
    for (std::size_t box = 0; box < boxes; ++box) {
        const std::size_t from = m_offset + box * m_half;
        std::array<double, lanes> re{};
        std::array<double, lanes> im{};
        std::array<double, lanes> sumRe{};
        std::array<double, lanes> sumIm{};
        std::array<double, lanes> risingRe{};
        std::array<double, lanes> risingIm{};
        for (std::size_t m = 0; m < lanes; ++m) { // anew for every box, so that no rounding adds up
            const double phase =
                std::remainder(perSample * static_cast<double>(m + 1) * (static_cast<double>(from) - middle), 2.0 * pi);
            re[m] = std::cos(phase);
            im[m] = -std::sin(phase);
        }
        for (std::size_t i = 0; i < m_half; ++i) {
            const double x = static_cast<double>(samples[from + i]);
            const double rising = x * (static_cast<double>(i) + 0.5) * scale;
            for (std::size_t m = 0; m < lanes; ++m) {
                sumRe[m] += x * re[m];
                sumIm[m] += x * im[m];
                risingRe[m] += rising * re[m];
                risingIm[m] += rising * im[m];
                const double r = re[m] * stepRe[m] - im[m] * stepIm[m];
                im[m] = re[m] * stepIm[m] + im[m] * stepRe[m];
                re[m] = r;
            }
        }
        for (std::size_t m = 0; m < lanes; ++m) {
            if (box + 1 < boxes)
                m_hats[box * lanes + m] += scale * Complex(risingRe[m], risingIm[m]);
            if (box > 0)
                m_hats[(box - 1) * lanes + m] += scale * Complex(sumRe[m] - risingRe[m], sumIm[m] - risingIm[m]);
        }
    }
}

} // namespace dowel::hearing
