// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/open_windway.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> OpenWindway::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Duct::windwayHeight);
}

Status OpenWindway::doTo(InstrumentSpec& spec) const
{
    Duct& mouth = *DOWEL_TRY(cuts::mouthIn<Duct>(spec, {FactId::HasNoWindow, facts.word}));
    return cuts::grow(mouth.windwayHeight, height, "windway_height_mm");
}

std::vector<OpenWindway> OpenWindway::on(const Instrument& there)
{
    return cuts::onMouth<OpenWindway>(there, &Duct::windwayHeight);
}

} // namespace dowel
