// SPDX-License-Identifier: GPL-3.0-or-later
// Writes down what the calipers say of a hole or the tube now, where the record has it wrong.
#pragma once

#include "app/document/document.h"
#include "text/units.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QLineEdit;

namespace dowel::app {

class MeasureDialog : public QDialog
{
    Q_OBJECT

public:
    /// hole: which one is shown first; nothing for the tube's length.
    MeasureDialog(Document& document, text::LengthUnit unit, const std::optional<HoleId>& hole, QWidget* parent);
    void accept() override;

private:
    [[nodiscard]] std::optional<HoleId> chosen() const;
    void showRecorded();
    void grow();

    Document* m_document;
    text::LengthUnit m_unit;
    QComboBox* m_what;
    QLabel* m_recorded;
    QLineEdit* m_size;
    QLabel* m_trouble;
};

} // namespace dowel::app
