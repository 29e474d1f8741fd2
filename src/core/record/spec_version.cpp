// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/record/spec_version.h"

#include <algorithm>

namespace dowel {

namespace {

/// Wood beside the sound: tenons, beak, what is left for chucking, the ends of a slow chamber, a mouthpiece's socket, a lay.
bool saysMoreOfTheWood(const InstrumentSpec& spec)
{
    if (std::any_of(spec.slides.begin(), spec.slides.end(), [](const Slide& s) { return s.tenon > Metres{} || s.tenonAbove; }))
        return true;
    const auto* top = std::get_if<ClosedTop>(&spec.excitation);
    if (top != nullptr && (top->socket > Metres{} || top->lay > Metres{} || top->layAngle_deg > 0.0))
        return true;
    if (!spec.head)
        return false;
    Head plain;
    plain.length = spec.head->length;
    plain.slowChamberLength = spec.head->slowChamberLength;
    plain.slowChamberDiameter = spec.head->slowChamberDiameter;
    return !(plain == *spec.head);
}

} // namespace

int versionOf(const InstrumentSpec& spec)
{
    if (saysMoreOfTheWood(spec))
        return 5;
    if (spec.head)
        return 4;
    return spec.material.empty() && spec.nodes.empty() && !spec.limits.depthMax ? 2 : 3;
}

} // namespace dowel
