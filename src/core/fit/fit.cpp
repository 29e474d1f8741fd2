// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/fit.h"

#include "core/base/breath.h"
#include "core/base/number_text.h"
#include "core/base/thread_role.h"
#include "core/fit/heard.h"
#include "core/fit/placed.h"
#include "core/fit/scatter.h"
#include "core/fit/shared.h"

#include <Eigen/Cholesky>
#include <ceres/ceres.h>
#include <cmath>
#include <limits>

namespace dowel {

namespace fitting {

namespace {

// A bore scale, a hole or a wall this many standard deviations out would no longer be that instrument; keeps trial steps
// inside the model. No bound for the solver, which would search along every step for the sake of one: such a step is refused.
constexpr double outermost = 8.0;
// Beyond three standard deviations a reading pulls less and less: a single wrong one is outvoted by its neighbours.
constexpr double believedSds = 3.0;

/// All shapes evaluated together whenever Ceres asks at a new point.
class Together : public ceres::EvaluationCallback
{
public:
    Together(const HeardAll& heard, const Unknowns& u, const Prior& prior, const Cancel& cancel, Eigen::VectorXd start)
        : m_heard(&heard),
          m_unknowns(u),
          m_prior(&prior),
          m_cancel(cancel),
          m_scaled(std::move(start)),
          m_results(heard.shapes.size()),
          m_foundAt(Eigen::VectorXd::Constant(u.size(), std::numeric_limits<double>::quiet_NaN())),
          m_linearisedAt(m_foundAt)
    {
    }
    /// The unknowns in prior standard deviations from their prior means; what Ceres moves.
    double* scaled() { return m_scaled.data(); }
    [[nodiscard]] const Eigen::VectorXd& stands() const { return m_scaled; }
    [[nodiscard]] Eigen::VectorXd unknowns() const { return m_prior->mean + m_prior->root * m_scaled; }
    [[nodiscard]] bool good() const { return m_good; }
    [[nodiscard]] const std::optional<Error>& error() const { return m_error; }

    /// Of each reading in the record's order: what the model says less what was heard, and its derivatives by the scaled
    /// unknowns.
    struct Lines
    {
        Eigen::VectorXd off;
        Eigen::MatrixXd jacobian;
    };
    [[nodiscard]] const Lines& lines() const { return m_lines; }
    /// The same where the unknowns stand now; worked out again only where the last step was not taken.
    [[nodiscard]] Result<Lines> linearised()
    {
        if (m_scaled != m_linearisedAt) {
            m_error.reset();
            PrepareForEvaluation(true, true);
            if (!m_good)
                return m_error ? *m_error : Error{ErrorCode::Cancelled, "fit", {}};
            return m_lines;
        }
        return m_linearised;
    }

