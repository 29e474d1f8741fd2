// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/row.h"

#include "core/aim/aim.h"
#include "core/base/number_text.h"
#include "core/instrument/lattice.h"
#include "core/instrument/summary.h"
#include "core/layout/rough.h"
#include "core/layout/shaping.h"
#include "core/solve/bounded.h"

#include <Eigen/QR>
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace dowel::layout {

namespace {

/// Residuals at a point, and their derivatives, one row a residual.
struct Linearised
{
    Eigen::VectorXd residuals;
    Eigen::MatrixXd jacobian;
};

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
// A spacing that is set holds to a few hundredths.
constexpr double setSpacingForce = 30.0;
// Of a cutoff an e-fold higher than its neighbour, in tolerances.
constexpr double timbreForce = 6.0;
// Wider than this share of the bore a hole is hard to cut cleanly and to cover: common practice, no source.
constexpr double widestShare = 0.8;
// What a millimetre of reshaping costs: only as far as it pays.
constexpr double reshapingForce = 0.05;
// One sigma that a note will still have when it has been tuned, as the plan has it.
constexpr double spread_cents = 3.0;

struct Variables
{
    std::size_t holes = 0;
    bool oneSize = false;
    bool sizesFixed = false;
    bool footFixed = false;
    std::vector<Reshaping> reshapings{};
    [[nodiscard]] int place(std::size_t i) const { return static_cast<int>(i); }
    [[nodiscard]] int size(std::size_t i) const { return static_cast<int>(holes + (oneSize ? 0 : i)); }
    [[nodiscard]] int sizes() const { return holes == 0 || sizesFixed ? 0 : oneSize ? 1 : static_cast<int>(holes); }
    [[nodiscard]] int foot() const { return static_cast<int>(holes) + sizes(); }
    [[nodiscard]] int reshaping(std::size_t i) const { return foot() + (footFixed ? 0 : 1) + static_cast<int>(i); }
    [[nodiscard]] int count() const { return reshaping(reshapings.size()); }
};

/// Variables are millimetres; the instrument they stand for.
Result<Instrument> built(const Instrument& base, const Variables& v, const Eigen::VectorXd& x)
{
    InstrumentSpec spec = base.spec();
    for (std::size_t i = 0; i < v.reshapings.size(); ++i)
        if (v.reshapings[i].kind != Shaping::Undercut)
            reshape(spec, base.spec(), v.reshapings[i], x[v.reshaping(i)]);
    if (!v.footFixed)
        spec.bore = boreEndingAt(std::move(spec.bore), Metres::fromMillimetres(x[v.foot()]));
    for (std::size_t i = 0; i < v.holes; ++i) {
        Hole& h = spec.holes[i];
        const double depth = h.chimney / base.wallAt(h.at); // a raised or thinned place stays so
        h.at = Metres::fromMillimetres(x[v.place(i)]);
        if (!v.sizesFixed) {
            const Metres wider = h.undercutDiameter - h.diameter;
            h.diameter = Metres::fromMillimetres(x[v.size(i)]);
            h.undercutDiameter = h.diameter + wider;
        }
        h.chimney = wallAt(spec.bore, spec.wall, h.at) * depth;
    }
    for (std::size_t i = 0; i < v.reshapings.size(); ++i)
        if (v.reshapings[i].kind == Shaping::Undercut)
            reshape(spec, base.spec(), v.reshapings[i], x[v.reshaping(i)]);
    return Instrument::make(std::move(spec));
}

/// The plan's aim, with the spread that each note will still have once it has been tuned: the last pass's, and of what is not
/// known beforehand as much as holes and foot cannot mend, which is how far the registers will lie apart. A row that sets notes
/// to the edge of their tolerance by calculation would leave nothing for that.
/// Errors: those of Posterior::sensitivity().
Result<Aim> layoutAim(const Instrument& shape, const Posterior& posterior)
{
    Aim aim = aimOf(shape, {}, {}, spread_cents);
    const auto s = DOWEL_TRY(posterior.sensitivity(shape));
    const Eigen::MatrixXd covariance = s.byUnknown * posterior.covariance() * s.byUnknown.transpose();
    const Eigen::ColPivHouseholderQR<Eigen::MatrixXd> levers(s.perMetre);
    const Eigen::MatrixXd byLevers = levers.householderQ() * Eigen::MatrixXd::Identity(s.perMetre.rows(), levers.rank());
    const Eigen::MatrixXd left =
        Eigen::MatrixXd::Identity(covariance.rows(), covariance.cols()) - byLevers * byLevers.transpose();
    const Eigen::MatrixXd unmended = left * covariance * left;
    for (std::size_t i = 0; i < aim.notes.size(); ++i) {
        const auto note = static_cast<Eigen::Index>(i);
        aim.notes[i].spread_cents = std::hypot(spread_cents, std::sqrt(std::max(0.0, unmended(note, note))));
    }
    return aim;
}

/// The aim's loss, and what the wishes add: what a layout makes least.
class LayoutCost
{
public:
    LayoutCost(const Instrument& base, const Posterior& posterior, Aim aim, const Variables& v, const LayoutWishes& wishes,
               const Cancel& cancel)
        : m_base(&base),
          m_posterior(&posterior),
          m_v(v),
          m_wishes(&wishes),
          m_cancel(cancel),
          m_aim(std::move(aim)),
          m_neighbours(neighbours(base.spec())),
          m_hands(handsOf(base.spec()))
    {
    }
    /// Errors: BadGeometry, OutOfModelRange, Cancelled.
    [[nodiscard]] Result<Quadratic> at(const Eigen::VectorXd& x) const
    {
        if (m_cancel.requested())
            return Error{ErrorCode::Cancelled, "layout", {}};
        const auto shape = DOWEL_TRY(built(*m_base, m_v, x));
        const Eigen::Index n = m_v.count();
        Quadratic sum{0.0, Eigen::VectorXd::Zero(n), Eigen::MatrixXd::Zero(n, n)};
        DOWEL_TRY(addNotes(shape, x, sum));
        addRow(shape, x, sum);
        if (m_v.sizes() > 0)
            addSizes(shape, x, sum);
        if (m_wishes->reach)
            addReach(x, sum);
        if (m_wishes->evenTimbre)
            addTimbre(shape, x, sum);
        if (m_wishes->spacing)
            addSetSpacing(x, sum);
        else if (m_wishes->equalSpacing)
            addSpacing(shape, x, sum);
        for (std::size_t i = 0; i < m_v.reshapings.size(); ++i)
            add(sum, reshapingForce * x[m_v.reshaping(i)], {{m_v.reshaping(i), reshapingForce}});
        return sum;
    }

private:
    using Slopes = std::initializer_list<std::pair<int, double>>;
    /// Half the square of a value with these slopes.
    static void add(Quadratic& sum, double value, Slopes slopes)
    {
        sum.value += 0.5 * value * value;
        for (const auto& [i, a] : slopes) {
            sum.gradient[i] += value * a;
            for (const auto& [k, b] : slopes)
                sum.hessian(i, k) += a * b;
        }
    }
    /// A limit on x[more] - x[less], where passed; rounded off, so that a step that would pass it bends before it instead of
    /// being thrown back.
    static void addLimit(Quadratic& sum, double excess_mm, int more, int less)
    {
        const double share = excess_mm / limitEase_mm;
        const double soft = share > 30.0 ? excess_mm : limitEase_mm * std::log1p(std::exp(share));
        const double slope = limitForce / (1.0 + std::exp(-share));
        add(sum, limitForce * soft, {{more, slope}, {less, -slope}});
    }
    [[nodiscard]] Status addNotes(const Instrument& shape, const Eigen::VectorXd& x, Quadratic& sum) const
    {
        const auto slopes = DOWEL_TRY(slopesAt(shape, x));
        for (std::size_t i = 0; i < m_aim.notes.size(); ++i) {
            const WithinLoss loss = m_aim.at(i, slopes.residuals[static_cast<Eigen::Index>(i)]);
            const Eigen::RowVectorXd row = slopes.jacobian.row(static_cast<Eigen::Index>(i));
            sum.value += loss.value;
            sum.gradient += loss.slope * row.transpose();
            sum.hessian += loss.curvature * row.transpose() * row;
        }
        return Done{};
    }
    /// Cents of every note and how they go with the variables.
    [[nodiscard]] Result<Linearised> slopesAt(const Instrument& shape, const Eigen::VectorXd& x) const
    {
        const auto s = DOWEL_TRY(m_posterior->sensitivity(shape));
        const auto notes = static_cast<Eigen::Index>(s.cents.size());
        Linearised l{Eigen::Map<const Eigen::VectorXd>(s.cents.data(), notes), Eigen::MatrixXd::Zero(notes, m_v.count())};
        for (std::size_t k = 0; k < m_v.holes; ++k) {
            const auto hole = static_cast<Eigen::Index>(k);
            l.jacobian.col(m_v.place(k)) += mm * s.byPlace.col(hole);
            if (!m_v.sizesFixed)
                l.jacobian.col(m_v.size(k)) += mm * s.byShifted.col(hole);
        }
        if (!m_v.footFixed)
            l.jacobian.col(m_v.foot()) = mm * s.perMetre.col(static_cast<Eigen::Index>(m_v.holes));
        for (std::size_t i = 0; i < m_v.reshapings.size(); ++i) {
            const Reshaping& r = m_v.reshapings[i];
            const int column = m_v.reshaping(i);
            if (r.kind == Shaping::Stopper) {
                l.jacobian.col(column) = mm * s.byStopper;
            } else if (r.kind == Shaping::Undercut) {
                l.jacobian.col(column) = mm * s.byUndercut.col(static_cast<Eigen::Index>(r.hole));
            } else { // the model has no derivative by the bore: what a little does, away from the bound
                const double little_mm = x[column] + 0.05 > r.high_mm ? -0.05 : 0.05;
                Eigen::VectorXd moved = x;
                moved[column] += little_mm;
                const auto other = DOWEL_TRY(built(*m_base, m_v, moved));
                const auto cents = DOWEL_TRY(m_posterior->movedBy(shape, other));
                l.jacobian.col(column) = Eigen::Map<const Eigen::VectorXd>(cents.data(), notes) / little_mm;
            }
        }
        return l;
    }
    /// Wood between the holes, and a row that does not drift where nothing settles it.
    void addRow(const Instrument& shape, const Eigen::VectorXd& x, Quadratic& sum) const
    {
        const auto& holes = shape.spec().holes;
        for (std::size_t i = 0; i + 1 < m_v.holes; ++i) {
            const double edges = (holes[i].diameter + holes[i + 1].diameter).millimetres() / 2.0;
            const bool apart = holes[i].side != holes[i + 1].side;
            const double wood = apart ? 0.5 : edges + m_wishes->leastWood.millimetres();
            addLimit(sum, wood - (x[m_v.place(i)] - x[m_v.place(i + 1)]), m_v.place(i + 1), m_v.place(i));
        }
        for (std::size_t i = 0; i + 2 < m_v.holes; ++i)
            add(sum, rowForce * (x[m_v.place(i)] - 2.0 * x[m_v.place(i + 1)] + x[m_v.place(i + 2)]),
                {{m_v.place(i), rowForce}, {m_v.place(i + 1), -2.0 * rowForce}, {m_v.place(i + 2), rowForce}});
    }
    void addReach(const Eigen::VectorXd& x, Quadratic& sum) const
    {
        const auto limit = [&](const auto& pairs, Metres most) {
            for (const auto& [low, high] : pairs)
                addLimit(sum, x[m_v.place(low)] - x[m_v.place(high)] - most.millimetres(), m_v.place(low), m_v.place(high));
        };
        limit(m_neighbours, m_wishes->reach->step);
        limit(m_hands, m_wishes->reach->span);
    }
    void addSetSpacing(const Eigen::VectorXd& x, Quadratic& sum) const
    {
        for (const auto& [low, high] : m_neighbours)
            add(sum, setSpacingForce * (x[m_v.place(low)] - x[m_v.place(high)] - m_wishes->spacing->millimetres()),
                {{m_v.place(low), setSpacingForce}, {m_v.place(high), -setSpacingForce}});
    }
    void addSpacing(const Instrument& shape, const Eigen::VectorXd& x, Quadratic& sum) const
    {
        const auto& holes = shape.spec().holes;
        for (std::size_t k = 0; k + 1 < m_neighbours.size(); ++k) {
            const auto& [a, b] = m_neighbours[k];
            const auto& [c, d] = m_neighbours[k + 1];
            if (holes[a].digit[0] != holes[c].digit[0])
                continue;
            add(sum, spacingForce * (x[m_v.place(a)] - x[m_v.place(b)] - x[m_v.place(c)] + x[m_v.place(d)]),
                {{m_v.place(a), spacingForce},
                 {m_v.place(b), -spacingForce},
                 {m_v.place(c), -spacingForce},
                 {m_v.place(d), spacingForce}});
        }
    }
    /// Neighbouring holes' cutoffs alike.
    void addTimbre(const Instrument& shape, const Eigen::VectorXd& x, Quadratic& sum) const
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
                add(sum, difference,
                    {{m_v.place(i - 1), low}, {m_v.place(i + 1), -low}, {m_v.place(i), -high}, {m_v.place(i + 2), high}});
            else
                add(sum, difference,
                    {{m_v.place(i - 1), low},
                     {m_v.place(i + 1), -low},
                     {m_v.place(i), -high},
                     {m_v.place(i + 2), high},
                     {m_v.size(i), timbreForce * here.byDiameter_per_mm},
                     {m_v.size(i + 1), -timbreForce * next.byDiameter_per_mm}});
        }
    }
    void addSizes(const Instrument& shape, const Eigen::VectorXd& x, Quadratic& sum) const
    {
        for (std::size_t i = 0; i < m_v.holes; ++i) {
            const double usual = usualShare * shape.boreDiameterAt(shape.spec().holes[i].at).millimetres();
            add(sum, evenness * (x[m_v.size(i)] - usual), {{m_v.size(i), evenness}});
        }
        for (std::size_t i = 0; i + 2 < m_v.holes; ++i)
            add(sum, evenness * (x[m_v.size(i)] - 2.0 * x[m_v.size(i + 1)] + x[m_v.size(i + 2)]),
                {{m_v.size(i), evenness}, {m_v.size(i + 1), -2.0 * evenness}, {m_v.size(i + 2), evenness}});
    }

    const Instrument* m_base;
    const Posterior* m_posterior;
    Variables m_v;
    const LayoutWishes* m_wishes;
    Cancel m_cancel;
    Aim m_aim;
    std::vector<std::pair<std::size_t, std::size_t>> m_neighbours;
    std::vector<std::pair<std::size_t, std::size_t>> m_hands;
};

