// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shop/stock.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel {

namespace {

Status measured(const char* where, Metres m, double least_mm, double most_mm)
{
    if (std::isfinite(m.metres()) && m.millimetres() >= least_mm && m.millimetres() <= most_mm)
        return Done{};
    return Error{
        ErrorCode::BadValue, where, {FactId::Within, m, Metres::fromMillimetres(least_mm), Metres::fromMillimetres(most_mm)}};
}

/// How many pieces so long stand in a row of a length with a saw cut between any two.
int pieces(Metres room, Metres piece, Metres kerf)
{
    constexpr double slack = 1e-9; // what is just enough is enough
    return static_cast<int>(std::max(0.0, std::floor((room + kerf) / (piece + kerf) + slack)));
}

/// Sound stretches of the plank, from end to end.
std::vector<Defect> soundOf(const Plank& plank)
{
    std::vector<Defect> bad = plank.defects;
    std::sort(bad.begin(), bad.end(), [](const Defect& a, const Defect& b) { return a.from < b.from; });
    std::vector<Defect> sound;
    Metres at = plank.endWaste;
    const Metres end = plank.length - plank.endWaste;
    for (const Defect& d : bad) {
        if (d.from > at)
            sound.push_back({at, std::min(d.from, end)});
        at = std::max(at, d.to);
    }
    if (at < end)
        sound.push_back({at, end});
    return sound;
}

Metres diameterOf(const Reamer& r, Metres fromTip)
{
    if (fromTip <= r.shape.front().fromTip)
        return r.shape.front().diameter;
    for (std::size_t i = 1; i < r.shape.size(); ++i)
        if (fromTip <= r.shape[i].fromTip) {
            const ReamerPoint& a = r.shape[i - 1];
            const ReamerPoint& b = r.shape[i];
            return a.diameter + (b.diameter - a.diameter) * ((fromTip - a.fromTip) / (b.fromTip - a.fromTip));
        }
    return r.shape.back().diameter;
}

/// Places where a bore, or a reamer so deep in it, changes its slope; and a millimetre's grid between.
std::vector<Metres> placesOf(const std::vector<Station>& bore, const Reamer& r, From from, Metres deep)
{
    std::vector<Metres> places;
    for (const Station& s : bore)
        places.push_back(s.at);
    const Metres length = bore.back().at;
    for (const ReamerPoint& p : r.shape) {
        const Metres fromEnd = deep - p.fromTip;
        const Metres at = from == From::Head ? fromEnd : length - fromEnd;
        if (at > Metres{} && at < length)
            places.push_back(at);
    }
    constexpr double grid_mm = 1.0;
    for (double mm = grid_mm; mm < length.millimetres(); mm += grid_mm)
        places.push_back(Metres::fromMillimetres(mm));
    std::sort(places.begin(), places.end());
    constexpr Metres apart = Metres::fromMillimetres(0.05);
    std::vector<Metres> clear;
    for (const Metres p : places)
        if (clear.empty() || p - clear.back() > apart)
            clear.push_back(p);
    clear.back() = length;
    return clear;
}

/// Only where the slope changes.
std::vector<Station> simplified(std::vector<Station> bore)
{
    constexpr Metres nothing = Metres::fromMillimetres(1e-6);
    std::vector<Station> kept{bore.front()};
    for (std::size_t i = 1; i + 1 < bore.size(); ++i) {
        const Station& a = kept.back();
        const Station& b = bore[i + 1];
        const Metres straight = a.diameter + (b.diameter - a.diameter) * ((bore[i].at - a.at) / (b.at - a.at));
        const Metres off = bore[i].diameter - straight;
        const Station& c = bore[i];
        if (off > nothing || off < -nothing || c.wall != a.wall || c.roughness != a.roughness || c.porosity != a.porosity)
            kept.push_back(c);
    }
    kept.push_back(bore.back());
    return kept;
}

Metres reamerAt(const Reamer& r, From from, Metres deep, Metres length, Metres at)
{
    const Metres fromEnd = from == From::Head ? at : length - at;
    return fromEnd > deep ? Metres{} : diameterOf(r, deep - fromEnd);
}

} // namespace

