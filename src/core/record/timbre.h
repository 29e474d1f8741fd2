// SPDX-License-Identifier: GPL-3.0-or-later
// How every note of a workbook sounds beside its neighbours, and how that has changed since it was first heard.
#pragma once

#include "core/record/workbook.h"

#include <array>
#include <optional>
#include <vector>

namespace dowel {

/// One note's timbre in numbers: seconds until it speaks; tone over all noise and over the breath, dB; centre of its partials in
/// multiples of the note; even partials over odd ones and the wavering of the level, dB.
struct NoteTimbre
{
    enum Value { Speaks, Noise, Breath, Centre, EvenOdd, Level, Values };
    FingeringId id;
    int registerNumber = 1;
    int takes = 0;
    std::array<std::optional<double>, Values> value{}; ///< nothing where it was not heard
    std::array<bool, Values> standsOut{};
    std::array<std::optional<double>, Values> wanted{}; ///< the pattern's, where there is one
    std::vector<double> partials_dB{};                  ///< under the first one, of that take; empty where it was not heard
    std::vector<double> beforePartials_dB{};            ///< the pattern's, or of a trend the first take's
};

/// By the newest take of each fingering, in the instrument's order. What stands out is three times as far from its register's
/// middle as the half of them is, of four notes at least, and far enough to be heard. Common practice, no source. Where the
/// workbook has a pattern, what stands out differs from that by as much as is heard.
[[nodiscard]] std::vector<NoteTimbre> timbresOf(const Workbook& book);
/// The newest take less the first, where there are two. What stands out has changed so much that it is heard.
[[nodiscard]] std::vector<NoteTimbre> timbreTrendsOf(const Workbook& book);

/// A whole instrument as it was heard last, as the pattern for another. Notes that were not heard are left out.
[[nodiscard]] PatternEntry patternOf(const Workbook& good);

/// How the pitch of the whole drifted: every listening against the first of the same shape.
struct Drift
{
    std::string at; ///< ISO 8601, UTC: of the listening's first reading
    std::size_t shape = 0;
    int notes = 0;
    Cents mean; ///< of its notes, over the same notes when that shape was first heard
    Cents least;
    Cents most;
};
/// In order; a listening is what was heard within one day. Only shapes that were heard on two days at least.
[[nodiscard]] std::vector<Drift> driftsOf(const Workbook& book);

} // namespace dowel
