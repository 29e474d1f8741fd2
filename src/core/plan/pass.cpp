// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/pass.h"

#include "core/shop/drawer.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace dowel::planning {

namespace {

/// What tools make of a wish, towards less removed.
Metres rounded(const Lever& lever, Metres from, Metres goal, const Tools& tools, bool handWork)
{
    if (isLever<Enlarge>(lever) && handWork)
        return roundedEnlargement(from, goal, tools);
    if (isLever<Enlarge>(lever))
        return largestBitBetween(from, goal, tools);
    if (goal < from)
        return roundedTrim(from, goal, tools); // a foot, or a stopper that goes in
    Tools byHand = tools;
    byHand.bits.clear();
    return roundedEnlargement(from, goal, byHand);
}

/// The order of the work; the foot itself when the holes' volumes are in, unless the tuning strategy has it first.
int turnOf(const Lever& lever, const TuningStrategy& strategy)
{
    switch (factsOf(lever.cut).lever.turn) {
    case LeverFacts::Turn::Mouth: return 0;
    case LeverFacts::Turn::HolesAndFoot: return isLever<TrimFoot>(lever) && strategy.footFirst ? 1 : 2;
    case LeverFacts::Turn::Last: break;
    }
    return 3;
}

class PassBuilder
{
public:
    PassBuilder(const Situation& s, const Aim& aim, Instrument shape, JointForecast jointForecast)
        : m_s(&s),
          m_aim(&aim),
          m_shape(std::move(shape)),
          m_jointForecast(std::move(jointForecast)),
          m_loss(lossOf(m_jointForecast))
    {
        for (const double t : s.tolerances())
            m_bounds.push_back(t > 0.0 ? t : std::numeric_limits<double>::infinity());
        for (std::size_t i = 0; i < s.inconsistent.size(); ++i)
            if (s.inconsistent[i])
                m_bounds[i] = std::numeric_limits<double>::infinity();
        m_floors.assign(m_bounds.size(), std::numeric_limits<double>::infinity());
        for (std::size_t i = 0; i < m_bounds.size(); ++i)
            if (depthAlone(m_shape, i))
                std::swap(m_bounds[i], m_floors[i]);
        if (!SetSlide::on(m_shape).empty()) // a slide spoils nothing
            m_bounds.assign(m_bounds.size(), std::numeric_limits<double>::infinity());
    }
    [[nodiscard]] double lossOf(const JointForecast& o) const
    {
        return m_aim->loss({o.mean.data(), o.mean.data() + o.mean.size()});
    }
    /// What the shape was like when it was last listened to: the pass is held to that.
    [[nodiscard]] Status startFrom(const Instrument& lastHeard)
    {
        m_asHeard = m_jointForecast;
        if (!(lastHeard == m_shape)) {
            auto was = DOWEL_TRY(m_s->forecaster->asItWas(lastHeard));
            m_asHeard = std::move(was);
        }
        m_risk = riskAt(m_jointForecast);
        return Done{};
    }
    /// Goes towards where the lever should stand, as far as may be. needed: what the goal would lose without it; toCome: how
    /// many levers wait behind it for their share of the risk, so that none is starved by those before it.
    [[nodiscard]] Result<std::optional<AdviceStep>> step(const Lever& lever, Metres goal, double needed, std::size_t toCome);
    /// The one cut of a few tool steps, by any of these levers, that most lifts the chance that all are in; nothing where
    /// that is not `gain` or more.
    [[nodiscard]] Result<std::optional<AdviceStep>> bestSingleStep(const std::vector<Lever>& levers, double gain);
    [[nodiscard]] const Instrument& shape() const { return m_shape; }
    [[nodiscard]] const JointForecast& jointForecast() const { return m_jointForecast; }
    [[nodiscard]] bool heldBack() const { return m_heldBack; }

private:
    /// That some note is beyond what more work can bring back and was not when it was last listened to.
    [[nodiscard]] double riskAt(const JointForecast& there) const
    {
        const auto mirrored = [](JointForecast o) {
            o.mean = -o.mean; // and causes as they are: all are as likely either way
            return o;
        };
        const double above = chanceNewlyAbove(m_asHeard, there, m_bounds);
        const bool floors = std::any_of(m_floors.begin(), m_floors.end(), [](double f) { return std::isfinite(f); });
        return floors ? std::min(1.0, above + chanceNewlyAbove(mirrored(m_asHeard), mirrored(there), m_floors)) : above;
    }
    /// Whether holes stay apart, unless some have met already.
    [[nodiscard]] bool keepsWood(const Instrument& after) const
    {
        const auto apart = Instrument::make(after.spec());
        return apart || !Instrument::make(m_shape.spec());
    }
    /// A cut that has been settled, with what it makes.
    struct Settled
    {
        const Instrument& after;
        const JointForecast& there;
        double risk;
        Metres goal;  ///< how far it may go in the end
        bool guarded; ///< stopped short of that
    };
    [[nodiscard]] Result<AdviceStep> described(const Cut& cut, Metres from, const Settled& settled) const;
    const Situation* m_s;
    const Aim* m_aim;
    Instrument m_shape;
    JointForecast m_jointForecast;
    double m_loss;
    std::vector<double> m_bounds; ///< above which a note is spoiled
    std::vector<double> m_floors; ///< below which one is
    JointForecast m_asHeard;      ///< on the shape that was last listened to
    double m_risk = 0.0;          ///< that something has gone sharp since
    bool m_heldBack = false;      ///< the limit of spoiling kept something from going further
};

Result<AdviceStep> PassBuilder::described(const Cut& cut, Metres from, const Settled& settled) const
{
    const auto& [after, there, risk, goal, guarded] = settled;
    const auto doubt = DOWEL_TRY(m_s->forecaster->plainDoubt(after));
    const double honesty = m_s->forecaster->honesty();
    const JointForecast before = m_s->asHeard(m_jointForecast);
    const JointForecast then = m_s->asHeard(there);
    const auto states = then.states();
    const auto& fingerings = m_s->fingerings();
    AdviceStep step;
    step.cut = cut;
    step.from = from;
    double most = -1.0;
    for (std::size_t i = 0; i < states.size(); ++i) {
        const auto k = static_cast<Eigen::Index>(i);
        const double moved =
            std::abs(there.mean[k] - m_jointForecast.mean[k]) * std::sqrt(fingerings[i].weight) / fingerings[i].tolerance.cents();
        if (moved > most) {
            most = moved;
            step.reason = {fingerings[i].id, Cents::fromCents(m_jointForecast.mean[k]), guarded, goal};
        }
        const double part = honesty * doubt[i];
        const double rest = std::sqrt(std::max(0.0, states[i].sd * states[i].sd - part * part));
        step.forecast.push_back({fingerings[i].id, Cents::fromCents(before.mean[k]), Cents::fromCents(states[i].cents),
                                 Cents::fromCents(states[i].sd), Cents::fromCents(rest), Cents::fromCents(doubt[i])});
    }
    if (std::holds_alternative<Enlarge>(cut))
        step.bit = bitOfSize(wantedSize(cut), m_s->tools());
    step.chanceSpoiled = std::max(0.0, risk - m_risk);
    step.thenMeasure = false;
    return step;
}

Result<std::optional<AdviceStep>> PassBuilder::step(const Lever& lever, Metres goal, double needed, std::size_t toCome)
{
    using Found = std::optional<AdviceStep>;
    const Cut wish = cutFor(m_shape, lever, goal);
    const Metres from = *presentSize(m_shape, wish);
    const bool shrinks = wantedSize(wish) < from;
    const CutFacts& facts = factsOf(lever.cut);
    if (shrinks && facts.size == CutFacts::Size::Grows)
        return Found{};
    const Tools tools = m_s->tools();
    const double worth = facts.lessSure ? m_s->options.worthOfOther : m_s->options.worth;
    // A tool that usually goes a little too far is stopped a little before.
    const Metres habit = isLever<Enlarge>(lever) ? Metres::fromMetres(m_s->forecaster->posterior().priors().slip_m) : Metres{};
    const Metres aimed = wantedSize(wish) - habit;
    const Metres way = shrinks ? from - aimed : aimed - from;
    if (way < tools.step * 0.5)
        return Found{};
    // Alone it need not pay: a stopper that is moved flattens every note before the holes follow.
    const auto pays = [&](double loss) {
        return m_loss - loss >= worth || (facts.lever.mayFlatten && needed >= worth);
    };
    Metres last = from;
    for (const double share : {1.0, 0.8, 0.6, 0.45, 0.3, 0.2}) {
        if (m_s->cancel.requested())
            return Error{ErrorCode::Cancelled, "plan", {}};
        // To the nearest size that can be made where that is the goal itself, short of it where it is guarded.
        const Metres half = share == 1.0 && !shrinks ? tools.step * 0.4 : Metres{};
        const Metres size = rounded(lever, from, from + (aimed - from) * share + half, tools, m_s->options.handWork);
        if (size == last)
            continue;
        last = size;
        if (shrinks ? size >= from : size <= from)
            return Found{};
        auto after = applied(m_shape, withSize(wish, size));
        if (!after || !keepsWood(*after))
            return Found{}; // not with this wood: a wall too thin
        auto there = DOWEL_TRY(m_s->forecaster->jointForecast(*after));
        const double loss = lossOf(there);
        const double risk = riskAt(there);
        constexpr double negligibleRisk = 0.004;
        const double rest = std::max(0.0, m_s->options.spoilLimit - m_risk);
        constexpr std::size_t mostToCome = 2; // few of those behind need theirs
        if (risk > m_risk + std::max(negligibleRisk, rest / static_cast<double>(std::min(toCome, mostToCome) + 1))) {
            m_heldBack = true;
            continue;
        }
        if (!pays(loss))
            return Found{};
        auto described =
            DOWEL_TRY(this->described(withSize(wish, size), from, {*after, there, risk, wantedSize(wish), share < 1.0}));
        m_shape = std::move(*after);
        m_jointForecast = std::move(there);
        m_loss = loss;
        m_risk = risk;
        return Found{std::move(described)};
    }
    return Found{};
}

Result<std::optional<AdviceStep>> PassBuilder::bestSingleStep(const std::vector<Lever>& levers, double gain)
{
    struct Candidate
    {
        Cut cut;
        Metres from;
        Instrument after;
        JointForecast there;
    };
    std::optional<Candidate> best;
    double most = chanceAllWithin(m_jointForecast, m_s->tolerances()) + gain;
    const Metres tool = m_s->tools().step;
    for (const Lever& lever : levers) {
        const Cut here = cutFor(m_shape, lever, Metres{});
        const Metres from = *presentSize(m_shape, here);
        const Metres stands = standsAt(m_shape, lever);
        const CutFacts::Size goes = factsOf(lever.cut).size;
        for (const int steps : {1, 2, 3, 5, -1, -2, -3, -5}) {
            if (m_s->cancel.requested())
                return Error{ErrorCode::Cancelled, "plan", {}};
            if (goes == (steps < 0 ? CutFacts::Size::Grows : CutFacts::Size::Shrinks))
                continue;
            const Metres value = stands + tool * steps;
            if (value < lever.low || value > lever.high)
                continue;
            // To the nearest size on the scale of the calipers.
            const Cut wish = cutFor(m_shape, lever, value);
            const Metres nearest = steps > 0 ? wantedSize(wish) + tool * 0.5 : wantedSize(wish) - tool * 0.5;
            const Metres size = rounded(lever, from, nearest, m_s->tools(), m_s->options.handWork);
            if (size == from)
                continue;
            const Cut cut = withSize(wish, size);
            auto after = applied(m_shape, cut);
            if (!after || !keepsWood(*after))
                continue; // not with this wood
            auto there = DOWEL_TRY(m_s->forecaster->jointForecast(*after));
            const double chance = chanceAllWithin(there, m_s->tolerances());
            if (chance <= most)
                continue;
            most = chance;
            best = Candidate{cut, from, std::move(*after), std::move(there)};
        }
    }
    if (!best)
        return std::optional<AdviceStep>{};
    const double risk = riskAt(best->there);
    auto described =
        DOWEL_TRY(this->described(best->cut, best->from, {best->after, best->there, risk, wantedSize(best->cut), false}));
    m_shape = std::move(best->after);
    m_jointForecast = std::move(best->there);
    m_loss = lossOf(m_jointForecast);
    m_risk = risk;
    return std::optional(std::move(described));
}

const Instrument& shapeLastHeard(const Situation& s)
{
    const auto& heard = s.forecaster->posterior().lastHeard();
    const int newest = heard.empty() ? -1 : *std::max_element(heard.begin(), heard.end());
    const auto& shapes = s.book->shapes();
    return newest < 0 ? shapes.back() : shapes[static_cast<std::size_t>(newest)];
}

/// What a goal would lose if each of its levers stayed where it is.
Result<std::vector<double>> neededOf(const Situation& s, const Goal& goal, const Aim& aim)
{
    std::vector<double> needed;
    const double loss = aim.loss(goal.cents);
    for (std::size_t k = 0; k < goal.levers.size(); ++k) {
        Eigen::VectorXd without = goal.values_m;
        without[static_cast<Eigen::Index>(k)] = standsAt(s.present(), goal.levers[k]).metres();
        const auto shape = DOWEL_TRY(withLevers(s.present(), goal.levers, without));
        const auto cents = DOWEL_TRY(s.forecaster->posterior().cents(shape));
        needed.push_back(aim.loss(cents) - loss);
    }
    return needed;
}

} // namespace

