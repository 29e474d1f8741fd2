// SPDX-License-Identifier: GPL-3.0-or-later
// Strict reading of JSON objects: wrong kinds, missing and unknown keys become one Error that names the place. The first
// trouble is kept; what is read after it is default values that nobody looks at.
#pragma once

#include "core/base/result.h"

#include <nlohmann/json.hpp>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace dowel::io {

using Json = nlohmann::json;

/// Nine decimals: 6.4, not 6.4000000000000004, and a millimetre to a picometre.
[[nodiscard]] double tidy(double value);

/// Parses text. Errors: BadSyntax (where = name, facts = place in the text).
Result<Json> parseJson(const std::string& text, const std::string& name);
/// Reads and parses a file of at most 16 MB. Errors: Unreadable, BadSyntax.
Result<Json> readJsonFile(const std::string& path);

class JsonReader
{
public:
    JsonReader(const Json& value, std::string where, std::optional<Error>& error);

    [[nodiscard]] bool has(const std::string& key) const;
    double number(const std::string& key);
    double number(const std::string& key, double otherwise);
    int integer(const std::string& key, int otherwise);
    std::string text(const std::string& key);
    std::string text(const std::string& key, std::string otherwise);
    bool boolean(const std::string& key, bool otherwise);
    /// Elements of an array; none where the key is missing.
    std::vector<JsonReader> objects(const std::string& key);
    std::vector<std::string> texts(const std::string& key);
    std::vector<double> numbers(const std::string& key);
    JsonReader object(const std::string& key);
    /// Marks every key that was not asked for as an error.
    void finish();
    void fail(ErrorCode code, const std::string& key, Fact fact);
    [[nodiscard]] const std::string& where() const { return m_where; }
    void rename(std::string where) { m_where = std::move(where); }
    [[nodiscard]] bool failed() const { return m_error->has_value(); }

private:
    const Json* find(const std::string& key, bool needed);
    const Json* m_value;
    std::string m_where;
    std::optional<Error>* m_error;
    std::set<std::string> m_used;
};

} // namespace dowel::io
