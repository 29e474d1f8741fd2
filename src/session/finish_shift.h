// SPDX-License-Identifier: GPL-3.0-or-later
// What a finish moves in this shop: before and after, on one instrument and over all of them.
#pragma once

#include "core/base/cancel.h"
#include "core/record/passport.h"
#include "core/shop/finish.h"

#include <string>
#include <vector>

namespace dowel::session {

/// The finish as kept; nothing where none was begun. Errors: those of io::finishFromText().
[[nodiscard]] Result<std::optional<FinishPlan>> finishOf(const Workbook& book);

/// The first day on which a work that changes the tube was done, and the last; nothing where none was.
struct FinishSpan
{
    std::chrono::sys_days began;
    std::chrono::sys_days ended;
};
[[nodiscard]] std::optional<FinishSpan> spanOf(const FinishPlan& plan);
/// Notes heard before that and again after it.
[[nodiscard]] std::vector<Shift> shiftsOf(const Workbook& book, const FinishPlan& plan);

struct UsualShift
{
    int instruments = 0;
    Cents mean;
    Cents low; ///< the least and most that one instrument moved, each its notes' mean
    Cents high;
};
/// Over the workbooks of a folder that were finished by this recipe and heard before and after; what cannot be read is left out.
/// without: a workbook that does not count, as it is the one in hand. Errors: Cancelled.
[[nodiscard]] Result<UsualShift> usualShift(const std::string& folder, const std::string& recipe, const std::string& without,
                                            const Cancel& cancel = {});

/// The targets lowered by so many cents (raised where below 0), A4 and all: what is aimed at while room is left for the finish,
/// or with the opposite sign to give it back. Errors: BadValue (more than 50 cents), those of retargeted().
[[nodiscard]] Result<AmendEntry> withRoom(const Workbook& book, Cents room);
/// How much room is left now: by what the wanted A4 lies under the one before; 0 where none was left, or it was taken back.
[[nodiscard]] Cents roomLeft(const Workbook& book, const FinishPlan& plan);

} // namespace dowel::session
