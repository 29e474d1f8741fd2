// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/entries/kind.h"
#include "core/record/strategy.h"

namespace dowel {

/// From here on the plan goes about it so.
struct StrategyEntry
{
    TuningStrategy strategy;

    static constexpr EntryFacts facts{.word = "school"};
    [[nodiscard]] int since() const { return strategy.effort == Effort::Usual ? facts.since : 5; }
    [[nodiscard]] Status checkAlone() const;
};

} // namespace dowel
