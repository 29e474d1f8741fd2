// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A stretch of the bore is made wider by a reamer with a taper, pushed in as deep as it went.
struct ReamTaper
{
    Metres from;
    Metres to;
    Metres atFrom; ///< bore is at least as wide as the straight line between these two diameters
    Metres atTo;

    static constexpr CutFacts facts{.word = "ream_taper", .since = 5};
    static constexpr auto fields()
    {
        return std::tuple(CutField{"from_mm", &ReamTaper::from}, CutField{"to_mm", &ReamTaper::to},
                          CutField{"diameter_from_mm", &ReamTaper::atFrom}, CutField{"diameter_to_mm", &ReamTaper::atTo});
    }
    [[nodiscard]] Metres size() const { return atFrom; }
    void resize(Metres reamedTo);
    /// Two stretches are one work where they share more than half of the shorter one.
    [[nodiscard]] bool samePlace(const ReamTaper& other) const;
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<ReamTaper> on(const Instrument& there);
    friend bool operator==(const ReamTaper&, const ReamTaper&) = default;
};

} // namespace dowel
