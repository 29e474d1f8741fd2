// SPDX-License-Identifier: GPL-3.0-or-later
// The template as files: SVG and DXF (R12 ASCII, millimetres) on one long sheet, PDF tiled over pages with the edges to
// glue them by. Full size; each carries its ruler.
#pragma once

#include "core/layout/template_sheet.h"

#include <QSizeF>
#include <string>

namespace dowel::draw {

[[nodiscard]] std::string templateSvg(const TemplateSheet& sheet, const std::string& title);
[[nodiscard]] std::string templateDxf(const TemplateSheet& sheet);
enum class Paper { A4, Letter };
/// What printers hold where the desktop says it is.
[[nodiscard]] Paper paperHere();
/// Landscape pages. Errors: Internal.
[[nodiscard]] Result<std::string> templatePdf(const TemplateSheet& sheet, const std::string& title, Paper paper);

class ReportPages;
/// Pages of words upright, then the template's across, in one file. Errors: Internal.
[[nodiscard]] Result<std::string> benchSheetPdf(const ReportPages& words, const TemplateSheet& sheet, const std::string& title,
                                                Paper paper);
/// The size of a page, upright, in millimetres.
[[nodiscard]] QSizeF pageSize_mm(Paper paper);

} // namespace dowel::draw
