// SPDX-License-Identifier: GPL-3.0-or-later
// Complex numbers that carry their derivatives by N real parameters (forward differentiation). Every formula of the
// model is analytic in its parameters, so one template serves values (std::complex) and derivatives (Dual). The steps of a
// bore, which are many, gradient.cpp goes through backwards instead.
#pragma once

#include <array>
#include <complex>
#include <cstddef>

namespace dowel::acoustics {

using Complex = std::complex<double>;

template <std::size_t N> struct Dual
{
    Complex v{};
    std::array<Complex, N> d{};

    Dual() = default;
    Dual(double value) : v(value) {}         // NOLINT(google-explicit-constructor): constants mix freely with duals
    Dual(const Complex& value) : v(value) {} // NOLINT(google-explicit-constructor)
    static Dual variable(double value, std::size_t index)
    {
        Dual x(value);
        x.d[index] = 1.0;
        return x;
    }
    /// f(x) where f(x.v) = value and f'(x.v) = slope.
    [[nodiscard, gnu::noinline]] Dual chained(const Complex& value, const Complex& slope) const
    {
        Dual r(value);
        for (std::size_t i = 0; i < N; ++i)
            r.d[i] = slope * d[i];
        return r;
    }

    [[gnu::noinline]] Dual& operator+=(const Dual& b)
    {
        v += b.v;
        for (std::size_t i = 0; i < N; ++i)
            d[i] += b.d[i];
        return *this;
    }
    [[gnu::noinline]] Dual& operator-=(const Dual& b)
    {
        v -= b.v;
        for (std::size_t i = 0; i < N; ++i)
            d[i] -= b.d[i];
        return *this;
    }
    // Called, not inlined: unrolled at every place, the rows of derivatives were most of a build and no quicker.
    [[gnu::noinline]] Dual& operator*=(const Dual& b)
    {
        for (std::size_t i = 0; i < N; ++i)
            d[i] = d[i] * b.v + v * b.d[i];
        v *= b.v;
        return *this;
    }
    [[gnu::noinline]] Dual& operator/=(const Dual& b)
    {
        const Complex inverse = 1.0 / b.v;
        v *= inverse;
        for (std::size_t i = 0; i < N; ++i)
            d[i] = (d[i] - v * b.d[i]) * inverse;
        return *this;
    }
    // Constants have no derivatives to multiply by.
    [[gnu::noinline]] Dual& operator*=(double b)
    {
        v *= b;
        for (std::size_t i = 0; i < N; ++i)
            d[i] *= b;
        return *this;
    }
    friend Dual operator+(Dual a, double b)
    {
        a.v += b;
        return a;
    }
    friend Dual operator+(double a, Dual b)
    {
        b.v += a;
        return b;
    }
    friend Dual operator-(Dual a, double b)
    {
        a.v -= b;
        return a;
    }
    friend Dual operator-(double a, const Dual& b) { return b.chained(a - b.v, -1.0); }
    friend Dual operator*(Dual a, double b) { return a *= b; }
    friend Dual operator*(double a, Dual b) { return b *= a; }
    friend Dual operator*(const Complex& a, const Dual& b) { return b.chained(a * b.v, a); }
    friend Dual operator/(Dual a, double b) { return a *= 1.0 / b; }
    friend Dual operator/(double a, const Dual& b)
    {
        const Complex value = a / b.v;
        return b.chained(value, -value / b.v);
    }

    friend Dual operator+(Dual a, const Dual& b) { return a += b; }
    friend Dual operator-(Dual a, const Dual& b) { return a -= b; }
    friend Dual operator*(Dual a, const Dual& b) { return a *= b; }
    friend Dual operator/(Dual a, const Dual& b) { return a /= b; }
    friend Dual operator-(const Dual& a) { return a.chained(-a.v, -1.0); }
};

template <std::size_t N> Dual<N> sqrt(const Dual<N>& x)
{
    const Complex r = std::sqrt(x.v);
    return x.chained(r, 0.5 / r);
}
template <std::size_t N> Dual<N> exp(const Dual<N>& x)
{
    const Complex r = std::exp(x.v);
    return x.chained(r, r);
}
template <std::size_t N> Dual<N> log(const Dual<N>& x)
{
    return x.chained(std::log(x.v), 1.0 / x.v);
}
template <std::size_t N> Dual<N> sin(const Dual<N>& x)
{
    return x.chained(std::sin(x.v), std::cos(x.v));
}
template <std::size_t N> Dual<N> tanh(const Dual<N>& x)
{
    const Complex r = std::tanh(x.v);
    return x.chained(r, 1.0 - r * r);
}
template <std::size_t N> Dual<N> pow(const Dual<N>& x, double e)
{
    const Complex r = std::pow(x.v, e);
    return x.chained(r, e * r / x.v);
}
inline const Complex& valueOf(const Complex& x)
{
    return x;
}
template <std::size_t N> const Complex& valueOf(const Dual<N>& x)
{
    return x.v;
}

} // namespace dowel::acoustics
