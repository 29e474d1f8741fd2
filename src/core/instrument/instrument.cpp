// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/instrument.h"

#include "core/base/number_text.h"
#include "core/tuning/pitch.h"
#include "core/tuning/scale.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <set>
#include <utility>

namespace dowel {

namespace {

constexpr std::array<std::pair<Family, std::string_view>, 10> families{{
    {Family::Whistle, "whistle"},
    {Family::Recorder, "recorder"},
    {Family::TwoChamber, "two-chamber"},
    {Family::Flute, "flute"},
    {Family::Fife, "fife"},
    {Family::Stopped, "stopped"},
    {Family::Slide, "slide"},
    {Family::Reed, "reed"},
    {Family::Horn, "horn"},
    {Family::Other, "other"},
}};

// Larger than any instrument a person plays alone; keeps typing errors such as metres for millimetres out.
constexpr double longestTube_mm = 5000.0;
constexpr double widestBore_mm = 300.0;
// Holes closer than this to each other or to an end leave no wood between them.
// Nobody cuts or measures an opening smaller than this.
constexpr double leastCut_mm = 0.1;
constexpr std::size_t mostHoles = 60;
constexpr int highestRegister = 6;

Error bad(ErrorCode code, std::string where, Fact fact)
{
    return Error{code, std::move(where), std::move(fact)};
}

/// A length that must lie in (low, high].
Status inRange(const std::string& where, Metres v, double low_mm, double high_mm)
{
    const double x = v.millimetres();
    if (!std::isfinite(x) || x <= low_mm || x > high_mm)
        return bad(ErrorCode::BadGeometry, where,
                   {FactId::AboveAtMost, v, Metres::fromMillimetres(low_mm), Metres::fromMillimetres(high_mm)});
    return Done{};
}

Status notNegative(const std::string& where, Metres v, double high_mm)
{
    const double x = v.millimetres();
    if (!std::isfinite(x) || x < 0.0 || x > high_mm)
        return bad(ErrorCode::BadGeometry, where, {FactId::Within, v, Metres(), Metres::fromMillimetres(high_mm)});
    return Done{};
}

Status checkBore(const InstrumentSpec& s)
{
    if (s.bore.size() < 2)
        return bad(ErrorCode::BadGeometry, "/bore", {FactId::StationsAtLeast, s.bore.size(), 2});
    for (std::size_t i = 0; i < s.bore.size(); ++i) {
        const std::string where = "/bore/" + std::to_string(i);
        const double at = s.bore[i].at.millimetres();
        if (!std::isfinite(at) || at > longestTube_mm)
            return bad(ErrorCode::BadGeometry, where + "/at_mm",
                       {FactId::AtMost, s.bore[i].at, Metres::fromMillimetres(longestTube_mm)});
        if (i == 0 && std::abs(at) > 1e-9)
            return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::FirstStation, s.bore[i].at});
        if (i > 0 && s.bore[i].at <= s.bore[i - 1].at)
            return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::StationsRise, s.bore[i].at, s.bore[i - 1].at});
        DOWEL_TRY(inRange(where + "/diameter_mm", s.bore[i].diameter, 0.5, widestBore_mm));
        if (s.bore[i].wall)
            DOWEL_TRY(inRange(where + "/wall_mm", *s.bore[i].wall, 0.0, 100.0));
        if (!(s.bore[i].roughness >= 0.1 && s.bore[i].roughness <= 10.0))
            return bad(ErrorCode::BadValue, where + "/roughness", {FactId::Within, s.bore[i].roughness, 0.1, 10});
        if (!(s.bore[i].porosity >= 0.0 && s.bore[i].porosity <= 0.1))
            return bad(ErrorCode::BadValue, where + "/porosity", {FactId::Within, s.bore[i].porosity, 0, 0.1});
    }
    return inRange("/wall_mm", s.wall, 0.0, 100.0);
}

Status checkFootPiece(const InstrumentSpec& s)
{
    if (!s.footPiece)
        return Done{};
    if (s.foot == Foot::Closed)
        return bad(ErrorCode::BadGeometry, "/foot_piece", FactId::FootClosed);
    DOWEL_TRY(inRange("/foot_piece/length_mm", s.footPiece->length, leastCut_mm, 1000.0));
    return inRange("/foot_piece/mouth_mm", s.footPiece->mouth, 0.5, 500.0);
}

