// SPDX-License-Identifier: GPL-3.0-or-later
// The practice blank: a hidden piece of wood that is blown where the maker has none at hand, the same for every way of hearing.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/take.h"
#include "core/record/workbook.h"

#include <optional>

namespace dowel::session {

/// What the simulated player makes of a fingering on the shape as it is now, in that room. again: takes of it that are not in
/// the record yet, so that no two sound alike. Errors: UnknownName (no practice blank, or no such fingering), OutOfModelRange.
[[nodiscard]] Result<Samples> played(const Workbook& book, const FingeringId& fingering, Temperature room,
                                     std::uint64_t again = 0);
/// The blank of a family as it is practised on: laid out for its usual target by the program's own layout, drilled undersized.
/// Errors: those of layOut().
[[nodiscard]] Result<Instrument> practiceBlank(Family family, const Cancel& cancel = {});
/// How a practice blank stands, by what was last heard of every note.
struct Score
{
    int home = 0;  ///< within tolerance
    int sharp = 0; ///< above it: wood that is gone
    int of = 0;
    int cuts = 0;
    int rounds = 0; ///< of listening
    friend bool operator==(const Score&, const Score&) = default;
};
[[nodiscard]] Score scoreOf(const Workbook& book);

/// The maker's last cut beside the one that the newest advice before it would have been. Counts are of notes, by the forecasts.
struct Verdict
{
    struct Side
    {
        Cut cut;
        Metres from;
        int home = 0;
        int sharp = 0;
    };
    Side own;
    std::optional<Side> advised; ///< nothing where no cut was advised
    int of = 0;
};
/// Nothing where the newest work is no cut of the maker's own with a forecast.
[[nodiscard]] std::optional<Verdict> verdictOf(const Workbook& book);

/// How often a fingering has been sounded; numbers the player's takes.
[[nodiscard]] std::uint64_t takesOf(const Workbook& book, const FingeringId& fingering);

} // namespace dowel::session
