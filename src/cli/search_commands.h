// SPDX-License-Identifier: GPL-3.0-or-later
// Commands that find something on an instrument without changing it: a slide's marks, fingerings, a model on another blank.
#pragma once

#include "cli/answers.h"

#include <optional>

namespace dowel::cli {

/// Where a slide stands for every note.
[[nodiscard]] Answer marks(const std::string& path, const std::optional<std::string>& from, const std::optional<std::string>& to);

struct FingeringsWanted
{
    std::string note;
    std::optional<int> registerNumber;
    std::size_t most = 12;
    double within = 50.0;
};
/// Every fingering for a pitch, best first.
[[nodiscard]] Answer fingerings(const std::string& path, const FingeringsWanted& wanted);

struct VariationWanted
{
    std::string change;
    std::optional<double> times; ///< of a rough bore or a mouthpiece
    std::optional<double> by_mm; ///< the first measure of the others
    std::optional<double> wide_mm;
    bool ring = false;
};
/// What a change would do to every note.
[[nodiscard]] Answer vary(const std::string& path, const VariationWanted& wanted);

/// A blank's plan on several bores side by side.
[[nodiscard]] Answer bores(const std::string& path);

/// A measured model carried over to another bore, wall or key.
[[nodiscard]] Answer carry(const std::string& modelPath, const std::string& blankPath);

} // namespace dowel::cli
