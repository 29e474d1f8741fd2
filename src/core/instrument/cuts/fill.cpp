// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/fill.h"

#include "core/instrument/cuts/parts.h"

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
    return cuts::onHoles<Fill>(there);
}

} // namespace dowel
