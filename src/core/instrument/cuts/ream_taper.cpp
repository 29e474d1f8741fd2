// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/ream_taper.h"

#include "core/instrument/cuts/ream.h"

namespace dowel {

void ReamTaper::resize(Metres reamedTo)
{
    atTo = atTo + (reamedTo - atFrom);
    atFrom = reamedTo;
}

bool ReamTaper::samePlace(const ReamTaper& other) const
{
    return Ream{from, to, {}}.samePlace({other.from, other.to, {}});
}

std::optional<Metres> ReamTaper::present(const Instrument& there) const
{
    return there.boreDiameterAt(from);
}

Status ReamTaper::doTo(InstrumentSpec& spec) const
{
    return cuts::widen(spec, {from, to, atFrom, atTo});
}

std::vector<ReamTaper> ReamTaper::on(const Instrument& /*there*/)
{
    return {}; // how deep a reamer went only the maker knows
}

} // namespace dowel
