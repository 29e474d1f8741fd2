// SPDX-License-Identifier: GPL-3.0-or-later
// How every note sounds, beside its neighbours: what stands out of its register is marked, with the model's reason where
// it knows one.
#pragma once

#include "app/document.h"

#include <QAbstractTableModel>

namespace dowel::app {

class TimbreModel : public QAbstractTableModel
{
    Q_OBJECT

public:
    enum Column { Note, Speaks, Noise, Centre, EvenOdd, Level, Why, ColumnCount };

    using QAbstractTableModel::QAbstractTableModel;
    void setBook(const Document::Snapshot& book);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    /// Whether a value stands out of its register.
    [[nodiscard]] bool standsOut(int row, int column) const;

private:
    static constexpr int values = 5;
    struct Row
    {
        FingeringId id;
        int registerNumber = 1;
        std::array<std::optional<double>, values> value{};
        std::array<bool, values> standsOut{};
        QString why;
    };
    std::vector<Row> m_rows;
};

} // namespace dowel::app
