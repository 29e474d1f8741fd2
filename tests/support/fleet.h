// SPDX-License-Identifier: GPL-3.0-or-later
// A fleet of simulated blanks. Each is laid out as a maker would (the program's own layout, undersized), and is wrong in
// its own way: bore, holes, mouth, breath and player of the simulated player's hidden instrument, a tool that slips and
// calipers that err. The truth shares no formula code with the model that is fitted. Four makers work on the same blanks:
// one follows the advice blindly, one the custom, one cuts straight to the unfitted model's answer, one shifts that answer
// by what the whole scale is off, and one knows the truth (the ceiling). All deterministic from the seed.
#pragma once

#include "core/base/random.h"
#include "core/layout/families.h"
#include "core/plan/plan.h"
#include "core/record/workbook.h"
#include "core/shop/drawer.h"
#include "player/player.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace dowel::fleet {

struct Conditions
{
    double tolerance_cents = 10.0;
    double repeat_cents = 1.0; ///< how well the player repeats a note
    double stated_cents = 0.3; ///< standard error that comes with a reading
    double caliper_mm = 0.03;  ///< one sigma of a measured size
    double slipLow_mm = -0.03; ///< a tool stops between this much short
    double slipHigh_mm = 0.05; ///< and this much past what was asked for
};

/// What one family's blanks are made of.
struct Kind
{
    Family family;
    std::vector<const char*> lowest;
    int registers;
};

inline const std::vector<Kind>& kinds()
{
    static const std::vector<Kind> all{{Family::Whistle, {"C5", "D5", "Eb5", "F5"}, 2},
                                       {Family::Recorder, {"C5", "F5"}, 1},
                                       {Family::Flute, {"C4", "D4", "Eb4"}, 2},
                                       {Family::Fife, {"A4", "Bb4", "C5"}, 2},
                                       {Family::TwoChamber, {"A4", "G4"}, 1},
                                       {Family::Reed, {"C4", "D4"}, 1},
                                       {Family::Horn, {"F4", "G4", "A4"}, 1}};
    return all;
}

/// The blank of a seed: family in turn, key, bore and wall by chance; laid out and undersized.
/// Nothing where the layout refuses.
inline std::optional<Instrument> blankOf(std::uint64_t seed, const Conditions& with)
{
    Random r(seed * 7919 + 13);
    const Kind& kind = kinds()[seed % kinds().size()];
    PlanTarget target = usualTarget(kind.family);
    target.lowest = kind.lowest[r.next() % kind.lowest.size()];
    target.registers = kind.registers;
    target.tolerance = Cents::fromCents(with.tolerance_cents);
    auto blank = startingBlank(kind.family, target);
    if (!blank)
        return std::nullopt;
    const double wider = std::exp(0.03 * r.normal());
    for (Station& s : blank->spec.bore)
        s.diameter = s.diameter * wider;
    blank->spec.wall = blank->spec.wall * std::exp(0.08 * r.normal());
    LayoutWishes wishes;
    const auto layout = layOut(*blank, wishes, false);
    if (!layout)
        return std::nullopt;
    return layout->start;
}

