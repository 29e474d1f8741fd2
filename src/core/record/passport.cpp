// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/record/passport.h"

#include "core/base/clock.h"
#include "core/base/ratio.h"
#include "core/base/stamp.h"
#include "core/tuning/pitch.h"

#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

/// Over the target as it would sound at the tuning's temperature.
double offOf(const ReadingEntry& r, const Fingering& f, Temperature played)
{
    return (centsBetween(r.pitch, f.target) + higherIn(played, r.air)).cents();
}

} // namespace

Passport passportOf(const Workbook& book)
{
    Passport p{book.present()};
    if (!book.entries().empty()) {
        p.begun = book.entries().front().at;
        p.last = book.entries().back().at;
    }
    const auto readings = book.readings();
    const std::size_t newest = book.shapes().size() - 1;
    const Temperature played = p.instrument.spec().tuning.playedAt;
    for (const Fingering& f : p.instrument.spec().fingerings) {
        PassportNote note{f, {}, {}, false, {}};
        double sum = 0.0;
        double weights = 0.0;
        for (const PlacedReading& r : readings) {
            if (r.shape != newest || r.reading->fingering != f.id)
                continue;
            constexpr double least_cents = 0.1; // no reading is better than that
            const double weight = 1.0 / std::pow(std::max(least_cents, r.reading->sd.cents()), 2);
            sum += weight * offOf(*r.reading, f, played);
            weights += weight;
            if (r.reading->note)
                note.timbre = r.reading->note;
        }
        if (weights > 0.0) {
            note.off = Cents::fromCents(sum / weights);
            note.sd = Cents::fromCents(1.0 / std::sqrt(weights));
        }
        p.notes.push_back(std::move(note));
    }
    for (const Entry* e : book.cuts()) {
        const auto& c = std::get<CutEntry>(e->body);
        p.cuts.push_back({e->at, c.cut, c.from});
    }
    p.readings = readings.size();
    for (const PlacedReading& r : readings) {
        p.coolest = p.coolest ? std::min(*p.coolest, r.reading->air) : r.reading->air;
        p.warmest = p.warmest ? std::max(*p.warmest, r.reading->air) : r.reading->air;
        if (std::find(p.sources.begin(), p.sources.end(), r.reading->source) == p.sources.end())
            p.sources.push_back(r.reading->source);
    }
    return p;
}

std::vector<Shift> shiftOver(const Workbook& book, std::chrono::sys_days began, std::chrono::sys_days ended)
{
    std::vector<Shift> shifts;
    const auto readings = book.readings();
    const Temperature played = book.present().spec().tuning.playedAt;
    for (const Fingering& f : book.present().spec().fingerings) {
        const PlacedReading* before = nullptr;
        const PlacedReading* after = nullptr;
        for (const PlacedReading& r : readings) {
            if (r.reading->fingering != f.id)
                continue;
            const auto on = localDayFrom(r.entry->at);
            if (on <= began)
                before = &r;
            else if (on >= ended && after == nullptr)
                after = &r;
        }
        if (before == nullptr || after == nullptr || before->shape != after->shape)
            continue;
        shifts.push_back(
            {f.id, Cents::fromCents(offOf(*before->reading, f, played)), Cents::fromCents(offOf(*after->reading, f, played))});
    }
    return shifts;
}

} // namespace dowel
