// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/tool_gain.h"

#include "core/base/thread_role.h"

#include <algorithm>
#include <cmath>

namespace dowel::session {

namespace {

/// The series that a drawer's markings belong to: who has inch bits buys inch bits.
std::vector<BitSeries> seriesOf(const BitDrawer& drawer)
{
    const auto any = [&](auto marked) {
        return std::any_of(drawer.bits.begin(), drawer.bits.end(), [&](const Bit& b) { return marked(b.name); });
    };
    std::vector<BitSeries> found;
    if (any([](const std::string& name) { return name.ends_with("mm"); }))
        found.push_back(BitSeries::Metric);
    if (any([](const std::string& name) { return name.find('/') != std::string::npos || name.ends_with("in"); }))
        found.push_back(BitSeries::Fractional);
    if (any([](const std::string& name) { return name.starts_with("No.") || name.starts_with("#"); }))
        found.push_back(BitSeries::Number);
    if (any([](const std::string& name) { return name.size() == 1; }))
        found.push_back(BitSeries::Letter);
    return found;
}

const Bit* nearestOf(const std::vector<BitSeries>& series, Metres size)
{
    const Bit* best = nullptr;
    for (const BitSeries one : series)
        for (const Bit& b : bitsOf(one))
            if (best == nullptr || std::abs((b.diameter - size).metres()) < std::abs((best->diameter - size).metres()))
                best = &b;
    return best;
}

LayoutWishes withSizes(LayoutWishes wishes, const BitDrawer& drawer, const Bit* more)
{
    wishes.bits.clear();
    for (const Bit& b : drawer.bits)
        wishes.bits.push_back(b.diameter);
    if (more != nullptr)
        wishes.bits.push_back(more->diameter);
    std::sort(wishes.bits.begin(), wishes.bits.end());
    return wishes;
}

} // namespace

Result<std::optional<ToolGain>> toolWorthBuying(const Blank& blank, const LayoutWishes& wishes, const BitDrawer& drawer,
                                                const Priors& priors, const Cancel& cancel)
{
    enterDoor(Door::Layout);
    const std::vector<BitSeries> series = seriesOf(drawer);
    if (series.empty())
        return std::optional<ToolGain>();
    const auto laidOut = [&](const LayoutWishes& with) {
        return layOut(blank, with, false, cancel, priors);
    };
    const auto withDrawer = laidOut(withSizes(wishes, drawer, nullptr));
    const int before = withDrawer ? withinTolerance(withDrawer->goal, withDrawer->cents) : 0;
    LayoutWishes any = wishes;
    any.bits.clear();
    const auto free = DOWEL_TRY(laidOut(any));
    std::vector<const Bit*> tried;
    std::optional<ToolGain> best;
    for (const Hole& h : free.goal.spec().holes) {
        const Bit* bit = nearestOf(series, h.diameter);
        if (bit == nullptr || drawer.bitOf(bit->diameter) != nullptr || std::find(tried.begin(), tried.end(), bit) != tried.end())
            continue;
        tried.push_back(bit);
        const auto with = laidOut(withSizes(wishes, drawer, bit));
        if (!with) {
            if (with.error().code == ErrorCode::Cancelled)
                return with.error();
            continue;
        }
        const ToolGain gain{*bit, withinTolerance(with->goal, with->cents), before, static_cast<int>(with->cents.size()),
                            with->worst_cents};
        const bool better = !best || gain.within > best->within ||
                            (gain.within == best->within && std::abs(gain.worst_cents) < std::abs(best->worst_cents));
        if (gain.within > before && better)
            best = gain;
    }
    return best;
}

} // namespace dowel::session
