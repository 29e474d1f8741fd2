// SPDX-License-Identifier: GPL-3.0-or-later
#include "player/tube.h"

#include <algorithm>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>
#include <complex>
#include <cstdint>
#include <numbers>

namespace dowel::player {

namespace {

using Complex = std::complex<double>;
constexpr Complex j{0.0, 1.0};
using std::numbers::pi;

struct Medium
{
    double speed_m_s;
    double density;
    double roughness;
};

/// From the upper to the lower end of a stretch: flow below = share of the flow above less gain times the lower end's source.
struct Passage
{
    Complex share = 1.0;
    Complex gain = 0.0;
};

/// Impedance seen through a length of lossy cylinder that ends in load; added on top of the passage so far.
Complex through(const Medium& air, double radius_m, double length_m, double f_Hz, const Complex& load, Passage& passage)
{
    const double loss = 3.0e-5 * std::sqrt(f_Hz) / radius_m * air.roughness;
    const double speed = air.speed_m_s * (1.0 - 1.65e-3 * air.roughness / (radius_m * std::sqrt(f_Hz)));
    const double zc = air.density * air.speed_m_s / (pi * radius_m * radius_m);
    // Hyperbolic sine and cosine from the wave's two ways.
    const Complex down = std::polar(std::exp(-loss * length_m), -2.0 * pi * f_Hz / speed * length_m);
    const Complex up = 1.0 / down;
    const Complex cosh = 0.5 * (up + down);
    const Complex sinh = 0.5 * (up - down);
    const Complex share = zc / (zc * cosh + load * sinh);
    passage.gain += passage.share * passage.share * share * sinh / zc;
    passage.share *= share;
    return (load * cosh + zc * sinh) * share;
}

double radiusAt(const Tube& tube, double at_m)
{
    for (std::size_t i = 1; i < tube.bore.size(); ++i) {
        const auto& a = tube.bore[i - 1];
        const auto& b = tube.bore[i];
        if (at_m <= b.at_m)
            return a.radius_m + (b.radius_m - a.radius_m) * (at_m - a.at_m) / (b.at_m - a.at_m);
    }
    return tube.bore.back().radius_m;
}

/// A stretch of the bore, footwards end first.
struct Stretch
{
    double low_m;
    double high_m;
};

/// Up the stretch (towards the mouth) in steps so short that each is nearly a cylinder.
Complex alongBore(const Tube& tube, const Medium& air, Stretch stretch, double f_Hz, Complex load, Passage& passage)
{
    const auto [low_m, high_m] = stretch;
    constexpr double evenest = 0.004; // of the radius, from one step to the next
    const double a = radiusAt(tube, low_m);
    const double b = radiusAt(tube, high_m);
    double step_m = 0.002; // over a bend
    for (std::size_t i = 1; i < tube.bore.size(); ++i)
        if (tube.bore[i - 1].at_m <= high_m && low_m <= tube.bore[i].at_m)
            step_m = std::clamp(evenest * std::min(a, b) * (low_m - high_m) / std::max(std::abs(a - b), 1e-9), 0.0005, 1.0);
    const int steps = std::max(1, static_cast<int>(std::ceil((low_m - high_m) / step_m)));
    const double h = (low_m - high_m) / steps;
    for (int i = 0; i < steps; ++i)
        load = through(air, radiusAt(tube, low_m - (i + 0.5) * h), h, f_Hz, load, passage);
    return load;
}

struct Past
{
    Complex load;   ///< above the hole
    Complex shunt;  ///< its own impedance
    Complex passed; ///< what share of the flow goes on below
};

/// The same past a hole.
Past pastHole(const TubeHole& hole, double bore_m, const Medium& air, double f_Hz, const Complex& below)
{
    Complex shunt;
    const double b = hole.innerRadius_m;
    const double d = b / bore_m;
    const double omega = 2.0 * pi * f_Hz;
    const double k = omega / air.speed_m_s;
    const double inner = b * (0.82 - 0.193 * d - 1.09 * d * d + 1.27 * d * d * d - 0.71 * d * d * d * d);
    const double area = pi * b * b;
    // An undercut hole is taken as a cylinder of the mean of its two conductances.
    const double lengthening = hole.chimney_m * (b / hole.radius_m - 1.0);
    const double depth = hole.chimney_m + lengthening + b * d / 8.0 * (1.0 + 0.207 * d * d * d);
    const double z = air.density * air.speed_m_s / area;
    if (hole.open <= 0.0) {
        shunt = -j * z / std::tan(k * depth) + j * omega * air.density * inner / area;
    } else {
        const double outer = 0.68 * hole.radius_m * (b * b) / (hole.radius_m * hole.radius_m);
        shunt = j * z * std::tan(k * (depth + outer)) + j * omega * air.density * inner / area +
                z * (0.25 * k * b * k * b + 3.0e-5 * std::sqrt(f_Hz) / b * depth * 2.0);
        if (hole.open < 1.0) { // through a slit: both sides of an orifice, the inner one hemmed in by the hole
            const double slit = b * std::sqrt(hole.open);
            shunt += j * omega * air.density * (0.85 * slit * (2.0 - 1.25 * slit / b)) / (pi * slit * slit) -
                     j * omega * air.density * 0.85 * b / area;
        }
    }
    shunt /= static_cast<double>(hole.count);
    const double tanh = std::tanh(1.84 * hole.chimney_m / b);
    const double shape = 0.940 + 0.540 * d + 0.285 * d * d;
    const double series = -b * d * d / (1.78 * (hole.open <= 0.0 ? 1.0 / tanh : tanh) + shape);
    const Complex half = 0.5 * j * omega * air.density * series / (pi * bore_m * bore_m);
    const Complex load = below + half;
    return {half + load * shunt / (load + shunt), shunt, shunt / (load + shunt)};
}

/// The foot, then the holes upwards: what goes out of each for a flow of 1 at the top, and the pressure that each meets
/// outside then, from the others.
struct Outside
{
    std::vector<Complex> flows;
    std::vector<Complex> pressures;
    double at_Hz = 0.0; ///< these pressures; they grow with frequency as an inertance's
};

/// What vanishes in its imaginary part, rising, where the instrument sounds.
Complex total(const Tube& tube, const Medium& air, double f_Hz, Outside& outside)
{
    std::vector<Passage> along(tube.holes.size() + 1);
    std::vector<Complex> past(tube.holes.size());
    std::vector<Complex> shunts(tube.holes.size());
    std::vector<Complex> sources(tube.holes.size() + 1); // at the lower ends of the stretches, by what is met outside
    const double met = outside.at_Hz > 0.0 ? f_Hz / outside.at_Hz : 0.0;
    const double omega = 2.0 * pi * f_Hz;
    const double k = omega / air.speed_m_s;
    const double foot = tube.bore.back().at_m;
    const double a = tube.bore.back().radius_m;
    const double z = air.density * air.speed_m_s / (pi * a * a);
    Complex load = tube.footClosed ? Complex(1e4 * z) : z * Complex(0.25 * k * a * k * a, k * 0.63 * a);
    sources[0] = met * outside.pressures[0];
    double at = foot;
    for (std::size_t i = 0; i < tube.holes.size(); ++i) {
        const TubeHole& hole = tube.holes[i];
        load = alongBore(tube, air, {at, hole.at_m}, f_Hz, load, along[i]);
        const Past there = pastHole(hole, radiusAt(tube, hole.at_m), air, f_Hz, load);
        load = there.load;
        shunts[i] = there.shunt;
        past[i] = there.passed;
        sources[i + 1] = sources[i] * along[i].share * past[i] + met * outside.pressures[i + 1] * (1.0 - past[i]);
        at = hole.at_m;
    }
    load = alongBore(tube, air, {at, 0.0}, f_Hz, load, along.back());
    Complex flow = along.back().share - along.back().gain * sources.back();
    outside.flows.assign(tube.holes.size() + 1, 0.0);
    for (std::size_t i = tube.holes.size(); i-- > 0;) {
        // The node's pressure, less what is met outside, drives the hole.
        const Complex below = sources[i] * along[i].share;
        const Complex out = flow * (1.0 - past[i]) + (below - met * outside.pressures[i + 1]) * past[i] / shunts[i];
        outside.flows[i + 1] = tube.holes[i].open > 0.0 ? out : 0.0;
        flow = along[i].share * (flow - out) - along[i].gain * sources[i];
    }
    outside.flows[0] = tube.footClosed ? 0.0 : flow;
    load += sources.back() * along.back().share;
    const double top = tube.bore.front().radius_m;
    const double zTop = air.density * air.speed_m_s / (pi * top * top);
    if (tube.mouth == Mouth::ClosedTop)
        return zTop / load + j * omega * tube.volume_m3 / (air.density * air.speed_m_s * air.speed_m_s) * zTop;
    if (tube.upstream_m > 0.0) {
        Passage unused;
        const Complex cavity = through(air, top, tube.upstream_m, f_Hz, Complex(1e4 * zTop), unused);
        load = load * cavity / (load + cavity);
    }
    const double depth = tube.mouthDepth_m * std::pow(f_Hz / 700.0, tube.mouthSlope);
    return (load + j * omega * air.density * depth / tube.mouthArea_m2) / zTop;
}

/// The pressures that the flows as they are make at each other's openings.
void meet(const Tube& tube, const Medium& air, double f_Hz, Outside& outside)
{
    const double omega = 2.0 * pi * f_Hz;
    const double k = omega / air.speed_m_s;
    const auto place = [&](std::size_t i) {
        return i == 0 ? tube.bore.back().at_m : tube.holes[i - 1].at_m;
    };
    const auto radius = [&](std::size_t i) {
        return i == 0 ? tube.bore.back().radius_m : tube.holes[i - 1].radius_m;
    };
    const auto open = [&](std::size_t i) {
        return i == 0 ? !tube.footClosed : tube.holes[i - 1].open > 0.0;
    };
    for (std::size_t i = 0; i < outside.flows.size(); ++i) {
        Complex sum;
        for (std::size_t n = 0; n < outside.flows.size(); ++n) {
            const double apart = std::max(std::abs(place(i) - place(n)), radius(i) + radius(n));
            if (n != i)
                sum += outside.flows[n] * std::exp(-j * k * apart) / (4.0 * pi * apart);
        }
        outside.pressures[i] = open(i) ? tube.neighbours * j * omega * air.density * sum : 0.0;
    }
    outside.at_Hz = f_Hz;
}

} // namespace

namespace {

Medium airIn(const Tube& tube)
{
    return {331.45 * std::sqrt(tube.kelvin / 273.15), 1.2929 * 273.15 / tube.kelvin, tube.roughness};
}

} // namespace

std::vector<double> answersAt(const Tube& tube, double sounding_Hz, std::size_t harmonics)
{
    const Medium air = airIn(tube);
    Outside alone{{}, std::vector<Complex>(tube.holes.size() + 1), 0.0};
    std::vector<double> heights;
    for (std::size_t n = 1; n <= harmonics; ++n)
        heights.push_back(1.0 / std::abs(total(tube, air, static_cast<double>(n) * sounding_Hz, alone)));
    return heights;
}

std::optional<double> soundingHz(const Tube& tube, int registerNumber)
{
    const Medium air = airIn(tube);
    const double step = air.speed_m_s / tube.bore.back().at_m / 50.0;
    constexpr double highest_Hz = 8000.0;
    Outside outside{{}, std::vector<Complex>(tube.holes.size() + 1), 0.0};
    const auto reactance = [&](double f_Hz) {
        return total(tube, air, f_Hz, outside).imag();
    };
    // Nothing where the reactance does not rise through zero between the two.
    const auto zeroBetween = [&](double low, double high, double width_Hz) -> std::optional<double> {
        const double atLow = reactance(low);
        const double atHigh = reactance(high);
        if (!(atLow <= 0.0 && atHigh >= 0.0))
            return std::nullopt;
        std::uintmax_t most = 80;
        const auto narrow = [&](double a, double b) {
            return std::abs(b - a) < width_Hz;
        };
        const auto [a, b] = boost::math::tools::toms748_solve(reactance, low, high, atLow, atHigh, narrow, most);
        return 0.5 * (a + b);
    };
    constexpr double roughly_Hz = 1e-3;
    constexpr double finely_Hz = 1e-6;
    int found = 0;
    double low = 0.2 * step;
    double before = reactance(low);
    for (double high = low + step; high < highest_Hz; high += step) {
        const double now = reactance(high);
        if (before < 0.0 && now >= 0.0 && ++found == registerNumber) {
            if (tube.neighbours <= 0.0)
                return zeroBetween(low, high, finely_Hz);
            // What is heard outside at the tube's own note, settled in a loop, moves that note a little.
            const auto alone = zeroBetween(low, high, roughly_Hz);
            if (!alone)
                return std::nullopt;
            constexpr int loops = 4;
            for (int i = 0; i < loops; ++i) {
                reactance(*alone);
                meet(tube, air, *alone, outside);
            }
            const auto near = zeroBetween(*alone * 0.96, *alone * 1.04, finely_Hz);
            if (near)
                return near;
            // A pole next to it: closer in; what the neighbours move it by is less than that.
            const auto closer = zeroBetween(*alone * 0.99, *alone * 1.01, finely_Hz);
            return closer ? closer : std::optional(zeroBetween(*alone * 0.997, *alone * 1.003, finely_Hz).value_or(*alone));
        }
        low = high;
        before = now;
    }
    return std::nullopt;
}

} // namespace dowel::player
