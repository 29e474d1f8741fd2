// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/joint_forecast.h"

#include "core/base/random.h"

#include <Eigen/Cholesky>
#include <boost/math/special_functions/erf.hpp>
#include <cmath>
#include <numbers>
#include <utility>

namespace dowel {

namespace {

constexpr Eigen::Index draws = 3000;

/// Standard normal deviates: values down, draws along. Each value's are the distribution's own quantiles in a shuffled order (a
/// Latin hypercube; McKay, Beckman and Conover 1979), so that one value's chances come out nearly exact. The same for every call,
/// value by value, so that differences between shapes are not those of the draws.
Eigen::MatrixXd deviates(Eigen::Index values)
{
    const auto drawn = [](Eigen::Index rows) {
        Eigen::RowVectorXd sorted(draws);
        for (Eigen::Index k = 0; k < draws; ++k)
            sorted[k] = std::numbers::sqrt2 *
                        boost::math::erf_inv((2.0 * static_cast<double>(k) + 1.0) / static_cast<double>(draws) - 1.0);
        Random random(20011);
        Eigen::MatrixXd z(rows, draws);
        for (Eigen::Index i = 0; i < rows; ++i) {
            z.row(i) = sorted;
            for (Eigen::Index k = draws - 1; k > 0; --k)
                std::swap(z(i, k), z(i, static_cast<Eigen::Index>(random.uniform() * static_cast<double>(k + 1))));
        }
        return z;
    };
    constexpr Eigen::Index usual = 48;
    static const Eigen::MatrixXd kept = drawn(usual);
    return values <= usual ? Eigen::MatrixXd(kept.topRows(values)) : drawn(values);
}

/// Drawn from a normal distribution whose covariance may be short of full rank, or by rounding a little below it.
Eigen::MatrixXd drawn(const Eigen::VectorXd& mean, const Eigen::MatrixXd& covariance)
{
    const Eigen::LDLT<Eigen::MatrixXd> parts(covariance);
    const Eigen::VectorXd roots = parts.vectorD().cwiseMax(0.0).cwiseSqrt();
    Eigen::MatrixXd values = parts.matrixL() * (roots.asDiagonal() * deviates(mean.size())).eval();
    values = parts.transpositionsP().transpose() * values;
    values.colwise() += mean;
    return values;
}

} // namespace

Eigen::MatrixXd JointForecast::covariance() const
{
    Eigen::MatrixXd all = causes * causes.transpose();
    all.diagonal() += own.cwiseAbs2();
    return all;
}

std::vector<NoteState> JointForecast::states() const
{
    std::vector<NoteState> all(static_cast<std::size_t>(mean.size()));
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto k = static_cast<Eigen::Index>(i);
        all[i] = {mean[k], std::hypot(causes.row(k).norm(), own[k])};
    }
    return all;
}

double chanceAllWithin(const JointForecast& jointForecast, const std::vector<double>& tolerances_cents)
{
    const Eigen::MatrixXd values = drawn(jointForecast.mean, jointForecast.covariance());
    Eigen::Index in = 0;
    for (Eigen::Index k = 0; k < draws; ++k) {
        bool all = true;
        for (Eigen::Index i = 0; i < values.rows() && all; ++i) {
            const double t = tolerances_cents[static_cast<std::size_t>(i)];
            all = !(t > 0.0) || std::abs(values(i, k)) <= t;
        }
        in += all ? 1 : 0;
    }
    return static_cast<double>(in) / static_cast<double>(draws);
}

double chanceNewlyAbove(const JointForecast& before, const JointForecast& after, const std::vector<double>& bounds_cents)
{
    // Only what may come near its bound at all.
    constexpr double never = 5.0; // standard deviations
    std::vector<Eigen::Index> near;
    const auto states = after.states();
    for (std::size_t i = 0; i < states.size(); ++i)
        if (states[i].cents + never * states[i].sd > bounds_cents[i])
            near.push_back(static_cast<Eigen::Index>(i));
    const auto count = static_cast<Eigen::Index>(near.size());
    if (count == 0)
        return 0.0;
    Eigen::VectorXd mean(2 * count);
    mean << before.mean(near), after.mean(near);
    Eigen::MatrixXd causes(2 * count, before.causes.cols());
    causes << before.causes(near, Eigen::all), after.causes(near, Eigen::all);
    Eigen::MatrixXd covariance = causes * causes.transpose();
    for (Eigen::Index i = 0; i < count; ++i) {
        const double was = before.own[near[static_cast<std::size_t>(i)]];
        const double is = after.own[near[static_cast<std::size_t>(i)]];
        covariance(i, i) += was * was;
        covariance(count + i, count + i) += is * is;
        covariance(i, count + i) += was * is;
        covariance(count + i, i) += was * is;
    }
    const Eigen::MatrixXd values = drawn(mean, covariance);
    Eigen::Index above = 0;
    for (Eigen::Index k = 0; k < draws; ++k) {
        bool any = false;
        for (Eigen::Index i = 0; i < count && !any; ++i) {
            const double bound = bounds_cents[static_cast<std::size_t>(near[static_cast<std::size_t>(i)])];
            any = values(count + i, k) > bound && values(i, k) <= bound;
        }
        above += any ? 1 : 0;
    }
    return static_cast<double>(above) / static_cast<double>(draws);
}

} // namespace dowel
