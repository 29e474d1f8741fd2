// SPDX-License-Identifier: GPL-3.0-or-later
// Coarse view of a take: level and pitch in overlapping frames of about four hundredths of a second.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/analyse.h"

#include <memory>
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

/// Reads one frame after the other; allocates nothing after it is made.
class FrameReader
{
public:
    FrameReader(double rate_Hz, const HearingOptions& options);
    ~FrameReader();
    FrameReader(FrameReader&&) noexcept;
    FrameReader& operator=(FrameReader&&) noexcept;
    /// Samples in a frame.
    [[nodiscard]] std::size_t length() const { return m_length; }
    /// x: length() samples, the first at from_s.
    [[nodiscard]] Frame of(std::span<const float> x, double from_s);

private:
    class Correlator;
    void findPeriod(Frame& frame, std::span<const float> x, const double* r);
    double m_rate_Hz;
    HearingOptions m_options;
    std::size_t m_length;
    std::unique_ptr<Correlator> m_correlator;
    std::vector<double> m_likeness;
};

/// Frames every hop over the whole take.
[[nodiscard]] std::vector<Frame> framesOf(std::span<const float> samples, double rate_Hz, const HearingOptions& options,
                                          const Cancel& cancel);

/// Levels under a Hann window, from 0 Hz to half the rate.
[[nodiscard]] std::vector<SpectrumPoint> spectrum(std::span<const float> samples, double rate_Hz);

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
