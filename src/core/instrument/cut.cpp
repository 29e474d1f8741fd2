// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cut.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel {

namespace {

template <class... F> struct Overload : F...
{
    using F::operator()...;
};
template <class... F> Overload(F...) -> Overload<F...>;

// Two readings of one hole by calipers differ by up to this; one that much below the former size is no new material. Common
// practice, no source, like the next.
constexpr Metres caliperSlack = Metres::fromMillimetres(0.1);
// And in a bore, where a gauge reaches less surely, or between a lip's edge and a windway's end.
constexpr Metres boreSlack = Metres::fromMillimetres(0.15);

std::string sizes(Metres wanted, Metres present)
{
    return numberText(wanted.millimetres()) + " mm; it is " + numberText(present.millimetres()) + " mm now";
}

Error unknown(const HoleId& id)
{
    return {ErrorCode::UnknownName, "hole", id.text};
}

Hole* findHole(InstrumentSpec& spec, const HoleId& id)
{
    const auto it = std::find_if(spec.holes.begin(), spec.holes.end(), [&](const Hole& h) { return h.id == id; });
    return it == spec.holes.end() ? nullptr : &*it;
}

/// A station on the straight line between its neighbours, with their wall and surface.
Station stationAt(const std::vector<Station>& bore, Metres otherwise, Metres at)
{
    Station station{at, boreDiameterAt(bore, at)};
    const auto next = std::find_if(bore.begin(), bore.end(), [&](const Station& s) { return s.at >= at; });
    const Station& above = next == bore.begin() ? bore.front() : *(next - 1);
    station.roughness = above.roughness;
    station.porosity = above.porosity;
    if (above.wall || (next != bore.end() && next->wall))
        station.wall = wallAt(bore, otherwise, at);
    return station;
}

} // namespace

void splitBoreAt(InstrumentSpec& spec, Metres at)
{
    std::vector<Station>& bore = spec.bore;
    const auto next = std::find_if(bore.begin(), bore.end(), [&](const Station& s) { return s.at >= at; });
    if (next == bore.end() || next->at == at)
        return;
    bore.insert(next, stationAt(bore, spec.wall, at));
}

