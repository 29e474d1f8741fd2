// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The tube is cut shorter at its open foot.
struct TrimFoot
{
    Metres length; ///< new last station

    static constexpr CutFacts facts{.word = "trim_foot",
                                    .size = CutFacts::Size::Shrinks,
                                    .movesTheEnd = true,
                                    .lessSure = false,
                                    .lever = {LeverFacts::Turn::HolesAndFoot, 0.02, false, LeverFacts::Slope::End}};
    static constexpr auto fields() { return std::tuple(CutField{"length_mm", &TrimFoot::length}); }
    [[nodiscard]] Metres size() const { return length; }
    void resize(Metres to) { length = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<TrimFoot> on(const Instrument& there);
    friend bool operator==(const TrimFoot&, const TrimFoot&) = default;
};

} // namespace dowel