Status checkExcitation(const InstrumentSpec& s)
{
    const double bore_mm = s.bore.front().diameter.millimetres();
    if (const auto* d = std::get_if<Duct>(&s.excitation)) {
        DOWEL_TRY(inRange("/excitation/window_width_mm", d->windowWidth, leastCut_mm, 3.2 * bore_mm));
        DOWEL_TRY(inRange("/excitation/window_length_mm", d->windowLength, leastCut_mm, 3.0 * bore_mm));
        DOWEL_TRY(inRange("/excitation/chimney_mm", d->chimney, 0.0, 50.0));
        DOWEL_TRY(notNegative("/excitation/cover_mm", d->cover, 50.0));
        if (!(d->rampRunPerRise >= 0.0 && d->rampRunPerRise <= 20.0))
            return bad(ErrorCode::BadValue, "/excitation/ramp_deg", {FactId::MustBeWithin, Degrees{3.0}, Degrees{90.0}});
        DOWEL_TRY(notNegative("/excitation/windway_length_mm", d->windwayLength, 300.0));
        DOWEL_TRY(notNegative("/excitation/windway_height_mm", d->windwayHeight, 20.0));
        DOWEL_TRY(notNegative("/excitation/chamfer_mm", d->chamfer, 5.0));
        return notNegative("/excitation/upstream_mm", d->upstream, 500.0);
    }
    if (const auto* t = std::get_if<Transverse>(&s.excitation)) {
        DOWEL_TRY(inRange("/excitation/hole_length_mm", t->holeLength, leastCut_mm, 2.0 * bore_mm));
        DOWEL_TRY(inRange("/excitation/hole_width_mm", t->holeWidth, leastCut_mm, bore_mm));
        DOWEL_TRY(inRange("/excitation/chimney_mm", t->chimney, 0.0, 50.0));
        DOWEL_TRY(inRange("/excitation/stopper_mm", t->stopper, 0.0, 500.0));
        DOWEL_TRY(notNegative("/excitation/undercut_mm", t->undercut, 0.5 * bore_mm));
        if (!(t->lipCover >= 0.0 && t->lipCover <= 0.9))
            return bad(ErrorCode::BadValue, "/excitation/lip_cover", {FactId::Within, t->lipCover, 0, 0.9});
        return Done{};
    }
    const double v_mm3 = std::get<ClosedTop>(s.excitation).volume.cubicMillimetres();
    if (!(v_mm3 >= 0.0 && v_mm3 <= 1e6))
        return bad(ErrorCode::BadValue, "/excitation/volume_mm3", {FactId::Within, v_mm3, 0, 1000000});
    const auto& top = std::get<ClosedTop>(s.excitation);
    DOWEL_TRY(notNegative("/excitation/socket_mm", top.socket, 200.0));
    DOWEL_TRY(notNegative("/excitation/lay_mm", top.lay, 200.0));
    if (!(top.layAngle_deg >= 0.0 && top.layAngle_deg < 90.0))
        return bad(ErrorCode::BadValue, "/excitation/lay_deg",
                   {FactId::Within, Degrees{top.layAngle_deg}, Degrees{0.0}, Degrees{90.0}});
    return Done{};
}

