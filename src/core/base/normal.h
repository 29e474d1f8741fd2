// SPDX-License-Identifier: GPL-3.0-or-later
// The normal distribution where it is needed to the ends of its tails: the chance of an interval as a logarithm, with its
// first and second derivatives.
#pragma once

#include <cmath>
#include <numbers>

namespace dowel {

/// Logarithm of the chance that a standard normal value lies above u, for any u.
[[nodiscard]] inline double logAbove(double u)
{
    constexpr double far = 6.0; // beyond, the continued fraction of Mills' ratio
    if (u < far)
        return std::log(0.5 * std::erfc(u / std::numbers::sqrt2));
    const double ratio = u + 1.0 / (u + 2.0 / (u + 3.0 / (u + 4.0 / (u + 5.0 / u))));
    return -0.5 * u * u - 0.5 * std::log(2.0 * std::numbers::pi) - std::log(ratio);
}

/// Minus the logarithm of the chance that a value with this mean and standard deviation lies within -half and half, and how
/// that changes with the mean. sd, half > 0.
struct WithinLoss
{
    double value = 0.0;
    double slope = 0.0;     ///< by the mean
    double curvature = 0.0; ///< never below 0
};
[[nodiscard]] inline WithinLoss withinLoss(double mean, double sd, double half)
{
    const double off = std::abs(mean); // it is even
    const double near = (off - half) / sd;
    const double beyond = (off + half) / sd;
    // Above `near` of the other end and not above `beyond`.
    const double logNear = logAbove(near);
    const double logBeyond = logAbove(beyond);
    const double logChance = logNear + std::log1p(-std::exp(logBeyond - logNear));
    const auto density = [&](double u) {
        return std::exp(-0.5 * u * u - 0.5 * std::log(2.0 * std::numbers::pi) - logChance);
    };
    const double a = density(near);
    const double b = density(beyond);
    const double slope = (a - b) / sd;
    WithinLoss w;
    w.value = -logChance;
    w.slope = mean < 0.0 ? -slope : slope;
    w.curvature = std::max(0.0, slope * slope - (near * a - beyond * b) / (sd * sd));
    return w;
}

} // namespace dowel
