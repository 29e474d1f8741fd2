// SPDX-License-Identifier: GPL-3.0-or-later
// Advice and entries of the record in words.
#pragma once

#include "core/record/workbook.h"
#include "core/shop/bit_drawer.h"
#include "text/units.h"

#include <QString>

namespace dowel::text {

/// "Enlarge h1", "Trim the foot".
[[nodiscard]] QString work(const Cut& cut, LengthUnit unit);
/// "6.4 mm bit" or what does it by hand in this material; with a drawer the bit by its marking and the hand tool that is there.
[[nodiscard]] QString tool(const AdviceStep& step, LengthUnit unit, const BitDrawer* drawer = nullptr,
                           const std::string& material = {});
/// "E5 is 18.0 cents flat; this hole moves it most."
[[nodiscard]] QString why(const AdviceStep& step, LengthUnit unit);
/// Why a note stays off, and what would mend it.
/// A chance as a maker says it: "19 in 20".
[[nodiscard]] QString chance(double chance);
/// How likely a step is to spoil nothing. Empty where the advice does not say.
[[nodiscard]] QString risk(const AdviceStep& step);
/// How sure it is that every note is in, and what one more listening would settle. For advice that says its chance.
[[nodiscard]] QString sure(const Advice& advice);
/// Why it is time to listen. untouched: nothing has been cut yet.
[[nodiscard]] QString whyListen(const Advice& advice, bool untouched);
[[nodiscard]] QString left(const UnreachedNote& unreachedNote);
[[nodiscard]] QString contradiction(const Contradiction& c, LengthUnit unit);
/// The caution that belongs to a step, short; may be empty.
[[nodiscard]] QString caution(const AdviceStep& step);
/// What filling would bring sharp notes in, in one sentence; empty where there is nothing.
[[nodiscard]] QString lastResort(const std::vector<Cut>& fills, LengthUnit unit);
/// "holes first, graded, all registers".
[[nodiscard]] QString strategy(const TuningStrategy& strategy);
/// Notes whose older readings could not be used.
[[nodiscard]] QString leftOut(const std::vector<FingeringId>& fingerings);
/// A reading for the ear: the note, how far off it is, how sure that is.
[[nodiscard]] QString readAloud(const ReadingEntry& reading, const Fingering& fingering);
/// How often wood was cut: what is put on the foot and taken off again is no cut.
[[nodiscard]] int cutsOfWood(const Workbook& book);
/// One line of the logbook.
[[nodiscard]] QString logLine(const Entry& entry, const Workbook& book, LengthUnit unit);

} // namespace dowel::text
