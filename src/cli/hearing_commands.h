// SPDX-License-Identifier: GPL-3.0-or-later
// Recordings analysed and readings kept.
#pragma once

#include "cli/answers.h"

#include <optional>
#include <string>

namespace dowel::cli {

/// expect: of the fingering's first register, in hertz; twelfths: whether the second is a twelfth above it.
[[nodiscard]] Answer analyseTake(const std::string& path, std::optional<double> expect, bool twelfths);
[[nodiscard]] Answer measureTake(const std::string& path, const std::string& fingering, const std::string& take,
                                 std::optional<double> celsius);
[[nodiscard]] Answer measureSession(const std::string& path, const std::string& file);

} // namespace dowel::cli
