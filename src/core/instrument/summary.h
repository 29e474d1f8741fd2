// SPDX-License-Identifier: GPL-3.0-or-later
// How far a whole scale is from its targets, in a few numbers.
#pragma once

#include "core/instrument/instrument.h"

#include <span>

namespace dowel {

struct ScaleSummary
{
    int within = 0; ///< notes within their tolerance
    int of = 0;
    double worst_cents = 0.0; ///< furthest off, with its sign
    double mean_cents = 0.0;  ///< of what each is off, whichever way
    double rms_cents = 0.0;
    [[nodiscard]] bool all() const { return within == of; }
};
/// cents: sounding over target, one a fingering, in their order.
[[nodiscard]] ScaleSummary summaryOf(const std::vector<Fingering>& fingerings, std::span<const double> cents);

} // namespace dowel
