// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A coat inside: the bore is narrower by twice its thickness, smooth and tight.
struct Lacquer
{
    Metres thickness; ///< of this coat

    static constexpr CutFacts facts{.word = "lacquer", .since = 5};
    static constexpr auto fields() { return std::tuple(CutField{"thickness_mm", &Lacquer::thickness}); }
    [[nodiscard]] Metres size() const { return thickness; }
    void resize(Metres to) { thickness = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Lacquer> on(const Instrument& there);
    friend bool operator==(const Lacquer&, const Lacquer&) = default;
};

} // namespace dowel
