// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string_view>

namespace dowel {

/// How far a maker wants to go for the last notes: what a cut and a listening must gain of the chance that all are in.
enum class Effort { Quick, Usual, Best };
/// "quick", "usual", "best".
[[nodiscard]] std::string_view effortName(Effort effort);
[[nodiscard]] std::optional<Effort> effortFromName(std::string_view name);

/// How a maker goes about it. As it stands the most material is kept for longest: holes first and the foot last, graded
/// holes, both registers.
struct TuningStrategy
{
    bool footFirst = false;   ///< the foot is trimmed to its note before the holes are opened
    bool oneSize = false;     ///< holes are kept as alike as pitch allows: one bit for all
    bool lowRegister = false; ///< higher registers count a tenth and may stay twice as far off
    double evenTimbre = 0.0;  ///< 0 to 1: how much holes of even cutoff are worth beside pitch
    Effort effort = Effort::Usual;
    friend bool operator==(const TuningStrategy&, const TuningStrategy&) = default;
};

} // namespace dowel
