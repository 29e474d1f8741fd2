// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/refine.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>
#include <vector>

namespace dowel::hearing {

namespace {

using Complex = std::complex<double>;
constexpr double pi = std::numbers::pi;

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
            const double turn = pi * vibrato_Hz * duration_s * x;
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
            const double turn = pi * vibrato_Hz * duration_s * x;
            sum += weights[order] * std::cos(turn) + weights[order + 1] * std::sin(turn);
        }
        if (settling_s > 0.0)
            sum += weights[size() - 1] * std::exp(-0.5 * (x + 1.0) * duration_s / settling_s);
        return sum;
    }
};

/// Partials' amplitudes block by block: Hann windows with half overlap, demodulated along the course.
struct Blocks
{
    std::vector<double> x;                     ///< centres in [-1, 1]
    std::vector<std::vector<Complex>> partial; ///< [k-1][block]
    std::vector<double> noise;                 ///< [k-1] mean square of what stands between the partials
};

class Stretch
{
public:
    Stretch(std::span<const float> samples, double rate_Hz, double f_Hz)
        : m_samples(samples), m_rate_Hz(rate_Hz), m_f_Hz(f_Hz), m_duration_s(static_cast<double>(samples.size()) / rate_Hz)
    {
        m_partials = std::clamp(static_cast<int>(0.45 * rate_Hz / f_Hz - 0.5), 1, static_cast<int>(partialsKept));
    }
    [[nodiscard]] double duration() const { return m_duration_s; }
    [[nodiscard]] int partials() const { return m_partials; }
    [[nodiscard]] double base() const { return m_f_Hz; }

    /// rank: the step of the comb; 1 measures partials, and noise half-way between them.
    [[nodiscard]] Blocks demodulated(const Course& course) const
    {
        // A window of a whole, even number of periods lets no partial leak into another or into the noise between.
        constexpr double window_s = 0.040;
        const double periods = std::max(4.0, 2.0 * std::round(window_s * m_f_Hz / 2.0));
        const auto length = static_cast<std::size_t>(std::lround(periods * m_rate_Hz / m_f_Hz));
        const std::size_t n = m_samples.size();
        Blocks blocks;
        if (n < length)
            return blocks;
        const std::size_t count = std::max<std::size_t>(1, (n - length) / (length / 2) + 1);
        const double spread = count > 1 ? static_cast<double>(n - length) / static_cast<double>(count - 1) : 0.0;
        const auto k = static_cast<std::size_t>(m_partials);
        blocks.partial.assign(k, std::vector<Complex>(count));
        std::vector<double> between(k + 1);
        std::vector<double> window(length);
        for (std::size_t i = 0; i < length; ++i)
            window[i] = (1.0 - std::cos(2.0 * pi * (static_cast<double>(i) + 0.5) / static_cast<double>(length))) /
                        static_cast<double>(length);
        // Half the fundamental's phase at each sample; its even powers are the partials, its odd ones the gaps.
        std::vector<Complex> half(n);
        for (std::size_t i = 0; i < n; ++i) {
            const double x = position(static_cast<double>(i));
            const double phase = pi * m_f_Hz * m_duration_s * x + course.stray(x, m_duration_s);
            half[i] = std::polar(1.0, -0.5 * phase);
        }
        std::vector<Complex> sum(2 * k + 1);
        for (std::size_t b = 0; b < count; ++b) {
            const auto start = static_cast<std::size_t>(std::lround(static_cast<double>(b) * spread));
            blocks.x.push_back(position(static_cast<double>(start) + 0.5 * (static_cast<double>(length) - 1.0)));
            std::fill(sum.begin(), sum.end(), Complex(0.0));
            for (std::size_t i = 0; i < length; ++i) {
                const Complex step = half[start + i];
                double re = static_cast<double>(m_samples[start + i]) * window[i];
                double im = 0.0;
                for (auto& s : sum) {
                    const double r = re * step.real() - im * step.imag();
                    im = re * step.imag() + im * step.real();
                    re = r;
                    s += Complex(re, im);
                }
            }
            for (std::size_t m = 0; m < k; ++m) {
                blocks.partial[m][b] = sum[2 * m + 1];
                between[m] += std::norm(sum[2 * m]) / static_cast<double>(count);
            }
            between[k] += std::norm(sum[2 * k]) / static_cast<double>(count);
        }
        for (std::size_t m = 0; m < k; ++m) // the gap below the first partial collects rumble and hum
            blocks.noise.push_back(std::max(1e-18, m == 0 ? between[1] : 0.5 * (between[m] + between[m + 1])));
        return blocks;
    }

private:
    /// Sample index as a place in [-1, 1].
    [[nodiscard]] double position(double i) const { return (2.0 * i + 1.0) / static_cast<double>(m_samples.size()) - 1.0; }