namespace {

Status enlarge(InstrumentSpec& spec, const Enlarge& c)
{
    Hole* h = findHole(spec, c.hole);
    if (h == nullptr)
        return unknown(c.hole);
    if (c.diameter < h->diameter - caliperSlack)
        return Error{ErrorCode::NotRemovable, "/holes/" + c.hole.text + "/diameter_mm", sizes(c.diameter, h->diameter)};
    h->diameter = c.diameter;
    h->undercutDiameter = std::max(h->undercutDiameter, c.diameter);
    if (h->countersink && h->countersink->diameter <= h->diameter)
        h->countersink.reset(); // the bit has taken it away
    return Done{};
}

Status undercut(InstrumentSpec& spec, const Undercut& c)
{
    Hole* h = findHole(spec, c.hole);
    if (h == nullptr)
        return unknown(c.hole);
    if (c.undercutDiameter < h->undercutDiameter - boreSlack)
        return Error{ErrorCode::NotRemovable, "/holes/" + c.hole.text + "/undercut_diameter_mm",
                     sizes(c.undercutDiameter, h->undercutDiameter)};
    h->undercutDiameter = std::max(c.undercutDiameter, h->diameter);
    return Done{};
}

Status trimFoot(InstrumentSpec& spec, const TrimFoot& c)
{
    const Metres length = spec.bore.back().at;
    if (c.length > length + caliperSlack)
        return Error{ErrorCode::NotRemovable, "/bore", sizes(c.length, length)};
    if (!(c.length.metres() > 0.0))
        return Error{ErrorCode::BadGeometry, "length_mm", sizes(c.length, length)};
    if (c.length >= length) {
        spec.bore.back().at = c.length;
        return Done{};
    }
    const Station end = stationAt(spec.bore, spec.wall, c.length);
    while (!spec.bore.empty() && spec.bore.back().at >= c.length)
        spec.bore.pop_back();
    spec.bore.push_back(end);
    return Done{};
}

Status closedOnly(const InstrumentSpec& spec, const char* kind)
{
    if (spec.foot == Foot::Closed)
        return Done{};
    return Error{ErrorCode::BadValue, "kind", std::string(kind) + "; this tube is open at the foot"};
}

Status deepen(InstrumentSpec& spec, const Deepen& c)
{
    if (auto ok = closedOnly(spec, "deepen"); !ok)
        return ok;
    const Metres length = spec.bore.back().at;
    if (c.length < length - caliperSlack)
        return Error{ErrorCode::NotRemovable, "length_mm", sizes(c.length, length)};
    if (!(c.length > length))
        return Done{};
    // The bit goes on as wide as the bore is at its end.
    std::vector<Station>& bore = spec.bore;
    if (bore.back().diameter == bore[bore.size() - 2].diameter) {
        bore.back().at = c.length;
    } else {
        bore.push_back(bore.back());
        bore.back().at = c.length;
    }
    return Done{};
}

Status pushPlug(InstrumentSpec& spec, const PushPlug& c)
{
    if (auto ok = closedOnly(spec, "push_plug"); !ok)
        return ok;
    const Metres length = spec.bore.back().at;
    if (c.length > length || !(c.length.metres() > 0.0))
        return Error{ErrorCode::BadValue, "length_mm", sizes(c.length, length)};
    spec.bore = boreEndingAt(std::move(spec.bore), c.length);
    return Done{};
}

Status ream(InstrumentSpec& spec, const Ream& c)
{
    const Metres length = spec.bore.back().at;
    if (!(c.from.metres() >= 0.0) || !(c.to > c.from) || c.to > length)
        return Error{ErrorCode::BadGeometry, "from_mm", "from " + sizes(c.to, c.from) + "; tube " + sizes(length, length)};
    // The step at each end of the reamed stretch is as steep as two stations may stand.
    constexpr Metres shoulder = Metres::fromMillimetres(0.05);
    splitBoreAt(spec, c.from);
    splitBoreAt(spec, c.to);
    if (c.from - shoulder > Metres{})
        splitBoreAt(spec, c.from - shoulder);
    if (c.to + shoulder < length)
        splitBoreAt(spec, c.to + shoulder);
    // What the reamer takes from the bore the wall and the chimneys there lose.
    for (Hole& h : spec.holes)
        if (h.at >= c.from && h.at <= c.to)
            h.chimney = h.chimney - std::max(Metres{}, (c.diameter - boreDiameterAt(spec.bore, h.at)) / 2.0);
    Metres narrowest = c.diameter + boreSlack * 2.0;
    for (Station& s : spec.bore) {
        if (s.at < c.from || s.at > c.to)
            continue;
        narrowest = std::min(narrowest, s.diameter);
        if (s.diameter < c.diameter) {
            s.wall = s.wall.value_or(spec.wall) - (c.diameter - s.diameter) / 2.0;
            s.diameter = c.diameter;
        }
    }
    // A reamer that took next to nothing may measure as nothing.
    if (narrowest > c.diameter + boreSlack)
        return Error{ErrorCode::NotRemovable, "diameter_mm", "the bore is at least as wide there already"};
    return Done{};
}

/// What is asked of an instrument that has nothing of the kind.
Error hasNo(const char* kind, const char* what)
{
    return {ErrorCode::BadValue, "kind", std::string(kind) + "; this instrument has no " + what};
}

Status moveStopper(InstrumentSpec& spec, const MoveStopper& c)
{
    auto* t = std::get_if<Transverse>(&spec.excitation);
    if (t == nullptr)
        return hasNo("move_stopper", "stopper");
    t->stopper = c.stopper;
    return Done{};
}

Status cutUp(InstrumentSpec& spec, const CutUp& c)
{
    auto* d = std::get_if<Duct>(&spec.excitation);
    if (d == nullptr)
        return hasNo("cut_up", "window");
    if (c.windowLength < d->windowLength - boreSlack)
        return Error{ErrorCode::NotRemovable, "/excitation/window_length_mm", sizes(c.windowLength, d->windowLength)};
    d->windowLength = c.windowLength;
    return Done{};
}

Status openEmbouchure(InstrumentSpec& spec, const OpenEmbouchure& c)
{
    auto* t = std::get_if<Transverse>(&spec.excitation);
    if (t == nullptr)
        return hasNo("enlarge_embouchure", "embouchure hole");
    if (c.holeLength < t->holeLength - boreSlack)
        return Error{ErrorCode::NotRemovable, "/excitation/hole_length_mm", sizes(c.holeLength, t->holeLength)};
    if (c.holeWidth && *c.holeWidth < t->holeWidth - boreSlack)
        return Error{ErrorCode::NotRemovable, "/excitation/hole_width_mm", sizes(*c.holeWidth, t->holeWidth)};
    t->holeLength = c.holeLength;
    t->holeWidth = std::max(t->holeWidth, c.holeWidth.value_or(t->holeWidth));
    return Done{};
}

Status undercutEmbouchure(InstrumentSpec& spec, const UndercutEmbouchure& c)
{
    auto* t = std::get_if<Transverse>(&spec.excitation);
    if (t == nullptr)
        return hasNo("undercut_embouchure", "embouchure hole");
    if (c.undercut < t->undercut - boreSlack)
        return Error{ErrorCode::NotRemovable, "/excitation/undercut_mm", sizes(c.undercut, t->undercut)};
    t->undercut = c.undercut;
    return Done{};
}

Status putOnFoot(InstrumentSpec& spec, const PutOnFoot& c)
{
    spec.footPiece = c.piece;
    return Done{};
}

Status fill(InstrumentSpec& spec, const Fill& c)
{
    Hole* h = findHole(spec, c.hole);
    if (h == nullptr)
        return unknown(c.hole);
    if (c.diameter > h->diameter)
        return Error{ErrorCode::BadValue, "/holes/" + c.hole.text + "/diameter_mm", sizes(c.diameter, h->diameter)};
    h->diameter = c.diameter;
    h->undercutDiameter = c.diameter;
    return Done{};
}

} // namespace

