// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/levers.h"

#include "core/instrument/whole.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel {

namespace {

// An undercut farther than this leaves a knife edge at the wall; common practice, no source.
constexpr Metres widestRamp = Metres::fromMillimetres(2.0);
constexpr double widestUndercut = 0.95; // of the bore
// Of the length, from the mouth: where a scraper or a reamer reaches.
constexpr std::array<std::pair<double, double>, 5> stretches{
    {{0.06, 0.24}, {0.24, 0.42}, {0.42, 0.60}, {0.60, 0.78}, {0.80, 0.96}}};
constexpr Metres wholeStretch = Metres::fromMillimetres(5.0);
constexpr Metres mostReamed = Metres::fromMillimetres(0.6);
// A window longer than this for its width sounds airy and asks for more breath; common practice, no source.
constexpr double longestWindow = 0.65;
// An embouchure hole longer than this for its bore asks for more breath than it gives; common practice, no source.
constexpr double longestEmbouchure = 0.70;
// Left between the undercuts of neighbouring holes, and below the lowest; common practice, no source.
constexpr Metres woodBetweenRamps = Metres::fromMillimetres(1.0);
constexpr Metres besideTheHole = Metres::fromMillimetres(0.5); // between an embouchure hole's edge and the stopper
constexpr Metres usualSlideOut = Metres::fromMillimetres(8.0);
constexpr double nothing_m = 1e-7;

} // namespace

std::vector<Lever> leversOf(const Instrument& instrument, LeverScope means, Metres leastWood)
{
    const InstrumentSpec& spec = instrument.spec();
    std::vector<Lever> levers;
    if (const auto slide = SetSlide::on(instrument); !slide.empty()) {
        // A slide whistle is not cut into tune: its slide goes in, or out into what was left for the grip.
        levers.push_back({slide.front(), instrument.length() * 0.5, instrument.length() * 1.1});
        return levers;
    }
    const Reach reach = reachOf(instrument, leastWood);
    for (std::size_t i = 0; i < spec.holes.size(); ++i)
        levers.push_back({Enlarge{spec.holes[i].id, {}}, spec.holes[i].diameter, reach.widest[i]});
    if (spec.foot == Foot::Open)
        levers.push_back({TrimFoot{}, reach.shortest, instrument.length()});
    else if (isBoredDeeper(spec))
        levers.push_back({Deepen{}, instrument.length(), reach.deepest});
    const auto withRoom = [&levers] {
        std::erase_if(levers, [](const Lever& l) { return l.high.metres() - l.low.metres() < nothing_m; });
        return levers;
    };
    if (means == LeverScope::HolesAndFoot)
        return withRoom();
    for (const Hole& h : spec.holes) {
        const Metres now = h.undercutDiameter - h.diameter;
        const Metres room = instrument.boreDiameterAt(h.at) * widestUndercut - h.diameter;
        levers.push_back({Undercut{h.id, {}}, now, std::max(now, std::min(widestRamp, room))});
    }
    if (const auto* duct = std::get_if<Duct>(&spec.excitation))
        levers.push_back({CutUp{}, duct->windowLength, std::max(duct->windowLength, duct->windowWidth * longestWindow)});
    const auto* lip = std::get_if<Transverse>(&spec.excitation);
    if (lip != nullptr && !keptNodeAbove(spec)) // a node does not move
        // From just beyond the hole's edge to one and a half bores from its middle. Makers set it at about one bore and move it
        // in where the second register is flat; it can be moved back. Common practice, no source.
        levers.push_back({MoveStopper{}, std::min(lip->stopper, lip->holeLength * 0.5 + besideTheHole),
                          std::max(lip->stopper, spec.bore.front().diameter * 1.5)});
    if (!spec.slides.empty()) {
        // The topmost joint tunes the whole and goes back. Half its tenon stays in the socket; common practice, no source.
        const Slide& top =
            *std::min_element(spec.slides.begin(), spec.slides.end(), [](const Slide& a, const Slide& b) { return a.at < b.at; });
        const Metres furthest = top.tenon > Metres{} ? top.tenon / 2.0 : usualSlideOut;
        levers.push_back({MoveSlide{top.at, {}}, Metres{}, std::max(top.out, furthest)});
    }
    if (means == LeverScope::Usual)
        return withRoom();
    if (lip != nullptr) {
        const Metres longest = spec.bore.front().diameter * longestEmbouchure;
        levers.push_back({OpenEmbouchure{}, lip->holeLength, std::max(lip->holeLength, longest)});
    }
    if (means == LeverScope::Embouchure)
        return withRoom();
    // A stretch that is widened flattens a note where its sound has its pressure and sharpens it where it has its flow, and both
    // lie elsewhere in each register [R96]: on a fife it moves them further against each other than stopper and embouchure hole
    // do. Stretches end at whole steps, as stops on a rod are set.
    const Metres length = spec.foot == Foot::Open ? reach.shortest : instrument.length();
    const auto whole = [](Metres at) {
        return wholeStretch * std::round(at / wholeStretch);
    };
    for (const auto& [from, to] : stretches) {
        Lever l{Ream{whole(length * from), whole(length * to), {}}, {}, {}};
        const auto& stretch = std::get<Ream>(l.cut);
        if (stretch.to <= stretch.from || stretch.to > length)
            continue;
        l.low = standsAt(instrument, l);
        Metres thinnest = l.low + mostReamed;
        for (const double share : {0.0, 0.5, 1.0})
            thinnest = std::min(thinnest, l.low + instrument.wallAt(stretch.from + (stretch.to - stretch.from) * share));
        l.high = std::max(l.low, thinnest);
        levers.push_back(l);
    }
    return withRoom();
}

