// SPDX-License-Identifier: GPL-3.0-or-later
#include "draw/sketches.h"

#include "core/instrument/whole.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel::draw {

namespace {

constexpr double sketchMargin_mm = 6.0; ///< left free at both sides

/// Draws to one scale, from the top end or from any other place at the left.
class Pen
{
public:
    Pen(const Instrument& instrument, double width_mm, text::LengthUnit unit, Metres left, Metres right)
        : m_instrument(instrument),
          m_unit(unit),
          m_left(left),
          m_scale((width_mm - 2.0 * sketchMargin_mm) / (right - left).millimetres()),
          m_widest(outside(Metres{}))
    {
        m_sketch.width = width_mm;
        for (const Station& s : instrument.spec().bore)
            m_widest = std::max(m_widest, outside(s.at));
    }
    [[nodiscard]] double scale() const { return m_scale; }
    [[nodiscard]] double x(Metres at) const { return sketchMargin_mm + (at - m_left).millimetres() * m_scale; }
    [[nodiscard]] double half(Metres diameter) const { return diameter.millimetres() / 2.0 * m_scale; }
    [[nodiscard]] double widest() const { return half(m_widest) * 2.0; }
    [[nodiscard]] std::string size(Metres m) const
    {
        const QString words =
            m_unit == text::LengthUnit::Inches ? text::lengthNumber(text::tenths(m), m_unit) : text::number(m.millimetres(), 1);
        return words.toStdString();
    }
    void line(double x1, double y1, double x2, double y2, double width = 0.25)
    {
        m_sketch.lines.push_back({x1, y1, x2, y2, width});
    }
    void ring(double cx, double cy, double rx, double ry) { m_sketch.rings.push_back({cx, cy, rx, ry}); }
    void words(double cx, double foot, const std::string& text, double letters = 2.4)
    {
        m_sketch.texts.push_back({cx, foot, text, letters});
    }
    void box(double x1, double y1, double x2, double y2, double width = 0.35)
    {
        line(x1, y1, x2, y1, width);
        line(x1, y2, x2, y2, width);
        line(x1, y1, x1, y2, width);
        line(x2, y1, x2, y2, width);
    }
    /// A measure below what it measures, with its end lines up to there.
    void measure(double x1, double x2, double from, double level, Metres m)
    {
        line(x1, from, x1, level, 0.1);
        line(x2, from, x2, level, 0.1);
        line(x1, level, x2, level, 0.15);
        words((x1 + x2) / 2.0, level - 0.5, size(m));
    }
    /// Walls and bore from the edge to the foot, and the wood above the edge.
    void section(double axis)
    {
        const InstrumentSpec& spec = m_instrument.spec();
        const auto& bore = spec.bore;
        const auto inner = [&](const Station& s) {
            return half(s.diameter);
        };
        const auto outer = [&](const Station& s) {
            return half(outside(s.at));
        };
        for (const double side : {-1.0, 1.0}) {
            for (std::size_t i = 1; i < bore.size(); ++i) {
                line(x(bore[i - 1].at), axis + side * inner(bore[i - 1]), x(bore[i].at), axis + side * inner(bore[i]), 0.2);
                line(x(bore[i - 1].at), axis + side * outer(bore[i - 1]), x(bore[i].at), axis + side * outer(bore[i]), 0.35);
            }
            const double foot = x(bore.back().at);
            line(foot, axis + side * inner(bore.back()), foot, axis + side * outer(bore.back()), 0.35);
            head(axis, side, inner(bore.front()), outer(bore.front()));
        }
        if (spec.foot == Foot::Closed)
            line(x(bore.back().at), axis - inner(bore.back()), x(bore.back().at), axis + inner(bore.back()), 0.6);
        closure(axis, inner(bore.front()));
    }
    /// Outline, mouth and holes; no words.
    void fromAbove(double axis)
    {
        const InstrumentSpec& spec = m_instrument.spec();
        const double top = x(headOf(spec).length * -1.0);
        box(top, axis - widest() / 2.0, x(m_instrument.length()), axis + widest() / 2.0);
        mouth(axis);
        for (const Hole& h : spec.holes) {
            const double r = half(h.diameter);
            ring(x(h.at), axis, r * h.elongation, r);
            if (h.side == Side::Back) // seen through the tube
                line(x(h.at) - r, axis + r, x(h.at) + r, axis - r, 0.15);
        }
    }
    /// Names above, sizes and distances from the foot below; how far down that goes.
    double holeWords(double axis)
    {
        const auto& holes = m_instrument.spec().holes;
        const double below = axis + widest() / 2.0;
        const double foot = x(m_instrument.length());
        double level = below + 3.0;
        for (std::size_t i = 0; i < holes.size(); ++i) {
            const double at = x(holes[i].at);
            words(at, axis - widest() / 2.0 - 1.5, holes[i].id.text, 2.6);
            words(at, below + 3.5, size(holes[i].diameter));
            // Each distance from the foot has a line of its own, so that no two run into each other.
            level = below + 6.5 + 3.6 * static_cast<double>(i);
            line(at, below + 4.2, at, level, 0.1);
            line(at, level, foot, level, 0.15);
            words((at + foot) / 2.0, level - 0.5, size(m_instrument.length() - holes[i].at));
        }
        return level;
    }
    Sketch drawn(double height_mm)
    {
        m_sketch.height = height_mm;
        return std::move(m_sketch);
    }

private:
    [[nodiscard]] Metres outside(Metres at) const { return m_instrument.boreDiameterAt(at) + m_instrument.wallAt(at) * 2.0; }
    void head(double axis, double side, double inner, double outer)
    {
        const InstrumentSpec& spec = m_instrument.spec();
        const double edge = x(Metres{});
        const double top = x(headOf(spec).length * -1.0);
        if (!(top < edge))
            return line(edge, axis + side * inner, edge, axis + side * outer, 0.35);
        line(top, axis + side * outer, top, axis + side * inner, 0.35);
        const auto* duct = std::get_if<Duct>(&spec.excitation);
        const double roof =
            duct != nullptr && side < 0.0 ? x(duct->windowLength * -1.0) : edge; // the window lies before the edge
        line(top, axis + side * outer, roof, axis + side * outer, 0.35);
        line(top, axis + side * inner, roof, axis + side * inner, 0.2);
        if (roof < edge)
            for (const double end : {roof, edge})
                line(end, axis + side * inner, end, axis + side * outer, 0.35);
    }
    void closure(double axis, double inner)
    {
        const InstrumentSpec& spec = m_instrument.spec();
        const Head above = headOf(spec);
        if (const auto* duct = std::get_if<Duct>(&spec.excitation)) {
            const double face = x((duct->windowLength + duct->upstream) * -1.0);
            const double back = x((above.length - above.slowChamberLength) * -1.0);
            const double way = std::min(inner, std::max(duct->windwayHeight.millimetres(), 1.0) * m_scale);
            if (back < face)
                box(back, axis - inner + way, face, axis + inner, 0.3);
        } else if (const auto* lip = std::get_if<Transverse>(&spec.excitation)) {
            line(x(lip->stopper * -1.0), axis - inner, x(lip->stopper * -1.0), axis + inner, 0.6);
        }
    }
    void mouth(double axis)
    {
        if (const auto* d = std::get_if<Duct>(&m_instrument.spec().excitation))
            box(x(d->windowLength * -1.0), axis - half(d->windowWidth), x(Metres{}), axis + half(d->windowWidth), 0.25);
        else if (const auto* t = std::get_if<Transverse>(&m_instrument.spec().excitation))
            ring(x(Metres{}), axis, half(t->holeLength), half(t->holeWidth));
    }
    const Instrument& m_instrument;
    text::LengthUnit m_unit;
    Metres m_left;
    double m_scale;
    Metres m_widest;
    Sketch m_sketch;
};

Pen wholePen(const Instrument& instrument, double width_mm, text::LengthUnit unit)
{
    return {instrument, width_mm, unit, headOf(instrument.spec()).length * -1.0, instrument.length()};
}

constexpr double sketchRow_mm = 3.6;

} // namespace

