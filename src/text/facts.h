// SPDX-License-Identifier: GPL-3.0-or-later
// What was found wrong, in the user's language: one sentence for each word of core/base/fact.h.
#pragma once

#include "core/base/fact.h"
#include "text/units.h"

#include <QString>

namespace dowel::text {

/// "6.2 mm; must be 0 mm to 5 mm" as the language has it, lengths in that unit. Names and the system's words stay as they are.
[[nodiscard]] QString facts(const Fact& fact, LengthUnit unit = LengthUnit::Millimetres);

} // namespace dowel::text
