// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/layout.h"

#include "core/base/number_text.h"
#include "core/base/thread_role.h"
#include "core/instrument/summary.h"
#include "core/layout/rough.h"
#include "core/layout/row.h"
#include "core/layout/shaping.h"
#include "core/layout/start.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace dowel {

using layout::Row;

std::vector<std::pair<std::size_t, std::size_t>> handsOf(const InstrumentSpec& spec)
{
    std::vector<std::pair<std::size_t, std::size_t>> found;
    for (const char hand : {'R', 'L'}) {
        std::optional<std::size_t> first;
        std::size_t last = 0;
        for (std::size_t i = 0; i < spec.holes.size(); ++i) {
            const Hole& h = spec.holes[i];
            if (h.side == Side::Back || h.digit.empty() || h.digit[0] != hand)
                continue;
            if (!first)
                first = i;
            last = i;
        }
        if (first && last != *first)
            found.emplace_back(*first, last);
    }
    return found;
}

HandSpan smallHand()
{
    return {Metres::fromMillimetres(28.0), Metres::fromMillimetres(64.0)};
}
HandSpan mediumHand()
{
    return {};
}
HandSpan largeHand()
{
    return {Metres::fromMillimetres(40.0), Metres::fromMillimetres(92.0)};
}

std::string_view wishName(Wish w)
{
    constexpr std::array<std::string_view, 8> names{"reach", "largest_hole",  "smallest_hole", "one_bit",
                                                    "bits",  "equal_spacing", "even_timbre",   "fixed_length"};
    return names[static_cast<std::size_t>(w)];
}

namespace {

Result<Layout> laidOutOnce(const Blank& blank, const LayoutWishes& wishes, bool withCosts, const Cancel& cancel,
                           const Priors& priors)
{
    const auto rough = DOWEL_TRY(roughLayout(blank, wishes));
    return layOut(rough, blank.spec.bore.back().at, wishes, withCosts, cancel, priors);
}

bool meetsJoint(const Error& error)
{
    return error.where.rfind("/slides", 0) == 0;
}

/// Where the holes come without joints says where the joints can be. instead: what there is where that does not help.
template <class LayOut> Result<Layout> withJointsMoved(const std::vector<Slide>& joints, const Result<Layout>& plain,
                                                       const Result<Layout>& instead, LayOut layOutWith)
{
    if (!plain)
        return instead;
    InstrumentSpec spec = plain->goal.spec();
    spec.slides = joints;
    clearJoints(spec);
    const auto jointed = Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
    if (!jointed)
        return instead;
    auto there = layOutWith(*jointed);
    if (there)
        there->movedJoints = movedJoints(joints, there->goal.spec().slides);
    return there;
}

} // namespace

Result<Layout> layOut(const Blank& blank, const LayoutWishes& wishes, bool withCosts, const Cancel& cancel, const Priors& priors)
{
    enterDoor(Door::Layout);
    auto wanted = laidOutOnce(blank, wishes, withCosts, cancel, priors);
    if (wanted || blank.spec.slides.empty() || !meetsJoint(wanted.error()))
        return wanted;
    Blank bare = blank;
    bare.spec.slides.clear();
    return withJointsMoved(blank.spec.slides, laidOutOnce(bare, wishes, false, cancel, priors), wanted,
                           [&](const Instrument& jointed) {
                               Blank moved = blank;
                               moved.spec.slides = jointed.spec().slides;
                               return laidOutOnce(moved, wishes, withCosts, cancel, priors);
                           });
}

