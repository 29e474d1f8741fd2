// SPDX-License-Identifier: GPL-3.0-or-later
// Logbook: everything that was heard, cut and advised, newest first; what was wrong is set aside and stays visible.
#pragma once

#include "app/document/document.h"
#include "text/units.h"

#include <QAbstractTableModel>
#include <QWidget>

class QLineEdit;
class QPushButton;
class QTableView;

namespace dowel::app {

class LogModel : public QAbstractTableModel
{
    Q_OBJECT

public:
    enum Column { Number, When, What, State, ColumnCount };
    using QAbstractTableModel::QAbstractTableModel;
    void setBook(const Document::Snapshot& book, text::LengthUnit unit);
    [[nodiscard]] const Entry* entryAt(int row) const;
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    Document::Snapshot m_book;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

class LogbookPage : public QWidget
{
    Q_OBJECT

public:
    explicit LogbookPage(Document& document, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);

public Q_SLOTS:
    void setAsideSelected();

private:
    void openTake(EntryId id);
    void refresh();
    void updateButton();
    Document* m_document;
    LogModel* m_model;
    QTableView* m_table;
    QLineEdit* m_note;
    QPushButton* m_aside;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
