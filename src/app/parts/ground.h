// SPDX-License-Identifier: GPL-3.0-or-later
// What of a picture stands still while the rest moves: drawn once, shown until it is another.
#pragma once

#include "app/parts/style.h"

#include <QPainter>
#include <QPixmap>
#include <QStringList>
#include <QWidget>

namespace dowel::app {

class Ground
{
public:
    /// Puts the ground under a picture. drawnFrom: all that it is drawn from but the widget's size and the look; draw(QPainter&)
    /// is called where any of it is another.
    template <class Draw> void put(QPainter& painter, const QWidget& picture, const QStringList& drawnFrom, Draw draw)
    {
        const Colours& c = Style::current().colours();
        const double ratio = picture.devicePixelRatioF();
        QStringList parts{QString::number(picture.width()), QString::number(picture.height()), QString::number(ratio),
                          QString::number(Style::textScale()), c.paper.name() + c.hairline.name() + c.ink.name()};
        QString key = (parts + drawnFrom).join(QLatin1Char('|'));
        if (key != m_key) {
            m_key = std::move(key);
            m_drawn = QPixmap(picture.size() * ratio);
            m_drawn.setDevicePixelRatio(ratio);
            m_drawn.fill(c.paper);
            QPainter still(&m_drawn);
            still.setRenderHint(QPainter::Antialiasing);
            draw(still);
        }
        painter.drawPixmap(0, 0, m_drawn);
    }

private:
    QString m_key;
    QPixmap m_drawn;
};

} // namespace dowel::app
