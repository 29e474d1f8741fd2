// SPDX-License-Identifier: GPL-3.0-or-later
// What is wanted of every note, as one number to make small: minus the logarithm of the chance that each ends within its
// tolerance. It is flat well inside, steep at the edge, and rounder the less is known (what it is worth against
// weighted squares: docs/validation.md).
#pragma once

#include "core/base/normal.h"
#include "core/instrument/instrument.h"
#include "core/record/advice.h"

#include <vector>

namespace dowel {

struct NoteAim
{
    double tolerance_cents = 0.0; ///< 0: does not count
    double weight = 1.0;
    double spread_cents = 3.0; ///< one sigma that the note will still have where it ends
    double offset_cents = 0.0; ///< taken as so much sharper: keeps low while little is known
};

struct Aim
{
    std::vector<NoteAim> notes;
    bool squares = false; ///< for comparison only: weighted squares of cents over tolerance instead

    /// Of one note at so many cents: minus the weighted logarithm of its chance, with derivatives by cents.
    [[nodiscard]] WithinLoss at(std::size_t note, double cents) const;
    [[nodiscard]] double loss(const std::vector<double>& cents) const;
    /// The chance itself, without weights and leaning, notes taken as independent.
    [[nodiscard]] double chance(const std::vector<double>& cents) const;
};

/// The aim of an instrument under a tuning strategy: where the low register rules, higher ones count a tenth within twice their
/// tolerance. ignored: notes that do not count.
[[nodiscard]] Aim aimOf(const Instrument& instrument, const TuningStrategy& strategy, const std::vector<bool>& ignored,
                        double spread_cents, bool squares = false);
/// Nearest to target, offset for offset, by plain squares: sounding should come out at offsets_cents from the target.
[[nodiscard]] Aim straightAim(const Instrument& instrument, const std::vector<double>& offsets_cents = {});

} // namespace dowel
