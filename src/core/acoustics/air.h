// SPDX-License-Identifier: GPL-3.0-or-later
// Air in the tube by temperature, humidity and carbon dioxide. Dry air: speed of sound after ISO 9613-1, density from the
// ideal gas law at 101325 Pa, viscosity, conductivity and ratio of specific heats after Keefe 1984 [K84] (from memory).
// Vapour and carbon dioxide change mean molar mass and specific heat as in an ideal mixture [C93]. Valid for about 0 to 40
// degrees Celsius. Not modelled: what vapour and carbon dioxide do to viscosity and conduction (under 2 % of the losses), and
// pressure other than at sea level (no effect on the speed).
#pragma once

#include "core/acoustics/dual.h"
#include "core/base/quantities.h"

#include <numbers>

namespace dowel::acoustics {

/// What the air is: kelvin, and the shares of water vapour and carbon dioxide (0.04 in breath) by volume.
template <class C> struct AirState
{
    C kelvin;
    C vapour{0.0};
    C carbonDioxide{0.0};
};

inline constexpr double seaLevel_Pa = 101325.0;
/// Share of water vapour by volume; humidity 0 to 1.  Source: Magnus' formula as the WMO gives it [WMO8] (from memory).
[[nodiscard]] double vapourShare(Temperature t, double humidity);

/// SI: m/s, kg/m^3, Pa s, and plain numbers, of plain or dual numbers.
template <class C> struct AirOf
{
    C speed;
    C density;
    C viscosity;
    C prandtl;
    C gamma; ///< ratio of specific heats

    static AirOf at(const AirState<C>& state)
    {
        using std::sqrt;
        constexpr double gasConstant = 8.314462; // J/(mol K)
        constexpr double dryMolar = 0.0289647;   // kg/mol
        constexpr double vapourMolar = 0.0180153;
        constexpr double dioxideMolar = 0.0440095;
        constexpr double dryGamma = 1.402;
        // Molar heats at constant pressure in units of the gas constant, handbook values near 20 degrees (from memory).
        constexpr double dryHeat = dryGamma / (dryGamma - 1.0);
        constexpr double vapourHeat = 4.04;
        constexpr double dioxideHeat = 4.45;
        constexpr double specificHeat = 240.0; // cal/(kg K) at constant pressure
        const C& kelvin = state.kelvin;
        const C t = kelvin - 273.15;
        const C& vapour = state.vapour;
        const C& dioxide = state.carbonDioxide;
        const C molar = dryMolar + (vapourMolar - dryMolar) * vapour + (dioxideMolar - dryMolar) * dioxide;
        const C heat = dryHeat + (vapourHeat - dryHeat) * vapour + (dioxideHeat - dryHeat) * dioxide;
        AirOf a;
        a.gamma = heat / (heat - 1.0);
        a.speed = 343.2 * sqrt(kelvin / 293.15 * (a.gamma / dryGamma) * (dryMolar / molar));
        a.density = (seaLevel_Pa / gasConstant) * molar / kelvin;
        a.viscosity = 1.708e-5 * (1.0 + 0.0029 * t);
        const C conductivity = 5.77e-3 * (1.0 + 0.0033 * t); // cal/(m s K)
        a.prandtl = a.viscosity * specificHeat / conductivity;
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
/// humidity 0 to 1, carbonDioxide 0 to 1 by volume.
[[nodiscard]] Air airAt(Temperature t, double humidity = 0.0, double carbonDioxide = 0.0);

} // namespace dowel::acoustics
