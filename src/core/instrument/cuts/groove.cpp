// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/groove.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> Groove::present(const Instrument& there) const
{
    return cuts::ofHole(there, hole, &Hole::chimney);
}

Status Groove::doTo(InstrumentSpec& spec) const
{
    Hole& h = *DOWEL_TRY(cuts::holeIn(spec, hole));
    if (chimney > h.chimney + boreSlack)
        return cuts::tooSmall("/holes/" + hole.text + "/chimney_mm", chimney, h.chimney);
    // What a countersink had taken is gone first.
    if (h.countersink) {
        h.countersink->depth = h.countersink->depth - (h.chimney - chimney);
        if (!(h.countersink->depth.metres() > 0.0))
            h.countersink.reset();
    }
    h.chimney = chimney;
    return Done{};
}

std::vector<Groove> Groove::on(const Instrument& there)
{
    return cuts::onHoles<Groove>(there);
}

} // namespace dowel