    std::span<const float> m_samples;
    double m_rate_Hz;
    double m_f_Hz;
    double m_duration_s;
    int m_partials;
};

/// Result of one fit of a course's increments to the blocks' phases.
struct PhaseFit
{
    Eigen::VectorXd increment;
    Eigen::MatrixXd covariance;
    double chiSquare = 0.0;
    double freedom = 1.0;
    double inflation = 1.0; ///< of the variances, for residuals larger than the noise explains or alike from block to block
};

double wrapped(double phase)
{
    return std::remainder(phase, 2.0 * pi);
}

std::optional<PhaseFit> fitPhases(const Stretch& stretch, const Blocks& blocks, const Course& course)
{
    const auto count = static_cast<Eigen::Index>(blocks.x.size());
    const int terms = course.size();
    if (count < terms + 2)
        return std::nullopt;
    // Partials that stand out of the noise between them carry the fit.
    std::vector<std::size_t> used;
    for (std::size_t m = 0; m < blocks.partial.size(); ++m) {
        double power = 0.0;
        for (const Complex& a : blocks.partial[m])
            power += std::norm(a) / static_cast<double>(count);
        if (power > 4.0 * blocks.noise[m])
            used.push_back(m);
    }
    if (used.empty())
        return std::nullopt;
    const auto unknowns = terms + static_cast<Eigen::Index>(used.size());
    const auto rows = count * static_cast<Eigen::Index>(used.size());
    Eigen::MatrixXd a = Eigen::MatrixXd::Zero(rows, unknowns);
    Eigen::VectorXd y(rows);
    Eigen::Index row = 0;
    for (std::size_t u = 0; u < used.size(); ++u) {
        const std::size_t m = used[u];
        double power = 0.0;
        for (const Complex& amplitude : blocks.partial[m])
            power += std::norm(amplitude) / static_cast<double>(count);
        double phase = std::arg(blocks.partial[m][0]);
        for (Eigen::Index b = 0; b < count; ++b, ++row) {
            const Complex& amplitude = blocks.partial[m][static_cast<std::size_t>(b)];
            phase += wrapped(std::arg(amplitude) - phase);
            // Variance of a phase: half the noise power over the signal's. A block's own strength decides only where it
            // stands clear of the noise; the floor keeps one drowned block from being believed.
            const double strength = std::max(std::norm(amplitude), 0.05 * power);
            const double w = std::sqrt(2.0 * strength / blocks.noise[m]);
            a.block(row, 0, 1, terms) = w * static_cast<double>(m + 1) *
                                        course.basis(blocks.x[static_cast<std::size_t>(b)], stretch.duration()).transpose();
            a(row, terms + static_cast<Eigen::Index>(u)) = w;
            y[row] = w * phase;
        }
    }
    const Eigen::MatrixXd normal = a.transpose() * a;
    const Eigen::LDLT<Eigen::MatrixXd> solver(normal);
    if (solver.info() != Eigen::Success)
        return std::nullopt;
    const Eigen::VectorXd solution = solver.solve(a.transpose() * y);
    const Eigen::VectorXd residual = y - a * solution;
    PhaseFit fit;
    fit.increment = solution.head(terms);
    fit.covariance = solver.solve(Eigen::MatrixXd::Identity(unknowns, unknowns)).topLeftCorner(terms, terms);
    fit.chiSquare = residual.squaredNorm();
    fit.freedom = static_cast<double>(std::max<Eigen::Index>(1, rows - unknowns));
    // Neighbouring half-overlapping Hann windows share a sixth of their noise; anything beyond is the player's wander.
    double along = 0.0;
    row = 0;
    for (std::size_t u = 0; u < used.size(); ++u)
        for (Eigen::Index b = 0; b < count; ++b, ++row)
            if (b > 0)
                along += residual[row] * residual[row - 1];
    const double alike = std::clamp(along / std::max(1e-300, fit.chiSquare), 1.0 / 6.0, 0.9);
    fit.inflation = std::max(1.0, fit.chiSquare / fit.freedom) * (alike > 0.25 ? (1.0 + alike) / (1.0 - alike) : 4.0 / 3.0);
    return fit;
}

