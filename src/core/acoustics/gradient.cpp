// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/gradient.h"

#include "core/base/ratio.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel::acoustics {

namespace {

using StepDual = Dual<StretchLocals::count>;
using HoleDual = Dual<HoleLocals::count>;
using EndDual = Dual<5>;                                        // radius, kelvin, vapour, carbon dioxide, omega
using MediumDual = Dual<5>;                                     // kelvin, vapour, carbon dioxide, omega, loss
constexpr std::size_t mouthLocals = 8 + excitationMeasures + 1; // see mouthAt
using MouthDual = Dual<mouthLocals>;

/// A step up a stretch and the wave that it starts from.
struct StepUp
{
    MagnusStep<Complex> step;
    Hyperbolic hyperbolic;
    Wave<Complex> below;
};

/// What a climb from the foot to the mouth leaves behind for the way down: of each stretch its steps and the inertance at its
/// upper end, of each hole its matrix with its local derivatives, and the wave below every element.
struct Climb
{
    std::vector<Medium<Complex>> media;
    std::vector<Medium<MediumDual>> mediaSlopes;
    std::vector<StepUp> steps;
    std::vector<std::size_t> firstStep; ///< of each element, and one past the last
    std::vector<StepDual> inertances;
    std::vector<Matrix<HoleDual>> holes;
    std::vector<Wave<Complex>> below;
    Wave<EndDual> foot;

