// SPDX-License-Identifier: GPL-3.0-or-later
// Words for what files know by a key.
#pragma once

#include "core/acoustics/colour.h"
#include "core/instrument/instrument.h"
#include "core/instrument/whole.h"

#include <QString>
#include <string>
#include <utility>
#include <vector>

namespace dowel::text {

/// Temperaments by the key that a specification has, in the order in which they are offered; "own" last.
[[nodiscard]] std::vector<std::pair<std::string, QString>> temperaments();
/// Modes by the key that a target has, in the order in which they are offered.
[[nodiscard]] std::vector<std::pair<std::string, QString>> modes();
[[nodiscard]] QString modeName(const std::string& mode);
/// Every family by what a maker calls it, in the order in which they are offered.
[[nodiscard]] std::vector<std::pair<Family, QString>> families();

[[nodiscard]] QString familyTitle(Family family);
/// "from the foot", "from the lip", "from the embouchure hole", "from the top end".
[[nodiscard]] QString originName(Origin origin, const InstrumentSpec& spec);
/// Materials by the stable word that a specification has.
[[nodiscard]] std::vector<std::pair<std::string, QString>> materials();
/// Hand tools of a drawer: the word in its file, and their name.
[[nodiscard]] std::vector<std::pair<std::string, QString>> handTools();
/// The maker's own word where it is none of them.
[[nodiscard]] QString materialName(const std::string& material);

/// What a maker calls one of the family: "whistle", "stopped pipe".
[[nodiscard]] QString familyWord(Family family);
/// How a note speaks: "well", "unsure", "poorly".
[[nodiscard]] QString speechName(acoustics::Speech speech);
/// "low register", "high register", "third register", as players call them.
[[nodiscard]] QString registerName(int registerNumber);

} // namespace dowel::text
