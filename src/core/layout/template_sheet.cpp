// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/template_sheet.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel {

namespace {

constexpr double pi = std::numbers::pi;
constexpr int facets = 96;
using Line = SheetCurve::Line;
using Says = SheetLabel::Says;

/// Round hole of radius b along the tube times stretch, bored radially through a tube of outer radius R.
SheetCurve wrappedHole(Line line, double x, double y, double along, double across, double tube)
{
    SheetCurve c{line, true, {}};
    for (int i = 0; i < facets; ++i) {
        const double t = 2.0 * pi * i / facets;
        const double off = std::clamp(across * std::sin(t) / tube, -1.0, 1.0);
        c.points.push_back({x + along * std::cos(t), y + tube * std::asin(off)});
    }
    return c;
}

SheetCurve straight(Line line, SheetPoint a, SheetPoint b)
{
    return {line, false, {a, b}};
}

/// A tick a centimetre or an eighth of an inch, longer every five or eight, to hold against a rule and see whether the printer
/// kept the size.
void addRuler(TemplateSheet& sheet, bool inches)
{
    const double y = -sheet.round_m / 2.0 + 0.006;
    const double step = (inches ? Metres::fromInches(0.125) : Metres::fromMillimetres(10.0)).metres();
    const int longer = inches ? 8 : 5;
    const int ticks = static_cast<int>(std::floor(sheet.length_m / step + 1e-9));
    sheet.curves.push_back(straight(Line::Ruler, {0.0, y}, {ticks * step, y}));
    for (int k = 0; k <= ticks; ++k) {
        sheet.curves.push_back(straight(Line::Ruler, {k * step, y}, {k * step, y + (k % longer == 0 ? 0.004 : 0.002)}));
        if (k % longer == 0 && k > 0)
            sheet.labels.push_back({Says::RulerMark, {k * step + 0.0005, y + 0.0045}, {Metres::fromMetres(k * step)}});
    }
}

/// What to cut along, the lap that is glued under the other edge, and which way the mouth lies.
void addOutline(TemplateSheet& sheet)
{
    const double half = sheet.round_m / 2.0;
    const double end = sheet.length_m;
    sheet.curves.push_back({Line::Outline, true, {{0.0, -half}, {end, -half}, {end, half + lap_m}, {0.0, half + lap_m}}});
    sheet.curves.push_back(straight(Line::Lap, {0.0, half}, {end, half}));
    sheet.labels.push_back({Says::Lap, {end * 0.5, half + lap_m * 0.3}, {}, {}, true});
    const double tip = end - 0.004;
    constexpr double head = 0.002;
    const double y = -half + 0.016;
    sheet.curves.push_back({Line::Edge, false, {{tip - 0.014, y}, {tip, y}, {tip - head, y + head}}});
    sheet.curves.push_back(straight(Line::Edge, {tip, y}, {tip - head, y - head}));
    sheet.labels.push_back({Says::MouthThatWay, {tip - 0.014, y + 0.0015}});
}

/// Draws one joint.
class SheetMaker
{
public:
    SheetMaker(const Instrument& start, const Instrument& goal, const SheetWishes& wishes, const Part& part)
        : m_start(start), m_goal(goal), m_wishes(wishes), m_top(part.from.metres())
    {
        m_sheet.part = part.name;
        m_sheet.bottom = part.to;
        m_sheet.lowest = part.to >= start.length();
        m_sheet.topmost = part.from <= Metres{};
        m_sheet.length_m = part.to.metres() - m_top;
        // The whole mouth is on it, however short the head.
        double least = 0.0;
        if (const auto* transverse = std::get_if<Transverse>(&start.spec().excitation))
            least = std::max(transverse->stopper.metres(), transverse->holeLength.metres());
        else if (const auto* duct = std::get_if<Duct>(&start.spec().excitation))
            least = duct->windowLength.metres();
        if (m_sheet.topmost && m_top > -least) {
            m_top = -least;
            m_sheet.length_m = part.to.metres() - m_top;
        }
        m_sheet.from = wishes.origin == Origin::Foot                      ? TemplateSheet::From::LowerEnd
                       : wishes.origin == Origin::Edge && m_sheet.topmost ? TemplateSheet::From::Edge
                                                                          : TemplateSheet::From::UpperEnd;
        for (const Metres at : {std::max(part.from, Metres{}), part.to})
            m_widest = std::max(m_widest, outer(at));
        for (const Station& s : start.spec().bore)
            if (s.at > part.from && s.at < part.to)
                m_widest = std::max(m_widest, outer(s.at));
        m_sheet.round_m = 2.0 * pi * m_widest;
    }
    TemplateSheet made()
    {
        const double half = m_sheet.round_m / 2.0;
        m_sheet.curves.push_back(straight(Line::Centre, {0.0, 0.0}, {m_sheet.length_m, 0.0}));
        m_sheet.curves.push_back(straight(Line::Edge, {0.0, -half}, {0.0, half}));
        addOutline(m_sheet);
        ends(half);
        const auto& holes = m_start.spec().holes;
        for (std::size_t i = 0; i < holes.size(); ++i)
            if (holes[i].at < m_sheet.bottom && holes[i].at.metres() > m_top)
                hole(holes[i], i < m_goal.spec().holes.size() ? m_goal.spec().holes[i] : holes[i], half);
        if (m_sheet.topmost)
            mouth(half);
        addRuler(m_sheet, m_wishes.inchRuler);
        return std::move(m_sheet);
    }

private:
    [[nodiscard]] double outer(Metres at) const
    {
        return m_start.boreDiameterAt(at).metres() / 2.0 + m_start.wallAt(at).metres();
    }
    [[nodiscard]] double xOf(Metres at) const { return m_sheet.bottom.metres() - at.metres(); }
    [[nodiscard]] Metres distanceOf(Metres at) const
    {
        switch (m_sheet.from) {
        case TemplateSheet::From::Edge: return at;
        case TemplateSheet::From::UpperEnd: return Metres::fromMetres(at.metres() - m_top);
        case TemplateSheet::From::LowerEnd: break;
        }
        return m_sheet.bottom - at;
    }
    void ends(double half)
    {
        const double sawn = m_sheet.lowest ? std::max(0.0, xOf(m_goal.length())) : 0.0;
        // Clear of the line where the foot is sawn.
        m_sheet.labels.push_back({Says::LowerEnd, {sawn + 0.002, half - 0.004}});
        if (!m_sheet.topmost || m_sheet.from == TemplateSheet::From::UpperEnd) {
            m_sheet.curves.push_back(straight(Line::Edge, {m_sheet.length_m, -half}, {m_sheet.length_m, half}));
            constexpr double words_m = 0.030;
            m_sheet.labels.push_back({Says::UpperEnd, {std::max(0.002, m_sheet.length_m - words_m), half - 0.008}});
        }
        constexpr double none = 1e-5;
        if (sawn > none) {
            m_sheet.curves.push_back(straight(Line::Start, {sawn, -half}, {sawn, half}));
            m_sheet.labels.push_back({Says::SawNoFurther, {sawn + 0.001, -half + 0.003}, {Metres::fromMetres(sawn)}});
        }
    }
    void hole(const Hole& h, const Hole& last, double half)
    {
        const double tube = outer(h.at);
        const double x = xOf(h.at);
        const bool back = h.side == Side::Back;
        const double y = back ? half * (tube / m_widest) : h.aside.metres();
        const auto ring = [&](Line line, double diameter) {
            m_sheet.curves.push_back(wrappedHole(line, x, y, diameter / 2.0 * h.elongation, diameter / 2.0, tube));
            if (back) // the seam runs through it: drawn on both edges
                m_sheet.curves.push_back(wrappedHole(line, x, -y, diameter / 2.0 * h.elongation, diameter / 2.0, tube));
        };
        const Metres most = std::max(h.diameter, last.diameter);
        ring(Line::Pilot, std::min(m_wishes.pilot, h.diameter).metres());
        ring(Line::Start, h.diameter.metres());
        if (most > h.diameter)
            ring(Line::Final, most.metres());
        const double reach = most.metres() / 2.0 + 0.003;
        m_sheet.curves.push_back(straight(Line::Centre, {x, y - reach}, {x, y + reach}));
        // Short lines, one under the other: neighbours stand a finger apart. Inwards from the seam.
        const double away = back ? -1.0 : 1.0;
        constexpr double line_m = 0.0034;
        m_sheet.labels.push_back({Says::HoleName, {x, y + away * (reach + 0.0015)}, {}, h.id.text, true});
        std::vector<Metres> sizes{h.diameter};
        if (most > h.diameter)
            sizes.push_back(most);
        const double below = back ? -reach - 0.0015 - line_m : -reach - 0.0030;
        m_sheet.labels.push_back({Says::HoleSizes, {x, y + below}, sizes, {}, true});
        m_sheet.labels.push_back({Says::Distance, {x, y + below - line_m}, {distanceOf(h.at)}, {}, true});
        m_sheet.list.push_back({h.id, h.side, distanceOf(h.at), h.diameter, most});
    }
    void mouth(double half)
    {
        const double edge = xOf(Metres{});
        const double tube = outer(Metres{});
        if (const auto* duct = std::get_if<Duct>(&m_start.spec().excitation)) {
            const double w = tube * std::asin(std::clamp(duct->windowWidth.metres() / 2.0 / tube, -1.0, 1.0));
            const double block = edge + duct->windowLength.metres(); // the lip is the edge; the window lies above it
            m_sheet.curves.push_back({Line::Edge, true, {{edge, -w}, {block, -w}, {block, w}, {edge, w}}});
            m_sheet.labels.push_back({Says::Window, {edge - 0.022, w + 0.004}, {duct->windowWidth, duct->windowLength}});
            constexpr double clear = 0.001;
            if (m_sheet.length_m > block + clear) {
                m_sheet.curves.push_back(straight(Line::Edge, {block, -half}, {block, half}));
                m_sheet.labels.push_back({Says::Block, {block + clear, half - 0.004}});
            }
        } else if (const auto* lip = std::get_if<Transverse>(&m_start.spec().excitation)) {
            m_sheet.curves.push_back(
                wrappedHole(Line::Edge, edge, 0.0, lip->holeLength.metres() / 2.0, lip->holeWidth.metres() / 2.0, tube));
            const double face = edge + lip->stopper.metres();
            m_sheet.curves.push_back(straight(Line::Edge, {face, -half}, {face, half}));
            m_sheet.labels.push_back({Says::Stopper, {edge + 0.004, half - 0.004}, {lip->stopper}});
        }
    }
    const Instrument& m_start;
    const Instrument& m_goal;
    const SheetWishes& m_wishes;
    double m_top; ///< the upper end, from the sounding edge
    double m_widest = 0.0;
    TemplateSheet m_sheet;
};

} // namespace

