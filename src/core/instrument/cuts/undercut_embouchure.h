// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The embouchure hole opens out towards the bore.
struct UndercutEmbouchure
{
    Metres undercut; ///< by how much wider at the bore

    static constexpr CutFacts facts{.word = "undercut_embouchure", .since = 3};
    static constexpr auto fields() { return std::tuple(CutField{"undercut_mm", &UndercutEmbouchure::undercut}); }
    [[nodiscard]] Metres size() const { return undercut; }
    void resize(Metres to) { undercut = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<UndercutEmbouchure> on(const Instrument& there);
    friend bool operator==(const UndercutEmbouchure&, const UndercutEmbouchure&) = default;
};

} // namespace dowel
