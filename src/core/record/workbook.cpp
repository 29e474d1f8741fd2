// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/record/workbook.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <utility>

namespace dowel {

namespace {

/// Looks a word up in a table of values and names, either way.
template <class V, std::size_t N> using Names = std::array<std::pair<V, std::string_view>, N>;

template <class V, std::size_t N> std::string_view nameIn(const Names<V, N>& names, V value)
{
    for (const auto& [v, name] : names)
        if (v == value)
            return name;
    return names.front().second;
}
template <class V, std::size_t N> std::optional<V> valueIn(const Names<V, N>& names, std::string_view name)
{
    for (const auto& [v, n] : names)
        if (n == name)
            return v;
    return std::nullopt;
}

constexpr Names<AdviceState, 4> states{{{AdviceState::Measure, "measure"},
                                        {AdviceState::MakeCut, "cut"},
                                        {AdviceState::Finished, "done"},
                                        {AdviceState::Stop, "stop"}}};
constexpr Names<UnreachedNote::Why, 7> leftovers{{{UnreachedNote::Why::SharpAlready, "sharp_already"},
                                                  {UnreachedNote::Why::HoleAtLimit, "hole_at_limit"},
                                                  {UnreachedNote::Why::FootAtLimit, "foot_at_limit"},
                                                  {UnreachedNote::Why::Compromise, "compromise"},
                                                  {UnreachedNote::Why::OutOfLine, "out_of_line"},
                                                  {UnreachedNote::Why::TooDeep, "too_deep"},
                                                  {UnreachedNote::Why::DepthAtLimit, "depth_at_limit"}}};
constexpr Names<Contradiction::Kind, 5> contradictions{{{Contradiction::Kind::Hole, "hole"},
                                                        {Contradiction::Kind::Temperature, "temperature"},
                                                        {Contradiction::Kind::Reading, "reading"},
                                                        {Contradiction::Kind::Swapped, "swapped"},
                                                        {Contradiction::Kind::Unsettled, "unsettled"}}};
constexpr Names<ReadingSource, 4> sources{{{ReadingSource::Player, "player"},
                                           {ReadingSource::File, "file"},
                                           {ReadingSource::Microphone, "microphone"},
                                           {ReadingSource::Numbers, "numbers"}}};

} // namespace

std::string_view stateName(AdviceState state)
{
    return nameIn(states, state);
}
std::optional<AdviceState> stateFromName(std::string_view name)
{
    return valueIn(states, name);
}
std::string_view leftName(UnreachedNote::Why why)
{
    return nameIn(leftovers, why);
}
std::optional<UnreachedNote::Why> leftFromName(std::string_view name)
{
    return valueIn(leftovers, name);
}
std::string_view kindName(Contradiction::Kind kind)
{
    return nameIn(contradictions, kind);
}
std::optional<Contradiction::Kind> contradictionFromName(std::string_view name)
{
    return valueIn(contradictions, name);
}
std::string_view sourceName(ReadingSource source)
{
    return nameIn(sources, source);
}
std::optional<ReadingSource> sourceFromName(std::string_view name)
{
    return valueIn(sources, name);
}

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
        return movesTheEnd(cut);
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
            if (movesTheEnd(cut->cut))
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
        auto next = applied(shapes.back(), instead[i] ? withSize(cut->cut, *instead[i]) : cut->cut);
        if (!next)
            return next.error();
        shapes.push_back(std::move(*next));
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
        return Error{ErrorCode::BadValue, "celsius",
                     numberText(air.celsius()) + "; must be -20 to 45 degrees Celsius (68 Fahrenheit are 20 Celsius)"};
    return Done{};
}

Status Workbook::checkNew(const EntryBody& body) const
{
    if (const auto* r = std::get_if<ReadingEntry>(&body))
        if (auto ok = checkRoom(r->air); !ok)
            return ok;
    return check(body);
}

namespace {

Status letters(const char* where, std::size_t count, std::size_t least, std::size_t most)
{
    if (count >= least && count <= most)
        return Done{};
    return Error{ErrorCode::BadValue, where,
                 std::to_string(count) + " letters; must be " + std::to_string(least) + " to " + std::to_string(most)};
}

/// Entries of which only the length can be wrong.
Status checkLetters(const EntryBody& body)
{
    if (const auto* p = std::get_if<PlanEntry>(&body))
        return letters("plan", p->plan.size(), 1, 1000000);
    if (const auto* f = std::get_if<FinishEntry>(&body))
        return letters("finish", f->finish.size(), 1, 100000);
    if (const auto* p = std::get_if<PhotoEntry>(&body))
        return letters("photo", p->words.size(), 0, 1000);
    if (const auto* n = std::get_if<NoteEntry>(&body))
        return letters("note", n->text.size(), 1, 4000);
    return Done{};
}

} // namespace

Status Workbook::checkTarget(const SetAsideEntry& s) const
{
    const Entry* target = entry(s.entry);
    const auto* undone = target == nullptr ? nullptr : std::get_if<SetAsideEntry>(&target->body);
    const bool again = undone != nullptr && std::holds_alternative<SetAsideEntry>(entry(undone->entry)->body);
    if (target == nullptr || isSetAside(s.entry) || again) // what was brought back is set aside itself, not its return
        return Error{ErrorCode::UnknownName, "entry", std::to_string(s.entry.number)};
    return Done{};
}

