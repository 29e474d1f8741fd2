// SPDX-License-Identifier: GPL-3.0-or-later
// Smooth functions within bounds, sums of squares among them: Newton's or Gauss and Newton's steps, each the exact minimum of its
// quadratic between the bounds (active sets), damped after Levenberg and Marquardt where they do not pay; after Nocedal and
// Wright, Numerical Optimization [NW06], ch. 10 and 16, from memory. Fewer of the costly derivatives than a projected search
// along each step needs.
#pragma once

#include "core/base/result.h"

#include <Eigen/Core>
#include <functional>

namespace dowel {

struct MinimumOptions
{
    int mostSteps = 60;
    double nothing = 2e-3; ///< of the function: what is not worth another step
};

/// Where the convex quadratic p . h . p / 2 + g . p is least with x + p between the bounds: coordinate after coordinate, then all
/// that is free together as far as the first bound, never upwards (a descent over active sets). x lies between them.
[[nodiscard]] Eigen::VectorXd boundedStep(const Eigen::MatrixXd& h, const Eigen::VectorXd& g, const Eigen::VectorXd& x,
                                          const Eigen::VectorXd& low, const Eigen::VectorXd& high);

/// A function at a point with its derivatives; the second ones may be an approximation that is never negative.
struct Quadratic
{
    double value = 0.0;
    Eigen::VectorXd gradient;
    Eigen::MatrixXd hessian;
};

struct Minimum
{
    Eigen::VectorXd at;
    bool settled = false; ///< no step is worth taking any more; otherwise steps or damping ran out, and it is the best point seen
};

/// Where a function is least, from a start, which is brought between the bounds. A point that cannot be worked out is stepped
/// back from. Errors: what `at` says of the start; Cancelled from anywhere.
[[nodiscard]] Result<Minimum> minimumWithin(const std::function<Result<Quadratic>(const Eigen::VectorXd&)>& at,
                                            const Eigen::VectorXd& start, const Eigen::VectorXd& low, const Eigen::VectorXd& high,
                                            const MinimumOptions& options = {});

} // namespace dowel
