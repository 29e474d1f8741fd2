// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/telling.h"

#include "core/base/names.h"
#include "core/fit/unknowns.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

using fitting::Unknowns;

constexpr Names<Measurable, 7> measurableNames{{{Measurable::Bore, "bore"},
                                                {Measurable::Walls, "walls"},
                                                {Measurable::HoleSizes, "hole_sizes"},
                                                {Measurable::HolePlaces, "hole_places"},
                                                {Measurable::Length, "length"},
                                                {Measurable::MouthVolume, "mouth_volume"},
                                                {Measurable::BareTube, "bare_tube"}}};

// Errors of a careful maker, one sigma. Common practice, no source: a plug gauge in the bore, calipers on wall and holes, a rule
// with a loupe on places and length, a syringe of water in a mouthpiece, a tuner at a tube that was blown three times.
constexpr double boreShare = 0.0015;
constexpr double wall_m = 1e-4;
constexpr double holeSize_m = 3e-5;
constexpr double place_m = 1e-4;
constexpr double length_m = 1e-4;
constexpr double volumeShare = 0.03;
constexpr double blown_cents = 4.0;

/// What a measure reads: each row a combination of unknowns, and its error.
struct Measure
{
    Eigen::MatrixXd reads;
    Eigen::VectorXd error;
};

/// One row for each of these unknowns, read by itself.
Measure each(const std::vector<Eigen::Index>& unknowns, const Unknowns& u, const std::vector<double>& error)
{
    const auto rows = static_cast<Eigen::Index>(unknowns.size());
    Measure m{Eigen::MatrixXd::Zero(rows, u.lasting()), Eigen::VectorXd(rows)};
    for (Eigen::Index i = 0; i < rows; ++i) {
        m.reads(i, unknowns[static_cast<std::size_t>(i)]) = 1.0;
        m.error[i] = error[static_cast<std::size_t>(i)];
    }
    return m;
}

/// The bare tube as the lowest note is, without what its holes do and what that note has of its own.
Measure bareTube(const Eigen::RowVectorXd& lowest, std::size_t note, const Unknowns& u)
{
    Measure m{lowest, Eigen::VectorXd::Constant(1, blown_cents)};
    for (std::size_t i = 0; i < u.holes; ++i)
        for (const Eigen::Index of : {Unknowns::holeSize(i), u.chimney(i), u.place(i)})
            m.reads(0, of) = 0.0;
    for (const Eigen::Index of : {Unknowns::holeEnd, Unknowns::holeSpread, Unknowns::holeSpread + 1, Unknowns::neighbours})
        m.reads(0, of) = 0.0;
    m.reads(0, u.note(note)) = 0.0;
    return m;
}

std::vector<std::pair<Measurable, Measure>> measuresOf(const Posterior& posterior, const Instrument& shape,
                                                       const Eigen::MatrixXd& jacobian)
{
    const Unknowns u = Unknowns::of(shape);
    const auto& holes = shape.spec().holes;
    std::vector<Eigen::Index> walls{};
    std::vector<Eigen::Index> sizes{};
    std::vector<Eigen::Index> places{};
    std::vector<double> wallErrors{};
    for (std::size_t i = 0; i < holes.size(); ++i) {
        walls.push_back(u.chimney(i));
        wallErrors.push_back(wall_m / holes[i].chimney.metres());
        sizes.push_back(Unknowns::holeSize(i));
        places.push_back(u.place(i));
    }
    const auto alike = [&holes](double error) {
        return std::vector<double>(holes.size(), error);
    };
    std::vector<std::pair<Measurable, Measure>> all{{Measurable::Bore, each({Unknowns::boreScale}, u, {boreShare})},
                                                    {Measurable::Walls, each(walls, u, wallErrors)},
                                                    {Measurable::HoleSizes, each(sizes, u, alike(holeSize_m))},
                                                    {Measurable::HolePlaces, each(places, u, alike(place_m))},
                                                    {Measurable::Length, each({Unknowns::foot}, u, {length_m})}};
    if (std::holds_alternative<ClosedTop>(shape.spec().excitation))
        all.emplace_back(Measurable::MouthVolume, each({Unknowns::mouthLog}, u, {volumeShare}));
    const auto& fingerings = shape.spec().fingerings;
    const bool heard =
        std::any_of(posterior.lastHeard().begin(), posterior.lastHeard().end(), [](int shapeHeard) { return shapeHeard >= 0; });
    const auto lowest = std::find_if(fingerings.begin(), fingerings.end(), [&](const Fingering& f) {
        return f.registerNumber == 1 && f.closed.size() == holes.size();
    });
    if (!heard && lowest != fingerings.end())
        all.emplace_back(Measurable::BareTube, bareTube(jacobian.row(lowest - fingerings.begin()),
                                                        static_cast<std::size_t>(lowest - fingerings.begin()), u));
    std::erase_if(all, [](const auto& m) { return m.second.error.size() == 0; });
    return all;
}

} // namespace

std::string_view measurableName(Measurable what)
{
    return nameIn(measurableNames, what);
}

Result<std::optional<Telling>> measureThatTells(const Posterior& posterior, const Instrument& shape)
{
    const auto forecast = DOWEL_TRY(posterior.forecast(shape));
    const Eigen::Index n = forecast.jacobian.cols();
    const Eigen::MatrixXd belief = posterior.covariance().topLeftCorner(n, n);
    const Eigen::VectorXd before = (forecast.jacobian * belief * forecast.jacobian.transpose()).diagonal();
    std::optional<Telling> best;
    double most = 0.0;
    constexpr double leastGain_cents = 1.0;
    constexpr double leastShare = 0.1;
    for (const auto& [what, measure] : measuresOf(posterior, shape, forecast.jacobian)) {
        Eigen::MatrixXd seen = measure.reads * belief * measure.reads.transpose();
        seen.diagonal() += measure.error.cwiseAbs2();
        const Eigen::MatrixXd shared = measure.reads * belief * forecast.jacobian.transpose();
        const Eigen::VectorXd known = shared.cwiseProduct(seen.llt().solve(shared)).colwise().sum();
        Eigen::Index note = 0;
        (before.cwiseSqrt() - (before - known).cwiseMax(0.0).cwiseSqrt()).maxCoeff(&note);
        const double spread = std::sqrt(before[note]);
        const double then = std::sqrt(std::max(0.0, before[note] - known[note]));
        if (known.sum() <= most || spread - then < std::max(leastGain_cents, leastShare * spread))
            continue;
        most = known.sum();
        best = Telling{what, shape.spec().fingerings[static_cast<std::size_t>(note)].id, Cents::fromCents(spread),
                       Cents::fromCents(then)};
    }
    return best;
}

} // namespace dowel
