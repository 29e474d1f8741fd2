// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/registers.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <set>

namespace dowel {

namespace {

bool sameFingers(const Fingering& a, const Fingering& b)
{
    const std::set<HoleId> left(a.closed.begin(), a.closed.end());
    const std::set<HoleId> right(b.closed.begin(), b.closed.end());
    return left == right && a.half == b.half;
}

/// The same but for holes at the back: a thumb or register hole that is opened, or pinched, to reach the register above.
bool sameButForTheThumb(const InstrumentSpec& spec, const Fingering& a, const Fingering& b)
{
    std::set<HoleId> back;
    for (const Hole& h : spec.holes)
        if (h.side == Side::Back)
            back.insert(h.id);
    const auto fingers = [&back](Fingering f) {
        std::erase_if(f.closed, [&back](const HoleId& id) { return back.contains(id); });
        std::erase_if(f.half, [&back](const HalfHole& h) { return back.contains(h.hole); });
        return f;
    };
    return sameFingers(fingers(a), fingers(b));
}

/// A small amount of a lever in the direction in which it has somewhere to go.
Metres trialOf(const Lever& lever)
{
    switch (factsOf(lever.cut).size) {
    case CutFacts::Size::Shrinks: return Metres::fromMillimetres(-0.1);
    case CutFacts::Size::BothWays: return Metres::fromMillimetres(1.0);
    case CutFacts::Size::Grows: break;
    }
    return Metres::fromMillimetres(0.1);
}

} // namespace

Result<RegisterView> registersOf(const Posterior& posterior, const Instrument& shape)
{
    RegisterView view;
    const auto& fingerings = shape.spec().fingerings;
    for (std::size_t high = 0; high < fingerings.size(); ++high) {
        std::optional<std::size_t> below;
        for (std::size_t low = 0; low < fingerings.size(); ++low) {
            if (fingerings[high].registerNumber != fingerings[low].registerNumber + 1)
                continue;
            if (sameFingers(fingerings[low], fingerings[high])) {
                below = low;
                break;
            }
            if (!below && sameButForTheThumb(shape.spec(), fingerings[low], fingerings[high]))
                below = low;
        }
        if (below)
            view.pairs.push_back({*below, high, {}});
    }
    std::stable_sort(view.pairs.begin(), view.pairs.end(),
                     [](const RegisterPair& a, const RegisterPair& b) { return a.low < b.low; });
    if (view.pairs.empty())
        return view;
    const auto now = DOWEL_TRY(posterior.cents(shape));
    const auto wide = [](const std::vector<double>& cents, const RegisterPair& p) {
        return cents[p.high] - cents[p.low];
    };
    const auto count = static_cast<double>(view.pairs.size());
    for (RegisterPair& p : view.pairs) {
        p.wide = Cents::fromCents(wide(now, p));
        view.mean = view.mean + p.wide / count;
    }
    for (const Lever& lever : leversOf(shape, LeverScope::BoreToo)) {
        const Metres by = trialOf(lever);
        const auto moved = applied(shape, cutFor(shape, lever, standsAt(shape, lever) + by));
        if (!moved)
            continue; // no room for it
        const auto there = posterior.cents(*moved);
        if (!there)
            continue;
        RegisterLever r{lever, by, {}, {}};
        for (const RegisterPair& p : view.pairs) {
            r.change.push_back(Cents::fromCents(wide(*there, p) - wide(now, p)));
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
    // A reaming moves registers more than a hole does, and there are several: the strongest of every kind come first.
    std::vector<RegisterLever> first;
    std::vector<RegisterLever> rest;
    for (RegisterLever& r : view.levers) {
        const auto ofItsKind = [&r](const RegisterLever& other) {
            return other.lever.cut.index() == r.lever.cut.index();
        };
        (std::none_of(first.begin(), first.end(), ofItsKind) ? first : rest).push_back(std::move(r));
    }
    view.levers = std::move(first);
    view.levers.insert(view.levers.end(), std::make_move_iterator(rest.begin()), std::make_move_iterator(rest.end()));
    return view;
}

} // namespace dowel