Result<Instrument> applied(const Instrument& before, const Cut& cut)
{
    if (!std::isfinite(wantedSize(cut).metres()))
        return Error{ErrorCode::BadValue, std::string(kindName(cut)), "not a finite size"};
    InstrumentSpec spec = before.spec();
    const Status status = std::visit(
        Overload{[&](const Enlarge& c) { return enlarge(spec, c); }, [&](const Undercut& c) { return undercut(spec, c); },
                 [&](const TrimFoot& c) { return trimFoot(spec, c); }, [&](const Ream& c) { return ream(spec, c); },
                 [&](const MoveStopper& c) { return moveStopper(spec, c); }, [&](const CutUp& c) { return cutUp(spec, c); },
                 [&](const Fill& c) { return fill(spec, c); }, [&](const OpenEmbouchure& c) { return openEmbouchure(spec, c); },
                 [&](const Deepen& c) { return deepen(spec, c); }, [&](const PushPlug& c) { return pushPlug(spec, c); },
                 [&](const PutOnFoot& c) { return putOnFoot(spec, c); },
                 [&](const UndercutEmbouchure& c) {
                     return undercutEmbouchure(spec, c);
                 }},
        cut);
    if (!status)
        return status.error();
    return Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet); // what was cut is there
}

std::optional<Metres> presentSize(const Instrument& instrument, const Cut& cut)
{
    using Size = std::optional<Metres>;
    const auto ofHole = [&](const HoleId& id, Metres Hole::*size) -> Size {
        const Hole* h = instrument.find(id);
        return h == nullptr ? Size{} : Size{h->*size};
    };
    return std::visit(Overload{[&](const Enlarge& c) { return ofHole(c.hole, &Hole::diameter); },
                               [&](const Undercut& c) { return ofHole(c.hole, &Hole::undercutDiameter); },
                               [&](const TrimFoot&) { return Size{instrument.length()}; },
                               [&](const Deepen&) { return Size{instrument.length()}; },
                               [&](const PushPlug&) { return Size{instrument.length()}; },
                               [&](const PutOnFoot&) {
                                   const auto& piece = instrument.spec().footPiece;
                                   return Size{piece ? piece->length : Metres{}};
                               },
                               [&](const Ream& c) {
                                   Metres narrowest =
                                       std::min(instrument.boreDiameterAt(c.from), instrument.boreDiameterAt(c.to));
                                   for (const Station& s : instrument.spec().bore)
                                       if (s.at >= c.from && s.at <= c.to)
                                           narrowest = std::min(narrowest, s.diameter);
                                   return Size{narrowest};
                               },
                               [&](const MoveStopper&) {
                                   const auto* t = std::get_if<Transverse>(&instrument.spec().excitation);
                                   return t == nullptr ? Size{} : Size{t->stopper};
                               },
                               [&](const UndercutEmbouchure&) {
                                   const auto* t = std::get_if<Transverse>(&instrument.spec().excitation);
                                   return t == nullptr ? Size{} : Size{t->undercut};
                               },
                               [&](const CutUp&) {
                                   const auto* d = std::get_if<Duct>(&instrument.spec().excitation);
                                   return d == nullptr ? Size{} : Size{d->windowLength};
                               },
                               [&](const Fill& c) { return ofHole(c.hole, &Hole::diameter); },
                               [&](const OpenEmbouchure&) {
                                   const auto* t = std::get_if<Transverse>(&instrument.spec().excitation);
                                   return t == nullptr ? Size{} : Size{t->holeLength};
                               }},
                      cut);
}

bool isSameStep(const Cut& advised, const Cut& made)
{
    if (advised.index() != made.index() || holeOf(advised) != holeOf(made))
        return false;
    const auto* one = std::get_if<Ream>(&advised);
    const auto* other = std::get_if<Ream>(&made);
    if (one == nullptr || other == nullptr)
        return true;
    const Metres shared = std::min(one->to, other->to) - std::max(one->from, other->from);
    return shared > std::min(one->to - one->from, other->to - other->from) / 2.0;
}

