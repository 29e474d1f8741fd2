// SPDX-License-Identifier: GPL-3.0-or-later
// The full-size template: a sheet a joint that is wrapped round the tube, its lower edge on the joint's lower end. Geometry and
// measures only: worded by text, drawn as SVG, DXF or PDF elsewhere. x runs from the lower edge towards the mouth, y round the
// tube from the centre line, both in metres on the sheet. A hole seen on a wrapped sheet is a circle stretched round the tube:
// a point at height b sin(t) off the axis of a bit of radius b meets the wall at arc R asin(b sin(t) / R).
#pragma once

#include "core/instrument/instrument.h"
#include "core/instrument/whole.h"

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
    enum class Says {
        HoleName,
        HoleSizes, ///< first, and at most where that is wider
        Distance,  ///< from what the sheet is measured from
        RulerMark, ///< how far along the ruler
        LowerEnd,
        UpperEnd,
        SawNoFurther, ///< how far from the foot
        Window,       ///< width, length
        Stopper,      ///< how far from the hole's middle
        Block,        ///< where the block's face stands
        Lap,
        MouthThatWay,
        Note, ///< that a slide's face gives
    };
    Says says;
    SheetPoint at;
    std::vector<Metres> lengths{};
    std::string name{};   ///< of the hole or the note
    bool centred = false; ///< on at; else it begins there
};

/// A hole as it stands in the list to tick off.
struct SheetRow
{
    HoleId hole;
    Side side = Side::Front;
    Metres distance;
    Metres first;
    Metres atMost;
};

struct TemplateSheet
{
    enum class From { LowerEnd, Edge, UpperEnd };
    std::string part = "body"; ///< as in partsOf()
    bool lowest = true;        ///< its lower end is the foot
    bool topmost = true;       ///< its upper end is the top end
    From from = From::LowerEnd;
    Metres bottom;         ///< the lower end, from the sounding edge
    double length_m = 0.0; ///< along the tube
    double round_m = 0.0;  ///< circumference where the tube is widest
    std::vector<SheetCurve> curves;
    std::vector<SheetLabel> labels;
    std::vector<SheetRow> list; ///< from the foot upwards
};

/// What lies under the seam when the sheet is glued to a sleeve.
inline constexpr double lap_m = 0.006;

struct SheetWishes
{
    Metres pilot = Metres::fromMillimetres(2.0); ///< diameter of the pilot bit
    /// Distances of a joint's own sheet are from its lower end for the foot, from its upper end for the top; from the edge where
    /// the edge is on it, else from its upper end.
    Origin origin = Origin::Foot;
    bool inchRuler = false; ///< eighths instead of centimetres
};

/// A sheet a joint, from the head to the foot. start: the row that is drilled first, goal: every hole at its final size (the same
/// instrument where nothing else is known); both with the same holes. The window or embouchure hole is drawn, too.
[[nodiscard]] std::vector<TemplateSheet> templateSheets(const Instrument& start, const Instrument& goal,
                                                        const SheetWishes& wishes = {});

/// A place along the tube that is drawn round it: where a slide's face stands for a note.
struct SheetMark
{
    std::string note;
    Metres at; ///< from the sounding edge
};
/// Draws them across the sheet; what lies beyond it is left out.
void addMarks(TemplateSheet& sheet, const std::vector<SheetMark>& marks);

/// A page of a sheet that is too long for one: what lies between x from and to, with an overlap.
struct SheetPage
{
    double from_m = 0.0;
    double to_m = 0.0;
};
/// Pages of printable length that cover the sheet, each overlapping the last by overlap_m.  page_m > overlap_m.
[[nodiscard]] std::vector<SheetPage> pagesOf(const TemplateSheet& sheet, double page_m, double overlap_m = 0.010);

} // namespace dowel
