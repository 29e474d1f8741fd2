// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/sink.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> Sink::present(const Instrument& there) const
{
    const Hole* h = there.find(hole);
    return h == nullptr ? std::nullopt : std::optional(h->countersink ? h->countersink->diameter : h->diameter);
}

Status Sink::doTo(InstrumentSpec& spec) const
{
    Hole& h = *DOWEL_TRY(cuts::holeIn(spec, hole));
    const Metres now = h.countersink ? h.countersink->diameter : h.diameter;
    if (diameter < now - boreSlack)
        return cuts::tooSmall("/holes/" + hole.text + "/countersink_diameter_mm", diameter, now);
    if (diameter <= h.diameter) {
        h.countersink.reset();
        return Done{};
    }
    const Metres deep = depth.value_or(h.countersink ? h.countersink->depth : h.chimney / 2.0);
    h.countersink = Countersink{diameter, deep};
    return Done{};
}

std::vector<Sink> Sink::on(const Instrument& there)
{
    return cuts::onHoles<Sink>(there);
}

} // namespace dowel
