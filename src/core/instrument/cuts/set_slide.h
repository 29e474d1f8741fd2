// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A slide whistle's slide stands elsewhere: heard at a few places, all of its scale is known.
struct SetSlide
{
    Metres length; ///< from the sounding edge to its face

    static constexpr CutFacts facts{.word = "set_slide",
                                    .since = 5,
                                    .size = CutFacts::Size::BothWays,
                                    .reversible = true,
                                    .movesTheEnd = true,
                                    .lessSure = false,
                                    .standsElsewhere = true,
                                    .lever = {LeverFacts::Turn::HolesAndFoot, 0.01, false, LeverFacts::Slope::End}};
    static constexpr auto fields() { return std::tuple(CutField{"length_mm", &SetSlide::length}); }
    [[nodiscard]] Metres size() const { return length; }
    void resize(Metres to) { length = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<SetSlide> on(const Instrument& there);
    friend bool operator==(const SetSlide&, const SetSlide&) = default;
};

} // namespace dowel
