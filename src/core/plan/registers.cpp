// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/registers.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace dowel {

namespace {

bool sameFingers(const Fingering& a, const Fingering& b)
{
    const std::set<HoleId> left(a.closed.begin(), a.closed.end());
    const std::set<HoleId> right(b.closed.begin(), b.closed.end());
    return left == right && a.half == b.half;
}

/// A small amount of a lever in the direction in which it has somewhere to go.
Metres trialOf(const Lever& lever)
{
    switch (lever.kind) {
    case Lever::Kind::Foot: return Metres::fromMillimetres(-0.1);
    case Lever::Kind::Stopper: return Metres::fromMillimetres(1.0);
    default: return Metres::fromMillimetres(0.1);
    }
}

} // namespace

Result<RegisterView> registersOf(const Posterior& posterior, const Instrument& shape)
{
    RegisterView view;
    const auto& fingerings = shape.spec().fingerings;
    for (std::size_t low = 0; low < fingerings.size(); ++low)
        for (std::size_t high = 0; high < fingerings.size(); ++high)
            if (fingerings[high].registerNumber == fingerings[low].registerNumber + 1 &&
                sameFingers(fingerings[low], fingerings[high]))
                view.pairs.push_back({low, high, {}});
    if (view.pairs.empty())
        return view;
    const auto now = posterior.cents(shape);
    if (!now)
        return now.error();
    const auto wide = [](const std::vector<double>& cents, const RegisterPair& p) {
        return cents[p.high] - cents[p.low];
    };
    const auto count = static_cast<double>(view.pairs.size());
    for (RegisterPair& p : view.pairs) {
        p.wide = Cents::fromCents(wide(*now, p));
        view.mean = view.mean + p.wide / count;
    }
    for (const Lever& lever : leversOf(shape, Means::BoreToo)) {
        const Metres by = trialOf(lever);
        const auto moved = applied(shape, cutFor(shape, lever, standsAt(shape, lever) + by));
        if (!moved)
            continue; // no room for it
        const auto there = posterior.cents(*moved);
        if (!there)
            continue;
        RegisterLever r{lever, by, {}, {}};
        for (const RegisterPair& p : view.pairs) {
            r.change.push_back(Cents::fromCents(wide(*there, p) - wide(*now, p)));
            r.mean = r.mean + r.change.back() / count;
        }
        view.levers.push_back(std::move(r));
    }
    const auto strength = [](const RegisterLever& r) {
        double most = 0.0;
        for (const Cents c : r.change)
            most = std::max(most, std::abs(c.cents()));
        return most;
    };
    std::stable_sort(view.levers.begin(), view.levers.end(),
                     [&](const RegisterLever& a, const RegisterLever& b) { return strength(a) > strength(b); });
    return view;
}

} // namespace dowel
