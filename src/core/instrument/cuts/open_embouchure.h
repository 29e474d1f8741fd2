// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The embouchure hole is made larger.
struct OpenEmbouchure
{
    Metres holeLength;                 ///< along the tube; its centre stays
    std::optional<Metres> holeWidth{}; ///< across the tube; stays where nothing is said

    static constexpr CutFacts facts{.word = "enlarge_embouchure",
                                    .before = "open_embouchure",
                                    .lever = {LeverFacts::Turn::Mouth, 0.25, false, LeverFacts::Slope::Mouth}};
    static constexpr auto fields()
    {
        return std::tuple(CutField{"hole_length_mm", &OpenEmbouchure::holeLength},
                          CutField{"hole_width_mm", &OpenEmbouchure::holeWidth});
    }
    [[nodiscard]] Metres size() const { return holeLength; }
    void resize(Metres to);
    /// The same work growing alike both ways.
    [[nodiscard]] OpenEmbouchure evenly(const Instrument& there) const;
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<OpenEmbouchure> on(const Instrument& there);
    friend bool operator==(const OpenEmbouchure&, const OpenEmbouchure&) = default;
};

} // namespace dowel
