// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/plausible.h"

#include "core/forecast/forecast.h"
#include "core/tuning/pitch.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

namespace {

Status checkFingerings(const Instrument& instrument)
{
    // Two names of one note may share a fingering; in mean tone they lie so far apart.
    constexpr double otherNote_cents = 60.0;
    const auto& chart = instrument.spec().fingerings;
    for (std::size_t b = 1; b < chart.size(); ++b)
        for (std::size_t a = 0; a < b; ++a)
            if (chart[a].registerNumber == chart[b].registerNumber &&
                instrument.openShares(chart[a]) == instrument.openShares(chart[b]) &&
                std::abs(centsBetween(chart[a].target, chart[b].target).cents()) > otherNote_cents)
                return Error{
                    ErrorCode::BadFingering, "/fingerings/" + chart[b].id.text, {FactId::FingeredAlike, chart[a].id.text}};
    return Done{};
}

} // namespace

Status checkMeant(const Instrument& instrument)
{
    DOWEL_TRY(checkFingerings(instrument));
    const auto& chart = instrument.spec().fingerings;
    if (chart.empty())
        return Done{};
    const auto forecaster = Forecaster::make(Workbook(instrument));
    if (!forecaster)
        return Done{}; // what the model cannot reckon is told where it is asked for
    std::vector<double> off;
    for (const NoteState& s : forecaster->now())
        off.push_back(s.cents);
    const auto middle = off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2);
    std::nth_element(off.begin(), middle, off.end());
    constexpr double mostOff_cents = 1400.0; // a blank is longer than its note by a fifth at most
    if (std::abs(*middle) <= mostOff_cents)
        return Done{};
    const Hertz sounds = raisedBy(chart.front().target, Cents::fromCents(forecaster->now().front().cents));
    return Error{ErrorCode::BadGeometry,
                 "/bore",
                 {FactId::AllMillimetres, chart.front().id.text, nearestNote(sounds, instrument.spec().tuning.a4).name}};
}

} // namespace dowel::session
