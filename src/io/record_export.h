// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/workbook.h"

#include <optional>
#include <string>
#include <string_view>

namespace dowel::io {

/// A record in one of the forms that others read: "spec" (the instrument as it is), "csv" (a table of the entries), "json" (all
/// of it). Nothing for another word.
[[nodiscard]] std::optional<std::string> exported(const Workbook& book, std::string_view form);

} // namespace dowel::io
