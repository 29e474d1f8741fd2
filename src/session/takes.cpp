// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/takes.h"

#include "core/base/ratio.h"
#include "core/tuning/pitch.h"
#include "io/audio_file.h"
#include "session/expectation.h"
#include "session/plausible.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

namespace {

Fact heardExpected(Hertz pitch, const Expectation& expected, Hertz a4)
{
    const auto tenths = [](Hertz f) {
        return Hertz::fromHertz(std::round(f.hertz() * 10.0) / 10.0);
    };
    return {FactId::HeardExpected, tenths(pitch), nearestNote(pitch, a4).name, tenths(expected.pitch),
            nearestNote(expected.pitch, a4).name};
}

Fact factOf(RejectedSound::Reason reason)
{
    switch (reason) {
    case RejectedSound::Reason::Silence: return FactId::Silence;
    case RejectedSound::Reason::NoSteadyTone: return FactId::NoSteadyTone;
    case RejectedSound::Reason::TooShort: return FactId::TooShort;
    case RejectedSound::Reason::BadSamples: return FactId::NotNumbers;
    }
    return FactId::NoSteadyTone;
}

} // namespace

Result<std::vector<Store::NewEntry>> readingsOf(const Workbook& book, const io::NumberSession& numbers)
{
    constexpr std::size_t most = 5000;
    if (numbers.readings.size() > most)
        return Error{ErrorCode::BadValue, "/readings", {FactId::ReadingsAtMost, numbers.readings.size(), most}};
    DOWEL_TRY(checkRoom(numbers.air));
    const auto all = DOWEL_TRY(expectations(book, numbers.air));
    std::vector<Store::NewEntry> entries;
    for (std::size_t i = 0; i < numbers.readings.size(); ++i) {
        const auto& one = numbers.readings[i];
        const auto at = [&](const Error& error) {
            return Error{error.code, "/readings/" + std::to_string(i) + "/" + error.where, error.fact};
        };
        ReadingEntry r;
        r.fingering = one.fingering;
        r.pitch = one.pitch;
        r.sd = one.sd;
        r.air = numbers.air;
        if (auto ok = book.checkNew(r); !ok)
            return at(ok.error());
        const auto index = book.present().indexOf(one.fingering);
        const Expectation& e = all[*index];
        if (std::abs(centsBetween(one.pitch, e.pitch).cents()) > e.window.cents())
            return at({ErrorCode::WrongNote, one.fingering.text, heardExpected(one.pitch, e, book.present().spec().tuning.a4)});
        entries.push_back({std::move(r), {}});
    }
    return entries;
}

namespace {

/// Errors: BadAudio, NoSteadyTone, Cancelled.
Result<Analysis> analysed(const Samples& samples, std::optional<Hertz> firstRegister, Modes modes, const Cancel& cancel)
{
    if (samples.values.empty())
        return Error{ErrorCode::BadAudio, "take", FactId::NoSamples};
    HearingOptions options;
    options.modes = modes;
    Analysis analysis = analyse(samples, firstRegister, options, cancel);
    if (cancel.requested())
        return Error{ErrorCode::Cancelled, "take", {}};
    if (analysis.notes.empty())
        return Error{ErrorCode::NoSteadyTone, "take",
                     analysis.rejected.empty() ? Fact(FactId::Silence) : factOf(analysis.rejected.front().reason)};
    return analysis;
}

/// Of what was heard in a take the fingering's own note. Errors: WrongNote.
Result<ReadingEntry> readingOf(const Workbook& book, const FingeringId& fingering, const Expectation& expected,
                               const Analysis& analysis, Temperature room, ReadingSource source)
{
    const Expectation* e = &expected;
    // Of several notes in one take the longest that can be this fingering's counts.
    const HeardNote* best = nullptr;
    for (const HeardNote& n : analysis.notes) {
        const bool fits = std::abs(centsBetween(n.pitch, e->pitch).cents()) <= e->window.cents();
        if (fits && (best == nullptr || n.end - n.start > best->end - best->start))
            best = &n;
    }
    if (best == nullptr)
        return Error{ErrorCode::WrongNote, fingering.text,
                     heardExpected(analysis.notes.front().pitch, *e, book.present().spec().tuning.a4)};
    ReadingEntry r;
    r.fingering = fingering;
    r.pitch = best->pitch;
    r.sd = best->sd;
    r.air = room;
    r.source = source;
    r.note = *best;
    return r;
}

} // namespace

