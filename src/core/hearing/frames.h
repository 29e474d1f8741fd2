// SPDX-License-Identifier: GPL-3.0-or-later
// Coarse view of a take: level and pitch in overlapping frames of about four hundredths of a second.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/analyse.h"

#include <span>
#include <vector>

namespace dowel::hearing {

struct Frame
{
    double centre_s = 0;
    double rms = 0;
    double pitch_Hz = 0; ///< 0 where none was found
    double clarity = 0;  ///< 0 noise to 1 perfectly periodic
};

/// Frames every hop over the whole take.
[[nodiscard]] std::vector<Frame> framesOf(std::span<const float> samples, double rate_Hz, const HearingOptions& options,
                                          const Cancel& cancel);

/// A run of frames of one pitch, as indices [first, last].
struct Run
{
    std::size_t first = 0;
    std::size_t last = 0;
    bool tonal = false;
};
/// Sounding stretches; where tonal, all frames agree on one pitch within a quarter tone but for single dropouts.
[[nodiscard]] std::vector<Run> runsOf(const std::vector<Frame>& frames);

/// The part of a tonal run after the attack and before the release, as frame indices; empty run (first > last) where
/// pitch or level never settles.
[[nodiscard]] Run steadyPart(const std::vector<Frame>& frames, const Run& run);

} // namespace dowel::hearing
