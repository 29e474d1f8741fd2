// SPDX-License-Identifier: GPL-3.0-or-later
// What is there, typed: every hole with place, size and side, in a table that is edited in place or pasted from a
// spreadsheet. Begins with what was laid out, or with what the record has.
#pragma once

#include "app/design/plan.h"
#include "app/parts/length_field.h"

#include <QWidget>
#include <optional>

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class AsBuiltCard : public QWidget
{
    Q_OBJECT

public:
    explicit AsBuiltCard(Plan& plan, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    /// What the record has; nothing where nothing is drilled yet.
    void setThere(const std::optional<Instrument>& there);
    /// As it stands in the table. Errors: those of Instrument::make(), or the cell that is empty.
    [[nodiscard]] Result<Instrument> built() const;

Q_SIGNALS:
    void failed(const QString& sentence);
    void changed();
    void builtAsked();

private:
    enum Column { Name, Place, Size, Undercut, Chimney, Aside, Finger, Sunk, Pair, Back, Columns };
    void begin();
    void showHoles();
    void tell();
    void takeCell(int row, int column);
    void takeLength(int row, int column, const QString& typed);
    void takeCountersink(Hole& hole, const QString& typed);
    void addHole();
    void removeHole();
    void paste();
    /// The place that was typed as so far from what positions are told from.
    [[nodiscard]] Metres placeOf(Metres distance) const;
    Plan* m_plan;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
    std::optional<Instrument> m_there;
    std::vector<Hole> m_holes;
    Metres m_length;
    bool m_touched = false; ///< typed in: the plan's own changes leave it alone
    bool m_filling = false;
    LengthField* m_tube;
    QComboBox* m_from;
    QTableWidget* m_table;
    QPushButton* m_add;
    QPushButton* m_remove;
    QPushButton* m_paste;
    QPushButton* m_done;
    QLabel* m_words;
};

} // namespace dowel::app
