// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/instrument.h"
#include "core/record/entries/kind.h"
#include "core/record/spec_version.h"

#include <algorithm>
#include <optional>
#include <string>
#include <vector>

namespace dowel {

/// What the instrument is to sound: the whole of it, so that an entry says by itself what was wanted from there on.
struct Wanted
{
    Tuning tuning;
    std::vector<Fingering> fingerings;
};

/// Something else is wanted or known from here on, or the instrument is called otherwise. What is not there stays as it was.
struct AmendEntry
{
    std::optional<Wanted> wanted;
    std::optional<std::string> name;
    std::optional<std::string> material;
    std::optional<std::vector<Node>> nodes;
    std::optional<Tools> tools;
    std::optional<Limits> limits;
    /// Measured again: bore, mouth, wall, holes and joints as they were when what is there was first written down, the whole
    /// of it. Of the rest of it nothing is taken.
    std::optional<InstrumentSpec> there;

    static constexpr EntryFacts facts{.word = "amend", .since = 3};
    [[nodiscard]] int since() const { return there ? std::max(facts.since, versionOf(*there)) : facts.since; }
    [[nodiscard]] Status checkAlone() const;
    /// Whether advice that was given before may be another one now.
    [[nodiscard]] bool bearsOnAdvice() const { return wanted || tools || limits || there; }
};

} // namespace dowel
