// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/record/workbook.h"

#include "core/base/cases.h"

#include <algorithm>
#include <map>
#include <utility>

namespace dowel {

namespace {

template <class> constexpr bool allKinds = false;
template <EntryKind... Kinds> constexpr bool allKinds<std::variant<Kinds...>> = true;
static_assert(allKinds<EntryBody>, "every kind says what EntryKind asks for");

} // namespace

Workbook::Workbook(Instrument specified) : m_original(specified)
{
    m_shapes.push_back(std::move(specified));
}

EntryId Workbook::nextId() const
{
    return {m_entries.empty() ? 1 : m_entries.back().id.number + 1};
}

bool Workbook::isSetAside(EntryId id) const
{
    return m_setAside.count(id) > 0;
}

const Entry* Workbook::entry(EntryId id) const
{
    // Numbers rise; they are not always without gaps.
    const auto it = std::lower_bound(m_entries.begin(), m_entries.end(), id, [](const Entry& e, EntryId n) { return e.id < n; });
    return it == m_entries.end() || it->id != id ? nullptr : &*it;
}

void Workbook::set(EntryId target)
{
    if (const auto* undone = std::get_if<SetAsideEntry>(&entry(target)->body))
        m_setAside.erase(undone->entry);
    m_setAside.insert(target);
}

const Entry* Workbook::lastSetAside() const
{
    for (auto it = m_entries.rbegin(); it != m_entries.rend(); ++it) {
        if (std::holds_alternative<Advice>(it->body) || isSetAside(it->id))
            continue;
        const auto* s = std::get_if<SetAsideEntry>(&it->body);
        if (s == nullptr)
            return nullptr;
        if (!std::holds_alternative<SetAsideEntry>(entry(s->entry)->body))
            return &*it;
    }
    return nullptr;
}

namespace {

/// Whether a cut writes down the size that a measurement is of.
bool writes(const Cut& cut, const std::optional<HoleId>& hole)
{
    if (!hole)
        return factsOf(cut).movesTheEnd;
    return (std::holds_alternative<Enlarge>(cut) || std::holds_alternative<Fill>(cut)) && holeOf(cut) == hole;
}

/// The specification with another size from the start. An undercut stays as much wider than its hole.
Result<Instrument> corrected(const Instrument& from, const std::optional<HoleId>& hole, Metres size)
{
    InstrumentSpec spec = from.spec();
    if (!hole) {
        spec.bore.back().at = size;
        return Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
    }
    for (Hole& h : spec.holes)
        if (h.id == *hole) {
            h.undercutDiameter = h.undercutDiameter + (size - h.diameter);
            h.diameter = size;
        }
    return Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
}

} // namespace

std::optional<std::size_t> Workbook::lastBuilt(std::optional<EntryId> without) const
{
    for (std::size_t i = m_entries.size(); i-- > 0;)
        if (const Entry& e = m_entries[i]; std::holds_alternative<BuiltEntry>(e.body) && !isSetAside(e.id) && e.id != without)
            return i;
    return std::nullopt;
}

std::optional<std::size_t> Workbook::writtenDown(const std::optional<HoleId>& hole, std::size_t before,
                                                 std::optional<EntryId> without) const
{
    const std::size_t first = lastBuilt(without).value_or(0);
    for (std::size_t i = before; i-- > first;) {
        const Entry& e = m_entries[i];
        const auto* cut = std::get_if<CutEntry>(&e.body);
        if (cut != nullptr && !isSetAside(e.id) && e.id != without && writes(cut->cut, hole))
            return i;
    }
    return std::nullopt;
}

Result<Instrument> Workbook::amended(std::optional<EntryId> without, const EntryBody* more) const
{
    if (const auto* built = more == nullptr ? nullptr : std::get_if<BuiltEntry>(more))
        return built->built;
    const auto base = lastBuilt(without);
    const Instrument& there = base ? std::get<BuiltEntry>(m_entries[*base].body).built : m_original;
    InstrumentSpec spec = there.spec();
    bool changed = false;
    const auto take = [&](const EntryBody& body) {
        const auto* a = std::get_if<AmendEntry>(&body);
        if (a == nullptr)
            return;
        changed = true;
        if (a->wanted) {
            spec.tuning = a->wanted->tuning;
            spec.fingerings = a->wanted->fingerings;
        }
        if (a->there) {
            spec.excitation = a->there->excitation;
            spec.bore = a->there->bore;
            spec.wall = a->there->wall;
            spec.holes = a->there->holes;
            spec.slides = a->there->slides;
        }
        if (a->name)
            spec.name = *a->name;
        if (a->material)
            spec.material = *a->material;
        if (a->nodes)
            spec.nodes = *a->nodes;
        if (a->tools)
            spec.tools = *a->tools;
        if (a->limits)
            spec.limits = *a->limits;
    };
    for (std::size_t i = base.value_or(0); i < m_entries.size(); ++i)
        if (const Entry& e = m_entries[i]; !isSetAside(e.id) && e.id != without)
            take(e.body);
    if (more != nullptr)
        take(*more);
    return changed ? Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet) : Result<Instrument>(there);
}

