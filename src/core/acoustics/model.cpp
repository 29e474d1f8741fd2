// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/model.h"

#include "core/acoustics/elements.h"
#include "core/base/assert.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>
#include <string>
#include <unordered_map>

namespace dowel::acoustics {

namespace {

// Where the mouth's slope over frequency turns; the middle of the small flutes' range.
constexpr double mouthPivot_Hz = 700.0;
// Inner and outer end corrections of a window with a lip on one side, in radii of equal area: acoustics.md.
constexpr double windowInner = 0.8;
constexpr double windowOuter = 0.6;

/// By how much a local measure moves with a parameter.
struct Link
{
    std::size_t local;
    std::size_t parameter;
    double slope;
};

/// A stretch of bore or a side hole, in the order from the foot upwards.
struct Element
{
    bool isHole = false;
    std::size_t hole = 0;
    // stretch: radii and length; hole: bore radius, radius, inner radius, chimney
    std::array<double, 4> local{};
    std::vector<Link> links;
};

using SegmentDual = Dual<6>; // low, high, length, kelvin, omega, loss
using HoleDual = Dual<8>;    // bore, radius, inner, chimney, kelvin, omega, loss, outer end
using EndDual = Dual<4>;     // radius, kelvin, omega, (free)
constexpr std::size_t mouthLocals = 6 + excitationMeasures + 1;
using MouthDual = Dual<mouthLocals>; // kelvin, omega, loss, mouthLog, mouthSlope, top radius, measures, tube impedance

/// A place along the tube: its radius and how place and radius move with the parameters.
struct Place
{
    double at_m;
    double radius_m;
    std::vector<Link> at;     // local unused
    std::vector<Link> radius; // local unused
};

template <class C> struct MouthInputs
{
    C kelvin;
    C omega;
    C loss;
    C mouthLog;
    C mouthSlope;
    C topRadius;
    std::array<C, excitationMeasures> measure;
    C tube; ///< impedance of the tube below the mouth
};

/// Impedance of a rigidly closed tube seen from its end.
template <class C> C closedCavity(const Medium<C>& medium, const C& radius, const C& length)
{
    const Matrix<C> m = boreSegment(medium, radius, radius, length, 1);
    return m.a / m.c;
}

/// Total impedance (flutes) or admittance (closed top), over its characteristic value.
template <class C> C totalAtMouth(Shape::Mouth mouth, const MouthInputs<C>& in)
{
    using std::exp;
    using std::log;
    using std::pow;
    using std::sqrt;
    const AirOf<C> air = AirOf<C>::at(in.kelvin);
    const C jw = C(Complex(0.0, 1.0)) * in.omega;
    const C area = C(std::numbers::pi) * in.topRadius * in.topRadius;
    const C characteristic = air.density * air.speed / area;
    const C frequency = in.omega / C(2.0 * std::numbers::pi);
    const C fitted = exp(in.mouthLog + in.mouthSlope * log(frequency / C(mouthPivot_Hz)));
    const auto radiated = [&] { // resistance of a small source into half-open space
        return air.density * in.omega * in.omega / (C(4.0 * std::numbers::pi) * air.speed);
    };
    switch (mouth) {
    case Shape::Mouth::Duct: {
        const C& length = in.measure[0];
        const C& width = in.measure[1];
        const C window = length * width;
        const C equalRadius = sqrt(window / C(std::numbers::pi));
        const C depth = in.measure[2] + C(windowInner + windowOuter) * equalRadius;
        C tube = in.tube;
        if (valueOf(in.measure[3]).real() > 0.0) {
            const C cavity = closedCavity(Medium<C>::at(air, in.omega, in.loss), in.topRadius, in.measure[3]);
            tube = tube * cavity / (tube + cavity);
        }
        return (tube + jw * air.density * depth / window * fitted + radiated()) / characteristic;
    }
    case Shape::Mouth::Transverse: {
        const C hole = C(std::numbers::pi / 4.0) * in.measure[0] * in.measure[1];
        const C open = hole * (C(1.0) - in.measure[4]);
        const C radius = sqrt(hole / C(std::numbers::pi));
        const C openRadius = sqrt(open / C(std::numbers::pi));
        const C delta = radius / in.topRadius;
        // Inner end as of a side hole [LS12], outer end as in a plane, over the area that the lip leaves.
        const C inner = radius * (C(0.822) - C(0.095) * delta - C(1.566) * delta * delta + C(2.138) * delta * delta * delta -
                                  C(1.640) * pow(delta, 4.0) + C(0.502) * pow(delta, 5.0));
        const C inertance = air.density * ((in.measure[2] + inner) / hole + C(0.8216) * openRadius / open);
        const C cavity = closedCavity(Medium<C>::at(air, in.omega, in.loss), in.topRadius, in.measure[3]);
        return (in.tube * cavity / (in.tube + cavity) + jw * inertance * fitted + radiated()) / characteristic;
    }
    case Shape::Mouth::ClosedTop: break;
    }
    const C compliance = in.measure[0] * fitted / (air.density * air.speed * air.speed);
    return (C(1.0) / in.tube + jw * compliance) * characteristic;
}

} // namespace

Shape Shape::of(const Instrument& instrument)
{
    const InstrumentSpec& s = instrument.spec();
    Shape shape;
    if (const auto* d = std::get_if<Duct>(&s.excitation)) {
        shape.mouth = Mouth::Duct;
        shape.excitation = {d->windowLength.metres(), d->windowWidth.metres(), d->chimney.metres(), d->upstream.metres(), 0.0};
    } else if (const auto* t = std::get_if<Transverse>(&s.excitation)) {
        shape.mouth = Mouth::Transverse;
        shape.excitation = {t->holeLength.metres(), t->holeWidth.metres(), t->chimney.metres(), t->stopper.metres(), t->lipCover};
    } else {
        shape.mouth = Mouth::ClosedTop;
        shape.excitation[0] = std::get<ClosedTop>(s.excitation).volume.cubicMetres();
    }
    for (const auto& station : s.bore)
        shape.bore.push_back({station.at.metres(), station.diameter.metres()});
    for (const auto& h : s.holes)
        shape.holes.push_back({h.at.metres(), h.diameter.metres(), h.undercutDiameter.metres(), h.chimney.metres()});
    shape.wall_m = s.wall.metres();
    shape.footClosed = s.foot == Foot::Closed;
    return shape;
}

struct Model::Parts
{
    Shape shape;
    Calibration calibration;
    ParameterLayout layout;
    std::vector<Element> elements; ///< foot upwards
    Place foot;
    Place top;
    AirOf<Complex> air;
    Complex loss;

