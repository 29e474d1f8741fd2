// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/drawn_style.h"

#include "app/parts/style.h"

#include <QPainter>
#include <QStyleOption>
#include <algorithm>

namespace dowel::app {

DrawnStyle::DrawnStyle() : QProxyStyle(QStringLiteral("Fusion")) {}

int DrawnStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const
{
    constexpr int box = 14;
    constexpr int bar = 14;
    switch (metric) {
    case PM_IndicatorWidth:
    case PM_IndicatorHeight:
    case PM_ExclusiveIndicatorWidth:
    case PM_ExclusiveIndicatorHeight: return Style::scaled(box);
    case PM_ScrollBarExtent: return Style::scaled(bar);
    default: return QProxyStyle::pixelMetric(metric, option, widget);
    }
}

void DrawnStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                               const QWidget* widget) const
{
    const bool ticked = element == PE_IndicatorCheckBox || element == PE_IndicatorItemViewItemCheck;
    if (!ticked && element != PE_IndicatorRadioButton)
        return QProxyStyle::drawPrimitive(element, option, painter, widget);
    const Colours& c = Style::current().colours();
    const bool live = (option->state & State_Enabled) != 0;
    const bool focused = (option->state & State_HasFocus) != 0;
    const double size = std::min(option->rect.width(), option->rect.height()) - 2.0;
    const QRectF box(QRectF(option->rect).center() - QPointF(size, size) / 2.0, QSizeF(size, size));
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    painter->setPen(QPen(!live ? c.hairline : focused ? c.cool : c.pencil, focused ? 2.0 : 1.2));
    painter->setBrush(c.sheet);
    ticked ? painter->drawRect(box) : painter->drawEllipse(box);
    const QColor ink = live ? c.ink : c.pencil;
    if ((option->state & State_On) != 0) {
        if (ticked) {
            painter->setPen(QPen(ink, std::max(1.8, size / 7.0), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            painter->setBrush(Qt::NoBrush);
            painter->drawPolyline(QPolygonF{box.topLeft() + QPointF(0.22, 0.52) * size,
                                            box.topLeft() + QPointF(0.43, 0.74) * size,
                                            box.topLeft() + QPointF(0.80, 0.26) * size});
        } else {
            painter->setPen(Qt::NoPen);
            painter->setBrush(ink);
            painter->drawEllipse(box.center(), size * 0.26, size * 0.26);
        }
    }
    painter->restore();
}

} // namespace dowel::app
