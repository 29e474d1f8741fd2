// SPDX-License-Identifier: GPL-3.0-or-later
// How evenly a row of open holes lets high sounds out: the cutoff of a lattice goes as b / (a sqrt(s t)), b the hole's and
// a the bore's radius, s half the way between its neighbours, t the chimney with its ends (Benade, J. Acoust. Soc. Am. 32,
// 1591, 1960, from memory). Its evenness is the handle on even timbre.
#pragma once

#include "core/instrument/instrument.h"

#include <algorithm>
#include <cmath>

namespace dowel {

struct LatticeCutoff
{
    double log;               ///< of the cutoff, up to a constant
    double byDiameter_per_mm; ///< its derivative by the hole's own diameter
};

/// At the i-th hole, which must have one below and one above it.
[[nodiscard]] inline LatticeCutoff latticeCutoff(const Instrument& instrument, std::size_t i)
{
    const auto& holes = instrument.spec().holes;
    const double b = holes[i].diameter.millimetres();
    const double t = holes[i].chimney.millimetres() + 0.75 * b;
    const double s = std::max(0.5 * (holes[i - 1].at - holes[i + 1].at).millimetres(), 1.0);
    return {std::log(b / instrument.boreDiameterAt(holes[i].at).millimetres()) - 0.5 * std::log(t * s), 1.0 / b - 0.375 / t};
}

} // namespace dowel
