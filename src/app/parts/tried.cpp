// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/tried.h"

#include <algorithm>
#include <cmath>

namespace dowel::app {

std::vector<Handle> handlesOf(const Instrument& instrument)
{
    std::vector<Handle> handles{{Handle::Kind::Foot, 0}};
    for (std::size_t i = 0; i < instrument.spec().holes.size(); ++i)
        handles.push_back({Handle::Kind::Hole, i});
    if (std::holds_alternative<Transverse>(instrument.spec().excitation))
        handles.push_back({Handle::Kind::Stopper, 0});
    return handles;
}

Metres sizeOf(const Instrument& instrument, const Handle& handle)
{
    switch (handle.kind) {
    case Handle::Kind::Hole: return instrument.spec().holes[handle.hole].diameter;
    case Handle::Kind::Foot: return instrument.length();
    case Handle::Kind::Stopper: return std::get<Transverse>(instrument.spec().excitation).stopper;
    }
    return {};
}

Result<Instrument> resized(const Instrument& instrument, const Handle& handle, Metres size)
{
    InstrumentSpec spec = instrument.spec();
    switch (handle.kind) {
    case Handle::Kind::Hole: {
        Hole& h = spec.holes[handle.hole];
        const bool straight = h.undercutDiameter <= h.diameter;
        h.diameter = size;
        h.undercutDiameter = straight ? size : std::max(h.undercutDiameter, size);
        break;
    }
    case Handle::Kind::Foot: spec.bore = boreEndingAt(std::move(spec.bore), size); break;
    case Handle::Kind::Stopper: std::get<Transverse>(spec.excitation).stopper = size; break;
    }
    return Instrument::make(std::move(spec));
}

std::vector<TriedChange> changesBetween(const Instrument& bench, const Instrument& tried)
{
    constexpr Metres noticed = Metres::fromMillimetres(0.005);
    std::vector<TriedChange> changes;
    for (const Handle& handle : handlesOf(bench)) {
        const Metres from = sizeOf(bench, handle);
        const Metres to = sizeOf(tried, handle);
        if (std::abs((to - from).metres()) < noticed.metres())
            continue;
        const bool adds = handle.kind == Handle::Kind::Hole ? to < from : handle.kind == Handle::Kind::Foot && to > from;
        changes.push_back({handle, from, to, adds});
    }
    return changes;
}

} // namespace dowel::app
