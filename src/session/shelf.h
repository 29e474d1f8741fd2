// SPDX-License-Identifier: GPL-3.0-or-later
// The shop: every workbook of a folder as one line, told from its record alone. Nothing is worked out, so that hundreds are
// there at once, and what cannot be read is named and does not keep the others back.
#pragma once

#include "core/base/cancel.h"
#include "core/base/clock.h"
#include "core/record/workbook.h"
#include "core/shop/finish.h"
#include "session/practice.h"

#include <map>
#include <mutex>
#include <optional>
#include <string>
#include <vector>

namespace dowel::session {

struct ShelfLine
{
    /// Where it stands, in the order in which it asks for its maker.
    enum class State { CutReady, Stopped, FinishDue, ToHear, Heard, LaidOut, Planned, Finishing, Done, Unreadable };

    std::string path;
    std::string name;
    State state = State::Unreadable;
    std::optional<Instrument> shape; ///< as it is, or as it is to be where nothing is drilled yet
    std::string lowest;              ///< note; empty where nothing is wanted yet
    bool practice = false;
    Score score{};                  ///< of a practice blank
    int toHear = 0;                 ///< fingerings that were never heard on it
    int notes = 0;                  ///< fingerings that are wanted
    std::optional<Cut> next;        ///< for CutReady
    std::optional<FinishWork> work; ///< of its finish, for FinishDue and Finishing, and from which day
    std::chrono::sys_days workFrom{};
    std::optional<Cents> worst; ///< furthest off, as last advised
    std::string touched;        ///< when its newest entry was made; ISO 8601, UTC; empty where there is none
    std::optional<Error> trouble;
};

/// Never fails: what went wrong is in the line.
[[nodiscard]] ShelfLine shelfLine(const std::string& path, const Clock& clock = systemClock(), const Cancel& cancel = {});

/// Lines read before, as long as their files have not been touched and the day is the same. May be used from any thread.
class ShelfMemory
{
public:
    /// As it was read last; nothing where it has to be read again.
    [[nodiscard]] std::optional<ShelfLine> lineOf(const std::string& path, std::chrono::sys_days day) const;
    void keep(const ShelfLine& line, std::chrono::sys_days day);

private:
    struct Stand ///< of a file on the disk, and of the day
    {
        std::int64_t changed_ns = 0;
        std::uintmax_t size = 0;
        std::uintmax_t node = 0;
        std::chrono::sys_days day{};
        friend bool operator==(const Stand&, const Stand&) = default;
    };
    [[nodiscard]] static std::optional<Stand> standOf(const std::string& path, std::chrono::sys_days day);
    mutable std::mutex m_mutex;
    std::map<std::string, std::pair<Stand, ShelfLine>> m_lines;
};
/// All workbooks of a folder, those first that ask for work, then the ones touched last. A folder that is not there has none.
/// memory: what need not be read again. Errors: Unreadable (the folder), Cancelled.
[[nodiscard]] Result<std::vector<ShelfLine>> shelf(const std::string& folder, const Cancel& cancel = {},
                                                   const Clock& clock = systemClock(), ShelfMemory* memory = nullptr);

} // namespace dowel::session
