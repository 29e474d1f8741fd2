// SPDX-License-Identifier: GPL-3.0-or-later
// The bits and tools that a shop has, each by its own marking.
#pragma once

#include "core/instrument/instrument.h"
#include "core/shop/bits.h"

#include <string>
#include <string_view>
#include <vector>

namespace dowel {

/// A bit by its marking: "6.5 mm" or "6.5", "9/32", "1 1/4", "0.281 in", "#7", "No. 7", "F". Errors: BadValue.
[[nodiscard]] Result<Bit> bitFromMarking(std::string_view marking);

struct BitDrawer
{
    std::vector<Bit> bits; ///< rising
    std::vector<std::string> tools;

    [[nodiscard]] bool has(std::string_view tool) const;
    /// Whether there is anything that makes a size between two bits.
    [[nodiscard]] bool worksByHand() const;
    /// The bit of that diameter; nullptr where there is none.
    [[nodiscard]] const Bit* bitOf(Metres diameter) const;
    /// The largest bit not above a size; nullptr where all are larger.
    [[nodiscard]] const Bit* largestWithin(Metres size) const;
};

/// The drawer's bits with the workbook's finest step.
[[nodiscard]] Tools toolsOf(const BitDrawer& drawer, Tools tools);

} // namespace dowel
