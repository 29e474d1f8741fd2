// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"

#include "core/plan/bill.h"
#include "core/plan/diagnosis.h"
#include "core/shop/drawer.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <set>

namespace dowel {

namespace {

/// Where the low register rules, higher ones count little; what is out of line does not count at all.
Instrument ruled(const Instrument& present, const School& school, const std::vector<bool>& odd)
{
    if (!school.lowRegister && std::none_of(odd.begin(), odd.end(), [](bool o) { return o; }))
        return present;
    InstrumentSpec spec = present.spec();
    for (std::size_t i = 0; i < odd.size(); ++i) {
        Fingering& f = spec.fingerings[i];
        if (school.lowRegister && f.registerNumber > 1) {
            f.weight *= 0.1;
            f.tolerance = f.tolerance * 2.0;
        }
        if (odd[i])
            f.weight = 0.0;
    }
    auto made = Instrument::make(std::move(spec));
    return made ? std::move(*made) : present;
}

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
          m_school(book.school()),
          m_odd(outOfLine(book, m_forecaster.posterior())),
          m_present(ruled(book.present(), m_school, m_odd)),
          m_fingerings(&m_present.spec().fingerings)
    {
    }

    Result<Advice> advice();
    [[nodiscard]] std::vector<NoteState> asHeard(std::vector<NoteState> states) const;

private:
    struct Candidate
    {
        AdviceStep step;
        Instrument after;
        std::vector<NoteState> states;
    };

    void summarise(Advice& advice) const;
    [[nodiscard]] std::vector<FingeringId> neverHeard() const;
    [[nodiscard]] std::vector<FingeringId> worthHearing(const std::vector<NoteState>& states) const;
    [[nodiscard]] std::vector<FingeringId> tellingMost(const std::vector<NoteState>& states) const;
    [[nodiscard]] bool anyCutHeard() const;
    [[nodiscard]] bool allSafelyIn() const;
    [[nodiscard]] int heardHere(std::size_t note) const;
    [[nodiscard]] std::vector<double> aims(const std::vector<NoteState>& atGoal) const;
    [[nodiscard]] bool heardSinceCut(const Lever& lever) const;
    [[nodiscard]] std::size_t ownNote(const std::vector<NoteState>& before, const std::vector<NoteState>& after) const;
    struct Aimed
    {
        std::vector<Lever> levers;
        Goal goal; ///< for the notes as they are forecast
        std::vector<NoteState> there;
    };
    [[nodiscard]] Result<Aimed> aimed() const;
    [[nodiscard]] Result<Goal> thinned(const std::vector<Lever>& levers, const Goal& careful,
                                       const std::vector<double>& aim) const;
    [[nodiscard]] Result<std::vector<Cut>> lastResort(const std::vector<LeftOver>& left) const;
    [[nodiscard]] Result<std::optional<Candidate>> candidate(const Instrument& present, const std::vector<NoteState>& now,
                                                             const Lever& lever, Metres goal,
                                                             const std::vector<double>& ceiling) const;
    [[nodiscard]] bool nearItsTolerance(const std::vector<NoteState>& now, const std::vector<NoteState>& after) const;
    [[nodiscard]] double cost(const std::vector<NoteState>& states) const;
    [[nodiscard]] std::vector<LeftOver> leftOvers(const Instrument& shape, const std::vector<NoteState>& states,
                                                  double surely) const;
    [[nodiscard]] std::vector<NoteForecast> forecastOf(const std::vector<NoteState>& before,
                                                       const std::vector<NoteState>& after) const;

