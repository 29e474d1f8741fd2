// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/undercut.h"

#include "core/instrument/cuts/parts.h"

#include <algorithm>

namespace dowel {

std::optional<Metres> Undercut::present(const Instrument& there) const
{
    return cuts::ofHole(there, hole, &Hole::undercutDiameter);
}

Status Undercut::doTo(InstrumentSpec& spec) const
{
    const auto found = DOWEL_TRY(cuts::holeIn(spec, hole));
    Hole& h = *found;
    if (undercutDiameter < h.undercutDiameter - boreSlack)
        return cuts::tooSmall("/holes/" + hole.text + "/undercut_diameter_mm", undercutDiameter, h.undercutDiameter);
    h.undercutDiameter = std::max(undercutDiameter, h.diameter);
    return Done{};
}

std::vector<Undercut> Undercut::on(const Instrument& there)
{
    return cuts::onHoles<Undercut>(there);
}

} // namespace dowel
