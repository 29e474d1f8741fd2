// SPDX-License-Identifier: GPL-3.0-or-later
// A blank to be laid out: a specification whose holes are not there yet ("holes": [] with "hole_count") and, beside it,
// the maker's wishes under "layout". Keys stand in docs/specification.md.
#pragma once

#include "core/layout/layout.h"

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <variant>

namespace dowel::io {

struct LayoutAsked
{
    /// A blank, or an instrument whose holes are moved from where they are.
    std::variant<Blank, Instrument> from;
    LayoutWishes wishes;
};

/// Errors: as readSpecFile(), and BadValue for wishes.
[[nodiscard]] Result<LayoutAsked> readLayoutFile(const std::string& path);

/// The same from what was parsed already.
[[nodiscard]] Result<LayoutAsked> layoutFromJson(const nlohmann::json& json);

/// The same as text, to be read back by readLayoutFile().
[[nodiscard]] nlohmann::json jsonOf(const Blank& blank, const LayoutWishes& wishes);
[[nodiscard]] std::string layoutText(const Blank& blank, const LayoutWishes& wishes);

} // namespace dowel::io
