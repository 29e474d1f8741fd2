// SPDX-License-Identifier: GPL-3.0-or-later
// What the commands' own files share: how an answer is written, and what a path on the command line may be.
#pragma once

#include "core/fit/fit.h"
#include "io/json_reader.h"

#include <string>
#include <vector>

namespace dowel::cli {

using io::Json;
using Answer = Result<Json>;

/// Six decimals.
[[nodiscard]] double tidy(double v);
[[nodiscard]] Json idList(const std::vector<FingeringId>& ids);
/// Drawing text needs the platform's fonts, and those an application; it draws off the screen, whatever is asked for there.
void ensureGraphics();
/// By its name, in any case of letters, or by how it begins.
[[nodiscard]] bool isWorkbook(const std::string& path);
/// A workbook's, or one of a specification that nobody has heard yet. Errors: those of opening either.
[[nodiscard]] Result<Workbook> bookOf(const std::string& path);
/// How every note of a shape stands before it is heard, by its own chart. Errors: those of Forecaster::make().
[[nodiscard]] Result<Json> forecastJson(const Instrument& shape, const Priors& priors = {});

} // namespace dowel::cli
