// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/entries/kind.h"

#include <string>

namespace dowel {

/// A photograph; its small copy is kept beside the entry, as a recording is beside a reading.
struct PhotoEntry
{
    std::string words; ///< what it shows; may be empty

    static constexpr EntryFacts facts{.word = "photo", .since = 3};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const { return checkLetters("photo", words.size(), 0, 1000); }
};

} // namespace dowel
