// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/elements.h"

#include <array>

namespace dowel::acoustics {

namespace {

constexpr std::size_t terms = 15;

/// Hankel's expansions are sum_k a_k(nu) (j/x)^k with real a_k; so is the quotient of the one for order 1 by that for
/// order 0, whose coefficients follow by long division.
constexpr std::array<double, terms> quotientCoefficients()
{
    std::array<double, terms> one{1.0};
    std::array<double, terms> zero{1.0};
    for (std::size_t k = 1; k < terms; ++k) {
        const double odd = 2.0 * static_cast<double>(k) - 1.0;
        one[k] = one[k - 1] * (4.0 - odd * odd) / (8.0 * static_cast<double>(k));
        zero[k] = zero[k - 1] * (0.0 - odd * odd) / (8.0 * static_cast<double>(k));
    }
    std::array<double, terms> quotient{};
    for (std::size_t k = 0; k < terms; ++k) {
        quotient[k] = one[k];
        for (std::size_t i = 0; i < k; ++i)
            quotient[k] -= quotient[i] * zero[k - i];
    }
    return quotient;
}

} // namespace

Complex besselRatio(const Complex& x)
{
    // Below the real axis the outgoing Hankel function dominates both by e^(2 Im x): beyond |x| = 20 the other one is
    // smaller than 1e-12 and the expansion's terms have fallen below 1e-11.
    constexpr double large = 20.0;
    if (std::norm(x) >= large * large) {
        static constexpr auto quotient = quotientCoefficients();
        const Complex step = Complex(0.0, 1.0) / x;
        // Coefficients grow little over the first terms: where |x| is large a few are enough for twelve digits.
        const std::size_t last = std::norm(x) > 60.0 * 60.0 ? 8 : terms - 1;
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

} // namespace dowel::acoustics