Result<SawPlan> sawn(const Plank& plank, const Billet& billet)
{
    for (const auto& ok : {measured("length_mm", plank.length, 1.0, 20000.0), measured("width_mm", plank.width, 1.0, 2000.0),
                           measured("thickness_mm", plank.thickness, 1.0, 500.0), measured("kerf_mm", plank.kerf, 0.0, 20.0),
                           measured("end_waste_mm", plank.endWaste, 0.0, 1000.0),
                           measured("outside_mm", billet.outside, 1.0, 500.0), measured("billet_mm", billet.length, 1.0, 5000.0),
                           measured("to_turn_mm", billet.toTurn, 0.0, 100.0), measured("to_hold_mm", billet.toHold, 0.0, 1000.0)})
        if (!ok)
            return ok.error();
    SawPlan plan;
    plan.layers = pieces(plank.thickness, billet.square(), plank.kerf);
    const int rows = pieces(plank.width, billet.square(), plank.kerf);
    for (const Defect& sound : soundOf(plank))
        for (int k = 0; k < pieces(sound.to - sound.from, billet.sawn(), plank.kerf); ++k)
            for (int row = 0; row < rows; ++row)
                for (int layer = 0; layer < plan.layers; ++layer)
                    plan.billets.push_back(
                        {sound.from + (billet.sawn() + plank.kerf) * k, (billet.square() + plank.kerf) * row, layer});
    const double one = billet.square().metres() * billet.square().metres() * billet.sawn().metres();
    plan.used = static_cast<double>(plan.billets.size()) * one /
                (plank.length.metres() * plank.width.metres() * plank.thickness.metres());
    return plan;
}

Result<Turned> turnedAfter(const BoredEnd& head, const BoredEnd& foot, const Instrument& instrument, Metres leastWall)
{
    for (const auto& [name, end] : {std::pair("head", &head), std::pair("foot", &foot)}) {
        if (end->thick < end->thin)
            return Error{ErrorCode::BadValue, std::string(name) + "/thin_mm", {FactId::AtMost, end->thin, end->thick}};
        for (const Metres m : {end->thin, end->bore})
            DOWEL_TRY(measured(name, m, 0.1, 500.0));
    }
    Turned t;
    t.outside = std::min(head.thin * 2.0 + head.bore, foot.thin * 2.0 + foot.bore);
    const InstrumentSpec& spec = instrument.spec();
    const Metres length = instrument.length();
    const auto wallAt = [&](Metres at) {
        return std::min((t.outside - instrument.boreDiameterAt(at)) / 2.0, instrument.wallAt(at));
    };
    Metres least = wallAt(Metres{});
    for (const Station& s : spec.bore)
        least = std::min(least, wallAt(s.at));
    t.walls.push_back({"", least});
    for (const Hole& h : spec.holes)
        t.walls.push_back({h.id.text, wallAt(std::min(h.at, length))});
    if (std::holds_alternative<Duct>(spec.excitation))
        t.walls.push_back({"window", wallAt(Metres{})});
    t.serves = std::all_of(t.walls.begin(), t.walls.end(), [&](const LeastWall& w) { return w.wall >= leastWall; });
    return t;
}

Status checked(const Reamer& reamer)
{
    const auto& shape = reamer.shape;
    const auto fail = [&](Fact fact) {
        return Error{ErrorCode::BadGeometry, reamer.name, std::move(fact)};
    };
    if (shape.size() < 2)
        return fail({FactId::StationsAtLeast, shape.size(), 2});
    for (std::size_t i = 0; i < shape.size(); ++i) {
        if (!(shape[i].fromTip.metres() >= 0.0) || !(shape[i].diameter.millimetres() >= 0.1))
            return fail({FactId::Above, shape[i].diameter, Metres::fromMillimetres(0.1)});
        if (i > 0 && (shape[i].fromTip <= shape[i - 1].fromTip || shape[i].diameter < shape[i - 1].diameter))
            return fail({FactId::StationsRise, shape[i].fromTip, shape[i - 1].fromTip});
    }
    return Done{};
}

Result<std::vector<Station>> reamed(const std::vector<Station>& bore, const Reamer& reamer, From from, Metres deep)
{
    DOWEL_TRY(checked(reamer));
    const Metres length = bore.back().at;
    if (!(deep.metres() > 0.0) || deep - reamer.shape.back().fromTip > length)
        return Error{ErrorCode::BadGeometry, reamer.name, {FactId::TubeRuns, deep, length}};
    std::vector<Station> after;
    for (const Metres at : placesOf(bore, reamer, from, deep)) {
        const auto next = std::find_if(bore.begin(), bore.end(), [&](const Station& s) { return s.at >= at; });
        Station s = *(next == bore.begin() || (next != bore.end() && next->at == at) ? next : next - 1);
        s.at = at;
        s.diameter = std::max(boreDiameterAt(bore, at), reamerAt(reamer, from, deep, length, at));
        after.push_back(s);
    }
    return simplified(std::move(after));
}

