// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/record_json.h"

#include "core/base/number_text.h"
#include "io/advice_json.h"
#include "io/json_reader.h"
#include "io/spec_json.h"
#include "io/spec_reader.h"

#include <array>
#include <cmath>

namespace dowel::io {

namespace {

/// Of a pattern's values, in the order of NoteTimbre.
constexpr std::array<const char*, 6> timbreKeys{"speaks_s", "tone_db", "breath_db", "centre", "even_odd_db", "wavers_db"};

HeardNote noteFrom(JsonReader r)
{
    HeardNote n;
    n.start = Seconds::fromSeconds(r.number("start_s"));
    n.end = Seconds::fromSeconds(r.number("end_s"));
    n.pitch = Hertz::fromHertz(r.number("hz"));
    n.sd = Cents::fromCents(r.number("sd_cents"));
    n.drift = Cents::fromCents(r.number("drift_cents"));
    n.vibrato = Cents::fromCents(r.number("vibrato_cents"));
    n.vibratoRate = Hertz::fromHertz(r.number("vibrato_hz"));
    const auto partials = r.numbers("harmonics_db");
    for (std::size_t i = 0; i < std::min(partials.size(), n.partials_dB.size()); ++i)
        n.partials_dB[i] = partials[i];
    n.noise_dB = r.number("noise_db");
    n.centroid = Hertz::fromHertz(r.number("centroid_hz"));
    n.level_dB = r.number("level_db");
    if (r.has("register"))
        n.registerNumber = r.integer("register", 1);
    if (r.has("speaks_s"))
        n.speaks = Seconds::fromSeconds(r.number("speaks_s"));
    if (r.has("moves_cents"))
        n.moves = Cents::fromCents(r.number("moves_cents"));
    if (r.has("breath_db"))
        n.breath_dB = r.number("breath_db");
    if (r.has("level_spread_db"))
        n.levelSpread_dB = r.number("level_spread_db");
    for (const auto& name : r.texts("flags"))
        if (const auto f = flagFromName(name))
            n.flags.push_back(*f);
    r.finish();
    return n;
}

Json written(const PatternEntry& p)
{
    Json json = Json::object();
    if (p.alike)
        json["alike"] = p.alike->text;
    if (p.notes.empty())
        return json;
    json["from"] = p.from;
    for (const PatternEntry::Note& n : p.notes) {
        Json values = Json::object();
        for (std::size_t k = 0; k < n.value.size(); ++k)
            if (n.value[k])
                values[timbreKeys[k]] = tidy(*n.value[k]);
        json["notes"].push_back({{"fingering", n.id.text}, {"values", values}, {"partials_db", n.partials_dB}});
    }
    return json;
}

Json written(const ReadingEntry& r)
{
    Json json{{"fingering", r.fingering.text},    {"hz", r.pitch.hertz()},          {"sd_cents", r.sd.cents()},
              {"celsius", tidy(r.air.celsius())}, {"source", sourceName(r.source)}, {"has_take", r.hasTake}};
    if (r.note)
        json["note"] = jsonOf(*r.note);
    return json;
}

Json written(const CutEntry& c)
{
    Json forecast = Json::array();
    for (const auto& f : c.forecast)
        forecast.push_back(jsonOf(f));
    Json json{{"cut", jsonOf(c.cut)}, {"from_mm", tidy(c.from.millimetres())}, {"forecast", forecast}};
    if (c.advised)
        json["advised_mm"] = tidy(c.advised->millimetres());
    return json;
}

Json written(const Advice& a)
{
    return jsonOf(a);
}

Json written(const SetAsideEntry& s)
{
    return {{"entry", s.entry.number}, {"why", s.why}};
}

Json written(const PracticeEntry& p)
{
    Json json{{"seed", p.seed}, {"celsius", tidy(p.room.celsius())}, {"noise_db", p.noise_dB}};
    if (p.ownFirst)
        json["own_first"] = true;
    if (p.beginner)
        json["beginner"] = true;
    return json;
}

Json written(const NoteEntry& n)
{
    return {{"text", n.text}};
}

Json written(const MeasureEntry& m)
{
    Json json{{"size_mm", tidy(m.size.millimetres())}};
    if (m.hole)
        json["hole"] = m.hole->text;
    return json;
}

Json written(const StrategyEntry& s)
{
    Json json{{"foot_first", s.strategy.footFirst},
              {"one_size", s.strategy.oneSize},
              {"low_register", s.strategy.lowRegister},
              {"even_timbre", tidy(s.strategy.evenTimbre)}};
    if (s.strategy.effort != Effort::Usual)
        json["effort"] = effortName(s.strategy.effort);
    return json;
}

Json written(const AmendEntry& a)
{
    Json json = Json::object();
    if (a.wanted)
        json["target"] = {{"tuning", jsonOf(a.wanted->tuning)}, {"fingerings", jsonOf(a.wanted->fingerings)}};
    if (a.name)
        json["name"] = *a.name;
    if (a.material)
        json["material"] = *a.material;
    if (a.nodes)
        json["nodes"] = jsonOf(*a.nodes);
    if (a.tools)
        json["tools"] = jsonOf(*a.tools);
    if (a.limits)
        json["limits"] = jsonOf(*a.limits);
    if (a.there)
        json["there"] = jsonOf(*a.there);
    return json;
}

Json written(const PlanEntry& p)
{
    return {{"plan", Json::parse(p.plan, nullptr, false)}};
}

Json written(const BuiltEntry& b)
{
    return {{"spec", jsonOf(b.built)}};
}

Json written(const FinishEntry& f)
{
    return {{"finish", Json::parse(f.finish, nullptr, false)}};
}

Json written(const PhotoEntry& p)
{
    return {{"words", p.words}};
}

Json bodyJson(const EntryBody& body)
{
    return std::visit([](const auto& e) { return written(e); }, body);
}

/// What an entry is read from: the reader takes single values; what is read whole is taken from the object itself.
struct Source
{
    JsonReader& r;
    const Json& json;
    std::optional<Error>& error;
    /// The first trouble counts.
    void fail(const Error& e) const
    {
        if (!error)
            error = e;
    }
    /// An object that is kept as the text it is.
    [[nodiscard]] std::string object(const char* key) const
    {
        (void)r.object(key);
        return json.contains(key) ? json[key].dump() : std::string();
    }
};

// One reader a kind; what is wrong is told by the reader's error.

void read(const Source& from, ReadingEntry& e)
{
    e.fingering = {from.r.text("fingering")};
    e.pitch = Hertz::fromHertz(from.r.number("hz"));
    e.sd = Cents::fromCents(from.r.number("sd_cents"));
    e.air = Temperature::fromCelsius(from.r.number("celsius"));
    const auto source = sourceFromName(from.r.text("source"));
    if (!source)
        from.r.fail(ErrorCode::BadValue, "source", FactId::NotKnown);
    e.source = source.value_or(ReadingSource::Numbers);
    e.hasTake = from.r.boolean("has_take", false);
    if (from.r.has("note"))
        e.note = noteFrom(from.r.object("note"));
}

void read(const Source& from, CutEntry& e)
{
    (void)from.r.object("cut");
    if (from.json.contains("cut")) {
        auto cut = cutFromJson(from.json["cut"]);
        if (cut)
            e.cut = *cut;
        else
            from.fail(cut.error());
    }
    e.from = Metres::fromMillimetres(from.r.number("from_mm"));
    if (from.r.has("advised_mm"))
        e.advised = Metres::fromMillimetres(from.r.number("advised_mm"));
    e.forecast = forecastFrom(from.r);
}

void read(const Source& from, SetAsideEntry& e)
{
    e = {{from.r.integer("entry", 0)}, from.r.text("why")};
}

void read(const Source& from, PracticeEntry& e)
{
    constexpr double mostSeed = 9007199254740992.0; // 2^53, what a number in JSON keeps
    const double seed = from.r.number("seed");
    if (!(seed >= 0.0 && seed <= mostSeed))
        from.r.fail(ErrorCode::BadValue, "seed", {FactId::Within, exactText(seed), 0, "2^53"});
    else
        e.seed = static_cast<std::uint64_t>(seed);
    e.room = Temperature::fromCelsius(from.r.number("celsius"));
    e.noise_dB = from.r.number("noise_db");
    e.ownFirst = from.r.boolean("own_first", false);
    e.beginner = from.r.boolean("beginner", false);
}

void read(const Source& from, NoteEntry& e)
{
    e.text = from.r.text("text");
}

void read(const Source& from, MeasureEntry& e)
{
    if (from.r.has("hole"))
        e.hole = HoleId{from.r.text("hole")};
    e.size = Metres::fromMillimetres(from.r.number("size_mm"));
}

void read(const Source& from, StrategyEntry& e)
{
    e.strategy.footFirst = from.r.boolean("foot_first", false);
    e.strategy.oneSize = from.r.boolean("one_size", false);
    e.strategy.lowRegister = from.r.boolean("low_register", false);
    e.strategy.evenTimbre = from.r.number("even_timbre");
    const std::string effort = from.r.text("effort", std::string(effortName(Effort::Usual)));
    if (const auto known = effortFromName(effort))
        e.strategy.effort = *known;
    else
        from.r.fail(ErrorCode::BadValue, "effort", {FactId::Known, effort, "quick, usual, best"});
}

void read(const Source& from, AmendEntry& e)
{
    JsonReader& r = from.r;
    if (r.has("target")) {
        JsonReader target = r.object("target");
        Wanted wanted;
        wanted.tuning = tuningFrom(target.object("tuning"), from.error);
        for (auto& f : target.objects("fingerings"))
            wanted.fingerings.push_back(fingeringFrom(f, wanted.tuning));
        target.finish();
        e.wanted = std::move(wanted);
    }
    if (r.has("name"))
        e.name = r.text("name");
    if (r.has("material"))
        e.material = r.text("material");
    if (r.has("nodes"))
        e.nodes = nodesFrom(r);
    if (r.has("tools"))
        e.tools = toolsFrom(r.object("tools"));
    if (r.has("limits"))
        e.limits = limitsFrom(r.object("limits"));
    if (r.has("there")) {
        JsonReader there = r.object("there");
        e.there = readSpec(there, from.error);
        there.finish();
    }
}

void read(const Source& from, PlanEntry& e)
{
    e.plan = from.object("plan");
}

void read(const Source& from, FinishEntry& e)
{
    e.finish = from.object("finish");
}

void read(const Source& from, PhotoEntry& e)
{
    e.words = from.r.text("words");
}

void read(const Source& from, PatternEntry& e)
{
    if (from.r.has("alike"))
        e.alike = FingeringId{from.r.text("alike")};
    e.from = from.r.text("from", "");
    for (JsonReader& note : from.r.objects("notes")) {
        PatternEntry::Note n;
        n.id = {note.text("fingering")};
        JsonReader values = note.object("values");
        for (std::size_t k = 0; k < n.value.size(); ++k)
            if (values.has(timbreKeys[k]))
                n.value[k] = values.number(timbreKeys[k]);
        values.finish();
        n.partials_dB = note.numbers("partials_db");
        note.finish();
        e.notes.push_back(std::move(n));
    }
}

template <class Kind> Result<EntryBody> bodyOf(const Json& json)
{
    std::optional<Error> error;
    JsonReader r(json, "/" + std::string(Kind::facts.word), error);
    Kind entry;
    read(Source{r, json, error}, entry);
    r.finish();
    if (error)
        return *error;
    return EntryBody{std::move(entry)};
}
// Two are read whole.
template <> Result<EntryBody> bodyOf<Advice>(const Json& json)
{
    auto advice = adviceFromJson(json);
    return advice ? Result<EntryBody>(std::move(*advice)) : advice.error();
}
template <> Result<EntryBody> bodyOf<BuiltEntry>(const Json& json)
{
    auto built = instrumentFromJson(json.contains("spec") ? json["spec"] : Json());
    return built ? Result<EntryBody>(BuiltEntry{std::move(*built)}) : built.error();
}

} // namespace

namespace {

void put(Json& json, std::string_view word, const HoleId& hole)
{
    json[std::string(word)] = hole.text;
}
void put(Json& json, std::string_view word, Metres size)
{
    json[std::string(word)] = tidy(size.millimetres());
}
void put(Json& json, std::string_view word, const std::optional<Metres>& size)
{
    if (size)
        put(json, word, *size);
}
/// Its own values stand beside the kind; a bare foot is one of no length.
void put(Json& json, std::string_view /*word*/, const std::optional<FootPiece>& piece)
{
    json.update(piece ? jsonOf(*piece) : Json{{"length_mm", 0.0}});
}

void take(JsonReader& r, std::string_view word, HoleId& hole)
{
    hole.text = r.text(std::string(word));
}
void take(JsonReader& r, std::string_view word, Metres& size)
{
    size = Metres::fromMillimetres(r.number(std::string(word)));
}
void take(JsonReader& r, std::string_view word, std::optional<Metres>& size)
{
    if (r.has(std::string(word)))
        size = Metres::fromMillimetres(r.number(std::string(word)));
}
void take(JsonReader& r, std::string_view /*word*/, std::optional<FootPiece>& piece)
{
    if (r.number("length_mm") != 0.0)
        piece = footPieceFrom(r);
}

/// Every kind's word, as an error names them.
std::string cutWords()
{
    std::string words;
    forEachCutKind([&](const auto& kind) { words += (words.empty() ? "" : ", ") + std::string(kind.facts.word); });
    return words;
}

} // namespace

Json jsonOf(const Cut& cut)
{
    Json json{{"kind", factsOf(cut).word}};
    std::visit(
        [&json](const auto& c) {
            std::apply([&](const auto&... field) { (put(json, field.word, c.*field.member), ...); }, c.fields());
        },
        cut);
    return json;
}

Result<Cut> cutFromJson(const Json& json)
{
    std::optional<Error> error;
    JsonReader r(json, "", error);
    const std::string kind = r.text("kind");
    std::optional<Cut> cut;
    forEachCutKind([&](auto c) {
        if (cut || kind.empty() || (kind != c.facts.word && kind != c.facts.before))
            return;
        std::apply([&](const auto&... field) { (take(r, field.word, c.*field.member), ...); }, c.fields());
        cut = c;
    });
    if (!cut)
        r.fail(ErrorCode::BadValue, "kind", {FactId::Known, kind, cutWords()});
    r.finish();
    if (error)
        return *error;
    return *cut;
}

Json jsonOf(const HeardNote& n)
{
    Json flags = Json::array();
    for (const TakeFlag f : n.flags)
        flags.push_back(flagName(f));
    Json json{{"start_s", n.start.seconds()},
              {"end_s", n.end.seconds()},
              {"hz", n.pitch.hertz()},
              {"sd_cents", n.sd.cents()},
              {"drift_cents", n.drift.cents()},
              {"vibrato_cents", n.vibrato.cents()},
              {"vibrato_hz", n.vibratoRate.hertz()},
              {"harmonics_db", n.partials_dB},
              {"noise_db", n.noise_dB},
              {"centroid_hz", n.centroid.hertz()},
              {"level_db", n.level_dB},
              {"flags", flags}};
    if (n.registerNumber)
        json["register"] = *n.registerNumber;
    if (n.speaks)
        json["speaks_s"] = tidy(n.speaks->seconds());
    if (n.moves)
        json["moves_cents"] = tidy(n.moves->cents());
    if (n.breath_dB)
        json["breath_db"] = tidy(*n.breath_dB);
    if (n.levelSpread_dB)
        json["level_spread_db"] = tidy(*n.levelSpread_dB);
    return json;
}

Json jsonOf(const Analysis& analysis)
{
    Json notes = Json::array();
    for (const auto& n : analysis.notes) {
        notes.push_back(jsonOf(n));
        notes.back()["sd_as_played_cents"] = tidy(errorAsPlayed(n).cents());
    }
    Json rejected = Json::array();
    for (const auto& r : analysis.rejected)
        rejected.push_back({{"start_s", r.start.seconds()}, {"end_s", r.end.seconds()}, {"reason", reasonName(r.reason)}});
    return {{"notes", notes}, {"rejected", rejected}};
}

Result<NumberSession> sessionFromJson(const Json& json)
{
    std::optional<Error> error;
    JsonReader r(json, "", error);
    NumberSession s;
    s.air = Temperature::fromCelsius(r.number("celsius"));
    if (!r.has("readings"))
        r.fail(ErrorCode::MissingKey, "readings", FactId::MustBeThere);
    constexpr double usualSd_cents = 2.0;
    for (auto& one : r.objects("readings")) {
        s.readings.push_back({{one.text("fingering")},
                              Hertz::fromHertz(one.number("hz")),
                              Cents::fromCents(one.number("sd_cents", usualSd_cents))});
        one.finish();
    }
    r.finish();
    if (error)
        return *error;
    return s;
}

std::string bodyText(const EntryBody& body)
{
    return bodyJson(body).dump();
}

Result<EntryBody> bodyFromText(std::string_view kind, const std::string& text)
{
    const auto json = DOWEL_TRY(parseJson(text, std::string(kind)));
    std::optional<Result<EntryBody>> body;
    forEachEntryKind([&]<class Kind> {
        if (kind == Kind::facts.word)
            body = bodyOf<Kind>(json);
    });
    return body ? std::move(*body) : Error{ErrorCode::Damaged, std::string(kind), FactId::NoKindOfEntry};
}

std::string recordText(const Workbook& book)
{
    Json entries = Json::array();
    for (const Entry& e : book.entries())
        entries.push_back({{"id", e.id.number},
                           {"at", e.at},
                           {"kind", factsOf(e.body).word},
                           {"set_aside", book.isSetAside(e.id)},
                           {"body", bodyJson(e.body)}});
    const Json json{{"format", "dowel-record"},
                    {"version", 1},
                    {"specified", jsonOf(book.specified())},
                    {"present", jsonOf(book.present())},
                    {"entries", entries}};
    return json.dump(2) + "\n";
}

} // namespace dowel::io
