// SPDX-License-Identifier: GPL-3.0-or-later
// Pages of words and sketches: selectable text, fonts embedded.
#pragma once

#include "core/base/result.h"
#include "draw/sketch.h"
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
    static constexpr double usualLetters_pt = 9.0;
    ReportPages(const QString& body, std::vector<Placed> sketches, const QString& title, QSizeF page_mm,
                double letters_pt = usualLetters_pt);
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
