// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/entries/kind.h"

#include <string>

namespace dowel {

/// The design as it was kept: blank, target, wishes and the row laid out from them.
struct PlanEntry
{
    std::string plan; ///< JSON, as io/plan_json writes it

    static constexpr EntryFacts facts{.word = "plan", .since = 3, .bearsOnShape = false};
    [[nodiscard]] int since() const { return facts.since; }
    [[nodiscard]] Status checkAlone() const { return checkLetters("plan", plan.size(), 1, 1000000); }
};

} // namespace dowel
