// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/workpiece.h"

#include "app/parts/style.h"
#include "core/base/cases.h"
#include "core/instrument/whole.h"
#include "text/names.h"
#include "text/sentences.h"
#include "text/units.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace dowel::app {

namespace {
constexpr double margin_px = 56.0;
constexpr double labelBand_px = 44.0;
constexpr double scaleBand_px = 30.0;
} // namespace

Workpiece::Workpiece(QWidget* parent) : Picture(parent)
{
    setObjectName(QStringLiteral("workpiece"));
    setAccessibleName(tr("Workpiece"));
    setMouseTracking(true);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred); // on a low screen the page below comes first
    setMaximumHeight(Workpiece::sizeHint().height());
}

QSize Workpiece::sizeHint() const
{
    // A fifth of a high window: the picture grows, not the gap under it.
    constexpr int least = 176;
    constexpr int share = 5;
    const int high = isVisible() ? window()->height() / share : 0;
    return {1000, std::max(Style::scaled(least), high)};
}

void Workpiece::showEvent(QShowEvent* event)
{
    window()->installEventFilter(this);
    follow();
    Picture::showEvent(event);
}

bool Workpiece::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Resize && watched == window())
        follow();
    return Picture::eventFilter(watched, event);
}

void Workpiece::follow()
{
    setMaximumHeight(Workpiece::sizeHint().height());
    updateGeometry();
}

void Workpiece::setInstrument(const Instrument& instrument)
{
    m_instrument = instrument;
    describe();
    update();
}

void Workpiece::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    describe();
    update();
}

void Workpiece::setFingering(const std::optional<FingeringId>& fingering)
{
    m_fingering = fingering;
    update();
}

void Workpiece::setGhost(const std::optional<Cut>& cut)
{
    m_ghost = cut;
    describe();
    update();
}

void Workpiece::setSensitivities(std::vector<RegisterSensitivity> sensitivities)
{
    m_sensitivities = std::move(sensitivities);
    describe();
    update();
}

void Workpiece::setBench(const std::optional<Instrument>& bench)
{
    m_bench = bench;
    if (!bench) {
        m_held.reset();
        m_dragging = false;
        unsetCursor();
    } else if (!m_held) {
        m_held = Handle{Handle::Kind::Foot, 0};
    }
    update();
}

double Workpiece::labelBand() const
{
    // A register's figures take a line more than the sizes do.
    const double lines = m_sensitivities.empty() ? 0.0 : static_cast<double>(m_sensitivities.size() - 1);
    return Style::textScale() * (labelBand_px + 17.0 * lines);
}

double Workpiece::scaleBand() const
{
    return Style::textScale() * (m_spans ? scaleBand_px + 18.0 : scaleBand_px);
}

void Workpiece::setSpans(bool shown, const std::optional<HandSpan>& reach)
{
    m_spans = shown;
    m_reach = reach;
    update();
}

void Workpiece::drawSpans(QPainter& painter, const Scale& s) const
{
    if (!m_spans)
        return;
    const Colours& c = Style::current().colours();
    const auto& holes = m_instrument->spec().holes;
    painter.setFont(Style::small());
    const double y = height() - Style::textScale() * scaleBand_px - 6.0;
    for (const auto& [low, high] : handsOf(m_instrument->spec())) {
        const Metres span = holes[low].at - holes[high].at;
        const bool beyond = m_reach && span > m_reach->span + Metres::fromMillimetres(0.05);
        painter.setPen(QPen(beyond ? c.warm : c.pencil, 1.0));
        const double left = s.x(holes[high].at);
        const double right = s.x(holes[low].at);
        const QString words = m_reach ? tr("%1 of %2").arg(tenth(span), tenth(m_reach->span)) : tenth(span);
        const double half = painter.fontMetrics().horizontalAdvance(words) / 2.0 + 6.0;
        const double middle = (left + right) / 2.0;
        painter.drawLine(QPointF(left, y - 5.0), QPointF(left, y));
        painter.drawLine(QPointF(right, y - 5.0), QPointF(right, y));
        painter.drawLine(QPointF(left, y), QPointF(std::max(left, middle - half), y));
        painter.drawLine(QPointF(std::min(right, middle + half), y), QPointF(right, y));
        painter.drawText(QRectF(middle - 150.0, y - Style::scaled(9), 300.0, Style::scaled(18)), Qt::AlignCenter, words);
    }
}

QString Workpiece::tenth(Metres length) const
{
    return text::length(Metres::fromMillimetres(std::round(length.millimetres() * 10.0) / 10.0), m_unit);
}

