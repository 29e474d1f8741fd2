// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/deepen.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> Deepen::present(const Instrument& there) const
{
    return there.length();
}

Status Deepen::doTo(InstrumentSpec& spec) const
{
    if (spec.foot != Foot::Closed)
        return Error{ErrorCode::BadValue, "kind", {FactId::FootOpen, facts.word}};
    const Metres now = spec.bore.back().at;
    if (length < now - caliperSlack)
        return cuts::tooSmall("length_mm", length, now);
    if (!(length > now))
        return Done{};
    cuts::endAt(spec, length);
    return Done{};
}

std::vector<Deepen> Deepen::on(const Instrument& there)
{
    if (!isBoredDeeper(there.spec()))
        return {};
    return {{there.length()}};
}

} // namespace dowel
