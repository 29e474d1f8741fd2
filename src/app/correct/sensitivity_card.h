// SPDX-License-Identifier: GPL-3.0-or-later
// What moves what: for one fingering, register beside register, the cents that a tenth of a millimetre is worth at each
// hole, the foot, the stopper or window. The workpiece shows the same in place, and the bore as a curve.
#pragma once

#include "app/document/document.h"
#include "core/forecast/sensitivity.h"
#include "text/units.h"

#include <QFrame>
#include <vector>

class QComboBox;
class QLabel;
class QTableWidget;

namespace dowel::app {

class Jobs;

class SensitivityCard : public QFrame
{
    Q_OBJECT

public:
    explicit SensitivityCard(Document& document, QWidget* parent = nullptr);
    void setUnit(text::LengthUnit unit);
    [[nodiscard]] const std::vector<RegisterSensitivity>& shown() const { return m_shown; }
    [[nodiscard]] int chosen() const;
    void choose(int fingering);
    /// Has what is shown worked out again.
    void refresh();

Q_SIGNALS:
    void shownChanged();

private:
    /// One place on the instrument, and what a tenth is worth there in each register shown.
    struct Row
    {
        QString place;
        std::vector<double> cents;
    };
    void fill();
    [[nodiscard]] std::vector<Row> rows() const;
    void showShown();
    void showBore();
    Document* m_document;
    QComboBox* m_note;
    QLabel* m_words;
    QTableWidget* m_table;
    QLabel* m_bore;
    Jobs* m_jobs;
    std::vector<RegisterSensitivity> m_shown;
    text::LengthUnit m_unit = text::LengthUnit::Millimetres;
};

} // namespace dowel::app
