// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/layout.h"

#include "core/instrument/lattice.h"
#include "core/instrument/reach.h"
#include "core/solve/bounded.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace dowel {

namespace {

constexpr double mm = 1e-3;
// A wish counts as broken beyond this.
constexpr double kept_m = 0.05 * mm;
// What is not settled by targets: drawn with this force towards an even row, in tolerances per millimetre.
constexpr double evenness = 0.05;
// Against a tolerance of a few cents, a broken limit of one millimetre weighs as hundreds.
constexpr double limitForce = 20.0;
constexpr double limitEase_mm = 0.05;
// Keeps a hole that no fingering opens from drifting.
constexpr double rowForce = 0.0015;
constexpr double spacingForce = 0.35;
// Of a cutoff an e-fold higher than its neighbour, in tolerances.
constexpr double timbreForce = 6.0;
// Wider than this share of the bore a hole is hard to cut cleanly and to cover: common practice, no source.
constexpr double widestShare = 0.8;
// A hole this wide for its bore sounds clear and is still covered easily: common practice, no source.
constexpr double usualShare = 0.48;

struct Variables
{
    std::size_t holes = 0;
    bool oneSize = false;
    bool sizesFixed = false;
    bool footFixed = false;
    [[nodiscard]] int place(std::size_t i) const { return static_cast<int>(i); }
    [[nodiscard]] int size(std::size_t i) const { return static_cast<int>(holes + (oneSize ? 0 : i)); }
    [[nodiscard]] int sizes() const { return holes == 0 || sizesFixed ? 0 : oneSize ? 1 : static_cast<int>(holes); }
    [[nodiscard]] int foot() const { return static_cast<int>(holes) + sizes(); }
    [[nodiscard]] int count() const { return foot() + (footFixed ? 0 : 1); }
};

/// Variables are millimetres; the instrument they stand for.
Result<Instrument> built(const Instrument& base, const Variables& v, const Eigen::VectorXd& x)
{
    InstrumentSpec spec = base.spec();
    if (!v.footFixed) {
        spec.bore = boreEndingAt(std::move(spec.bore), Metres::fromMillimetres(x[v.foot()]));
    }
    for (std::size_t i = 0; i < v.holes; ++i) {
        Hole& h = spec.holes[i];
        h.at = Metres::fromMillimetres(x[v.place(i)]);
        if (!v.sizesFixed)
            h.diameter = h.undercutDiameter = Metres::fromMillimetres(x[v.size(i)]);
        h.chimney = wallAt(spec.bore, spec.wall, h.at);
    }
    return Instrument::make(std::move(spec));
}

/// Neighbouring holes of one hand, lower first: fingers, not thumbs.
std::vector<std::pair<std::size_t, std::size_t>> neighbours(const InstrumentSpec& spec)
{
    std::vector<std::pair<std::size_t, std::size_t>> pairs;
    for (std::size_t i = 0; i + 1 < spec.holes.size(); ++i) {
        const Hole& a = spec.holes[i];
        for (std::size_t k = i + 1; k < spec.holes.size(); ++k) {
            const Hole& b = spec.holes[k];
            if (b.side == Side::Back)
                continue;
            if (a.side == Side::Front && !a.digit.empty() && !b.digit.empty() && a.digit[0] == b.digit[0])
                pairs.emplace_back(i, k);
            break;
        }
    }
    return pairs;
}

/// Notes in tolerances off, and what the wishes add: the sum of squares that a layout makes least.
class LayoutCost
{
public:
    LayoutCost(const Instrument& base, const Posterior& posterior, const Variables& v, const LayoutWishes& wishes,
               const Cancel& cancel)
        : m_base(&base),
          m_posterior(&posterior),
          m_v(v),
          m_wishes(&wishes),
          m_cancel(cancel),
          m_neighbours(neighbours(base.spec())),
          m_hands(handsOf(base.spec()))
    {
        const auto& spec = base.spec();
        std::size_t residuals =
            spec.fingerings.size() + (v.holes > 0 ? v.holes - 1 : 0) + (v.holes > 2 ? v.holes - 2 : 0); // notes, wood, row
        if (v.sizes() > 0)
            residuals += v.holes + (v.holes > 2 ? v.holes - 2 : 0); // usual size, even row
        if (wishes.reach)
            residuals += m_neighbours.size() + m_hands.size();
        if (wishes.evenTimbre && v.holes > 3)
            residuals += v.holes - 3;
        if (wishes.equalSpacing && m_neighbours.size() > 1)
            residuals += m_neighbours.size() - 1;
        m_residuals = static_cast<Eigen::Index>(residuals);
    }
    /// Errors: BadGeometry, OutOfModelRange, Cancelled.
    [[nodiscard]] Result<Linearised> at(const Eigen::VectorXd& x) const
    {
        if (m_cancel.requested())
            return Error{ErrorCode::Cancelled, "layout", ""};
        const auto shape = built(*m_base, m_v, x);
        if (!shape)
            return shape.error();
        Linearised all{Eigen::VectorXd::Zero(m_residuals), Eigen::MatrixXd::Zero(m_residuals, m_v.count())};
        auto& [residuals, j] = all;
        if (const auto ok = notes(*shape, all); !ok)
            return ok.error();
        Eigen::Index row = std::ssize(m_base->spec().fingerings);
        const auto add = [&, &values = residuals, &rows = j](double value, std::initializer_list<std::pair<int, double>> slopes) {
            values[row] = value;
            for (const auto& [column, slope] : slopes)
                rows(row, column) += slope;
            ++row;
        };
        const auto beyond = [&](double excess_mm, int more, int less) { // a limit on x[more] - x[less], where passed
            // Rounded off, so that a step that would pass the limit bends before it instead of being thrown back.
            const double share = excess_mm / limitEase_mm;
            const double soft = share > 30.0 ? excess_mm : limitEase_mm * std::log1p(std::exp(share));
            const double slope = limitForce / (1.0 + std::exp(-share));
            add(limitForce * soft, {{more, slope}, {less, -slope}});
        };
        const auto& holes = shape->spec().holes;
        for (std::size_t i = 0; i + 1 < m_v.holes; ++i) {
            const double edges = (holes[i].diameter + holes[i + 1].diameter).millimetres() / 2.0;
            const bool apart = holes[i].side != holes[i + 1].side;
            const double wood = apart ? 0.5 : edges + m_wishes->leastWood.millimetres();
            beyond(wood - (x[m_v.place(i)] - x[m_v.place(i + 1)]), m_v.place(i + 1), m_v.place(i));
        }
        for (std::size_t i = 0; i + 2 < m_v.holes; ++i)
            add(rowForce * (x[m_v.place(i)] - 2.0 * x[m_v.place(i + 1)] + x[m_v.place(i + 2)]),
                {{m_v.place(i), rowForce}, {m_v.place(i + 1), -2.0 * rowForce}, {m_v.place(i + 2), rowForce}});
        if (m_v.sizes() > 0)
            sizes(*shape, x, add);
        if (m_wishes->reach) {
            for (const auto& [low, high] : m_neighbours)
                beyond(x[m_v.place(low)] - x[m_v.place(high)] - m_wishes->reach->step.millimetres(), m_v.place(low),
                       m_v.place(high));
            for (const auto& [low, high] : m_hands)
                beyond(x[m_v.place(low)] - x[m_v.place(high)] - m_wishes->reach->span.millimetres(), m_v.place(low),
                       m_v.place(high));
        }
        if (m_wishes->evenTimbre)
            timbre(*shape, x, add);
        if (m_wishes->equalSpacing)
            for (std::size_t k = 0; k + 1 < m_neighbours.size(); ++k) {
                const auto& [a, b] = m_neighbours[k];
                const auto& [c, d] = m_neighbours[k + 1];
                const double force = holes[a].digit[0] == holes[c].digit[0] ? spacingForce : 0.0;
                add(force * (x[m_v.place(a)] - x[m_v.place(b)] - x[m_v.place(c)] + x[m_v.place(d)]),
                    {{m_v.place(a), force}, {m_v.place(b), -force}, {m_v.place(c), -force}, {m_v.place(d), force}});
            }
        return all;
    }

private:
    [[nodiscard]] Status notes(const Instrument& shape, Linearised& all) const
    {
        const auto s = m_posterior->sensitivity(shape);
        if (!s)
            return s.error();
        const auto& fingerings = shape.spec().fingerings;
        for (std::size_t i = 0; i < fingerings.size(); ++i) {
            const double force = std::sqrt(fingerings[i].weight) / fingerings[i].tolerance.cents();
            const auto note = static_cast<Eigen::Index>(i);
            all.residuals[note] = force * s->cents[i];
            for (std::size_t k = 0; k < m_v.holes; ++k) {
                const auto hole = static_cast<Eigen::Index>(k);
                all.jacobian(note, m_v.place(k)) += force * mm * s->byPlace(note, hole);
                if (!m_v.sizesFixed)
                    all.jacobian(note, m_v.size(k)) += force * mm * s->perMetre(note, hole);
            }
            if (!m_v.footFixed)
                all.jacobian(note, m_v.foot()) += force * mm * s->perMetre(note, static_cast<Eigen::Index>(m_v.holes));
        }
        return Done{};
    }
    /// Neighbouring holes' cutoffs alike.
    template <class Add> void timbre(const Instrument& shape, const Eigen::VectorXd& x, const Add& add) const
    {
        const auto byPlace = [&](std::size_t i) { // of the hole below; the one above has the opposite
            return -0.25 / std::max(0.5 * (x[m_v.place(i - 1)] - x[m_v.place(i + 1)]), 1.0);
        };
        for (std::size_t i = 1; i + 2 < m_v.holes; ++i) {
            const double low = timbreForce * byPlace(i);
            const double high = timbreForce * byPlace(i + 1);
            const LatticeCutoff here = latticeCutoff(shape, i);
            const LatticeCutoff next = latticeCutoff(shape, i + 1);
            const double difference = timbreForce * (here.log - next.log);
            if (m_v.sizesFixed)
                add(difference,
                    {{m_v.place(i - 1), low}, {m_v.place(i + 1), -low}, {m_v.place(i), -high}, {m_v.place(i + 2), high}});
            else
                add(difference, {{m_v.place(i - 1), low},
                                 {m_v.place(i + 1), -low},
                                 {m_v.place(i), -high},
                                 {m_v.place(i + 2), high},
                                 {m_v.size(i), timbreForce * here.byDiameter_per_mm},
                                 {m_v.size(i + 1), -timbreForce * next.byDiameter_per_mm}});
        }
    }
    template <class Add> void sizes(const Instrument& shape, const Eigen::VectorXd& x, const Add& add) const
    {
        for (std::size_t i = 0; i < m_v.holes; ++i) {
            const double usual = usualShare * shape.boreDiameterAt(shape.spec().holes[i].at).millimetres();
            add(evenness * (x[m_v.size(i)] - usual), {{m_v.size(i), evenness}});
        }
        for (std::size_t i = 0; i + 2 < m_v.holes; ++i) {
            const double bend = x[m_v.size(i)] - 2.0 * x[m_v.size(i + 1)] + x[m_v.size(i + 2)];
            add(evenness * bend, {{m_v.size(i), evenness}, {m_v.size(i + 1), -2.0 * evenness}, {m_v.size(i + 2), evenness}});
        }
    }

