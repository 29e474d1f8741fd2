// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/layout_command.h"

#include "core/layout/layout.h"
#include "io/drawer_json.h"
#include "io/layout_json.h"
#include "io/spec_json.h"
#include "session/tool_gain.h"
#include "store/shop_memory.h"

#include <algorithm>

namespace dowel::cli {

namespace {

Json reshapedJson(const std::vector<Reshaped>& reshaped, const InstrumentSpec& spec)
{
    Json list = Json::array();
    for (const Reshaped& r : reshaped) {
        Json one{{"what", shapingName(r.kind)}, {"by_mm", tidy(r.by_mm)}};
        if (r.kind == Shaping::Undercut)
            one["hole"] = spec.holes[r.hole].id.text;
        list.push_back(std::move(one));
    }
    return list;
}

Json gainJson(const ShapingGain& gain)
{
    Json with = Json::array();
    for (const Shaping s : gain.with)
        with.push_back(shapingName(s));
    return {{"with", with},
            {"reshaped", reshapedJson(gain.reshaped, gain.goal.spec())},
            {"within_tolerance", gain.within},
            {"of", gain.goal.spec().fingerings.size()},
            {"worst_cents", tidy(gain.worst_cents)},
            {"rms_cents", tidy(gain.rms_cents)},
            {"mends", gain.mends},
            {"spec", io::jsonOf(gain.goal)}};
}

/// With the drawer's bits as the sizes that there are.
io::LayoutAsked byDrawer(io::LayoutAsked asked, const BitDrawer& drawer)
{
    if (drawer.bits.empty())
        return asked;
    asked.wishes.bits.clear();
    for (const Bit& b : drawer.bits)
        if (b.diameter >= asked.wishes.smallest && b.diameter <= asked.wishes.largest)
            asked.wishes.bits.push_back(b.diameter);
    if (auto* blank = std::get_if<Blank>(&asked.from)) {
        blank->spec.tools = toolsOf(drawer, blank->spec.tools);
    } else {
        InstrumentSpec spec = std::get<Instrument>(asked.from).spec();
        spec.tools = toolsOf(drawer, spec.tools);
        if (auto made = Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet))
            asked.from = std::move(*made);
    }
    return asked;
}

/// What makes each hole, first and in the end, by the drawer's own marking; a size that no bit makes is left to the hand.
Json drawerJson(const Layout& found, const BitDrawer& drawer)
{
    const auto called = [&](Metres size) {
        const Bit* bit = drawer.bitOf(size);
        return bit != nullptr ? bit->name : std::string(drawer.worksByHand() ? "by hand" : "out of reach");
    };
    Json list = Json::array();
    for (std::size_t i = 0; i < found.start.spec().holes.size(); ++i)
        list.push_back({{"hole", found.start.spec().holes[i].id.text},
                        {"first", called(found.start.spec().holes[i].diameter)},
                        {"at_most", called(found.goal.spec().holes[i].diameter)}});
    return list;
}

} // namespace

Answer layout(const std::string& path, const std::string& memory, const std::string& drawerFile)
{
    auto asked = DOWEL_TRY(io::readLayoutFile(path));
    std::optional<BitDrawer> drawer;
    if (!drawerFile.empty()) {
        drawer = DOWEL_TRY(io::readDrawerFile(drawerFile));
        asked = byDrawer(std::move(asked), *drawer);
    }
    Priors priors;
    if (!memory.empty()) {
        if (std::error_code unknown; !std::filesystem::exists(memory, unknown))
            return Error{ErrorCode::Unreadable, memory, FactId::NoShopMemory};
        const auto opened = DOWEL_TRY(ShopMemory::open(memory));
        const auto* blank = std::get_if<Blank>(&asked.from);
        const auto learnt =
            opened.priorsFor(blank != nullptr ? blank->spec.family : std::get<Instrument>(asked.from).spec().family, "");
        if (!learnt)
            return learnt.error();
        priors = *learnt;
    }
    const auto* row = std::get_if<Instrument>(&asked.from);
    // A row that is there already does not say how long its blank was: long enough for any foot.
    const auto laidOut = [&](const LayoutWishes& wishes) {
        return row != nullptr ? layOut(*row, row->length() * 2.0, wishes, true, {}, priors)
                              : layOut(std::get<Blank>(asked.from), wishes, true, {}, priors);
    };
    auto tried = laidOut(asked.wishes);
    if (!tried && drawer && drawer->worksByHand()) { // no row of these bits: the hand makes what is between them
        asked.wishes.bits.clear();
        tried = laidOut(asked.wishes);
    }
    const auto found = DOWEL_TRY(std::move(tried));
    const auto notes = DOWEL_TRY(forecastJson(found.goal, priors));
    Json costs = Json::array();
    for (const WishCost& c : found.costs) {
        costs.push_back({{"without", wishName(c.wish)},
                         {"worst_cents", tidy(c.worst_cents)},
                         {"rms_cents", tidy(c.rms_cents)},
                         {"mends", c.mends}});
        if (c.nearestSpacing)
            costs.back()["nearest_spacing_mm"] = tidy(c.nearestSpacing->millimetres());
    }
    Json gains = Json::array();
    for (const ShapingGain& g : found.gains)
        gains.push_back(gainJson(g));
    Json answer{
        {"spec", io::jsonOf(found.goal)},
        {"start", io::jsonOf(found.start)},
        {"forecast", notes},
        {"summary", {{"worst_cents", tidy(found.worst_cents)}, {"rms_cents", tidy(found.rms_cents)}, {"reached", found.reached}}},
        {"costs", costs},
        {"reshaped", reshapedJson(found.reshaped, found.goal.spec())},
        {"would_help", gains}};
    if (drawer) {
        answer["tools"] = drawerJson(found, *drawer);
        answer["worth_buying"] = nullptr;
        if (row == nullptr && !found.reached)
            if (const auto gain = session::toolWorthBuying(std::get<Blank>(asked.from), asked.wishes, *drawer, priors);
                gain && *gain)
                answer["worth_buying"] = {{"bit", (*gain)->bit.name},
                                          {"notes_within", (*gain)->within},
                                          {"notes_within_without", (*gain)->withinWithout}};
    }
    return answer;
}

} // namespace dowel::cli
