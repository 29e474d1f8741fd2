// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/forecast.h"

#include "core/base/thread_role.h"
#include "core/forecast/outcomes.h"

#include <Eigen/Cholesky>
#include <cmath>

namespace dowel {

namespace {

/// What tools slip at besides holes and foot.
enum class Elsewhere { Window, Embouchure, Stopper, Bore, Count };

/// The present instrument with another shape's holes and foot, but without what else is other about it; nothing where
/// that is nothing.
std::optional<Instrument> surerPart(const Instrument& present, const Instrument& shape)
{
    InstrumentSpec spec = present.spec();
    const InstrumentSpec& goal = shape.spec();
    if (spec.holes.size() != goal.holes.size())
        return std::nullopt;
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        spec.holes[i].diameter = goal.holes[i].diameter;
        spec.holes[i].undercutDiameter = std::max(spec.holes[i].undercutDiameter, goal.holes[i].diameter);
    }
    if (shape.length() < present.length())
        spec.bore = boreEndingAt(std::move(spec.bore), shape.length());
    constexpr double same_m = 1e-7;
    bool other = spec.excitation != goal.excitation || spec.bore.size() != goal.bore.size();
    for (std::size_t i = 0; i < spec.holes.size(); ++i)
        other = other || std::abs((spec.holes[i].undercutDiameter - goal.holes[i].undercutDiameter).metres()) > same_m;
    for (std::size_t i = 0; !other && i < spec.bore.size(); ++i)
        other = std::abs((spec.bore[i].diameter - goal.bore[i].diameter).metres()) > same_m;
    if (!other)
        return std::nullopt;
    auto made = Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
    return made ? std::optional(std::move(*made)) : std::nullopt;
}

/// Where a cause stands among the columns of a joint forecast: the same in every one of an instrument. First what the posterior
/// leaves open, then slips and doubts by lever.
class Causes
{
public:
    Causes(Eigen::Index unknowns, std::size_t holes) : m_unknowns(unknowns), m_holes(static_cast<Eigen::Index>(holes)) {}
    [[nodiscard]] Eigen::Index slipOfHole(std::size_t i) const { return m_unknowns + static_cast<Eigen::Index>(i); }
    [[nodiscard]] Eigen::Index slipOfFoot() const { return m_unknowns + m_holes; }
    [[nodiscard]] Eigen::Index slipOf(Elsewhere place) const { return slipOfFoot() + 1 + static_cast<Eigen::Index>(place); }
    [[nodiscard]] Eigen::Index doubtOfHole(std::size_t i) const
    {
        return slipOf(Elsewhere::Count) + static_cast<Eigen::Index>(i);
    }
    [[nodiscard]] Eigen::Index doubtOfFoot() const { return slipOf(Elsewhere::Count) + m_holes; }
    /// Of joints: as sure as holes and foot, but neither.
    [[nodiscard]] Eigen::Index doubtOfLength() const { return doubtOfFoot() + 1; }
    [[nodiscard]] Eigen::Index doubtOfOther() const { return doubtOfFoot() + 2; }
    [[nodiscard]] Eigen::Index count() const { return doubtOfOther() + 1; }

private:
    Eigen::Index m_unknowns;
    Eigen::Index m_holes;
};

struct ShapesAndTools
{
    const Instrument& present;
    const Instrument& shape;
    const Tools& tools;
};

/// What tools that slip make of the holes and the foot that are other than now, from the derivatives of the shape after.
void addSlips(JointForecast& o, const Causes& at, const Priors& priors, const ShapesAndTools& between,
              const Eigen::MatrixXd& jacobian)
{
    const auto& [present, shape, tools] = between;
    Eigen::MatrixXd& causes = o.causes;
    constexpr double same_m = 1e-7;
    const auto& before = present.spec().holes;
    const auto& after = shape.spec().holes;
    for (std::size_t i = 0; i < before.size() && i < after.size(); ++i)
        if (std::abs((after[i].diameter - before[i].diameter).metres()) > same_m)
            causes.col(at.slipOfHole(i)) = (bitOfSize(after[i].diameter, tools) ? priors.slipSd_m : priors.handSlipSd_m) *
                                           jacobian.col(Posterior::placeOfHole(i));
    if (std::abs((shape.length() - present.length()).metres()) > same_m)
        causes.col(at.slipOfFoot()) = priors.slipSd_m * jacobian.col(Posterior::placeOfFoot());
}

/// A shape as it would be if a tool slipped that far at what is other about its mouth or bore than now: one for the window, for
/// the embouchure hole, for the stopper, and for all that is reamed, since a reamer slips all along its stretch.
std::vector<std::pair<Elsewhere, InstrumentSpec>> slipped(const Instrument& present, const Instrument& shape, Metres slip)
{
    const InstrumentSpec& before = present.spec();
    const InstrumentSpec& after = shape.spec();
    std::vector<std::pair<Elsewhere, InstrumentSpec>> all;
    const auto* window = std::get_if<Duct>(&before.excitation);
    const auto* longer = std::get_if<Duct>(&after.excitation);
    if (window != nullptr && longer != nullptr && longer->windowLength != window->windowLength) {
        auto& d = std::get<Duct>(all.emplace_back(Elsewhere::Window, after).second.excitation);
        d.windowLength = d.windowLength + slip;
    }
    const auto* lip = std::get_if<Transverse>(&before.excitation);
    const auto* other = std::get_if<Transverse>(&after.excitation);
    if (lip != nullptr && other != nullptr && other->holeLength != lip->holeLength) {
        auto& t = std::get<Transverse>(all.emplace_back(Elsewhere::Embouchure, after).second.excitation);
        t.holeLength = t.holeLength + slip;
    }
    if (lip != nullptr && other != nullptr && other->stopper != lip->stopper) {
        auto& t = std::get<Transverse>(all.emplace_back(Elsewhere::Stopper, after).second.excitation);
        t.stopper = t.stopper + slip;
    }
    constexpr double same_m = 1e-6;
    InstrumentSpec reamed = after;
    bool any = false;
    for (Station& s : reamed.bore)
        if (s.at <= present.length() && (s.diameter - present.boreDiameterAt(s.at)).metres() > same_m) {
            s.diameter = s.diameter + slip;
            any = true;
        }
    if (any)
        all.emplace_back(Elsewhere::Bore, std::move(reamed));
    return all;
}

/// How far the holes of cuts that followed advice came out beyond what was asked, by the calipers.
struct Slip
{
    double beyond_m = 0.0;
    bool byHand = false; ///< to a size that no bit makes
};
std::vector<Slip> slipsOf(const Workbook& book, const Tools& tools)
{
    constexpr double farthest_m = 0.0003; // more than that is no slip
    std::vector<Slip> slips;
    for (const Entry* e : book.cuts()) {
        const auto& cut = std::get<CutEntry>(e->body);
        if (!cut.advised || !std::holds_alternative<Enlarge>(cut.cut))
            continue;
        const double beyond_m = (wantedSize(cut.cut) - *cut.advised).metres();
        slips.push_back({std::clamp(beyond_m, -farthest_m, farthest_m), !bitOfSize(*cut.advised, tools)});
    }
    return slips;
}

/// How far a maker's tools go beyond what was asked; drawn to nothing while there are few cuts.
double habitOf(const std::vector<Slip>& slips)
{
    constexpr double beforehand = 4.0; // as many cuts as the expectation of none is worth
    double sum_m = 0.0;
    for (const Slip& s : slips)
        sum_m += s.beyond_m;
    return sum_m / (beforehand + static_cast<double>(slips.size()));
}

/// How far holes opened by hand scatter about that, one sigma, the calipers' own error taken off: what the tool is said to do
/// beforehand counts as much as six cuts.
double handScatterOf(const std::vector<Slip>& slips, double habit_m, const Priors& priors)
{
    constexpr double beforehand = 6.0;
    constexpr double least_m = 0.00002;
    double squares = beforehand * priors.handSlipSd_m * priors.handSlipSd_m;
    double count = beforehand;
    for (const Slip& s : slips)
        if (s.byHand) {
            squares += std::pow(s.beyond_m - habit_m, 2) - priors.caliperSd_m * priors.caliperSd_m;
            count += 1.0;
        }
    return std::sqrt(std::max(least_m * least_m, squares / count));
}

} // namespace

