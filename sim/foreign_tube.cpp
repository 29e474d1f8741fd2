// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/foreign_tube.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace dowel::sim {

namespace {

using Complex = std::complex<double>;
constexpr Complex j{0.0, 1.0};
constexpr double pi = std::numbers::pi;
constexpr double breath_K = 273.15 + 34.0;

struct Gas
{
    double speed;
    double density;
    double layer; ///< viscous boundary layer: r_v = radius * layer * sqrt(f)
};

/// Moist air with carbon dioxide as a mixture of ideal gases at one atmosphere.
Gas gasAt(double kelvin, const Hidden& h)
{
    constexpr double gasConstant = 8.3145;
    struct Part
    {
        double share;
        double mass;
        double gamma;
    };
    const std::array parts{Part{1.0 - h.vapour - h.carbonDioxide, 0.028964, 1.4005}, Part{h.vapour, 0.018015, 1.330},
                           Part{h.carbonDioxide, 0.044010, 1.293}};
    double mass = 0.0;
    double heat = 0.0; // at constant pressure, over the gas constant
    for (const Part& p : parts) {
        mass += p.share * p.mass;
        heat += p.share * p.gamma / (p.gamma - 1.0);
    }
    const double gamma = heat / (heat - 1.0);
    Gas g{};
    g.speed = std::sqrt(gamma * gasConstant * kelvin / mass);
    g.density = 101325.0 * mass / (gasConstant * kelvin);
    const double viscosity = 1.846e-5 * (1.0 + 0.0025 * (kelvin - 300.0));
    g.layer = std::sqrt(2.0 * pi * g.density / viscosity);
    return g;
}

struct TwoPort
{
    Complex a = 1.0, b = 0.0, c = 0.0, d = 1.0;
    [[nodiscard]] TwoPort then(const TwoPort& o) const
    {
        return {a * o.a + b * o.c, a * o.b + b * o.d, c * o.a + d * o.c, c * o.b + d * o.d};
    }
};

/// Keefe's series for large tubes; the boundary layer's part is scaled by how rough the wall is.
TwoPort cylinder(const Gas& g, double radius_m, double length_m, double f_Hz, double rough)
{
    const double rv = radius_m * g.layer * std::sqrt(f_Hz);
    const double k = 2.0 * pi * f_Hz / g.speed;
    const double damping = k * rough * (1.045 / rv + 1.080 / (rv * rv) + 0.750 / (rv * rv * rv));
    const double phase = k * (1.0 + rough * 1.045 / rv);
    const Complex wave(damping, phase);
    const double plain = g.density * g.speed / (pi * radius_m * radius_m);
    const Complex zc = plain * Complex(1.0 + 0.369 / rv, -(0.369 / rv + 1.149 / (rv * rv) + 0.303 / (rv * rv * rv)));
    const Complex e = std::exp(wave * length_m);
    const Complex cosh = 0.5 * (e + 1.0 / e);
    const Complex sinh = 0.5 * (e - 1.0 / e);
    return {cosh, zc * sinh, sinh / zc, cosh};
}

TwoPort series(const Complex& z)
{
    return {1.0, z, 0.0, 1.0};
}

double boreRadius(const Instrument& actual, const Hidden& h, double at_m)
{
    const double length = actual.length().metres();
    double scale = h.boreScale * (1.0 + h.taper * (at_m / length - 0.5));
    for (const Hidden::Bump& b : h.bumps)
        scale *= 1.0 + b.height * std::exp(-0.5 * std::pow((at_m - b.at * length) / b.width_m, 2));
    return 0.5 * actual.boreDiameterAt(Metres::fromMetres(at_m)).metres() * scale;
}

} // namespace

