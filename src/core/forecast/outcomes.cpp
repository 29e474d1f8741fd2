// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/forecast/outcomes.h"

#include "core/base/ratio.h"
#include "core/tuning/pitch.h"

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
    for (const Entry& entry : book.entries()) {
        if (book.isSetAside(entry.id))
            continue;
        if (const auto* cut = std::get_if<CutEntry>(&entry.body)) {
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
            const auto found = waiting.find(r->fingering);
            if (found == waiting.end())
                continue;
            const Cents air = higherIn(played, r->air);
            const Waiting& w = found->second;
            outcomes.push_back({w.cut, r->fingering, w.before, w.last.after, w.last.sd, w.last.rest, w.last.doubt,
                                centsBetween(r->pitch, w.target) + air, r->sd});
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

double missOf(const NoteOutcome& o, double repeat_cents)
{
    return (o.heard.cents() - o.forecast.cents()) / std::hypot(o.sd.cents(), o.readingSd.cents(), repeat_cents);
}

double honestyOf(const std::vector<NoteOutcome>& outcomes, double repeat_cents)
{
    constexpr double alike = 0.5;
    constexpr double beforehandSd = 0.3; // of the factor's logarithm
    constexpr double noNoteSays = 9.0;   // a single wrong reading does not count for more than three standard deviations
    constexpr double moved_cents = 1.0;
    constexpr double least = 0.5;
    constexpr double most = 2.5;
    constexpr int steps = 60;
    double best = 1.0;
    double bestCost = std::numeric_limits<double>::infinity();
    for (int i = 0; i <= steps; ++i) {
        const double factor = least * std::pow(most / least, static_cast<double>(i) / steps);
        double cost = 0.5 * std::pow(std::log(factor) / beforehandSd, 2);
        for (const NoteOutcome& o : outcomes) {
            if (std::abs(o.forecast.cents() - o.before.cents()) < moved_cents || !(o.doubt.cents() > 0.0))
                continue;
            const double variance = std::pow(o.rest.cents(), 2) + std::pow(o.readingSd.cents(), 2) + repeat_cents * repeat_cents +
                                    std::pow(factor * o.doubt.cents(), 2);
            const double miss = std::pow(o.heard.cents() - o.forecast.cents(), 2) / variance;
            cost += alike * 0.5 * (std::min(noNoteSays, miss) + std::log(variance));
        }
        if (cost < bestCost) {
            bestCost = cost;
            best = factor;
        }
    }
    return best;
}

} // namespace dowel
