// SPDX-License-Identifier: GPL-3.0-or-later
// Air in the tube by temperature. Speed of sound of dry air after ISO 9613-1; density from the ideal gas law at
// 101325 Pa; viscosity, conductivity and ratio of specific heats after Keefe 1984 [K84] (from memory). Valid for about
// 0 to 40 degrees Celsius. Not modelled: humidity and carbon dioxide, which the fitted temperature takes up.
#pragma once

#include "core/acoustics/dual.h"
#include "core/base/quantities.h"

#include <numbers>

namespace dowel::acoustics {

/// SI: m/s, kg/m^3, Pa s, and plain numbers. T is the temperature in kelvin, a plain or a dual number.
template <class C> struct AirOf
{
    C speed;
    C density;
    C viscosity;
    C prandtl;
    static constexpr double gamma = 1.402;

    static AirOf at(const C& kelvin)
    {
        using std::sqrt;
        constexpr double gasConstant = 287.05;       // J/(kg K), dry air
        constexpr double pressure = 101325.0;        // Pa
        constexpr double specificHeat = 240.0;       // cal/(kg K) at constant pressure
        const C t = kelvin - C(273.15);
        AirOf a;
        a.speed = C(343.2) * sqrt(kelvin / C(293.15));
        a.density = C(pressure / gasConstant) / kelvin;
        a.viscosity = C(1.708e-5) * (C(1.0) + C(0.0029) * t);
        const C conductivity = C(5.77e-3) * (C(1.0) + C(0.0033) * t); // cal/(m s K)
        a.prandtl = a.viscosity * C(specificHeat) / conductivity;
        return a;
    }
};

/// The same as plain numbers, for callers outside the model.
struct Air
{
    double speed_m_s;
    double density_kg_m3;
    double viscosity_Pa_s;
    double prandtl;
};
[[nodiscard]] Air airAt(Temperature t);

} // namespace dowel::acoustics
