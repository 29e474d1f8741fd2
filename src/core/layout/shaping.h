// SPDX-License-Identifier: GPL-3.0-or-later
// What a layout may change beside the row of holes: stopper, bore and its taper, undercuts; each one number in millimetres.
// For the layout's own files.
#pragma once

#include "core/layout/layout.h"

namespace dowel::layout {

/// One number that reshapes the tube, 0 where it is as it was.
struct Reshaping
{
    Shaping kind = Shaping::Stopper;
    std::size_t hole = 0; ///< for Undercut
    double low_mm = 0.0;
    double high_mm = 0.0;
};

/// Those that are allowed and that this instrument has. Limits are common practice, no source.
[[nodiscard]] std::vector<Reshaping> reshapingsOf(const InstrumentSpec& spec, const std::vector<Shaping>& allowed);
/// Puts in the station at which a head taper ends, where one is allowed.
[[nodiscard]] InstrumentSpec readyFor(InstrumentSpec spec, const std::vector<Reshaping>& reshapings);
/// spec, made from base, with one number further on. Stations must still be those of base above the foot.
void reshape(InstrumentSpec& spec, const InstrumentSpec& base, const Reshaping& r, double amount_mm);

/// The chart with other fingerings for notes out of tolerance, one or two fingers from those of the chart, where the model
/// finds such; nothing where it does not. Fewest fingers moved first. posterior: of shape. Errors: those of fit().
[[nodiscard]] Result<std::optional<std::vector<Fingering>>> otherFingerings(const Instrument& shape, const Posterior& posterior);

} // namespace dowel::layout
