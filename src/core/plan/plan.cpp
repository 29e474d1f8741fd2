// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"

#include "core/shop/drawer.h"

#include <algorithm>
#include <ceres/ceres.h>
#include <cmath>
#include <set>

namespace dowel {

namespace {

/// Sizes that the plan moves: hole diameters in the order of the specification, then the tube's length; metres.
using Sizes = Eigen::VectorXd;

Sizes sizesOf(const Instrument& instrument)
{
    const auto& holes = instrument.spec().holes;
    Sizes s(static_cast<Eigen::Index>(holes.size()) + 1);
    for (std::size_t i = 0; i < holes.size(); ++i)
        s[static_cast<Eigen::Index>(i)] = holes[i].diameter.metres();
    s[s.size() - 1] = instrument.length().metres();
    return s;
}

/// The cut that brings one of the sizes to a value.
Cut cutTo(const Instrument& instrument, Eigen::Index which, Metres size)
{
    const auto& holes = instrument.spec().holes;
    if (which == static_cast<Eigen::Index>(holes.size()))
        return TrimFoot{size};
    return Enlarge{holes[static_cast<std::size_t>(which)].id, size};
}

Result<Instrument> withSizes(Instrument instrument, const Sizes& sizes)
{
    for (Eigen::Index i = 0; i < sizes.size(); ++i) {
        const Cut cut = cutTo(instrument, i, Metres::fromMetres(sizes[i]));
        const bool foot = i + 1 == sizes.size();
        const double now = presentSize(instrument, cut)->metres();
        if (foot ? sizes[i] >= now : sizes[i] <= now)
            continue;
        auto next = applied(instrument, cut);
        if (!next)
            return next.error();
        instrument = std::move(*next);
    }
    return instrument;
}

/// Cents over tolerance, weighted, of the whole scale as a function of the sizes.
class ScaleCost : public ceres::CostFunction
{
public:
    ScaleCost(const Forecaster& forecaster, const Instrument& present, const std::vector<double>& aim, const Cancel& cancel)
        : m_forecaster(&forecaster), m_present(&present), m_aim(&aim), m_cancel(cancel)
    {
        set_num_residuals(static_cast<int>(aim.size()));
        mutable_parameter_block_sizes()->push_back(static_cast<int>(present.spec().holes.size()) + 1);
    }
    bool Evaluate(double const* const* parameters, double* residuals, double** jacobians) const override
    {
        if (m_cancel.requested())
            return false;
        const Sizes sizes = Eigen::Map<const Sizes>(parameters[0], parameter_block_sizes()[0]) * 1e-3;
        const auto shape = withSizes(*m_present, sizes);
        if (!shape)
            return false;
        const Posterior& posterior = m_forecaster->posterior();
        const auto& fingerings = m_present->spec().fingerings;
        const auto scale = [&](std::size_t i) {
            return std::sqrt(fingerings[i].weight) / fingerings[i].tolerance.cents();
        };
        const auto put = [&](const std::vector<double>& cents) {
            for (std::size_t i = 0; i < fingerings.size(); ++i)
                residuals[i] = (cents[i] - (*m_aim)[i]) * scale(i);
        };
        if (jacobians == nullptr || jacobians[0] == nullptr) {
            const auto cents = posterior.cents(*shape);
            if (cents)
                put(*cents);
            return cents.ok();
        }
        const auto s = posterior.sensitivity(*shape);
        if (!s)
            return false;
        put(s->cents);
        Eigen::Map<Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor>> j(jacobians[0], s->perMetre.rows(),
                                                                                             s->perMetre.cols());
        for (Eigen::Index i = 0; i < j.rows(); ++i)
            j.row(i) = s->perMetre.row(i) * scale(static_cast<std::size_t>(i)) * 1e-3;
        return true;
    }

private:
    const Forecaster* m_forecaster;
    const Instrument* m_present;
    const std::vector<double>* m_aim;
    Cancel m_cancel;
};

/// A price for removing: keeps sizes that hardly matter where they are.
class WorkCost : public ceres::CostFunction
{
public:
    explicit WorkCost(Sizes present) : m_present(std::move(present))
    {
        set_num_residuals(static_cast<int>(m_present.size()));
        mutable_parameter_block_sizes()->push_back(static_cast<int>(m_present.size()));
    }
    bool Evaluate(double const* const* parameters, double* residuals, double** jacobians) const override
    {
        // A whole millimetre costs as much as a fiftieth of a tolerance.
        constexpr double perMillimetre = 0.02;
        const Eigen::Index n = m_present.size();
        for (Eigen::Index i = 0; i < n; ++i) {
            residuals[i] = perMillimetre * (parameters[0][i] - 1e3 * m_present[i]);
            if (jacobians != nullptr && jacobians[0] != nullptr)
                for (Eigen::Index k = 0; k < n; ++k)
                    jacobians[0][i * n + k] = i == k ? perMillimetre : 0.0;
        }
        return true;
    }

private:
    Sizes m_present;
};

/// A note heard so often on one shape is known as well as it will be.
constexpr int enoughHere = 3;

class Planner
{
public:
    Planner(const Workbook& book, Forecaster forecaster, const PlanOptions& options, const Cancel& cancel)
        : m_book(&book),
          m_forecaster(std::move(forecaster)),
          m_options(options),
          m_cancel(cancel),
          m_fingerings(&book.present().spec().fingerings)
    {
    }

