// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit.h"

#include "core/fit/shared.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <ceres/ceres.h>
#include <cmath>
#include <limits>
#include <numeric>

namespace dowel {

namespace {

using acoustics::Calibration;
using acoustics::Model;
using acoustics::NoteAnswer;
using acoustics::NoteQuery;
using acoustics::ParameterLayout;
using acoustics::Shape;

// A bore scale, a hole or a wall this many standard deviations out would no longer be that instrument; keeps trial steps
// inside the model. No bound for the solver, which would search along every step for the sake of one: such a step is refused.
constexpr double outermost = 6.0;
constexpr double pivot_Hz = 700.0;

/// Places of the unknowns in one vector.
struct Unknowns
{
    std::size_t holes;
    std::size_t registers;
    std::size_t notes;
    static constexpr Eigen::Index warmth = 0;
    static constexpr Eigen::Index mouthLog = 1;
    static constexpr Eigen::Index mouthSlope = 2;
    static constexpr Eigen::Index boreScale = 3;
    static constexpr Eigen::Index wallLoss = 4;
    static constexpr Eigen::Index holeEnd = 5;
    static constexpr Eigen::Index foot = 6;
    static constexpr Eigen::Index holeSpread = 7; ///< one for each of the other published sets
    static constexpr Eigen::Index neighbours = 9;
    static constexpr std::size_t before = 10;
    [[nodiscard]] static Eigen::Index holeSize(std::size_t i) { return static_cast<Eigen::Index>(before + i); }
    [[nodiscard]] Eigen::Index chimney(std::size_t i) const { return static_cast<Eigen::Index>(before + holes + i); }
    [[nodiscard]] Eigen::Index place(std::size_t i) const { return static_cast<Eigen::Index>(before + 2 * holes + i); }
    [[nodiscard]] Eigen::Index blowSlope() const { return static_cast<Eigen::Index>(before + 3 * holes); }
    [[nodiscard]] Eigen::Index undercutGain() const { return blowSlope() + 1; }
    [[nodiscard]] Eigen::Index blow(int registerNumber) const
    {
        return undercutGain() + std::min(registerNumber, static_cast<int>(registers));
    }
    [[nodiscard]] Eigen::Index note(std::size_t i) const
    {
        return blow(static_cast<int>(registers)) + 1 + static_cast<Eigen::Index>(i);
    }
    [[nodiscard]] Eigen::Index size() const { return note(notes); }

