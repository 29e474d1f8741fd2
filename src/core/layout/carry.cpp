// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/layout.h"

#include <algorithm>

namespace dowel {

namespace {

/// Holes that would run into each other on their new tube are made smaller until wood stands between them: the undercut first,
/// then the hole.
void keepApart(std::vector<Hole>& holes)
{
    constexpr double little = 0.98;
    constexpr int enough = 400; // down to a third of a thousandth: places that coincide are refused by Instrument::make()
    for (int turn = 0; turn < enough; ++turn) {
        bool meet = false;
        for (std::size_t i = 1; i < holes.size(); ++i) {
            Hole& low = holes[i - 1];
            Hole& high = holes[i];
            if (low.side != high.side || woodBetween(high, low) >= leastWoodBetweenHoles)
                continue;
            meet = true;
            const bool undercut = low.undercutDiameter > low.diameter || high.undercutDiameter > high.diameter;
            for (Hole* h : {&low, &high}) {
                if (!undercut)
                    h->diameter = h->diameter * little;
                h->undercutDiameter = std::max(h->diameter, h->undercutDiameter * little);
            }
        }
        if (!meet)
            return;
    }
}

} // namespace

Result<Instrument> carriedOver(const Instrument& model, const std::vector<Station>& bore, Metres wall, double pitchRatio)
{
    if (!(pitchRatio > 0.05 && pitchRatio < 20.0))
        return Error{ErrorCode::BadValue, "pitch_ratio", {FactId::Within, pitchRatio, 0.05, 20}};
    InstrumentSpec spec = model.spec();
    spec.bore = bore;
    spec.wall = wall;
    for (Hole& h : spec.holes) {
        const Metres before = model.boreDiameterAt(h.at);
        const double depth = h.chimney / model.wallAt(h.at); // a raised or thinned place stays so
        h.at = h.at / pitchRatio;
        const double widening = boreDiameterAt(bore, h.at) / before;
        h.diameter = h.diameter * widening;
        h.undercutDiameter = h.undercutDiameter * widening;
        h.chimney = wallAt(bore, wall, h.at) * depth;
        if (h.countersink)
            h.countersink = Countersink{h.countersink->diameter * widening, std::min(h.countersink->depth, h.chimney * 0.9)};
    }
    keepApart(spec.holes);
    for (Slide& s : spec.slides)
        s.at = s.at / pitchRatio;
    clearJoints(spec);
    for (Fingering& f : spec.fingerings) {
        f.target = f.target * pitchRatio;
        f.targetName.clear();
    }
    return Instrument::make(std::move(spec));
}

} // namespace dowel
