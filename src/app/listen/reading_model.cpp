// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/reading_model.h"

#include "app/parts/style.h"
#include "core/tuning/pitch.h"
#include "session/round.h"
#include "text/units.h"

#include <algorithm>
#include <cmath>

namespace dowel::app {

void ReadingModel::setBook(const Document::Snapshot& book)
{
    std::vector<Row> rows;
    const auto readings = book->readings();
    const auto ages = session::cutsSinceHeard(*book);
    for (const Fingering& f : book->present().spec().fingerings) {
        Row row{f.id, f.registerNumber, f.tolerance.cents(), {}, {}, 0, 0};
        std::size_t shape = 0;
        for (const PlacedReading& r : readings) {
            if (r.reading->fingering == f.id) {
                row.off = centsBetween(r.reading->pitch, f.target).cents();
                shape = r.shape;
            }
        }
        double low = 1e9;
        double high = -1e9;
        for (const PlacedReading& r : readings) {
            if (r.reading->fingering == f.id && r.shape == shape) {
                const double off = centsBetween(r.reading->pitch, f.target).cents();
                low = std::min(low, off);
                high = std::max(high, off);
                ++row.takes;
            }
        }
        if (row.takes > 1)
            row.spread = high - low;
        row.cutsSince = static_cast<int>(ages[rows.size()].value_or(0));
        rows.push_back(std::move(row));
    }
    if (rows.size() == m_rows.size()) {
        m_rows = std::move(rows);
        if (!m_rows.empty())
            Q_EMIT dataChanged(index(0, 0), index(static_cast<int>(m_rows.size()) - 1, ColumnCount - 1));
        return;
    }
    beginResetModel();
    m_rows = std::move(rows);
    endResetModel();
}

std::optional<FingeringId> ReadingModel::fingeringAt(int row) const
{
    if (row < 0 || row >= static_cast<int>(m_rows.size()))
        return std::nullopt;
    return m_rows[static_cast<std::size_t>(row)].id;
}

int ReadingModel::rowOf(const FingeringId& id) const
{
    const auto it = std::find_if(m_rows.begin(), m_rows.end(), [&](const Row& r) { return r.id == id; });
    return it == m_rows.end() ? -1 : static_cast<int>(it - m_rows.begin());
}

int ReadingModel::rowCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

int ReadingModel::columnCount(const QModelIndex& parent) const
{
    return parent.isValid() ? 0 : ColumnCount;
}

QVariant ReadingModel::text(const Row& row, int column) const
{
    const QString dash = QStringLiteral("–");
    switch (column) {
    case Note: return text::noteName(row.id.text);
    case Register: return row.registerNumber == 1 ? tr("first") : row.registerNumber == 2 ? tr("second") : tr("third");
    case Off: {
        if (!row.off)
            return dash;
        const QString sign = std::abs(*row.off) <= row.tolerance ? QStringLiteral("●")
                             : *row.off > 0.0                    ? QStringLiteral("▲")
                                                                 : QStringLiteral("▼");
        return sign + QLatin1Char(' ') + text::cents(*row.off);
    }
    case Spread: return row.spread ? text::number(*row.spread, 1) : dash;
    case Takes: return row.takes > 0 ? QString::number(row.takes) : dash;
    case Age: return !row.off ? tr("never") : row.cutsSince == 0 ? tr("now") : tr("%n cut(s) ago", nullptr, row.cutsSince);
    default: return {};
    }
}

QVariant ReadingModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount())
        return {};
    const Row& row = m_rows[static_cast<std::size_t>(index.row())];
    switch (role) {
    case Qt::DisplayRole: return text(row, index.column());
    case rawRole:
        if (index.column() == Age && row.off)
            return row.cutsSince;
        return index.column() == Off && row.off ? QVariant(*row.off) : QVariant();
    case Qt::AccessibleTextRole: {
        if (index.column() != Off || !row.off)
            return text(row, index.column());
        return std::abs(*row.off) <= row.tolerance ? tr("in tolerance, %1 cents").arg(text::cents(*row.off))
               : *row.off > 0.0                    ? tr("sharp, %1 cents").arg(text::cents(*row.off))
                                                   : tr("flat, %1 cents").arg(text::cents(*row.off));
    }
    case Qt::TextAlignmentRole:
        return index.column() == Off || index.column() == Spread || index.column() == Takes
                   ? QVariant(Qt::AlignRight | Qt::AlignVCenter)
                   : QVariant(Qt::AlignLeft | Qt::AlignVCenter);
    case Qt::ForegroundRole: {
        const Colours& c = Style::current().colours();
        if (row.cutsSince > 0)
            return c.pencil;
        if (index.column() == Off && row.off && std::abs(*row.off) > row.tolerance)
            return *row.off > 0.0 ? c.warm : c.cool;
        return c.ink;
    }
    default: return {};
    }
}

QVariant ReadingModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation == Qt::Horizontal && role == Qt::TextAlignmentRole)
        return section == Off || section == Spread || section == Takes ? QVariant(Qt::AlignRight | Qt::AlignVCenter)
                                                                       : QVariant(Qt::AlignLeft | Qt::AlignVCenter);
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    switch (section) {
    case Note: return tr("Note");
    case Register: return tr("Register");
    case Off: return tr("Deviation (cents)");
    case Spread: return tr("Spread");
    case Takes: return tr("Takes");
    case Age: return tr("Heard");
    default: return {};
    }
}

} // namespace dowel::app

#include "moc_reading_model.cpp"
