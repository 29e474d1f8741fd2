// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/thread_role.h"
#include "core/fit/placed.h"
#include "core/fit/shared.h"
#include "core/fit/unknowns.h"

#include <algorithm>
#include <cmath>
#include <mutex>
#include <numeric>

namespace dowel {

using acoustics::ParameterLayout;
using acoustics::Shape;
using fitting::Unknowns;

namespace {

std::vector<std::size_t> everyNote(const Instrument& shape)
{
    std::vector<std::size_t> notes(shape.spec().fingerings.size());
    std::iota(notes.begin(), notes.end(), std::size_t{0});
    return notes;
}

double played_K(const Instrument& shape)
{
    return shape.spec().tuning.playedAt.kelvin();
}

} // namespace

Unknowns Posterior::unknownsOf(const Instrument& shape) const
{
    Unknowns u = Unknowns::of(shape);
    u.drilled = m_drilled;
    return u;
}

/// What the shapes asked for last sound. A plan comes back to a third of its shapes: where a search began and ended, what
/// stands now, the next cut.
class Posterior::Known
{
public:
    [[nodiscard]] std::optional<fitting::Evaluated> of(const Instrument& shape)
    {
        const std::lock_guard lock(m_mutex);
        const auto at = std::find_if(m_latest.begin(), m_latest.end(), [&](const auto& known) { return known.first == shape; });
        if (at == m_latest.end())
            return std::nullopt;
        std::rotate(at, at + 1, m_latest.end());
        return m_latest.back().second;
    }
    void add(const Instrument& shape, const fitting::Evaluated& e)
    {
        constexpr std::size_t most = 32;
        const std::lock_guard lock(m_mutex);
        std::erase_if(m_latest, [&](const auto& known) { return known.first == shape; });
        if (m_latest.size() == most)
            m_latest.erase(m_latest.begin());
        m_latest.emplace_back(shape, e);
    }

private:
    std::mutex m_mutex;
    std::vector<std::pair<Instrument, fitting::Evaluated>> m_latest;
};

Posterior::Posterior() : m_known(std::make_shared<Known>()) {}

Result<fitting::Evaluated> Posterior::evaluated(const Instrument& shape, bool derivatives) const
{
    const auto known = m_known->of(shape);
    if (known && (!derivatives || !known->answers.empty()))
        return *known;
    const Unknowns u = unknownsOf(shape);
    const auto notes = everyNote(shape);
    auto e = DOWEL_TRY(known ? fitting::differentiated(shape, u, m_mean, played_K(shape), notes, *known)
                             : fitting::evaluate(shape, u, m_mean, played_K(shape), notes, derivatives));
    m_known->add(shape, e);
    return e;
}

Result<Posterior::Forecast> Posterior::forecast(const Instrument& shape) const
{
    enterDoor(Door::Forecast);
    auto e = DOWEL_TRY(evaluated(shape, true));
    return Forecast{std::move(e.cents), std::move(e.jacobian)};
}

Result<std::vector<double>> Posterior::cents(const Instrument& shape) const
{
    enterDoor(Door::Forecast);
    auto e = DOWEL_TRY(evaluated(shape, false));
    return std::move(e.cents);
}

Result<std::vector<double>> Posterior::movedBy(const Instrument& shape, const Instrument& changed) const
{
    const auto e = DOWEL_TRY(evaluated(shape, true));
    return fitting::movedBy(changed, unknownsOf(changed), m_mean, played_K(changed), everyNote(changed), e);
}

Posterior::Placed Posterior::placed(const Instrument& shape) const
{
    return fitting::placed(shape, unknownsOf(shape), m_mean, played_K(shape), 1);
}

double Posterior::blowingFactor() const
{
    return fitting::blowingFactor(m_mean[m_shared[static_cast<std::size_t>(Shared::BlowSlope)]]);
}

// Behind a hole of diameter D and undercut U stands the model's hole of D r and D r + g (U - D) r at the bore: r the root of the
// elongation (an oval hole is its equal-area circle), g the fitted gain of an undercut. So an enlargement that leaves U where it
// is takes g of the ramp away. What it opens counts by the fitted gain of opening.
Posterior::HoleSlopes Posterior::holeSlopes(const Instrument& shape, std::size_t hole, int registerNumber,
                                            const acoustics::NoteAnswer& answer) const
{
    const Unknowns u = unknownsOf(shape);
    return slopesOf(shape, fitting::placed(shape, u, m_mean, played_K(shape), registerNumber), hole,
                    std::exp(m_mean[u.undercutGain(registerNumber)]), answer);
}

Posterior::HoleSlopes Posterior::slopesOf(const Instrument& shape, const Placed& p, std::size_t hole, double gain,
                                          const acoustics::NoteAnswer& answer) const
{
    const ParameterLayout at(p.shape);
    const double opening = m_drilled.size() == shape.spec().holes.size() ? std::exp(m_mean[Unknowns::holeGain]) : 1.0;
    const Hole& h = shape.spec().holes[hole];
    const double round = std::sqrt(h.elongation);
    const double byDiameter = answer.centsPer[at.holeDiameter(hole)] * round;
    // As wide as the bore an undercut grows no further.
    const bool open = p.shape.holes[hole].undercut_m < boreDiameterAt(shape.spec().bore, h.at).metres();
    const double byInner = open ? answer.centsPer[at.holeUndercut(hole)] * round : 0.0;
    const bool ramp = h.undercutDiameter > h.diameter;
    return {byDiameter * opening + byInner * (ramp ? opening - gain : opening), (byDiameter + byInner) * opening, byInner * gain};
}

Result<Posterior::Sensitivity> Posterior::sensitivity(const Instrument& shape) const
{
    const Unknowns u = unknownsOf(shape);
    auto e = DOWEL_TRY(evaluated(shape, true));
    const auto& fingerings = shape.spec().fingerings;
    const auto rows = static_cast<Eigen::Index>(fingerings.size());
    const auto holes = static_cast<Eigen::Index>(u.holes);
    const Placed p = placed(shape);
    const Placed above = fitting::placed(shape, u, m_mean, played_K(shape), 2);
    Sensitivity s{std::move(e.cents),           Eigen::MatrixXd(rows, holes + 1), Eigen::MatrixXd(rows, holes),
                  Eigen::MatrixXd(rows, holes), Eigen::MatrixXd(rows, holes),     Eigen::VectorXd::Zero(rows),
                  Eigen::VectorXd::Zero(rows),  Eigen::VectorXd::Zero(rows),      {}};
    for (Eigen::Index row = 0; row < rows; ++row) {
        const auto& by = e.answers[static_cast<std::size_t>(row)].centsPer;
        const int registerNumber = fingerings[static_cast<std::size_t>(row)].registerNumber;
        const Placed& there = u.gainByRegister && registerNumber > 1 ? above : p;
        const double gain = std::exp(m_mean[u.undercutGain(registerNumber)]);
        for (std::size_t i = 0; i < u.holes; ++i) {
            const auto column = static_cast<Eigen::Index>(i);
            const HoleSlopes slopes = slopesOf(shape, there, i, gain, e.answers[static_cast<std::size_t>(row)]);
            s.perMetre(row, column) = slopes.enlarged;
            s.byShifted(row, column) = slopes.shifted;
            s.byUndercut(row, column) = slopes.undercut;
            s.byPlace(row, column) = e.jacobian(row, u.place(i));
        }
        s.perMetre(row, holes) = e.jacobian(row, Unknowns::foot);
        static_assert(acoustics::duct::length == acoustics::across::length);
        if (p.shape.mouth != Shape::Mouth::ClosedTop)
            s.byWindow[row] = by[ParameterLayout::excitation(acoustics::duct::length)];
        if (p.shape.mouth == Shape::Mouth::Transverse) {
            s.byWidth[row] = by[ParameterLayout::excitation(acoustics::across::width)];
            s.byStopper[row] = by[ParameterLayout::excitation(acoustics::across::stopper)];
        }
    }
    s.byUnknown = std::move(e.jacobian);
    return s;
}

SharedEstimate Posterior::shared() const
{
    SharedEstimate e = expectedShared();
    for (std::size_t i = 0; i < m_shared.size(); ++i) {
        if (m_shared[i] < 0)
            continue;
        e.mean[static_cast<Eigen::Index>(i)] = m_mean[m_shared[i]];
        for (std::size_t k = 0; k < m_shared.size(); ++k)
            if (m_shared[k] >= 0)
                e.covariance(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(k)) = m_covariance(m_shared[i], m_shared[k]);
    }
    return e;
}

SharedEstimate Posterior::expectedShared() const
{
    return m_priors.shared ? *m_priors.shared : sharedOf(m_priors, m_family);
}

double Posterior::gainByDoubting(std::size_t hole) const
{
    const Eigen::Index i = Unknowns::holeSize(hole);
    const double narrow = std::pow(m_priors.holeSizeSd_m, 2);
    const double wide = std::pow(m_priors.doubtSd_m, 2);
    const double v = m_covariance(i, i);
    // What the readings say without the prior: its share of the posterior's precision taken out.
    const double precision = 1.0 / v - 1.0 / narrow;
    if (!(precision > 0.0))
        return 0.0;
    const double alone = m_mean[i] / v / precision;
    return 0.5 * alone * alone * (1.0 / (1.0 / precision + narrow) - 1.0 / (1.0 / precision + wide));
}

Eigen::Index Posterior::placeOfHole(std::size_t hole)
{
    return Unknowns::holeSize(hole);
}

Eigen::Index Posterior::placeOfFoot()
{
    return Unknowns::foot;
}

double Posterior::holeShift_m(std::size_t hole) const
{
    return m_mean[Unknowns::holeSize(hole)];
}

} // namespace dowel
