// SPDX-License-Identifier: GPL-3.0-or-later
// Forecasts of a specification or a workbook, note by note.
#pragma once

#include "cli/answers.h"

#include "core/acoustics/holes.h"

#include <optional>
#include <string>

namespace dowel::cli {

/// How an instrument is played and computed where that differs from its specification.
struct PredictAsked
{
    std::optional<double> celsius;
    std::optional<double> humidity_percent;
    std::optional<double> dioxide_percent;
    std::optional<double> gradient;
    std::string formulas = std::string(acoustics::formulasName(acoustics::HoleFormulas::LefebvreScavone));
    bool full = false;
};

[[nodiscard]] Answer predict(const std::string& path, const PredictAsked& asked);

} // namespace dowel::cli