    const Workbook* m_book;
    Forecaster m_forecaster;
    PlanOptions m_options;
    Cancel m_cancel;
    School m_school;
    std::vector<bool> m_odd; ///< notes that are out of line with the rest
    Instrument m_present;    ///< with weights and tolerances as the school has them
    const std::vector<Fingering>* m_fingerings;
    double m_unavoidable = 0.0;               ///< cost at the goal
    mutable std::set<std::size_t> m_inTheWay; ///< notes too little known to let a step through
};

/// States with what is out of line moved to where it was heard; how it goes on from there is as unsure as it is odd.
std::vector<NoteState> Planner::asHeard(std::vector<NoteState> states) const
{
    for (std::size_t i = 0; i < states.size(); ++i)
        if (m_odd[i]) {
            const double off = m_forecaster.posterior().newestMisfits()[i].cents;
            states[i].cents -= off;
            states[i].sd = std::hypot(states[i].sd, off);
        }
    return states;
}

void Planner::summarise(Advice& advice) const
{
    const auto now = asHeard(m_forecaster.now());
    double squares = 0.0;
    for (std::size_t i = 0; i < now.size(); ++i) {
        squares += now[i].cents * now[i].cents;
        if (std::abs(now[i].cents) > std::abs(advice.worst.cents()))
            advice.worst = Cents::fromCents(now[i].cents);
        advice.withinTolerance += std::abs(now[i].cents) <= m_book->present().spec().fingerings[i].tolerance.cents() ? 1 : 0;
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

/// Notes that have moved most since they were heard: after a trial they say how this wood answers, and the rest is heard
/// when more has been cut.
std::vector<FingeringId> Planner::tellingMost(const std::vector<NoteState>& states) const
{
    std::vector<double> ways;
    for (std::size_t i = 0; i < states.size(); ++i)
        ways.push_back(m_forecaster.waySinceHeard()[i].value_or(0.0) + std::abs(states[i].cents - m_forecaster.now()[i].cents));
    constexpr double share = 0.5;
    const double least = std::max(m_options.staleMove_cents, share * *std::max_element(ways.begin(), ways.end()));
    std::vector<FingeringId> ids;
    for (std::size_t i = 0; i < ways.size(); ++i)
        if (ways[i] >= least)
            ids.push_back((*m_fingerings)[i].id);
    return ids;
}

/// Whether some note has been heard after a cut.
bool Planner::anyCutHeard() const
{
    const auto& heard = m_forecaster.posterior().lastHeard();
    return std::any_of(heard.begin(), heard.end(), [](int shape) { return shape > 0; });
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
        if (m_odd[i] || std::abs(now[i].cents) + m_options.doneMargin * now[i].sd > (*m_fingerings)[i].tolerance.cents())
            return false;
    return true;
}

/// While a note's forecast is wide its aim stays a standard deviation low; the wood that is left corrects it later.
std::vector<double> Planner::aims(const std::vector<NoteState>& atGoal) const
{
    std::vector<double> aim(atGoal.size());
    for (std::size_t i = 0; i < aim.size(); ++i) {
        const double share =
            std::clamp((atGoal[i].sd - 0.5 * m_options.littleKnown_cents) / m_options.littleKnown_cents, 0.0, 1.0);
        aim[i] = -m_options.stayLow * share * atGoal[i].sd;
    }
    return aim;
}

/// The note that a step moves most, among those that count.
std::size_t Planner::ownNote(const std::vector<NoteState>& before, const std::vector<NoteState>& after) const
{
    std::size_t best = 0;
    double most = -1.0;
    for (std::size_t i = 0; i < m_fingerings->size(); ++i) {
        const Fingering& f = (*m_fingerings)[i];
        const double moves = std::abs(after[i].cents - before[i].cents) * std::sqrt(f.weight) / f.tolerance.cents();
        if (moves > most) {
            most = moves;
            best = i;
        }
    }
    return best;
}

/// Whether the notes that the lever's last cut moved have been heard since.
bool Planner::heardSinceCut(const Lever& lever) const
{
    const auto cuts = m_book->cuts();
    const Cut ours = cutFor(m_book->present(), lever, Metres{});
    for (std::size_t k = cuts.size(); k-- > 0;) {
        const auto& done = std::get<CutEntry>(cuts[k]->body);
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

/// Whether a step brings in a note that stands about at its tolerance: there little counts.
bool Planner::nearItsTolerance(const std::vector<NoteState>& now, const std::vector<NoteState>& after) const
{
    constexpr double from = 0.75; // of a tolerance
    constexpr double to = 1.5;
    constexpr double nearer_cents = 0.3;
    for (std::size_t i = 0; i < now.size(); ++i) {
        const double stands = std::abs(now[i].cents) / (*m_fingerings)[i].tolerance.cents();
        if (stands > from && stands < to && std::abs(now[i].cents) - std::abs(after[i].cents) > nearer_cents)
            return true;
    }
    return false;
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

std::vector<NoteForecast> Planner::forecastOf(const std::vector<NoteState>& nowAsFitted,
                                              const std::vector<NoteState>& afterAsFitted) const
{
    const auto before = asHeard(nowAsFitted);
    const auto after = asHeard(afterAsFitted);
    std::vector<NoteForecast> all;
    for (std::size_t i = 0; i < after.size(); ++i)
        all.push_back({(*m_fingerings)[i].id, Cents::fromCents(before[i].cents), Cents::fromCents(after[i].cents),
                       Cents::fromCents(after[i].sd)});
    return all;
}

/// What tools make of a wish, towards less removed.
Metres rounded(const Lever& lever, Metres from, Metres goal, const Tools& tools)
{
    if (lever.kind == Lever::Kind::Hole)
        return roundedEnlargement(from, goal, tools);
    if (goal < from)
        return roundedTrim(from, goal, tools); // a foot, or a stopper that goes in
    Tools byHand = tools;
    byHand.bits.clear();
    return roundedEnlargement(from, goal, byHand);
}

Result<std::optional<Planner::Candidate>> Planner::candidate(const Instrument& present, const std::vector<NoteState>& now,
                                                             const Lever& lever, Metres goal,
                                                             const std::vector<double>& ceiling) const
{
    using Found = std::optional<Candidate>;
    // The least sure of all cuts goes little more than half the way first, where the whole way would be little known.
    const Metres stands = standsAt(present, lever);
    bool half = lever.kind == Lever::Kind::Undercut;
    if (half) {
        const auto whole = applied(present, cutFor(present, lever, goal));
        const auto there = whole ? m_forecaster.statesNearby(*whole) : Result<std::vector<NoteState>>(whole.error());
        half = !there;
        for (std::size_t k = 0; there && k < there->size(); ++k)
            half = half || (std::abs((*there)[k].cents - now[k].cents) > m_options.staleMove_cents &&
                            (*there)[k].sd > 1.5 * m_options.littleKnown_cents);
    }
    const Cut wish = cutFor(present, lever, half ? stands + (goal - stands) * 0.6 : goal);
    const Metres from = *presentSize(present, wish);
    const bool shrinks = wantedSize(wish) < from;
    if (shrinks && lever.kind != Lever::Kind::Foot && lever.kind != Lever::Kind::Stopper)
        return Found{};
    const auto& tools = present.spec().tools;
    Metres size = rounded(lever, from, wantedSize(wish), tools);
    bool guarded = half;
    // Smaller and smaller until the pessimistic end of every note's forecast is within bounds.
    constexpr int mostTries = 24;
    for (int i = 0; i < mostTries; ++i) {
        if (m_cancel.requested())
            return Error{ErrorCode::Cancelled, "plan", ""};
        if (shrinks ? size >= from : size <= from)
            return Found{};
        auto after = applied(present, withSize(wish, size));
        if (!after)
            return Found{}; // not with this wood: a wall too thin
        auto states = m_forecaster.statesNearby(*after);
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
            // It must pay: a note brought from 3 tenths of its tolerance to none is worth one cut, the last trifles of a note
            // that stays off anyway are not.
            const double pays = nearItsTolerance(now, *states)
                                    ? 0.2 * m_options.leastWorth
                                    : std::max(m_options.leastWorth, m_options.worthOfRest * m_unavoidable);
            if (largest < m_options.leastGain_cents || cost(now) - cost(*states) < pays)
                return Found{};
            const std::size_t own = ownNote(now, *states);
            AdviceStep step;
            step.cut = withSize(wish, size);
            step.from = from;
            step.bit = lever.kind == Lever::Kind::Hole ? bitOfSize(size, tools) : std::nullopt;
            step.reason = {(*m_fingerings)[own].id, Cents::fromCents(now[own].cents), guarded,
                           wantedSize(cutFor(present, lever, goal))};
            step.forecast = forecastOf(now, *states);
            return Found{Candidate{std::move(step), std::move(*after), std::move(*states)}};
        }
        guarded = true;
        const Metres next = rounded(lever, from, from + (size - from) * 0.75, tools);
        const Metres oneLess = shrinks ? size + tools.step : size - tools.step;
        size = shrinks ? std::max(next, oneLess) : std::min(next, oneLess);
    }
    return Found{};
}

/// Notes out of tolerance on a shape by more than `surely` standard deviations, and what holds them there.
std::vector<LeftOver> Planner::leftOvers(const Instrument& shape, const std::vector<NoteState>& states, double surely) const
{
    std::vector<LeftOver> left;
    const Reach reach = reachOf(m_present, m_options.leastWood);
    const auto s = m_forecaster.posterior().sensitivity(shape);
    const auto heard = asHeard(states);
    for (std::size_t i = 0; i < states.size(); ++i) {
        if (m_odd[i]) {
            left.push_back({(*m_fingerings)[i].id, Cents::fromCents(heard[i].cents), LeftOver::Why::OutOfLine});
            continue;
        }
        if (std::abs(states[i].cents) <= m_book->present().spec().fingerings[i].tolerance.cents() + surely * states[i].sd)
            continue;
        LeftOver l{(*m_fingerings)[i].id, Cents::fromCents(states[i].cents), LeftOver::Why::Compromise};
        if (states[i].cents > 0.0) {
            l.why = LeftOver::Why::SharpAlready;
        } else if (s) {
            Eigen::Index strongest = 0;
            s->perMetre.row(static_cast<Eigen::Index>(i)).cwiseAbs().maxCoeff(&strongest);
            const auto hole = static_cast<std::size_t>(strongest);
            if (hole == reach.widest.size())
                l.why = shape.length() <= reach.shortest + shape.spec().tools.step ? LeftOver::Why::FootAtLimit : l.why;
            else if (shape.spec().holes[hole].diameter + shape.spec().tools.step > reach.widest[hole])
                l.why = LeftOver::Why::HoleAtLimit;
        }
        left.push_back(l);
    }
    return left;
}

/// What filling would bring notes in that removing wood has left sharp; nothing where it would not.
Result<std::vector<Cut>> Planner::lastResort(const std::vector<LeftOver>& left) const
{
    std::vector<Cut> fills;
    if (std::none_of(left.begin(), left.end(), [](const LeftOver& l) { return l.why == LeftOver::Why::SharpAlready; }))
        return fills;
    const Metres most = Metres::fromMillimetres(2.0);
    std::vector<Lever> levers;
    for (std::size_t i = 0; i < m_present.spec().holes.size(); ++i) {
        const Metres now = m_present.spec().holes[i].diameter;
        levers.push_back({Lever::Kind::Fill, i, {}, {}, std::max(now * 0.6, now - most), now});
    }
    const std::vector<double> straight(m_fingerings->size(), 0.0);
    const auto goal = bestReachable(m_forecaster, m_present, levers, straight, m_cancel);
    if (!goal)
        return goal.error();
    Instrument filled = m_present;
    for (std::size_t k = 0; k < levers.size(); ++k) {
        const Metres to = Metres::fromMetres(goal->values_m[static_cast<Eigen::Index>(k)]);
        constexpr Metres worthIt = Metres::fromMillimetres(0.1);
        if (levers[k].high - to < worthIt)
            continue;
        fills.push_back(cutFor(m_present, levers[k], to));
        auto next = applied(filled, fills.back());
        if (!next)
            return next.error();
        filled = std::move(*next);
    }
    const auto there = m_forecaster.statesNearby(filled);
    if (!there)
        return there.error();
    constexpr double mends = 0.7; // of what is off
    if (cost(*there) > mends * cost(m_forecaster.now()))
        fills.clear();
    return fills;
}

/// The goal with as few kinds of work as do: more only where notes would stay off without.
Result<Planner::Aimed> Planner::aimed() const
{
    const Instrument& present = m_present;
    const std::vector<double> straight(m_fingerings->size(), 0.0);
    const auto furthest = [&](const std::vector<NoteState>& states) {
        double most = 0.0;
        for (std::size_t i = 0; i < states.size(); ++i)
            if ((*m_fingerings)[i].weight > 0.0)
                most = std::max(most, std::abs(states[i].cents) / (*m_fingerings)[i].tolerance.cents());
        return most;
    };
    constexpr double wellIn = 0.75; // of a tolerance
    constexpr double worthIt = 0.7; // of what is off without
    const auto tried = [&](std::vector<Lever> levers, const Aimed* before) -> Result<Aimed> {
        Aimed a{std::move(levers), {present, {}}, {}};
        std::optional<Eigen::VectorXd> start;
        if (before != nullptr) { // on from where other levers end
            start.emplace(static_cast<Eigen::Index>(a.levers.size()));
            for (std::size_t k = 0; k < a.levers.size(); ++k) {
                const Lever& l = a.levers[k];
                const auto same = std::find(before->levers.begin(), before->levers.end(), l);
                (*start)[static_cast<Eigen::Index>(k)] = same == before->levers.end()
                                                             ? standsAt(present, l).metres()
                                                             : before->goal.values_m[same - before->levers.begin()];
            }
        }
        auto goal = bestReachable(m_forecaster, present, a.levers, straight, m_cancel, start ? &*start : nullptr, m_school);
        if (!goal)
            return goal.error();
        auto there = m_forecaster.statesNearby(goal->shape);
        if (!there)
            return there.error();
        a.goal = std::move(*goal);
        a.there = std::move(*there);
        return a;
    };
    std::optional<Aimed> best;
    for (const Means means : {Means::HolesAndFoot, Means::Usual, Means::Embouchure, Means::BoreToo}) {
        if (means > m_options.means)
            break;
        auto levers = leversOf(present, means, m_options.leastWood);
        if (best && levers == best->levers)
            continue; // nothing more to go by
        auto a = tried(std::move(levers), best ? &*best : nullptr);
        if (!a)
            return a.error();
        if (!best || cost(a->there) < worthIt * cost(best->there))
            best = std::move(*a);
        if (furthest(best->there) < wellIn)
            break;
    }
    // As few as do: what is used least is left out first, as long as that hardly costs.
    const auto used = [&](const Aimed& a, const Lever& l) {
        const auto k = std::find(a.levers.begin(), a.levers.end(), l) - a.levers.begin();
        return std::abs(a.goal.values_m[k] - standsAt(present, l).metres()) * 1e3 * price(l.kind);
    };
    std::vector<Lever> extra;
    Aimed worked{{}, {best->goal.shape, {}}, best->there}; // without what is not used at all
    std::vector<double> values;
    for (std::size_t k = 0; k < best->levers.size(); ++k) {
        const Lever& l = best->levers[k];
        const bool more = price(l.kind) > price(Lever::Kind::Hole);
        constexpr double untouched = 1e-3; // of a tolerance
        if (more && used(*best, l) < untouched)
            continue;
        worked.levers.push_back(l);
        values.push_back(best->goal.values_m[static_cast<Eigen::Index>(k)]);
        if (more)
            extra.push_back(l);
    }
    worked.goal.values_m = Eigen::Map<const Eigen::VectorXd>(values.data(), static_cast<Eigen::Index>(values.size()));
    best = std::move(worked);
    std::stable_sort(extra.begin(), extra.end(),
                     [&, all = *best](const Lever& x, const Lever& y) { return used(all, x) < used(all, y); });
    for (const Lever& l : extra) {
        std::vector<Lever> fewer = best->levers;
        std::erase(fewer, l);
        auto a = tried(std::move(fewer), &*best);
        if (!a)
            return a.error();
        constexpr double hardly = 1.10;
        constexpr double little = 0.10;
        const double off = furthest(a->there);
        if (off < wellIn || (off < 1.03 * furthest(best->there) && cost(a->there) < hardly * cost(best->there) + little))
            best = std::move(*a);
    }
    return std::move(*best);
}

/// The goal with the least work: levers whose notes end well within their tolerance without them stay where they are, what
/// moves least first. Reckoned on the straight lines at the goal, then worked out once and looked at.
Result<Goal> Planner::thinned(const std::vector<Lever>& levers, const Goal& careful, const std::vector<double>& aim) const
{
    const auto n = static_cast<Eigen::Index>(levers.size());
    const auto notes = static_cast<Eigen::Index>(m_fingerings->size());
    const Bill bill(m_forecaster, m_present, levers, aim, m_school, m_cancel);
    const Eigen::VectorXd goal = careful.values_m * 1e3;
    const auto lines = bill.at(goal);
    if (!lines)
        return lines.error();
    const Eigen::VectorXd& r = lines->residuals;
    const Eigen::MatrixXd& j = lines->jacobian;
    // Notes in tolerances off, by lever in millimetres; the bill's first rows without their weights.
    const auto fullCents = m_forecaster.posterior().cents(careful.shape);
    if (!fullCents)
        return fullCents.error();
    Eigen::VectorXd off(notes);
    Eigen::MatrixXd slope = j.topRows(notes);
    Eigen::VectorXd allowed(notes);
    constexpr double hardly = 0.03; // of a tolerance
    for (Eigen::Index i = 0; i < notes; ++i) {
        const Fingering& f = (*m_fingerings)[static_cast<std::size_t>(i)];
        const bool counts = f.weight > 0.0;
        off[i] = counts ? (*fullCents)[static_cast<std::size_t>(i)] / f.tolerance.cents() : 0.0;
        slope.row(i) /= counts ? std::sqrt(f.weight) : 1.0;
        allowed[i] = std::max(m_options.wellIn, std::abs(off[i]) + hardly);
    }
    Eigen::VectorXd low(n);
    Eigen::VectorXd high(n);
    for (Eigen::Index k = 0; k < n; ++k) {
        low[k] = levers[static_cast<std::size_t>(k)].low.millimetres();
        high[k] = levers[static_cast<std::size_t>(k)].high.millimetres();
    }
    const Eigen::VectorXd& present = bill.present_mm();
    Eigen::VectorXd x = goal;
    std::vector<Eigen::Index> order(static_cast<std::size_t>(n));
    std::iota(order.begin(), order.end(), Eigen::Index{0});
    const auto moves = [&](Eigen::Index k) {
        return std::abs(goal[k] - present[k]) * slope.col(k).norm();
    };
    std::stable_sort(order.begin(), order.end(), [&](Eigen::Index a, Eigen::Index b) { return moves(a) < moves(b); });
    bool fewer = false;
    const Eigen::MatrixXd h = j.transpose() * j;
    for (const Eigen::Index k : order) {
        const double lowBefore = low[k];
        const double highBefore = high[k];
        low[k] = high[k] = present[k];
        Eigen::VectorXd from = x;
        from[k] = present[k];
        const Eigen::VectorXd g = j.transpose() * (r + j * (from - goal));
        const Eigen::VectorXd there = from + boundedStep(h, g, from, low, high);
        const Eigen::VectorXd ends = off + slope * (there - goal);
        if (((ends.cwiseAbs() - allowed).array() <= 0.0).all()) {
            fewer = fewer || std::abs(x[k] - present[k]) > 0.0;
            x = there;
        } else {
            low[k] = lowBefore;
            high[k] = highBefore;
        }
    }
    if (!fewer)
        return careful;
    std::vector<Lever> held = levers;
    for (Eigen::Index k = 0; k < n; ++k)
        if (low[k] == high[k])
            held[static_cast<std::size_t>(k)].low = held[static_cast<std::size_t>(k)].high = Metres::fromMillimetres(low[k]);
    const Eigen::VectorXd start = x * 1e-3;
    auto less = bestReachable(m_forecaster, m_present, held, aim, m_cancel, &start, m_school);
    if (!less)
        return less.error();
    const auto ends = m_forecaster.posterior().cents(less->shape);
    if (!ends)
        return ends.error();
    for (Eigen::Index i = 0; i < notes; ++i)
        if ((*m_fingerings)[static_cast<std::size_t>(i)].weight > 0.0 &&
            std::abs((*ends)[static_cast<std::size_t>(i)]) / (*m_fingerings)[static_cast<std::size_t>(i)].tolerance.cents() >
                allowed[i] + hardly)
            return careful;
    return less;
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
    auto odd = contradictionIn(*m_book, m_forecaster.posterior(), m_cancel);
    if (!odd)
        return odd.error();
    if (*odd) {
        advice.state = AdviceState::Stop;
        advice.contradiction = std::move(*odd);
        return advice;
    }
    const Instrument& present = m_present;
    const auto& now = m_forecaster.now();
    const auto stale = worthHearing(now);
    if (allSafelyIn()) {
        advice.state = stale.empty() ? AdviceState::Finished : AdviceState::Measure;
        advice.fingerings = stale;
        return advice;
    }

    // Where the shape should end: first for the notes as they are forecast, then as low as their uncertainty asks.
    auto found = aimed();
    if (!found)
        return found.error();
    const auto& levers = found->levers;
    const auto& atGoal = found->there;
    m_unavoidable = cost(atGoal);
    // No note is cut sharp beyond its tolerance, whatever it would do for the others: that could not be mended.
    std::vector<double> ceiling(now.size());
    for (std::size_t i = 0; i < now.size(); ++i)
        ceiling[i] = (*m_fingerings)[i].tolerance.cents();
    const auto aim = aims(atGoal);
    const auto whole = bestReachable(m_forecaster, present, levers, aim, m_cancel, &found->goal.values_m, m_school);
    if (!whole)
        return whole.error();
    const auto careful = thinned(levers, *whole, aim);
    if (!careful)
        return careful.error();

    Instrument shape = present;
    std::vector<NoteState> states = now;
    // The stopper can be moved back, and what the mouth does to all notes the holes can still follow; then from the foot upwards;
    // the foot itself when the holes' volumes are in, unless the school has it first; undercuts and the bore last, when what is
    // surer has been done.
    const auto turn = [&](const Lever& l) {
        const bool mouth = l.kind == Lever::Kind::Embouchure || l.kind == Lever::Kind::Window;
        return mouth || l.kind == Lever::Kind::Stopper ? 0 : l.kind == Lever::Kind::Foot && m_school.footFirst ? 1 : 2;
    };
    // While little is known a few holes are cut first and listened to; what they tell holds for the others.
    const auto cuts = m_book->cuts();
    const auto& heard = m_forecaster.posterior().lastHeard();
    const int listened = heard.empty() ? 0 : std::max(0, *std::max_element(heard.begin(), heard.end()));
    const auto isHole = [](const Entry* e) {
        return std::holds_alternative<Enlarge>(std::get<CutEntry>(e->body).cut);
    };
    auto enlarged = std::count_if(cuts.begin(), cuts.end(), isHole);
    auto holesInPass = std::count_if(cuts.begin() + std::min<std::ptrdiff_t>(listened, std::ssize(cuts)), cuts.end(), isHole);
    bool trial = false;
    for (std::size_t i = 0; i < atGoal.size() && !anyCutHeard(); ++i)
        trial = trial || atGoal[i].sd > m_options.trialAbove * (*m_fingerings)[i].tolerance.cents();
    for (const int round : {0, 1, 2})
        for (std::size_t k = 0; k < levers.size(); ++k) {
            const Lever& lever = levers[k];
            if (turn(lever) != round || !heardSinceCut(lever))
                continue;
            if (trial && round == 2 && (lever.kind != Lever::Kind::Hole || enlarged >= m_options.trialHoles))
                continue;
            // Undercuts and bore answer for what the holes have left: after the listening that follows the holes.
            constexpr int few = 2;
            if ((lever.kind == Lever::Kind::Undercut || lever.kind == Lever::Kind::Ream) && holesInPass > few)
                continue;
            auto next =
                candidate(shape, states, lever, Metres::fromMetres(careful->values_m[static_cast<Eigen::Index>(k)]), ceiling);
            if (!next)
                return next.error();
            if (!*next)
                continue;
            shape = std::move((*next)->after);
            states = std::move((*next)->states);
            advice.steps.push_back(std::move((*next)->step));
            enlarged += lever.kind == Lever::Kind::Hole ? 1 : 0;
            holesInPass += lever.kind == Lever::Kind::Hole ? 1 : 0;
            advice.steps.back().hear = trial ? tellingMost(states) : worthHearing(states);
            advice.steps.back().thenMeasure = false;
        }
    // A pass must pay as a whole: its cost may not rise.
    if (!advice.steps.empty() && cost(states) < cost(now)) {
        advice.steps.back().thenMeasure = true;
        advice.state = AdviceState::MakeCut;
        advice.trial = trial;
        advice.left = leftOvers(found->goal.shape, atGoal, 1.0);
        return advice;
    }
    advice.steps.clear();
    auto hear = stale;
    if (auto telling = tellingMost(now); trial && enlarged > 0 && !telling.empty()) {
        advice.trial = true;
        hear = std::move(telling);
    }
    for (const std::size_t note : m_inTheWay)
        if (heardHere(note) < enoughHere && std::find(hear.begin(), hear.end(), (*m_fingerings)[note].id) == hear.end())
            hear.push_back((*m_fingerings)[note].id);
    if (!hear.empty()) {
        advice.state = AdviceState::Measure;
        advice.fingerings = std::move(hear);
        return advice;
    }
    advice.state = AdviceState::Finished;
    advice.left = leftOvers(present, now, 0.0);
    auto fills = lastResort(advice.left);
    if (!fills)
        return fills.error();
    advice.lastResort = std::move(*fills);
    return advice;
}

} // namespace

Result<Goal> bestReachable(const Forecaster& forecaster, const Instrument& present, const std::vector<Lever>& levers,
                           const std::vector<double>& aim, const Cancel& cancel, const Eigen::VectorXd* startFrom,
                           const School& school)
{
    const auto n = static_cast<Eigen::Index>(levers.size());
    if (n == 0)
        return Goal{present, {}};
    // Millimetres: steps of like size for holes and foot.
    const Bill bill(forecaster, present, levers, aim, school, cancel);
    Eigen::VectorXd low(n);
    Eigen::VectorXd high(n);
    for (Eigen::Index i = 0; i < n; ++i) {
        low[i] = levers[static_cast<std::size_t>(i)].low.millimetres();
        high[i] = levers[static_cast<std::size_t>(i)].high.millimetres();
    }
    const Eigen::VectorXd start_mm = startFrom == nullptr ? bill.present_mm() : Eigen::VectorXd(*startFrom * 1e3);
    // One note by a sixteenth of its tolerance is nothing.
    const auto x = leastSquaresWithin([&](const Eigen::VectorXd& at) { return bill.at(at); }, start_mm, low, high);
    if (!x)
        return x.error();
    const Eigen::VectorXd values = *x * 1e-3;
    auto shape = withLevers(present, levers, values);
    if (!shape)
        return shape.error();
    return Goal{std::move(*shape), values};
}

Result<Counsel> counsel(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    auto forecaster = Forecaster::make(book, priors, cancel);
    if (!forecaster)
        return forecaster.error();
    std::vector<NoteState> now = forecaster->now();
    auto kept = std::make_shared<const Forecaster>(*forecaster);
    Planner planner(book, std::move(*forecaster), options, cancel);
    auto advice = planner.advice();
    if (!advice)
        return advice.error();
    return Counsel{std::move(*advice), planner.asHeard(std::move(now)), std::move(kept)};
}

Result<Advice> advise(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    auto all = counsel(book, priors, options, cancel);
    if (!all)
        return all.error();
    return std::move(all->advice);
}

} // namespace dowel
