// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A hole is made wider.
struct Enlarge
{
    HoleId hole;
    Metres diameter;

    static constexpr CutFacts facts{.word = "enlarge",
                                    .lessSure = false,
                                    .lever = {LeverFacts::Turn::HolesAndFoot, 0.02, false, LeverFacts::Slope::HoleSize}};
    static constexpr auto fields()
    {
        return std::tuple(CutField{"hole", &Enlarge::hole}, CutField{"diameter_mm", &Enlarge::diameter});
    }
    [[nodiscard]] Metres size() const { return diameter; }
    void resize(Metres to) { diameter = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Enlarge> on(const Instrument& there);
    friend bool operator==(const Enlarge&, const Enlarge&) = default;
};

} // namespace dowel