    const Instrument* m_base;
    const Posterior* m_posterior;
    Variables m_v;
    const LayoutWishes* m_wishes;
    Cancel m_cancel;
    std::vector<std::pair<std::size_t, std::size_t>> m_neighbours;
    std::vector<std::pair<std::size_t, std::size_t>> m_hands;
    Eigen::Index m_residuals = 0;
};

Result<Instrument> solved(const Instrument& from, const Posterior& posterior, const LayoutWishes& wishes, bool sizesFixed,
                          const Cancel& cancel)
{
    const auto& spec = from.spec();
    Variables v{spec.holes.size(), wishes.oneBit, sizesFixed, wishes.fixedLength};
    if (v.count() == 0)
        return from;
    Eigen::VectorXd x = Eigen::VectorXd::Zero(v.count());
    constexpr double anywhere_mm = 1e6;
    Eigen::VectorXd low = Eigen::VectorXd::Constant(v.count(), -anywhere_mm);
    Eigen::VectorXd high = Eigen::VectorXd::Constant(v.count(), anywhere_mm);
    double mean = 0.0;
    for (const Hole& h : spec.holes)
        mean += h.diameter.millimetres() / static_cast<double>(spec.holes.size());
    for (std::size_t i = 0; i < v.holes; ++i)
        x[v.place(i)] = spec.holes[i].at.millimetres();
    for (std::size_t i = 0; i < static_cast<std::size_t>(v.sizes()); ++i) {
        x[v.size(i)] = v.oneSize ? mean : spec.holes[i].diameter.millimetres();
        const double bore = from.boreDiameterAt(spec.holes[i].at).millimetres();
        high[v.size(i)] = std::min(
            {wishes.largest.millimetres(), spec.limits.holeMax.value_or(wishes.largest).millimetres(), widestShare * bore});
        low[v.size(i)] = std::min(wishes.smallest.millimetres(), high[v.size(i)] - 1e-3);
    }
    if (!v.footFixed)
        x[v.foot()] = spec.bore.back().at.millimetres();
    const LayoutCost cost(from, posterior, v, wishes, cancel);
    constexpr SquaresOptions finely{60, 1e-6}; // so that what only evenness settles is settled too
    const auto best = leastSquaresWithin([&](const Eigen::VectorXd& at) { return cost.at(at); }, x, low, high, finely);
    if (!best && best.error().code != ErrorCode::Cancelled)
        return Error{ErrorCode::BadGeometry, "layout", "no row of holes could be worked out from there"};
    return best ? built(from, v, *best) : Result<Instrument>(best.error());
}

/// Final sizes from the drawer: the nearest bit for each hole, or the one bit for all that does best.
Result<Instrument> withBits(const Instrument& ideal, const Posterior& posterior, const LayoutWishes& wishes, const Cancel& cancel)
{
    const auto nearest = [&](Metres size) {
        Metres best = wishes.bits.front();
        for (const Metres bit : wishes.bits)
            if (bit >= wishes.smallest && bit <= wishes.largest &&
                std::abs((bit - size).metres()) < std::abs((best - size).metres()))
                best = bit;
        return best;
    };
    InstrumentSpec spec = ideal.spec();
    for (Hole& h : spec.holes)
        h.diameter = h.undercutDiameter = nearest(h.diameter);
    auto rounded = Instrument::make(std::move(spec));
    if (!rounded)
        return rounded;
    return solved(*rounded, posterior, wishes, true, cancel);
}

/// Places and length as a rule can mark them: to the tenth of a millimetre, a third of a cent.
Instrument marked(const Instrument& shape)
{
    constexpr double tenth_m = 1e-4;
    InstrumentSpec spec = shape.spec();
    const auto rounded = [](Metres v) {
        return Metres::fromMetres(std::round(v.metres() / tenth_m) * tenth_m);
    };
    for (Hole& h : spec.holes)
        h.at = rounded(h.at);
    if (spec.bore.size() > 1 && rounded(spec.bore.back().at) > spec.bore[spec.bore.size() - 2].at)
        spec.bore.back().at = rounded(spec.bore.back().at);
    const auto made = Instrument::make(std::move(spec));
    return made ? *made : shape;
}

struct Judged
{
    Instrument shape;
    std::vector<double> cents;
    double worst = 0.0;
    double rms = 0.0;
    bool reached = true;
};

Result<Judged> judged(Instrument shape, const Posterior& posterior)
{
    const auto cents = posterior.cents(shape);
    if (!cents)
        return cents.error();
    Judged g{std::move(shape), *cents, 0.0, 0.0, true};
    const auto& fingerings = g.shape.spec().fingerings;
    for (std::size_t i = 0; i < g.cents.size(); ++i) {
        if (std::abs(g.cents[i]) > std::abs(g.worst))
            g.worst = g.cents[i];
        g.rms += g.cents[i] * g.cents[i] / static_cast<double>(g.cents.size());
        g.reached = g.reached && std::abs(g.cents[i]) <= fingerings[i].tolerance.cents();
    }
    g.rms = std::sqrt(g.rms);
    return g;
}

Result<Judged> best(const Instrument& rough, const Posterior& posterior, const LayoutWishes& wishes, const Cancel& cancel)
{
    // Where the wishes leave one size only, places are all there is to find.
    constexpr double oneSize_m = 0.02 * mm;
    const bool sizesSettled = (wishes.largest - wishes.smallest).metres() < oneSize_m;
    InstrumentSpec from = rough.spec();
    if (sizesSettled)
        for (Hole& h : from.holes)
            h.diameter = h.undercutDiameter = wishes.smallest;
    auto shape = Instrument::make(std::move(from));
    if (!shape)
        return shape.error();
    // A second run from where the first one ended costs little and frees what a limit has caught.
    double before = std::numeric_limits<double>::infinity();
    for (int run = 0; run < 3; ++run) {
        shape = solved(*shape, posterior, wishes, sizesSettled, cancel);
        if (!shape)
            return shape.error();
        const auto now = judged(*shape, posterior);
        if (!now)
            return now.error();
        constexpr double better_cents = 0.05;
        if (now->rms > before - better_cents || std::abs(now->worst) < 0.5)
            break;
        before = now->rms;
    }
    if (!wishes.bits.empty()) {
        shape = withBits(*shape, posterior, wishes, cancel);
        if (!shape)
            return shape.error();
    } else if (!sizesSettled) {
        // Sizes that a file can be stopped at, and the places that go with them.
        InstrumentSpec even = shape->spec();
        const double step = even.tools.step.metres();
        for (Hole& h : even.holes)
            h.diameter = h.undercutDiameter = Metres::fromMetres(std::round(h.diameter.metres() / step) * step);
        const auto made = Instrument::make(std::move(even));
        if (!made)
            return made.error();
        shape = solved(*made, posterior, wishes, true, cancel);
        if (!shape)
            return shape.error();
    }
    return judged(marked(*shape), posterior);
}

/// What of the wishes a row does not keep, in words with numbers; empty where all are kept.
std::string broken(const Instrument& shape, const LayoutWishes& wishes)
{
    const auto& holes = shape.spec().holes;
    const auto number = [](double v) {
        std::string s = std::to_string(std::round(v * 10.0) / 10.0);
        return s.substr(0, s.find('.') + 2);
    };
    for (std::size_t i = 0; i + 1 < holes.size(); ++i) {
        const Metres wood = holes[i].at - holes[i + 1].at - (holes[i].diameter + holes[i + 1].diameter) / 2.0;
        if (holes[i].side == holes[i + 1].side && wood.metres() < wishes.leastWood.metres() - kept_m)
            return holes[i].id.text + " and " + holes[i + 1].id.text + " would leave " + number(wood.millimetres()) +
                   " mm of wood";
    }
    if (wishes.reach) {
        for (const auto& [low, high] : neighbours(shape.spec()))
            if ((holes[low].at - holes[high].at).metres() > wishes.reach->step.metres() + kept_m)
                return holes[low].id.text + " to " + holes[high].id.text + " would be " +
                       number((holes[low].at - holes[high].at).millimetres()) + " mm for fingers that reach " +
                       number(wishes.reach->step.millimetres());
        for (const auto& [low, high] : handsOf(shape.spec()))
            if ((holes[low].at - holes[high].at).metres() > wishes.reach->span.metres() + kept_m)
                return "a hand would span " + number((holes[low].at - holes[high].at).millimetres()) + " mm, it reaches " +
                       number(wishes.reach->span.millimetres());
    }
    return {};
}

/// One of register 1 that has hole k open and all above it closed, with the most open below: what sets that hole's place.
const Fingering* setting(const InstrumentSpec& spec, std::size_t k, std::size_t count)
{
    const Fingering* found = nullptr;
    std::size_t most = 0;
    for (const Fingering& f : spec.fingerings) {
        if (f.registerNumber != 1)
            continue;
        std::vector<bool> closed(count, false);
        for (const HoleId& id : f.closed)
            for (std::size_t i = 0; i < count; ++i)
                closed[i] = closed[i] || id.text == "h" + std::to_string(i + 1);
        bool above = true;
        for (std::size_t i = k + 1; i < count; ++i)
            above = above && closed[i];
        const auto open =
            static_cast<std::size_t>(std::count(closed.begin(), closed.begin() + static_cast<std::ptrdiff_t>(k), false));
        if (!closed[k] && above && (found == nullptr || open > most)) {
            found = &f;
            most = open;
        }
    }
    return found;
}

struct ShortBy
{
    std::vector<Metres> holes;
    Metres foot;
};

/// How much less than the goal is cut at first: what a note may come out sharper than forecast, in its hole's or the foot's
/// own sensitivity. What the lowest note is off the foot will mend, and takes as much of it from the other notes.
Result<ShortBy> shortBy(const Instrument& goal, const LayoutWishes& wishes, const Posterior& posterior)
{
    const InstrumentSpec& spec = goal.spec();
    ShortBy by{std::vector<Metres>(spec.holes.size(), wishes.allowance), wishes.footAllowance};
    if (!(wishes.doubt > 0.0) || spec.holes.empty())
        return by;
    const auto s = posterior.sensitivity(goal);
    if (!s)
        return s.error();
    const auto& fingerings = spec.fingerings;
    const auto lowest = std::find_if(fingerings.begin(), fingerings.end(), [&](const Fingering& f) {
        return f.registerNumber == 1 && f.closed.size() == spec.holes.size();
    });
    const Eigen::Index foot = s->perMetre.cols() - 1;
    const bool trims = lowest != fingerings.end() && spec.foot == Foot::Open && !wishes.fixedLength;
    const Eigen::Index low = trims ? lowest - fingerings.begin() : 0;
    const auto sdOf = [&](const Eigen::RowVectorXd& direction) {
        return std::sqrt(std::max(0.0, static_cast<double>(direction * posterior.covariance() * direction.transpose())));
    };
    constexpr double leastSlope = 1e3; // cents per metre; what moves its note less is no hole to tune by
    const auto further = [&](Metres& size, double short_cents, double perMetre) {
        if (std::abs(perMetre) > leastSlope)
            size = std::max(size, Metres::fromMetres(short_cents / std::abs(perMetre)));
    };
    constexpr double sawnAnyway = 2.0; // a foot left longer costs no cut more
    if (trims)
        further(by.foot, sawnAnyway * wishes.doubt * sdOf(s->byUnknown.row(low)), s->perMetre(low, foot));
    for (std::size_t k = 0; k < spec.holes.size(); ++k) {
        const Fingering* own = setting(spec, k, spec.holes.size());
        if (own == nullptr)
            continue;
        const Eigen::Index i = own - fingerings.data();
        Eigen::RowVectorXd direction = s->byUnknown.row(i);
        if (trims && std::abs(s->perMetre(low, foot)) > leastSlope)
            direction -= s->perMetre(i, foot) / s->perMetre(low, foot) * s->byUnknown.row(low);
        double wanted = wishes.doubt * sdOf(direction);
        for (std::size_t below = 0; below < k; ++below) // what the holes below keep it flat by
            wanted -= std::max(0.0, s->perMetre(i, static_cast<Eigen::Index>(below)) * by.holes[below].metres());
        further(by.holes[k], wanted, s->perMetre(i, static_cast<Eigen::Index>(k)));
    }
    if (wishes.oneBit)
        std::fill(by.holes.begin(), by.holes.end(), *std::max_element(by.holes.begin(), by.holes.end()));
    return by;
}

/// The row again with smaller holes where the widest that they may become would not bring up a note that comes out as much
/// flatter as it may; nothing where that is so already, or would cost more than it is worth.
Result<std::optional<Judged>> withRoom(const Judged& found, const Posterior& posterior, const LayoutWishes& wishes,
                                       const Cancel& cancel)
{
    using Roomier = std::optional<Judged>;
    const auto by = shortBy(found.shape, wishes, posterior);
    if (!by)
        return by.error();
    constexpr double share = 0.5; // of what a note may come out flat by; the mouth and its neighbours mend the rest
    const Reach reach = reachOf(found.shape);
    LayoutWishes smaller = wishes;
    for (std::size_t k = 0; k < by->holes.size(); ++k) {
        const Metres size = found.shape.spec().holes[k].diameter;
        const Metres most = reach.widest[k] - by->holes[k] * share;
        if (size > most)
            smaller.largest = std::min(smaller.largest, std::max(most, size * 0.8));
    }
    if (!(wishes.doubt > 0.0) || smaller.largest >= wishes.largest || smaller.largest < wishes.smallest)
        return Roomier{};
    auto other = best(found.shape, posterior, smaller, cancel);
    if (!other)
        return other.error();
    constexpr double worthIt_cents = 2.5;
    const bool asGood = other->reached || (!found.reached && other->rms < found.rms + worthIt_cents);
    return asGood ? Roomier{std::move(*other)} : Roomier{};
}

} // namespace