    void PrepareForEvaluation(bool jacobians, bool newPoint) override
    {
        if (!newPoint && (!jacobians || m_hasJacobians))
            return;
        const bool found = m_scaled == m_foundAt; // what sounds here is known, if not by what it moves
        m_good = !m_cancel.requested() && m_scaled.cwiseAbs().maxCoeff() <= outermost;
        const Eigen::VectorXd x = unknowns();
        for (std::size_t i = 0; i < m_results.size() && m_good; ++i) {
            const HeardShape& s = m_heard->shapes[i];
            auto e = found ? differentiated(*s.shape, m_unknowns, x, s.room_K, s.notes, m_results[i])
                           : evaluate(*s.shape, m_unknowns, x, s.room_K, s.notes, jacobians);
            if (!e) {
                m_good = false;
                if (!m_error)
                    m_error = e.error();
            } else {
                m_results[i] = std::move(*e);
            }
        }
        m_hasJacobians = jacobians && m_good;
        if (m_good) {
            m_foundAt = m_scaled;
            gather(x, jacobians);
        } else {
            m_foundAt.setConstant(std::numeric_limits<double>::quiet_NaN());
        }
        if (m_hasJacobians) {
            m_linearised = m_lines;
            m_linearisedAt = m_scaled;
        }
    }

private:
    void gather(const Eigen::VectorXd& x, bool jacobians)
    {
        const auto count = static_cast<Eigen::Index>(m_heard->readings.size());
        m_lines.off.resize(count);
        Eigen::MatrixXd plain;
        if (jacobians)
            plain = Eigen::MatrixXd::Zero(count, m_unknowns.size());
        for (Eigen::Index i = 0; i < count; ++i) {
            const HeardReading& r = m_heard->readings[static_cast<std::size_t>(i)];
            const Evaluated& e = m_results[r.heardShape];
            const HeardShape& s = m_heard->shapes[r.heardShape];
            const double octaves = m_unknowns.octaves(s.shape->spec().fingerings[r.note].target);
            m_lines.off[i] =
                e.cents[r.row] + x[m_unknowns.shift(r.listening)] + x[m_unknowns.slope(r.listening)] * octaves - r.cents;
            const Eigen::Index gains = r.byGains.size();
            m_lines.off[i] += r.byGains.dot(x.segment(m_unknowns.gain(0), gains));
            if (!jacobians)
                continue;
            plain.row(i).head(m_unknowns.lasting()) = e.jacobian.row(static_cast<Eigen::Index>(r.row));
            plain(i, m_unknowns.shift(r.listening)) = 1.0;
            plain(i, m_unknowns.slope(r.listening)) = octaves;
            plain.row(i).segment(m_unknowns.gain(0), gains) = r.byGains.transpose();
        }
        if (jacobians)
            m_lines.jacobian = plain * m_prior->root;
    }
    const HeardAll* m_heard;
    Unknowns m_unknowns;
    const Prior* m_prior;
    Cancel m_cancel;
    Eigen::VectorXd m_scaled;
    std::vector<Evaluated> m_results;
    Eigen::VectorXd m_foundAt; ///< where the unknowns stood for m_results
    Lines m_lines;
    Lines m_linearised; ///< the last ones with derivatives
    Eigen::VectorXd m_linearisedAt;
    std::optional<Error> m_error;
    bool m_good = true;
    bool m_hasJacobians = false;
};

/// One independent part of a note's readings.
class ReadingCost : public ceres::CostFunction
{
public:
    ReadingCost(const Together& together, const HeardNote& note, Eigen::Index part, int unknowns)
        : m_together(&together), m_note(&note), m_part(part)
    {
        set_num_residuals(1);
        mutable_parameter_block_sizes()->push_back(unknowns);
    }
    bool Evaluate(double const* const* /*parameters*/, double* residuals, double** jacobians) const override
    {
        if (!m_together->good())
            return false;
        const auto& lines = m_together->lines();
        residuals[0] = 0.0;
        for (Eigen::Index k = 0; k <= m_part; ++k)
            residuals[0] += m_note->whitening(m_part, k) * lines.off[at(k)];
        if (jacobians != nullptr && jacobians[0] != nullptr) {
            Eigen::Map<Eigen::RowVectorXd> j(jacobians[0], lines.jacobian.cols());
            j.setZero();
            for (Eigen::Index k = 0; k <= m_part; ++k)
                j += m_note->whitening(m_part, k) * lines.jacobian.row(at(k));
        }
        return true;
    }

private:
    [[nodiscard]] Eigen::Index at(Eigen::Index k) const
    {
        return static_cast<Eigen::Index>(m_note->readings[static_cast<std::size_t>(k)]);
    }
    const Together* m_together;
    const HeardNote* m_note;
    Eigen::Index m_part;
};

/// One scaled unknown is standard normal before anything is heard.
class PriorCost : public ceres::CostFunction
{
public:
    PriorCost(int size, int which) : m_which(which)
    {
        set_num_residuals(1);
        mutable_parameter_block_sizes()->push_back(size);
    }
    bool Evaluate(double const* const* parameters, double* residuals, double** jacobians) const override
    {
        residuals[0] = parameters[0][m_which];
        if (jacobians != nullptr && jacobians[0] != nullptr) {
            Eigen::Map<Eigen::RowVectorXd> j(jacobians[0], parameter_block_sizes()[0]);
            j.setZero();
            j[m_which] = 1.0;
        }
        return true;
    }

private:
    int m_which;
};

} // namespace

/// From a workbook to its posterior.
class Fitter
{
public:
    Fitter(const Workbook& book, const Priors& priors, HeardAll heard, const Cancel& cancel, const FitOptions& asked)
        : m_book(&book),
          m_heard(std::move(heard)),
          m_u(Unknowns::of(book.specified(), m_heard.dayOf.size(), m_heard.gainSds.size())),
          m_prior(priorOf(m_u, priors, book.specified().spec().family)),
          m_cancel(cancel),
          m_options(asked)
    {
        const std::size_t notes = book.specified().spec().fingerings.size();
        expectListenings(m_prior, m_u, m_heard, priors);
        m_posterior.m_priors = m_posterior.m_expected = priors;
        m_posterior.m_mean = m_prior.mean.head(m_u.lasting());
        m_posterior.m_covariance = lasting(m_prior.root * m_prior.root.transpose());
        m_posterior.m_shared = sharedPlaces(m_u);
        m_posterior.m_drilled = m_u.drilled;
        m_posterior.m_family = book.specified().spec().family;
        m_posterior.m_lastHeard.assign(notes, -1);
        m_posterior.m_readings.assign(notes, 0);
        m_posterior.m_residuals.assign(notes, 0.0);
        m_posterior.m_newest.assign(notes, {});
        m_posterior.m_report.converged = true;
    }

