// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/air.h"

#include <cmath>

namespace dowel::acoustics {

double vapourShare(Temperature t, double humidity)
{
    const double celsius = t.celsius();
    return humidity * 611.2 * std::exp(17.62 * celsius / (243.12 + celsius)) / seaLevel_Pa;
}

Air airAt(Temperature t, double humidity, double carbonDioxide)
{
    const auto air = AirOf<Complex>::at({Complex(t.kelvin()), Complex(vapourShare(t, humidity)), Complex(carbonDioxide)});
    return {air.speed.real(), air.density.real(), air.viscosity.real(), air.prandtl.real()};
}

} // namespace dowel::acoustics
