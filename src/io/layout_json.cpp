// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/layout_json.h"

#include "core/base/number_text.h"
#include "io/json_reader.h"
#include "io/spec_json.h"
#include "io/spec_reader.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace dowel::io {

namespace {

constexpr int mostHoles = 20;

void readLength(JsonReader& r, const char* key, double low_mm, double high_mm, Metres& into)
{
    if (!r.has(key))
        return;
    const double v = r.number(key);
    if (!(v >= low_mm && v <= high_mm))
        r.fail(ErrorCode::BadValue, key,
               {FactId::Within, Metres::fromMillimetres(v), Metres::fromMillimetres(low_mm), Metres::fromMillimetres(high_mm)});
    into = Metres::fromMillimetres(v);
}

LayoutWishes readWishes(JsonReader r, const InstrumentSpec& spec, Blank& blank)
{
    LayoutWishes w;
    if (r.has("hand")) {
        const std::string hand = r.text("hand");
        if (hand == "small")
            w.reach = smallHand();
        else if (hand == "medium")
            w.reach = mediumHand();
        else if (hand == "large")
            w.reach = largeHand();
        else if (hand != "any")
            r.fail(ErrorCode::BadValue, "hand", {FactId::Known, hand, "small, medium, large, any"});
    }
    if (r.has("step_mm") || r.has("span_mm")) {
        HandSpan span = w.reach.value_or(mediumHand());
        readLength(r, "step_mm", 5.0, 200.0, span.step);
        readLength(r, "span_mm", 5.0, 400.0, span.span);
        w.reach = span;
    }
    readLength(r, "hole_min_mm", 0.5, 100.0, w.smallest);
    readLength(r, "hole_max_mm", 0.5, 100.0, w.largest);
    readLength(r, "allowance_mm", 0.0, 20.0, w.allowance);
    readLength(r, "foot_allowance_mm", 0.0, 100.0, w.footAllowance);
    w.doubt = r.number("doubt", w.doubt);
    constexpr double mostDoubt = 4.0;
    if (!(w.doubt >= 0.0 && w.doubt <= mostDoubt))
        r.fail(ErrorCode::BadValue, "doubt", {FactId::WithinDeviations, w.doubt, 0, 4});
    readLength(r, "wood_mm", 0.3, 50.0, w.leastWood);
    w.oneBit = r.boolean("one_bit", false);
    w.equalSpacing = r.boolean("equal_spacing", false);
    if (r.has("spacing_mm")) {
        Metres spacing;
        readLength(r, "spacing_mm", 5.0, 200.0, spacing);
        w.spacing = spacing;
    }
    w.evenTimbre = r.boolean("even_timbre", false);
    w.fixedLength = r.boolean("fixed_length", false);
    for (const auto& name : r.texts("allow")) {
        const auto shaping = shapingFromName(name);
        if (!shaping)
            r.fail(ErrorCode::BadValue, "allow", {FactId::Known, name, "stopper, head_taper, taper, bore, undercut, fingerings"});
        else if (!offers(spec, *shaping))
            r.fail(ErrorCode::BadValue, "allow", {FactId::HasNone, name});
        else if (std::find(w.allowed.begin(), w.allowed.end(), *shaping) == w.allowed.end())
            w.allowed.push_back(*shaping);
    }
    if (r.boolean("use_bits", false)) {
        w.bits = spec.tools.bits;
        if (w.bits.empty())
            r.fail(ErrorCode::BadValue, "use_bits", FactId::NoBits);
    }
    if (r.has("heard_above_cents"))
        for (const double v : r.numbers("heard_above_cents"))
            w.heardAbove.push_back(Cents::fromCents(v));
    constexpr double farOff_cents = 200.0;
    if (std::any_of(w.heardAbove.begin(), w.heardAbove.end(),
                    [](const Cents& c) { return !(std::abs(c.cents()) <= farOff_cents); }))
        r.fail(ErrorCode::BadValue, "heard_above_cents", {FactId::OneAFingering, -200, 200});
    blank.digits = r.texts("digits");
    for (const auto& side : r.texts("sides")) {
        if (side != "front" && side != "back")
            r.fail(ErrorCode::BadValue, "sides", {FactId::Known, side, "front, back"});
        blank.sides.push_back(side == "back" ? Side::Back : Side::Front);
    }
    if (r.has("aside_mm"))
        for (const double v : r.numbers("aside_mm"))
            blank.asides.push_back(Metres::fromMillimetres(v));
    r.finish();
    return w;
}

/// The highest number N of a hole called hN.
int highestHole(const InstrumentSpec& spec)
{
    int highest = 0;
    const auto look = [&](const std::string& id) {
        int n = 0;
        if (id.size() > 1 && id[0] == 'h' && std::from_chars(id.data() + 1, id.data() + id.size(), n).ec == std::errc())
            highest = std::max(highest, n);
    };
    for (const Fingering& f : spec.fingerings) {
        for (const HoleId& id : f.closed)
            look(id.text);
        for (const HalfHole& half : f.half)
            look(half.hole.text);
    }
    return highest;
}

} // namespace

