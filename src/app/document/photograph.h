// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "store/store.h"

#include <QString>

namespace dowel::app {

/// A photograph as it is kept: small, and without place, camera and time that the camera wrote into it. Errors: Unreadable
/// (where = the path).
[[nodiscard]] Result<Store::Flac> smallCopy(const QString& path);

} // namespace dowel::app
