// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/drawer_json.h"

#include <algorithm>

namespace dowel::io {

Result<BitDrawer> drawerFromJson(const Json& json, const std::string& name)
{
    std::optional<Error> error;
    JsonReader r(json, name, error);
    BitDrawer drawer;
    constexpr std::size_t most = 1000;
    const auto markings = r.texts("bits");
    if (markings.size() > most)
        return Error{ErrorCode::BadValue, name + "/bits", {FactId::AtMost, markings.size(), 1000}};
    for (const std::string& marking : markings) {
        auto bit = DOWEL_TRY(bitFromMarking(marking));
        if (drawer.bitOf(bit.diameter) == nullptr)
            drawer.bits.push_back(std::move(bit));
    }
    std::sort(drawer.bits.begin(), drawer.bits.end(), [](const Bit& a, const Bit& b) { return a.diameter < b.diameter; });
    drawer.tools = r.texts("tools");
    auto reamers = r.objects("reamers");
    constexpr std::size_t mostReamers = 200;
    constexpr std::size_t mostPoints = 1000;
    if (reamers.size() > mostReamers)
        return Error{ErrorCode::BadValue, name + "/reamers", {FactId::AtMost, reamers.size(), mostReamers}};
    for (JsonReader& one : reamers) {
        if (!one.has("name") || !one.has("shape"))
            continue; // told in words of another program
        Reamer reamer{one.text("name"), {}};
        auto shape = one.objects("shape");
        if (shape.size() > mostPoints)
            return Error{ErrorCode::BadValue, one.where() + "/shape", {FactId::AtMost, shape.size(), mostPoints}};
        for (JsonReader& point : shape)
            reamer.shape.push_back(
                {Metres::fromMillimetres(point.number("from_tip_mm")), Metres::fromMillimetres(point.number("diameter_mm"))});
        if (!error)
            DOWEL_TRY(checked(reamer));
        drawer.reamers.push_back(std::move(reamer));
    }
    r.finish();
    if (error)
        return *error;
    return drawer;
}

Result<BitDrawer> readDrawerFile(const std::string& path)
{
    const auto json = DOWEL_TRY(readJsonFile(path));
    return drawerFromJson(json, path);
}

std::string drawerText(const BitDrawer& drawer)
{
    Json bits = Json::array();
    for (const Bit& b : drawer.bits)
        bits.push_back(markingOf(b));
    Json json{{"bits", bits}, {"tools", drawer.tools}};
    for (const Reamer& r : drawer.reamers) {
        Json shape = Json::array();
        for (const ReamerPoint& p : r.shape)
            shape.push_back({{"from_tip_mm", tidy(p.fromTip.millimetres())}, {"diameter_mm", tidy(p.diameter.millimetres())}});
        json["reamers"].push_back({{"name", r.name}, {"shape", shape}});
    }
    return json.dump(2) + "\n";
}

} // namespace dowel::io