/// What is sought, where it begins and between what.
struct Search
{
    Variables v;
    Eigen::VectorXd x;
    Eigen::VectorXd low;
    Eigen::VectorXd high;
    double cost = std::numeric_limits<double>::infinity(); ///< where it stands
};

Search searchFrom(const Instrument& from, const LayoutWishes& wishes, const Variables& v)
{
    constexpr double anywhere_mm = 1e6;
    Search s{v, Eigen::VectorXd::Zero(v.count()), Eigen::VectorXd::Constant(v.count(), -anywhere_mm),
             Eigen::VectorXd::Constant(v.count(), anywhere_mm), std::numeric_limits<double>::infinity()};
    const auto& spec = from.spec();
    double mean = 0.0;
    for (const Hole& h : spec.holes)
        mean += h.diameter.millimetres() / static_cast<double>(spec.holes.size());
    for (std::size_t i = 0; i < v.holes; ++i)
        s.x[v.place(i)] = spec.holes[i].at.millimetres();
    for (std::size_t i = 0; i < static_cast<std::size_t>(v.sizes()); ++i) {
        s.x[v.size(i)] = v.oneSize ? mean : spec.holes[i].diameter.millimetres();
        const double bore = from.boreDiameterAt(spec.holes[i].at).millimetres();
        s.high[v.size(i)] = std::min(
            {wishes.largest.millimetres(), spec.limits.holeMax.value_or(wishes.largest).millimetres(), widestShare * bore});
        s.low[v.size(i)] = std::min(wishes.smallest.millimetres(), s.high[v.size(i)] - 1e-3);
    }
    if (!v.footFixed)
        s.x[v.foot()] = spec.bore.back().at.millimetres();
    for (std::size_t i = 0; i < v.reshapings.size(); ++i) {
        s.low[v.reshaping(i)] = v.reshapings[i].low_mm;
        s.high[v.reshaping(i)] = v.reshapings[i].high_mm;
    }
    return s;
}

