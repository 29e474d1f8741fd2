// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cut.h"
#include "core/record/entries/kind.h"
#include "core/record/note_forecast.h"

#include <algorithm>
#include <vector>

namespace dowel {

/// Work done on the wood.
struct CutEntry
{
    Cut cut; ///< with the size that the calipers say
    Metres from;
    std::optional<Metres> advised;      ///< where it followed advice
    std::vector<NoteForecast> forecast; ///< what the advice expected

    static constexpr EntryFacts facts{.word = "cut"};
    [[nodiscard]] int since() const { return std::max(facts.since, factsOf(cut).since); }
    [[nodiscard]] Status checkAlone() const { return Done{}; }
};

} // namespace dowel
