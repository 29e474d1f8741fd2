// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/base/ids.h"
#include "core/hearing/take.h"
#include "core/record/entries/kind.h"

#include <optional>

namespace dowel {

enum class ReadingSource { Player, File, Microphone, Numbers };
[[nodiscard]] std::string_view sourceName(ReadingSource source);
[[nodiscard]] std::optional<ReadingSource> sourceFromName(std::string_view name);

/// A note as it was heard or read off.
struct ReadingEntry
{
    FingeringId fingering;
    Hertz pitch;
    Cents sd;
    Temperature air; ///< of the room
    ReadingSource source = ReadingSource::Numbers;
    std::optional<HeardNote> note; ///< where it comes from samples
    bool hasTake = false;          ///< the recording is kept beside the entry

    static constexpr EntryFacts facts{.word = "reading"};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const;
};

} // namespace dowel
