// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/makers.h"

#include "core/shop/drawer.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace dowel::sim {

namespace {

double furthestOff(const std::vector<double>& cents, const Instrument& instrument)
{
    double most = 0.0;
    for (std::size_t i = 0; i < cents.size(); ++i)
        most = std::max(most, std::abs(cents[i]) / instrument.spec().fingerings[i].tolerance.cents());
    return most;
}

/// Least squares of a power of cents over tolerance on the truth itself, by removal, from a start (small differences, damped,
/// with Broyden's secant between differences taken anew).
class TruthSearch
{
public:
    TruthSearch(const Bench& bench, const Instrument& shape, std::vector<Lever> levers)
        : m_bench(&bench), m_shape(&shape), m_levers(std::move(levers))
    {
        const auto n = static_cast<Eigen::Index>(m_levers.size());
        m_low.resize(n);
        m_high.resize(n);
        m_x.resize(n);
        for (Eigen::Index i = 0; i < n; ++i) {
            const Lever& l = m_levers[static_cast<std::size_t>(i)];
            m_low[i] = l.low.metres();
            m_high[i] = std::max(l.low, l.high).metres();
            m_x[i] = std::clamp(standsAt(shape, l).metres(), m_low[i], m_high[i]);
        }
    }
    [[nodiscard]] const Eigen::VectorXd& values() const { return m_x; }
    [[nodiscard]] const std::vector<Lever>& levers() const { return m_levers; }
    [[nodiscard]] double furthest() const
    {
        const auto there = withLevers(*m_shape, m_levers, m_x);
        return there ? furthestOff(m_bench->truthOf(*there), *m_shape) : 1e3;
    }
    void search(bool squared)
    {
        double damping = 1e-3;
        Eigen::VectorXd r = residual(m_x, squared);
        Eigen::MatrixXd jac(r.size(), m_x.size());
        bool fresh = false;
        bool needed = true;
        for (int round = 0; round < 25; ++round) {
            if (needed && !fresh) {
                differences(r, jac, squared);
                fresh = true;
                needed = false;
            }
            Eigen::MatrixXd a = jac.transpose() * jac;
            a.diagonal() += damping * a.diagonal() + Eigen::VectorXd::Constant(m_x.size(), 1e-2);
            const Eigen::VectorXd next = (m_x - a.ldlt().solve(jac.transpose() * r)).cwiseMax(m_low).cwiseMin(m_high);
            const Eigen::VectorXd better = residual(next, squared);
            const double gained = r.squaredNorm() - better.squaredNorm();
            const Eigen::VectorXd p = next - m_x;
            if (gained > 0.0) {
                const bool done = gained < 2e-3 * (1.0 + r.squaredNorm());
                jac += (better - r - jac * p) * p.transpose() / p.squaredNorm();
                m_x = next;
                r = better;
                damping *= 0.3;
                if (done && fresh)
                    break;
                needed = done;
                fresh = false;
            } else if (!fresh) {
                needed = true;
            } else {
                damping *= 10.0;
                if (damping > 1e3)
                    break;
            }
        }
    }

private:
    [[nodiscard]] Eigen::VectorXd residual(const Eigen::VectorXd& values, bool squared) const
    {
        const auto& fingerings = m_shape->spec().fingerings;
        Eigen::VectorXd r = Eigen::VectorXd::Constant(static_cast<Eigen::Index>(fingerings.size()), 100.0);
        if (const auto there = withLevers(*m_shape, m_levers, values)) {
            const auto c = m_bench->truthOf(*there);
            for (std::size_t i = 0; i < c.size(); ++i) {
                const double off = c[i] / fingerings[i].tolerance.cents();
                r[static_cast<Eigen::Index>(i)] = squared ? off * std::abs(off) : off;
            }
        }
        return r;
    }
    void differences(const Eigen::VectorXd& r, Eigen::MatrixXd& jac, bool squared) const
    {
        constexpr double step_m = 5e-5;
        for (Eigen::Index i = 0; i < m_x.size(); ++i) {
            Eigen::VectorXd there = m_x;
            const double sign = m_x[i] + step_m > m_high[i] ? -1.0 : 1.0;
            there[i] += sign * step_m;
            jac.col(i) = sign * (residual(there, squared) - r) / step_m;
            if (m_high[i] - m_low[i] < step_m)
                jac.col(i).setZero();
        }
    }
    const Bench* m_bench;
    const Instrument* m_shape;
    std::vector<Lever> m_levers;
    Eigen::VectorXd m_low;
    Eigen::VectorXd m_high;
    Eigen::VectorXd m_x;
};

/// With the means it takes, the bore only where the rest does not do.
TruthSearch bestByTruth(const Bench& bench, const Instrument& shape)
{
    constexpr double wellIn = 0.9;
    TruthSearch usual(bench, shape, leversOf(shape, LeverScope::Embouchure));
    for (const bool squared : {false, true}) {
        usual.search(squared);
        if (usual.furthest() < wellIn)
            return usual;
    }
    TruthSearch all(bench, shape, leversOf(shape, LeverScope::BoreToo));
    for (const bool squared : {false, true}) {
        all.search(squared);
        if (all.furthest() < wellIn)
            return all;
    }
    return all.furthest() < usual.furthest() ? all : usual;
}

int workOnKnowing(Bench& bench)
{
    int cuts = 0;
    for (int pass = 0; pass < 5 && !bench.stuck(); ++pass) {
        const Instrument now = bench.actual();
        if (judged(bench).home)
            break;
        const TruthSearch goal = bestByTruth(bench, now);
        bool any = false;
        for (std::size_t k = 0; k < goal.levers().size(); ++k) {
            const Lever& lever = goal.levers()[k];
            const Instrument here = bench.actual();
            const auto& tools = here.spec().tools;
            const Metres stands = standsAt(here, lever);
            Metres wanted = Metres::fromMetres(goal.values()[static_cast<Eigen::Index>(k)]);
            if (pass == 0)
                wanted = stands + (wanted - stands) * 0.9;
            const Cut wish = cutFor(here, lever, wanted);
            const Metres from = *presentSize(here, wish);
            const bool shrinks = wantedSize(wish) < from;
            if (shrinks && factsOf(lever.cut).size == CutFacts::Size::Grows)
                continue;
            Tools byHand = tools;
            byHand.bits.clear();
            const Metres to =
                shrinks ? roundedTrim(from, wantedSize(wish), tools) : roundedEnlargement(from, wantedSize(wish), byHand);
            if (std::abs((to - from).millimetres()) < 0.05)
                continue;
            bench.cut(withSize(wish, to));
            any = true;
            ++cuts;
        }
        if (!any)
            break;
    }
    return cuts;
}

void takeOver(Outcome& o, const Outcome& end)
{
    o.home = end.home;
    o.allButOne = end.allButOne;
    o.spoiled = end.spoiled;
    o.sharp = end.sharp;
    o.flat = end.flat;
    o.rms = end.rms;
    o.worst = end.worst;
}

int sharpNotes(const std::vector<double>& cents, const Instrument& instrument)
{
    int count = 0;
    for (std::size_t i = 0; i < cents.size(); ++i)
        count += cents[i] > instrument.spec().fingerings[i].tolerance.cents() ? 1 : 0;
    return count;
}

void holdTo(Outcome& o, const AdviceStep& step, const std::vector<double>& before, const std::vector<double>& now)
{
    constexpr double ninety = 1.645;
    constexpr double large_cents = 60.0;
    for (std::size_t k = 0; k < step.forecast.size() && k < now.size(); ++k) {
        const NoteForecast& f = step.forecast[k];
        const double move = std::abs(f.after.cents() - f.now.cents());
        if (move < 1.0)
            continue;
        const double z = (now[k] - f.after.cents()) / f.sd.cents();
        for (Outcome::Intervals* i : {&o.all, move > large_cents ? &o.large : nullptr}) {
            if (i == nullptr)
                continue;
            ++i->forecasts;
            i->held += std::abs(z) <= ninety ? 1 : 0;
            i->squares += z * z;
            i->off += now[k] - f.after.cents();
            i->moved += (now[k] - before[k]) * (f.after.cents() - f.now.cents());
            i->wanted += move * move;
        }
    }
}

void holdStanding(Outcome& o, const std::vector<NoteState>& stated, const std::vector<double>& truth)
{
    constexpr double ninety = 1.645;
    for (std::size_t i = 0; i < stated.size(); ++i) {
        const double z = (truth[i] - stated[i].cents) / stated[i].sd;
        ++o.stand.forecasts;
        o.stand.held += std::abs(z) <= ninety ? 1 : 0;
        o.stand.squares += z * z;
        o.stand.off += truth[i] - stated[i].cents;
    }
}

} // namespace