Sketch instrumentSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit)
{
    Pen pen = wholePen(instrument, width_mm, unit);
    const double section = 5.0 + pen.widest() / 2.0;
    const double above = section + pen.widest() + 9.0;
    pen.section(section);
    pen.fromAbove(above);
    const double below = above + pen.widest() / 2.0;
    double level = pen.holeWords(above) + sketchRow_mm;
    const double foot = pen.x(instrument.length());
    pen.measure(pen.x(Metres{}), foot, below, level, instrument.length());
    const Metres overall = overallOf(instrument.spec());
    if (overall > instrument.length()) {
        level += sketchRow_mm;
        pen.measure(pen.x(instrument.length() - overall), foot, below, level, overall);
    }
    return pen.drawn(level + 2.0);
}

Sketch stockSketch(const Instrument& instrument, Metres sawn, double width_mm, text::LengthUnit unit)
{
    const Metres overall = overallOf(instrument.spec());
    const Metres left = headOf(instrument.spec()).length * -1.0;
    Pen pen(instrument, width_mm, unit, left, left + std::max(sawn, overall));
    const double high = std::max(4.0, pen.widest());
    constexpr double above = 3.0;
    const double end = pen.x(left + sawn);
    pen.box(pen.x(left), above, end, above + high);
    double level = above + high + sketchRow_mm;
    pen.measure(pen.x(left), end, above + high, level, sawn);
    if (sawn > overall) {
        pen.line(pen.x(left + overall), above, pen.x(left + overall), above + high, 0.15);
        level += sketchRow_mm;
        pen.measure(pen.x(left), pen.x(left + overall), above + high, level, overall);
    }
    return pen.drawn(level + 2.0);
}