void Workpiece::describe()
{
    if (!m_instrument)
        return;
    QStringList parts{tr("Tube %1 long").arg(text::length(m_instrument->length(), m_unit))};
    for (const Hole& h : m_instrument->spec().holes)
        parts << tr("%1 %2 at %3", "hole, diameter, place")
                     .arg(QString::fromStdString(h.id.text), text::length(h.diameter, m_unit), text::length(h.at, m_unit));
    for (const Node& n : m_instrument->spec().nodes)
        parts << (n.kept ? tr("node kept at %1") : tr("node opened at %1")).arg(text::length(n.at, m_unit));
    if (const auto& piece = m_instrument->spec().footPiece)
        parts << tr("foot piece %1 long, mouth %2").arg(text::length(piece->length, m_unit), text::length(piece->mouth, m_unit));
    if (m_ghost)
        parts << tr("proposed: %1 to %2").arg(text::work(*m_ghost, m_unit), text::length(wantedSize(*m_ghost), m_unit));
    setAccessibleDescription(parts.join(QStringLiteral("; ")));
}

Workpiece::Scale Workpiece::scale() const
{
    // What is tried is drawn on the bench's scale, so that it moves and the rest stands still.
    const Instrument& shown = m_bench ? *m_bench : *m_instrument;
    const auto& piece = shown.spec().footPiece;
    const double length = (shown.length() + (piece ? piece->length : Metres{})).metres();
    Metres widest;
    for (const Station& s : shown.spec().bore)
        widest = std::max(widest, s.diameter);
    constexpr double flare = 1.6; // wider bells are drawn narrower, so that the bore stays to be seen
    if (piece)
        widest = std::max(widest, std::min(piece->mouth, widest * flare));
    const double outside = (widest + 2.0 * shown.spec().wall).metres();
    Scale s{};
    const double above = headOf(shown.spec()).length.metres();
    s.perMetre = (width() - 2.0 * margin_px) / (above + length);
    s.left = margin_px + above * s.perMetre;
    const double room = height() - labelBand() - scaleBand();
    s.across = std::min(room / outside, 2.5 * s.perMetre);
    s.axis = labelBand() + room / 2.0;
    return s;
}

QStringList Workpiece::bodyFrom(const Scale& s) const
{
    const InstrumentSpec& spec = m_instrument->spec();
    QStringList parts;
    const auto add = [&parts](std::initializer_list<double> numbers) {
        for (const double n : numbers)
            parts << QString::number(n, 'g', 10);
    };
    add({s.left, s.perMetre, s.axis, s.across, spec.wall.metres(), static_cast<double>(m_unit)});
    for (const Station& station : spec.bore)
        add({station.at.metres(), station.diameter.metres(), station.wall.value_or(spec.wall).metres()});
    for (const Node& n : spec.nodes)
        add({n.at.metres(), n.kept ? 1.0 : 0.0});
    if (const auto& piece = spec.footPiece)
        add({piece->length.metres(), piece->mouth.metres(), piece->cone ? 1.0 : 0.0});
    const Head head = headOf(spec);
    add({head.length.metres(), head.slowChamberLength.metres(), head.slowChamberDiameter.metres()});
    if (const auto* d = std::get_if<Duct>(&spec.excitation))
        add({d->windowLength.metres(), d->upstream.metres()});
    else if (const auto* t = std::get_if<Transverse>(&spec.excitation))
        add({t->holeLength.metres(), t->stopper.metres()});
    return parts;
}

