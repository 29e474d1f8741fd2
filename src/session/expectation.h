// SPDX-License-Identifier: GPL-3.0-or-later
// Where a fingering is expected to sound now, before it is heard.
#pragma once

#include "core/hearing/analyse.h"
#include "core/record/workbook.h"

#include <vector>

namespace dowel::session {

/// Where a fingering is expected to sound now, at a room temperature: the model as published, shifted by what the
/// readings so far have in common. window: how far off is still this note.
struct Expectation
{
    Hertz pitch;
    Hertz firstRegister; ///< of the same holes
    Cents window;
};
/// All fingerings', in the instrument's order. Errors: OutOfModelRange.
[[nodiscard]] Result<std::vector<Expectation>> expectations(const Workbook& book, Temperature room);
/// Errors: UnknownName, OutOfModelRange.
[[nodiscard]] Result<Expectation> expectation(const Workbook& book, const FingeringId& fingering, Temperature room);

/// A reed's cylinder and a stopped pipe have every other mode.
[[nodiscard]] Modes modesOf(const Instrument& instrument);

} // namespace dowel::session
