// SPDX-License-Identifier: GPL-3.0-or-later
// The template as files: SVG and DXF (R12 ASCII, millimetres) on one long sheet, PDF tiled over pages with the edges to
// glue them by. Full size; each carries its ruler.
#pragma once

#include "core/layout/template_sheet.h"

#include <string>

namespace dowel::draw {

[[nodiscard]] std::string templateSvg(const TemplateSheet& sheet, const std::string& title);
[[nodiscard]] std::string templateDxf(const TemplateSheet& sheet);
enum class Paper { A4, Letter };
/// What printers hold where the desktop says it is.
[[nodiscard]] Paper paperHere();
/// Landscape pages. Errors: Internal.
[[nodiscard]] Result<std::string> templatePdf(const TemplateSheet& sheet, const std::string& title, Paper paper);

} // namespace dowel::draw