std::vector<TemplateSheet> templateSheets(const Instrument& start, const Instrument& goal, const SheetWishes& wishes)
{
    std::vector<TemplateSheet> sheets;
    for (const Part& part : partsOf(start.spec()))
        sheets.push_back(SheetMaker(start, goal, wishes, part).made());
    return sheets;
}

void addMarks(TemplateSheet& sheet, const std::vector<SheetMark>& marks)
{
    const double half = sheet.round_m / 2.0;
    double side = 1.0;
    for (const SheetMark& m : marks) {
        const double x = (sheet.bottom - m.at).metres();
        if (!(x > -1e-9) || x > sheet.length_m || m.at < Metres{})
            continue;
        sheet.curves.push_back(straight(Line::Final, {x, -half}, {x, half}));
        // Neighbours of a high note stand closer than their names are wide: on two lines by turns.
        sheet.labels.push_back({Says::Note, {x, side * 0.25 * half}, {}, m.note, true});
        side = -side;
    }
}

std::vector<SheetPage> pagesOf(const TemplateSheet& sheet, double page_m, double overlap_m)
{
    std::vector<SheetPage> pages;
    double from = 0.0;
    while (true) {
        const double to = std::min(sheet.length_m, from + page_m);
        pages.push_back({from, to});
        if (to >= sheet.length_m - 1e-9)
            return pages;
        from = to - overlap_m;
    }
}

} // namespace dowel