    static Unknowns of(const Instrument& instrument)
    {
        int highest = 1;
        for (const Fingering& f : instrument.spec().fingerings)
            highest = std::max(highest, f.registerNumber);
        return {instrument.spec().holes.size(), static_cast<std::size_t>(highest), instrument.spec().fingerings.size()};
    }
};

/// x = mean + root z with z standard normal.
struct Prior
{
    Eigen::VectorXd mean;
    Eigen::MatrixXd root;
};

/// Where the unknowns of core/fit/shared.h lie; -1 for registers that this instrument is not played in.
std::vector<Eigen::Index> sharedPlaces(const Unknowns& u)
{
    std::vector<Eigen::Index> at{Unknowns::warmth,  Unknowns::mouthLog, Unknowns::mouthSlope, Unknowns::wallLoss,
                                 Unknowns::holeEnd, u.blowSlope(),      u.undercutGain()};
    for (std::size_t r = 1; at.size() < sharedCount; ++r)
        at.push_back(r <= u.registers ? u.blow(static_cast<int>(r)) : -1);
    return at;
}

Prior priorOf(const Unknowns& u, const Priors& p)
{
    Prior prior{Eigen::VectorXd::Zero(u.size()), Eigen::MatrixXd::Zero(u.size(), u.size())};
    const auto set = [&](Eigen::Index i, double mean, double sd) {
        prior.mean[i] = mean;
        prior.root(i, i) = sd;
    };
    set(Unknowns::warmth, p.warmth_K, p.warmthSd_K);
    set(Unknowns::mouthLog, 0.0, p.mouthLogSd);
    set(Unknowns::mouthSlope, 0.0, p.mouthSlopeSd);
    set(Unknowns::boreScale, 0.0, p.boreScaleSd);
    set(Unknowns::wallLoss, p.wallLossLog, p.wallLossSd);
    set(Unknowns::holeEnd, 0.0, p.holeEndSd);
    set(Unknowns::foot, 0.0, p.footSd_m);
    for (const Eigen::Index other : {0, 1})
        set(Unknowns::holeSpread + other, 0.0, p.holeSpreadSd);
    set(Unknowns::neighbours, p.neighbours, p.neighboursSd);
    for (std::size_t i = 0; i < u.holes; ++i) {
        set(u.holeSize(i), 0.0, p.doubtedHole == i ? p.doubtSd_m : p.holeSizeSd_m);
        set(u.chimney(i), 0.0, p.chimneyShareSd);
        set(u.place(i), 0.0, p.holePlaceSd_m);
    }
    set(u.blowSlope(), 0.0, p.blowSlopeSd_cents);
    set(u.undercutGain(), 0.0, p.undercutGainSd);
    for (std::size_t r = 1; r <= u.registers; ++r)
        set(u.blow(static_cast<int>(r)), 0.0, p.blowSd_cents);
    for (std::size_t i = 0; i < u.notes; ++i)
        set(u.note(i), 0.0, p.noteSd_cents);
    if (p.shared) {
        std::vector<Eigen::Index> from;
        std::vector<Eigen::Index> to;
        const auto places = sharedPlaces(u);
        for (std::size_t i = 0; i < places.size(); ++i)
            if (places[i] >= 0) {
                from.push_back(static_cast<Eigen::Index>(i));
                to.push_back(places[i]);
            }
        const Eigen::MatrixXd part = p.shared->covariance(from, from);
        const Eigen::MatrixXd root = part.llt().matrixL();
        for (std::size_t i = 0; i < to.size(); ++i) {
            prior.mean[to[i]] = p.shared->mean[from[i]];
            for (std::size_t k = 0; k < to.size(); ++k)
                prior.root(to[i], to[k]) = root(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(k));
        }
    }
    return prior;
}

using Placed = Posterior::Placed;

/// The model of one shape with the unknowns put in.
Placed placed(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K)
{
    Placed p{Shape::of(instrument), acoustics::calibrationOf(instrument.spec().tuning)};
    p.calibration.kelvin = room_K + x[Unknowns::warmth];
    p.calibration.mouthLog = x[Unknowns::mouthLog];
    p.calibration.mouthSlope = x[Unknowns::mouthSlope];
    p.calibration.boreScaleLog = x[Unknowns::boreScale];
    p.calibration.wallLossLog = x[Unknowns::wallLoss];
    p.calibration.holeEndLog = x[Unknowns::holeEnd];
    for (std::size_t i = 0; i < p.calibration.holeSpread.size(); ++i)
        p.calibration.holeSpread[i] = x[Unknowns::holeSpread + static_cast<Eigen::Index>(i)];
    p.calibration.neighbours = x[Unknowns::neighbours];
    p.shape.bore.back().at_m += x[Unknowns::foot];
    for (std::size_t i = 0; i < p.shape.holes.size(); ++i) {
        auto& h = p.shape.holes[i];
        const double bore_m = boreDiameterAt(instrument.spec().bore, instrument.spec().holes[i].at).metres();
        const double size_m = x[u.holeSize(i)];
        const double ramp_m = (h.undercut_m - h.diameter_m) * std::exp(x[u.undercutGain()]);
        h.diameter_m = std::clamp(h.diameter_m + size_m, 1e-4, bore_m);
        h.undercut_m = std::clamp(h.diameter_m + ramp_m, h.diameter_m, bore_m);
        h.chimney_m *= std::exp(x[u.chimney(i)]);
        h.at_m += x[u.place(i)];
    }
    return p;
}

/// Cents over the target and their derivatives by the unknowns, for chosen notes on one shape.
struct Evaluated
{
    std::vector<double> cents;
    Eigen::MatrixXd jacobian;
    std::vector<NoteAnswer> answers; ///< where derivatives were asked for
};

Result<Evaluated> evaluate(const Instrument& instrument, const Unknowns& u, const Eigen::VectorXd& x, double room_K,
                           const std::vector<std::size_t>& notes, bool derivatives)
{
    const Placed p = placed(instrument, u, x, room_K);
    const Model model(p.shape, p.calibration);
    const auto all = queriesOf(instrument);
    std::vector<NoteQuery> queries;
    queries.reserve(notes.size());
    for (const std::size_t n : notes)
        queries.push_back(all[n]);
    const auto& fingerings = instrument.spec().fingerings;
    Evaluated e;
    const auto named = [&](const Error& error) {
        const std::size_t index = notes[std::stoul(error.where)];
        return Error{error.code, fingerings[index].id.text, error.facts};
    };
    const auto put = [&](std::size_t row, double hertz) {
        const Fingering& f = fingerings[notes[row]];
        const double octaves = std::log2(hertz / pivot_Hz);
        e.cents.push_back(1200.0 * std::log2(hertz / f.target.hertz()) + x[u.blow(f.registerNumber)] +
                          x[u.blowSlope()] * octaves + x[u.note(notes[row])]);
        return octaves;
    };
    if (!derivatives) {
        const auto found = model.frequencies(queries);
        if (!found)
            return named(found.error());
        for (std::size_t row = 0; row < notes.size(); ++row)
            put(row, (*found)[row]);
        return e;
    }
    auto found = model.answers(queries);
    if (!found)
        return named(found.error());
    const ParameterLayout at = model.layout();
    e.jacobian = Eigen::MatrixXd::Zero(static_cast<Eigen::Index>(notes.size()), u.size());
    for (std::size_t row = 0; row < notes.size(); ++row) {
        const NoteAnswer& a = (*found)[row];
        const double octaves = put(row, a.hertz);
        auto j = e.jacobian.row(static_cast<Eigen::Index>(row));
        j[Unknowns::warmth] = a.centsPer[ParameterLayout::kelvin];
        j[Unknowns::mouthLog] = a.centsPer[ParameterLayout::mouthLog];
        j[Unknowns::mouthSlope] = a.centsPer[ParameterLayout::mouthSlope];
        j[Unknowns::boreScale] = a.centsPer[ParameterLayout::boreScaleLog];
        j[Unknowns::wallLoss] = a.centsPer[ParameterLayout::wallLossLog];
        j[Unknowns::holeEnd] = a.centsPer[ParameterLayout::holeEndLog];
        for (std::size_t i = 0; i < p.calibration.holeSpread.size(); ++i)
            j[Unknowns::holeSpread + static_cast<Eigen::Index>(i)] = a.centsPer[ParameterLayout::holeSpread(i)];
        j[Unknowns::neighbours] = a.centsPer[ParameterLayout::neighbours];
        j[Unknowns::foot] = a.centsPer[ParameterLayout::footLength];
        for (std::size_t i = 0; i < u.holes; ++i) {
            j[u.holeSize(i)] = a.centsPer[at.holeDiameter(i)] + a.centsPer[at.holeUndercut(i)];
            j[u.chimney(i)] = a.centsPer[at.holeChimney(i)] * p.shape.holes[i].chimney_m;
            j[u.place(i)] = a.centsPer[at.holeAt(i)];
            j[u.undercutGain()] += a.centsPer[at.holeUndercut(i)] * (p.shape.holes[i].undercut_m - p.shape.holes[i].diameter_m);
        }
        // The pitch moves the blowing law's place on its slope by far less than a tenth of a cent: left out.
        j[u.blowSlope()] = octaves;
        j[u.blow(fingerings[notes[row]].registerNumber)] = 1.0;
        j[u.note(notes[row])] = 1.0;
    }
    e.answers = std::move(*found);
    return e;
}

/// Readings of one shape at one temperature.
struct Session
{
    const Instrument* shape = nullptr;
    double room_K = 0;
    std::vector<std::size_t> notes;
    std::vector<double> heard_cents;
    std::vector<double> sd_cents;
};

/// All sessions evaluated together whenever Ceres asks at a new point.
class Together : public ceres::EvaluationCallback
{
public:
    Together(const std::vector<Session>& sessions, const Unknowns& u, const Prior& prior, const Cancel& cancel)
        : m_sessions(&sessions),
          m_unknowns(u),
          m_prior(&prior),
          m_cancel(cancel),
          m_scaled(Eigen::VectorXd::Zero(u.size())),
          m_results(sessions.size()),
          m_linearisedAt(Eigen::VectorXd::Constant(u.size(), std::numeric_limits<double>::quiet_NaN()))
    {
    }
    /// The unknowns in prior standard deviations from their prior means; what Ceres moves.
    double* scaled() { return m_scaled.data(); }
    [[nodiscard]] Eigen::VectorXd unknowns() const { return m_prior->mean + m_prior->root * m_scaled; }
    [[nodiscard]] const Evaluated& result(std::size_t session) const { return m_results[session]; }
    [[nodiscard]] bool good() const { return m_good; }
    [[nodiscard]] const std::optional<Error>& error() const { return m_error; }
    /// All sessions with derivatives where the unknowns stand now; worked out again only where the last step was not taken.
    [[nodiscard]] Result<std::vector<Evaluated>> linearised()
    {
        if (m_scaled != m_linearisedAt) {
            m_error.reset();
            PrepareForEvaluation(true, true);
            if (!m_good)
                return m_error ? *m_error : Error{ErrorCode::Cancelled, "fit", ""};
        }
        return m_linearised;
    }

