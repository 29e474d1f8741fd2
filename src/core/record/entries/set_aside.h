// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/entries/kind.h"

#include <string>

namespace dowel {

/// An entry counts no more; where it is one of these itself, what that set aside counts again.
struct SetAsideEntry
{
    EntryId entry;
    std::string why;

    static constexpr EntryFacts facts{.word = "set_aside", .ofTheMaker = false};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const { return Done{}; }
};

} // namespace dowel
