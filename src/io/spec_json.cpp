// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/spec_json.h"

#include "core/tuning/pitch.h"
#include "io/json_reader.h"
#include "io/spec_reader.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel::io {

namespace {

constexpr double defaultTolerance_cents = 6.0;
constexpr double radiansPerDegree = std::numbers::pi / 180.0;

double mm(Metres m)
{
    return tidy(m.millimetres());
}

Metres length(JsonReader& r, const std::string& key)
{
    return Metres::fromMillimetres(r.number(key));
}
Metres length(JsonReader& r, const std::string& key, Metres otherwise)
{
    return r.has(key) ? length(r, key) : Metres::fromMillimetres(r.number(key, otherwise.millimetres()));
}

Excitation readExcitation(JsonReader r, Metres wall)
{
    const std::string kind = r.text("kind");
    Excitation e = Duct{};
    if (kind == "duct") {
        Duct d;
        d.windowWidth = length(r, "window_width_mm");
        d.windowLength = length(r, "window_length_mm");
        d.chimney = length(r, "chimney_mm", wall);
        d.upstream = length(r, "upstream_mm", Metres{});
        d.cover = length(r, "cover_mm", Metres{});
        d.windwayLength = length(r, "windway_length_mm", Metres{});
        d.windwayHeight = length(r, "windway_height_mm", Metres{});
        d.chamfer = length(r, "chamfer_mm", Metres{});
        if (r.has("ramp_deg"))
            d.rampRunPerRise = 1.0 / std::tan(r.number("ramp_deg") * radiansPerDegree);
        e = d;
    } else if (kind == "transverse") {
        Transverse t;
        t.holeLength = length(r, "hole_length_mm");
        t.holeWidth = length(r, "hole_width_mm", t.holeLength);
        t.chimney = length(r, "chimney_mm", wall);
        t.stopper = length(r, "stopper_mm");
        t.lipCover = r.number("lip_cover", 0.3);
        t.undercut = length(r, "undercut_mm", Metres{});
        e = t;
    } else if (kind == "reed" || kind == "lip") {
        ClosedTop c;
        c.lip = kind == "lip";
        c.volume = CubicMetres::fromCubicMillimetres(r.number("volume_mm3"));
        c.socket = length(r, "socket_mm", Metres{});
        c.lay = length(r, "lay_mm", Metres{});
        c.layAngle_deg = r.number("lay_deg", 0.0);
        e = c;
    } else {
        r.fail(ErrorCode::BadValue, "kind", {FactId::Known, kind, "duct, transverse, reed, lip"});
    }
    r.finish();
    return e;
}

Hole readHole(JsonReader r, const InstrumentSpec& spec)
{
    Hole h;
    h.id = {r.text("id")};
    if (!h.id.text.empty())
        r.rename("/holes/" + h.id.text);
    h.at = length(r, "at_mm");
    h.diameter = length(r, "diameter_mm");
    h.undercutDiameter = length(r, "undercut_diameter_mm", h.diameter);
    h.chimney = length(r, "chimney_mm", spec.bore.empty() ? spec.wall : wallAt(spec.bore, spec.wall, h.at));
    h.elongation = r.has("along_mm") ? length(r, "along_mm") / h.diameter : 1.0;
    h.slant_rad = r.number("slant_deg", 0.0) * radiansPerDegree;
    h.aside = Metres::fromMillimetres(r.number("aside_mm", 0.0));
    h.count = r.integer("count", 1);
    const std::string closure = r.text("closure", "finger");
    if (closure == "thumb")
        h.closure = Closure::Thumb;
    else if (closure == "pad")
        h.closure = Closure::Pad;
    else if (closure != "finger")
        r.fail(ErrorCode::BadValue, "closure", {FactId::Known, closure, "finger, thumb, pad"});
    if (r.has("countersink_diameter_mm"))
        h.countersink = Countersink{length(r, "countersink_diameter_mm"), length(r, "countersink_depth_mm", h.chimney / 2.0)};
    if (r.has("pad_height_mm"))
        h.pad = Pad{length(r, "pad_height_mm"), length(r, "pad_diameter_mm", h.diameter * 1.4)};
    const std::string side = r.text("side", "front");
    if (side != "front" && side != "back")
        r.fail(ErrorCode::BadValue, "side", {FactId::Known, side, "front, back"});
    h.side = side == "back" ? Side::Back : Side::Front;
    h.digit = r.text("digit", "");
    r.finish();
    return h;
}

Json excitationJson(const Excitation& e)
{
    if (const auto* d = std::get_if<Duct>(&e)) {
        Json json{{"kind", "duct"},
                  {"window_width_mm", mm(d->windowWidth)},
                  {"window_length_mm", mm(d->windowLength)},
                  {"chimney_mm", mm(d->chimney)},
                  {"upstream_mm", mm(d->upstream)}};
        if (d->cover > Metres{})
            json["cover_mm"] = mm(d->cover);
        for (const auto& [key, size] : {std::pair{"windway_length_mm", d->windwayLength},
                                        std::pair{"windway_height_mm", d->windwayHeight}, std::pair{"chamfer_mm", d->chamfer}})
            if (size > Metres{})
                json[key] = mm(size);
        if (d->rampRunPerRise > 0.0)
            json["ramp_deg"] = tidy(std::atan2(1.0, d->rampRunPerRise) / radiansPerDegree);
        return json;
    }
    if (const auto* t = std::get_if<Transverse>(&e)) {
        Json json{{"kind", "transverse"},         {"hole_length_mm", mm(t->holeLength)}, {"hole_width_mm", mm(t->holeWidth)},
                  {"chimney_mm", mm(t->chimney)}, {"stopper_mm", mm(t->stopper)},        {"lip_cover", t->lipCover}};
        if (t->undercut > Metres{})
            json["undercut_mm"] = mm(t->undercut);
        return json;
    }
    const auto& c = std::get<ClosedTop>(e);
    Json json{{"kind", c.lip ? "lip" : "reed"}, {"volume_mm3", tidy(c.volume.cubicMillimetres())}};
    if (c.socket > Metres{})
        json["socket_mm"] = mm(c.socket);
    if (c.lay > Metres{})
        json["lay_mm"] = mm(c.lay);
    if (c.layAngle_deg > 0.0)
        json["lay_deg"] = tidy(c.layAngle_deg);
    return json;
}

/// What is not as usual is written, nothing else.
Json headJson(const Head& head)
{
    Json json{{"length_mm", mm(head.length)}};
    const auto add = [](Json& to, const char* key, Metres size, Metres usual) {
        if (!(size == usual))
            to[key] = mm(size);
    };
    add(json, "beak_mm", head.beak, {});
    add(json, "waste_mm", head.waste, Head{}.waste);
    if (head.slowChamberLength > Metres{}) {
        Json& chamber = json["slow_chamber"];
        chamber = {{"length_mm", mm(head.slowChamberLength)}, {"diameter_mm", mm(head.slowChamberDiameter)}};
        add(chamber, "entry_mm", head.slowChamberEntry, {});
        add(chamber, "exit_mm", head.slowChamberExit, {});
    }
    return json;
}

/// What differs from a plain round hole is written, nothing else.
Json holeJson(const Hole& h)
{
    Json json{{"id", h.id.text},
              {"at_mm", mm(h.at)},
              {"diameter_mm", mm(h.diameter)},
              {"undercut_diameter_mm", mm(h.undercutDiameter)},
              {"chimney_mm", mm(h.chimney)},
              {"side", h.side == Side::Back ? "back" : "front"},
              {"digit", h.digit}};
    if (h.elongation != 1.0)
        json["along_mm"] = mm(h.diameter * h.elongation);
    if (h.aside != Metres{})
        json["aside_mm"] = mm(h.aside);
    if (h.slant_rad != 0.0)
        json["slant_deg"] = tidy(h.slant_rad / radiansPerDegree);
    if (h.count != 1)
        json["count"] = h.count;
    if (h.closure != Closure::Finger)
        json["closure"] = h.closure == Closure::Thumb ? "thumb" : "pad";
    if (h.countersink) {
        json["countersink_diameter_mm"] = mm(h.countersink->diameter);
        json["countersink_depth_mm"] = mm(h.countersink->depth);
    }
    if (h.pad) {
        json["pad_height_mm"] = mm(h.pad->height);
        json["pad_diameter_mm"] = mm(h.pad->diameter);
    }
    return json;
}

Json stationJson(const Station& station)
{
    Json json{{"at_mm", mm(station.at)}, {"diameter_mm", mm(station.diameter)}};
    if (station.wall)
        json["wall_mm"] = mm(*station.wall);
    if (station.roughness != 1.0)
        json["roughness"] = station.roughness;
    if (station.porosity != 0.0)
        json["porosity"] = station.porosity;
    return json;
}

} // namespace

