// SPDX-License-Identifier: GPL-3.0-or-later
// Tubes that are sold by a nominal size that is neither their bore nor their outside. Pipe after ASME B36.10M, schedule 40
// (PVC pipe after ASTM D1785 has the same outsides and nearly the same walls); copper after ASTM B88, type M. Both tables
// from memory; what a shop sells varies, so a bore is measured before anything is worked out from it.
#pragma once

#include "core/base/quantities.h"

#include <string>
#include <vector>

namespace dowel {

struct PipeSize
{
    std::string nominal; ///< "1/2"
    bool copper = false;
    Metres outside;
    Metres wall;
    [[nodiscard]] Metres bore() const { return outside - 2.0 * wall; }
};
/// Pipe first, then copper, each rising.
[[nodiscard]] const std::vector<PipeSize>& pipeSizes();

} // namespace dowel