    Result<Posterior> fitted()
    {
        if (m_heard.readings.empty())
            return std::move(m_posterior);
        for (const HeardReading& r : m_heard.readings) {
            m_posterior.m_lastHeard[r.note] = static_cast<int>(r.shape);
            ++m_posterior.m_readings[r.note];
        }
        m_posterior.m_report.leftOut = m_heard.leftOut;
        Together first(m_heard, m_u, m_prior, m_cancel, Eigen::VectorXd::Zero(m_u.size()));
        DOWEL_TRY(solve(first));
        const auto expected = DOWEL_TRY(first.linearised());
        if (!m_options.learnScatter) {
            conclude(expected);
            return std::move(m_posterior);
        }
        const double cost = m_posterior.m_report.cost;
        Together second(m_heard, m_u, m_prior, m_cancel, learnScatter(expected, first.stands()));
        DOWEL_TRY(solve(second));
        const auto lines = DOWEL_TRY(second.linearised());
        conclude(lines);
        m_posterior.m_report.cost = cost;
        return std::move(m_posterior);
    }

private:
    [[nodiscard]] Eigen::MatrixXd lasting(const Eigen::MatrixXd& covariance) const
    {
        return covariance.topLeftCorner(m_u.lasting(), m_u.lasting());
    }
    /// Takes over how far this player scatters and sittings differ; returns where the unknowns stand in deviations of the new
    /// prior.
    Eigen::VectorXd learnScatter(const Together::Lines& lines, Eigen::VectorXd stands)
    {
        Priors& priors = m_posterior.m_priors;
        const Scatter s = scatterOf(m_heard, m_u, priors.repeat_cents, {lines.off, lines.jacobian, stands}, believedSds);
        m_posterior.m_report.scatter = s.takes;
        m_posterior.m_report.sittings = s.shift;
        priors.repeat_cents *= s.takes;
        priors.listeningSd_cents *= s.shift;
        priors.listeningSlopeSd_cents *= s.slope;
        m_heard.weigh(priors.repeat_cents);
        expectListenings(m_prior, m_u, m_heard, priors);
        for (std::size_t i = 0; i < m_heard.dayOf.size(); ++i) {
            stands[m_u.shift(i)] /= s.shift;
            stands[m_u.slope(i)] /= s.slope;
        }
        stands = stands.cwiseMax(-outermost).cwiseMin(outermost);
        return stands;
    }
    [[nodiscard]] Status solve(Together& together)
    {
        ceres::Problem::Options problemOptions;
        problemOptions.evaluation_callback = &together;
        ceres::Problem problem(problemOptions);
        const auto size = static_cast<int>(m_u.size());
        problem.AddParameterBlock(together.scaled(), size);
        for (int i = 0; i < size; ++i)
            problem.AddResidualBlock(new PriorCost(size, i), nullptr, together.scaled());
        for (const HeardNote& note : m_heard.notes)
            for (Eigen::Index part = 0; part < std::ssize(note.readings); ++part)
                problem.AddResidualBlock(new ReadingCost(together, note, part, size), new ceres::CauchyLoss(believedSds),
                                         together.scaled());
        ceres::Solver::Options options;
        options.linear_solver_type = ceres::DENSE_NORMAL_CHOLESKY; // the priors are in it: never near singular
        options.max_num_iterations = m_options.mostSteps;
        options.max_num_consecutive_invalid_steps = 20; // steps beyond the outermost are refused, and shortened
        options.function_tolerance = 1e-5;              // of the sum of squares: a hundredth of a standard deviation
        options.logging_type = ceres::SILENT;
        options.num_threads = 1;
        ceres::Solver::Summary summary;
        ceres::Solve(options, &problem, &summary);
        if (m_cancel.requested())
            return Error{ErrorCode::Cancelled, "fit", {}};
        if (!summary.IsSolutionUsable())
            return together.error() ? *together.error() : Error{ErrorCode::Internal, "fit", Fact::said(summary.message)};
        m_unknowns = together.unknowns();
        m_posterior.m_report.converged = summary.termination_type == ceres::CONVERGENCE;
        m_posterior.m_report.cost = summary.final_cost;
        m_posterior.m_report.steps = static_cast<int>(summary.iterations.size());
        return Done{};
    }
    /// Posterior precision in scaled unknowns: unity from the priors, each reading weighted as the loss left it.
    void conclude(const Together::Lines& lines)
    {
        Eigen::MatrixXd precision = Eigen::MatrixXd::Identity(m_u.size(), m_u.size());
        for (const HeardNote& note : m_heard.notes) {
            const auto n = static_cast<Eigen::Index>(note.readings.size());
            if (n == 0)
                continue;
            Eigen::VectorXd off(n);
            Eigen::MatrixXd jacobian(n, m_u.size());
            for (Eigen::Index k = 0; k < n; ++k) {
                const auto at = static_cast<Eigen::Index>(note.readings[static_cast<std::size_t>(k)]);
                off[k] = lines.off[at];
                jacobian.row(k) = lines.jacobian.row(at);
            }
            off = note.whitening * off;
            jacobian = note.whitening * jacobian;
            for (Eigen::Index k = 0; k < n; ++k) {
                const double weight = 1.0 / (1.0 + off[k] * off[k] / (believedSds * believedSds));
                precision += weight * jacobian.row(k).transpose() * jacobian.row(k);
            }
        }
        const Eigen::MatrixXd scaled = precision.llt().solve(Eigen::MatrixXd::Identity(m_u.size(), m_u.size()));
        m_posterior.m_mean = m_unknowns.head(m_u.lasting());
        m_posterior.m_covariance = lasting(m_prior.root * scaled * m_prior.root.transpose());
        const auto& fingerings = m_book->specified().spec().fingerings;
        for (std::size_t i = 0; i < m_heard.readings.size(); ++i) {
            const HeardReading& r = m_heard.readings[i];
            const double cents = lines.off[static_cast<Eigen::Index>(i)];
            const double deviations = cents / std::max(r.whole, std::hypot(r.sd, m_posterior.m_expected.repeat_cents));
            m_posterior.m_newest[r.note] = {cents, deviations, m_heard.notes[r.note].agree};
            double& furthest = m_posterior.m_residuals[r.note];
            furthest = std::abs(deviations) > std::abs(furthest) ? deviations : furthest;
            if (std::abs(deviations) > m_posterior.m_report.worstResidual) {
                m_posterior.m_report.worstResidual = std::abs(deviations);
                m_posterior.m_report.worstReading = fingerings[r.note].id;
            }
        }
    }

