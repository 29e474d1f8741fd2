// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/hearing/live.h"

#include <algorithm>
#include <cmath>

namespace dowel::hearing {

namespace {
constexpr double liveHop_s = 0.020;
constexpr std::size_t valuesKept = 256;
constexpr float nearFullScale = 0.999F;
} // namespace

LiveEar::LiveEar(double rate_Hz, Seconds kept, const HearingOptions& options)
    : m_rate_Hz(std::clamp(rate_Hz, 8000.0, 192000.0)),
      m_reader(m_rate_Hz, options),
      m_hop(std::max<std::size_t>(1, static_cast<std::size_t>(liveHop_s * m_rate_Hz))),
      m_ring(std::max(2 * m_reader.length(), static_cast<std::size_t>(kept.seconds() * m_rate_Hz))),
      m_frame(m_reader.length()),
      m_nextFrame(static_cast<std::int64_t>(m_reader.length())),
      m_values(valuesKept)
{
}

void LiveEar::feed(std::span<const float> samples)
{
    const auto size = static_cast<std::int64_t>(m_ring.size());
    for (const float s : samples) {
        const bool number = std::isfinite(s);
        if (!number)
            m_lastBroken = m_fed;
        else if (std::abs(s) >= nearFullScale)
            m_lastClip = m_fed;
        m_ring[static_cast<std::size_t>(m_fed % size)] = number ? s : 0.0F;
        if (++m_fed == m_nextFrame)
            read();
    }
}

void LiveEar::read()
{
    const auto size = static_cast<std::int64_t>(m_ring.size());
    const auto length = static_cast<std::int64_t>(m_frame.size());
    const std::int64_t from = m_nextFrame - length;
    for (std::int64_t i = 0; i < length; ++i)
        m_frame[static_cast<std::size_t>(i)] = m_ring[static_cast<std::size_t>((from + i) % size)];
    const Frame frame = m_reader.of(m_frame, static_cast<double>(from) / m_rate_Hz);
    LiveValue v;
    v.at_s = frame.centre_s;
    v.level_dB = 20.0 * std::log10(std::max(1e-6, frame.rms));
    v.pitch_Hz = frame.pitch_Hz;
    v.clarity = frame.clarity;
    v.clipped = m_lastClip >= from;
    v.broken = m_lastBroken >= from;
    if (m_count == m_values.size()) { // nobody fetches: the oldest goes
        m_first = (m_first + 1) % m_values.size();
        --m_count;
    }
    m_values[(m_first + m_count++) % m_values.size()] = v;
    m_nextFrame += static_cast<std::int64_t>(m_hop);
}

bool LiveEar::fetch(LiveValue& value)
{
    if (m_count == 0)
        return false;
    value = m_values[m_first];
    m_first = (m_first + 1) % m_values.size();
    --m_count;
    return true;
}

Samples LiveEar::between(double from_s, double to_s) const
{
    const auto size = static_cast<std::int64_t>(m_ring.size());
    const std::int64_t oldest = std::max<std::int64_t>(0, m_fed - size);
    const auto from = std::clamp(static_cast<std::int64_t>(from_s * m_rate_Hz), oldest, m_fed);
    const auto to = std::clamp(static_cast<std::int64_t>(to_s * m_rate_Hz), from, m_fed);
    Samples s;
    s.rate_Hz = m_rate_Hz;
    s.values.reserve(static_cast<std::size_t>(to - from));
    for (std::int64_t i = from; i < to; ++i)
        s.values.push_back(m_ring[static_cast<std::size_t>(i % size)]);
    return s;
}

} // namespace dowel::hearing
