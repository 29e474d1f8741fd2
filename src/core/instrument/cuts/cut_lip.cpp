// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/cut_lip.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

namespace {

Metres rampOf(const Duct& mouth)
{
    return mouth.chimney * mouth.rampRunPerRise;
}

} // namespace

std::optional<Metres> CutLip::present(const Instrument& there) const
{
    const auto* mouth = std::get_if<Duct>(&there.spec().excitation);
    return mouth == nullptr ? std::nullopt : std::optional(rampOf(*mouth));
}

Status CutLip::doTo(InstrumentSpec& spec) const
{
    Duct& mouth = *DOWEL_TRY(cuts::mouthIn<Duct>(spec, {FactId::HasNoWindow, facts.word}));
    Metres length = rampOf(mouth);
    DOWEL_TRY(cuts::grow(length, ramp, "ramp_length_mm"));
    mouth.rampRunPerRise = length / mouth.chimney;
    return Done{};
}

std::vector<CutLip> CutLip::on(const Instrument& there)
{
    const auto now = CutLip{}.present(there);
    return now ? std::vector<CutLip>{{*now}} : std::vector<CutLip>();
}

} // namespace dowel