Result<LayoutAsked> readLayoutFile(const std::string& path)
{
    const auto json = DOWEL_TRY(readJsonFile(path));
    return layoutFromJson(json);
}

Result<LayoutAsked> layoutFromJson(const Json& json)
{
    std::optional<Error> error;
    JsonReader r(json, "", error);
    Blank blank;
    blank.spec = readSpec(r, error);
    const int count =
        r.integer("hole_count", blank.spec.holes.empty() ? highestHole(blank.spec) : static_cast<int>(blank.spec.holes.size()));
    if (count < 0 || count > mostHoles)
        r.fail(ErrorCode::BadGeometry, "hole_count", {FactId::Within, count, 0, mostHoles});
    if (!blank.spec.holes.empty() && count != static_cast<int>(blank.spec.holes.size()))
        r.fail(ErrorCode::BadGeometry, "hole_count", {FactId::HolesStandThere, count, blank.spec.holes.size()});
    if (blank.spec.holes.empty() && highestHole(blank.spec) > count)
        r.fail(ErrorCode::BadFingering, "hole_count", {FactId::FingeringNames, count, highestHole(blank.spec)});
    LayoutWishes wishes;
    if (blank.spec.limits.holeMax)
        wishes.largest = *blank.spec.limits.holeMax;
    if (r.has("layout"))
        wishes = readWishes(r.object("layout"), blank.spec, blank);
    if (r.has("plan")) // what the window keeps beside it
        (void)r.object("plan");
    r.finish();
    if (error)
        return *error;
    blank.holeCount = static_cast<std::size_t>(count);
    if (blank.spec.holes.empty())
        return LayoutAsked{std::move(blank), std::move(wishes)};
    auto instrument = DOWEL_TRY(Instrument::make(std::move(blank.spec)));
    return LayoutAsked{std::move(instrument), std::move(wishes)};
}

std::string layoutText(const Blank& blank, const LayoutWishes& wishes)
{
    return jsonOf(blank, wishes).dump(2) + "\n";
}

Json jsonOf(const Blank& blank, const LayoutWishes& wishes)
{
    Json json = jsonOf(blank.spec);
    json["holes"] = Json::array();
    json["hole_count"] = blank.holeCount;
    const auto mm = [](Metres m) {
        return tidy(m.millimetres());
    };
    Json w{{"hole_min_mm", mm(wishes.smallest)},
           {"hole_max_mm", mm(wishes.largest)},
           {"allowance_mm", mm(wishes.allowance)},
           {"foot_allowance_mm", mm(wishes.footAllowance)},
           {"wood_mm", mm(wishes.leastWood)},
           {"doubt", wishes.doubt},
           {"one_bit", wishes.oneBit},
           {"use_bits", !wishes.bits.empty()},
           {"equal_spacing", wishes.equalSpacing},
           {"even_timbre", wishes.evenTimbre},
           {"fixed_length", wishes.fixedLength}};
    if (wishes.reach) {
        w["step_mm"] = mm(wishes.reach->step);
        w["span_mm"] = mm(wishes.reach->span);
    }
    if (wishes.spacing)
        w["spacing_mm"] = mm(*wishes.spacing);
    for (const Shaping shaping : wishes.allowed)
        w["allow"].push_back(shapingName(shaping));
    for (const Cents& above : wishes.heardAbove)
        w["heard_above_cents"].push_back(tidy(above.cents()));
    if (!blank.digits.empty())
        w["digits"] = blank.digits;
    for (const Side side : blank.sides)
        w["sides"].push_back(side == Side::Back ? "back" : "front");
    for (const Metres aside : blank.asides)
        w["aside_mm"].push_back(mm(aside));
    json["layout"] = w;
    return json;
}

} // namespace dowel::io
