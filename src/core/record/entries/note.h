// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/entries/kind.h"

#include <string>

namespace dowel {

/// Work done or seen that no number is kept of: a drilling step, a word about the wood.
struct NoteEntry
{
    std::string text;

    static constexpr EntryFacts facts{.word = "note", .bearsOnShape = false};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const { return checkLetters("note", text.size(), 1, 4000); }
};

} // namespace dowel
