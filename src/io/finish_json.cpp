// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/finish_json.h"

#include "core/base/stamp.h"
#include "io/calendar.h"
#include "io/json_reader.h"

namespace dowel::io {

std::string finishText(const FinishPlan& plan)
{
    Json works = Json::array();
    for (const FinishWork& w : plan.works) {
        Json one{{"kind", finishName(w.kind)}, {"days", w.days}};
        if (!w.words.empty())
            one["words"] = w.words;
        if (w.done)
            one["done"] = dayText(*w.done);
        if (w.weight_g)
            one["weight_g"] = tidy(*w.weight_g);
        if (w.humidity)
            one["humidity"] = tidy(*w.humidity);
        works.push_back(std::move(one));
    }
    Json json{{"recipe", plan.recipe}, {"start", dayText(plan.start)}, {"works", works}};
    if (plan.room_cents != 0.0)
        json["room"] = {{"cents", tidy(plan.room_cents)}, {"wanted_a4_hz", tidy(plan.wantedA4_Hz)}};
    return json.dump();
}

Result<FinishPlan> finishFromText(const std::string& text)
{
    const auto json = DOWEL_TRY(parseJson(text, "finish"));
    std::optional<Error> error;
    JsonReader r(json, "", error);
    const auto day = [](JsonReader& from, const std::string& key) {
        const auto read = dayFrom(from.text(key));
        if (!read)
            from.fail(ErrorCode::BadValue, key, FactId::NoDay);
        return read.value_or(std::chrono::sys_days());
    };
    FinishPlan plan;
    plan.recipe = r.text("recipe");
    plan.start = day(r, "start");
    if (r.has("room")) {
        JsonReader room = r.object("room");
        plan.room_cents = room.number("cents");
        plan.wantedA4_Hz = room.number("wanted_a4_hz");
        room.finish();
    }
    for (JsonReader& one : r.objects("works")) {
        FinishWork w;
        const auto kind = finishKindFromName(one.text("kind"));
        if (!kind)
            one.fail(ErrorCode::BadValue, "kind", FactId::NotKnown);
        w.kind = kind.value_or(FinishKind::Own);
        w.days = one.integer("days", 1);
        w.words = one.text("words", "");
        if (one.has("done"))
            w.done = day(one, "done");
        if (one.has("weight_g"))
            w.weight_g = one.number("weight_g");
        if (one.has("humidity"))
            w.humidity = one.number("humidity");
        one.finish();
        plan.works.push_back(std::move(w));
    }
    r.finish();
    if (error)
        return *error;
    DOWEL_TRY(checked(plan));
    return plan;
}

} // namespace dowel::io
