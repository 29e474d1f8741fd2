// SPDX-License-Identifier: GPL-3.0-or-later
// What is worth listening to. For the plan's own files.
#pragma once

#include "core/plan/situation.h"

namespace dowel::planning {

[[nodiscard]] std::vector<FingeringId> unheardNotes(const Situation& s);
/// Notes that have moved by more than this since they were heard, or will have on another shape.
[[nodiscard]] std::vector<FingeringId> moved(const Situation& s, const JointForecast& there, double by_cents);
/// How often this piece has been listened to: readings with no cut and no advice between them are one round.
[[nodiscard]] int sessionsHeard(const Situation& s);
/// The same since wood was last cut.
[[nodiscard]] int sessionsSinceCut(const Situation& s);
/// Whether wood has been cut without advice since the last listening.
[[nodiscard]] bool ownCuts(const Situation& s);
/// Notes of which it is open whether they are in, and that another listening can say something about: the ones that a flat
/// end would still be mended for, or all.
enum class Undecided { WhatCanBeMended, All };
[[nodiscard]] std::vector<FingeringId> undecidedNotes(const Situation& s, Undecided which);
/// A whole sitting, where `needed` are to be heard anyway: what is undecided along with them, and as many of the notes nearest to
/// their limits as make up half of all, since a sitting's own shift is told from a note's only by others beside it.
[[nodiscard]] std::vector<FingeringId> sittingWith(const Situation& s, std::vector<FingeringId> needed);

} // namespace dowel::planning