Result<Pass> buildPass(const Situation& s, const Goal& goal, const Aim& aim)
{
    PassBuilder walker(s, aim, s.present(), s.forecaster->present());
    DOWEL_TRY(walker.startFrom(shapeLastHeard(s)));
    const auto needed = DOWEL_TRY(neededOf(s, goal, aim));
    Pass pass{{}, s.present(), {}};
    const auto moves = [&](const Lever& l) {
        return s.heardSinceCut(l);
    };
    auto toCome = static_cast<std::size_t>(std::count_if(goal.levers.begin(), goal.levers.end(), moves));
    constexpr int turns = 4;
    for (int turn = 0; turn < turns; ++turn)
        for (std::size_t k = 0; k < goal.levers.size(); ++k) {
            const Lever& lever = goal.levers[k];
            if (turnOf(lever, s.strategy) != turn)
                continue;
            if (!moves(lever)) {
                pass.waiting = true;
                continue;
            }
            --toCome;
            auto step =
                DOWEL_TRY(walker.step(lever, Metres::fromMetres(goal.values_m[static_cast<Eigen::Index>(k)]), needed[k], toCome));
            if (step)
                pass.steps.push_back(std::move(*step));
        }
    pass.heldBack = walker.heldBack();
    pass.after = walker.shape();
    pass.jointForecast = walker.jointForecast();
    return pass;
}

