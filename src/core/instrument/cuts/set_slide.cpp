// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/set_slide.h"

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
    std::vector<Station>& bore = spec.bore;
    if (length > bore.back().at) { // its tube is as wide there as where it stood
        if (bore.back().diameter != bore[bore.size() - 2].diameter)
            bore.push_back(bore.back());
        bore.back().at = length;
    } else {
        bore = boreEndingAt(std::move(bore), length);
    }
    return Done{};
}

std::vector<SetSlide> SetSlide::on(const Instrument& there)
{
    if (!hasSlide(there.spec()))
        return {};
    return {{there.length()}};
}

} // namespace dowel
