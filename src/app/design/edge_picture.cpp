// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/design/edge_picture.h"

#include "app/parts/style.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace dowel::app {

namespace {

constexpr double lifeSizes = 4.0;
constexpr double grip_px = 11.0;

double boreLengthOf(const ClosedTop& top, Metres bore)
{
    return top.volume.cubicMetres() / (std::numbers::pi / 4.0 * bore.metres() * bore.metres()) * 1e3;
}

/// A line across where the drawing breaks off.
void paintBreak(QPainter& painter, QPointF from, QPointF to)
{
    painter.setPen(QPen(Style::current().colours().pencil, 1.0, Qt::DashDotLine));
    painter.drawLine(from, to);
}

} // namespace

Metres windwayOf(const Duct& duct)
{
    constexpr Metres usual = Metres::fromMillimetres(1.2);
    return duct.windwayHeight > Metres{} ? duct.windwayHeight : usual;
}

Excitation withMeasure(Excitation mouth, int measure, Metres size, Metres bore)
{
    const auto i = static_cast<std::size_t>(measure);
    if (auto* d = std::get_if<Duct>(&mouth))
        *std::array{&d->windowWidth, &d->windowLength,  &d->chimney,       &d->upstream,
                    &d->cover,       &d->windwayHeight, &d->windwayLength, &d->chamfer}
             .at(i) = size;
    else if (auto* t = std::get_if<Transverse>(&mouth))
        *std::array{&t->holeLength, &t->holeWidth, &t->chimney, &t->stopper, &t->undercut}.at(i) = size;
    else // a mouthpiece's volume, as the length of bore that holds it
        std::get<ClosedTop>(mouth).volume =
            CubicMetres::fromCubicMetres(size.metres() * std::numbers::pi / 4.0 * bore.metres() * bore.metres());
    return mouth;
}