Result<Instrument> undersized(const Instrument& goal, const LayoutWishes& wishes, Metres blankLength, const Posterior& posterior)
{
    InstrumentSpec spec = goal.spec();
    const auto unsure = shortBy(goal, wishes, posterior);
    if (!unsure)
        return unsure.error();
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        Hole& h = spec.holes[i];
        constexpr double smallestShare = 0.6; // of the goal, as far as the sensitivities at it say something
        // A size that can be stopped at, towards less.
        const double step_m = spec.tools.step.metres();
        const Metres least = std::max(h.diameter - unsure->holes[i], h.diameter * smallestShare);
        Metres start = Metres::fromMetres(std::floor(least.metres() / step_m + 1e-6) * step_m);
        if (!wishes.bits.empty()) {
            Metres bit;
            for (const Metres b : wishes.bits)
                if (b <= start)
                    bit = std::max(bit, b);
            start = bit > Metres{} ? bit : start;
        }
        h.diameter = h.undercutDiameter = start;
    }
    const Metres goalLength = goal.length();
    const double tenths = std::ceil((goalLength + unsure->foot).millimetres() * 10.0 - 1e-6);
    const Metres length = std::min(blankLength, Metres::fromMillimetres(tenths / 10.0));
    if (length > goalLength)
        spec.bore = boreEndingAt(std::move(spec.bore), length);
    return Instrument::make(std::move(spec));
}