Outcome judged(const Bench& bench)
{
    Outcome o;
    const auto cents = bench.truth();
    const auto& fingerings = bench.actual().spec().fingerings;
    int out = 0;
    for (std::size_t i = 0; i < cents.size(); ++i) {
        const double tolerance = fingerings[i].tolerance.cents();
        o.sharp += cents[i] > tolerance ? 1 : 0;
        o.flat += cents[i] < -tolerance ? 1 : 0;
        out += std::abs(cents[i]) > tolerance ? 1 : 0;
        o.spoiled = o.spoiled || cents[i] > 3.0 * tolerance;
        o.rms += cents[i] * cents[i] / static_cast<double>(cents.size());
        o.worst = std::abs(cents[i]) > std::abs(o.worst) ? cents[i] : o.worst;
    }
    o.home = out == 0;
    o.allButOne = out <= 1;
    o.rms = std::sqrt(o.rms);
    return o;
}

Outcome advised(const Blank& blank, const PlanOptions& options, const Priors& priors, bool withEarly, const Follow& follow)
{
    Bench bench(blank);
    Outcome o;
    const auto notes = static_cast<double>(blank.believed.spec().fingerings.size());
    constexpr int mostTurns = 120;
    constexpr int mostStops = 6;
    int turn = 0;
    std::vector<double> planned; // chance of all after the pass that is being carried out
    for (; turn < mostTurns && !bench.stuck(); ++turn) {
        const auto counselled = recommend(bench.book(), priors, options);
        const auto advice = counselled ? Result<Advice>(counselled->advice) : Result<Advice>(counselled.error());
        if (follow)
            follow(bench, advice);
        if (!advice)
            break;
        if (advice->chanceAllWithin)
            holdStanding(o, counselled->now, bench.truth());
        o.end = advice->state;
        if (advice->chanceAllWithin)
            o.within.push_back({*advice->chanceAllWithin, judged(bench).home});
        if (advice->state != AdviceState::MakeCut && !planned.empty()) { // the plan has been carried out
            o.ends.push_back({planned.front(), judged(bench).home});
            planned.clear();
        }
        if (advice->state == AdviceState::Measure) {
            bench.sitDown();
            o.rounds += static_cast<double>(advice->fingerings.size()) / notes;
            for (const auto& id : advice->fingerings)
                bench.hear(id);
        } else if (advice->state == AdviceState::MakeCut) {
            const AdviceStep& step = advice->steps.front();
            const auto before = bench.truth();
            const int sharpBefore = sharpNotes(before, bench.actual());
            ++o.cuts;
            ++o.cutKinds[std::string(factsOf(step.cut).word)];
            bench.cut(step.cut, step.forecast);
            const auto now = bench.truth();
            holdTo(o, step, before, now);
            if (step.chanceSpoiled)
                o.spoils.push_back({*step.chanceSpoiled, sharpNotes(now, bench.actual()) > sharpBefore});
            planned.assign(1, step.chanceAllAfter.value_or(0.0));
        } else if (advice->state == AdviceState::Stop && advice->contradiction && o.stopped < mostStops) {
            ++o.stopped;
            bench.comply(*advice->contradiction);
        } else {
            break;
        }
    }
    o.outOfTurns = turn == mostTurns;
    takeOver(o, judged(bench));
    if (withEarly && !o.home && !bench.stuck()) {
        workOnKnowing(bench);
        o.early = judged(bench).home;
    }
    return o;
}

