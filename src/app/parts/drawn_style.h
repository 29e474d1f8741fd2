// SPDX-License-Identifier: GPL-3.0-or-later
// What is ticked or chosen, drawn by hand like the rest: a toolkit's own boxes take their edge from the ground and are not seen
// on a dark one.
#pragma once

#include <QProxyStyle>

namespace dowel::app {

class DrawnStyle : public QProxyStyle
{
public:
    DrawnStyle();
    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget = nullptr) const override;
    /// Boxes and scroll bars grow with the type.
    int pixelMetric(PixelMetric metric, const QStyleOption* option = nullptr, const QWidget* widget = nullptr) const override;
};

} // namespace dowel::app
