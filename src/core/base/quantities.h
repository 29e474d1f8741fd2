// SPDX-License-Identifier: GPL-3.0-or-later
// Physical quantities as types of their own, so that nobody can pass millimetres for metres.
// A value is made only by naming its unit and read only by naming its unit; SI is kept inside.
#pragma once

#include <cstddef> // before <compare>: that header alone is more than Qt 6.4's moc can read

#include <compare>

namespace dowel {

/// What all one-dimensional quantities share: order, sums, and products with plain numbers.
template <class Derived> class Quantity
{
public:
    friend constexpr auto operator<=>(const Quantity&, const Quantity&) = default;
    friend constexpr Derived operator+(Derived a, Derived b) { return Derived::fromSi(a.si() + b.si()); }
    friend constexpr Derived operator-(Derived a, Derived b) { return Derived::fromSi(a.si() - b.si()); }
    friend constexpr Derived operator-(Derived a) { return Derived::fromSi(-a.si()); }
    friend constexpr Derived operator*(Derived a, double k) { return Derived::fromSi(a.si() * k); }
    friend constexpr Derived operator*(double k, Derived a) { return a * k; }
    friend constexpr Derived operator/(Derived a, double k) { return Derived::fromSi(a.si() / k); }
    friend constexpr double operator/(Derived a, Derived b) { return a.si() / b.si(); }

protected:
    constexpr Quantity() = default;
    constexpr explicit Quantity(double si) : m_si(si) {}
    [[nodiscard]] constexpr double si() const { return m_si; }
    static constexpr Derived fromSi(double si)
    {
        Derived d;
        d.m_si = si;
        return d;
    }

private:
    double m_si = 0.0;
};

/// Length.
class Metres : public Quantity<Metres>
{
    friend class Quantity<Metres>;

public:
    constexpr Metres() = default;
    static constexpr Metres fromMetres(double v) { return fromSi(v); }
    static constexpr Metres fromMillimetres(double v) { return fromSi(v * 1e-3); }
    static constexpr Metres fromInches(double v) { return fromSi(v * 0.0254); }
    [[nodiscard]] constexpr double metres() const { return si(); }
    [[nodiscard]] constexpr double millimetres() const { return si() * 1e3; }
    [[nodiscard]] constexpr double inches() const { return si() / 0.0254; }
};

/// Volume.
class CubicMetres : public Quantity<CubicMetres>
{
    friend class Quantity<CubicMetres>;

public:
    constexpr CubicMetres() = default;
    static constexpr CubicMetres fromCubicMetres(double v) { return fromSi(v); }
    static constexpr CubicMetres fromCubicMillimetres(double v) { return fromSi(v * 1e-9); }
    [[nodiscard]] constexpr double cubicMetres() const { return si(); }
    [[nodiscard]] constexpr double cubicMillimetres() const { return si() * 1e9; }
};

/// Frequency.
class Hertz : public Quantity<Hertz>
{
    friend class Quantity<Hertz>;

public:
    constexpr Hertz() = default;
    static constexpr Hertz fromHertz(double v) { return fromSi(v); }
    [[nodiscard]] constexpr double hertz() const { return si(); }
};

/// Duration or point on a take's time line.
class Seconds : public Quantity<Seconds>
{
    friend class Quantity<Seconds>;

public:
    constexpr Seconds() = default;
    static constexpr Seconds fromSeconds(double v) { return fromSi(v); }
    [[nodiscard]] constexpr double seconds() const { return si(); }
};

/// Temperature; read and written in degrees Celsius at the edges, kelvin in formulas.
class Temperature : public Quantity<Temperature>
{
    friend class Quantity<Temperature>;

public:
    constexpr Temperature() = default;
    static constexpr Temperature fromKelvin(double v) { return fromSi(v); }
    static constexpr Temperature fromCelsius(double v) { return fromSi(v + 273.15); }
    [[nodiscard]] constexpr double kelvin() const { return si(); }
    [[nodiscard]] constexpr double celsius() const { return si() - 273.15; }
};

/// Pitch difference, 1200 log2(f / f_ref).
class Cents : public Quantity<Cents>
{
    friend class Quantity<Cents>;

public:
    constexpr Cents() = default;
    static constexpr Cents fromCents(double v) { return fromSi(v); }
    [[nodiscard]] constexpr double cents() const { return si(); }
};

} // namespace dowel
