// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/ream.h"

#include <algorithm>

namespace dowel {

void splitBoreAt(InstrumentSpec& spec, Metres at)
{
    std::vector<Station>& bore = spec.bore;
    const auto next = std::find_if(bore.begin(), bore.end(), [&](const Station& s) { return s.at >= at; });
    if (next == bore.end() || next->at == at)
        return;
    bore.insert(next, cuts::stationAt(bore, spec.wall, at));
}

bool Ream::samePlace(const Ream& other) const
{
    const Metres shared = std::min(to, other.to) - std::max(from, other.from);
    return shared > std::min(to - from, other.to - other.from) / 2.0;
}

std::optional<Metres> Ream::present(const Instrument& there) const
{
    Metres narrowest = std::min(there.boreDiameterAt(from), there.boreDiameterAt(to));
    for (const Station& s : there.spec().bore)
        if (s.at >= from && s.at <= to)
            narrowest = std::min(narrowest, s.diameter);
    return narrowest;
}

Status cuts::widen(InstrumentSpec& spec, const Stretch& stretch)
{
    const Metres from = stretch.from;
    const Metres to = stretch.to;
    const Metres length = spec.bore.back().at;
    if (!(from.metres() >= 0.0) || !(to > from) || to > length)
        return Error{ErrorCode::BadGeometry, "from_mm", {FactId::ReamsBeyond, from, to, length}};
    const auto wanted = [&](Metres at) {
        return stretch.atFrom + (stretch.atTo - stretch.atFrom) * ((at - from) / (to - from));
    };
    // The step at each end of the reamed stretch is as steep as two stations may stand.
    constexpr Metres shoulder = Metres::fromMillimetres(0.05);
    splitBoreAt(spec, from);
    splitBoreAt(spec, to);
    if (from - shoulder > Metres{})
        splitBoreAt(spec, from - shoulder);
    if (to + shoulder < length)
        splitBoreAt(spec, to + shoulder);
    // Where bore and reamer cross each other is a station of the bore after it.
    const std::vector<Station> before = spec.bore;
    for (std::size_t i = 1; i < before.size(); ++i) {
        const Station& high = before[i - 1];
        const Station& low = before[i];
        const Metres above = high.diameter - wanted(high.at);
        const Metres below = low.diameter - wanted(low.at);
        if (high.at >= from && low.at <= to && above.metres() * below.metres() < 0.0)
            if (const Metres at = high.at + (low.at - high.at) * (above / (above - below));
                at - high.at > shoulder && low.at - at > shoulder)
                splitBoreAt(spec, at);
    }
    // What the reamer takes from the bore the wall and the chimneys there lose.
    for (Hole& h : spec.holes)
        if (h.at >= from && h.at <= to)
            h.chimney = h.chimney - std::max(Metres{}, (wanted(h.at) - boreDiameterAt(spec.bore, h.at)) / 2.0);
    Metres most = boreSlack * -2.0; // by how much the reamer is wider than the bore
    for (Station& s : spec.bore) {
        if (s.at < from || s.at > to)
            continue;
        const Metres wide = wanted(s.at);
        most = std::max(most, wide - s.diameter);
        if (s.diameter < wide) {
            s.wall = s.wall.value_or(spec.wall) - (wide - s.diameter) / 2.0;
            s.diameter = wide;
        }
    }
    // A reamer that took next to nothing may measure as nothing.
    if (most < boreSlack * -1.0)
        return Error{ErrorCode::NotRemovable, "diameter_mm", FactId::BoreWideAlready};
    return Done{};
}

Status Ream::doTo(InstrumentSpec& spec) const
{
    return cuts::widen(spec, {from, to, diameter, diameter});
}

std::vector<Ream> Ream::on(const Instrument& /*there*/)
{
    return {}; // between two places that only the maker or the plan knows
}

} // namespace dowel
