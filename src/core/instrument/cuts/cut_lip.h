// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// The lip is cut back to a longer ramp: its edge stands where it stood, the wall above it is thinner.
struct CutLip
{
    Metres ramp; ///< along the tube, from the edge to where the wall is whole

    static constexpr CutFacts facts{.word = "cut_lip", .since = 5};
    static constexpr auto fields() { return std::tuple(CutField{"ramp_length_mm", &CutLip::ramp}); }
    [[nodiscard]] Metres size() const { return ramp; }
    void resize(Metres to) { ramp = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<CutLip> on(const Instrument& there);
    friend bool operator==(const CutLip&, const CutLip&) = default;
};

} // namespace dowel