    [[nodiscard]] std::span<const StepUp> stepsOf(std::size_t element) const
    {
        return std::span(steps).subspan(firstStep[element], firstStep[element + 1] - firstStep[element]);
    }
};

template <class D> AirState<D> airWith(const Chain& chain, double kelvin, std::size_t kelvinAt)
{
    const Calibration& c = chain.calibration;
    return {D::variable(kelvin, kelvinAt), D::variable(c.vapour, kelvinAt + 1), D::variable(c.carbonDioxide, kelvinAt + 2)};
}

template <class D> Medium<D> mediumWith(const Chain& chain, double kelvin, double omega, std::size_t kelvinAt)
{
    return Medium<D>::at(AirOf<D>::at(airWith<D>(chain, kelvin, kelvinAt)), D::variable(omega, kelvinAt + 3),
                         D::variable(chain.loss, kelvinAt + 4));
}

Matrix<Complex> matrixOf(const StepUp& s)
{
    return exponential(s.step.alpha, s.step.beta, s.step.gamma, s.hyperbolic.cosh, s.hyperbolic.sinhOverS);
}

StepDual inertanceOf(const Chain& chain, const Element& e, double omega)
{
    using L = StretchLocals;
    const auto air = AirOf<StepDual>::at(airWith<StepDual>(chain, e.local[L::kelvin], L::kelvin));
    return stepImpedance<StepDual>(e, air, StepDual::variable(omega, L::omega), StepDual::variable(e.local[L::low], L::low),
                                   StepDual::variable(e.local[L::high], L::high),
                                   StepDual::variable(e.local[L::length], L::length));
}

Climb climbed(const Chain& chain, const HoleDuals& holes, double omega, std::span<const double> shares)
{
    const Calibration& c = chain.calibration;
    const std::size_t n = chain.elements.size();
    Climb climb;
    climb.firstStep.resize(n + 1);
    climb.inertances.resize(n);
    climb.holes.resize(n);
    climb.below.resize(n + 1);
    climb.foot = footWave(chain, AirOf<EndDual>::at(airWith<EndDual>(chain, chain.footKelvin, 1)),
                          EndDual::variable(chain.foot.radius_m, 0), EndDual::variable(omega, 4));
    std::vector<Medium<HoleDual>> holeMedia;
    for (const double kelvin : chain.kelvins) {
        climb.media.push_back(
            Medium<Complex>::at(AirOf<Complex>::at({kelvin, c.vapour, c.carbonDioxide}), Complex(omega), Complex(chain.loss)));
        climb.mediaSlopes.push_back(mediumWith<MediumDual>(chain, kelvin, omega, 0));
        holeMedia.push_back(mediumWith<HoleDual>(chain, kelvin, omega, HoleLocals::kelvin));
    }
    Wave<Complex> wave{climb.foot.p.v, climb.foot.u.v};
    for (std::size_t i = 0; i < n; ++i) {
        const Element& e = chain.elements[i];
        climb.below[i] = wave;
        climb.firstStep[i] = climb.steps.size();
        if (e.isHole) {
            climb.holes[i] = sideHole(holeMedia[e.medium], holes[e.hole], shares[e.hole]);
            const auto& m = climb.holes[i];
            wave = {m.a.v * wave.p + m.b.v * wave.u, m.c.v * wave.p + m.d.v * wave.u};
            continue;
        }
        upTheSteps(climb.media[e.medium], boreOf(e), [&](const MagnusStep<Complex>& step) {
            const Complex square = step.alpha * step.alpha + step.beta * step.gamma;
            climb.steps.push_back({step, hyperbolic<true>(square), wave});
            wave = matrixOf(climb.steps.back()) * wave;
        });
        if (e.abrupt) {
            climb.inertances[i] = inertanceOf(chain, e, omega);
            wave.p += climb.inertances[i].v * wave.u;
        }
    }
    climb.below[n] = wave;
    climb.firstStep[n] = climb.steps.size();
    return climb;
}

/// Locals: 0 kelvin, 1 vapour, 2 carbon dioxide, 3 omega, 4 loss, 5 mouth, 6 its slope, 7 top radius, measures, tube.
MouthDual mouthAt(const Chain& chain, double omega, const Complex& tube)
{
    const Calibration& c = chain.calibration;
    MouthInputs<MouthDual> in{
        {MouthDual::variable(chain.topKelvin, 0), MouthDual::variable(c.vapour, 1), MouthDual::variable(c.carbonDioxide, 2)},
        MouthDual::variable(omega, 3),
        MouthDual::variable(chain.loss, 4),
        MouthDual::variable(c.mouthLog, 5),
        MouthDual::variable(c.mouthSlope, 6),
        MouthDual::variable(chain.top.radius_m, 7),
        {},
        {}};
    for (std::size_t k = 0; k < excitationMeasures; ++k)
        in.measure[k] = MouthDual::variable(chain.shape.excitation[k], 8 + k);
    in.tube = MouthDual(tube);
    in.tube.d[mouthLocals - 1] = 1.0;
    return totalAtMouth(chain.shape, in);
}

/// What the openings hear of each other outside, at strength 1.
Chain::Heard heardOutside(const Chain& chain, const Climb& climb, double omega, std::span<const double> shares)
{
    std::vector<Complex> flows{chain.shape.footClosed ? Complex(0.0) : climb.below[0].u};
    for (std::size_t i = 0; i < chain.elements.size(); ++i)
        if (const Element& e = chain.elements[i]; e.isHole)
            flows.push_back(shares[e.hole] > 0.0 ? climb.below[i + 1].u - climb.below[i].u : Complex(0.0));
    return chain.heardOutsideInFull(omega, flows);
}

/// Derivatives of the total by the wave that enters an element's upper end.
struct Row
{
    Complex p;
    Complex u;
};

Row rowAtTop(const MouthDual& total, const Wave<Complex>& top)
{
    const Complex byTube = total.d[mouthLocals - 1];
    return {byTube / top.u, -byTube * top.p / (top.u * top.u)};
}

Row rowBelow(const Matrix<Complex>& m, const Row& above)
{
    return {above.p * m.a + above.u * m.c, above.p * m.b + above.u * m.d};
}

/// The way down a stretch: how the whole moves with the stretch's locals, gathered step by step backwards (the
/// reverse mode [GW08], which costs about as much as the way up whatever the number of locals).
class WayDown
{
public:
    WayDown(const Element& e, const Medium<Complex>& medium) : m_element(&e), m_medium(&medium), m_bore(boreOf(e)) {}

