// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/kind.h"

#include <algorithm>

namespace dowel::cuts {

Error tooSmall(std::string where, Metres wanted, Metres present)
{
    return {ErrorCode::NotRemovable, std::move(where), {FactId::IsNow, wanted, present}};
}

Result<Hole*> holeIn(InstrumentSpec& spec, const HoleId& id)
{
    const auto it = std::find_if(spec.holes.begin(), spec.holes.end(), [&](const Hole& h) { return h.id == id; });
    if (it == spec.holes.end())
        return Error{ErrorCode::UnknownName, "hole", Fact::said(id.text)};
    return &*it;
}

std::optional<Metres> ofHole(const Instrument& there, const HoleId& id, Metres Hole::*size)
{
    const Hole* h = there.find(id);
    return h == nullptr ? std::nullopt : std::optional(h->*size);
}

Station stationAt(const std::vector<Station>& bore, Metres otherwise, Metres at)
{
    Station station{at, boreDiameterAt(bore, at)};
    const auto next = std::find_if(bore.begin(), bore.end(), [&](const Station& s) { return s.at >= at; });
    const Station& above = next == bore.begin() ? bore.front() : *(next - 1);
    station.roughness = above.roughness;
    station.porosity = above.porosity;
    if (above.wall || (next != bore.end() && next->wall))
        station.wall = wallAt(bore, otherwise, at);
    return station;
}

} // namespace dowel::cuts
