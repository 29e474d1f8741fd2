// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/unreached.h"

#include <algorithm>
#include <cmath>

namespace dowel::planning {

namespace {

UnreachedNote::Why whyFlat(const Situation& s, const Instrument& shape, const Eigen::RowVectorXd& slopes)
{
    Eigen::Index strongest = 0;
    slopes.cwiseAbs().maxCoeff(&strongest);
    const auto hole = static_cast<std::size_t>(strongest);
    const Reach reach = reachOf(s.present(), s.options.leastWood);
    const Metres step = shape.spec().tools.step;
    if (hole == reach.widest.size())
        return shape.length() <= reach.shortest + step ? UnreachedNote::Why::FootAtLimit : UnreachedNote::Why::Compromise;
    return shape.spec().holes[hole].diameter + step > reach.widest[hole] ? UnreachedNote::Why::HoleAtLimit
                                                                         : UnreachedNote::Why::Compromise;
}

UnreachedNote::Why whyByDepth(const Situation& s, const Instrument& shape, double cents)
{
    if (cents < 0.0)
        return UnreachedNote::Why::TooDeep;
    const Metres room = reachOf(s.present(), s.options.leastWood).deepest - shape.length();
    return room <= shape.spec().tools.step ? UnreachedNote::Why::DepthAtLimit : UnreachedNote::Why::Compromise;
}

} // namespace

std::vector<UnreachedNote> unreachedNotes(const Situation& s, const Instrument& shape, const std::vector<NoteState>& states,
                                          double surely)
{
    std::vector<UnreachedNote> left;
    const auto slopes = s.forecaster->posterior().sensitivity(shape);
    const auto& fingerings = s.fingerings();
    for (std::size_t i = 0; i < states.size(); ++i) {
        const Cents off = Cents::fromCents(states[i].cents);
        if (s.inconsistent[i]) {
            const double heard = states[i].cents - s.forecaster->posterior().newestMisfits()[i].cents;
            left.push_back({fingerings[i].id, Cents::fromCents(heard), UnreachedNote::Why::OutOfLine});
            continue;
        }
        if (std::abs(states[i].cents) <= fingerings[i].tolerance.cents() + surely * states[i].sd)
            continue;
        UnreachedNote::Why why = UnreachedNote::Why::Compromise;
        if (depthAlone(shape, i))
            why = whyByDepth(s, shape, states[i].cents);
        else if (states[i].cents > 0.0)
            why = UnreachedNote::Why::SharpAlready;
        else if (slopes)
            why = whyFlat(s, shape, slopes->perMetre.row(static_cast<Eigen::Index>(i)));
        left.push_back({fingerings[i].id, off, why});
    }
    return left;
}

Result<std::vector<Cut>> lastResort(const Situation& s, const std::vector<UnreachedNote>& left)
{
    std::vector<Cut> fills;
    const auto gone = [](const UnreachedNote& l) {
        return l.why == UnreachedNote::Why::SharpAlready || l.why == UnreachedNote::Why::TooDeep;
    };
    if (std::none_of(left.begin(), left.end(), gone))
        return fills;
    const Metres most = Metres::fromMillimetres(2.0);
    std::vector<Lever> levers;
    for (const Hole& h : s.present().spec().holes)
        levers.push_back({Fill{h.id, {}}, std::max(h.diameter * 0.6, h.diameter - most), h.diameter});
    if (const Metres deep = s.present().length(); isBoredDeeper(s.present().spec()))
        levers.push_back({PushPlug{}, std::max(deep * 0.6, deep - most * 10.0), deep});
    const GoalSearch search(*s.forecaster, s.present(), s.aim(s.options.lastSpread_cents), s.strategy, s.cancel);
    const auto goal = DOWEL_TRY(search.best(levers));
    Instrument filled = s.present();
    for (std::size_t k = 0; k < levers.size(); ++k) {
        const Metres to = Metres::fromMetres(goal.values_m[static_cast<Eigen::Index>(k)]);
        constexpr Metres worthIt = Metres::fromMillimetres(0.1);
        if (levers[k].high - to < worthIt)
            continue;
        fills.push_back(cutFor(s.present(), levers[k], to));
        auto next = DOWEL_TRY(applied(filled, fills.back()));
        filled = std::move(next);
    }
    const auto now = s.forecaster->posterior().cents(s.present());
    const auto there = s.forecaster->posterior().cents(filled);
    if (!now || !there)
        return now ? there.error() : now.error();
    constexpr double mends = 1.0; // of the chance's logarithm
    if (search.aim().loss(*now) - search.aim().loss(*there) < mends)
        fills.clear();
    return fills;
}

} // namespace dowel::planning