Instrument Workbook::firstThere() const
{
    return amended({}, nullptr).value();
}

Result<std::vector<Instrument>> Workbook::shapesBy(std::optional<EntryId> without, const EntryBody* more) const
{
    Result<Instrument> start = amended(without, more);
    if (start && more != nullptr && std::holds_alternative<BuiltEntry>(*more))
        return std::vector<Instrument>{std::move(*start)};
    const std::size_t first = lastBuilt(without).value_or(0);
    // Once from the front: where each size was last written down before it was measured again.
    std::map<std::optional<HoleId>, std::size_t> written;
    std::vector<std::optional<Metres>> instead(m_entries.size());
    const auto measured = [&](const MeasureEntry& m) {
        const auto place = written.find(m.hole);
        if (place != written.end())
            instead[place->second] = m.size;
        else if (start)
            start = corrected(*start, m.hole, m.size);
    };
    const auto stands = [&](const Entry& e) {
        return !isSetAside(e.id) && e.id != without;
    };
    for (std::size_t i = first; i < m_entries.size(); ++i) {
        const Entry& e = m_entries[i];
        if (const auto* m = std::get_if<MeasureEntry>(&e.body); m != nullptr && stands(e)) {
            measured(*m);
        } else if (const auto* cut = std::get_if<CutEntry>(&e.body); cut != nullptr && stands(e)) {
            if (factsOf(cut->cut).movesTheEnd)
                written[std::nullopt] = i;
            if (const auto hole = holeOf(cut->cut); hole && writes(cut->cut, hole))
                written[hole] = i;
        }
    }
    if (const auto* m = more == nullptr ? nullptr : std::get_if<MeasureEntry>(more))
        measured(*m);
    if (!start)
        return start.error();
    std::vector<Instrument> shapes{std::move(*start)};
    for (std::size_t i = first; i < m_entries.size(); ++i) {
        const Entry& e = m_entries[i];
        const auto* cut = std::get_if<CutEntry>(&e.body);
        if (cut == nullptr || !stands(e))
            continue;
        auto next = DOWEL_TRY(applied(shapes.back(), instead[i] ? withSize(cut->cut, *instead[i]) : cut->cut));
        shapes.push_back(std::move(next));
    }
    return shapes;
}

bool Workbook::measuredAgain(const std::optional<HoleId>& hole) const
{
    const std::size_t since = writtenDown(hole, m_entries.size(), {}).value_or(lastBuilt({}).value_or(0));
    return std::any_of(m_entries.begin() + static_cast<std::ptrdiff_t>(since), m_entries.end(), [&](const Entry& e) {
        const auto* m = std::get_if<MeasureEntry>(&e.body);
        return m != nullptr && m->hole == hole && !isSetAside(e.id);
    });
}

Status checkRoom(Temperature air)
{
    // No room where one tunes is hotter, and 46 to 60 would be Fahrenheit.
    constexpr double coldest_C = -20.0;
    constexpr double hottest_C = 45.0;
    if (!(air.celsius() >= coldest_C && air.celsius() <= hottest_C))
        return Error{ErrorCode::BadValue,
                     "celsius",
                     {FactId::WithinRoom, air, Temperature::fromCelsius(coldest_C), Temperature::fromCelsius(hottest_C)}};
    return Done{};
}

Status Workbook::checkNew(const EntryBody& body) const
{
    if (const auto* r = std::get_if<ReadingEntry>(&body))
        DOWEL_TRY(checkRoom(r->air));
    return check(body);
}

