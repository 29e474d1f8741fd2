// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/summary.h"

#include "core/base/assert.h"

#include <cmath>

namespace dowel {

ScaleSummary summaryOf(const std::vector<Fingering>& fingerings, std::span<const double> cents)
{
    DOWEL_ASSERT(fingerings.size() == cents.size());
    ScaleSummary s;
    s.of = static_cast<int>(cents.size());
    double squares = 0.0;
    for (std::size_t i = 0; i < cents.size(); ++i) {
        const double off = std::abs(cents[i]);
        s.within += off <= fingerings[i].tolerance.cents() ? 1 : 0;
        s.worst_cents = off > std::abs(s.worst_cents) ? cents[i] : s.worst_cents;
        s.mean_cents += off / s.of;
        squares += cents[i] * cents[i] / s.of;
    }
    s.rms_cents = std::sqrt(squares);
    return s;
}

} // namespace dowel
