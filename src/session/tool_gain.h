// SPDX-License-Identifier: GPL-3.0-or-later
// Which bit that a drawer lacks would be worth buying for an instrument, and what it would gain.
#pragma once

#include "core/base/cancel.h"
#include "core/layout/layout.h"
#include "core/shop/bit_drawer.h"

#include <optional>

namespace dowel::session {

struct ToolGain
{
    Bit bit;
    int within = 0;        ///< notes within tolerance with it
    int withinWithout = 0; ///< and with the drawer as it is
    int notes = 0;
    double worst_cents = 0.0; ///< furthest off with it
};

/// The one published bit that brings most notes in, of the kinds of marking that the drawer has; the sizes tried are those that a
/// free choice would take. Nothing where none brings a note more, or where the drawer is empty. Errors: those of layOut() without
/// bits.
[[nodiscard]] Result<std::optional<ToolGain>> toolWorthBuying(const Blank& blank, const LayoutWishes& wishes,
                                                              const BitDrawer& drawer, const Priors& priors = {},
                                                              const Cancel& cancel = {});

} // namespace dowel::session