std::vector<std::pair<std::size_t, std::size_t>> handsOf(const InstrumentSpec& spec)
{
    std::vector<std::pair<std::size_t, std::size_t>> found;
    for (const char hand : {'R', 'L'}) {
        std::optional<std::size_t> first;
        std::size_t last = 0;
        for (std::size_t i = 0; i < spec.holes.size(); ++i) {
            const Hole& h = spec.holes[i];
            if (h.side == Side::Back || h.digit.empty() || h.digit[0] != hand)
                continue;
            if (!first)
                first = i;
            last = i;
        }
        if (first && last != *first)
            found.emplace_back(*first, last);
    }
    return found;
}

HandSpan smallHand()
{
    return {Metres::fromMillimetres(28.0), Metres::fromMillimetres(64.0)};
}
HandSpan mediumHand()
{
    return {};
}
HandSpan largeHand()
{
    return {Metres::fromMillimetres(40.0), Metres::fromMillimetres(92.0)};
}

std::string_view wishName(Wish w)
{
    constexpr std::array<std::string_view, 8> names{"reach", "largest_hole",  "smallest_hole", "one_bit",
                                                    "bits",  "equal_spacing", "even_timbre",   "fixed_length"};
    return names[static_cast<std::size_t>(w)];
}

Result<Instrument> roughLayout(const Blank& blank, const LayoutWishes& wishes)
{
    // The bare tube first: is it long enough for its lowest note, and how much longer does it sound than it measures?
    InstrumentSpec bare = blank.spec;
    bare.holes.clear();
    bare.fingerings.clear();
    const auto tube = Instrument::make(bare);
    if (!tube)
        return tube.error();
    const Fingering* lowest = nullptr;
    for (const Fingering& f : blank.spec.fingerings)
        if (f.registerNumber == 1 && (lowest == nullptr || f.target < lowest->target))
            lowest = &f;
    if (lowest == nullptr)
        return Error{ErrorCode::BadFingering, "/fingerings", "at least one fingering of register 1 is needed to lay out holes"};
    const auto posterior = fit(Workbook(*tube));
    if (!posterior)
        return posterior.error();
    const auto placed = posterior->placed(*tube);
    const bool quarter = (placed.shape.mouth == acoustics::Shape::Mouth::ClosedTop) != placed.shape.footClosed;
    const double speed = acoustics::airAt(Temperature::fromKelvin(placed.calibration.kelvin)).speed_m_s;
    const auto waveLength = [&](Hertz f) {
        return speed / f.hertz() / (quarter ? 4.0 : 2.0);
    };
    const auto sounding = [&](double length_m) -> std::optional<double> {
        acoustics::Shape shape = placed.shape;
        shape.bore.back().diameter_m = boreDiameterAt(bare.bore, Metres::fromMetres(length_m)).metres();
        while (shape.bore.size() > 1 && shape.bore[shape.bore.size() - 2].at_m >= length_m)
            shape.bore.erase(shape.bore.end() - 2);
        shape.bore.back().at_m = length_m;
        const acoustics::NoteQuery q{{}, 1, {}};
        const auto f = acoustics::Model(shape, placed.calibration).frequencies(std::span(&q, 1));
        return f ? std::optional(f->front()) : std::nullopt;
    };
    const double longest = tube->length().metres();
    const auto atFull = sounding(longest);
    if (!atFull)
        return Error{ErrorCode::OutOfModelRange, lowest->id.text, "the bare tube has no first register"};
    double length = longest;
    if (!wishes.fixedLength) {
        if (*atFull > lowest->target.hertz() * std::exp2(30.0 / 1200.0))
            return Error{
                ErrorCode::BadGeometry, "/bore",
                std::to_string(tube->length().millimetres()) + " mm; too short for " + lowest->id.text + " by about " +
                    std::to_string(std::lround((waveLength(lowest->target) - waveLength(Hertz::fromHertz(*atFull))) * 1e3)) +
                    " mm"};
        double low = 0.2 * longest;
        double high = longest;
        for (int i = 0; i < 40; ++i) {
            const double middle = 0.5 * (low + high);
            const auto f = sounding(middle);
            (f && *f > lowest->target.hertz() ? low : high) = middle;
        }
        length = 0.5 * (low + high);
    }
    const double footEnd = 0.3 * boreDiameterAt(bare.bore, Metres::fromMetres(length)).metres();
    const double mouth = waveLength(Hertz::fromHertz(*sounding(length))) - length - footEnd;

    InstrumentSpec spec = blank.spec;
    spec.bore = boreEndingAt(std::move(spec.bore), Metres::fromMetres(length));
    std::vector<double> at(blank.holeCount, 0.0);
    double below = length;
    for (std::size_t k = 0; k < blank.holeCount; ++k) {
        const Fingering* f = setting(blank.spec, k, blank.holeCount);
        if (f == nullptr)
            continue;
        const double bore = boreDiameterAt(spec.bore, Metres::fromMetres(below)).metres();
        const double hole = std::clamp(usualShare * bore, wishes.smallest.metres(), wishes.largest.metres());
        const double deep = (spec.wall.metres() + 0.75 * hole) * (bore * bore) / (hole * hole);
        // Benade's end of a lattice: how far below the hole the standing wave seems to end.
        const double effective = waveLength(f->target) - mouth;
        const double spacing = std::max(0.010, below - effective);
        at[k] = effective - 0.5 * spacing * (std::sqrt(1.0 + 4.0 * deep / spacing) - 1.0);
        at[k] = std::min(at[k], below - hole - wishes.leastWood.metres());
        below = at[k];
    }
    // Holes that no fingering sets stand evenly between those that are.
    for (std::size_t k = 0; k < at.size(); ++k) {
        if (at[k] > 0.0)
            continue;
        std::size_t next = k;
        while (next < at.size() && at[next] <= 0.0)
            ++next;
        const double from = k == 0 ? length : at[k - 1];
        const double to = next < at.size() ? at[next] : 0.5 * from;
        at[k] = from + (to - from) / static_cast<double>(next - k + 1);
    }
    constexpr std::array<std::string_view, 6> usualDigits{"R3", "R2", "R1", "L3", "L2", "L1"};
    for (std::size_t k = 0; k < at.size(); ++k) {
        Hole h{};
        h.id = {"h" + std::to_string(k + 1)};
        h.at = Metres::fromMetres(at[k]);
        const Metres bore = boreDiameterAt(spec.bore, h.at);
        h.diameter = std::clamp(bore * usualShare, std::min(wishes.smallest, bore * 0.9),
                                std::max(wishes.smallest, std::min(wishes.largest, bore * 0.9)));
        h.undercutDiameter = h.diameter;
        h.chimney = wallAt(spec.bore, spec.wall, h.at);
        h.side = k < blank.sides.size() ? blank.sides[k] : Side::Front;
        h.aside = k < blank.asides.size() ? blank.asides[k] : Metres{};
        h.digit = k < blank.digits.size()           ? blank.digits[k]
                  : at.size() == usualDigits.size() ? std::string(usualDigits[k])
                                                    : std::string();
        spec.holes.push_back(std::move(h));
    }
    return Instrument::make(std::move(spec));
}

