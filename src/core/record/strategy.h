// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace dowel {

/// How a maker goes about it. As it stands the most material is kept for longest: holes first and the foot last, graded
/// holes, both registers.
struct TuningStrategy
{
    bool footFirst = false;   ///< the foot is trimmed to its note before the holes are opened
    bool oneSize = false;     ///< holes are kept as alike as pitch allows: one bit for all
    bool lowRegister = false; ///< higher registers count a tenth and may stay twice as far off
    double evenTimbre = 0.0;  ///< 0 to 1: how much holes of even cutoff are worth beside pitch
    friend bool operator==(const TuningStrategy&, const TuningStrategy&) = default;
};

} // namespace dowel
