// SPDX-License-Identifier: GPL-3.0-or-later
// A programmer's mistake stops the program, in release builds too: what was accepted is on disk already, so nothing is
// lost, and no wrong advice is given.
#pragma once

#include <cstdio>
#include <cstdlib>

#define DOWEL_ASSERT(condition)                                                                                                  \
    do {                                                                                                                         \
        if (!(condition)) {                                                                                                      \
            std::fprintf(stderr, "dowel: broken assumption at %s:%d: %s\n", __FILE__, __LINE__, #condition);                     \
            std::abort();                                                                                                        \
        }                                                                                                                        \
    } while (false)
