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

std::string mm(Metres m)
{
    return numberText(m.millimetres()) + " mm";
}

Error bad(ErrorCode code, std::string where, std::string facts)
{
    return Error{code, std::move(where), std::move(facts)};
}

/// A length that must lie in (low, high].
Status inRange(const std::string& where, Metres v, double low_mm, double high_mm)
{
    const double x = v.millimetres();
    if (!std::isfinite(x) || x <= low_mm || x > high_mm)
        return bad(ErrorCode::BadGeometry, where,
                   mm(v) + "; must be above " + numberText(low_mm) + " and at most " + numberText(high_mm) + " mm");
    return Done{};
}

Status notNegative(const std::string& where, Metres v, double high_mm)
{
    const double x = v.millimetres();
    if (!std::isfinite(x) || x < 0.0 || x > high_mm)
        return bad(ErrorCode::BadGeometry, where, mm(v) + "; must be 0 to " + numberText(high_mm) + " mm");
    return Done{};
}

Status checkBore(const InstrumentSpec& s)
{
    if (s.bore.size() < 2)
        return bad(ErrorCode::BadGeometry, "/bore", numberText(static_cast<double>(s.bore.size())) + " stations; at least 2");
    for (std::size_t i = 0; i < s.bore.size(); ++i) {
        const std::string where = "/bore/" + std::to_string(i);
        const double at = s.bore[i].at.millimetres();
        if (!std::isfinite(at) || at > longestTube_mm)
            return bad(ErrorCode::BadGeometry, where + "/at_mm", numberText(at) + " mm; at most " + numberText(longestTube_mm));
        if (i == 0 && std::abs(at) > 1e-9)
            return bad(ErrorCode::BadGeometry, where + "/at_mm", numberText(at) + " mm; the first station is at 0");
        if (i > 0 && s.bore[i].at <= s.bore[i - 1].at)
            return bad(ErrorCode::BadGeometry, where + "/at_mm",
                       numberText(at) + " mm after " + mm(s.bore[i - 1].at) + "; stations must rise");
        if (auto r = inRange(where + "/diameter_mm", s.bore[i].diameter, 0.5, widestBore_mm); !r)
            return r;
        if (s.bore[i].wall)
            if (auto r = inRange(where + "/wall_mm", *s.bore[i].wall, 0.0, 100.0); !r)
                return r;
        if (!(s.bore[i].roughness >= 0.1 && s.bore[i].roughness <= 10.0))
            return bad(ErrorCode::BadValue, where + "/roughness", numberText(s.bore[i].roughness) + "; must be 0.1 to 10");
        if (!(s.bore[i].porosity >= 0.0 && s.bore[i].porosity <= 0.1))
            return bad(ErrorCode::BadValue, where + "/porosity", numberText(s.bore[i].porosity) + "; must be 0 to 0.1");
    }
    return inRange("/wall_mm", s.wall, 0.0, 100.0);
}

Status checkFootPiece(const InstrumentSpec& s)
{
    if (!s.footPiece)
        return Done{};
    if (s.foot == Foot::Closed)
        return bad(ErrorCode::BadGeometry, "/foot_piece", "this foot is closed");
    if (auto r = inRange("/foot_piece/length_mm", s.footPiece->length, leastCut_mm, 1000.0); !r)
        return r;
    return inRange("/foot_piece/mouth_mm", s.footPiece->mouth, 0.5, 500.0);
}

