// SPDX-License-Identifier: GPL-3.0-or-later
// A shop's own order of work for a family in a material: steps moved, left out and added to the usual ones.
#pragma once

#include "text/order_of_work.h"

#include <map>
#include <set>
#include <string>
#include <vector>

namespace dowel::text {

struct WorkWay
{
    std::vector<std::string> order;     ///< keys of steps as they follow each other; empty: as usual
    std::set<std::string> leftOut;      ///< keys of usual steps
    std::map<std::string, QString> own; ///< the shop's own steps, by their keys
    [[nodiscard]] bool isUsual() const { return order.empty() && leftOut.empty() && own.empty(); }
    friend bool operator==(const WorkWay&, const WorkWay&) = default;
};

/// The usual steps in the shop's way. A usual step that the way does not know (a seventh hole) follows the one before it.
[[nodiscard]] std::vector<WorkStep> inTheShopsWay(const std::vector<WorkStep>& usual, const WorkWay& way);
/// Moves the step at a row by so many rows; left as it is where that leads out of the list.
[[nodiscard]] WorkWay moved(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row, int by);
/// Whether the step at a row has steps on the list that it can change places with.
[[nodiscard]] bool canSwap(const std::vector<WorkStep>& shown, std::size_t row);
/// Puts the step at a row before the first of those where it stood after it, else after the last.
[[nodiscard]] WorkWay swapped(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row);
/// Adds a step of the shop's own behind a row.
[[nodiscard]] WorkWay added(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row, const QString& words);
/// Leaves the step at a row out; one of the shop's own is gone.
[[nodiscard]] WorkWay without(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row);

/// As one text for the settings, and back; what cannot be read is the usual way.
[[nodiscard]] QString wayText(const WorkWay& way);
[[nodiscard]] WorkWay wayFromText(const QString& text);

} // namespace dowel::text
