// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The block goes back from the window or to it.
struct MoveBlock
{
    Metres upstream; ///< length of bore that it leaves above the window

    static constexpr CutFacts facts{.word = "move_block", .since = 5, .size = CutFacts::Size::BothWays, .reversible = true};
    static constexpr auto fields() { return std::tuple(CutField{"upstream_mm", &MoveBlock::upstream}); }
    [[nodiscard]] Metres size() const { return upstream; }
    void resize(Metres to) { upstream = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<MoveBlock> on(const Instrument& there);
    friend bool operator==(const MoveBlock&, const MoveBlock&) = default;
};

} // namespace dowel
