// SPDX-License-Identifier: GPL-3.0-or-later
// What would make a dull note brighter, and what that costs in cents: larger, undercut, smoother, by the model.
#pragma once

#include "core/fit/fit.h"

#include <optional>
#include <variant>
#include <vector>

namespace dowel::session {

/// Losses of the bore's wall back to a smooth one's.
struct SmoothedBore
{
};
struct Brightening
{
    std::variant<Enlarge, Undercut, SmoothedBore> work;
    double brighter = 0.0; ///< centre of what the tube supports, in multiples of the note: with it less without it
    Cents now;             ///< the note's cents off, without it
    Cents then;            ///< and with it
    bool staysIn = false;  ///< every note that is within tolerance now still is, and this one is then
};
/// By how much a hole is tried larger and undercut wider.
inline constexpr Metres triedLarger = Metres::fromMillimetres(0.5);
inline constexpr Metres triedUndercut = Metres::fromMillimetres(1.0);

/// For one fingering: its first open hole larger and undercut, the bore smoother where it is rough. What does not make it
/// brighter is left out; those that keep all in tune first, the brightest first among them. Trends, see core/acoustics/colour.h.
/// Errors: OutOfModelRange, BadFingering (no such note).
[[nodiscard]] Result<std::vector<Brightening>> brighteningsOf(const Posterior& posterior, const Instrument& shape,
                                                              const FingeringId& note);

/// A good instrument's sound, from its workbook, as the pattern for another. Errors: those of Store::open(), BadValue (nothing
/// was heard on it yet).
[[nodiscard]] Result<PatternEntry> patternIn(const std::string& path);

} // namespace dowel::session