Fingering fingeringFrom(JsonReader r, const Tuning& tuning)
{
    Fingering f;
    f.id = {r.text("id")};
    if (!f.id.text.empty())
        r.rename("/fingerings/" + f.id.text);
    for (auto& hole : r.texts("closed"))
        f.closed.push_back({std::move(hole)});
    if (r.has("half"))
        for (auto& half : r.objects("half")) {
            f.half.push_back({{half.text("hole")}, half.number("open", 0.5)});
            half.finish();
        }
    f.registerNumber = r.integer("register", 1);
    const bool named = r.has("target");
    if (named == r.has("target_hz")) {
        r.fail(ErrorCode::BadFingering, "target", FactId::OneTarget);
    } else if (named) {
        f.targetName = r.text("target");
        const auto hz = targetOf(tuning, f.targetName);
        if (hz)
            f.target = *hz;
        else
            r.fail(ErrorCode::BadFingering, "target", {FactId::MustBePitch, f.targetName});
    } else {
        f.target = Hertz::fromHertz(r.number("target_hz"));
    }
    r.text("target", "");
    r.number("target_hz", 0.0);
    f.tolerance = Cents::fromCents(r.number("tolerance_cents", defaultTolerance_cents));
    f.weight = r.number("weight", 1.0);
    r.finish();
    return f;
}