EdgePicture::EdgePicture(QWidget* parent) : Picture(parent)
{
    setObjectName(QStringLiteral("edgePicture"));
    setAccessibleName(tr("The sounding edge, enlarged"));
    setMouseTracking(true);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void EdgePicture::show(const InstrumentSpec& spec, text::LengthUnit unit)
{
    m_spec = spec;
    m_unit = unit;
    partsChanged();
    update();
}

void EdgePicture::setEffects(std::vector<QString> effects)
{
    m_effects = std::move(effects);
}

void EdgePicture::point(EdgePlace place)
{
    m_pointed = place;
    update();
}

EdgePicture::View EdgePicture::view() const
{
    // What the drawing must hold, in millimetres, beside and below.
    double wide = 40.0;
    double high = 16.0;
    double left = 14.0;
    double across = 8.0;
    if (const auto* d = std::get_if<Duct>(&m_spec.excitation)) {
        left = 12.0 + d->upstream.millimetres();
        across = d->windowWidth.millimetres();
        wide = left + d->windowLength.millimetres() + 14.0;
        high = d->chimney.millimetres() + d->cover.millimetres() + 7.0;
    } else if (const auto* t = std::get_if<Transverse>(&m_spec.excitation)) {
        left = t->stopper.millimetres() + 8.0;
        across = t->holeWidth.millimetres();
        wide = left + t->holeLength.millimetres() / 2.0 + 14.0;
        high = t->chimney.millimetres() + 9.0;
    } else if (const auto* top = std::get_if<ClosedTop>(&m_spec.excitation); top != nullptr && !m_spec.bore.empty()) {
        left = 4.0;
        wide = boreLengthOf(*top, m_spec.bore.front().diameter) + 30.0;
        high = m_spec.bore.front().diameter.millimetres() + 10.0;
        across = 0.0;
    }
    const double whole = logicalDpiX() / 25.4 * lifeSizes;
    const double text = 2.2 * QFontMetricsF(Style::small()).height();
    const double roomHigh = height() - 3.0 * text;
    View v{};
    v.perMm = std::min({whole, (width() - 24.0) / wide, roomHigh / (high + (across > 0.0 ? across + 3.0 : 0.0))});
    const double cover =
        std::holds_alternative<Duct>(m_spec.excitation) ? std::get<Duct>(m_spec.excitation).cover.millimetres() : 0.0;
    const double start = std::max(12.0, (width() - wide * v.perMm) / 2.0);
    v.section = {start + left * v.perMm, text + cover * v.perMm};
    v.above = {v.section.x(), v.section.y() + (high - cover) * v.perMm + text + across / 2.0 * v.perMm};
    return v;
}

std::vector<EdgePicture::Handle> EdgePicture::ductHandles(const Duct& d, const View& v) const
{
    const double mm = v.perMm;
    const double along = d.windowLength.millimetres() * mm;
    const double across = d.windowWidth.millimetres() / 2.0 * mm;
    const double wall = d.chimney.millimetres() * mm;
    const double behind = d.upstream.millimetres() * mm;
    const double high = d.cover.millimetres() * mm;
    const double windway = windwayOf(d).millimetres() * mm;
    const double floor = wall + windway + 3.0 * mm;
    const double back = d.windowLength.millimetres() + d.chimney.millimetres() * d.rampRunPerRise;
    return {
        {1,
         v.section + QPointF(along, wall + windway * 0.5),
         {mm, 0.0},
         tr("window length"),
         d.windowLength,
         v.section + QPointF(along / 2.0, -12.0)},
        {0,
         v.above + QPointF(along / 2.0, across),
         {0.0, 2.0 * mm / 4.0},
         tr("window width"),
         d.windowWidth,
         v.above + QPointF(along / 2.0, 0.0)},
        {2,
         v.section + QPointF(back * mm + 14.0, wall),
         {0.0, mm},
         tr("wall at window"),
         d.chimney,
         v.section + QPointF(back * mm + 44.0, wall / 2.0)},
        {3,
         v.section + QPointF(-behind, floor),
         {-mm, 0.0},
         tr("bore above window"),
         d.upstream,
         v.section + QPointF(-behind - 34.0, floor)},
        {5,
         v.section + QPointF(-7.0 * mm, wall + windway),
         {0.0, mm},
         tr("windway height"),
         windwayOf(d),
         v.section + QPointF(-7.0 * mm, wall + windway + 14.0)},
        {7,
         v.section + QPointF(0.0, wall - d.chamfer.millimetres() * mm),
         {0.0, -mm},
         tr("exit chamfer"),
         d.chamfer,
         v.section + QPointF(-22.0, wall - d.chamfer.millimetres() * mm - 8.0)},
        {4, v.section + QPointF(-8.0, -high), {0.0, -mm}, tr("ear height"), d.cover, v.section + QPointF(-46.0, -high - 4.0)}};
}

std::vector<EdgePicture::Handle> EdgePicture::fluteHandles(const Transverse& t, const View& v) const
{
    const double mm = v.perMm;
    const double along = t.holeLength.millimetres() / 2.0 * mm;
    const double across = t.holeWidth.millimetres() / 2.0 * mm;
    const double wall = t.chimney.millimetres() * mm;
    const double stopper = t.stopper.millimetres() * mm;
    return {{0,
             v.above + QPointF(along, 0.0),
             {mm / 2.0, 0.0},
             tr("hole length"),
             t.holeLength,
             v.above + QPointF(along + 34.0, 0.0)},
            {1,
             v.above + QPointF(0.0, across),
             {0.0, mm / 2.0},
             tr("hole width"),
             t.holeWidth,
             v.above + QPointF(28.0, across - 12.0)},
            {2,
             v.section + QPointF(along + 10.0, wall),
             {0.0, mm},
             tr("wall (chimney)"),
             t.chimney,
             v.section + QPointF(along + 44.0, wall / 2.0)},
            {3,
             v.section + QPointF(-stopper, wall + 4.0 * mm),
             {-mm, 0.0},
             tr("stopper distance"),
             t.stopper,
             v.section + QPointF(-stopper / 2.0, wall + 4.0 * mm + 14.0)},
            {4,
             v.section + QPointF(-along - t.undercut.millimetres() / 2.0 * mm, wall),
             {-mm / 2.0, 0.0},
             tr("undercut"),
             t.undercut,
             v.section + QPointF(-along - t.undercut.millimetres() / 2.0 * mm, wall + 14.0)}};
}

std::vector<EdgePicture::Handle> EdgePicture::handles() const
{
    if (m_spec.bore.empty())
        return {};
    const View v = view();
    if (const auto* d = std::get_if<Duct>(&m_spec.excitation))
        return ductHandles(*d, v);
    if (const auto* t = std::get_if<Transverse>(&m_spec.excitation))
        return fluteHandles(*t, v);
    const Metres bore = m_spec.bore.front().diameter;
    const Metres length = Metres::fromMillimetres(boreLengthOf(std::get<ClosedTop>(m_spec.excitation), bore));
    const double radius = bore.millimetres() / 2.0 * v.perMm;
    return {{0,
             v.section + QPointF(length.millimetres() * v.perMm, 5.0 * v.perMm + radius),
             {v.perMm, 0.0},
             tr("mouthpiece volume"),
             length,
             v.section + QPointF(length.millimetres() * v.perMm / 2.0, 5.0 * v.perMm + radius)}};
}

QString EdgePicture::partWords(int part) const
{
    const Handle h = handles()[static_cast<std::size_t>(part)];
    const Metres bore = m_spec.bore.front().diameter;
    const double area = std::numbers::pi / 4.0 * bore.metres() * bore.metres();
    const QString value = std::holds_alternative<ClosedTop>(m_spec.excitation) ? text::volume(h.size.metres() * area)
                                                                               : text::length(text::tenths(h.size), m_unit);
    const QString size = tr("%1: %2", "measure, size").arg(h.words, value);
    const auto i = static_cast<std::size_t>(h.measure);
    return i < m_effects.size() && !m_effects[i].isEmpty() ? tr("%1. %2", "measure with size; its effect").arg(size, m_effects[i])
                                                           : size;
}

QRectF EdgePicture::partPlace(int part) const
{
    const QPointF at = handles()[static_cast<std::size_t>(part)].at;
    return {at.x() - grip_px, at.y() - grip_px, 2.0 * grip_px, 2.0 * grip_px};
}

void EdgePicture::mousePressEvent(QMouseEvent* event)
{
    const int part = partAt(event->position());
    if (part >= 0) {
        m_held = handles()[static_cast<std::size_t>(part)];
        m_from = event->position();
        m_draft = m_held->size;
    }
    Picture::mousePressEvent(event);
}

void EdgePicture::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_held) {
        setCursor(partAt(event->position()) >= 0 ? Qt::SizeAllCursor : Qt::ArrowCursor);
        return;
    }
    const QPointF moved = event->position() - m_from;
    const double square = QPointF::dotProduct(m_held->way, m_held->way);
    const double by_mm = QPointF::dotProduct(moved, m_held->way) / square;
    m_draft = std::max(Metres{}, text::tenths(m_held->size + Metres::fromMillimetres(by_mm)));
    m_spec.excitation = withMeasure(m_spec.excitation, m_held->measure, m_draft, m_spec.bore.front().diameter);
    update();
}