Status checkExcitation(const InstrumentSpec& s)
{
    const double bore_mm = s.bore.front().diameter.millimetres();
    if (const auto* d = std::get_if<Duct>(&s.excitation)) {
        if (auto r = inRange("/excitation/window_width_mm", d->windowWidth, leastCut_mm, 3.2 * bore_mm); !r)
            return r;
        if (auto r = inRange("/excitation/window_length_mm", d->windowLength, leastCut_mm, 3.0 * bore_mm); !r)
            return r;
        if (auto r = inRange("/excitation/chimney_mm", d->chimney, 0.0, 50.0); !r)
            return r;
        if (auto r = notNegative("/excitation/cover_mm", d->cover, 50.0); !r)
            return r;
        if (!(d->rampRunPerRise >= 0.0 && d->rampRunPerRise <= 20.0))
            return bad(ErrorCode::BadValue, "/excitation/ramp_deg", "must be 3 to 90 degrees");
        if (auto r = notNegative("/excitation/windway_length_mm", d->windwayLength, 300.0); !r)
            return r;
        if (auto r = notNegative("/excitation/windway_height_mm", d->windwayHeight, 20.0); !r)
            return r;
        if (auto r = notNegative("/excitation/chamfer_mm", d->chamfer, 5.0); !r)
            return r;
        return notNegative("/excitation/upstream_mm", d->upstream, 500.0);
    }
    if (const auto* t = std::get_if<Transverse>(&s.excitation)) {
        if (auto r = inRange("/excitation/hole_length_mm", t->holeLength, leastCut_mm, 2.0 * bore_mm); !r)
            return r;
        if (auto r = inRange("/excitation/hole_width_mm", t->holeWidth, leastCut_mm, bore_mm); !r)
            return r;
        if (auto r = inRange("/excitation/chimney_mm", t->chimney, 0.0, 50.0); !r)
            return r;
        if (auto r = inRange("/excitation/stopper_mm", t->stopper, 0.0, 500.0); !r)
            return r;
        if (auto r = notNegative("/excitation/undercut_mm", t->undercut, 0.5 * bore_mm); !r)
            return r;
        if (!(t->lipCover >= 0.0 && t->lipCover <= 0.9))
            return bad(ErrorCode::BadValue, "/excitation/lip_cover", numberText(t->lipCover) + "; must be 0 to 0.9");
        return Done{};
    }
    const double v_mm3 = std::get<ClosedTop>(s.excitation).volume.cubicMillimetres();
    if (!(v_mm3 >= 0.0 && v_mm3 <= 1e6))
        return bad(ErrorCode::BadValue, "/excitation/volume_mm3", numberText(v_mm3) + "; must be 0 to 1000000");
    return Done{};
}

