// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The windway is made higher at its exit: breath and voice, hardly the pitch.
struct OpenWindway
{
    Metres height;

    static constexpr CutFacts facts{.word = "open_windway", .since = 5};
    static constexpr auto fields() { return std::tuple(CutField{"windway_height_mm", &OpenWindway::height}); }
    [[nodiscard]] Metres size() const { return height; }
    void resize(Metres to) { height = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<OpenWindway> on(const Instrument& there);
    friend bool operator==(const OpenWindway&, const OpenWindway&) = default;
};

} // namespace dowel