Status Workbook::checkTarget(const SetAsideEntry& s) const
{
    const Entry* target = entry(s.entry);
    const auto* undone = target == nullptr ? nullptr : std::get_if<SetAsideEntry>(&target->body);
    const bool again = undone != nullptr && std::holds_alternative<SetAsideEntry>(entry(undone->entry)->body);
    if (target == nullptr || isSetAside(s.entry) || again) // what was brought back is set aside itself, not its return
        return Error{ErrorCode::UnknownName, "entry", Fact::said(std::to_string(s.entry.number))};
    return Done{};
}

const EntryFacts& factsOf(const EntryBody& body)
{
    return std::visit([](const auto& e) -> const EntryFacts& { return e.facts; }, body);
}

int Workbook::versionFor(const EntryBody& body) const
{
    const auto* aside = std::get_if<SetAsideEntry>(&body);
    const Entry* target = aside == nullptr ? nullptr : entry(aside->entry);
    if (target != nullptr && std::holds_alternative<SetAsideEntry>(target->body))
        return 3; // brought back
    return std::visit([](const auto& e) { return e.since(); }, body);
}

Status Workbook::check(const EntryBody& body) const
{
    if (auto ok = std::visit([](const auto& e) { return e.checkAlone(); }, body); !ok)
        return ok;
    const auto possible = [](const auto& shapes) {
        return shapes ? Status(Done{}) : Status(shapes.error());
    };
    const auto unknown = [](const char* what, const std::string& name) {
        return Status(Error{ErrorCode::UnknownName, what, Fact::said(name)});
    };
    const auto fine = [] {
        return Status(Done{});
    };
    return std::visit(
        Cases{[&](const ReadingEntry& r) {
                  return specified().find(r.fingering) != nullptr ? fine() : unknown("fingering", r.fingering.text);
              },
              [&](const PatternEntry& p) {
                  return !p.alike || present().find(*p.alike) != nullptr ? fine() : unknown("fingering", p.alike->text);
              },
              [&](const CutEntry& c) { return possible(applied(present(), c.cut)); },
              [&](const SetAsideEntry& s) -> Status {
                  DOWEL_TRY(checkTarget(s));
                  if (!std::holds_alternative<SetAsideEntry>(entry(s.entry)->body))
                      return possible(shapesBy(s.entry, nullptr));
                  Workbook broughtBack = *this;
                  broughtBack.set(s.entry);
                  return possible(broughtBack.shapesBy({}, nullptr));
              },
              [&](const MeasureEntry& m) {
                  return m.hole && specified().find(*m.hole) == nullptr ? unknown("hole", m.hole->text)
                                                                        : possible(shapesBy({}, &body));
              },
              [&](const AmendEntry&) { return possible(shapesBy({}, &body)); }, [&](const Advice&) { return fine(); },
              [&](const PracticeEntry&) { return fine(); }, [&](const NoteEntry&) { return fine(); },
              [&](const StrategyEntry&) { return fine(); }, [&](const PlanEntry&) { return fine(); },
              [&](const BuiltEntry&) { return fine(); }, [&](const FinishEntry&) { return fine(); },
              [&](const PhotoEntry&) {
                  return fine();
              }},
        body);
}

Status Workbook::append(Entry entry)
{
    if (entry.id < nextId())
        return Error{ErrorCode::Damaged, "entry", {FactId::NumberTwice, entry.id.number}};
    DOWEL_TRY(check(entry.body));
    if (const auto* c = std::get_if<CutEntry>(&entry.body)) {
        m_shapes.push_back(std::move(applied(present(), c->cut)).value());
    } else if (const auto* s = std::get_if<SetAsideEntry>(&entry.body)) {
        set(s->entry);
        m_shapes = std::move(shapesBy({}, nullptr)).value();
    } else if (std::holds_alternative<MeasureEntry>(entry.body) || std::holds_alternative<AmendEntry>(entry.body) ||
               std::holds_alternative<BuiltEntry>(entry.body)) {
        m_shapes = std::move(shapesBy({}, &entry.body)).value();
    }
    m_entries.push_back(std::move(entry));
    return Done{};
}