namespace {

/// A row and what was known when it was sought.
struct Found
{
    Row row;
    Posterior posterior;
};

bool allows(const LayoutWishes& wishes, Shaping shaping)
{
    return std::find(wishes.allowed.begin(), wishes.allowed.end(), shaping) != wishes.allowed.end();
}

Result<Found> found(const Instrument& rough, const LayoutWishes& wishes, const Priors& priors, const Cancel& cancel)
{
    auto posterior = DOWEL_TRY(Posterior::prior(rough, priors));
    auto row = DOWEL_TRY(layout::bestRow(rough, posterior, wishes, cancel));
    return Found{std::move(row), std::move(posterior)};
}

/// With other fingerings for what is out of tolerance, and the row that goes with them, as long as that helps.
Result<Found> withFingerings(Found before, const LayoutWishes& wishes, const Priors& priors, const Cancel& cancel)
{
    LayoutWishes settled = wishes; // the tube is as it was found
    settled.allowed.clear();
    constexpr int most = 2;
    for (int turn = 0; turn < most && !before.row.reached; ++turn) {
        const auto chart = DOWEL_TRY(layout::otherFingerings(before.row.shape, before.posterior));
        if (!chart)
            break;
        InstrumentSpec spec = before.row.shape.spec();
        spec.fingerings = *chart;
        const auto other = Instrument::make(std::move(spec));
        auto next = DOWEL_TRY(other ? found(*other, settled, priors, cancel) : Result<Found>(other.error()));
        if (next.row.loss >= before.row.loss)
            break;
        next.row.reshaped = before.row.reshaped;
        before = std::move(next);
    }
    return before;
}

/// The best row under the wishes, with room to go on. Errors as layOut().
Result<Found> roomyRow(const Instrument& rough, const LayoutWishes& wishes, const Priors& priors, const Cancel& cancel)
{
    auto best = found(rough, wishes, priors, cancel);
    if (!best)
        return best;
    LayoutWishes settled = wishes;
    settled.allowed.clear();
    auto roomier = DOWEL_TRY(layout::withRoom(best->row, best->posterior, settled, cancel));
    if (roomier) {
        (roomier)->reshaped = best->row.reshaped;
        best->row = std::move(*roomier);
    }
    return best;
}

/// What the allowed shapings make of a row that is the best without them. Errors as layOut().
Result<Found> shapedFrom(const Instrument& row, const LayoutWishes& wishes, const Priors& priors, const Cancel& cancel)
{
    auto shaped = roomyRow(row, wishes, priors, cancel);
    return shaped && allows(wishes, Shaping::Fingerings) ? withFingerings(std::move(*shaped), wishes, priors, cancel) : shaped;
}

/// The best layout under the wishes. What is allowed is sought from the best row without it, the way its gain is told, so that
/// allowing a thing brings what was said of it. Errors as layOut().
Result<Found> bestUnder(const Instrument& rough, const LayoutWishes& wishes, const Priors& priors, const Cancel& cancel)
{
    LayoutWishes settled = wishes;
    settled.allowed.clear();
    auto plain = roomyRow(rough, settled, priors, cancel);
    if (wishes.allowed.empty() || (!plain && plain.error().code == ErrorCode::Cancelled))
        return plain;
    auto shaped = shapedFrom(plain ? plain->row.shape : rough, wishes, priors, cancel);
    const bool better = !plain || (shaped && shaped->row.loss < plain->row.loss);
    const bool cancelled = !shaped && shaped.error().code == ErrorCode::Cancelled;
    return better || cancelled ? std::move(shaped) : std::move(plain);
}

/// The row with holes as wide as is usual for its bore, each undercut by as much as it is; nothing where they are about that
/// wide already.
std::optional<Instrument> asUsuallyWide(const Instrument& rough, const LayoutWishes& wishes)
{
    constexpr double alike = 0.08;
    InstrumentSpec spec = rough.spec();
    bool other = false;
    for (Hole& h : spec.holes) {
        const Metres usual = std::clamp(boreDiameterAt(spec.bore, h.at) * layout::usualShare, wishes.smallest,
                                        std::max(wishes.smallest, wishes.largest));
        other = other || std::abs(h.diameter / usual - 1.0) > alike;
        h.undercutDiameter = usual + (h.undercutDiameter - h.diameter);
        h.diameter = usual;
    }
    const auto made = other ? Instrument::make(std::move(spec)) : Result<Instrument>(rough);
    return other && made ? std::optional(*made) : std::nullopt;
}

/// The best layout from the row as it is, and where that is not in tune, from usual holes, too: a model that was still to be
/// opened lies in a valley of its own. Errors as layOut().
Result<Found> bestFromEither(const Instrument& rough, const LayoutWishes& wishes, const Priors& priors, const Cancel& cancel)
{
    auto best = bestUnder(rough, wishes, priors, cancel);
    if ((best && best->row.reached) || (!best && best.error().code == ErrorCode::Cancelled))
        return best;
    const auto usual = asUsuallyWide(rough, wishes);
    if (!usual)
        return best;
    auto other = bestUnder(*usual, wishes, priors, cancel);
    if (!other && other.error().code == ErrorCode::Cancelled)
        return other;
    return other && (!best || other->row.loss < best->row.loss) ? std::move(other) : std::move(best);
}

/// The wishes with one given up, each that binds.
std::vector<std::pair<Wish, LayoutWishes>> relaxed(const LayoutWishes& wishes)
{
    std::vector<std::pair<Wish, LayoutWishes>> others;
    const auto add = [&](bool binds, Wish wish, auto change) {
        if (!binds)
            return;
        LayoutWishes less = wishes;
        change(less);
        others.emplace_back(wish, std::move(less));
    };
    add(wishes.reach.has_value(), Wish::Reach, [](LayoutWishes& w) { w.reach.reset(); });
    add(true, Wish::LargestHole, [](LayoutWishes& w) { w.largest = w.largest * 1.3; });
    add(true, Wish::SmallestHole, [](LayoutWishes& w) { w.smallest = w.smallest * 0.6; });
    add(wishes.oneBit, Wish::OneBit, [](LayoutWishes& w) { w.oneBit = false; });
    add(!wishes.bits.empty(), Wish::Bits, [](LayoutWishes& w) { w.bits.clear(); });
    add(wishes.equalSpacing || wishes.spacing, Wish::EqualSpacing, [](LayoutWishes& w) {
        w.equalSpacing = false;
        w.spacing.reset();
    });
    add(wishes.evenTimbre, Wish::EvenTimbre, [](LayoutWishes& w) { w.evenTimbre = false; });
    add(wishes.fixedLength, Wish::FixedLength, [](LayoutWishes& w) { w.fixedLength = false; });
    return others;
}

// Of the aim's loss: what is worth telling, a chance a fifth better.
constexpr double worthTelling = 0.2;

/// The spacing nearest to the one that is set with which every note comes in, from the row as it is set and from the free one,
/// which is in tune: either may be the better start. Errors: Cancelled.
Result<std::optional<Metres>> nearestSpacing(const Row& set, const Row& free, const Posterior& posterior, LayoutWishes wishes,
                                             const Cancel& cancel)
{
    constexpr double step_mm = 0.5;
    constexpr int most = 16;
    const Metres from = *wishes.spacing;
    for (int i = 1; i <= most; ++i)
        for (const double sign : {-1.0, 1.0}) {
            wishes.spacing = from + Metres::fromMillimetres(sign * i * step_mm);
            for (const Row* start : {&free, &set}) {
                const auto row = layout::bestRow(start->shape, posterior, wishes, cancel);
                if (!row && row.error().code == ErrorCode::Cancelled)
                    return row.error();
                if (row && row->reached)
                    return std::optional(*wishes.spacing);
            }
        }
    return std::optional<Metres>{};
}

/// Errors: Cancelled; what cannot be laid out at all is left out.
Status addCosts(Layout& layout, const Row& best, const Posterior& posterior, const LayoutWishes& wishes, const Cancel& cancel)
{
    for (auto& [wish, less] : relaxed(wishes)) {
        less.allowed.clear();
        const auto other = layout::bestRow(best.shape, posterior, less, cancel);
        if (!other && other.error().code == ErrorCode::Cancelled)
            return other.error();
        if (other && other->loss < best.loss - worthTelling)
            layout.costs.push_back({wish, other->worst, other->rms, other->reached, {}});
        if (wish == Wish::EqualSpacing && wishes.spacing && other && other->reached && !layout.reached) {
            const auto nearest = DOWEL_TRY(nearestSpacing(best, *other, posterior, wishes, cancel));
            if (!layout.costs.empty() && layout.costs.back().wish == wish)
                layout.costs.back().nearestSpacing = nearest;
        }
    }
    std::sort(layout.costs.begin(), layout.costs.end(),
              [](const WishCost& a, const WishCost& b) { return a.rms_cents < b.rms_cents; });
    return Done{};
}

/// What each thing that is not allowed yet would bring, and all of them together where none does it alone. Errors: Cancelled.
Status addGains(Layout& layout, const Row& best, const LayoutWishes& wishes, const Priors& priors, const Cancel& cancel)
{
    std::vector<std::vector<Shaping>> tries;
    std::vector<Shaping> together;
    for (const Shaping s :
         {Shaping::Stopper, Shaping::HeadTaper, Shaping::Taper, Shaping::Bore, Shaping::Undercut, Shaping::Fingerings}) {
        if (!offers(best.shape.spec(), s) || allows(wishes, s))
            continue;
        tries.push_back({s});
        if (s != Shaping::Bore && s != Shaping::Fingerings)
            together.push_back(s);
    }
    if (together.size() > 1)
        tries.push_back(together);
    bool mended = false;
    for (const auto& shapings : tries) {
        if (shapings.size() > 1 && mended)
            break; // one of them does alone
        LayoutWishes more = wishes;
        more.allowed = shapings;
        auto other = shapedFrom(best.shape, more, priors, cancel);
        if (!other && other.error().code == ErrorCode::Cancelled)
            return other.error();
        if (!other || other->row.loss > best.loss - worthTelling || layout::broken(other->row.shape, wishes))
            continue;
        Row& row = other->row;
        mended = mended || row.reached;
        layout.gains.push_back({shapings, std::move(row.reshaped), std::move(row.shape), withinTolerance(best.shape, row.cents),
                                row.worst, row.rms, row.reached});
    }
    std::sort(layout.gains.begin(), layout.gains.end(), [](const ShapingGain& a, const ShapingGain& b) {
        return a.within != b.within ? a.within > b.within : a.rms_cents < b.rms_cents;
    });
    return Done{};
}

Result<Layout> layoutOf(const Row& row, const LayoutWishes& wishes, Metres blankLength, const Posterior& posterior)
{
    const auto start = DOWEL_TRY(undersized(row.shape, wishes, blankLength, posterior));
    return Layout{row.shape, start, row.cents, row.worst, row.rms, row.reached, posterior.priors(), row.reshaped};
}

} // namespace