Tuning tuningFrom(JsonReader t, std::optional<Error>& error)
{
    Tuning tuning;
    tuning.a4 = Hertz::fromHertz(t.number("a4_hz", 440.0));
    tuning.scale = t.text("scale", "equal");
    tuning.tonic = t.text("tonic", "C");
    if (t.has("scale_cents"))
        tuning.ownCents = t.numbers("scale_cents");
    tuning.playedAt = Temperature::fromCelsius(t.number("celsius", 20.0));
    tuning.humidity = t.number("humidity_percent", 0.0) / 100.0;
    tuning.carbonDioxide = t.number("co2_percent", 0.0) / 100.0;
    tuning.gradient_K_m = t.number("gradient_c_per_m", 0.0);
    t.finish();
    if (const auto ok = checked(tuning); !ok && !error)
        error = ok.error();
    return tuning;
}

std::vector<Node> nodesFrom(JsonReader& r)
{
    std::vector<Node> nodes;
    if (r.has("nodes"))
        for (auto& node : r.objects("nodes")) {
            nodes.push_back({length(node, "at_mm"), node.boolean("kept", false)});
            node.finish();
        }
    return nodes;
}

FootPiece footPieceFrom(JsonReader& r)
{
    FootPiece piece{length(r, "length_mm"), length(r, "mouth_mm")};
    const std::string shape = r.text("shape", "cone");
    if (shape != "cone" && shape != "ring")
        r.fail(ErrorCode::BadValue, "shape", {FactId::Known, shape, "cone, ring"});
    piece.cone = shape == "cone";
    return piece;
}

Tools toolsFrom(JsonReader t)
{
    Tools tools;
    tools.step = length(t, "step_mm", tools.step);
    for (const double bit : t.numbers("bits_mm"))
        tools.bits.push_back(Metres::fromMillimetres(bit));
    t.finish();
    return tools;
}

Limits limitsFrom(JsonReader l)
{
    Limits limits;
    if (l.has("hole_max_mm"))
        limits.holeMax = length(l, "hole_max_mm");
    if (l.has("foot_min_mm"))
        limits.footMin = length(l, "foot_min_mm");
    if (l.has("depth_max_mm"))
        limits.depthMax = length(l, "depth_max_mm");
    l.finish();
    return limits;
}

/// The windway is the excitation's.
Head headFrom(JsonReader h, Excitation& excitation)
{
    Head head;
    head.length = length(h, "length_mm");
    head.beak = length(h, "beak_mm", Metres{});
    head.waste = length(h, "waste_mm", Head{}.waste);
    if (h.has("windway_length_mm")) {
        const Metres windway = length(h, "windway_length_mm");
        if (auto* duct = std::get_if<Duct>(&excitation))
            duct->windwayLength = windway;
        else
            h.fail(ErrorCode::BadValue, "windway_length_mm", FactId::OnlyADuct);
    }
    if (h.has("slow_chamber")) {
        JsonReader chamber = h.object("slow_chamber");
        head.slowChamberLength = length(chamber, "length_mm");
        head.slowChamberDiameter = length(chamber, "diameter_mm");
        head.slowChamberEntry = length(chamber, "entry_mm", Metres{});
        head.slowChamberExit = length(chamber, "exit_mm", Metres{});
        chamber.finish();
    }
    h.finish();
    return head;
}

