// SPDX-License-Identifier: GPL-3.0-or-later
// The bits and tools that a shop has, each by its own marking.
#pragma once

#include "core/instrument/instrument.h"
#include "core/shop/bits.h"
#include "core/shop/stock.h"

#include <algorithm>
#include <string>
#include <string_view>
#include <vector>

namespace dowel {

/// A bit by its marking: "6.5 mm" or "6.5", "9/32", "1 1/4", "0.281 in", "#7", "No. 7", "F"; where it is known to wander, behind
/// that by how much it drills larger than it is marked: "6.5 mm +0.2", "9/32 +0.008", "F +0.2 mm" (up to 2 mm). Errors: BadValue.
[[nodiscard]] Result<Bit> bitFromMarking(std::string_view marking);
/// The same words back.
[[nodiscard]] std::string markingOf(const Bit& bit);

struct BitDrawer
{
    std::vector<Bit> bits; ///< rising
    std::vector<std::string> tools;
    std::vector<Reamer> reamers{}; ///< by their shape; bits and tools may be there without any, and the other way round

    /// Nothing that opens a hole.
    [[nodiscard]] bool isEmpty() const { return bits.empty() && tools.empty(); }
    [[nodiscard]] bool has(std::string_view tool) const;
    /// Whether there is anything that makes a size between two bits.
    [[nodiscard]] bool worksByHand() const;
    friend bool operator==(const BitDrawer& a, const BitDrawer& b)
    {
        return a.tools == b.tools && a.reamers == b.reamers &&
               std::equal(a.bits.begin(), a.bits.end(), b.bits.begin(), b.bits.end(),
                          [](const Bit& x, const Bit& y) { return x.name == y.name && x.over == y.over; });
    }
    /// The bit of that diameter; nullptr where there is none.
    [[nodiscard]] const Bit* bitOf(Metres diameter) const;
    /// The largest bit not above a size; nullptr where all are larger.
    [[nodiscard]] const Bit* largestWithin(Metres size) const;
};

/// The drawer's hand tool that opens a hole in this material, best first: a hot iron burns cane and hardwood and never plastic, a
/// borer cuts what is soft. Common practice, no source. Empty where none of them is there.
[[nodiscard]] std::string_view openingTool(const BitDrawer& drawer, std::string_view material);

/// How far a hole that a tool opens by hand comes out otherwise than it was meant to, one sigma, before the calipers have said
/// how this maker works: a file, a reamer or an abrasive goes up to a size that is tried again and again, a knife takes a chip, a
/// borer pulls what is soft, an iron burns on while it cools. Common practice, no source. Empty: no tool is known.
[[nodiscard]] Metres slipOf(std::string_view tool);
/// The same for the tool that opens a hole in this material: the drawer's, or the usual one where nothing is known of a drawer.
[[nodiscard]] Metres slipByHand(const BitDrawer* drawer, std::string_view material);

/// The drawer's bits with the workbook's finest step.
[[nodiscard]] Tools toolsOf(const BitDrawer& drawer, Tools tools);

} // namespace dowel
