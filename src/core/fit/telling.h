// SPDX-License-Identifier: GPL-3.0-or-later
// Which measure, taken again with care, would tell most about where the notes lie.
#pragma once

#include "core/fit/fit.h"

#include <optional>

namespace dowel {

/// What can be measured at a bench, each as a whole: all holes' sizes with one pair of calipers, for instance.
enum class Measurable { Bore, Walls, HoleSizes, HolePlaces, Length, MouthVolume, BareTube };
/// "bore", "walls", "hole_sizes", "hole_places", "length", "mouth_volume", "bare_tube".
[[nodiscard]] std::string_view measurableName(Measurable what);

struct Telling
{
    Measurable what;
    FingeringId note;    ///< the one that gains most
    Cents spread;        ///< how far it may lie off, one sigma
    Cents spreadThereby; ///< and with that measure
};

/// The measure that takes most out of the variance of all notes together: a normal belief is conditioned on it (Rasmussen and
/// Williams 2006, A.6 [RW06]), with the error of a careful maker. The bare tube is blown before any hole is there; it counts only
/// while nothing has been heard, as the note with all holes closed without what these do to it. Nothing where no note would gain
/// a cent and a tenth of its spread. Errors as Posterior::forecast().
[[nodiscard]] Result<std::optional<Telling>> measureThatTells(const Posterior& posterior, const Instrument& shape);

} // namespace dowel
