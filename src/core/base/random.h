// SPDX-License-Identifier: GPL-3.0-or-later
// Seeded random numbers that are the same on every machine and with every library version:
// SplitMix64 (Steele, Lea and Flood 2014), normal deviates by Box and Muller (1958).
#pragma once

#include <cmath>
#include <cstdint>
#include <numbers>

namespace dowel {

class Random
{
public:
    explicit Random(std::uint64_t seed) : m_state(seed) {}

    std::uint64_t next()
    {
        m_state += 0x9E3779B97F4A7C15ULL;
        std::uint64_t z = m_state;
        z = (z ^ (z >> 30U)) * 0xBF58476D1CE4E5B9ULL;
        z = (z ^ (z >> 27U)) * 0x94D049BB133111EBULL;
        return z ^ (z >> 31U);
    }
    /// Uniform in (0, 1).
    double uniform() { return (static_cast<double>(next() >> 11U) + 0.5) * 0x1.0p-53; }
    double uniform(double low, double high) { return low + (high - low) * uniform(); }
    /// Standard normal.
    double normal()
    {
        if (m_hasSpare) {
            m_hasSpare = false;
            return m_spare;
        }
        const double r = std::sqrt(-2.0 * std::log(uniform()));
        const double a = 2.0 * std::numbers::pi * uniform();
        m_spare = r * std::sin(a);
        m_hasSpare = true;
        return r * std::cos(a);
    }

private:
    std::uint64_t m_state;
    double m_spare = 0.0;
    bool m_hasSpare = false;
};

} // namespace dowel