    /// row: dW / d(wave) above the step; gives the one below it.
    Row through(const StepUp& s, const Row& row)
    {
        const MagnusStep<Complex>& step = s.step;
        // By the entries of the exponential, then by its cosh, its sinh(s)/s, and the traceless matrix.
        const Complex byA = row.p * s.below.p;
        const Complex byB = row.p * s.below.u;
        const Complex byC = row.u * s.below.p;
        const Complex byD = row.u * s.below.u;
        const Complex byTurn = byA - byD;
        const Complex bySinh = byTurn * step.alpha + byB * step.beta + byC * step.gamma;
        const Complex bySquare = 0.5 * (byA + byD) * s.hyperbolic.sinhOverS + bySinh * s.hyperbolic.slope;
        const Complex byAlpha = byTurn * s.hyperbolic.sinhOverS + 2.0 * bySquare * step.alpha;
        const Complex byBeta = byB * s.hyperbolic.sinhOverS + bySquare * step.gamma;
        const Complex byGamma = byC * s.hyperbolic.sinhOverS + bySquare * step.beta;
        // alpha = k h^2 (z1 y2 - z2 y1), beta = h (z1 + z2) / 2, gamma = h (y1 + y2) / 2.
        const auto& [one, two] = step.line;
        const Complex& h = step.length_m;
        constexpr double k = -0.14433756729740643; // root of 3, over 12
        const Complex twist = byAlpha * (k * h);
        m_byLength += step.width * (2.0 * twist * (one.z * two.y - two.z * one.y) + 0.5 * byBeta * (one.z + two.z) +
                                    0.5 * byGamma * (one.y + two.y));
        throughLine(step.at[0], one, h * (twist * two.y + 0.5 * byBeta), h * (0.5 * byGamma - twist * two.z));
        throughLine(step.at[1], two, h * (0.5 * byBeta - twist * one.y), h * (twist * one.z + 0.5 * byGamma));
        return rowBelow(matrixOf(s), row);
    }