    Parts(Shape s, const Calibration& c)
        : shape(std::move(s)), calibration(c), layout(shape.bore.size(), shape.holes.size()),
          air(AirOf<Complex>::at(Complex(c.kelvin))), loss(std::exp(c.wallLossLog))
    {
        assemble();
    }

    [[nodiscard]] Place placeAt(double at_m, std::optional<std::size_t> movedBy) const
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

    static void link(std::vector<Link>& links, const std::vector<Link>& from, std::size_t local, double sign)
    {
        for (const Link& l : from)
            links.push_back({local, l.parameter, sign * l.slope});
    }

    void assemble()
    {
        std::vector<std::pair<Place, std::optional<std::size_t>>> places;
        for (std::size_t i = 0; i + 1 < shape.bore.size(); ++i)
            places.emplace_back(placeAt(shape.bore[i].at_m, std::nullopt), std::nullopt);
        for (std::size_t i = 0; i < shape.holes.size(); ++i)
            places.emplace_back(placeAt(shape.holes[i].at_m, layout.holeAt(i)), i);
        std::stable_sort(places.begin(), places.end(), [](const auto& a, const auto& b) { return a.first.at_m > b.first.at_m; });
        foot = placeAt(shape.bore.back().at_m, ParameterLayout::footLength);
        top = placeAt(0.0, std::nullopt);
        const Place* low = &foot;
        for (const auto& [place, hole] : places) {
            if (low->at_m - place.at_m > 1e-9) {
                Element e;
                e.local = {low->radius_m, place.radius_m, low->at_m - place.at_m, 0.0};
                link(e.links, low->radius, 0, 1.0);
                link(e.links, place.radius, 1, 1.0);
                link(e.links, low->at, 2, 1.0);
                link(e.links, place.at, 2, -1.0);
                elements.push_back(std::move(e));
            }
            low = &place;
            if (!hole)
                continue;
            const Shape::Hole& h = shape.holes[*hole];
            Element e;
            e.isHole = true;
            e.hole = *hole;
            e.local = {place.radius_m, h.diameter_m / 2.0, h.undercut_m / 2.0, h.chimney_m};
            link(e.links, place.radius, 0, 1.0);
            e.links.push_back({1, layout.holeDiameter(*hole), 0.5});
            e.links.push_back({2, layout.holeUndercut(*hole), 0.5});
            e.links.push_back({3, layout.holeChimney(*hole), 1.0});
            elements.push_back(std::move(e));
        }
    }

