// SPDX-License-Identifier: GPL-3.0-or-later
// What is wanted or known otherwise, as JSON after the contract.
#pragma once

#include "core/record/workbook.h"

#include <nlohmann/json_fwd.hpp>
#include <vector>

namespace dowel::io {

/// The entries that say so, in order:
/// {"target": {"tuning": {"a4_hz": 415.0}, "fingerings": [...]}}: keys of the tuning that are not there stay as they are,
/// fingerings stand for the whole chart, named targets follow the tuning;
/// {"measured": {...}}: sizes as in a specification, only those that were measured again. A hole goes by its "id", a station of
/// the bore by its "at_mm"; one at a new place is added. Where the wall is measured, chimneys that were as deep as it follow.
/// "length_mm" is the tube's. Lengths that a cut has changed since are measured again one by one (diameters of holes, the
/// tube's length) or refused: what they are now is another cut;
/// {"name": "..."}, {"material": "..."}, {"nodes": [{"at_mm": 40.0, "kept": true}]}, {"tools": {...}}, {"limits": {...}}.
/// Errors: UnknownKey, MissingKey, UnknownName (a hole), BadValue, those of Instrument::make().
Result<std::vector<EntryBody>> amendFromJson(const nlohmann::json& json, const Workbook& book);

/// One size of a specification: "" "wall_mm", "excitation" "window_length_mm", "holes" "diameter_mm" of a hole, "bore"
/// "diameter_mm" at a place.
struct SizePlace
{
    std::string list;
    std::string key;
    std::string hole{};
    Metres at{};
};
/// The same as {"measured": ...} for sizes one by one. Errors: those of amendFromJson().
Result<std::vector<EntryBody>> measuredAgain(const std::vector<std::pair<SizePlace, Metres>>& sizes, const Workbook& book);

} // namespace dowel::io
