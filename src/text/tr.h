// SPDX-License-Identifier: GPL-3.0-or-later
// Words of this room in the user's language. For the room's own files.
#pragma once

#include <QCoreApplication>
#include <QString>

namespace dowel::text {

/// remark: for whoever translates; n: how many, for %n.
[[nodiscard]] inline QString tr(const char* words, const char* remark = nullptr, int n = -1)
{
    return QCoreApplication::translate("dowel::text", words, remark, n);
}

} // namespace dowel::text
