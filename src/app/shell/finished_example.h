// SPDX-License-Identifier: GPL-3.0-or-later
// One instrument from the tube to the shelf, played by the program: the example that shows what a year of use looks like.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"

#include <string>

namespace dowel::app {

/// A workbook with its plan, readings, cuts, notes, a drawing as its photograph, finish and what was heard after it, dated over
/// three months. The same every time. Errors: those of Store::create(), layOut() and advise().
[[nodiscard]] Status makeFinishedExample(const std::string& path, const Cancel& cancel = {});

} // namespace dowel::app
