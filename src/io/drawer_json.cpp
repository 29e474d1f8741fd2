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
    if (r.has("reamers")) // those of the workbook's joints; known to what reads a specification
        (void)r.objects("reamers");
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
        bits.push_back(b.name);
    return Json{{"bits", bits}, {"tools", drawer.tools}}.dump(2) + "\n";
}

} // namespace dowel::io
