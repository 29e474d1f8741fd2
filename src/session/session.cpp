// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/session.h"

#include "core/acoustics/model.h"
#include "core/base/breath.h"
#include "core/base/number_text.h"
#include "core/base/ratio.h"
#include "core/base/stamp.h"
#include "core/base/statistics.h"
#include "core/fit/fit.h"
#include "core/hearing/analyse.h"
#include "core/tuning/pitch.h"
#include "io/audio_file.h"
#include "io/calendar.h"

#include <algorithm>
#include <chrono>
#include <cmath>

namespace dowel::session {

namespace {

// Before anything is known an instrument may stand this far from the published formulas; once its common shift is known,
// a note further off than this is another one.
constexpr double firstWindow_cents = 300.0;
constexpr double laterWindow_cents = 150.0;
constexpr std::size_t enoughReadings = 3;

/// As the fit has it before anything is heard: another strength of the holes' hearing each other, and a forked fingering's second
/// register may be another resonance.
acoustics::Calibration beforeHearing(const Instrument& shape, Temperature room)
{
    acoustics::Calibration c = acoustics::calibrationOf(shape.spec().tuning);
    const Priors priors;
    c.kelvin = playedAir_K(room.kelvin(), priors.warmth);
    c.wallLossLog = priors.wallLossLog;
    c.neighbours = priors.neighbours;
    return c;
}

Result<std::vector<double>> published(const Instrument& shape, Temperature room)
{
    return acoustics::Model(acoustics::Shape::of(shape), beforeHearing(shape, room)).frequencies(queriesOf(shape));
}

/// A reed's cylinder and a stopped pipe have every other mode.
Modes modesOf(const Instrument& instrument)
{
    const auto* top = std::get_if<ClosedTop>(&instrument.spec().excitation);
    const bool odd = top != nullptr ? !top->lip && instrument.spec().foot == Foot::Open : instrument.spec().foot == Foot::Closed;
    return odd ? Modes::Odd : Modes::All;
}

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

Result<std::vector<Expectation>> expectations(const Workbook& book, Temperature room)
{
    const Instrument& shape = book.present();
    const auto now = DOWEL_TRY(published(shape, room));
    // Each fingering's holes in their first register, half-covered ones and all.
    auto firsts = queriesOf(shape);
    for (auto& q : firsts)
        q.registerNumber = 1;
    const acoustics::Model model(acoustics::Shape::of(shape), beforeHearing(shape, room));
    const auto low = model.frequencies(firsts);
    std::vector<Expectation> all;
    for (std::size_t i = 0; i < now.size(); ++i) {
        Expectation e{Hertz::fromHertz(now[i]), {}, Cents::fromCents(firstWindow_cents)};
        if (low) {
            e.firstRegister = Hertz::fromHertz((*low)[i]);
        } else { // one that does not sound there shall not hide the others
            const auto alone = model.frequencies(std::span(&firsts[i], 1));
            e.firstRegister = alone ? Hertz::fromHertz(alone->front()) : e.pitch;
        }
        all.push_back(e);
    }

    std::vector<double> shifts;
    std::size_t heardOn = book.shapes().size();
    std::vector<double> then;
    for (const PlacedReading& r : book.readings()) {
        if (r.shape != heardOn) {
            const auto p = published(book.shapes()[r.shape], r.reading->air);
            if (!p)
                continue;
            then = *p;
            heardOn = r.shape;
        }
        const auto note = shape.indexOf(r.reading->fingering);
        if (note)
            shifts.push_back(centsOver(r.reading->pitch.hertz(), then[*note]));
    }
    if (!shifts.empty()) {
        const double middle = median(shifts);
        const bool enough = shifts.size() >= enoughReadings;
        for (Expectation& e : all) {
            // A shift that one or two readings tell is believed as far as it goes, and the window stays wide.
            e.pitch =
                raisedBy(e.pitch, Cents::fromCents(enough ? middle : std::clamp(middle, -laterWindow_cents, laterWindow_cents)));
            if (enough)
                e.window = Cents::fromCents(laterWindow_cents);
        }
    }
    return all;
}

Result<Expectation> expectation(const Workbook& book, const FingeringId& fingering, Temperature room)
{
    const auto index = book.present().indexOf(fingering);
    if (!index)
        return Error{ErrorCode::UnknownName, "fingering", Fact::said(fingering.text)};
    const auto all = DOWEL_TRY(expectations(book, room));
    return all[*index];
}

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
Result<Analysis> analysed(const Samples& samples, std::optional<Hertz> firstRegister, const Cancel& cancel)
{
    if (samples.values.empty())
        return Error{ErrorCode::BadAudio, "take", FactId::NoSamples};
    Analysis analysis = analyse(samples, firstRegister, {}, cancel);
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
    r.note->registerNumber = registerOf(best->pitch, e->firstRegister, modesOf(book.present()));
    return r;
}

} // namespace

Result<ReadingEntry> readingFrom(const Workbook& book, const FingeringId& fingering, const Samples& samples, Temperature room,
                                 ReadingSource source, const Cancel& cancel)
{
    const auto e = DOWEL_TRY(expectation(book, fingering, room));
    const auto analysis = DOWEL_TRY(analysed(samples, e.firstRegister, cancel));
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
    const auto heard = DOWEL_TRY(analysed(samples, own != nullptr ? std::optional(own->firstRegister) : std::nullopt, cancel));
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

Result<CutEntry> ownCutEntry(const Workbook& book, const Cut& cut)
{
    const auto from = presentSize(book.present(), cut);
    if (!from)
        return holeOf(cut) ? Error{ErrorCode::UnknownName, "hole", Fact::said(holeOf(cut)->text)}
                           : Error{ErrorCode::BadValue, std::string(factsOf(cut).word), FactId::NothingOfThatKind};
    return CutEntry{cut, *from, {}, {}};
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
