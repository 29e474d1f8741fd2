// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/foreign.h"

#include "core/base/random.h"
#include "core/layout/families.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace dowel::sim {

namespace {

struct ForeignFamily
{
    Family family;
    std::vector<const char*> lowest;
    int registers;
    double slope_cents; ///< an octave: what is blown at nearly one pressure flattens upwards
};

const std::vector<ForeignFamily>& foreignFamilies()
{
    static const std::vector<ForeignFamily> all{{Family::Whistle, {"C5", "D5", "Eb5", "F5", "G5"}, 2, 0.0},
                                                {Family::Fife, {"A4", "Bb4", "C5"}, 2, 0.0},
                                                {Family::Flute, {"C4", "D4", "Eb4", "F4"}, 2, 0.0},
                                                {Family::TwoChamber, {"E4", "G4", "A4"}, 1, -40.0},
                                                {Family::Recorder, {"C5", "D5", "F5"}, 1, 0.0},
                                                {Family::Reed, {"C4", "D4", "F4"}, 1, 0.0},
                                                {Family::Horn, {"F4", "G4", "A4"}, 1, 0.0},
                                                {Family::Stopped, {"C5", "E5", "G5", "C6"}, 1, 0.0}};
    return all;
}

/// What a design leaves open: the foot's place, each hole's place and size, then how the bore runs: a whistle's foot or a
/// flute's head over the bore between, and a flute's stopper in bores or the window's length in four tenths of one. Lengths in
/// metres.
std::optional<Instrument> laidOut(InstrumentSpec spec, const Eigen::VectorXd& x)
{
    const Eigen::Index tail = 2 * std::ssize(spec.holes) + 1;
    const Metres bore = spec.bore[spec.bore.size() / 2].diameter;
    if (auto* lip = std::get_if<Transverse>(&spec.excitation)) {
        spec.bore.front().diameter = bore * x[tail];
        lip->stopper = bore * x[tail + 1];
    } else if (auto* duct = std::get_if<Duct>(&spec.excitation); duct != nullptr && spec.bore.size() == 2) {
        spec.bore.back().diameter = spec.bore.front().diameter * x[tail];
        duct->windowLength = spec.bore.front().diameter * 0.4 * x[tail + 1];
    }
    spec.bore = boreEndingAt(std::move(spec.bore), Metres::fromMetres(x[0]));
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        const auto k = static_cast<Eigen::Index>(2 * i + 1);
        spec.holes[i].at = Metres::fromMetres(x[k]);
        spec.holes[i].diameter = spec.holes[i].undercutDiameter = Metres::fromMetres(x[k + 1]);
    }
    auto made = Instrument::make(std::move(spec));
    return made ? std::optional(std::move(*made)) : std::nullopt;
}

/// A row of holes that is in tune on a perfect piece of wood, sought by damped Gauss-Newton on cents over tolerance, sizes
/// drawn to an even row. Unknowns: the foot, then place and size of each hole, then the bore's run (as laidOut() has them).
class Design
{
public:
    Design(const InstrumentSpec& spec, const ForeignWood& nominal)
        : m_spec(spec),
          m_nominal(nominal),
          m_holes(static_cast<Eigen::Index>(spec.holes.size())),
          m_notes(static_cast<Eigen::Index>(spec.fingerings.size())),
          m_bore_m(boreDiameterAt(spec.bore, spec.bore.back().at * 0.5).metres()),
          m_reed(std::holds_alternative<ClosedTop>(spec.excitation))
    {
    }
    /// Nothing where the worst note stays beyond its tolerance.
    [[nodiscard]] std::optional<Instrument> found() const
    {
        Eigen::VectorXd x = first();
        auto r = residual(x);
        double damping = 1e-2;
        constexpr double hopeless = 1e6;
        for (int round = 0; r && round < 40; ++round) {
            const auto jac = derivatives(x, *r);
            if (!jac)
                return std::nullopt;
            const Eigen::VectorXd there = x - stepOf(*jac, *r, damping);
            const auto next = residual(there);
            const bool better = next && next->squaredNorm() < r->squaredNorm();
            const double gained = better ? r->squaredNorm() - next->squaredNorm() : 0.0;
            damping = std::clamp(damping * (better ? 0.3 : 6.0), 1e-6, hopeless);
            if (better) {
                x = there;
                r = next;
            }
            if ((better && gained < 1e-4 && worst(*r) < 0.6) || damping >= hopeless)
                break;
        }
        return r && worst(*r) <= 1.0 ? laidOut(m_spec, x) : std::nullopt;
    }

private:
    [[nodiscard]] Eigen::Index tail() const { return 2 * m_holes + 1; }
    [[nodiscard]] double even() const { return std::min(0.0085, (m_reed ? 0.42 : 0.52) * m_bore_m); }
    /// The worst note over its tolerance.
    [[nodiscard]] double worst(const Eigen::VectorXd& r) const { return r.head(m_notes).cwiseAbs().maxCoeff(); }

