// SPDX-License-Identifier: GPL-3.0-or-later
// Whether every seed and shape is gone through (scripts/test --long, figures in docs/validation.md), or what proves the same kind
// of thing with less (scripts/test).
#pragma once

#include <cstdlib>

namespace dowel {

[[nodiscard]] inline bool longRun()
{
    return std::getenv("DOWEL_LONG") != nullptr;
}

} // namespace dowel

#define DOWEL_LONG_ONLY()                                                                                                        \
    if (!dowel::longRun())                                                                                                       \
    QSKIP("only in scripts/test --long")
