// SPDX-License-Identifier: GPL-3.0-or-later
// A shop's drawer as JSON: {"bits": ["4 mm", "9/32", "#7", "F"], "tools": ["knife", "file"], "reamers": [{"name": "Long cone",
// "shape": [{"from_tip_mm": 0, "diameter_mm": 9.8}, ...]}]}.
#pragma once

#include "core/shop/bit_drawer.h"
#include "io/json_reader.h"

namespace dowel::io {

/// Bits in any order, each once. Errors: BadValue (where = a marking that is no bit), UnknownKey.
[[nodiscard]] Result<BitDrawer> drawerFromJson(const Json& json, const std::string& name);
/// Errors: Unreadable, BadSyntax, and as above.
[[nodiscard]] Result<BitDrawer> readDrawerFile(const std::string& path);
[[nodiscard]] std::string drawerText(const BitDrawer& drawer);

} // namespace dowel::io
