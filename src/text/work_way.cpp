// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/work_way.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <algorithm>

namespace dowel::text {

namespace {

std::vector<std::string> keysOf(const std::vector<WorkStep>& steps)
{
    std::vector<std::string> keys;
    for (const WorkStep& s : steps)
        keys.push_back(s.key);
    return keys;
}

} // namespace

std::vector<WorkStep> inTheShopsWay(const std::vector<WorkStep>& usual, const WorkWay& way)
{
    std::vector<std::string> keys;
    for (const std::string& key : way.order) {
        const bool known =
            way.own.count(key) > 0 || std::any_of(usual.begin(), usual.end(), [&](const WorkStep& s) { return s.key == key; });
        if (known && std::find(keys.begin(), keys.end(), key) == keys.end())
            keys.push_back(key);
    }
    for (std::size_t i = 0; i < usual.size(); ++i) {
        if (std::find(keys.begin(), keys.end(), usual[i].key) != keys.end())
            continue;
        const auto before = i == 0 ? keys.end() : std::find(keys.begin(), keys.end(), usual[i - 1].key);
        keys.insert(i == 0 ? keys.begin() : before == keys.end() ? keys.end() : before + 1, usual[i].key);
    }
    std::vector<WorkStep> steps;
    for (const std::string& key : keys) {
        if (way.leftOut.count(key) > 0)
            continue;
        const auto found = std::find_if(usual.begin(), usual.end(), [&](const WorkStep& s) { return s.key == key; });
        if (found != usual.end()) {
            steps.push_back(*found);
        } else {
            WorkStep own;
            own.id = "own";
            own.key = key;
            own.group = steps.empty() ? WorkGroup::Stock : steps.back().group;
            own.text = way.own.at(key);
            steps.push_back(std::move(own));
        }
    }
    return steps;
}

WorkWay moved(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row, int by)
{
    const auto to = static_cast<std::ptrdiff_t>(row) + by;
    if (row >= shown.size() || to < 0 || to >= std::ssize(shown))
        return way;
    way.order = keysOf(shown);
    std::string key = way.order[row];
    way.order.erase(way.order.begin() + static_cast<std::ptrdiff_t>(row));
    way.order.insert(way.order.begin() + to, std::move(key));
    return way;
}

namespace {

/// Rows of the steps that the one at a row can change places with.
std::vector<std::size_t> partnersOf(const std::vector<WorkStep>& shown, std::size_t row)
{
    std::vector<std::size_t> rows;
    const auto& keys = shown[row].swapsWith;
    for (std::size_t i = 0; i < shown.size(); ++i)
        if (std::find(keys.begin(), keys.end(), shown[i].key) != keys.end())
            rows.push_back(i);
    return rows;
}

} // namespace

bool canSwap(const std::vector<WorkStep>& shown, std::size_t row)
{
    return row < shown.size() && !partnersOf(shown, row).empty();
}

WorkWay swapped(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row)
{
    if (!canSwap(shown, row))
        return way;
    const auto partners = partnersOf(shown, row);
    const std::size_t to = row > partners.front() ? partners.front() : partners.back();
    return moved(std::move(way), shown, row, static_cast<int>(to) - static_cast<int>(row));
}

WorkWay added(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row, const QString& words)
{
    way.order = keysOf(shown);
    std::string key;
    for (int number = 1; key.empty() || way.own.count(key) > 0; ++number)
        key = "own" + std::to_string(number);
    const auto at = std::min(row + 1, way.order.size());
    way.order.insert(way.order.begin() + static_cast<std::ptrdiff_t>(at), key);
    way.own.emplace(std::move(key), words);
    return way;
}

WorkWay without(WorkWay way, const std::vector<WorkStep>& shown, std::size_t row)
{
    if (row >= shown.size())
        return way;
    const std::string& key = shown[row].key;
    if (way.own.erase(key) == 0)
        way.leftOut.insert(key);
    else
        std::erase(way.order, key);
    return way;
}

QString wayText(const WorkWay& way)
{
    QJsonArray order;
    for (const std::string& key : way.order)
        order << QString::fromStdString(key);
    QJsonArray leftOut;
    for (const std::string& key : way.leftOut)
        leftOut << QString::fromStdString(key);
    QJsonObject own;
    for (const auto& [key, words] : way.own)
        own.insert(QString::fromStdString(key), words);
    const QJsonObject all{{QStringLiteral("order"), order}, {QStringLiteral("left_out"), leftOut}, {QStringLiteral("own"), own}};
    return QString::fromUtf8(QJsonDocument(all).toJson(QJsonDocument::Compact));
}

WorkWay wayFromText(const QString& text)
{
    const QJsonObject all = QJsonDocument::fromJson(text.toUtf8()).object();
    WorkWay way;
    for (const QJsonValue& v : all.value(QStringLiteral("order")).toArray())
        way.order.push_back(v.toString().toStdString());
    for (const QJsonValue& v : all.value(QStringLiteral("left_out")).toArray())
        way.leftOut.insert(v.toString().toStdString());
    const QJsonObject own = all.value(QStringLiteral("own")).toObject();
    for (auto it = own.begin(); it != own.end(); ++it)
        way.own.emplace(it.key().toStdString(), it.value().toString());
    return way;
}

} // namespace dowel::text
