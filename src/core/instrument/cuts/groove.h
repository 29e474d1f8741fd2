// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The wall under a finger is made thinner, so that the hole's chimney is shorter: a groove, or a place filed flat.
struct Groove
{
    HoleId hole;
    Metres chimney; ///< what is left of it

    static constexpr CutFacts facts{.word = "groove", .since = 5, .size = CutFacts::Size::Shrinks};
    static constexpr auto fields()
    {
        return std::tuple(CutField{"hole", &Groove::hole}, CutField{"chimney_mm", &Groove::chimney});
    }
    [[nodiscard]] Metres size() const { return chimney; }
    void resize(Metres to) { chimney = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Groove> on(const Instrument& there);
    friend bool operator==(const Groove&, const Groove&) = default;
};

} // namespace dowel