Status checkHole(const InstrumentSpec& s, std::size_t i, std::set<std::string>& seen, Instrument::Neighbours neighbours)
{
    const Hole& h = s.holes[i];
    if (h.id.text.empty())
        return bad(ErrorCode::BadValue, "/holes/" + std::to_string(i) + "/id", FactId::EmptyName);
    const std::string where = "/holes/" + h.id.text;
    if (!seen.insert(h.id.text).second)
        return bad(ErrorCode::BadGeometry, where + "/id", FactId::TwoHoles);
    const Metres foot = s.bore.back().at;
    if (!std::isfinite(h.at.metres()) || h.at.metres() <= 0.0 || h.at >= foot)
        return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::TubeRuns, h.at, foot});
    const Metres bore = boreDiameterAt(s.bore, h.at);
    for (const auto& [key, d] : {std::pair{"/diameter_mm", h.diameter}, std::pair{"/undercut_diameter_mm", h.undercutDiameter}}) {
        if (!std::isfinite(d.metres()) || d.millimetres() <= leastCut_mm)
            return bad(ErrorCode::BadGeometry, where + key, {FactId::Above, d, Metres::fromMillimetres(leastCut_mm)});
        if (d > bore)
            return bad(ErrorCode::BadGeometry, where + key, {FactId::BoreThere, d, bore});
    }
    if (h.undercutDiameter < h.diameter)
        return bad(ErrorCode::BadGeometry, where + "/undercut_diameter_mm",
                   {FactId::NotLessThanHole, h.undercutDiameter, h.diameter});
    DOWEL_TRY(inRange(where + "/chimney_mm", h.chimney, 0.0, 100.0));
    // A quarter round is where a finger that lies on the front ends.
    constexpr double quarter = 1.6;
    if (!(std::abs(h.aside.metres()) <= quarter * (bore / 2.0 + wallAt(s.bore, s.wall, h.at)).metres()))
        return bad(ErrorCode::BadGeometry, where + "/aside_mm", {FactId::QuarterRound, h.aside});
    if (!(h.elongation >= 0.3 && h.elongation <= 4.0))
        return bad(ErrorCode::BadGeometry, where + "/along_mm", {FactId::TimesDiameter, h.diameter * h.elongation, 0.3, 4});
    if (!(std::abs(h.slant_rad) <= 1.05))
        return bad(ErrorCode::BadGeometry, where + "/slant_deg",
                   {FactId::Within, Degrees{h.slant_rad * 57.29578}, Degrees{-60.0}, Degrees{60.0}});
    if (h.count < 1 || h.count > 2)
        return bad(ErrorCode::BadValue, where + "/count", {FactId::OneOf, h.count, 1, 2});
    if (h.countersink) {
        if (!(h.countersink->diameter >= h.diameter && h.countersink->diameter <= 4.0 * h.diameter))
            return bad(ErrorCode::BadGeometry, where + "/countersink_diameter_mm",
                       {FactId::TimesHole, h.countersink->diameter, 1, 4, h.diameter});
        if (!(h.countersink->depth > Metres{} && h.countersink->depth < h.chimney))
            return bad(ErrorCode::BadGeometry, where + "/countersink_depth_mm",
                       {FactId::BelowChimney, h.countersink->depth, h.chimney});
    }
    if (h.pad) {
        DOWEL_TRY(inRange(where + "/pad_height_mm", h.pad->height, 0.0, 50.0));
        DOWEL_TRY(inRange(where + "/pad_diameter_mm", h.pad->diameter, 0.0, 100.0));
    }
    const Metres lean = h.chimney * std::tan(h.slant_rad);
    const Metres reach = h.undercutDiameter * h.elongation / 2.0 + leastWoodBetweenHoles;
    if (h.at + lean - reach < Metres{} || h.at + lean + reach > foot || h.at - reach < Metres{} || h.at + reach > foot)
        return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::OverTheEnd, h.at});
    if (i > 0) {
        const Hole& below = s.holes[i - 1];
        if (h.at > below.at)
            return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::FromTheFoot, h.at, below.id.text, below.at});
        // Holes that meet still sound as two as long as their middles lie apart; the formulas take each by itself.
        const Metres least =
            neighbours == Instrument::Neighbours::KeepApart ? leastWoodBetweenHoles : std::min(h.diameter, below.diameter) * -0.4;
        if (h.side == below.side && woodBetween(h, below) < least)
            return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::RunsInto, below.id.text});
    }
    return Done{};
}

