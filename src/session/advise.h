// SPDX-License-Identifier: GPL-3.0-or-later
// The one answer to "what next?" for a workbook, in the window and on the command line alike.
#pragma once

#include "core/base/cancel.h"
#include "core/plan/plan.h"
#include "core/shop/bit_drawer.h"
#include "store/store.h"

#include <optional>
#include <string>

namespace dowel::session {

/// Where the shop memory is that advice learns from and adds this instrument to. Wished: what cannot be read costs no advice,
/// it is told. Asked: it was named for this advice, which does not come without it.
struct MemoryUse
{
    std::string path; ///< empty: none
    enum class Need { Wished, Asked } need = Need::Wished;
};

/// What the plan goes by for this workbook: as far as its maker wants to go (or as it was asked for this once), with the sizes
/// and hands of the shop's drawer where there is one.
[[nodiscard]] PlanOptions planOptions(const Workbook& book, const BitDrawer* drawer, std::optional<Effort> asked = {});

struct Advised
{
    Recommendation recommendation;
    std::optional<Error> memoryTrouble; ///< the shop memory could not be used, and why
    std::optional<Error> notKept;       ///< the record could not take the advice, and why; it holds all the same
};

/// Fit, forecast and plan with what the maker's other instruments told; this one is remembered for them. Kept in the record,
/// unless its newest entry says the same already: asking twice is one piece of advice. A practice blank is nobody's wood: it
/// neither learns nor teaches. Errors: BadValue where nothing is drilled yet; those of recommendation(); with Asked those of
/// ShopMemory.
[[nodiscard]] Result<Advised> advise(Store& store, const MemoryUse& memory, const Cancel& cancel = {},
                                     const PlanOptions& options = {});

} // namespace dowel::session