/// Moves the search to where the cost is least. Errors: BadGeometry, Cancelled.
Status improve(Search& search, const Instrument& base, const Posterior& posterior, const LayoutWishes& wishes,
               const Cancel& cancel)
{
    if (search.v.count() == 0)
        return Done{};
    auto aim = DOWEL_TRY(layoutAim(base, posterior));
    const LayoutCost cost(base, posterior, std::move(aim), search.v, wishes, cancel);
    constexpr MinimumOptions finely{60, 1e-6}; // so that what only evenness settles is settled too
    auto best = minimumWithin([&](const Eigen::VectorXd& at) { return cost.at(at); }, search.x, search.low, search.high, finely);
    if (!best && best.error().code != ErrorCode::Cancelled)
        return Error{ErrorCode::BadGeometry, "layout", FactId::NoRow};
    if (!best)
        return best.error();
    search.x = std::move(best->at); // the best point seen, settled or not: rows are compared by what they cost
    const auto there = DOWEL_TRY(cost.at(search.x));
    search.cost = there.value;
    return Done{};
}

/// Places and foot for sizes and a tube that are settled.
Result<Instrument> placed(const Instrument& from, const Posterior& posterior, const LayoutWishes& wishes, const Cancel& cancel)
{
    Search search = searchFrom(from, wishes, Variables{from.spec().holes.size(), wishes.oneBit, true, wishes.fixedLength});
    DOWEL_TRY(improve(search, from, posterior, wishes, cancel));
    return built(from, search.v, search.x);
}

