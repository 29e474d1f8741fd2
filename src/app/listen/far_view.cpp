// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/far_view.h"

#include "app/parts/fingering_card.h"
#include "app/parts/style.h"
#include "core/base/ratio.h"
#include "text/units.h"

#include <QCloseEvent>
#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace dowel::app {

FarView::FarView(QWidget* parent) : QWidget(parent, Qt::Window)
{
    setObjectName(QStringLiteral("farView"));
    setWindowTitle(tr("Across the room"));
    setAccessibleName(tr("Fingering to play, large"));
    resize(1280, 800);
}

void FarView::showAsked(const std::vector<Hole>& holes, const Fingering* fingering)
{
    m_holes = holes;
    m_fingering = fingering == nullptr ? std::nullopt : std::optional(*fingering);
    m_open = fingering == nullptr ? std::vector<double>() : openShares(holes, *fingering);
    update();
}

void FarView::showHeard(const session::Heard& heard, const QString& words)
{
    m_heard = heard;
    m_words = words;
    setAccessibleDescription(words);
    update();
}

void FarView::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Escape || event->key() == Qt::Key_F11)
        close();
    else
        QWidget::keyPressEvent(event);
}

void FarView::closeEvent(QCloseEvent* event)
{
    QWidget::closeEvent(event);
    Q_EMIT left();
}

void FarView::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    if (!m_fingering)
        return;
    const double w = width();
    const double h = height();
    const auto font = [&](double share, bool bold) {
        QFont f = bold ? Style::display() : Style::body();
        f.setPixelSize(std::max(12, static_cast<int>(share * h)));
        painter.setFont(f);
    };
    const double margin = 0.05 * w;
    font(0.32, true);
    painter.setPen(c.ink);
    painter.drawText(QRectF(margin, 0.02 * h, 0.5 * w, 0.36 * h), Qt::AlignLeft | Qt::AlignVCenter,
                     text::noteName(m_fingering->id.text));
    font(0.05, false);
    painter.setPen(c.pencil);
    painter.drawText(QRectF(0.5 * w, 0.05 * h, 0.45 * w, 0.1 * h), Qt::AlignRight | Qt::AlignVCenter,
                     m_fingering->registerNumber == 1   ? tr("first register")
                     : m_fingering->registerNumber == 2 ? tr("second register")
                                                        : tr("third register"));
    if (m_heard.ear == session::Ear::Counting) {
        font(0.22, true);
        painter.setPen(c.cool);
        painter.drawText(QRectF(0.45 * w, 0.12 * h, 0.5 * w, 0.26 * h), Qt::AlignRight | Qt::AlignVCenter,
                         QString::number(m_heard.beatsLeft));
    }
    const bool near = m_heard.ear == session::Ear::Near || m_heard.ear == session::Ear::Taken;
    if (near) {
        font(0.16, true);
        painter.setPen(c.ink);
        const double off = m_heard.pitch_Hz > 0.0 ? centsOver(m_heard.pitch_Hz, m_fingering->target.hertz()) : 0.0;
        painter.drawText(QRectF(0.45 * w, 0.14 * h, 0.5 * w, 0.22 * h), Qt::AlignRight | Qt::AlignVCenter, text::wholeCents(off));
    }
    // Holes, mouth on the left.
    const double y = 0.5 * h;
    if (!m_holes.empty()) {
        const double step = std::min(0.16 * h, (w - 2.0 * margin) / static_cast<double>(m_holes.size()));
        const double r = 0.4 * step;
        for (std::size_t i = 0; i < m_holes.size(); ++i) {
            const QPointF at(margin + r + static_cast<double>(m_holes.size() - 1 - i) * step, y);
            drawHoleSign(painter, at, r, m_open[i], 0.006 * h);
        }
    }
    // How long it has been steady, and the level against the room.
    const QRectF bar(margin, 0.66 * h, w - 2.0 * margin, 0.035 * h);
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.sheet);
    painter.drawRect(bar);
    painter.setBrush(near ? c.cool : c.warm);
    painter.drawRect(QRectF(bar.left(), bar.top(), bar.width() * m_heard.steady, bar.height()));
    font(0.07, false);
    painter.setPen(c.ink);
    painter.drawText(QRectF(margin, 0.72 * h, w - 2.0 * margin, 0.24 * h), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                     m_words);
}

} // namespace dowel::app

#include "moc_far_view.cpp"
