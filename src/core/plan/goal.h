// SPDX-License-Identifier: GPL-3.0-or-later
// The best shape that removing wood can reach: the aim's loss made least over the levers, within their bounds, by Newton's
// steps with exact derivatives. Work has a small price, so that what hardly matters is left, and what is surely done comes
// before what is not; a tuning strategy's own wishes count beside pitch.
#pragma once

#include "core/aim/aim.h"
#include "core/forecast/forecast.h"
#include "core/plan/levers.h"

namespace dowel {

struct Goal
{
    Instrument shape;
    std::vector<Lever> levers;
    Eigen::VectorXd values_m; ///< where the levers stand
    std::vector<double> cents;
    double loss = 0.0; ///< of the aim, work and schools left out
};

class GoalSearch
{
public:
    GoalSearch(const Forecaster& forecaster, Instrument present, Aim aim, TuningStrategy strategy, Cancel cancel)
        : m_forecaster(&forecaster),
          m_present(std::move(present)),
          m_aim(std::move(aim)),
          m_strategy(strategy),
          m_cancel(std::move(cancel))
    {
    }
    [[nodiscard]] const Aim& aim() const { return m_aim; }
    void setAim(Aim aim) { m_aim = std::move(aim); }
    /// from: where levers of an earlier goal stand is where these begin. Errors: OutOfModelRange, Cancelled.
    [[nodiscard]] Result<Goal> best(const std::vector<Lever>& levers, const Goal* from = nullptr) const;
    /// The goal with the least work: levers stay where they are as long as that costs no more than `worth` each, what moves
    /// least first. Reckoned on the quadratic at the goal, then worked out once and looked at.
    [[nodiscard]] Result<Goal> withFewestLevers(const Goal& goal, const std::function<double(const Lever&)>& worth) const;

private:
    struct Point;
    [[nodiscard]] Result<Point> at(const std::vector<Lever>& levers, const Eigen::VectorXd& x_mm) const;
    [[nodiscard]] Result<Goal> goalAt(const std::vector<Lever>& levers, const Eigen::VectorXd& x_mm) const;
    [[nodiscard]] Result<Eigen::VectorXd> slopeOf(const std::vector<Lever>& levers, const Posterior::Sensitivity& s,
                                                  const Instrument& shape, const Eigen::VectorXd& values_m,
                                                  std::size_t which) const;
    void addWork(const std::vector<Lever>& levers, const Eigen::VectorXd& x_mm, Point& p) const;
    void addLikings(const std::vector<Lever>& levers, const Instrument& shape, Point& p) const;
    const Forecaster* m_forecaster;
    Instrument m_present;
    Aim m_aim;
    TuningStrategy m_strategy;
    Cancel m_cancel;
};

/// Where these levers bring all notes nearest to target + offsets_cents by weighted squares, in metres each.
/// Errors as GoalSearch::best().
[[nodiscard]] Result<Eigen::VectorXd> nearestTo(const Forecaster& forecaster, const Instrument& present,
                                                const std::vector<Lever>& levers, const std::vector<double>& offsets_cents,
                                                const TuningStrategy& strategy = {}, const Cancel& cancel = {});

} // namespace dowel
