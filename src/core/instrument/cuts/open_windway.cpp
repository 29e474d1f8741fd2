// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/open_windway.h"

namespace dowel {

std::optional<Metres> OpenWindway::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Duct::windwayHeight);
}

Status OpenWindway::doTo(InstrumentSpec& spec) const
{
    auto* mouth = std::get_if<Duct>(&spec.excitation);
    if (mouth == nullptr)
        return Error{ErrorCode::BadValue, "kind", {FactId::HasNoWindow, facts.word}};
    if (height < mouth->windwayHeight - boreSlack)
        return cuts::tooSmall("/excitation/windway_height_mm", height, mouth->windwayHeight);
    mouth->windwayHeight = height;
    return Done{};
}

std::vector<OpenWindway> OpenWindway::on(const Instrument& there)
{
    if (const auto* mouth = std::get_if<Duct>(&there.spec().excitation))
        return {{mouth->windwayHeight}};
    return {};
}

} // namespace dowel
