// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/trim_foot.h"

namespace dowel {

std::optional<Metres> TrimFoot::present(const Instrument& there) const
{
    return there.length();
}

Status TrimFoot::doTo(InstrumentSpec& spec) const
{
    const Metres now = spec.bore.back().at;
    if (length > now + caliperSlack)
        return cuts::tooSmall("/bore", length, now);
    if (!(length.metres() > 0.0))
        return Error{ErrorCode::BadGeometry, "length_mm", {FactId::IsNow, length, now}};
    if (length >= now) {
        spec.bore.back().at = length;
        return Done{};
    }
    const Station end = cuts::stationAt(spec.bore, spec.wall, length);
    while (!spec.bore.empty() && spec.bore.back().at >= length)
        spec.bore.pop_back();
    spec.bore.push_back(end);
    return Done{};
}

std::vector<TrimFoot> TrimFoot::on(const Instrument& there)
{
    if (there.spec().foot != Foot::Open)
        return {};
    return {{there.length()}};
}

} // namespace dowel
