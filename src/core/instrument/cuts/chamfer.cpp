// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/chamfer.h"

namespace dowel {

std::optional<Metres> Chamfer::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Duct::chamfer);
}

Status Chamfer::doTo(InstrumentSpec& spec) const
{
    auto* mouth = std::get_if<Duct>(&spec.excitation);
    if (mouth == nullptr)
        return Error{ErrorCode::BadValue, "kind", {FactId::HasNoWindow, facts.word}};
    if (width < mouth->chamfer - boreSlack)
        return cuts::tooSmall("/excitation/chamfer_mm", width, mouth->chamfer);
    mouth->chamfer = width;
    return Done{};
}

std::vector<Chamfer> Chamfer::on(const Instrument& there)
{
    if (const auto* mouth = std::get_if<Duct>(&there.spec().excitation))
        return {{mouth->chamfer}};
    return {};
}

} // namespace dowel
