// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/blank_pictures.h"

#include "app/parts/style.h"
#include "core/tuning/pitch.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

/// Full, half or empty: as the bar says it, too.
void paintSign(QPainter& painter, const QPointF& at, double radius, Serves serves)
{
    const QRectF disc(at.x() - radius, at.y() - radius, 2.0 * radius, 2.0 * radius);
    const QColor ink = painter.pen().color();
    painter.setBrush(serves == Serves::Well ? QBrush(ink) : QBrush(Qt::NoBrush));
    painter.drawEllipse(disc);
    if (serves != Serves::Poorly)
        return;
    constexpr int quarter = 90 * 16;
    painter.setBrush(ink);
    painter.drawPie(disc, quarter, 2 * quarter);
}

} // namespace

KeysPicture::KeysPicture(QWidget* parent) : Picture(parent)
{
    setObjectName(QStringLiteral("keysPicture"));
    setAccessibleName(tr("Lowest notes for this tube"));
}

void KeysPicture::show(std::vector<KeyServed> keys, const std::string& wanted, text::LengthUnit unit)
{
    m_keys = std::move(keys);
    m_wanted = wanted;
    m_unit = unit;
    partsChanged();
    update();
}

QString KeysPicture::partWords(int part) const
{
    const KeyServed& k = m_keys[static_cast<std::size_t>(part)];
    const QString note = text::noteName(k.lowest);
    const QString length = text::length(Metres::fromMillimetres(std::round(k.length.millimetres())), m_unit);
    const QString why = k.why == "narrow" ? tr("too narrow for its length: low notes break")
                                          : tr("too wide for its length: the upper register is hard to reach");
    switch (k.serves) {
    case Serves::Well: return tr("%1: good, cut to about %2", "note, length").arg(note, length);
    case Serves::Poorly: return tr("%1: poor, about %2 long, %3", "note, length, why").arg(note, length, why);
    case Serves::Not: break;
    }
    return tr("%1: unsuitable, about %2 long, %3", "note, length, why").arg(note, length, why);
}

QRectF KeysPicture::partPlace(int part) const
{
    return columnOf(QRectF(rect()).adjusted(4.0, 2.0, -4.0, -2.0), part);
}

void KeysPicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    painter.setFont(Style::small());
    const double line = QFontMetricsF(Style::small()).height();
    double widest = 1.0;
    for (const KeyServed& k : m_keys)
        widest = std::max(widest, QFontMetricsF(Style::small()).horizontalAdvance(text::noteName(k.lowest)) + 4.0);
    std::optional<std::size_t> own;
    for (std::size_t i = 0; i < m_keys.size(); ++i)
        if (isSameNote(m_keys[i].lowest, m_wanted))
            own = i;
    const auto stride = m_keys.empty() ? 1 : static_cast<std::size_t>(std::ceil(widest / partPlace(0).width()));
    for (std::size_t i = 0; i < m_keys.size(); ++i) {
        const KeyServed& k = m_keys[i];
        const QRectF cell = partPlace(static_cast<int>(i));
        const double bottom = cell.bottom() - 2.0 * line - 2.0;
        const double share = k.serves == Serves::Well ? 1.0 : k.serves == Serves::Poorly ? 0.55 : 0.18;
        const double high = (bottom - cell.top()) * share;
        const QRectF bar(cell.left() + cell.width() * 0.18, bottom - high, cell.width() * 0.64, high);
        const bool wanted = own == i;
        painter.setPen(QPen(wanted ? c.ink : c.pencil, wanted ? 2.0 : 1.0));
        painter.setBrush(k.serves == Serves::Well     ? QBrush(c.wood)
                         : k.serves == Serves::Poorly ? QBrush(c.wood, Qt::BDiagPattern)
                                                      : QBrush(Qt::NoBrush));
        painter.drawRect(bar);
        painter.setPen(wanted ? c.ink : c.pencil);
        // As many names as have room: one over another is none.
        const bool free = !own || i + stride <= *own || i >= *own + stride;
        if (wanted || (i % stride == 0 && free))
            painter.drawText(
                QRectF(std::clamp(cell.center().x() - widest / 2.0, 0.0, width() - widest), bottom + 2.0, widest, line),
                Qt::AlignCenter, text::noteName(k.lowest));
        painter.setPen(QPen(painter.pen().color(), 1.0));
        paintSign(painter, QPointF(cell.center().x(), bottom + 2.0 + 1.5 * line), std::min(4.5, 0.32 * cell.width()), k.serves);
    }
    paintFocus(painter);
}

BorePicture::BorePicture(QWidget* parent) : Picture(parent)
{
    setObjectName(QStringLiteral("borePicture"));
    setAccessibleName(tr("The bore, diameters enlarged"));
    setMouseTracking(true);
}

void BorePicture::show(const InstrumentSpec& spec, text::LengthUnit unit)
{
    m_spec = spec;
    m_unit = unit;
    partsChanged();
    update();
}

BorePicture::Scale BorePicture::scale() const
{
    if (m_heldScale)
        return *m_heldScale;
    Metres widest;
    Metres narrowest = Metres::fromMetres(1.0);
    for (const Station& s : m_spec.bore) {
        widest = std::max(widest, s.diameter);
        narrowest = std::min(narrowest, s.diameter);
    }
    const double line = QFontMetricsF(Style::small()).height();
    // Half as much again as the bore's own range, and a millimetre at least.
    const double range = std::max(0.001, 1.5 * (widest - narrowest).metres());
    Scale s{};
    s.left = 16.0;
    s.perMetre = (width() - 32.0) / m_spec.bore.back().at.metres();
    s.top = line + 12.0;
    s.across = (height() - s.top - line - 14.0) / range;
    s.narrowest = Metres::fromMetres(0.5 * (widest + narrowest).metres() - 0.5 * range);
    return s;
}

