// SPDX-License-Identifier: GPL-3.0-or-later
// The passport's pictures, to scale and in black on white, and its pages: selectable text, fonts embedded.
#pragma once

#include "core/base/result.h"
#include "core/instrument/instrument.h"
#include "draw/template_files.h"

#include <QSizeF>
#include <QString>
#include <memory>
#include <string>
#include <vector>

class QPagedPaintDevice;
class QPainter;
class QThread;

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
/// Section and view from above of the whole instrument, foot to the right, reduced so that it is so wide; holes with their names,
/// diameters and distances from the foot.
[[nodiscard]] Sketch instrumentSketch(const Instrument& instrument, double width_mm);

struct PartialsOf
{
    std::string note;
    std::vector<double> partials_dB; ///< over the power of all
};
/// A column a note: its partials from below, the stronger the darker and wider.
[[nodiscard]] Sketch timbreSketch(const std::vector<PartialsOf>& notes, double width_mm);

/// As an element of an HTML page.
[[nodiscard]] std::string svgOf(const Sketch& sketch, const std::string& title);

/// A picture and the words of the body that mark its place.
struct Placed
{
    QString mark;
    Sketch sketch;
};
/// A report laid out on pages of one size: slow to make, quick to draw. Made on a worker, drawn where handTo() brings it.
class ReportPages
{
public:
    ReportPages(const QString& body, std::vector<Placed> sketches, const QString& title, QSizeF page_mm);
    ~ReportPages();
    ReportPages(const ReportPages&) = delete;
    ReportPages& operator=(const ReportPages&) = delete;
    ReportPages(ReportPages&&) = delete;
    ReportPages& operator=(ReportPages&&) = delete;
    /// From the thread that made it.
    void handTo(QThread* thread);
    [[nodiscard]] int count() const;
    [[nodiscard]] QSizeF page_mm() const;
    /// dots: of the painter, a millimetre.
    void draw(QPainter& painter, int page, double dots) const;
    /// Errors: Internal where it cannot be drawn on.
    [[nodiscard]] Status drawAll(QPagedPaintDevice& device) const;

private:
    struct Parts;
    std::unique_ptr<Parts> m_parts;
};
/// Upright pages. Errors: Internal.
[[nodiscard]] Result<std::string> reportPdf(const QString& body, const std::vector<Placed>& sketches, const QString& title,
                                            Paper paper);

} // namespace dowel::draw