Sketch boreSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit)
{
    Pen pen = wholePen(instrument, width_mm, unit);
    const double axis = 3.0 + pen.widest() / 2.0;
    pen.section(axis);
    const double below = axis + pen.widest() / 2.0;
    constexpr double room_mm = 14.0; // a size takes
    double last = -room_mm;
    for (const Station& s : instrument.spec().bore) {
        const double x = pen.x(s.at);
        if (x - last < room_mm)
            continue;
        last = x;
        pen.line(x, axis, x, below + 1.5, 0.1);
        pen.words(std::clamp(x, room_mm / 2.0, width_mm - room_mm / 2.0), below + 4.5, pen.size(s.diameter));
    }
    return pen.drawn(below + 6.5);
}

Sketch edgeSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit)
{
    const InstrumentSpec& spec = instrument.spec();
    if (const auto* lip = std::get_if<Transverse>(&spec.excitation)) {
        const Metres left = std::max(lip->stopper, lip->holeLength) * -1.3;
        Pen pen(instrument, width_mm, unit, left, std::max(lip->holeLength, instrument.wallAt({}) * 2.0) * 2.0);
        const double axis = 6.0 + pen.widest() / 2.0;
        const double right = width_mm - sketchMargin_mm;
        for (const double side : {-1.0, 1.0})
            pen.line(sketchMargin_mm, axis + side * pen.widest() / 2.0, right, axis + side * pen.widest() / 2.0, 0.35);
        pen.ring(pen.x(Metres{}), axis, pen.half(lip->holeLength), pen.half(lip->holeWidth));
        const double below = axis + pen.widest() / 2.0;
        const double face = pen.x(lip->stopper * -1.0);
        pen.line(face, axis - pen.widest() / 2.0, face, below, 0.6);
        pen.measure(face, pen.x(Metres{}), axis, below + sketchRow_mm, lip->stopper);
        pen.words(pen.x(Metres{}), axis - pen.half(lip->holeWidth) - 1.0,
                  pen.size(lip->holeLength) + " x " + pen.size(lip->holeWidth));
        return pen.drawn(below + sketchRow_mm + 2.0);
    }
    const auto* duct = std::get_if<Duct>(&spec.excitation);
    if (duct == nullptr)
        return {};
    const Metres windway = windwayLengthOf(spec);
    const Metres window = duct->windowLength;
    const Metres ramp = duct->chimney * std::max(1.0, duct->rampRunPerRise);
    Pen pen(instrument, width_mm, unit, (windway + window) * -1.0, ramp * 1.5 + window);
    const double wall = duct->chimney.millimetres() * pen.scale();
    const double way = std::max(1.0, duct->windwayHeight.millimetres()) * pen.scale();
    const double deep = 4.0 * pen.scale();
    const double roof = 5.0;
    const double under = roof + wall;
    const double left = pen.x((windway + window) * -1.0);
    const double block = pen.x(window * -1.0);
    const double edge = pen.x(Metres{});
    pen.box(left, roof, block, under);
    pen.box(left, under + way, block, under + way + deep);
    const double right = width_mm - sketchMargin_mm;
    pen.line(edge, under + way / 2.0, pen.x(ramp), roof, 0.35);
    pen.line(pen.x(ramp), roof, right, roof, 0.35);
    pen.line(edge, under + way / 2.0, right, under + way / 2.0, 0.35);
    pen.words((left + block) / 2.0, under + way / 2.0 + 0.8,
              duct->windwayHeight > Metres{} ? pen.size(duct->windwayHeight) : std::string());
    const double level = under + way + deep + sketchRow_mm;
    pen.measure(left, block, under + way + deep, level, windway);
    pen.measure(block, edge, under + way, level, window);
    return pen.drawn(level + 2.0);
}

