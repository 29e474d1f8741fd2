// SPDX-License-Identifier: GPL-3.0-or-later
// What the plan starts from: the record, what the fit knows, how the maker wants to go about it. For the plan's own files.
#pragma once

#include "core/plan/plan.h"

namespace dowel::planning {

struct Situation
{
    const Workbook* book = nullptr;
    const Forecaster* forecaster = nullptr;
    PlanOptions options;
    Cancel cancel;
    TuningStrategy strategy;
    std::vector<bool> inconsistent; ///< notes that are out of line with the rest

    [[nodiscard]] const Instrument& present() const { return book->present(); }
    [[nodiscard]] const std::vector<Fingering>& fingerings() const { return present().spec().fingerings; }
    [[nodiscard]] Tools tools() const { return options.tools.value_or(present().spec().tools); }
    /// Tolerances of the notes that count, 0 for the others: as wanted, and as the tuning strategy lets the work go by.
    [[nodiscard]] std::vector<double> wanted() const;
    [[nodiscard]] std::vector<double> tolerances() const;
    /// With what is out of line moved to where it was heard; how it goes on from there is as unsure as it is odd.
    [[nodiscard]] JointForecast asHeard(JointForecast jointForecast) const;
    [[nodiscard]] Aim aim(double spread_cents) const
    {
        return aimOf(present(), strategy, inconsistent, spread_cents, options.squares);
    }
    /// How often a note has been heard on the present shape.
    [[nodiscard]] int heardHere(std::size_t note) const;
    /// Whether the notes that a lever's last cut moved have been heard since.
    [[nodiscard]] bool heardSinceCut(const Lever& lever) const;
};

} // namespace dowel::planning
