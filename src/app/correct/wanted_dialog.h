// SPDX-License-Identifier: GPL-3.0-or-later
// What this instrument is to sound from here on, and what it is called: reference pitch, temperature, temperament, and how near
// each note must come, and with which tools it is made. Kept as an entry of the record; nothing that was heard or cut is lost by
// it.
#pragma once

#include "app/document/document.h"
#include "text/units.h"

#include <QDialog>

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class TemperatureField;

class WantedDialog : public QDialog
{
    Q_OBJECT

public:
    WantedDialog(Document& document, text::LengthUnit unit, QWidget* parent);

public Q_SLOTS:
    void accept() override;

private:
    enum Column { Note, Hertz_, Tolerance, Weight, ColumnCount };
    [[nodiscard]] QFormLayout* makeFields();
    /// The tuning as the fields have it.
    [[nodiscard]] Tuning tuning() const;
    /// The chart by that tuning, with tolerances and weights as typed. Errors: BadValue.
    [[nodiscard]] Result<std::vector<Fingering>> chart() const;
    void showChart();
    /// Bits, the file's step and the widest hole as typed, where they are others. Errors: BadValue.
    [[nodiscard]] Status takeTools(AmendEntry& change) const;
    /// The chart on the scale that what was heard is nearest to, and its A4.
    void takeNearestScale();
    void refuse(const Error& error);

    Document* m_document;
    text::LengthUnit m_unit;
    InstrumentSpec m_before;
    QLineEdit* m_name;
    QDoubleSpinBox* m_a4;
    TemperatureField* m_warmth;
    QComboBox* m_scale;
    QComboBox* m_tonic;
    QLineEdit* m_bits;
    QLineEdit* m_step;
    QLineEdit* m_widest;
    QTableWidget* m_table;
    QPushButton* m_nearest;
    QLabel* m_nearestWords;
    QLabel* m_trouble;
};

} // namespace dowel::app
