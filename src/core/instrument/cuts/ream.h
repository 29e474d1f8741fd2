// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A stretch of the bore is made wider.
struct Ream
{
    Metres from;
    Metres to;
    Metres diameter; ///< bore is at least this wide between from and to

    static constexpr CutFacts facts{.word = "ream", .lever = {LeverFacts::Turn::Last, 0.25, true}};
    static constexpr auto fields()
    {
        return std::tuple(CutField{"from_mm", &Ream::from}, CutField{"to_mm", &Ream::to},
                          CutField{"diameter_mm", &Ream::diameter});
    }
    [[nodiscard]] Metres size() const { return diameter; }
    void resize(Metres reamedTo) { diameter = reamedTo; }
    /// Two stretches are one work where they share more than half of the shorter one.
    [[nodiscard]] bool samePlace(const Ream& other) const;
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Ream> on(const Instrument& there);
    friend bool operator==(const Ream&, const Ream&) = default;
};

namespace cuts {

struct Stretch
{
    Metres from;
    Metres to;
    Metres atFrom; ///< diameters, a straight line between the two places
    Metres atTo;
};
/// The bore is nowhere narrower than that between the two places. Errors: BadGeometry (it does not lie within the bore),
/// NotRemovable (the bore is wider everywhere).
Status widen(InstrumentSpec& spec, const Stretch& stretch);

} // namespace cuts

/// Puts a station at a place of the bore where there is none yet, without changing the shape.
void splitBoreAt(InstrumentSpec& spec, Metres at);

} // namespace dowel
