// SPDX-License-Identifier: GPL-3.0-or-later
// The readings and cuts as a table (RFC 4180), numbers with a point whatever the locale.
#pragma once

#include "core/record/workbook.h"

namespace dowel::io {

/// One row an entry: id, at, kind, what, hz, cents off target, sd, from_mm, to_mm, set_aside.
[[nodiscard]] std::string recordCsv(const Workbook& book);

} // namespace dowel::io
