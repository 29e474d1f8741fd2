// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/chain.h"

#include "core/acoustics/dual.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel::acoustics {

namespace {

using std::numbers::pi;
// Two places nearer than this are one.
constexpr double samePlace_m = 1e-9;
// Stretches that widen by more are split, so that the phase's jump at each stays well under half a turn.
constexpr double largestGrowth = 0.5;
// A steeper stretch is one step, however much it widens.
constexpr double steepSlope = 0.5;
// Losses let a phase stray a little over the edge of the range that a lossless lump keeps it in.
constexpr double slack = 0.7;

/// difference shifted by whole turns into [low, low + turn).
double wrapped(double difference, double low)
{
    return difference - turn * std::floor((difference - low) / turn);
}

/// -arg of the reflection (p - z u)/(p + z u).
double reflectionPhase(const Complex& p, const Complex& zu)
{
    return -std::arg((p - zu) * std::conj(p + zu));
}

void append(std::vector<Link>& links, const std::vector<Link>& from, std::size_t local, double factor)
{
    for (const Link& l : from)
        links.push_back({local, l.parameter, factor * l.slope});
}

} // namespace

Chain::Chain(Shape s, const Calibration& c, const Formulas& f)
    : shape(std::move(s)), calibration(c), formulas(f), layout(shape), loss(std::exp(c.wallLossLog))
{
    assemble();
}

double Chain::kelvinAt(double at_m) const
{
    return calibration.kelvin + calibration.gradient_K_m * (at_m - 0.5 * shape.bore.back().at_m);
}

double Chain::highestHz() const
{
    constexpr double highestKa = 1.8;
    double widest_m = 0.0;
    for (const auto& s : shape.bore)
        widest_m = std::max(widest_m, s.diameter_m / 2.0);
    const AirOf<Complex> air = AirOf<Complex>::at({calibration.kelvin, calibration.vapour, calibration.carbonDioxide});
    return highestKa * air.speed.real() / (turn * widest_m * std::exp(calibration.boreScaleLog));
}

Complex Chain::heardOutside(double omega, std::span<const Complex> flows) const
{
    const AirOf<Complex> air = AirOf<Complex>::at({calibration.kelvin, calibration.vapour, calibration.carbonDioxide});
    const double k = omega / air.speed.real();
    Complex pairs;
    for (std::size_t i = 0; i < flows.size(); ++i) {
        if (flows[i] == Complex(0.0))
            continue;
        Complex above;
        for (std::size_t j = i + 1; j < flows.size(); ++j) {
            if (flows[j] == Complex(0.0))
                continue;
            const double apart = std::max(openings[i].at_m - openings[j].at_m, openings[i].radius_m + openings[j].radius_m);
            above += std::polar(1.0 / apart, -k * apart) * flows[j];
        }
        pairs += above * flows[i];
    }
    // Each pair counts twice.
    return 2.0 * Complex(0.0, omega * air.density.real() / (4.0 * pi)) * pairs;
}

Chain::Heard Chain::heardOutsideInFull(double omega, std::span<const Complex> flows) const
{
    using AirDual = Dual<3>;
    const Calibration& c = calibration;
    const auto air = AirOf<AirDual>::at(
        {AirDual::variable(c.kelvin, 0), AirDual::variable(c.vapour, 1), AirDual::variable(c.carbonDioxide, 2)});
    const double speed = air.speed.v.real();
    const Complex inertance(0.0, omega * air.density.v.real() / (4.0 * pi));
    Heard h{{}, std::vector<Complex>(flows.size()), std::vector<Complex>(flows.size()), {}, {}};
    Complex byWaves; // sum of the pairs times their distances
    for (std::size_t i = 0; i < flows.size(); ++i)
        for (std::size_t j = i + 1; j < flows.size(); ++j) {
            const double between = openings[i].at_m - openings[j].at_m;
            const double touching = openings[i].radius_m + openings[j].radius_m;
            const double apart = std::max(between, touching);
            const Complex z = 2.0 * inertance * std::polar(1.0 / apart, -omega / speed * apart);
            const Complex pair = z * flows[i] * flows[j];
            h.pairs += pair;
            byWaves += pair * apart;
            h.byFlow[i] += z * flows[j];
            h.byFlow[j] += z * flows[i];
            if (between > touching) {
                const Complex byApart = pair * Complex(-1.0 / apart, -omega / speed);
                h.byPlace[i] += byApart;
                h.byPlace[j] -= byApart;
            }
        }
    h.byOmega = h.pairs / omega - Complex(0.0, 1.0 / speed) * byWaves;
    for (std::size_t k = 0; k < h.byAir.size(); ++k)
        h.byAir[k] =
            h.pairs * air.density.d[k] / air.density.v + Complex(0.0, omega / (speed * speed)) * air.speed.d[k] * byWaves;
    return h;
}

