// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/goal.h"

#include "core/base/cases.h"
#include "core/instrument/lattice.h"
#include "core/solve/bounded.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace dowel {

struct GoalSearch::Point
{
    Quadratic whole;
    Eigen::MatrixXd slopes; ///< cents a millimetre, one row a note
    std::vector<double> cents;
};

namespace {

struct Bounds
{
    Eigen::VectorXd low;
    Eigen::VectorXd high;
};
Bounds boundsOf(const std::vector<Lever>& levers)
{
    const auto n = static_cast<Eigen::Index>(levers.size());
    Bounds b{Eigen::VectorXd(n), Eigen::VectorXd(n)};
    for (Eigen::Index k = 0; k < n; ++k) {
        b.low[k] = levers[static_cast<std::size_t>(k)].low.millimetres();
        b.high[k] = levers[static_cast<std::size_t>(k)].high.millimetres();
    }
    return b;
}

Eigen::VectorXd presentOf(const Instrument& present, const std::vector<Lever>& levers)
{
    Eigen::VectorXd x(static_cast<Eigen::Index>(levers.size()));
    for (std::size_t k = 0; k < levers.size(); ++k)
        x[static_cast<Eigen::Index>(k)] = standsAt(present, levers[k]).millimetres();
    return x;
}

} // namespace

Result<Eigen::VectorXd> GoalSearch::slopeOf(const std::vector<Lever>& levers, const Posterior::Sensitivity& s,
                                            const Instrument& shape, const Eigen::VectorXd& values_m, std::size_t which) const
{
    const Cut& cut = levers[which].cut;
    const auto ofHole = [&shape, &cut](const Eigen::MatrixXd& byHole) -> Eigen::VectorXd {
        return byHole.col(static_cast<Eigen::Index>(holeIndexOf(shape.spec(), {Enlarge{*holeOf(cut), {}}})));
    };
    switch (factsOf(cut).lever.slope) {
    case LeverFacts::Slope::HoleSize: {
        // Where its undercut is opened as well it stays as wide beyond the hole; otherwise the cut leaves it where it is.
        const auto id = holeOf(cut);
        const bool withRamp =
            std::any_of(levers.begin(), levers.end(),
                        [&](const Lever& other) { return isLever<Undercut>(other) && holeOf(other.cut) == id; }) &&
            shape.find(*id)->undercutDiameter > m_present.find(*id)->undercutDiameter;
        return ofHole(withRamp ? s.byShifted : s.perMetre);
    }
    case LeverFacts::Slope::HoleUndercut: return ofHole(s.byUndercut);
    case LeverFacts::Slope::End: return Eigen::VectorXd(s.perMetre.rightCols<1>());
    case LeverFacts::Slope::Window: return s.byWindow;
    case LeverFacts::Slope::Mouth: {
        const auto& lip = std::get<Transverse>(shape.spec().excitation);
        return Eigen::VectorXd(s.byWindow + s.byWidth * (lip.holeWidth.metres() / lip.holeLength.metres()));
    }
    case LeverFacts::Slope::Stopper: return s.byStopper;
    case LeverFacts::Slope::Difference: break;
    }
    // A reamed stretch has other stations than the bore before: no derivative, what a little more of it does.
    constexpr double little_m = 5e-5;
    Eigen::VectorXd wider = values_m;
    wider[static_cast<Eigen::Index>(which)] += little_m;
    const auto moved = DOWEL_TRY(withLevers(m_present, levers, wider));
    const auto cents = DOWEL_TRY(m_forecaster->posterior().movedBy(shape, moved));
    return Eigen::VectorXd(Eigen::Map<const Eigen::VectorXd>(cents.data(), std::ssize(cents)) / little_m);
}

void GoalSearch::addWork(const std::vector<Lever>& levers, const Eigen::VectorXd& x_mm, Point& p) const
{
    const Eigen::VectorXd present = presentOf(m_present, levers);
    for (Eigen::Index k = 0; k < x_mm.size(); ++k) {
        const double cost = std::pow(factsOf(levers[static_cast<std::size_t>(k)].cut).lever.price, 2);
        const double moved = x_mm[k] - present[k];
        p.whole.value += 0.5 * cost * moved * moved;
        p.whole.gradient[k] += cost * moved;
        p.whole.hessian(k, k) += cost;
    }
}

