// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/practice.h"

#include "core/layout/families.h"
#include "core/tuning/pitch.h"

#include "player/player.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

Result<Samples> played(const Workbook& book, const FingeringId& fingering, Temperature room, std::uint64_t again)
{
    const auto practice = book.practice();
    const Fingering* f = book.present().find(fingering);
    if (!practice || f == nullptr)
        return Error{ErrorCode::UnknownName, "fingering", Fact::said(fingering.text)};
    player::Practice with{practice->seed, room, practice->noise_dB};
    if (practice->beginner) {
        constexpr double notesToWarm = 6.0;
        with.hand = player::Hand::Beginner;
        with.warmed = 1.0 - std::exp(-static_cast<double>(book.readings().size()) / notesToWarm);
    }
    const player::SimulatedPlayer player(with);
    auto take = DOWEL_TRY(player.play(book.present(), *f, takesOf(book, fingering) + again));
    return std::move(take.samples);
}

Score scoreOf(const Workbook& book)
{
    const InstrumentSpec& spec = book.present().spec();
    Score score;
    score.of = static_cast<int>(spec.fingerings.size());
    score.cuts = static_cast<int>(book.cuts().size());
    const auto readings = book.readings();
    for (const Fingering& f : spec.fingerings) {
        const auto last = std::find_if(readings.rbegin(), readings.rend(),
                                       [&](const PlacedReading& r) { return r.reading->fingering == f.id; });
        if (last == readings.rend())
            continue;
        const Cents off = centsBetween(last->reading->pitch, f.target) + higherIn(spec.tuning.playedAt, last->reading->air);
        if (off > f.tolerance)
            ++score.sharp;
        else if (off >= f.tolerance * -1.0)
            ++score.home;
    }
    std::optional<std::size_t> shape;
    for (const PlacedReading& r : readings)
        if (shape != r.shape) {
            shape = r.shape;
            ++score.rounds;
        }
    return score;
}

std::optional<Verdict> verdictOf(const Workbook& book)
{
    const auto cuts = book.cuts();
    if (cuts.empty())
        return std::nullopt;
    const auto& entries = book.entries();
    const auto& own = std::get<CutEntry>(cuts.back()->body);
    const auto heardSince = std::any_of(entries.begin(), entries.end(), [&](const Entry& e) {
        return e.id > cuts.back()->id && std::holds_alternative<ReadingEntry>(e.body) && !book.isSetAside(e.id);
    });
    if (own.advised || own.forecast.empty() || heardSince)
        return std::nullopt;
    const auto side = [&](const Cut& cut, Metres from, const std::vector<NoteForecast>& forecast) {
        Verdict::Side s{cut, from};
        for (const NoteForecast& f : forecast)
            if (const Fingering* note = book.present().find(f.fingering)) {
                s.sharp += f.after > note->tolerance ? 1 : 0;
                s.home += f.after <= note->tolerance && f.after >= note->tolerance * -1.0 ? 1 : 0;
            }
        return s;
    };
    Verdict verdict{side(own.cut, own.from, own.forecast), {}, static_cast<int>(own.forecast.size())};
    for (auto it = entries.rbegin(); it != entries.rend(); ++it) {
        if (it->id >= cuts.back()->id || book.isSetAside(it->id))
            continue;
        if (const auto* advice = std::get_if<Advice>(&it->body)) {
            if (!advice->steps.empty()) {
                const AdviceStep& step = advice->steps.front();
                verdict.advised = side(step.cut, step.from, step.forecast);
            }
            break;
        }
        if (std::holds_alternative<CutEntry>(it->body))
            break; // that advice was for another shape
    }
    return verdict;
}

std::uint64_t takesOf(const Workbook& book, const FingeringId& fingering)
{
    return static_cast<std::uint64_t>(std::count_if(book.entries().begin(), book.entries().end(), [&](const Entry& e) {
        const auto* r = std::get_if<ReadingEntry>(&e.body);
        return r != nullptr && r->fingering == fingering;
    }));
}

Result<Instrument> practiceBlank(Family family, const Cancel& cancel)
{
    const auto blank = DOWEL_TRY(startingBlank(family, usualTarget(family)));
    auto layout = DOWEL_TRY(layOut(blank, {}, false, cancel));
    return std::move(layout.start);
}

} // namespace dowel::session
