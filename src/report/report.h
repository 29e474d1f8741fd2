// SPDX-License-Identifier: GPL-3.0-or-later
// The passport as a file: words and pictures put together.
#pragma once

#include "draw/report.h"
#include "text/passport.h"

namespace dowel::report {

/// As PDF pages, or as one HTML document with its pictures inside. Errors: Internal where no page can be drawn.
[[nodiscard]] Result<std::string> written(const Passport& passport, const std::optional<FinishPlan>& finish,
                                          const text::PassportWishes& wishes, bool pdf, draw::Paper paper);

/// Laid out for pages of a size, for a printer and its preview.
[[nodiscard]] std::unique_ptr<draw::ReportPages> pagesOf(const Passport& passport, const std::optional<FinishPlan>& finish,
                                                         const text::PassportWishes& wishes, QSizeF page_mm);

} // namespace dowel::report
