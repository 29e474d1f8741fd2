// SPDX-License-Identifier: GPL-3.0-or-later
// A finish as JSON, in the record and as a recipe of the shop.
#pragma once

#include "core/shop/finish.h"

#include <string>

namespace dowel::io {

/// Days as "2026-05-12".
[[nodiscard]] std::string finishText(const FinishPlan& plan);
/// Errors: ParseError and those of the reader, with the place; those of checked().
[[nodiscard]] Result<FinishPlan> finishFromText(const std::string& text);

} // namespace dowel::io