Result<Forecaster> Forecaster::make(const Workbook& book, const Priors& priors, const Cancel& cancel,
                                    const ForecastOptions& options)
{
    enterDoor(Door::Forecast);
    // What the formulas get wrong about cuts is learnt from this wood's own.
    Priors learnt = priors;
    const double honesty = honestyOf(outcomesOf(book), listeningErrorOf(priors));
    learnt.shareOfChange *= honesty;
    learnt.shareOfOther *= honesty;
    const Tools tools = options.tools.value_or(book.present().spec().tools);
    const auto slips = slipsOf(book, tools);
    learnt.slip_m = habitOf(slips);
    learnt.handSlipSd_m = handScatterOf(slips, learnt.slip_m, priors);
    auto posterior = DOWEL_TRY(fit(book, learnt, cancel, options.fit));
    Forecaster f(std::move(posterior));
    f.m_honesty = honesty;
    f.m_tools = tools;
    f.m_shape = std::make_shared<const Instrument>(book.present());
    auto present = DOWEL_TRY(f.m_posterior.forecast(book.present()));
    f.m_presentCents = present.cents;
    f.m_root = f.m_posterior.covariance().llt().matrixL();
    f.m_present = f.asUnknown(present);
    f.m_now = f.m_present.states();
    DOWEL_TRY(f.walkBack(book));
    return f;
}

