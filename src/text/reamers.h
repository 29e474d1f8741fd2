// SPDX-License-Identifier: GPL-3.0-or-later
// The shop's reamers as they are typed and kept.
#pragma once

#include "core/shop/stock.h"
#include "text/units.h"

namespace dowel::text {

/// One reamer a line, "name: 0 9.8; 120 13.2": places from its tip and diameters there. Errors: BadValue (where = the line),
/// those of checked().
[[nodiscard]] Result<std::vector<Reamer>> reamersFrom(const QString& typed, LengthUnit unit);
/// The same lines back.
[[nodiscard]] QString reamerLines(const std::vector<Reamer>& reamers, LengthUnit unit);

} // namespace dowel::text
