// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/joint_forecast.h"

#include "core/base/random.h"

#include <Eigen/Cholesky>
#include <cmath>

namespace dowel {

namespace {

constexpr Eigen::Index draws = 3000;

/// Standard normal deviates in pairs of opposite sign: notes down, draws along. The same for every call, note by note, so that
/// differences between shapes are not those of the draws.
Eigen::MatrixXd deviates(Eigen::Index notes)
{
    Random random(20011);
    Eigen::MatrixXd z(notes, draws);
    for (Eigen::Index k = 0; k < draws; k += 2)
        for (Eigen::Index i = 0; i < notes; ++i) {
            z(i, k) = random.normal();
            z(i, k + 1) = -z(i, k);
        }
    return z;
}

/// The joint forecast drawn from; covariances that rounding left a little short of positive are lifted.
Eigen::MatrixXd drawn(const JointForecast& o)
{
    const Eigen::Index n = o.mean.size();
    Eigen::MatrixXd lifted = o.covariance;
    lifted.diagonal().array() += 1e-6;
    const Eigen::LLT<Eigen::MatrixXd> root(lifted);
    Eigen::MatrixXd values = deviates(n);
    if (root.info() == Eigen::Success)
        values = root.matrixL() * values;
    else
        values = o.covariance.diagonal().cwiseMax(0.0).cwiseSqrt().asDiagonal() * values;
    values.colwise() += o.mean;
    return values;
}

} // namespace

std::vector<NoteState> JointForecast::states() const
{
    std::vector<NoteState> all(static_cast<std::size_t>(mean.size()));
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto k = static_cast<Eigen::Index>(i);
        all[i] = {mean[k], std::sqrt(std::max(0.0, covariance(k, k)))};
    }
    return all;
}

double chanceAllWithin(const JointForecast& jointForecast, const std::vector<double>& tolerances_cents)
{
    const Eigen::MatrixXd values = drawn(jointForecast);
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
    const Eigen::MatrixXd was = drawn(before);
    const Eigen::MatrixXd is = drawn(after);
    Eigen::Index above = 0;
    for (Eigen::Index k = 0; k < draws; ++k) {
        bool any = false;
        for (Eigen::Index i = 0; i < is.rows() && !any; ++i) {
            const double bound = bounds_cents[static_cast<std::size_t>(i)];
            any = is(i, k) > bound && was(i, k) <= bound;
        }
        above += any ? 1 : 0;
    }
    return static_cast<double>(above) / static_cast<double>(draws);
}

} // namespace dowel
