// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/cut_up.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> CutUp::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Duct::windowLength);
}

Status CutUp::doTo(InstrumentSpec& spec) const
{
    Duct& mouth = *DOWEL_TRY(cuts::mouthIn<Duct>(spec, {FactId::HasNoWindow, facts.word}));
    return cuts::grow(mouth.windowLength, windowLength, "window_length_mm");
}

std::vector<CutUp> CutUp::on(const Instrument& there)
{
    return cuts::onMouth<CutUp>(there, &Duct::windowLength);
}

} // namespace dowel
