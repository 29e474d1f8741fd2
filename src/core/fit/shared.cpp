// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/shared.h"

#include <Eigen/Cholesky>
#include <Eigen/Eigenvalues>
#include <Eigen/LU>
#include <array>
#include <cmath>

namespace dowel {

namespace {

// Of a prior's variance, the part in which one maker's instruments differ among themselves: what may be, all alike likely
// before anything is heard.
constexpr std::array ownShares{0.1, 0.2, 0.4, 0.6, 0.8};

/// Without what rounding makes negative: an instrument cannot make the shop less known.
Eigen::MatrixXd withoutNegative(const Eigen::MatrixXd& m)
{
    const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> s(0.5 * (m + m.transpose()));
    return s.eigenvectors() * s.eigenvalues().cwiseMax(0.0).asDiagonal() * s.eigenvectors().transpose();
}

/// What an instrument's readings say without the prior that its fit was made with.
struct Said
{
    Eigen::MatrixXd precision;
    Eigen::VectorXd pull;
};

/// The shop under one share, and how well that share explains what was said (logarithm, up to a constant).
struct Shop
{
    Eigen::VectorXd mean;
    Eigen::MatrixXd covariance; ///< of the next instrument
    double likelihood = 0.0;
};

Shop shopWith(double share, const SharedEstimate& start, const std::vector<Said>& said)
{
    const Eigen::Index n = start.mean.size();
    const Eigen::MatrixXd identity = Eigen::MatrixXd::Identity(n, n);
    const Eigen::MatrixXd own = share * start.covariance;
    Eigen::MatrixXd known = (1.0 - share) * start.covariance; // of the shop's mean
    Eigen::VectorXd mean = start.mean;
    Shop shop;
    for (const Said& s : said) {
        // One instrument after the other: evidence of normal data that see the shop's mean through this instrument's own.
        // With precision P of what was said and spread S of the instrument as expected, ln N = -(ln det(1 + S P) + d)/2.
        const Eigen::MatrixXd expected = known + own;
        const Eigen::MatrixXd seen = identity + expected * s.precision;
        const Eigen::PartialPivLU<Eigen::MatrixXd> lu(seen);
        const Eigen::VectorXd off = s.pull - s.precision * mean;
        const Eigen::VectorXd step = lu.solve(expected * off);
        shop.likelihood += -0.5 * std::log(std::abs(lu.determinant())) + 0.5 * off.dot(step) + mean.dot(s.pull) -
                           0.5 * mean.dot(s.precision * mean);
        const Eigen::MatrixXd weight = s.precision * lu.inverse(); // P (1 + S P)^-1
        mean += known * (off - s.precision * step);
        known -= known * weight * known;
        known = 0.5 * (known + known.transpose()).eval();
    }
    shop.mean = mean;
    shop.covariance = own + known;
    return shop;
}

} // namespace

SharedEstimate sharedOf(const Priors& p, Family family)
{
    constexpr auto n = static_cast<Eigen::Index>(sharedCount);
    const auto put = [](Shared s) {
        return static_cast<Eigen::Index>(s);
    };
    // Pipes blown at nearly one pressure flatten upwards, for the jet's delay grows with frequency; a whistle or recorder is
    // blown harder upwards; a flute's player keeps to the pitch by lip. The delay: [FR98]
    // chapter 16 (from memory); how wide the slopes are: common practice, no source.
    const bool onePressure = family == Family::TwoChamber;
    const bool blown = onePressure || family == Family::Whistle || family == Family::Recorder || family == Family::Other;
    const double slope = p.blowSlope_cents.value_or(onePressure ? -40.0 : 0.0);
    const double slopeSd = p.blowSlopeSd_cents.value_or(blown ? 25.0 : 12.0);
    const bool edges = family == Family::Reed || family == Family::Horn;
    Eigen::VectorXd mean = Eigen::VectorXd::Zero(n);
    mean[put(Shared::Warmth)] = p.warmth;
    mean[put(Shared::WallLoss)] = p.wallLossLog;
    mean[put(Shared::Neighbours)] = p.neighbours;
    mean[put(Shared::BlowSlope)] = slope;
    mean[put(Shared::UndercutGain)] = edges ? p.edgeGain : 0.0;
    Eigen::VectorXd sd(n);
    sd << p.warmthSd, p.mouthLogSd, p.mouthSlopeSd, p.wallLossSd, p.holeEndSd, p.holeSpreadSd, p.holeSpreadSd, p.neighboursSd,
        p.holeGainSd, slopeSd, edges ? p.edgeGainSd : p.undercutGainSd, p.undercutGainSd, p.blowSd_cents, p.blowSd_cents,
        p.blowSd_cents;
    return {mean, sd.cwiseAbs2().asDiagonal()};
}

Result<Priors> learntFrom(const Priors& base, Family family, std::span<const SharedEstimate> fits)
{
    constexpr auto n = static_cast<Eigen::Index>(sharedCount);
    const SharedEstimate start = sharedOf(base, family);
    const Eigen::MatrixXd identity = Eigen::MatrixXd::Identity(n, n);
    const Eigen::MatrixXd before = start.covariance.inverse();
    std::vector<Said> said;
    for (const SharedEstimate& f : fits) {
        if (f.mean.size() != n || f.covariance.rows() != n || f.covariance.cols() != n || !f.mean.allFinite() ||
            !f.covariance.allFinite())
            return Error{ErrorCode::BadValue, "shop memory", FactId::EstimateOtherSize};
        const Eigen::LDLT<Eigen::MatrixXd> decomposed(f.covariance);
        if (decomposed.info() != Eigen::Success || !decomposed.isPositive())
            return Error{ErrorCode::BadValue, "shop memory", FactId::NoCovariance};
        said.push_back({withoutNegative(decomposed.solve(identity) - before), decomposed.solve(f.mean) - before * start.mean});
    }
    std::vector<Shop> shops;
    double most = -std::numeric_limits<double>::infinity();
    for (const double share : ownShares) {
        shops.push_back(shopWith(share, start, said));
        most = std::max(most, shops.back().likelihood);
    }
    // The mixture over the shares, by its mean and covariance.
    Eigen::VectorXd mean = Eigen::VectorXd::Zero(n);
    double whole = 0.0;
    for (const Shop& s : shops) {
        whole += std::exp(s.likelihood - most);
        mean += std::exp(s.likelihood - most) * s.mean;
    }
    mean /= whole;
    Eigen::MatrixXd covariance = Eigen::MatrixXd::Zero(n, n);
    for (const Shop& s : shops)
        covariance += std::exp(s.likelihood - most) / whole * (s.covariance + (s.mean - mean) * (s.mean - mean).transpose());
    Priors learnt = base;
    learnt.shared = SharedEstimate{mean, covariance};
    return learnt;
}

} // namespace dowel
