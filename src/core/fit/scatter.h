// SPDX-License-Identifier: GPL-3.0-or-later
// How far a player scatters, and how far sittings differ, learnt from the readings themselves. For the fit's own files alone.
#pragma once

#include "core/fit/heard.h"

namespace dowel::fitting {

/// Each over what was expected of it.
struct Scatter
{
    double takes = 1.0;
    double shift = 1.0;
    double slope = 1.0;
};

/// A fit made linear where it ended.
struct Linear
{
    const Eigen::VectorXd& off;      ///< fit less heard, one a reading
    const Eigen::MatrixXd& jacobian; ///< by the unknowns in prior standard deviations z
    const Eigen::VectorXd& at;       ///< where these stand
};

/// The mean of their logarithms over a grid, weighted by how well each explains the readings (evidence of the model made linear
/// where it was fitted, outliers weighted down as the fit has them) and by what is expected beforehand: 1, give or take a half.
[[nodiscard]] Scatter scatterOf(const HeardAll& heard, const Unknowns& u, double repeat_cents, const Linear& fitted,
                                double believed);

} // namespace dowel::fitting
