// SPDX-License-Identifier: GPL-3.0-or-later
// How every note sounds, beside its neighbours: what stands out of its register is marked, with the model's reason where
// it knows one. Or how much that has changed since the note was first heard.
#pragma once

#include "app/document/document.h"

#include <QAbstractTableModel>

namespace dowel::app {

class TimbreModel : public QAbstractTableModel
{
    Q_OBJECT

public:
    enum Column { Note, Speaks, Noise, Breath, Centre, EvenOdd, Level, Why, ColumnCount };
    enum class Face { Now, Trend };

    using QAbstractTableModel::QAbstractTableModel;
    void setBook(const Document::Snapshot& book, Face face);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    /// Whether a value stands out of its register, or has changed so much that it is heard.
    [[nodiscard]] bool standsOut(int row, int column) const;

private:
    static constexpr int values = 6;
    struct Row
    {
        FingeringId id;
        int registerNumber = 1;
        std::array<std::optional<double>, values> value{};
        std::array<bool, values> standsOut{};
        QString why; ///< or over how many takes the trend goes
    };
    Face m_face = Face::Now;
    static void markOutOfLine(std::vector<Row>& rows);
    std::vector<Row> m_rows;
};

} // namespace dowel::app