Surface Chain::surfaceAt(double at_m) const
{
    std::size_t i = 0;
    while (i + 2 < shape.bore.size() && shape.bore[i + 1].at_m <= at_m)
        ++i;
    return shape.bore[i].surface;
}

Place Chain::placeAt(double at_m, std::optional<std::size_t> movedBy) const
{
    const auto& bore = shape.bore;
    std::size_t upper = 0;
    while (upper + 2 < bore.size() && bore[upper + 1].at_m < at_m)
        ++upper;
    const double span = bore[upper + 1].at_m - bore[upper].at_m;
    const double share = (at_m - bore[upper].at_m) / span;
    const double scale = std::exp(calibration.boreScaleLog) * 0.5;
    const double taper = (bore[upper + 1].diameter_m - bore[upper].diameter_m) / span * scale;
    Place p{at_m, 0.0, {}, {}};
    p.radius_m = scale * (bore[upper].diameter_m * (1.0 - share) + bore[upper + 1].diameter_m * share);
    p.radius.push_back({0, ParameterLayout::stationDiameter(upper), scale * (1.0 - share)});
    p.radius.push_back({0, ParameterLayout::stationDiameter(upper + 1), scale * share});
    p.radius.push_back({0, ParameterLayout::boreScaleLog, p.radius_m});
    if (movedBy) {
        p.at.push_back({0, *movedBy, 1.0});
        p.radius.push_back({0, *movedBy, taper});
    }
    return p;
}

Place Chain::stationPlace(std::size_t station) const
{
    const double at_m = shape.bore[station].at_m;
    if (station < shape.bodyEnd())
        return placeAt(at_m, std::nullopt);
    if (station == shape.bodyEnd()) // a longer body goes on as it runs
        return placeAt(at_m, ParameterLayout::footLength);
    Place p = placeAt(at_m, std::nullopt);
    p.at.push_back({0, ParameterLayout::footLength, 1.0});
    return p;
}

Place Chain::between(const Place& low, const Place& high, double share)
{
    Place p{low.at_m + (high.at_m - low.at_m) * share, low.radius_m + (high.radius_m - low.radius_m) * share, {}, {}};
    append(p.at, low.at, 0, 1.0 - share);
    append(p.at, high.at, 0, share);
    append(p.radius, low.radius, 0, 1.0 - share);
    append(p.radius, high.radius, 0, share);
    return p;
}

std::vector<Link> Chain::kelvinLinks(double at_m, const std::vector<Link>& at) const
{
    const double g = calibration.gradient_K_m;
    std::vector<Link> links{{0, ParameterLayout::kelvin, 1.0},
                            {0, ParameterLayout::gradient, at_m - 0.5 * shape.bore.back().at_m}};
    if (g != 0.0) {
        links.push_back({0, ParameterLayout::footLength, -0.5 * g});
        append(links, at, 0, g);
    }
    return links;
}

std::size_t Chain::mediumOf(double kelvin)
{
    const auto found = std::find(kelvins.begin(), kelvins.end(), kelvin);
    if (found != kelvins.end())
        return static_cast<std::size_t>(found - kelvins.begin());
    kelvins.push_back(kelvin);
    return kelvins.size() - 1;
}

void Chain::addStretch(const Place& low, const Place& high, const Surface& surface)
{
    using L = StretchLocals;
    const double length = low.at_m - high.at_m;
    const double growth = std::log(high.radius_m / low.radius_m);
    const double rise = std::abs(high.radius_m - low.radius_m);
    const bool abrupt = formulas.steps && rise > gentleSlope * length;
    const int count = rise > steepSlope * length ? 1 : std::max(1, static_cast<int>(std::ceil(std::abs(growth) / largestGrowth)));
    const auto placed = [&](int i) {
        if (i == 0)
            return low;
        if (i == count)
            return high;
        const double even = static_cast<double>(i) / count;
        return between(low, high, std::abs(growth) < mildTaper ? even : std::expm1(growth * even) / std::expm1(growth));
    };
    for (int i = 0; i < count; ++i) {
        const Place from = placed(i);
        const Place to = placed(i + 1);
        Element e;
        const Place middle = between(from, to, 0.5);
        const double kelvin = kelvinAt(middle.at_m);
        const double warming = kelvinAt(to.at_m) - kelvinAt(from.at_m);
        e.local = {from.radius_m, to.radius_m, from.at_m - to.at_m, warming, kelvin, 0.0};
        e.at_m = to.at_m;
        e.medium = mediumOf(kelvin);
        e.surface = surface;
        e.slices = slicesFor(e.local[L::low], e.local[L::high], e.local[L::length]);
        e.abrupt = abrupt;
        append(e.links, from.radius, L::low, 1.0);
        append(e.links, to.radius, L::high, 1.0);
        append(e.links, from.at, L::length, 1.0);
        append(e.links, to.at, L::length, -1.0);
        append(e.links, kelvinLinks(middle.at_m, middle.at), L::kelvin, 1.0);
        append(e.links, kelvinLinks(to.at_m, to.at), L::rise, 1.0);
        append(e.links, kelvinLinks(from.at_m, from.at), L::rise, -1.0);
        elements.push_back(std::move(e));
    }
}

