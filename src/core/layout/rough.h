// SPDX-License-Identifier: GPL-3.0-or-later
// What rough and finished layouts have in common. For the layout's own files.
#pragma once

#include "core/instrument/instrument.h"

namespace dowel::layout {

// A hole this wide for its bore sounds clear and is still covered easily: common practice, no source.
constexpr double usualShare = 0.48;

/// One of register 1 that has hole k of so many open and all above it closed, with the most open below: what sets that hole's
/// place. Null where there is none.
[[nodiscard]] const Fingering* setting(const InstrumentSpec& spec, std::size_t k, std::size_t count);

} // namespace dowel::layout
