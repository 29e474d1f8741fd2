// SPDX-License-Identifier: GPL-3.0-or-later
// Instruments of one model side by side: a row an instrument, a column a note, on top what all have in common, and the button
// that lays the next one out with it taken out.
#pragma once

#include "app/parts/jobs.h"
#include "session/compare.h"

#include <QStringList>
#include <QWidget>

class QLabel;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class SidePicture;

class ComparePage : public QWidget
{
    Q_OBJECT

public:
    explicit ComparePage(QWidget* parent = nullptr);
    /// Reads the workbooks and shows them.
    void show(const QStringList& paths);

Q_SIGNALS:
    void backAsked();
    void nextAsked(const dowel::io::PlanKept& plan, const QString& name);
    void failed(const QString& sentence);

private:
    void showTable(const session::SideBySide& side);
    void layNext();
    Jobs m_jobs;
    std::vector<Workbook> m_books;
    QLabel* m_words;
    QTableWidget* m_table;
    SidePicture* m_picture;
    QPushButton* m_own;
    QPushButton* m_next;
    std::optional<session::SideBySide> m_side;
};

} // namespace dowel::app