    Result<Advice> advice();

private:
    struct Candidate
    {
        Eigen::Index which;
        AdviceStep step;
        Instrument after;
    };

    void summarise(Advice& advice) const;
    [[nodiscard]] std::vector<FingeringId> neverHeard() const;
    [[nodiscard]] std::vector<FingeringId> worthHearing(const std::vector<NoteState>& states) const;
    [[nodiscard]] Result<std::optional<Contradiction>> contradiction() const;
    [[nodiscard]] bool allSafelyIn() const;
    [[nodiscard]] int heardHere(std::size_t note) const;
    [[nodiscard]] Result<std::vector<double>> aims(const std::vector<NoteState>& atGoal) const;
    [[nodiscard]] bool heardSinceCut(Eigen::Index which) const;
    [[nodiscard]] std::size_t ownNote(const Posterior::Sensitivity& s, Eigen::Index which) const;
    [[nodiscard]] Result<std::optional<Candidate>> candidate(const Instrument& present, const std::vector<NoteState>& now,
                                                             Eigen::Index which, Metres goal, std::size_t own,
                                                             const std::vector<double>& ceiling) const;
    [[nodiscard]] double cost(const std::vector<NoteState>& states) const;
    [[nodiscard]] std::vector<LeftOver> leftOvers(const std::vector<NoteState>& states) const;
    [[nodiscard]] std::vector<NoteForecast> forecastOf(const std::vector<NoteState>& before,
                                                       const std::vector<NoteState>& after) const;

