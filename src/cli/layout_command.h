// SPDX-License-Identifier: GPL-3.0-or-later
// A blank with its holes put where its scale asks for them.
#pragma once

#include "cli/answers.h"

namespace dowel::cli {

/// memory: where the shop memory is that the row begins from; drawer: what is in the drawer; empty for none.
[[nodiscard]] Answer layout(const std::string& path, const std::string& memory, const std::string& drawer);

} // namespace dowel::cli