    /// A row by proportion, all of it longer or shorter until the lowest note is about there.
    [[nodiscard]] Eigen::VectorXd first() const
    {
        const double length = m_spec.bore.back().at.metres();
        Eigen::VectorXd x(tail() + 2);
        x[0] = length * 0.97;
        x[tail()] = 1.0;
        x[tail() + 1] = 0.95;
        const auto ways = static_cast<double>(std::max<Eigen::Index>(1, m_holes - 1));
        for (Eigen::Index i = 0; i < m_holes; ++i) {
            x[2 * i + 1] = length * (0.83 - 0.46 * static_cast<double>(i) / ways);
            x[2 * i + 2] = even();
        }
        for (int i = 0; i < 6; ++i)
            if (const auto shape = laidOut(m_spec, x)) {
                const double by = std::exp2(m_nominal.truth(*shape).front() / 1200.0);
                x[0] *= by;
                for (Eigen::Index k = 0; k < m_holes; ++k)
                    x[2 * k + 1] *= by;
            }
        return x;
    }
    [[nodiscard]] std::optional<Eigen::VectorXd> residual(const Eigen::VectorXd& at) const
    {
        const auto shape = laidOut(m_spec, at);
        if (!shape)
            return std::nullopt;
        const auto c = m_nominal.truth(*shape);
        const double least = (m_reed ? 0.22 : 0.30) * m_bore_m;
        const double most = std::min(0.013, 0.76 * m_bore_m);
        Eigen::VectorXd r(m_notes + 3 * m_holes + 2);
        for (Eigen::Index i = 0; i < m_notes; ++i) {
            const auto note = static_cast<std::size_t>(i);
            r[i] = c[note] / m_spec.fingerings[note].tolerance.cents();
        }
        for (Eigen::Index i = 0; i < m_holes; ++i) {
            const double d = at[2 * i + 2];
            r[m_notes + 2 * i] = 0.15 * (d - even()) / 1e-3;
            r[m_notes + 2 * i + 1] = 20.0 * (std::max(0.0, d - most) + std::min(0.0, d - least)) / 1e-3;
            r[m_notes + 2 * m_holes + 2 + i] = wood(at, i);
        }
        // A bore that runs otherwise than straight has its price, and its bounds.
        const double wide = at[tail()];
        const double narrow = at[tail() + 1];
        r[m_notes + 2 * m_holes] = 0.3 * (wide - 1.0) + 60.0 * (std::max(0.0, wide - 1.15) + std::min(0.0, wide - 0.82));
        r[m_notes + 2 * m_holes + 1] =
            1.0 * (narrow - 0.95) + 60.0 * (std::max(0.0, narrow - 1.35) + std::min(0.0, narrow - 0.6));
        return r;
    }
    /// Wood is left between holes, and what no note settles stands in the middle of its neighbours.
    [[nodiscard]] double wood(const Eigen::VectorXd& at, Eigen::Index i) const
    {
        const double below = i == 0 ? at[0] : at[2 * i - 1];
        const double room = (below - at[2 * i + 1]) / 1e-3;
        const double least_mm = (0.5 * (at[2 * i + 2] + (i == 0 ? 0.0 : at[2 * i])) + 0.004) / 1e-3;
        const double missing = std::min(0.0, room - least_mm);
        const bool between = i > 0 && i + 1 < m_holes;
        return missing + (between ? 0.02 * ((below + at[2 * i + 3]) * 0.5 - at[2 * i + 1]) / 1e-3 : 0.0);
    }
    [[nodiscard]] std::optional<Eigen::MatrixXd> derivatives(const Eigen::VectorXd& x, const Eigen::VectorXd& r) const
    {
        Eigen::MatrixXd jac(r.size(), x.size());
        for (Eigen::Index k = 0; k < x.size(); ++k) {
            const double little = k < tail() ? 2e-5 : 1e-3;
            Eigen::VectorXd there = x;
            there[k] += little;
            const auto moved = residual(there);
            if (!moved)
                return std::nullopt;
            jac.col(k) = (*moved - r) / little;
        }
        return jac;
    }
    [[nodiscard]] Eigen::VectorXd stepOf(const Eigen::MatrixXd& jac, const Eigen::VectorXd& r, double damping) const
    {
        Eigen::MatrixXd h = jac.transpose() * jac;
        h.diagonal() *= 1.0 + damping;
        h.diagonal().array() += 1e-9;
        Eigen::VectorXd step = h.ldlt().solve(jac.transpose() * r);
        constexpr double far_m = 0.012;
        const double longest = step.head(tail()).cwiseAbs().maxCoeff();
        if (longest > far_m)
            step *= far_m / longest;
        return step;
    }
    const InstrumentSpec& m_spec;
    const ForeignWood& m_nominal;
    Eigen::Index m_holes;
    Eigen::Index m_notes;
    double m_bore_m;
    bool m_reed;
};

