// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/move_stopper.h"

namespace dowel {

std::optional<Metres> MoveStopper::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Transverse::stopper);
}

Status MoveStopper::doTo(InstrumentSpec& spec) const
{
    auto* mouth = std::get_if<Transverse>(&spec.excitation);
    if (mouth == nullptr)
        return Error{ErrorCode::BadValue, "kind", {FactId::HasNoStopper, facts.word}};
    mouth->stopper = stopper;
    return Done{};
}

std::vector<MoveStopper> MoveStopper::on(const Instrument& there)
{
    if (const auto* mouth = std::get_if<Transverse>(&there.spec().excitation))
        return {{mouth->stopper}};
    return {};
}

} // namespace dowel
