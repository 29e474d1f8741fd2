// SPDX-License-Identifier: GPL-3.0-or-later
// The works of a finish in words, each with what to mind at it. Common practice, no source; local rules and qualified practice
// come first.
#pragma once

#include "core/shop/finish.h"

#include <QString>
#include <string>
#include <utility>

namespace dowel::text {

/// "A week in oil, wiped every day"; the maker's own words where it is his own.
[[nodiscard]] QString work(const FinishWork& work);
/// How it is done, and its caution.
[[nodiscard]] QString how(FinishKind kind);
/// Both, as a calendar takes them.
[[nodiscard]] std::pair<std::string, std::string> forCalendar(const FinishWork& work);
/// "Oil", "Wax", ...; a shop's own recipe by its name.
[[nodiscard]] QString recipe(const std::string& name);
/// A day as the user's language writes it.
[[nodiscard]] QString day(std::chrono::sys_days day);

} // namespace dowel::text
