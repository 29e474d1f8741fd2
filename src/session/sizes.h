// SPDX-License-Identifier: GPL-3.0-or-later
// One model in several sizes: the same instrument in other keys, with everything that was chosen kept.
#pragma once

#include "io/plan_json.h"

#include <cmath>

namespace dowel::session {

/// The model's row on this blank, with the blank's fingerings: a first guess that is laid out anew. Errors: BadGeometry (holes
/// differ in number), BadFingering (no lowest note), those of carriedOver().
[[nodiscard]] Result<Instrument> rowOn(const Instrument& model, const Blank& blank);
/// The same laid out, and which of the blank's joints had to move. Errors: those of rowOn() and layOut().
[[nodiscard]] Result<Layout> layoutAfter(const Instrument& model, const Blank& blank, const LayoutWishes& wishes, bool withCosts,
                                         const Cancel& cancel = {}, const Priors& priors = {});

/// An instrument as the model of another: a workbook's, as it became where it is drilled, or a specification's. Errors: those of
/// Store::open(), planFromText() and readSpecFile().
[[nodiscard]] Result<io::PlanKept> modelIn(const std::string& path);

/// A row that was measured or set by proportion.
struct MeasuredRow
{
    std::string lowest; ///< note with all holes closed
    std::vector<Station> bore;
    Metres wall;
    std::vector<Hole> holes;
    std::optional<Transverse> mouth{}; ///< where it was measured too; else the blank's in proportion to the bore
};
/// As an instrument of the blank's family: the family's chart where it has as many holes, else the lowest note alone. Errors:
/// BadValue (where = the note), BadGeometry.
[[nodiscard]] Result<Instrument> asRow(const Blank& blank, const PlanTarget& target, MeasuredRow row);
/// What such a row plays by the model alone: cents of each note over its target, all counted from its own lowest note, which
/// comes first as what it is off by. Errors: those of fit().
[[nodiscard]] Result<std::vector<Cents>> ownScale(const Instrument& row, const Priors& priors = {});
/// The beginner's row: holes half as wide as the bore, a tenth of the tube apart, the lowest two tenths from the foot. Common
/// practice, no source.
[[nodiscard]] std::vector<Hole> rowByProportion(Metres length, Metres bore, Metres wall, std::size_t holes);

/// How bore and mouth grow with the length in another key, as a power of it: 0 for a tube that is sold in one width, 1 in
/// proportion, which keeps the sound; makers of families stay between, so that fingers still cover the largest and breath still
/// fills it (three quarters: common practice, no source). The wall stays.
struct Widths
{
    double power = 0.0;
    /// How many times as wide where the tube is so many times as long.
    [[nodiscard]] double times(double longer) const { return std::pow(longer, power); }
};

/// The plan's instrument with another lowest note: sides, fingers, undercuts, stations, wishes and fingerings carried over, not
/// laid out yet. Errors: BadValue (where = a note that cannot be read), BadGeometry.
[[nodiscard]] Result<io::PlanKept> inKey(const io::PlanKept& model, const std::string& lowest, Widths widths);
/// The same with its row of holes laid out. Errors: those of inKey(), rowOn() and layOut().
[[nodiscard]] Result<io::PlanKept> laidOutIn(const io::PlanKept& model, const std::string& lowest, Widths widths,
                                             const Priors& priors = {}, const Cancel& cancel = {});

} // namespace dowel::session