Result<Layout> layOut(const Blank& blank, const LayoutWishes& wishes, bool withCosts, const Cancel& cancel, const Priors& priors)
{
    const auto rough = roughLayout(blank, wishes);
    if (!rough)
        return rough.error();
    return layOut(*rough, blank.spec.bore.back().at, wishes, withCosts, cancel, priors);
}

Result<Layout> layOut(const Instrument& rough, Metres blankLength, const LayoutWishes& wishes, bool withCosts,
                      const Cancel& cancel, const Priors& priors)
{
    if (wishes.smallest > wishes.largest)
        return Error{ErrorCode::BadValue, "smallest_hole, largest_hole",
                     std::to_string(wishes.smallest.millimetres()) + " mm is wider than " +
                         std::to_string(wishes.largest.millimetres()) + " mm"};
    const auto posterior = fit(Workbook(rough), priors);
    if (!posterior)
        return posterior.error();
    auto found = best(rough, *posterior, wishes, cancel);
    if (!found)
        return found.error();
    if (auto roomier = withRoom(*found, *posterior, wishes, cancel); !roomier)
        return roomier.error();
    else if (*roomier)
        found = std::move(**roomier);
    if (const std::string trouble = broken(found->shape, wishes); !trouble.empty())
        return Error{ErrorCode::BadValue, wishes.reach ? "reach" : "holes", trouble};
    const auto start = undersized(found->shape, wishes, blankLength, *posterior);
    if (!start)
        return start.error();
    Layout layout{found->shape, *start, found->cents, found->worst, found->rms, found->reached, priors};
    if (!withCosts || found->reached)
        return layout;
    const auto without = [&](Wish wish, const LayoutWishes& less) -> Status {
        const auto other = best(found->shape, *posterior, less, cancel);
        if (!other)
            return other.error().code == ErrorCode::Cancelled ? Status(other.error()) : Status(Done{});
        if (other->rms < found->rms - 0.3)
            layout.costs.push_back({wish, other->worst, other->rms, other->reached});
        return Done{};
    };
    const auto relaxed = [&](auto change) {
        LayoutWishes less = wishes;
        change(less);
        return less;
    };
    std::vector<std::pair<Wish, LayoutWishes>> others;
    if (wishes.reach)
        others.emplace_back(Wish::Reach, relaxed([](LayoutWishes& w) { w.reach.reset(); }));
    others.emplace_back(Wish::LargestHole, relaxed([](LayoutWishes& w) { w.largest = w.largest * 1.3; }));
    others.emplace_back(Wish::SmallestHole, relaxed([](LayoutWishes& w) { w.smallest = w.smallest * 0.6; }));
    if (wishes.oneBit)
        others.emplace_back(Wish::OneBit, relaxed([](LayoutWishes& w) { w.oneBit = false; }));
    if (!wishes.bits.empty())
        others.emplace_back(Wish::Bits, relaxed([](LayoutWishes& w) { w.bits.clear(); }));
    if (wishes.equalSpacing)
        others.emplace_back(Wish::EqualSpacing, relaxed([](LayoutWishes& w) { w.equalSpacing = false; }));
    if (wishes.evenTimbre)
        others.emplace_back(Wish::EvenTimbre, relaxed([](LayoutWishes& w) { w.evenTimbre = false; }));
    if (wishes.fixedLength)
        others.emplace_back(Wish::FixedLength, relaxed([](LayoutWishes& w) { w.fixedLength = false; }));
    for (const auto& [wish, less] : others)
        if (auto ok = without(wish, less); !ok)
            return ok.error();
    std::sort(layout.costs.begin(), layout.costs.end(),
              [](const WishCost& a, const WishCost& b) { return a.rms_cents < b.rms_cents; });
    return layout;
}