    void PrepareForEvaluation(bool jacobians, bool newPoint) override
    {
        if (!newPoint && (!jacobians || m_hasJacobians))
            return;
        m_good = !m_cancel.requested() && m_scaled.cwiseAbs().maxCoeff() <= outermost;
        const Eigen::VectorXd x = unknowns();
        for (std::size_t i = 0; i < m_sessions->size() && m_good; ++i) {
            const Session& s = (*m_sessions)[i];
            auto e = evaluate(*s.shape, m_unknowns, x, s.room_K, s.notes, jacobians);
            if (!e) {
                m_good = false;
                if (!m_error)
                    m_error = e.error();
            } else {
                m_results[i] = std::move(*e);
            }
        }
        m_hasJacobians = jacobians && m_good;
        if (m_hasJacobians) {
            m_linearised = m_results;
            m_linearisedAt = m_scaled;
        }
    }

private:
    const std::vector<Session>* m_sessions;
    Unknowns m_unknowns;
    const Prior* m_prior;
    Cancel m_cancel;
    Eigen::VectorXd m_scaled;
    std::vector<Evaluated> m_results;
    std::vector<Evaluated> m_linearised; ///< the last ones with derivatives
    Eigen::VectorXd m_linearisedAt;
    std::optional<Error> m_error;
    bool m_good = true;
    bool m_hasJacobians = false;
};

class ReadingCost : public ceres::CostFunction
{
public:
    ReadingCost(const Together& shared, const Session& session, std::size_t sessionIndex, std::size_t row, const Prior& prior)
        : m_shared(&shared), m_session(&session), m_index(sessionIndex), m_row(row), m_prior(&prior)
    {
        set_num_residuals(1);
        mutable_parameter_block_sizes()->push_back(static_cast<int>(prior.mean.size()));
    }
    bool Evaluate(double const* const* /*parameters*/, double* residuals, double** jacobians) const override
    {
        if (!m_shared->good())
            return false;
        const Evaluated& e = m_shared->result(m_index);
        const double sd = m_session->sd_cents[m_row];
        residuals[0] = (e.cents[m_row] - m_session->heard_cents[m_row]) / sd;
        if (jacobians != nullptr && jacobians[0] != nullptr) {
            Eigen::Map<Eigen::RowVectorXd> j(jacobians[0], m_prior->mean.size());
            j = e.jacobian.row(static_cast<Eigen::Index>(m_row)) * m_prior->root / sd;
        }
        return true;
    }

private:
    const Together* m_shared;
    const Session* m_session;
    std::size_t m_index;
    std::size_t m_row;
    const Prior* m_prior;
};

/// All scaled unknowns are standard normal before anything is heard.
class PriorCost : public ceres::CostFunction
{
public:
    explicit PriorCost(int size)
    {
        set_num_residuals(size);
        mutable_parameter_block_sizes()->push_back(size);
    }
    bool Evaluate(double const* const* parameters, double* residuals, double** jacobians) const override
    {
        const int n = num_residuals();
        std::copy(parameters[0], parameters[0] + n, residuals);
        if (jacobians != nullptr && jacobians[0] != nullptr)
            Eigen::Map<Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor>>(jacobians[0], n, n).setIdentity();
        return true;
    }
};

/// The newest readings of each note; older ones say little that these do not, and cost as much.
std::vector<PlacedReading> newest(const Workbook& book)
{
    constexpr std::size_t keptPerNote = 5;
    auto readings = book.readings();
    std::vector<PlacedReading> kept;
    std::vector<std::size_t> count(book.specified().spec().fingerings.size());
    for (auto it = readings.rbegin(); it != readings.rend(); ++it) {
        const auto index = book.specified().indexOf(it->reading->fingering);
        if (index && count[*index]++ < keptPerNote)
            kept.push_back(*it);
    }
    std::reverse(kept.begin(), kept.end());
    return kept;
}

} // namespace

Status Priors::validate() const
{
    const std::pair<const char*, double> widths[] = {
        {"warmthSd_K", warmthSd_K},         {"mouthLogSd", mouthLogSd},         {"mouthSlopeSd", mouthSlopeSd},
        {"boreScaleSd", boreScaleSd},       {"wallLossSd", wallLossSd},         {"holeEndSd", holeEndSd},
        {"holeSpreadSd", holeSpreadSd},     {"neighboursSd", neighboursSd},     {"footSd_m", footSd_m},
        {"holeSizeSd_m", holeSizeSd_m},     {"chimneyShareSd", chimneyShareSd}, {"holePlaceSd_m", holePlaceSd_m},
        {"undercutGainSd", undercutGainSd}, {"blowSd_cents", blowSd_cents},     {"blowSlopeSd_cents", blowSlopeSd_cents},
        {"noteSd_cents", noteSd_cents},     {"repeat_cents", repeat_cents}};
    for (const auto& [name, width] : widths)
        if (!(width > 0.0))
            return Error{ErrorCode::BadValue, name, std::to_string(width) + "; must be above 0"};
    return Done{};
}

double Priors::shareOf(const Cut& cut) const
{
    const bool usual = std::holds_alternative<Enlarge>(cut) || std::holds_alternative<TrimFoot>(cut);
    return usual ? shareOfChange : shareOfOther;
}

std::vector<NoteQuery> queriesOf(const Instrument& instrument)
{
    std::vector<NoteQuery> queries;
    for (const Fingering& f : instrument.spec().fingerings)
        queries.push_back({instrument.closedHoles(f), f.registerNumber, instrument.openShares(f)});
    return queries;
}

Result<Posterior> fit(const Workbook& book, const Priors& priors, const Cancel& cancel)
{
    if (auto ok = priors.validate(); !ok)
        return ok.error();
    const Instrument& specified = book.specified();
    const Unknowns u = Unknowns::of(specified);
    const Prior prior = priorOf(u, priors);
    const auto& fingerings = specified.spec().fingerings;

    Posterior posterior;
    posterior.m_priors = priors;
    posterior.m_mean = prior.mean;
    posterior.m_covariance = prior.root * prior.root.transpose();
    posterior.m_shared = sharedPlaces(u);
    posterior.m_lastHeard.assign(fingerings.size(), -1);
    posterior.m_readings.assign(fingerings.size(), 0);
    posterior.m_residuals.assign(fingerings.size(), 0.0);
    posterior.m_newest.assign(fingerings.size(), {});
    posterior.m_firstNote = u.note(0);
    posterior.m_report.converged = true;

    const auto readings = newest(book);
    if (readings.empty())
        return posterior;

    // An older reading is of another shape; what the formulas get wrong about the cuts since then makes it less sure.
    std::vector<std::size_t> everyNote(fingerings.size());
    for (std::size_t i = 0; i < everyNote.size(); ++i)
        everyNote[i] = i;
    std::vector<std::optional<std::vector<double>>> plain(book.shapes().size());
    const auto plainCents = [&](std::size_t shape) -> Result<std::vector<double>> {
        if (!plain[shape]) {
            auto e = evaluate(book.shapes()[shape], u, prior.mean, specified.spec().tuning.playedAt.kelvin(), everyNote, false);
            if (!e)
                return e.error();
            plain[shape] = std::move(e->cents);
        }
        return *plain[shape];
    };
    // Ups and downs of several cuts do not make up for each other in what is wrong about them: the way counts.
    const std::size_t last = book.shapes().size() - 1;
    std::vector<std::vector<double>> doubt(last + 1, std::vector<double>(fingerings.size(), 0.0));
    const auto cuts = book.cuts();
    for (std::size_t shape = last; shape-- > readings.front().shape;) {
        const auto before = plainCents(shape);
        const auto after = plainCents(shape + 1);
        if (!before || !after)
            return before ? after.error() : before.error();
        for (std::size_t i = 0; i < fingerings.size(); ++i)
            doubt[shape][i] = doubt[shape + 1][i] +
                              priors.shareOf(std::get<CutEntry>(cuts[shape]->body).cut) * std::abs((*after)[i] - (*before)[i]);
    }

    std::vector<Session> sessions;
    for (const PlacedReading& r : readings) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "fit", ""};
        const std::size_t note = *specified.indexOf(r.reading->fingering);
        const double room_K = r.reading->air.kelvin();
        if (sessions.empty() || sessions.back().shape != &book.shapes()[r.shape] || sessions.back().room_K != room_K)
            sessions.push_back({&book.shapes()[r.shape], room_K, {}, {}, {}});
        Session& s = sessions.back();
        s.notes.push_back(note);
        s.heard_cents.push_back(1200.0 * std::log2(r.reading->pitch / fingerings[note].target));
        s.sd_cents.push_back(
            std::sqrt(std::pow(r.reading->sd.cents(), 2) + std::pow(priors.repeat_cents, 2) + std::pow(doubt[r.shape][note], 2)));
        posterior.m_lastHeard[note] = static_cast<int>(r.shape);
        ++posterior.m_readings[note];
    }

    Together shared(sessions, u, prior, cancel);
    ceres::Problem::Options problemOptions;
    problemOptions.evaluation_callback = &shared;
    ceres::Problem problem(problemOptions);
    problem.AddParameterBlock(shared.scaled(), static_cast<int>(u.size()));
    problem.AddResidualBlock(new PriorCost(static_cast<int>(u.size())), nullptr, shared.scaled());
    // Beyond three standard deviations a reading pulls less and less: a single wrong one is outvoted by its neighbours.
    constexpr double believed = 3.0;
    for (std::size_t i = 0; i < sessions.size(); ++i)
        for (std::size_t row = 0; row < sessions[i].notes.size(); ++row)
            problem.AddResidualBlock(new ReadingCost(shared, sessions[i], i, row, prior), new ceres::CauchyLoss(believed),
                                     shared.scaled());
    ceres::Solver::Options options;
    options.linear_solver_type = ceres::DENSE_QR;
    options.max_num_iterations = 25;
    options.max_num_consecutive_invalid_steps = 20; // steps beyond the outermost are refused, and shortened
    options.function_tolerance = 1e-5;              // of the sum of squares: a hundredth of a standard deviation
    options.logging_type = ceres::SILENT;
    options.num_threads = 1;
    ceres::Solver::Summary summary;
    ceres::Solve(options, &problem, &summary);
    if (cancel.requested())
        return Error{ErrorCode::Cancelled, "fit", ""};
    if (!summary.IsSolutionUsable())
        return shared.error() ? *shared.error() : Error{ErrorCode::Internal, "fit", summary.message};

    posterior.m_mean = shared.unknowns();
    posterior.m_report.converged = summary.termination_type == ceres::CONVERGENCE;
    posterior.m_report.cost = summary.final_cost;
    posterior.m_report.steps = static_cast<int>(summary.iterations.size());

    // Posterior precision in scaled unknowns: unity from the priors, each reading weighted as the loss left it.
    Eigen::MatrixXd precision = Eigen::MatrixXd::Identity(u.size(), u.size());
    const auto linear = shared.linearised();
    if (!linear)
        return linear.error();
    for (std::size_t i = 0; i < sessions.size(); ++i) {
        const Session& s = sessions[i];
        const Evaluated& e = (*linear)[i];
        for (std::size_t row = 0; row < s.notes.size(); ++row) {
            const double residual = (e.cents[row] - s.heard_cents[row]) / s.sd_cents[row];
            const double weight = 1.0 / (1.0 + residual * residual / (believed * believed));
            const Eigen::VectorXd j = (e.jacobian.row(static_cast<Eigen::Index>(row)) * prior.root).transpose() / s.sd_cents[row];
            precision += weight * j * j.transpose();
            posterior.m_newest[s.notes[row]] = {e.cents[row] - s.heard_cents[row], residual};
            double& furthest = posterior.m_residuals[s.notes[row]];
            furthest = std::abs(residual) > std::abs(furthest) ? residual : furthest;
            if (std::abs(residual) > posterior.m_report.worstResidual) {
                posterior.m_report.worstResidual = std::abs(residual);
                posterior.m_report.worstReading = fingerings[s.notes[row]].id;
            }
        }
    }
    const Eigen::MatrixXd scaledCovariance = precision.llt().solve(Eigen::MatrixXd::Identity(u.size(), u.size()));
    posterior.m_covariance = prior.root * scaledCovariance * prior.root.transpose();
    return posterior;
}

