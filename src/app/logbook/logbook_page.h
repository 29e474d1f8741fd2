// SPDX-License-Identifier: GPL-3.0-or-later
// Logbook: everything that was heard, cut and advised, newest first; what was wrong is set aside and stays visible.
#pragma once

#include "app/document/document.h"
#include "text/units.h"

#include <QAbstractTableModel>
#include <QSortFilterProxyModel>
#include <QWidget>

class QComboBox;
class QHBoxLayout;
class QLineEdit;
class QPushButton;
class QTableView;

namespace dowel::app {

class Questions;

class LogModel : public QAbstractTableModel
{
    Q_OBJECT

public:
    enum Column { Number, When, What, State, ColumnCount };
    using QAbstractTableModel::QAbstractTableModel;
    void setBook(const Document::Snapshot& book, text::LengthUnit unit);
    [[nodiscard]] const Entry* entryAt(int row) const;
    [[nodiscard]] const Document::Snapshot& book() const { return m_book; }
    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] int columnCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    Document::Snapshot m_book;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

/// What of it is looked at: a kind of entry, and words that stand in its line or its day.
class LogFilter : public QSortFilterProxyModel
{
    Q_OBJECT

public:
    enum Kind { Everything, Readings, Cuts, Notes, Photographs, AdviceGiven, Otherwise };
    using QSortFilterProxyModel::QSortFilterProxyModel;
    void look(Kind kind, const QString& words);
    /// By day: the date stands at the first line of each day, the others have their time.
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

protected:
    [[nodiscard]] bool filterAcceptsRow(int row, const QModelIndex& parent) const override;

private:
    Kind m_kind = Everything;
    QString m_words;
};

class LogbookPage : public QWidget
{
    Q_OBJECT

public:
    LogbookPage(Document& document, Questions& questions, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);

public Q_SLOTS:
    void setAsideSelected();

private:
    /// A reading's take, or a photograph.
    void open(EntryId id);
    void photograph();
    void refresh();
    void updateButton();
    [[nodiscard]] QHBoxLayout* makeFinding();
    void look();
    [[nodiscard]] const Entry* entryAt(const QModelIndex& shown) const;
    Document* m_document;
    Questions* m_questions;
    LogModel* m_model;
    LogFilter* m_shown;
    QComboBox* m_kind;
    QLineEdit* m_search;
    QTableView* m_table;
    QLineEdit* m_note;
    QPushButton* m_aside;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
