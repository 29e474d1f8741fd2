// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/outcomes.h"

#include "core/base/ratio.h"
#include "core/tuning/pitch.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

namespace dowel {

std::vector<NoteOutcome> outcomesOf(const Workbook& book)
{
    struct Waiting
    {
        EntryId cut;
        NoteForecast last;
        Cents before;
        Hertz target; ///< that the forecast counts from
    };
    std::map<FingeringId, Waiting> waiting;
    std::vector<NoteOutcome> outcomes;
    const Temperature played = book.specified().spec().tuning.playedAt;
    double middle = 0.0; // of the targets, in octaves
    for (const Fingering& f : book.specified().spec().fingerings)
        middle += std::log2(f.target.hertz()) / static_cast<double>(book.specified().spec().fingerings.size());
    int listening = 0;
    bool heard = false;
    for (const Entry& entry : book.entries()) {
        if (book.isSetAside(entry.id))
            continue;
        if (const auto* cut = std::get_if<CutEntry>(&entry.body)) {
            listening += heard ? 1 : 0;
            heard = false;
            // A cut without a forecast makes what was forecast before it worthless.
            if (cut->forecast.empty())
                waiting.clear();
            const auto& wanted = book.fingeringsAt(entry.id);
            for (const NoteForecast& f : cut->forecast) {
                const auto note =
                    std::find_if(wanted.begin(), wanted.end(), [&](const Fingering& w) { return w.id == f.fingering; });
                if (note == wanted.end())
                    continue;
                const auto found = waiting.find(f.fingering);
                const Cents before = found == waiting.end() ? f.now : found->second.before;
                waiting.insert_or_assign(f.fingering, Waiting{entry.id, f, before, note->target});
            }
        } else if (const auto* r = std::get_if<ReadingEntry>(&entry.body)) {
            heard = true;
            const auto found = waiting.find(r->fingering);
            if (found == waiting.end())
                continue;
            const Cents air = higherIn(played, r->air);
            const Waiting& w = found->second;
            outcomes.push_back({w.cut, r->fingering, w.before, w.last.after, w.last.sd, w.last.rest, w.last.doubt,
                                centsBetween(r->pitch, w.target) + air, r->sd, listening, std::log2(w.target.hertz()) - middle});
            waiting.erase(found);
        }
    }
    return outcomes;
}

std::vector<double> changeSinceBefore(const Workbook& book)
{
    const Instrument& present = book.present();
    const Temperature played = present.spec().tuning.playedAt;
    std::vector<std::vector<double>> heard(present.spec().fingerings.size());
    for (const PlacedReading& r : book.readings())
        if (const auto note = present.indexOf(r.reading->fingering); note && r.shape + 1 == book.shapes().size())
            heard[*note].push_back(centsOver(r.reading->pitch.hertz(), present.spec().fingerings[*note].target.hertz()) +
                                   higherIn(played, r.reading->air).cents());
    std::vector<double> change;
    for (std::size_t i = 0; i < heard.size(); ++i)
        if (heard[i].size() > 1 && present.spec().fingerings[i].weight > 0.0)
            change.push_back(heard[i].back() - heard[i][heard[i].size() - 2]);
    return change;
}

double missOf(const NoteOutcome& o, const ListeningError& error)
{
    const double forecast = std::hypot(o.sd.cents(), o.readingSd.cents());
    const double heard = std::hypot(error.repeat_cents, error.shift_cents, error.slope_cents * o.octaves);
    return (o.heard.cents() - o.forecast.cents()) / std::hypot(forecast, heard);
}

namespace {

/// The notes of one listening that a cut moved: what each missed by, what may explain it besides the formulas, and their part.
struct Round
{
    Eigen::VectorXd miss;
    Eigen::MatrixXd besides; ///< covariance
    Eigen::VectorXd doubt;   ///< one sigma
};

std::vector<Round> roundsOf(const std::vector<NoteOutcome>& outcomes, const ListeningError& error)
{
    constexpr double moved_cents = 1.0;
    std::map<int, std::vector<const NoteOutcome*>> byListening;
    for (const NoteOutcome& o : outcomes)
        if (std::abs(o.forecast.cents() - o.before.cents()) >= moved_cents && o.doubt.cents() > 0.0)
            byListening[o.listening].push_back(&o);
    std::vector<Round> rounds;
    for (const auto& [listening, notes] : byListening) {
        const auto n = std::ssize(notes);
        Round r{Eigen::VectorXd(n), Eigen::MatrixXd(n, n), Eigen::VectorXd(n)};
        for (Eigen::Index i = 0; i < n; ++i) {
            const NoteOutcome& one = *notes[static_cast<std::size_t>(i)];
            r.miss[i] = one.heard.cents() - one.forecast.cents();
            r.doubt[i] = one.doubt.cents();
            for (Eigen::Index k = 0; k < n; ++k) {
                const double other = notes[static_cast<std::size_t>(k)]->octaves;
                r.besides(i, k) = std::pow(error.shift_cents, 2) + std::pow(error.slope_cents, 2) * one.octaves * other;
            }
            r.besides(i, i) += std::pow(std::hypot(one.rest.cents(), one.readingSd.cents(), error.repeat_cents), 2);
        }
        rounds.push_back(std::move(r));
    }
    return rounds;
}

} // namespace

double honestyOf(const std::vector<NoteOutcome>& outcomes, const ListeningError& error)
{
    constexpr double alike = 0.5;
    constexpr double beforehandSd = 0.3; // of the factor's logarithm
    constexpr double noNoteSays = 3.0;   // standard deviations: what missed by more is taken to scatter so far
    constexpr double least = 0.5;
    constexpr double most = 2.5;
    constexpr int steps = 60;
    const auto rounds = roundsOf(outcomes, error);
    if (rounds.empty())
        return 1.0;
    double best = 1.0;
    double bestCost = std::numeric_limits<double>::infinity();
    for (int i = 0; i <= steps; ++i) {
        const double factor = least * std::pow(most / least, static_cast<double>(i) / steps);
        double cost = 0.5 * std::pow(std::log(factor) / beforehandSd, 2);
        for (const Round& r : rounds) {
            Eigen::MatrixXd covariance = r.besides;
            covariance.diagonal() += (factor * r.doubt).cwiseAbs2();
            // Were the miss alone cut off there, a smaller factor would cost such a note nothing and be liked for its narrowness.
            covariance.diagonal() = covariance.diagonal().cwiseMax((r.miss / noNoteSays).cwiseAbs2());
            const Eigen::LLT<Eigen::MatrixXd> root(covariance);
            const Eigen::VectorXd independent = root.matrixL().solve(r.miss);
            cost += alike * (0.5 * independent.squaredNorm() + root.matrixLLT().diagonal().array().log().sum());
        }
        if (cost < bestCost) {
            bestCost = cost;
            best = factor;
        }
    }
    return best;
}

} // namespace dowel
