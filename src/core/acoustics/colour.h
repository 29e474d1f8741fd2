// SPDX-License-Identifier: GPL-3.0-or-later
// Strength and colour of a note from the resonances of its fingering: how strong the one that sounds is, how well the
// others stand over its harmonics, where the lattice of open holes stops reflecting, how bright that lets it be, and
// whether it will speak. Trends to compare notes by, not a synthesis; grades and their thresholds are the project's own.
#pragma once

#include "core/acoustics/model.h"

#include <string_view>

namespace dowel::acoustics {

enum class Speech { Well, Reluctantly, Hardly };
enum class SpeechReason {
    None,
    WeakResonance,  ///< little is reflected: small deep holes, rough or leaky walls
    NearCutoff,     ///< at or above the cutoff of its open holes, where they let the wave pass
    OctaveAway,     ///< the next resonance is far from the second harmonic and does not help
    LowerIsStronger ///< a reed or lip falls back into the register below
};
[[nodiscard]] std::string_view speechName(Speech s);
[[nodiscard]] std::string_view reasonName(SpeechReason r);

/// A resonance near a harmonic of the sounding one.
struct Harmonicity
{
    int harmonic = 2;
    double cents = 0.0; ///< resonance minus harmonic
};

struct NoteColour
{
    double hertz = 0.0;
    double quality = 0.0;
    double height = 0.0;
    std::vector<Harmonicity> harmonicity; ///< harmonics 2 to 6 that have a resonance within a whole tone
    double cutoff_Hz = 0.0;               ///< 0 where fewer than two places are open below the sounding length
    double brightness = 0.0;              ///< centre of what the tube supports, in multiples of the fundamental
    Speech speech = Speech::Well;
    SpeechReason reason = SpeechReason::None;
};

/// One entry a note. Errors as Model::frequencies().
/// Cutoff of a regular lattice: f_c = 0.11 c (b/a) / sqrt(s t_e), Benade 1960 [B60] (from memory), of the first two open
/// places below the closed ones.
[[nodiscard]] Result<std::vector<NoteColour>> coloursOf(const Model& model, std::span<const NoteQuery> notes);

/// Benade's formula. All metres; halfSpacing_m: half the distance between holes; length_m: a hole's effective length.
[[nodiscard]] double latticeCutoffHz(double speed_m_s, double holeRadius_m, double boreRadius_m, double halfSpacing_m,
                                     double length_m);

/// Standard deviation of each note's pitch between the published sets of hole formulas, in cents, after the mean shift
/// that all notes share is taken off. Errors as Model::frequencies().
[[nodiscard]] Result<std::vector<double>> formulaSpread(const Shape& shape, const Calibration& calibration,
                                                        std::span<const NoteQuery> notes);

} // namespace dowel::acoustics
