// SPDX-License-Identifier: GPL-3.0-or-later
// How wide holes may grow and how short the tube may become: what the wood, the fingers and the maker's own limits leave.
#pragma once

#include "core/instrument/instrument.h"

#include <vector>

namespace dowel {

/// Bounds of what can be reached by removing.
struct Reach
{
    std::vector<Metres> widest; ///< per hole
    Metres shortest;
    Metres deepest; ///< of a closed foot
};
/// leastWood: between neighbouring holes and below the lowest, for safe work.
[[nodiscard]] Reach reachOf(const Instrument& instrument, Metres leastWood = Metres::fromMillimetres(2.0));

} // namespace dowel
