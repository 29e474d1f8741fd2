// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/advice_json.h"

#include "io/record_json.h"

namespace dowel::io {

namespace {

Json idList(const std::vector<FingeringId>& ids)
{
    Json list = Json::array();
    for (const auto& id : ids)
        list.push_back(id.text);
    return list;
}

std::vector<FingeringId> idsFrom(JsonReader& r, const std::string& key)
{
    std::vector<FingeringId> ids;
    for (auto& text : r.texts(key))
        ids.push_back({std::move(text)});
    return ids;
}

std::optional<double> chanceFrom(JsonReader& r, const std::string& key)
{
    return r.has(key) ? std::optional(r.number(key)) : std::nullopt;
}

Json stepJson(const AdviceStep& s)
{
    Json forecast = Json::array();
    for (const auto& f : s.forecast)
        forecast.push_back(jsonOf(f));
    Json json{{"cut", jsonOf(s.cut)},          {"from_mm", tidy(s.from.millimetres())},
              {"note", s.reason.note.text},    {"note_now_cents", s.reason.now.cents()},
              {"guarded", s.reason.guarded},   {"goal_mm", tidy(s.reason.goal.millimetres())},
              {"then_measure", s.thenMeasure}, {"hear", idList(s.hear)},
              {"forecast", forecast}};
    if (s.bit)
        json["bit_mm"] = tidy(s.bit->millimetres());
    if (s.chanceSpoiled)
        json["chance_spoiled"] = *s.chanceSpoiled;
    if (s.chanceAllAfter)
        json["chance_all_after"] = *s.chanceAllAfter;
    return json;
}

AdviceStep stepFrom(JsonReader r, const Json& json, std::optional<Error>& error)
{
    AdviceStep s;
    r.object("cut");
    if (json.contains("cut")) {
        auto cut = cutFromJson(json["cut"]);
        if (cut)
            s.cut = *cut;
        else if (!error)
            error = cut.error();
    }
    s.from = Metres::fromMillimetres(r.number("from_mm"));
    s.reason = {{r.text("note")},
                Cents::fromCents(r.number("note_now_cents")),
                r.boolean("guarded", false),
                Metres::fromMillimetres(r.number("goal_mm"))};
    s.thenMeasure = r.boolean("then_measure", true);
    s.hear = idsFrom(r, "hear");
    if (r.has("bit_mm"))
        s.bit = Metres::fromMillimetres(r.number("bit_mm"));
    s.chanceSpoiled = chanceFrom(r, "chance_spoiled");
    s.chanceAllAfter = chanceFrom(r, "chance_all_after");
    s.forecast = forecastFrom(r);
    r.finish();
    return s;
}

} // namespace

Json jsonOf(const NoteForecast& f)
{
    Json json{{"fingering", f.fingering.text},
              {"now_cents", f.now.cents()},
              {"after_cents", f.after.cents()},
              {"sd_cents", f.sd.cents()}};
    if (f.doubt.cents() > 0.0) {
        json["rest_cents"] = f.rest.cents();
        json["doubt_cents"] = f.doubt.cents();
    }
    return json;
}

std::vector<NoteForecast> forecastFrom(JsonReader& reader)
{
    std::vector<NoteForecast> all;
    for (auto& r : reader.objects("forecast")) {
        all.push_back({{r.text("fingering")},
                       Cents::fromCents(r.number("now_cents")),
                       Cents::fromCents(r.number("after_cents")),
                       Cents::fromCents(r.number("sd_cents")),
                       Cents::fromCents(r.has("rest_cents") ? r.number("rest_cents") : 0.0),
                       Cents::fromCents(r.has("doubt_cents") ? r.number("doubt_cents") : 0.0)});
        r.finish();
    }
    return all;
}

Json jsonOf(const Advice& a)
{
    Json steps = Json::array();
    for (const auto& s : a.steps)
        steps.push_back(stepJson(s));
    Json left = Json::array();
    for (const auto& l : a.left)
        left.push_back({{"fingering", l.fingering.text}, {"off_cents", l.off.cents()}, {"why", leftName(l.why)}});
    Json json{{"state", stateName(a.state)},
              {"worst_cents", a.worst.cents()},
              {"rms_cents", a.rms.cents()},
              {"within_tolerance", a.withinTolerance},
              {"of", a.of},
              {"steps", steps},
              {"fingerings", idList(a.fingerings)},
              {"left", left}};
    if (a.chanceAllWithin)
        json["chance_all_within"] = *a.chanceAllWithin;
    if (!a.wouldSettle.empty())
        json["would_settle"] = idList(a.wouldSettle);
    if (!a.lastResort.empty()) {
        Json fills = Json::array();
        for (const Cut& f : a.lastResort)
            fills.push_back(jsonOf(f));
        json["last_resort"] = fills;
    }
    if (a.contradiction) {
        json["contradiction"] = {
            {"kind", kindName(a.contradiction->kind)}, {"what", a.contradiction->what}, {"amount", a.contradiction->amount}};
        if (!a.contradiction->with.empty())
            json["contradiction"]["with"] = a.contradiction->with;
    }
    return json;
}

Result<Advice> adviceFromJson(const Json& json)
{
    std::optional<Error> error;
    JsonReader r(json, "/advice", error);
    Advice a;
    const auto state = stateFromName(r.text("state"));
    if (!state)
        r.fail(ErrorCode::BadValue, "state", FactId::NotKnown);
    a.state = state.value_or(AdviceState::Measure);
    a.worst = Cents::fromCents(r.number("worst_cents"));
    a.rms = Cents::fromCents(r.number("rms_cents"));
    a.withinTolerance = r.integer("within_tolerance", 0);
    a.of = r.integer("of", 0);
    std::size_t index = 0;
    for (auto& step : r.objects("steps"))
        a.steps.push_back(stepFrom(step, json["steps"][index++], error));
    (void)r.boolean("trial", false); // in records up to 0.7.0
    a.chanceAllWithin = chanceFrom(r, "chance_all_within");
    a.fingerings = idsFrom(r, "fingerings");
    if (r.has("would_settle"))
        a.wouldSettle = idsFrom(r, "would_settle");
    for (auto& l : r.objects("left")) {
        const auto why = leftFromName(l.text("why"));
        if (!why)
            l.fail(ErrorCode::BadValue, "why", FactId::NotKnown);
        a.left.push_back(
            {{l.text("fingering")}, Cents::fromCents(l.number("off_cents")), why.value_or(UnreachedNote::Why::Compromise)});
        l.finish();
    }
    if (r.has("last_resort")) {
        r.objects("last_resort");
        for (const Json& fill : json["last_resort"]) {
            auto cut = cutFromJson(fill);
            if (cut)
                a.lastResort.push_back(*cut);
            else if (!error)
                error = cut.error();
        }
    }
    if (r.has("contradiction")) {
        JsonReader c = r.object("contradiction");
        const auto kind = contradictionFromName(c.text("kind"));
        if (!kind)
            c.fail(ErrorCode::BadValue, "kind", FactId::NotKnown);
        a.contradiction = Contradiction{kind.value_or(Contradiction::Kind::Reading), c.text("what"), c.number("amount"),
                                        c.has("with") ? c.text("with") : std::string()};
        c.finish();
    }
    r.finish();
    if (error)
        return *error;
    return a;
}

} // namespace dowel::io