ForeignTube::ForeignTube(const Instrument& actual, const Hidden& hidden, double room_K)
    : m_hidden(hidden), m_mouth(actual.spec().excitation)
{
    const InstrumentSpec& spec = actual.spec();
    const double length = actual.length().metres();
    // Breath warms the top more than the foot.
    const auto kelvinAt = [&](double at_m) {
        return room_K + hidden.breathShare * (1.4 - 0.8 * at_m / length) * (breath_K - room_K);
    };
    for (std::size_t i = spec.holes.size(); i-- > 0;) {
        const Hole& h = spec.holes[i];
        const double shift = i < hidden.holeShifts_m.size() ? hidden.holeShifts_m[i] : 0.0;
        Opening o{};
        o.at_m = h.at.metres() + shift;
        o.bore_m = boreRadius(actual, hidden, o.at_m);
        o.radius_m = std::min(h.diameter.metres() / 2.0 * std::sqrt(h.elongation), 0.97 * o.bore_m);
        const double ramp = (h.undercutDiameter - h.diameter).metres() / 2.0 * std::sqrt(h.elongation) * hidden.undercut;
        o.inner_m = std::clamp(o.radius_m + ramp, o.radius_m, o.bore_m);
        o.chimney_m = h.chimney.metres() * hidden.wall;
        o.ends = i < hidden.holeEnds.size() ? hidden.holeEnds[i] : 1.0;
        o.count = h.count;
        o.kelvin = kelvinAt(o.at_m);
        o.hole = i;
        m_holes.push_back(o);
    }
    std::stable_sort(m_holes.begin(), m_holes.end(), [](const Opening& a, const Opening& b) { return a.at_m < b.at_m; });
    const bool straight = hidden.taper == 0.0 && hidden.bumps.empty() && spec.bore.size() == 2 &&
                          spec.bore.front().diameter == spec.bore.back().diameter;
    constexpr double longest_m = 0.006;
    double from = 0.0;
    for (std::size_t k = 0; k <= m_holes.size(); ++k) {
        const double to = k < m_holes.size() ? m_holes[k].at_m : length;
        const double far = straight ? 0.04 : longest_m;
        const int count = std::max(1, static_cast<int>(std::ceil((to - from) / far)));
        std::vector<Slice> slices;
        for (int i = 0; i < count; ++i) {
            const double at = from + (to - from) * (i + 0.5) / count;
            slices.push_back({boreRadius(actual, hidden, at), (to - from) / count, kelvinAt(at)});
        }
        m_stretches.push_back(std::move(slices));
        from = to;
    }
    m_foot_m = length;
    m_footRadius_m = boreRadius(actual, hidden, length);
    m_footKelvin = kelvinAt(length);
    m_footClosed = spec.foot == Foot::Closed;
    m_topRadius_m = boreRadius(actual, hidden, 0.0);
    m_topKelvin = kelvinAt(0.0);
}

Complex ForeignTube::holeEffect(const Opening& o, bool open, double omega) const
{
    const Gas g = gasAt(o.kelvin, m_hidden);
    const double b = o.inner_m;
    const double d = b / o.bore_m;
    double ta = 0.0;
    if (m_hidden.holeSet == HoleSet::Keefe) {
        const double tanh = std::tanh(1.84 * o.chimney_m / b);
        ta = -0.47 * b * std::pow(d, 4) / ((open ? tanh : 1.0 / tanh) + 0.62 * d * d + 0.64 * d);
    } else {
        ta = -0.28 * b * std::pow(d, 4) * (open ? 1.0 : 0.8);
    }
    return 0.5 * j * omega * g.density * ta / (pi * b * b);
}

void ForeignTube::addBore(Eigen::MatrixXcd& a, const std::vector<double>& openShares, double f_Hz) const
{
    const double omega = 2.0 * pi * f_Hz;
    const auto effect = [&](Eigen::Index hole) {
        const Opening& o = m_holes[static_cast<std::size_t>(hole)];
        return series(holeEffect(o, openShares[o.hole] > 0.0, omega));
    };
    const auto n = static_cast<Eigen::Index>(m_holes.size());
    for (Eigen::Index k = 0; k <= n; ++k) {
        TwoPort way;
        if (k > 0)
            way = way.then(effect(k - 1));
        double kelvin = -1.0;
        Gas g{};
        for (const Slice& s : m_stretches[static_cast<std::size_t>(k)]) {
            if (s.kelvin != kelvin) {
                g = gasAt(s.kelvin, m_hidden);
                kelvin = s.kelvin;
            }
            way = way.then(cylinder(g, s.radius_m, s.length_m, f_Hz, m_hidden.losses));
        }
        if (k < n)
            way = way.then(effect(k));
        a(k, k) += way.d / way.b;
        a(k, k + 1) -= 1.0 / way.b;
        a(k + 1, k + 1) += way.a / way.b;
        a(k + 1, k) -= 1.0 / way.b;
    }
}

