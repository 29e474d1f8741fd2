// SPDX-License-Identifier: GPL-3.0-or-later
// A workbook begun, advised on, and told what was done.
#pragma once

#include "cli/answers.h"

#include <optional>
#include <string>

namespace dowel::cli {

/// What was asked of advise beside the workbook.
struct AdviceAsked
{
    std::string memory;   ///< where the shop memory is that the advice learns from and adds this instrument to; empty for none
    std::string effort{}; ///< empty: as the workbook's tuning strategy has it
    std::string drawer;   ///< file of what is in the drawer; empty: what the workbook knows
};

/// practice: seed of a simulated player, where one plays.
[[nodiscard]] Answer create(const std::string& path, const std::string& spec, const std::optional<std::string>& practice);
[[nodiscard]] Answer adviseNext(const std::string& path, const AdviceAsked& asked);
[[nodiscard]] Answer recordCut(const std::string& path, const std::string& file);
[[nodiscard]] Answer amend(const std::string& path, const std::string& file);

} // namespace dowel::cli