Result<std::vector<ReamTaper>> reamings(const Instrument& there, const Reamer& reamer, From from, Metres deep)
{
    const std::vector<Station>& bore = there.spec().bore;
    DOWEL_TRY(reamed(bore, reamer, from, deep));
    const Metres length = there.length();
    std::vector<Metres> ends{};
    for (const ReamerPoint& p : reamer.shape)
        ends.push_back(from == From::Head ? deep - p.fromTip : length - deep + p.fromTip);
    ends.push_back(from == From::Head ? Metres{} : length); // behind its teeth it is as wide as they were
    std::sort(ends.begin(), ends.end());
    const auto wide = [&](Metres at) {
        return diameterOf(reamer, std::max(Metres{}, from == From::Head ? deep - at : deep - (length - at)));
    };
    const std::vector<Metres> places = placesOf(bore, reamer, from, deep);
    std::vector<ReamTaper> work;
    for (std::size_t i = 1; i < ends.size(); ++i) {
        const Metres high = std::clamp(ends[i - 1], Metres{}, length);
        const Metres low = std::clamp(ends[i], Metres{}, length);
        constexpr Metres shortest = Metres::fromMillimetres(0.1);
        if (low - high > shortest && std::any_of(places.begin(), places.end(), [&](Metres at) {
                constexpr Metres nothing = Metres::fromMillimetres(1e-3);
                return at >= high && at <= low && wide(at) > boreDiameterAt(bore, at) + nothing;
            }))
            work.push_back({high, low, wide(high), wide(low)});
    }
    if (work.empty())
        return Error{ErrorCode::NotRemovable, reamer.name, FactId::BoreWideAlready};
    return work;
}

namespace {

constexpr Metres slack = Metres::fromMillimetres(0.01);

/// How deep a reamer's tip goes before it is wider anywhere than this bore.
Metres goesInto(const std::vector<Station>& wanted, const Reamer& reamer, From from)
{
    const Metres length = wanted.back().at;
    const auto fits = [&](Metres deep) {
        for (const Metres at : placesOf(wanted, reamer, from, deep))
            if (reamerAt(reamer, from, deep, length, at) > boreDiameterAt(wanted, at) + slack)
                return false;
        return true;
    };
    // It grows wider from its tip, so what fits at a depth fits at every lesser one.
    Metres low;
    Metres high = length;
    if (fits(high))
        return high;
    constexpr int halvings = 24;
    for (int i = 0; i < halvings; ++i) {
        const Metres middle = (low + high) / 2.0;
        (fits(middle) ? low : high) = middle;
    }
    return low;
}

Metres wholeTenths(Metres m)
{
    return Metres::fromMillimetres(std::floor(m.millimetres() * 10.0 + 1e-6) / 10.0);
}

} // namespace

Result<std::optional<Metres>> deepest(const std::vector<Station>& bore, const std::vector<Station>& wanted, const Reamer& reamer,
                                      From from)
{
    DOWEL_TRY(checked(reamer));
    const Metres low = goesInto(wanted, reamer, from);
    if (low.millimetres() < 0.1)
        return std::optional<Metres>();
    bool cuts = false;
    for (const Metres at : placesOf(bore, reamer, from, low))
        cuts = cuts || reamerAt(reamer, from, low, bore.back().at, at) > boreDiameterAt(bore, at) + slack;
    return cuts ? std::optional(wholeTenths(low)) : std::optional<Metres>();
}

Result<std::optional<ReamerForIt>> reamerFor(const std::vector<Station>& bore, const std::vector<Station>& wanted,
                                             const std::vector<Reamer>& reamers, Metres near)
{
    std::optional<ReamerForIt> best;
    for (const Reamer& r : reamers)
        for (const From from : {From::Foot, From::Head}) {
            const auto deep = DOWEL_TRY(deepest(bore, wanted, r, from));
            if (!deep)
                continue;
            const auto after = reamed(bore, r, from, *deep);
            if (!after)
                continue; // its tip would stand out at the other end
            Metres worst;
            for (double mm = 0.0; mm <= wanted.back().at.millimetres(); mm += 0.5) {
                const Metres at = Metres::fromMillimetres(mm);
                worst = std::max(worst, boreDiameterAt(wanted, at) - boreDiameterAt(*after, at));
            }
            if (worst <= near && (!best || worst < best->worst))
                best = ReamerForIt{r.name, from, *deep, *deep - wholeTenths(goesInto(bore, r, from)), worst};
        }
    return best;
}

Result<TenonWalls> wallsOf(const Tenon& t)
{
    const TenonWalls w{(t.tenon - t.bore) / 2.0, (t.outside - t.tenon) / 2.0 - t.cork, (t.tenon - t.bore) / 4.0};
    if (!(w.tenon.metres() > 0.0))
        return Error{ErrorCode::BadValue, "tenon", {FactId::BoreIs, t.tenon, t.bore}};
    if (!(w.socket.metres() > 0.0))
        return Error{ErrorCode::BadValue, "tenon", {FactId::TubeIs, t.tenon, t.outside}};
    return w;
}

