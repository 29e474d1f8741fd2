// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/open_embouchure.h"

#include "core/instrument/cuts/parts.h"

#include <algorithm>

namespace dowel {

void OpenEmbouchure::resize(Metres to)
{
    if (holeWidth) // in proportion
        holeWidth = *holeWidth * (to / holeLength);
    holeLength = to;
}

OpenEmbouchure OpenEmbouchure::evenly(const Instrument& there) const
{
    const auto& mouth = std::get<Transverse>(there.spec().excitation);
    return {holeLength, mouth.holeWidth * (holeLength / mouth.holeLength)};
}

std::optional<Metres> OpenEmbouchure::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Transverse::holeLength);
}

Status OpenEmbouchure::doTo(InstrumentSpec& spec) const
{
    Transverse& mouth = *DOWEL_TRY(cuts::mouthIn<Transverse>(spec, {FactId::HasNoEmbouchure, facts.word}));
    DOWEL_TRY(cuts::grow(mouth.holeLength, holeLength, "hole_length_mm"));
    if (holeWidth) {
        const Metres was = mouth.holeWidth;
        DOWEL_TRY(cuts::grow(mouth.holeWidth, *holeWidth, "hole_width_mm"));
        mouth.holeWidth = std::max(mouth.holeWidth, was); // calipers may read a trifle less
    }
    return Done{};
}

std::vector<OpenEmbouchure> OpenEmbouchure::on(const Instrument& there)
{
    return cuts::onMouth<OpenEmbouchure>(there, &Transverse::holeLength);
}

} // namespace dowel