    [[nodiscard]] std::array<Complex, StretchLocals::count> byLocals(const Medium<MediumDual>& slopes) const
    {
        using L = StretchLocals;
        const double kelvin = m_element->local[L::kelvin];
        std::array<Complex, L::count> by{};
        by[L::low] = m_byLow;
        by[L::high] = m_byHigh;
        by[L::length] = m_byLength;
        by[L::rise] = m_byWarmer / kelvin;
        for (std::size_t i = 0; i < 5; ++i) // kelvin, vapour, carbon dioxide, omega, loss
            by[L::kelvin + i] =
                m_byInertia * slopes.inertia.d[i] + m_byStiffness * slopes.stiffness.d[i] + m_byGamma * slopes.air.gamma.d[i] +
                m_byViscous * slopes.viscous.d[i] + m_byThermal * slopes.thermal.d[i] + m_byLoss * slopes.lossFactor.d[i] +
                m_byImpedance * (slopes.air.density.d[i] * slopes.air.speed.v + slopes.air.density.v * slopes.air.speed.d[i]);
        by[L::kelvin] -= m_byWarmer * m_element->local[L::rise] / (kelvin * kelvin);
        return by;
    }

private:
    /// Back through lineConstants().
    void throughLine(double share, const LineConstants<Complex>& line, const Complex& byZ, const Complex& byY)
    {
        const Medium<Complex>& m = *m_medium;
        const Complex wall_m = m_bore.low_m + (m_bore.high_m - m_bore.low_m) * share;
        const Complex warmer = m_bore.warmerAbove * (share - 0.5);
        const Complex radius = wall_m * (1.0 - 0.9 * warmer);
        const Complex area = std::numbers::pi * wall_m * wall_m;
        const Complex loss = m.lossFactor * m_bore.surface.roughness;
        const Complex squeezed = 1.0 + (m.air.gamma - 1.0) * line.thermal;
        const Complex byLogZ = byZ * line.z;
        const Complex byAreaY = byY * area;
        const Complex byViscous = byLogZ / (1.0 - line.viscous);
        const Complex byThermal = byAreaY * m.stiffness * (m.air.gamma - 1.0);
        m_byInertia += byLogZ / m.inertia;
        m_byStiffness += byAreaY * squeezed;
        m_byGamma += byAreaY * m.stiffness * line.thermal;
        m_byLoss += (byViscous * line.viscous + byThermal * line.thermal) / m.lossFactor;
        const Complex byViscousX = byViscous * loss * lossSlope(radius * m.viscous, line.viscous / loss);
        const Complex byThermalX = byThermal * loss * lossSlope(radius * m.thermal, line.thermal / loss);
        m_byViscous += byViscousX * radius;
        m_byThermal += byThermalX * radius;
        const Complex byRadius = byViscousX * m.viscous + byThermalX * m.thermal;
        const Complex byArea = byY * m.stiffness * squeezed - byLogZ / area;
        Complex byWall = byRadius * (1.0 - 0.9 * warmer) + byArea * (2.0 * std::numbers::pi) * wall_m;
        if (m_bore.surface.porosity > 0.0) {
            const Complex impedance = m.air.density * m.air.speed;
            const Complex pores = byY * (2.0 * std::numbers::pi * m_bore.surface.porosity) / impedance;
            byWall += pores;
            m_byImpedance -= pores * wall_m / impedance;
        }
        m_byLow += byWall * (1.0 - share);
        m_byHigh += byWall * share;
        m_byWarmer += (share - 0.5) * (-0.9 * byRadius * wall_m - byLogZ / (1.0 + warmer));
    }

    const Element* m_element;
    const Medium<Complex>* m_medium;
    StraightBore<Complex> m_bore;
    Complex m_byLow;
    Complex m_byHigh;
    Complex m_byLength;
    Complex m_byWarmer; ///< warmerAbove
    Complex m_byInertia;
    Complex m_byStiffness;
    Complex m_byGamma;
    Complex m_byViscous;
    Complex m_byThermal;
    Complex m_byLoss;
    Complex m_byImpedance; ///< the air's rho c
};

/// What the tube's impedance, as heardThrough() has it, moves with: the wave at its top and what is heard outside.
struct TubeSlopes
{
    Row byTop;
    Complex byPairs;
};

TubeSlopes tubeSlopes(Shape::Mouth mouth, const Wave<Complex>& top, const Complex& pairs, const Complex& tube)
{
    const Complex& p = top.p;
    const Complex& u = top.u;
    if (mouth == Shape::Mouth::ClosedTop) {
        const Complex byAdmittance = -tube * tube;
        return {{byAdmittance * (-u / (p * p) + 2.0 * pairs / (p * p * p)), byAdmittance / p}, -byAdmittance / (p * p)};
    }
    return {{1.0 / u, -p / (u * u) - 2.0 * pairs / (u * u * u)}, 1.0 / (u * u)};
}

} // namespace

HoleDuals::HoleDuals(const Chain& chain) : m_holes(chain.shape.holes.size())
{
    for (const Element& e : chain.elements) {
        if (!e.isHole)
            continue;
        const auto at = [&](std::size_t k) {
            return HoleDual::variable(e.local[k], k);
        };
        const HoleMeasures<HoleDual> measures{at(HoleLocals::bore),
                                              at(HoleLocals::radius),
                                              at(HoleLocals::inner),
                                              at(HoleLocals::chimney),
                                              at(HoleLocals::sink),
                                              HoleDual::variable(std::exp(chain.calibration.holeEndLog), HoleLocals::outerEnd),
                                              {HoleDual::variable(chain.calibration.holeSpread[0], HoleLocals::spread),
                                               HoleDual::variable(chain.calibration.holeSpread[1], HoleLocals::spread + 1)}};
        m_holes[e.hole] = HoleGeometry<HoleDual>::of(measures, chain.shape.holes[e.hole].fittings, chain.formulas.holes);
    }
}

