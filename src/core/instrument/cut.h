// SPDX-License-Identifier: GPL-3.0-or-later
// Work done on the wood, and what the instrument is after it. Every kind but Fill, PushPlug and PutOnFoot removes
// material; one that would have to add some is refused.
#pragma once

#include "core/instrument/instrument.h"

#include <variant>
#include <vector>

namespace dowel {

struct Enlarge
{
    HoleId hole;
    Metres diameter;
    friend bool operator==(const Enlarge&, const Enlarge&) = default;
};
struct Undercut
{
    HoleId hole;
    Metres undercutDiameter;
    friend bool operator==(const Undercut&, const Undercut&) = default;
};
struct TrimFoot
{
    Metres length; ///< new last station
    friend bool operator==(const TrimFoot&, const TrimFoot&) = default;
};
/// The closed end moves away from the mouth: a stopped pipe is bored deeper.
struct Deepen
{
    Metres length; ///< new last station
    friend bool operator==(const Deepen&, const Deepen&) = default;
};
/// The way back from too deep: a plug on the closed end.
struct PushPlug
{
    Metres length; ///< new last station
    friend bool operator==(const PushPlug&, const PushPlug&) = default;
};
struct Ream
{
    Metres from;
    Metres to;
    Metres diameter; ///< bore is at least this wide between from and to
    friend bool operator==(const Ream&, const Ream&) = default;
};
struct MoveStopper
{
    Metres stopper;
    friend bool operator==(const MoveStopper&, const MoveStopper&) = default;
};
struct CutUp
{
    Metres windowLength;
    friend bool operator==(const CutUp&, const CutUp&) = default;
};
struct OpenEmbouchure
{
    Metres holeLength;                 ///< of the embouchure hole, along the tube; its centre stays
    std::optional<Metres> holeWidth{}; ///< across the tube; stays where nothing is said
    friend bool operator==(const OpenEmbouchure&, const OpenEmbouchure&) = default;
};
/// A bell, funnel or ring is put on the foot, or taken off.
struct PutOnFoot
{
    std::optional<FootPiece> piece; ///< nothing: the foot is bare again
    friend bool operator==(const PutOnFoot&, const PutOnFoot&) = default;
};
/// The embouchure hole opens out towards the bore.
struct UndercutEmbouchure
{
    Metres undercut; ///< by how much wider at the bore
    friend bool operator==(const UndercutEmbouchure&, const UndercutEmbouchure&) = default;
};
struct Fill
{
    HoleId hole;
    Metres diameter;
    friend bool operator==(const Fill&, const Fill&) = default;
};

using Cut = std::variant<Enlarge, Undercut, TrimFoot, Ream, MoveStopper, CutUp, Fill, OpenEmbouchure, Deepen, PushPlug, PutOnFoot,
                         UndercutEmbouchure>;

/// The instrument after the cut. Errors: UnknownName (no such hole), NotRemovable (the step would add material, with the
/// sizes), BadGeometry/BadValue from Instrument::make or where the cut does not fit this kind of instrument.
Result<Instrument> applied(const Instrument& before, const Cut& cut);

/// The size the cut changes, as it is on an instrument (hole diameter, tube length, ...); nothing where the instrument
/// has no such thing. For Ream: the narrowest bore between its ends; for PutOnFoot: the length of what is on, 0 for nothing.
std::optional<Metres> presentSize(const Instrument& instrument, const Cut& cut);
/// Whether a cut that was made is the one that was advised, but for its size: the same kind at the same place. Of two stretches
/// of bore: where they share more than half of the shorter one.
[[nodiscard]] bool isSameStep(const Cut& advised, const Cut& made);
/// The size the cut asks for.
Metres wantedSize(const Cut& cut);
/// The same cut to another size.
Cut withSize(Cut cut, Metres size);
/// Stable word used in files: "enlarge", "undercut", "trim_foot", "ream", "move_stopper", "cut_up", "fill",
/// "enlarge_embouchure", "deepen", "push_plug", "put_on_foot", "undercut_embouchure".
std::string_view kindName(const Cut& cut);
/// Whether its size is where the tube ends.
[[nodiscard]] bool movesTheEnd(const Cut& cut);
/// Whether it can be taken back: what is pushed, filled or put on.
[[nodiscard]] bool isReversible(const Cut& cut);
/// The hole that is worked on, where it is one.
std::optional<HoleId> holeOf(const Cut& cut);

/// Puts a station at a place of the bore where there is none yet, without changing the shape.
void splitBoreAt(InstrumentSpec& spec, Metres at);

/// Every kind of work that can be done on an instrument, each at the size that is there now: what a maker may have done without
/// being asked. Reaming is not among it, which is between two places.
[[nodiscard]] std::vector<Cut> worksOn(const Instrument& instrument);

} // namespace dowel
