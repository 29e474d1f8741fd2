// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/cut_up.h"

namespace dowel {

std::optional<Metres> CutUp::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Duct::windowLength);
}

Status CutUp::doTo(InstrumentSpec& spec) const
{
    auto* mouth = std::get_if<Duct>(&spec.excitation);
    if (mouth == nullptr)
        return Error{ErrorCode::BadValue, "kind", {FactId::HasNoWindow, facts.word}};
    if (windowLength < mouth->windowLength - boreSlack)
        return cuts::tooSmall("/excitation/window_length_mm", windowLength, mouth->windowLength);
    mouth->windowLength = windowLength;
    return Done{};
}

std::vector<CutUp> CutUp::on(const Instrument& there)
{
    if (const auto* mouth = std::get_if<Duct>(&there.spec().excitation))
        return {{mouth->windowLength}};
    return {};
}

} // namespace dowel
