// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/whole.h"

#include <algorithm>

namespace dowel {

namespace {

Metres usualWindway(const InstrumentSpec& spec)
{
    return std::clamp(spec.bore.front().diameter * 2.0, Metres::fromMillimetres(20.0), Metres::fromMillimetres(60.0));
}

} // namespace

Head headOf(const InstrumentSpec& spec)
{
    if (spec.head)
        return *spec.head;
    Head head;
    const Metres bore = spec.bore.front().diameter;
    if (const auto* duct = std::get_if<Duct>(&spec.excitation)) {
        const Metres windway = duct->windwayLength > Metres{} ? duct->windwayLength : usualWindway(spec);
        head.length = duct->windowLength + windway;
    } else if (const auto* lip = std::get_if<Transverse>(&spec.excitation)) {
        constexpr Metres cap = Metres::fromMillimetres(15.0);
        head.length = lip->stopper + bore + cap;
    }
    return head;
}

Metres windwayLengthOf(const InstrumentSpec& spec)
{
    const auto* duct = std::get_if<Duct>(&spec.excitation);
    if (duct == nullptr)
        return {};
    if (duct->windwayLength > Metres{})
        return duct->windwayLength;
    const Head head = headOf(spec);
    const Metres left = head.length - head.slowChamberLength - duct->windowLength;
    return left > Metres{} ? left : usualWindway(spec);
}

std::vector<Part> partsOf(const InstrumentSpec& spec)
{
    const Metres above = headOf(spec).length;
    std::vector<Slide> joints = spec.slides;
    std::sort(joints.begin(), joints.end(), [](const Slide& a, const Slide& b) { return a.at < b.at; });
    std::vector<Metres> ends;
    for (const Slide& s : joints)
        ends.push_back(s.at);
    ends.push_back(spec.bore.back().at);
    std::vector<Part> parts;
    Metres from = above * -1.0;
    for (std::size_t i = 0; i < ends.size(); ++i) {
        const bool first = i == 0;
        const bool last = i + 1 == ends.size();
        parts.push_back({first && last ? "body"
                         : first       ? "head"
                         : last        ? "foot"
                                       : "middle",
                         ends[i] - from, from, ends[i], ends[i] - from});
        if (!first && !joints[i - 1].tenonAbove)
            parts.back().sawn = parts.back().sawn + joints[i - 1].tenon;
        if (!last && joints[i].tenonAbove)
            parts.back().sawn = parts.back().sawn + joints[i].tenon;
        from = ends[i];
    }
    return parts;
}

Metres overallOf(const InstrumentSpec& spec)
{
    return headOf(spec).length + spec.bore.back().at;
}

Metres distanceFrom(Origin origin, Metres at, Metres length, const InstrumentSpec& spec)
{
    switch (origin) {
    case Origin::Edge: return at;
    case Origin::Top: return at + headOf(spec).length;
    case Origin::Foot: break;
    }
    return length - at;
}

Metres placeAt(Origin origin, Metres distance, Metres length, const InstrumentSpec& spec)
{
    switch (origin) {
    case Origin::Edge: return distance;
    case Origin::Top: return distance - headOf(spec).length;
    case Origin::Foot: break;
    }
    return length - distance;
}

namespace {

/// What a joint at a place meets; empty where it serves.
std::string metBy(const InstrumentSpec& spec, Metres at)
{
    if (at < jointMargin)
        return "window";
    if (spec.bore.back().at - at < jointMargin)
        return "foot";
    for (const Hole& h : spec.holes) {
        const Metres apart = h.at > at ? h.at - at : at - h.at;
        if (apart < jointMargin + std::max(h.diameter, h.undercutDiameter) * h.elongation / 2.0)
            return h.id.text;
    }
    return {};
}

} // namespace

std::vector<JointClash> jointClashes(const InstrumentSpec& spec)
{
    constexpr Metres step = Metres::fromMillimetres(0.5);
    std::vector<JointClash> clashes;
    for (const Slide& s : spec.slides) {
        std::string meets = metBy(spec, s.at);
        if (meets.empty())
            continue;
        std::optional<Metres> nearest;
        for (Metres away = step; !nearest && away < spec.bore.back().at; away = away + step)
            for (const Metres there : {s.at - away, s.at + away})
                if (!nearest && there > Metres{} && there < spec.bore.back().at && metBy(spec, there).empty())
                    nearest = there;
        clashes.push_back({s.at, std::move(meets), nearest});
    }
    return clashes;
}

std::vector<MovedJoint> clearJoints(InstrumentSpec& spec)
{
    std::vector<MovedJoint> moved;
    for (const JointClash& clash : jointClashes(spec))
        for (Slide& s : spec.slides)
            if (s.at == clash.joint && clash.nearest) {
                moved.push_back({s.at, *clash.nearest});
                s.at = *clash.nearest;
                break;
            }
    return moved;
}

std::vector<MovedJoint> movedJoints(const std::vector<Slide>& before, const std::vector<Slide>& after)
{
    std::vector<MovedJoint> moved;
    for (std::size_t i = 0; i < before.size() && before.size() == after.size(); ++i)
        if (!(before[i].at == after[i].at))
            moved.push_back({before[i].at, after[i].at});
    return moved;
}

std::optional<Metres> keptNodeAbove(const InstrumentSpec& spec)
{
    std::optional<Metres> nearest;
    for (const Node& n : spec.nodes)
        if (n.kept && n.at < Metres{} && (!nearest || n.at * -1.0 < *nearest))
            nearest = n.at * -1.0;
    return nearest;
}

} // namespace dowel
