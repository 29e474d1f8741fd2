// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"

#include "core/base/thread_role.h"
#include "core/instrument/summary.h"
#include "core/plan/diagnosis.h"
#include "core/plan/listening.h"
#include "core/plan/pass.h"
#include "core/plan/unreached.h"

#include <algorithm>
#include <cmath>

namespace dowel {

namespace planning {

namespace {

void summarise(const Situation& s, Advice& advice)
{
    const auto now = s.asHeard(s.forecaster->present()).states();
    std::vector<double> cents;
    for (const NoteState& n : now)
        cents.push_back(n.cents);
    const ScaleSummary all = summaryOf(s.fingerings(), cents);
    advice.worst = Cents::fromCents(all.worst_cents);
    advice.rms = Cents::fromCents(all.rms_cents);
    advice.withinTolerance = all.within;
    advice.of = all.of;
}

/// Where the shape should end: first for the notes as they are forecast, by holes and foot alone where that does, else by all
/// that there is; then as low as what is not known asks, with as little work as does.
struct GoalPair
{
    Goal straight;
    Goal careful;
    Aim aim; ///< of the careful one
};
class Finder
{
public:
    explicit Finder(const Situation& s) : m_s(&s) {}
    Result<GoalPair> ends()
    {
        const Situation& s = *m_s;
        Aim aim = s.aim(s.options.spread_cents);
        GoalSearch search(*s.forecaster, s.present(), aim, s.strategy, s.cancel);
        auto best = search.best(leversOf(s.present(), LeverScope::HolesAndFoot, s.options.leastWood));
        if (!best)
            return best.error();
        constexpr double enough = 0.9; // of the chance that all are in, as they are forecast
        for (const LeverScope means : {LeverScope::Embouchure, LeverScope::BoreToo}) {
            if (means > s.options.means || aim.chance(best->cents) > enough)
                break;
            auto more = DOWEL_TRY(search.best(leversOf(s.present(), means, s.options.leastWood), &*best));
            const auto without = DOWEL_TRY(lossWithDoubt(*best, aim));
            const auto with = DOWEL_TRY(lossWithDoubt(more, aim));
            if (without - with > s.options.worthOfOther)
                best = std::move(more);
        }
        const auto offset = DOWEL_TRY(safetyOffsets(*best));
        for (std::size_t i = 0; i < aim.notes.size(); ++i)
            aim.notes[i].offset_cents = offset[i];
        search.setAim(aim);
        auto careful = DOWEL_TRY(search.best(best->levers, &*best));
        auto thin = search.withFewestLevers(
            careful, [&](const Lever& l) { return factsOf(l.cut).lessSure ? s.options.worthOfOther : s.options.worth; });
        if (!thin)
            return thin.error();
        return GoalPair{std::move(*best), std::move(*thin), std::move(aim)};
    }

private:
    /// The aim's loss at a goal with what its less sure levers add to every note's spread: holes can mend what they get wrong in
    /// one register, not in both.
    [[nodiscard]] Result<double> lossWithDoubt(const Goal& goal, Aim aim) const
    {
        const auto doubt = DOWEL_TRY(m_s->forecaster->doubtOfLessSure(goal.shape, goal.cents));
        for (std::size_t i = 0; i < aim.notes.size(); ++i)
            aim.notes[i].spread_cents = std::hypot(aim.notes[i].spread_cents, doubt[i]);
        return aim.loss(goal.cents);
    }
    /// A note whose forecast at the goal is wide is kept a deviation low (high where depth alone mends it); the wood that is left
    /// corrects it later.
    [[nodiscard]] Result<std::vector<double>> safetyOffsets(const Goal& goal) const
    {
        const auto there = DOWEL_TRY(m_s->forecaster->jointForecast(goal.shape));
        const auto states = there.states();
        std::vector<double> offset(states.size());
        const double little = m_s->options.lastSpread_cents;
        for (std::size_t i = 0; i < offset.size(); ++i) {
            const double share = std::clamp((states[i].sd - little) / little, 0.0, 1.0);
            offset[i] = m_s->options.flatMargin_sd * share * states[i].sd * (depthAlone(goal.shape, i) ? -1.0 : 1.0);
        }
        return offset;
    }
    const Situation* m_s;
};

void finish(const Situation& s, Advice& advice)
{
    advice.state = AdviceState::Finished;
    advice.left = unreachedNotes(s, s.present(), s.forecaster->now(), 0.0);
    advice.wouldSettle = undecidedNotes(s, Undecided::All);
}

/// What the rest of the work will come to, from how far the notes still have to go. Each listening leaves about two fifths of the
/// way, as the guard lets a pass go, and each round after the first takes about half the cuts of the first: rules of thumb, like
/// the share of the goal's own chance that is reached. On average they hold to half a round, a sixth of the cuts and ten points
/// of the chance; by what is said, less well (docs/validation.md).
Expected estimateRemainingWork(const Situation& s, const GoalPair& ends, const Pass& pass)
{
    Aim last = s.aim(s.options.lastSpread_cents);
    double farthest = 0.0;
    for (std::size_t i = 0; i < last.notes.size(); ++i)
        if (last.notes[i].tolerance_cents > 0.0)
            farthest = std::max(farthest, std::abs(ends.straight.cents[i] - s.forecaster->now()[i].cents));
    constexpr double nothing_cents = 2.0;
    constexpr double leftEachRound = 0.4;
    Expected e;
    e.rounds = 1.0 + std::max(0.0, std::log(farthest / nothing_cents) / -std::log(leftEachRound));
    e.cuts = static_cast<double>(std::max<std::size_t>(pass.steps.size(), 1)) * (1.0 + 0.5 * (e.rounds - 1.0));
    constexpr double reached = 0.9;
    e.chanceAllWithin = reached * last.chance(ends.straight.cents);
    return e;
}

/// Advice, and what it was weighed by.
struct Decision
{
    Advice advice;
    std::optional<Expected> expected; ///< nothing where the work is at its end
    bool gainLeft = false;            ///< a cut would still lift the chance of all, if by less than it costs
};

/// What has to be done before any cut is weighed, or instead of one: whether that decides it.
Result<bool> decideBeforeGoals(const Situation& s, Decision& w)
{
    Advice& advice = w.advice;
    summarise(s, advice);
    if (auto missing = unheardNotes(s); !missing.empty()) {
        advice.state = AdviceState::Measure;
        advice.fingerings = std::move(missing);
        if (const auto ends = Finder(s).ends()) { // by what is known beforehand
            const Pass likelyPass{std::vector<AdviceStep>(ends->careful.levers.size()), s.present(), {}};
            w.expected = estimateRemainingWork(s, *ends, likelyPass);
        } else if (ends.error().code == ErrorCode::Cancelled) {
            return ends.error();
        }
        return true;
    }
    advice.chanceAllWithin = chanceAllWithin(s.asHeard(s.forecaster->present()), s.wanted());
    Result<std::optional<Contradiction>> inconsistent = sessionsApart(*s.book);
    if (!*inconsistent)
        inconsistent = contradictionIn(*s.book, s.forecaster->posterior(), s.cancel);
    if (!inconsistent)
        return inconsistent.error();
    if (!*inconsistent)
        *inconsistent = sessionContradiction(*s.book, s.forecaster->posterior());
    if (*inconsistent) {
        advice.state = AdviceState::Stop;
        advice.contradiction = std::move(*inconsistent);
        return true;
    }
    auto toHear = moved(s, s.forecaster->present(), s.options.hearAgainMove_cents);
    const bool wellIn = chanceAllWithin(s.forecaster->present(), s.tolerances()) >= s.options.wellIn;
    // What somebody did on his own is listened to before it is built on.
    if (!toHear.empty() && (ownCuts(s) || wellIn)) {
        advice.state = AdviceState::Measure;
        advice.fingerings = sittingWith(s, std::move(toHear));
        return true;
    }
    if (wellIn)
        finish(s, advice);
    return wellIn;
}

/// From this chance that all are in a piece is more likely in than not, but below it nobody would swear to it.
constexpr double likely = 0.75;
constexpr double smallMove_cents = 0.3; // where a lever waits for it even that is listened to

/// What a pass is weighed by.
struct Weighed
{
    double now = 0.0;  ///< chance that all are in, as the tuning strategy lets the work go by
    double then = 0.0; ///< after the pass
    double roundPrice = 0.0;
    bool early = false; ///< none can be in yet, and the work has not gone on for long
    bool pays = false;
};

Weighed weigh(const Situation& s, const GoalPair& ends, const Pass& pass)
{
    Weighed w;
    w.now = chanceAllWithin(s.forecaster->present(), s.tolerances());
    // While nobody would swear to the piece a round is worth twice as much.
    w.roundPrice = w.now < likely ? 0.5 * s.options.roundPrice : s.options.roundPrice;
    // Where all may be in already, wood is taken only for a better chance of it.
    constexpr double possiblyDone = 0.3;
    w.early = w.now < possiblyDone && sessionsHeard(s) < s.options.roundsToRough;
    if (pass.steps.empty())
        return w;
    w.then = chanceAllWithin(pass.jointForecast, s.tolerances());
    const auto lossOf = [&](const JointForecast& f) {
        return ends.aim.loss({f.mean.data(), f.mean.data() + f.mean.size()});
    };
    const double progress = lossOf(s.forecaster->present()) - lossOf(pass.jointForecast);
    // A round that has been begun is paid for already.
    const bool begun = sessionsSinceCut(s) == 0;
    const double price = (begun ? 0.0 : w.roundPrice) + s.options.passPrice * static_cast<double>(pass.steps.size());
    w.pays = w.then - w.now > price || (w.early && (begun || progress > s.options.roundWorth));
    return w;
}

/// The pass towards the careful end. The first listenings teach so much that the limit of spoiling holds until then; later ones
/// teach little, and what it still holds back would be held back for good: then the limit gives way, as far as the chance that
/// all are in gains by it, sharp notes counted in that chance like flat ones.
Result<Pass> passTowards(const Situation& s, const GoalPair& ends)
{
    auto best = DOWEL_TRY(buildPass(s, ends.careful, ends.aim));
    if (sessionsHeard(s) < s.options.listeningsThatTeach)
        return best;
    bool heldBack = best.heldBack;
    const auto chanceAfter = [&s](const Pass& p) {
        return chanceAllWithin(p.jointForecast, s.tolerances()) - s.options.passPrice * static_cast<double>(p.steps.size());
    };
    for (const double limit : {0.2, 1.0}) {
        if (!heldBack)
            break; // a wider limit would let through the same
        Situation bolder = s;
        bolder.options.spoilLimit = limit;
        auto pass = DOWEL_TRY(buildPass(bolder, ends.careful, ends.aim));
        heldBack = pass.heldBack;
        if (chanceAfter(pass) > chanceAfter(best) + s.options.singleCutGain)
            best = std::move(pass);
    }
    return best;
}

Result<Decision> cutBy(const Situation& s, const GoalPair& ends, Pass pass, Decision w)
{
    Advice& advice = w.advice;
    advice.state = AdviceState::MakeCut;
    advice.steps = std::move(pass.steps);
    const double all = chanceAllWithin(s.asHeard(pass.jointForecast), s.wanted());
    for (AdviceStep& step : advice.steps)
        step.chanceAllAfter = all;
    AdviceStep& last = advice.steps.back();
    last.thenMeasure = true;
    auto toHear = moved(s, pass.jointForecast, s.options.hearAgainMove_cents);
    if (toHear.empty())
        toHear = moved(s, pass.jointForecast, smallMove_cents);
    last.hear = sittingWith(s, std::move(toHear));
    const auto states = DOWEL_TRY(s.forecaster->statesNearby(ends.straight.shape));
    advice.left = unreachedNotes(s, ends.straight.shape, states, 1.0);
    return w;
}

/// What there is to listen to before more is cut, or given up; empty where nothing.
std::vector<FingeringId> worthHearing(const Situation& s, const Pass& pass, double now)
{
    auto toHear = moved(s, s.forecaster->present(), s.options.hearAgainMove_cents);
    if (toHear.empty() && pass.waiting)
        toHear = moved(s, s.forecaster->present(), smallMove_cents);
    constexpr int mostSessions = 2; // on one shape
    if (toHear.empty() && s.options.listenToSettle && now > s.options.settleFrom && now < likely &&
        sessionsSinceCut(s) < mostSessions)
        toHear = undecidedNotes(s, Undecided::WhatCanBeMended);
    return toHear;
}

Result<Decision> decide(const Situation& s)
{
    Decision w;
    const auto decided = DOWEL_TRY(decideBeforeGoals(s, w));
    if (decided)
        return w;
    const auto ends = DOWEL_TRY(Finder(s).ends());
    auto pass = DOWEL_TRY(passTowards(s, ends));
    w.expected = estimateRemainingWork(s, ends, pass);
    const Weighed by = weigh(s, ends, pass);
    const bool wood = sessionsHeard(s) < s.options.mostRounds;
    if (wood && by.pays)
        return cutBy(s, ends, std::move(pass), std::move(w));
    if (auto toHear = worthHearing(s, pass, by.now); !toHear.empty()) {
        w.advice.state = AdviceState::Measure;
        w.advice.fingerings = sittingWith(s, std::move(toHear));
        return w;
    }
    if (wood) {
        auto fine = DOWEL_TRY(singleCutsThatPay(s, by.now < likely ? 0.0 : 0.5 * by.roundPrice));
        if (!fine.steps.empty())
            return cutBy(s, ends, std::move(fine), std::move(w));
        if (by.early && !pass.steps.empty())
            return cutBy(s, ends, std::move(pass), std::move(w));
    }
    finish(s, w.advice);
    auto fills = DOWEL_TRY(lastResort(s, w.advice.left));
    w.advice.lastResort = std::move(fills);
    w.expected.reset();
    w.gainLeft = !pass.steps.empty() && by.then > by.now;
    return w;
}

} // namespace

} // namespace planning

Result<Recommendation> recommend(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    enterDoor(Door::Plan);
    Priors byThisHand = priors;
    if (options.handSlip)
        byThisHand.handSlipSd_m = options.handSlip->metres();
    auto forecaster = DOWEL_TRY(Forecaster::make(book, byThisHand, cancel, {options.fit, options.tools}));
    auto kept = std::make_shared<const Forecaster>(std::move(forecaster));
    const planning::Situation s{&book, kept.get(), options, cancel, book.strategy(), inconsistentNotes(book, kept->posterior())};
    auto decide = DOWEL_TRY(planning::decide(s));
    Recommendation all{std::move(decide.advice), {}, {}, s.asHeard(kept->present()).states(), kept};
    all.expected = decide.expected.value_or(Expected{all.advice.chanceAllWithin.value_or(0.0), 0.0, 0.0});
    if (all.advice.state == AdviceState::Finished)
        all.whyStop = all.advice.left.empty() ? WhyStop::InTune : decide.gainLeft ? WhyStop::NotWorthIt : WhyStop::OutOfReach;
    return all;
}

PlanOptions optionsFor(Effort effort)
{
    PlanOptions o;
    switch (effort) {
    case Effort::Quick:
        o.passPrice = 0.03;
        o.roundPrice = 0.15;
        o.singleCutGain = 0.08;
        o.roundsToRough = 4;
        o.mostRounds = 6;
        break;
    case Effort::Usual: break;
    case Effort::Best:
        o.passPrice = 0.005;
        o.roundPrice = 0.02;
        o.singleCutGain = 0.01;
        o.mostRounds = 13;
        break;
    }
    return o;
}

std::string_view whyStopName(WhyStop why)
{
    switch (why) {
    case WhyStop::InTune: return "in_tune";
    case WhyStop::NotWorthIt: return "not_worth_it";
    case WhyStop::OutOfReach: break;
    }
    return "out_of_reach";
}

Result<Advice> advise(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    enterDoor(Door::Plan);
    auto all = DOWEL_TRY(recommend(book, priors, options, cancel));
    return std::move(all.advice);
}

} // namespace dowel