Result<Posterior::Forecast> Posterior::forecast(const Instrument& shape) const
{
    return evaluated(shape, true);
}

Result<std::vector<double>> Posterior::cents(const Instrument& shape) const
{
    auto e = evaluated(shape, false);
    if (!e)
        return e.error();
    return std::move(e->cents);
}

Result<Posterior::Forecast> Posterior::evaluated(const Instrument& shape, bool derivatives) const
{
    std::vector<std::size_t> notes(shape.spec().fingerings.size());
    for (std::size_t i = 0; i < notes.size(); ++i)
        notes[i] = i;
    auto e = evaluate(shape, Unknowns::of(shape), m_mean, shape.spec().tuning.playedAt.kelvin(), notes, derivatives);
    if (!e)
        return e.error();
    return Forecast{std::move(e->cents), std::move(e->jacobian)};
}

Posterior::Placed Posterior::placed(const Instrument& shape) const
{
    return dowel::placed(shape, Unknowns::of(shape), m_mean, shape.spec().tuning.playedAt.kelvin());
}

Result<Posterior::Sensitivity> Posterior::sensitivity(const Instrument& shape) const
{
    const Unknowns u = Unknowns::of(shape);
    std::vector<std::size_t> notes(shape.spec().fingerings.size());
    std::iota(notes.begin(), notes.end(), std::size_t{0});
    auto e = evaluate(shape, u, m_mean, shape.spec().tuning.playedAt.kelvin(), notes, true);
    if (!e)
        return e.error();
    const auto rows = static_cast<Eigen::Index>(notes.size());
    const auto holes = static_cast<Eigen::Index>(u.holes);
    const Placed p = placed(shape);
    const ParameterLayout at(p.shape);
    const double ramp = std::exp(m_mean[u.undercutGain()]);
    Sensitivity s{std::move(e->cents),
                  Eigen::MatrixXd(rows, holes + 1),
                  Eigen::MatrixXd(rows, holes),
                  Eigen::MatrixXd(rows, holes),
                  Eigen::VectorXd::Zero(rows),
                  Eigen::VectorXd::Zero(rows),
                  {}};
    for (Eigen::Index row = 0; row < rows; ++row) {
        const auto& by = e->answers[static_cast<std::size_t>(row)].centsPer;
        for (std::size_t i = 0; i < u.holes; ++i) {
            const auto column = static_cast<Eigen::Index>(i);
            s.perMetre(row, column) = e->jacobian(row, u.holeSize(i));
            s.byPlace(row, column) = e->jacobian(row, u.place(i));
            s.byUndercut(row, column) = by[at.holeUndercut(i)] * ramp * std::sqrt(shape.spec().holes[i].elongation);
        }
        s.perMetre(row, holes) = e->jacobian(row, Unknowns::foot);
        if (p.shape.mouth != Shape::Mouth::ClosedTop)
            s.byWindow[row] = by[ParameterLayout::excitation(0)];
        if (p.shape.mouth == Shape::Mouth::Transverse)
            s.byStopper[row] = by[ParameterLayout::excitation(3)];
    }
    s.byUnknown = std::move(e->jacobian);
    return s;
}

