// SPDX-License-Identifier: GPL-3.0-or-later
// A small drawing of pen strokes, black on white, as the passport and the bench sheet have them.
#pragma once

#include <string>
#include <vector>

namespace dowel::draw {

struct SketchLine
{
    double x1, y1, x2, y2;
    double width = 0.25;
};
struct SketchRing
{
    double x, y, rx, ry;
};
struct SketchBar
{
    double x, y, width, height;
    int grey; ///< 0 black to 255 white
};
struct SketchText
{
    double x, y; ///< middle of its foot line
    std::string words;
    double size = 2.6;
};
/// Pen strokes in millimetres on the paper, y downwards.
struct Sketch
{
    double width = 0.0;
    double height = 0.0;
    std::vector<SketchLine> lines;
    std::vector<SketchRing> rings;
    std::vector<SketchBar> bars;
    std::vector<SketchText> texts;
};
/// As an element of an HTML page.
[[nodiscard]] std::string svgOf(const Sketch& sketch, const std::string& title);

} // namespace dowel::draw
