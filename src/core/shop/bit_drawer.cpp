// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shop/bit_drawer.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <cmath>

namespace dowel {

namespace {

constexpr double sameBit_m = 1e-6;

std::string_view trimmed(std::string_view text)
{
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ')
        text.remove_suffix(1);
    return text;
}

bool takeEnding(std::string_view& text, std::string_view ending)
{
    if (!text.ends_with(ending))
        return false;
    text.remove_suffix(ending.size());
    text = trimmed(text);
    return true;
}

/// "9/32", "1 1/4", "0.281" or "1" as inches.
std::optional<double> inchesFrom(std::string_view text)
{
    double whole = 0.0;
    if (const auto space = text.find(' '); space != std::string_view::npos) {
        const auto before = numberFrom(text.substr(0, space));
        if (!before || text.find('/') == std::string_view::npos)
            return std::nullopt;
        whole = *before;
        text = trimmed(text.substr(space));
    }
    const auto slash = text.find('/');
    if (slash == std::string_view::npos)
        return numberFrom(text);
    const auto over = numberFrom(text.substr(0, slash));
    const auto parts = numberFrom(text.substr(slash + 1));
    if (!over || !parts || !(*parts > 0.0))
        return std::nullopt;
    return whole + *over / *parts;
}

std::optional<Bit> named(const std::string& name, BitSeries series)
{
    for (const Bit& b : bitsOf(series))
        if (b.name == name)
            return b;
    return std::nullopt;
}

/// Whether a marking is one of inches, as fractions, numbers and letters are.
bool isOfInches(std::string_view marking)
{
    return marking.find_first_of("/#NABCDEFGHIJKLMOPQRSTUVWXYZ\"") != std::string_view::npos || marking.ends_with("in");
}

/// What stands behind the plus: "0.2", "0.2 mm" or "0.008 in"; in the unit of the marking where it names none.
std::optional<Metres> overFrom(std::string_view text, bool inches)
{
    text = trimmed(text);
    if (takeEnding(text, "mm"))
        inches = false;
    else if (takeEnding(text, "in") || takeEnding(text, "\""))
        inches = true;
    const auto number = numberFrom(text);
    if (!number)
        return std::nullopt;
    constexpr Metres most = Metres::fromMillimetres(2.0);
    const Metres over = inches ? Metres::fromInches(*number) : Metres::fromMillimetres(*number);
    return over.metres() > 0.0 && over <= most ? std::optional(over) : std::nullopt;
}

} // namespace

Result<Bit> bitFromMarking(std::string_view marking)
{
    std::string_view text = trimmed(marking);
    const Error bad{ErrorCode::BadValue, std::string(text), FactId::NoSuchBit};
    std::optional<Metres> over{Metres{}};
    if (const auto plus = text.find('+'); plus != std::string_view::npos) {
        const std::string_view behind = text.substr(plus + 1);
        text = trimmed(text.substr(0, plus));
        over = overFrom(behind, isOfInches(text));
    }
    if (!over)
        return bad;
    const std::string name(text);
    std::optional<Bit> found;
    if (text.starts_with('#') || text.starts_with("No.")) {
        text.remove_prefix(text.starts_with('#') ? 1 : 3);
        found = named("No. " + std::string(trimmed(text)), BitSeries::Number);
    } else if (text.size() == 1 && text.front() >= 'A' && text.front() <= 'Z') {
        found = named(name, BitSeries::Letter);
    } else if (takeEnding(text, "mm")) {
        if (const auto mm = numberFrom(text))
            found = Bit{name, Metres::fromMillimetres(*mm)};
    } else if (takeEnding(text, "in") || takeEnding(text, "\"") || text.find('/') != std::string_view::npos) {
        if (const auto inches = inchesFrom(text))
            found = Bit{name, Metres::fromInches(*inches)};
    } else if (const auto mm = numberFrom(text)) {
        found = Bit{name + " mm", Metres::fromMillimetres(*mm)};
    }
    constexpr Metres largest = Metres::fromMillimetres(100.0);
    if (!found || !(found->diameter.metres() > 0.0) || found->diameter > largest)
        return bad;
    found->name = found->name == name || name.find_first_of("#N") == std::string::npos ? found->name : name;
    found->over = *over;
    found->diameter = found->diameter + *over;
    return *found;
}

std::string markingOf(const Bit& bit)
{
    if (!(bit.over.metres() > 0.0))
        return bit.name;
    const bool inches = isOfInches(bit.name);
    return bit.name + " +" + numberText(inches ? bit.over.inches() : bit.over.millimetres()) + (inches ? " in" : " mm");
}

bool BitDrawer::has(std::string_view tool) const
{
    return std::any_of(tools.begin(), tools.end(), [&](const std::string& t) { return t == tool; });
}

bool BitDrawer::worksByHand() const
{
    return std::any_of(tools.begin(), tools.end(), [](const std::string& t) {
        return t.find("knife") != std::string::npos || t.find("file") != std::string::npos ||
               t.find("iron") != std::string::npos || t.find("reamer") != std::string::npos ||
               t.find("abrasive") != std::string::npos;
    });
}

const Bit* BitDrawer::bitOf(Metres diameter) const
{
    const auto it = std::find_if(bits.begin(), bits.end(),
                                 [&](const Bit& b) { return std::abs(b.diameter.metres() - diameter.metres()) < sameBit_m; });
    return it == bits.end() ? nullptr : &*it;
}

const Bit* BitDrawer::largestWithin(Metres size) const
{
    const Bit* best = nullptr;
    for (const Bit& b : bits)
        if (b.diameter.metres() <= size.metres() + sameBit_m)
            best = &b;
    return best;
}

std::string_view openingTool(const BitDrawer& drawer, std::string_view material)
{
    std::vector<std::string_view> order{"tapered reamer", "round file", "file", "knife", "abrasive on a rod"};
    if (material == "cane")
        order = {"hot iron", "knife", "round file", "file", "tapered reamer"};
    else if (material == "vegetable")
        order = {"cork borer", "knife"};
    else if (material.empty() || material == "hardwood" || material == "softwood")
        order = {"tapered reamer", "knife", "round file", "file", "hot iron", "abrasive on a rod"};
    for (const std::string_view tool : order)
        if (drawer.has(tool))
            return tool;
    return {};
}

Metres slipOf(std::string_view tool)
{
    constexpr Metres usual = Metres::fromMillimetres(0.05);
    if (tool == "knife")
        return usual * 1.6;
    if (tool == "cork borer")
        return usual * 2.0;
    return tool == "hot iron" ? usual * 3.0 : usual;
}

Metres slipByHand(const BitDrawer* drawer, std::string_view material)
{
    if (drawer != nullptr && !drawer->isEmpty())
        return slipOf(openingTool(*drawer, material));
    if (material == "cane")
        return slipOf("hot iron");
    if (material == "vegetable")
        return slipOf("cork borer");
    return slipOf(material == "straw" ? "knife" : "file");
}

Tools toolsOf(const BitDrawer& drawer, Tools tools)
{
    tools.bits.clear();
    for (const Bit& b : drawer.bits)
        tools.bits.push_back(b.diameter);
    return tools;
}

} // namespace dowel
