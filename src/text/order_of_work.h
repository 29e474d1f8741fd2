// SPDX-License-Identifier: GPL-3.0-or-later
// The order of work of a whole instrument, from stock to shelf: every step with its tool, its measures, what to check and its
// caution. What each family and material asks for is common practice, no source; where makers differ both schools are told.
#pragma once

#include "core/instrument/instrument.h"
#include "core/shop/bit_drawer.h"
#include "text/units.h"

#include <QString>
#include <string>
#include <vector>

namespace dowel::text {

struct WorkStep
{
    std::string id;  ///< stable: season saw square bore turn window windway block embouchure stopper reed mouthpiece joint holes
                     ///< groove clean test listen finish; several steps may share one
    std::string key; ///< stable and of this step alone: what is ticked off
    QString group;
    QString text;
    QString tool;                 ///< by its own marking; empty where hands do
    std::vector<Metres> measures; ///< as they stand in the text
    QString check;                ///< empty where there is none
    QString caution;
    QString alternative; ///< why here, where others do it elsewhere
};

struct WorkAsked
{
    const Instrument* start = nullptr; ///< as drilled, before tuning
    const Instrument* goal = nullptr;  ///< as laid out; the same where nothing is left to tune
    const BitDrawer* drawer = nullptr; ///< nullptr: every published size
    LengthUnit unit = LengthUnit::Millimetres;
};

[[nodiscard]] std::vector<WorkStep> orderOfWork(const WorkAsked& asked);
/// As a page: steps with boxes to tick, grouped.
[[nodiscard]] QString benchSheetBody(const InstrumentSpec& spec, const std::vector<WorkStep>& steps, LengthUnit unit);

} // namespace dowel::text