    template <class C> Wave<C> atFoot(const AirOf<C>& a, const C& radius, const C& omega) const
    {
        if (shape.footClosed)
            return {C(1.0), C(0.0)};
        const C ka = omega / a.speed * radius;
        return {radiationImpedance(a, radius, omega, walledEnd(ka, radius / (radius + C(shape.wall_m)))), C(1.0)};
    }

    /// All elements' matrices at one frequency, holes open and closed, made when first asked for.
    class Slice
    {
    public:
        Slice(const Parts& parts, double hertz) : m_parts(&parts), m_omega(2.0 * std::numbers::pi * hertz)
        {
            m_medium = Medium<Complex>::at(parts.air, m_omega, parts.loss);
            m_foot = parts.atFoot(parts.air, Complex(parts.foot.radius_m), m_omega);
            m_stretch.resize(parts.elements.size());
            m_open.resize(parts.elements.size());
            m_closed.resize(parts.elements.size());
        }
        Complex tube(const std::vector<bool>& closed)
        {
            Wave<Complex> w = m_foot;
            for (std::size_t i = 0; i < m_parts->elements.size(); ++i)
                w = matrix(i, closed) * w;
            return w.p / w.u;
        }
        Complex total(const std::vector<bool>& closed)
        {
            const Calibration& c = m_parts->calibration;
            MouthInputs<Complex> in{c.kelvin,   m_omega, m_parts->loss, c.mouthLog, c.mouthSlope, m_parts->top.radius_m,
                                    {},         tube(closed)};
            std::copy(m_parts->shape.excitation.begin(), m_parts->shape.excitation.end(), in.measure.begin());
            return totalAtMouth(m_parts->shape.mouth, in);
        }

    private:
        const Matrix<Complex>& matrix(std::size_t i, const std::vector<bool>& closed)
        {
            const Element& e = m_parts->elements[i];
            if (!e.isHole) {
                if (!m_stretch[i])
                    m_stretch[i] = stretch(e);
                return *m_stretch[i];
            }
            auto& cached = closed[e.hole] ? m_closed[i] : m_open[i];
            if (!cached) {
                const HoleMeasures<Complex> h{e.local[0], e.local[1], e.local[2], e.local[3],
                                              std::exp(m_parts->calibration.holeEndLog)};
                cached = sideHole(m_medium, h, closed[e.hole]);
            }
            return *cached;
        }
        Matrix<Complex> stretch(const Element& e)
        {
            const double low = e.local[0];
            const double high = e.local[1];
            const double length = e.local[2];
            if (low != high)
                return boreSegment(m_medium, Complex(low), Complex(high), Complex(length), slicesFor(low, high, length));
            if (low != m_lastRadius) {
                m_line = lineConstants(m_medium, Complex(low));
                m_lastRadius = low;
            }
            return exponential(Complex(0.0), m_line.z * length, m_line.y * length);
        }

        const Parts* m_parts;
        Complex m_omega;
        Medium<Complex> m_medium{};
        Wave<Complex> m_foot;
        std::vector<std::optional<Matrix<Complex>>> m_stretch;
        std::vector<std::optional<Matrix<Complex>>> m_open;
        std::vector<std::optional<Matrix<Complex>>> m_closed;
        double m_lastRadius = -1.0;
        LineConstants<Complex> m_line{};
    };

