// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/line.h"

#include <algorithm>
#include <cmath>

namespace dowel::acoustics {

Complex besselRatio(const Complex& x)
{
    // Below the real axis the outgoing Hankel function dominates both by e^(2 Im x): beyond |x| = 20 the other one is
    // smaller than 1e-12 and the expansion's terms have fallen below 1e-11.
    constexpr double large = 20.0;
    if (std::norm(x) >= large * large) {
        const auto& quotient = hankelQuotient;
        const Complex step = Complex(0.0, 1.0) / x;
        // Coefficients grow little over the first terms: where |x| is large a few are enough for twelve digits.
        const std::size_t last = std::norm(x) > 60.0 * 60.0 ? 8 : hankelTerms - 1;
        Complex sum = quotient[last];
        for (std::size_t k = last; k-- > 0;)
            sum = sum * step + quotient[k];
        return Complex(0.0, -1.0) * sum;
    }
    // J1/J0 = 1/(2/x - 1/(4/x - 1/(6/x - ...))), from the far end inwards.
    const int depth = 12 + static_cast<int>(1.5 * std::abs(x));
    Complex tail = 0.0;
    for (int n = depth; n >= 1; --n)
        tail = 1.0 / (2.0 * n / x - tail);
    return tail;
}

int slicesFor(double low_m, double high_m, double length_m)
{
    constexpr double longestStep_m = 0.022;
    constexpr double longestTaperedStep_m = 0.009;
    constexpr double slightChange = 0.002; // of the radius over a step, below which a longer one serves
    constexpr double largestChange = 0.10;
    const double growth = std::abs(std::log(high_m / low_m));
    // The longest step stands at the wide end.
    const double crowding = growth < mildTaper ? 1.0 : growth / -std::expm1(-growth);
    const double asTapered = std::min(length_m / longestTaperedStep_m * crowding, growth / slightChange);
    return std::max(1, static_cast<int>(std::ceil(std::max({length_m / longestStep_m, asTapered, growth / largestChange}))));
}

} // namespace dowel::acoustics
