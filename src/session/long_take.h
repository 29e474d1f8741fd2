// SPDX-License-Identifier: GPL-3.0-or-later
// A recording of any length, heard piece by piece: memory does not grow with it.
#pragma once

#include "core/base/cancel.h"
#include "core/base/result.h"
#include "core/hearing/analyse.h"
#include "core/hearing/take.h"

#include <optional>
#include <string>

namespace dowel::session {

/// The notes of a recording. It is cut where it is quietest within the last quarter of each minute; a tone that sounds on
/// through that becomes two notes. Errors: those of io::SoundFile, Cancelled.
[[nodiscard]] Result<Analysis> analysisOf(const std::string& path, std::optional<Hertz> expectFirst,
                                          const HearingOptions& options = {}, const Cancel& cancel = {});

} // namespace dowel::session
