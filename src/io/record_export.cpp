// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/record_export.h"

#include "io/record_json.h"
#include "io/spec_json.h"
#include "io/table.h"

namespace dowel::io {

std::optional<std::string> exported(const Workbook& book, std::string_view form)
{
    if (form == "spec")
        return specText(book.present());
    if (form == "csv")
        return recordCsv(book);
    if (form == "json")
        return recordText(book);
    return std::nullopt;
}

} // namespace dowel::io
