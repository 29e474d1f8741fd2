// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/heard.h"

#include "core/base/breath.h"
#include "core/base/ratio.h"
#include "core/base/stamp.h"
#include "core/base/statistics.h"
#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <span>

namespace dowel::fitting {

namespace {

/// Whether a reading belongs to another sitting than the one before it, on the same shape.
bool anotherListening(const PlacedReading& before, const PlacedReading& now)
{
    constexpr std::chrono::hours longest(1);
    constexpr double sameRoom_K = 0.15;
    if (std::abs(now.reading->air.kelvin() - before.reading->air.kelvin()) > sameRoom_K)
        return true;
    const auto a = timeFrom(before.entry->at);
    const auto b = timeFrom(now.entry->at);
    return a && b && (*b > *a ? *b - *a : *a - *b) > longest;
}

/// What the formulas say that the cuts from each shape to the present did, and how wrong each note's own part may be.
class Walk
{
public:
    Walk(const Workbook& book, std::size_t first)
        : m_own(book.shapes().size(), std::vector<double>(book.specified().spec().fingerings.size(), 0.0)),
          m_lostUpTo(book.specified().spec().fingerings.size(), -1),
          m_first(first)
    {
    }
    [[nodiscard]] Status walk(const Workbook& book, const Priors& priors, const Unknowns& u, const Eigen::VectorXd& mean)
    {
        const auto& shapes = book.shapes();
        const std::size_t last = shapes.size() - 1;
        const auto notes = std::ssize(m_lostUpTo);
        const auto cuts = book.cuts();
        for (std::size_t shape = m_first; shape < last; ++shape)
            m_leverOf.push_back(leverOf(std::get<CutEntry>(cuts[shape]->body).cut, priors));
        m_byLever.assign(shapes.size(), Eigen::MatrixXd::Zero(std::ssize(m_gainSds), notes));
        if (m_first >= last)
            return Done{};
        const double played_K = book.specified().spec().tuning.playedAt.kelvin();
        std::vector<std::size_t> all(m_lostUpTo.size());
        std::iota(all.begin(), all.end(), std::size_t{0});
        auto present = evaluate(shapes[last], u, mean, played_K, all, false);
        if (!present)
            return present.error();
        std::vector<std::optional<double>> after(present->cents.begin(), present->cents.end());
        std::vector<double> share(all.size(), 0.0); // ups and downs do not make up for each other: the way counts
        std::vector<double> tools(all.size(), 0.0);
        for (std::size_t shape = last; shape-- > m_first;) {
            auto before = centsOf(shapes[shape], u, mean, played_K);
            const Cut& cut = std::get<CutEntry>(cuts[shape]->body).cut;
            const auto from = presentSize(shapes[shape], cut);
            const auto to = presentSize(shapes[shape + 1], cut);
            const double by_m = from && to ? std::abs((*to - *from).metres()) : 0.0;
            m_byLever[shape] = m_byLever[shape + 1];
            for (std::size_t i = 0; i < all.size(); ++i) {
                if (!before[i] || !after[i]) {
                    m_lostUpTo[i] = std::max(m_lostUpTo[i], static_cast<int>(shape));
                    continue;
                }
                const double change = *after[i] - *before[i];
                m_byLever[shape](m_leverOf[shape - m_first], static_cast<Eigen::Index>(i)) += change;
                share[i] += priors.shareOf(cut) * std::abs(change);
                if (by_m > priors.caliperSd_m)
                    tools[i] += std::pow(change / by_m * priors.caliperSd_m, 2);
                m_own[shape][i] = Priors::ownPartOfCut * share[i] * share[i] + tools[i];
            }
            after = std::move(before);
        }
        return Done{};
    }
    [[nodiscard]] double own(std::size_t shape, std::size_t note) const { return m_own[shape][note]; }
    /// Cents by which the cuts of each lever moved a note from that shape to the present.
    [[nodiscard]] Eigen::VectorXd byLever(std::size_t shape, std::size_t note) const
    {
        return m_byLever[shape].col(static_cast<Eigen::Index>(note));
    }
    [[nodiscard]] bool isLost(std::size_t shape, std::size_t note) const { return static_cast<int>(shape) <= m_lostUpTo[note]; }
    [[nodiscard]] const std::vector<double>& gainSds() const { return m_gainSds; }

private:
    /// Of every note; nothing for one that has no resonance there.
    [[nodiscard]] std::vector<std::optional<double>> centsOf(const Instrument& shape, const Unknowns& u,
                                                             const Eigen::VectorXd& mean, double played_K) const
    {
        std::vector<std::size_t> all(m_lostUpTo.size());
        std::iota(all.begin(), all.end(), std::size_t{0});
        if (const auto together = evaluate(shape, u, mean, played_K, all, false))
            return {together->cents.begin(), together->cents.end()};
        std::vector<std::optional<double>> cents(all.size());
        for (const std::size_t note : all)
            if (const auto alone = evaluate(shape, u, mean, played_K, {note}, false))
                cents[note] = alone->cents.front();
        return cents;
    }
    [[nodiscard]] Eigen::Index leverOf(const Cut& cut, const Priors& priors)
    {
        const Cut lever = withSize(cut, Metres{});
        auto found = std::find(m_levers.begin(), m_levers.end(), lever);
        if (found == m_levers.end()) {
            found = m_levers.insert(found, lever);
            m_gainSds.push_back(std::sqrt(1.0 - Priors::ownPartOfCut) * priors.shareOf(cut));
        }
        return found - m_levers.begin();
    }
    std::vector<std::vector<double>> m_own; ///< variance by shape and note
    std::vector<Eigen::MatrixXd> m_byLever; ///< by shape: one row a lever, one column a note
    std::vector<int> m_lostUpTo;            ///< of each note, the newest shape that it cannot be reckoned across
    std::vector<Eigen::Index> m_leverOf;    ///< of each cut since the first shape
    std::vector<Cut> m_levers;              ///< each with no size
    std::vector<double> m_gainSds;
    std::size_t m_first;
};

/// Puts readings of the record into what the fit takes them as, shape by shape.
class Gathering
{
public:
    Gathering(const Workbook& book, const Walk& walk, double warmth) : m_book(&book), m_walk(&walk), m_warmth(warmth)
    {
        m_all.notes.resize(book.specified().spec().fingerings.size());
        m_all.gainSds = walk.gainSds();
    }
    /// Readings of one shape, in the record's order, and which note each is of.
    void add(std::span<const PlacedReading> readings, std::span<const std::size_t> notes)
    {
        m_all.shapes.push_back({&m_book->shapes()[readings.front().shape], readings.front().reading->air.kelvin(), {}});
        // An instrument that is heard for years is heard on one shape: what is long past counts together, as one listening,
        // or the fit would take as long as the record is.
        constexpr std::size_t most = 6;
        std::vector<std::size_t> newer(m_all.notes.size(), 0);
        std::vector<bool> past(readings.size(), false);
        for (std::size_t i = readings.size(); i-- > 0;)
            past[i] = ++newer[notes[i]] > most;
        addPast(readings, notes, past);
        const PlacedReading* before = nullptr;
        for (std::size_t i = 0; i < readings.size(); ++i) {
            if (past[i])
                continue;
            if (before == nullptr || anotherListening(*before, readings[i]))
                beginListening(readings[i].entry->at);
            add(readings[i].shape, notes[i], centsOf(readings[i], notes[i]), readings[i].reading->sd.cents());
            before = &readings[i];
        }
    }
    [[nodiscard]] HeardAll take() { return std::move(m_all); }

private:
    /// Sounding over target, brought to the shape's first room: the speed of sound goes with the root of the absolute
    /// temperature, which is exact enough from room to room of one shape.
    [[nodiscard]] double centsOf(const PlacedReading& r, std::size_t note) const
    {
        const double room_K = m_all.shapes.back().room_K;
        return centsOver(r.reading->pitch.hertz(), m_book->specified().spec().fingerings[note].target.hertz()) +
               600.0 * std::log2(playedAir_K(room_K, m_warmth) / playedAir_K(r.reading->air.kelvin(), m_warmth));
    }
    void addPast(std::span<const PlacedReading> readings, std::span<const std::size_t> notes, const std::vector<bool>& past)
    {
        std::vector<std::vector<double>> cents(m_all.notes.size());
        for (std::size_t i = 0; i < readings.size(); ++i)
            if (past[i])
                cents[notes[i]].push_back(centsOf(readings[i], notes[i]));
        bool first = true;
        for (std::size_t note = 0; note < cents.size(); ++note) {
            if (cents[note].empty())
                continue;
            if (first)
                beginListening(readings.front().entry->at);
            first = false;
            add(readings.front().shape, note, median(cents[note]), 0.0); // whatever a few of many were
        }
    }
    void beginListening(const std::string& at)
    {
        constexpr std::chrono::hours overnight(8); // from the beginning of one sitting to that of the next
        const auto when = timeFrom(at);
        const bool known = when.has_value() && m_lastBegun.has_value();
        if (m_all.dayOf.empty())
            m_all.dayOf.push_back(0);
        else
            m_all.dayOf.push_back(m_all.dayOf.back() + (known && *when - *m_lastBegun < overnight ? 0 : 1));
        m_lastBegun = when;
    }
    void add(std::size_t shape, std::size_t note, double cents, double sd)
    {
        HeardShape& s = m_all.shapes.back();
        auto row = std::find(s.notes.begin(), s.notes.end(), note);
        if (row == s.notes.end())
            row = s.notes.insert(row, note);
        HeardReading h;
        h.note = note;
        h.shape = shape;
        h.heardShape = m_all.shapes.size() - 1;
        h.row = static_cast<std::size_t>(row - s.notes.begin());
        h.listening = m_all.dayOf.size() - 1;
        h.cents = cents;
        h.sd = sd;
        h.byGains = -m_walk->byLever(shape, note);
        m_all.notes[note].readings.insert(m_all.notes[note].readings.begin(), m_all.readings.size());
        m_all.readings.push_back(h);
    }

