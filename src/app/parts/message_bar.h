// SPDX-License-Identifier: GPL-3.0-or-later
// What happened, in the page: trouble stays until it is read or overtaken by success, good news goes by itself.
#pragma once

#include "app/parts/time_source.h"

#include <QFrame>

class QLabel;

namespace dowel::app {

class MessageBar : public QFrame
{
    Q_OBJECT

public:
    explicit MessageBar(TimeSource& time, QWidget* parent = nullptr);
    void trouble(const QString& sentence);
    void news(const QString& sentence);
    void clearTrouble();
    [[nodiscard]] QString text() const;

private:
    QLabel* m_label;
    Alarm m_goes;
    bool m_trouble = false;
};

} // namespace dowel::app
