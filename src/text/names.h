// SPDX-License-Identifier: GPL-3.0-or-later
// Words for what files know by a key.
#pragma once

#include "core/instrument/instrument.h"

#include <QString>
#include <string>
#include <utility>
#include <vector>

namespace dowel::text {

/// Temperaments by the key that a specification has, in the order in which they are offered; "own" last.
[[nodiscard]] std::vector<std::pair<std::string, QString>> temperaments();
/// Every family by what a maker calls it, in the order in which they are offered.
[[nodiscard]] std::vector<std::pair<Family, QString>> families();

} // namespace dowel::text
