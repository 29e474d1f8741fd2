// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/instrument.h"
#include "core/record/entries/kind.h"
#include "core/record/spec_version.h"

#include <algorithm>

namespace dowel {

/// From here on this is what is there: drilled as laid out, or measured whole. What was heard and cut before stays in the record
/// and counts no more.
struct BuiltEntry
{
    Instrument built;

    static constexpr EntryFacts facts{.word = "built", .since = 3};
    [[nodiscard]] int since() const { return std::max(facts.since, versionOf(built.spec())); }
    [[nodiscard]] Status checkAlone() const { return Done{}; }
};

} // namespace dowel
