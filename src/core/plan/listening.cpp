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

namespace {

/// Sessions since the last of some entries: readings with no cut and no advice between them are one.
template <class E> int sessionsSince(const Situation& s)
{
    int rounds = 0;
    bool listening = false;
    for (const Entry& e : s.book->entries()) {
        const bool reading = std::holds_alternative<ReadingEntry>(e.body);
        rounds += reading && !listening ? 1 : 0;
        listening =
            reading || (listening && !std::holds_alternative<CutEntry>(e.body) && !std::holds_alternative<Advice>(e.body));
        if (std::holds_alternative<E>(e.body))
            rounds = 0;
    }
    return rounds;
}

} // namespace

int sessionsHeard(const Situation& s)
{
    return sessionsSince<BuiltEntry>(s); // another piece begins anew
}

int sessionsSinceCut(const Situation& s)
{
    return sessionsSince<CutEntry>(s);
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

std::vector<FingeringId> sittingWith(const Situation& s, std::vector<FingeringId> needed)
{
    const auto& fingerings = s.fingerings();
    const auto& now = s.forecaster->now();
    const auto tolerances = s.tolerances();
    std::vector<bool> heard(fingerings.size());
    std::vector<std::size_t> others;
    const auto undecided = undecidedNotes(s, Undecided::WhatCanBeMended);
    const auto isIn = [&](const std::vector<FingeringId>& ids, std::size_t i) {
        return std::find(ids.begin(), ids.end(), fingerings[i].id) != ids.end();
    };
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        heard[i] = isIn(needed, i) || isIn(undecided, i);
        if (!heard[i] && tolerances[i] > 0.0 && !s.inconsistent[i])
            others.push_back(i);
    }
    const auto room = [&](std::size_t i) { // deviations between a note and its nearer limit
        return (tolerances[i] - std::abs(now[i].cents)) / now[i].sd;
    };
    std::stable_sort(others.begin(), others.end(), [&](std::size_t a, std::size_t b) { return room(a) < room(b); });
    auto count = static_cast<std::size_t>(std::count(heard.begin(), heard.end(), true));
    for (std::size_t k = 0; k < others.size() && 2 * count < fingerings.size(); ++k, ++count)
        heard[others[k]] = true;
    needed.clear();
    for (std::size_t i = 0; i < fingerings.size(); ++i)
        if (heard[i])
            needed.push_back(fingerings[i].id);
    return needed;
}

} // namespace dowel::planning
