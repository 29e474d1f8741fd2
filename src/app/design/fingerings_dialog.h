// SPDX-License-Identifier: GPL-3.0-or-later
// Every fingering for a note on the row as it is laid out, best first: one is taken instead, or kept as another.
#pragma once

#include "app/parts/jobs.h"
#include "session/finder.h"

#include <QDialog>

class QLabel;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class FingeringsDialog : public QDialog
{
    Q_OBJECT

public:
    /// wished: the note as the chart has it.
    FingeringsDialog(const Instrument& laidOut, const Fingering& wished, QWidget* parent);

Q_SIGNALS:
    /// another: beside the one the chart has, else instead of it.
    void chosen(const dowel::Fingering& fingering, bool another);

private:
    void show(const std::vector<session::FingeringFound>& found);
    void choose(bool another);
    Jobs m_jobs;
    Fingering m_wished;
    std::vector<session::FingeringFound> m_found;
    QLabel* m_words;
    QTableWidget* m_table;
    QPushButton* m_instead;
    QPushButton* m_another;
};

} // namespace dowel::app
