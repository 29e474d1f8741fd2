// SPDX-License-Identifier: GPL-3.0-or-later
// Many blanks, every maker on each, and the table of how they fared: by family, with stated chances held to what came.
#pragma once

#include "sim/foreign.h"
#include "sim/makers.h"

#include <cstdio>
#include <optional>
#include <string>
#include <vector>

namespace dowel::sim {

/// What every maker made of one blank; makers that were not asked are left as they are.
struct Row
{
    std::uint64_t seed = 0;
    std::string family;
    std::size_t holes = 0;
    bool solvable = false;
    Outcome advice;
    Outcome custom;
    Outcome straight;
    Outcome shifted;
    Outcome knows;
};

enum class World { House, Foreign };

struct Fleet
{
    World world = World::Foreign;
    Law law = Law::None; ///< of foreign blanks
    int blanks = 70;
    std::uint64_t first = 1;
    std::optional<std::size_t> family; ///< only that one; foreign blanks
    double tolerance_cents = 10.0;     ///< house blanks
    bool alone = false;                ///< the advice without the yardsticks
    PlanOptions options;
    Priors priors;
};

/// The blank of a seed in a fleet's world; nothing where none can be made.
[[nodiscard]] std::optional<Blank> blankOf(const Fleet& fleet, std::uint64_t seed);
/// On all cores; deterministic all the same.
[[nodiscard]] std::vector<Row> played(const Fleet& fleet);
/// Figures of one maker on rows.
struct Figures
{
    int blanks = 0;
    int solvable = 0;
    int home = 0;
    int homeOfSolvable = 0;
    int allButOne = 0;
    int spoiled = 0; ///< not counting what one who knows the truth spoils too
    int early = 0;
    double sharp = 0.0; ///< notes a blank, beyond what one who knows leaves so
    double flat = 0.0;
    double cutsPerHole = 0.0;
    double rounds = 0.0;
    Outcome::Intervals all;
    Outcome::Intervals large;
    Outcome::Intervals stand;
    /// Standard error of what came less what was believed: notes and rounds of a blank err together, so it goes by blanks.
    double leanError_cents = 0.0;
};
[[nodiscard]] Figures figuresOf(const std::vector<Row>& rows, Outcome Row::*who);
/// The whole table, by family and in all, with the calibration of what was stated in tenths.
void print(const std::vector<Row>& rows, bool alone);
void printEach(const std::vector<Row>& rows);

} // namespace dowel::sim
