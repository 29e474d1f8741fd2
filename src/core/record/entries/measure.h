// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/ids.h"
#include "core/record/entries/kind.h"

#include <optional>

namespace dowel {

/// A size measured again: what the record had was wrong ever since it was last written down, by a cut or at the start.
struct MeasureEntry
{
    std::optional<HoleId> hole; ///< its diameter; nothing: the tube's length
    Metres size;

    static constexpr EntryFacts facts{.word = "measure"};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const { return Done{}; }
};

} // namespace dowel
