// SPDX-License-Identifier: GPL-3.0-or-later
#include "draw/pdf.h"

#include <string_view>

namespace dowel::draw {

std::string withoutTimeZone(std::string pdf)
{
    constexpr std::string_view before = "/CreationDate (D:";
    constexpr std::size_t digits = 14;
    for (auto at = pdf.find(before); at != std::string::npos; at = pdf.find(before, at + 1)) {
        const std::size_t zone = at + before.size() + digits;
        const auto end = pdf.find(')', zone);
        if (end == std::string::npos || end - zone > 10)
            continue;
        pdf[zone] = ')';
        for (std::size_t i = zone + 1; i <= end; ++i)
            pdf[i] = ' ';
    }
    return pdf;
}

} // namespace dowel::draw
