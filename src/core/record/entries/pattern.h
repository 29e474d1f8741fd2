// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/ids.h"
#include "core/record/entries/kind.h"

#include <array>
#include <optional>
#include <string>
#include <vector>

namespace dowel {

/// What the notes are to sound like from here on: one note of this instrument, or a good instrument as it was heard, note by
/// note. Neither: like nothing in particular again.
struct PatternEntry
{
    struct Note
    {
        FingeringId id;
        std::array<std::optional<double>, 6> value{}; ///< as NoteTimbre has them
        std::vector<double> partials_dB{};
    };
    std::optional<FingeringId> alike;
    std::string from{}; ///< the other instrument's name
    std::vector<Note> notes{};

    static constexpr EntryFacts facts{.word = "pattern", .since = 3};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const;
};

} // namespace dowel
