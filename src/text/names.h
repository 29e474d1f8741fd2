// SPDX-License-Identifier: GPL-3.0-or-later
// Words for what files know by a key.
#pragma once

#include <QString>
#include <string>
#include <utility>
#include <vector>

namespace dowel::text {

/// Temperaments by the key that a specification has, in the order in which they are offered; "own" last.
[[nodiscard]] std::vector<std::pair<std::string, QString>> temperaments();

} // namespace dowel::text