namespace {

/// What an entry says that cannot be, whatever stands before it.
Status checkAlone(const EntryBody& body)
{
    if (const auto* r = std::get_if<ReadingEntry>(&body)) {
        if (!(r->pitch.hertz() > 10.0 && r->pitch.hertz() < 20000.0))
            return Error{ErrorCode::BadValue, "hz", numberText(r->pitch.hertz()) + "; must be 10 to 20000"};
        if (!(r->sd.cents() > 0.0 && r->sd.cents() < 200.0))
            return Error{ErrorCode::BadValue, "sd_cents", numberText(r->sd.cents()) + "; must be above 0 and below 200"};
        if (!(r->air.celsius() > -20.0 && r->air.celsius() < 60.0))
            return Error{ErrorCode::BadValue, "celsius",
                         numberText(r->air.celsius()) + "; must be -20 to 60 degrees Celsius (68 Fahrenheit are 20 Celsius)"};
    }
    if (const auto* a = std::get_if<AmendEntry>(&body)) {
        constexpr std::size_t longestName = 200;
        if (a->name && (a->name->empty() || a->name->size() > longestName))
            return Error{ErrorCode::BadValue, "name", std::to_string(a->name->size()) + " letters; must be 1 to 200"};
        if (!a->bearsOnAdvice() && !a->name && !a->material && !a->nodes)
            return Error{ErrorCode::BadValue, "amend", "nothing is changed"};
    }
    if (const auto* p = std::get_if<PatternEntry>(&body)) {
        constexpr std::size_t mostNotes = 500;
        if (p->alike && !p->notes.empty())
            return Error{ErrorCode::BadValue, "pattern", "one note or an instrument, not both"};
        if (p->notes.size() > mostNotes)
            return Error{ErrorCode::BadValue, "pattern", std::to_string(p->notes.size()) + " notes; must be at most 500"};
    }
    if (const auto* s = std::get_if<StrategyEntry>(&body);
        s != nullptr && !(s->strategy.evenTimbre >= 0.0 && s->strategy.evenTimbre <= 1.0))
        return Error{ErrorCode::BadValue, "even_timbre", numberText(s->strategy.evenTimbre) + "; must be 0 to 1"};
    return checkLetters(body);
}

} // namespace

Status Workbook::check(const EntryBody& body) const
{
    if (auto ok = checkAlone(body); !ok)
        return ok;
    const auto possible = [](const auto& shapes) {
        return shapes ? Status(Done{}) : Status(shapes.error());
    };
    if (const auto* r = std::get_if<ReadingEntry>(&body); r != nullptr && specified().find(r->fingering) == nullptr)
        return Error{ErrorCode::UnknownName, "fingering", r->fingering.text};
    if (const auto* p = std::get_if<PatternEntry>(&body); p != nullptr && p->alike && present().find(*p->alike) == nullptr)
        return Error{ErrorCode::UnknownName, "fingering", p->alike->text};
    if (const auto* c = std::get_if<CutEntry>(&body))
        return possible(applied(present(), c->cut));
    if (const auto* s = std::get_if<SetAsideEntry>(&body)) {
        if (auto ok = checkTarget(*s); !ok)
            return ok;
        if (!std::holds_alternative<SetAsideEntry>(entry(s->entry)->body))
            return possible(shapesBy(s->entry, nullptr));
        Workbook broughtBack = *this;
        broughtBack.set(s->entry);
        return possible(broughtBack.shapesBy({}, nullptr));
    }
    if (const auto* m = std::get_if<MeasureEntry>(&body)) {
        if (m->hole && specified().find(*m->hole) == nullptr)
            return Error{ErrorCode::UnknownName, "hole", m->hole->text};
        return possible(shapesBy({}, &body));
    }
    if (std::holds_alternative<AmendEntry>(body))
        return possible(shapesBy({}, &body));
    return Done{};
}

Status Workbook::append(Entry entry)
{
    if (entry.id < nextId())
        return Error{ErrorCode::Damaged, "entry", std::to_string(entry.id.number) + " comes twice or out of order"};
    if (auto ok = check(entry.body); !ok)
        return ok;
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
            return Error{ErrorCode::UnknownName, "fingering", r->fingering.text};
        if (const auto* m = std::get_if<MeasureEntry>(&body); m != nullptr && m->hole && m_holes.count(m->hole->text) == 0)
            return Error{ErrorCode::UnknownName, "hole", m->hole->text};
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
            return Error{ErrorCode::Cancelled, "", ""};
        const std::string where = "entry " + std::to_string(entry.id.number);
        const auto damaged = [&where](const Error& e) {
            return Error{ErrorCode::Damaged, where, e.where + ": " + e.facts};
        };
        if (entry.id < nextId())
            return Error{ErrorCode::Damaged, where, "comes twice or out of order"};
        if (auto ok = checkAlone(entry.body); !ok)
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
        return Error{ErrorCode::Damaged, "its cuts and measures", shapes.error().where + ": " + shapes.error().facts};
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