Slide slideFrom(JsonReader& slide, const std::vector<Station>& bore)
{
    Slide one{length(slide, "at_mm"), length(slide, "out_mm", Metres{}), Metres{}};
    one.gapDiameter = length(slide, "gap_diameter_mm", bore.empty() ? Metres{} : boreDiameterAt(bore, one.at));
    one.tenon = length(slide, "tenon_mm", Metres{});
    const std::string on = slide.text("tenon_on", "below");
    if (on != "below" && on != "above")
        slide.fail(ErrorCode::BadValue, "tenon_on", {FactId::Known, on, "below, above"});
    one.tenonAbove = on == "above";
    slide.finish();
    return one;
}

InstrumentSpec readSpec(JsonReader& r, std::optional<Error>& error)
{
    if (r.text("format") != "dowel-instrument")
        r.fail(ErrorCode::BadValue, "format", {FactId::MustBeWord, "dowel-instrument"});
    if (const int version = r.integer("version", 1); version != 1)
        r.fail(version > 1 ? ErrorCode::NewerVersion : ErrorCode::BadValue, "version", {FactId::Known, version, 1});
    InstrumentSpec s;
    s.name = r.text("name", "");
    const std::string family = r.text("family", "other");
    if (const auto f = familyFromName(family))
        s.family = *f;
    else
        r.fail(ErrorCode::BadValue, "family",
               {FactId::Known, family, "whistle, recorder, two-chamber, flute, fife, stopped, slide, reed, horn, other"});
    s.material = r.text("material", "");
    s.nodes = nodesFrom(r);
    s.wall = length(r, "wall_mm");
    s.excitation = readExcitation(r.object("excitation"), s.wall);
    for (auto& station : r.objects("bore")) {
        Station st{length(station, "at_mm"), length(station, "diameter_mm")};
        if (station.has("wall_mm"))
            st.wall = length(station, "wall_mm");
        st.roughness = station.number("roughness", 1.0);
        st.porosity = station.number("porosity", 0.0);
        s.bore.push_back(st);
        station.finish();
    }
    const std::string foot = r.text("foot", "open");
    if (foot != "open" && foot != "closed")
        r.fail(ErrorCode::BadValue, "foot", {FactId::Known, foot, "open, closed"});
    s.foot = foot == "closed" ? Foot::Closed : Foot::Open;
    if (r.has("foot_piece")) {
        JsonReader piece = r.object("foot_piece");
        s.footPiece = footPieceFrom(piece);
        piece.finish();
    }
    if (r.has("head"))
        s.head = headFrom(r.object("head"), s.excitation);
    for (auto& hole : r.objects("holes"))
        s.holes.push_back(readHole(hole, s));
    if (r.has("slides"))
        for (auto& slide : r.objects("slides"))
            s.slides.push_back(slideFrom(slide, s.bore));
    if (r.has("tuning"))
        s.tuning = tuningFrom(r.object("tuning"), error);
    else if (const auto tuning = checked(s.tuning); !tuning && !error)
        error = tuning.error();
    for (auto& fingering : r.objects("fingerings"))
        s.fingerings.push_back(fingeringFrom(fingering, s.tuning));
    if (r.has("tools"))
        s.tools = toolsFrom(r.object("tools"));
    if (r.has("limits"))
        s.limits = limitsFrom(r.object("limits"));
    return s;
}

Result<Instrument> instrumentFromJson(const Json& json)
{
    std::optional<Error> error;
    JsonReader r(json, "", error);
    InstrumentSpec spec = readSpec(r, error);
    r.finish();
    if (error)
        return *error;
    return Instrument::make(std::move(spec));
}

Json jsonOf(const FootPiece& piece)
{
    return {{"length_mm", mm(piece.length)}, {"mouth_mm", mm(piece.mouth)}, {"shape", piece.cone ? "cone" : "ring"}};
}

Json jsonOf(const Instrument& instrument)
{
    return jsonOf(instrument.spec());
}

