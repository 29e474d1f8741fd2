// SPDX-License-Identifier: GPL-3.0-or-later
// Readings that another meter made, typed: for one note or as a whole list.
#pragma once

#include "app/document/document.h"

#include <QDialog>

class QDoubleSpinBox;
class QLabel;
class QTableWidget;

namespace dowel::app {

class NumbersDialog : public QDialog
{
    Q_OBJECT

public:
    /// asked: whose line is chosen first.
    NumbersDialog(Document& document, const std::optional<FingeringId>& asked, QWidget* parent = nullptr);

public Q_SLOTS:
    void accept() override;

private:
    enum Column { Note, Target, Pitch, ColumnCount };
    /// What was typed. Errors: BadValue, with the note.
    [[nodiscard]] Result<io::NumberSession> typed() const;
    void refuse(const Error& error);

    Document* m_document;
    QDoubleSpinBox* m_spread;
    QTableWidget* m_table;
    QLabel* m_trouble;
};

} // namespace dowel::app