namespace {

/// From the whole's reactance and what it changes by with frequency and each parameter.
NoteAnswer answerOf(double hertz, Complex whole, Complex byOmega, const std::vector<Complex>& slope)
{
    const double omega = 2.0 * std::numbers::pi * hertz;
    NoteAnswer answer;
    answer.hertz = hertz;
    answer.quality = omega * byOmega.imag() / (2.0 * whole.real());
    answer.height = 1.0 / whole.real();
    answer.centsPer.reserve(slope.size());
    for (const Complex& by : slope)
        answer.centsPer.push_back(-centsPerNeper * by.imag() / (byOmega.imag() * omega));
    return answer;
}

/// dW / d parameter of the whole W, and by frequency and loss, as it is gathered from the mouth down.
struct Slopes
{
    const Chain* chain;
    std::vector<Complex> by;
    Complex byOmega;
    Complex byLoss;

    void pass(const std::vector<Link>& links, const Complex& slope)
    {
        for (const Link& l : links)
            by[l.parameter] += slope * l.slope;
    }
    void addHeard(const Complex& byHeard, const Chain::Heard& heard)
    {
        by[ParameterLayout::kelvin] += byHeard * heard.byAir[0];
        by[ParameterLayout::vapour] += byHeard * heard.byAir[1];
        by[ParameterLayout::carbonDioxide] += byHeard * heard.byAir[2];
        by[ParameterLayout::footLength] += byHeard * heard.byPlace[0];
        byOmega += byHeard * heard.byOmega;
    }
    void addMouth(const MouthDual& total)
    {
        pass(chain->topKelvinLinks, total.d[0]);
        by[ParameterLayout::vapour] += total.d[1];
        by[ParameterLayout::carbonDioxide] += total.d[2];
        byOmega += total.d[3];
        byLoss += total.d[4];
        by[ParameterLayout::mouthLog] += total.d[5];
        by[ParameterLayout::mouthSlope] += total.d[6];
        pass(chain->top.radius, total.d[7]);
        for (std::size_t k = 0; k < excitationMeasures; ++k)
            by[ParameterLayout::excitation(k)] += total.d[8 + k];
    }
    /// A hole, seen through the row at its upper end; gives the row at its lower end.
    Row addHole(const Element& e, const Matrix<HoleDual>& m, const Row& row, const Wave<Complex>& below)
    {
        using L = HoleLocals;
        const auto seen = [&](std::size_t k) {
            return row.p * (m.a.d[k] * below.p + m.b.d[k] * below.u) + row.u * (m.c.d[k] * below.p + m.d.d[k] * below.u);
        };
        for (const Link& l : e.links)
            by[l.parameter] += seen(l.local) * l.slope;
        addAir(seen(L::vapour), seen(L::carbonDioxide), seen(L::omega), seen(L::loss));
        by[ParameterLayout::holeEndLog] += seen(L::outerEnd) * std::exp(chain->calibration.holeEndLog);
        by[ParameterLayout::holeSpread(0)] += seen(L::spread);
        by[ParameterLayout::holeSpread(1)] += seen(L::spread + 1);
        return rowBelow({m.a.v, m.b.v, m.c.v, m.d.v}, row);
    }
    /// The same of a stretch, which is the i-th element.
    Row addStretch(const Climb& climb, std::size_t i, Row row)
    {
        using L = StretchLocals;
        const Element& e = chain->elements[i];
        WayDown down(e, climb.media[e.medium]);
        std::array<Complex, L::count> ofStep{};
        if (e.abrupt) {
            const StepDual& inertance = climb.inertances[i];
            const Complex seen = row.p * climb.below[i + 1].u;
            for (std::size_t k = 0; k < L::count; ++k)
                ofStep[k] = seen * inertance.d[k];
            row.u += row.p * inertance.v;
        }
        const auto steps = climb.stepsOf(i);
        for (auto s = steps.rbegin(); s != steps.rend(); ++s)
            row = down.through(*s, row);
        auto seen = down.byLocals(climb.mediaSlopes[e.medium]);
        for (std::size_t k = 0; k < L::count; ++k)
            seen[k] += ofStep[k];
        for (const Link& l : e.links)
            by[l.parameter] += seen[l.local] * l.slope;
        addAir(seen[L::vapour], seen[L::carbonDioxide], seen[L::omega], seen[L::loss]);
        return row;
    }
    void addAir(const Complex& byVapour, const Complex& byDioxide, const Complex& omega, const Complex& loss)
    {
        by[ParameterLayout::vapour] += byVapour;
        by[ParameterLayout::carbonDioxide] += byDioxide;
        byOmega += omega;
        byLoss += loss;
    }
    void addFoot(const Climb& climb, const Row& row)
    {
        const auto seen = [&](std::size_t k) {
            return row.p * climb.foot.p.d[k] + row.u * climb.foot.u.d[k];
        };
        pass(chain->foot.radius, seen(0));
        pass(chain->footKelvinLinks, seen(1));
        by[ParameterLayout::vapour] += seen(2);
        by[ParameterLayout::carbonDioxide] += seen(3);
        byOmega += seen(4);
        by[ParameterLayout::wallLossLog] += byLoss * chain->loss;
    }
};

} // namespace

