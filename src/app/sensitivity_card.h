// SPDX-License-Identifier: GPL-3.0-or-later
// What moves what: for one fingering, register beside register, the cents that a tenth of a millimetre is worth at each
// hole, the foot, the stopper or window. The workpiece shows the same in place, and the bore as a curve.
#pragma once

#include "app/document.h"
#include "core/forecast/sensitivity.h"
#include "text/units.h"

#include <QFrame>
#include <vector>

class QComboBox;
class QLabel;
class QTableWidget;

namespace dowel::app {

/// One fingering's sensitivities, a register an entry.
struct RegisterSensitivity
{
    int registerNumber = 1;
    NoteSensitivity note;
};

class SensitivityCard : public QFrame
{
    Q_OBJECT

public:
    explicit SensitivityCard(Document& document, QWidget* parent = nullptr);
    [[nodiscard]] const std::vector<RegisterSensitivity>& shown() const { return m_shown; }
    [[nodiscard]] int chosen() const;
    void choose(int fingering);
    /// Works out again what is shown; cheap enough for the interface's own thread (a few milliseconds a register).
    void refresh();

Q_SIGNALS:
    void shownChanged();

private:
    void fill();
    Document* m_document;
    QComboBox* m_note;
    QLabel* m_words;
    QTableWidget* m_table;
    QLabel* m_bore;
    std::vector<RegisterSensitivity> m_shown;
};

} // namespace dowel::app
