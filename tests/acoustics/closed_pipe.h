// SPDX-License-Identifier: GPL-3.0-or-later
// A cylinder closed at the top, of nothing but a bore and its wall: what handbooks have formulas for.
#pragma once

#include "core/acoustics/shape.h"

namespace dowel::acoustics {

/// All in metres.
inline Shape closedPipe(double length, double diameter, double wall)
{
    Shape s;
    s.mouth = Shape::Mouth::ClosedTop;
    s.bore = {{0.0, diameter}, {length, diameter}};
    s.wall_m = wall;
    return s;
}

} // namespace dowel::acoustics
