// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/undercut_embouchure.h"

namespace dowel {

std::optional<Metres> UndercutEmbouchure::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Transverse::undercut);
}

Status UndercutEmbouchure::doTo(InstrumentSpec& spec) const
{
    auto* mouth = std::get_if<Transverse>(&spec.excitation);
    if (mouth == nullptr)
        return Error{ErrorCode::BadValue, "kind", {FactId::HasNoEmbouchure, facts.word}};
    if (undercut < mouth->undercut - boreSlack)
        return cuts::tooSmall("/excitation/undercut_mm", undercut, mouth->undercut);
    mouth->undercut = undercut;
    return Done{};
}

std::vector<UndercutEmbouchure> UndercutEmbouchure::on(const Instrument& there)
{
    if (const auto* mouth = std::get_if<Transverse>(&there.spec().excitation))
        return {{mouth->undercut}};
    return {};
}

} // namespace dowel