/// A workbook and the hidden instrument behind it.
class Bench
{
public:
    Bench(const Instrument& start, std::uint64_t seed, const Conditions& with)
        : m_book(start), m_actual(start), m_with(with), m_player({seed, room(), 24.0}), m_random(seed * 77 + 5)
    {
    }
    [[nodiscard]] const Workbook& book() const { return m_book; }
    /// The instrument with the sizes it really has; what the calipers never show is in the player.
    [[nodiscard]] const Instrument& actual() const { return m_actual; }
    [[nodiscard]] std::vector<double> truth() const { return truthOf(m_actual); }
    [[nodiscard]] std::vector<double> truthOf(const Instrument& shape) const
    {
        std::vector<double> cents;
        for (const Fingering& f : shape.spec().fingerings) {
            const auto hz = m_player.truth(shape, f, shape.spec().tuning.playedAt);
            cents.push_back(hz ? 1200.0 * std::log2(hz->hertz() / f.target.hertz()) : silent_cents);
        }
        return cents;
    }
    void hear(const FingeringId& id)
    {
        const auto hz = m_player.truth(m_actual, *m_actual.find(id), room());
        if (!hz) {
            m_stuck = true;
            return;
        }
        ReadingEntry r;
        r.fingering = id;
        r.pitch = Hertz::fromHertz(hz->hertz() * std::exp2(m_with.repeat_cents * m_random.normal() / 1200.0));
        r.sd = Cents::fromCents(m_with.stated_cents);
        r.air = room();
        put(r);
    }
    /// What is heard without a record of it.
    double ear(const Fingering& f)
    {
        const auto hz = m_player.truth(m_actual, f, played());
        return hz ? 1200.0 * std::log2(hz->hertz() / f.target.hertz()) + m_with.repeat_cents * m_random.normal() : silent_cents;
    }
    /// The tool goes a little wrong, and so do the calipers afterwards.
    void cut(const Cut& asked, const std::vector<NoteForecast>& forecast)
    {
        const Metres wanted = wantedSize(asked);
        const bool shortens = std::holds_alternative<TrimFoot>(asked);
        const Metres slip = Metres::fromMillimetres(m_random.uniform(m_with.slipLow_mm, m_with.slipHigh_mm));
        const Metres real = shortens ? wanted - slip : wanted + slip;
        const Metres read = real + Metres::fromMillimetres(m_with.caliper_mm * m_random.normal());
        const auto bounded = [&](const Instrument& shape, Metres size) {
            const Metres now = *presentSize(shape, asked);
            if (std::holds_alternative<MoveStopper>(asked))
                return std::max(size, Metres::fromMillimetres(0.5));
            return shortens ? std::min(size, now) : std::max(size, now);
        };
        auto next = applied(m_actual, withSize(asked, bounded(m_actual, real)));
        if (!next) {
            m_stuck = true;
            return;
        }
        m_actual = std::move(*next);
        const Metres from = *presentSize(m_book.present(), asked);
        put(CutEntry{withSize(asked, bounded(m_book.present(), read)), from, wanted, forecast});
    }
    /// Does what a contradiction asks for: measures again, or sets aside and hears again.
    void comply(const Contradiction& c)
    {
        const auto again = [this](const std::string& note) {
            const auto readings = m_book.readings();
            const auto it = std::find_if(readings.rbegin(), readings.rend(),
                                         [&](const PlacedReading& r) { return r.reading->fingering.text == note; });
            if (it != readings.rend())
                put(SetAsideEntry{it->entry->id, "doubted"});
            hear({note});
        };
        const Metres error = Metres::fromMillimetres(m_with.caliper_mm * m_random.normal());
        switch (c.kind) {
        case Contradiction::Kind::Hole: put(MeasureEntry{HoleId{c.what}, m_actual.find(HoleId{c.what})->diameter + error}); break;
        case Contradiction::Kind::Temperature: put(MeasureEntry{std::nullopt, m_actual.length() + error}); break;
        case Contradiction::Kind::Swapped: again(c.with); [[fallthrough]];
        case Contradiction::Kind::Reading: again(c.what); break;
        }
    }
    [[nodiscard]] bool stuck() const { return m_stuck; }
    static constexpr double silent_cents = 1000.0;

private:
    static Temperature room() { return Temperature::fromCelsius(21.0); }
    [[nodiscard]] Temperature played() const { return m_actual.spec().tuning.playedAt; }
    void put(EntryBody body)
    {
        if (!m_book.append({m_book.nextId(), "2026-01-01T00:00:00Z", std::move(body)}))
            m_stuck = true;
    }
    Workbook m_book;
    Instrument m_actual;
    Conditions m_with;
    player::SimulatedPlayer m_player;
    Random m_random;
    bool m_stuck = false;
};

/// The record of a maker who wrote one hole down wrongly and then heard every fingering of the wood as it is; nothing where
/// no instrument can be so.
inline std::optional<Workbook> mistyped(const Instrument& real, std::uint64_t seed, const Conditions& with, std::size_t hole,
                                        Metres by)
{
    InstrumentSpec typed = real.spec();
    Hole& h = typed.holes[hole];
    h.diameter = h.diameter + by;
    h.undercutDiameter = h.undercutDiameter + by;
    const auto believed = Instrument::make(typed);
    if (!believed)
        return std::nullopt;
    Workbook book(*believed);
    Bench bench(real, seed, with);
    for (const Fingering& f : real.spec().fingerings)
        bench.hear(f.id);
    for (const Entry& e : bench.book().entries())
        if (!book.append(e))
            return std::nullopt;
    return book;
}

