// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"

#include "core/base/thread_role.h"
#include "core/instrument/summary.h"
#include "core/plan/diagnosis.h"
#include "core/plan/left.h"
#include "core/plan/listening.h"
#include "core/plan/pass.h"

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
struct Ends
{
    Goal straight;
    Goal careful;
    Aim aim; ///< of the careful one
};
class Finder
{
public:
    explicit Finder(const Situation& s) : m_s(&s) {}
    Result<Ends> ends()
    {
        const Situation& s = *m_s;
        Aim aim = s.aim(s.options.spread_cents);
        GoalSearch search(*s.forecaster, s.present(), aim, s.school, s.cancel);
        auto best = search.best(leversOf(s.present(), Means::HolesAndFoot, s.options.leastWood));
        if (!best)
            return best.error();
        constexpr double enough = 0.9; // of the chance that all are in, as they are forecast
        for (const Means means : {Means::Embouchure, Means::BoreToo}) {
            if (means > s.options.means || aim.chance(best->cents) > enough)
                break;
            auto more = search.best(leversOf(s.present(), means, s.options.leastWood), &*best);
            if (!more)
                return more.error();
            if (best->loss - more->loss > s.options.worthOfOther)
                best = std::move(*more);
        }
        const auto lean = leaning(*best);
        if (!lean)
            return lean.error();
        for (std::size_t i = 0; i < aim.notes.size(); ++i)
            aim.notes[i].lean_cents = (*lean)[i];
        search.setAim(aim);
        auto careful = search.best(best->levers, &*best);
        if (!careful)
            return careful.error();
        auto thin = search.thinned(*careful, [&](const Lever& l) {
            const bool usual = l.kind == Lever::Kind::Hole || l.kind == Lever::Kind::Foot || l.kind == Lever::Kind::Depth;
            return usual ? s.options.worth : s.options.worthOfOther;
        });
        if (!thin)
            return thin.error();
        return Ends{std::move(*best), std::move(*thin), std::move(aim)};
    }

private:
    /// A note whose forecast at the goal is wide is kept a deviation low (high where depth alone mends it); the wood that is left
    /// corrects it later.
    [[nodiscard]] Result<std::vector<double>> leaning(const Goal& goal) const
    {
        const auto there = m_s->forecaster->outlook(goal.shape);
        if (!there)
            return there.error();
        const auto states = there->states();
        std::vector<double> lean(states.size());
        const double little = m_s->options.lastSpread_cents;
        for (std::size_t i = 0; i < lean.size(); ++i) {
            const double share = std::clamp((states[i].sd - little) / little, 0.0, 1.0);
            lean[i] = m_s->options.stayLow * share * states[i].sd * (depthAlone(goal.shape, i) ? -1.0 : 1.0);
        }
        return lean;
    }
    const Situation* m_s;
};

void finish(const Situation& s, Advice& advice)
{
    advice.state = AdviceState::Finished;
    advice.left = leftOvers(s, s.present(), s.forecaster->now(), 0.0);
    advice.wouldSettle = unsettled(s, Settle::All);
}

Result<Advice> advice(const Situation& s)
{
    Advice advice;
    summarise(s, advice);
    if (auto missing = neverHeard(s); !missing.empty()) {
        advice.state = AdviceState::Measure;
        advice.fingerings = std::move(missing);
        return advice;
    }
    advice.chanceAllWithin = chanceAllWithin(s.asHeard(s.forecaster->present()), s.wanted());
    const double now = chanceAllWithin(s.forecaster->present(), s.tolerances()); // as the school lets the work go by
    auto odd = contradictionIn(*s.book, s.forecaster->posterior(), s.cancel);
    if (!odd)
        return odd.error();
    if (*odd) {
        advice.state = AdviceState::Stop;
        advice.contradiction = std::move(*odd);
        return advice;
    }
    const auto measure = [&](std::vector<FingeringId> ids) {
        advice.state = AdviceState::Measure;
        advice.fingerings = std::move(ids);
        return advice;
    };
    auto stale = moved(s, s.forecaster->present(), s.options.staleMove_cents);
    // What somebody did on his own is listened to before it is built on.
    if (!stale.empty() && ownCuts(s))
        return measure(std::move(stale));
    if (now >= s.options.wellIn) {
        if (!stale.empty())
            return measure(std::move(stale));
        finish(s, advice);
        return advice;
    }
    const auto ends = Finder(s).ends();
    if (!ends)
        return ends.error();
    auto pass = passTowards(s, ends->careful, ends->aim);
    if (!pass)
        return pass.error();
    const double then = pass->steps.empty() ? 0.0 : chanceAllWithin(pass->outlook, s.tolerances());
    // Where all may be in already, wood is taken only for a better chance of it.
    constexpr double likely = 0.3;
    const double asked = s.options.worth * static_cast<double>(pass->steps.size());
    const bool pays = now < likely || then - now > asked;
    if (!pass->steps.empty() && pays) {
        advice.state = AdviceState::MakeCut;
        advice.steps = std::move(pass->steps);
        const double all = chanceAllWithin(s.asHeard(pass->outlook), s.wanted());
        for (AdviceStep& step : advice.steps)
            step.chanceAllAfter = all;
        advice.steps.back().thenMeasure = true;
        advice.steps.back().hear = moved(s, pass->outlook, s.options.staleMove_cents);
        const auto states = s.forecaster->statesNearby(ends->straight.shape);
        if (!states)
            return states.error();
        advice.left = leftOvers(s, ends->straight.shape, *states, 1.0);
        return advice;
    }
    constexpr double trifle_cents = 0.3; // where a lever waits for it even that is listened to
    if (stale.empty() && pass->waiting)
        stale = moved(s, s.forecaster->present(), trifle_cents);
    if (!stale.empty())
        return measure(std::move(stale));
    constexpr double hopeful = 0.1;
    if (auto open = unsettled(s, Settle::WhatCanBeMended); s.options.listenToSettle && !open.empty() && now > hopeful)
        return measure(std::move(open));
    finish(s, advice);
    auto fills = lastResort(s, advice.left);
    if (!fills)
        return fills.error();
    advice.lastResort = std::move(*fills);
    return advice;
}

} // namespace

} // namespace planning

Result<Counsel> counsel(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    enterDoor(Door::Plan);
    auto forecaster = Forecaster::make(book, priors, cancel, options.fit);
    if (!forecaster)
        return forecaster.error();
    auto kept = std::make_shared<const Forecaster>(std::move(*forecaster));
    const planning::Situation s{&book, kept.get(), options, cancel, book.school(), outOfLine(book, kept->posterior())};
    auto advice = planning::advice(s);
    if (!advice)
        return advice.error();
    return Counsel{std::move(*advice), s.asHeard(kept->present()).states(), std::move(kept)};
}

Result<Advice> advise(const Workbook& book, const Priors& priors, const PlanOptions& options, const Cancel& cancel)
{
    enterDoor(Door::Plan);
    auto all = counsel(book, priors, options, cancel);
    if (!all)
        return all.error();
    return std::move(all->advice);
}

} // namespace dowel
