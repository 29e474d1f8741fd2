// SPDX-License-Identifier: GPL-3.0-or-later
// Scientific pitch names, cents and twelve-note equal temperament. Source: ISO 16 (A4 = 440 Hz as the standard
// tuning frequency); cents after Ellis 1885, 1200 log2 of the ratio.
#pragma once

#include "core/base/quantities.h"
#include "core/base/result.h"

#include <string>
#include <string_view>
#include <vector>

namespace dowel {

/// 1200 log2(f / reference). Both > 0.
[[nodiscard]] Cents centsBetween(Hertz f, Hertz reference);
/// What a note heard in one air would be higher by in another: the speed of sound goes with the root of the temperature.
[[nodiscard]] Cents higherIn(Temperature played, Temperature heard);
/// f raised by c.
[[nodiscard]] Hertz raisedBy(Hertz f, Cents c);

/// Above C0.
inline constexpr int semitonesOfA4 = 4 * 12 + 9;

/// Reads a name such as "D5", "F#4", "Bb3", "B♭3" as semitones above C0 in the octave numbering with A4 = A above
/// middle C. Errors: BadValue (where = the text).
[[nodiscard]] Result<int> semitonesFromName(std::string_view name);
/// Whether two names mean one note, however spelt: A#4 and Bb4. False where either is no name.
[[nodiscard]] bool isSameNote(std::string_view a, std::string_view b);
/// As instruments are called by their keys: C, C#, D, Eb, E, F, F#, G, Ab, A, Bb, B. From C0 up to B of the highest octave.
[[nodiscard]] std::string keyName(int semitones);
/// Every way to spell the notes from one up to another by a letter and at most one sign: C, C#, Db, D and so on.
[[nodiscard]] std::vector<std::string> spellings(int fromSemitones, int toSemitones);
/// Frequency in twelve-note equal temperament. a4 > 0. Errors as semitonesFromName.
[[nodiscard]] Result<Hertz> equalTempered(std::string_view name, Hertz a4);

/// A frequency as the nearest note's name (sharps, "F#5") and the distance from it.
struct NearestNote
{
    std::string name;
    Cents off;
};
/// f, a4 > 0.
[[nodiscard]] NearestNote nearestNote(Hertz f, Hertz a4);

} // namespace dowel