Result<Pass> singleCutsThatPay(const Situation& s, double roundPrice, std::size_t most)
{
    const Aim aim = s.aim(s.options.lastSpread_cents);
    PassBuilder walker(s, aim, s.present(), s.forecaster->present());
    DOWEL_TRY(walker.startFrom(shapeLastHeard(s)));
    std::vector<Lever> levers = leversOf(s.present(), s.options.means, s.options.leastWood);
    // A pipe of which only the depth is to be set keeps its voice: its window is not moved for a few cents.
    const bool depthOnly = isBoredDeeper(s.present().spec());
    std::erase_if(levers, [&](const Lever& l) { return !s.heardSinceCut(l) || (depthOnly && isLever<CutUp>(l)); });
    Pass pass{{}, s.present(), {}};
    while (pass.steps.size() < most) {
        auto step = DOWEL_TRY(walker.bestSingleStep(levers, s.options.singleCutGain + (pass.steps.empty() ? roundPrice : 0.0)));
        if (!step)
            break;
        // One lever once: what it does is heard before it is moved again.
        std::erase_if(levers, [&](const Lever& l) { return isSameStep(l.cut, (step)->cut); });
        pass.steps.push_back(std::move(*step));
    }
    pass.after = walker.shape();
    pass.jointForecast = walker.jointForecast();
    return pass;
}

} // namespace dowel::planning
