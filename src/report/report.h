// SPDX-License-Identifier: GPL-3.0-or-later
// The passport as a file: words and pictures put together.
#pragma once

#include "draw/report.h"
#include "text/passport.h"

namespace dowel::report {

/// As PDF pages, or as one HTML document with its pictures inside. Errors: Internal where no page can be drawn.
[[nodiscard]] Result<std::string> written(const Passport& passport, const std::optional<FinishPlan>& finish,
                                          const text::PassportWishes& wishes, bool pdf, draw::Paper paper);

/// On a printer or its preview, by the size of its page. Errors: Internal where it cannot be drawn on.
[[nodiscard]] Status painted(QPagedPaintDevice& device, const Passport& passport, const std::optional<FinishPlan>& finish,
                             const text::PassportWishes& wishes);

} // namespace dowel::report
