// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/wander.h"

#include "core/base/ratio.h"

#include <Eigen/Dense>
#include <array>
#include <cmath>

namespace dowel::hearing {

namespace {

using std::numbers::pi;

/// What the triangles say of the fundamental's angle, all partials weighed together.
struct Angles
{
    std::vector<double> weight;
    std::vector<double> sum; ///< of angles times their weights
};

/// Adds a partial's angles, turned back by where the triangles stand already. Where weak ones are to be read, they are read
/// by their component across the mean; else only those that stand clear of the noise are.
void addPartial(Angles& angles, const Stretch& stretch, std::size_t m, const std::vector<double>& stray, bool weakToo)
{
    const std::size_t n = stretch.hats();
    const double k = static_cast<double>(m + 1);
    std::vector<Complex> turned(n);
    Complex whole = 0.0;
    for (std::size_t h = 0; h < n; ++h) {
        turned[h] = stretch.partialIn(h, m) * std::polar(1.0, -k * stray[h]);
        whole += turned[h];
    }
    const double noise = stretch.hatNoise(m);
    // A partial is worth its place where its mean stands clear of what noise would leave of it.
    constexpr double clear = 16.0;
    if (std::norm(whole) < clear * noise * static_cast<double>(n))
        return;
    const Complex upright = std::conj(whole) / std::abs(whole);
    const std::size_t reach = stretch.blockLength();
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
        if (!stands && !weakToo)
            continue;
        const double strength =
            std::max(0.05 * std::abs(whole) / static_cast<double>(n), std::abs(running) / static_cast<double>(high - low));
        const double angle = stands ? std::arg(z) : z.imag() / strength;
        const double w = 2.0 * k * strength * strength / noise;
        angles.weight[h] += k * w;
        angles.sum[h] += w * angle;
    }
}

Angles anglesOf(const Stretch& stretch, const std::vector<double>& stray, bool weakToo)
{
    Angles angles{std::vector<double>(stretch.hats()), std::vector<double>(stretch.hats())};
    for (std::size_t m = 0; m < static_cast<std::size_t>(stretch.partials()); ++m)
        addPartial(angles, stretch, m, stray, weakToo);
    return angles;
}

/// Angles of single triangles, with their weights and where they stand already, as means over short groups.
Track grouped(const Stretch& stretch, const Angles& angles, const std::vector<double>& stray)
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
        double angle = 0.0;
        double stood = 0.0;
        for (std::size_t h = from; h < to; ++h) {
            weights += angles.weight[h];
            angle += angles.sum[h];
            stood += stray[h] / static_cast<double>(to - from);
        }
        if (!(weights > 0.0))
            continue;
        const double first = static_cast<double>(from);
        const double final = static_cast<double>(to) - 1.0;
        track.x.push_back(stretch.hatAt(0.5 * (first + final)));
        track.width.push_back(stretch.hatAt(final + 0.5) - stretch.hatAt(first - 0.5));
        track.phase.push_back(stood + angle / weights);
        track.variance.push_back(shared / weights);
    }
    return track;
}

/// What a track is explained by: unknowns in a row a place, what is wanted of them, and the noise.
struct Setting
{
    Eigen::MatrixXd design; ///< [place][unknown]
    Eigen::VectorXd y;      ///< phase by place
    Eigen::VectorXd noise;  ///< its variance
    Eigen::VectorXd wanted; ///< the gain from end to end by unknown
    std::vector<double> t;  ///< places in seconds
    Eigen::MatrixXd remainders;
    double base_Hz;
    double duration_s;
};

/// An attack may still be settling where the stretch begins: none, or one of these, about so many cents at the start.
constexpr std::array<double, 7> settlings_s{0.0, 0.015, 0.02, 0.027, 0.036, 0.048, 0.065};
constexpr std::array<double, 2> settling_cents{2.0, 15.0};

