// SPDX-License-Identifier: GPL-3.0-or-later
// Readings without a recording.
#pragma once

#include "core/record/workbook.h"

namespace dowel::fixtures {

/// A note heard at a pitch, to a standard error, in a room.
inline ReadingEntry heard(const FingeringId& id, Hertz pitch, double sd_cents, Temperature air)
{
    ReadingEntry r;
    r.fingering = id;
    r.pitch = pitch;
    r.sd = Cents::fromCents(sd_cents);
    r.air = air;
    return r;
}

} // namespace dowel::fixtures
