// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/json_reader.h"

#include "io/whole_file.h"

#include <cmath>
#include <set>

namespace dowel::io {

namespace {
const Json emptyObject = Json::object();
}

double tidy(double value)
{
    return std::round(value * 1e9) / 1e9;
}

namespace {

/// Looks a text through before anything is built of it: neither deeper than any of our formats goes, nor with a key twice, of
/// which only the last would count. A pass of its own, as the library's callback looks at every earlier neighbour of each
/// object again.
class Inspector final : public nlohmann::json_sax<Json>
{
public:
    [[nodiscard]] const Fact& trouble() const { return m_trouble; }
    bool null() override { return true; }
    bool boolean(bool) override { return true; }
    bool number_integer(number_integer_t) override { return true; }
    bool number_unsigned(number_unsigned_t) override { return true; }
    bool number_float(number_float_t, const string_t&) override { return true; }
    bool string(string_t&) override { return true; }
    bool binary(binary_t&) override { return true; }
    bool start_object(std::size_t) override
    {
        m_keys.emplace_back();
        return deeper();
    }
    bool key(string_t& name) override
    {
        if (m_keys.back().insert(name).second)
            return true;
        m_trouble = {FactId::TwiceInObject, name};
        return false;
    }
    bool end_object() override
    {
        m_keys.pop_back();
        --m_depth;
        return true;
    }
    bool start_array(std::size_t) override { return deeper(); }
    bool end_array() override
    {
        --m_depth;
        return true;
    }
    bool parse_error(std::size_t, const std::string&, const nlohmann::detail::exception& problem) override
    {
        m_trouble = Fact::said(problem.what());
        return false;
    }

private:
    bool deeper()
    {
        constexpr int deepest = 32;
        if (++m_depth <= deepest)
            return true;
        m_trouble = {FactId::NestedTooDeep, deepest};
        return false;
    }
    Fact m_trouble;
    std::vector<std::set<std::string>> m_keys;
    int m_depth = 0;
};

} // namespace

Result<Json> parseJson(const std::string& text, const std::string& name)
{
    constexpr std::size_t longest = std::size_t{16} << 20U; // bytes, of which the parser makes many times as many
    if (text.size() > longest)
        return Error{ErrorCode::BadSyntax, name, {FactId::LongerThanBytes, longest >> 20U, text.size()}};
    Inspector inspector;
    if (!Json::sax_parse(text, &inspector))
        return Error{ErrorCode::BadSyntax, name, inspector.trouble()};
    try {
        return Json::parse(text);
    } catch (const Json::exception& e) {
        return Error{ErrorCode::BadSyntax, name, Fact::said(e.what())};
    }
}

Result<Json> readJsonFile(const std::string& path)
{
    constexpr std::size_t most = std::size_t{16} << 20U;
    const auto text = DOWEL_TRY(readFileWhole(path, most));
    return parseJson(text, path);
}

JsonReader::JsonReader(const Json& value, std::string where, std::optional<Error>& error)
    : m_value(&value), m_where(std::move(where)), m_error(&error)
{
    if (!value.is_object()) {
        fail(ErrorCode::BadValue, "", FactId::MustBeObject);
        m_value = &emptyObject;
    }
}

void JsonReader::fail(ErrorCode code, const std::string& key, Fact fact)
{
    if (!*m_error)
        *m_error = Error{code, m_where + (key.empty() ? "" : "/" + key), std::move(fact)};
}

const Json* JsonReader::find(const std::string& key, bool needed)
{
    m_used.insert(key);
    const auto it = m_value->find(key);
    if (it != m_value->end())
        return &*it;
    if (needed)
        fail(ErrorCode::MissingKey, key, FactId::MustBeThere);
    return nullptr;
}

bool JsonReader::has(const std::string& key) const
{
    return m_value->contains(key);
}

double JsonReader::number(const std::string& key)
{
    const Json* v = find(key, true);
    if (v == nullptr)
        return 0.0;
    if (!v->is_number() || !std::isfinite(v->get<double>())) {
        fail(ErrorCode::BadValue, key, {FactId::MustBeNumber, v->dump()});
        return 0.0;
    }
    return v->get<double>();
}

double JsonReader::number(const std::string& key, double otherwise)
{
    return has(key) ? number(key) : (m_used.insert(key), otherwise);
}

int JsonReader::integer(const std::string& key, int otherwise)
{
    const Json* v = find(key, false);
    if (v == nullptr)
        return otherwise;
    if (!v->is_number_integer() || v->get<std::int64_t>() < -1000000 || v->get<std::int64_t>() > 1000000) {
        fail(ErrorCode::BadValue, key, {FactId::MustBeWhole, v->dump()});
        return otherwise;
    }
    return v->get<int>();
}

std::string JsonReader::text(const std::string& key)
{
    const Json* v = find(key, true);
    if (v == nullptr)
        return {};
    if (!v->is_string()) {
        fail(ErrorCode::BadValue, key, {FactId::MustBeText, v->dump()});
        return {};
    }
    return v->get<std::string>();
}

std::string JsonReader::text(const std::string& key, std::string otherwise)
{
    return has(key) ? text(key) : (m_used.insert(key), std::move(otherwise));
}

bool JsonReader::boolean(const std::string& key, bool otherwise)
{
    const Json* v = find(key, false);
    if (v == nullptr)
        return otherwise;
    if (!v->is_boolean()) {
        fail(ErrorCode::BadValue, key, {FactId::MustBeTrueOrFalse, v->dump()});
        return otherwise;
    }
    return v->get<bool>();
}

std::vector<JsonReader> JsonReader::objects(const std::string& key)
{
    std::vector<JsonReader> list;
    const Json* v = find(key, false);
    if (v == nullptr)
        return list;
    if (!v->is_array()) {
        fail(ErrorCode::BadValue, key, FactId::MustBeList);
        return list;
    }
    for (std::size_t i = 0; i < v->size(); ++i)
        list.emplace_back((*v)[i], m_where + "/" + key + "/" + std::to_string(i), *m_error);
    return list;
}

std::vector<std::string> JsonReader::texts(const std::string& key)
{
    std::vector<std::string> list;
    const Json* v = find(key, false);
    if (v == nullptr)
        return list;
    if (!v->is_array()) {
        fail(ErrorCode::BadValue, key, FactId::MustBeList);
        return list;
    }
    for (std::size_t i = 0; i < v->size(); ++i) {
        if (!(*v)[i].is_string()) {
            fail(ErrorCode::BadValue, key + "/" + std::to_string(i), {FactId::MustBeText, (*v)[i].dump()});
            return list;
        }
        list.push_back((*v)[i].get<std::string>());
    }
    return list;
}

std::vector<double> JsonReader::numbers(const std::string& key)
{
    std::vector<double> list;
    const Json* v = find(key, false);
    if (v == nullptr)
        return list;
    if (!v->is_array()) {
        fail(ErrorCode::BadValue, key, FactId::MustBeList);
        return list;
    }
    for (std::size_t i = 0; i < v->size(); ++i) {
        if (!(*v)[i].is_number() || !std::isfinite((*v)[i].get<double>())) {
            fail(ErrorCode::BadValue, key + "/" + std::to_string(i), {FactId::MustBeNumber, (*v)[i].dump()});
            return list;
        }
        list.push_back((*v)[i].get<double>());
    }
    return list;
}

JsonReader JsonReader::object(const std::string& key)
{
    const Json* v = find(key, true);
    return {v == nullptr ? emptyObject : *v, m_where + "/" + key, *m_error};
}

void JsonReader::finish()
{
    for (const auto& [key, value] : m_value->items())
        if (m_used.count(key) == 0)
            fail(ErrorCode::UnknownKey, key, FactId::NotKnownHere);
}

} // namespace dowel::io
