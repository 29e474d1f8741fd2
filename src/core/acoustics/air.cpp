// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/air.h"

namespace dowel::acoustics {

Air airAt(Temperature t, double humidity, double carbonDioxide)
{
    const auto air = AirOf<Complex>::at({Complex(t.kelvin()), Complex(humidity), Complex(carbonDioxide)});
    return {air.speed.real(), air.density.real(), air.viscosity.real(), air.prandtl.real()};
}

} // namespace dowel::acoustics