Result<std::vector<TrimStep>> trimPlan(const Layout& layout, Metres blankLength)
{
    const auto& fingerings = layout.start.spec().fingerings;
    const std::size_t holes = layout.start.spec().holes.size();
    const auto lowest = std::find_if(fingerings.begin(), fingerings.end(),
                                     [holes](const Fingering& f) { return f.registerNumber == 1 && f.closed.size() == holes; });
    if (lowest == fingerings.end())
        return Error{ErrorCode::BadFingering, "/fingerings", "none closes every hole"};
    const Metres step = Metres::fromInches(0.125);
    const Metres goal = layout.goal.length();
    std::vector<TrimStep> plan;
    for (Metres length = blankLength;; length = length - step) {
        const bool last = length < goal + step;
        TrimStep s{last ? goal : length, 0.0, 0.0};
        for (const bool drilled : {false, true}) {
            InstrumentSpec spec = layout.start.spec();
            spec.fingerings = {*lowest};
            spec.bore = boreEndingAt(std::move(spec.bore), s.length);
            if (!drilled) {
                spec.holes.clear();
                spec.fingerings.front().closed.clear();
            }
            const auto shape = Instrument::make(std::move(spec));
            if (!shape)
                return shape.error();
            const auto posterior = fit(Workbook(*shape), layout.priors);
            const auto cents = posterior ? posterior->cents(*shape) : Result<std::vector<double>>(posterior.error());
            if (!cents)
                return cents.error();
            (drilled ? s.drilled_cents : s.undrilled_cents) = cents->front();
        }
        plan.push_back(s);
        constexpr std::size_t most = 60;
        if (last || plan.size() >= most)
            return plan;
    }
}

Result<Instrument> carriedOver(const Instrument& model, const std::vector<Station>& bore, Metres wall, double pitchRatio)
{
    if (!(pitchRatio > 0.05 && pitchRatio < 20.0))
        return Error{ErrorCode::BadValue, "pitch_ratio", std::to_string(pitchRatio) + "; must be 0.05 to 20"};
    InstrumentSpec spec = model.spec();
    spec.bore = bore;
    spec.wall = wall;
    for (Hole& h : spec.holes) {
        const Metres before = model.boreDiameterAt(h.at);
        h.at = h.at / pitchRatio;
        const double widening = boreDiameterAt(bore, h.at) / before;
        h.diameter = h.diameter * widening;
        h.undercutDiameter = h.undercutDiameter * widening;
        h.chimney = wallAt(bore, wall, h.at);
        h.countersink.reset();
    }
    for (Fingering& f : spec.fingerings) {
        f.target = f.target * pitchRatio;
        f.targetName.clear();
    }
    return Instrument::make(std::move(spec));
}

} // namespace dowel