namespace {

/// Every name that a fingering or a hole ever had, up to some entry.
class NamesKnown
{
public:
    explicit NamesKnown(const InstrumentSpec& spec) { add(spec.fingerings, spec.holes); }
    void pass(const EntryBody& body)
    {
        if (const auto* a = std::get_if<AmendEntry>(&body)) {
            add(a->wanted ? a->wanted->fingerings : std::vector<Fingering>(), a->there ? a->there->holes : std::vector<Hole>());
        } else if (const auto* b = std::get_if<BuiltEntry>(&body)) {
            add(b->built.spec().fingerings, b->built.spec().holes);
        }
    }
    /// Errors: UnknownName.
    [[nodiscard]] Status check(const EntryBody& body) const
    {
        if (const auto* r = std::get_if<ReadingEntry>(&body); r != nullptr && m_fingerings.count(r->fingering.text) == 0)
            return Error{ErrorCode::UnknownName, "fingering", Fact::said(r->fingering.text)};
        if (const auto* m = std::get_if<MeasureEntry>(&body); m != nullptr && m->hole && m_holes.count(m->hole->text) == 0)
            return Error{ErrorCode::UnknownName, "hole", Fact::said(m->hole->text)};
        return Done{};
    }

private:
    void add(const std::vector<Fingering>& fingerings, const std::vector<Hole>& holes)
    {
        for (const Fingering& f : fingerings)
            m_fingerings.insert(f.id.text);
        for (const Hole& h : holes)
            m_holes.insert(h.id.text);
    }
    std::set<std::string> m_fingerings;
    std::set<std::string> m_holes;
};

} // namespace

Status Workbook::replay(std::vector<Entry> entries, const Cancel& cancel)
{
    NamesKnown names(m_original.spec());
    for (Entry& entry : entries) {
        if (cancel.requested())
            return Error{ErrorCode::Cancelled, "", {}};
        const std::string where = "entry " + std::to_string(entry.id.number);
        const auto damaged = [&where](const Error& e) {
            return Error{ErrorCode::Damaged, where + ", " + e.where, e.fact};
        };
        if (entry.id < nextId())
            return Error{ErrorCode::Damaged, where, FactId::TwiceOrOutOfOrder};
        if (auto ok = std::visit([](const auto& e) { return e.checkAlone(); }, entry.body); !ok)
            return damaged(ok.error());
        if (auto ok = names.check(entry.body); !ok)
            return damaged(ok.error());
        if (const auto* s = std::get_if<SetAsideEntry>(&entry.body)) {
            if (auto ok = checkTarget(*s); !ok)
                return damaged(ok.error());
            set(s->entry);
        }
        names.pass(entry.body);
        m_entries.push_back(std::move(entry));
    }
    auto shapes = shapesBy({}, nullptr);
    if (!shapes)
        return Error{ErrorCode::Damaged, "its cuts and measures, " + shapes.error().where, shapes.error().fact};
    m_shapes = std::move(*shapes);
    return Done{};
}

namespace {

/// Whether a fingering closes the same holes in the same register on both charts.
bool fingeredAlike(const std::vector<Fingering>& then, const std::vector<Fingering>& now, const FingeringId& id)
{
    const auto in = [&](const std::vector<Fingering>& chart) {
        return std::find_if(chart.begin(), chart.end(), [&](const Fingering& f) { return f.id == id; });
    };
    const auto before = in(then);
    const auto after = in(now);
    return before != then.end() && after != now.end() && before->closed == after->closed && before->half == after->half &&
           before->registerNumber == after->registerNumber;
}

/// The chart that was wanted while the record was being written: a change counts until it was set aside.
class ChartThen
{
public:
    explicit ChartThen(const std::vector<Fingering>& original) : m_original(&original) {}
    void pass(const Entry& e)
    {
        if (const auto* a = std::get_if<AmendEntry>(&e.body); a != nullptr && a->wanted)
            m_changes.push_back({e.id, &a->wanted->fingerings});
        else if (const auto* b = std::get_if<BuiltEntry>(&e.body))
            m_changes.push_back({e.id, &b->built.spec().fingerings});
        else if (const auto* s = std::get_if<SetAsideEntry>(&e.body))
            for (Change& c : m_changes) {
                if (c.id == s->entry) {
                    c.out = e.id;
                } else if (c.out == s->entry) {
                    c.out.reset();
                }
            }
    }
    [[nodiscard]] const std::vector<Fingering>& chart() const
    {
        const auto last = std::find_if(m_changes.rbegin(), m_changes.rend(), [](const Change& c) { return !c.out; });
        return last == m_changes.rend() ? *m_original : *last->chart;
    }

private:
    struct Change
    {
        EntryId id;
        const std::vector<Fingering>* chart;
        std::optional<EntryId> out{}; ///< what set it aside
    };
    const std::vector<Fingering>* m_original;
    std::vector<Change> m_changes;
};

} // namespace