/// Fits until the course stands still; the blocks are demodulated anew along each better course.
std::optional<PhaseFit> settle(const Stretch& stretch, Course& course, int rounds)
{
    std::optional<PhaseFit> fit;
    for (int i = 0; i < rounds; ++i) {
        fit = fitPhases(stretch, stretch.demodulated(course), course);
        if (!fit)
            return std::nullopt;
        course.weights += fit->increment;
    }
    return fit;
}

/// Time constant of an attack's remainder in what the course leaves over; 0 where none helps.
double settlingTime(const Stretch& stretch, const Course& course, double plainChi)
{
    const Blocks blocks = stretch.demodulated(course);
    double best = 0.0;
    double bestChi = plainChi;
    for (const double tau : {0.015, 0.025, 0.04, 0.06, 0.09}) {
        Course with = course;
        with.settling_s = tau;
        with.weights = Eigen::VectorXd::Zero(with.size());
        const auto fit = fitPhases(stretch, blocks, with);
        if (fit && fit->chiSquare < bestChi) {
            bestChi = fit->chiSquare;
            best = tau;
        }
    }
    return best;
}

/// Rate of a regular swing in what the course leaves over, 3 to 9 Hz, by scanning; 0 where none stands out.
double swingRate(const Stretch& stretch, const Course& course, double plainChi)
{
    constexpr double slowest_Hz = 3.0;
    constexpr double fastest_Hz = 9.0;
    if (stretch.duration() < 1.5 / slowest_Hz)
        return 0.0;
    const Blocks blocks = stretch.demodulated(course);
    double bestRate = 0.0;
    double bestChi = plainChi;
    for (double rate = slowest_Hz; rate <= fastest_Hz; rate += 0.25) {
        Course with = course;
        with.vibrato_Hz = rate;
        with.weights = Eigen::VectorXd::Zero(with.size());
        const auto fit = fitPhases(stretch, blocks, with);
        if (fit && fit->chiSquare < bestChi) {
            bestChi = fit->chiSquare;
            bestRate = rate;
        }
    }
    return bestRate;
}

/// A richer course must explain this many times its share of the left-over squares.
constexpr double worthIt = 12.0;
/// The same for what was picked as the best of many.
constexpr double worthScanning = 30.0;
constexpr int highestOrder = 5;

struct Tone
{
    double f_Hz;
    Course course;
    PhaseFit fit;
};

std::optional<Tone> fitTone(std::span<const float> samples, double rate_Hz, double coarse_Hz)
{
    Stretch stretch(samples, rate_Hz, coarse_Hz);
    Course course;
    course.order = 2;
    course.weights = Eigen::VectorXd::Zero(2);
    auto fit = settle(stretch, course, 3);
    if (!fit)
        return std::nullopt;
    const auto better = [&](Course candidate, double worth) {
        const auto richer = settle(stretch, candidate, 2);
        if (!richer)
            return false;
        const double noise = richer->chiSquare / richer->freedom;
        const int added = candidate.size() - course.size();
        if (fit->chiSquare - richer->chiSquare < worth * added * noise)
            return false;
        course = candidate;
        fit = richer;
        return true;
    };
    if (const double tau = settlingTime(stretch, course, fit->chiSquare); tau > 0.0) {
        Course candidate = course;
        candidate.settling_s = tau;
        candidate.weights = Eigen::VectorXd::Zero(candidate.size());
        candidate.weights.head(course.order) = course.weights.head(course.order);
        better(candidate, worthScanning);
    }
    const double rate = swingRate(stretch, course, fit->chiSquare);
    if (rate > 0.0) {
        Course candidate = course;
        candidate.vibrato_Hz = rate;
        candidate.weights = Eigen::VectorXd::Zero(candidate.size());
        candidate.weights.head(course.order) = course.weights.head(course.order);
        if (course.settling_s > 0.0)
            candidate.weights.tail(1) = course.weights.tail(1);
        better(candidate, worthScanning);
    }
    while (course.order < highestOrder) {
        // An odd and an even order are tried together where the odd one alone does not pay.
        const auto grown = [&](int by) {
            Course candidate = course;
            candidate.order += by;
            candidate.weights = Eigen::VectorXd::Zero(candidate.size());
            candidate.weights.head(course.order) = course.weights.head(course.order);
            candidate.weights.tail(course.size() - course.order) = course.weights.tail(course.size() - course.order);
            return candidate;
        };
        if (!better(grown(1), worthIt) && !(course.order + 2 <= highestOrder && better(grown(2), worthIt)))
            break;
    }
    return Tone{coarse_Hz, course, *fit};
}