Json jsonOf(const std::vector<Fingering>& chart)
{
    Json fingerings = Json::array();
    for (const auto& f : chart) {
        Json closed = Json::array();
        for (const auto& id : f.closed)
            closed.push_back(id.text);
        Json one{{"id", f.id.text},
                 {"closed", closed},
                 {"register", f.registerNumber},
                 {"tolerance_cents", f.tolerance.cents()},
                 {"weight", f.weight}};
        for (const auto& half : f.half)
            one["half"].push_back({{"hole", half.hole.text}, {"open", half.open}});
        if (f.targetName.empty())
            one["target_hz"] = f.target.hertz();
        else
            one["target"] = f.targetName;
        fingerings.push_back(one);
    }
    return fingerings;
}

Json jsonOf(const Tuning& t)
{
    Json tuning{{"a4_hz", t.a4.hertz()}, {"scale", t.scale}, {"celsius", tidy(t.playedAt.celsius())}};
    if (t.tonic != "C")
        tuning["tonic"] = t.tonic;
    if (t.scale == "own")
        tuning["scale_cents"] = t.ownCents;
    if (t.humidity != 0.0)
        tuning["humidity_percent"] = tidy(100.0 * t.humidity);
    if (t.carbonDioxide != 0.0)
        tuning["co2_percent"] = tidy(100.0 * t.carbonDioxide);
    if (t.gradient_K_m != 0.0)
        tuning["gradient_c_per_m"] = tidy(t.gradient_K_m);
    return tuning;
}

Json jsonOf(const std::vector<Node>& nodes)
{
    Json json = Json::array();
    for (const Node& n : nodes)
        json.push_back({{"at_mm", mm(n.at)}, {"kept", n.kept}});
    return json;
}

Json jsonOf(const Tools& tools)
{
    Json bits = Json::array();
    for (const auto bit : tools.bits)
        bits.push_back(mm(bit));
    return Json{{"step_mm", mm(tools.step)}, {"bits_mm", bits}};
}

Json jsonOf(const Limits& l)
{
    Json limits = Json::object();
    if (l.holeMax)
        limits["hole_max_mm"] = mm(*l.holeMax);
    if (l.footMin)
        limits["foot_min_mm"] = mm(*l.footMin);
    if (l.depthMax)
        limits["depth_max_mm"] = mm(*l.depthMax);
    return limits;
}

Json jsonOf(const InstrumentSpec& s)
{
    Json bore = Json::array();
    for (const auto& station : s.bore)
        bore.push_back(stationJson(station));
    Json holes = Json::array();
    for (const auto& h : s.holes)
        holes.push_back(holeJson(h));
    Json json{{"format", "dowel-instrument"},
              {"version", 1},
              {"name", s.name},
              {"family", familyName(s.family)},
              {"excitation", excitationJson(s.excitation)},
              {"bore", bore},
              {"wall_mm", mm(s.wall)},
              {"foot", s.foot == Foot::Closed ? "closed" : "open"},
              {"holes", holes},
              {"tuning", jsonOf(s.tuning)},
              {"fingerings", jsonOf(s.fingerings)},
              {"tools", jsonOf(s.tools)},
              {"limits", jsonOf(s.limits)}};
    if (!s.material.empty())
        json["material"] = s.material;
    if (!s.nodes.empty())
        json["nodes"] = jsonOf(s.nodes);
    if (s.footPiece)
        json["foot_piece"] = jsonOf(*s.footPiece);
    if (s.head) {
        json["head"] = headJson(*s.head);
    }
    for (const auto& slide : s.slides) {
        Json one{{"at_mm", mm(slide.at)}, {"out_mm", mm(slide.out)}, {"gap_diameter_mm", mm(slide.gapDiameter)}};
        if (slide.tenon > Metres{})
            one["tenon_mm"] = mm(slide.tenon);
        if (slide.tenonAbove)
            one["tenon_on"] = "above";
        json["slides"].push_back(std::move(one));
    }
    return json;
}

Result<Instrument> specFromText(const std::string& text, const std::string& name)
{
    const auto json = DOWEL_TRY(parseJson(text, name));
    return instrumentFromJson(json);
}

Result<Instrument> readSpecFile(const std::string& path)
{
    const auto json = DOWEL_TRY(readJsonFile(path));
    return instrumentFromJson(json);
}

std::string specText(const Instrument& instrument)
{
    return jsonOf(instrument).dump(2) + "\n";
}

} // namespace dowel::io
