// SPDX-License-Identifier: GPL-3.0-or-later
// One parser under libFuzzer; which one is said where it is built.
#include "fuzz/parsers.h"

#include <cstddef>
#include <cstdint>

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    dowel::fuzzing::DOWEL_PARSER({reinterpret_cast<const char*>(data), size});
    return 0;
}
