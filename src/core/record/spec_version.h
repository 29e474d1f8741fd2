// SPDX-License-Identifier: GPL-3.0-or-later
// Which version of workbooks is the first that knows all that a specification says.
#pragma once

#include "core/instrument/instrument.h"

namespace dowel {

/// 2 where nothing in it came later.
[[nodiscard]] int versionOf(const InstrumentSpec& spec);

} // namespace dowel
