// SPDX-License-Identifier: GPL-3.0-or-later
// How far a note's phase has come from end to end, where its pitch wanders.
#pragma once

#include "core/hearing/stretch.h"

#include <optional>

namespace dowel::hearing {

/// Phase of the fundamental at a few dozen places along the stretch, all partials weighed together, with its variance.
struct Track
{
    std::vector<double> x;        ///< in [-1, 1]
    std::vector<double> width;    ///< of the stretch that a place stands for, likewise
    std::vector<double> phase;    ///< what it strays from the base's, mean over that stretch
    std::vector<double> variance; ///< of the noise alone
};

/// Triangles in groups, linearised about the course. Blocks under a Hann window give the ends of the stretch away; groups
/// count every sample but half a triangle at each end.
[[nodiscard]] Track tracked(const Stretch& stretch, const Course& course);

struct Gain
{
    double radians = 0.0; ///< phase from end to end over the base's
    double variance = 0.0;
};

/// The phase gained from end to end, where a player's pitch wanders about drift and vibrato as an Ornstein-Uhlenbeck
/// process of unknown size and memory: universal kriging, averaged over sizes, memories and noise by their restricted
/// likelihood [RW06, ch. 2 and 5]. Without wander this is least squares and comes to the Cramer-Rao bound; with it, the
/// ends count for more than the middle and the stated error says so. Nothing where the track is too short.
[[nodiscard]] std::optional<Gain> gained(const Track& track, const Course& course, double base_Hz, double duration_s);

} // namespace dowel::hearing