    /// Slices on the common grid, shared between fingerings.
    class Grid
    {
    public:
        explicit Grid(const Parts& parts) : m_parts(&parts)
        {
            // Ten steps a register keep the reflection's phase from turning by more than half a circle between them.
            m_step_Hz = parts.air.speed.real() / parts.shape.bore.back().at_m / 20.0;
            constexpr double highestKa = 1.8;
            double widest_m = 0.0;
            for (const auto& s : parts.shape.bore)
                widest_m = std::max(widest_m, s.diameter_m / 2.0);
            m_last = static_cast<std::size_t>(highestKa * parts.air.speed.real() / (2.0 * std::numbers::pi * widest_m) / m_step_Hz);
        }
        [[nodiscard]] double hertz(std::size_t i) const { return (static_cast<double>(i) + 0.1) * m_step_Hz; }
        [[nodiscard]] std::size_t last() const { return m_last; }
        Complex total(std::size_t i, const std::vector<bool>& closed)
        {
            while (m_slices.size() <= i)
                m_slices.emplace_back(*m_parts, hertz(m_slices.size()));
            return m_slices[i].total(closed);
        }

    private:
        const Parts* m_parts;
        double m_step_Hz;
        std::size_t m_last;
        std::vector<Slice> m_slices;
    };

    /// Phase of (W-1)/(W+1) turned so that it is 0 where W has no reactance and little resistance; falls with frequency.
    static double phase(const Complex& total) { return std::arg((1.0 - total) / (1.0 + total)); }

    [[nodiscard]] std::optional<double> resonance(Grid& grid, const NoteQuery& note) const
    {
        // W = 0 at phase 0 modulo 2 pi. An open tube starts just below 0, a stopped one just below pi.
        int found = 0;
        double before = phase(grid.total(0, note.closed));
        for (std::size_t i = 1; i <= grid.last(); ++i) {
            const double now = phase(grid.total(i, note.closed));
            // Falling through 0: from above to below without the jump at the branch cut, or across the cut and through.
            const double fall = std::remainder(before - now, 2.0 * std::numbers::pi);
            if (before > 0.0 && before - std::abs(fall) <= 0.0 && now <= 0.0 && ++found == note.registerNumber)
                return refined(note.closed, grid.hertz(i - 1), before, grid.hertz(i), now);
            before = now;
        }
        return std::nullopt;
    }

    /// The zero of phase between two frequencies: inverse quadratic and then secant steps, since the phase is nearly
    /// straight there, kept inside the bracket by halving it whenever one leaves it.
    [[nodiscard]] double refined(const std::vector<bool>& closed, double low, double atLow, double high, double atHigh) const
    {
        constexpr int mostSteps = 80;
        constexpr double enough = 1e-8; // relative size of a step whose successor would be below 1e-11, 2e-8 cent
        double oldest = 0.0;
        double atOldest = 0.0;
        double last = low;
        double atLast = atLow;
        double x = high;
        double at = atHigh;
        for (int i = 0; i < mostSteps; ++i) {
            double next = x - at * (x - last) / (at - atLast);
            if (i > 0)
                next += quadraticTerm(oldest, atOldest, last, atLast, x, at);
            if (!(next > low && next < high))
                next = 0.5 * (low + high);
            oldest = last;
            atOldest = atLast;
            last = x;
            atLast = at;
            x = next;
            if (std::abs(x - last) < enough * x)
                break;
            Slice slice(*this, x);
            at = phase(slice.total(closed));
            if (at == 0.0)
                break;
            (at > 0.0 ? low : high) = x;
        }
        return x;
    }

    /// What inverse quadratic interpolation to phase 0 adds to the secant through the last two points (Newton's form).
    static double quadraticTerm(double x0, double y0, double x1, double y1, double x2, double y2)
    {
        const double near = (x2 - x1) / (y2 - y1);
        const double far = (x1 - x0) / (y1 - y0);
        const double term = (near - far) / (y2 - y0) * y2 * y1;
        return std::isfinite(term) ? term : 0.0;
    }