Metres roundedTo(Metres value, Metres step)
{
    return Metres::fromMetres(std::round(value.metres() / step.metres()) * step.metres());
}

/// Final sizes: from the drawer the nearest bit for each hole, else what a file can be stopped at.
InstrumentSpec withSizesToMake(InstrumentSpec spec, const LayoutWishes& wishes)
{
    const auto nearest = [&](Metres size) {
        Metres best = wishes.bits.front();
        for (const Metres bit : wishes.bits)
            if (bit >= wishes.smallest && bit <= wishes.largest &&
                std::abs((bit - size).metres()) < std::abs((best - size).metres()))
                best = bit;
        return best;
    };
    for (Hole& h : spec.holes) {
        const Metres wider = roundedTo(h.undercutDiameter - h.diameter, spec.tools.step);
        h.diameter = wishes.bits.empty() ? roundedTo(h.diameter, spec.tools.step) : nearest(h.diameter);
        h.undercutDiameter = h.diameter + wider;
    }
    return spec;
}

/// Places and length as a rule can mark them: to the tenth of a millimetre, a third of a cent.
Instrument marked(const Instrument& shape)
{
    constexpr Metres tenth = Metres::fromMillimetres(0.1);
    InstrumentSpec spec = shape.spec();
    for (Hole& h : spec.holes)
        h.at = roundedTo(h.at, tenth);
    if (spec.bore.size() > 1 && roundedTo(spec.bore.back().at, tenth) > spec.bore[spec.bore.size() - 2].at)
        spec.bore.back().at = roundedTo(spec.bore.back().at, tenth);
    const auto made = Instrument::make(std::move(spec));
    return made ? *made : shape;
}

