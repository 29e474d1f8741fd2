// SPDX-License-Identifier: GPL-3.0-or-later
// An instrument that was measured, typed in or taken from a file, to be carried over to the plan's bore and key.
#pragma once

#include "app/parts/length_field.h"
#include "core/instrument/instrument.h"

#include <QDialog>
#include <optional>

class QComboBox;
class QLabel;
class QTableWidget;

namespace dowel::app {

class Questions;

class CopyDialog : public QDialog
{
    Q_OBJECT

public:
    /// Begins with one that is there already, or with an empty row of as many holes as the plan has.
    CopyDialog(Questions& questions, const std::optional<Instrument>& model, std::size_t holes, text::LengthUnit unit,
               QWidget* parent = nullptr);
    /// What was typed; nothing before accept().
    [[nodiscard]] const std::optional<Instrument>& model() const { return m_model; }
    void accept() override;

private:
    void fill(const Instrument& model);
    void fromFile();
    Questions* m_questions;
    text::LengthUnit m_unit;
    std::optional<Instrument> m_model;
    QComboBox* m_lowest;
    LengthField* m_length;
    LengthField* m_top;
    LengthField* m_bottom;
    LengthField* m_wall;
    QTableWidget* m_holes;
    QLabel* m_trouble;
};

} // namespace dowel::app
