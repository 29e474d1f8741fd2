// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/undercut_embouchure.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> UndercutEmbouchure::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Transverse::undercut);
}

Status UndercutEmbouchure::doTo(InstrumentSpec& spec) const
{
    Transverse& mouth = *DOWEL_TRY(cuts::mouthIn<Transverse>(spec, {FactId::HasNoEmbouchure, facts.word}));
    return cuts::grow(mouth.undercut, undercut, "undercut_mm");
}

std::vector<UndercutEmbouchure> UndercutEmbouchure::on(const Instrument& there)
{
    return cuts::onMouth<UndercutEmbouchure>(there, &Transverse::undercut);
}

} // namespace dowel
