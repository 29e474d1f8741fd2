// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A hole is made narrower: wax, a sleeve, tape.
struct Fill
{
    HoleId hole;
    Metres diameter;

    static constexpr CutFacts facts{.word = "fill",
                                    .size = CutFacts::Size::Shrinks,
                                    .reversible = true,
                                    .lever = {LeverFacts::Turn::HolesAndFoot, 0.25, false, LeverFacts::Slope::HoleSize}};
    static constexpr auto fields() { return std::tuple(CutField{"hole", &Fill::hole}, CutField{"diameter_mm", &Fill::diameter}); }
    [[nodiscard]] Metres size() const { return diameter; }
    void resize(Metres to) { diameter = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Fill> on(const Instrument& there);
    friend bool operator==(const Fill&, const Fill&) = default;
};

} // namespace dowel
