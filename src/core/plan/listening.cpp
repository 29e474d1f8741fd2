// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/listening.h"

#include <algorithm>
#include <cmath>

namespace dowel::planning {

std::vector<FingeringId> unheardNotes(const Situation& s)
{
    std::vector<FingeringId> ids;
    for (std::size_t i = 0; i < s.fingerings().size(); ++i)
        if (s.forecaster->posterior().lastHeard()[i] < 0)
            ids.push_back(s.fingerings()[i].id);
    return ids;
}

std::vector<FingeringId> moved(const Situation& s, const JointForecast& there, double by_cents)
{
    std::vector<FingeringId> ids;
    const auto& now = s.forecaster->now();
    for (std::size_t i = 0; i < now.size(); ++i) {
        const auto& heard = s.forecaster->waySinceHeard()[i];
        const double way = heard.value_or(0.0) + std::abs(there.mean[static_cast<Eigen::Index>(i)] - now[i].cents);
        if (!heard || way > by_cents)
            ids.push_back(s.fingerings()[i].id);
    }
    return ids;
}

int sessionsHeard(const Situation& s)
{
    int rounds = 0;
    bool listening = false;
    for (const Entry& e : s.book->entries()) {
        const bool reading = std::holds_alternative<ReadingEntry>(e.body);
        rounds += reading && !listening ? 1 : 0;
        listening =
            reading || (listening && !std::holds_alternative<CutEntry>(e.body) && !std::holds_alternative<Advice>(e.body));
        if (std::holds_alternative<BuiltEntry>(e.body))
            rounds = 0; // another piece
    }
    return rounds;
}

bool ownCuts(const Situation& s)
{
    const auto& heard = s.forecaster->posterior().lastHeard();
    const int newest = heard.empty() ? -1 : *std::max_element(heard.begin(), heard.end());
    const auto cuts = s.book->cuts();
    return std::any_of(cuts.begin() + std::min<std::ptrdiff_t>(std::max(newest, 0), std::ssize(cuts)), cuts.end(),
                       [](const Entry* e) {
                           const auto& cut = std::get<CutEntry>(e->body);
                           return !cut.advised || cut.forecast.empty();
                       });
}

std::vector<FingeringId> undecidedNotes(const Situation& s, Undecided which)
{
    constexpr int enough = 2;     // a note heard so often on one shape is known as well as it will be
    constexpr double open = 0.08; // the chance to be out from which it is not settled
    constexpr double closed = 0.92;
    std::vector<FingeringId> ids;
    const auto& now = s.forecaster->now();
    const auto tolerances = s.tolerances();
    for (std::size_t i = 0; i < now.size(); ++i) {
        if (!(tolerances[i] > 0.0) || s.inconsistent[i] || (which == Undecided::WhatCanBeMended && s.heardHere(i) >= enough))
            continue;
        const double flat = std::exp(logAbove((now[i].cents + tolerances[i]) / now[i].sd));
        const double sharp = std::exp(logAbove((tolerances[i] - now[i].cents) / now[i].sd));
        const double out = which == Undecided::WhatCanBeMended ? flat : flat + sharp;
        if (out > open && out < closed)
            ids.push_back(s.fingerings()[i].id);
    }
    return ids;
}

} // namespace dowel::planning
