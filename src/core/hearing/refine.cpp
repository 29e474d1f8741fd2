// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/refine.h"

#include "core/base/ratio.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>
#include <vector>

namespace dowel::hearing {

namespace {

using Complex = std::complex<double>;
constexpr double pi = std::numbers::pi;
constexpr double centsPerNeper = 1200.0 / std::numbers::ln2;

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
    [[nodiscard]] Blocks demodulated(const Course& course) const
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
    [[nodiscard]] double hatNoise(std::size_t m) const
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

private:
    /// Half partials up to one beyond the tenth, in a row that fills whole vector registers.
    static constexpr std::size_t lanes = 2 * partialsKept + 4;

    static Complex multiplied(Complex a, Complex b)
    {
        return {a.real() * b.real() - a.imag() * b.imag(), a.real() * b.imag() + a.imag() * b.real()};
    }
    /// Samples in half a hat: an even number of periods, at least four milliseconds.
    static std::size_t halfHat(double f_Hz, double rate_Hz)
    {
        constexpr double shortest_s = 0.004;
        const double pairs = std::max(1.0, std::round(shortest_s * f_Hz / 2.0));
        return static_cast<std::size_t>(std::max(8L, std::lround(2.0 * pairs * rate_Hz / f_Hz)));
    }
    void sumHats(std::span<const float> samples, double rate_Hz)
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

