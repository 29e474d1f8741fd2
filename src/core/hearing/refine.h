// SPDX-License-Identifier: GPL-3.0-or-later
// The exact part of hearing: mean fundamental of a steady stretch from the phases of all its partials. For a constant tone
// in white noise this comes near the Cramer-Rao bound (Rife and Boorstyn 1974 [RB74]); a note that drifts, swings, settles
// or wanders is followed, and the error is stated accordingly (kriging, Rasmussen and Williams 2006 [RW06]).
#pragma once

#include "core/hearing/take.h"

#include <optional>
#include <span>

namespace dowel::hearing {

/// stretch: the steady samples; coarse_Hz within 30 cents of the fundamental. The result's times count from the stretch's
/// first sample. Nothing where no partial stands out of the noise.
[[nodiscard]] std::optional<HeardNote> refine(std::span<const float> stretch, double rate_Hz, double coarse_Hz);

} // namespace dowel::hearing
