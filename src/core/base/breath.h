// SPDX-License-Identifier: GPL-3.0-or-later
// The air that a player puts into a tube.
#pragma once

namespace dowel {

/// Breath as it leaves the mouth; common practice, no source.
inline constexpr double breath_K = 273.15 + 34.0;
/// The air in a tube that is played, where breath has warmed it by its share (0 to 1) of what it is warmer than the room.
[[nodiscard]] constexpr double playedAir_K(double room_K, double breathShare)
{
    return room_K + breathShare * (breath_K - room_K);
}

} // namespace dowel
