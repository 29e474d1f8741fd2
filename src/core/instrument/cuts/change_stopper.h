// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/instrument/cuts/kind.h"

namespace dowel {

/// A stopper of another kind, cork for wax or a node bored out for a cork: for the air it is where its face stands; what else
/// its face does is learnt from what is heard.
struct ChangeStopper
{
    Metres stopper; ///< its face, from the middle of the embouchure hole

    static constexpr CutFacts facts{.word = "change_stopper", .since = 5, .size = CutFacts::Size::BothWays, .reversible = true};
    static constexpr auto fields() { return std::tuple(CutField{"stopper_mm", &ChangeStopper::stopper}); }
    [[nodiscard]] Metres size() const { return stopper; }
    void resize(Metres to) { stopper = to; }
    [[nodiscard]] std::optional<Metres> present(const Instrument& there) const;
    Status doTo(InstrumentSpec& spec) const;
    static std::vector<ChangeStopper> on(const Instrument& there);
    friend bool operator==(const ChangeStopper&, const ChangeStopper&) = default;
};

} // namespace dowel