int withinTolerance(const Instrument& instrument, const std::vector<double>& cents)
{
    return summaryOf(instrument.spec().fingerings, cents).within;
}

namespace {

bool knowsBias(const Instrument& shape, const LayoutWishes& wishes)
{
    return !wishes.heardAbove.empty() && wishes.heardAbove.size() == shape.spec().fingerings.size();
}

/// The shape with targets where the model has to come, so that the real one is in tune.
Result<Instrument> asModelled(const Instrument& shape, const LayoutWishes& wishes)
{
    InstrumentSpec spec = shape.spec();
    for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
        spec.fingerings[i].target = spec.fingerings[i].target * std::exp2(-wishes.heardAbove[i].cents() / 1200.0);
    return Instrument::make(std::move(spec));
}

/// The other way: the targets that were wanted, what else became of the chart kept.
Result<Instrument> asWanted(const Instrument& shape, const std::vector<Fingering>& wanted)
{
    InstrumentSpec spec = shape.spec();
    for (std::size_t i = 0; i < spec.fingerings.size(); ++i)
        spec.fingerings[i].target = wanted[i].target;
    return Instrument::make(std::move(spec));
}

/// Lays out by lay() for where the model has to come, and gives it back with what was wanted.
template <class Lay> Result<Layout> aroundBias(const Instrument& shape, const LayoutWishes& wishes, Lay lay)
{
    const auto modelled = DOWEL_TRY(asModelled(shape, wishes));
    LayoutWishes rest = wishes;
    rest.heardAbove.clear();
    Result<Layout> layout = lay(modelled, rest);
    if (!layout)
        return layout;
    std::vector<Instrument*> laidOut{&layout->goal, &layout->start};
    for (ShapingGain& gain : layout->gains)
        laidOut.push_back(&gain.goal);
    for (Instrument* s : laidOut) {
        auto wanted = DOWEL_TRY(asWanted(*s, shape.spec().fingerings));
        *s = std::move(wanted);
    }
    return layout;
}

} // namespace

