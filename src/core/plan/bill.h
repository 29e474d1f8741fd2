// SPDX-License-Identifier: GPL-3.0-or-later
// What a shape costs: how far every note is off, what the work costs, what the school wishes besides. For plan.cpp alone.
#pragma once

#include "core/forecast/forecast.h"
#include "core/instrument/lattice.h"
#include "core/plan/levers.h"
#include "core/record/advice.h"
#include "core/solve/bounded.h"

#include <algorithm>
#include <cmath>

namespace dowel {

/// What a whole millimetre costs, in tolerances: work that hardly matters is left, and what is sure comes before what is
/// not.
[[nodiscard]] inline double price(Lever::Kind kind)
{
    switch (kind) {
    case Lever::Kind::Hole:
    case Lever::Kind::Foot: return 0.02;
    case Lever::Kind::Stopper: return 0.06;
    case Lever::Kind::Undercut: return 0.25;
    case Lever::Kind::Window:
    case Lever::Kind::Embouchure:
    case Lever::Kind::Fill:
    case Lever::Kind::Ream: break;
    }
    return 0.4;
}

/// Cents over tolerance, weighted, of the whole scale as a function of the levers in millimetres, and what moving them
/// costs: the sum of squares that the goal makes least.
class Bill
{
public:
    Bill(const Forecaster& forecaster, const Instrument& present, const std::vector<Lever>& levers,
         const std::vector<double>& aim, const School& school, const Cancel& cancel)
        : m_forecaster(&forecaster), m_present(&present), m_levers(&levers), m_aim(&aim), m_school(school), m_cancel(cancel)
    {
        m_present_mm.resize(static_cast<Eigen::Index>(levers.size()));
        m_price.resize(m_present_mm.size());
        for (std::size_t k = 0; k < levers.size(); ++k) {
            m_present_mm[static_cast<Eigen::Index>(k)] = standsAt(present, levers[k]).millimetres();
            m_price[static_cast<Eigen::Index>(k)] = price(levers[k].kind);
        }
    }
    [[nodiscard]] const Eigen::VectorXd& present_mm() const { return m_present_mm; }
    /// Residuals and their derivatives. Errors: OutOfModelRange, BadGeometry, Cancelled.
    [[nodiscard]] Result<Linearised> at(const Eigen::VectorXd& x_mm) const
    {
        if (m_cancel.requested())
            return Error{ErrorCode::Cancelled, "plan", ""};
        const Eigen::VectorXd values = x_mm * 1e-3;
        const auto shape = withLevers(*m_present, *m_levers, values);
        if (!shape)
            return shape.error();
        const Posterior& posterior = m_forecaster->posterior();
        const auto notes = static_cast<Eigen::Index>(m_aim->size());
        const Eigen::Index n = x_mm.size();
        // Notes, work, and once more the notes that come near the end of their tolerance: those that would come out sharp
        // most, for a flat one can still be mended.
        Eigen::VectorXd r = Eigen::VectorXd::Zero(2 * notes + n + likings());
        r.segment(notes, n) = m_price.cwiseProduct(x_mm - m_present_mm);
        constexpr double sharpIsDear = 3.0;
        constexpr double flatIsDear = 1.5;
        constexpr double from = 0.75; // of a tolerance
        std::vector<double> dear(static_cast<std::size_t>(notes), 0.0);
        const auto put = [&](const std::vector<double>& cents) {
            for (Eigen::Index i = 0; i < notes; ++i) {
                const double off = cents[static_cast<std::size_t>(i)];
                const double bound = from * m_present->spec().fingerings[static_cast<std::size_t>(i)].tolerance.cents();
                r[i] = (off - (*m_aim)[static_cast<std::size_t>(i)]) * force(i);
                const double beyond = off > bound ? off - bound : std::min(0.0, off + bound);
                dear[static_cast<std::size_t>(i)] = beyond > 0.0 ? sharpIsDear : beyond < 0.0 ? flatIsDear : 0.0;
                r[notes + n + i] = beyond * force(i) * dear[static_cast<std::size_t>(i)];
            }
        };
        const auto s = posterior.sensitivity(*shape);
        if (!s)
            return s.error();
        put(s->cents);
        Eigen::MatrixXd jacobian = Eigen::MatrixXd::Zero(r.size(), n);
        like(*shape, 2 * notes + n, r, jacobian);
        jacobian.middleRows(notes, n) = m_price.asDiagonal();
        for (Eigen::Index k = 0; k < n; ++k) {
            const auto column = byLever(*s, values, k);
            if (!column)
                return column.error();
            for (Eigen::Index i = 0; i < notes; ++i) {
                jacobian(i, k) = (*column)[i] * force(i) * 1e-3;
                jacobian(notes + n + i, k) = dear[static_cast<std::size_t>(i)] * jacobian(i, k);
            }
        }
        return Linearised{std::move(r), std::move(jacobian)};
    }

private:
    /// How many rows a school's own wishes take.
    [[nodiscard]] Eigen::Index likings() const
    {
        const auto holes = static_cast<Eigen::Index>(m_present->spec().holes.size());
        return (m_school.oneSize ? holes : 0) + (m_school.evenTimbre > 0.0 ? std::max<Eigen::Index>(0, holes - 3) : 0);
    }
    /// Holes of one size, and neighbours of one cutoff, in tolerances.
    void like(const Instrument& shape, Eigen::Index row, Eigen::VectorXd& r, Eigen::MatrixXd& jacobian) const
    {
        constexpr double alike = 8.0;    // of a hole a millimetre off the others' mean
        constexpr double evenest = 15.0; // of a cutoff an e-fold off its neighbour's
        const auto& holes = shape.spec().holes;
        const auto count = static_cast<double>(holes.size());
        const auto byHole = [&](std::size_t hole, double slope) {
            for (std::size_t k = 0; k < m_levers->size(); ++k)
                if ((*m_levers)[k].kind == Lever::Kind::Hole && (*m_levers)[k].hole == hole)
                    jacobian(row, static_cast<Eigen::Index>(k)) += slope;
        };
        if (m_school.oneSize) {
            double mean = 0.0;
            for (const Hole& h : holes)
                mean += h.diameter.millimetres() / count;
            for (std::size_t i = 0; i < holes.size(); ++i, ++row) {
                r[row] = alike * (holes[i].diameter.millimetres() - mean);
                for (std::size_t k = 0; k < holes.size(); ++k)
                    byHole(k, alike * ((k == i ? 1.0 : 0.0) - 1.0 / count));
            }
        }
        for (std::size_t i = 1; m_school.evenTimbre > 0.0 && i + 2 < holes.size(); ++i, ++row) {
            const double by = evenest * m_school.evenTimbre;
            const LatticeCutoff here = latticeCutoff(shape, i);
            const LatticeCutoff next = latticeCutoff(shape, i + 1);
            r[row] = by * (here.log - next.log);
            byHole(i, by * here.byDiameter_per_mm);
            byHole(i + 1, -by * next.byDiameter_per_mm);
        }
    }
    [[nodiscard]] double force(Eigen::Index note) const
    {
        const Fingering& f = m_present->spec().fingerings[static_cast<std::size_t>(note)];
        return std::sqrt(f.weight) / f.tolerance.cents();
    }
    [[nodiscard]] Result<Eigen::VectorXd> byLever(const Posterior::Sensitivity& s, const Eigen::VectorXd& values,
                                                  Eigen::Index which) const
    {
        const Lever& l = (*m_levers)[static_cast<std::size_t>(which)];
        switch (l.kind) {
        case Lever::Kind::Hole:
        case Lever::Kind::Fill: return Eigen::VectorXd(s.perMetre.col(static_cast<Eigen::Index>(l.hole)));
        case Lever::Kind::Undercut: return Eigen::VectorXd(s.byUndercut.col(static_cast<Eigen::Index>(l.hole)));
        case Lever::Kind::Foot: return Eigen::VectorXd(s.perMetre.col(s.perMetre.cols() - 1));
        case Lever::Kind::Window:
        case Lever::Kind::Embouchure: return s.byWindow;
        case Lever::Kind::Stopper: return s.byStopper;
        case Lever::Kind::Ream: break;
        }
        // A reamed stretch has other stations than the bore before: a small difference instead of a derivative.
        constexpr double little_m = 5e-5;
        Eigen::VectorXd wider = values;
        wider[which] += little_m;
        const auto shape = withLevers(*m_present, *m_levers, wider);
        if (!shape)
            return shape.error();
        const auto cents = m_forecaster->posterior().cents(*shape);
        if (!cents)
            return cents.error();
        Eigen::VectorXd column(static_cast<Eigen::Index>(cents->size()));
        for (std::size_t i = 0; i < cents->size(); ++i)
            column[static_cast<Eigen::Index>(i)] = ((*cents)[i] - s.cents[i]) / little_m;
        return column;
    }

    const Forecaster* m_forecaster;
    const Instrument* m_present;
    const std::vector<Lever>* m_levers;
    const std::vector<double>* m_aim;
    School m_school;
    Cancel m_cancel;
    Eigen::VectorXd m_present_mm;
    Eigen::VectorXd m_price;
};

} // namespace dowel
