// SPDX-License-Identifier: GPL-3.0-or-later
// Entries of the record, cuts, sessions and hearing results as JSON.
#pragma once

#include "core/record/workbook.h"

#include <nlohmann/json_fwd.hpp>

namespace dowel::io {

[[nodiscard]] nlohmann::json jsonOf(const Cut& cut);
/// A step after the contract: {"kind": "enlarge", "hole": "h1", "diameter_mm": 6.4}. Errors: UnknownKey, MissingKey,
/// BadValue.
Result<Cut> cutFromJson(const nlohmann::json& json);

[[nodiscard]] nlohmann::json jsonOf(const HeardNote& note);
[[nodiscard]] nlohmann::json jsonOf(const Analysis& analysis);

/// Readings made elsewhere.
struct NumberSession
{
    Temperature air;
    struct One
    {
        FingeringId fingering;
        Hertz pitch;
        Cents sd;
    };
    std::vector<One> readings;
};
/// {"celsius": 21.5, "readings": [{"fingering": "D5", "hz": 585.1, "sd_cents": 2.0}]}. Errors as cutFromJson().
Result<NumberSession> sessionFromJson(const nlohmann::json& json);

/// An entry's body; its kind's word is factsOf(body).word.
[[nodiscard]] std::string bodyText(const EntryBody& body);
/// Errors: Damaged, where = the kind.
Result<EntryBody> bodyFromText(std::string_view kind, const std::string& text);

/// The whole record as JSON: the specification, the instrument as it is, and every entry.
[[nodiscard]] std::string recordText(const Workbook& book);

} // namespace dowel::io