bool depthAlone(const Instrument& instrument, std::size_t fingering)
{
    const InstrumentSpec& spec = instrument.spec();
    return isBoredDeeper(spec) && spec.fingerings[fingering].closed.size() == spec.holes.size();
}

namespace {

/// What a lever is counted from: nothing, unless its kind of work says otherwise.
Metres zeroOf(const Instrument& instrument, const Cut& cut)
{
    return std::visit(
        [&](const auto& work) {
            if constexpr (requires { work.leverFrom(instrument); })
                return work.leverFrom(instrument);
            else
                return Metres{};
        },
        cut);
}

} // namespace

bool sameLever(const Lever& a, const Lever& b)
{
    return withSize(a.cut, Metres{}) == withSize(b.cut, Metres{});
}

std::size_t holeIndexOf(const InstrumentSpec& spec, const Lever& lever)
{
    const auto hole = holeOf(lever.cut);
    const auto it = std::find_if(spec.holes.begin(), spec.holes.end(), [&](const Hole& h) { return h.id == hole; });
    return static_cast<std::size_t>(it - spec.holes.begin());
}

Metres standsAt(const Instrument& instrument, const Lever& lever)
{
    return *presentSize(instrument, lever.cut) - zeroOf(instrument, lever.cut);
}

Cut cutFor(const Instrument& instrument, const Lever& lever, Metres value)
{
    Cut cut = withSize(lever.cut, zeroOf(instrument, lever.cut) + value);
    if (const auto* mouth = std::get_if<OpenEmbouchure>(&cut))
        return mouth->evenly(instrument);
    return cut;
}

Result<Instrument> withLevers(Instrument instrument, const std::vector<Lever>& levers, const Eigen::VectorXd& values_m)
{
    for (std::size_t i = 0; i < levers.size(); ++i) {
        const Lever& l = levers[i];
        double value = values_m[static_cast<Eigen::Index>(i)];
        if (const auto* ramp = std::get_if<Undercut>(&l.cut)) { // a hole grown wider leaves less room for it
            const Hole& h = *instrument.find(ramp->hole);
            value = std::min(value, (instrument.boreDiameterAt(h.at) * widestUndercut - h.diameter).metres());
            const Metres below = instrument.length() - h.at - woodBetweenRamps;
            value = std::min(value, (below * 2.0 / h.elongation - h.diameter).metres());
            for (const Hole& other : instrument.spec().holes) { // and so do its neighbours'
                if (other.id == h.id || other.side != h.side)
                    continue;
                const Metres apart = other.at > h.at ? other.at - h.at : h.at - other.at;
                const Metres half = apart - woodBetweenRamps - other.undercutDiameter * other.elongation / 2.0;
                value = std::min(value, (half * 2.0 / h.elongation - h.diameter).metres());
            }
        }
        if (isLever<TrimFoot>(l)) // and so does the lowest hole at the foot
            for (const Hole& h : instrument.spec().holes)
                value = std::max(value, (h.at + h.undercutDiameter * h.elongation / 2.0 + woodBetweenRamps).metres());
        const double now = standsAt(instrument, l).metres();
        const CutFacts::Size goes = factsOf(l.cut).size;
        const bool moves = (goes != CutFacts::Size::Grows && value < now - nothing_m) ||
                           (goes != CutFacts::Size::Shrinks && value > now + nothing_m);
        if (!moves)
            continue;
        auto next = DOWEL_TRY(applied(instrument, cutFor(instrument, l, Metres::fromMetres(value))));
        instrument = std::move(next);
    }
    return instrument;
}

} // namespace dowel