Status checkFingering(const InstrumentSpec& s, std::size_t i, std::set<std::string>& seen)
{
    const Fingering& f = s.fingerings[i];
    if (f.id.text.empty())
        return bad(ErrorCode::BadFingering, "/fingerings/" + std::to_string(i) + "/id", FactId::EmptyName);
    const std::string where = "/fingerings/" + f.id.text;
    if (!seen.insert(f.id.text).second)
        return bad(ErrorCode::BadFingering, where + "/id", FactId::TwoFingerings);
    std::set<std::string> once;
    for (const auto& closed : f.closed) {
        if (std::none_of(s.holes.begin(), s.holes.end(), [&](const Hole& h) { return h.id == closed; }))
            return bad(ErrorCode::BadFingering, where + "/closed", {FactId::NoHoleHere, closed.text});
        if (!once.insert(closed.text).second)
            return bad(ErrorCode::BadFingering, where + "/closed", {FactId::StandsTwice, closed.text});
    }
    for (const auto& half : f.half) {
        if (std::none_of(s.holes.begin(), s.holes.end(), [&](const Hole& h) { return h.id == half.hole; }))
            return bad(ErrorCode::BadFingering, where + "/half", {FactId::NoHoleHere, half.hole.text});
        if (!once.insert(half.hole.text).second)
            return bad(ErrorCode::BadFingering, where + "/half", {FactId::ClosedAndHalf, half.hole.text});
        if (!(half.open >= 0.001 && half.open <= 0.999))
            return bad(ErrorCode::BadFingering, where + "/half/" + half.hole.text, {FactId::Within, half.open, 0.001, 0.999});
    }
    if (f.registerNumber < 1 || f.registerNumber > highestRegister)
        return bad(ErrorCode::BadFingering, where + "/register", {FactId::Within, f.registerNumber, 1, highestRegister});
    if (!(f.target.hertz() >= 20.0 && f.target.hertz() <= 12000.0))
        return bad(ErrorCode::BadFingering, where + "/target",
                   {FactId::Within, f.target, Hertz::fromHertz(20.0), Hertz::fromHertz(12000.0)});
    if (!(f.tolerance.cents() > 0.0 && f.tolerance.cents() <= 100.0))
        return bad(ErrorCode::BadFingering, where + "/tolerance_cents",
                   {FactId::AboveAtMost, f.tolerance, Cents(), Cents::fromCents(100.0)});
    if (!(f.weight >= 0.0 && f.weight <= 1000.0))
        return bad(ErrorCode::BadFingering, where + "/weight", {FactId::Within, f.weight, 0, 1000});
    return Done{};
}

Status checkRest(const InstrumentSpec& s)
{
    if (!(s.tuning.a4.hertz() >= 300.0 && s.tuning.a4.hertz() <= 600.0))
        return bad(ErrorCode::BadValue, "/tuning/a4_hz",
                   {FactId::Within, s.tuning.a4, Hertz::fromHertz(300.0), Hertz::fromHertz(600.0)});
    DOWEL_TRY(checked(s.tuning));
    const double celsius = s.tuning.playedAt.celsius();
    if (!(celsius >= -10.0 && celsius <= 50.0))
        return bad(ErrorCode::BadValue, "/tuning/celsius",
                   {FactId::WithinRoom, s.tuning.playedAt, Temperature::fromCelsius(-10.0), Temperature::fromCelsius(50.0)});
    if (!(s.tuning.humidity >= 0.0 && s.tuning.humidity <= 1.0))
        return bad(ErrorCode::BadValue, "/tuning/humidity_percent", {FactId::Within, 100.0 * s.tuning.humidity, 0, 100});
    if (!(s.tuning.carbonDioxide >= 0.0 && s.tuning.carbonDioxide <= 0.1))
        return bad(ErrorCode::BadValue, "/tuning/co2_percent", {FactId::Within, 100.0 * s.tuning.carbonDioxide, 0, 10});
    // Half a tube's length times the gradient must leave air that the formulas know.
    if (!(std::abs(s.tuning.gradient_K_m * s.bore.back().at.metres()) <= 20.0))
        return bad(ErrorCode::BadValue, "/tuning/gradient_c_per_m", {FactId::DegreesOverTube, s.tuning.gradient_K_m, 20});
    DOWEL_TRY(inRange("/tools/step_mm", s.tools.step, 0.0, 10.0));
    for (std::size_t i = 0; i < s.tools.bits.size(); ++i) {
        const std::string where = "/tools/bits_mm/" + std::to_string(i);
        DOWEL_TRY(inRange(where, s.tools.bits[i], 0.0, 100.0));
        if (i > 0 && s.tools.bits[i] <= s.tools.bits[i - 1])
            return bad(ErrorCode::BadValue, where, {FactId::BitsRise, s.tools.bits[i]});
    }
    if (s.limits.holeMax)
        DOWEL_TRY(inRange("/limits/hole_max_mm", *s.limits.holeMax, 0.0, 100.0));
    if (s.limits.depthMax)
        DOWEL_TRY(inRange("/limits/depth_max_mm", *s.limits.depthMax, 0.0, longestTube_mm));
    if (s.limits.footMin)
        DOWEL_TRY(inRange("/limits/foot_min_mm", *s.limits.footMin, 0.0, longestTube_mm));
    return Done{};
}

