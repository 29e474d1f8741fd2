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

enum class WorkGroup { Stock, Bore, Edge, Mouthpiece, Joints, FirstSound, Holes, Tuning };
[[nodiscard]] QString groupName(WorkGroup group);

struct WorkStep
{
    std::string id;  ///< stable: season saw square bore turn window windway block embouchure stopper reed mouthpiece joint holes
                     ///< groove clean test listen finish; several steps may share one
    std::string key; ///< stable and of this step alone: what is ticked off
    WorkGroup group = WorkGroup::Stock;
    QString text;
    QString tool;                 ///< by its own marking; empty where hands do
    std::vector<Metres> measures; ///< as they stand in the text
    QString check;                ///< empty where there is none
    QString caution;
    QString alternative;                ///< why here, where others do it elsewhere
    std::vector<std::string> swapsWith; ///< keys of the steps that others do it before or after
    bool adult = false;                 ///< in a class
};

struct WorkAsked
{
    const Instrument* start = nullptr; ///< as drilled, before tuning
    const Instrument* goal = nullptr;  ///< as laid out; the same where nothing is left to tune
    const BitDrawer* drawer = nullptr; ///< nullptr: every published size
    LengthUnit unit = LengthUnit::Millimetres;
};

[[nodiscard]] std::vector<WorkStep> orderOfWork(const WorkAsked& asked);
/// "Overall length %1, sounding length %2.", and the parts where there are joints.
[[nodiscard]] QString lengthsWords(const InstrumentSpec& spec, LengthUnit unit);
/// Stands in a sheet's body where the drawing of a group of steps belongs.
[[nodiscard]] QString sketchMark(WorkGroup group);
/// As a page: steps with boxes to tick, grouped, each group with a mark for its drawing.
[[nodiscard]] QString benchSheetBody(const InstrumentSpec& spec, const std::vector<WorkStep>& steps, LengthUnit unit);
/// For a class: a line a step, the adult's marked, and a mark for the drawing of the holes.
[[nodiscard]] QString classSheetBody(const InstrumentSpec& spec, const std::vector<WorkStep>& steps, LengthUnit unit);

} // namespace dowel::text