Status Forecaster::walkBack(const Workbook& book)
{
    const auto& heard = m_posterior.lastHeard();
    m_way.resize(heard.size());
    std::vector<double> later = m_presentCents;
    std::vector<double> way(heard.size(), 0.0);
    for (std::size_t shape = book.shapes().size(); shape-- > 0;) {
        bool needed = false;
        for (std::size_t i = 0; i < heard.size(); ++i) {
            if (heard[i] == static_cast<int>(shape))
                m_way[i] = way[i];
            needed = needed || (heard[i] >= 0 && heard[i] < static_cast<int>(shape));
        }
        if (!needed || shape == 0)
            break;
        auto earlier = DOWEL_TRY(m_posterior.cents(book.shapes()[shape - 1]));
        for (std::size_t i = 0; i < way.size(); ++i)
            way[i] += std::abs(later[i] - earlier[i]);
        later = std::move(earlier);
    }
    return Done{};
}

Result<Forecaster::Doubt> Forecaster::doubtOf(const Instrument& shape, const std::vector<double>& cents) const
{
    // What enlarging and trimming do is forecast more surely than the rest: where both are between here and there, the
    // way goes over a shape that has the first only.
    std::vector<double> halfway = cents;
    if (const auto surer = surerPart(*m_shape, shape)) {
        auto there = DOWEL_TRY(m_posterior.cents(*surer));
        halfway = std::move(there);
    }
    const Priors& p = m_posterior.priors();
    const auto n = std::ssize(cents);
    const Eigen::Map<const Eigen::VectorXd> to(cents.data(), n);
    const Eigen::Map<const Eigen::VectorXd> over(halfway.data(), n);
    const Eigen::Map<const Eigen::VectorXd> from(m_presentCents.data(), n);
    if (!SetSlide::on(*m_shape).empty()) // nothing is cut: it stands elsewhere
        return Doubt{p.shareOf(SetSlide{}) * (to - from), Eigen::VectorXd::Zero(n)};
    return Doubt{p.shareOfChange * (over - from), p.shareOfOther * (to - over)};
}

JointForecast Forecaster::asUnknown(const Posterior::Forecast& forecast) const
{
    const Causes at(m_root.cols(), m_shape->spec().holes.size());
    JointForecast o;
    o.mean = Eigen::Map<const Eigen::VectorXd>(forecast.cents.data(), std::ssize(forecast.cents));
    o.causes = Eigen::MatrixXd::Zero(o.mean.size(), at.count());
    o.causes.leftCols(m_root.cols()) = forecast.jacobian * m_root;
    o.own = Eigen::VectorXd::Zero(o.mean.size());
    return o;
}

