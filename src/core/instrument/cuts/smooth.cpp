// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/smooth.h"

#include "core/instrument/cuts/ream.h"

#include <algorithm>

namespace dowel {

namespace {

constexpr double smoothWall = 1.0;

/// As far from the foot as nothing is rough.
Metres smoothFromFoot(const std::vector<Station>& bore)
{
    for (std::size_t i = bore.size() - 1; i-- > 0;)
        if (bore[i].roughness > smoothWall)
            return bore.back().at - bore[i + 1].at;
    return bore.back().at - bore.front().at;
}

} // namespace

std::optional<Metres> Smooth::present(const Instrument& there) const
{
    return smoothFromFoot(there.spec().bore);
}

Status Smooth::doTo(InstrumentSpec& spec) const
{
    const Metres foot = spec.bore.back().at;
    if (length < smoothFromFoot(spec.bore) - boreSlack)
        return cuts::tooSmall("length_mm", length, smoothFromFoot(spec.bore));
    if (!(length.metres() >= 0.0) || length > foot)
        return Error{ErrorCode::BadValue, "length_mm", {FactId::LongIs, length, foot}};
    splitBoreAt(spec, foot - length);
    for (Station& s : spec.bore)
        if (s.at >= foot - length)
            s.roughness = std::min(s.roughness, smoothWall);
    return Done{};
}

std::vector<Smooth> Smooth::on(const Instrument& there)
{
    const auto& bore = there.spec().bore;
    const bool rough = std::any_of(bore.begin(), bore.end(), [](const Station& s) { return s.roughness > smoothWall; });
    return rough ? std::vector<Smooth>{{smoothFromFoot(bore)}} : std::vector<Smooth>();
}

} // namespace dowel
