// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/amend_json.h"

#include "io/json_reader.h"
#include "io/spec_json.h"
#include "io/spec_reader.h"

#include <algorithm>
#include <cmath>

namespace dowel::io {

namespace {

constexpr const char* root = "/measured";

/// Takes what was measured into the specification of what was first there.
class Measured
{
public:
    Measured(const Workbook& book, const Json& measured)
        : m_measured(&measured), m_there(jsonOf(book.firstThere())), m_now(jsonOf(book.present()))
    {
    }
    /// Errors: see amendFromJson().
    Result<std::vector<EntryBody>> entries()
    {
        if (!m_measured->is_object())
            return Error{ErrorCode::BadValue, root, FactId::MustBeObject};
        for (const auto& [key, value] : m_measured->items()) {
            const std::string where = std::string(root) + "/" + key;
            if (key == "length_mm")
                measureLength(value, where);
            else if (key == "wall_mm")
                measureWall(value, where);
            else if (key == "holes")
                eachOf(value, where, [this](const Json& one, const std::string& at) { measureHole(one, at); });
            else if (key == "bore")
                eachOf(value, where, [this](const Json& one, const std::string& at) { measureStation(one, at); });
            else if (key == "slides")
                set(m_there, m_now, key, value, where);
            else if (key == "excitation")
                measureMouth(value, where);
            else
                fail({ErrorCode::UnknownKey, where, {FactId::KnownKeys, "length_mm, wall_mm, bore, excitation, holes, slides"}});
        }
        if (m_error)
            return *m_error;
        if (m_changed) {
            auto there = instrumentFromJson(m_there);
            if (!there)
                return there.error();
            AmendEntry amend;
            amend.there = there->spec();
            m_entries.insert(m_entries.begin(), std::move(amend));
        }
        if (m_entries.empty())
            return Error{ErrorCode::BadValue, root, FactId::NothingMeasured};
        return std::move(m_entries);
    }

private:
    void fail(Error e)
    {
        if (!m_error)
            m_error = std::move(e);
    }
    template <class Each> void eachOf(const Json& list, const std::string& where, Each each)
    {
        if (!list.is_array())
            return fail({ErrorCode::BadValue, where, FactId::MustBeList});
        for (std::size_t i = 0; i < list.size(); ++i) {
            const std::string at = where + "/" + std::to_string(i);
            if (!list[i].is_object())
                fail({ErrorCode::BadValue, at, FactId::MustBeObject});
            else
                each(list[i], at);
        }
    }
    /// A key of an object of the specification, unless a cut has changed it since.
    void set(Json& there, const Json& now, const std::string& key, const Json& value, const std::string& where)
    {
        const auto before = there.find(key);
        const auto after = now.find(key);
        const bool same = before == there.end() ? after == now.end() : after != now.end() && *before == *after;
        if (!same)
            return fail({ErrorCode::BadValue, where, FactId::CutSince});
        there[key] = value;
        m_changed = true;
    }
    std::optional<double> number(const Json& value, const std::string& where)
    {
        if (value.is_number() && std::isfinite(value.get<double>()))
            return value.get<double>();
        fail({ErrorCode::BadValue, where, {FactId::MustBeNumber, value.dump()}});
        return std::nullopt;
    }
    void measureLength(const Json& value, const std::string& where)
    {
        if (const auto mm = number(value, where))
            m_entries.emplace_back(MeasureEntry{{}, Metres::fromMillimetres(*mm)});
    }
    void measureWall(const Json& value, const std::string& where)
    {
        const Json old = m_there["wall_mm"];
        if (!number(value, where))
            return;
        m_there["wall_mm"] = value;
        for (Json& hole : m_there["holes"])
            if (hole["chimney_mm"] == old)
                hole["chimney_mm"] = value;
        if (Json& mouth = m_there["excitation"]; mouth.contains("chimney_mm") && mouth["chimney_mm"] == old)
            mouth["chimney_mm"] = value;
        m_changed = true;
    }
    void measureMouth(const Json& value, const std::string& where)
    {
        if (!value.is_object())
            return fail({ErrorCode::BadValue, where, FactId::MustBeObject});
        for (const auto& [key, one] : value.items()) {
            if (key == "kind" && one != m_there["excitation"]["kind"])
                return fail({ErrorCode::BadValue, where + "/kind", FactId::AnotherInstrument});
            if (key != "kind")
                set(m_there["excitation"], m_now["excitation"], key, one, where + "/" + key);
        }
    }
    void measureHole(const Json& one, const std::string& where)
    {
        const Json id = one.value("id", Json());
        const auto is = [&](const Json& h) {
            return h["id"] == id;
        };
        Json& holes = m_there["holes"];
        const auto there = std::find_if(holes.begin(), holes.end(), is);
        if (there == holes.end())
            return fail({ErrorCode::UnknownName, where + "/id",
                         id.is_string() ? Fact::said(id.get<std::string>()) : Fact(FactId::MustBeHoleName)});
        const auto now = std::find_if(m_now["holes"].begin(), m_now["holes"].end(), is);
        for (const auto& [key, value] : one.items()) {
            const std::string at = where + "/" + key;
            if (key == "id")
                continue;
            if (key != "diameter_mm")
                set(*there, *now, key, value, at);
            else if (const auto mm = number(value, at))
                m_entries.emplace_back(MeasureEntry{HoleId{id.get<std::string>()}, Metres::fromMillimetres(*mm)});
        }
    }
    void measureStation(const Json& one, const std::string& where)
    {
        constexpr double same_mm = 0.01;
        const auto at = number(one.value("at_mm", Json()), where + "/at_mm");
        if (!at)
            return;
        Json& bore = m_there["bore"];
        const Json& now = m_now["bore"];
        // The foot's own station moves where the tube was cut; every other one is there still, or a reamer has been at it.
        const auto stands = [&](const Json& station) {
            const auto it = std::find_if(now.begin(), now.end(), [&](const Json& n) { return n["at_mm"] == station["at_mm"]; });
            return it == now.end() ? station["at_mm"] >= now.back()["at_mm"]
                                   : it->value("diameter_mm", 0.0) == station["diameter_mm"];
        };
        if (!std::all_of(bore.begin(), bore.end(), stands))
            return fail({ErrorCode::BadValue, where, FactId::ReamedSince});
        const auto it = std::find_if(bore.begin(), bore.end(), [&](const Json& s) { return s["at_mm"] >= *at - same_mm; });
        if (it != bore.end() && (*it)["at_mm"] <= *at + same_mm) {
            Json station = *it;
            for (const auto& [key, value] : one.items())
                if (key != "at_mm")
                    station[key] = value;
            *it = std::move(station);
        } else if (it == bore.end()) {
            return fail({ErrorCode::BadValue, where + "/at_mm", FactId::BeyondTheEnd});
        } else {
            bore.insert(it, one);
        }
        m_changed = true;
    }

