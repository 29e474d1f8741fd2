// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/template_sheet.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel {

namespace {

constexpr double pi = std::numbers::pi;
constexpr int facets = 96;

/// Round hole of radius b along the tube times stretch, bored radially through a tube of outer radius R.
SheetCurve wrappedHole(SheetCurve::Line line, double x, double y, double along, double across, double tube)
{
    SheetCurve c{line, true, {}};
    for (int i = 0; i < facets; ++i) {
        const double t = 2.0 * pi * i / facets;
        const double off = std::clamp(across * std::sin(t) / tube, -1.0, 1.0);
        c.points.push_back({x + along * std::cos(t), y + tube * std::asin(off)});
    }
    return c;
}

SheetCurve straight(SheetCurve::Line line, SheetPoint a, SheetPoint b)
{
    return {line, false, {a, b}};
}

std::string millimetres(double m)
{
    return fixedText(m * 1e3, 1);
}

/// A centimetre a tick, longer every five, to hold against a rule and see whether the printer kept the size.
void addRuler(TemplateSheet& sheet)
{
    using Line = SheetCurve::Line;
    const double y = -sheet.round_m / 2.0 + 0.006;
    sheet.curves.push_back(straight(Line::Ruler, {0.0, y}, {std::floor(sheet.length_m * 100.0) / 100.0, y}));
    for (int k = 0; k <= static_cast<int>(std::floor(sheet.length_m * 100.0)); ++k) {
        sheet.curves.push_back(straight(Line::Ruler, {k * 0.01, y}, {k * 0.01, y + (k % 5 == 0 ? 0.004 : 0.002)}));
        if (k % 5 == 0 && k > 0)
            sheet.labels.push_back({{k * 0.01 + 0.0005, y + 0.0045}, std::to_string(k * 10)});
    }
}

/// What to cut along, the lap that is glued under the other edge, and which way the mouth lies.
void addOutline(TemplateSheet& sheet)
{
    using Line = SheetCurve::Line;
    const double half = sheet.round_m / 2.0;
    const double end = sheet.length_m;
    sheet.curves.push_back({Line::Outline, true, {{0.0, -half}, {end, -half}, {end, half + lap_m}, {0.0, half + lap_m}}});
    sheet.curves.push_back(straight(Line::Lap, {0.0, half}, {end, half}));
    sheet.labels.push_back({{end * 0.5, half + lap_m * 0.3}, "lap: glue it under the other edge", true});
    const double tip = end - 0.004;
    constexpr double head = 0.002;
    const double y = -half + 0.016;
    sheet.curves.push_back({Line::Edge, false, {{tip - 0.014, y}, {tip, y}, {tip - head, y + head}}});
    sheet.curves.push_back(straight(Line::Edge, {tip, y}, {tip - head, y - head}));
    sheet.labels.push_back({{tip - 0.014, y + 0.0015}, "mouth"});
}

} // namespace

