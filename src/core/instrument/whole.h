// SPDX-License-Identifier: GPL-3.0-or-later
// The whole piece as it is sawn and turned: the sounding tube and what lies above it, joint by joint.
#pragma once

#include "core/instrument/instrument.h"

#include <optional>
#include <string>
#include <vector>

namespace dowel {

/// What lies above the sounding edge (the lip, so that the window is part of it) or beyond the middle of the embouchure hole: as
/// specified, else as usual for the family. Common practice, no source: a windway of two bores, a stopper as long as the bore is
/// wide and a cap behind it.
[[nodiscard]] Head headOf(const InstrumentSpec& spec);
/// From where the breath enters to the window: as specified, else what the head leaves for it; 0 where there is none.
[[nodiscard]] Metres windwayLengthOf(const InstrumentSpec& spec);

struct Part
{
    std::string name; ///< "head", "middle", "foot"; "body" where there is one part only
    Metres overall;   ///< without tenons
    Metres from;      ///< its upper end, from the sounding edge; below 0 where a head lies above it
    Metres to;        ///< its lower end
    Metres sawn;      ///< with its tenons
};
/// From the top to the foot, cut at the joints.
[[nodiscard]] std::vector<Part> partsOf(const InstrumentSpec& spec);
/// From the top end to the foot.
[[nodiscard]] Metres overallOf(const InstrumentSpec& spec);

/// What positions along the piece are told and typed from: the foot, the sounding edge (the lip, or the middle of the embouchure
/// hole), or the top end.
enum class Origin { Foot, Edge, Top };
/// How far a place of the sounding tube (from the sounding edge) lies from an origin; length: of the sounding tube.
[[nodiscard]] Metres distanceFrom(Origin origin, Metres at, Metres length, const InstrumentSpec& spec);
/// The place that lies so far from an origin.
[[nodiscard]] Metres placeAt(Origin origin, Metres distance, Metres length, const InstrumentSpec& spec);

/// A joint whose tenon would meet a hole, the window or the foot, and the nearest place that serves.
struct JointClash
{
    Metres joint;
    std::string meets; ///< a hole's name, "window" or "foot"
    std::optional<Metres> nearest;
};
/// A tenon needs this much undisturbed wall on either side of a joint; common practice, no source.
inline constexpr Metres jointMargin = Metres::fromMillimetres(10.0);
[[nodiscard]] std::vector<JointClash> jointClashes(const InstrumentSpec& spec);
struct MovedJoint
{
    Metres from;
    Metres to;
};
/// Moves every joint that would meet something to the nearest place that serves, where there is one.
std::vector<MovedJoint> clearJoints(InstrumentSpec& spec);
/// Joints that lie elsewhere in another list of as many.
[[nodiscard]] std::vector<MovedJoint> movedJoints(const std::vector<Slide>& before, const std::vector<Slide>& after);

/// The natural node above the embouchure hole that stays and closes the tube instead of a stopper: its distance from the hole's
/// middle; the nearest where there are several.
[[nodiscard]] std::optional<Metres> keptNodeAbove(const InstrumentSpec& spec);

} // namespace dowel
