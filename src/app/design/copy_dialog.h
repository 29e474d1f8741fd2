// SPDX-License-Identifier: GPL-3.0-or-later
// An instrument that was measured, typed in, set by proportion or taken from a file, to be carried over to the plan's bore and
// key; with what it plays itself, so that a wrong measure is seen before anything goes over.
#pragma once

#include "app/design/plan.h"
#include "app/parts/jobs.h"
#include "app/parts/length_field.h"
#include "core/instrument/instrument.h"

#include <QDialog>
#include <optional>

class QComboBox;
class QFormLayout;
class QLabel;
class QTableWidget;

namespace dowel::app {

class Questions;

class CopyDialog : public QDialog
{
    Q_OBJECT

public:
    /// Begins with the plan's model, or with an empty row of as many holes as the plan has.
    CopyDialog(Questions& questions, const Plan& plan, text::LengthUnit unit, QWidget* parent = nullptr);
    /// What was typed; nothing before accept().
    [[nodiscard]] const std::optional<Instrument>& model() const { return m_model; }
    /// The plan's blank with the model's embouchure hole as it was measured, and its stopper and the tube above in proportion to
    /// the bores; nothing where they were not measured, or another mouth has none.
    [[nodiscard]] std::optional<Blank> blankAfterIt() const;
    void accept() override;

private:
    void arrange();
    void bind();
    void fill(const Instrument& model);
    void fillRow(const std::vector<Hole>& holes, Metres length);
    void fillHole(int row, const QString& position, const QString& diameter, bool thumb);
    void fromFile();
    void byProportion();
    void paste();
    void addMouth(QFormLayout& rows);
    /// Overall, sounding length and what lies above the sounding edge are one sum: the sounding length is what follows.
    void followOverall();
    [[nodiscard]] Metres above() const;
    /// The mouth as it was typed; nothing where the family has another.
    [[nodiscard]] std::optional<Transverse> mouth() const;
    void showPlays();
    [[nodiscard]] Result<Instrument> typed() const;
    static constexpr int ThumbColumn = 3;
    static constexpr int fromPrevious = -1; ///< each position from the mark below it
    Questions* m_questions;
    const Plan* m_plan;
    text::LengthUnit m_unit;
    std::optional<Instrument> m_model;
    QComboBox* m_lowest;
    LengthField* m_overall;
    LengthField* m_length;
    LengthField* m_top;
    LengthField* m_bottom;
    LengthField* m_wall;
    LengthField* m_above; ///< from the top end to the middle of the embouchure hole; shown where there is one
    LengthField* m_along; ///< the embouchure hole, along the tube
    LengthField* m_across;
    LengthField* m_stopper; ///< from the middle of the embouchure hole to the stopper's face
    bool m_mouthTyped = false;
    QComboBox* m_from; ///< what the places count from
    QTableWidget* m_holes;
    QLabel* m_plays;
    QLabel* m_trouble;
    bool m_filling = false;
    Jobs m_sums;
    Jobs m_reading;
};

} // namespace dowel::app
