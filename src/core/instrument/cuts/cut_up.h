// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The window of a duct is made longer: the lip is cut back.
struct CutUp
{
    Metres windowLength;

    static constexpr CutFacts facts{.word = "cut_up", .lever = {LeverFacts::Turn::Mouth, 0.25, false, LeverFacts::Slope::Window}};
    static constexpr auto fields() { return std::tuple(CutField{"window_length_mm", &CutUp::windowLength}); }
    [[nodiscard]] Metres size() const { return windowLength; }
    void resize(Metres to) { windowLength = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<CutUp> on(const Instrument& there);
    friend bool operator==(const CutUp&, const CutUp&) = default;
};

} // namespace dowel
