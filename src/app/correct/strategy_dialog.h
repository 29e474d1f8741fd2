// SPDX-License-Identifier: GPL-3.0-or-later
// How the plan goes about it: the maker's tuning strategy and how much even timbre is worth. Kept in the workbook.
#pragma once

#include "core/record/workbook.h"

#include <QDialog>

class QButtonGroup;
class QLabel;
class QRadioButton;
class QSlider;

namespace dowel::app {

class StrategyDialog : public QDialog
{
    Q_OBJECT

public:
    StrategyDialog(const TuningStrategy& strategy, QWidget* parent);
    [[nodiscard]] TuningStrategy strategy() const;

private:
    QRadioButton* m_footFirst;
    QRadioButton* m_oneSize;
    QRadioButton* m_lowRegister;
    QButtonGroup* m_efforts = nullptr;
    QSlider* m_even;
    QLabel* m_evenWords;
};

} // namespace dowel::app
