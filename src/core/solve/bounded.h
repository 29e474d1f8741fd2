// SPDX-License-Identifier: GPL-3.0-or-later
// Least squares, and other smooth functions, within bounds: Newton's or Gauss and Newton's steps, each the exact minimum of its
// quadratic between the bounds (active sets), damped after Levenberg and Marquardt where they do not pay; after Nocedal and
// Wright, Numerical Optimization [NW06], ch. 10 and 16, from memory. Fewer of the costly derivatives than a projected search
// along each step needs.
#pragma once

#include "core/base/result.h"

#include <Eigen/Core>
#include <functional>

namespace dowel {

/// Residuals at a point, and their derivatives, one row a residual.
struct Linearised
{
    Eigen::VectorXd residuals;
    Eigen::MatrixXd jacobian;
};

struct SquaresOptions
{
    int mostSteps = 20;
    double nothing = 2e-3; ///< of the function, or of half the sum of squares: what is not worth another step
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

/// Where a function is least, from a start, which is brought between the bounds. A point that cannot be worked out is stepped
/// back from. Errors: what `at` says of the start; Cancelled from anywhere.
[[nodiscard]] Result<Eigen::VectorXd> minimumWithin(const std::function<Result<Quadratic>(const Eigen::VectorXd&)>& at,
                                                    const Eigen::VectorXd& start, const Eigen::VectorXd& low,
                                                    const Eigen::VectorXd& high, const SquaresOptions& options = {});
/// The same for half a sum of squares.
[[nodiscard]] Result<Eigen::VectorXd> leastSquaresWithin(const std::function<Result<Linearised>(const Eigen::VectorXd&)>& at,
                                                         const Eigen::VectorXd& start, const Eigen::VectorXd& low,
                                                         const Eigen::VectorXd& high, const SquaresOptions& options = {});

} // namespace dowel
