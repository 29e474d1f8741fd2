// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The stopper of a transverse flute goes in or out.
struct MoveStopper
{
    Metres stopper; ///< from the middle of the embouchure hole

    static constexpr CutFacts facts{.word = "move_stopper",
                                    .size = CutFacts::Size::BothWays,
                                    .reversible = true,
                                    .lever = {LeverFacts::Turn::Mouth, 0.03, true, LeverFacts::Slope::Stopper}};
    static constexpr auto fields() { return std::tuple(CutField{"stopper_mm", &MoveStopper::stopper}); }
    [[nodiscard]] Metres size() const { return stopper; }
    void resize(Metres to) { stopper = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<MoveStopper> on(const Instrument& there);
    friend bool operator==(const MoveStopper&, const MoveStopper&) = default;
};

} // namespace dowel
