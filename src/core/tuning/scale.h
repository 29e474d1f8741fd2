// SPDX-License-Identifier: GPL-3.0-or-later
// Twelve-note temperaments on any tonic, chosen degrees of them (modes, pentatonics), and scales of any number of degrees
// as plain text (.scl). A4 always has the reference pitch; the temperament is hung on it.
// Sources: chains of fifths tempered by fractions of the Pythagorean (or syntonic) comma, Barbour, Tuning and Temperament
// (1951) (from memory); just intonation with ratios to the limit of 5; the .scl format after its public description.
#pragma once

#include "core/base/quantities.h"
#include "core/base/result.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace dowel {

/// Cents above the tonic of the twelve semitones, the first 0, rising.
using Temperament = std::array<double, 12>;

/// "equal", "just", "meantone", "pythagorean", "werckmeister-iii", "vallotti".
[[nodiscard]] const std::vector<std::string_view>& temperamentNames();
[[nodiscard]] std::optional<Temperament> temperamentNamed(std::string_view name);
/// Rising from 0 and below 1200 throughout.
[[nodiscard]] bool isTemperament(const std::vector<double>& cents);

/// Frequency of a note by its scientific name. tonic: a letter with # or b.  Errors: BadValue (where = the name or tonic).
[[nodiscard]] Result<Hertz> tempered(std::string_view name, Hertz a4, const Temperament& temperament, std::string_view tonic);

/// Semitones above the tonic of a mode's degrees in one octave: "major", "minor", "dorian", "phrygian", "lydian",
/// "mixolydian", "locrian", "major-pentatonic", "minor-pentatonic", "chromatic".
[[nodiscard]] const std::vector<std::string_view>& modeNames();
[[nodiscard]] std::optional<std::vector<int>> modeNamed(std::string_view name);
/// The names of a mode's notes upwards from a lowest one, e.g. "D5", count of them; sharps or flats as the key has them.
/// Errors: BadValue.
[[nodiscard]] Result<std::vector<std::string>> modeNotes(std::string_view lowest, std::string_view mode, std::size_t count);

/// A scale of any number of degrees: cents above the tonic, the last one the period (1200 for an octave).
struct Scale
{
    std::string description;
    std::vector<double> cents;
    friend bool operator==(const Scale&, const Scale&) = default;
};
/// Degree n above the tonic, n any integer: 0 the tonic, cents.size() the period.
[[nodiscard]] Cents degree(const Scale& scale, int n);
/// Errors: BadSyntax (where = line, facts = what stands there); at most 1000 degrees.
[[nodiscard]] Result<Scale> scaleFromText(std::string_view text);
[[nodiscard]] std::string scaleText(const Scale& scale);

} // namespace dowel