struct Outcome
{
    bool home = false;    ///< every note within its tolerance
    bool spoiled = false; ///< some note sharp by more than three tolerances
    int cuts = 0;
    double rounds = 0.0; ///< of listening, in whole scales
    int sharp = 0;       ///< notes left sharp beyond tolerance
    double rms = 0.0;
    double worst = 0.0;
    int forecasts = 0;    ///< of notes that a cut was to move
    int held = 0;         ///< whose 90 % interval held what came
    double squares = 0.0; ///< of the forecasts' errors over their standard deviation
    std::map<std::string, int> cutKinds;
    AdviceState end = AdviceState::Stop;
    int stopped = 0; ///< how often it was held up by a contradiction
};

inline Outcome judged(const Bench& bench)
{
    Outcome o;
    o.home = true;
    const auto cents = bench.truth();
    const auto& fingerings = bench.actual().spec().fingerings;
    for (std::size_t i = 0; i < cents.size(); ++i) {
        const double tolerance = fingerings[i].tolerance.cents();
        o.home = o.home && std::abs(cents[i]) <= tolerance;
        o.sharp += cents[i] > tolerance ? 1 : 0;
        o.spoiled = o.spoiled || cents[i] > 3.0 * tolerance;
        o.rms += cents[i] * cents[i] / static_cast<double>(cents.size());
        o.worst = std::abs(cents[i]) > std::abs(o.worst) ? cents[i] : o.worst;
    }
    o.rms = std::sqrt(o.rms);
    return o;
}

/// Follows the advice blindly. One step of a pass is done after the other without asking anew, as a maker does.
inline Outcome advised(const Instrument& start, std::uint64_t seed, const Conditions& with, const PlanOptions& options = {},
                       const Priors& priors = {}, const std::function<void(const Bench&, const Result<Advice>&)>& follow = {})
{
    Bench bench(start, seed, with);
    Outcome o;
    const auto notes = static_cast<double>(start.spec().fingerings.size());
    for (int turn = 0; turn < 200 && !bench.stuck(); ++turn) {
        const auto advice = advise(bench.book(), priors, options);
        if (follow)
            follow(bench, advice);
        if (!advice)
            break;
        o.end = advice->state;
        if (advice->state == AdviceState::Measure) {
            o.rounds += static_cast<double>(advice->fingerings.size()) / notes;
            for (const auto& id : advice->fingerings)
                bench.hear(id);
        } else if (advice->state == AdviceState::MakeCut) {
            const AdviceStep& step = advice->steps.front();
            ++o.cuts;
            ++o.cutKinds[std::string(kindName(step.cut))];
            bench.cut(step.cut, step.forecast);
            const auto now = bench.truth();
            for (std::size_t k = 0; k < step.forecast.size() && k < now.size(); ++k) {
                const NoteForecast& f = step.forecast[k];
                if (std::abs(f.after.cents() - f.now.cents()) < 1.0)
                    continue;
                constexpr double ninety = 1.645;
                const double z = (now[k] - f.after.cents()) / f.sd.cents();
                ++o.forecasts;
                o.held += std::abs(z) <= ninety ? 1 : 0;
                o.squares += z * z;
            }
        } else if (advice->state == AdviceState::Stop && advice->contradiction && o.stopped < 6) {
            ++o.stopped;
            bench.comply(*advice->contradiction);
        } else {
            break;
        }
    }
    const Outcome end = judged(bench);
    o.home = end.home, o.spoiled = end.spoiled, o.sharp = end.sharp, o.rms = end.rms, o.worst = end.worst;
    return o;
}