/// The best row with sizes and reshaping free: runs again from where it ended, which costs little and frees what a limit has
/// caught. What is reshaped comes to the tenth of a millimetre.
struct FreeRow
{
    Instrument shape;
    std::vector<Reshaped> reshaped;
};
Result<FreeRow> freeRow(const Instrument& base, const Posterior& posterior, const LayoutWishes& wishes,
                        const std::vector<Reshaping>& reshapings, bool sizesSettled, const Cancel& cancel)
{
    Search search = searchFrom(base, wishes,
                               Variables{base.spec().holes.size(), wishes.oneBit, sizesSettled, wishes.fixedLength, reshapings});
    constexpr int most = 4;
    constexpr double worthARun = 0.02; // of the cost
    double before = search.cost;
    for (int run = 0; run < most; ++run, before = search.cost) {
        DOWEL_TRY(improve(search, base, posterior, wishes, cancel));
        if (!(search.cost < before - worthARun))
            break;
    }
    std::vector<Reshaped> reshaped;
    for (std::size_t i = 0; i < reshapings.size(); ++i) {
        double& amount = search.x[search.v.reshaping(i)];
        amount = std::round(amount * 10.0) / 10.0;
        if (amount != 0.0)
            reshaped.push_back({reshapings[i].kind, reshapings[i].hole, amount});
    }
    auto shape = DOWEL_TRY(built(base, search.v, search.x));
    return FreeRow{std::move(shape), std::move(reshaped)};
}

} // namespace

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

