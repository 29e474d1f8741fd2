// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/shared.h"

#include <Eigen/Cholesky>
#include <Eigen/Eigenvalues>
#include <Eigen/LU>

namespace dowel {

namespace {

// Of a prior's variance, the part in which one maker's instruments differ among themselves; common practice, no source.
constexpr double ownShare = 0.4;

/// Without what rounding makes negative: an instrument cannot make the shop less known.
Eigen::MatrixXd withoutNegative(const Eigen::MatrixXd& m)
{
    const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> s(0.5 * (m + m.transpose()));
    return s.eigenvectors() * s.eigenvalues().cwiseMax(0.0).asDiagonal() * s.eigenvectors().transpose();
}

} // namespace

SharedEstimate sharedOf(const Priors& p)
{
    constexpr auto n = static_cast<Eigen::Index>(sharedCount);
    Eigen::VectorXd mean = Eigen::VectorXd::Zero(n);
    mean[static_cast<Eigen::Index>(Shared::Warmth)] = p.warmth_K;
    mean[static_cast<Eigen::Index>(Shared::WallLoss)] = p.wallLossLog;
    Eigen::VectorXd sd(n);
    sd << p.warmthSd_K, p.mouthLogSd, p.mouthSlopeSd, p.wallLossSd, p.holeEndSd, p.blowSlopeSd_cents, p.undercutGainSd,
        p.blowSd_cents, p.blowSd_cents, p.blowSd_cents;
    return {mean, sd.cwiseAbs2().asDiagonal()};
}

Result<Priors> learntFrom(const Priors& base, std::span<const SharedEstimate> fits)
{
    constexpr auto n = static_cast<Eigen::Index>(sharedCount);
    const SharedEstimate start = sharedOf(base);
    const Eigen::MatrixXd identity = Eigen::MatrixXd::Identity(n, n);
    const Eigen::MatrixXd before = start.covariance.inverse();
    const Eigen::MatrixXd own = ownShare * start.covariance;
    Eigen::MatrixXd precision = before / (1.0 - ownShare); // of the shop's mean
    Eigen::VectorXd pull = precision * start.mean;
    for (const SharedEstimate& f : fits) {
        if (f.mean.size() != n || f.covariance.rows() != n || f.covariance.cols() != n || !f.mean.allFinite() ||
            !f.covariance.allFinite())
            return Error{ErrorCode::BadValue, "shop memory", "an estimate of another size, or not finite"};
        const Eigen::LDLT<Eigen::MatrixXd> decomposed(f.covariance);
        if (decomposed.info() != Eigen::Success || !decomposed.isPositive())
            return Error{ErrorCode::BadValue, "shop memory", "a covariance that is none"};
        // What the readings said, without the prior that the fit was made with; spread by how instruments differ.
        const Eigen::MatrixXd said = withoutNegative(decomposed.solve(identity) - before);
        const Eigen::VectorXd drawn = decomposed.solve(f.mean) - before * start.mean;
        const Eigen::MatrixXd spread = (identity + said * own).inverse();
        precision += withoutNegative(spread * said);
        pull += spread * drawn;
    }
    const Eigen::MatrixXd known = precision.ldlt().solve(identity);
    Priors learnt = base;
    const Eigen::MatrixXd covariance = own + 0.5 * (known + known.transpose());
    learnt.shared = SharedEstimate{known * pull, covariance};
    return learnt;
}

} // namespace dowel