namespace {

Result<Layout> laidOutRow(const Instrument& rough, Metres blankLength, const LayoutWishes& wishes, bool withCosts,
                          const Cancel& cancel, const Priors& priors)
{
    if (knowsBias(rough, wishes))
        return aroundBias(rough, wishes, [&](const Instrument& modelled, const LayoutWishes& rest) {
            return laidOutRow(modelled, blankLength, rest, withCosts, cancel, priors);
        });
    if (wishes.smallest > wishes.largest)
        return Error{ErrorCode::BadValue, "smallest_hole, largest_hole", {FactId::WiderThan, wishes.smallest, wishes.largest}};
    const auto best = DOWEL_TRY(bestFromEither(rough, wishes, priors, cancel));
    const Row& row = best.row;
    if (const auto trouble = layout::broken(row.shape, wishes))
        return Error{ErrorCode::BadValue, wishes.reach ? "reach" : "holes", *trouble};
    auto layout = layoutOf(row, wishes, blankLength, best.posterior);
    if (!layout || !withCosts || row.reached)
        return layout;
    DOWEL_TRY(addCosts(*layout, row, best.posterior, wishes, cancel));
    DOWEL_TRY(addGains(*layout, row, wishes, priors, cancel));
    return layout;
}

} // namespace

Result<Layout> layOut(const Instrument& rough, Metres blankLength, const LayoutWishes& wishes, bool withCosts,
                      const Cancel& cancel, const Priors& priors)
{
    enterDoor(Door::Layout);
    auto wanted = laidOutRow(rough, blankLength, wishes, withCosts, cancel, priors);
    const auto& joints = rough.spec().slides;
    if (wanted || joints.empty() || !meetsJoint(wanted.error()))
        return wanted;
    InstrumentSpec bare = rough.spec();
    bare.slides.clear();
    const auto plain = DOWEL_TRY(Instrument::make(std::move(bare), Instrument::Neighbours::MayMeet));
    return withJointsMoved(
        joints, laidOutRow(plain, blankLength, wishes, false, cancel, priors), wanted,
        [&](const Instrument& jointed) { return laidOutRow(jointed, blankLength, wishes, withCosts, cancel, priors); });
}

