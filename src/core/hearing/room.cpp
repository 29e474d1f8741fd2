// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/room.h"

#include "core/hearing/frames.h"

#include <algorithm>
#include <cmath>

namespace dowel::hearing {

RoomNoise roomNoise(const Samples& quiet)
{
    RoomNoise room;
    double square = 0.0;
    for (const float s : quiet.values)
        square += static_cast<double>(s) * s;
    room.level_dB = 10.0 * std::log10(std::max(1e-12, square / std::max(1.0, static_cast<double>(quiet.values.size()))));
    constexpr double enough_s = 0.5;
    if (quiet.duration().seconds() < enough_s)
        return room;
    const auto points = spectrum(quiet.values, quiet.rate_Hz);
    const double step_Hz = quiet.rate_Hz / static_cast<double>(quiet.values.size());
    const auto top = [&](double from_Hz, double to_Hz) {
        double most = -180.0;
        for (auto i = static_cast<std::size_t>(from_Hz / step_Hz); i < points.size() && points[i].hertz <= to_Hz; ++i)
            most = std::max(most, points[i].level_dB);
        return most;
    };
    for (const double mains : {50.0, 60.0}) {
        int standing = 0;
        double strongest = -180.0;
        for (const double harmonic : {1.0, 2.0, 3.0}) {
            // Mains wander by a few tenths of a hertz; a line is worth the name where it stands over both sides.
            const double f = harmonic * mains;
            const double line = top(f - 2.0, f + 2.0);
            const double beside = std::max(top(f - 18.0, f - 7.0), top(f + 7.0, f + 18.0));
            constexpr double clear_dB = 10.0;
            if (line > beside + clear_dB) {
                ++standing;
                strongest = std::max(strongest, line);
            }
        }
        if (standing >= 2 && strongest > room.hum_dB) {
            room.hum_Hz = mains;
            room.hum_dB = strongest;
        }
    }
    return room;
}

} // namespace dowel::hearing