Status checkMaterial(const InstrumentSpec& s)
{
    constexpr std::size_t longestWord = 60;
    constexpr std::size_t mostNodes = 50;
    if (s.material.size() > longestWord)
        return bad(ErrorCode::BadValue, "/material", {FactId::LettersWithin, s.material.size(), 0, longestWord});
    if (s.nodes.size() > mostNodes)
        return bad(ErrorCode::BadValue, "/nodes", {FactId::AtMost, s.nodes.size(), mostNodes});
    for (std::size_t i = 0; i < s.nodes.size(); ++i)
        if (const double at = s.nodes[i].at.millimetres(); !(at >= -longestTube_mm && at <= longestTube_mm))
            return bad(ErrorCode::BadValue, "/nodes/" + std::to_string(i) + "/at_mm",
                       {FactId::Within, s.nodes[i].at, Metres::fromMillimetres(-longestTube_mm),
                        Metres::fromMillimetres(longestTube_mm)});
    return Done{};
}

Status checkSlide(const InstrumentSpec& s, std::size_t i)
{
    const Slide& slide = s.slides[i];
    const std::string where = "/slides/" + std::to_string(i);
    const Metres foot = s.bore.back().at;
    if (!(slide.at > Metres{} && slide.at < foot))
        return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::TubeRuns, slide.at, foot});
    if (i > 0 && slide.at <= s.slides[i - 1].at)
        return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::SlidesFromTop, slide.at});
    DOWEL_TRY(notNegative(where + "/out_mm", slide.out, 200.0));
    DOWEL_TRY(inRange(where + "/gap_diameter_mm", slide.gapDiameter, 0.5, widestBore_mm));
    DOWEL_TRY(notNegative(where + "/tenon_mm", slide.tenon, 200.0));
    for (const Hole& h : s.holes)
        if (std::abs((h.at - slide.at).metres()) < (h.diameter * h.elongation / 2.0).metres())
            return bad(ErrorCode::BadGeometry, where + "/at_mm", {FactId::RunsThrough, slide.at, h.id.text});
    return Done{};
}

} // namespace

bool isBoredDeeper(const InstrumentSpec& spec)
{
    return spec.foot == Foot::Closed && spec.family != Family::Slide;
}

std::optional<Metres> bitOfSize(Metres size, const Tools& tools)
{
    constexpr double same_m = 1e-6; // far under what calipers tell apart
    for (const Metres bit : tools.bits)
        if (std::abs((bit - size).metres()) < same_m)
            return bit;
    return std::nullopt;
}

Metres boreDiameterAt(const std::vector<Station>& bore, Metres at)
{
    if (at <= bore.front().at)
        return bore.front().diameter;
    for (std::size_t i = 1; i < bore.size(); ++i) {
        if (at <= bore[i].at) {
            const double share = (at - bore[i - 1].at) / (bore[i].at - bore[i - 1].at);
            return bore[i - 1].diameter + (bore[i].diameter - bore[i - 1].diameter) * share;
        }
    }
    return bore.back().diameter;
}

Metres woodBetween(const Hole& one, const Hole& other)
{
    const Hole& upper = one.at < other.at ? one : other;
    const Hole& lower = one.at < other.at ? other : one;
    const auto inside = [](const Hole& h) {
        return h.at + h.chimney * std::tan(h.slant_rad);
    };
    const Metres edges = (upper.undercutDiameter * upper.elongation + lower.undercutDiameter * lower.elongation) / 2.0;
    return std::min(lower.at - upper.at, inside(lower) - inside(upper)) - edges;
}

std::vector<Station> soundingBore(const InstrumentSpec& spec)
{
    std::vector<Station> bore = spec.bore;
    if (!spec.footPiece)
        return bore;
    // Where a ring begins: as short a step as stations may be apart.
    constexpr Metres step = Metres::fromMillimetres(0.01);
    const FootPiece& piece = *spec.footPiece;
    Station end{bore.back().at + piece.length, piece.mouth};
    if (!piece.cone)
        bore.push_back({bore.back().at + step, piece.mouth});
    bore.push_back(end);
    return bore;
}

