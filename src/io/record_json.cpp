// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/record_json.h"

#include "core/base/assert.h"
#include "io/advice_json.h"
#include "io/json_reader.h"
#include "io/spec_json.h"
#include "io/spec_reader.h"

#include <array>
#include <cmath>

namespace dowel::io {

namespace {

constexpr std::array<std::string_view, std::variant_size_v<EntryBody>> kinds{
    "reading", "cut",   "advice", "set_aside", "practice", "note",  "measure",
    "school",  "amend", "plan",   "built",     "finish",   "photo", "pattern"};

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

Json patternJson(const PatternEntry& p)
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

EntryBody patternFrom(JsonReader& r)
{
    PatternEntry p;
    if (r.has("alike"))
        p.alike = FingeringId{r.text("alike")};
    p.from = r.text("from", "");
    for (JsonReader& note : r.objects("notes")) {
        PatternEntry::Note n;
        n.id = {note.text("fingering")};
        JsonReader values = note.object("values");
        for (std::size_t k = 0; k < n.value.size(); ++k)
            if (values.has(timbreKeys[k]))
                n.value[k] = values.number(timbreKeys[k]);
        values.finish();
        n.partials_dB = note.numbers("partials_db");
        note.finish();
        p.notes.push_back(std::move(n));
    }
    return p;
}

Json bodyJson(const EntryBody& body)
{
    if (const auto* r = std::get_if<ReadingEntry>(&body)) {
        Json json{{"fingering", r->fingering.text},    {"hz", r->pitch.hertz()},          {"sd_cents", r->sd.cents()},
                  {"celsius", tidy(r->air.celsius())}, {"source", sourceName(r->source)}, {"has_take", r->hasTake}};
        if (r->note)
            json["note"] = jsonOf(*r->note);
        return json;
    }
    if (const auto* c = std::get_if<CutEntry>(&body)) {
        Json forecast = Json::array();
        for (const auto& f : c->forecast)
            forecast.push_back(jsonOf(f));
        Json json{{"cut", jsonOf(c->cut)}, {"from_mm", tidy(c->from.millimetres())}, {"forecast", forecast}};
        if (c->advised)
            json["advised_mm"] = tidy(c->advised->millimetres());
        return json;
    }
    if (const auto* a = std::get_if<Advice>(&body))
        return jsonOf(*a);
    if (const auto* s = std::get_if<SetAsideEntry>(&body))
        return {{"entry", s->entry.number}, {"why", s->why}};
    if (const auto* n = std::get_if<NoteEntry>(&body))
        return {{"text", n->text}};
    if (const auto* s = std::get_if<StrategyEntry>(&body))
        return {{"foot_first", s->strategy.footFirst},
                {"one_size", s->strategy.oneSize},
                {"low_register", s->strategy.lowRegister},
                {"even_timbre", tidy(s->strategy.evenTimbre)}};
    if (const auto* m = std::get_if<MeasureEntry>(&body)) {
        Json json{{"size_mm", tidy(m->size.millimetres())}};
        if (m->hole)
            json["hole"] = m->hole->text;
        return json;
    }
    if (const auto* a = std::get_if<AmendEntry>(&body)) {
        Json json = Json::object();
        if (a->wanted)
            json["target"] = {{"tuning", jsonOf(a->wanted->tuning)}, {"fingerings", jsonOf(a->wanted->fingerings)}};
        if (a->name)
            json["name"] = *a->name;
        if (a->material)
            json["material"] = *a->material;
        if (a->nodes)
            json["nodes"] = jsonOf(*a->nodes);
        if (a->tools)
            json["tools"] = jsonOf(*a->tools);
        if (a->limits)
            json["limits"] = jsonOf(*a->limits);
        if (a->there)
            json["there"] = jsonOf(*a->there);
        return json;
    }
    if (const auto* plan = std::get_if<PlanEntry>(&body))
        return {{"plan", Json::parse(plan->plan, nullptr, false)}};
    if (const auto* finish = std::get_if<FinishEntry>(&body))
        return {{"finish", Json::parse(finish->finish, nullptr, false)}};
    if (const auto* photo = std::get_if<PhotoEntry>(&body))
        return {{"words", photo->words}};
    if (const auto* pattern = std::get_if<PatternEntry>(&body))
        return patternJson(*pattern);
    if (const auto* b = std::get_if<BuiltEntry>(&body))
        return {{"spec", jsonOf(b->built)}};
    const auto& p = std::get<PracticeEntry>(body);
    Json practice{{"seed", p.seed}, {"celsius", tidy(p.room.celsius())}, {"noise_db", p.noise_dB}};
    if (p.ownFirst)
        practice["own_first"] = true;
    return practice;
}

/// One reader a kind of entry; what is wrong is told by the reader's error.
EntryBody readingFrom(JsonReader& r)
{
    ReadingEntry e;
    e.fingering = {r.text("fingering")};
    e.pitch = Hertz::fromHertz(r.number("hz"));
    e.sd = Cents::fromCents(r.number("sd_cents"));
    e.air = Temperature::fromCelsius(r.number("celsius"));
    const auto source = sourceFromName(r.text("source"));
    if (!source)
        r.fail(ErrorCode::BadValue, "source", "is not known");
    e.source = source.value_or(ReadingSource::Numbers);
    e.hasTake = r.boolean("has_take", false);
    if (r.has("note"))
        e.note = noteFrom(r.object("note"));
    return e;
}

EntryBody cutEntryFrom(JsonReader& r, const Json& json, std::optional<Error>& error)
{
    CutEntry e;
    r.object("cut");
    if (json.contains("cut")) {
        auto cut = cutFromJson(json["cut"]);
        if (cut)
            e.cut = *cut;
        else if (!error)
            error = cut.error();
    }
    e.from = Metres::fromMillimetres(r.number("from_mm"));
    if (r.has("advised_mm"))
        e.advised = Metres::fromMillimetres(r.number("advised_mm"));
    e.forecast = forecastFrom(r);
    return e;
}

EntryBody practiceFrom(JsonReader& r)
{
    PracticeEntry e;
    constexpr double mostSeed = 9007199254740992.0; // 2^53, what a number in JSON keeps
    const double seed = r.number("seed");
    if (!(seed >= 0.0 && seed <= mostSeed))
        r.fail(ErrorCode::BadValue, "seed", "must be 0 to 2^53");
    else
        e.seed = static_cast<std::uint64_t>(seed);
    e.room = Temperature::fromCelsius(r.number("celsius"));
    e.noise_dB = r.number("noise_db");
    e.ownFirst = r.boolean("own_first", false);
    return e;
}

EntryBody strategyFrom(JsonReader& r)
{
    StrategyEntry e;
    e.strategy.footFirst = r.boolean("foot_first", false);
    e.strategy.oneSize = r.boolean("one_size", false);
    e.strategy.lowRegister = r.boolean("low_register", false);
    e.strategy.evenTimbre = r.number("even_timbre");
    return e;
}

EntryBody measureFrom(JsonReader& r)
{
    MeasureEntry e;
    if (r.has("hole"))
        e.hole = HoleId{r.text("hole")};
    e.size = Metres::fromMillimetres(r.number("size_mm"));
    return e;
}

EntryBody amendFrom(JsonReader& r, std::optional<Error>& error)
{
    AmendEntry e;
    if (r.has("target")) {
        JsonReader target = r.object("target");
        Wanted wanted;
        wanted.tuning = tuningFrom(target.object("tuning"), error);
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
        e.there = readSpec(there, error);
        there.finish();
    }
    return e;
}

std::optional<EntryBody> bodyFrom(std::string_view kind, JsonReader& r, const Json& json, std::optional<Error>& error)
{
    if (kind == "reading")
        return readingFrom(r);
    if (kind == "cut")
        return cutEntryFrom(r, json, error);
    if (kind == "set_aside")
        return SetAsideEntry{{r.integer("entry", 0)}, r.text("why")};
    if (kind == "practice")
        return practiceFrom(r);
    if (kind == "note")
        return NoteEntry{r.text("text")};
    if (kind == "school")
        return strategyFrom(r);
    if (kind == "measure")
        return measureFrom(r);
    if (kind == "amend")
        return amendFrom(r, error);
    if (kind == "photo")
        return PhotoEntry{r.text("words")};
    if (kind == "pattern")
        return patternFrom(r);
    if (kind == "plan") {
        (void)r.object("plan");
        return PlanEntry{json.contains("plan") ? json["plan"].dump() : std::string()};
    }
    if (kind == "finish") {
        (void)r.object("finish");
        return FinishEntry{json.contains("finish") ? json["finish"].dump() : std::string()};
    }
    return std::nullopt;
}

} // namespace

Json jsonOf(const Cut& cut)
{
    Json json{{"kind", kindName(cut)}};
    if (const auto hole = holeOf(cut))
        json["hole"] = hole->text;
    const double size = tidy(wantedSize(cut).millimetres());
    if (std::holds_alternative<Enlarge>(cut) || std::holds_alternative<Fill>(cut)) {
        json["diameter_mm"] = size;
    } else if (std::holds_alternative<Undercut>(cut)) {
        json["undercut_diameter_mm"] = size;
    } else if (movesTheEnd(cut)) {
        json["length_mm"] = size;
    } else if (const auto* foot = std::get_if<PutOnFoot>(&cut)) {
        if (foot->piece)
            json.update(jsonOf(*foot->piece));
        else
            json["length_mm"] = size;
    } else if (const auto* ream = std::get_if<Ream>(&cut)) {
        json["from_mm"] = tidy(ream->from.millimetres());
        json["to_mm"] = tidy(ream->to.millimetres());
        json["diameter_mm"] = size;
    } else if (std::holds_alternative<MoveStopper>(cut)) {
        json["stopper_mm"] = size;
    } else if (std::holds_alternative<UndercutEmbouchure>(cut)) {
        json["undercut_mm"] = size;
    } else if (const auto* mouth = std::get_if<OpenEmbouchure>(&cut)) {
        json["hole_length_mm"] = size;
        if (mouth->holeWidth)
            json["hole_width_mm"] = tidy(mouth->holeWidth->millimetres());
    } else {
        DOWEL_ASSERT(std::holds_alternative<CutUp>(cut));
        json["window_length_mm"] = size;
    }
    return json;
}

Result<Cut> cutFromJson(const Json& json)
{
    std::optional<Error> error;
    JsonReader r(json, "", error);
    const auto mm = [&r](const std::string& key) {
        return Metres::fromMillimetres(r.number(key));
    };
    const std::string kind = r.text("kind");
    Cut cut;
    if (kind == "enlarge")
        cut = Enlarge{{r.text("hole")}, mm("diameter_mm")};
    else if (kind == "undercut")
        cut = Undercut{{r.text("hole")}, mm("undercut_diameter_mm")};
    else if (kind == "trim_foot")
        cut = TrimFoot{mm("length_mm")};
    else if (kind == "deepen")
        cut = Deepen{mm("length_mm")};
    else if (kind == "push_plug")
        cut = PushPlug{mm("length_mm")};
    else if (kind == "undercut_embouchure")
        cut = UndercutEmbouchure{mm("undercut_mm")};
    else if (kind == "put_on_foot")
        cut = PutOnFoot{r.number("length_mm") != 0.0 ? std::optional(footPieceFrom(r)) : std::nullopt};
    else if (kind == "ream")
        cut = Ream{mm("from_mm"), mm("to_mm"), mm("diameter_mm")};
    else if (kind == "move_stopper")
        cut = MoveStopper{mm("stopper_mm")};
    else if (kind == "cut_up")
        cut = CutUp{mm("window_length_mm")};
    else if (kind == "enlarge_embouchure" || kind == "open_embouchure") // the second in records up to 0.7.0
        cut = OpenEmbouchure{mm("hole_length_mm"), r.has("hole_width_mm") ? std::optional(mm("hole_width_mm")) : std::nullopt};
    else if (kind == "fill")
        cut = Fill{{r.text("hole")}, mm("diameter_mm")};
    else
        r.fail(ErrorCode::BadValue, "kind",
               kind + "; known: enlarge, undercut, trim_foot, ream, move_stopper, cut_up, enlarge_embouchure, deepen, push_plug, "
                      "put_on_foot, "
                      "undercut_embouchure, fill");
    r.finish();
    if (error)
        return *error;
    return cut;
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
    for (const auto& n : analysis.notes)
        notes.push_back(jsonOf(n));
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
        r.fail(ErrorCode::MissingKey, "readings", "must be there");
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

std::string_view kindOf(const EntryBody& body)
{
    return kinds.at(body.index());
}

std::string bodyText(const EntryBody& body)
{
    return bodyJson(body).dump();
}

Result<EntryBody> bodyFromText(std::string_view kind, const std::string& text)
{
    const auto json = parseJson(text, std::string(kind));
    if (!json)
        return json.error();
    if (kind == "advice") {
        auto advice = adviceFromJson(*json);
        if (!advice)
            return advice.error();
        return EntryBody{std::move(*advice)};
    }
    if (kind == "built") {
        auto built = instrumentFromJson(json->contains("spec") ? (*json)["spec"] : Json());
        if (!built)
            return built.error();
        return EntryBody{BuiltEntry{std::move(*built)}};
    }
    std::optional<Error> error;
    JsonReader r(*json, "/" + std::string(kind), error);
    auto body = bodyFrom(kind, r, *json, error);
    if (!body)
        return Error{ErrorCode::Damaged, std::string(kind), "is no kind of entry"};
    r.finish();
    if (error)
        return *error;
    return std::move(*body);
}

std::string recordText(const Workbook& book)
{
    Json entries = Json::array();
    for (const Entry& e : book.entries())
        entries.push_back({{"id", e.id.number},
                           {"at", e.at},
                           {"kind", kindOf(e.body)},
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