    double m_f_Hz;
    double m_duration_s;
    std::size_t m_half;
    std::size_t m_samples = 0;
    std::size_t m_offset = 0;
    int m_partials;
    std::vector<Complex> m_hats; ///< [hat][half partial]
};

/// Result of one fit of a course's increments to the blocks' phases.
struct PhaseFit
{
    Eigen::VectorXd increment;
    double chiSquare = 0.0;
    double freedom = 1.0;
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
    fit.chiSquare = residual.squaredNorm();
    fit.freedom = static_cast<double>(std::max<Eigen::Index>(1, rows - unknowns));
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
    // Between the steps of the scan.
    for (double step = 0.12; bestRate > 0.0 && step > 0.01; step /= 2.0)
        for (const double rate : {bestRate - step, bestRate + step}) {
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

/// Phase of the fundamental at a few dozen places along the stretch, all partials weighed together, with its variance.
struct Track
{
    std::vector<double> x;        ///< in [-1, 1]
    std::vector<double> width;    ///< of the stretch that a place stands for, likewise
    std::vector<double> phase;    ///< what it strays from the base's, mean over that stretch
    std::vector<double> variance; ///< of the noise alone
};

/// Angles of single triangles, with their weights and where they stand already, as means over short groups.
Track grouped(const Stretch& stretch, const std::vector<double>& weight, const std::vector<double>& sum,
              const std::vector<double>& stray)
{
    const std::size_t n = stretch.hats();
    constexpr double group_s = 0.012;
    constexpr double mostGroups = 110.0;
    const double hop_s = stretch.duration() / static_cast<double>(n + 1);
    const auto size =
        static_cast<std::size_t>(std::max(1.0, std::ceil(std::max(group_s, stretch.duration() / mostGroups) / hop_s)));
    const std::size_t groups = (n + size - 1) / size;
    Track track;
    // Neighbouring triangles share a quarter of their noise, so a group's mean has half as much again of it.
    constexpr double shared = 1.5;
    for (std::size_t g = 0; g < groups; ++g) {
        const std::size_t from = g * size;
        const std::size_t to = std::min(n, from + size);
        double weights = 0.0;
        double angles = 0.0;
        double stood = 0.0;
        for (std::size_t h = from; h < to; ++h) {
            weights += weight[h];
            angles += sum[h];
            stood += stray[h] / static_cast<double>(to - from);
        }
        if (!(weights > 0.0))
            continue;
        const double first = static_cast<double>(from);
        const double final = static_cast<double>(to) - 1.0;
        track.x.push_back(stretch.hatAt(0.5 * (first + final)));
        track.width.push_back(stretch.hatAt(final + 0.5) - stretch.hatAt(first - 0.5));
        track.phase.push_back(stood + angles / weights);
        track.variance.push_back(shared / weights);
    }
    return track;
}

/// Triangles in groups, linearised about the course. Blocks under a Hann window give the ends of the stretch away; groups
/// count every sample but half a triangle at each end.
Track tracked(const Stretch& stretch, const Course& course)
{
    const std::size_t n = stretch.hats();
    const auto partials = static_cast<std::size_t>(stretch.partials());
    std::vector<double> stray(n);
    for (std::size_t h = 0; h < n; ++h)
        stray[h] = course.stray(stretch.hatAt(static_cast<double>(h)), stretch.duration());
    const std::size_t reach = stretch.blockLength();
    std::vector<double> weight(n);
    std::vector<double> sum(n);
    std::vector<Complex> turned(n);
    // Twice: what the course does not follow is first taken from the triangles that stand clear of the noise, so that the
    // weak ones are read about the right place, where their angle is small.
    for (const bool last : {false, true}) {
        std::fill(weight.begin(), weight.end(), 0.0);
        std::fill(sum.begin(), sum.end(), 0.0);
        for (std::size_t m = 0; m < partials; ++m) {
            const double k = static_cast<double>(m + 1);
            Complex whole = 0.0;
            for (std::size_t h = 0; h < n; ++h) {
                turned[h] = stretch.partialIn(h, m) * std::polar(1.0, -k * stray[h]);
                whole += turned[h];
            }
            const double noise = stretch.hatNoise(m);
            // A partial is worth its place where its mean stands clear of what noise would leave of it.
            constexpr double clear = 16.0;
            if (std::norm(whole) < clear * noise * static_cast<double>(n))
                continue;
            const Complex upright = std::conj(whole) / std::abs(whole);
            Complex running = 0.0; // the strength runs with the note: a mean over a block
            std::size_t low = 0;
            std::size_t high = 0;
            for (std::size_t h = 0; h < n; ++h) {
                const std::size_t wantLow = h > reach / 2 ? h - reach / 2 : 0;
                const std::size_t wantHigh = std::min(n, h + reach / 2 + 1);
                while (high < wantHigh)
                    running += turned[high++];
                while (low < wantLow)
                    running -= turned[low++];
                const Complex z = turned[h] * upright;
                constexpr double sure = 20.0;
                const bool stands = std::norm(z) > sure * noise;
                if (!stands && !last)
                    continue;
                const double strength = std::max(0.05 * std::abs(whole) / static_cast<double>(n),
                                                 std::abs(running) / static_cast<double>(high - low));
                const double angle = stands ? std::arg(z) : z.imag() / strength;
                const double w = 2.0 * k * strength * strength / noise;
                weight[h] += k * w;
                sum[h] += w * angle;
            }
        }
        if (last)
            break;
        constexpr std::size_t beside = 3;
        for (std::size_t h = 0; h < n; ++h) {
            double weights = 0.0;
            double angles = 0.0;
            for (std::size_t i = h > beside ? h - beside : 0; i < std::min(n, h + beside + 1); ++i) {
                weights += weight[i];
                angles += sum[i];
            }
            if (weights > 0.0)
                stray[h] += angles / weights;
        }
    }
    return grouped(stretch, weight, sum, stray);
}

struct Gain
{
    double radians = 0.0; ///< phase from end to end over the base's
    double variance = 0.0;
};

/// The phase gained from end to end, where a player's pitch wanders about drift and vibrato as an Ornstein-Uhlenbeck
/// process of unknown size and memory: universal kriging, averaged over sizes, memories and noise by their restricted
/// likelihood [RW06, ch. 2 and 5]. Without wander this is least squares and comes to the Cramer-Rao bound; with it, the
/// ends count for more than the middle and the stated error says so.
std::optional<Gain> gained(const Track& track, const Course& course, double base_Hz, double duration_s)
{
    const auto n = static_cast<Eigen::Index>(track.x.size());
    Course trend = course; // no more than drift: what bends more is left to the wander
    trend.order = std::min(course.order, 2);
    trend.settling_s = 0.0;
    trend.weights = Eigen::VectorXd::Zero(trend.size());
    // The swing's rate is known no better than the notes' own scatter: what it may be off by is one unknown more.
    const bool swings = course.vibrato_Hz > 0.0;
    const auto row = [&](double x) {
        Eigen::VectorXd r(trend.size() + (swings ? 1 : 0));
        r.head(trend.size()) = trend.basis(x, duration_s);
        if (swings) {
            const double turn = pi * course.vibrato_Hz * duration_s * x;
            r[trend.size()] =
                x * (course.weights[course.order + 1] * std::cos(turn) - course.weights[course.order] * std::sin(turn));
        }
        return r;
    };
    const Eigen::Index terms = trend.size() + (swings ? 2 : 1);
    if (n < terms + 3)
        return std::nullopt;
    Eigen::MatrixXd design = Eigen::MatrixXd::Zero(n, terms);
    Eigen::VectorXd y(n);
    Eigen::VectorXd noise(n);
    std::vector<double> t(track.x.size());
    for (Eigen::Index i = 0; i < n; ++i) {
        const auto at = static_cast<std::size_t>(i);
        design(i, 0) = 1.0;
        // The mean over the group's stretch (Simpson).
        for (const auto& [place, share] : {std::pair{-0.5, 1.0 / 6.0}, {0.0, 4.0 / 6.0}, {0.5, 1.0 / 6.0}})
            design.row(i).tail(terms - 1) += share * row(track.x[at] + place * track.width[at]).transpose();
        y[i] = track.phase[at];
        noise[i] = track.variance[at];
        t[at] = 0.5 * (track.x[at] + 1.0) * duration_s;
    }
    Eigen::VectorXd wanted = Eigen::VectorXd::Zero(terms);
    wanted.tail(terms - 1) = row(1.0) - row(-1.0);

    // An attack may still be settling where the stretch begins: none, or one of these, about so many cents at the start.
    constexpr std::array<double, 7> settlings_s{0.0, 0.015, 0.02, 0.027, 0.036, 0.048, 0.065};
    constexpr std::array<double, 2> settling_cents{2.0, 15.0};
    Eigen::MatrixXd remainders(n, static_cast<Eigen::Index>(settlings_s.size()));
    for (Eigen::Index i = 0; i < n; ++i)
        for (std::size_t k = 1; k < settlings_s.size(); ++k) {
            const double half = 0.25 * track.width[static_cast<std::size_t>(i)] * duration_s / settlings_s[k];
            remainders(i, static_cast<Eigen::Index>(k)) =
                std::exp(-t[static_cast<std::size_t>(i)] / settlings_s[k]) * std::sinh(half) / half;
        }
    remainders.col(0).setZero();

    struct Guess
    {
        double radians;
        double variance;
        double logLikelihood;
    };
    std::vector<Guess> guesses;
    const auto weigh = [&](const Eigen::MatrixXd& covariance, const Eigen::VectorXd& withEnds, double endsVariance,
                           double prior) {
        const Eigen::LLT<Eigen::MatrixXd> c(covariance);
        if (c.info() != Eigen::Success)
            return;
        const Eigen::VectorXd whiteY = c.matrixL().solve(y);
        const Eigen::VectorXd whiteEnds = c.matrixL().solve(withEnds);
        const Eigen::MatrixXd whiteRemainders = c.matrixL().solve(remainders);
        double halfDeterminant = 0.0;
        for (Eigen::Index i = 0; i < n; ++i)
            halfDeterminant += std::log(c.matrixLLT()(i, i));
        Eigen::MatrixXd whiteDesign(n, terms + 1);
        whiteDesign.leftCols(terms) = c.matrixL().solve(design);
        for (std::size_t k = 0; k < settlings_s.size(); ++k) {
            const bool settling = settlings_s[k] > 0.0;
            whiteDesign.col(terms) = whiteRemainders.col(static_cast<Eigen::Index>(k));
            const Eigen::MatrixXd plain = whiteDesign.transpose() * whiteDesign;
            const Eigen::VectorXd right = whiteDesign.transpose() * whiteY;
            Eigen::VectorXd gain(terms + 1);
            gain.head(terms) = wanted;
            gain[terms] = settling ? std::exp(-duration_s / settlings_s[k]) - 1.0 : 0.0;
            const Eigen::VectorXd left = gain - whiteDesign.transpose() * whiteEnds;
            for (const double cents : settling_cents) {
                // What is known beforehand of the remainder: its phase is the frequency's offset times its time constant.
                const double size = settling ? 2.0 * pi * base_Hz * cents / centsPerNeper * settlings_s[k] : 1.0;
                Eigen::MatrixXd information = plain;
                information(terms, terms) += 1.0 / (size * size);
                const Eigen::LLT<Eigen::MatrixXd> normal(information);
                if (normal.info() != Eigen::Success)
                    continue;
                const Eigen::VectorXd beta = normal.solve(right);
                double logLikelihood = -halfDeterminant - std::log(size) - 0.5 * (whiteY.squaredNorm() - right.dot(beta)) +
                                       std::log(prior) + std::log(settling ? 0.1 / 12.0 : 0.9);
                for (Eigen::Index i = 0; i <= terms; ++i)
                    logLikelihood -= std::log(normal.matrixLLT()(i, i));
                guesses.push_back({gain.dot(beta) + whiteEnds.dot(whiteY - whiteDesign * beta),
                                   std::max(0.0, endsVariance - whiteEnds.squaredNorm()) + left.dot(normal.solve(left)),
                                   logLikelihood});
                if (!settling)
                    break;
            }
        }
    };
    constexpr double still = 0.6; // beforehand, that nothing wanders
    for (const double louder : {1.0, 2.0}) {
        weigh((louder * noise).asDiagonal().toDenseMatrix(), Eigen::VectorXd::Zero(n), 0.0, still);
        for (const double memory_s : {0.06, 0.3}) {
            // Phase of a unit wander, integrated from the start; its covariance in closed form.
            const auto together = [memory_s](double a, double b) {
                return memory_s * memory_s *
                       (2.0 * std::min(a, b) / memory_s + std::exp(-a / memory_s) + std::exp(-b / memory_s) - 1.0 -
                        std::exp(-std::abs(a - b) / memory_s));
            };
            Eigen::MatrixXd unit(n, n);
            Eigen::VectorXd ends(n);
            for (Eigen::Index i = 0; i < n; ++i) {
                for (Eigen::Index j = 0; j <= i; ++j)
                    unit(i, j) = unit(j, i) = together(t[static_cast<std::size_t>(i)], t[static_cast<std::size_t>(j)]);
                ends[i] = together(t[static_cast<std::size_t>(i)], duration_s);
            }
            // Sizes in radians per second, about the scale of what the noise leaves open.
            for (double size = 0.02; size < 40.0; size *= 2.7) {
                Eigen::MatrixXd covariance = size * size * unit;
                covariance.diagonal() += louder * noise;
                weigh(covariance, size * size * ends, size * size * together(duration_s, duration_s), (1.0 - still) / 16.0);
            }
        }
    }
    if (guesses.empty())
        return std::nullopt;
    double best = guesses.front().logLikelihood;
    for (const Guess& g : guesses)
        best = std::max(best, g.logLikelihood);
    double total = 0.0;
    Gain gain;
    for (const Guess& g : guesses) {
        const double w = std::exp(g.logLikelihood - best);
        total += w;
        gain.radians += w * g.radians;
    }
    gain.radians /= total;
    for (const Guess& g : guesses) {
        const double w = std::exp(g.logLikelihood - best) / total;
        gain.variance += w * (g.variance + (g.radians - gain.radians) * (g.radians - gain.radians));
    }
    return gain;
}

/// A richer course must explain this many times its share of the left-over squares.
constexpr double worthIt = 12.0;
/// The same for what was picked as the best of many.
constexpr double worthScanning = 30.0;
constexpr int highestOrder = 5;

struct Tone
{
    Stretch stretch;
    Course course;
};

std::optional<Tone> fitTone(std::span<const float> samples, double rate_Hz, double coarse_Hz)
{
    // Hats lie on whole periods of their base, so the base is made exact before anything is read from it.
    double base_Hz = coarse_Hz;
    std::optional<Stretch> based;
    Course course;
    std::optional<PhaseFit> fit;
    constexpr double near_cents = 0.5;
    for (int round = 0; round < 3; ++round) {
        based.emplace(samples, rate_Hz, base_Hz);
        course = Course();
        course.order = 2;
        course.weights = Eigen::VectorXd::Zero(2);
        fit = settle(*based, course, 3);
        if (!fit)
            return std::nullopt;
        const double mean_Hz = base_Hz + course.weights[0] / (pi * based->duration());
        const double off_cents = centsOver(mean_Hz, base_Hz);
        if (!(std::abs(off_cents) < 100.0))
            return std::nullopt;
        if (std::abs(off_cents) < near_cents)
            break;
        base_Hz = mean_Hz;
    }
    const Stretch& stretch = *based;
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
    return Tone{std::move(*based), course};
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
    const Stretch& measured = tone->stretch;
    const double T = measured.duration();
    const Course& course = tone->course;

    const auto gain = gained(tracked(measured, course), course, measured.base(), T);
    if (!gain)
        return std::nullopt;
    const double mean_Hz = measured.base() + gain->radians / (2.0 * pi * T);
    const double sd_Hz = std::sqrt(gain->variance) / (2.0 * pi * T);

    HeardNote note;
    note.end = Seconds::fromSeconds(T);
    note.pitch = Hertz::fromHertz(mean_Hz);
    // Clocks, filters and rounding leave about this much, however little noise there is.
    constexpr double surest_cents = 6e-4;
    // Real notes wander in more ways than one process has; over lifelike takes the stated error is a little small
    // (test_lifelike measures the coverage).
    constexpr double widened = 1.12;
    note.sd = Cents::fromCents(std::hypot(surest_cents, widened * centsPerNeper * sd_Hz / mean_Hz));
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
