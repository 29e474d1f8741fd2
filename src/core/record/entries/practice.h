// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/record/entries/kind.h"

namespace dowel {

/// The instrument is a practice blank; the simulated player blows it.
struct PracticeEntry
{
    std::uint64_t seed = 1;
    Temperature room;
    double noise_dB = 24.0;
    bool ownFirst = false; ///< the maker cuts by his own head first, then hears what the advice would have been
    bool beginner = false; ///< an unsteady hand, on an instrument that is cold when it begins

    static constexpr EntryFacts facts{.word = "practice", .ofTheMaker = false};
    [[nodiscard]] int since() const { return beginner ? 5 : ownFirst ? 3 : facts.since; }
    [[nodiscard]] Status checkAlone() const { return Done{}; }
};

} // namespace dowel
