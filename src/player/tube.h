// SPDX-License-Identifier: GPL-3.0-or-later
// The simulated player's own physics: what the hidden instrument really sounds. Deliberately other formulas than the
// core's, so that a mistake there cannot agree with itself: approximate wall losses [FR98], Dubos' and Nederveen's side
// holes [D99, NJD98], a constant end correction, impedances instead of matrices, what openings hear of each other outside
// solved as a loop instead of to first order. Good to some ten cents, as real instruments are against any formula.
#pragma once

#include <optional>
#include <vector>

namespace dowel::player {

struct TubeHole
{
    double at_m;
    double radius_m;
    double innerRadius_m;
    double chimney_m;
    double open; ///< share of it that no finger covers, 0 to 1
    int count = 1;
};

enum class Mouth { Window, Embouchure, ClosedTop };

struct Tube
{
    struct Station
    {
        double at_m;
        double radius_m;
    };
    std::vector<Station> bore;
    std::vector<TubeHole> holes; ///< foot upwards
    bool footClosed = false;
    Mouth mouth = Mouth::Window;
    double mouthArea_m2 = 3e-5;  ///< window or uncovered embouchure hole
    double mouthDepth_m = 0.006; ///< its length with all corrections, at 700 Hz
    double mouthSlope = 0.0;     ///< power law of that length over frequency
    double upstream_m = 0.0;     ///< closed tube above the mouth
    double volume_m3 = 0.0;      ///< ClosedTop only
    double kelvin = 293.15;
    double roughness = 1.0;  ///< on the wall losses
    double neighbours = 0.0; ///< how openings hear each other outside: 1 as points in free air, 2 as points on a plane
};

/// Frequency of the n-th register in hertz; nothing where the tube has none below its cutoff.
[[nodiscard]] std::optional<double> soundingHz(const Tube& tube, int registerNumber);

/// How the tube answers at the sounding frequency and at its harmonics, as heights of its resonances there over the
/// characteristic value: admittance for flutes, impedance for reed and lip. Resonances in line with the harmonics feed them;
/// holes that are small or few, and rough walls, leave little above (Fletcher and Rossing, The Physics of Musical Instruments,
/// chapters 8 and 16; Benade, J. Acoust. Soc. Am. 32, 1591, 1960). One a harmonic, the sounding one first.
[[nodiscard]] std::vector<double> answersAt(const Tube& tube, double sounding_Hz, std::size_t harmonics);

} // namespace dowel::player
