// SPDX-License-Identifier: GPL-3.0-or-later
// Pitch as a ratio of frequencies, for plain numbers; cents after Ellis 1885.
#pragma once

#include <cmath>
#include <numbers>

namespace dowel {

/// By how many cents a pitch is higher whose natural logarithm is higher by 1.
inline constexpr double centsPerNeper = 1200.0 / std::numbers::ln2;

/// Cents of f_Hz over reference_Hz; both above 0.
[[nodiscard]] inline double centsOver(double f_Hz, double reference_Hz)
{
    return 1200.0 * std::log2(f_Hz / reference_Hz);
}

} // namespace dowel
