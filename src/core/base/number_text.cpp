// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/number_text.h"

#include <array>
#include <charconv>
#include <cmath>

namespace dowel {

namespace {

// The longest fixed double has 309 digits before its point.
using Buffer = std::array<char, 400>;

template <class... How> std::string written(double value, How... how)
{
    Buffer buffer{};
    const auto [end, problem] = std::to_chars(buffer.data(), buffer.data() + buffer.size(), value, how...);
    return problem == std::errc() ? std::string(buffer.data(), end) : std::string();
}

} // namespace

std::string numberText(double value)
{
    constexpr int digits = 6;
    return written(value, std::chars_format::general, digits);
}

std::string fixedText(double value, int decimals)
{
    return written(value, std::chars_format::fixed, decimals);
}

std::string exactText(double value)
{
    return written(value);
}

std::string paddedText(int value, int digits)
{
    std::string text = std::to_string(value);
    const auto wanted = static_cast<std::size_t>(digits);
    if (text.size() < wanted)
        text.insert(0, wanted - text.size(), '0');
    return text;
}

std::optional<double> numberFrom(std::string_view text)
{
    double value = 0.0;
    const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (problem != std::errc() || end != text.data() + text.size() || !std::isfinite(value))
        return std::nullopt;
    return value;
}

std::optional<int> takeWhole(std::string_view& text)
{
    int value = 0;
    const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (problem != std::errc())
        return std::nullopt;
    text.remove_prefix(static_cast<std::size_t>(end - text.data()));
    return value;
}

} // namespace dowel
