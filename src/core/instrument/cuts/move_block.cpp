// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/move_block.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> MoveBlock::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Duct::upstream);
}

Status MoveBlock::doTo(InstrumentSpec& spec) const
{
    Duct& mouth = *DOWEL_TRY(cuts::mouthIn<Duct>(spec, {FactId::HasNoWindow, facts.word}));
    if (!(upstream.metres() >= 0.0))
        return Error{ErrorCode::BadValue, "upstream_mm", {FactId::AtLeast, upstream, Metres{}}};
    mouth.upstream = upstream;
    return Done{};
}

std::vector<MoveBlock> MoveBlock::on(const Instrument& there)
{
    return cuts::onMouth<MoveBlock>(there, &Duct::upstream);
}

} // namespace dowel