    [[nodiscard]] NoteAnswer withDerivatives(double hertz, const std::vector<bool>& closed) const;
};

Model::Model(Shape shape, const Calibration& calibration) : m_parts(std::make_unique<Parts>(std::move(shape), calibration))
{
}
Model::~Model() = default;
Model::Model(Model&&) noexcept = default;
Model& Model::operator=(Model&&) noexcept = default;

ParameterLayout Model::layout() const
{
    return m_parts->layout;
}

Complex Model::tubeImpedance(double hertz, const std::vector<bool>& closed) const
{
    return Parts::Slice(*m_parts, hertz).tube(closed);
}

Complex Model::total(double hertz, const std::vector<bool>& closed) const
{
    return Parts::Slice(*m_parts, hertz).total(closed);
}

Result<std::vector<double>> Model::frequencies(std::span<const NoteQuery> notes) const
{
    Parts::Grid grid(*m_parts);
    std::vector<double> found;
    found.reserve(notes.size());
    for (const NoteQuery& note : notes) {
        DOWEL_ASSERT(note.closed.size() == m_parts->shape.holes.size());
        const auto hertz = m_parts->resonance(grid, note);
        if (!hertz || !std::isfinite(*hertz))
            return Error{ErrorCode::OutOfModelRange, std::to_string(found.size()), "register " + std::to_string(note.registerNumber)};
        found.push_back(*hertz);
    }
    return found;
}

Result<std::vector<NoteAnswer>> Model::answers(std::span<const NoteQuery> notes) const
{
    const auto found = frequencies(notes);
    if (!found)
        return found.error();
    std::vector<NoteAnswer> answers;
    answers.reserve(notes.size());
    for (std::size_t i = 0; i < notes.size(); ++i)
        answers.push_back(m_parts->withDerivatives((*found)[i], notes[i].closed));
    return answers;
}

NoteAnswer Model::Parts::withDerivatives(double hertz, const std::vector<bool>& closed) const
{
    const double omega = 2.0 * std::numbers::pi * hertz;
    const double lossValue = loss.real();
    const std::size_t n = elements.size();

    // Upwards: the wave below each element, and each element's matrix with its local derivatives.
    const auto footRadius = EndDual::variable(foot.radius_m, 0);
    const auto footKelvin = EndDual::variable(calibration.kelvin, 1);
    const auto footOmega = EndDual::variable(omega, 2);
    const Wave<EndDual> footWave = atFoot(AirOf<EndDual>::at(footKelvin), footRadius, footOmega);
    const auto stretchMedium = Medium<SegmentDual>::at(AirOf<SegmentDual>::at(SegmentDual::variable(calibration.kelvin, 3)),
                                                       SegmentDual::variable(omega, 4), SegmentDual::variable(lossValue, 5));
    const auto holeMedium = Medium<HoleDual>::at(AirOf<HoleDual>::at(HoleDual::variable(calibration.kelvin, 4)),
                                                 HoleDual::variable(omega, 5), HoleDual::variable(lossValue, 6));
    std::vector<Matrix<SegmentDual>> stretches(n);
    std::vector<Matrix<HoleDual>> holes(n);
    std::vector<Wave<Complex>> below(n + 1);
    below[0] = {footWave.p.v, footWave.u.v};
    for (std::size_t i = 0; i < n; ++i) {
        const Element& e = elements[i];
        const auto step = [&](const auto& m) {
            below[i + 1] = {m.a.v * below[i].p + m.b.v * below[i].u, m.c.v * below[i].p + m.d.v * below[i].u};
        };
        if (e.isHole) {
            const auto at = [&](std::size_t k) { return HoleDual::variable(e.local[k], k); };
            const HoleMeasures<HoleDual> h{at(0), at(1), at(2), at(3),
                                           HoleDual::variable(std::exp(calibration.holeEndLog), 7)};
            holes[i] = sideHole(holeMedium, h, closed[e.hole]);
            step(holes[i]);
        } else {
            const auto at = [&](std::size_t k) { return SegmentDual::variable(e.local[k], k); };
            // A cylinder's value needs one step; its derivative by one end's radius needs as many as a taper's.
            stretches[i] = boreSegment(stretchMedium, at(0), at(1), at(2), slicesFor(e.local[0], e.local[1], e.local[2]));
            step(stretches[i]);
        }
    }

    // The mouth.
    const Complex tube = below[n].p / below[n].u;
    MouthInputs<MouthDual> in{MouthDual::variable(calibration.kelvin, 0), MouthDual::variable(omega, 1),
                              MouthDual::variable(lossValue, 2), MouthDual::variable(calibration.mouthLog, 3),
                              MouthDual::variable(calibration.mouthSlope, 4), MouthDual::variable(top.radius_m, 5), {}, {}};
    for (std::size_t k = 0; k < excitationMeasures; ++k)
        in.measure[k] = MouthDual::variable(shape.excitation[k], 6 + k);
    in.tube = MouthDual(tube);
    in.tube.d[mouthLocals - 1] = 1.0;
    const MouthDual total = totalAtMouth(shape.mouth, in);

    std::vector<Complex> slope(layout.size()); // dW / d parameter
    Complex byOmega = total.d[1];
    Complex byLoss = total.d[2];
    slope[ParameterLayout::kelvin] += total.d[0];
    slope[ParameterLayout::mouthLog] += total.d[3];
    slope[ParameterLayout::mouthSlope] += total.d[4];
    for (const Link& l : top.radius)
        slope[l.parameter] += total.d[5] * l.slope;
    for (std::size_t k = 0; k < excitationMeasures; ++k)
        slope[ParameterLayout::excitation(k)] += total.d[6 + k];

    // Downwards: dW/d(wave) is the row that each element's derivative is seen through.
    const Complex byTube = total.d[mouthLocals - 1];
    Complex rowP = byTube / below[n].u;
    Complex rowU = -byTube * below[n].p / (below[n].u * below[n].u);
    const auto seen = [&](const auto& m, std::size_t k, const Wave<Complex>& w) {
        return rowP * (m.a.d[k] * w.p + m.b.d[k] * w.u) + rowU * (m.c.d[k] * w.p + m.d.d[k] * w.u);
    };
    for (std::size_t i = n; i-- > 0;) {
        const Element& e = elements[i];
        const auto pass = [&](const auto& m, std::size_t kelvinAt, std::size_t omegaAt, std::size_t lossAt) {
            for (const Link& l : e.links)
                slope[l.parameter] += seen(m, l.local, below[i]) * l.slope;
            slope[ParameterLayout::kelvin] += seen(m, kelvinAt, below[i]);
            byOmega += seen(m, omegaAt, below[i]);
            byLoss += seen(m, lossAt, below[i]);
            const Complex p = rowP * m.a.v + rowU * m.c.v;
            rowU = rowP * m.b.v + rowU * m.d.v;
            rowP = p;
        };
        if (e.isHole) {
            slope[ParameterLayout::holeEndLog] += seen(holes[i], 7, below[i]) * std::exp(calibration.holeEndLog);
            pass(holes[i], 4, 5, 6);
        } else {
            pass(stretches[i], 3, 4, 5);
        }
    }
    const auto seenAtFoot = [&](std::size_t k) { return rowP * footWave.p.d[k] + rowU * footWave.u.d[k]; };
    for (const Link& l : foot.radius)
        slope[l.parameter] += seenAtFoot(0) * l.slope;
    slope[ParameterLayout::kelvin] += seenAtFoot(1);
    byOmega += seenAtFoot(2);
    slope[ParameterLayout::wallLossLog] += byLoss * lossValue;

    NoteAnswer answer;
    answer.hertz = hertz;
    answer.centsPer.resize(layout.size());
    constexpr double centsPerNeper = 1200.0 / std::numbers::ln2;
    for (std::size_t k = 0; k < layout.size(); ++k)
        answer.centsPer[k] = -centsPerNeper * slope[k].imag() / (byOmega.imag() * omega);
    return answer;
}

} // namespace dowel::acoustics
