// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/tuning_picture.h"

#include "app/parts/style.h"
#include "text/units.h"

#include <QEasingCurve>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

constexpr std::chrono::milliseconds frameLasts{16};
constexpr std::chrono::milliseconds glideLasts{200};

/// Disc within tolerance, triangle pointing the way the pitch is off.
void drawSign(QPainter& painter, const QPointF& at, double cents, double tolerance, double size)
{
    if (std::abs(cents) <= tolerance) {
        painter.drawEllipse(at, size * 0.85, size * 0.85);
        return;
    }
    const double up = cents > 0.0 ? -1.0 : 1.0;
    painter.drawPolygon(QPolygonF{at + QPointF(0.0, up * size * 1.2), at + QPointF(-size, -up * size * 0.7),
                                  at + QPointF(size, -up * size * 0.7)});
}

QColor colourOf(double cents, double tolerance)
{
    const Colours& c = Style::current().colours();
    return std::abs(cents) <= tolerance ? c.ink : cents > 0.0 ? c.warm : c.cool;
}

} // namespace

TuningPicture::TuningPicture(TimeSource& time, QWidget* parent)
    : Picture(parent), m_frame(time, Alarm::Kind::Repeating, frameLasts)
{
    connect(this, &Picture::partChosen, this, &TuningPicture::notePicked);
    setObjectName(QStringLiteral("tuningPicture"));
    setAccessibleName(tr("Tuning, note by note"));
    setAfterWords(tr("filled: now   outline: after the cut"), tr("after the cut"));
    connect(&m_frame, &Alarm::rang, this, &TuningPicture::glide);
}

void TuningPicture::glide()
{
    static const QEasingCurve easing(QEasingCurve::InOutCubic);
    const auto since = m_frame.time().elapsed() - m_glideBegan;
    m_progress = since >= glideLasts ? 1.0 : easing.valueForProgress(static_cast<double>(since.count()) / glideLasts.count());
    if (m_progress >= 1.0)
        m_frame.stop();
    update();
}

void TuningPicture::setNotes(std::vector<PictureNote> notes)
{
    std::vector<double> from;
    for (std::size_t i = 0; i < notes.size(); ++i) {
        const bool same = i < m_notes.size() && m_notes[i].name == notes[i].name && m_notes[i].heard;
        from.push_back(same ? m_notes[i].now : notes[i].now);
    }
    m_from = std::move(from);
    m_notes = std::move(notes);
    describe();
    partsChanged();
    if (isVisible()) {
        m_progress = 0.0;
        m_glideBegan = m_frame.time().elapsed();
        m_frame.start();
    } else {
        m_progress = 1.0;
    }
    update();
}

void TuningPicture::setAfterWords(const QString& legend, const QString& spoken)
{
    m_afterLegend = legend;
    m_afterSpoken = spoken;
    describe();
    update();
}

void TuningPicture::holdScale(bool held)
{
    m_held = held;
    update();
}

void TuningPicture::setPicked(int note)
{
    m_picked = note;
    update();
}

QRectF TuningPicture::field() const
{
    return {Style::px(64.0), Style::px(28.0), width() - Style::px(64.0) - 8.0, height() - Style::px(28.0) - Style::px(66.0)};
}

QRectF TuningPicture::partPlace(int part) const
{
    return columnOf(field().adjusted(0.0, 0.0, 0.0, Style::px(48.0)), part);
}

QString TuningPicture::partWords(int part) const
{
    const PictureNote& n = m_notes[static_cast<std::size_t>(part)];
    if (!n.heard)
        return tr("%1 not heard yet").arg(n.name);
    const auto off = [&n](double cents) {
        const QString how = cents < 0.0 ? tr("%1 cents flat") : tr("%1 cents sharp");
        const QString words = how.arg(text::number(std::abs(cents), std::abs(cents) < 9.95 ? 1 : 0));
        return std::abs(cents) <= n.tolerance ? tr("%1, within tolerance").arg(words) : words;
    };
    const QString now = tr("%1, %2", "note, how far off").arg(n.name, off(n.now));
    return n.hasAfter ? tr("%1; %2 %3", "now; after the cut, how far off").arg(now, m_afterSpoken, off(n.after)) : now;
}

