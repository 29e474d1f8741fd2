// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layout/start.h"

#include "core/instrument/reach.h"
#include "core/layout/rough.h"

#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

struct ShortBy
{
    std::vector<Metres> holes;
    Metres foot;
};

/// How much less than the goal is cut at first: what a note may come out sharper than forecast, in its hole's or the foot's
/// own sensitivity. What the lowest note is off the foot will mend, and takes as much of it from the other notes.
Result<ShortBy> shortBy(const Instrument& goal, const LayoutWishes& wishes, const Posterior& posterior)
{
    const InstrumentSpec& spec = goal.spec();
    ShortBy by{std::vector<Metres>(spec.holes.size(), wishes.allowance), wishes.footAllowance};
    const bool deepens = isBoredDeeper(spec);
    if (!(wishes.doubt > 0.0) || (spec.holes.empty() && !deepens))
        return by;
    const auto s = DOWEL_TRY(posterior.sensitivity(goal));
    const auto& fingerings = spec.fingerings;
    const auto lowest = std::find_if(fingerings.begin(), fingerings.end(), [&](const Fingering& f) {
        return f.registerNumber == 1 && f.closed.size() == spec.holes.size();
    });
    const Eigen::Index foot = s.perMetre.cols() - 1;
    const bool trims = lowest != fingerings.end() && (spec.foot == Foot::Open || deepens) && !wishes.fixedLength;
    const Eigen::Index low = trims ? lowest - fingerings.begin() : 0;
    const auto sdOf = [&](const Eigen::RowVectorXd& direction) {
        return std::sqrt(std::max(0.0, static_cast<double>(direction * posterior.covariance() * direction.transpose())));
    };
    constexpr double leastSlope = 1e3; // cents per metre; what moves its note less is no hole to tune by
    const auto further = [&](Metres& size, double short_cents, double perMetre) {
        if (std::abs(perMetre) > leastSlope)
            size = std::max(size, Metres::fromMetres(short_cents / std::abs(perMetre)));
    };
    constexpr double sawnAnyway = 2.0; // a foot left longer costs no cut more
    if (trims)
        further(by.foot, sawnAnyway * wishes.doubt * sdOf(s.byUnknown.row(low)), s.perMetre(low, foot));
    for (std::size_t k = 0; k < spec.holes.size(); ++k) {
        const Fingering* own = layout::setting(spec, k, spec.holes.size());
        if (own == nullptr)
            continue;
        const Eigen::Index i = own - fingerings.data();
        Eigen::RowVectorXd direction = s.byUnknown.row(i);
        if (trims && std::abs(s.perMetre(low, foot)) > leastSlope)
            direction -= s.perMetre(i, foot) / s.perMetre(low, foot) * s.byUnknown.row(low);
        double wanted = wishes.doubt * sdOf(direction);
        for (std::size_t below = 0; below < k; ++below) // what the holes below keep it flat by
            wanted -= std::max(0.0, s.byShifted(i, static_cast<Eigen::Index>(below)) * by.holes[below].metres());
        // Drilled plain, and undercut when it is tuned: its ramp comes last, so the hole goes by its slope without one.
        further(by.holes[k], wanted, s.byShifted(i, static_cast<Eigen::Index>(k)));
    }
    if (wishes.oneBit)
        std::fill(by.holes.begin(), by.holes.end(), *std::max_element(by.holes.begin(), by.holes.end()));
    return by;
}

/// The largest of these bits not above a size; nothing where all are larger.
Metres largestOf(const std::vector<Metres>& bits, Metres size)
{
    Metres largest;
    for (const Metres b : bits)
        if (b <= size)
            largest = std::max(largest, b);
    return largest;
}

} // namespace

Result<std::optional<layout::Row>> layout::withRoom(const Row& found, const Posterior& posterior, const LayoutWishes& wishes,
                                                    const Cancel& cancel)
{
    using Roomier = std::optional<Row>;
    const auto by = shortBy(found.shape, wishes, posterior);
    if (!by)
        return by.error();
    constexpr double share = 0.5; // of what a note may come out flat by; the mouth and its neighbours mend the rest
    const Reach reach = reachOf(found.shape);
    LayoutWishes smaller = wishes;
    for (std::size_t k = 0; k < by->holes.size(); ++k) {
        const Metres size = found.shape.spec().holes[k].diameter;
        const Metres most = reach.widest[k] - by->holes[k] * share;
        if (size > most)
            smaller.largest = std::min(smaller.largest, std::max(most, size * 0.8));
    }
    if (!(wishes.doubt > 0.0) || smaller.largest >= wishes.largest || smaller.largest < wishes.smallest)
        return Roomier{};
    auto other = DOWEL_TRY(bestRow(found.shape, posterior, smaller, cancel));
    constexpr double worthIt_cents = 2.5;
    const bool asGood = other.reached || (!found.reached && other.rms < found.rms + worthIt_cents);
    return asGood ? Roomier{std::move(other)} : Roomier{};
}

Result<Instrument> undersized(const Instrument& goal, const LayoutWishes& wishes, Metres blankLength, const Posterior& posterior)
{
    InstrumentSpec spec = goal.spec();
    const auto unsure = DOWEL_TRY(shortBy(goal, wishes, posterior));
    for (std::size_t i = 0; i < spec.holes.size(); ++i) {
        Hole& h = spec.holes[i];
        constexpr double smallestShare = 0.6; // of the goal, as far as the sensitivities at it say something
        // A size that can be stopped at, towards less.
        const double step_m = spec.tools.step.metres();
        const Metres least = std::max(h.diameter - unsure.holes[i], h.diameter * smallestShare);
        Metres start = Metres::fromMetres(std::floor(least.metres() / step_m + 1e-6) * step_m);
        if (const Metres bit = largestOf(wishes.bits.empty() ? spec.tools.bits : wishes.bits, start);
            bit >= h.diameter * smallestShare || (bit > Metres{} && !wishes.bits.empty()))
            start = bit;
        h.diameter = h.undercutDiameter = start;
    }
    const Metres goalLength = goal.length();
    if (spec.foot == Foot::Closed) { // what is too shallow is bored deeper; a slide's face stands where it is put
        const double shallow_mm = std::floor((goalLength - unsure.foot).millimetres() * 10.0 + 1e-6) / 10.0;
        const Metres depth = Metres::fromMillimetres(shallow_mm);
        if (isBoredDeeper(spec) && !wishes.fixedLength && depth > goalLength * 0.5)
            spec.bore = boreEndingAt(std::move(spec.bore), depth);
        return Instrument::make(std::move(spec));
    }
    const double tenths = std::ceil((goalLength + unsure.foot).millimetres() * 10.0 - 1e-6);
    const Metres length = std::min(blankLength, Metres::fromMillimetres(tenths / 10.0));
    if (length > goalLength)
        spec.bore = boreEndingAt(std::move(spec.bore), length);
    return Instrument::make(std::move(spec));
}

} // namespace dowel
