// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/reamers.h"

#include <QStringList>

namespace dowel::text {

namespace {

/// A place and a diameter with a space between them, of which an inch may have one itself: "1 1/4 3/8".
std::optional<ReamerPoint> pointFrom(const QString& pair, LengthUnit unit)
{
    const QStringList words = pair.simplified().split(QLatin1Char(' '));
    for (qsizetype k = 1; k < words.size(); ++k) {
        const auto at = parseLength(words.first(k).join(QLatin1Char(' ')), unit);
        const auto wide = parseLength(words.sliced(k).join(QLatin1Char(' ')), unit);
        if (at && wide)
            return ReamerPoint{*at, *wide};
    }
    return std::nullopt;
}

} // namespace

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
            const auto point = pointFrom(pair, unit);
            if (!point)
                return Error{ErrorCode::BadValue, line.trimmed().toStdString(), {}};
            r.shape.push_back(*point);
        }
        DOWEL_TRY(checked(r));
        reamers.push_back(std::move(r));
    }
    return reamers;
}

QString reamerLines(const std::vector<Reamer>& reamers, LengthUnit unit)
{
    QStringList lines;
    for (const Reamer& r : reamers) {
        QStringList points;
        for (const ReamerPoint& p : r.shape)
            points << lengthNumber(p.fromTip, unit) + QLatin1Char(' ') + lengthNumber(p.diameter, unit);
        lines << QString::fromStdString(r.name) + QStringLiteral(": ") + points.join(QStringLiteral("; "));
    }
    return lines.join(QLatin1Char('\n'));
}

} // namespace dowel::text