void Chain::addSlide(std::size_t slide, const Place& place)
{
    using L = StretchLocals;
    const Shape::Slide& s = shape.slides[slide];
    const Surface surface = surfaceAt(place.at_m);
    Place gap = place;
    gap.radius_m = s.gapDiameter_m / 2.0;
    gap.radius.clear();
    const bool stepped = std::abs(gap.radius_m - place.radius_m) > 1e-6;
    if (stepped)
        addStretch(place, gap, surface);
    const Place& wall = stepped ? gap : place;
    addStretch(wall, wall, surface);
    Element& cylinder = elements.back();
    cylinder.local[L::length] = s.out_m;
    cylinder.slices = slicesFor(wall.radius_m, wall.radius_m, s.out_m);
    cylinder.links.push_back({L::length, layout.slideOut(slide), 1.0});
    if (stepped)
        addStretch(gap, place, surface);
}

void Chain::addHole(std::size_t hole, const Place& place)
{
    using L = HoleLocals;
    const Shape::Hole& h = shape.holes[hole];
    Element e;
    e.isHole = true;
    e.hole = hole;
    e.at_m = place.at_m;
    const double kelvin = kelvinAt(place.at_m);
    e.medium = mediumOf(kelvin);
    e.local = {place.radius_m, h.diameter_m / 2.0, h.undercut_m / 2.0, h.chimney_m, h.sink_m / 2.0, kelvin};
    append(e.links, place.radius, L::bore, 1.0);
    e.links.push_back({L::radius, layout.holeDiameter(hole), 0.5});
    e.links.push_back({L::inner, layout.holeUndercut(hole), 0.5});
    e.links.push_back({L::chimney, layout.holeChimney(hole), 1.0});
    e.links.push_back({L::sink, layout.holeSink(hole), 0.5});
    append(e.links, kelvinLinks(place.at_m, place.at), L::kelvin, 1.0);
    elements.push_back(std::move(e));
    const HoleMeasures<Complex> measures{place.radius_m,
                                         h.diameter_m / 2.0,
                                         h.undercut_m / 2.0,
                                         h.chimney_m,
                                         h.sink_m / 2.0,
                                         std::exp(calibration.holeEndLog),
                                         {calibration.holeSpread[0], calibration.holeSpread[1]}};
    openings.push_back({place.at_m, h.diameter_m / 2.0});
    holes[hole] = HoleGeometry<Complex>::of(measures, h.fittings, formulas.holes);
}

void Chain::assemble()
{
    struct Stop
    {
        Place place;
        std::optional<std::size_t> hole;
        std::optional<std::size_t> slide;
    };
    std::vector<Stop> stops;
    for (std::size_t i = 0; i + 1 < shape.bore.size(); ++i)
        stops.push_back({stationPlace(i), {}, {}});
    for (std::size_t i = 0; i < shape.holes.size(); ++i)
        stops.push_back({placeAt(shape.holes[i].at_m, layout.holeAt(i)), i, {}});
    for (std::size_t i = 0; i < shape.slides.size(); ++i)
        stops.push_back({placeAt(shape.slides[i].at_m, std::nullopt), {}, i});
    std::stable_sort(stops.begin(), stops.end(), [](const Stop& a, const Stop& b) { return a.place.at_m > b.place.at_m; });
    holes.resize(shape.holes.size());
    foot = stationPlace(shape.bore.size() - 1);
    openings.push_back({foot.at_m, foot.radius_m});
    top = placeAt(0.0, std::nullopt);
    for (std::size_t i = 1; i < shape.bore.size(); ++i)
        meanRadius_m += 0.25 * (shape.bore[i - 1].diameter_m + shape.bore[i].diameter_m) *
                        (shape.bore[i].at_m - shape.bore[i - 1].at_m) / shape.bore.back().at_m;
    footKelvin = kelvinAt(foot.at_m);
    topKelvin = kelvinAt(0.0);
    footKelvinLinks = kelvinLinks(foot.at_m, foot.at);
    topKelvinLinks = kelvinLinks(0.0, {});
    const Place* low = &foot;
    for (const Stop& stop : stops) {
        if (low->at_m - stop.place.at_m > samePlace_m)
            addStretch(*low, stop.place, surfaceAt(0.5 * (low->at_m + stop.place.at_m)));
        low = &stop.place;
        if (stop.hole)
            addHole(*stop.hole, stop.place);
        if (stop.slide)
            addSlide(*stop.slide, stop.place);
    }
}