Complex ForeignTube::openHole(const Opening& o, double share, double f_Hz) const
{
    const Gas g = gasAt(o.kelvin, m_hidden);
    const double omega = 2.0 * pi * f_Hz;
    const double wave = omega / g.speed;
    const double d = o.inner_m / o.bore_m;
    const double area = pi * o.inner_m * o.inner_m;
    const double free = m_hidden.flange;
    const bool keefe = m_hidden.holeSet == HoleSet::Keefe;
    const double inner = keefe ? 0.75 - 0.58 * d * d : 0.80 - 0.25 * d - 0.60 * d * d + 0.30 * d * d * d;
    // A finger over the hole leaves the flow a ring as high as it hangs.
    const double under = m_hidden.hover_m > 0.0 ? 0.3 * o.radius_m / m_hidden.hover_m : 0.0;
    const double outer = (keefe ? 0.65 : 0.6133 + 0.2083 * free) + under;
    const double through = std::tan(wave * o.chimney_m) / wave / (pi * o.radius_m * o.inner_m);
    double length = through + o.ends * (inner / (pi * o.inner_m) + outer / (pi * o.radius_m));
    if (share < 1.0) // a slit that the finger leaves
        length += 1.7 * (1.0 - share) / (pi * o.radius_m * std::sqrt(share));
    const double ka = wave * o.radius_m;
    const double rv = o.radius_m * g.layer * std::sqrt(f_Hz);
    const double resistance = g.density * g.speed / area * (0.25 * (1.0 + free) * ka * ka + 2.0 * wave * o.chimney_m / rv);
    return (resistance + j * omega * g.density * length) / static_cast<double>(o.count);
}

Complex ForeignTube::shutHole(const Opening& o, double f_Hz) const
{
    const Gas g = gasAt(o.kelvin, m_hidden);
    const double d = o.inner_m / o.bore_m;
    const double matching = o.inner_m * d / 8.0 * (1.0 + 0.172 * d * d);
    const double depth = o.chimney_m * (1.0 - m_hidden.fingerDip) + matching;
    const double area = pi * o.inner_m * o.inner_m;
    return j * (area / (g.density * g.speed)) * std::tan(2.0 * pi * f_Hz / g.speed * depth) * static_cast<double>(o.count);
}

void ForeignTube::addOutlets(Eigen::MatrixXcd& a, const std::vector<double>& openShares, double f_Hz) const
{
    struct Outlet
    {
        double at_m;
        double radius_m;
        bool open;
    };
    std::vector<Outlet> outlets;
    const auto n = static_cast<Eigen::Index>(m_holes.size());
    const Eigen::Index nodes = n + 2;
    const auto opens = [&](Eigen::Index node, Eigen::Index flow, Complex impedance) {
        a(node, flow) = 1.0;
        a(flow, node) = -1.0;
        a(flow, flow) = impedance;
    };
    for (Eigen::Index k = 0; k < n; ++k) {
        const Opening& o = m_holes[static_cast<std::size_t>(k)];
        const double share = openShares[o.hole];
        if (share <= 0.0) {
            a(k + 1, k + 1) += shutHole(o, f_Hz);
            a(nodes + k, nodes + k) = 1.0; // no flow out
        } else {
            opens(k + 1, nodes + k, openHole(o, share, f_Hz));
        }
        outlets.push_back({o.at_m, o.radius_m, share > 0.0});
    }
    const double omega = 2.0 * pi * f_Hz;
    const double free = m_hidden.flange;
    const Gas g = gasAt(m_footKelvin, m_hidden);
    const double ka = omega / g.speed * m_footRadius_m;
    const double zFoot = g.density * g.speed / (pi * m_footRadius_m * m_footRadius_m);
    if (m_footClosed)
        a(nodes + n, nodes + n) = 1.0;
    else
        opens(n + 1, nodes + n, zFoot * Complex(0.25 * (1.0 + free) * ka * ka, ka * (0.6133 + 0.2083 * free)));
    outlets.push_back({m_foot_m, m_footRadius_m, !m_footClosed});
    for (std::size_t i = 0; i < outlets.size(); ++i)
        for (std::size_t m = 0; m < outlets.size(); ++m) {
            if (i == m || !outlets[i].open || !outlets[m].open)
                continue;
            const double apart = std::max(std::abs(outlets[i].at_m - outlets[m].at_m), outlets[i].radius_m + outlets[m].radius_m);
            a(nodes + static_cast<Eigen::Index>(i), nodes + static_cast<Eigen::Index>(m)) +=
                (1.0 + free) * j * omega * g.density * std::exp(-j * omega / g.speed * apart) / (4.0 * pi * apart);
        }
}

