// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/push_plug.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> PushPlug::present(const Instrument& there) const
{
    return there.length();
}

Status PushPlug::doTo(InstrumentSpec& spec) const
{
    if (spec.foot != Foot::Closed)
        return Error{ErrorCode::BadValue, "kind", {FactId::FootOpen, facts.word}};
    const Metres now = spec.bore.back().at;
    if (length > now || !(length.metres() > 0.0))
        return Error{ErrorCode::BadValue, "length_mm", {FactId::IsNow, length, now}};
    cuts::endAt(spec, length);
    return Done{};
}

std::vector<PushPlug> PushPlug::on(const Instrument& there)
{
    if (!isBoredDeeper(there.spec()))
        return {};
    return {{there.length()}};
}

} // namespace dowel
