// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The edges of roof and block are broken where the windway ends.
struct Chamfer
{
    Metres width;

    static constexpr CutFacts facts{.word = "chamfer", .since = 5};
    static constexpr auto fields() { return std::tuple(CutField{"chamfer_mm", &Chamfer::width}); }
    [[nodiscard]] Metres size() const { return width; }
    void resize(Metres to) { width = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Chamfer> on(const Instrument& there);
    friend bool operator==(const Chamfer&, const Chamfer&) = default;
};

} // namespace dowel
