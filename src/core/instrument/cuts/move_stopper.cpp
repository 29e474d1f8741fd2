// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/move_stopper.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> MoveStopper::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Transverse::stopper);
}

Status MoveStopper::doTo(InstrumentSpec& spec) const
{
    Transverse& mouth = *DOWEL_TRY(cuts::mouthIn<Transverse>(spec, {FactId::HasNoStopper, facts.word}));
    mouth.stopper = stopper;
    return Done{};
}

std::vector<MoveStopper> MoveStopper::on(const Instrument& there)
{
    return cuts::onMouth<MoveStopper>(there, &Transverse::stopper);
}

} // namespace dowel