    const Workbook* m_book;
    HeardAll m_heard;
    Unknowns m_u;
    Prior m_prior;
    Cancel m_cancel;
    FitOptions m_options;
    Eigen::VectorXd m_unknowns;
    Posterior m_posterior;
};

} // namespace fitting

Status Priors::validate() const
{
    const std::pair<const char*, double> widths[] = {{"warmthSd", warmthSd},
                                                     {"mouthLogSd", mouthLogSd},
                                                     {"mouthSlopeSd", mouthSlopeSd},
                                                     {"boreScaleSd", boreScaleSd},
                                                     {"wallLossSd", wallLossSd},
                                                     {"holeEndSd", holeEndSd},
                                                     {"holeSpreadSd", holeSpreadSd},
                                                     {"neighboursSd", neighboursSd},
                                                     {"holeGainSd", holeGainSd},
                                                     {"footSd_m", footSd_m},
                                                     {"holeSizeSd_m", holeSizeSd_m},
                                                     {"doubtSd_m", doubtSd_m},
                                                     {"chimneyShareSd", chimneyShareSd},
                                                     {"holePlaceSd_m", holePlaceSd_m},
                                                     {"undercutGainSd", undercutGainSd},
                                                     {"edgeGainSd", edgeGainSd},
                                                     {"blowSd_cents", blowSd_cents},
                                                     {"blowSlopeSd_cents", blowSlopeSd_cents.value_or(1.0)},
                                                     {"noteSd_cents", noteSd_cents},
                                                     {"repeat_cents", repeat_cents},
                                                     {"listeningSd_cents", listeningSd_cents},
                                                     {"listeningSlopeSd_cents", listeningSlopeSd_cents},
                                                     {"slipSd_m", slipSd_m},
                                                     {"handSlipSd_m", handSlipSd_m},
                                                     {"caliperSd_m", caliperSd_m}};
    for (const auto& [name, width] : widths)
        if (!(width > 0.0))
            return Error{ErrorCode::BadValue, name, {FactId::Above, width, 0}};
    return Done{};
}

double Priors::shareOf(const Cut& cut) const
{
    constexpr double shareOfPlace = 0.002; // of an octave two cents
    if (factsOf(cut).standsElsewhere)
        return shareOfPlace;
    return factsOf(cut).lessSure ? shareOfOther : shareOfChange;
}

std::vector<acoustics::NoteQuery> queriesOf(const Instrument& instrument)
{
    std::vector<acoustics::NoteQuery> queries;
    for (const Fingering& f : instrument.spec().fingerings)
        queries.push_back({instrument.closedHoles(f), f.registerNumber, instrument.openShares(f)});
    return queries;
}

acoustics::Calibration expectedCalibration(const Tuning& tuning, Temperature room)
{
    acoustics::Calibration c = acoustics::calibrationOf(tuning);
    const Priors priors;
    c.kelvin = playedAir_K(room.kelvin(), priors.warmth);
    c.wallLossLog = priors.wallLossLog;
    c.neighbours = priors.neighbours;
    return c;
}

Result<Posterior> fit(const Workbook& book, const Priors& priors, const Cancel& cancel, const FitOptions& options)
{
    enterDoor(Door::Fit);
    DOWEL_TRY(priors.validate());
    if (cancel.requested())
        return Error{ErrorCode::Cancelled, "fit", {}};
    auto heard = DOWEL_TRY(fitting::heardIn(book, priors));
    return fitting::Fitter(book, priors, std::move(heard), cancel, options).fitted();
}

Result<Posterior> Posterior::prior(const Instrument& instrument, const Priors& priors, const Cancel& cancel)
{
    auto posterior = DOWEL_TRY(fit(Workbook(instrument), priors, cancel));
    posterior.m_drilled.clear(); // shapes are tried that were never drilled smaller
    posterior.m_known = Posterior().m_known;
    return posterior;
}

} // namespace dowel