Status checkHole(const InstrumentSpec& s, std::size_t i, std::set<std::string>& seen, Instrument::Neighbours neighbours)
{
    const Hole& h = s.holes[i];
    if (h.id.text.empty())
        return bad(ErrorCode::BadValue, "/holes/" + std::to_string(i) + "/id", "empty name");
    const std::string where = "/holes/" + h.id.text;
    if (!seen.insert(h.id.text).second)
        return bad(ErrorCode::BadGeometry, where + "/id", "two holes of this name");
    const Metres foot = s.bore.back().at;
    if (!std::isfinite(h.at.metres()) || h.at.metres() <= 0.0 || h.at >= foot)
        return bad(ErrorCode::BadGeometry, where + "/at_mm", mm(h.at) + "; the tube runs from 0 to " + mm(foot));
    const Metres bore = boreDiameterAt(s.bore, h.at);
    for (const auto& [key, d] : {std::pair{"/diameter_mm", h.diameter}, std::pair{"/undercut_diameter_mm", h.undercutDiameter}}) {
        if (!std::isfinite(d.metres()) || d.millimetres() <= leastCut_mm)
            return bad(ErrorCode::BadGeometry, where + key, mm(d) + "; must be above " + numberText(leastCut_mm) + " mm");
        if (d > bore)
            return bad(ErrorCode::BadGeometry, where + key, mm(d) + "; the bore there is " + mm(bore) + " wide");
    }
    if (h.undercutDiameter < h.diameter)
        return bad(ErrorCode::BadGeometry, where + "/undercut_diameter_mm",
                   mm(h.undercutDiameter) + "; not less than the hole's " + mm(h.diameter));
    if (auto r = inRange(where + "/chimney_mm", h.chimney, 0.0, 100.0); !r)
        return r;
    // A quarter round is where a finger that lies on the front ends.
    constexpr double quarter = 1.6;
    if (!(std::abs(h.aside.metres()) <= quarter * (bore / 2.0 + wallAt(s.bore, s.wall, h.at)).metres()))
        return bad(ErrorCode::BadGeometry, where + "/aside_mm",
                   mm(h.aside) + "; must be within a quarter of the way round the tube");
    if (!(h.elongation >= 0.3 && h.elongation <= 4.0))
        return bad(ErrorCode::BadGeometry, where + "/along_mm",
                   mm(h.diameter * h.elongation) + "; must be 0.3 to 4 times the diameter");
    if (!(std::abs(h.slant_rad) <= 1.05))
        return bad(ErrorCode::BadGeometry, where + "/slant_deg",
                   numberText(h.slant_rad * 57.29578) + "; must be -60 to 60 degrees");
    if (h.count < 1 || h.count > 2)
        return bad(ErrorCode::BadValue, where + "/count", std::to_string(h.count) + "; must be 1 or 2");
    if (h.countersink) {
        if (!(h.countersink->diameter >= h.diameter && h.countersink->diameter <= 4.0 * h.diameter))
            return bad(ErrorCode::BadGeometry, where + "/countersink_diameter_mm",
                       mm(h.countersink->diameter) + "; must be 1 to 4 times the hole's " + mm(h.diameter));
        if (!(h.countersink->depth > Metres{} && h.countersink->depth < h.chimney))
            return bad(ErrorCode::BadGeometry, where + "/countersink_depth_mm",
                       mm(h.countersink->depth) + "; must be above 0 and below the chimney's " + mm(h.chimney));
    }
    if (h.pad) {
        if (auto r = inRange(where + "/pad_height_mm", h.pad->height, 0.0, 50.0); !r)
            return r;
        if (auto r = inRange(where + "/pad_diameter_mm", h.pad->diameter, 0.0, 100.0); !r)
            return r;
    }
    const Metres lean = h.chimney * std::tan(h.slant_rad);
    const Metres reach = h.undercutDiameter * h.elongation / 2.0 + leastWoodBetweenHoles;
    if (h.at + lean - reach < Metres{} || h.at + lean + reach > foot || h.at - reach < Metres{} || h.at + reach > foot)
        return bad(ErrorCode::BadGeometry, where + "/at_mm", mm(h.at) + "; its edge runs over the end of the tube");
    if (i > 0) {
        const Hole& below = s.holes[i - 1];
        if (h.at > below.at)
            return bad(ErrorCode::BadGeometry, where + "/at_mm",
                       mm(h.at) + " below " + below.id.text + " at " + mm(below.at) +
                           "; holes are numbered from the foot upwards");
        // Holes that meet still sound as two as long as their middles lie apart; the formulas take each by itself.
        const Metres least =
            neighbours == Instrument::Neighbours::KeepApart ? leastWoodBetweenHoles : std::min(h.diameter, below.diameter) * -0.4;
        if (h.side == below.side && woodBetween(h, below) < least)
            return bad(ErrorCode::BadGeometry, where + "/at_mm", "runs into " + below.id.text);
    }
    return Done{};
}

Status checkFingering(const InstrumentSpec& s, std::size_t i, std::set<std::string>& seen)
{
    const Fingering& f = s.fingerings[i];
    if (f.id.text.empty())
        return bad(ErrorCode::BadFingering, "/fingerings/" + std::to_string(i) + "/id", "empty name");
    const std::string where = "/fingerings/" + f.id.text;
    if (!seen.insert(f.id.text).second)
        return bad(ErrorCode::BadFingering, where + "/id", "two fingerings of this name");
    std::set<std::string> once;
    for (const auto& closed : f.closed) {
        if (std::none_of(s.holes.begin(), s.holes.end(), [&](const Hole& h) { return h.id == closed; }))
            return bad(ErrorCode::BadFingering, where + "/closed", closed.text + " is no hole of this instrument");
        if (!once.insert(closed.text).second)
            return bad(ErrorCode::BadFingering, where + "/closed", closed.text + " stands there twice");
    }
    for (const auto& half : f.half) {
        if (std::none_of(s.holes.begin(), s.holes.end(), [&](const Hole& h) { return h.id == half.hole; }))
            return bad(ErrorCode::BadFingering, where + "/half", half.hole.text + " is no hole of this instrument");
        if (!once.insert(half.hole.text).second)
            return bad(ErrorCode::BadFingering, where + "/half", half.hole.text + " cannot be closed and half open");
        if (!(half.open >= 0.001 && half.open <= 0.999))
            return bad(ErrorCode::BadFingering, where + "/half/" + half.hole.text,
                       numberText(half.open) + "; must be 0.001 to 0.999");
    }
    if (f.registerNumber < 1 || f.registerNumber > highestRegister)
        return bad(ErrorCode::BadFingering, where + "/register", std::to_string(f.registerNumber) + "; must be 1 to 6");
    if (!(f.target.hertz() >= 20.0 && f.target.hertz() <= 12000.0))
        return bad(ErrorCode::BadFingering, where + "/target", numberText(f.target.hertz()) + " Hz; must be 20 to 12000 Hz");
    if (!(f.tolerance.cents() > 0.0 && f.tolerance.cents() <= 100.0))
        return bad(ErrorCode::BadFingering, where + "/tolerance_cents",
                   numberText(f.tolerance.cents()) + "; must be above 0 and at most 100");
    if (!(f.weight >= 0.0 && f.weight <= 1000.0))
        return bad(ErrorCode::BadFingering, where + "/weight", numberText(f.weight) + "; must be 0 to 1000");
    return Done{};
}

