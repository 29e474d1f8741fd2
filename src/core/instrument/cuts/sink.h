// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A hole's outer edge is opened with a countersink or a knife.
struct Sink
{
    HoleId hole;
    Metres diameter;               ///< of the countersink, at the outside
    std::optional<Metres> depth{}; ///< stays where nothing is said; half the chimney where there was no countersink

    static constexpr CutFacts facts{.word = "countersink", .since = 5};
    static constexpr auto fields()
    {
        return std::tuple(CutField{"hole", &Sink::hole}, CutField{"countersink_diameter_mm", &Sink::diameter},
                          CutField{"countersink_depth_mm", &Sink::depth});
    }
    [[nodiscard]] Metres size() const { return diameter; }
    void resize(Metres to) { diameter = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<Sink> on(const Instrument& there);
    friend bool operator==(const Sink&, const Sink&) = default;
};

} // namespace dowel