Result<ReadingEntry> readingFrom(const Workbook& book, const FingeringId& fingering, const Samples& samples, Temperature room,
                                 ReadingSource source, const Cancel& cancel)
{
    const auto e = DOWEL_TRY(expectation(book, fingering, room));
    const auto analysis = DOWEL_TRY(analysed(samples, e.firstRegister, modesOf(book.present()), cancel));
    return readingOf(book, fingering, e, analysis, room, source);
}

namespace {

/// A recording as a workbook keeps it. Errors: BadAudio.
Result<Store::Flac> keptSound(const Samples& samples)
{
    auto flac = io::flacOf(samples);
    if (flac && flac->size() > Store::longestTake_bytes)
        return Error{ErrorCode::BadAudio, "take", FactId::TakeTooLong};
    return flac;
}

} // namespace

Result<Store::NewEntry> withTake(ReadingEntry reading, const Samples& samples)
{
    auto flac = DOWEL_TRY(keptSound(samples));
    reading.hasTake = true;
    return Store::NewEntry{std::move(reading), std::move(flac)};
}

Result<Sorted> sortedOut(const Workbook& book, const std::optional<FingeringId>& named, const Samples& samples, Temperature room,
                         ReadingSource source, const Cancel& cancel)
{
    const auto expected = DOWEL_TRY(expectations(book, room));
    const Expectation* own = nullptr;
    if (named) {
        const auto at = book.present().indexOf(*named);
        if (!at)
            return Error{ErrorCode::UnknownName, "fingering", Fact::said(named->text)};
        own = &expected[*at];
    }
    const auto heard = DOWEL_TRY(
        analysed(samples, own != nullptr ? std::optional(own->firstRegister) : std::nullopt, modesOf(book.present()), cancel));
    const Analysis& analysis = heard;
    Sorted sorted;
    if (own != nullptr && analysis.notes.size() == 1) {
        auto reading = DOWEL_TRY(readingOf(book, *named, *own, analysis, room, source));
        auto entry = DOWEL_TRY(withTake(std::move(reading), samples));
        sorted.entries.push_back(std::move(entry));
        sorted.fingerings.push_back(*named);
        return sorted;
    }
    const auto& fingerings = book.present().spec().fingerings;
    constexpr double around_s = 0.3; // kept of the sound on both sides
    for (const HeardNote& n : analysis.notes) {
        std::size_t best = 0;
        const auto off = [&](std::size_t i) {
            return std::abs(centsBetween(n.pitch, expected[i].pitch).cents());
        };
        for (std::size_t i = 1; i < expected.size(); ++i)
            if (off(i) < off(best))
                best = i;
        if (expected.empty() || off(best) > expected[best].window.cents()) {
            ++sorted.strangers;
            continue;
        }
        const double from_s = std::max(0.0, n.start.seconds() - around_s);
        const double to_s = std::min(samples.duration().seconds(), n.end.seconds() + around_s);
        Samples part;
        part.rate_Hz = samples.rate_Hz;
        const auto at = [&](double s) {
            return samples.values.begin() + static_cast<std::ptrdiff_t>(s * samples.rate_Hz);
        };
        part.values.assign(at(from_s), at(to_s));
        ReadingEntry r;
        r.fingering = fingerings[best].id;
        r.pitch = n.pitch;
        r.sd = n.sd;
        r.air = room;
        r.source = source;
        r.note = n;
        r.note->start = n.start - Seconds::fromSeconds(from_s);
        r.note->end = n.end - Seconds::fromSeconds(from_s);
        r.note->registerNumber = registerOf(n.pitch, expected[best].firstRegister, modesOf(book.present()));
        auto entry = DOWEL_TRY(withTake(std::move(r), part));
        sorted.entries.push_back(std::move(entry));
        sorted.fingerings.push_back(fingerings[best].id);
    }
    return sorted;
}

Result<Store::NewEntry> takeOf(const Workbook& book, const FingeringId& fingering, const Samples& samples, Temperature room,
                               ReadingSource source, const Cancel& cancel)
{
    auto flac = keptSound(samples); // first: what cannot be kept need not be listened to
    if (!flac)
        return flac.error();
    auto reading = DOWEL_TRY(readingFrom(book, fingering, samples, room, source, cancel));
    reading.hasTake = true;
    return Store::NewEntry{std::move(reading), std::move(*flac)};
}

Result<EntryId> keepTake(Store& store, const FingeringId& fingering, const Samples& samples, Temperature room,
                         ReadingSource source, const Cancel& cancel)
{
    auto entry = DOWEL_TRY(takeOf(store.book(), fingering, samples, room, source, cancel));
    return store.append(std::move(entry.body), std::move(entry.take));
}

} // namespace dowel::session
