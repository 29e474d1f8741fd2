// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/timbre_picture.h"

#include "app/parts/style.h"
#include "core/base/random.h"
#include "core/base/statistics.h"
#include "text/units.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {

constexpr double faintest_dB = -48.0;
constexpr double heaviest_px = 9.0;

/// 0 not there, 1 as strong as the strongest.
double weightOf(double partial_dB, double strongest_dB)
{
    return std::clamp(1.0 - (partial_dB - strongest_dB) / faintest_dB, 0.0, 1.0);
}

double strongest(const std::vector<double>& partials)
{
    return partials.empty() ? 0.0 : *std::max_element(partials.begin(), partials.end());
}

/// How much of the sound is breath: 0 none to be heard, 1 as loud as the tone.
double grainOf(const NoteTimbre& n)
{
    const auto tone = n.value[NoteTimbre::Noise];
    return tone ? std::clamp(1.0 - *tone / 45.0, 0.0, 1.0) : 0.0;
}

} // namespace

QString timbreNumbers(const NoteTimbre& n)
{
    struct One
    {
        NoteTimbre::Value value;
        int decimals;
        QString words;
    };
    const One all[] = {{NoteTimbre::Speaks, 2, TimbrePicture::tr("speaks within %1 s")},
                       {NoteTimbre::Noise, 0, TimbrePicture::tr("%1 dB over its noise")},
                       {NoteTimbre::Breath, 0, TimbrePicture::tr("%1 dB over its breath")},
                       {NoteTimbre::Centre, 1, TimbrePicture::tr("partials centred on %1 times the note")},
                       {NoteTimbre::EvenOdd, 0, TimbrePicture::tr("even partials over odd ones by %1 dB")},
                       {NoteTimbre::Level, 1, TimbrePicture::tr("loudness wavers by %1 dB")}};
    QStringList words;
    for (const One& one : all)
        if (const auto v = n.value[static_cast<std::size_t>(one.value)]) {
            const QString sign = *v < 0.0 ? QStringLiteral("−") : QString();
            words << one.words.arg(sign + text::number(std::abs(*v), one.decimals));
        }
    return words.join(QStringLiteral(", "));
}

namespace {

/// What a value that stands out is compared with.
double middleOf(const NoteTimbre& n, std::size_t k, const std::vector<NoteTimbre>& all)
{
    if (n.wanted[k])
        return *n.wanted[k];
    if (!n.beforePartials_dB.empty()) // of a trend: no change
        return 0.0;
    std::vector<double> others;
    for (const NoteTimbre& o : all)
        if (o.registerNumber == n.registerNumber && o.value[k])
            others.push_back(*o.value[k]);
    return median(others);
}

} // namespace

bool isDull(const NoteTimbre& n, const std::vector<NoteTimbre>& all)
{
    const auto& centre = n.value[NoteTimbre::Centre];
    return n.standsOut[NoteTimbre::Centre] && centre && *centre < middleOf(n, NoteTimbre::Centre, all);
}

QString timbreCharacter(const NoteTimbre& n, const std::vector<NoteTimbre>& all)
{
    QStringList words;
    for (std::size_t k = 0; k < NoteTimbre::Values; ++k) {
        if (!n.standsOut[k] || !n.value[k])
            continue;
        const double middle = middleOf(n, k, all);
        const bool more = *n.value[k] > middle;
        switch (static_cast<NoteTimbre::Value>(k)) {
        case NoteTimbre::Speaks:
            words << (more ? TimbrePicture::tr("slower to speak") : TimbrePicture::tr("quicker to speak"));
            break;
        case NoteTimbre::Noise: words << (more ? TimbrePicture::tr("clearer") : TimbrePicture::tr("noisier")); break;
        case NoteTimbre::Breath: words << (more ? TimbrePicture::tr("less breathy") : TimbrePicture::tr("breathier")); break;
        case NoteTimbre::Centre: words << (more ? TimbrePicture::tr("brighter") : TimbrePicture::tr("duller")); break;
        case NoteTimbre::EvenOdd: words << (more ? TimbrePicture::tr("fuller") : TimbrePicture::tr("hollower")); break;
        case NoteTimbre::Level: words << (more ? TimbrePicture::tr("less steady") : TimbrePicture::tr("steadier")); break;
        case NoteTimbre::Values: break;
        }
    }
    return words.join(QStringLiteral(", "));
}

TimbrePicture::TimbrePicture(QWidget* parent) : Picture(parent)
{
    setObjectName(QStringLiteral("timbrePicture"));
    setAccessibleName(tr("Timbre of every note"));
}

void TimbrePicture::show(std::vector<NoteTimbre> notes, Face face)
{
    m_notes = std::move(notes);
    m_face = face;
    constexpr std::size_t fewest = 4;
    m_partials = fewest; // as many as sound on any of them
    for (const NoteTimbre& n : m_notes)
        for (const auto* partials : {&n.partials_dB, &n.beforePartials_dB})
            for (std::size_t k = 0; k < partials->size(); ++k)
                if (weightOf((*partials)[k], strongest(*partials)) > 0.0)
                    m_partials = std::max(m_partials, k + 1);
    partsChanged();
    update();
}