/// From the foot upwards, a small step at a time, each note listened to after each: common practice, no source.
inline Outcome customary(const Instrument& start, std::uint64_t seed, const Conditions& with)
{
    Bench bench(start, seed, with);
    int cuts = 0;
    double rounds = 0.0;
    const auto notes = static_cast<double>(start.spec().fingerings.size());
    const Reach reach = reachOf(start);
    const std::size_t holes = start.spec().holes.size();
    for (std::size_t k = 0; k <= holes; ++k) {
        const Fingering* note = nullptr; // the foot's note, then the first that opens one more hole
        for (const Fingering& f : start.spec().fingerings)
            if (note == nullptr && f.registerNumber == 1 && f.closed.size() == holes - k)
                note = &f;
        if (note == nullptr || (k == 0 && start.spec().foot == Foot::Closed))
            continue;
        for (int step = 0; step < 40 && !bench.stuck(); ++step) {
            rounds += 1.0 / notes;
            const double off = bench.ear(*note);
            if (off > -0.3 * note->tolerance.cents())
                break;
            const Instrument& now = bench.book().present();
            const Metres by = Metres::fromMillimetres(off < -20.0 ? 0.3 : 0.1);
            if (k == 0) {
                const Metres to = now.length() - by * 3.0;
                if (to < reach.shortest)
                    break;
                bench.cut(TrimFoot{to}, {});
            } else {
                const Metres to = now.spec().holes[k - 1].diameter + by;
                if (to > reach.widest[k - 1])
                    break;
                bench.cut(Enlarge{now.spec().holes[k - 1].id, to}, {});
            }
            ++cuts;
        }
    }
    Outcome o = judged(bench);
    o.cuts = cuts;
    o.rounds = rounds;
    return o;
}

/// The unfitted model cut straight to its answer; with passes above 1, heard after each and every note's aim shifted by
/// what it came out other than the model.
inline Outcome byModel(const Instrument& start, std::uint64_t seed, const Conditions& with, int passes)
{
    Bench bench(start, seed, with);
    Outcome o;
    const std::size_t notes = start.spec().fingerings.size();
    const auto unfitted = Forecaster::make(Workbook(start));
    for (int pass = 0; unfitted && pass < passes && !bench.stuck(); ++pass) {
        std::vector<double> aim(notes, 0.0);
        const Instrument now = bench.book().present();
        if (passes > 1) {
            const auto model = unfitted->posterior().cents(now);
            if (!model)
                break;
            for (std::size_t i = 0; i < notes; ++i)
                aim[i] = (*model)[i] - bench.ear(start.spec().fingerings[i]);
            o.rounds += 1.0;
        }
        const auto levers = leversOf(now, Means::HolesAndFoot);
        const auto goal = bestReachable(*unfitted, now, levers, aim, {});
        if (!goal)
            break;
        for (std::size_t k = 0; k < levers.size(); ++k) {
            const Metres from = standsAt(now, levers[k]);
            const Metres goalSize = Metres::fromMetres(goal->values_m[static_cast<Eigen::Index>(k)]);
            const bool foot = levers[k].kind == Lever::Kind::Foot;
            const auto& tools = now.spec().tools;
            const Metres to = foot ? roundedTrim(from, goalSize, tools) : roundedEnlargement(from, goalSize, tools);
            if (foot ? to < from : to > from) {
                bench.cut(cutFor(now, levers[k], to), {});
                ++o.cuts;
            }
        }
    }
    const Outcome end = judged(bench);
    o.home = end.home, o.spoiled = end.spoiled, o.sharp = end.sharp, o.rms = end.rms, o.worst = end.worst;
    return o;
}