double power(const std::vector<Complex>& v)
{
    double sum = 0.0;
    for (const Complex& a : v)
        sum += std::norm(a);
    return sum / static_cast<double>(v.size());
}

} // namespace

std::optional<HeardNote> refine(std::span<const float> stretch, double rate_Hz, double coarse_Hz)
{
    const auto tone = fitTone(stretch, rate_Hz, coarse_Hz);
    if (!tone)
        return std::nullopt;
    const Stretch measured(stretch, rate_Hz, coarse_Hz);
    const double T = measured.duration();
    const Course& course = tone->course;

    // Mean frequency = phase gained from end to end; its error by the same straight combination of the weights.
    const Eigen::VectorXd gain = course.basis(1.0, T) - course.basis(-1.0, T);
    const double mean_Hz = coarse_Hz + gain.dot(course.weights) / (2.0 * pi * T);
    const double sd_Hz = std::sqrt(std::max(0.0, gain.dot(tone->fit.covariance * gain)) * tone->fit.inflation) / (2.0 * pi * T);

    HeardNote note;
    note.end = Seconds::fromSeconds(T);
    note.pitch = Hertz::fromHertz(mean_Hz);
    constexpr double centsPerNeper = 1200.0 / std::numbers::ln2;
    // What the course cannot follow of a real note's settling and wander leaves about this much in the mean, however
    // little noise there is; measured on lifelike takes (test_analyse).
    constexpr double surest_cents = 0.006;
    note.sd = Cents::fromCents(std::hypot(surest_cents, centsPerNeper * sd_Hz / mean_Hz));
    // Drift: phase 2nd order, d/dx P2 = 3x, so the frequency changes by 6 w2 dx/dt from end to end.
    const double perRadian = 2.0 / T / (2.0 * pi) / mean_Hz * centsPerNeper;
    if (course.order >= 2)
        note.drift = Cents::fromCents(6.0 * course.weights[1] * perRadian);
    if (course.vibrato_Hz > 0.0) {
        const double swing = std::hypot(course.weights[course.order], course.weights[course.order + 1]);
        note.vibratoRate = Hertz::fromHertz(course.vibrato_Hz);
        note.vibrato = Cents::fromCents(swing * course.vibrato_Hz / mean_Hz * centsPerNeper);
    }

    const Blocks blocks = measured.demodulated(course);
    double harmonic = 0.0;
    double weighted = 0.0;
    std::array<double, partialsKept> powers{};
    for (std::size_t m = 0; m < blocks.partial.size(); ++m) {
        // A sinusoid of amplitude A leaves A/2 in its block, and its power is A^2/2.
        powers[m] = std::max(0.0, 2.0 * (power(blocks.partial[m]) - blocks.noise[m]));
        harmonic += powers[m];
        weighted += powers[m] * static_cast<double>(m + 1) * mean_Hz;
    }
    if (!(harmonic > 0.0))
        return std::nullopt;
    constexpr double lowest_dB = -120.0;
    for (std::size_t m = 0; m < partialsKept; ++m)
        note.partials_dB[m] = powers[m] > 0.0 ? std::max(lowest_dB, 10.0 * std::log10(powers[m] / harmonic)) : lowest_dB;
    note.centroid = Hertz::fromHertz(weighted / harmonic);
    double total = 0.0;
    for (const float s : stretch)
        total += static_cast<double>(s) * s;
    total /= static_cast<double>(stretch.size());
    note.level_dB = 10.0 * std::log10(std::max(1e-24, total));
    note.noise_dB = 10.0 * std::log10(std::max(harmonic, 1e-24) / std::max(total - harmonic, 1e-6 * total));
    return note;
}

} // namespace dowel::hearing
