// SPDX-License-Identifier: GPL-3.0-or-later
// What the fit hands to the model of the sound: for those few who ask it themselves. What only wants cents has no need of it.
#pragma once

#include "core/acoustics/model.h"
#include "core/fit/fit.h"

namespace dowel {

/// A shape of an instrument with everything fitted put in; undercuts as they work in the first register. The player's own law is
/// not in it.
struct Posterior::Placed
{
    acoustics::Shape shape;
    acoustics::Calibration calibration;
};

/// The fingerings of an instrument as the model takes them.
[[nodiscard]] std::vector<acoustics::NoteQuery> queriesOf(const Instrument& instrument);

/// How the model stands before anything is heard: the means of Priors, in a room.
[[nodiscard]] acoustics::Calibration expectedCalibration(const Tuning& tuning, Temperature room);

} // namespace dowel
