// SPDX-License-Identifier: GPL-3.0-or-later
// Errors as sentences: what happened, where, and the remedy.
#pragma once

#include "core/base/result.h"

#include <QString>

namespace dowel::text {

[[nodiscard]] QString sentence(const Error& error);

} // namespace dowel::text