void Workpiece::drawBody(QPainter& painter, const Scale& s) const
{
    const Colours& c = Style::current().colours();
    const InstrumentSpec& spec = m_instrument->spec();
    QPolygonF bore;
    QPolygonF upperWall;
    QPolygonF lowerWall;
    const double wall = spec.wall.metres() * s.across;
    for (const Station& st : spec.bore) {
        const double r = st.diameter.metres() / 2.0 * s.across;
        bore << QPointF(s.x(st.at), s.axis - r);
        upperWall << QPointF(s.x(st.at), s.axis - r);
        lowerWall << QPointF(s.x(st.at), s.axis + r);
    }
    for (auto it = spec.bore.rbegin(); it != spec.bore.rend(); ++it) {
        const double r = it->diameter.metres() / 2.0 * s.across;
        bore << QPointF(s.x(it->at), s.axis + r);
        upperWall << QPointF(s.x(it->at), s.axis - r - wall);
        lowerWall << QPointF(s.x(it->at), s.axis + r + wall);
    }
    painter.setPen(QPen(c.ink, 1.5));
    painter.setBrush(c.wood);
    painter.drawPolygon(upperWall);
    painter.drawPolygon(lowerWall);
    painter.setPen(QPen(c.hairline, 1.0, Qt::DashDotLine));
    const Head head = headOf(spec);
    const double top = s.x(Metres{} - head.length);
    painter.drawLine(QPointF(top - 6.0, s.axis), QPointF(s.x(m_instrument->length()) + 24.0, s.axis));

    // The wood above the edge, and the mouth: a window's lip and block, an embouchure hole and stopper, or a plain closed top.
    const double r0 = spec.bore.front().diameter.metres() / 2.0 * s.across;
    painter.setPen(QPen(c.ink, 1.5));
    painter.setBrush(c.wood);
    if (head.length > Metres{})
        for (const double side : {s.axis - r0 - wall, s.axis + r0})
            painter.drawRect(QRectF(top, side, s.left - top, wall));
    if (const auto* d = std::get_if<Duct>(&spec.excitation)) {
        const double cut = d->windowLength.metres() * s.perMetre;
        painter.setBrush(c.paper);
        painter.setPen(Qt::NoPen);
        painter.drawRect(QRectF(s.left - cut, s.axis - r0 - wall - 1.0, cut, wall + 2.0));
        painter.setPen(QPen(c.ink, 1.5));
        painter.setBrush(c.wood);
        // The lip is where lengths begin; its ramp is cut out of the wall.
        painter.setBrush(c.paper);
        painter.setPen(Qt::NoPen);
        painter.drawPolygon(QPolygonF{{s.left - 1.0, s.axis - r0 - 0.5},
                                      {s.left - 1.0, s.axis - r0 - wall - 2.0},
                                      {s.left + wall * 1.6 + 1.0, s.axis - r0 - wall - 2.0}});
        painter.setPen(QPen(c.ink, 1.5));
        painter.drawLine(QPointF(s.left, s.axis - r0), QPointF(s.left + wall * 1.6, s.axis - r0 - wall));
        painter.setBrush(c.wood);
        // A block up to the top; a plug below a slow chamber.
        const double face = s.left - cut - d->upstream.metres() * s.perMetre;
        const double block = std::min(face - 6.0, top + head.slowChamberLength.metres() * s.perMetre);
        painter.drawPolygon(
            QPolygonF{{block, s.axis - r0 + 6.0}, {face, s.axis - r0 + 4.0}, {face, s.axis + r0}, {block, s.axis + r0}});
    } else if (const auto* t = std::get_if<Transverse>(&spec.excitation)) {
        const double half = t->holeLength.metres() / 2.0 * s.perMetre;
        painter.setBrush(c.paper);
        painter.drawRect(QRectF(s.left - half, s.axis - r0 - wall - 1.0, 2.0 * half, wall + 2.0));
        painter.setBrush(c.wood);
        const double face = s.left - t->stopper.metres() * s.perMetre;
        const double thick = std::clamp(spec.bore.front().diameter.metres() * s.perMetre, 4.0, std::max(4.0, face - top));
        painter.drawRect(QRectF(face - thick, s.axis - r0, thick, 2.0 * r0));
    } else {
        painter.setBrush(c.sheet);
        painter.drawRect(QRectF(s.left - 20.0, s.axis - r0, 20.0, 2.0 * r0));
    }
}

void Workpiece::drawFootPiece(QPainter& painter, const Scale& s) const
{
    const auto& piece = m_instrument->spec().footPiece;
    if (!piece)
        return;
    const Colours& c = Style::current().colours();
    const Metres foot = m_instrument->length();
    const double wall = m_instrument->spec().wall.metres() * s.across;
    const double most = std::min(s.axis - labelBand(), height() - scaleBand() - s.axis) - wall; // a wide bell is drawn narrower
    const double end = std::min(most, piece->mouth.metres() / 2.0 * s.across);
    const double start = piece->cone ? m_instrument->boreDiameterAt(foot).metres() / 2.0 * s.across : end;
    painter.setPen(QPen(c.ink, 1.5));
    painter.setBrush(c.sheet);
    for (const double side : {-1.0, 1.0})
        painter.drawPolygon(QPolygonF{{s.x(foot), s.axis + side * start},
                                      {s.x(foot + piece->length), s.axis + side * end},
                                      {s.x(foot + piece->length), s.axis + side * (end + wall)},
                                      {s.x(foot), s.axis + side * (start + wall)}});
    painter.setFont(Style::small());
    painter.setPen(c.pencil);
    painter.drawText(QRectF(s.x(foot), s.axis - Style::px(9.0), s.x(foot + piece->length) - s.x(foot), Style::px(18.0)),
                     Qt::AlignCenter, tenth(piece->length));
}

