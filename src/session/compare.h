// SPDX-License-Identifier: GPL-3.0-or-later
// Instruments of one model side by side, as they were first heard: what they have in common is the drawing's error, what is
// left is each one's own.
#pragma once

#include "core/record/workbook.h"
#include "io/plan_json.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace dowel::session {

struct SideBySide
{
    std::vector<FingeringId> notes;
    struct One
    {
        std::string name;
        /// Sounding minus target in the air it is tuned for, as first drilled: the mean of what was heard before the first
        /// cut. Nothing where it was not heard then.
        std::vector<std::optional<Cents>> off;
        std::vector<std::optional<Cents>> own; ///< over what is in common
    };
    std::vector<One> instruments;
    /// The mean over the instruments that have the note; nothing where fewer than two have.
    std::vector<std::optional<Cents>> common;

    /// By how much the instruments differ from what is in common, note by note: the standard deviation with one degree of
    /// freedom gone to the mean. Nothing where fewer than two have the note.
    [[nodiscard]] std::vector<std::optional<Cents>> ownSd() const;
};

/// The workbooks of several files. Errors: those of Store::open(), BadValue (where = a file of the same piece of wood as
/// another).
[[nodiscard]] Result<std::vector<Workbook>> booksToCompare(const std::vector<std::string>& paths, const Cancel& cancel = {});

/// Errors: BadValue (fewer than two instruments), BadFingering (where = the first instrument whose fingerings are not the
/// first one's; what closes other holes or sounds another note is another model).
[[nodiscard]] Result<SideBySide> compared(std::span<const Workbook> books);

/// The plan of the next one: laid out from the first one's design, with what is in common taken out. It holds how far the
/// instruments sounded above the model, note by note; the mean of the notes stands where a note has nothing in common.
/// Errors: those of compared() and of fit(), and BadValue where nothing is in common yet.
[[nodiscard]] Result<io::PlanKept> nextOne(std::span<const Workbook> books);

} // namespace dowel::session
