// SPDX-License-Identifier: GPL-3.0-or-later
// What a rule's marks do to the notes: lengths between two marks go to one of them, each by itself or all taken together. The
// foot is sawn to its note afterwards; what its mark moves is every hole that is measured from it.
#pragma once

#include "core/layout/layout.h"

#include <array>
#include <optional>
#include <vector>

namespace dowel {

/// The marks on either side of a length, mark less length.
using MarksBeside = std::array<Metres, 2>;

struct MarkedRow
{
    std::vector<MarksBeside> holes;  ///< one a hole, of its distance from the foot
    std::optional<MarksBeside> tube; ///< of its length; nothing where holes are not measured from the foot
};

struct Marking
{
    std::vector<Metres> off;  ///< one a hole: its mark less its distance from the foot
    Metres tubeOff;           ///< of the tube's length
    std::vector<Cents> moved; ///< one a hole: what it does to the note that it moves most
    Cents worst;              ///< of any note, by all marks together; without its sign
};
struct Markings
{
    Marking nearest;  ///< every length at its nearer mark
    Marking together; ///< so that the weighted squares of what the notes move are least
};

/// Every choice is tried for rows of up to fourteen holes; longer rows are mended hole by hole from the nearest marks. By the
/// linear model of the layout. Errors: those of fit() and Posterior::sensitivity(), BadGeometry where there is not one pair of
/// marks a hole.
[[nodiscard]] Result<Markings> markingsFor(const Layout& layout, const MarkedRow& row);

} // namespace dowel
