// SPDX-License-Identifier: GPL-3.0-or-later
// What a room sounds like before anybody plays: how loud it is, and whether the mains hum.
#pragma once

#include "core/hearing/take.h"

namespace dowel::hearing {

struct RoomNoise
{
    double level_dB = -120.0; ///< over full scale
    double hum_Hz = 0.0;      ///< 50 or 60 where the mains stand out, else 0
    double hum_dB = -120.0;   ///< of its strongest line
};
/// quiet: at least half a second without a note; less gives the level alone.
[[nodiscard]] RoomNoise roomNoise(const Samples& quiet);

} // namespace dowel::hearing