Result<Layout> layoutAt(const Instrument& goal, Metres blankLength, const LayoutWishes& wishes, const Priors& priors)
{
    enterDoor(Door::Layout);
    if (knowsBias(goal, wishes))
        return aroundBias(goal, wishes, [&](const Instrument& modelled, const LayoutWishes& rest) {
            return layoutAt(modelled, blankLength, rest, priors);
        });
    const auto posterior = DOWEL_TRY(Posterior::prior(goal, priors));
    const auto row = DOWEL_TRY(layout::judged(goal, posterior));
    return layoutOf(row, wishes, blankLength, posterior);
}

Result<Layout> draggedTo(const Layout& before, const Instrument& goal, const LayoutWishes& wishes)
{
    enterDoor(Door::Layout);
    if (knowsBias(goal, wishes))
        return aroundBias(goal, wishes, [&](const Instrument& modelled, const LayoutWishes& rest) {
            return draggedTo(before, modelled, rest);
        });
    const auto posterior = DOWEL_TRY(Posterior::prior(goal, before.priors));
    const auto row = DOWEL_TRY(layout::judged(goal, posterior));
    InstrumentSpec spec = goal.spec();
    const auto& was = before.goal.spec().holes;
    const auto& first = before.start.spec().holes;
    for (std::size_t i = 0; i < spec.holes.size() && i < first.size(); ++i) {
        Hole& h = spec.holes[i];
        constexpr Metres least = Metres::fromMillimetres(0.5);
        h.diameter = h.undercutDiameter = std::max(least, first[i].diameter + (h.diameter - was[i].diameter));
    }
    spec.bore = boreEndingAt(std::move(spec.bore), goal.length() + (before.start.length() - before.goal.length()));
    const auto start = DOWEL_TRY(Instrument::make(std::move(spec)));
    return Layout{row.shape, start, row.cents, row.worst, row.rms, row.reached, before.priors, {}};
}

} // namespace dowel
