// SPDX-License-Identifier: GPL-3.0-or-later
// Whether readings and measures fit together, and what is likeliest to be wrong where they do not: a hole mistyped,
// leaking or chipped, two fingerings swapped, a temperature that cannot be, one reading that fits nothing.
#pragma once

#include "core/fit/fit.h"
#include "core/record/advice.h"

namespace dowel {

/// Nothing where all is well. Every hole is freed in turn and every two far-off readings of a register are exchanged; the
/// guess that explains most is named, if it explains enough. Errors: those of fit().
[[nodiscard]] Result<std::optional<Contradiction>> contradictionIn(const Workbook& book, const Posterior& posterior,
                                                                   const Cancel& cancel = {});

/// Notes heard far flatter than the rest of this wood says, more than once: the player is believed, the model is not. Too
/// flat endangers no wood, so work goes on without them; too sharp stops it, see contradictionIn().
[[nodiscard]] std::vector<bool> outOfLine(const Workbook& book, const Posterior& posterior);

} // namespace dowel
