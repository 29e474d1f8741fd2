// SPDX-License-Identifier: GPL-3.0-or-later
// Whether a specification can be meant: what is possible as a shape may still be centimetres for millimetres.
#pragma once

#include "core/instrument/instrument.h"

namespace dowel::session {

/// Asked before a workbook is begun from a specification. Errors: BadFingering (one fingering in one register for two notes,
/// where = the second), BadGeometry (it would sound more than 1400 cents off what is wanted: facts say what).
[[nodiscard]] Status checkMeant(const Instrument& instrument);

} // namespace dowel::session
