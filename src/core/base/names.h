// SPDX-License-Identifier: GPL-3.0-or-later
// Words for what is one of a few, either way: one table for each such type.
#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <string_view>
#include <utility>

namespace dowel {

template <class V, std::size_t N> using Names = std::array<std::pair<V, std::string_view>, N>;

template <class V, std::size_t N> [[nodiscard]] std::string_view nameIn(const Names<V, N>& names, V value)
{
    for (const auto& [v, name] : names)
        if (v == value)
            return name;
    return names.front().second;
}

template <class V, std::size_t N> [[nodiscard]] std::optional<V> valueIn(const Names<V, N>& names, std::string_view name)
{
    for (const auto& [v, n] : names)
        if (n == name)
            return v;
    return std::nullopt;
}

} // namespace dowel
