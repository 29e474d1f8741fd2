// SPDX-License-Identifier: GPL-3.0-or-later
// What a shop without workbooks shows: the three ways to begin, each with a drawing.
#pragma once

#include <QWidget>

namespace dowel::app {

class EmptyShop : public QWidget
{
    Q_OBJECT

public:
    explicit EmptyShop(QWidget* parent);

Q_SIGNALS:
    void newAsked();
    void existingAsked();
    void practiceAsked();
};

} // namespace dowel::app
