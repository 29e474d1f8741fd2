// SPDX-License-Identifier: GPL-3.0-or-later
// Sound while it comes in: level and pitch fifty times a second, and the last seconds kept for a take. Nothing is
// allocated after it is made, so feed() may be called from where the device delivers.
#pragma once

#include "core/hearing/frames.h"

#include <cstdint>

namespace dowel::hearing {

struct LiveValue
{
    double at_s = 0.0; ///< middle of the frame, from the first sample fed
    double level_dB = -120.0;
    double pitch_Hz = 0.0; ///< 0 where none
    double clarity = 0.0;  ///< 0 noise to 1 perfectly periodic
    bool clipped = false;
    bool broken = false; ///< samples that were no numbers; they count as silence
};

class LiveEar
{
public:
    /// kept: how much of the past stays at hand. rate_Hz 8000 to 192000.
    explicit LiveEar(double rate_Hz, Seconds kept = Seconds::fromSeconds(8.0), const HearingOptions& options = {});

    void feed(std::span<const float> samples);
    /// The oldest value that was not fetched yet. At most some seconds of them wait; older ones are dropped.
    [[nodiscard]] bool fetch(LiveValue& value);
    [[nodiscard]] double rate() const { return m_rate_Hz; }
    /// Seconds fed so far.
    [[nodiscard]] double now() const { return static_cast<double>(m_fed) / m_rate_Hz; }
    /// What was heard between two times; clamped to what is still at hand. Allocates.
    [[nodiscard]] Samples between(double from_s, double to_s) const;

private:
    void read();
    double m_rate_Hz;
    FrameReader m_reader;
    std::size_t m_hop;
    std::vector<float> m_ring;
    std::vector<float> m_frame;
    std::int64_t m_fed = 0;
    std::int64_t m_nextFrame; ///< sample at which the next frame ends
    std::int64_t m_lastClip = -1;
    std::int64_t m_lastBroken = -1;
    std::vector<LiveValue> m_values; ///< ring
    std::size_t m_first = 0;
    std::size_t m_count = 0;
};

} // namespace dowel::hearing