    const Json* m_measured;
    Json m_there;
    Json m_now;
    std::vector<EntryBody> m_entries;
    std::optional<Error> m_error;
    bool m_changed = false;
};

/// Errors: those of tuningFrom(), fingeringFrom() and Instrument::make().
Result<Wanted> wantedFrom(const Json& target, const Instrument& present)
{
    std::optional<Error> error;
    JsonReader r(target, "/target", error);
    Json spec = jsonOf(present);
    if (r.has("tuning")) {
        (void)r.object("tuning");
        spec["tuning"].update(target["tuning"]);
    }
    if (r.has("fingerings")) {
        (void)r.objects("fingerings");
        spec["fingerings"] = target["fingerings"];
    }
    r.finish();
    if (error)
        return *error;
    const auto made = DOWEL_TRY(instrumentFromJson(spec));
    return Wanted{made.spec().tuning, made.spec().fingerings};
}

} // namespace

Result<std::vector<EntryBody>> amendFromJson(const Json& json, const Workbook& book)
{
    std::optional<Error> error;
    JsonReader r(json, "", error);
    AmendEntry amend;
    bool says = false;
    for (const char* key : {"name", "target", "material", "nodes", "tools", "limits"})
        says = r.has(key) || says;
    if (r.has("name"))
        amend.name = r.text("name");
    if (r.has("material"))
        amend.material = r.text("material");
    if (r.has("nodes"))
        amend.nodes = nodesFrom(r);
    if (r.has("tools"))
        amend.tools = toolsFrom(r.object("tools"));
    if (r.has("limits"))
        amend.limits = limitsFrom(r.object("limits"));
    const bool targets = r.has("target");
    const bool measures = r.has("measured");
    if (targets)
        (void)r.object("target");
    if (measures)
        (void)r.object("measured");
    r.finish();
    if (error)
        return *error;
    std::vector<EntryBody> entries;
    if (measures) {
        auto measured = DOWEL_TRY(Measured(book, json["measured"]).entries());
        entries = std::move(measured);
    }
    if (targets) {
        auto wanted = wantedFrom(json["target"], book.present());
        if (!wanted)
            return wanted.error();
        amend.wanted = std::move(*wanted);
    }
    if (says || entries.empty())
        entries.emplace_back(std::move(amend));
    return entries;
}

Result<std::vector<EntryBody>> measuredAgain(const std::vector<std::pair<SizePlace, Metres>>& sizes, const Workbook& book)
{
    Json json = Json::object();
    for (const auto& [place, size] : sizes) {
        const double mm = tidy(size.millimetres());
        if (place.list.empty())
            json[place.key] = mm;
        else if (place.list == "holes")
            json[place.list].push_back({{"id", place.hole}, {place.key, mm}});
        else if (place.list == "bore")
            json[place.list].push_back({{"at_mm", tidy(place.at.millimetres())}, {place.key, mm}});
        else
            json[place.list][place.key] = mm;
    }
    return Measured(book, json).entries();
}

} // namespace dowel::io
