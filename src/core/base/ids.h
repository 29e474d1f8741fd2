// SPDX-License-Identifier: GPL-3.0-or-later
// Names of things inside one instrument, typed so that a hole's name is not taken for a fingering's.
#pragma once

#include <cstddef> // before <compare>: that header alone is more than Qt 6.4's moc can read

#include <compare>
#include <string>

namespace dowel {

template <class Tag> struct Id
{
    std::string text;
    friend auto operator<=>(const Id&, const Id&) = default;
};

using HoleId = Id<struct HoleTag>;
using FingeringId = Id<struct FingeringTag>;

} // namespace dowel
