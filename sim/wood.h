// SPDX-License-Identifier: GPL-3.0-or-later
// A piece of wood and who plays it, as the world has them: what its maker never sees but through readings.
#pragma once

#include "core/instrument/instrument.h"

#include <cstdint>
#include <memory>
#include <span>
#include <vector>

namespace dowel::sim {

constexpr double silent_cents = 1000.0;

class Wood
{
public:
    Wood() = default;
    Wood(const Wood&) = delete;
    Wood& operator=(const Wood&) = delete;
    virtual ~Wood() = default;
    /// Sounding minus target for these fingerings (positions in the specification) on the sizes that are really there, with
    /// the player's steady habits, in a room; silent_cents off where nothing sounds.
    [[nodiscard]] virtual std::vector<double> cents(const Instrument& actual, std::span<const std::size_t> notes,
                                                    double room_K) const = 0;
    /// All notes at the temperature that the instrument is meant for.
    [[nodiscard]] std::vector<double> truth(const Instrument& actual) const;
};

/// How readings, tools and calipers go wrong.
struct Conditions
{
    double repeat_cents = 1.0;    ///< how well the player repeats a note
    double stated_cents = 0.3;    ///< standard error that comes with a reading
    double caliper_mm = 0.03;     ///< one sigma of a measured size
    double slipMean_mm = 0.01;    ///< a tool goes this much past what was asked for
    double slipEvenly_mm = 0.04;  ///< give or take as much at most
    double slipSd_mm = 0.0;       ///< or as much, normally
    double roomDrift_K = 0.0;     ///< from one listening to the next
    double thermometer_K = 0.0;   ///< one sigma of what it is off, for good
    double breath_cents = 0.0;    ///< one sigma of a listening's common shift
    double breathSlope_cents = 0; ///< likewise of its slope, an octave
    double lips_cents = 0.0;      ///< one sigma of what each note is off by its own in one listening
    double damp = 0.0;            ///< share that bore and holes narrow by until the second listening, half of it until the next
};

/// A blank before its first cut.
struct Blank
{
    std::uint64_t seed = 0;
    Instrument believed; ///< as its maker measured it
    Instrument actual;   ///< as it is, as far as calipers could tell
    std::shared_ptr<const Wood> wood;
    Conditions conditions;
};

} // namespace dowel::sim