NoteAnswer answerAt(const Chain& chain, const HoleDuals& holes, double hertz, std::span<const double> shares)
{
    const double omega = 2.0 * std::numbers::pi * hertz;
    const std::size_t n = chain.elements.size();
    const Climb climb = climbed(chain, holes, omega, shares);
    const Wave<Complex>& top = climb.below[n];
    const double strength = chain.calibration.neighbours;
    const Chain::Heard heard = heardOutside(chain, climb, omega, shares);
    const Complex tube = heardThrough(chain.shape.mouth, top, strength * heard.pairs);
    const MouthDual total = mouthAt(chain, omega, tube);

    Slopes slopes{&chain, std::vector<Complex>(chain.layout.size()), 0.0, 0.0};
    const Complex byTube = total.d[mouthLocals - 1];
    const TubeSlopes tubeBy = tubeSlopes(chain.shape.mouth, top, strength * heard.pairs, tube);
    const Complex byHeard = byTube * tubeBy.byPairs * strength; // dW / d (sum of the pairs)
    slopes.by[ParameterLayout::neighbours] = byTube * tubeBy.byPairs * heard.pairs;
    slopes.addHeard(byHeard, heard);
    slopes.addMouth(total);

    // Downwards: dW/d(wave) is the row that each element's derivative is seen through. A hole's outward flow is what comes
    // from above less what goes on below.
    Row row{byTube * tubeBy.byTop.p, byTube * tubeBy.byTop.u};
    std::size_t opening = heard.byFlow.size();
    for (std::size_t i = n; i-- > 0;) {
        const Element& e = chain.elements[i];
        if (!e.isHole) {
            row = slopes.addStretch(climb, i, row);
            continue;
        }
        --opening;
        const bool open = shares[e.hole] > 0.0;
        const Complex byFlow = open ? byHeard * heard.byFlow[opening] : Complex(0.0);
        row.u += byFlow;
        if (open)
            slopes.by[chain.layout.holeAt(e.hole)] += byHeard * heard.byPlace[opening];
        row = slopes.addHole(e, climb.holes[i], row, climb.below[i]);
        row.u -= byFlow;
    }
    slopes.addFoot(climb, row);
    return answerOf(hertz, total.v, slopes.byOmega, slopes.by);
}

