// SPDX-License-Identifier: GPL-3.0-or-later
// The practice blank: a hidden piece of wood that is blown where the maker has none at hand, the same for every way of hearing.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/take.h"
#include "core/record/workbook.h"

namespace dowel::session {

/// What the simulated player makes of a fingering on the shape as it is now, in that room. again: takes of it that are not in
/// the record yet, so that no two sound alike. Errors: UnknownName (no practice blank, or no such fingering), OutOfModelRange.
[[nodiscard]] Result<Samples> played(const Workbook& book, const FingeringId& fingering, Temperature room,
                                     std::uint64_t again = 0);
/// The blank of a family as it is practised on: laid out for its usual target by the program's own layout, drilled undersized.
/// Errors: those of layOut().
[[nodiscard]] Result<Instrument> practiceBlank(Family family, const Cancel& cancel = {});
/// How often a fingering has been sounded; numbers the player's takes.
[[nodiscard]] std::uint64_t takesOf(const Workbook& book, const FingeringId& fingering);

} // namespace dowel::session