double ForeignTube::withMouth(Complex tube, double f_Hz) const
{
    const double omega = 2.0 * pi * f_Hz;
    const Gas top = gasAt(m_topKelvin, m_hidden);
    const double zTop = top.density * top.speed / (pi * m_topRadius_m * m_topRadius_m);
    const double scale = m_hidden.mouth * std::pow(1.0 + m_hidden.mouthPerOctave, std::log2(f_Hz / 650.0));
    if (const auto* closed = std::get_if<ClosedTop>(&m_mouth))
        return (zTop / tube + j * omega * closed->volume.cubicMetres() * scale / (top.density * top.speed * top.speed) * zTop)
            .imag();
    double inertance = 0.0; // over the density
    double cavity_m = 0.0;
    if (const auto* duct = std::get_if<Duct>(&m_mouth)) {
        const double window = duct->windowLength.metres() * duct->windowWidth.metres();
        inertance = duct->chimney.metres() * m_hidden.wall / window + 2.3 / (pi * std::sqrt(window));
        cavity_m = duct->upstream.metres();
    } else {
        const auto& lip = std::get<Transverse>(m_mouth);
        const double hole = pi / 4.0 * lip.holeLength.metres() * lip.holeWidth.metres();
        const double radius = std::sqrt(hole / pi);
        const double open = hole * (1.0 - lip.lipCover);
        const double d = radius / m_topRadius_m;
        inertance = (lip.chimney.metres() / (1.0 + lip.undercut / lip.holeWidth) + radius * (0.75 - 0.58 * d * d)) / hole +
                    0.70 * std::sqrt(open / pi) / open;
        cavity_m = lip.stopper.metres();
    }
    Complex load = tube;
    if (cavity_m > 0.0) {
        const TwoPort c = cylinder(top, m_topRadius_m, cavity_m, f_Hz, m_hidden.losses);
        const Complex shut = c.a / c.c;
        load = tube * shut / (tube + shut);
    }
    return (load + j * omega * top.density * inertance * scale).imag() / zTop;
}

double ForeignTube::reactance(const std::vector<double>& openShares, double f_Hz) const
{
    // Pressures at the top, at each hole and at the foot, then the flows out of the holes and the foot.
    const auto unknowns = static_cast<Eigen::Index>(2 * m_holes.size() + 3);
    Eigen::MatrixXcd a = Eigen::MatrixXcd::Zero(unknowns, unknowns);
    addBore(a, openShares, f_Hz);
    addOutlets(a, openShares, f_Hz);
    Eigen::VectorXcd right = Eigen::VectorXcd::Zero(unknowns);
    right[0] = 1.0; // a flow of 1 at the top
    return withMouth(a.partialPivLu().solve(right)[0], f_Hz);
}

std::optional<double> ForeignTube::between(const std::vector<double>& openShares, double low, double high) const
{
    double atLow = reactance(openShares, low);
    double atHigh = reactance(openShares, high);
    if (!(atLow < 0.0 && atHigh >= 0.0))
        return std::nullopt;
    // False position with the Illinois rule, to a five-thousandth of a cent.
    constexpr double narrow = 3e-9;
    int side = 0;
    for (int i = 0; i < 60; ++i) {
        const double at = low + (high - low) * (-atLow / (atHigh - atLow));
        const double r = reactance(openShares, at);
        if (r < 0.0) {
            if (at - low < narrow * low || std::abs(r) < 1e-9)
                return at;
            low = at;
            atLow = r;
            atHigh *= side < 0 ? 0.5 : 1.0;
            side = -1;
        } else {
            if (high - at < narrow * high || std::abs(r) < 1e-9)
                return at;
            high = at;
            atHigh = r;
            atLow *= side > 0 ? 0.5 : 1.0;
            side = 1;
        }
    }
    return low;
}

std::optional<double> ForeignTube::soundingHz(const std::vector<double>& openShares, int registerNumber,
                                              std::optional<double> near) const
{
    if (near)
        for (const double around : {1.004, 1.02})
            if (auto found = between(openShares, *near / around, *near * around))
                return found;
    const double step = 345.0 / m_foot_m / 60.0;
    constexpr double highest_Hz = 7000.0;
    int found = 0;
    double low = 0.3 * step;
    double before = reactance(openShares, low);
    for (double high = low + step; high < highest_Hz; high += step) {
        const double now = reactance(openShares, high);
        if (before < 0.0 && now >= 0.0 && ++found == registerNumber)
            return between(openShares, low, high);
        low = high;
        before = now;
    }
    return std::nullopt;
}

} // namespace dowel::sim
