// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A rough bore is made smooth from the foot upwards: its walls lose what roughness adds, its width stays.
struct Smooth
{
    Metres length; ///< from the foot, as far as it is smooth then

    static constexpr CutFacts facts{.word = "smooth", .since = 5};
    static constexpr auto fields() { return std::tuple(CutField{"length_mm", &Smooth::length}); }
    [[nodiscard]] Metres size() const { return length; }
    void resize(Metres to) { length = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Smooth> on(const Instrument& there);
    friend bool operator==(const Smooth&, const Smooth&) = default;
};

} // namespace dowel
