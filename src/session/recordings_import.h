// SPDX-License-Identifier: GPL-3.0-or-later
// Recordings that lie in files and folders, read one after the other, each for the fingerings that are heard in it.
#pragma once

#include "core/base/cancel.h"
#include "store/store.h"

#include <functional>
#include <memory>
#include <string>
#include <utility>
#include <vector>

namespace dowel::session {

struct Imported
{
    int files = 0; ///< that were looked at
    std::vector<FingeringId> fingerings;
    int strangers = 0; ///< notes heard that belong to no fingering
    std::vector<std::pair<std::string, Error>> troubles;
};

/// paths: files, and folders of which every recording is read, by name. A file that bears a fingering's name is read as that.
/// book: the record as it is when the next file is read; keep: what is heard in one file, and whether the record takes it.
[[nodiscard]] Imported importRecordings(const std::vector<std::string>& paths, Temperature room,
                                        const std::function<std::shared_ptr<const Workbook>()>& book,
                                        const std::function<Status(std::vector<Store::NewEntry>)>& keep,
                                        const Cancel& cancel = {});

} // namespace dowel::session
