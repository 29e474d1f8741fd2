// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shop/pipes.h"

namespace dowel {

const std::vector<PipeSize>& pipeSizes()
{
    const auto size = [](const char* nominal, bool copper, double outside_in, double wall_in) {
        return PipeSize{nominal, copper, Metres::fromInches(outside_in), Metres::fromInches(wall_in)};
    };
    static const std::vector<PipeSize> sizes{
        size("1/4", false, 0.540, 0.088),   size("3/8", false, 0.675, 0.091), size("1/2", false, 0.840, 0.109),
        size("3/4", false, 1.050, 0.113),   size("1", false, 1.315, 0.133),   size("1 1/4", false, 1.660, 0.140),
        size("1 1/2", false, 1.900, 0.145), size("3/8", true, 0.500, 0.025),  size("1/2", true, 0.625, 0.028),
        size("3/4", true, 0.875, 0.032),    size("1", true, 1.125, 0.035)};
    return sizes;
}

} // namespace dowel
