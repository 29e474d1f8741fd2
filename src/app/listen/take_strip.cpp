// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/take_strip.h"

#include "app/parts/style.h"
#include "core/base/ratio.h"
#include "text/units.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace dowel::app {

TakeStrip::TakeStrip(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("takeStrip"));
    setAccessibleName(tr("The last take"));
}

void TakeStrip::show(const std::optional<TakePicture>& take, const ReadingEntry* reading, const Fingering* fingering)
{
    m_take = take;
    m_note = reading == nullptr ? std::nullopt : reading->note;
    if (fingering != nullptr) {
        m_target_Hz = fingering->target.hertz();
        m_tolerance = fingering->tolerance.cents();
    }
    setAccessibleDescription(m_note ? tr("%1 hertz, %2 cents from the target")
                                          .arg(text::number(m_note->pitch.hertz(), 2))
                                          .arg(text::cents(centsOver(m_note->pitch.hertz(), m_target_Hz)))
                                    : tr("nothing heard yet"));
    update();
}

void TakeStrip::showLive(const std::deque<hearing::LiveValue>& trace, const session::Heard& heard, const Fingering* fingering)
{
    m_live = trace;
    m_heard = heard;
    if (fingering != nullptr) {
        m_target_Hz = fingering->target.hertz();
        m_tolerance = fingering->tolerance.cents();
    }
    update();
}

double TakeStrip::centsAt(const QRectF& field, double reach, double cents)
{
    return field.center().y() - std::clamp(cents / reach, -1.0, 1.0) * field.height() / 2.0;
}

void TakeStrip::paintCents(QPainter& painter, const QRectF& field, double reach) const
{
    const Colours& c = Style::current().colours();
    const auto y = [&](double cents) {
        return centsAt(field, reach, cents);
    };
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.within);
    painter.drawRect(QRectF(QPointF(field.left(), y(m_tolerance)), QPointF(field.right(), y(-m_tolerance))));
    painter.setPen(QPen(c.ink, 1.0));
    painter.drawLine(QPointF(field.left(), y(0.0)), QPointF(field.right(), y(0.0)));
    painter.setPen(c.pencil);
    for (const double v : {reach, 0.0, -reach})
        painter.drawText(QRectF(0.0, y(v) - 9.0, field.left() - 8.0, 18.0), Qt::AlignRight | Qt::AlignVCenter,
                         v == 0.0 ? QStringLiteral("0") : text::wholeCents(v));
}

namespace {

/// Whether the pitch has stood for a quarter of a second up to here, as a note must that is taken.
bool isSteady(const std::deque<hearing::LiveValue>& values, std::size_t here)
{
    constexpr double looked_s = 0.25;
    constexpr double still_cents = 6.0;
    double low = values[here].pitch_Hz;
    double high = low;
    std::size_t i = here;
    while (i > 0 && values[here].at_s - values[i - 1].at_s <= looked_s) {
        --i;
        if (values[i].clarity <= 0.5 || values[i].pitch_Hz <= 0.0)
            return false;
        low = std::min(low, values[i].pitch_Hz);
        high = std::max(high, values[i].pitch_Hz);
    }
    return values[here].at_s - values[i].at_s > 0.8 * looked_s && centsOver(high, low) <= still_cents;
}

} // namespace

void TakeStrip::paintLive(QPainter& painter) const
{
    const Colours& c = Style::current().colours();
    const double meter = 128.0;
    const QRectF field(52.0, 22.0, width() - meter - 92.0, height() - 46.0);
    constexpr double reach = 60.0; // a note may stand far off before the first cuts
    constexpr double shown_s = 6.0;
    const double end = m_live.back().at_s;
    const auto y = [&](double cents) {
        return centsAt(field, reach, cents);
    };
    paintCents(painter, field, reach);
    painter.drawText(QRectF(field.left(), 0.0, field.width(), 18.0), Qt::AlignLeft,
                     tr("now: cents from the target   ● steady   ○ not yet"));
    painter.drawText(QRectF(field.left(), field.bottom() + 4.0, field.width(), 18.0), Qt::AlignRight,
                     tr("the last %1 s").arg(text::number(shown_s, 0)));
    for (std::size_t i = 0; i < m_live.size(); ++i) {
        const auto& v = m_live[i];
        const double cents = v.pitch_Hz > 0.0 ? centsOver(v.pitch_Hz, m_target_Hz) : 1e9;
        if (v.clarity <= 0.5 || std::abs(cents) > reach)
            continue;
        const bool steady = isSteady(m_live, i);
        painter.setPen(steady ? QPen(Qt::NoPen) : QPen(c.pencil, 1.0));
        painter.setBrush(steady ? QBrush(c.ink) : QBrush(Qt::NoBrush));
        const double r = steady ? 2.0 : 1.6;
        painter.drawEllipse(QPointF(field.right() - (end - v.at_s) / shown_s * field.width(), y(cents)), r, r);
    }
    painter.setPen(c.pencil);
    if (m_heard.steady > 0.0 && m_heard.steady < 1.0) { // how much of the steady second there is
        painter.setBrush(m_heard.ear == session::Ear::Near ? c.cool : c.warm);
        painter.drawRect(QRectF(field.left(), field.bottom() + 2.0, field.width() * m_heard.steady, 3.0));
    }
    // Level: the room below, full scale above.
    const QRectF level(width() - meter + 28.0, 22.0, 18.0, height() - 46.0);
    constexpr double lowest_dB = -90.0;
    const auto at = [&](double dB) {
        return level.bottom() - std::clamp(1.0 - dB / lowest_dB, 0.0, 1.0) * level.height();
    };
    painter.setPen(c.pencil);
    painter.drawText(QRectF(level.left() - 24.0, 0.0, meter, 18.0), Qt::AlignLeft, tr("level, dB"));
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.sheet);
    painter.drawRect(level);
    painter.setBrush(m_heard.clipped ? c.warm : c.cool);
    painter.drawRect(QRectF(QPointF(level.left(), at(m_heard.level_dB)), level.bottomRight()));
    painter.setPen(QPen(c.ink, 1.5));
    painter.drawLine(QPointF(level.left() - 4.0, at(m_heard.room_dB)), QPointF(level.right() + 4.0, at(m_heard.room_dB)));
    painter.setPen(c.pencil);
    painter.drawText(QRectF(level.right() + 6.0, at(m_heard.room_dB) - 16.0, 64.0, 18.0), Qt::AlignLeft | Qt::AlignVCenter,
                     m_heard.clipped ? tr("too loud") : tr("room %1").arg(text::wholeCents(m_heard.room_dB)));
}

