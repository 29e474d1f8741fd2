// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/plan_json.h"

#include "io/json_reader.h"
#include "io/layout_json.h"
#include "io/spec_json.h"

namespace dowel::io {

std::string planText(const PlanKept& plan)
{
    Json json = jsonOf(plan.blank, plan.wishes);
    Json more{{"lowest", plan.target.lowest},       {"mode", plan.target.mode},
              {"registers", plan.target.registers}, {"tolerance_cents", plan.target.tolerance.cents()},
              {"own_chart", plan.ownChart},         {"done", Json::array()}};
    for (const StepDone& d : plan.done)
        more["done"].push_back({{"step", d.step}, {"at", d.at}});
    if (plan.target.holes)
        more["holes"] = *plan.target.holes;
    if (plan.blown)
        more["blown_hz"] = tidy(plan.blown->hertz());
    if (plan.model)
        more["model"] = jsonOf(*plan.model);
    if (plan.goal)
        more["goal"] = jsonOf(*plan.goal);
    json["plan"] = std::move(more);
    return json.dump(2) + "\n";
}

namespace {

Result<PlanKept> planFrom(const Json& json)
{
    auto asked = DOWEL_TRY(layoutFromJson(json));
    if (!std::holds_alternative<Blank>(asked.from))
        return Error{ErrorCode::BadValue, "/holes", FactId::PlanHasNone};
    PlanKept plan;
    plan.blank = std::get<Blank>(std::move(asked.from));
    plan.wishes = std::move(asked.wishes);
    plan.target = usualTarget(plan.blank.spec.family);
    plan.target.tuning = plan.blank.spec.tuning;
    if (!plan.blank.spec.fingerings.empty())
        plan.target.lowest = plan.blank.spec.fingerings.front().id.text;
    if (!json.contains("plan"))
        return plan; // written for layout alone
    std::optional<Error> error;
    JsonReader r(json["plan"], "/plan", error);
    plan.target.lowest = r.text("lowest");
    plan.target.mode = r.text("mode");
    plan.target.registers = r.integer("registers", 1);
    plan.target.tolerance = Cents::fromCents(r.number("tolerance_cents"));
    plan.ownChart = r.boolean("own_chart", false);
    if (r.has("holes"))
        plan.target.holes = r.integer("holes", 0);
    if (r.has("material")) // where plans before 0.8.0 have it
        plan.blank.spec.material = r.text("material");
    if (r.has("blown_hz")) {
        plan.blown = Hertz::fromHertz(r.number("blown_hz"));
        if (!(plan.blown->hertz() > 1.0 && plan.blown->hertz() < 20000.0))
            r.fail(ErrorCode::BadValue, "blown_hz",
                   {FactId::Within, *plan.blown, Hertz::fromHertz(1.0), Hertz::fromHertz(20000.0)});
    }
    for (auto& d : r.objects("done")) {
        plan.done.push_back({d.text("step"), d.text("at")});
        d.finish();
    }
    for (const auto& [key, into] : {std::pair{"model", &plan.model}, {"goal", &plan.goal}}) {
        if (!r.has(key))
            continue;
        (void)r.object(key);
        auto shape = instrumentFromJson(json["plan"][key]);
        if (shape)
            *into = std::move(*shape);
        else if (!error)
            error = shape.error();
    }
    r.finish();
    if (error)
        return *error;
    return plan;
}

} // namespace

Result<PlanKept> readPlanFile(const std::string& path)
{
    const auto json = readJsonFile(path);
    return json ? planFrom(*json) : Result<PlanKept>(json.error());
}

Result<PlanKept> planFromText(const std::string& text)
{
    const auto json = parseJson(text, "plan");
    return json ? planFrom(*json) : Result<PlanKept>(json.error());
}

PlanKept planOf(const Instrument& there)
{
    PlanKept plan;
    plan.blank.spec = there.spec();
    for (const Hole& h : there.spec().holes) {
        plan.blank.digits.push_back(h.digit);
        plan.blank.sides.push_back(h.side);
        plan.blank.asides.push_back(h.aside);
    }
    plan.blank.holeCount = there.spec().holes.size();
    plan.blank.spec.holes.clear();
    plan.target = usualTarget(there.spec().family);
    plan.target.tuning = there.spec().tuning;
    if (!there.spec().fingerings.empty()) {
        plan.target.lowest = there.spec().fingerings.front().id.text;
        plan.goal = there;
    }
    int registers = 1;
    for (const Fingering& f : there.spec().fingerings)
        registers = std::max(registers, f.registerNumber);
    plan.target.registers = registers;
    plan.ownChart = true;
    return plan;
}

} // namespace dowel::io