std::vector<PlacedReading> Workbook::readings() const
{
    std::vector<PlacedReading> placed;
    std::size_t shape = 0;
    const auto& now = specified().spec().fingerings;
    ChartThen then(m_original.spec().fingerings);
    const std::size_t first = lastBuilt({}).value_or(0);
    for (std::size_t i = 0; i < m_entries.size(); ++i) {
        const Entry& e = m_entries[i];
        then.pass(e);
        if (i < first || isSetAside(e.id))
            continue;
        if (std::holds_alternative<CutEntry>(e.body))
            ++shape;
        else if (const auto* r = std::get_if<ReadingEntry>(&e.body);
                 r != nullptr && fingeredAlike(then.chart(), now, r->fingering))
            placed.push_back({&e, r, shape});
    }
    return placed;
}

const std::vector<Fingering>& Workbook::fingeringsAt(EntryId id) const
{
    ChartThen then(m_original.spec().fingerings);
    for (const Entry& e : m_entries) {
        if (e.id == id)
            break;
        then.pass(e);
    }
    return then.chart();
}

std::vector<const Entry*> Workbook::cuts() const
{
    std::vector<const Entry*> found;
    for (std::size_t i = lastBuilt({}).value_or(0); i < m_entries.size(); ++i)
        if (const Entry& e = m_entries[i]; std::holds_alternative<CutEntry>(e.body) && !isSetAside(e.id))
            found.push_back(&e);
    return found;
}

const Advice* Workbook::latestAdvice() const
{
    for (auto it = m_entries.rbegin(); it != m_entries.rend(); ++it) {
        if (const auto* a = std::get_if<Advice>(&it->body))
            return a;
        if (isSetAside(it->id))
            continue;
        if (const auto* a = std::get_if<AmendEntry>(&it->body); a != nullptr && a->bearsOnAdvice())
            return nullptr;
        if (std::holds_alternative<BuiltEntry>(it->body))
            return nullptr;
    }
    return nullptr;
}

const std::string* Workbook::plan() const
{
    for (auto it = m_entries.rbegin(); it != m_entries.rend(); ++it)
        if (const auto* p = std::get_if<PlanEntry>(&it->body); p != nullptr && !isSetAside(it->id))
            return &p->plan;
    return nullptr;
}

const std::string* Workbook::finish() const
{
    for (auto it = m_entries.rbegin(); it != m_entries.rend(); ++it)
        if (const auto* f = std::get_if<FinishEntry>(&it->body); f != nullptr && !isSetAside(it->id))
            return &f->finish;
    return nullptr;
}

int Workbook::finishChanges() const
{
    return static_cast<int>(std::count_if(m_entries.begin(), m_entries.end(),
                                          [](const Entry& e) { return std::holds_alternative<FinishEntry>(e.body); }));
}

const PatternEntry* Workbook::pattern() const
{
    for (auto it = m_entries.rbegin(); it != m_entries.rend(); ++it)
        if (const auto* p = std::get_if<PatternEntry>(&it->body); p != nullptr && !isSetAside(it->id))
            return p->alike || !p->notes.empty() ? p : nullptr;
    return nullptr;
}

TuningStrategy Workbook::strategy() const
{
    for (auto it = m_entries.rbegin(); it != m_entries.rend(); ++it)
        if (const auto* s = std::get_if<StrategyEntry>(&it->body); s != nullptr && !isSetAside(it->id))
            return s->strategy;
    return {};
}

std::optional<PracticeEntry> Workbook::practice() const
{
    for (const Entry& e : m_entries)
        if (const auto* p = std::get_if<PracticeEntry>(&e.body))
            return *p;
    return std::nullopt;
}

} // namespace dowel