void Workpiece::drawNodes(QPainter& painter, const Scale& s) const
{
    const Colours& c = Style::current().colours();
    const InstrumentSpec& spec = m_instrument->spec();
    for (const Node& n : spec.nodes) {
        const double x = s.x(n.at);
        if (x < 4.0)
            continue; // above what is drawn
        const double r = m_instrument->boreDiameterAt(n.at).metres() / 2.0 * s.across;
        const double wall = m_instrument->wallAt(n.at).metres() * s.across;
        // The cane swells where it was grown shut; kept, it is a wall, opened, a scar in the bore.
        painter.setPen(QPen(c.ink, 1.5));
        painter.setBrush(c.wood);
        for (const double side : {-1.0, 1.0}) {
            QPainterPath swelling(QPointF(x - 9.0, s.axis + side * (r + wall)));
            swelling.quadTo(x, s.axis + side * (r + wall + 8.0), x + 9.0, s.axis + side * (r + wall));
            painter.drawPath(swelling);
        }
        painter.setPen(n.kept ? QPen(c.ink, 3.0) : QPen(c.pencil, 1.0, Qt::DotLine));
        painter.drawLine(QPointF(x, s.axis - r), QPointF(x, s.axis + r));
    }
}

void Workpiece::drawHoles(QPainter& painter, const Scale& s) const
{
    const Colours& c = Style::current().colours();
    const InstrumentSpec& spec = m_instrument->spec();
    const double wall = spec.wall.metres() * s.across;
    const Fingering* fingering = m_fingering ? m_instrument->find(*m_fingering) : nullptr;
    const auto closed =
        fingering == nullptr ? std::vector<bool>(spec.holes.size(), false) : m_instrument->closedHoles(*fingering);
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        const Hole& h = spec.holes[i];
        const double r = m_instrument->boreDiameterAt(h.at).metres() / 2.0 * s.across;
        const double outer = h.diameter.metres() / 2.0 * s.perMetre;
        const double inner = h.undercutDiameter.metres() / 2.0 * s.perMetre;
        const double x = s.x(h.at);
        const double top = h.side == Side::Front ? s.axis - r - wall : s.axis + r;
        const double inside = h.side == Side::Front ? s.axis - r : s.axis + r;
        const double outside = h.side == Side::Front ? s.axis - r - wall : s.axis + r + wall;
        painter.setPen(Qt::NoPen);
        painter.setBrush(c.paper);
        painter.drawRect(QRectF(x - outer, top - 1.5, 2.0 * outer, wall + 3.0));
        painter.setPen(QPen(c.ink, 1.5));
        painter.drawLine(QPointF(x - outer, outside), QPointF(x - inner, inside));
        painter.drawLine(QPointF(x + outer, outside), QPointF(x + inner, inside));
        if (closed[i]) { // a finger's pad lies on it
            painter.setBrush(c.ink);
            const double lift = h.side == Side::Front ? -1.0 : 1.0;
            QPainterPath pad;
            pad.moveTo(x - outer - 5.0, outside);
            pad.quadTo(x, outside + lift * 20.0, x + outer + 5.0, outside);
            pad.closeSubpath();
            painter.drawPath(pad);
        }
        const bool picked = m_selected && *m_selected == h.id;
        painter.setFont(Style::small());
        painter.setPen(picked ? c.cool : c.ink);
        const QRectF name(x - 60.0, 2.0, 120.0, Style::px(18.0));
        painter.drawText(name, Qt::AlignHCenter | Qt::AlignVCenter, QString::fromStdString(h.id.text));
        painter.setPen(picked ? c.cool : c.pencil);
        if (m_sensitivities.empty())
            painter.drawText(name.translated(0.0, Style::px(17.0)), Qt::AlignHCenter | Qt::AlignVCenter,
                             text::lengthNumber(h.diameter, m_unit));
        if (picked)
            painter.drawLine(QPointF(x - 16.0, 20.0), QPointF(x + 16.0, 20.0));
    }
}

