// SPDX-License-Identifier: GPL-3.0-or-later
// What can be taken back of a record, and what can come back: the newest act of the maker, and the newest that was taken back.
#pragma once

#include "core/record/workbook.h"

namespace dowel::session {

struct TurnBack
{
    enum class Kind { Nothing, AnEntry, ACut };
    Kind kind = Kind::Nothing;       ///< a cut is made of wood: it is set aside in the logbook, where it is wrong
    const Entry* entry = nullptr;    ///< what is taken back, or what comes back
    const Entry* setAside = nullptr; ///< what is to be set aside for that: the entry, or what had set it aside
    [[nodiscard]] bool ofPlan() const;
    [[nodiscard]] bool ofBuilt() const;
};
/// Pointers are into the book.
[[nodiscard]] TurnBack lastToTakeBack(const Workbook& book);
[[nodiscard]] TurnBack lastToBringBack(const Workbook& book);

} // namespace dowel::session
