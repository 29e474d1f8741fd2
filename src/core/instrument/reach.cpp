// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/reach.h"

#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

// What a finger covers without care; common practice, no source.
constexpr Metres fingerCovers = Metres::fromMillimetres(13.0);
// What tools go beyond what was asked, at two holes together; common practice, no source.
constexpr Metres slips = Metres::fromMillimetres(0.3);

} // namespace

Reach reachOf(const Instrument& instrument, Metres leastWood)
{
    const InstrumentSpec& spec = instrument.spec();
    Reach reach;
    for (const Hole& h : spec.holes) {
        // A hole as wide as the bore weakens the tube; the last tenth stays.
        Metres widest = instrument.boreDiameterAt(h.at) * 0.9;
        if (spec.limits.holeMax)
            widest = std::min(widest, *spec.limits.holeMax);
        else if (h.closure != Closure::Pad)
            widest = std::min(widest, fingerCovers);
        for (const Hole& other : spec.holes) {
            if (other.id == h.id || other.side != h.side)
                continue;
            // Each neighbour may take its half of what wood there is between them beyond the least; where a maker has set them
            // closer than that from the start, of what there is three fifths, and never so much that a slip of the tool at both
            // would join them. Along the tube an oval hole and an undercut reach farther than the bit, and slanted holes lie
            // closer inside than outside.
            constexpr double mostOfLittle = 0.6;
            const Metres wood = woodBetween(h, other);
            const Metres keep = std::max(std::min(leastWood, wood * (1.0 - mostOfLittle)), leastWoodBetweenHoles + slips);
            widest = std::min(widest, h.undercutDiameter + std::max(Metres{}, wood - keep) / h.elongation);
        }
        const Metres lean = h.chimney * std::tan(h.slant_rad);
        const Metres toFoot = instrument.length() - h.at - std::max(Metres{}, lean) - leastWoodBetweenHoles - slips;
        widest = std::min(widest, toFoot * 2.0 / h.elongation);
        reach.widest.push_back(std::max(widest, h.diameter));
    }
    Metres lowestEdge = Metres::fromMetres(0.5 * instrument.length().metres());
    for (const Hole& h : spec.holes)
        lowestEdge = std::max(lowestEdge, h.at + std::max(Metres{}, h.chimney * std::tan(h.slant_rad)) +
                                              h.undercutDiameter * h.elongation / 2.0 + leastWood);
    reach.shortest = std::min(instrument.length(), std::max(spec.limits.footMin.value_or(lowestEdge), lowestEdge));
    // Without the maker's own limit as much deeper as a blank is usually longer than its bore; common practice, no source.
    constexpr double usualRoom = 1.15;
    reach.deepest = std::max(instrument.length(), spec.limits.depthMax.value_or(instrument.length() * usualRoom));
    return reach;
}

} // namespace dowel