Result<HornMouth> mouthOf(const HornMeasured& horn, Metres leastWall)
{
    const Metres solid = horn.outsideLength - horn.wire;
    if (!(horn.wire.metres() > 0.0) || !(solid.metres() >= 0.0))
        return Error{ErrorCode::BadValue, "wire", {FactId::OutsideHorn, horn.wire, horn.outsideLength}};
    if (!(horn.acrossTip.metres() > 0.0) || horn.acrossHollowEnd < horn.acrossTip)
        return Error{ErrorCode::BadValue, "across", {FactId::After, horn.acrossHollowEnd, horn.acrossTip}};
    const Metres needed = horn.bore + leastWall * 2.0;
    if (needed > horn.acrossHollowEnd)
        return Error{ErrorCode::BadValue, "across", {FactId::AtLeast, horn.acrossHollowEnd, needed}};
    // It tapers evenly from where the hollow ends to the tip, as far as a maker measures it.
    const Metres grows = horn.acrossHollowEnd - horn.acrossTip;
    const double share = grows.metres() > 0.0 ? std::max(0.0, (needed - horn.acrossTip) / grows) : 0.0;
    const Metres cut = solid * share;
    const Metres across = horn.acrossTip + grows * share;
    return HornMouth{solid, cut, horn.outsideLength - cut, solid - cut, (across - horn.bore) / 2.0};
}

namespace {

struct SawWalls
{
    Metres face;
    Metres opposite;
    double slope;
};
Result<SawWalls> sawWalls(const SawCut& cut)
{
    constexpr double flattest_deg = 5.0;
    constexpr double steepest_deg = 85.0;
    if (!(cut.angle_deg >= flattest_deg && cut.angle_deg <= steepest_deg))
        return Error{ErrorCode::BadValue, "angle", {FactId::Within, Degrees{cut.angle_deg}, Degrees{5.0}, Degrees{85.0}}};
    const Metres face = (cut.outside - cut.bore) / 2.0 - cut.off;
    const Metres opposite = (cut.outside - cut.bore) / 2.0 + cut.off;
    if (!(cut.bore.metres() > 0.0) || !(face.metres() > 0.0) || !(opposite.metres() > 0.0))
        return Error{ErrorCode::BadValue, "wall", {FactId::Above, std::min(face, opposite), Metres()}};
    return SawWalls{face, opposite, std::tan(cut.angle_deg * std::numbers::pi / 180.0)};
}

} // namespace

Result<SawnWindow> windowOf(const SawCut& cut)
{
    const auto walls = DOWEL_TRY(sawWalls(cut));
    constexpr double nothing_m = 1e-6; // no saw is set so finely
    const Metres into = cut.depth - walls.face;
    if (!(into.metres() > nothing_m) || into >= cut.bore)
        return Error{ErrorCode::BadValue, "depth", {FactId::AboveBelow, cut.depth, walls.face, walls.face + cut.bore}};
    SawnWindow w;
    w.length = into * (1.0 / walls.slope);
    w.width = Metres::fromMetres(2.0 * std::sqrt(into.metres() * (cut.bore - into).metres()));
    if (into * 2.0 > cut.bore)
        w.width = cut.bore; // the opening is widest above the bottom of the cut
    w.wall = walls.face;
    w.opposite = walls.opposite;
    w.ramp = cut.depth * (1.0 / walls.slope);
    w.edge = cut.fromEnd + w.length;
    return w;
}

Result<Metres> sawDepthFor(Metres windowLength, const SawCut& cut)
{
    const auto walls = DOWEL_TRY(sawWalls(cut));
    SawCut deep = cut;
    deep.depth = walls.face + windowLength * walls.slope;
    DOWEL_TRY(windowOf(deep));
    return deep.depth;
}

Result<ReamPlan> reamPlan(std::vector<Station> bore, const std::vector<Station>& wanted, const std::vector<Reamer>& reamers,
                          From from)
{
    std::vector<Reamer> order = reamers;
    for (const Reamer& r : order)
        DOWEL_TRY(checked(r));
    std::stable_sort(order.begin(), order.end(),
                     [](const Reamer& a, const Reamer& b) { return a.shape.back().diameter > b.shape.back().diameter; });
    ReamPlan plan;
    for (const Reamer& r : order) {
        const auto deep = DOWEL_TRY(deepest(bore, wanted, r, from));
        if (!deep)
            continue;
        auto next = DOWEL_TRY(reamed(bore, r, from, *deep));
        bore = std::move(next);
        plan.steps.push_back({r.name, *deep});
    }
    plan.bore = bore;
    for (double mm = 0.0; mm <= wanted.back().at.millimetres(); mm += 1.0) {
        const Metres at = Metres::fromMillimetres(mm);
        const Metres missing = boreDiameterAt(wanted, at) - boreDiameterAt(bore, at);
        if (missing > plan.worst) {
            plan.worst = missing;
            plan.worstAt = at;
        }
    }
    return plan;
}

} // namespace dowel
