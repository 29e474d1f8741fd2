// SPDX-License-Identifier: GPL-3.0-or-later
// The passport with what the record alone does not hold: notes that were not heard since the last cut, reckoned.
#pragma once

#include "core/base/cancel.h"
#include "core/record/passport.h"

namespace dowel::session {

/// As passportOf(); a note that was not heard on the last shape is told as the fitted model has it, with its error, if anything
/// of the instrument was heard; and a reading's error has in it how well a player repeats a note. Errors: Cancelled.
[[nodiscard]] Result<Passport> wholePassport(const Workbook& book, const Cancel& cancel = {});

} // namespace dowel::session