/// A dying attack's phase at every place, by its time constant.
Eigen::MatrixXd remaindersOf(const Track& track, const std::vector<double>& t, double duration_s)
{
    const auto n = static_cast<Eigen::Index>(t.size());
    Eigen::MatrixXd remainders = Eigen::MatrixXd::Zero(n, static_cast<Eigen::Index>(settlings_s.size()));
    for (Eigen::Index i = 0; i < n; ++i)
        for (std::size_t k = 1; k < settlings_s.size(); ++k) {
            const auto at = static_cast<std::size_t>(i);
            const double half = 0.25 * track.width[at] * duration_s / settlings_s[k];
            remainders(i, static_cast<Eigen::Index>(k)) = std::exp(-t[at] / settlings_s[k]) * std::sinh(half) / half;
        }
    return remainders;
}

std::optional<Setting> settingOf(const Track& track, const Course& course, double base_Hz, double duration_s)
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
    Setting s{Eigen::MatrixXd::Zero(n, terms),
              Eigen::VectorXd(n),
              Eigen::VectorXd(n),
              Eigen::VectorXd::Zero(terms),
              std::vector<double>(track.x.size()),
              {},
              base_Hz,
              duration_s};
    for (Eigen::Index i = 0; i < n; ++i) {
        const auto at = static_cast<std::size_t>(i);
        s.design(i, 0) = 1.0;
        // The mean over the group's stretch (Simpson).
        for (const auto& [place, share] : {std::pair{-0.5, 1.0 / 6.0}, {0.0, 4.0 / 6.0}, {0.5, 1.0 / 6.0}})
            s.design.row(i).tail(terms - 1) += share * row(track.x[at] + place * track.width[at]).transpose();
        s.y[i] = track.phase[at];
        s.noise[i] = track.variance[at];
        s.t[at] = 0.5 * (track.x[at] + 1.0) * duration_s;
    }
    s.wanted.tail(terms - 1) = row(1.0) - row(-1.0);
    s.remainders = remaindersOf(track, s.t, duration_s);
    return s;
}

struct Guess
{
    double radians;
    double variance;
    double logLikelihood;
};

/// How the noise and a wander of one size and memory go together over the places, and with the way from end to end.
struct Wander
{
    Eigen::MatrixXd covariance;
    Eigen::VectorXd withEnds;
    double endsVariance;
    double prior; ///< beforehand
};

/// The gain under one wander, for every way an attack may be settling.
void weigh(std::vector<Guess>& guesses, const Setting& s, const Wander& wander)
{
    const Eigen::LLT<Eigen::MatrixXd> c(wander.covariance);
    if (c.info() != Eigen::Success)
        return;
    const Eigen::Index n = s.y.size();
    const Eigen::Index terms = s.wanted.size();
    const Eigen::VectorXd whiteY = c.matrixL().solve(s.y);
    const Eigen::VectorXd whiteEnds = c.matrixL().solve(wander.withEnds);
    const Eigen::MatrixXd whiteRemainders = c.matrixL().solve(s.remainders);
    double halfDeterminant = 0.0;
    for (Eigen::Index i = 0; i < n; ++i)
        halfDeterminant += std::log(c.matrixLLT()(i, i));
    Eigen::MatrixXd whiteDesign(n, terms + 1);
    whiteDesign.leftCols(terms) = c.matrixL().solve(s.design);
    for (std::size_t k = 0; k < settlings_s.size(); ++k) {
        const bool settling = settlings_s[k] > 0.0;
        whiteDesign.col(terms) = whiteRemainders.col(static_cast<Eigen::Index>(k));
        const Eigen::MatrixXd plain = whiteDesign.transpose() * whiteDesign;
        const Eigen::VectorXd right = whiteDesign.transpose() * whiteY;
        Eigen::VectorXd gain(terms + 1);
        gain.head(terms) = s.wanted;
        gain[terms] = settling ? std::exp(-s.duration_s / settlings_s[k]) - 1.0 : 0.0;
        const Eigen::VectorXd left = gain - whiteDesign.transpose() * whiteEnds;
        for (const double cents : settling_cents) {
            // What is known beforehand of the remainder: its phase is the frequency's offset times its time constant.
            const double size = settling ? 2.0 * pi * s.base_Hz * cents / centsPerNeper * settlings_s[k] : 1.0;
            Eigen::MatrixXd information = plain;
            information(terms, terms) += 1.0 / (size * size);
            const Eigen::LLT<Eigen::MatrixXd> normal(information);
            if (normal.info() != Eigen::Success)
                continue;
            const Eigen::VectorXd beta = normal.solve(right);
            double logLikelihood = -halfDeterminant - std::log(size) - 0.5 * (whiteY.squaredNorm() - right.dot(beta)) +
                                   std::log(wander.prior) + std::log(settling ? 0.1 / 12.0 : 0.9);
            for (Eigen::Index i = 0; i <= terms; ++i)
                logLikelihood -= std::log(normal.matrixLLT()(i, i));
            guesses.push_back({gain.dot(beta) + whiteEnds.dot(whiteY - whiteDesign * beta),
                               std::max(0.0, wander.endsVariance - whiteEnds.squaredNorm()) + left.dot(normal.solve(left)),
                               logLikelihood});
            if (!settling)
                break;
        }
    }
}

