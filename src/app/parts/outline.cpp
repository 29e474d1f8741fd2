// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/outline.h"

#include "app/parts/style.h"
#include "core/instrument/whole.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>

namespace dowel::app {

namespace {

constexpr double wider = 1.6; // than to the scale of lengths

void paintMouth(QPainter& painter, const Instrument& instrument, double left, double middle, double pixelsPerMetre, double half)
{
    const auto& mouth = instrument.spec().excitation;
    if (const auto* duct = std::get_if<Duct>(&mouth)) {
        const double across = duct->windowWidth.metres() * pixelsPerMetre * wider;
        const double along = std::max(2.0, duct->windowLength.metres() * pixelsPerMetre);
        painter.drawRect(QRectF(left - along, middle - across / 2.0, along, across));
    } else if (const auto* lip = std::get_if<Transverse>(&mouth)) {
        painter.drawEllipse(QPointF(left, middle), std::max(2.0, lip->holeLength.metres() / 2.0 * pixelsPerMetre * wider),
                            std::max(2.0, lip->holeWidth.metres() / 2.0 * pixelsPerMetre * wider));
    } else {
        painter.drawLine(QPointF(left - 6.0, middle - half / 2.0), QPointF(left, middle - half));
        painter.drawLine(QPointF(left - 6.0, middle + half / 2.0), QPointF(left, middle + half));
    }
}

} // namespace

void paintOutline(QPainter& painter, const Instrument& instrument, const QRectF& room, double pixelsPerMetre)
{
    const Colours& c = Style::current().colours();
    const InstrumentSpec& spec = instrument.spec();
    const double head = headOf(spec).length.metres() * pixelsPerMetre;
    constexpr double beside = 8.0; // where a mouthpiece's lines begin
    const double left = room.left() + beside + head;
    const double middle = room.center().y();
    const double most = room.height() / 2.0;
    const auto half = [&](Metres at) {
        const double outer = instrument.boreDiameterAt(at).metres() / 2.0 + instrument.wallAt(at).metres();
        return std::min(most, outer * pixelsPerMetre * wider);
    };
    QPolygonF body;
    for (const Station& s : spec.bore)
        body << QPointF(left + s.at.metres() * pixelsPerMetre, middle - half(s.at));
    for (auto s = spec.bore.rbegin(); s != spec.bore.rend(); ++s)
        body << QPointF(left + s->at.metres() * pixelsPerMetre, middle + half(s->at));
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(c.ink, 1.2));
    painter.setBrush(c.wood);
    const double first = half(spec.bore.front().at);
    if (!std::holds_alternative<ClosedTop>(spec.excitation)) // the head beyond the edge or the embouchure hole
        painter.drawRect(QRectF(left - head, middle - first, head, 2.0 * first));
    painter.drawPolygon(body);
    painter.setBrush(c.paper);
    paintMouth(painter, instrument, left, middle, pixelsPerMetre, first);
    for (const Hole& h : spec.holes) {
        const double radius = std::max(1.2, h.diameter.metres() / 2.0 * pixelsPerMetre * wider);
        painter.setPen(QPen(c.ink, 1.0, h.side == Side::Back ? Qt::DotLine : Qt::SolidLine));
        painter.drawEllipse(QPointF(left + h.at.metres() * pixelsPerMetre, middle), radius, radius);
    }
    painter.restore();
}

} // namespace dowel::app
