// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/solve/bounded.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <limits>
#include <vector>

namespace dowel {

namespace {

/// The quadratic p . h . p / 2 + g . p between bounds, walked down.
class BoundedQuadratic
{
public:
    BoundedQuadratic(const Eigen::MatrixXd& h, const Eigen::VectorXd& g, Eigen::VectorXd low, Eigen::VectorXd high)
        : m_h(&h), m_low(std::move(low)), m_high(std::move(high)), m_p(Eigen::VectorXd::Zero(g.size())), m_slope(g)
    {
    }
    [[nodiscard]] const Eigen::VectorXd& point() const { return m_p; }
    /// Each coordinate in turn to where it is least.
    void sweep()
    {
        for (Eigen::Index i = 0; i < m_p.size(); ++i) {
            const double curvature = (*m_h)(i, i);
            if (!(curvature > 0.0))
                continue;
            const double there = std::clamp(m_p[i] - m_slope[i] / curvature, m_low[i], m_high[i]);
            const double by = there - m_p[i];
            if (by != 0.0) {
                m_p[i] = there;
                m_slope += by * m_h->col(i);
            }
        }
    }
    /// Whether all that is free has no slope left, and all that is held is pressed against its bound.
    [[nodiscard]] bool isLeast() const
    {
        constexpr double flat = 1e-9;
        for (Eigen::Index i = 0; i < m_p.size(); ++i)
            if ((m_slope[i] > flat && m_p[i] > m_low[i]) || (m_slope[i] < -flat && m_p[i] < m_high[i]))
                return false;
        return true;
    }
    /// What is free goes to where it is least together, as far as the first bound on the way.
    void together()
    {
        std::vector<Eigen::Index> free;
        for (Eigen::Index i = 0; i < m_p.size(); ++i)
            if (m_p[i] > m_low[i] && m_p[i] < m_high[i])
                free.push_back(i);
        if (free.empty())
            return;
        const Eigen::MatrixXd part = (*m_h)(free, free);
        const Eigen::VectorXd way = part.ldlt().solve(-m_slope(free));
        double share = 1.0;
        for (std::size_t k = 0; k < free.size(); ++k) {
            const double step = way[static_cast<Eigen::Index>(k)];
            const double room = step > 0.0 ? m_high[free[k]] - m_p[free[k]] : m_low[free[k]] - m_p[free[k]];
            if (std::abs(step) > std::abs(room))
                share = std::min(share, room / step);
        }
        // Down along it: a quadratic that rounding has made a saddle is left to the sweeps.
        if (!way.allFinite() || !(m_slope(free).dot(way) < 0.0))
            return;
        for (std::size_t k = 0; k < free.size(); ++k) {
            const double by = share * way[static_cast<Eigen::Index>(k)];
            const double there = std::clamp(m_p[free[k]] + by, m_low[free[k]], m_high[free[k]]);
            m_slope += (there - m_p[free[k]]) * m_h->col(free[k]);
            m_p[free[k]] = there;
        }
    }

private:
    const Eigen::MatrixXd* m_h;
    Eigen::VectorXd m_low; ///< of the point
    Eigen::VectorXd m_high;
    Eigen::VectorXd m_p;
    Eigen::VectorXd m_slope; ///< at the point
};

} // namespace

Eigen::VectorXd boundedStep(const Eigen::MatrixXd& h, const Eigen::VectorXd& g, const Eigen::VectorXd& x,
                            const Eigen::VectorXd& low, const Eigen::VectorXd& high)
{
    BoundedQuadratic q(h, g, low - x, high - x);
    // Never upwards, so that it cannot turn in a circle as sets that are held and let go by rule may.
    constexpr int mostTurns = 200;
    for (int turn = 0; turn < mostTurns && !q.isLeast(); ++turn) {
        q.sweep();
        q.together();
    }
    return q.point();
}

Result<Minimum> minimumWithin(const std::function<Result<Quadratic>(const Eigen::VectorXd&)>& at, const Eigen::VectorXd& start,
                              const Eigen::VectorXd& low, const Eigen::VectorXd& high, const MinimumOptions& options)
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
            return Minimum{std::move(x), true};
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
            return Minimum{std::move(x), true};
    }
    return Minimum{std::move(x), false};
}

} // namespace dowel
