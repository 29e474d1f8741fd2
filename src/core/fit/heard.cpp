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

/// Variance of what cuts from each shape to the present may have done other than forecast, per note.
class Walk
{
public:
    Walk(const Workbook& book, std::size_t first)
        : m_variance(book.shapes().size(), std::vector<double>(book.specified().spec().fingerings.size(), 0.0)), m_first(first)
    {
    }
    [[nodiscard]] Status walk(const Workbook& book, const Priors& priors, const Unknowns& u, const Eigen::VectorXd& mean)
    {
        const auto& shapes = book.shapes();
        const std::size_t last = shapes.size() - 1;
        if (m_first >= last)
            return Done{};
        std::vector<std::size_t> all(m_variance.front().size());
        std::iota(all.begin(), all.end(), std::size_t{0});
        const double played_K = book.specified().spec().tuning.playedAt.kelvin();
        auto after = evaluate(shapes[last], u, mean, played_K, all, false);
        if (!after)
            return after.error();
        const auto cuts = book.cuts();
        std::vector<double> share(all.size(), 0.0); // ups and downs do not make up for each other: the way counts
        std::vector<double> tools(all.size(), 0.0);
        for (std::size_t shape = last; shape-- > m_first;) {
            auto before = evaluate(shapes[shape], u, mean, played_K, all, false);
            if (!before)
                return before.error();
            const Cut& cut = std::get<CutEntry>(cuts[shape]->body).cut;
            const auto from = presentSize(shapes[shape], cut);
            const auto to = presentSize(shapes[shape + 1], cut);
            const double by_m = from && to ? std::abs((*to - *from).metres()) : 0.0;
            for (std::size_t i = 0; i < all.size(); ++i) {
                const double change = std::abs(after->cents[i] - before->cents[i]);
                share[i] += priors.shareOf(cut) * change;
                if (by_m > priors.caliperSd_m)
                    tools[i] += std::pow(change / by_m * priors.caliperSd_m, 2);
                m_variance[shape][i] = share[i] * share[i] + tools[i];
            }
            after = std::move(before);
        }
        return Done{};
    }
    [[nodiscard]] double variance(std::size_t shape, std::size_t note) const { return m_variance[shape][note]; }

private:
    std::vector<std::vector<double>> m_variance;
    std::size_t m_first;
};

void whiten(HeardNote& note, const std::vector<HeardReading>& readings, const Walk& walk, double believed)
{
    const auto n = static_cast<Eigen::Index>(note.readings.size());
    Eigen::MatrixXd covariance(n, n);
    for (Eigen::Index a = 0; a < n; ++a)
        for (Eigen::Index b = 0; b < n; ++b) {
            const HeardReading& one = readings[note.readings[static_cast<std::size_t>(a)]];
            const HeardReading& other = readings[note.readings[static_cast<std::size_t>(b)]];
            covariance(a, b) =
                walk.variance(std::max(one.shape, other.shape), one.note) + (a == b ? one.single * one.single : 0.0);
        }
    note.whitening = covariance.llt().matrixL().solve(Eigen::MatrixXd::Identity(n, n));
    if (n > 1) {
        const HeardReading& newest = readings[note.readings[0]];
        const HeardReading& before = readings[note.readings[1]];
        note.agree = newest.shape == before.shape &&
                     std::abs(newest.cents - before.cents) < believed * std::hypot(newest.single, before.single);
    }
}

/// Puts readings of the record into what the fit takes them as, shape by shape.
class Gathering
{
public:
    Gathering(const Workbook& book, const Priors& priors, const Walk& walk, double warmth)
        : m_book(&book), m_priors(&priors), m_walk(&walk), m_warmth(warmth)
    {
        m_all.notes.resize(book.specified().spec().fingerings.size());
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
                ++m_all.listenings;
            const double single = std::hypot(readings[i].reading->sd.cents(), m_priors->repeat_cents);
            add(readings[i].shape, notes[i], centsOf(readings[i], notes[i]), single);
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
            m_all.listenings += first ? 1 : 0;
            first = false;
            add(readings.front().shape, note, median(cents[note]), m_priors->repeat_cents); // whatever a few of many were
        }
    }
    void add(std::size_t shape, std::size_t note, double cents, double single)
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
        h.listening = m_all.listenings - 1;
        h.cents = cents;
        h.single = single;
        h.whole = std::sqrt(single * single + m_walk->variance(shape, note));
        m_all.notes[note].readings.insert(m_all.notes[note].readings.begin(), m_all.readings.size());
        m_all.readings.push_back(h);
    }

    const Workbook* m_book;
    const Priors* m_priors;
    const Walk* m_walk;
    double m_warmth;
    HeardAll m_all;
};

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
    Gathering gathering(book, priors, walk, prior.mean[Unknowns::warmth]);
    for (std::size_t from = 0; from < readings.size();) {
        std::size_t to = from + 1;
        while (to < readings.size() && readings[to].shape == readings[from].shape)
            ++to;
        gathering.add(std::span(readings).subspan(from, to - from), std::span(notes).subspan(from, to - from));
        from = to;
    }
    HeardAll all = gathering.take();
    constexpr double alike = 3.0; // standard deviations
    for (HeardNote& n : all.notes)
        if (!n.readings.empty())
            whiten(n, all.readings, walk, alike);
    return all;
}

} // namespace dowel::fitting