Metres wantedSize(const Cut& cut)
{
    return std::visit(Overload{[](const Enlarge& c) { return c.diameter; }, [](const Undercut& c) { return c.undercutDiameter; },
                               [](const TrimFoot& c) { return c.length; }, [](const Deepen& c) { return c.length; },
                               [](const PushPlug& c) { return c.length; },
                               [](const PutOnFoot& c) { return c.piece ? c.piece->length : Metres{}; },
                               [](const UndercutEmbouchure& c) { return c.undercut; }, [](const Ream& c) { return c.diameter; },
                               [](const MoveStopper& c) { return c.stopper; }, [](const CutUp& c) { return c.windowLength; },
                               [](const Fill& c) { return c.diameter; },
                               [](const OpenEmbouchure& c) {
                                   return c.holeLength;
                               }},
                      cut);
}

Cut withSize(Cut cut, Metres size)
{
    std::visit(Overload{[&](Enlarge& c) { c.diameter = size; }, [&](Undercut& c) { c.undercutDiameter = size; },
                        [&](TrimFoot& c) { c.length = size; }, [&](Deepen& c) { c.length = size; },
                        [&](PushPlug& c) { c.length = size; }, [&](UndercutEmbouchure& c) { c.undercut = size; },
                        [&](PutOnFoot& c) {
                            if (c.piece && size.metres() > 0.0)
                                c.piece->length = size;
                            else
                                c.piece.reset();
                        },
                        [&](Ream& c) { c.diameter = size; }, [&](MoveStopper& c) { c.stopper = size; },
                        [&](CutUp& c) { c.windowLength = size; }, [&](Fill& c) { c.diameter = size; },
                        [&](OpenEmbouchure& c) {
                            if (c.holeWidth) // in proportion
                                c.holeWidth = *c.holeWidth * (size / c.holeLength);
                            c.holeLength = size;
                        }},
               cut);
    return cut;
}

std::string_view kindName(const Cut& cut)
{
    constexpr std::array<std::string_view, std::variant_size_v<Cut>> names{
        "enlarge", "undercut",           "trim_foot", "ream",      "move_stopper", "cut_up",
        "fill",    "enlarge_embouchure", "deepen",    "push_plug", "put_on_foot",  "undercut_embouchure"};
    return names.at(cut.index());
}

bool movesTheEnd(const Cut& cut)
{
    return std::holds_alternative<TrimFoot>(cut) || std::holds_alternative<Deepen>(cut) || std::holds_alternative<PushPlug>(cut);
}

bool isReversible(const Cut& cut)
{
    return std::holds_alternative<MoveStopper>(cut) || std::holds_alternative<PushPlug>(cut) ||
           std::holds_alternative<Fill>(cut) || std::holds_alternative<PutOnFoot>(cut);
}

std::optional<HoleId> holeOf(const Cut& cut)
{
    if (const auto* c = std::get_if<Enlarge>(&cut))
        return c->hole;
    if (const auto* c = std::get_if<Undercut>(&cut))
        return c->hole;
    if (const auto* c = std::get_if<Fill>(&cut))
        return c->hole;
    return std::nullopt;
}

std::vector<Cut> worksOn(const Instrument& instrument)
{
    const InstrumentSpec& spec = instrument.spec();
    std::vector<Cut> works;
    for (const Hole& h : spec.holes)
        works.emplace_back(Enlarge{h.id, h.diameter});
    if (spec.foot == Foot::Open)
        works.emplace_back(TrimFoot{instrument.length()});
    else if (isBoredDeeper(spec))
        works.emplace_back(Deepen{instrument.length()});
    if (const auto* duct = std::get_if<Duct>(&spec.excitation))
        works.emplace_back(CutUp{duct->windowLength});
    if (const auto* across = std::get_if<Transverse>(&spec.excitation)) {
        works.emplace_back(OpenEmbouchure{across->holeLength});
        works.emplace_back(UndercutEmbouchure{across->undercut});
        works.emplace_back(MoveStopper{across->stopper});
    }
    for (const Hole& h : spec.holes)
        works.emplace_back(Undercut{h.id, h.undercutDiameter});
    for (const Hole& h : spec.holes)
        works.emplace_back(Fill{h.id, h.diameter});
    if (isBoredDeeper(spec))
        works.emplace_back(PushPlug{instrument.length()});
    if (spec.foot == Foot::Open)
        works.emplace_back(PutOnFoot{spec.footPiece});
    return works;
}

} // namespace dowel