void TuningPicture::describe()
{
    QStringList parts;
    for (const PictureNote& n : m_notes) {
        if (!n.heard)
            parts << tr("%1 not heard yet").arg(n.name);
        else if (n.hasAfter)
            parts << tr("%1 %2 cents, %3 %4").arg(n.name, text::cents(n.now), m_afterSpoken, text::cents(n.after));
        else
            parts << tr("%1 %2 cents").arg(n.name, text::cents(n.now));
    }
    setAccessibleDescription(parts.join(QStringLiteral("; ")));
}

void TuningPicture::scaleToNotes()
{
    double lowest = -10.0;
    double highest = 10.0;
    const auto include = [&](double cents, double sd) {
        lowest = std::min(lowest, cents - sd - 2.0);
        highest = std::max(highest, cents + sd + 2.0);
    };
    constexpr double widest = 30.0; // of the tolerances that are shown whole
    for (const PictureNote& n : m_notes) {
        lowest = std::min(lowest, -std::min(n.tolerance, widest));
        highest = std::max(highest, std::min(n.tolerance, widest));
        if (n.heard)
            include(n.now, n.sd);
        if (n.hasAfter)
            include(n.after, 2.0);
    }
    const double span = highest - lowest;
    m_step = span <= 35.0 ? 5.0 : span <= 100.0 ? 10.0 : span <= 200.0 ? 20.0 : 50.0;
    lowest = std::floor(lowest / m_step) * m_step;
    highest = std::ceil(highest / m_step) * m_step;
    m_lowest = m_held ? std::min(lowest, m_lowest) : lowest;
    m_highest = m_held ? std::max(highest, m_highest) : highest;
}

double TuningPicture::heightOf(double cents) const
{
    const QRectF field = this->field();
    return field.top() + (m_highest - cents) / (m_highest - m_lowest) * field.height();
}

void TuningPicture::drawScale(QPainter& painter) const
{
    const Colours& c = Style::current().colours();
    const QRectF field = this->field();
    painter.setFont(Style::small());
    for (double v = m_lowest; v <= m_highest + 0.1; v += m_step) {
        const double y = heightOf(v);
        painter.setPen(QPen(v == 0.0 ? c.ink : c.hairline, v == 0.0 ? 1.5 : 1.0));
        painter.drawLine(QPointF(field.left(), y), QPointF(field.right(), y));
        painter.setPen(c.pencil);
        const QString label = v == 0.0 ? tr("0") : text::wholeCents(v);
        painter.drawText(QRectF(0.0, y - Style::px(9.0), field.left() - 8.0, Style::px(18.0)), Qt::AlignRight | Qt::AlignVCenter,
                         label);
    }
    // Where the legends do not stand beside each other, the second takes the place of what the figures are.
    const QString signs = tr("cents   ▲ sharp   ● in tolerance   ▼ flat");
    const QString what = tr("deviation in cents at playing temperature");
    const QFontMetrics metrics(painter.font());
    const QRectF upper(0.0, 2.0, field.right(), Style::px(18.0));
    const QRectF lower(0.0, height() - Style::px(18.0), width(), Style::px(18.0));
    constexpr int apart = 24;
    const bool beside = metrics.horizontalAdvance(signs) + apart + metrics.horizontalAdvance(m_afterLegend) <= upper.width();
    painter.drawText(upper, Qt::AlignLeft | Qt::AlignVCenter, signs);
    if (beside)
        painter.drawText(upper, Qt::AlignRight | Qt::AlignVCenter, m_afterLegend);
    painter.drawText(beside ? QRectF(field.left(), lower.top(), field.width(), lower.height()) : lower, Qt::AlignCenter,
                     beside ? what : m_afterLegend);
}