    const Workbook* m_book;
    Forecaster m_forecaster;
    PlanOptions m_options;
    Cancel m_cancel;
    const std::vector<Fingering>* m_fingerings;
    mutable std::set<std::size_t> m_inTheWay; ///< notes too little known to let a step through
};

void Planner::summarise(Advice& advice) const
{
    const auto& now = m_forecaster.now();
    double squares = 0.0;
    for (std::size_t i = 0; i < now.size(); ++i) {
        squares += now[i].cents * now[i].cents;
        if (std::abs(now[i].cents) > std::abs(advice.worst.cents()))
            advice.worst = Cents::fromCents(now[i].cents);
        advice.withinTolerance += std::abs(now[i].cents) <= (*m_fingerings)[i].tolerance.cents() ? 1 : 0;
    }
    advice.of = static_cast<int>(now.size());
    advice.rms = Cents::fromCents(now.empty() ? 0.0 : std::sqrt(squares / static_cast<double>(now.size())));
}

std::vector<FingeringId> Planner::neverHeard() const
{
    std::vector<FingeringId> ids;
    for (std::size_t i = 0; i < m_fingerings->size(); ++i)
        if (m_forecaster.posterior().lastHeard()[i] < 0)
            ids.push_back((*m_fingerings)[i].id);
    return ids;
}

/// Notes that have moved since they were heard, or were never known well.
std::vector<FingeringId> Planner::worthHearing(const std::vector<NoteState>& states) const
{
    std::vector<FingeringId> ids;
    for (std::size_t i = 0; i < states.size(); ++i) {
        const auto& heard = m_forecaster.waySinceHeard()[i];
        const double way = heard.value_or(0.0) + std::abs(states[i].cents - m_forecaster.now()[i].cents);
        const bool blurred = way > 0.0 && states[i].sd > m_options.littleKnown_cents;
        if (!heard || way > m_options.staleMove_cents || blurred)
            ids.push_back((*m_fingerings)[i].id);
    }
    return ids;
}

/// Whether readings and measures fit together. Where something stands far out, every hole is doubted in turn; the one
/// whose freedom explains most is named, if it explains enough.
Result<std::optional<Contradiction>> Planner::contradiction() const
{
    using Found = std::optional<Contradiction>;
    constexpr double suspicious = 2.2;   // prior standard deviations of a bias, a hole or the warmth
    constexpr double farOff = 6.0;       // standard deviations of a reading
    constexpr double explains = 8.0;     // of half the squares: four standard deviations
    constexpr double mistake_m = 0.0004; // smaller errors of a hole are calipers'
    const Posterior& p = m_forecaster.posterior();
    const auto& holes = m_book->present().spec().holes;
    double holeMost = 0.0;
    for (std::size_t i = 0; i < holes.size(); ++i)
        holeMost = std::max(holeMost, std::abs(p.holeShift_m(i)) / p.priors().holeSizeSd_m);
    const double warmth = (p.warmth_K() - p.priors().warmth_K) / p.priors().warmthSd_K;
    if (std::max({p.largestNoteBias(), holeMost, std::abs(warmth)}) < suspicious && p.report().worstResidual < farOff)
        return Found{};
    double best = p.report().cost - explains;
    Found found;
    for (std::size_t i = 0; i < holes.size(); ++i) {
        Priors doubting = p.priors();
        doubting.doubtedHole = i;
        const auto freed = fit(*m_book, doubting, m_cancel);
        if (!freed)
            return freed.error();
        if (freed->report().cost < best && std::abs(freed->holeShift_m(i)) > mistake_m) {
            best = freed->report().cost;
            found = Contradiction{Contradiction::Kind::Hole, holes[i].id.text, 1e3 * freed->holeShift_m(i)};
        }
    }
    if (found)
        return found;
    constexpr double impossible = 4.0;
    if (std::abs(warmth) > impossible)
        return Found{Contradiction{Contradiction::Kind::Temperature, "", warmth * p.priors().warmthSd_K}};
    // The robust fit leaves a reading that no unknown explains far outside. Where the note has been heard again since, the
    // others have outvoted it already.
    constexpr double unexplained = 12.0;
    const auto note = m_book->present().indexOf(p.report().worstReading);
    if (p.report().worstResidual > unexplained && note && m_forecaster.posterior().readingsOf(*note) < 2)
        return Found{Contradiction{Contradiction::Kind::Reading, p.report().worstReading.text, p.report().worstResidual}};
    return Found{};
}

/// How often a note has been heard on the present shape.
int Planner::heardHere(std::size_t note) const
{
    int count = 0;
    for (const PlacedReading& r : m_book->readings())
        count += r.shape + 1 == m_book->shapes().size() && r.reading->fingering == (*m_fingerings)[note].id ? 1 : 0;
    return count;
}

bool Planner::allSafelyIn() const
{
    const auto& now = m_forecaster.now();
    for (std::size_t i = 0; i < now.size(); ++i)
        if (std::abs(now[i].cents) + m_options.doneMargin * now[i].sd > (*m_fingerings)[i].tolerance.cents())
            return false;
    return true;
}

/// While a note's forecast is wide its aim stays a standard deviation low; the wood that is left corrects it later.
Result<std::vector<double>> Planner::aims(const std::vector<NoteState>& atGoal) const
{
    std::vector<double> aim(atGoal.size());
    for (std::size_t i = 0; i < aim.size(); ++i) {
        const double share =
            std::clamp((atGoal[i].sd - 0.5 * m_options.littleKnown_cents) / m_options.littleKnown_cents, 0.0, 1.0);
        aim[i] = -m_options.stayLow * share * atGoal[i].sd;
    }
    return aim;
}

/// The note that a size moves most, among those that count.
std::size_t Planner::ownNote(const Posterior::Sensitivity& s, Eigen::Index which) const
{
    std::size_t best = 0;
    double most = -1.0;
    for (std::size_t i = 0; i < m_fingerings->size(); ++i) {
        const Fingering& f = (*m_fingerings)[i];
        const double moves =
            std::abs(s.perMetre(static_cast<Eigen::Index>(i), which)) * std::sqrt(f.weight) / f.tolerance.cents();
        if (moves > most) {
            most = moves;
            best = i;
        }
    }
    return best;
}

/// Whether the notes that the size's last cut moved have been heard since.
bool Planner::heardSinceCut(Eigen::Index which) const
{
    const auto cuts = m_book->cuts();
    for (std::size_t k = cuts.size(); k-- > 0;) {
        const auto& done = std::get<CutEntry>(cuts[k]->body);
        const Cut ours = cutTo(m_book->present(), which, Metres{});
        if (kindName(done.cut) != kindName(ours) || holeOf(done.cut) != holeOf(ours))
            continue;
        const auto& heard = m_forecaster.posterior().lastHeard();
        for (const NoteForecast& f : done.forecast) {
            if (std::abs(f.after.cents() - f.now.cents()) < m_options.staleMove_cents)
                continue;
            const auto note = m_book->present().indexOf(f.fingering);
            if (note && heard[*note] <= static_cast<int>(k))
                return false;
        }
        if (done.forecast.empty())
            return std::all_of(heard.begin(), heard.end(), [&](int shape) { return shape > static_cast<int>(k); });
        return true;
    }
    return true;
}

double Planner::cost(const std::vector<NoteState>& states) const
{
    double sum = 0.0;
    for (std::size_t i = 0; i < states.size(); ++i) {
        const Fingering& f = (*m_fingerings)[i];
        sum += f.weight * std::pow(states[i].cents / f.tolerance.cents(), 2);
    }
    return sum;
}

std::vector<NoteForecast> Planner::forecastOf(const std::vector<NoteState>& before, const std::vector<NoteState>& after) const
{
    std::vector<NoteForecast> all;
    for (std::size_t i = 0; i < after.size(); ++i)
        all.push_back({(*m_fingerings)[i].id, Cents::fromCents(before[i].cents), Cents::fromCents(after[i].cents),
                       Cents::fromCents(after[i].sd)});
    return all;
}

Result<std::optional<Planner::Candidate>> Planner::candidate(const Instrument& present, const std::vector<NoteState>& now,
                                                             Eigen::Index which, Metres goal, std::size_t own,
                                                             const std::vector<double>& ceiling) const
{
    using Found = std::optional<Candidate>;
    const Cut wish = cutTo(present, which, goal);
    const bool foot = std::holds_alternative<TrimFoot>(wish);
    const Metres from = *presentSize(present, wish);
    const auto& tools = present.spec().tools;
    Metres size = foot ? roundedTrim(from, goal, tools) : roundedEnlargement(from, goal, tools);
    bool guarded = false;
    // Smaller and smaller until the pessimistic end of every note's forecast is within bounds.
    constexpr int mostTries = 24;
    for (int i = 0; i < mostTries; ++i) {
        if (m_cancel.requested())
            return Error{ErrorCode::Cancelled, "plan", ""};
        if (foot ? size >= from : size <= from)
            return Found{};
        auto after = applied(present, withSize(wish, size));
        if (!after)
            return after.error();
        const auto states = m_forecaster.states(*after);
        if (!states)
            return states.error();
        bool safe = true;
        double largest = 0.0;
        for (std::size_t k = 0; k < states->size(); ++k) {
            const double rise = (*states)[k].cents - now[k].cents;
            largest = std::max(largest, std::abs(rise));
            if (rise > 0.3 && (*states)[k].cents + m_options.pessimism * (*states)[k].sd > ceiling[k]) {
                const bool known = heardHere(k) >= enoughHere && (*states)[k].cents + m_options.littleKnown_cents <= ceiling[k];
                safe = safe && known;
                if ((*states)[k].sd > m_options.littleKnown_cents)
                    m_inTheWay.insert(k);
            }
        }
        if (safe) {
            if (largest < m_options.leastGain_cents)
                return Found{};
            AdviceStep step;
            step.cut = withSize(wish, size);
            step.from = from;
            step.bit = foot ? std::nullopt : bitOfSize(size, tools);
            step.reason = {(*m_fingerings)[own].id, Cents::fromCents(now[own].cents), guarded, goal};
            step.forecast = forecastOf(now, *states);
            return Found{Candidate{which, std::move(step), std::move(*after)}};
        }
        guarded = true;
        const Metres nearer = from + (size - from) * 0.75;
        const Metres next = foot ? roundedTrim(from, nearer, tools) : roundedEnlargement(from, nearer, tools);
        const Metres oneLess = foot ? size + tools.step : size - tools.step;
        size = foot ? std::max(next, oneLess) : std::min(next, oneLess);
    }
    return Found{};
}

std::vector<LeftOver> Planner::leftOvers(const std::vector<NoteState>& states) const
{
    std::vector<LeftOver> left;
    const Instrument& present = m_book->present();
    const Reach reach = reachOf(present, m_options);
    const auto s = m_forecaster.posterior().sensitivity(present);
    for (std::size_t i = 0; i < states.size(); ++i) {
        if (std::abs(states[i].cents) <= (*m_fingerings)[i].tolerance.cents())
            continue;
        LeftOver l{(*m_fingerings)[i].id, Cents::fromCents(states[i].cents), LeftOver::Why::Compromise};
        if (states[i].cents > 0.0) {
            l.why = LeftOver::Why::SharpAlready;
        } else if (s) {
            Eigen::Index strongest = 0;
            s->perMetre.row(static_cast<Eigen::Index>(i)).cwiseAbs().maxCoeff(&strongest);
            const auto hole = static_cast<std::size_t>(strongest);
            if (hole == reach.widest.size())
                l.why = present.length() <= reach.shortest + present.spec().tools.step ? LeftOver::Why::FootAtLimit : l.why;
            else if (present.spec().holes[hole].diameter + present.spec().tools.step > reach.widest[hole])
                l.why = LeftOver::Why::HoleAtLimit;
        }
        left.push_back(l);
    }
    return left;
}

Result<Advice> Planner::advice()
{
    Advice advice;
    summarise(advice);
    if (auto missing = neverHeard(); !missing.empty()) {
        advice.state = AdviceState::Measure;
        advice.fingerings = std::move(missing);
        return advice;
    }
    auto odd = contradiction();
    if (!odd)
        return odd.error();
    if (*odd) {
        advice.state = AdviceState::Stop;
        advice.contradiction = std::move(*odd);
        return advice;
    }
    const Instrument& present = m_book->present();
    const auto& now = m_forecaster.now();
    const auto stale = worthHearing(now);
    if (allSafelyIn()) {
        advice.state = stale.empty() ? AdviceState::Finished : AdviceState::Measure;
        advice.fingerings = stale;
        return advice;
    }

    // Where the shape should end: first for the notes as they are forecast, then as low as their uncertainty asks.
    const std::vector<double> straight(now.size(), 0.0);
    auto goal = bestReachable(m_forecaster, present, straight, m_options, m_cancel);
    if (!goal)
        return goal.error();
    const auto atGoal = m_forecaster.states(*goal);
    if (!atGoal)
        return atGoal.error();
    // A note that the best compromise leaves sharp may go there, but no further.
    std::vector<double> ceiling(now.size());
    for (std::size_t i = 0; i < now.size(); ++i)
        ceiling[i] = std::max((*m_fingerings)[i].tolerance.cents(),
                              (*atGoal)[i].cents + m_options.pessimism * std::min((*atGoal)[i].sd, m_options.littleKnown_cents));
    const auto aim = aims(*atGoal);
    if (!aim)
        return aim.error();
    auto careful = bestReachable(m_forecaster, present, *aim, m_options, m_cancel, &*goal);
    if (!careful)
        return careful.error();

    const auto s = m_forecaster.posterior().sensitivity(present);
    if (!s)
        return s.error();
    const Sizes wanted = sizesOf(*careful);
    Instrument shape = present;
    std::vector<NoteState> states = now;
    // From the foot upwards; the foot itself last, when the holes' volumes are in.
    for (Eigen::Index which = 0; which < wanted.size(); ++which) {
        if (!heardSinceCut(which))
            continue;
        auto found = candidate(shape, states, which, Metres::fromMetres(wanted[which]), ownNote(*s, which), ceiling);
        if (!found)
            return found.error();
        if (!*found)
            continue;
        auto after = m_forecaster.states((*found)->after);
        if (!after)
            return after.error();
        shape = (*found)->after;
        states = std::move(*after);
        advice.steps.push_back(std::move((*found)->step));
        advice.steps.back().hear = worthHearing(states);
        advice.steps.back().thenMeasure = false;
    }
    // A pass must pay as a whole: its cost may not rise.
    if (!advice.steps.empty() && cost(states) < cost(now)) {
        advice.steps.back().thenMeasure = true;
        advice.state = AdviceState::MakeCut;
        return advice;
    }
    advice.steps.clear();
    auto hear = stale;
    for (const std::size_t note : m_inTheWay)
        if (heardHere(note) < enoughHere && std::find(hear.begin(), hear.end(), (*m_fingerings)[note].id) == hear.end())
            hear.push_back((*m_fingerings)[note].id);
    if (!hear.empty()) {
        advice.state = AdviceState::Measure;
        advice.fingerings = std::move(hear);
        return advice;
    }
    advice.state = AdviceState::Finished;
    advice.left = leftOvers(now);
    return advice;
}

} // namespace

Reach reachOf(const Instrument& instrument, const PlanOptions& options)
{
    const InstrumentSpec& spec = instrument.spec();
    Reach reach;
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        const Hole& h = spec.holes[i];
        // A hole as wide as the bore weakens the tube; the last tenth stays.
        Metres widest = instrument.boreDiameterAt(h.at) * 0.9;
        if (spec.limits.holeMax)
            widest = std::min(widest, *spec.limits.holeMax);
        for (const Hole& other : spec.holes) {
            if (other.id == h.id || other.side != h.side)
                continue;
            const Metres apart = other.at > h.at ? other.at - h.at : h.at - other.at;
            widest = std::min(widest, apart - options.leastWood);
        }
        reach.widest.push_back(std::max(widest, h.diameter));
    }
    Metres lowestEdge = Metres::fromMetres(0.5 * instrument.length().metres());
    for (const Hole& h : spec.holes)
        lowestEdge = std::max(lowestEdge, h.at + h.undercutDiameter / 2.0 + options.leastWood);
    reach.shortest = std::min(instrument.length(), std::max(spec.limits.footMin.value_or(lowestEdge), lowestEdge));
    return reach;
}