QPointF BorePicture::at(const Station& station, const Scale& s) const
{
    const double line = QFontMetricsF(Style::small()).height();
    const double bottom = height() - line - 14.0;
    return {s.left + station.at.metres() * s.perMetre, bottom - (station.diameter - s.narrowest).metres() * s.across};
}

QString BorePicture::partWords(int part) const
{
    const Station& s = m_spec.bore[static_cast<std::size_t>(part)];
    return tr("%1 diameter at %2, wall %3", "bore, place, wall")
        .arg(text::length(s.diameter, m_unit), text::length(s.at, m_unit), text::length(s.wall.value_or(m_spec.wall), m_unit));
}

QRectF BorePicture::partPlace(int part) const
{
    const QPointF p = at(m_spec.bore[static_cast<std::size_t>(part)], scale());
    return {p.x() - 9.0, p.y() - 9.0, 18.0, 18.0};
}

void BorePicture::mousePressEvent(QMouseEvent* event)
{
    m_held = partAt(event->position());
    if (m_held >= 0)
        m_heldScale = scale();
    Picture::mousePressEvent(event);
}

void BorePicture::mouseMoveEvent(QMouseEvent* event)
{
    if (m_held < 0) {
        setCursor(partAt(event->position()) >= 0 ? Qt::SizeAllCursor : Qt::ArrowCursor);
        return;
    }
    const Scale s = scale();
    const auto i = static_cast<std::size_t>(m_held);
    Station& station = m_spec.bore[i];
    const double line = QFontMetricsF(Style::small()).height();
    const double bottom = height() - line - 14.0;
    station.diameter = std::max(Metres::fromMillimetres(1.0),
                                text::tenths(s.narrowest + Metres::fromMetres((bottom - event->position().y()) / s.across)));
    if (i > 0 && i + 1 < m_spec.bore.size()) {
        const Metres near = Metres::fromMillimetres(1.0);
        station.at = std::clamp(text::tenths(Metres::fromMetres((event->position().x() - s.left) / s.perMetre)),
                                m_spec.bore[i - 1].at + near, m_spec.bore[i + 1].at - near);
    }
    update();
}

void BorePicture::mouseReleaseEvent(QMouseEvent* /*event*/)
{
    if (m_held < 0)
        return;
    const int held = m_held;
    m_held = -1;
    m_heldScale.reset();
    const Station s = m_spec.bore[static_cast<std::size_t>(held)];
    Q_EMIT stationMoved(held, s.at, s.diameter);
}

void BorePicture::keyPressEvent(QKeyEvent* event)
{
    const bool more = event->key() == Qt::Key_Up;
    if (currentPart() < 0 || (!more && event->key() != Qt::Key_Down))
        return Picture::keyPressEvent(event);
    const Station s = m_spec.bore[static_cast<std::size_t>(currentPart())];
    Q_EMIT stationMoved(currentPart(), s.at, s.diameter + Metres::fromMillimetres(more ? 0.1 : -0.1));
}

void BorePicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    if (m_spec.bore.size() < 2)
        return;
    const Scale s = scale();
    const double line = QFontMetricsF(Style::small()).height();
    const double bottom = height() - line - 8.0;
    QPolygonF bore;
    Metres least = m_spec.wall;
    Metres leastAt;
    for (const Station& station : m_spec.bore) {
        bore << at(station, s);
        if (station.wall.value_or(m_spec.wall) < least) {
            least = *station.wall;
            leastAt = station.at;
        }
    }
    QPolygonF filled = bore;
    filled << QPointF(bore.back().x(), bottom) << QPointF(bore.front().x(), bottom);
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.sheet);
    painter.drawPolygon(filled);
    painter.setPen(QPen(c.ink, 1.5));
    painter.drawPolyline(bore);
    painter.setFont(Style::small());
    double labelled = -100.0;
    for (const QPointF& p : bore) {
        painter.setPen(QPen(c.cool, 1.5));
        painter.setBrush(c.paper);
        painter.drawRect(QRectF(p - QPointF(4.0, 4.0), QSizeF(8.0, 8.0)));
        constexpr double apart = 46.0;
        if (p.x() - labelled < apart && p != bore.back())
            continue;
        labelled = p.x();
        const auto i = static_cast<std::size_t>(bore.indexOf(p));
        const double x = std::clamp(p.x() - 30.0, 0.0, width() - 60.0);
        painter.setPen(c.ink);
        painter.drawText(QRectF(x, p.y() - line - 5.0, 60.0, line), Qt::AlignCenter,
                         text::lengthNumber(m_spec.bore[i].diameter, m_unit));
    }
    painter.setPen(c.pencil);
    painter.drawText(QRectF(8.0, height() - line - 2.0, width() - 16.0, line), Qt::AlignLeft | Qt::AlignVCenter,
                     leastAt > Metres{}
                         ? tr("least wall %1 at %2").arg(text::length(least, m_unit), text::length(leastAt, m_unit))
                         : tr("wall %1 throughout; drag a square").arg(text::length(least, m_unit)));
    paintFocus(painter);
}

} // namespace dowel::app

#include "moc_blank_pictures.cpp"