void TuningPicture::drawColumn(QPainter& painter, std::size_t i, double x, double column) const
{
    const Colours& c = Style::current().colours();
    const QRectF field = this->field();
    const PictureNote& n = m_notes[i];
    if (static_cast<int>(i) == m_picked) {
        painter.setPen(QPen(c.cool, 2.0));
        painter.drawLine(QPointF(x - column * 0.34, field.bottom() + Style::px(29.0)),
                         QPointF(x + column * 0.34, field.bottom() + Style::px(29.0)));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.within);
    const double top = std::max(field.top(), heightOf(n.tolerance));
    const double bottom = std::min(field.bottom(), heightOf(-n.tolerance));
    painter.drawRect(QRectF(QPointF(x - column * 0.42, top), QPointF(x + column * 0.42, bottom)));
    painter.setPen(QPen(c.ink, 1.0));
    painter.drawLine(QPointF(x - column * 0.42, heightOf(0.0)), QPointF(x + column * 0.42, heightOf(0.0)));
    const bool newRegister = i > 0 && n.registerNumber != m_notes[i - 1].registerNumber;
    if (newRegister) {
        painter.setPen(QPen(c.pencil, 1.0, Qt::DotLine));
        painter.drawLine(QPointF(x - column / 2.0, field.top()), QPointF(x - column / 2.0, field.bottom() + Style::px(46.0)));
    }
    painter.setPen(c.ink);
    painter.setFont(Style::body());
    painter.drawText(QRectF(x - column / 2.0, field.bottom() + Style::px(8.0), column, Style::px(20.0)), Qt::AlignCenter, n.name);
    painter.setFont(Style::small());
}

void TuningPicture::drawNote(QPainter& painter, std::size_t i, double x, double column) const
{
    const Colours& c = Style::current().colours();
    const PictureNote& n = m_notes[i];
    const QRectF below(x - column / 2.0, field().bottom() + Style::px(30.0), column, Style::px(18.0));
    if (!n.heard) {
        painter.setPen(c.pencil);
        painter.drawText(below, Qt::AlignCenter, QStringLiteral("–"));
        return;
    }
    const double cents = m_from[i] + (n.now - m_from[i]) * m_progress;
    const QColor colour = colourOf(n.now, n.tolerance);
    painter.setPen(QPen(colour, 1.5));
    painter.drawLine(QPointF(x, heightOf(cents + n.sd)), QPointF(x, heightOf(cents - n.sd)));
    for (const double end : {cents + n.sd, cents - n.sd})
        painter.drawLine(QPointF(x - 4.0, heightOf(end)), QPointF(x + 4.0, heightOf(end)));
    if (n.hasAfter && std::abs(n.after - n.now) > 0.3) {
        const double side = x + std::min(14.0, column * 0.28);
        const QColor there = colourOf(n.after, n.tolerance);
        painter.setPen(QPen(there, 1.0, Qt::DotLine));
        painter.drawLine(QPointF(x, heightOf(cents)), QPointF(side, heightOf(n.after)));
        painter.setPen(QPen(there, 1.0));
        painter.drawLine(QPointF(side, heightOf(n.after + n.afterSd)), QPointF(side, heightOf(n.after - n.afterSd)));
        painter.setPen(QPen(there, 2.0));
        painter.setBrush(c.paper);
        drawSign(painter, QPointF(side, heightOf(n.after)), n.after, n.tolerance, 6.0);
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(colour);
    drawSign(painter, QPointF(x, heightOf(cents)), n.now, n.tolerance, 7.0);
    painter.setPen(colour);
    // Whole cents where tenths would not be told apart, and would not fit.
    const QString off = std::abs(n.now) < 9.95 ? text::cents(n.now) : text::wholeCents(n.now);
    painter.drawText(below, Qt::AlignCenter, off);
}

void TuningPicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    if (m_notes.empty())
        return painter.fillRect(rect(), Style::current().colours().paper);
    scaleToNotes();
    m_ground.put(painter, *this, standing(), [this](QPainter& still) { drawStanding(still); });
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(Style::small());
    const double column = field().width() / static_cast<double>(m_notes.size());
    for (std::size_t i = 0; i < m_notes.size(); ++i)
        drawNote(painter, i, field().left() + (static_cast<double>(i) + 0.5) * column, column);
    paintFocus(painter);
}

QStringList TuningPicture::standing() const
{
    QStringList parts{QString::number(m_lowest), QString::number(m_highest), QString::number(m_step), QString::number(m_picked),
                      m_afterLegend};
    for (const PictureNote& n : m_notes)
        parts << n.name << QString::number(n.registerNumber) << QString::number(n.tolerance);
    return parts;
}

void TuningPicture::drawStanding(QPainter& painter) const
{
    drawScale(painter);
    const double column = field().width() / static_cast<double>(m_notes.size());
    for (std::size_t i = 0; i < m_notes.size(); ++i)
        drawColumn(painter, i, field().left() + (static_cast<double>(i) + 0.5) * column, column);
}

} // namespace dowel::app

#include "moc_tuning_picture.cpp"
