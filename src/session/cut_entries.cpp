// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/cut_entries.h"

#include "core/instrument/cut.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

namespace {

Result<CutEntry> unadvised(const Instrument& there, const Cut& cut)
{
    const auto from = presentSize(there, cut);
    if (!from)
        return holeOf(cut) ? Error{ErrorCode::UnknownName, "hole", Fact::said(holeOf(cut)->text)}
                           : Error{ErrorCode::BadValue, std::string(factsOf(cut).word), FactId::NothingOfThatKind};
    return CutEntry{cut, *from, {}, {}};
}

} // namespace

Result<CutEntry> ownCutEntry(const Workbook& book, const Cut& cut)
{
    return unadvised(book.present(), cut);
}

Result<std::vector<CutEntry>> ownCutEntries(const Workbook& book, const std::vector<Cut>& cuts)
{
    std::vector<CutEntry> entries;
    Instrument there = book.present();
    for (const Cut& cut : cuts) {
        entries.push_back(DOWEL_TRY(unadvised(there, cut)));
        there = DOWEL_TRY(applied(there, cut));
    }
    return entries;
}

std::vector<NoteForecast> forecastOf(const Forecaster& forecaster, const Instrument& present, const Cut& cut)
{
    const auto after = applied(present, cut);
    if (!after)
        return {};
    const auto states = forecaster.states(*after);
    const auto doubt = forecaster.plainDoubt(*after);
    if (!states || !doubt)
        return {};
    std::vector<NoteForecast> forecast;
    const auto& fingerings = present.spec().fingerings;
    for (std::size_t i = 0; i < states->size(); ++i) {
        const NoteState& s = (*states)[i];
        const double part = forecaster.honesty() * (*doubt)[i];
        forecast.push_back({fingerings[i].id, Cents::fromCents(forecaster.now()[i].cents), Cents::fromCents(s.cents),
                            Cents::fromCents(s.sd), Cents::fromCents(std::sqrt(std::max(0.0, s.sd * s.sd - part * part))),
                            Cents::fromCents((*doubt)[i])});
    }
    return forecast;
}

Result<CutEntry> cutEntry(const Workbook& book, const Cut& cut)
{
    auto entry = ownCutEntry(book, cut);
    if (!entry)
        return entry;
    // Advice speaks of the shape it was given for: only a step of advice newer than the last cut counts.
    for (auto it = book.entries().rbegin(); it != book.entries().rend(); ++it) {
        const auto* amend = std::get_if<AmendEntry>(&it->body);
        if ((std::holds_alternative<CutEntry>(it->body) || std::holds_alternative<BuiltEntry>(it->body) ||
             (amend != nullptr && amend->bearsOnAdvice())) &&
            !book.isSetAside(it->id))
            break;
        const auto* advice = std::get_if<Advice>(&it->body);
        if (advice == nullptr)
            continue;
        for (const AdviceStep& step : advice->steps) {
            if (isSameStep(step.cut, cut)) {
                entry->advised = wantedSize(step.cut);
                entry->forecast = step.forecast;
                break;
            }
        }
        break;
    }
    return entry;
}

} // namespace dowel::session
