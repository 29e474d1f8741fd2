// SPDX-License-Identifier: GPL-3.0-or-later
// The days after the last cut: what is to be done and when, what was done, what it moved, and what leaves the shop with it.
#pragma once

#include "app/document/document.h"
#include "app/parts/jobs.h"
#include "core/shop/finish.h"
#include "session/finish_shift.h"
#include "text/units.h"

#include <QWidget>

class QComboBox;
class QDateEdit;
class QLabel;
class QListWidget;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class Questions;

class FinishPage : public QWidget
{
    Q_OBJECT

public:
    FinishPage(Document& document, Questions& questions, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit) { m_unit = unit; }
    /// The finish as kept; nothing where none was begun.
    [[nodiscard]] const std::optional<FinishPlan>& plan() const { return m_plan; }
    void passport();

Q_SIGNALS:
    void failed(const QString& sentence);
    void told(const QString& sentence);
    void measureAsked(); ///< sizes are to be measured again

protected:
    void showEvent(QShowEvent* event) override;

private:
    enum Column { Work, Days, From, DoneOn, Weight, Humidity, ColumnCount };
    void fillRecipes();
    [[nodiscard]] QLayout* makePlan();
    [[nodiscard]] QLayout* makeMoved();
    void bind();
    void refresh();
    void showWorks();
    void showMoved();
    /// What the shop's usual shift asks for; nothing to leave where 0.
    void offerRoom(double usual_cents);
    void leaveRoom();
    void showHow();
    void begin();
    void takeCell(int row, int column);
    void tick(int row, bool done);
    /// At the selected work: put in, take out, move by one.
    void addOwn();
    void remove();
    void shift(int by);
    void keep(FinishPlan plan);
    void keepRecipe();
    void writeCalendar();
    Document* m_document;
    Questions* m_questions;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    std::optional<FinishPlan> m_plan;
    QComboBox* m_recipe;
    QDateEdit* m_start;
    QPushButton* m_begin;
    QLabel* m_words;
    QTableWidget* m_works;
    QLabel* m_how;
    QTableWidget* m_moved;
    QLabel* m_usual;
    QPushButton* m_room;
    double m_roomAsked = 0.0; ///< cents, below 0 sharp
    std::vector<QPushButton*> m_needPlan;
    /// What the words about the shop are of: the recipe, and whether nothing moved here yet.
    std::optional<std::pair<std::string, bool>> m_usualOf;
    bool m_filling = false;
    Jobs m_sums;
    Jobs m_writing;
};

} // namespace dowel::app
