// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/open_embouchure.h"

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
    auto* mouth = std::get_if<Transverse>(&spec.excitation);
    if (mouth == nullptr)
        return Error{ErrorCode::BadValue, "kind", {FactId::HasNoEmbouchure, facts.word}};
    if (holeLength < mouth->holeLength - boreSlack)
        return cuts::tooSmall("/excitation/hole_length_mm", holeLength, mouth->holeLength);
    if (holeWidth && *holeWidth < mouth->holeWidth - boreSlack)
        return cuts::tooSmall("/excitation/hole_width_mm", *holeWidth, mouth->holeWidth);
    mouth->holeLength = holeLength;
    mouth->holeWidth = std::max(mouth->holeWidth, holeWidth.value_or(mouth->holeWidth));
    return Done{};
}

std::vector<OpenEmbouchure> OpenEmbouchure::on(const Instrument& there)
{
    if (const auto* mouth = std::get_if<Transverse>(&there.spec().excitation))
        return {{mouth->holeLength}};
    return {};
}

} // namespace dowel
