// SPDX-License-Identifier: GPL-3.0-or-later
// Commands that hand something on: exports, the passport, instruments side by side, and whether a workbook is whole.
#pragma once

#include "cli/answers.h"

namespace dowel::cli {

/// Instruments of one model side by side, as they were first heard.
[[nodiscard]] Answer compare(const std::vector<std::string>& paths);
/// format: spec, json, csv, svg, dxf, pdf or ics.
[[nodiscard]] Answer exportAs(const std::string& path, const std::string& format, const std::string& file);

struct ReportWishes
{
    bool shortOne = false;
    bool letter = false;
    bool inches = false;
    std::string maker;
    std::string serial;
};
/// The instrument's passport, as PDF or HTML by the file's ending.
[[nodiscard]] Answer writeReport(const std::string& path, const std::string& file, const ReportWishes& wishes);

[[nodiscard]] Answer checkBook(const std::string& path);

} // namespace dowel::cli
