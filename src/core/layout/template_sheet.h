// SPDX-License-Identifier: GPL-3.0-or-later
// The full-size template: a sheet that is wrapped round the tube, foot edge on the foot. Geometry only; drawn as SVG, DXF
// or PDF elsewhere. x runs from the foot edge towards the mouth, y round the tube from the centre line, both in metres on
// the sheet. A hole seen on a wrapped sheet is a circle stretched round the tube: a point at height b sin(t) off the axis
// of a bit of radius b meets the wall at arc R asin(b sin(t) / R).
#pragma once

#include "core/instrument/instrument.h"

#include <array>
#include <string>
#include <vector>

namespace dowel {

struct SheetPoint
{
    double x_m = 0.0;
    double y_m = 0.0;
};

struct SheetCurve
{
    enum class Line { Final, Start, Pilot, Edge, Centre, Ruler, Outline, Lap };
    Line line = Line::Final;
    bool closed = false;
    std::vector<SheetPoint> points;
};

struct SheetLabel
{
    SheetPoint at;
    std::string text;
    bool centred = false; ///< on at; else it begins there
};

struct TemplateSheet
{
    double length_m = 0.0; ///< along the tube
    double round_m = 0.0;  ///< circumference where the tube is widest
    std::vector<SheetCurve> curves;
    std::vector<SheetLabel> labels;
    /// What is drilled and cut, a line a hole from the foot: hole, from the foot, first, at most; millimetres.
    std::vector<std::array<std::string, 4>> list;
};

/// What lies under the seam when the sheet is glued to a sleeve.
inline constexpr double lap_m = 0.006;

/// start: the row that is drilled first, goal: every hole at its final size (the same instrument where nothing else is
/// known); both with the same holes. pilot_m: diameter of the pilot bit. The window or embouchure hole is drawn, too.
[[nodiscard]] TemplateSheet templateSheet(const Instrument& start, const Instrument& goal, double pilot_m = 0.002);

/// A place along the tube that is drawn round it: where a slide's face stands for a note.
struct SheetMark
{
    std::string text;
    double at_m = 0.0; ///< from the sounding edge
};
/// Draws them across the sheet of a tube so long; what lies beyond it is left out.
void addMarks(TemplateSheet& sheet, double foot_m, const std::vector<SheetMark>& marks);

/// A page of a sheet that is too long for one: what lies between x from and to, with an overlap.
struct SheetPage
{
    double from_m = 0.0;
    double to_m = 0.0;
};
/// Pages of printable length that cover the sheet, each overlapping the last by overlap_m.  page_m > overlap_m.
[[nodiscard]] std::vector<SheetPage> pagesOf(const TemplateSheet& sheet, double page_m, double overlap_m = 0.010);

} // namespace dowel
