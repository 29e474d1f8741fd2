// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/lacquer.h"

#include <algorithm>

namespace dowel {

std::optional<Metres> Lacquer::present(const Instrument& /*there*/) const
{
    return Metres{}; // every coat is one of its own
}

Status Lacquer::doTo(InstrumentSpec& spec) const
{
    constexpr Metres thickest = Metres::fromMillimetres(0.5); // common practice, no source: more runs
    if (thickness < Metres{})
        return cuts::tooSmall("thickness_mm", thickness, Metres{});
    if (!(thickness.metres() >= 0.0) || thickness > thickest)
        return Error{ErrorCode::BadValue, "thickness_mm", {FactId::Within, thickness, Metres{}, thickest}};
    if (thickness == Metres{})
        return Done{};
    for (Station& s : spec.bore) {
        s.wall = s.wall.value_or(spec.wall) + thickness;
        s.diameter = s.diameter - thickness * 2.0;
        s.roughness = std::min(s.roughness, 1.0);
        s.porosity = 0.0;
    }
    for (Hole& h : spec.holes)
        h.chimney = h.chimney + thickness;
    return Done{};
}

std::vector<Lacquer> Lacquer::on(const Instrument& /*there*/)
{
    return {{}};
}

} // namespace dowel