    const Workbook* m_book;
    const Walk* m_walk;
    double m_warmth;
    std::optional<UtcTime> m_lastBegun;
    HeardAll m_all;
};

/// Covariance of what the cuts since did to the readings of one note.
Eigen::MatrixXd byCuts(const HeardNote& note, const std::vector<HeardReading>& readings, const Walk& walk)
{
    const auto n = static_cast<Eigen::Index>(note.readings.size());
    Eigen::MatrixXd covariance(n, n);
    for (Eigen::Index a = 0; a < n; ++a)
        for (Eigen::Index b = 0; b < n; ++b) {
            const HeardReading& one = readings[note.readings[static_cast<std::size_t>(a)]];
            const HeardReading& other = readings[note.readings[static_cast<std::size_t>(b)]];
            covariance(a, b) = walk.own(std::max(one.shape, other.shape), one.note);
        }
    return covariance;
}

} // namespace

Result<HeardAll> heardIn(const Workbook& book, const Priors& priors)
{
    const Instrument& specified = book.specified();
    std::vector<PlacedReading> readings;
    std::vector<std::size_t> notes;
    for (const PlacedReading& r : book.readings())
        if (const auto note = specified.indexOf(r.reading->fingering)) {
            readings.push_back(r);
            notes.push_back(*note);
        }
    const Unknowns u = Unknowns::of(specified);
    const Prior prior = priorOf(u, priors, specified.spec().family);
    Walk walk(book, readings.empty() ? book.shapes().size() - 1 : readings.front().shape);
    DOWEL_TRY(walk.walk(book, priors, u, prior.mean));
    Gathering gathering(book, walk, prior.mean[Unknowns::warmth]);
    std::vector<FingeringId> leftOut;
    for (std::size_t from = 0; from < readings.size();) {
        const std::size_t shape = readings[from].shape;
        std::vector<PlacedReading> here;
        std::vector<std::size_t> of;
        for (; from < readings.size() && readings[from].shape == shape; ++from) {
            if (!walk.isLost(shape, notes[from])) {
                here.push_back(readings[from]);
                of.push_back(notes[from]);
            } else if (const FingeringId& id = readings[from].reading->fingering;
                       std::find(leftOut.begin(), leftOut.end(), id) == leftOut.end()) {
                leftOut.push_back(id);
            }
        }
        if (!here.empty())
            gathering.add(here, of);
    }
    HeardAll all = gathering.take();
    all.leftOut = std::move(leftOut);
    for (HeardNote& n : all.notes)
        n.byCuts = byCuts(n, all.readings, walk);
    all.weigh(priors.repeat_cents);
    return all;
}

void HeardAll::weigh(double repeat_cents)
{
    constexpr double alike = 3.0; // standard deviations
    for (HeardNote& note : notes) {
        const auto n = static_cast<Eigen::Index>(note.readings.size());
        if (n == 0)
            continue;
        Eigen::MatrixXd covariance = note.byCuts;
        for (Eigen::Index k = 0; k < n; ++k) {
            HeardReading& r = readings[note.readings[static_cast<std::size_t>(k)]];
            r.single = std::hypot(r.sd, repeat_cents);
            covariance(k, k) += r.single * r.single;
            r.whole = std::sqrt(covariance(k, k));
        }
        note.whitening = covariance.llt().matrixL().solve(Eigen::MatrixXd::Identity(n, n));
        if (n < 2)
            continue;
        const HeardReading& newest = readings[note.readings[0]];
        const HeardReading& before = readings[note.readings[1]];
        note.agree = newest.shape == before.shape &&
                     std::abs(newest.cents - before.cents) < alike * std::hypot(newest.single, before.single);
    }
}

void expectListenings(Prior& prior, const Unknowns& u, const HeardAll& heard, const Priors& priors)
{
    // Breath and thermometer of a day, and what is other from one sitting to the next within it. No source for the share; with a
    // quarter beliefs on simulated blanks were a quarter too wide after four sittings of a day, half after five
    // (docs/validation.md).
    constexpr double ofTheDay = 0.1; // of the variance
    const auto n = static_cast<Eigen::Index>(heard.dayOf.size());
    Eigen::MatrixXd alike = Eigen::MatrixXd::Identity(n, n);
    for (Eigen::Index i = 0; i < n; ++i)
        for (Eigen::Index k = 0; k < n; ++k)
            if (i != k && heard.dayOf[static_cast<std::size_t>(i)] == heard.dayOf[static_cast<std::size_t>(k)])
                alike(i, k) = ofTheDay;
    const Eigen::MatrixXd root = alike.llt().matrixL();
    for (std::size_t i = 0; i < heard.dayOf.size(); ++i)
        for (std::size_t k = 0; k < heard.dayOf.size(); ++k) {
            const double share = root(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(k));
            prior.root(u.shift(i), u.shift(k)) = priors.listeningSd_cents * share;
            prior.root(u.slope(i), u.slope(k)) = priors.listeningSlopeSd_cents * share;
        }
    for (std::size_t i = 0; i < heard.gainSds.size(); ++i)
        prior.root(u.gain(i), u.gain(i)) = heard.gainSds[i];
}

} // namespace dowel::fitting
