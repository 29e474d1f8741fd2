// SPDX-License-Identifier: GPL-3.0-or-later
// What a maker does at the bench, as operations on a workbook, the same for the window and the command line: take a
// reading from samples, record a cut, blow the practice blank.
#pragma once

#include "core/base/cancel.h"
#include "core/forecast/forecast.h"
#include "core/hearing/take.h"
#include "core/record/workbook.h"
#include "io/record_json.h"
#include "player/player.h"
#include "store/shop_memory.h"
#include "store/store.h"

namespace dowel::session {

/// Where a fingering is expected to sound now, at a room temperature: the model as published, shifted by what the
/// readings so far have in common. window: how far off is still this note.
struct Expectation
{
    Hertz pitch;
    Hertz firstRegister; ///< of the same holes
    Cents window;
};
/// All fingerings', in the instrument's order. Errors: OutOfModelRange.
[[nodiscard]] Result<std::vector<Expectation>> expectations(const Workbook& book, Temperature room);
/// Errors: UnknownName, OutOfModelRange.
[[nodiscard]] Result<Expectation> expectation(const Workbook& book, const FingeringId& fingering, Temperature room);

/// Samples become a reading of the asked fingering. Errors: UnknownName, BadAudio (no samples), NoSteadyTone (facts = why),
/// WrongNote (facts = what sounds instead), Cancelled.
[[nodiscard]] Result<ReadingEntry> readingFrom(const Workbook& book, const FingeringId& fingering, const Samples& samples,
                                               Temperature room, ReadingSource source, const Cancel& cancel = {});
/// Readings made elsewhere as entries, each checked against what its fingering can sound. Errors: those of
/// Workbook::checkNew() and WrongNote, where = the reading's place; BadValue (more than a session can be).
[[nodiscard]] Result<std::vector<Store::NewEntry>> readingsOf(const Workbook& book, const io::NumberSession& numbers);
/// The entry to store for a reading and its recording. Errors: BadAudio.
[[nodiscard]] Result<Store::NewEntry> withTake(ReadingEntry reading, const Samples& samples);

/// Samples as the asked fingering's reading with its recording. Errors: those of readingFrom() and withTake().
[[nodiscard]] Result<Store::NewEntry> takeOf(const Workbook& book, const FingeringId& fingering, const Samples& samples,
                                             Temperature room, ReadingSource source, const Cancel& cancel = {});
/// The same, kept; durable on return. Errors: those of takeOf() and Store::append().
[[nodiscard]] Result<EntryId> keepTake(Store& store, const FingeringId& fingering, const Samples& samples, Temperature room,
                                       ReadingSource source, const Cancel& cancel = {});

/// What a cut does to every note, by what is known of the instrument now; empty where the model does not go so far.
[[nodiscard]] std::vector<NoteForecast> forecastOf(const Forecaster& forecaster, const Instrument& present, const Cut& cut);

/// What a recording of one or several notes gives: an entry a note, each with its part of the sound.
struct Sorted
{
    std::vector<Store::NewEntry> entries;
    std::vector<FingeringId> fingerings; ///< of the entries
    int strangers = 0;                   ///< notes that are none of this instrument's
};
/// named: the fingering that the file's name or the question tells; one note is read as that. Several notes, or one that
/// nobody named, go to the fingerings that they are nearest to. Errors: those of readingFrom() where one note was named,
/// BadAudio, NoSteadyTone, Cancelled.
[[nodiscard]] Result<Sorted> sortedOut(const Workbook& book, const std::optional<FingeringId>& named, const Samples& samples,
                                       Temperature room, ReadingSource source, const Cancel& cancel = {});

/// Notes heard more than once on the present shape that have all moved the same way.
struct Warming
{
    Cents moved; ///< median, sharp where positive
    Seconds over;
};
/// Nothing unless three fingerings at least were heard again two minutes or more later and moved by three cents or more.
[[nodiscard]] std::optional<Warming> warmingOf(const Workbook& book);

/// A cut with what the newest advice said of it. Errors: UnknownName where the instrument has no such thing.
[[nodiscard]] Result<CutEntry> cutEntry(const Workbook& book, const Cut& cut);
/// A cut that nobody advised, whatever the plan has in mind for the same place: no forecast is held to it. Errors as cutEntry().
[[nodiscard]] Result<CutEntry> ownCutEntry(const Workbook& book, const Cut& cut);

/// The room temperature of the newest reading, else that of the practice blank, else the tuning's.
[[nodiscard]] Temperature roomOf(const Workbook& book);
/// The player of a practice blank.
[[nodiscard]] std::optional<player::SimulatedPlayer> playerOf(const Workbook& book);

/// Puts what a workbook's own readings say about the shop into its memory, once every note has been heard. Errors: those
/// of fit() and ShopMemory::remember().
/// advised: what the advice was worked out with. It is what is remembered where nothing was known beforehand; else the workbook
/// is fitted once more without the memory's own priors, so that nothing is counted twice, and only once every note was heard.
[[nodiscard]] Status remember(ShopMemory& memory, const Store& store, const Posterior& advised, const Cancel& cancel = {});

} // namespace dowel::session
