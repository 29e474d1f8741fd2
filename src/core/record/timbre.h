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
};

/// By the newest take of each fingering, in the instrument's order. What stands out is three times as far from its register's
/// middle as the half of them is, of four notes at least, and far enough to be heard. Common practice, no source.
[[nodiscard]] std::vector<NoteTimbre> timbresOf(const Workbook& book);
/// The newest take less the first, where there are two. What stands out has changed so much that it is heard.
[[nodiscard]] std::vector<NoteTimbre> timbreTrendsOf(const Workbook& book);

} // namespace dowel
