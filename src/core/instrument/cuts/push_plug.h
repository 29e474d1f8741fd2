// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The way back from too deep: a plug on the closed end.
struct PushPlug
{
    Metres length; ///< new last station

    static constexpr CutFacts facts{.word = "push_plug",
                                    .since = 3,
                                    .size = CutFacts::Size::Shrinks,
                                    .reversible = true,
                                    .movesTheEnd = true,
                                    .lessSure = false,
                                    .lever = {LeverFacts::Turn::HolesAndFoot, 0.25, false, LeverFacts::Slope::End}};
    static constexpr auto fields() { return std::tuple(CutField{"length_mm", &PushPlug::length}); }
    [[nodiscard]] Metres size() const { return length; }
    void resize(Metres to) { length = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<PushPlug> on(const Instrument& there);
    friend bool operator==(const PushPlug&, const PushPlug&) = default;
};

} // namespace dowel
