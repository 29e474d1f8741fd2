// SPDX-License-Identifier: GPL-3.0-or-later
// How wide the octaves or twelfths are, and what makes them wider or narrower.
#pragma once

#include "core/forecast/forecast.h"
#include "core/plan/levers.h"

#include <vector>

namespace dowel {

/// One fingering in two registers, one above the other; the upper one may have a thumb or register hole opened.
struct RegisterPair
{
    std::size_t low = 0; ///< positions in the specification
    std::size_t high = 0;
    Cents wide; ///< the upper one's cents off less the lower one's: above 0 where the interval is too wide
};

/// What a tenth of a millimetre (a whole one of the stopper) does to the intervals.
struct RegisterLever
{
    Lever lever;
    Metres by;
    std::vector<Cents> change; ///< one a pair
    Cents mean;
};

struct RegisterView
{
    std::vector<RegisterPair> pairs;
    Cents mean;                        ///< of all pairs
    std::vector<RegisterLever> levers; ///< what moves them most first, of every kind one before the others
};

/// Intervals as the fitted model has them on a shape, and every lever tried there by a small difference. Empty where no
/// fingering is played in two registers. Errors: OutOfModelRange.
[[nodiscard]] Result<RegisterView> registersOf(const Posterior& posterior, const Instrument& shape);

} // namespace dowel