Outcome customary(const Blank& blank)
{
    Bench bench(blank);
    int cuts = 0;
    double rounds = 0.0;
    const InstrumentSpec& spec = blank.believed.spec();
    const auto notes = static_cast<double>(spec.fingerings.size());
    const Reach reach = reachOf(blank.believed);
    const std::size_t holes = spec.holes.size();
    for (std::size_t k = 0; k <= holes; ++k) {
        std::optional<std::size_t> note; // the foot's note, then the first that opens one more hole
        for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
            if (!note && spec.fingerings[i].registerNumber == 1 && spec.fingerings[i].closed.size() == holes - k)
                note = i;
        if (!note || (k == 0 && spec.foot == Foot::Closed))
            continue;
        bench.sitDown();
        for (int step = 0; step < 40 && !bench.stuck(); ++step) {
            rounds += 1.0 / notes;
            const double off = bench.ear(*note);
            if (off > -0.3 * spec.fingerings[*note].tolerance.cents())
                break;
            const Instrument& now = bench.book().present();
            const Metres by = Metres::fromMillimetres(off < -20.0 ? 0.3 : 0.1);
            if (k == 0) {
                const Metres to = now.length() - by * 3.0;
                if (to < reach.shortest)
                    break;
                bench.cut(TrimFoot{to});
            } else {
                const Metres to = now.spec().holes[k - 1].diameter + by;
                if (to > reach.widest[k - 1])
                    break;
                bench.cut(Enlarge{now.spec().holes[k - 1].id, to});
            }
            ++cuts;
        }
    }
    Outcome o = judged(bench);
    o.cuts = cuts;
    o.rounds = rounds;
    return o;
}

