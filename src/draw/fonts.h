// SPDX-License-Identifier: GPL-3.0-or-later
// The type that the program brings along, on the screen and on paper.
#pragma once

namespace dowel::draw {

/// Makes it known to Qt, once; call when there is a QGuiApplication.
void loadFonts();

} // namespace dowel::draw
