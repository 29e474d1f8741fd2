// SPDX-License-Identifier: GPL-3.0-or-later
// A plan as it is kept: a file for layout (see layout_json.h) with what else the maker chose beside it.
#pragma once

#include "core/layout/families.h"

#include <optional>
#include <string>
#include <vector>

namespace dowel::io {

/// A step of the work that is done.
struct StepDone
{
    std::string step; ///< a stable word: "saw", "template", "pilot", a hole's name, "burrs", "foot"
    std::string at;   ///< ISO 8601, UTC
    friend bool operator==(const StepDone&, const StepDone&) = default;
};

struct PlanKept
{
    Blank blank;
    LayoutWishes wishes;
    PlanTarget target;
    bool ownChart = false;           ///< fingerings were changed by hand
    std::optional<Instrument> model; ///< measured, to be carried over
    std::optional<Instrument> goal;  ///< as laid out
    std::vector<StepDone> done;
    std::optional<Hertz> blown; ///< what the bare tube was heard at, before any hole
};

[[nodiscard]] std::string planText(const PlanKept& plan);
/// Errors: Unreadable, those of readLayoutFile(), BadValue (where = the place in the file; an instrument whose holes stand
/// already is no plan).
[[nodiscard]] Result<PlanKept> readPlanFile(const std::string& path);
/// The same from the text that planText() wrote.
[[nodiscard]] Result<PlanKept> planFromText(const std::string& text);
/// A plan as an instrument that stands already would have come from: its bore, mouth and chart, its row as the one laid out.
[[nodiscard]] PlanKept planOf(const Instrument& there);

} // namespace dowel::io