void GoalSearch::addLikings(const std::vector<Lever>& levers, const Instrument& shape, Point& p) const
{
    constexpr double alike = 8.0;    // of a hole a millimetre off the others' mean
    constexpr double evenest = 15.0; // of a cutoff an e-fold off its neighbour's
    const auto& holes = shape.spec().holes;
    const Eigen::Index n = p.whole.gradient.size();
    const auto add = [&](double residual, const std::vector<std::pair<std::size_t, double>>& byHole) {
        Eigen::VectorXd row = Eigen::VectorXd::Zero(n);
        for (const auto& [hole, slope] : byHole)
            for (std::size_t k = 0; k < levers.size(); ++k)
                if (isLever<Enlarge>(levers[k]) && holeIndexOf(m_present.spec(), levers[k]) == hole)
                    row[static_cast<Eigen::Index>(k)] += slope;
        p.whole.value += 0.5 * residual * residual;
        p.whole.gradient += residual * row;
        p.whole.hessian += row * row.transpose();
    };
    if (m_strategy.oneSize) {
        const auto count = static_cast<double>(holes.size());
        double mean = 0.0;
        for (const Hole& h : holes)
            mean += h.diameter.millimetres() / count;
        for (std::size_t i = 0; i < holes.size(); ++i) {
            std::vector<std::pair<std::size_t, double>> by;
            for (std::size_t k = 0; k < holes.size(); ++k)
                by.emplace_back(k, alike * ((k == i ? 1.0 : 0.0) - 1.0 / count));
            add(alike * (holes[i].diameter.millimetres() - mean), by);
        }
    }
    for (std::size_t i = 1; m_strategy.evenTimbre > 0.0 && i + 2 < holes.size(); ++i) {
        const double by = evenest * m_strategy.evenTimbre;
        const LatticeCutoff here = latticeCutoff(shape, i);
        const LatticeCutoff next = latticeCutoff(shape, i + 1);
        add(by * (here.log - next.log), {{i, by * here.byDiameter_per_mm}, {i + 1, -by * next.byDiameter_per_mm}});
    }
}

Result<GoalSearch::Point> GoalSearch::at(const std::vector<Lever>& levers, const Eigen::VectorXd& x_mm) const
{
    if (m_cancel.requested())
        return Error{ErrorCode::Cancelled, "plan", {}};
    const Eigen::VectorXd values_m = x_mm * 1e-3;
    const auto shape = DOWEL_TRY(withLevers(m_present, levers, values_m));
    auto s = DOWEL_TRY(m_forecaster->posterior().sensitivity(shape));
    const auto notes = static_cast<Eigen::Index>(s.cents.size());
    Point p;
    p.slopes.resize(notes, x_mm.size());
    for (std::size_t k = 0; k < levers.size(); ++k) {
        const auto column = DOWEL_TRY(slopeOf(levers, s, shape, values_m, k));
        p.slopes.col(static_cast<Eigen::Index>(k)) = column * 1e-3;
    }
    Eigen::VectorXd slope(notes);
    Eigen::VectorXd curvature(notes);
    for (Eigen::Index i = 0; i < notes; ++i) {
        const WithinLoss w = m_aim.at(static_cast<std::size_t>(i), s.cents[static_cast<std::size_t>(i)]);
        p.whole.value += w.value;
        slope[i] = w.slope;
        curvature[i] = w.curvature;
    }
    p.whole.gradient = p.slopes.transpose() * slope;
    p.whole.hessian = p.slopes.transpose() * curvature.asDiagonal() * p.slopes;
    p.cents = std::move(s.cents);
    addWork(levers, x_mm, p);
    addLikings(levers, shape, p);
    return p;
}

Result<Goal> GoalSearch::goalAt(const std::vector<Lever>& levers, const Eigen::VectorXd& x_mm) const
{
    const Eigen::VectorXd values_m = x_mm * 1e-3;
    auto shape = DOWEL_TRY(withLevers(m_present, levers, values_m));
    auto cents = DOWEL_TRY(m_forecaster->posterior().cents(shape));
    const double loss = m_aim.loss(cents);
    return Goal{std::move(shape), levers, values_m, std::move(cents), loss};
}