void Forecaster::addDoubt(JointForecast& o, const Doubt& doubt, const Instrument& shape, const Eigen::MatrixXd& jacobian) const
{
    // Most of what a formula gets wrong about a cut it gets wrong about the cut, for every note that it moves: one cause a lever.
    // The rest is each note's own.
    const double common = std::sqrt(1.0 - Priors::ownPartOfCut);
    const auto& before = m_shape->spec().holes;
    const auto& after = shape.spec().holes;
    const Causes at(m_root.cols(), before.size());
    std::vector<std::pair<Eigen::Index, Eigen::VectorXd>> levers;
    for (std::size_t i = 0; i < before.size() && i < after.size(); ++i)
        levers.emplace_back(at.doubtOfHole(i),
                            jacobian.col(Posterior::placeOfHole(i)) * (after[i].diameter - before[i].diameter).metres());
    levers.emplace_back(at.doubtOfFoot(), jacobian.col(Posterior::placeOfFoot()) * (shape.length() - m_shape->length()).metres());
    for (Eigen::Index i = 0; i < doubt.surer.size(); ++i) {
        double way = 0.0;
        for (const auto& [cause, moved] : levers)
            way = std::hypot(way, moved[i]);
        const double surer = common * std::abs(doubt.surer[i]);
        for (const auto& [cause, moved] : levers)
            o.causes(i, cause) = way > 0.0 ? surer * moved[i] / way : 0.0;
        o.causes(i, at.doubtOfLength()) = way > 0.0 ? 0.0 : surer;
        o.causes(i, at.doubtOfOther()) = common * doubt.other[i];
        const double whole = doubt.of(i);
        o.own[i] = std::sqrt(std::max(0.0, whole * whole - surer * surer - std::pow(common * doubt.other[i], 2)));
    }
}

Status Forecaster::addSlipsOfMouthAndBore(JointForecast& o, const Instrument& shape) const
{
    const Causes at(m_root.cols(), m_shape->spec().holes.size());
    for (const auto& [place, spec] : slipped(*m_shape, shape, Metres::fromMetres(m_posterior.priors().slipSd_m))) {
        const auto made = Instrument::make(spec, Instrument::Neighbours::MayMeet);
        if (!made)
            continue; // no room for it to slip into
        const auto there = DOWEL_TRY(m_posterior.cents(*made));
        o.causes.col(at.slipOf(place)) = Eigen::Map<const Eigen::VectorXd>(there.data(), std::ssize(there)) - o.mean;
    }
    return Done{};
}

Result<std::vector<double>> Forecaster::plainDoubt(const Instrument& shape) const
{
    const auto cents = DOWEL_TRY(m_posterior.cents(shape));
    const auto doubt = DOWEL_TRY(doubtOf(shape, cents));
    std::vector<double> plain(cents.size());
    for (std::size_t i = 0; i < plain.size(); ++i)
        plain[i] = doubt.of(static_cast<Eigen::Index>(i)) / m_honesty;
    return plain;
}

Result<std::vector<double>> Forecaster::doubtOfLessSure(const Instrument& shape, const std::vector<double>& cents) const
{
    const auto doubt = DOWEL_TRY(doubtOf(shape, cents));
    const Eigen::VectorXd size = doubt.other.cwiseAbs();
    return std::vector<double>(size.begin(), size.end());
}

Result<JointForecast> Forecaster::jointForecast(const Instrument& shape) const
{
    const auto forecast = DOWEL_TRY(m_posterior.forecast(shape));
    const auto doubt = DOWEL_TRY(doubtOf(shape, forecast.cents));
    JointForecast o = asUnknown(forecast);
    addSlips(o, Causes(m_root.cols(), m_shape->spec().holes.size()), m_posterior.priors(), {*m_shape, shape, m_tools},
             forecast.jacobian);
    DOWEL_TRY(addSlipsOfMouthAndBore(o, shape));
    addDoubt(o, doubt, shape, forecast.jacobian);
    return o;
}

Result<JointForecast> Forecaster::asItWas(const Instrument& shape) const
{
    const auto forecast = DOWEL_TRY(m_posterior.forecast(shape));
    return asUnknown(forecast);
}

Result<std::vector<NoteState>> Forecaster::states(const Instrument& shape) const
{
    const auto o = DOWEL_TRY(jointForecast(shape));
    return o.states();
}

Result<std::vector<NoteState>> Forecaster::statesNearby(const Instrument& shape) const
{
    const auto cents = DOWEL_TRY(m_posterior.cents(shape));
    const auto doubt = DOWEL_TRY(doubtOf(shape, cents));
    std::vector<NoteState> states(cents.size());
    for (std::size_t i = 0; i < states.size(); ++i)
        states[i] = {cents[i], std::hypot(m_now[i].sd, doubt.of(static_cast<Eigen::Index>(i)))};
    return states;
}

} // namespace dowel
