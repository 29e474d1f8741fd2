// SPDX-License-Identifier: GPL-3.0-or-later
// All notes of a shape together: means of their cents, what they may be off by and from which common causes, and the chances
// that follow. Notes err together, so the chance of all is not the product of each one's; and two shapes of one instrument err
// together, cause by cause.
#pragma once

#include <Eigen/Core>
#include <vector>

namespace dowel {

struct NoteState
{
    double cents = 0; ///< sounding minus target
    double sd = 0;    ///< one sigma
};

struct JointForecast
{
    Eigen::VectorXd mean;   ///< cents over target, one a fingering
    Eigen::MatrixXd causes; ///< cents for one standard deviation of each cause, one row a fingering, one column a cause
    Eigen::VectorXd own;    ///< one sigma in cents of what is each fingering's own
    [[nodiscard]] Eigen::MatrixXd covariance() const; ///< in square cents
    [[nodiscard]] std::vector<NoteState> states() const;
};

/// The chance that every note lies within its tolerance; notes with a tolerance of 0 do not count. By drawing from the
/// normal distribution, always the same draws, so that equal outlooks have equal chances; good to a hundredth.
[[nodiscard]] double chanceAllWithin(const JointForecast& jointForecast, const std::vector<double>& tolerances_cents);
/// The chance that some note lies above its bound on the second shape that did not on the first; bounds of infinity do not
/// count. Two forecasts of one forecaster: the same cause is in the same column of both, and drawn once for both.
[[nodiscard]] double chanceNewlyAbove(const JointForecast& before, const JointForecast& after,
                                      const std::vector<double>& bounds_cents);

} // namespace dowel
