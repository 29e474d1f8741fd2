// SPDX-License-Identifier: GPL-3.0-or-later
// The workbook as a value: the instrument as specified and an append-only list of what was heard, cut and advised.
// Nothing is overwritten; a correction is an entry that sets an earlier one aside.
#pragma once

#include "core/base/cancel.h"
#include "core/hearing/take.h"
#include "core/instrument/cut.h"
#include "core/instrument/instrument.h"
#include "core/record/advice.h"

#include <array>
#include <cstdint>
#include <optional>
#include <set>
#include <string>
#include <variant>
#include <vector>

namespace dowel {

/// Number of an entry; they count up from 1 and are never used twice.
struct EntryId
{
    std::int64_t number = 0;
    friend auto operator<=>(const EntryId&, const EntryId&) = default;
};

enum class ReadingSource { Player, File, Microphone, Numbers };
[[nodiscard]] std::string_view sourceName(ReadingSource source);
[[nodiscard]] std::optional<ReadingSource> sourceFromName(std::string_view name);

struct ReadingEntry
{
    FingeringId fingering;
    Hertz pitch;
    Cents sd;
    Temperature air; ///< of the room
    ReadingSource source = ReadingSource::Numbers;
    std::optional<HeardNote> note; ///< where it comes from samples
    bool hasTake = false;          ///< the recording is kept beside the entry
};

struct CutEntry
{
    Cut cut; ///< with the size that the calipers say
    Metres from;
    std::optional<Metres> advised;      ///< where it followed advice
    std::vector<NoteForecast> forecast; ///< what the advice expected
};

/// An entry counts no more; where it is one of these itself, what that set aside counts again.
struct SetAsideEntry
{
    EntryId entry;
    std::string why;
};

/// The instrument is a practice blank; the simulated player blows it.
struct PracticeEntry
{
    std::uint64_t seed = 1;
    Temperature room;
    double noise_dB = 24.0;
    bool ownFirst = false; ///< the maker cuts by his own head first, then hears what the advice would have been
};

/// Work done or seen that no number is kept of: a drilling step, a word about the wood.
struct NoteEntry
{
    std::string text;
};

/// A size measured again: what the record had was wrong ever since it was last written down, by a cut or at the start.
struct MeasureEntry
{
    std::optional<HoleId> hole; ///< its diameter; nothing: the tube's length
    Metres size;
};

/// From here on the plan goes about it so.
struct StrategyEntry
{
    TuningStrategy strategy;
};

/// What the instrument is to sound: the whole of it, so that an entry says by itself what was wanted from there on.
struct Wanted
{
    Tuning tuning;
    std::vector<Fingering> fingerings;
};

/// Something else is wanted or known from here on, or the instrument is called otherwise. What is not there stays as it was.
struct AmendEntry
{
    std::optional<Wanted> wanted;
    std::optional<std::string> name;
    std::optional<std::string> material;
    std::optional<std::vector<Node>> nodes;
    std::optional<Tools> tools;
    std::optional<Limits> limits;
    /// Measured again: bore, mouth, wall, holes and joints as they were when what is there was first written down, the whole
    /// of it. Of the rest of it nothing is taken.
    std::optional<InstrumentSpec> there;

    /// Whether advice that was given before may be another one now.
    [[nodiscard]] bool bearsOnAdvice() const { return wanted || tools || limits || there; }
};

/// The design as it was kept: blank, target, wishes and the row laid out from them.
struct PlanEntry
{
    std::string plan; ///< JSON, as io/plan_json writes it
};

/// How the instrument is finished, the whole plan with what is done of it so far.
struct FinishEntry
{
    std::string finish; ///< JSON, as io/finish_json writes it
};

/// From here on this is what is there: drilled as laid out, or measured whole. What was heard and cut before stays in the
/// record and counts no more.
struct BuiltEntry
{
    Instrument built;
};

/// A photograph; its small copy is kept beside the entry, as a recording is beside a reading.
struct PhotoEntry
{
    std::string words; ///< what it shows; may be empty
};

/// What the notes are to sound like from here on: one note of this instrument, or a good instrument as it was heard, note by
/// note. Neither: like nothing in particular again.
struct PatternEntry
{
    struct Note
    {
        FingeringId id;
        std::array<std::optional<double>, 6> value{}; ///< as NoteTimbre has them
        std::vector<double> partials_dB{};
    };
    std::optional<FingeringId> alike;
    std::string from{}; ///< the other instrument's name
    std::vector<Note> notes{};
};

using EntryBody = std::variant<ReadingEntry, CutEntry, Advice, SetAsideEntry, PracticeEntry, NoteEntry, MeasureEntry,
                               StrategyEntry, AmendEntry, PlanEntry, BuiltEntry, FinishEntry, PhotoEntry, PatternEntry>;

struct Entry
{
    EntryId id;
    std::string at; ///< ISO 8601, UTC
    EntryBody body;
};

/// A reading together with the shape of the instrument when it was taken.
struct PlacedReading
{
    const Entry* entry = nullptr;
    const ReadingEntry* reading = nullptr;
    std::size_t shape = 0; ///< index into Workbook::shapes()
};

class Workbook
{
public:
    explicit Workbook(Instrument specified);

