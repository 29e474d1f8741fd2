// SPDX-License-Identifier: GPL-3.0-or-later
// Which bore? The plan on several bores side by side, note by note; one is taken.
#pragma once

#include "app/design/plan.h"
#include "core/base/quantities.h"
#include "session/bores.h"
#include "text/units.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace dowel::app {

class BoresDialog : public QDialog
{
    Q_OBJECT

public:
    BoresDialog(Plan& plan, text::LengthUnit unit, QWidget* parent);

private:
    void compare();
    void show();
    void judge(int column);
    void take();
    [[nodiscard]] QString nameOf(const session::BoreTried& bore) const;
    Plan* m_plan;
    text::LengthUnit m_unit;
    std::vector<session::BoreTried> m_tried;
    QTableWidget* m_table;
    QLabel* m_words;
    QLineEdit* m_own;
    QComboBox* m_row;
    QString m_compared; ///< what was asked for last
    QPushButton* m_take;
    Jobs m_jobs;
};

} // namespace dowel::app
