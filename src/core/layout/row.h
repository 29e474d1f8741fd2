// SPDX-License-Identifier: GPL-3.0-or-later
// The row of holes that is best under the wishes: places, sizes, foot, and of the tube what may be reshaped, by the same aim
// as the plan's (core/aim). For the layout's own files.
#pragma once

#include "core/layout/layout.h"

namespace dowel::layout {

/// A row, judged.
struct Row
{
    Instrument shape;
    std::vector<double> cents; ///< sounding minus target, per fingering
    double worst = 0.0;        ///< cents, furthest off
    double rms = 0.0;
    double loss = 0.0; ///< of the aim
    bool reached = true;
    std::vector<Reshaped> reshaped{}; ///< what was changed of the tube to come there
};

/// Errors: those of Posterior::cents().
[[nodiscard]] Result<Row> judged(Instrument shape, const Posterior& posterior);

/// From a row that is there. Errors: BadGeometry, OutOfModelRange, Cancelled.
[[nodiscard]] Result<Row> bestRow(const Instrument& rough, const Posterior& posterior, const LayoutWishes& wishes,
                                  const Cancel& cancel);

/// Neighbouring holes of one hand, lower first: fingers, not thumbs.
[[nodiscard]] std::vector<std::pair<std::size_t, std::size_t>> neighbours(const InstrumentSpec& spec);

/// What of the wishes a row does not keep, in words with numbers; empty where all are kept.
[[nodiscard]] std::optional<Fact> broken(const Instrument& shape, const LayoutWishes& wishes);

} // namespace dowel::layout
