// SPDX-License-Identifier: GPL-3.0-or-later
// How every note sounds, beside its neighbours: what stands out of its register is marked, with the model's reason where
// it knows one. Or how much that has changed since the note was first heard.
#pragma once

#include "app/document/document.h"
#include "app/parts/jobs.h"
#include "core/record/timbre.h"

#include <QAbstractTableModel>

namespace dowel::app {

class TimbreModel : public QAbstractTableModel
{
    Q_OBJECT

public:
    enum Column { Note, Speaks, Noise, Breath, Centre, EvenOdd, Level, Why, ColumnCount };
    enum class Face { Now, Trend };

    explicit TimbreModel(QObject* parent = nullptr);
    /// Has the rows worked out; they change when that is done.
    void setBook(const Document::Snapshot& book, Face face);
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    /// Whether a value stands out of its register, or has changed so much that it is heard.
    [[nodiscard]] bool standsOut(int row, int column) const;

private:
    struct Row
    {
        NoteTimbre note;
        QString why; ///< or over how many takes the trend goes
    };
    static std::vector<Row> rowsOf(const Workbook& book, Face face);
    Jobs* m_jobs;
    Face m_face = Face::Now;
    std::vector<Row> m_rows;
};

} // namespace dowel::app
