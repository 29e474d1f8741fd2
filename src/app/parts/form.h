// SPDX-License-Identifier: GPL-3.0-or-later
// Fields and tables as every page has them: a name for the program, a name for the screen reader, the house's looks.
#pragma once

#include <QString>
#include <QStringList>
#include <string>

class QComboBox;
class QDialog;
class QDoubleSpinBox;
class QHBoxLayout;
class QLabel;
class QPushButton;
class QScrollArea;
class QTableView;
class QTableWidget;
class QWidget;

namespace dowel::app::form {

QComboBox* box(QWidget* parent, const char* name, const QString& spoken);
/// Offers the notes of four octaves from C3 up in every spelling, each with its plain name as data.
void fillWithNotes(QComboBox* box);
/// Chooses a note as it is spelt, else the same note spelt otherwise; leaves the box alone where it has neither.
void chooseNote(QComboBox* box, const std::string& name);
/// What a field of numbers takes.
struct Range
{
    double low;
    double high;
    double step;
    int decimals;
    QString suffix;
};
QDoubleSpinBox* spin(QWidget* parent, const char* name, const QString& spoken, const Range& range);
/// Read only, without a grid, its columns sharing the width.
QTableWidget* table(QWidget* parent, const char* name, const QString& spoken, const QStringList& headers, int rowHeight = 25);
/// Puts one row's words, the first to the left, the others to the right.
void row(QTableWidget* table, int row, const QStringList& cells);
/// The same where only words have changed, as in a drag: cells keep their flags and data. Whether any changed.
bool rowInPlace(QTableWidget* table, int row, const QStringList& cells);
/// Asks for as much width as the headers and what stands in the columns now need, so that none is cut off.
void fitColumns(QTableView* table);
/// Wraps its words.
QLabel* words(QWidget* parent, const char* name, bool quiet = false);
/// Two fields of one row of a form, with words between them.
QHBoxLayout* sideBySide(QWidget* parent, QWidget* first, const QString& between, QWidget* second);
/// Words that may be longer than their room: they scroll up and down.
QScrollArea* scrolled(QWidget* parent, const char* name, QLabel* words);
QPushButton* button(QWidget* parent, const char* name, const QString& text, bool main = false);
/// The foot of a dialog that asks: Cancel, and what it is for as the default; wired to reject() and accept().
QHBoxLayout* answers(QDialog* dialog, const char* cancelName, const char* mainName, const QString& main);

/// The foot of a dialog that only shows: Close, which Enter in a field does not press; wired to accept().
QHBoxLayout* closing(QDialog* dialog, const char* name);

} // namespace dowel::app::form
