// SPDX-License-Identifier: GPL-3.0-or-later
// A cut that was made, as the record keeps it: with what advice and forecast said of it.
#pragma once

#include "core/forecast/forecast.h"
#include "core/record/workbook.h"

#include <vector>

namespace dowel::session {

/// What a cut does to every note, by what is known of the instrument now; empty where the model does not go so far.
[[nodiscard]] std::vector<NoteForecast> forecastOf(const Forecaster& forecaster, const Instrument& present, const Cut& cut);

/// A cut with what the newest advice said of it. Errors: UnknownName where the instrument has no such thing.
[[nodiscard]] Result<CutEntry> cutEntry(const Workbook& book, const Cut& cut);
/// A cut that nobody advised, whatever the plan has in mind for the same place: no forecast is held to it. Errors as cutEntry().
[[nodiscard]] Result<CutEntry> ownCutEntry(const Workbook& book, const Cut& cut);
/// Work that takes several cuts one after the other, each from the shape that the one before it left. Errors as cutEntry() and
/// applied().
[[nodiscard]] Result<std::vector<CutEntry>> ownCutEntries(const Workbook& book, const std::vector<Cut>& cuts);

} // namespace dowel::session