double phaseOf(const Shape& shape, int registerNumber)
{
    // A flute sounds at zero reactance, an odd number of half turns; an open reed pipe starts a turn earlier than a
    // closed one, whose first zero of susceptance is at no frequency.
    if (shape.mouth != Shape::Mouth::ClosedTop)
        return turn * registerNumber - pi;
    return turn * (shape.footClosed ? registerNumber : registerNumber - 1);
}

Slice::Slice(const Chain& chain, double hertz, bool shared) : m_chain(&chain), m_omega(turn * hertz), m_shared(shared), m_foot{}
{
    const Calibration& c = chain.calibration;
    m_media.reserve(chain.kelvins.size());
    for (const double kelvin : chain.kelvins)
        m_media.push_back(Medium<Complex>::at(AirOf<Complex>::at({kelvin, c.vapour, c.carbonDioxide}), m_omega, chain.loss));
    const AirOf<Complex> air = AirOf<Complex>::at({chain.footKelvin, c.vapour, c.carbonDioxide});
    m_foot = footWave(chain, air, Complex(chain.foot.radius_m), Complex(m_omega));
    if (shared)
        m_kept.resize(chain.elements.size());
    MouthInputs<Complex> in{
        {chain.topKelvin, c.vapour, c.carbonDioxide}, m_omega, chain.loss, c.mouthLog, c.mouthSlope, chain.top.radius_m, {}, {}};
    std::copy(chain.shape.excitation.begin(), chain.shape.excitation.end(), in.measure.begin());
    const AirOf<Complex> topAir = AirOf<Complex>::at(in.air);
    m_load = mouthLoad(chain.shape.mouth, in, topAir);
    m_topCharacteristic = (topAir.density * topAir.speed).real() / (pi * chain.top.radius_m * chain.top.radius_m);
    // A zero is seen where its resistance is below the reference, a peak where it is above. At a narrow top a cone's peaks
    // stay far below the characteristic impedance there; further down, all resonances would look narrow.
    const double top_m = chain.top.radius_m;
    const double seen_m = chain.shape.mouth == Shape::Mouth::ClosedTop ? std::max(top_m, std::sqrt(top_m * chain.meanRadius_m))
                                                                       : std::min(top_m, chain.meanRadius_m);
    m_reference = (topAir.density * topAir.speed).real() / (pi * seen_m * seen_m);
    if (const double cavity_m = cavityLength(chain.shape); cavity_m > 0.0) {
        m_cavity = cavityImpedance(in, topAir);
        m_cavityTurns = m_omega / topAir.speed.real() * cavity_m / pi;
    }
}

Matrix<Complex> Slice::made(const Element& e, double openShare)
{
    using L = StretchLocals;
    const Medium<Complex>& medium = m_media[e.medium];
    if (e.isHole)
        return sideHole(medium, m_chain->holes[e.hole], openShare);
    const double low = e.local[L::low];
    const double length = e.local[L::length];
    if (low != e.local[L::high] || e.local[L::rise] != 0.0) {
        const Matrix<Complex> line = boreSegment(medium, boreOf(e));
        if (!e.abrupt)
            return line;
        const Complex step = stepImpedance<Complex>(e, medium.air, medium.omega, low, e.local[L::high], length);
        return Matrix<Complex>{1.0, step, 0.0, 1.0} * line;
    }
    if (low != m_lastRadius || e.medium != m_lastMedium || e.surface.roughness != 1.0 || e.surface.porosity != 0.0) {
        m_line = lineConstants(medium, Complex(low), e.surface);
        m_lastRadius = e.surface.roughness == 1.0 && e.surface.porosity == 0.0 ? low : -1.0;
        m_lastMedium = e.medium;
    }
    return exponential(Complex(0.0), m_line.z * length, m_line.y * length);
}

