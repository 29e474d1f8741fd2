// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/chamfer.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> Chamfer::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Duct::chamfer);
}

Status Chamfer::doTo(InstrumentSpec& spec) const
{
    Duct& mouth = *DOWEL_TRY(cuts::mouthIn<Duct>(spec, {FactId::HasNoWindow, facts.word}));
    return cuts::grow(mouth.chamfer, width, "chamfer_mm");
}

std::vector<Chamfer> Chamfer::on(const Instrument& there)
{
    return cuts::onMouth<Chamfer>(there, &Duct::chamfer);
}

} // namespace dowel
