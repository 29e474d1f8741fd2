// SPDX-License-Identifier: GPL-3.0-or-later
// What the core found, in the user's language. The core and the command line speak English; the window knows each of their
// sentences with its places to fill, and puts the words of its language around what stood there.
#pragma once

#include <QString>

namespace dowel::text {

/// "6.2 mm; must be 0 to 5 mm" as the language has it. What is not known (a library's or the system's words) stays as it is.
[[nodiscard]] QString facts(const std::string& english);
/// Whether it is one of those that are known.
[[nodiscard]] bool knowsFacts(const std::string& english);

} // namespace dowel::text