void Workpiece::drawGhost(QPainter& painter, const Scale& s) const
{
    if (!m_ghost)
        return;
    const Colours& c = Style::current().colours();
    const double wall = m_instrument->spec().wall.metres() * s.across;
    painter.setPen(QPen(c.warm, 2.0, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    const double length_px = s.x(m_instrument->length());
    const double foot_px = m_instrument->spec().bore.back().diameter.metres() / 2.0 * s.across;
    const double head_px = m_instrument->spec().bore.front().diameter.metres() / 2.0 * s.across;
    constexpr double seen_px = 2.0; // at least so far beyond the edge, so that a tenth of a millimetre is seen
    const auto hole = [&](const HoleId& id, Metres size) {
        const Hole* h = m_instrument->find(id);
        if (h == nullptr)
            return;
        const double r = m_instrument->boreDiameterAt(h->at).metres() / 2.0 * s.across;
        const double half = std::max(size.metres() / 2.0 * s.perMetre, h->diameter.metres() / 2.0 * s.perMetre + seen_px);
        const double top = h->side == Side::Front ? s.axis - r - wall : s.axis + r;
        painter.drawRect(QRectF(s.x(h->at) - half, top - 3.0, 2.0 * half, wall + 6.0));
        painter.setFont(Style::small());
        painter.drawLine(QPointF(s.x(h->at), labelBand_px - 6.0), QPointF(s.x(h->at), top - 4.0));
    };
    const auto across = [&](double x, double r) {
        painter.drawLine(QPointF(x, s.axis - r), QPointF(x, s.axis + r));
    };
    const auto bottom = [&](double x) {
        painter.drawRect(
            QRectF(QPointF(std::min(x, length_px), s.axis - foot_px), QPointF(std::max(x, length_px), s.axis + foot_px)));
    };
    const auto mouthEdge = [&](double x) {
        painter.drawLine(QPointF(x, s.axis - head_px - wall - 6.0), QPointF(x, s.axis - head_px + 2.0));
    };
    const auto embouchure = [&] {
        if (const auto* lip = std::get_if<Transverse>(&m_instrument->spec().excitation)) {
            const auto* opened = std::get_if<OpenEmbouchure>(&*m_ghost);
            const Metres along = opened != nullptr ? std::max(opened->holeLength, lip->holeLength) : lip->holeLength;
            const double half = along.metres() / 2.0 * s.perMetre + 1.0;
            for (const double x : {s.left - half, s.left + half})
                mouthEdge(x);
        }
    };
    const auto* duct = std::get_if<Duct>(&m_instrument->spec().excitation);
    const double blockFace = duct != nullptr ? duct->windowLength.metres() : 0.0;
    std::visit(Cases{[&](const Enlarge& g) { hole(g.hole, g.diameter); },
                     [&](const Undercut& g) { hole(g.hole, g.undercutDiameter); },
                     [&](const Fill& g) { hole(g.hole, g.diameter); },
                     [&](const Sink& g) { hole(g.hole, g.diameter); },
                     [&](const Groove& g) { hole(g.hole, {}); },
                     [&](const OpenWindway&) { mouthEdge(s.left); },
                     [&](const Chamfer&) { mouthEdge(s.left); },
                     [&](const CutLip&) { mouthEdge(s.left); },
                     [&](const ChangeStopper& g) { across(s.left - g.stopper.metres() * s.perMetre, head_px + 6.0); },
                     [&](const MoveSlide& g) { across(s.x(g.at), head_px + wall + 8.0); },
                     [&](const MoveBlock& g) { across(s.left - (blockFace + g.upstream.metres()) * s.perMetre, head_px); },
                     [&](const Smooth& g) { across(s.x(m_instrument->length() - g.length), foot_px); },
                     [&](const Lacquer&) { across(length_px, foot_px); },
                     [&](const TrimFoot& g) { across(std::min(s.x(g.length), length_px - seen_px), foot_px + wall + 8.0); },
                     [&](const Deepen& g) { bottom(std::max(s.x(g.length), length_px + seen_px)); },
                     [&](const SetSlide& g) { bottom(s.x(g.length)); },
                     [&](const PushPlug& g) { bottom(std::min(s.x(g.length), length_px - seen_px)); },
                     [&](const PutOnFoot&) { across(length_px, foot_px + wall + 8.0); },
                     [&](const Ream& g) {
                         const double r = g.diameter.metres() / 2.0 * s.across + 2.0;
                         painter.drawRect(QRectF(QPointF(s.x(g.from), s.axis - r), QPointF(s.x(g.to), s.axis + r)));
                     },
                     [&](const ReamTaper& g) {
                         const double r = std::max(g.atFrom, g.atTo).metres() / 2.0 * s.across + 2.0;
                         painter.drawRect(QRectF(QPointF(s.x(g.from), s.axis - r), QPointF(s.x(g.to), s.axis + r)));
                     },
                     [&](const MoveStopper& g) { across(s.left - g.stopper.metres() * s.perMetre, head_px + 6.0); },
                     [&](const OpenEmbouchure&) { embouchure(); },
                     [&](const UndercutEmbouchure&) { embouchure(); },
                     [&](const CutUp& g) {
                         const double now = presentSize(*m_instrument, g).value_or(Metres{}).metres();
                         mouthEdge(s.left + std::max((g.windowLength.metres() - now) * s.perMetre, seen_px));
                     }},
               *m_ghost);
}

void Workpiece::drawSensitivities(QPainter& painter, const Scale& s) const
{
    if (m_sensitivities.empty())
        return;
    const Colours& c = Style::current().colours();
    const auto penOf = [&](std::size_t k) {
        return k == 0 ? QPen(c.ink, 1.5) : QPen(c.cool, 1.5, k == 1 ? Qt::DashLine : Qt::DotLine);
    };
    const auto worth = [](Cents v) {
        const double tenths = std::round(v.cents() * 10.0) / 10.0;
        return tenths == 0.0 ? QStringLiteral("0") : text::cents(tenths);
    };
    double largest = 0.0;
    for (const auto& r : m_sensitivities)
        for (const auto& p : r.note.bore)
            largest = std::max(largest, std::abs(p.perTenthOverCentimetre.cents()));
    const double tall = 0.42 * m_instrument->spec().bore.front().diameter.metres() * s.across;
    painter.setFont(Style::small());
    for (std::size_t k = 0; k < m_sensitivities.size(); ++k) {
        const NoteSensitivity& n = m_sensitivities[k].note;
        painter.setPen(penOf(k));
        const double row = 2.0 + Style::px(17.0) * (static_cast<double>(k) + 1.0);
        // The legend stands over the mouth, where no hole is.
        painter.drawLine(QPointF(s.left - 34.0, row + 9.0), QPointF(s.left - 12.0, row + 9.0));
        painter.drawText(QRectF(s.left - 6.0, row, 300.0, Style::px(18.0)), Qt::AlignLeft | Qt::AlignVCenter,
                         text::registerName(m_sensitivities[k].registerNumber));
        const auto& holes = m_instrument->spec().holes;
        for (std::size_t i = 0; i < holes.size() && i < n.holes.size(); ++i)
            painter.drawText(QRectF(s.x(holes[i].at) - 30.0, row, 60.0, Style::px(18.0)), Qt::AlignCenter, worth(n.holes[i]));
        painter.drawText(QRectF(s.x(m_instrument->length()) - 4.0, row, 60.0, Style::px(18.0)), Qt::AlignLeft | Qt::AlignVCenter,
                         worth(n.foot));
        QPolygonF curve;
        for (const auto& p : n.bore)
            curve << QPointF(s.x(p.at), s.axis - (largest > 0.0 ? p.perTenthOverCentimetre.cents() / largest : 0.0) * tall);
        painter.setBrush(Qt::NoBrush);
        painter.drawPolyline(curve);
    }
    painter.setPen(c.ink);
    painter.drawText(QRectF(s.x(m_instrument->length()) - 4.0, 2.0, 60.0, Style::px(18.0)), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("foot"));
}

void Workpiece::drawTried(QPainter& painter, const Scale& s) const
{
    if (!m_bench)
        return;
    const Colours& c = Style::current().colours();
    painter.setBrush(Qt::NoBrush);
    for (const TriedChange& change : changesBetween(*m_bench, *m_instrument)) {
        painter.setPen(QPen(change.needsFilling ? c.cool : c.warm, 2.0, Qt::DashLine));
        if (change.handle.kind == Handle::Kind::Hole) {
            const Hole& h = m_bench->spec().holes[change.handle.hole];
            const double r = m_bench->boreDiameterAt(h.at).metres() / 2.0 * s.across;
            const double wall = m_bench->spec().wall.metres() * s.across;
            const double half = h.diameter.metres() / 2.0 * s.perMetre;
            const double top = h.side == Side::Front ? s.axis - r - wall : s.axis + r;
            painter.drawRect(QRectF(s.x(h.at) - half, top - 3.0, 2.0 * half, wall + 6.0));
        } else {
            const bool foot = change.handle.kind == Handle::Kind::Foot;
            const double x = foot ? s.x(change.from) : s.left - change.from.metres() * s.perMetre;
            const double r = m_bench->spec().bore.back().diameter.metres() / 2.0 * s.across + 14.0;
            painter.drawLine(QPointF(x, s.axis - r), QPointF(x, s.axis + r));
        }
    }
    if (m_held) {
        // The grip: what the arrow keys would change.
        const QPointF at = grip(*m_held);
        painter.setPen(QPen(c.cool, 2.0));
        painter.setBrush(hasFocus() || m_dragging ? c.cool : c.paper);
        painter.drawEllipse(at, 5.0, 5.0);
    }
}

QPointF Workpiece::grip(const Handle& handle) const
{
    const Scale s = scale();
    const Instrument& shape = *m_instrument;
    switch (handle.kind) {
    case Handle::Kind::Hole: {
        const Hole& h = shape.spec().holes[handle.hole];
        const double r = shape.boreDiameterAt(h.at).metres() / 2.0 * s.across;
        const double wall = shape.spec().wall.metres() * s.across;
        return {s.x(h.at), h.side == Side::Front ? s.axis - r - wall / 2.0 : s.axis + r + wall / 2.0};
    }
    case Handle::Kind::Foot: return {s.x(shape.length()), s.axis};
    case Handle::Kind::Stopper:
        return {s.left - std::get<Transverse>(shape.spec().excitation).stopper.metres() * s.perMetre, s.axis};
    }
    return {};
}

std::optional<Handle> Workpiece::handleAt(const QPointF& place) const
{
    std::optional<Handle> nearest;
    double distance = 18.0;
    for (const Handle& handle : handlesOf(*m_instrument)) {
        const double off = std::abs(grip(handle).x() - place.x());
        if (off < distance) {
            distance = off;
            nearest = handle;
        }
    }
    return nearest;
}

void Workpiece::paintEvent(QPaintEvent* /*event*/)
{
    QPainter painter(this);
    const Colours& c = Style::current().colours();
    if (!m_instrument)
        return painter.fillRect(rect(), c.paper);
    const Scale s = scale();
    m_ground.put(painter, *this, bodyFrom(s), [&](QPainter& still) {
        drawBody(still, s);
        drawFootPiece(still, s);
        drawNodes(still, s);
    });
    painter.setRenderHint(QPainter::Antialiasing);
    drawHoles(painter, s);
    drawGhost(painter, s);
    drawSensitivities(painter, s);
    drawTried(painter, s);
    drawSpans(painter, s);

    // Dimension line under the tube and the factor of exaggeration.
    painter.setFont(Style::small());
    painter.setPen(QPen(c.pencil, 1.0));
    const double y = height() - Style::textScale() * 14.0;
    const double end = s.x(m_instrument->length());
    painter.drawLine(QPointF(s.left, y - 6.0), QPointF(s.left, y + 6.0));
    painter.drawLine(QPointF(end, y - 6.0), QPointF(end, y + 6.0));
    const Metres above = headOf(m_instrument->spec()).length;
    const double top = s.x(Metres{} - above);
    painter.drawLine(QPointF(top, y - 6.0), QPointF(top, y + 6.0));
    painter.drawLine(QPointF(top, y), QPointF(s.left, y));
    const QString length = above > Metres{}
                               ? tr("%1 sounding, %2 overall", "length, length")
                                     .arg(text::length(m_instrument->length(), m_unit), tenth(overallOf(m_instrument->spec())))
                               : text::length(m_instrument->length(), m_unit);
    const double half = painter.fontMetrics().horizontalAdvance(length) / 2.0 + 8.0;
    const double middle = (s.left + end) / 2.0;
    painter.drawLine(QPointF(s.left, y), QPointF(middle - half, y));
    painter.drawLine(QPointF(middle + half, y), QPointF(end, y));
    painter.drawText(QRectF(middle - 150.0, y - Style::scaled(10), 300.0, Style::scaled(20)), Qt::AlignCenter, length);
    const double factor = s.across / s.perMetre;
    painter.drawText(QRectF(margin_px - 34.0, 2.0, 400.0, Style::scaled(18)), Qt::AlignLeft | Qt::AlignVCenter,
                     std::abs(factor - 1.0) < 0.05 ? tr("to scale") : tr("diameters × %1").arg(text::number(factor, 1)));
    if (!m_bench)
        paintFocus(painter);
}

const Hole* Workpiece::holeAt(const QPointF& place) const
{
    if (!m_instrument)
        return nullptr;
    const Scale s = scale();
    const Hole* nearest = nullptr;
    double distance = 18.0;
    for (const Hole& h : m_instrument->spec().holes) {
        const double off = std::abs(s.x(h.at) - place.x());
        if (off < distance) {
            distance = off;
            nearest = &h;
        }
    }
    return nearest;
}

void Workpiece::mouseMoveEvent(QMouseEvent* event)
{
    if (!m_bench)
        return;
    if (!m_dragging) {
        const auto over = handleAt(event->position());
        if (!over)
            unsetCursor();
        else
            setCursor(over->kind == Handle::Kind::Hole && !m_dragPlaces ? Qt::SizeVerCursor : Qt::SizeHorCursor);
        return;
    }
    // A hole is geared down: fifty pixels a millimetre of diameter. Foot and stopper follow the pointer.
    constexpr double holeGear_m = 2e-5;
    const QPointF way = event->position() - m_lastPlace;
    m_lastPlace = event->position();
    const double fine = event->modifiers().testFlag(Qt::ShiftModifier) ? 0.1 : 1.0;
    const double along = way.x() / scale().perMetre;
    if (m_dragPlaces && m_held->kind == Handle::Kind::Hole) {
        m_heldSize_m += along * fine;
        Q_EMIT placeDragged(*m_held, Metres::fromMetres(m_heldSize_m));
        return;
    }
    const double change = m_held->kind == Handle::Kind::Hole   ? -way.y() * holeGear_m
                          : m_held->kind == Handle::Kind::Foot ? along
                                                               : -along;
    m_heldSize_m += change * fine;
    Q_EMIT dragged(*m_held, Metres::fromMetres(m_heldSize_m));
}

void Workpiece::mouseReleaseEvent(QMouseEvent* /*event*/)
{
    if (!m_dragging)
        return;
    m_dragging = false;
    Q_EMIT dragEnded();
    update();
}

void Workpiece::keyPressEvent(QKeyEvent* event)
{
    if (!m_bench || !m_held) {
        const int before = currentPart();
        Picture::keyPressEvent(event);
        if (currentPart() != before) {
            const Handle now = handleOfPart(currentPart());
            const bool hole = now.kind == Handle::Kind::Hole;
            m_selected = hole ? std::optional(m_instrument->spec().holes[now.hole].id) : std::nullopt;
            Q_EMIT holePicked(m_selected ? QString::fromStdString(m_selected->text) : QString());
        }
        return;
    }
    // Left and right follow the drawing: the foot is on the right.
    const auto handles = handlesOf(*m_instrument);
    auto at = std::find(handles.begin(), handles.end(), *m_held);
    const double step_m =
        (event->modifiers().testFlag(Qt::ShiftModifier) ? 1e-5 : 1e-4) * (m_held->kind == Handle::Kind::Hole ? 1.0 : 5.0);
    const Metres size = sizeOf(*m_instrument, *m_held);
    if (m_dragPlaces && m_held->kind == Handle::Kind::Hole && (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down)) {
        // Up is towards the mouth.
        const Metres place = m_instrument->spec().holes[m_held->hole].at;
        Q_EMIT placeDragged(*m_held, place + Metres::fromMetres(event->key() == Qt::Key_Up ? -5.0 * step_m : 5.0 * step_m));
        return;
    }
    switch (event->key()) {
    case Qt::Key_Left: m_held = std::next(at) == handles.end() ? *at : *std::next(at); break;
    case Qt::Key_Right: m_held = at == handles.begin() ? *at : *std::prev(at); break;
    case Qt::Key_Home: m_held = handles.back(); break;
    case Qt::Key_End: m_held = handles.front(); break;
    case Qt::Key_Up: Q_EMIT dragged(*m_held, size + Metres::fromMetres(step_m)); break;
    case Qt::Key_Down: Q_EMIT dragged(*m_held, size - Metres::fromMetres(step_m)); break;
    default: return QWidget::keyPressEvent(event);
    }
    setCurrentPart(partOf(*m_held));
    update();
}

void Workpiece::mousePressEvent(QMouseEvent* event)
{
    if (m_bench) {
        if (const auto handle = handleAt(event->position())) {
            m_held = handle;
            m_dragging = true;
            m_lastPlace = event->position();
            const bool place = m_dragPlaces && handle->kind == Handle::Kind::Hole;
            m_heldSize_m = place ? m_instrument->spec().holes[handle->hole].at.metres() : sizeOf(*m_instrument, *handle).metres();
            Q_EMIT dragStarted();
            update();
        }
        return;
    }
    const Hole* h = holeAt(event->position());
    m_selected = h == nullptr ? std::nullopt : std::optional(h->id);
    update();
    Q_EMIT holePicked(h == nullptr ? QString() : QString::fromStdString(h->id.text));
}

int Workpiece::partCount() const
{
    return m_instrument ? static_cast<int>(handlesOf(*m_instrument).size()) : 0;
}

Handle Workpiece::handleOfPart(int part) const
{
    const auto handles = handlesOf(*m_instrument);
    return handles[handles.size() - 1 - static_cast<std::size_t>(part)]; // the foot is on the right
}

int Workpiece::partOf(const Handle& handle) const
{
    const auto handles = handlesOf(*m_instrument);
    return static_cast<int>(handles.end() - std::find(handles.begin(), handles.end(), handle)) - 1;
}

QString Workpiece::partWords(int part) const
{
    const Handle handle = handleOfPart(part);
    switch (handle.kind) {
    case Handle::Kind::Foot: return tr("Foot, %1 from the sounding edge").arg(text::length(m_instrument->length(), m_unit));
    case Handle::Kind::Stopper:
        return tr("Stopper, %1 from the embouchure hole").arg(text::length(sizeOf(*m_instrument, handle), m_unit));
    case Handle::Kind::Hole: break;
    }
    const Hole& h = m_instrument->spec().holes[handle.hole];
    const QString words = tr("%1: diameter %2, %3 from the sounding edge, finger %4")
                              .arg(QString::fromStdString(h.id.text), text::length(h.diameter, m_unit),
                                   text::length(h.at, m_unit), QString::fromStdString(h.digit));
    if (!m_ghost || holeOf(*m_ghost) != h.id)
        return words;
    return words + QStringLiteral("; ") +
           tr("proposed: %1 to %2").arg(text::work(*m_ghost, m_unit), text::length(wantedSize(*m_ghost), m_unit));
}

QRectF Workpiece::partPlace(int part) const
{
    const Scale s = scale();
    const Handle handle = handleOfPart(part);
    const bool hole = handle.kind == Handle::Kind::Hole;
    const double x = grip(handle).x();
    const double half =
        hole ? std::max(9.0, m_instrument->spec().holes[handle.hole].diameter.metres() * s.perMetre / 2.0 + 4.0) : 10.0;
    return {x - half, labelBand() - 2.0, 2.0 * half, height() - labelBand() - scaleBand() + 4.0};
}

} // namespace dowel::app

#include "moc_workpiece.cpp"
