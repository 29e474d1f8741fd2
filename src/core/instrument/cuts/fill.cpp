// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/fill.h"

namespace dowel {

std::optional<Metres> Fill::present(const Instrument& there) const
{
    return cuts::ofHole(there, hole, &Hole::diameter);
}

Status Fill::doTo(InstrumentSpec& spec) const
{
    const auto found = DOWEL_TRY(cuts::holeIn(spec, hole));
    Hole& h = *found;
    if (diameter > h.diameter)
        return Error{ErrorCode::BadValue, "/holes/" + hole.text + "/diameter_mm", {FactId::IsNow, diameter, h.diameter}};
    h.diameter = diameter;
    h.undercutDiameter = diameter;
    return Done{};
}

std::vector<Fill> Fill::on(const Instrument& there)
{
    std::vector<Fill> works;
    for (const Hole& h : there.spec().holes)
        works.push_back({h.id, h.diameter});
    return works;
}

} // namespace dowel
