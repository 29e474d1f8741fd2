// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <cstddef>
#include <numbers>

namespace dowel::hearing {

/// Hann's window of n samples, the same from either end, at its i-th; twice the usual height, so that its mean is 1 (Harris 1978,
/// from memory).
[[nodiscard]] inline double hannOfMeanOne(std::size_t i, std::size_t n)
{
    return 1.0 - std::cos(2.0 * std::numbers::pi * (static_cast<double>(i) + 0.5) / static_cast<double>(n));
}

} // namespace dowel::hearing
