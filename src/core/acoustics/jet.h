// SPDX-License-Identifier: GPL-3.0-or-later
// How hard a window has to be blown: whether the cut-up suits the windway and the note.
#pragma once

#include "core/base/quantities.h"

namespace dowel::acoustics {

/// Breath that sounds a note on a window of this cut-up behind a windway of this height, by Ising's number
/// I = (U / f) sqrt(d / W^3) with U the jet's speed by Bernoulli, d the jet's height, W the cut-up in SI units; I is 2 where the
/// note sounds best and about 3 where it jumps to the next register (Ising 1971, after Fletcher and Rossing, The Physics of
/// Musical Instruments, chapter 16; from memory). In pascals.
[[nodiscard]] double breathFor_Pa(Hertz note, Metres cutUp, Metres windway, double isingNumber);

/// What the windway itself takes of it: a laminar flow of that jet's mean speed between parallel plates, 12 mu L U / h^2
/// (plane Poiseuille flow; Batchelor, An Introduction to Fluid Dynamics, section 4.2), mu 1.88e-5 Pa s at 33 degrees. Before the
/// flow has its final profile it loses less on the way and more at the entry: this is its size, not its third digit. In pascals.
[[nodiscard]] double windwayLoss_Pa(double jet_Pa, Metres windway, Metres windwayLength);

inline constexpr double isingBest = 2.0;
inline constexpr double isingJumps = 3.0;

} // namespace dowel::acoustics
