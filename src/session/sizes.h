// SPDX-License-Identifier: GPL-3.0-or-later
// One model in several sizes: the same instrument in other keys, with everything that was chosen kept.
#pragma once

#include "io/plan_json.h"

namespace dowel::session {

/// The model's row on this blank, with the blank's fingerings: a first guess that is laid out anew. Errors: BadGeometry (holes
/// differ in number), BadFingering (no lowest note), those of carriedOver().
[[nodiscard]] Result<Instrument> rowOn(const Instrument& model, const Blank& blank);

/// An instrument as the model of another: a workbook's, as it became where it is drilled, or a specification's. Errors: those of
/// Store::open(), planFromText() and readSpecFile().
[[nodiscard]] Result<io::PlanKept> modelIn(const std::string& path);

/// What becomes of bore and mouth in another key: as wide as they are, for a tube that is sold in one width, or in proportion to
/// the length, which keeps the sound. The wall stays.
enum class Widths { Kept, InProportion };

/// The plan's instrument with another lowest note: sides, fingers, undercuts, stations, wishes and fingerings carried over, not
/// laid out yet. Errors: BadValue (where = a note that cannot be read), BadGeometry.
[[nodiscard]] Result<io::PlanKept> inKey(const io::PlanKept& model, const std::string& lowest, Widths widths);
/// The same with its row of holes laid out. Errors: those of inKey(), rowOn() and layOut().
[[nodiscard]] Result<io::PlanKept> laidOutIn(const io::PlanKept& model, const std::string& lowest, Widths widths,
                                             const Priors& priors = {}, const Cancel& cancel = {});

} // namespace dowel::session
