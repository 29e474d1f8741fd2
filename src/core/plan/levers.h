// SPDX-License-Identifier: GPL-3.0-or-later
// What work on the wood can move, each as one number in metres: the size of a kind of work, between what may be reached; of an
// undercut, by how much it is wider than its hole.
#pragma once

#include "core/instrument/cut.h"
#include "core/instrument/reach.h"

#include <Eigen/Core>
#include <vector>

namespace dowel {

struct Lever
{
    Cut cut{};    ///< the work that moves it, of whatever size
    Metres low{}; ///< what may be reached
    Metres high{};
    friend bool operator==(const Lever&, const Lever&) = default;
};
template <class Kind> [[nodiscard]] bool isLever(const Lever& lever)
{
    return std::holds_alternative<Kind>(lever.cut);
}
/// The same kind of work at the same place.
[[nodiscard]] bool sameLever(const Lever& a, const Lever& b);
/// The position in the specification of the hole that it works on.
[[nodiscard]] std::size_t holeIndexOf(const InstrumentSpec& spec, const Lever& lever);

/// How far levers go: groups in the order in which a maker turns to them.
enum class LeverScope { HolesAndFoot, Usual, Embouchure, BoreToo };

/// Holes from the foot upwards, the foot, then with Usual the undercuts, window or stopper, with Embouchure that hole, then
/// with BoreToo places in the bore. Only those that have somewhere to go.
[[nodiscard]] std::vector<Lever> leversOf(const Instrument& instrument, LeverScope means,
                                          Metres leastWood = Metres::fromMillimetres(2.0));
/// Whether only the depth of a stopped pipe sets a note: what is flat then stays flat, and sharp can be mended.
[[nodiscard]] bool depthAlone(const Instrument& instrument, std::size_t fingering);
/// What a lever stands at. Undercut: by how much it is wider than the hole. Ream: narrowest bore there.
[[nodiscard]] Metres standsAt(const Instrument& instrument, const Lever& lever);
/// The work that brings a lever to a value.
[[nodiscard]] Cut cutFor(const Instrument& instrument, const Lever& lever, Metres value);
/// The instrument with all levers at these values (metres); where a value asks for no removal the lever is left alone.
/// Errors: those of applied().
[[nodiscard]] Result<Instrument> withLevers(Instrument instrument, const std::vector<Lever>& levers,
                                            const Eigen::VectorXd& values_m);

} // namespace dowel
