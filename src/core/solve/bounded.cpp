// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/solve/bounded.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <limits>
#include <vector>

namespace dowel {

Eigen::VectorXd boundedStep(const Eigen::MatrixXd& h, const Eigen::VectorXd& g, const Eigen::VectorXd& x,
                            const Eigen::VectorXd& low, const Eigen::VectorXd& high)
{
    const Eigen::Index n = x.size();
    std::vector<bool> held(static_cast<std::size_t>(n), false);
    Eigen::VectorXd p = Eigen::VectorXd::Zero(n);
    for (Eigen::Index i = 0; i < n; ++i)
        held[static_cast<std::size_t>(i)] = (x[i] <= low[i] && g[i] > 0.0) || (x[i] >= high[i] && g[i] < 0.0);
    for (Eigen::Index round = 0; round <= 2 * n; ++round) {
        std::vector<Eigen::Index> free;
        for (Eigen::Index i = 0; i < n; ++i)
            if (!held[static_cast<std::size_t>(i)])
                free.push_back(i);
        if (!free.empty()) {
            Eigen::VectorXd fixed = p; // what is held, where it is held
            fixed(free).setZero();
            const Eigen::VectorXd right = -(g + h * fixed)(free);
            const Eigen::MatrixXd part = h(free, free);
            const Eigen::VectorXd solved = part.ldlt().solve(right);
            p(free) = solved;
        }
        bool left = false;
        for (const Eigen::Index i : free) {
            const double there = x[i] + p[i];
            if (there < low[i] || there > high[i]) {
                p[i] = std::clamp(there, low[i], high[i]) - x[i];
                held[static_cast<std::size_t>(i)] = true;
                left = true;
            }
        }
        if (left)
            continue;
        // The one that pulls inwards most is let go.
        const Eigen::VectorXd slope = g + h * p;
        Eigen::Index worst = -1;
        double most = 1e-9;
        for (Eigen::Index i = 0; i < n; ++i) {
            const bool atLow = x[i] + p[i] <= low[i];
            const double inwards = atLow ? -slope[i] : slope[i];
            if (held[static_cast<std::size_t>(i)] && high[i] > low[i] && inwards > most) {
                most = inwards;
                worst = i;
            }
        }
        if (worst < 0)
            break;
        held[static_cast<std::size_t>(worst)] = false;
    }
    return p;
}

Result<Eigen::VectorXd> minimumWithin(const std::function<Result<Quadratic>(const Eigen::VectorXd&)>& at,
                                      const Eigen::VectorXd& start, const Eigen::VectorXd& low, const Eigen::VectorXd& high,
                                      const SquaresOptions& options)
{
    constexpr double hopeless = 1e4;
    constexpr double least = 1e-6;
    double damping = 1e-4;
    Eigen::VectorXd x = start.cwiseMax(low).cwiseMin(high);
    auto here = at(x);
    if (!here)
        return here.error();
    for (int step = 0; step < options.mostSteps && damping < hopeless; ++step) {
        Eigen::MatrixXd h = here->hessian;
        h.diagonal() *= 1.0 + damping;
        const Eigen::VectorXd p = boundedStep(h, here->gradient, x, low, high);
        const double promised = -(here->gradient.dot(p) + 0.5 * p.dot(here->hessian * p));
        if (promised < options.nothing)
            break;
        const Eigen::VectorXd next = (x + p).cwiseMax(low).cwiseMin(high);
        auto there = at(next);
        if (!there && there.error().code == ErrorCode::Cancelled)
            return there.error();
        const double gained = there ? here->value - there->value : -std::numeric_limits<double>::max();
        if (!(gained > 0.0)) {
            damping *= 10.0;
            continue;
        }
        x = next;
        here = std::move(there);
        damping = std::max(least, damping * 0.1);
        if (gained < options.nothing)
            break;
    }
    return x;
}

Result<Eigen::VectorXd> leastSquaresWithin(const std::function<Result<Linearised>(const Eigen::VectorXd&)>& at,
                                           const Eigen::VectorXd& start, const Eigen::VectorXd& low, const Eigen::VectorXd& high,
                                           const SquaresOptions& options)
{
    return minimumWithin(
        [&](const Eigen::VectorXd& x) -> Result<Quadratic> {
            const auto l = at(x);
            if (!l)
                return l.error();
            return Quadratic{0.5 * l->residuals.squaredNorm(), l->jacobian.transpose() * l->residuals,
                             l->jacobian.transpose() * l->jacobian};
        },
        start, low, high, options);
}

} // namespace dowel
