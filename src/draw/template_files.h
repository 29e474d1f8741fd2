// SPDX-License-Identifier: GPL-3.0-or-later
// The template as files: SVG and DXF (R12 ASCII, millimetres) with the joints' sheets one below the other, PDF tiled over pages
// with the edges to glue them by, a page or more a joint. Full size; each sheet carries its ruler.
#pragma once

#include "core/layout/template_sheet.h"
#include "text/template_words.h"

#include <QSizeF>
#include <string>
#include <vector>

namespace dowel::draw {

/// What is drawn, and in which words.
struct Template
{
    std::vector<TemplateSheet> sheets; ///< at least one
    text::TemplateWords words{text::LengthUnit::Millimetres};
    std::string title;
};
[[nodiscard]] std::string templateSvg(const Template& drawn);
[[nodiscard]] std::string templateDxf(const Template& drawn);
enum class Paper { A4, Letter };
/// What printers hold where the desktop says it is.
[[nodiscard]] Paper paperHere();
/// Landscape pages. Errors: Internal.
[[nodiscard]] Result<std::string> templatePdf(const Template& drawn, Paper paper);

class ReportPages;
/// Pages of words upright, then the template's across, in one file. Errors: Internal.
[[nodiscard]] Result<std::string> benchSheetPdf(const ReportPages& words, const Template& drawn, Paper paper);
/// The size of a page, upright, in millimetres.
[[nodiscard]] QSizeF pageSize_mm(Paper paper);

} // namespace dowel::draw
