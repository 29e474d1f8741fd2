// SPDX-License-Identifier: GPL-3.0-or-later
// A pitch as another meter shows it, typed.
#pragma once

#include "core/base/quantities.h"
#include "core/base/result.h"

#include <QString>

namespace dowel::text {

/// "586.3" or "586,3 Hz": hertz. "-12" or "+3.5 cents": cents from the target. "D5 -12", "Fis5+3": from a note in equal
/// temperament over a4, named as the language or a specification has it. Errors: BadValue (where = the text).
[[nodiscard]] Result<Hertz> parsePitch(const QString& typed, Hertz target, Hertz a4);

} // namespace dowel::text