Status checkRest(const InstrumentSpec& s)
{
    if (!(s.tuning.a4.hertz() >= 300.0 && s.tuning.a4.hertz() <= 600.0))
        return bad(ErrorCode::BadValue, "/tuning/a4_hz", numberText(s.tuning.a4.hertz()) + "; must be 300 to 600");
    if (auto r = checked(s.tuning); !r)
        return r.error();
    const double celsius = s.tuning.playedAt.celsius();
    if (!(celsius >= -10.0 && celsius <= 50.0))
        return bad(ErrorCode::BadValue, "/tuning/celsius",
                   numberText(celsius) + "; must be -10 to 50 degrees Celsius (68 Fahrenheit are 20 Celsius)");
    if (!(s.tuning.humidity >= 0.0 && s.tuning.humidity <= 1.0))
        return bad(ErrorCode::BadValue, "/tuning/humidity_percent", numberText(100.0 * s.tuning.humidity) + "; must be 0 to 100");
    if (!(s.tuning.carbonDioxide >= 0.0 && s.tuning.carbonDioxide <= 0.1))
        return bad(ErrorCode::BadValue, "/tuning/co2_percent", numberText(100.0 * s.tuning.carbonDioxide) + "; must be 0 to 10");
    // Half a tube's length times the gradient must leave air that the formulas know.
    if (!(std::abs(s.tuning.gradient_K_m * s.bore.back().at.metres()) <= 20.0))
        return bad(ErrorCode::BadValue, "/tuning/gradient_c_per_m",
                   numberText(s.tuning.gradient_K_m) + "; at most 20 degrees over the tube");
    if (auto r = inRange("/tools/step_mm", s.tools.step, 0.0, 10.0); !r)
        return r;
    for (std::size_t i = 0; i < s.tools.bits.size(); ++i) {
        const std::string where = "/tools/bits_mm/" + std::to_string(i);
        if (auto r = inRange(where, s.tools.bits[i], 0.0, 100.0); !r)
            return r;
        if (i > 0 && s.tools.bits[i] <= s.tools.bits[i - 1])
            return bad(ErrorCode::BadValue, where, mm(s.tools.bits[i]) + "; bits must rise");
    }
    if (s.limits.holeMax)
        if (auto r = inRange("/limits/hole_max_mm", *s.limits.holeMax, 0.0, 100.0); !r)
            return r;
    if (s.limits.depthMax)
        if (auto r = inRange("/limits/depth_max_mm", *s.limits.depthMax, 0.0, longestTube_mm); !r)
            return r;
    if (s.limits.footMin)
        if (auto r = inRange("/limits/foot_min_mm", *s.limits.footMin, 0.0, longestTube_mm); !r)
            return r;
    return Done{};
}

Status checkMaterial(const InstrumentSpec& s)
{
    constexpr std::size_t longestWord = 60;
    constexpr std::size_t mostNodes = 50;
    if (s.material.size() > longestWord)
        return bad(ErrorCode::BadValue, "/material", std::to_string(s.material.size()) + " letters; at most 60");
    if (s.nodes.size() > mostNodes)
        return bad(ErrorCode::BadValue, "/nodes", std::to_string(s.nodes.size()) + "; at most 50");
    for (std::size_t i = 0; i < s.nodes.size(); ++i)
        if (const double at = s.nodes[i].at.millimetres(); !(at >= -longestTube_mm && at <= longestTube_mm))
            return bad(ErrorCode::BadValue, "/nodes/" + std::to_string(i) + "/at_mm",
                       numberText(at) + "; must be -" + numberText(longestTube_mm) + " to " + numberText(longestTube_mm));
    return Done{};
}

