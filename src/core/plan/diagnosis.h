// SPDX-License-Identifier: GPL-3.0-or-later
// Whether readings and measures fit together, and what is likeliest to be wrong where they do not: a hole mistyped,
// leaking or chipped, two fingerings swapped, a temperature that cannot be, one reading that fits nothing.
#pragma once

#include "core/fit/fit.h"
#include "core/forecast/joint_forecast.h"
#include "core/record/advice.h"

namespace dowel {

/// Nothing where all is well. Every hole is freed in turn and every two far-off readings of a register are exchanged; the
/// guess that explains most is named, if it explains enough. Errors: those of fit().
[[nodiscard]] Result<std::optional<Contradiction>> contradictionIn(const Workbook& book, const Posterior& posterior,
                                                                   const Cancel& cancel = {});

/// Notes heard far out of line with the rest of this wood: the player is believed, the model is not, and work goes on without
/// them. Flat ones where they were heard more than once; sharp ones, where wood is in danger, only where two readings on one
/// shape say the same, and until then work stops, see contradictionIn().
[[nodiscard]] std::vector<bool> inconsistentNotes(const Workbook& book, const Posterior& posterior);

/// A whole session against the one before it on the same wood: most notes have moved the same way by more than breath and
/// thermometer do. Which of the two is right the readings cannot say; to be asked before any single hole is suspected.
[[nodiscard]] std::optional<Contradiction> sessionsApart(const Workbook& book);
/// Where most of the notes that count are out of line, there is no rest that they could be out of line with: it is the session
/// that is wrong, and nothing is done by it. The air where all lie to one side (by the square root of the absolute temperature),
/// else unsettled.
[[nodiscard]] std::optional<Contradiction> sessionContradiction(const Workbook& book, const Posterior& posterior);
/// Notes that are out of line moved to where they were heard; how they go on from there is as unsure as they are odd.
[[nodiscard]] JointForecast asHeard(const Posterior& posterior, const std::vector<bool>& inconsistent,
                                    JointForecast jointForecast);

} // namespace dowel