/// Weighted least squares on the truth itself, by removal, from where the levers stand (small differences, damped).
inline Eigen::VectorXd bestByTruth(const Bench& bench, const Instrument& shape, const std::vector<Lever>& levers)
{
    const auto n = static_cast<Eigen::Index>(levers.size());
    const auto& fingerings = shape.spec().fingerings;
    Eigen::VectorXd low(n);
    Eigen::VectorXd high(n);
    Eigen::VectorXd x(n);
    for (Eigen::Index i = 0; i < n; ++i) {
        const Lever& l = levers[static_cast<std::size_t>(i)];
        low[i] = l.low.metres();
        high[i] = std::max(l.low, l.high).metres();
        x[i] = std::clamp(standsAt(shape, l).metres(), low[i], high[i]);
    }
    const auto residual = [&](const Eigen::VectorXd& values) {
        Eigen::VectorXd r = Eigen::VectorXd::Constant(static_cast<Eigen::Index>(fingerings.size()), 100.0);
        if (const auto there = withLevers(shape, levers, values)) {
            const auto c = bench.truthOf(*there);
            for (std::size_t i = 0; i < c.size(); ++i)
                r[static_cast<Eigen::Index>(i)] = c[i] / fingerings[i].tolerance.cents();
        }
        return r;
    };
    // Levenberg and Marquardt's steps with Broyden's secant between differences taken anew.
    double damping = 1e-3;
    Eigen::VectorXd r = residual(x);
    Eigen::MatrixXd j(r.size(), n);
    bool fresh = false;
    bool needed = true;
    for (int round = 0; round < 25; ++round) {
        if (needed && !fresh) {
            constexpr double step_m = 5e-5;
            for (Eigen::Index i = 0; i < n; ++i) {
                Eigen::VectorXd there = x;
                const double sign = x[i] + step_m > high[i] ? -1.0 : 1.0;
                there[i] += sign * step_m;
                j.col(i) = sign * (residual(there) - r) / step_m;
                if (high[i] - low[i] < step_m)
                    j.col(i).setZero();
            }
            fresh = true;
            needed = false;
        }
        Eigen::MatrixXd a = j.transpose() * j;
        a.diagonal() += damping * a.diagonal() + Eigen::VectorXd::Constant(n, 1e-2);
        const Eigen::VectorXd next = (x - a.ldlt().solve(j.transpose() * r)).cwiseMax(low).cwiseMin(high);
        const Eigen::VectorXd better = residual(next);
        const double gained = r.squaredNorm() - better.squaredNorm();
        const Eigen::VectorXd p = next - x;
        if (gained > 0.0) {
            const bool done = gained < 2e-3 * (1.0 + r.squaredNorm());
            j += (better - r - j * p) * p.transpose() / p.squaredNorm();
            x = next;
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
    return x;
}

/// A maker who knows the truth, with the same tools and calipers: passes towards its optimum, nine tenths of the way
/// each, until nothing is left to do. What removal can bring home.
inline Outcome ceiling(const Instrument& start, std::uint64_t seed, const Conditions& with)
{
    Bench bench(start, seed, with);
    int cuts = 0;
    const auto& tools = start.spec().tools;
    for (int pass = 0; pass < 5 && !bench.stuck(); ++pass) {
        const Instrument now = bench.actual();
        std::vector<Lever> levers = leversOf(now, Means::Embouchure);
        if (pass > 0 && judged(bench).home)
            break;
        Eigen::VectorXd goal = bestByTruth(bench, now, levers);
        if (const auto there = withLevers(now, levers, goal); there) {
            const auto c = bench.truthOf(*there);
            double furthest = 0.0;
            for (std::size_t i = 0; i < c.size(); ++i)
                furthest = std::max(furthest, std::abs(c[i]) / now.spec().fingerings[i].tolerance.cents());
            if (furthest > 0.9) {
                levers = leversOf(now, Means::BoreToo);
                goal = bestByTruth(bench, now, levers);
            }
        }
        bool any = false;
        for (std::size_t k = 0; k < levers.size(); ++k) {
            const Instrument here = bench.actual();
            const Metres stands = standsAt(here, levers[k]);
            Metres wanted = Metres::fromMetres(goal[static_cast<Eigen::Index>(k)]);
            if (pass == 0)
                wanted = stands + (wanted - stands) * 0.9;
            const Cut wish = cutFor(here, levers[k], wanted);
            const Metres from = *presentSize(here, wish);
            const bool shrinks = wantedSize(wish) < from;
            if (shrinks && levers[k].kind != Lever::Kind::Foot && levers[k].kind != Lever::Kind::Stopper)
                continue;
            Tools byHand = tools;
            byHand.bits.clear();
            const Metres to =
                shrinks ? roundedTrim(from, wantedSize(wish), tools) : roundedEnlargement(from, wantedSize(wish), byHand);
            if (std::abs((to - from).millimetres()) < 0.05)
                continue;
            bench.cut(withSize(wish, to), {});
            any = true;
            ++cuts;
        }
        if (!any)
            break;
    }
    Outcome o = judged(bench);
    o.cuts = cuts;
    return o;
}

} // namespace dowel::fleet
