// SPDX-License-Identifier: GPL-3.0-or-later
// The made-up workshop of the demonstration: instruments in every state, all of simulated wood.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"

#include <string>

namespace dowel::app {

/// Fills a folder that holds no workbook yet; one that does is left as it is. Errors: those of Store and of layOut().
[[nodiscard]] Status makeDemoShop(const std::string& folder, const Cancel& cancel = {});

} // namespace dowel::app
