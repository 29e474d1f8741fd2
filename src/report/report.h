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

/// What a bench sheet is made of.
struct BenchSheet
{
    Instrument start;                  ///< as drilled, before tuning
    std::vector<TemplateSheet> sheets; ///< a joint each
    std::vector<text::WorkStep> steps;
    text::LengthUnit unit = text::LengthUnit::Millimetres;
    bool forClass = false; ///< on one page, with the adult's steps marked
};
/// The order of work with boxes and a drawing to each group, and the full-size template, a page or more a joint. Errors:
/// Internal.
[[nodiscard]] Result<std::string> benchSheet(const BenchSheet& sheet, draw::Paper paper);

} // namespace dowel::report
