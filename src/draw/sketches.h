// SPDX-License-Identifier: GPL-3.0-or-later
// What is drawn of an instrument on paper, each as wide as asked and to scale along the tube: the whole, and what a group of
// steps of the order of work is about. The foot lies to the right.
#pragma once

#include "core/instrument/instrument.h"
#include "draw/sketch.h"
#include "text/units.h"

namespace dowel::draw {

/// Section and view from above from the top end to the foot; holes with their names, diameters and distances from the foot, the
/// sounding and the overall length.
[[nodiscard]] Sketch instrumentSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit);
/// What is sawn off, and what of it the instrument takes.
[[nodiscard]] Sketch stockSketch(const Instrument& instrument, Metres sawn, double width_mm, text::LengthUnit unit);
/// The bore alone with its diameter at the stations.
[[nodiscard]] Sketch boreSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit);
/// Window and windway in section, or the embouchure hole from above and its stopper, enlarged; empty of a mouthpiece.
[[nodiscard]] Sketch edgeSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit);
/// The joints apart, without tenons.
[[nodiscard]] Sketch jointSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit);
/// The row of holes from above, with names, diameters and distances from the foot; empty without holes.
[[nodiscard]] Sketch holeSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit);

struct PartialsOf
{
    std::string note;
    std::vector<double> partials_dB; ///< over the power of all
};
/// A column a note: its partials from below, the stronger the darker and wider.
[[nodiscard]] Sketch timbreSketch(const std::vector<PartialsOf>& notes, double width_mm);

} // namespace dowel::draw