double Posterior::largestNoteBias() const
{
    return m_mean.tail(m_mean.size() - m_firstNote).cwiseAbs().maxCoeff() / m_priors.noteSd_cents;
}

SharedEstimate Posterior::shared() const
{
    SharedEstimate e = m_priors.shared ? *m_priors.shared : sharedOf(m_priors);
    for (std::size_t i = 0; i < m_shared.size(); ++i) {
        if (m_shared[i] < 0)
            continue;
        e.mean[static_cast<Eigen::Index>(i)] = m_mean[m_shared[i]];
        for (std::size_t k = 0; k < m_shared.size(); ++k)
            if (m_shared[k] >= 0)
                e.covariance(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(k)) = m_covariance(m_shared[i], m_shared[k]);
    }
    return e;
}

double Posterior::gainByDoubting(std::size_t hole) const
{
    const Eigen::Index i = Unknowns::holeSize(hole);
    const double narrow = std::pow(m_priors.holeSizeSd_m, 2);
    const double wide = std::pow(m_priors.doubtSd_m, 2);
    const double v = m_covariance(i, i);
    // What the readings say without the prior: its share of the posterior's precision taken out.
    const double precision = 1.0 / v - 1.0 / narrow;
    if (!(precision > 0.0))
        return 0.0;
    const double alone = m_mean[i] / v / precision;
    return 0.5 * alone * alone * (1.0 / (1.0 / precision + narrow) - 1.0 / (1.0 / precision + wide));
}

double Posterior::holeShift_m(std::size_t hole) const
{
    return m_mean[Unknowns::holeSize(hole)];
}

} // namespace dowel
