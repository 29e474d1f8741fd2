// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/instrument.h"
#include "core/record/entries/kind.h"

namespace dowel {

/// From here on this is what is there: drilled as laid out, or measured whole. What was heard and cut before stays in the record
/// and counts no more.
struct BuiltEntry
{
    Instrument built;

    static constexpr EntryFacts facts{.word = "built", .since = 3};
    [[nodiscard]] int since() const { return built.spec().head ? 4 : facts.since; }
    [[nodiscard]] Status checkAlone() const { return Done{}; }
};

} // namespace dowel