Result<Goal> GoalSearch::best(const std::vector<Lever>& levers, const Goal* from) const
{
    Eigen::VectorXd start = presentOf(m_present, levers);
    for (std::size_t k = 0; from != nullptr && k < levers.size(); ++k)
        for (std::size_t i = 0; i < from->levers.size(); ++i)
            if (sameLever(levers[k], from->levers[i]))
                start[static_cast<Eigen::Index>(k)] = from->values_m[static_cast<Eigen::Index>(i)] * 1e3;
    if (levers.empty())
        return goalAt(levers, start);
    const Bounds b = boundsOf(levers);
    MinimumOptions options;
    options.nothing = 4e-3; // of a logarithm of a chance
    const auto x = minimumWithin(
        [&](const Eigen::VectorXd& at_mm) -> Result<Quadratic> {
            auto p = DOWEL_TRY(at(levers, at_mm));
            return std::move(p.whole);
        },
        start, b.low, b.high, options);
    if (!x)
        return x.error();
    return goalAt(levers, x->at); // where it has not settled as good as any seen: every cut towards it is weighed by itself
}

Result<Goal> GoalSearch::withFewestLevers(const Goal& goal, const std::function<double(const Lever&)>& worth) const
{
    const auto n = static_cast<Eigen::Index>(goal.levers.size());
    if (n == 0)
        return goal;
    const Eigen::VectorXd x0 = goal.values_m * 1e3;
    const auto p = DOWEL_TRY(at(goal.levers, x0));
    const Eigen::VectorXd present = presentOf(m_present, goal.levers);
    Bounds b = boundsOf(goal.levers);
    // What is well inside has hardly any curvature: a little keeps the reckoning from running away.
    Eigen::MatrixXd h = p.whole.hessian;
    Eigen::VectorXd extra(p.slopes.rows());
    for (Eigen::Index i = 0; i < extra.size(); ++i) {
        const NoteAim& note = m_aim.notes[static_cast<std::size_t>(i)];
        constexpr double share = 0.5;
        const double full = note.weight / (note.spread_cents * note.spread_cents);
        const double have = m_aim.at(static_cast<std::size_t>(i), p.cents[static_cast<std::size_t>(i)]).curvature;
        extra[i] = note.tolerance_cents > 0.0 ? std::max(0.0, share * full - have) : 0.0;
    }
    h += p.slopes.transpose() * extra.asDiagonal() * p.slopes;
    const auto quadratic = [&](const Eigen::VectorXd& x) {
        const Eigen::VectorXd d = x - x0;
        return p.whole.gradient.dot(d) + 0.5 * d.dot(h * d);
    };
    std::vector<Eigen::Index> order(static_cast<std::size_t>(n));
    std::iota(order.begin(), order.end(), Eigen::Index{0});
    const auto moves = [&](Eigen::Index k) {
        return std::abs(x0[k] - present[k]) * p.slopes.col(k).norm();
    };
    std::stable_sort(order.begin(), order.end(), [&](Eigen::Index a, Eigen::Index c) { return moves(a) < moves(c); });
    Eigen::VectorXd x = x0;
    double cost = 0.0;
    bool fewer = false;
    for (const Eigen::Index k : order) {
        const double low = b.low[k];
        const double high = b.high[k];
        b.low[k] = b.high[k] = present[k];
        Eigen::VectorXd from = x;
        from[k] = present[k];
        const Eigen::VectorXd g = p.whole.gradient + h * (from - x0);
        const Eigen::VectorXd there = from + boundedStep(h, g, from, b.low, b.high);
        const double then = quadratic(there);
        if (then - cost <= worth(goal.levers[static_cast<std::size_t>(k)])) {
            fewer = fewer || x0[k] != present[k];
            x = there;
            cost = then;
        } else {
            b.low[k] = low;
            b.high[k] = high;
        }
    }
    if (!fewer)
        return goal;
    std::vector<Lever> kept;
    double allowed = 0.0;
    for (Eigen::Index k = 0; k < n; ++k) {
        const Lever& l = goal.levers[static_cast<std::size_t>(k)];
        if (b.low[k] == b.high[k] && b.low[k] == present[k])
            allowed += worth(l);
        else
            kept.push_back(l);
    }
    auto less = DOWEL_TRY(best(kept, &goal));
    constexpr double more = 1.5; // the quadratic's own error
    if (less.loss - goal.loss <= more * allowed)
        return less;
    return goal;
}

Result<Eigen::VectorXd> nearestTo(const Forecaster& forecaster, const Instrument& present, const std::vector<Lever>& levers,
                                  const std::vector<double>& offsets_cents, const TuningStrategy& strategy, const Cancel& cancel)
{
    const GoalSearch search(forecaster, present, straightAim(present, offsets_cents), strategy, cancel);
    auto goal = DOWEL_TRY(search.best(levers));
    return std::move(goal.values_m);
}

} // namespace dowel
