// SPDX-License-Identifier: GPL-3.0-or-later
// The recordings before and after the last cut, one after the other, note by note: what it did, to the ear.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/take.h"
#include "store/store.h"

#include <string>
#include <vector>

namespace dowel::session {

/// A fingering that was recorded on both sides of the last cut that stands.
struct BeforeAfter
{
    FingeringId fingering;
    EntryId before;
    EntryId after;
};
/// In the order of the chart; empty where nothing was cut or heard since.
[[nodiscard]] std::vector<BeforeAfter> aroundLastCut(const Workbook& book);

/// All of them in one: a second of each from its steady part, a short rest between the two, a longer one to the next note. At the
/// first one's rate; another rate's are left out. Errors: those of Recordings, BadAudio, BadValue (there are none), Cancelled.
/// book: a snapshot of the workbook at that path, which a writer may be adding to meanwhile.
[[nodiscard]] Result<Samples> replayed(const Workbook& book, const std::string& path, const std::vector<BeforeAfter>& pairs,
                                       const Cancel& cancel = {});

} // namespace dowel::session
