// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/enlarge.h"

#include "core/instrument/cuts/parts.h"

#include <algorithm>

namespace dowel {

std::optional<Metres> Enlarge::present(const Instrument& there) const
{
    return cuts::ofHole(there, hole, &Hole::diameter);
}

Status Enlarge::doTo(InstrumentSpec& spec) const
{
    const auto found = DOWEL_TRY(cuts::holeIn(spec, hole));
    Hole& h = *found;
    if (diameter < h.diameter - caliperSlack)
        return cuts::tooSmall("/holes/" + hole.text + "/diameter_mm", diameter, h.diameter);
    h.diameter = diameter;
    h.undercutDiameter = std::max(h.undercutDiameter, diameter);
    if (h.countersink && h.countersink->diameter <= h.diameter)
        h.countersink.reset(); // the bit has taken it away
    return Done{};
}

std::vector<Enlarge> Enlarge::on(const Instrument& there)
{
    return cuts::onHoles<Enlarge>(there);
}

} // namespace dowel
