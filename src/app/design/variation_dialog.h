// SPDX-License-Identifier: GPL-3.0-or-later
// What would it do? One change at a time on the row as it is laid out, every note now and with it, before anything is made.
#pragma once

#include "app/parts/jobs.h"
#include "app/parts/length_field.h"
#include "core/layout/variation.h"

#include <QDialog>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QTableWidget;

namespace dowel::app {

class VariationDialog : public QDialog
{
    Q_OBJECT

public:
    VariationDialog(const Instrument& laidOut, text::LengthUnit unit, QWidget* parent);

private:
    void arrange();
    void begin(int change);
    void ask();
    void show(const Variation& variation);
    /// The change with the amounts as they are typed.
    [[nodiscard]] Change typed() const;
    Instrument m_now;
    text::LengthUnit m_unit;
    std::vector<Change> m_changes;
    QComboBox* m_what;
    QDoubleSpinBox* m_times;
    LengthField* m_first;
    LengthField* m_second;
    QLabel* m_timesWords;
    QLabel* m_firstWords;
    QLabel* m_secondWords;
    QLabel* m_how;
    QTableWidget* m_table;
    QLabel* m_found;
    bool m_filling = false;
    Jobs m_jobs;
};

} // namespace dowel::app