    /// Appends one entry. Errors: UnknownName (fingering, hole or entry that is not there), NotRemovable and BadGeometry
    /// from a cut, or from what a size measured again makes of later cuts; nothing is changed then.
    [[nodiscard]] Status append(Entry entry);
    /// All entries of a record as it was kept, in time that grows with their number: what each does to the shape is worked out
    /// once at the end, and not for every earlier state again. Errors: Damaged (where = entry), Cancelled; the workbook is of no
    /// use then.
    [[nodiscard]] Status replay(std::vector<Entry> entries, const Cancel& cancel = {});
    /// What append() would say, without doing it.
    [[nodiscard]] Status check(const EntryBody& body) const;
    /// The same for what is entered now, with bounds that older records need not keep.
    [[nodiscard]] Status checkNew(const EntryBody& body) const;

    /// As specified or last built, with what was measured again and what is wanted now.
    [[nodiscard]] const Instrument& specified() const { return m_shapes.front(); }
    [[nodiscard]] const Instrument& present() const { return m_shapes.back(); }
    /// What was first there, before any single size was measured again: what AmendEntry::there is the newer account of.
    [[nodiscard]] Instrument firstThere() const;
    /// The instrument after each cut that stands, from the specified or last built one on.
    [[nodiscard]] const std::vector<Instrument>& shapes() const { return m_shapes; }
    [[nodiscard]] const std::vector<Entry>& entries() const { return m_entries; }
    [[nodiscard]] EntryId nextId() const;
    [[nodiscard]] bool isSetAside(EntryId id) const;
    /// The entry by its number; nullptr where there is none.
    [[nodiscard]] const Entry* entry(EntryId id) const;
    /// What was set aside last and can come back: the entry that set it aside, with nothing heard, cut or changed since.
    [[nodiscard]] const Entry* lastSetAside() const;
    /// Readings that stand since it was last built, in order, each with the shape it was taken on. Those of fingerings that are
    /// wanted no longer, or that closed other holes then, are left out: they stay in the record and count again when such a
    /// fingering does.
    [[nodiscard]] std::vector<PlacedReading> readings() const;
    /// Entries of cuts that stand since it was last built, in order; the i-th leads from shapes()[i] to shapes()[i + 1].
    [[nodiscard]] std::vector<const Entry*> cuts() const;
    /// Whether the present size of a hole, or the tube's length, has been measured again since it was written down.
    [[nodiscard]] bool measuredAgain(const std::optional<HoleId>& hole) const;
    /// Nothing where something else is wanted or there since.
    [[nodiscard]] const Advice* latestAdvice() const;
    /// The design as last kept; nothing where there is none.
    [[nodiscard]] const std::string* plan() const;
    /// How it is finished, as last kept; nothing where there is none. changes: how often it was kept.
    [[nodiscard]] const std::string* finish() const;
    [[nodiscard]] int finishChanges() const;
    /// What the notes are to sound like; nullptr where nothing is said.
    [[nodiscard]] const PatternEntry* pattern() const;
    /// Whether there is anything to hear: a bare tube has no fingerings yet.
    [[nodiscard]] bool sounds() const { return !present().spec().fingerings.empty(); }
    /// What was wanted when an entry was made.
    [[nodiscard]] const std::vector<Fingering>& fingeringsAt(EntryId id) const;
    /// As last chosen.
    [[nodiscard]] TuningStrategy strategy() const;
    [[nodiscard]] std::optional<PracticeEntry> practice() const;

private:
    /// The shapes by all entries that stand, without one or with one more.
    [[nodiscard]] Result<std::vector<Instrument>> shapesBy(std::optional<EntryId> without, const EntryBody* more) const;
    /// The place among the entries after which what was built last counts; nothing where only the original does.
    [[nodiscard]] std::optional<std::size_t> lastBuilt(std::optional<EntryId> without) const;
    /// The original or what was built last, wanted and called as the entries that stand have it.
    [[nodiscard]] Result<Instrument> amended(std::optional<EntryId> without, const EntryBody* more) const;
    /// The place among the entries where a size was last written down; nothing: at the start.
    [[nodiscard]] std::optional<std::size_t> writtenDown(const std::optional<HoleId>& hole, std::size_t before,
                                                         std::optional<EntryId> without) const;
    /// Whether there is something to set aside. Errors: UnknownName.
    [[nodiscard]] Status checkTarget(const SetAsideEntry& s) const;
    /// Sets aside, or brings back where that was set aside.
    void set(EntryId target);
    Instrument m_original;
    std::vector<Entry> m_entries;
    std::vector<Instrument> m_shapes;
    std::set<EntryId> m_setAside;
};

/// Whether anybody tunes in a room of that temperature, in Celsius and not in Fahrenheit. Errors: BadValue.
[[nodiscard]] Status checkRoom(Temperature air);

} // namespace dowel