std::vector<Station> boreEndingAt(std::vector<Station> bore, Metres foot)
{
    // Nearer than this two stations are one.
    constexpr Metres same = Metres::fromMillimetres(1e-4);
    const Station last = bore.back();
    const Station before = bore[bore.size() - 2];
    Station end = last;
    end.at = foot;
    end.diameter = foot <= last.at
                       ? boreDiameterAt(bore, foot)
                       : last.diameter + (last.diameter - before.diameter) * ((foot - last.at) / (last.at - before.at));
    bore.pop_back();
    while (bore.size() > 1 && bore.back().at >= foot - same)
        bore.pop_back();
    bore.push_back(end);
    return bore;
}

std::vector<NearNode> holesNearNodes(const std::vector<Node>& nodes, const std::vector<Hole>& holes)
{
    std::vector<NearNode> near;
    for (const Hole& h : holes)
        for (const Node& n : nodes)
            if (const Metres distance = Metres::fromMetres(std::abs((h.at - n.at).metres())); distance < h.diameter)
                near.push_back({h.id, n.at, distance});
    return near;
}

Metres wallAt(const std::vector<Station>& bore, Metres otherwise, Metres at)
{
    const auto wall = [&](std::size_t i) {
        return bore[i].wall.value_or(otherwise);
    };
    if (at <= bore.front().at)
        return wall(0);
    for (std::size_t i = 1; i < bore.size(); ++i)
        if (at <= bore[i].at)
            return wall(i - 1) + (wall(i) - wall(i - 1)) * ((at - bore[i - 1].at) / (bore[i].at - bore[i - 1].at));
    return wall(bore.size() - 1);
}

namespace {

Status checkHead(const InstrumentSpec& s)
{
    if (!s.head)
        return Done{};
    constexpr double longest_mm = 1000.0;
    for (const auto& [key, size] :
         {std::pair("/head/length_mm", s.head->length), std::pair("/head/slow_chamber/length_mm", s.head->slowChamberLength),
          std::pair("/head/slow_chamber/diameter_mm", s.head->slowChamberDiameter),
          std::pair("/head/slow_chamber/entry_mm", s.head->slowChamberEntry),
          std::pair("/head/slow_chamber/exit_mm", s.head->slowChamberExit), std::pair("/head/beak_mm", s.head->beak),
          std::pair("/head/waste_mm", s.head->waste)})
        DOWEL_TRY(notNegative(key, size, longest_mm));
    return Done{};
}

/// Far beyond any instrument, and few enough for fit and layout to end.
Status checkCounts(const InstrumentSpec& s)
{
    constexpr std::size_t mostFingerings = 400;
    constexpr std::size_t mostStations = 1000;
    constexpr std::size_t mostSlides = 20;
    constexpr std::size_t mostBits = 1000;
    constexpr std::size_t longestName = 1000;
    for (const auto& [where, count, most] :
         {std::tuple("/bore", s.bore.size(), mostStations), std::tuple("/holes", s.holes.size(), mostHoles),
          std::tuple("/slides", s.slides.size(), mostSlides), std::tuple("/fingerings", s.fingerings.size(), mostFingerings),
          std::tuple("/tools/bits_mm", s.tools.bits.size(), mostBits), std::tuple("/name", s.name.size(), longestName)})
        if (count > most)
            return bad(ErrorCode::BadValue, where, {FactId::AtMost, count, most});
    return Done{};
}

} // namespace

Result<Instrument> Instrument::make(InstrumentSpec spec, Neighbours neighbours)
{
    DOWEL_TRY(checkCounts(spec));
    DOWEL_TRY(checkBore(spec));
    DOWEL_TRY(checkMaterial(spec));
    DOWEL_TRY(checkFootPiece(spec));
    DOWEL_TRY(checkHead(spec));
    DOWEL_TRY(checkExcitation(spec));
    std::set<std::string> holes;
    for (std::size_t i = 0; i < spec.holes.size(); ++i)
        DOWEL_TRY(checkHole(spec, i, holes, neighbours));
    for (std::size_t i = 0; i < spec.slides.size(); ++i)
        DOWEL_TRY(checkSlide(spec, i));
    std::set<std::string> fingerings;
    for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
        DOWEL_TRY(checkFingering(spec, i, fingerings));
    DOWEL_TRY(checkRest(spec));
    return Instrument(std::move(spec));
}

