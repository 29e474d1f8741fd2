// SPDX-License-Identifier: GPL-3.0-or-later
// What stays off, why, and what would mend it that is no removal. For the plan's own files.
#pragma once

#include "core/plan/situation.h"

namespace dowel::planning {

/// Notes out of tolerance on a shape by more than `surely` standard deviations, and what holds them there.
[[nodiscard]] std::vector<UnreachedNote> unreachedNotes(const Situation& s, const Instrument& shape,
                                                        const std::vector<NoteState>& states, double surely);
/// What filling would bring notes in that removing wood has left sharp; nothing where it would not.
[[nodiscard]] Result<std::vector<Cut>> lastResort(const Situation& s, const std::vector<UnreachedNote>& left);

} // namespace dowel::planning