/// Measures of an instrument as strangers build it, without holes in their places yet.
std::optional<InstrumentSpec> designOf(const ForeignFamily& kind, Random& r)
{
    PlanTarget target = usualTarget(kind.family);
    target.lowest = kind.lowest[r.next() % kind.lowest.size()];
    target.registers = kind.registers;
    auto blank = startingBlank(kind.family, target);
    if (!blank)
        return std::nullopt;
    InstrumentSpec spec = std::move(blank->spec);
    const double wider = std::exp(0.05 * r.normal());
    for (Station& s : spec.bore)
        s.diameter = s.diameter * wider;
    spec.wall = spec.wall * r.uniform(0.75, 1.25);
    if (auto* duct = std::get_if<Duct>(&spec.excitation)) {
        if (kind.family == Family::Whistle) {
            spec.wall = spec.wall * 0.65; // of brass or thin wood, with a wide window
            duct->windowWidth = spec.bore.front().diameter * r.uniform(0.68, 0.78);
        }
        duct->chimney = spec.wall;
        duct->rampRunPerRise = 0.0;
    } else if (auto* lip = std::get_if<Transverse>(&spec.excitation)) {
        lip->chimney = spec.wall + Metres::fromMillimetres(r.uniform(0.4, 1.2));
        const Metres bore = spec.bore.front().diameter;
        const Metres length = spec.bore.back().at;
        spec.bore = {{Metres{}, bore}, {length * 0.3, bore}, {length, bore}};
    }
    for (std::size_t i = 0; i < blank->holeCount; ++i) {
        Hole h;
        h.id.text = 'h';
        h.id.text += std::to_string(i + 1);
        h.chimney = spec.wall;
        if (i < blank->digits.size())
            h.digit = blank->digits[i];
        if (i < blank->sides.size())
            h.side = blank->sides[i];
        spec.holes.push_back(std::move(h));
    }
    for (Fingering& f : spec.fingerings) {
        f.tolerance = Cents::fromCents(f.registerNumber == 1 ? 6.0 : r.uniform(10.0, 12.0));
        f.weight = f.registerNumber == 1 ? 1.0 : 0.5;
    }
    spec.tools.bits.clear();
    spec.name = "Blank";
    return spec;
}

Hidden hiddenIn(Random& r, std::size_t holes)
{
    Hidden h;
    h.holeSet = r.uniform() < 1.0 / 3.0 ? HoleSet::Keefe : HoleSet::Nederveen;
    h.flange = r.uniform(0.1, 0.5);
    h.mouth = std::exp(0.06 * r.normal());
    h.mouthPerOctave = 0.02 * r.normal();
    h.losses = r.uniform(1.0, 1.4);
    h.fingerDip = r.uniform(0.0, 0.2);
    h.breathShare = r.uniform(0.1, 0.3);
    h.vapour = r.uniform(0.012, 0.035);
    h.carbonDioxide = r.uniform(0.01, 0.04);
    h.boreScale = std::exp(0.005 * r.normal());
    h.taper = 0.005 * r.normal();
    h.wall = std::exp(0.03 * r.normal());
    h.undercut = std::exp(0.15 * r.normal());
    const int bumps = r.uniform() < 0.5 ? 1 : 2;
    for (int i = 0; i < bumps; ++i)
        h.bumps.push_back({r.uniform(0.1, 0.9), r.uniform(0.01, 0.03), 0.008 * r.normal()});
    for (std::size_t i = 0; i < holes; ++i)
        h.holeEnds.push_back(std::exp(0.04 * r.normal()));
    return h;
}

} // namespace

ForeignWood::ForeignWood(Hidden hidden, Habits habits, double pivot_Hz)
    : m_hidden(std::move(hidden)), m_habits(std::move(habits)), m_pivot_Hz(pivot_Hz)
{
}

