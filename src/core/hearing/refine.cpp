// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/refine.h"

#include "core/base/ratio.h"
#include "core/hearing/wander.h"

#include <Eigen/Dense>
#include <array>

namespace dowel::hearing {

namespace {

using std::numbers::pi;

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