Metres Instrument::boreDiameterAt(Metres at) const
{
    return dowel::boreDiameterAt(m_spec.bore, at);
}

Metres Instrument::wallAt(Metres at) const
{
    return dowel::wallAt(m_spec.bore, m_spec.wall, at);
}

std::optional<std::size_t> Instrument::indexOf(const HoleId& id) const
{
    const auto it = std::find_if(m_spec.holes.begin(), m_spec.holes.end(), [&](const Hole& h) { return h.id == id; });
    if (it == m_spec.holes.end())
        return std::nullopt;
    return static_cast<std::size_t>(it - m_spec.holes.begin());
}

std::optional<std::size_t> Instrument::indexOf(const FingeringId& id) const
{
    const auto it =
        std::find_if(m_spec.fingerings.begin(), m_spec.fingerings.end(), [&](const Fingering& f) { return f.id == id; });
    if (it == m_spec.fingerings.end())
        return std::nullopt;
    return static_cast<std::size_t>(it - m_spec.fingerings.begin());
}

const Hole* Instrument::find(const HoleId& id) const
{
    const auto i = indexOf(id);
    return i ? &m_spec.holes[*i] : nullptr;
}

const Fingering* Instrument::find(const FingeringId& id) const
{
    const auto i = indexOf(id);
    return i ? &m_spec.fingerings[*i] : nullptr;
}

std::vector<bool> Instrument::closedHoles(const Fingering& fingering) const
{
    std::vector<bool> closed(m_spec.holes.size(), false);
    for (const auto& id : fingering.closed)
        if (const auto i = indexOf(id))
            closed[*i] = true;
    return closed;
}

std::vector<double> Instrument::openShares(const Fingering& fingering) const
{
    return dowel::openShares(m_spec.holes, fingering);
}

std::vector<double> openShares(const std::vector<Hole>& holes, const Fingering& fingering)
{
    std::vector<double> shares(holes.size(), 1.0);
    for (std::size_t i = 0; i < holes.size(); ++i) {
        for (const auto& id : fingering.closed)
            if (id == holes[i].id)
                shares[i] = 0.0;
        for (const auto& half : fingering.half)
            if (half.hole == holes[i].id)
                shares[i] = half.open;
    }
    return shares;
}

Status checked(const Tuning& tuning)
{
    if (tuning.scale == "own" ? !isTemperament(tuning.ownCents) : !temperamentNamed(tuning.scale)) {
        if (tuning.scale == "own")
            return bad(ErrorCode::BadValue, "/tuning/scale_cents", FactId::TwelveNumbers);
        std::string known = "own";
        for (const auto name : temperamentNames())
            known += ", " + std::string(name);
        return bad(ErrorCode::BadValue, "/tuning/scale", {FactId::Known, tuning.scale, known});
    }
    if (!semitonesFromName(tuning.tonic + "4"))
        return bad(ErrorCode::BadValue, "/tuning/tonic", {FactId::LetterOfTonic, tuning.tonic});
    return Done{};
}

Result<Hertz> targetOf(const Tuning& tuning, std::string_view name)
{
    Temperament t{};
    if (const auto named = temperamentNamed(tuning.scale))
        t = *named;
    else if (tuning.scale == "own" && isTemperament(tuning.ownCents))
        std::copy(tuning.ownCents.begin(), tuning.ownCents.end(), t.begin());
    else
        return Error{ErrorCode::BadValue, tuning.scale, FactId::NoSuchScale};
    return tempered(name, tuning.a4, t, tuning.tonic);
}

Result<std::vector<Fingering>> retargeted(std::vector<Fingering> chart, const Tuning& tuning)
{
    for (Fingering& f : chart) {
        if (f.targetName.empty())
            continue;
        const auto hertz = DOWEL_TRY(targetOf(tuning, f.targetName));
        f.target = hertz;
    }
    return chart;
}

std::string_view familyName(Family family)
{
    for (const auto& [f, name] : families)
        if (f == family)
            return name;
    return "other";
}

std::optional<Family> familyFromName(std::string_view name)
{
    for (const auto& [f, n] : families)
        if (n == name)
            return f;
    return std::nullopt;
}

} // namespace dowel
