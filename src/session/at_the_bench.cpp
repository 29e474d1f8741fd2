// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/at_the_bench.h"

#include "core/base/stamp.h"
#include "core/tuning/pitch.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

namespace {

/// Seconds since the epoch of an ISO 8601 time in UTC; nothing where it is none.
std::optional<double> secondsOf(const std::string& at)
{
    const auto time = timeFrom(at);
    return time ? std::optional(static_cast<double>(time->time_since_epoch().count()) * 1e-3) : std::nullopt;
}

} // namespace

std::optional<Warming> warmingOf(const Workbook& book)
{
    const std::size_t present = book.shapes().size() - 1;
    const auto readings = book.readings();
    std::vector<double> moved;
    double longest_s = 0.0;
    for (const Fingering& f : book.present().spec().fingerings) {
        const PlacedReading* first = nullptr;
        const PlacedReading* last = nullptr;
        for (const PlacedReading& r : readings)
            if (r.shape == present && r.reading->fingering == f.id) {
                first = first == nullptr ? &r : first;
                last = &r;
            }
        if (first == last)
            continue;
        const auto from = secondsOf(first->entry->at);
        const auto to = secondsOf(last->entry->at);
        constexpr double apart_s = 120.0;
        if (!from || !to || *to - *from < apart_s)
            continue;
        // The room's own temperature is known and counted elsewhere: six cents for two kelvin, by the speed of sound.
        const double air = 600.0 * std::log2(last->reading->air.kelvin() / first->reading->air.kelvin());
        moved.push_back(centsBetween(last->reading->pitch, first->reading->pitch).cents() - air);
        longest_s = std::max(longest_s, *to - *from);
    }
    constexpr std::size_t fewest = 3;
    constexpr double worthSaying_cents = 3.0;
    if (moved.size() < fewest)
        return std::nullopt;
    std::sort(moved.begin(), moved.end());
    const double middle = moved[moved.size() / 2];
    const bool together = moved.front() > 0.0 || moved.back() < 0.0;
    if (!together || std::abs(middle) < worthSaying_cents)
        return std::nullopt;
    return Warming{Cents::fromCents(middle), Seconds::fromSeconds(longest_s)};
}

Temperature roomOf(const Workbook& book)
{
    const auto readings = book.readings();
    if (!readings.empty())
        return readings.back().reading->air;
    if (const auto p = book.practice())
        return p->room;
    return book.present().spec().tuning.playedAt;
}

std::optional<player::SimulatedPlayer> playerOf(const Workbook& book)
{
    const auto p = book.practice();
    if (!p)
        return std::nullopt;
    return player::SimulatedPlayer({p->seed, p->room, p->noise_dB});
}

Status remember(ShopMemory& memory, const Store& store, const Posterior& advised, const Cancel& cancel)
{
    const Workbook& book = store.book();
    const auto& heard = advised.lastHeard();
    if (std::any_of(heard.begin(), heard.end(), [](int shape) { return shape < 0; }))
        return Done{};
    const auto alone = DOWEL_TRY(advised.priors().shared ? fit(book, {}, cancel) : Result<Posterior>(advised));
    const InstrumentSpec& spec = book.specified().spec();
    return memory.remember(
        {store.identity(), spec.name, spec.family, timestamp(), static_cast<int>(book.readings().size()), alone.shared()});
}

} // namespace dowel::session