Result<Instrument> bestReachable(const Forecaster& forecaster, const Instrument& present, const std::vector<double>& aim,
                                 const PlanOptions& options, const Cancel& cancel, const Instrument* startFrom)
{
    const Reach reach = reachOf(present, options);
    const Sizes start = sizesOf(present);
    // Millimetres: steps of like size for holes and foot.
    const Eigen::VectorXd present_mm = start * 1e3;
    Eigen::VectorXd x = startFrom == nullptr ? present_mm : Eigen::VectorXd(sizesOf(*startFrom) * 1e3);
    const auto n = static_cast<int>(x.size());
    ceres::Problem problem;
    problem.AddParameterBlock(x.data(), n);
    for (int i = 0; i < n; ++i) {
        const bool foot = i + 1 == n;
        problem.SetParameterLowerBound(x.data(), i, foot ? reach.shortest.millimetres() : present_mm[i]);
        problem.SetParameterUpperBound(x.data(), i,
                                       foot ? present_mm[i] : reach.widest[static_cast<std::size_t>(i)].millimetres());
    }
    problem.AddResidualBlock(new ScaleCost(forecaster, present, aim, cancel), nullptr, x.data());
    problem.AddResidualBlock(new WorkCost(start), nullptr, x.data());
    ceres::Solver::Options solver;
    solver.linear_solver_type = ceres::DENSE_QR;
    solver.max_num_iterations = 20;
    solver.function_tolerance = 1e-3; // of the weighted squares: far under a tenth of a cent in any note
    solver.logging_type = ceres::SILENT;
    ceres::Solver::Summary summary;
    ceres::Solve(solver, &problem, &summary);
    if (cancel.requested())
        return Error{ErrorCode::Cancelled, "plan", ""};
    if (!summary.IsSolutionUsable())
        return Error{ErrorCode::OutOfModelRange, "plan", summary.message};
    return withSizes(present, x * 1e-3);
}

Result<Counsel> counsel(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    auto forecaster = Forecaster::make(book, priors, cancel);
    if (!forecaster)
        return forecaster.error();
    std::vector<NoteState> now = forecaster->now();
    auto kept = std::make_shared<const Forecaster>(*forecaster);
    auto advice = Planner(book, std::move(*forecaster), options, cancel).advice();
    if (!advice)
        return advice.error();
    return Counsel{std::move(*advice), std::move(now), std::move(kept)};
}

Result<Advice> advise(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    auto all = counsel(book, priors, options, cancel);
    if (!all)
        return all.error();
    return std::move(all->advice);
}

} // namespace dowel