std::vector<BoreWeight> boreWeightsAt(const Chain& chain, double hertz, std::span<const double> shares, double step_m)
{
    using L = StretchLocals;
    const double omega = 2.0 * std::numbers::pi * hertz;
    const std::size_t n = chain.elements.size();
    const HoleDuals holes(chain);
    const Climb climb = climbed(chain, holes, omega, shares);
    const MouthDual total = mouthAt(chain, omega, climb.below[n].p / climb.below[n].u);

    // The slope by frequency comes with the gradient; its own row is needed again on the way down.
    const NoteAnswer answer = answerAt(chain, holes, hertz, shares);
    const double bySpeed = 2.0 * answer.quality * total.v.real(); // omega dX/domega
    std::vector<BoreWeight> weights;
    using RadiusDual = Dual<1>;
    Row row = rowAtTop(total, climb.below[n]);
    for (std::size_t i = n; i-- > 0;) {
        const Element& e = chain.elements[i];
        if (e.isHole) {
            const auto& m = climb.holes[i];
            row = rowBelow({m.a.v, m.b.v, m.c.v, m.d.v}, row);
            continue;
        }
        Row below = row;
        if (e.abrupt)
            below.u += below.p * climb.inertances[i].v;
        const auto steps = climb.stepsOf(i);
        for (auto s = steps.rbegin(); s != steps.rend(); ++s)
            below = rowBelow(matrixOf(*s), below);
        const double length = e.local[L::length];
        const Calibration& c = chain.calibration;
        const Medium<Complex> medium =
            Medium<Complex>::at(AirOf<Complex>::at({e.local[L::kelvin], c.vapour, c.carbonDioxide}), omega, chain.loss);
        const Medium<RadiusDual> dualMedium =
            Medium<RadiusDual>::at(AirOf<RadiusDual>::at({e.local[L::kelvin], c.vapour, c.carbonDioxide}), omega, chain.loss);
        const int count = std::max(1, static_cast<int>(std::ceil(length / step_m)));
        for (int k = 0; k < count && length > 0.0; ++k) { // from its upper end downwards
            const double share = 1.0 - (k + 0.5) / count; // from the lower end
            const double radius = e.local[L::low] + (e.local[L::high] - e.local[L::low]) * share;
            // The row at a place inside is the row below the element taken back up through what lies under it, and the
            // wave there is the wave below it brought up: both by the lower part's matrix, whose determinant is 1.
            const double under = length * share;
            const double warmer = e.local[L::rise] / e.local[L::kelvin];
            // The lower part's own middle lies off the element's: its medium is shifted by as much.
            const Calibration& cal = chain.calibration;
            const double middle = e.local[L::kelvin] + e.local[L::rise] * (0.5 * share - 0.5);
            const Medium<Complex> lower =
                e.local[L::rise] == 0.0
                    ? medium
                    : Medium<Complex>::at(AirOf<Complex>::at({middle, cal.vapour, cal.carbonDioxide}), omega, chain.loss);
            const Matrix<Complex> part =
                boreSegment(lower, Complex(e.local[L::low]), Complex(radius), Complex(under),
                            slicesFor(e.local[L::low], radius, under), e.surface, Complex(warmer * share));
            const Wave<Complex> here = part * climb.below[i];
            const Row there{below.p * part.d - below.u * part.c, below.u * part.a - below.p * part.b};
            const auto line =
                lineConstants(dualMedium, RadiusDual::variable(radius, 0), e.surface, RadiusDual(warmer * (share - 0.5)));
            // d(p, u)/ds = ((0, z), (y, 0)) (p, u) upwards.
            const Complex by = there.p * line.z.d[0] * here.u + there.u * line.y.d[0] * here.p;
            weights.push_back({e.at_m + length * (k + 0.5) / count, -centsPerNeper * by.imag() / bySpeed * 0.5});
        }
        row = below;
    }
    return weights;
}

} // namespace dowel::acoustics
