// SPDX-License-Identifier: GPL-3.0-or-later
// The passport as a file: words and pictures put together.
#pragma once

#include "draw/report.h"
#include "text/order_of_work.h"
#include "text/passport.h"

namespace dowel::report {

/// As PDF pages, or as one HTML document with its pictures inside. Errors: Internal where no page can be drawn.
[[nodiscard]] Result<std::string> written(const Passport& passport, const std::optional<FinishPlan>& finish,
                                          const text::PassportWishes& wishes, bool pdf, draw::Paper paper);

/// Laid out for pages of a size, for a printer and its preview.
[[nodiscard]] std::unique_ptr<draw::ReportPages> pagesOf(const Passport& passport, const std::optional<FinishPlan>& finish,
                                                         const text::PassportWishes& wishes, QSizeF page_mm);

/// The bench sheet: the order of work with boxes, a drawing, and the full-size template. Errors: Internal.
[[nodiscard]] Result<std::string> benchSheet(const Instrument& start, const TemplateSheet& sheet,
                                             const std::vector<text::WorkStep>& steps, text::LengthUnit unit, draw::Paper paper);

} // namespace dowel::report