void TakeStrip::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    painter.setFont(Style::small());
    if (!m_live.empty() && m_target_Hz > 0.0)
        return paintLive(painter);
    if (!m_take || !m_note || m_target_Hz <= 0.0) {
        painter.setPen(c.pencil);
        painter.drawText(rect(), Qt::AlignCenter, tr("Pitch and partials of the last take appear here."));
        return;
    }
    const double barsWidth = std::min(240.0, width() * 0.34);
    const QRectF field(52.0, 22.0, width() - barsWidth - 84.0, height() - 46.0);
    double reach = 15.0;
    const double off = centsOver(m_note->pitch.hertz(), m_target_Hz);
    reach = std::max(reach, std::ceil((std::abs(off) + 8.0) / 10.0) * 10.0);
    const auto y = [&](double cents) {
        return centsAt(field, reach, cents);
    };
    const auto x = [&](double t) {
        return field.left() + t / m_take->duration_s * field.width();
    };

    paintCents(painter, field, reach);
    painter.drawText(QRectF(field.left(), 0.0, field.width(), 18.0), Qt::AlignLeft,
                     tr("last take, %1: deviation in cents").arg(text::noteName(m_take->fingering.text)));
    painter.drawText(QRectF(field.left(), field.bottom() + 4.0, field.width(), 18.0), Qt::AlignRight,
                     tr("%1 s").arg(text::number(m_take->duration_s, 1)));
    // The part that was measured, and every frame that had a pitch.
    painter.setPen(QPen(c.cool, 2.0));
    const double from = x(m_note->start.seconds());
    const double to = x(m_note->end.seconds());
    painter.drawLine(QPointF(from, field.bottom() + 3.0), QPointF(to, field.bottom() + 3.0));
    painter.drawText(QRectF(from, field.bottom() + 4.0, to - from, 18.0), Qt::AlignLeft, tr("measured here"));
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.ink);
    for (const auto& f : m_take->frames) {
        const double cents = f.pitch_Hz > 0.0 ? centsOver(f.pitch_Hz, m_target_Hz) : 1e9;
        if (std::abs(cents) < reach && f.clarity > 0.5)
            painter.drawEllipse(QPointF(x(f.centre_s), y(cents)), 1.6, 1.6);
    }

    const QRectF bars(width() - barsWidth, 22.0, barsWidth - 8.0, height() - 46.0);
    painter.setPen(c.pencil);
    painter.drawText(QRectF(bars.left(), 0.0, bars.width(), 18.0), Qt::AlignLeft, tr("partials, dB"));
    painter.setPen(QPen(c.ink, 1.0));
    painter.drawLine(bars.bottomLeft(), bars.bottomRight());
    constexpr double floor_dB = -60.0;
    const double each = bars.width() / static_cast<double>(partialsKept);
    for (std::size_t k = 0; k < partialsKept; ++k) {
        const double share = std::clamp(1.0 - m_note->partials_dB[k] / floor_dB, 0.0, 1.0);
        painter.fillRect(QRectF(bars.left() + static_cast<double>(k) * each + 3.0, bars.bottom() - share * bars.height(),
                                each - 6.0, share * bars.height()),
                         k == 0 ? c.ink : c.cool);
        painter.setPen(c.pencil);
        painter.drawText(QRectF(bars.left() + static_cast<double>(k) * each, bars.bottom() + 4.0, each, 18.0), Qt::AlignCenter,
                         QString::number(k + 1));
    }
}

} // namespace dowel::app

#include "moc_take_strip.cpp"
