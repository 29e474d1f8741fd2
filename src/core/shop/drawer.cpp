// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shop/drawer.h"

#include <cmath>

namespace dowel {

namespace {
// Sizes closer than this are one size; far under what calipers tell apart.
constexpr double same_m = 1e-6;
constexpr Metres lastMillimetre = Metres::fromMillimetres(1.0);
} // namespace

Metres largestBitBetween(Metres from, Metres goal, const Tools& tools)
{
    Metres best = from;
    for (const Metres bit : tools.bits)
        if (bit.metres() > from.metres() + same_m && bit.metres() <= goal.metres() + same_m)
            best = std::max(best, bit);
    return best;
}

Metres roundedEnlargement(Metres from, Metres goal, const Tools& tools)
{
    if (goal <= from)
        return from;
    if (!tools.bits.empty() && goal - from > lastMillimetre) {
        const Metres best = largestBitBetween(from, goal, tools);
        // A bit that hardly goes anywhere is no step: the file goes on where the drawer ends.
        if (best - from >= (goal - from) / 2.0)
            return best;
    }
    // Whole steps on the scale of the calipers, not counted from an odd size: 6.3, 6.4, never 6.37.
    const double step = tools.step.metres();
    const Metres size = Metres::fromMetres(std::floor((goal.metres() + same_m) / step) * step);
    return std::max(from, size);
}

Metres roundedTrim(Metres from, Metres goal, const Tools& tools)
{
    if (goal >= from)
        return from;
    const double step = tools.step.metres();
    return std::min(from, Metres::fromMetres(std::ceil((goal.metres() - same_m) / step) * step));
}

} // namespace dowel
