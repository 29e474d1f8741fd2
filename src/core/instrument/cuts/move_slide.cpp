// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cuts/move_slide.h"

#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

// Two joints stand much further apart, and a rule is read to less.
constexpr Metres sameJoint = Metres::fromMillimetres(2.0);

bool isAt(const Slide& slide, Metres at)
{
    return std::abs((slide.at - at).metres()) < sameJoint.metres();
}

} // namespace

bool MoveSlide::samePlace(const MoveSlide& other) const
{
    return std::abs((at - other.at).metres()) < sameJoint.metres();
}

std::optional<Metres> MoveSlide::present(const Instrument& there) const
{
    for (const Slide& s : there.spec().slides)
        if (isAt(s, at))
            return s.out;
    return std::nullopt;
}

Status MoveSlide::doTo(InstrumentSpec& spec) const
{
    const auto slide = std::find_if(spec.slides.begin(), spec.slides.end(), [this](const Slide& s) { return isAt(s, at); });
    if (slide == spec.slides.end())
        return Error{ErrorCode::BadGeometry, "at_mm", {FactId::NoJointThere, at}};
    if (!(out.metres() >= 0.0))
        return Error{ErrorCode::BadValue, "out_mm", {FactId::AtLeast, out, Metres{}}};
    slide->out = out;
    return Done{};
}

std::vector<MoveSlide> MoveSlide::on(const Instrument& there)
{
    std::vector<MoveSlide> works;
    for (const Slide& s : there.spec().slides)
        works.push_back({s.at, s.out});
    return works;
}

} // namespace dowel