TemplateSheet templateSheet(const Instrument& start, const Instrument& goal, double pilot_m)
{
    using Line = SheetCurve::Line;
    TemplateSheet sheet;
    const double foot = start.length().metres();
    const auto outer = [&](Metres at) {
        return start.boreDiameterAt(at).metres() / 2.0 + start.wallAt(at).metres();
    };
    const auto& spec = start.spec();
    const auto* duct = std::get_if<Duct>(&spec.excitation);
    const auto* transverse = std::get_if<Transverse>(&spec.excitation);
    sheet.length_m = foot;
    if (transverse != nullptr)
        sheet.length_m += std::max(transverse->stopper.metres(), transverse->holeLength.metres());
    double widest = 0.0;
    for (const Station& s : spec.bore)
        widest = std::max(widest, outer(s.at));
    sheet.round_m = 2.0 * pi * widest;
    const double half = sheet.round_m / 2.0;

    sheet.curves.push_back(straight(Line::Centre, {0.0, 0.0}, {sheet.length_m, 0.0}));
    sheet.curves.push_back(straight(Line::Edge, {0.0, -half}, {0.0, half}));
    addOutline(sheet);
    // Clear of the line where the foot is sawn.
    const double sawn = std::max(0.0, foot - goal.length().metres());
    sheet.labels.push_back(
        {{sawn + 0.002, half - 0.004}, "foot edge; hole: size now - at most, below it the distance from here (mm)"});
    const double cut = goal.length().metres();
    if (cut < foot - 1e-5) {
        sheet.curves.push_back(straight(Line::Start, {foot - cut, -half}, {foot - cut, half}));
        sheet.labels.push_back({{foot - cut + 0.001, -half + 0.003}, "saw no further than " + millimetres(foot - cut)});
    }
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        const Hole& h = spec.holes[i];
        const Hole& last = i < goal.spec().holes.size() ? goal.spec().holes[i] : h;
        const double tube = outer(h.at);
        const double x = foot - h.at.metres();
        const double y = h.side == Side::Back ? half * (tube / widest) : h.aside.metres() * (tube / outer(h.at));
        const auto ring = [&](Line line, double diameter) {
            sheet.curves.push_back(wrappedHole(line, x, y, diameter / 2.0 * h.elongation, diameter / 2.0, tube));
            if (h.side == Side::Back) // the seam runs through it: drawn on both edges
                sheet.curves.push_back(wrappedHole(line, x, -y, diameter / 2.0 * h.elongation, diameter / 2.0, tube));
        };
        ring(Line::Pilot, std::min(pilot_m, h.diameter.metres()));
        ring(Line::Start, h.diameter.metres());
        if (last.diameter > h.diameter)
            ring(Line::Final, last.diameter.metres());
        const double reach = std::max(h.diameter, last.diameter).metres() / 2.0 + 0.003;
        sheet.curves.push_back(straight(Line::Centre, {x, y - reach}, {x, y + reach}));
        // Short lines, one under the other: neighbours stand a finger apart.
        const double away = h.side == Side::Back ? -1.0 : 1.0; // inwards from the seam
        constexpr double line_m = 0.0034;
        sheet.labels.push_back({{x, y + away * (reach + 0.0015)}, h.id.text, true});
        sheet.list.push_back({h.side == Side::Back ? h.id.text + ", at the back" : h.id.text, millimetres(x),
                              millimetres(h.diameter.metres()), millimetres(std::max(h.diameter, last.diameter).metres())});
        const std::string sizes = millimetres(h.diameter.metres()) +
                                  (last.diameter > h.diameter ? "-" + millimetres(last.diameter.metres()) : std::string());
        sheet.labels.push_back({{x, y + (h.side == Side::Back ? -reach - 0.0015 - line_m : -reach - 0.0030)}, sizes, true});
        sheet.labels.push_back(
            {{x, y + (h.side == Side::Back ? -reach - 0.0015 - 2.0 * line_m : -reach - 0.0030 - line_m)}, millimetres(x), true});
    }
    if (duct != nullptr) {
        const double tube = outer(Metres{});
        const double w = tube * std::asin(std::clamp(duct->windowWidth.metres() / 2.0 / tube, -1.0, 1.0));
        const double near = foot - duct->windowLength.metres();
        sheet.curves.push_back({Line::Edge, true, {{near, -w}, {foot, -w}, {foot, w}, {near, w}}});
        sheet.labels.push_back(
            {{near - 0.022, w + 0.004},
             "window " + millimetres(duct->windowWidth.metres()) + " x " + millimetres(duct->windowLength.metres())});
    } else if (transverse != nullptr) {
        sheet.curves.push_back(wrappedHole(Line::Edge, foot, 0.0, transverse->holeLength.metres() / 2.0,
                                           transverse->holeWidth.metres() / 2.0, outer(Metres{})));
        sheet.curves.push_back(
            straight(Line::Edge, {foot + transverse->stopper.metres(), -half}, {foot + transverse->stopper.metres(), half}));
        sheet.labels.push_back(
            {{foot + 0.004, half - 0.004}, "stopper " + millimetres(transverse->stopper.metres()) + " from the hole"});
    }
    addRuler(sheet);
    return sheet;
}

void addMarks(TemplateSheet& sheet, double foot_m, const std::vector<SheetMark>& marks)
{
    const double half = sheet.round_m / 2.0;
    double side = 1.0;
    for (const SheetMark& m : marks) {
        const double x = foot_m - m.at_m;
        if (!(x > -1e-9) || x > foot_m)
            continue;
        sheet.curves.push_back(straight(SheetCurve::Line::Final, {x, -half}, {x, half}));
        // Neighbours of a high note stand closer than their names are wide: on two lines by turns.
        sheet.labels.push_back({{x, side * 0.25 * half}, m.text, true});
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
