// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/fingering_card.h"

#include "app/parts/style.h"
#include "text/units.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace dowel::app {

void drawHoleSign(QPainter& painter, const QPointF& at, double radius, double open, double pen)
{
    const Colours& c = Style::current().colours();
    painter.setPen(QPen(c.ink, pen));
    painter.setBrush(open <= 0.0 ? c.ink : c.paper);
    painter.drawEllipse(at, radius, radius);
    if (open > 0.0 && open < 1.0) { // what the finger leaves free lies footwards
        painter.setBrush(c.ink);
        const double angle = 180.0 * (1.0 - open);
        painter.drawChord(QRectF(at.x() - radius, at.y() - radius, 2.0 * radius, 2.0 * radius),
                          static_cast<int>((180.0 - angle) * 16.0), static_cast<int>(2.0 * angle * 16.0));
    }
}

FingeringCard::FingeringCard(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("fingeringCard"));
    setAccessibleName(tr("Fingering to play"));
}

void FingeringCard::show(const std::vector<Hole>& holes, const Fingering* fingering)
{
    m_holes = holes;
    m_fingering = fingering == nullptr ? std::nullopt : std::optional(*fingering);
    m_open = fingering == nullptr ? std::vector<double>() : openShares(holes, *fingering);
    m_held = std::clamp(m_held, 0, std::max(0, static_cast<int>(holes.size()) - 1));
    QStringList closed;
    QStringList half;
    if (fingering != nullptr) {
        for (const auto& id : fingering->closed)
            closed << QString::fromStdString(id.text);
        for (const auto& h : fingering->half)
            half << QString::fromStdString(h.hole.text);
    }
    QString words;
    if (fingering != nullptr) {
        words = (half.isEmpty() ? tr("%1, register %2, closed: %3") : tr("%1, register %2, closed: %3; partly: %4"))
                    .arg(text::noteName(fingering->id.text))
                    .arg(fingering->registerNumber)
                    .arg(closed.isEmpty() ? tr("none") : closed.join(QStringLiteral(", ")));
        if (!half.isEmpty())
            words = words.arg(half.join(QStringLiteral(", ")));
    }
    setAccessibleDescription(words);
    update();
}

void FingeringCard::setEditable(bool editable)
{
    m_editable = editable;
    setFocusPolicy(editable ? Qt::StrongFocus : Qt::NoFocus);
    setAccessibleName(editable ? tr("Edit fingering") : tr("Fingering to play"));
    setCursor(editable ? Qt::PointingHandCursor : Qt::ArrowCursor);
}

double FingeringCard::step() const
{
    return std::min(Style::px(64.0), (width() - 16.0) / static_cast<double>(std::max<std::size_t>(1, m_holes.size())));
}

double FingeringCard::radius() const
{
    return std::min(Style::px(19.0), step() * 0.36);
}

QPointF FingeringCard::signAt(std::size_t hole) const
{
    const std::size_t k = m_holes.size() - 1 - hole; // mouth on the left
    return {4.0 + radius() + static_cast<double>(k) * step(), Style::px(92.0) + radius()};
}

void FingeringCard::mousePressEvent(QMouseEvent* event)
{
    if (!m_editable || !m_fingering)
        return QWidget::mousePressEvent(event);
    for (std::size_t i = 0; i < m_holes.size(); ++i) {
        const QPointF off = event->position() - signAt(i);
        if (std::hypot(off.x(), off.y()) <= radius() + 4.0) {
            m_held = static_cast<int>(i);
            Q_EMIT holeClicked(m_held);
            return;
        }
    }
}

void FingeringCard::keyPressEvent(QKeyEvent* event)
{
    if (!m_editable || m_holes.empty())
        return QWidget::keyPressEvent(event);
    const int last = static_cast<int>(m_holes.size()) - 1;
    switch (event->key()) {
    case Qt::Key_Left: m_held = std::min(last, m_held + 1); break; // towards the mouth
    case Qt::Key_Right: m_held = std::max(0, m_held - 1); break;
    case Qt::Key_Space: Q_EMIT holeClicked(m_held); break;
    default: return QWidget::keyPressEvent(event);
    }
    update();
}

void FingeringCard::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    if (!m_fingering)
        return;
    const Fingering& f = *m_fingering;
    painter.setFont(Style::display());
    painter.setPen(c.ink);
    const QString name = text::noteName(f.id.text);
    painter.drawText(QRectF(0.0, 0.0, width(), Style::px(84.0)), Qt::AlignLeft | Qt::AlignVCenter, name);
    const double beside = painter.fontMetrics().horizontalAdvance(name) + 28.0;
    painter.setFont(Style::body());
    painter.setPen(c.pencil);
    const double after = painter.fontMetrics().height() + 2.0;
    const QString which = f.registerNumber == 1   ? tr("first register")
                          : f.registerNumber == 2 ? tr("second register: blow harder")
                                                  : tr("third register");
    painter.drawText(QRectF(beside, Style::px(16.0), width() - beside, after), Qt::AlignLeft | Qt::AlignVCenter, which);
    painter.drawText(
        QRectF(beside, Style::px(16.0) + after, width() - beside, after), Qt::AlignLeft | Qt::AlignVCenter,
        tr("target %1 Hz, ±%2 cents").arg(text::number(f.target.hertz(), 1)).arg(text::number(f.tolerance.cents(), 0)));
    if (m_holes.empty())
        return;
    const double r = radius();
    painter.setFont(Style::small());
    for (std::size_t i = 0; i < m_holes.size(); ++i) {
        const QPointF at = signAt(i);
        drawHoleSign(painter, at, r, m_open[i], 2.5);
        painter.setPen(c.pencil);
        const QString digit = QString::fromStdString(m_holes[i].digit);
        painter.drawText(QRectF(at.x() - step() / 2.0, at.y() + r + 4.0, step(), Style::px(18.0)), Qt::AlignCenter,
                         QString::fromStdString(m_holes[i].id.text) +
                             (digit.isEmpty() ? QString() : QStringLiteral(" ") + digit));
        if (m_editable && hasFocus() && m_held == static_cast<int>(i)) {
            painter.setPen(QPen(c.cool, 2.0));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(at, r + 4.0, r + 4.0);
        }
    }
}

} // namespace dowel::app

#include "moc_fingering_card.cpp"
