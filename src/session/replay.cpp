// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/replay.h"

#include "io/audio_file.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace dowel::session {

namespace {

constexpr double replayed_s = 1.0;
constexpr double rest_s = 0.15;
constexpr double longRest_s = 0.6;
constexpr double fade_s = 0.02;

/// A second of a take, from where it was measured on, faded at both ends.
std::vector<float> pieceOf(const Samples& take, const ReadingEntry& reading)
{
    const double start_s = reading.note ? reading.note->start.seconds() : 0.0;
    const auto from = std::min(take.values.size(), static_cast<std::size_t>(std::max(0.0, start_s) * take.rate_Hz));
    const auto count = std::min(take.values.size() - from, static_cast<std::size_t>(replayed_s * take.rate_Hz));
    std::vector<float> piece(take.values.begin() + static_cast<std::ptrdiff_t>(from),
                             take.values.begin() + static_cast<std::ptrdiff_t>(from + count));
    const double fade = fade_s * take.rate_Hz;
    for (std::size_t i = 0; i < piece.size(); ++i) {
        const double near = static_cast<double>(std::min(i, piece.size() - 1 - i));
        piece[i] *= static_cast<float>(std::min(1.0, near / fade));
    }
    return piece;
}

} // namespace

std::vector<BeforeAfter> aroundLastCut(const Workbook& book)
{
    const std::size_t last = book.shapes().size() - 1;
    if (last == 0)
        return {};
    std::map<FingeringId, EntryId> before;
    std::map<FingeringId, EntryId> after;
    for (const PlacedReading& r : book.readings()) {
        if (!r.reading->hasTake)
            continue;
        if (r.shape == last)
            after[r.reading->fingering] = r.entry->id;
        else
            before[r.reading->fingering] = r.entry->id; // the newest of them stays
    }
    std::vector<BeforeAfter> pairs;
    for (const Fingering& f : book.present().spec().fingerings)
        if (before.contains(f.id) && after.contains(f.id))
            pairs.push_back({f.id, before[f.id], after[f.id]});
    return pairs;
}

Result<Samples> replayed(const Workbook& book, const std::string& path, const std::vector<BeforeAfter>& pairs,
                         const Cancel& cancel)
{
    const auto recordings = DOWEL_TRY(Recordings::open(path));
    Samples all;
    all.values.clear();
    for (const BeforeAfter& p : pairs)
        for (const EntryId id : {p.before, p.after}) {
            if (cancel.requested())
                return Error{ErrorCode::Cancelled, "replay", {}};
            const Entry* entry = book.entry(id);
            const auto* reading = entry == nullptr ? nullptr : std::get_if<ReadingEntry>(&entry->body);
            const auto flac = DOWEL_TRY(recordings.take(id));
            const auto take = DOWEL_TRY(io::samplesOfFlac(flac));
            if (all.values.empty())
                all.rate_Hz = take.rate_Hz;
            if (reading == nullptr || take.rate_Hz != all.rate_Hz)
                continue;
            const auto piece = pieceOf(take, *reading);
            all.values.insert(all.values.end(), piece.begin(), piece.end());
            const double rest = id == p.before ? rest_s : longRest_s;
            all.values.insert(all.values.end(), static_cast<std::size_t>(rest * all.rate_Hz), 0.0F);
        }
    if (all.values.empty())
        return Error{ErrorCode::BadValue, "replay", FactId::NoNoteAroundCut};
    return all;
}

} // namespace dowel::session
