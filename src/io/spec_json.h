// SPDX-License-Identifier: GPL-3.0-or-later
// The instrument specification as JSON, after the command-line contract, version 1.
#pragma once

#include "core/instrument/instrument.h"

#include <nlohmann/json_fwd.hpp>
#include <string>

namespace dowel::io {

/// Reads and checks a specification; missing keys with an obvious default get it. Errors: UnknownKey, MissingKey,
/// BadValue with the place as a JSON pointer, and those of Instrument::make().
Result<Instrument> instrumentFromJson(const nlohmann::json& json);
/// The specification with every key written out; instrumentFromJson() of it is the same instrument.
[[nodiscard]] nlohmann::json jsonOf(const Instrument& instrument);
/// A specification that need not be whole yet.
[[nodiscard]] nlohmann::json jsonOf(const InstrumentSpec& spec);
[[nodiscard]] nlohmann::json jsonOf(const Tuning& tuning);
[[nodiscard]] nlohmann::json jsonOf(const FootPiece& piece);
[[nodiscard]] nlohmann::json jsonOf(const Tools& tools);
[[nodiscard]] nlohmann::json jsonOf(const Limits& limits);
[[nodiscard]] nlohmann::json jsonOf(const std::vector<Node>& nodes);
[[nodiscard]] nlohmann::json jsonOf(const std::vector<Fingering>& fingerings);
Result<Instrument> readSpecFile(const std::string& path);
Result<Instrument> specFromText(const std::string& text, const std::string& name);
[[nodiscard]] std::string specText(const Instrument& instrument);

} // namespace dowel::io
