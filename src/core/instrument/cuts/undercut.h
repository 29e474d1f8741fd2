// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A hole opens out towards the bore.
struct Undercut
{
    HoleId hole;
    Metres undercutDiameter;

    static constexpr CutFacts facts{.word = "undercut",
                                    .lever = {LeverFacts::Turn::Last, 0.15, false, LeverFacts::Slope::HoleUndercut}};
    static constexpr auto fields()
    {
        return std::tuple(CutField{"hole", &Undercut::hole}, CutField{"undercut_diameter_mm", &Undercut::undercutDiameter});
    }
    [[nodiscard]] Metres size() const { return undercutDiameter; }
    void resize(Metres to) { undercutDiameter = to; }
    /// Its lever is by how much it is wider than the hole.
    [[nodiscard]] Metres leverFrom(const Instrument& there) const { return there.find(hole)->diameter; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Undercut> on(const Instrument& there);
    friend bool operator==(const Undercut&, const Undercut&) = default;
};

} // namespace dowel
