// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/entries/kind.h"

#include <string>

namespace dowel {

/// How the instrument is finished, the whole plan with what is done of it so far.
struct FinishEntry
{
    std::string finish; ///< JSON, as io/finish_json writes it

    static constexpr EntryFacts facts{.word = "finish", .since = 3, .bearsOnShape = false};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const { return checkLetters("finish", finish.size(), 1, 100000); }
};

} // namespace dowel
