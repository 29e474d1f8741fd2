// SPDX-License-Identifier: GPL-3.0-or-later
// Exact derivatives of one resonance by every parameter, and its weights along the bore.
#pragma once

#include "core/acoustics/chain.h"
#include "core/acoustics/model.h"

namespace dowel::acoustics {

/// Holes' geometries with their derivatives; they do not depend on frequency and serve every note of a chain.
class HoleDuals
{
public:
    explicit HoleDuals(const Chain& chain);
    [[nodiscard]] const HoleGeometry<Dual<HoleLocals::count>>& operator[](std::size_t hole) const { return m_holes[hole]; }

private:
    std::vector<HoleGeometry<Dual<HoleLocals::count>>> m_holes;
};

/// At a resonance of the chain. shares: one entry a hole.
[[nodiscard]] NoteAnswer answerAt(const Chain& chain, const HoleDuals& holes, double hertz, std::span<const double> shares);
[[nodiscard]] std::vector<BoreWeight> boreWeightsAt(const Chain& chain, double hertz, std::span<const double> shares,
                                                    double step_m);

} // namespace dowel::acoustics
