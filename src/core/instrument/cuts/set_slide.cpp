// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/set_slide.h"

#include "core/instrument/cuts/parts.h"

namespace dowel {

namespace {

bool hasSlide(const InstrumentSpec& spec)
{
    return spec.foot == Foot::Closed && spec.family == Family::Slide;
}

} // namespace

std::optional<Metres> SetSlide::present(const Instrument& there) const
{
    return hasSlide(there.spec()) ? std::optional(there.length()) : std::nullopt;
}

Status SetSlide::doTo(InstrumentSpec& spec) const
{
    if (!hasSlide(spec))
        return Error{ErrorCode::BadValue, "kind", FactId::SlideNeeds};
    if (!(length.metres() > 0.0))
        return Error{ErrorCode::BadValue, "length_mm", {FactId::Above, length.millimetres(), 0}};
    cuts::endAt(spec, length); // a slide runs in a tube as wide all along
    return Done{};
}

std::vector<SetSlide> SetSlide::on(const Instrument& there)
{
    if (!hasSlide(there.spec()))
        return {};
    return {{there.length()}};
}

} // namespace dowel
