// SPDX-License-Identifier: GPL-3.0-or-later
// What every PDF of the program has in common.
#pragma once

#include <string>

namespace dowel::draw {

/// The same file without the time zone that the toolkit adds to its date (ISO 32000-1, 7.9.4: all after the year may be left
/// out); as long as before, so that its table of places stays true.
[[nodiscard]] std::string withoutTimeZone(std::string pdf);

} // namespace dowel::draw
