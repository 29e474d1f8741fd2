// SPDX-License-Identifier: GPL-3.0-or-later
// The workbook as a value: the instrument as specified and an append-only list of what was heard, cut and advised.
// Nothing is overwritten; a correction is an entry that sets an earlier one aside.
#pragma once

#include "core/base/cancel.h"
#include "core/record/advice.h"
#include "core/record/entries/amend.h"
#include "core/record/entries/built.h"
#include "core/record/entries/cut.h"
#include "core/record/entries/finish.h"
#include "core/record/entries/measure.h"
#include "core/record/entries/note.h"
#include "core/record/entries/pattern.h"
#include "core/record/entries/photo.h"
#include "core/record/entries/plan.h"
#include "core/record/entries/practice.h"
#include "core/record/entries/reading.h"
#include "core/record/entries/set_aside.h"
#include "core/record/entries/strategy.h"

#include <optional>
#include <set>
#include <string>
#include <variant>
#include <vector>

namespace dowel {

/// Every kind there is.
using EntryBody = std::variant<ReadingEntry, CutEntry, Advice, SetAsideEntry, PracticeEntry, NoteEntry, MeasureEntry,
                               StrategyEntry, AmendEntry, PlanEntry, BuiltEntry, FinishEntry, PhotoEntry, PatternEntry>;

/// What its kind says of itself.
[[nodiscard]] const EntryFacts& factsOf(const EntryBody& body);
/// Calls with the type of each kind of entry once: each.template operator()<Kind>().
template <class Each> void forEachEntryKind(Each each)
{
    [&]<class... Kinds>(const std::variant<Kinds...>*) {
        (each.template operator()<Kinds>(), ...);
    }(static_cast<const EntryBody*>(nullptr));
}

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
    /// The first version of workbooks that knows such an entry.
    [[nodiscard]] int versionFor(const EntryBody& body) const;
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