QString TimbrePicture::partWords(int part) const
{
    const NoteTimbre& n = m_notes[static_cast<std::size_t>(part)];
    const QString name = text::noteName(n.id.text);
    if (n.takes == 0)
        return tr("%1: no take yet").arg(name);
    if (m_face == Face::Trend && n.takes < 2)
        return tr("%1: one take, nothing to compare").arg(name);
    const QString character = timbreCharacter(n, m_notes);
    const QString numbers = timbreNumbers(n);
    if (m_face == Face::Trend)
        return character.isEmpty() ? tr("%1: as it first sounded", "note").arg(name)
                                   : tr("%1 has become %2", "note, what it became").arg(name, character);
    return character.isEmpty() ? tr("%1: %2", "note, numbers").arg(name, numbers)
                               : tr("%1 is %2: %3", "note, what stands out, numbers").arg(name, character, numbers);
}

QRectF TimbrePicture::field() const
{
    const double name = QFontMetricsF(Style::body()).height();
    return {8.0, 26.0, width() - 16.0, height() - 26.0 - 2.0 * name - 12.0};
}

QRectF TimbrePicture::partPlace(int part) const
{
    const QRectF f = field();
    return columnOf({f.left(), f.top(), f.width(), height() - f.top() - 2.0}, part);
}

void TimbrePicture::paintColumn(QPainter& painter, const NoteTimbre& note, const QRectF& column) const
{
    const Colours& c = Style::current().colours();
    const QRectF room = column.adjusted(column.width() * 0.16, 6.0, -column.width() * 0.16, 0.0);
    const double step = room.height() / static_cast<double>(m_partials + 1);
    const auto height = [&](std::size_t k) {
        return room.bottom() - (static_cast<double>(k) + 1.0) * step;
    };
    // Breath: grain over the whole column, the same at every look.
    Random grains(0x6EA1 + static_cast<std::uint64_t>(column.left()));
    painter.setPen(Qt::NoPen);
    painter.setBrush(c.pencil);
    const int count = static_cast<int>(grainOf(note) * grainOf(note) * room.width() * room.height() / 10.0);
    for (int i = 0; i < count; ++i) {
        const QPointF at(grains.uniform(room.left(), room.right()), grains.uniform(room.top(), room.bottom()));
        painter.drawEllipse(at, 0.6, 0.6);
    }
    const double before = strongest(note.beforePartials_dB);
    painter.setBrush(Qt::NoBrush);
    for (std::size_t k = 0; k < note.beforePartials_dB.size(); ++k) {
        const double half = heaviest_px / 2.0 * weightOf(note.beforePartials_dB[k], before) + 1.5;
        painter.setPen(QPen(c.cool, 1.0));
        painter.drawRect(QRectF(room.left() - 3.0, height(k) - half, room.width() + 6.0, 2.0 * half));
    }
    const double now = strongest(note.partials_dB);
    for (std::size_t k = 0; k < note.partials_dB.size(); ++k) {
        const double weight = weightOf(note.partials_dB[k], now);
        if (weight <= 0.0)
            continue;
        painter.setPen(QPen(c.ink, heaviest_px * weight, Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(QPointF(room.left(), height(k)), QPointF(room.right(), height(k)));
    }
    // How it speaks: a slope that rises within the time it takes, half a second across the column.
    const auto speaks = note.value[NoteTimbre::Speaks];
    if (speaks && m_face == Face::Now) {
        constexpr double widest_s = 0.5;
        const double across = std::clamp(*speaks / widest_s, 0.02, 1.0) * room.width();
        QPainterPath slope(QPointF(room.left(), room.bottom() + 2.0));
        slope.lineTo(room.left() + across, room.bottom() - step * 0.5);
        slope.lineTo(room.right(), room.bottom() - step * 0.5);
        slope.lineTo(room.right(), room.bottom() + 2.0);
        slope.closeSubpath();
        painter.setPen(Qt::NoPen);
        painter.setBrush(c.wood);
        painter.drawPath(slope);
    }
}

void TimbrePicture::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Style::current().colours();
    painter.fillRect(rect(), c.paper);
    painter.setFont(Style::small());
    painter.setPen(c.pencil);
    const QString behind = m_face == Face::Trend ? tr("outline: first take") : tr("outline: reference");
    const bool outlined = std::any_of(m_notes.begin(), m_notes.end(), [](const auto& n) { return !n.beforePartials_dB.empty(); });
    painter.drawText(QRectF(8.0, 2.0, width() - 16.0, 20.0), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("lines: partials   dots: breath   slope: attack   ◆ stands out") +
                         (outlined ? QStringLiteral("   ") + behind : QString()));
    const QRectF f = field();
    for (std::size_t i = 0; i < m_notes.size(); ++i) {
        const NoteTimbre& n = m_notes[i];
        const QRectF place = columnOf(f, static_cast<int>(i));
        const double column = place.width();
        if (i > 0 && n.registerNumber != m_notes[i - 1].registerNumber) {
            painter.setPen(QPen(c.pencil, 1.0, Qt::DotLine));
            painter.drawLine(place.topLeft(), QPointF(place.left(), height()));
        }
        const QRectF under(place.left(), place.bottom() + 6.0, column, QFontMetricsF(Style::body()).height());
        const bool heard = n.takes > (m_face == Face::Trend ? 1 : 0);
        if (heard)
            paintColumn(painter, n, place);
        painter.setPen(heard ? c.ink : c.pencil);
        painter.setFont(Style::body());
        painter.drawText(under, Qt::AlignCenter, text::noteName(n.id.text));
        const bool out = std::any_of(n.standsOut.begin(), n.standsOut.end(), [](bool b) { return b; });
        painter.setPen(out ? c.warm : c.pencil);
        painter.drawText(under.translated(0.0, under.height()), Qt::AlignCenter,
                         !heard ? QStringLiteral("–")
                         : out  ? QStringLiteral("◆")
                                : QString());
    }
    paintFocus(painter);
}

} // namespace dowel::app

#include "moc_timbre_picture.cpp"
