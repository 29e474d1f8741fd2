// SPDX-License-Identifier: GPL-3.0-or-later
// A shape that is only tried: the measures of the bench's instrument with what was dragged since. Nothing of it is kept.
#pragma once

#include "core/instrument/instrument.h"

#include <optional>
#include <vector>

namespace dowel::app {

/// Something on the workpiece that can be dragged.
struct Handle
{
    enum class Kind { Hole, Foot, Stopper };
    Kind kind = Kind::Hole;
    std::size_t hole = 0; ///< Kind::Hole only
    friend bool operator==(const Handle&, const Handle&) = default;
};

/// From the foot upwards, the stopper last where there is one.
[[nodiscard]] std::vector<Handle> handlesOf(const Instrument& instrument);
/// Hole diameter, tube length, or distance of the stopper.
[[nodiscard]] Metres sizeOf(const Instrument& instrument, const Handle& handle);
/// The instrument with that one measure changed, whether wood would have to go or to come. A longer foot goes on along
/// its last stretch. Errors: those of Instrument::make().
[[nodiscard]] Result<Instrument> resized(const Instrument& instrument, const Handle& handle, Metres size);

/// One measure that differs from the instrument on the bench.
struct TriedChange
{
    Handle handle;
    Metres from;
    Metres to;
    bool needsFilling = false; ///< wood would have to come back
};
[[nodiscard]] std::vector<TriedChange> changesBetween(const Instrument& bench, const Instrument& tried);

} // namespace dowel::app
