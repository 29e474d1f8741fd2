// SPDX-License-Identifier: GPL-3.0-or-later
// From samples and from numbers to readings as the record keeps them, the same for the window and the command line.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/take.h"
#include "core/record/workbook.h"
#include "io/record_json.h"
#include "store/store.h"

#include <optional>
#include <vector>

namespace dowel::session {

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

} // namespace dowel::session
