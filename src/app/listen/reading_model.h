// SPDX-License-Identifier: GPL-3.0-or-later
// Every fingering and what is known of it: how far off, how far its takes lie apart, how old the newest is.
#pragma once

#include "app/document/document.h"

#include <QAbstractTableModel>

namespace dowel::app {

class ReadingModel : public QAbstractTableModel
{
    Q_OBJECT

public:
    enum Column { Note, Register, Off, Spread, Takes, Age, ColumnCount };
    static constexpr int rawRole = Qt::UserRole + 1;

    using QAbstractTableModel::QAbstractTableModel;
    void setBook(const Document::Snapshot& book);
    [[nodiscard]] std::optional<FingeringId> fingeringAt(int row) const;
    [[nodiscard]] int rowOf(const FingeringId& id) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    struct Row
    {
        FingeringId id;
        int registerNumber = 1;
        double tolerance = 6.0;
        std::optional<double> off;    ///< newest reading, cents from the target
        std::optional<double> spread; ///< largest difference between takes on the newest reading's shape
        int takes = 0;
        int cutsSince = 0;
    };
    [[nodiscard]] QVariant text(const Row& row, int column) const;
    std::vector<Row> m_rows;
};

} // namespace dowel::app
