// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The closed end moves away from the mouth: a stopped pipe is bored deeper.
struct Deepen
{
    Metres length; ///< new last station

    static constexpr CutFacts facts{.word = "deepen",
                                    .since = 3,
                                    .movesTheEnd = true,
                                    .lessSure = false,
                                    .lever = {LeverFacts::Turn::HolesAndFoot, 0.02, true, LeverFacts::Slope::End}};
    static constexpr auto fields() { return std::tuple(CutField{"length_mm", &Deepen::length}); }
    [[nodiscard]] Metres size() const { return length; }
    void resize(Metres to) { length = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Deepen> on(const Instrument& there);
    friend bool operator==(const Deepen&, const Deepen&) = default;
};

} // namespace dowel