const Matrix<Complex>& Slice::matrix(std::size_t i, double openShare)
{
    const Element& e = m_chain->elements[i];
    if (!m_shared) {
        m_scratch = made(e, openShare);
        return m_scratch;
    }
    Kept& kept = m_kept[i][e.isHole && openShare > 0.0 ? 1 : 0];
    if (kept.openShare != openShare) {
        kept.matrix = made(e, openShare);
        kept.openShare = openShare;
    }
    return kept.matrix;
}

namespace {

/// The lossless companion: pressure p and flow j q, and the phase of its reflection, counted.
struct Companion
{
    double p;
    double q;
    double phase;

    /// 2 atan(z q / p), without its whole turns.
    [[nodiscard]] double principal(double z) const { return 2.0 * std::atan2(z * q, p); }
    void through(const Matrix<Complex>& m)
    {
        const double above = m.a.real() * p - m.b.imag() * q;
        q = m.c.imag() * p + m.d.real() * q;
        p = above;
    }
    /// Counts on to the new principal phase, by an amount that is known to lie in [low, low + turn).
    void count(double z, double low) { phase += wrapped(principal(z) - phase, low); }
};

} // namespace

Complex heardThrough(Shape::Mouth mouth, const Wave<Complex>& top, const Complex& pairs)
{
    if (mouth == Shape::Mouth::ClosedTop)
        return 1.0 / (top.u / top.p - pairs / (top.p * top.p));
    return top.p / top.u + pairs / (top.u * top.u);
}

Slice::Seen Slice::seen(std::span<const double> openShares)
{
    using L = StretchLocals;
    const Chain& chain = *m_chain;
    Wave<Complex> w = m_foot;
    const auto characteristic = [&](const Element& e, double radius_m) {
        const AirOf<Complex>& air = m_media[e.medium].air;
        return air.density.real() * air.speed.real() / (pi * radius_m * radius_m);
    };
    Companion companion{1.0, 0.0, 0.0};
    if (!chain.shape.footClosed) {
        companion.q = -1.0 / (w.p / w.u).imag();
        companion.phase = companion.principal(characteristic(chain.elements.front(), chain.foot.radius_m));
    }
    const double outside = chain.calibration.neighbours;
    m_flows.assign(1, chain.shape.footClosed ? Complex(0.0) : w.u);
    for (std::size_t i = 0; i < chain.elements.size(); ++i) {
        const Element& e = chain.elements[i];
        const double share = e.isHole ? openShares[e.hole] : 0.0;
        const Matrix<Complex>& m = matrix(i, share);
        const Complex below = w.u;
        w = m * w;
        if (e.isHole)
            m_flows.push_back(share > 0.0 ? w.u - below : Complex(0.0));
        companion.through(m);
        const double z = characteristic(e, e.local[e.isHole ? HoleLocals::bore : L::high]);
        if (e.isHole) { // an inertance draws the phase back, by less than a turn; a closed hole moves it little
            companion.count(z, share > 0.0 ? slack - turn : -pi);
        } else {
            const double travelled = 2.0 * m_omega / m_media[e.medium].air.speed.real() * e.local[L::length];
            companion.count(z, travelled - pi);
        }
    }
    const double z = m_reference;
    companion.count(z, -pi);
    Seen s{w.p / w.u, {}, 0.0, 0.0};
    if (outside != 0.0)
        s.tube = heardThrough(chain.shape.mouth, w, outside * chain.heardOutside(m_omega, m_flows));
    if (chain.shape.mouth == Shape::Mouth::ClosedTop) { // a compliance drives the phase on
        companion.q += m_load.imag() * companion.p;
        companion.count(z, -slack);
        const Complex admittance = 1.0 / s.tube + m_load;
        s.total = admittance * m_topCharacteristic;
        s.phase = reflectionPhase(Complex(1.0), admittance * z);
    } else {
        Complex above = s.tube;
        if (m_cavityTurns > 0.0) {
            // A cavity beside the tube adds a turn for each of its own resonances that has been passed.
            companion.q -= companion.p / m_cavity.imag();
            companion.phase += turn * std::floor(m_cavityTurns + 0.5);
            companion.count(z, std::tan(m_cavityTurns * pi) >= 0.0 ? -slack : slack - turn);
            above = above * m_cavity / (above + m_cavity);
        }
        companion.p -= m_load.imag() * companion.q; // an inertance in series drives it on, too
        companion.count(z, -slack);
        s.total = (above + m_load) / m_topCharacteristic;
        s.phase = reflectionPhase(above + m_load, Complex(z));
    }
    s.companion = companion.phase;
    return s;
}

} // namespace dowel::acoustics
