// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/saw_picture.h"

#include "app/parts/style.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel::app {

namespace {

constexpr double left_px = 18.0;
constexpr double above_px = 30.0;
constexpr double below_px = 26.0;

} // namespace

SawPicture::SawPicture(QWidget* parent) : Picture(parent)
{
    setObjectName(QStringLiteral("sawPicture"));
    setAccessibleName(tr("Saw cut from the side"));
}

void SawPicture::show(const SawCut& cut, const std::optional<SawnWindow>& window, text::LengthUnit unit)
{
    m_cut = cut;
    m_window = window;
    m_unit = unit;
    partsChanged();
    update();
}

double SawPicture::seen_m() const
{
    // Beyond the ramp as much again, so that the bore is seen to go on.
    const double slope = std::tan(m_cut.angle_deg * std::numbers::pi / 180.0);
    return std::max(m_cut.fromEnd.metres() + 1.6 * m_cut.depth.metres() / slope, 1e-3);
}

double SawPicture::perMetre() const
{
    return std::min((width() - 2.0 * left_px) / seen_m(),
                    (height() - above_px - below_px) / std::max(m_cut.outside.metres(), 1e-3));
}

QPointF SawPicture::at(double along_m, double below_m) const
{
    return {left_px + along_m * perMetre(), above_px + below_m * perMetre()};
}

std::vector<SawPicture::Drawn> SawPicture::measures() const
{
    const double end = m_cut.fromEnd.metres();
    std::vector<Drawn> all{{tr("depth of the cut"), m_cut.depth, {end, 0.0}, {end, m_cut.depth.metres()}}};
    if (!m_window)
        return all;
    const double wall = m_window->wall.metres();
    const double outside = m_cut.outside.metres();
    all.push_back({tr("window"), m_window->length, {end, wall}, {end + m_window->length.metres(), wall}});
    all.push_back({tr("lip from the end"), m_window->edge, {0.0, 0.0}, {m_window->edge.metres(), 0.0}});
    all.push_back({tr("wall opposite"),
                   m_window->opposite,
                   {seen_m() * 0.96, outside - m_window->opposite.metres()},
                   {seen_m() * 0.96, outside}});
    return all;
}

QString SawPicture::partWords(int part) const
{
    const Drawn drawn = measures()[static_cast<std::size_t>(part)];
    return QStringLiteral("%1: %2").arg(drawn.name, text::length(text::tenths(drawn.size), m_unit));
}

QRectF SawPicture::partPlace(int part) const
{
    const Drawn drawn = measures()[static_cast<std::size_t>(part)];
    constexpr double room_px = 5.0;
    return QRectF(at(drawn.from.x(), drawn.from.y()), at(drawn.to.x(), drawn.to.y()))
        .normalized()
        .adjusted(-room_px, -room_px, room_px, room_px);
}

void SawPicture::paintEvent(QPaintEvent* /*event*/)
{
    const Colours& c = Style::current().colours();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), c.paper);
    const double outside = m_cut.outside.metres();
    const double wall = (m_cut.outside - m_cut.bore).metres() / 2.0 - m_cut.off.metres();
    const double bore = m_cut.bore.metres();
    const double seen = seen_m();
    const double end = m_cut.fromEnd.metres();
    const double depth = m_cut.depth.metres();
    const double ramp = depth / std::tan(m_cut.angle_deg * std::numbers::pi / 180.0);
    painter.setPen(QPen(c.ink, 1.5));
    painter.setBrush(c.wood);
    painter.drawRect(QRectF(at(0.0, 0.0), at(seen, outside)));
    painter.setBrush(c.paper);
    painter.setPen(Qt::NoPen);
    painter.drawRect(QRectF(at(0.0, wall), at(seen, wall + bore)));
    painter.drawPolygon(QPolygonF{at(end, -0.0005), at(end, depth), at(end + ramp, -0.0005)});
    painter.setPen(QPen(c.ink, 1.5));
    painter.drawLine(at(0.0, wall), at(end, wall));
    painter.drawLine(at(0.0, wall + bore), at(seen, wall + bore));
    painter.drawLine(at(end, 0.0), at(end, std::min(depth, wall)));
    const double lip = depth > wall ? end + (depth - wall) / depth * ramp : end + ramp;
    painter.drawLine(at(lip, wall), at(end + ramp, 0.0));
    painter.drawLine(at(lip, wall), at(seen, wall));
    // What the saw does within the bore is air.
    painter.setPen(QPen(c.pencil, 1.0, Qt::DashLine));
    if (depth > wall) {
        painter.drawLine(at(end, wall), at(end, depth));
        painter.drawLine(at(end, depth), at(lip, wall));
    }
    painter.setFont(Style::small());
    const double letters = QFontMetricsF(Style::small()).height();
    const auto words = [&](const QPointF& middle, const QString& text, const QColor& ink) {
        painter.setPen(ink);
        painter.drawText(QRectF(middle.x() - 100.0, middle.y() - letters / 2.0, 200.0, letters), Qt::AlignCenter, text);
    };
    const auto size = [this](Metres m) {
        return text::length(text::tenths(m), m_unit);
    };
    words(at(end, 0.0) - QPointF(0.0, 0.6 * letters),
          tr("%1°").arg(text::number(m_cut.angle_deg, 0)) + QStringLiteral(" · ") + tr("%1 deep").arg(size(m_cut.depth)),
          c.pencil);
    if (m_window) {
        words(at(end + 0.5 * m_window->length.metres(), wall + bore / 2.0), tr("window %1").arg(size(m_window->length)), c.ink);
        painter.setPen(QPen(c.warm, 2.0));
        painter.drawLine(at(end, wall), at(end + m_window->length.metres(), wall));
        words(at(m_window->edge.metres() / 2.0, outside) + QPointF(0.0, 0.8 * letters),
              tr("lip %1 from the end").arg(size(m_window->edge)), c.pencil);
    }
    paintFocus(painter);
}

} // namespace dowel::app

#include "moc_saw_picture.cpp"
