// SPDX-License-Identifier: GPL-3.0-or-later
// A voice, where the desktop has one: so that nobody needs to look at the screen while the hands are on the instrument.
#pragma once

#include <QString>

namespace dowel::app {

/// Whether the desktop's speech dispatcher is there.
[[nodiscard]] bool hasVoice();
/// In the program's language; silently nothing where there is no voice.
void sayAloud(const QString& words);
/// A note's name as it is spoken: "F sharp 5".
[[nodiscard]] QString spokenNote(const QString& name);

} // namespace dowel::app