/// Phase of a unit wander, integrated from the start: its covariance between two times, in closed form.
double together(double a, double b, double memory_s)
{
    return memory_s * memory_s *
           (2.0 * std::min(a, b) / memory_s + std::exp(-a / memory_s) + std::exp(-b / memory_s) - 1.0 -
            std::exp(-std::abs(a - b) / memory_s));
}

/// Wanders of one memory and of every size, over noise that may be louder than it was found.
void weighMemory(std::vector<Guess>& guesses, const Setting& s, double memory_s, double louder, double prior)
{
    const Eigen::Index n = s.y.size();
    Eigen::MatrixXd unit(n, n);
    Eigen::VectorXd ends(n);
    for (Eigen::Index i = 0; i < n; ++i) {
        const double at = s.t[static_cast<std::size_t>(i)];
        for (Eigen::Index j = 0; j <= i; ++j)
            unit(i, j) = unit(j, i) = together(at, s.t[static_cast<std::size_t>(j)], memory_s);
        ends[i] = together(at, s.duration_s, memory_s);
    }
    const double endToEnd = together(s.duration_s, s.duration_s, memory_s);
    // Sizes in radians per second, about the scale of what the noise leaves open.
    for (double size = 0.02; size < 40.0; size *= 2.7) {
        Wander wander{size * size * unit, size * size * ends, size * size * endToEnd, prior};
        wander.covariance.diagonal() += louder * s.noise;
        weigh(guesses, s, wander);
    }
}

/// Guesses by their likelihood, and how far they are apart.
Gain averaged(const std::vector<Guess>& guesses)
{
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

} // namespace

Track tracked(const Stretch& stretch, const Course& course)
{
    const std::size_t n = stretch.hats();
    std::vector<double> stray(n);
    for (std::size_t h = 0; h < n; ++h)
        stray[h] = course.stray(stretch.hatAt(static_cast<double>(h)), stretch.duration());
    // What the course does not follow is first taken from the triangles that stand clear of the noise, so that the weak ones
    // are then read about the right place, where their angle is small.
    const Angles clear = anglesOf(stretch, stray, false);
    constexpr std::size_t beside = 3;
    for (std::size_t h = 0; h < n; ++h) {
        double weights = 0.0;
        double angle = 0.0;
        for (std::size_t i = h > beside ? h - beside : 0; i < std::min(n, h + beside + 1); ++i) {
            weights += clear.weight[i];
            angle += clear.sum[i];
        }
        if (weights > 0.0)
            stray[h] += angle / weights;
    }
    return grouped(stretch, anglesOf(stretch, stray, true), stray);
}

std::optional<Gain> gained(const Track& track, const Course& course, double base_Hz, double duration_s)
{
    const auto setting = settingOf(track, course, base_Hz, duration_s);
    if (!setting)
        return std::nullopt;
    constexpr double still = 0.6; // beforehand, that nothing wanders
    constexpr double wanders = 16.0;
    std::vector<Guess> guesses;
    const Eigen::Index n = setting->y.size();
    for (const double louder : {1.0, 2.0}) {
        const Eigen::VectorXd noise = louder * setting->noise;
        weigh(guesses, *setting, {noise.asDiagonal().toDenseMatrix(), Eigen::VectorXd::Zero(n), 0.0, still});
        for (const double memory_s : {0.06, 0.3})
            weighMemory(guesses, *setting, memory_s, louder, (1.0 - still) / wanders);
    }
    return guesses.empty() ? std::nullopt : std::optional(averaged(guesses));
}

} // namespace dowel::hearing
