// SPDX-License-Identifier: GPL-3.0-or-later
// An instrument that was made to no key: which scale it is nearest to, wherever its A4 lies.
#pragma once

#include "core/base/quantities.h"

#include <string>
#include <vector>

namespace dowel {

struct ScaleFound
{
    std::string mode;               ///< as modeNames() has it
    std::string tonic;              ///< "E"
    Hertz a4;                       ///< at which the pitches lie on it on average
    std::vector<std::string> notes; ///< one a pitch
    std::vector<Cents> off;         ///< each pitch less its note, at that A4
    double rms_cents = 0.0;
};

/// Nearest first, at most so many; pitches are neighbouring degrees, in any order. Every mode is laid on from every one of its
/// degrees, equally tempered, A4 within a quarter tone of 440 Hz. Nothing for fewer than three pitches: they fit anywhere.
[[nodiscard]] std::vector<ScaleFound> nearestScales(std::vector<Hertz> pitches, std::size_t most = 3);

} // namespace dowel
