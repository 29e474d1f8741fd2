// SPDX-License-Identifier: GPL-3.0-or-later
// Blanks of the house: laid out by the program's own layout, undersized, and sounded by the simulated player's physics.
// A kind fleet: what goes wrong on it is a fault of ours; what goes right proves little.
#pragma once

#include "sim/wood.h"

#include "core/base/quantities.h"

#include <optional>

namespace dowel::sim {

/// The blank of a seed: family in turn, key, bore and wall by chance. Nothing where the layout refuses.
[[nodiscard]] std::optional<Blank> houseBlank(std::uint64_t seed, double tolerance_cents = 10.0);
/// An instrument of one's own as a blank that the simulated player blows.
[[nodiscard]] Blank houseBlank(const Instrument& start, std::uint64_t seed);

} // namespace dowel::sim