std::vector<double> ForeignWood::cents(const Instrument& actual, std::span<const std::size_t> notes, double room_K) const
{
    const ForeignTube tube(actual, m_hidden, room_K);
    const auto& fingerings = actual.spec().fingerings;
    m_near.resize(fingerings.size());
    std::vector<double> cents;
    for (const std::size_t i : notes) {
        const Fingering& f = fingerings[i];
        const auto hz = tube.soundingHz(actual.openShares(f), f.registerNumber, m_near[i]);
        if (!hz) {
            cents.push_back(silent_cents);
            continue;
        }
        m_near[i] = hz;
        const double octaves = std::log2(*hz / m_pivot_Hz);
        const double low = f.registerNumber == 1 ? std::max(0.0, 1.0 - octaves) : 0.0;
        const double own = i < m_habits.own_cents.size() ? m_habits.own_cents[i] : 0.0;
        cents.push_back(1200.0 * std::log2(*hz / f.target.hertz()) - m_habits.lowFlat_cents * low +
                        (f.registerNumber > 1 ? m_habits.secondSharp_cents : 0.0) + m_habits.slope_cents * octaves + own);
    }
    return cents;
}

std::optional<Blank> foreignBlank(std::uint64_t seed, std::optional<std::size_t> only, Law law)
{
    Random r(seed * 6364136223846793005ULL + 1442695040888963407ULL);
    constexpr std::size_t inTurn = 7; // what joined later is asked for by name, so that a seed stays the blank it was
    const ForeignFamily& kind = foreignFamilies()[std::min(only.value_or(seed % inTurn), foreignFamilies().size() - 1)];
    constexpr int designs = 12; // a design that is not in tune was not proven; the next is tried
    for (int i = 0; i < designs; ++i) {
        auto spec = designOf(kind, r);
        if (!spec)
            return std::nullopt;
        const double pivot = spec->fingerings.front().target.hertz();
        Hidden hidden = hiddenIn(r, spec->holes.size());
        Hidden plain;
        plain.holeSet = hidden.holeSet;
        hidden.hover_m = plain.hover_m = law == Law::Fingers ? 0.008 : 0.0;
        // A design is proven by one who plays it in tune himself; who buys it may not.
        Habits usual;
        usual.lowFlat_cents = 2.0;
        usual.secondSharp_cents = 3.0;
        usual.slope_cents = kind.slope_cents;
        const ForeignWood nominal(plain, usual, pivot);
        const auto design = Design(*spec, nominal).found();
        if (!design)
            continue;
        Habits habits;
        habits.lowFlat_cents = r.uniform(0.0, 8.0);
        habits.secondSharp_cents = r.uniform(0.0, 12.0);
        habits.slope_cents = kind.slope_cents == 0.0 ? 0.0 : kind.slope_cents + 20.0 * r.normal();
        for (std::size_t k = 0; k < spec->fingerings.size(); ++k)
            habits.own_cents.push_back(3.0 * r.normal());
        InstrumentSpec start = design->spec();
        const Metres left = Metres::fromMillimetres(r.uniform(2.0, 8.0)); // a closed bore starts too shallow, by half of that
        start.bore = boreEndingAt(std::move(start.bore),
                                  start.foot == Foot::Closed ? design->length() - left / 2.0 : design->length() + left);
        InstrumentSpec real = start;
        for (std::size_t k = 0; k < start.holes.size(); ++k) {
            Hole& h = start.holes[k];
            h.diameter = h.undercutDiameter = h.diameter * r.uniform(0.75, 0.85);
            Hole& there = real.holes[k];
            there.diameter = there.undercutDiameter = h.diameter + Metres::fromMillimetres(0.07 * r.normal());
            // Off by a millimetre, which is measured to a third of one.
            const Metres off = Metres::fromMillimetres(r.normal());
            there.at = there.at + off;
            h.at = h.at + off + Metres::fromMillimetres(0.3 * r.normal());
        }
        if (auto* duct = std::get_if<Duct>(&start.excitation))
            duct->windowLength = duct->windowLength * std::exp(0.03 * r.normal());
        else if (auto* lip = std::get_if<Transverse>(&start.excitation))
            lip->holeLength = lip->holeLength * std::exp(0.03 * r.normal());
        auto believed = Instrument::make(std::move(start));
        auto actual = Instrument::make(std::move(real));
        if (!believed || !actual)
            continue;
        Conditions c;
        c.repeat_cents = 1.5;
        c.stated_cents = 0.5;
        c.caliper_mm = 0.05;
        c.slipMean_mm = 0.03;
        c.slipEvenly_mm = 0.0;
        c.slipSd_mm = 0.05;
        c.roomDrift_K = 0.4;
        c.thermometer_K = 0.3;
        c.breath_cents = 3.0;
        c.breathSlope_cents = 2.0;
        c.lips_cents = law == Law::Lips ? 2.0 : 0.0;
        c.damp = law == Law::Damp ? 0.003 : 0.0;
        return Blank{seed, std::move(*believed), std::move(*actual),
                     std::make_shared<ForeignWood>(std::move(hidden), std::move(habits), pivot), c};
    }
    return std::nullopt;
}

} // namespace dowel::sim
