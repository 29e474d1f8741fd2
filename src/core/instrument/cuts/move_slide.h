// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A joint is drawn out or pushed in to tune the whole.
struct MoveSlide
{
    Metres at; ///< of the joint, from the sounding edge
    Metres out;

    static constexpr CutFacts facts{.word = "move_slide",
                                    .since = 5,
                                    .size = CutFacts::Size::BothWays,
                                    .reversible = true,
                                    .lessSure = false,
                                    .lever = {LeverFacts::Turn::Mouth, 0.03, true}};
    static constexpr auto fields() { return std::tuple(CutField{"at_mm", &MoveSlide::at}, CutField{"out_mm", &MoveSlide::out}); }
    [[nodiscard]] Metres size() const { return out; }
    void resize(Metres to) { out = to; }
    /// The same joint.
    [[nodiscard]] bool samePlace(const MoveSlide& other) const;
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<MoveSlide> on(const Instrument& there);
    friend bool operator==(const MoveSlide&, const MoveSlide&) = default;
};

} // namespace dowel
