// SPDX-License-Identifier: GPL-3.0-or-later
// How much less than the goal is drilled at first, and a goal that leaves room to go on. For the layout's own files.
#pragma once

#include "core/layout/row.h"

namespace dowel::layout {

/// The row again with smaller holes where the widest that they may become would not bring up a note that comes out as much
/// flatter as it may; nothing where that is so already, or would cost more than it is worth. Errors as bestRow().
[[nodiscard]] Result<std::optional<Row>> withRoom(const Row& found, const Posterior& posterior, const LayoutWishes& wishes,
                                                  const Cancel& cancel);

} // namespace dowel::layout
