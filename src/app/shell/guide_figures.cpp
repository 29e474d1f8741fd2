// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/guide_figures.h"

#include "app/design/edge_picture.h"
#include "app/listen/timbre_picture.h"
#include "app/parts/fingering_card.h"
#include "app/parts/style.h"
#include "app/parts/tuning_picture.h"
#include "app/parts/workpiece.h"
#include "app/shell/guide.h"
#include "text/names.h"

#include <QPainter>
#include <array>
#include <cmath>

namespace dowel::app {

namespace {

Metres mm(double v)
{
    return Metres::fromMillimetres(v);
}

/// A whistle to look at: its holes a little small, as one begins.
Instrument whistle()
{
    InstrumentSpec s;
    s.family = Family::Whistle;
    Duct mouth;
    mouth.windowWidth = mm(8.8);
    mouth.windowLength = mm(4.6);
    mouth.chimney = mm(2.6);
    mouth.rampRunPerRise = 2.0;
    mouth.windwayHeight = mm(1.2);
    s.excitation = mouth;
    s.bore = {{mm(0.0), mm(13.0)}, {mm(272.0), mm(12.0)}};
    s.wall = mm(2.6);
    constexpr std::array<double, 6> at{233.0, 205.0, 180.0, 152.0, 132.0, 108.0};
    constexpr std::array<double, 6> wide{5.4, 6.2, 5.8, 6.0, 6.4, 5.6};
    Fingering e5;
    e5.id = FingeringId{"E5"};
    e5.targetName = "E5";
    e5.target = Hertz::fromHertz(659.26);
    e5.tolerance = Cents::fromCents(6.0);
    for (std::size_t i = 0; i < at.size(); ++i) {
        Hole h;
        h.id = HoleId{"h" + std::to_string(i + 1)};
        h.at = mm(at[i]);
        h.diameter = h.undercutDiameter = mm(wide[i]);
        h.chimney = s.wall;
        s.holes.push_back(h);
        if (i > 0)
            e5.closed.push_back(h.id);
    }
    s.fingerings = {e5};
    return Instrument::make(std::move(s)).value();
}

QImage blank(QSize size, double pixelRatio)
{
    QImage image(size * pixelRatio, QImage::Format_ARGB32_Premultiplied);
    image.setDevicePixelRatio(pixelRatio);
    image.fill(Style::current().colours().paper);
    return image;
}

QImage rendered(QWidget& widget, QSize size, double pixelRatio)
{
    widget.resize(size);
    QImage image = blank(size, pixelRatio);
    widget.render(&image);
    return image;
}

/// A word with a thin line to the place it names.
void name(QPainter& painter, QPointF place, QPointF word, const QString& words)
{
    const Colours& c = Style::current().colours();
    painter.setPen(QPen(c.pencil, 1.0));
    painter.drawLine(place, word);
    painter.setBrush(c.pencil);
    painter.drawEllipse(place, 1.8, 1.8);
    painter.setPen(c.ink);
    const double high = painter.fontMetrics().height();
    const QRectF box(word.x() - 80.0, word.y() > place.y() ? word.y() : word.y() - high, 160.0, high);
    painter.drawText(box, Qt::AlignCenter, words);
}

QImage parts(int width, double pixelRatio)
{
    const double unit = width / 480.0; // drawn on a ground 480 wide
    QImage image = blank(QSize(width, static_cast<int>(170.0 * unit)), pixelRatio);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(Style::small());
    const Colours& c = Style::current().colours();
    const auto at = [&](double x, double y) {
        return QPointF(x * unit, y * unit);
    };
    painter.setPen(QPen(c.ink, 1.4));
    painter.setBrush(c.wood);
    painter.drawPolygon(QPolygonF{at(14, 50), at(104, 50), at(104, 60), at(14, 60)});                // roof
    painter.drawPolygon(QPolygonF{at(14, 68), at(104, 68), at(104, 108), at(14, 108)});              // block
    painter.drawPolygon(QPolygonF{at(142, 64), at(166, 50), at(296, 50), at(290, 60), at(158, 60)}); // lip and wall
    painter.drawPolygon(QPolygonF{at(326, 50), at(462, 50), at(462, 60), at(332, 60)});              // wall, to foot
    painter.drawPolygon(QPolygonF{at(14, 108), at(462, 108), at(462, 118), at(14, 118)});            // back
    painter.setPen(QPen(c.cool, 1.4, Qt::DashLine));
    painter.drawLine(at(20, 64), at(104, 64));
    for (const double end : {60.0, 64.0, 68.0})
        painter.drawLine(at(104, 64), at(142, end));
    name(painter, at(50, 64), at(50, 34), Guide::tr("windway"));
    name(painter, at(60, 90), at(60, 134), Guide::tr("block"));
    name(painter, at(123, 54), at(118, 18), Guide::tr("window"));
    name(painter, at(142, 64), at(150, 134), Guide::tr("lip"));
    name(painter, at(158, 56), at(190, 34), Guide::tr("lip slope"));
    name(painter, at(240, 84), at(240, 134), Guide::tr("bore"));
    name(painter, at(311, 55), at(311, 18), Guide::tr("hole"));
    name(painter, at(292, 56), at(268, 34), Guide::tr("undercut"));
    name(painter, at(334, 55), at(368, 34), Guide::tr("wall (chimney)"));
    name(painter, at(462, 84), at(430, 134), Guide::tr("foot"));
    return image;
}

/// What an undercut does: the same hole, straight and opened out towards the bore.
QImage holes(int width, double pixelRatio)
{
    const double unit = width / 480.0;
    QImage image = blank(QSize(width, static_cast<int>(128.0 * unit)), pixelRatio);
    QPainter painter(&image);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(Style::small());
    const Colours& c = Style::current().colours();
    const QString words[] = {Guide::tr("straight"), Guide::tr("undercut"), Guide::tr("countersink")};
    for (int i = 0; i < 3; ++i) {
        const double left = (10.0 + 158.0 * i) * unit;
        const auto at = [&](double x, double y) {
            return QPointF(left + x * unit, y * unit);
        };
        const double inner = i == 1 ? 14.0 : 0.0;
        const double outer = i == 2 ? 9.0 : 0.0;
        painter.setPen(QPen(c.ink, 1.4));
        painter.setBrush(c.wood);
        painter.drawPolygon(QPolygonF{at(0, 30), at(50 - outer, 30), at(50, 42), at(50 - inner, 72), at(0, 72)});
        painter.drawPolygon(QPolygonF{at(136, 30), at(86 + outer, 30), at(86, 42), at(86 + inner, 72), at(136, 72)});
        painter.setPen(c.pencil);
        painter.drawText(QRectF(at(0, 4), at(136, 24)), Qt::AlignCenter, Guide::tr("outside"));
        painter.drawText(QRectF(at(0, 76), at(136, 96)), Qt::AlignCenter, Guide::tr("bore"));
        painter.setPen(c.ink);
        painter.drawText(QRectF(at(0, 100), at(136, 122)), Qt::AlignCenter, words[i]);
    }
    return image;
}

/// Flat, in and sharp as they look before the next cut, with what it will do.
std::vector<PictureNote> someNotes()
{
    const std::array<const char*, 7> names{"D5", "E5", "F#5", "G5", "A5", "B5", "C#6"};
    const std::array<double, 7> now{-3.0, -19.0, -12.0, -2.0, -8.0, -14.0, 4.0};
    const std::array<double, 7> after{-3.5, -4.0, -9.0, -1.0, -7.5, -13.5, 4.0};
    std::vector<PictureNote> notes;
    for (std::size_t i = 0; i < names.size(); ++i) {
        PictureNote n;
        n.name = text::noteName(names[i]);
        n.heard = true;
        n.now = now[i];
        n.sd = 1.2;
        n.hasAfter = std::abs(after[i] - now[i]) > 0.1;
        n.after = after[i];
        n.afterSd = 2.5;
        notes.push_back(n);
    }
    return notes;
}

std::vector<NoteTimbre> someSounds()
{
    const std::array<const char*, 6> names{"D5", "E5", "F#5", "G5", "A5", "B5"};
    std::vector<NoteTimbre> notes;
    for (std::size_t i = 0; i < names.size(); ++i) {
        const bool dull = i == 4; // the one to find
        NoteTimbre n;
        n.id = FingeringId{names[i]};
        n.takes = 1;
        n.value[NoteTimbre::Speaks] = dull ? 0.22 : 0.06 + 0.01 * static_cast<double>(i);
        n.value[NoteTimbre::Breath] = -32.0 + static_cast<double>(i);
        n.value[NoteTimbre::Noise] = -38.0;
        n.value[NoteTimbre::Centre] = dull ? 1.3 : 1.9;
        n.standsOut[NoteTimbre::Centre] = dull;
        for (int partial = 0; partial < 6; ++partial)
            n.partials_dB.push_back(-(dull ? 15.0 : 7.0) * partial - (partial % 2 == 1 ? 3.0 : 0.0));
        notes.push_back(std::move(n));
    }
    return notes;
}

} // namespace

QImage guideFigure(const QString& name, int width, double pixelRatio)
{
    if (name == QLatin1String("parts"))
        return parts(width, pixelRatio);
    if (name == QLatin1String("hole"))
        return holes(width, pixelRatio);
    if (name == QLatin1String("workpiece")) {
        Workpiece w;
        w.setInstrument(whistle());
        w.setGhost(Enlarge{HoleId{"h2"}, mm(6.8)});
        return rendered(w, {width, Style::scaled(170)}, pixelRatio);
    }
    if (name == QLatin1String("edge")) {
        EdgePicture e;
        e.show(whistle().spec(), text::LengthUnit::Millimetres);
        e.point(EdgePlace::Lip);
        return rendered(e, {width, Style::scaled(280)}, pixelRatio);
    }
    if (name == QLatin1String("fingering")) {
        const Instrument w = whistle();
        FingeringCard card;
        card.show(w.spec().holes, &w.spec().fingerings.front());
        return rendered(card, {std::min(width, card.sizeHint().width()), card.sizeHint().height()}, pixelRatio);
    }
    if (name == QLatin1String("timbre")) {
        TimbrePicture t;
        t.show(someSounds(), TimbrePicture::Face::Now);
        return rendered(t, {width, Style::scaled(260)}, pixelRatio);
    }
    if (name == QLatin1String("tuning")) {
        TuningPicture t(systemTime());
        t.setNotes(someNotes());
        return rendered(t, {width, Style::scaled(280)}, pixelRatio);
    }
    return {};
}

} // namespace dowel::app
