// SPDX-License-Identifier: GPL-3.0-or-later
// Where this user's workbooks and shop memory lie, and whether the memory is used.
#pragma once

#include "core/fit/fit.h"

#include <QString>

namespace dowel::app {

/// Where this user's workbooks lie: the folder chosen, else "Dowel" in the documents, else, where workbooks of an earlier version
/// lie among the program's data, there.
[[nodiscard]] QString workbooksFolder();
void chooseWorkbooksFolder(const QString& folder);
/// Where the shop memory of this user lies.
[[nodiscard]] QString shopMemoryPath();
/// Whether it is used; a setting of this user's.
[[nodiscard]] bool usesShopMemory();
/// What the next instrument of a family begins with: what earlier ones told, where that is used and can be read.
[[nodiscard]] Priors learntPriors(Family family);

} // namespace dowel::app
