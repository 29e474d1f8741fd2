// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/drift_picture.h"

#include "app/parts/style.h"
#include "text/units.h"

#include <QDateTime>
#include <QLocale>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

QDate dayOf(const Drift& d)
{
    return QDateTime::fromString(QString::fromStdString(d.at), Qt::ISODateWithMs).toLocalTime().date();
}

} // namespace

DriftPicture::DriftPicture(QWidget* parent) : Picture(parent)
{
    setObjectName(QStringLiteral("driftPicture"));
    setAccessibleName(tr("Drift since the first session on each shape"));
}

void DriftPicture::show(std::vector<Drift> drifts)
{
    m_drifts = std::move(drifts);
    partsChanged();
    update();
}

QString DriftPicture::partWords(int part) const
{
    const Drift& d = m_drifts[static_cast<std::size_t>(part)];
    return tr("%1: mean %2 cents, from %3 to %4, %n note(s)", "date, cents", d.notes)
        .arg(QLocale().toString(dayOf(d), QLocale::ShortFormat), text::cents(d.mean.cents()), text::cents(d.least.cents()),
             text::cents(d.most.cents()));
}

QRectF DriftPicture::field() const
{
    return {56.0, 26.0, width() - 64.0, height() - 26.0 - 24.0};
}

QRectF DriftPicture::partPlace(int part) const
{
    const QRectF f = field();
    return columnOf({f.left(), f.top(), f.width(), height() - f.top() - 2.0}, part);
}

void DriftPicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    painter.setFont(Style::small());
    painter.setPen(c.pencil);
    painter.drawText(QRectF(8.0, 2.0, width() - 16.0, 20.0), Qt::AlignLeft | Qt::AlignVCenter,
                     m_drifts.empty() ? tr("Drift appears here once the same shape is heard on another day.")
                                      : tr("drift in cents at constant temperature   ● mean   bar: range of all notes"));
    if (m_drifts.empty())
        return;
    double reach = 5.0;
    for (const Drift& d : m_drifts)
        reach = std::max({reach, std::abs(d.least.cents()), std::abs(d.most.cents())});
    const QRectF f = field();
    const auto y = [&](double cents) {
        return f.center().y() - cents / reach * f.height() / 2.0;
    };
    for (const double v : {-reach, 0.0, reach}) {
        painter.setPen(QPen(v == 0.0 ? c.ink : c.hairline, 1.0));
        painter.drawLine(QPointF(f.left(), y(v)), QPointF(f.right(), y(v)));
        painter.setPen(c.pencil);
        painter.drawText(QRectF(0.0, y(v) - 9.0, f.left() - 8.0, 18.0), Qt::AlignRight | Qt::AlignVCenter, text::wholeCents(v));
    }
    QPointF before;
    for (std::size_t i = 0; i < m_drifts.size(); ++i) {
        const Drift& d = m_drifts[i];
        const QRectF place = partPlace(static_cast<int>(i));
        const double x = place.center().x();
        painter.setPen(QPen(c.pencil, 1.5));
        painter.drawLine(QPointF(x, y(d.least.cents())), QPointF(x, y(d.most.cents())));
        const QPointF mean(x, y(d.mean.cents()));
        if (i > 0 && m_drifts[i - 1].shape == d.shape) {
            painter.setPen(QPen(c.ink, 1.0));
            painter.drawLine(before, mean);
        }
        before = mean;
        painter.setPen(Qt::NoPen);
        painter.setBrush(c.ink);
        painter.drawEllipse(mean, 4.5, 4.5);
        painter.setPen(c.pencil);
        const bool room = place.width() > 70.0 || i == 0 || i + 1 == m_drifts.size();
        if (room)
            painter.drawText(QRectF(x - 40.0, f.bottom() + 4.0, 80.0, 18.0), Qt::AlignCenter,
                             QLocale().toString(dayOf(d), QLocale::ShortFormat));
    }
    paintFocus(painter);
}

} // namespace dowel::app

#include "moc_drift_picture.cpp"
