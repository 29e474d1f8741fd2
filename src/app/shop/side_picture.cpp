// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shop/side_picture.h"

#include "app/parts/style.h"
#include "text/units.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {
constexpr double step_cents = 20.0;
}

SidePicture::SidePicture(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("sidePicture"));
    setAccessibleName(tr("Deviation of each instrument by note"));
}

void SidePicture::show(session::SideBySide side, bool own)
{
    m_side = std::move(side);
    m_own = own;
    double low = 0.0;
    double high = 0.0;
    for (const auto& one : m_side.instruments)
        for (const auto& c : own ? one.own : one.off)
            if (c) {
                low = std::min(low, c->cents());
                high = std::max(high, c->cents());
            }
    m_low = std::min(-step_cents, step_cents * std::floor((low - 4.0) / step_cents));
    m_high = std::max(step_cents, step_cents * std::ceil((high + 4.0) / step_cents));
    QStringList words;
    for (std::size_t i = 0; i < m_side.notes.size(); ++i)
        if (const auto& c = m_side.common[i])
            words << tr("%1: %2 common", "note, cents").arg(text::noteName(m_side.notes[i].text), text::wholeCents(c->cents()));
    setAccessibleDescription(words.join(QStringLiteral("; ")));
    update();
}

QRectF SidePicture::field() const
{
    constexpr double left = 52.0;
    constexpr double below = 34.0;
    return QRectF(rect()).adjusted(left, 12.0, -8.0, -below);
}

QPointF SidePicture::placeOf(std::size_t column, Cents off) const
{
    const QRectF f = field();
    const double wide = f.width() / static_cast<double>(std::max<std::size_t>(1, m_side.notes.size()));
    return {f.left() + (static_cast<double>(column) + 0.5) * wide,
            f.top() + (m_high - off.cents()) / (m_high - m_low) * f.height()};
}

void SidePicture::drawScale(QPainter& painter) const
{
    const Colours& c = Style::current().colours();
    const QRectF f = field();
    painter.setFont(Style::small());
    for (double cents = m_low; cents <= m_high + 0.5; cents += step_cents) {
        const double y = placeOf(0, Cents::fromCents(cents)).y();
        painter.setPen(QPen(std::abs(cents) < 0.5 ? c.ink : c.hairline, 1.0));
        painter.drawLine(QPointF(f.left(), y), QPointF(f.right(), y));
        painter.setPen(c.pencil);
        painter.drawText(QRectF(0.0, y - 10.0, f.left() - 8.0, 20.0), Qt::AlignRight | Qt::AlignVCenter,
                         std::abs(cents) < 0.5 ? QStringLiteral("0") : text::wholeCents(cents));
    }
}

void SidePicture::drawColumn(QPainter& painter, std::size_t column) const
{
    const Colours& c = Style::current().colours();
    painter.setFont(Style::small());
    painter.setPen(c.pencil);
    const double x = placeOf(column, {}).x();
    painter.drawText(QRectF(x - 30.0, field().bottom() + 8.0, 60.0, 20.0), Qt::AlignCenter,
                     text::noteName(m_side.notes[column].text));
    if (const auto& common = m_side.common[column]; common && !m_own) {
        constexpr double half = 15.0;
        const QPointF at = placeOf(column, *common);
        painter.setPen(QPen(c.warm, 3.0));
        painter.drawLine(at - QPointF(half, 0.0), at + QPointF(half, 0.0));
    }
    painter.setPen(c.ink);
    // Figures that would lie on one another stand side by side.
    std::vector<QPointF> taken;
    for (std::size_t i = 0; i < m_side.instruments.size(); ++i) {
        const auto& one = m_side.instruments[i];
        const auto& off = m_own ? one.own[column] : one.off[column];
        if (!off)
            continue;
        QPointF at = placeOf(column, *off);
        const auto near = [&](const QPointF& other) {
            return std::abs(other.y() - at.y()) < 13.0 && std::abs(other.x() - at.x()) < 9.0;
        };
        while (std::any_of(taken.begin(), taken.end(), near) && at.x() < x + 40.0)
            at.rx() += 10.0;
        taken.push_back(at);
        painter.drawText(QRectF(at.x() - 10.0, at.y() - 10.0, 20.0, 20.0), Qt::AlignCenter, QString::number(i + 1));
    }
}

void SidePicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    drawScale(painter);
    for (std::size_t column = 0; column < m_side.notes.size(); ++column)
        drawColumn(painter, column);
}

} // namespace dowel::app

#include "moc_side_picture.cpp"