Status checkSlide(const InstrumentSpec& s, std::size_t i)
{
    const Slide& slide = s.slides[i];
    const std::string where = "/slides/" + std::to_string(i);
    const Metres foot = s.bore.back().at;
    if (!(slide.at > Metres{} && slide.at < foot))
        return bad(ErrorCode::BadGeometry, where + "/at_mm", mm(slide.at) + "; the tube runs from 0 to " + mm(foot));
    if (i > 0 && slide.at <= s.slides[i - 1].at)
        return bad(ErrorCode::BadGeometry, where + "/at_mm", mm(slide.at) + "; slides stand from the top downwards");
    if (auto r = notNegative(where + "/out_mm", slide.out, 200.0); !r)
        return r;
    if (auto r = inRange(where + "/gap_diameter_mm", slide.gapDiameter, 0.5, widestBore_mm); !r)
        return r;
    for (const Hole& h : s.holes)
        if (std::abs((h.at - slide.at).metres()) < (h.diameter * h.elongation / 2.0).metres())
            return bad(ErrorCode::BadGeometry, where + "/at_mm", mm(slide.at) + "; runs through " + h.id.text);
    return Done{};
}

} // namespace

bool isBoredDeeper(const InstrumentSpec& spec)
{
    return spec.foot == Foot::Closed && spec.family != Family::Slide;
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
          std::pair("/head/slow_chamber/diameter_mm", s.head->slowChamberDiameter)})
        if (auto r = notNegative(key, size, longest_mm); !r)
            return r;
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
            return bad(ErrorCode::BadValue, where, std::to_string(count) + "; at most " + std::to_string(most));
    return Done{};
}

} // namespace

Result<Instrument> Instrument::make(InstrumentSpec spec, Neighbours neighbours)
{
    if (auto r = checkCounts(spec); !r)
        return r.error();
    if (auto r = checkBore(spec); !r)
        return r.error();
    if (auto r = checkMaterial(spec); !r)
        return r.error();
    if (auto r = checkFootPiece(spec); !r)
        return r.error();
    if (auto r = checkHead(spec); !r)
        return r.error();
    if (auto r = checkExcitation(spec); !r)
        return r.error();
    std::set<std::string> holes;
    for (std::size_t i = 0; i < spec.holes.size(); ++i)
        if (auto r = checkHole(spec, i, holes, neighbours); !r)
            return r.error();
    for (std::size_t i = 0; i < spec.slides.size(); ++i)
        if (auto r = checkSlide(spec, i); !r)
            return r.error();
    std::set<std::string> fingerings;
    for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
        if (auto r = checkFingering(spec, i, fingerings); !r)
            return r.error();
    if (auto r = checkRest(spec); !r)
        return r.error();
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
            return bad(ErrorCode::BadValue, "/tuning/scale_cents", "twelve numbers rising from 0 to below 1200 must stand here");
        std::string known = "own";
        for (const auto name : temperamentNames())
            known += ", " + std::string(name);
        return bad(ErrorCode::BadValue, "/tuning/scale", tuning.scale + "; known: " + known);
    }
    if (!semitonesFromName(tuning.tonic + "4"))
        return bad(ErrorCode::BadValue, "/tuning/tonic", tuning.tonic + "; a letter with # or b");
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
        return Error{ErrorCode::BadValue, tuning.scale, "no such scale"};
    return tempered(name, tuning.a4, t, tuning.tonic);
}

Result<std::vector<Fingering>> retargeted(std::vector<Fingering> chart, const Tuning& tuning)
{
    for (Fingering& f : chart) {
        if (f.targetName.empty())
            continue;
        const auto hertz = targetOf(tuning, f.targetName);
        if (!hertz)
            return hertz.error();
        f.target = *hertz;
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
