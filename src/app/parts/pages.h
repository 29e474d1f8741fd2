// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStackedWidget>

namespace dowel::app {

/// Pages of which one is seen. Each has the room there is: none is asked how high it would be at which width, which costs more
/// with every layout that stands around it.
class Pages : public QStackedWidget
{
    Q_OBJECT

public:
    using QStackedWidget::QStackedWidget;
    [[nodiscard]] bool hasHeightForWidth() const override { return false; }
    /// They ask for no more than they need; what is over is theirs by stretch.
    [[nodiscard]] QSize sizeHint() const override { return minimumSizeHint(); }
};

} // namespace dowel::app
