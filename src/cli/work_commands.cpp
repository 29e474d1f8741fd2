// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/work_commands.h"

#include "core/plan/plan.h"
#include "io/amend_json.h"
#include "io/drawer_json.h"
#include "io/json_reader.h"
#include "io/record_json.h"
#include "io/spec_json.h"
#include "session/advise.h"
#include "session/cut_entries.h"
#include "session/plausible.h"
#include "store/store.h"
#include "text/sentences.h"

#include <charconv>

namespace dowel::cli {

namespace {

/// Whole numbers that every file format keeps exactly. Errors: BadValue.
Result<std::uint64_t> seedFrom(const std::string& text)
{
    constexpr std::uint64_t most = 9007199254740992U; // 2^53
    std::uint64_t seed = 0;
    const auto [end, problem] = std::from_chars(text.data(), text.data() + text.size(), seed);
    if (problem != std::errc() || end != text.data() + text.size() || seed > most)
        return Error{ErrorCode::BadValue, "--practice", {FactId::WholeWithin, text, 0, most}};
    return seed;
}

/// One step in the contract's words: from_mm and to_mm are sizes, or places along the bore where it is reamed.
Json contractStep(const AdviceStep& s, const Instrument& present, const BitDrawer* drawer)
{
    const Json cut = io::jsonOf(s.cut);
    Json one{{"kind", cut["kind"]}, {"from_mm", tidy(s.from.millimetres())}, {"to_mm", tidy(wantedSize(s.cut).millimetres())}};
    if (const auto* ream = std::get_if<Ream>(&s.cut)) {
        one["from_mm"] = tidy(ream->from.millimetres());
        one["to_mm"] = tidy(ream->to.millimetres());
        one["diameter_mm"] = tidy(ream->diameter.millimetres());
        one["was_mm"] = tidy(s.from.millimetres());
    } else if (const auto* mouth = std::get_if<OpenEmbouchure>(&s.cut)) {
        const auto* lip = std::get_if<Transverse>(&present.spec().excitation);
        const Metres width = lip != nullptr ? lip->holeWidth : Metres{};
        one["from_width_mm"] = tidy(width.millimetres());
        one["to_width_mm"] = tidy(mouth->holeWidth.value_or(width).millimetres());
    }
    if (cut.contains("hole"))
        one["hole"] = cut["hole"];
    one["tool"] = text::tool(s, text::LengthUnit::Millimetres, drawer, present.spec().material).toStdString();
    if (factsOf(s.cut).reversible)
        one["reversible"] = true;
    one["why"] = text::why(s, text::LengthUnit::Millimetres).toStdString();
    one["then"] = s.thenMeasure ? "measure" : "next";
    if (s.thenMeasure)
        one["hear"] = idList(s.hear);
    if (s.chanceSpoiled)
        one["chance_spoiled"] = tidy(*s.chanceSpoiled);
    if (s.chanceAllAfter)
        one["chance_all_after"] = tidy(*s.chanceAllAfter);
    Json forecast = Json::array();
    for (const auto& f : s.forecast)
        forecast.push_back({{"fingering", f.fingering.text},
                            {"now_cents", tidy(f.now.cents())},
                            {"after_cents", tidy(f.after.cents())},
                            {"sd_cents", tidy(f.sd.cents())}});
    one["forecast"] = forecast;
    return one;
}

/// Advice in the contract's words.
Json contractJson(const Recommendation& recommendation, const Instrument& present, const BitDrawer* drawer)
{
    const Advice& a = recommendation.advice;
    Json json{{"state", stateName(a.state)},
              {"summary",
               {{"worst_cents", tidy(a.worst.cents())},
                {"rms_cents", tidy(a.rms.cents())},
                {"within_tolerance", a.withinTolerance},
                {"of", a.of}}}};
    if (a.state == AdviceState::Measure)
        json["fingerings"] = idList(a.fingerings);
    if (a.state == AdviceState::Stop && a.contradiction)
        json["reason"] = text::contradiction(*a.contradiction, text::LengthUnit::Millimetres).toStdString();
    if (a.state == AdviceState::Finished) {
        Json left = Json::array();
        for (const auto& l : a.left)
            left.push_back(
                {{"fingering", l.fingering.text}, {"cents", tidy(l.off.cents())}, {"why", text::left(l).toStdString()}});
        json["left"] = left;
        if (!a.lastResort.empty()) { // adds material: only where nothing else brings a note in
            Json resort = Json::array();
            for (const Cut& c : a.lastResort)
                resort.push_back(io::jsonOf(c));
            json["last_resort"] = resort;
        }
    }
    if (a.chanceAllWithin)
        json["chance_all_within"] = tidy(*a.chanceAllWithin);
    Json steps = Json::array();
    for (const AdviceStep& s : a.steps)
        steps.push_back(contractStep(s, present, drawer));
    json["steps"] = steps;
    json["expected"] = {{"chance_all_within_at_the_end", tidy(recommendation.expected.chanceAllWithin)},
                        {"rounds", tidy(recommendation.expected.rounds)},
                        {"cuts", tidy(recommendation.expected.cuts)}};
    if (const auto& left = recommendation.forecaster->posterior().report().leftOut; !left.empty())
        json["readings_left_out"] = idList(left);
    if (recommendation.whyStop)
        json["why_stop"] = whyStopName(*recommendation.whyStop);
    return json;
}

} // namespace

Answer create(const std::string& path, const std::string& spec, const std::optional<std::string>& practice)
{
    const auto instrument = DOWEL_TRY(io::readSpecFile(spec));
    DOWEL_TRY(session::checkMeant(instrument));
    std::optional<PracticeEntry> entry;
    if (practice) {
        const auto seed = DOWEL_TRY(seedFrom(*practice));
        entry = PracticeEntry{seed, Temperature::fromCelsius(21.0), 24.0};
    }
    const auto store = DOWEL_TRY(Store::create(path, instrument, entry));
    return Json{{"created", path}};
}

Answer adviseNext(const std::string& path, const AdviceAsked& asked)
{
    std::optional<BitDrawer> drawer;
    if (!asked.drawer.empty()) {
        auto read = DOWEL_TRY(io::readDrawerFile(asked.drawer));
        drawer = std::move(read);
    }
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    const PlanOptions options = session::planOptions(store.book(), drawer ? &*drawer : nullptr, effortFromName(asked.effort));
    const auto advised = session::advise(store, {asked.memory, session::MemoryUse::Need::Asked}, {}, options);
    if (!advised)
        return advised.error();
    if (advised->notKept)
        return *advised->notKept;
    Json json = contractJson(advised->recommendation, store.book().present(), drawer ? &*drawer : nullptr);
    return json;
}

Answer recordCut(const std::string& path, const std::string& file)
{
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    const auto json = DOWEL_TRY(io::readJsonFile(file));
    const auto cut = DOWEL_TRY(io::cutFromJson(json));
    auto entry = session::cutEntry(store.book(), cut);
    if (!entry)
        return entry.error();
    const Metres from = entry->from;
    const auto id = DOWEL_TRY(store.append(std::move(*entry)));
    Json answer = io::jsonOf(cut);
    answer["entry"] = id.number;
    answer["from_mm"] = tidy(from.millimetres());
    return answer;
}

Answer amend(const std::string& path, const std::string& file)
{
    const auto json = DOWEL_TRY(io::readJsonFile(file));
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    auto said = DOWEL_TRY(io::amendFromJson(json, store.book()));
    std::vector<Store::NewEntry> entries;
    for (EntryBody& body : said)
        entries.push_back({std::move(body), {}});
    const auto ids = DOWEL_TRY(store.append(entries));
    Json numbers = Json::array();
    for (const EntryId id : ids)
        numbers.push_back(id.number);
    return Json{{"entries", numbers}, {"spec", io::jsonOf(store.book().present())}};
}

} // namespace dowel::cli
