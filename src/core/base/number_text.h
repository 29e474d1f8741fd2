// SPDX-License-Identifier: GPL-3.0-or-later
// Numbers as text and back, alike in every locale of the process: what stands in files, answers and messages never depends on
// where the program runs (std::to_chars and std::from_chars, C++17 [charconv]).
#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace dowel {

/// Up to six digits that matter, without trailing noughts: 6.4, 0.05, 1e-12.
[[nodiscard]] std::string numberText(double value);
/// With so many decimals: "6.40".
[[nodiscard]] std::string fixedText(double value, int decimals);
/// The shortest text that reads back as the very same number.
[[nodiscard]] std::string exactText(double value);
/// A whole number with leading noughts to so many digits: a month as "02".
[[nodiscard]] std::string paddedText(int value, int digits);
/// The finite number that a text is from its first to its last letter; nothing else is one.
[[nodiscard]] std::optional<double> numberFrom(std::string_view text);
/// The whole number at the beginning of a text, which is taken away from it.
[[nodiscard]] std::optional<int> takeWhole(std::string_view& text);

} // namespace dowel
