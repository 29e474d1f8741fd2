// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/thread_role.h"
#include "core/fit/shared.h"
#include "core/fit/unknowns.h"

#include <cmath>
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

Result<Posterior::Forecast> Posterior::forecast(const Instrument& shape) const
{
    enterDoor(Door::Forecast);
    auto e = fitting::evaluate(shape, Unknowns::of(shape), m_mean, played_K(shape), everyNote(shape), true);
    if (!e)
        return e.error();
    return Forecast{std::move(e->cents), std::move(e->jacobian)};
}

Result<std::vector<double>> Posterior::cents(const Instrument& shape) const
{
    enterDoor(Door::Forecast);
    auto e = fitting::evaluate(shape, Unknowns::of(shape), m_mean, played_K(shape), everyNote(shape), false);
    if (!e)
        return e.error();
    return std::move(e->cents);
}

Posterior::Placed Posterior::placed(const Instrument& shape) const
{
    return fitting::placed(shape, Unknowns::of(shape), m_mean, played_K(shape), 1);
}

Result<Posterior::Sensitivity> Posterior::sensitivity(const Instrument& shape) const
{
    const Unknowns u = Unknowns::of(shape);
    auto e = fitting::evaluate(shape, u, m_mean, played_K(shape), everyNote(shape), true);
    if (!e)
        return e.error();
    const auto& fingerings = shape.spec().fingerings;
    const auto rows = static_cast<Eigen::Index>(fingerings.size());
    const auto holes = static_cast<Eigen::Index>(u.holes);
    const Placed p = placed(shape);
    const ParameterLayout at(p.shape);
    Sensitivity s{
        std::move(e->cents),         Eigen::MatrixXd(rows, holes + 1), Eigen::MatrixXd(rows, holes), Eigen::MatrixXd(rows, holes),
        Eigen::VectorXd::Zero(rows), Eigen::VectorXd::Zero(rows),      Eigen::VectorXd::Zero(rows),  {}};
    for (Eigen::Index row = 0; row < rows; ++row) {
        const auto& by = e->answers[static_cast<std::size_t>(row)].centsPer;
        const double ramp = std::exp(m_mean[u.undercutGain(fingerings[static_cast<std::size_t>(row)].registerNumber)]);
        for (std::size_t i = 0; i < u.holes; ++i) {
            const auto column = static_cast<Eigen::Index>(i);
            s.perMetre(row, column) = e->jacobian(row, u.holeSize(i));
            s.byPlace(row, column) = e->jacobian(row, u.place(i));
            s.byUndercut(row, column) = by[at.holeUndercut(i)] * ramp * std::sqrt(shape.spec().holes[i].elongation);
        }
        s.perMetre(row, holes) = e->jacobian(row, Unknowns::foot);
        if (p.shape.mouth != Shape::Mouth::ClosedTop)
            s.byWindow[row] = by[ParameterLayout::excitation(0)];
        if (p.shape.mouth == Shape::Mouth::Transverse) {
            s.byWidth[row] = by[ParameterLayout::excitation(1)];
            s.byStopper[row] = by[ParameterLayout::excitation(3)];
        }
    }
    s.byUnknown = std::move(e->jacobian);
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
