// SPDX-License-Identifier: GPL-3.0-or-later
// What leaves the shop with an instrument, read from its record: how it is, what every note was last heard at, what was cut.
#pragma once

#include "core/record/workbook.h"

#include <chrono>
#include <vector>

namespace dowel {

struct PassportNote
{
    Fingering fingering;
    std::optional<Cents>
        off; ///< over its target, brought to the tuning's temperature; nothing where it was not heard since the last cut
    Cents sd;
    bool byTheModel = false;         ///< not heard since the last cut: by the model of this piece of wood
    std::optional<HeardNote> timbre; ///< of the recording it comes from
};
struct PassportCut
{
    std::string at; ///< ISO 8601
    Cut cut;
    Metres from;
};
struct Passport
{
    Instrument instrument;
    std::string begun{}; ///< ISO 8601; empty where nothing was ever entered
    std::string last{};
    std::vector<PassportNote> notes{};
    std::vector<PassportCut> cuts{};
    std::size_t readings = 0;             ///< that stand
    std::optional<Temperature> coolest{}; ///< rooms it was heard in
    std::optional<Temperature> warmest{};
    std::vector<ReadingSource> sources{}; ///< each once
};
/// Readings on one shape are weighed by their errors; those at another temperature are brought to the tuning's by the square root
/// of the absolute one (speed of sound of an ideal gas).
[[nodiscard]] Passport passportOf(const Workbook& book);

/// What a finish moved: each note heard both before it began to change the tube and after its last such work.
struct Shift
{
    FingeringId fingering;
    Cents before;
    Cents after;
};
/// began, ended: days of the first and the last work that changes the tube, where the program runs; readings on the day itself
/// count as before the first and after the last. Only shapes with no cut between are compared: a note whose pitch a cut may have
/// moved is left out.
[[nodiscard]] std::vector<Shift> shiftOver(const Workbook& book, std::chrono::sys_days began, std::chrono::sys_days ended);

} // namespace dowel
