// SPDX-License-Identifier: GPL-3.0-or-later
// What is so at the bench while an instrument is worked on: the room, the practice blank's player, whether all has warmed up, and
// what the shop remembers of it.
#pragma once

#include "core/base/cancel.h"
#include "core/fit/fit.h"
#include "core/record/workbook.h"
#include "player/player.h"
#include "store/shop_memory.h"
#include "store/store.h"

#include <optional>

namespace dowel::session {

/// Notes heard more than once on the present shape that have all moved the same way.
struct Warming
{
    Cents moved; ///< median, sharp where positive
    Seconds over;
};
/// Nothing unless three fingerings at least were heard again two minutes or more later and moved by three cents or more.
[[nodiscard]] std::optional<Warming> warmingOf(const Workbook& book);

/// The room temperature of the newest reading, else that of the practice blank, else the tuning's.
[[nodiscard]] Temperature roomOf(const Workbook& book);
/// The player of a practice blank.
[[nodiscard]] std::optional<player::SimulatedPlayer> playerOf(const Workbook& book);

/// Puts what a workbook's own readings say about the shop into its memory, once every note has been heard. Errors: those
/// of fit() and ShopMemory::remember().
/// advised: what the advice was worked out with. It is what is remembered where nothing was known beforehand; else the workbook
/// is fitted once more without the memory's own priors, so that nothing is counted twice, and only once every note was heard.
[[nodiscard]] Status remember(ShopMemory& memory, const Store& store, const Posterior& advised, const Cancel& cancel = {});

} // namespace dowel::session