void EdgePicture::mouseReleaseEvent(QMouseEvent* /*event*/)
{
    if (!m_held)
        return;
    const Handle held = *m_held;
    m_held.reset();
    if (m_draft != held.size)
        Q_EMIT measured(held.measure, m_draft);
}

void EdgePicture::keyPressEvent(QKeyEvent* event)
{
    const bool more = event->key() == Qt::Key_Up;
    if (currentPart() < 0 || (!more && event->key() != Qt::Key_Down))
        return Picture::keyPressEvent(event);
    const Handle h = handles()[static_cast<std::size_t>(currentPart())];
    const Metres step = Metres::fromMillimetres(more ? 0.1 : -0.1);
    Q_EMIT measured(h.measure, std::max(Metres{}, text::tenths(h.size + step)));
}

void EdgePicture::paintDuct(QPainter& painter, const Duct& d, const View& v) const
{
    const Colours& c = Style::current().colours();
    const double mm = v.perMm;
    const QPointF o = v.section;
    const double along = d.windowLength.millimetres() * mm;
    const double wall = d.chimney.millimetres() * mm;
    const double windway = windwayOf(d).millimetres() * mm;
    const double chamfer = std::min(d.chamfer.millimetres() * mm, std::min(wall, 9.0 * mm));
    const double behind = d.upstream.millimetres() * mm;
    const double left = 12.0 * mm + behind;
    const double right = along + 14.0 * mm;
    const double deep = wall + windway + 4.5 * mm;
    const QPen line(c.ink, 1.2);
    painter.setPen(line);
    painter.setBrush(c.wood);
    painter.drawPolygon(QPolygonF{o + QPointF(-left, 0.0), o + QPointF(0.0, 0.0), o + QPointF(0.0, wall - chamfer),
                                  o + QPointF(-chamfer, wall), o + QPointF(-left, wall)}); // the roof
    painter.drawPolygon(QPolygonF{o + QPointF(-left, wall + windway), o + QPointF(-behind - chamfer, wall + windway),
                                  o + QPointF(-behind, wall + windway + chamfer), o + QPointF(-behind, deep),
                                  o + QPointF(-left, deep)}); // the block
    // The lip: its edge stands half a windway below the roof's underside.
    const double ramp = wall * d.rampRunPerRise;
    const double edge = wall + 0.5 * windway;
    painter.drawPolygon(QPolygonF{o + QPointF(along, edge), o + QPointF(along + ramp, 0.0), o + QPointF(right, 0.0),
                                  o + QPointF(right, wall), o + QPointF(along + 3.0 * mm, wall)});
    if (d.cover.metres() > 0.0) {
        const double high = d.cover.millimetres() * mm;
        painter.setBrush(c.sheet);
        painter.drawRect(QRectF(o + QPointF(-16.0, -high), QSizeF(16.0, high)));
    }
    // The jet, from the windway to the edge, spreading.
    painter.setPen(QPen(c.cool, 1.4, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    const QPointF exit = o + QPointF(0.0, wall + windway / 2.0);
    painter.drawLine(exit - QPointF(std::min(left, 9.0 * mm), 0.0), exit);
    for (const double spread : {-0.35, 0.0, 0.35})
        painter.drawLine(exit + QPointF(0.0, spread * windway), o + QPointF(along, edge + spread * windway * 1.6));
    // From above.
    const QPointF a = v.above;
    const double across = d.windowWidth.millimetres() * mm;
    painter.setPen(line);
    painter.setBrush(c.wood);
    painter.drawRect(QRectF(a + QPointF(-left, -across / 2.0 - 1.5 * mm), QSizeF(left + right, across + 3.0 * mm)));
    painter.setBrush(c.paper);
    painter.drawRect(QRectF(a + QPointF(0.0, -across / 2.0), QSizeF(along, across)));
    if (ramp > 0.0) {
        painter.setBrush(c.sheet);
        painter.drawRect(QRectF(a + QPointF(along, -across / 2.0), QSizeF(ramp, across)));
    }
    painter.setPen(QPen(c.pencil, 1.0, Qt::DashLine)); // the windway under its roof
    for (const double side : {-0.5, 0.5})
        painter.drawLine(a + QPointF(-left, side * across * 0.96), a + QPointF(0.0, side * across * 0.96));
    paintBreak(painter, o + QPointF(-left, deep), o + QPointF(right, deep));
}

void EdgePicture::paintFlute(QPainter& painter, const Transverse& t, const View& v) const
{
    const Colours& c = Style::current().colours();
    const double mm = v.perMm;
    const QPointF o = v.section;
    const double along = t.holeLength.millimetres() * mm;
    const double across = t.holeWidth.millimetres() * mm;
    const double wall = t.chimney.millimetres() * mm;
    const double stopper = t.stopper.millimetres() * mm;
    const double left = stopper + 8.0 * mm;
    const double right = along / 2.0 + 14.0 * mm;
    const double deep = wall + 8.0 * mm;
    painter.setPen(QPen(c.ink, 1.2));
    painter.setBrush(c.wood);
    const double under = std::min(t.undercut.millimetres() / 2.0, 6.0) * mm; // on each side, where it opens to the bore
    painter.drawPolygon(QPolygonF{o + QPointF(-left, 0.0), o + QPointF(-along / 2.0, 0.0),
                                  o + QPointF(-along / 2.0 - under, wall), o + QPointF(-left, wall)});
    painter.drawPolygon(QPolygonF{o + QPointF(along / 2.0, 0.0), o + QPointF(right, 0.0), o + QPointF(right, wall),
                                  o + QPointF(along / 2.0 + under, wall)});
    painter.setBrush(c.sheet);
    painter.drawRect(QRectF(o + QPointF(-left, wall), QSizeF(left - stopper, deep - wall))); // the stopper
    painter.setPen(QPen(c.cool, 1.4, Qt::DashLine));
    const QPointF lip = o + QPointF(-along * 0.1, -1.5 * mm);
    for (const double spread : {-1.0, 0.0, 1.0})
        painter.drawLine(lip, o + QPointF(along / 2.0, spread * mm * 0.6));
    const QPointF a = v.above;
    painter.setPen(QPen(c.ink, 1.2));
    painter.setBrush(c.wood);
    painter.drawRect(QRectF(a + QPointF(-left, -across / 2.0 - 1.5 * mm), QSizeF(left + right, across + 3.0 * mm)));
    painter.setBrush(c.paper);
    painter.drawEllipse(a, along / 2.0, across / 2.0);
    if (t.lipCover > 0.0) { // what the player's lip covers, from its side
        painter.save();
        QPainterPath hole;
        hole.addEllipse(a, along / 2.0, across / 2.0);
        painter.setClipPath(hole);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QBrush(c.pencil, Qt::BDiagPattern));
        painter.drawRect(
            QRectF(a + QPointF(-along / 2.0, across / 2.0 - t.lipCover * across), QSizeF(along, t.lipCover * across)));
        painter.restore();
    }
    paintBreak(painter, o + QPointF(-left, deep), o + QPointF(right, deep));
}

void EdgePicture::paintTop(QPainter& painter, const ClosedTop& top, const View& v) const
{
    const Colours& c = Style::current().colours();
    const double mm = v.perMm;
    const QPointF o = v.section;
    const double bore = m_spec.bore.front().diameter.millimetres() * mm;
    const double length = boreLengthOf(top, m_spec.bore.front().diameter) * mm;
    const double wall = std::min(5.0, m_spec.wall.millimetres()) * mm;
    const double upper = 5.0 * mm;
    const double right = length + 24.0 * mm;
    painter.setPen(QPen(c.ink, 1.2));
    painter.setBrush(c.wood);
    painter.drawRect(QRectF(o + QPointF(length, upper - wall), QSizeF(right - length, wall)));
    painter.drawRect(QRectF(o + QPointF(length, upper + bore), QSizeF(right - length, wall)));
    painter.setBrush(c.sheet);
    if (top.lip) {
        QPainterPath cup(o + QPointF(0.0, upper));
        cup.quadTo(o + QPointF(length * 0.9, upper + bore * 0.1), o + QPointF(length, upper + bore * 0.35));
        cup.lineTo(o + QPointF(length, upper + bore * 0.65));
        cup.quadTo(o + QPointF(length * 0.9, upper + bore * 0.9), o + QPointF(0.0, upper + bore));
        cup.closeSubpath();
        painter.drawPath(cup);
    } else {
        // The chamber tapers towards the tip, its roof towards the reed below.
        painter.drawPolygon(QPolygonF{o + QPointF(0.0, upper + bore * 0.86), o + QPointF(length * 0.5, upper + bore * 0.1),
                                      o + QPointF(length, upper), o + QPointF(length, upper + bore),
                                      o + QPointF(0.0, upper + bore)});
        painter.setPen(QPen(c.warm, 2.5));
        painter.drawLine(o + QPointF(-3.0, upper + bore - 2.0), o + QPointF(length * 0.7, upper + bore + 3.0));
    }
}

QPointF EdgePicture::placeOf(EdgePlace place, const View& v) const
{
    const double mm = v.perMm;
    const QPointF o = v.section;
    if (const auto* d = std::get_if<Duct>(&m_spec.excitation)) {
        const double wall = d->chimney.millimetres() * mm;
        const double along = d->windowLength.millimetres() * mm;
        const double windway = windwayOf(*d).millimetres() * mm;
        switch (place) {
        case EdgePlace::Windway: return o + QPointF(-3.0 * mm, wall + windway / 2.0);
        case EdgePlace::Block: return o + QPointF(-6.0 * mm, wall + windway + 2.0 * mm);
        case EdgePlace::Lip: return o + QPointF(along + 0.8 * mm, wall * 0.8);
        case EdgePlace::Bore: return o + QPointF(along + 8.0 * mm, wall + 3.0 * mm);
        default: return o + QPointF(along / 2.0, wall / 2.0);
        }
    }
    if (const auto* t = std::get_if<Transverse>(&m_spec.excitation)) {
        const double wall = t->chimney.millimetres() * mm;
        const double half = t->holeLength.millimetres() / 2.0 * mm;
        switch (place) {
        case EdgePlace::Stopper: return o + QPointF(-t->stopper.millimetres() * mm - 3.0 * mm, wall + 4.0 * mm);
        case EdgePlace::FarEdge: return o + QPointF(half + 0.6 * mm, wall * 0.4);
        case EdgePlace::Bore: return o + QPointF(half + 8.0 * mm, wall + 4.0 * mm);
        default: return o + QPointF(0.0, wall / 2.0);
        }
    }
    const double bore = m_spec.bore.front().diameter.millimetres() * mm;
    const double length = boreLengthOf(std::get<ClosedTop>(m_spec.excitation), m_spec.bore.front().diameter) * mm;
    switch (place) {
    case EdgePlace::Reed: return o + QPointF(length * 0.35, 5.0 * mm + bore + 2.0);
    case EdgePlace::Lay: return o + QPointF(length * 0.08, 5.0 * mm + bore * 0.92);
    case EdgePlace::Bore: return o + QPointF(length + 12.0 * mm, 5.0 * mm + bore / 2.0);
    default: return o + QPointF(length * 0.7, 5.0 * mm + bore * 0.5);
    }
}

void EdgePicture::paintPointed(QPainter& painter, const View& v) const
{
    if (m_pointed == EdgePlace::None)
        return;
    const Colours& c = Style::current().colours();
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(c.warm, 2.5));
    painter.drawEllipse(placeOf(m_pointed, v), 2.4 * v.perMm, 1.6 * v.perMm);
}

void EdgePicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    if (m_spec.bore.empty())
        return;
    const View v = view();
    if (const auto* d = std::get_if<Duct>(&m_spec.excitation))
        paintDuct(painter, *d, v);
    else if (const auto* t = std::get_if<Transverse>(&m_spec.excitation))
        paintFlute(painter, *t, v);
    else
        paintTop(painter, std::get<ClosedTop>(m_spec.excitation), v);
    paintPointed(painter, v);
    painter.setFont(Style::small());
    const auto all = handles();
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Handle& h = all[i];
        painter.setPen(QPen(c.cool, 1.5));
        painter.setBrush(c.paper);
        painter.drawRect(QRectF(h.at - QPointF(4.0, 4.0), QSizeF(8.0, 8.0)));
        // What is not there has no figure, unless it is the one in hand.
        if (!(h.size.metres() > 0.0) && static_cast<int>(i) != currentPart())
            continue;
        painter.setPen(c.ink);
        painter.drawText(QRectF(h.label - QPointF(40.0, 9.0), QSizeF(80.0, 18.0)), Qt::AlignCenter,
                         text::lengthNumber(text::tenths(h.size), m_unit));
    }
    painter.setPen(c.pencil);
    const double times = v.perMm / (logicalDpiX() / 25.4);
    painter.drawText(QRectF(8.0, 2.0, width() - 16.0, 18.0), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("scale %1 : 1; drag a square or use the arrow keys").arg(text::number(times, 1)));
    paintFocus(painter);
}

} // namespace dowel::app

#include "moc_edge_picture.cpp"
