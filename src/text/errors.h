// SPDX-License-Identifier: GPL-3.0-or-later
// Errors as sentences: what happened, where, and the remedy.
#pragma once

#include "core/base/result.h"
#include "text/units.h"

#include <QString>

namespace dowel::text {

/// How places within a specification are told: as a maker names them, or as they stand in the file, for who writes one.
enum class Places { InWords, AsInFile };
/// Lengths in that unit.
[[nodiscard]] QString sentence(const Error& error, Places as = Places::InWords, LengthUnit unit = LengthUnit::Millimetres);
[[nodiscard]] QString sentence(const Error& error, LengthUnit unit);

} // namespace dowel::text
