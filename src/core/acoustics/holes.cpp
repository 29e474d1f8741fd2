// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/holes.h"

#include <utility>

namespace dowel::acoustics {

namespace {
constexpr std::array<std::pair<HoleFormulas, std::string_view>, 3> names{{
    {HoleFormulas::LefebvreScavone, "lefebvre-scavone-2012"},
    {HoleFormulas::DubosNederveen, "dubos-nederveen-1999"},
    {HoleFormulas::Keefe, "keefe-1990"},
}};
} // namespace

std::string_view formulasName(HoleFormulas set)
{
    for (const auto& [s, name] : names)
        if (s == set)
            return name;
    return {};
}

std::optional<HoleFormulas> formulasFromName(std::string_view name)
{
    for (const auto& [s, n] : names)
        if (n == name)
            return s;
    return std::nullopt;
}

} // namespace dowel::acoustics
