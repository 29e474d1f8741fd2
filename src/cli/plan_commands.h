// SPDX-License-Identifier: GPL-3.0-or-later
// What is made of stock before anything is heard: the order of work, the keys that a blank serves, the bench sheet.
#pragma once

#include "cli/answers.h"

namespace dowel::cli {

struct StepsWanted
{
    std::string drawer; ///< file of what is in the drawer; empty: every published size
    bool inches = false;
    bool letter = false;   ///< paper of the bench sheet
    bool forClass = false; ///< a class's sheet
};

[[nodiscard]] Answer steps(const std::string& path, const StepsWanted& wanted);
[[nodiscard]] Answer keys(const std::string& path);
[[nodiscard]] Answer worksheet(const std::string& path, const std::string& out, const StepsWanted& wanted);

} // namespace dowel::cli
