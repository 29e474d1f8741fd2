// SPDX-License-Identifier: GPL-3.0-or-later
// Advice as JSON: in full for the record. The contract's form is made of it where the words are.
#pragma once

#include "core/record/advice.h"
#include "io/json_reader.h"

namespace dowel::io {

[[nodiscard]] Json jsonOf(const NoteForecast& forecast);
[[nodiscard]] Json jsonOf(const Advice& advice);
std::vector<NoteForecast> forecastFrom(JsonReader& reader);
Result<Advice> adviceFromJson(const Json& json);

} // namespace dowel::io
