// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/change_stopper.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

std::optional<Metres> ChangeStopper::present(const Instrument& there) const
{
    return cuts::ofMouth(there, &Transverse::stopper);
}

Status ChangeStopper::doTo(InstrumentSpec& spec) const
{
    Transverse& mouth = *DOWEL_TRY(cuts::mouthIn<Transverse>(spec, {FactId::HasNoStopper, facts.word}));
    mouth.stopper = stopper;
    return Done{};
}

std::vector<ChangeStopper> ChangeStopper::on(const Instrument& there)
{
    return cuts::onMouth<ChangeStopper>(there, &Transverse::stopper);
}

} // namespace dowel
