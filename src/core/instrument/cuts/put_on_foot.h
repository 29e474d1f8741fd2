// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A bell, funnel or ring is put on the foot, or taken off.
struct PutOnFoot
{
    std::optional<FootPiece> piece{}; ///< nothing: the foot is bare again

    static constexpr CutFacts facts{.word = "put_on_foot", .since = 3, .size = CutFacts::Size::BothWays, .reversible = true};
    static constexpr auto fields() { return std::tuple(CutField{"", &PutOnFoot::piece}); }
    [[nodiscard]] Metres size() const { return piece ? piece->length : Metres{}; }
    void resize(Metres to);
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<PutOnFoot> on(const Instrument& there);
    friend bool operator==(const PutOnFoot&, const PutOnFoot&) = default;
};

} // namespace dowel
