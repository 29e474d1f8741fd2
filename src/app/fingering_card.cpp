// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/fingering_card.h"

#include "app/style.h"
#include "text/units.h"

#include <QPainter>
#include <algorithm>

namespace dowel::app {

FingeringCard::FingeringCard(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("fingeringCard"));
    setAccessibleName(tr("Asked fingering"));
}

void FingeringCard::show(const Instrument& instrument, const std::optional<FingeringId>& fingering)
{
    m_instrument = instrument;
    m_fingering = fingering;
    const Fingering* f = fingering ? instrument.find(*fingering) : nullptr;
    QStringList closed;
    if (f != nullptr)
        for (const auto& id : f->closed)
            closed << QString::fromStdString(id.text);
    setAccessibleDescription(f == nullptr ? QString()
                                          : tr("%1, register %2, closed: %3")
                                                .arg(text::noteName(f->id.text))
                                                .arg(f->registerNumber)
                                                .arg(closed.isEmpty() ? tr("none") : closed.join(QStringLiteral(", "))));
    update();
}

void FingeringCard::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    const Fingering* f = m_instrument && m_fingering ? m_instrument->find(*m_fingering) : nullptr;
    if (f == nullptr)
        return;
    painter.setFont(Style::display());
    painter.setPen(c.ink);
    const QString name = text::noteName(f->id.text);
    painter.drawText(QRectF(0.0, 0.0, 200.0, 84.0), Qt::AlignLeft | Qt::AlignVCenter, name);
    painter.setFont(Style::body());
    painter.setPen(c.pencil);
    const double after = painter.fontMetrics().height() + 2.0;
    const QString which = f->registerNumber == 1   ? tr("low register")
                          : f->registerNumber == 2 ? tr("high register: blow harder")
                                                   : tr("third register");
    painter.drawText(QRectF(212.0, 16.0, width() - 212.0, after), Qt::AlignLeft | Qt::AlignVCenter, which);
    painter.drawText(QRectF(212.0, 16.0 + after, width() - 212.0, after), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("target %1 Hz, ±%2 cents").arg(f->target.hertz(), 0, 'f', 1).arg(f->tolerance.cents(), 0, 'f', 0));

    const auto closed = m_instrument->closedHoles(*f);
    const auto& holes = m_instrument->spec().holes;
    if (holes.empty())
        return;
    const double step = std::min(64.0, (width() - 16.0) / static_cast<double>(holes.size()));
    const double r = std::min(19.0, step * 0.36);
    const double y = 92.0 + r;
    painter.setFont(Style::small());
    for (std::size_t k = 0; k < holes.size(); ++k) {
        const std::size_t i = holes.size() - 1 - k; // mouth on the left
        const double x = 4.0 + r + static_cast<double>(k) * step;
        painter.setPen(QPen(c.ink, 2.5));
        painter.setBrush(closed[i] ? c.ink : c.paper);
        painter.drawEllipse(QPointF(x, y), r, r);
        painter.setPen(c.pencil);
        const QString digit = QString::fromStdString(holes[i].digit);
        painter.drawText(QRectF(x - step / 2.0, y + r + 4.0, step, 18.0), Qt::AlignCenter,
                         QString::fromStdString(holes[i].id.text) + (digit.isEmpty() ? QString() : QStringLiteral(" ") + digit));
    }
}

} // namespace dowel::app
