// SPDX-License-Identifier: GPL-3.0-or-later
// Sizes that a workshop can really make: bits from the drawer, and the finest step of file or knife. Rounding is always
// towards less removed.
#pragma once

#include "core/instrument/instrument.h"

#include <optional>

namespace dowel {

/// Largest size between from and goal that the tools make. More than a millimetre before the goal a drilled hole takes
/// bit sizes only (where a bit goes half the way or more); the last millimetre goes by file or knife in whole steps.
/// Returns from where no step fits.
[[nodiscard]] Metres roundedEnlargement(Metres from, Metres goal, const Tools& tools);
/// The largest bit above from and not above goal; from where there is none.
[[nodiscard]] Metres largestBitBetween(Metres from, Metres goal, const Tools& tools);
/// Shortest length not below goal in whole steps from `from`.
[[nodiscard]] Metres roundedTrim(Metres from, Metres goal, const Tools& tools);

} // namespace dowel
