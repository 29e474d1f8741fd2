// SPDX-License-Identifier: GPL-3.0-or-later
// What a maker's instruments share: breath, mouth, hole edges. Each fit says a little about it; together they become the
// prior of the next instrument of the same kind. Two levels, all normal: an instrument scatters about the shop's mean, the
// shop's mean about what the formulas say (empirical Bayes, [GCSR04] chapter 5). As mouth, air and breath can hardly be told
// apart on one instrument, whole covariances are carried, not single widths.
#pragma once

#include "core/fit/fit.h"

#include <span>

namespace dowel {

/// Names of the shared unknowns in their order: stable words.
enum class Shared {
    Warmth,
    MouthLog,
    MouthSlope,
    WallLoss,
    HoleEnd,
    HoleSpread1,
    HoleSpread2,
    Neighbours,
    HoleGain,
    BlowSlope,
    UndercutGain,
    UpperUndercutGain,
    Blow1,
    Blow2,
    Blow3
};
constexpr std::size_t sharedCount = 15;

/// What the priors say before anything is known of the shop.
[[nodiscard]] SharedEstimate sharedOf(const Priors& priors, Family family);
/// The prior for the next instrument of a family after fits of others, each made with `base` as its prior. Without any it is
/// base's own. How much of the prior's variance is one maker's own, from instrument to instrument, is learnt along: the share
/// is averaged over its likelihood. Errors: BadValue where an estimate has another size or is not finite.
[[nodiscard]] Result<Priors> learntFrom(const Priors& base, Family family, std::span<const SharedEstimate> fits);

} // namespace dowel
