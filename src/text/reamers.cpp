// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/reamers.h"

#include <QStringList>

namespace dowel::text {

Result<std::vector<Reamer>> reamersFrom(const QString& typed, LengthUnit unit)
{
    std::vector<Reamer> reamers;
    for (const QString& line : typed.split(QLatin1Char('\n'))) {
        if (line.trimmed().isEmpty())
            continue;
        const qsizetype colon = line.indexOf(QLatin1Char(':'));
        if (colon < 1)
            return Error{ErrorCode::BadValue, line.trimmed().toStdString(), {}};
        Reamer r{line.left(colon).trimmed().toStdString(), {}};
        for (const QString& pair : line.mid(colon + 1).split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
            const QStringList words = pair.simplified().split(QLatin1Char(' '));
            const auto at = parseLength(words.first(), unit);
            const auto wide = parseLength(words.last(), unit);
            if (words.size() != 2 || !at || !wide)
                return Error{ErrorCode::BadValue, line.trimmed().toStdString(), {}};
            r.shape.push_back({*at, *wide});
        }
        DOWEL_TRY(checked(r));
        reamers.push_back(std::move(r));
    }
    return reamers;
}

} // namespace dowel::text
