// SPDX-License-Identifier: GPL-3.0-or-later
// Where a plan begins: for each family measures in proportion to its lowest note, a fingering chart, and what a tube
// serves for. All common practice, no source, and all meant to be changed.
#pragma once

#include "core/layout/layout.h"

#include <string>
#include <vector>

namespace dowel {

struct PlanTarget
{
    std::string lowest = "D5";
    std::string mode = "major"; ///< see modeNames(); what the family's chart does not play is left out
    int registers = 2;
    Tuning tuning;
    Cents tolerance = Cents::fromCents(6.0);
    /// Where set, so many holes, opened one after the other from the foot for the mode's degrees in turn; else the family's own.
    std::optional<int> holes{};
};
inline constexpr int mostHoles = 9;

/// Usual for a family: its lowest note, mode and registers.
[[nodiscard]] PlanTarget usualTarget(Family family);
/// A blank with bore, wall, mouth and fingerings for a target. Errors: BadValue (where = the note, mode or tonic).
[[nodiscard]] Result<Blank> startingBlank(Family family, const PlanTarget& target);
/// The family's fingerings for a target, holes named h1 up from the foot. Errors as startingBlank().
[[nodiscard]] Result<std::vector<Fingering>> fingeringChart(Family family, const PlanTarget& target);

/// A blank with this number of holes: named from the foot upwards, fingers of the right hand below, of the left above, a ninth
/// for the thumb. As the family has them where the number is its own.
void setHoles(Blank& blank, int holes);
/// The highest hole at the back for the left thumb, or at the front for a finger like the others; the fingers below are dealt to
/// the hands anew. Nothing where there is no hole.
void setThumb(Blank& blank, bool thumb);
[[nodiscard]] bool hasThumb(const Blank& blank);
/// How many a family's own chart has.
[[nodiscard]] int usualHoles(Family family);

enum class Serves { Well, Poorly, Not };
struct KeyServed
{
    std::string lowest;
    Metres length; ///< about how long the tube must be
    Serves serves = Serves::Well;
    std::string why; ///< "narrow", "wide", "long": a stable word; empty where well
};
/// Which lowest notes a tube of this bore serves when it is cut from its foot, upwards from its own; how long for each is what
/// the model has before anything is heard. For a flute or pipe a bore of 1/17 to 1/32 of the length speaks well in two registers.
/// Errors: those of Instrument::make().
/// above: how much sharper the bare tube was heard than bareNote() has it; what its mouth adds or takes is the same at every
/// length.
[[nodiscard]] Result<std::vector<KeyServed>> keysServed(const Blank& blank, Cents above = {});
/// What the bare tube sounds by the model, all of it closed but the foot as it is. Errors: those of Instrument::make(),
/// Posterior.
[[nodiscard]] Result<Hertz> bareNote(const Blank& blank);
/// Of every fingering: how much sharper it will be than the model has it, where the bare tube was heard at a pitch. Registers of
/// a tube that is closed at one end stand at odd multiples. Errors: those of bareNote().
[[nodiscard]] Result<std::vector<Cents>> aboveModel(const Blank& blank, Hertz heard);

} // namespace dowel
