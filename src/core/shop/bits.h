// SPDX-License-Identifier: GPL-3.0-or-later
// Drill sizes as they are sold, and lengths as they are marked. Number and letter sizes after ASME B94.11M (from memory
// of its table); metric series after ISO 235: tenths to 14 mm in steps as stocked.
#pragma once

#include "core/base/quantities.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace dowel {

enum class BitSeries { Metric, Fractional, Number, Letter };
struct Bit
{
    std::string name; ///< "6.4 mm", "17/64", "No. 7", "F"
    Metres diameter;
    Metres over{}; ///< of it, what the bit drills beyond its marking
};
/// Rising in diameter. Metric 1 to 14 mm by 0.1; fractional 1/16 to 1/2 in by sixty-fourths; numbers 60 to 1; letters A to Z.
[[nodiscard]] const std::vector<Bit>& bitsOf(BitSeries series);
inline const std::vector<BitSeries> allBitSeries{BitSeries::Metric, BitSeries::Fractional, BitSeries::Number, BitSeries::Letter};
/// The largest of some series not above a size, and nothing below the smallest.
[[nodiscard]] const Bit* largestBitWithin(Metres size, const std::vector<BitSeries>& series = allBitSeries);

/// The way up through the drawer to a hole: first strides of two millimetres from four on, which do not tear, then the largest
/// bit not above its size. Common practice, no source.
struct BitLadder
{
    std::vector<Metres> first;
    Bit last;
};
/// Nothing where the size is below the smallest bit.
[[nodiscard]] std::optional<BitLadder> ladderTo(Metres size, const std::vector<BitSeries>& series = allBitSeries);

/// A length to the nearest part of an inch and what that rounding leaves out. parts: 16, 32 or 64.
struct RoundedInch
{
    std::string text; ///< "4 1/16"
    Metres off;       ///< rounded minus exact
};
[[nodiscard]] RoundedInch roundedInch(Metres length, int parts);
/// The marks on either side, the lower first; the same twice where the length lies on one.
[[nodiscard]] std::array<RoundedInch, 2> inchMarksBeside(Metres length, int parts);

} // namespace dowel