Sketch jointSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit)
{
    const auto parts = partsOf(instrument.spec());
    if (parts.size() < 2)
        return {};
    constexpr double gap_mm = 3.0;
    const double gaps = gap_mm * static_cast<double>(parts.size() - 1);
    const Metres top = headOf(instrument.spec()).length * -1.0;
    Pen pen(instrument, width_mm - gaps, unit, top, instrument.length());
    const double high = std::max(4.0, pen.widest());
    constexpr double above = 3.0;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const double shift = gap_mm * static_cast<double>(i);
        const double from = pen.x(parts[i].from) + shift;
        const double to = pen.x(parts[i].to) + shift;
        pen.box(from, above, to, above + high);
        pen.measure(from, to, above + high, above + high + sketchRow_mm, parts[i].overall);
    }
    Sketch sketch = pen.drawn(above + high + sketchRow_mm + 2.0);
    sketch.width = width_mm;
    return sketch;
}

Sketch holeSketch(const Instrument& instrument, double width_mm, text::LengthUnit unit)
{
    if (instrument.spec().holes.empty())
        return {};
    Pen pen = wholePen(instrument, width_mm, unit);
    const double axis = 5.0 + pen.widest() / 2.0;
    pen.fromAbove(axis);
    return pen.drawn(pen.holeWords(axis) + 2.0);
}

Sketch timbreSketch(const std::vector<PartialsOf>& notes, double width_mm)
{
    Sketch s;
    s.width = width_mm;
    s.height = 28.0;
    const double column = width_mm / static_cast<double>(std::max<std::size_t>(8, notes.size()));
    constexpr double foot = 22.0;
    constexpr double faintest_dB = -40.0;
    for (std::size_t i = 0; i < notes.size(); ++i) {
        const double middle = (static_cast<double>(i) + 0.5) * column;
        for (std::size_t k = 0; k < notes[i].partials_dB.size() && k < 6; ++k) {
            const double strength = std::clamp(1.0 - notes[i].partials_dB[k] / faintest_dB, 0.0, 1.0);
            const double wide = strength * column * 0.8;
            if (wide > 0.1)
                s.bars.push_back({middle - wide / 2.0, foot - 3.4 * static_cast<double>(k + 1), wide, 2.6,
                                  static_cast<int>(200.0 * (1.0 - strength))});
        }
        s.texts.push_back({middle, foot + 4.0, notes[i].note, 2.4});
    }
    s.lines.push_back({0.0, foot, width_mm, foot, 0.2});
    return s;
}

} // namespace dowel::draw
