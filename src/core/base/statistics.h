// SPDX-License-Identifier: GPL-3.0-or-later
// What a list of numbers is in the middle, whatever a few of them are.
#pragma once

#include <algorithm>
#include <vector>

namespace dowel {

/// The middle one; of an even number the upper of both in the middle. v must not be empty.
[[nodiscard]] inline double median(std::vector<double> v)
{
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    return *middle;
}

} // namespace dowel
