// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/scatter.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace dowel::fitting {

namespace {

constexpr std::array takesGrid{0.3, 0.5, 0.7, 1.0, 1.4, 2.0, 2.8};
constexpr std::array shiftGrid{0.15, 0.3, 0.55, 1.0, 1.8, 3.0};
constexpr std::array slopeGrid{0.2, 0.45, 1.0, 2.2};
constexpr double expectedSd = 0.5; // of either logarithm; no source

/// Readings made independent and of size 1: what they are off by where every unknown is at its prior mean, and derivatives.
struct Whitened
{
    Eigen::VectorXd off;
    Eigen::MatrixXd jacobian;
    double log = 0.0; ///< of what does not depend on the unknowns
};

/// The fit's loss as a density is Student's with eight degrees of freedom. Where the fit stands its logarithm is touched from
/// below by that of a normal one with each part's weight (Lange, Little and Taylor 1989), which is integrated in closed form.
class Evidence
{
public:
    Evidence(const HeardAll& heard, const Eigen::VectorXd& off, const Eigen::MatrixXd& jacobian, const Eigen::VectorXd& at,
             double believed)
        : m_heard(&heard), m_off(&off), m_jacobian(&jacobian), m_start(off - jacobian * at), m_believed(believed)
    {
    }
    [[nodiscard]] Whitened with(double repeat_cents) const
    {
        Whitened all{Eigen::VectorXd(m_off->size()), Eigen::MatrixXd(m_off->size(), m_jacobian->cols()), 0.0};
        const double most = m_believed * m_believed;
        Eigen::Index row = 0;
        for (const HeardNote& note : m_heard->notes) {
            if (note.readings.empty())
                continue;
            Eigen::MatrixXd covariance = note.byCuts;
            const Eigen::Index n = covariance.rows();
            for (Eigen::Index i = 0; i < n; ++i) {
                const double sd = m_heard->readings[note.readings[static_cast<std::size_t>(i)]].sd;
                covariance(i, i) += sd * sd + repeat_cents * repeat_cents;
            }
            const Eigen::LLT<Eigen::MatrixXd> root(covariance);
            const auto lower = root.matrixL();
            const Eigen::VectorXd fitted = lower.solve((*m_off)(note.readings).eval());
            const Eigen::ArrayXd squares = fitted.array().square();
            const Eigen::ArrayXd weights = (1.0 + squares / most).inverse();
            const Eigen::VectorXd roots = weights.sqrt().matrix();
            all.off.segment(row, n) = roots.asDiagonal() * lower.solve(m_start(note.readings).eval());
            all.jacobian.middleRows(row, n) = roots.asDiagonal() * lower.solve((*m_jacobian)(note.readings, Eigen::all).eval());
            all.log -= root.matrixLLT().diagonal().array().log().sum();
            all.log -= 0.5 * (most * (1.0 + squares / most).log() - weights * squares).sum();
            row += n;
        }
        return all;
    }

private:
    const HeardAll* m_heard;
    const Eigen::VectorXd* m_off;
    const Eigen::MatrixXd* m_jacobian;
    Eigen::VectorXd m_start;
    double m_believed;
};

} // namespace

Scatter scatterOf(const HeardAll& heard, const Unknowns& u, double repeat_cents, const Linear& fitted, double believed)
{
    const Evidence evidence(heard, fitted.off, fitted.jacobian, fitted.at, believed);
    struct Point
    {
        double log = 0.0;
        Eigen::Vector3d logs;
    };
    std::vector<Point> points;
    for (const double takes : takesGrid) {
        const Whitened w = evidence.with(takes * repeat_cents);
        const Eigen::MatrixXd squares = w.jacobian.transpose() * w.jacobian;
        const Eigen::VectorXd pull = w.jacobian.transpose() * w.off;
        const double alone = w.off.squaredNorm();
        for (const double shift : shiftGrid)
            for (const double slope : slopeGrid) {
                // r = off + J z, z standard normal: ln N(off; 0, 1 + J J'), by the determinant lemma and Woodbury's formula.
                Eigen::VectorXd scale = Eigen::VectorXd::Ones(squares.rows());
                for (std::size_t i = 0; i < heard.dayOf.size(); ++i) {
                    scale[u.shift(i)] = shift;
                    scale[u.slope(i)] = slope;
                }
                Eigen::MatrixXd precision = scale.asDiagonal() * squares * scale.asDiagonal();
                precision.diagonal().array() += 1.0;
                const Eigen::LLT<Eigen::MatrixXd> root(precision);
                const Eigen::VectorXd scaled = root.matrixL().solve(scale.cwiseProduct(pull));
                const double explained = scaled.squaredNorm();
                const double logRoot = root.matrixLLT().diagonal().array().log().sum();
                const Eigen::Vector3d logs(std::log(takes), std::log(shift), std::log(slope));
                const double expected = 0.5 * logs.squaredNorm() / (expectedSd * expectedSd);
                points.push_back({w.log - logRoot - 0.5 * (alone - explained) - expected, logs});
            }
    }
    const double best =
        std::max_element(points.begin(), points.end(), [](const Point& a, const Point& b) { return a.log < b.log; })->log;
    double sum = 0.0;
    Eigen::Vector3d mean = Eigen::Vector3d::Zero();
    for (const Point& p : points) {
        const double weight = std::exp(p.log - best);
        sum += weight;
        mean += weight * p.logs;
    }
    mean /= sum;
    return {std::exp(mean[0]), std::exp(mean[1]), std::exp(mean[2])};
}

} // namespace dowel::fitting
