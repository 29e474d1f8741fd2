// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/marking.h"

#include <Eigen/Core>
#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

/// Which of the two marks: one a hole, and the tube's.
struct Chosen
{
    std::vector<bool> holes;
    bool tube = false;
};

class Marker
{
public:
    Marker(const Layout& layout, const Eigen::MatrixXd& byPlace, const MarkedRow& row)
        : m_byPlace(byPlace), m_row(row), m_weights(byPlace.rows())
    {
        const auto& chart = layout.goal.spec().fingerings;
        for (Eigen::Index i = 0; i < m_weights.size(); ++i)
            m_weights[i] = chart[static_cast<std::size_t>(i)].weight;
    }
    [[nodiscard]] Chosen nearest() const
    {
        const auto nearer = [](const MarksBeside& m) {
            return std::abs(m[1].metres()) < std::abs(m[0].metres());
        };
        Chosen chosen;
        for (const MarksBeside& m : m_row.holes)
            chosen.holes.push_back(nearer(m));
        chosen.tube = m_row.tube && nearer(*m_row.tube);
        return chosen;
    }
    [[nodiscard]] Chosen together() const
    {
        Chosen best = settled(nearest());
        Chosen other = nearest();
        other.tube = !other.tube;
        if (m_row.tube && cost(settled(other)) < cost(best))
            best = settled(other);
        return best;
    }
    [[nodiscard]] Marking of(const Chosen& chosen) const
    {
        Marking marking;
        marking.tubeOff = tubeOff(chosen);
        for (std::size_t i = 0; i < chosen.holes.size(); ++i) {
            const Eigen::VectorXd own = movedBy(i, chosen);
            Eigen::Index at = 0;
            if (own.size() > 0)
                own.cwiseAbs().maxCoeff(&at);
            marking.off.push_back(m_row.holes[i][chosen.holes[i] ? 1 : 0]);
            marking.moved.push_back(Cents::fromCents(own.size() > 0 ? own[at] : 0.0));
        }
        const Eigen::VectorXd all = moved(chosen);
        marking.worst = Cents::fromCents(all.size() > 0 ? all.cwiseAbs().maxCoeff() : 0.0);
        return marking;
    }

private:
    [[nodiscard]] Metres tubeOff(const Chosen& chosen) const
    {
        return m_row.tube ? (*m_row.tube)[chosen.tube ? 1 : 0] : Metres{};
    }
    /// Cents a note; a hole further from the foot is sharper, one on a longer tube flatter.
    [[nodiscard]] Eigen::VectorXd movedBy(std::size_t hole, const Chosen& chosen) const
    {
        const Metres footwards = tubeOff(chosen) - m_row.holes[hole][chosen.holes[hole] ? 1 : 0];
        return m_byPlace.col(static_cast<Eigen::Index>(hole)) * footwards.metres();
    }
    [[nodiscard]] Eigen::VectorXd moved(const Chosen& chosen) const
    {
        Eigen::VectorXd all = Eigen::VectorXd::Zero(m_byPlace.rows());
        for (std::size_t i = 0; i < chosen.holes.size(); ++i)
            all += movedBy(i, chosen);
        return all;
    }
    [[nodiscard]] double cost(const Chosen& chosen) const { return m_weights.dot(moved(chosen).cwiseAbs2()); }
    /// With the tube's mark as it is.
    [[nodiscard]] Chosen settled(const Chosen& from) const
    {
        constexpr std::size_t most = 14;
        return from.holes.size() <= most ? bestOfAll(from) : mended(from);
    }
    [[nodiscard]] Chosen bestOfAll(const Chosen& from) const
    {
        Chosen best = from;
        double least = cost(best);
        Chosen chosen = from;
        for (unsigned choice = 0; choice < 1U << from.holes.size(); ++choice) {
            for (std::size_t i = 0; i < chosen.holes.size(); ++i)
                chosen.holes[i] = (choice >> i & 1U) != 0;
            const double now = cost(chosen);
            if (now < least - nothing) {
                least = now;
                best = chosen;
            }
        }
        return best;
    }
    [[nodiscard]] Chosen mended(Chosen chosen) const
    {
        double least = cost(chosen);
        for (bool better = true; better;) {
            better = false;
            for (std::size_t i = 0; i < chosen.holes.size(); ++i) {
                chosen.holes[i] = !chosen.holes[i];
                const double now = cost(chosen);
                if (now < least - nothing) {
                    least = now;
                    better = true;
                } else {
                    chosen.holes[i] = !chosen.holes[i];
                }
            }
        }
        return chosen;
    }
    static constexpr double nothing = 1e-12;
    const Eigen::MatrixXd& m_byPlace;
    const MarkedRow& m_row;
    Eigen::VectorXd m_weights;
};

} // namespace

Result<Markings> markingsFor(const Layout& layout, const MarkedRow& row)
{
    const std::size_t holes = layout.goal.spec().holes.size();
    if (row.holes.size() != holes)
        return Error{ErrorCode::BadGeometry, "marks", {FactId::HolesOfFingerings, row.holes.size(), holes}};
    const auto posterior = DOWEL_TRY(Posterior::prior(layout.goal, layout.priors));
    const auto s = DOWEL_TRY(posterior.sensitivity(layout.goal));
    const Marker marker(layout, s.byPlace, row);
    return Markings{marker.of(marker.nearest()), marker.of(marker.together())};
}

} // namespace dowel