std::optional<Fact> broken(const Instrument& shape, const LayoutWishes& wishes)
{
    const auto& holes = shape.spec().holes;
    const auto tenths = [](Metres m) {
        return Metres::fromMillimetres(std::round(m.millimetres() * 10.0) / 10.0);
    };
    for (std::size_t i = 0; i + 1 < holes.size(); ++i) {
        const Metres wood = holes[i].at - holes[i + 1].at - (holes[i].diameter + holes[i + 1].diameter) / 2.0;
        if (holes[i].side == holes[i + 1].side && wood.metres() < wishes.leastWood.metres() - kept_m)
            return Fact(FactId::WoodBetween, holes[i].id.text, holes[i + 1].id.text, tenths(wood));
    }
    if (wishes.reach) {
        for (const auto& [low, high] : neighbours(shape.spec()))
            if ((holes[low].at - holes[high].at).metres() > wishes.reach->step.metres() + kept_m)
                return Fact(FactId::ReachesTo, holes[low].id.text, holes[high].id.text, tenths(holes[low].at - holes[high].at),
                            tenths(wishes.reach->step));
        for (const auto& [low, high] : handsOf(shape.spec()))
            if ((holes[low].at - holes[high].at).metres() > wishes.reach->span.metres() + kept_m)
                return Fact(FactId::HandSpans, tenths(holes[low].at - holes[high].at), tenths(wishes.reach->span));
    }
    return std::nullopt;
}

Result<Row> judged(Instrument shape, const Posterior& posterior)
{
    const auto cents = DOWEL_TRY(posterior.cents(shape));
    const Aim aim = aimOf(shape, {}, {}, spread_cents);
    const ScaleSummary s = summaryOf(shape.spec().fingerings, cents);
    return Row{std::move(shape), cents, s.worst_cents, s.rms_cents, aim.loss(cents), s.all(), {}};
}

Result<Row> bestRow(const Instrument& rough, const Posterior& posterior, const LayoutWishes& wishes, const Cancel& cancel)
{
    // Where the wishes leave one size only, places are all there is to find.
    constexpr double oneSize_m = 0.02 * mm;
    const bool sizesSettled = (wishes.largest - wishes.smallest).metres() < oneSize_m;
    const auto reshapings = reshapingsOf(rough.spec(), wishes.allowed);
    InstrumentSpec from = readyFor(rough.spec(), reshapings);
    if (sizesSettled)
        for (Hole& h : from.holes)
            h.diameter = h.undercutDiameter = wishes.smallest;
    const auto base = DOWEL_TRY(Instrument::make(std::move(from)));
    auto free = DOWEL_TRY(freeRow(base, posterior, wishes, reshapings, sizesSettled, cancel));
    Instrument shape = std::move(free.shape);
    const bool anySize = sizesSettled && wishes.bits.empty();
    if (!anySize || !reshapings.empty()) { // and the places that go with what can be made
        const auto made = DOWEL_TRY(Instrument::make(anySize ? shape.spec() : withSizesToMake(shape.spec(), wishes)));
        shape = DOWEL_TRY(placed(made, posterior, wishes, cancel));
    }
    auto row = judged(marked(shape), posterior);
    if (row)
        row->reshaped = std::move(free.reshaped);
    return row;
}

} // namespace dowel::layout