Outcome byModel(const Blank& blank, int passes)
{
    Bench bench(blank);
    Outcome o;
    const Instrument& start = blank.believed;
    const std::size_t notes = start.spec().fingerings.size();
    const auto unfitted = Forecaster::make(Workbook(start));
    for (int pass = 0; unfitted && pass < passes && !bench.stuck(); ++pass) {
        std::vector<double> aim(notes, 0.0);
        const Instrument now = bench.book().present();
        if (passes > 1) {
            const auto model = unfitted->posterior().cents(now);
            if (!model)
                break;
            bench.sitDown();
            for (std::size_t i = 0; i < notes; ++i)
                aim[i] = (*model)[i] - bench.ear(i);
            o.rounds += 1.0;
        }
        const auto levers = leversOf(now, LeverScope::HolesAndFoot);
        const auto goal = nearestTo(*unfitted, now, levers, aim);
        if (!goal)
            break;
        for (std::size_t k = 0; k < levers.size(); ++k) {
            const Metres from = standsAt(now, levers[k]);
            const Metres goalSize = Metres::fromMetres((*goal)[static_cast<Eigen::Index>(k)]);
            const bool foot = isLever<TrimFoot>(levers[k]);
            const auto& tools = now.spec().tools;
            const Metres to = foot ? roundedTrim(from, goalSize, tools) : roundedEnlargement(from, goalSize, tools);
            if (foot ? to < from : to > from) {
                bench.cut(cutFor(now, levers[k], to));
                ++o.cuts;
            }
        }
    }
    takeOver(o, judged(bench));
    return o;
}

Outcome knowing(const Blank& blank)
{
    Bench bench(blank);
    const int cuts = workOnKnowing(bench);
    Outcome o = judged(bench);
    o.cuts = cuts;
    return o;
}

bool solvable(const Blank& blank)
{
    const Bench bench(blank);
    return bestByTruth(bench, bench.actual()).furthest() <= 1.0;
}

} // namespace dowel::sim
