// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include "cli/export_commands.h"
#include "cli/manual.h"
#include "cli/plan_commands.h"
#include "cli/search_commands.h"
#include "core/acoustics/colour.h"
#include "core/base/number_text.h"
#include "core/base/ratio.h"
#include "core/forecast/sensitivity.h"
#include "core/hearing/analyse.h"
#include "core/plan/diagnosis.h"
#include "core/plan/plan.h"
#include "core/tuning/pitch.h"
#include "io/amend_json.h"
#include "io/audio_file.h"
#include "io/drawer_json.h"
#include "io/json_reader.h"
#include "io/layout_json.h"
#include "io/record_json.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "session/advise.h"
#include "session/long_take.h"
#include "session/plausible.h"
#include "session/session.h"
#include "session/tool_gain.h"
#include "store/shop_memory.h"
#include "store/store.h"
#include "text/errors.h"
#include "text/sentences.h"

#include <CLI/CLI.hpp>
#include <QLocale>
#include <algorithm>
#include <cctype>
#include <charconv>
#include <clocale>
#include <cmath>
#include <filesystem>
#include <functional>
#include <iostream>

namespace dowel::cli {

namespace {

/// Text from files as it may stand on a terminal: nothing in it moves the cursor or changes colours.
std::string printable(const std::string& text)
{
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto c = static_cast<unsigned char>(text[i]);
        const auto next = i + 1 < text.size() ? static_cast<unsigned char>(text[i + 1]) : 0U;
        const bool control = (c < 0x20U && c != '\n') || c == 0x7FU || (c == 0xC2U && next >= 0x80U && next < 0xA0U);
        if (control && c == 0xC2U)
            ++i;
        out += control ? '?' : text[i];
    }
    return out;
}

/// The same within JSON: control characters beyond ASCII's first as escapes, which mean the same to whoever reads it.
std::string plainJson(const std::string& json)
{
    std::string out;
    for (std::size_t i = 0; i < json.size(); ++i) {
        const auto c = static_cast<unsigned char>(json[i]);
        const auto next = i + 1 < json.size() ? static_cast<unsigned char>(json[i + 1]) : 0U;
        if (c == 0x7FU) {
            out += "\\u007f";
        } else if (c == 0xC2U && next >= 0x80U && next < 0xA0U) {
            constexpr std::string_view digits = "0123456789abcdef";
            out += "\\u00";
            out += digits[next >> 4U];
            out += digits[next & 0xFU];
            ++i;
        } else {
            out += json[i];
        }
    }
    return out;
}

/// Of an option that is a number: a finite one, and not nothing at all.
const CLI::Validator aNumber(
    [](const std::string& text) {
        const bool plus = text.starts_with('+');
        return numberFrom(std::string_view(text).substr(plus ? 1 : 0)) ? std::string() : "\"" + text + "\" is no number";
    },
    "NUMBER");

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

/// How an instrument is played and computed where that differs from its specification.
struct PredictAsked
{
    std::optional<double> celsius;
    std::optional<double> humidity_percent;
    std::optional<double> dioxide_percent;
    std::optional<double> gradient;
    std::string formulas = std::string(acoustics::formulasName(acoustics::HoleFormulas::LefebvreScavone));
    bool full = false;
};

Json sensitivityJson(const Instrument& shape, const NoteSensitivity& s)
{
    Json holes = Json::object();
    for (std::size_t i = 0; i < s.holes.size(); ++i)
        holes[shape.spec().holes[i].id.text] = tidy(s.holes[i].cents());
    Json json{{"holes", holes}, {"foot", tidy(s.foot.cents())}};
    if (s.stopper)
        json["stopper"] = tidy(s.stopper->cents());
    if (s.window)
        json["window"] = tidy(s.window->cents());
    if (s.embouchure)
        json["embouchure"] = tidy(s.embouchure->cents());
    Json bore = Json::array();
    for (const auto& p : s.bore)
        bore.push_back({{"at_mm", tidy(p.at.millimetres())}, {"cents_over_10_mm", tidy(p.perTenthOverCentimetre.cents())}});
    json["bore"] = bore;
    return json;
}

Status addDetails(Json& notes, const Instrument& shape, const Posterior& posterior, acoustics::HoleFormulas formulas)
{
    const auto placed = posterior.placed(shape);
    const acoustics::Model model(placed.shape, placed.calibration, {formulas, true});
    const auto queries = queriesOf(shape);
    const auto colours = DOWEL_TRY(acoustics::coloursOf(model, queries));
    const auto spread = DOWEL_TRY(acoustics::formulaSpread(placed.shape, placed.calibration, queries));
    for (std::size_t i = 0; i < queries.size(); ++i) {
        const auto& c = colours[i];
        Json harmonicity = Json::object();
        for (const auto& h : c.harmonicity)
            harmonicity[std::to_string(h.harmonic)] = tidy(h.cents);
        Json& n = notes[i];
        n["quality"] = tidy(c.quality);
        n["height"] = tidy(c.height);
        n["harmonicity_cents"] = harmonicity;
        n["cutoff_hz"] = c.cutoff_Hz > 0.0 ? Json(tidy(c.cutoff_Hz)) : Json();
        n["brightness"] = tidy(c.brightness);
        n["speaks"] = acoustics::speechName(c.speech);
        n["because"] = acoustics::reasonName(c.reason);
        n["formula_spread_cents"] = tidy(spread[i]);
        const auto sensitivity = DOWEL_TRY(sensitivityOf(posterior, shape, queries[i]));
        n["cents_per_tenth_mm"] = sensitivityJson(shape, sensitivity);
    }
    return Done{};
}

/// The specification with what was asked for on the command line.
Result<Instrument> asAsked(InstrumentSpec spec, const PredictAsked& asked)
{
    if (asked.celsius)
        spec.tuning.playedAt = Temperature::fromCelsius(*asked.celsius);
    if (asked.humidity_percent)
        spec.tuning.humidity = *asked.humidity_percent / 100.0;
    if (asked.dioxide_percent)
        spec.tuning.carbonDioxide = *asked.dioxide_percent / 100.0;
    if (asked.gradient)
        spec.tuning.gradient_K_m = *asked.gradient;
    return Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet);
}

Answer predict(const std::string& path, const PredictAsked& asked)
{
    const auto formulas = acoustics::formulasFromName(asked.formulas);
    if (!formulas)
        return Error{ErrorCode::BadValue,
                     "--formulas",
                     {FactId::Known, asked.formulas, "lefebvre-scavone-2012, dubos-nederveen-1999, keefe-1990"}};
    const auto book = DOWEL_TRY(bookOf(path));
    const auto forecaster = DOWEL_TRY(Forecaster::make(book));
    const auto shape = DOWEL_TRY(asAsked(book.present().spec(), asked));
    const auto jointForecast = DOWEL_TRY(forecaster.jointForecast(shape));
    // What is out of line is told as it was heard, as advise tells it.
    const auto states = asHeard(forecaster.posterior(), inconsistentNotes(book, forecaster.posterior()), jointForecast).states();
    // Another set of formulas moves each note by what the model alone is moved by.
    std::vector<double> moved(states.size(), 0.0);
    if (*formulas != acoustics::HoleFormulas::LefebvreScavone) {
        const auto placed = forecaster.posterior().placed(shape);
        const auto queries = queriesOf(shape);
        const auto usual = acoustics::Model(placed.shape, placed.calibration).frequencies(queries);
        const auto other = acoustics::Model(placed.shape, placed.calibration, {*formulas, true}).frequencies(queries);
        if (!usual || !other)
            return usual ? other.error() : usual.error();
        for (std::size_t i = 0; i < moved.size(); ++i)
            moved[i] = centsOver((*other)[i], (*usual)[i]);
    }
    Json notes = Json::array();
    for (std::size_t i = 0; i < states.size(); ++i) {
        const Fingering& f = shape.spec().fingerings[i];
        const NoteState& s = states[i];
        const double cents = s.cents + moved[i];
        notes.push_back({{"fingering", f.id.text},
                         {"register", f.registerNumber},
                         {"hz", tidy(raisedBy(f.target, Cents::fromCents(cents)).hertz())},
                         {"cents", tidy(cents)},
                         {"sd_cents", tidy(s.sd)}});
    }
    if (asked.full)
        DOWEL_TRY(addDetails(notes, shape, forecaster.posterior(), *formulas));
    return Json{{"notes", notes}};
}

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

/// memory: where the shop memory is that the row begins from; drawerFile: what is in the drawer; empty for none.
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

Answer analyseTake(const std::string& path, std::optional<double> expect)
{
    std::optional<Hertz> first;
    if (expect) {
        if (!(*expect > 0.0 && *expect < 20000.0))
            return Error{ErrorCode::BadValue, "--expect", {FactId::AboveBelow, *expect, 0, 20000}};
        first = Hertz::fromHertz(*expect);
    }
    const auto analysis = DOWEL_TRY(session::analysisOf(path, first));
    return io::jsonOf(analysis);
}

Json readingJson(const Workbook& book, const ReadingEntry& r, EntryId id)
{
    const Fingering* f = book.present().find(r.fingering);
    return {{"entry", id.number},
            {"fingering", r.fingering.text},
            {"hz", r.pitch.hertz()},
            {"cents", f == nullptr ? 0.0 : tidy(centsBetween(r.pitch, f->target).cents())},
            {"sd_cents", tidy(r.sd.cents())}};
}

Answer measureTake(const std::string& path, const std::string& fingering, const std::string& take, std::optional<double> celsius)
{
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    const auto samples = DOWEL_TRY(io::readAudioFile(take));
    const Temperature room = celsius ? Temperature::fromCelsius(*celsius) : session::roomOf(store.book());
    DOWEL_TRY(checkRoom(room));
    const auto id = DOWEL_TRY(session::keepTake(store, {fingering}, samples, room, ReadingSource::File));
    const auto& kept = std::get<ReadingEntry>(store.book().entries().back().body);
    return Json{{"readings", Json::array({readingJson(store.book(), kept, id)})}};
}

Answer measureSession(const std::string& path, const std::string& file)
{
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    const auto json = DOWEL_TRY(io::readJsonFile(file));
    const auto numbers = DOWEL_TRY(io::sessionFromJson(json));
    const auto entries = DOWEL_TRY(session::readingsOf(store.book(), numbers));
    const auto ids = DOWEL_TRY(store.append(entries));
    Json readings = Json::array();
    for (std::size_t i = 0; i < entries.size(); ++i)
        readings.push_back(readingJson(store.book(), std::get<ReadingEntry>(entries[i].body), ids[i]));
    return Json{{"readings", readings}};
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
    if (recommendation.whyStop)
        json["why_stop"] = whyStopName(*recommendation.whyStop);
    return json;
}

/// What was asked of advise beside the workbook.
struct AdviceAsked
{
    std::string memory; ///< where the shop memory is that the advice learns from and adds this instrument to; empty for none
    std::string effort = "usual";
    std::string drawer; ///< file of what is in the drawer; empty: what the workbook knows
};

Answer adviseNext(const std::string& path, const AdviceAsked& asked)
{
    PlanOptions options = optionsFor(effortFromName(asked.effort).value_or(Effort::Usual));
    std::optional<BitDrawer> drawer;
    if (!asked.drawer.empty()) {
        auto read = DOWEL_TRY(io::readDrawerFile(asked.drawer));
        drawer = std::move(read);
    }
    auto store = DOWEL_TRY(Store::open(path, Store::Mode::Work));
    if (drawer) {
        options.tools = toolsOf(*drawer, store.book().present().spec().tools);
        options.handWork = drawer->worksByHand();
    }
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

/// What was asked on one command line: options by their commands, and the work that the chosen one does.
struct Asked
{
    std::string book;
    std::vector<std::string> books;
    std::string file;
    std::string fingering;
    std::string take;
    std::string session;
    std::string format;
    std::string out;
    std::string memory;
    std::optional<double> celsius;
    std::optional<double> expect;
    std::optional<std::string> practice;
    PredictAsked predict;
    AdviceAsked advice;
    std::optional<std::string> from;
    std::optional<std::string> to;
    FingeringsWanted fingerings;
    VariationWanted variation;
    ReportWishes report;
    StepsWanted steps;
    std::string units = "mm";
    std::string paper = "a4";
    std::function<Answer()> work;

    /// The command does that.
    void does(CLI::App* command, std::function<Answer()> what)
    {
        command->callback([this, what = std::move(what)] { work = what; });
    }
    void takesMemory(CLI::App* command)
    {
        command->add_option("--shop-memory", memory, "MEMORY.json: estimates from the other instruments of the shop");
    }
};

void addMaking(CLI::App& app, Asked& a)
{
    auto* make = app.add_subcommand("create", "Create a workbook from a specification");
    make->add_option("book", a.book, "BOOK.dowel")->required();
    make->add_option("--spec", a.file, "SPEC.json")->required();
    make->add_option("--practice", a.practice, "number of the simulated piece of wood: makes a practice blank");
    a.does(make, [&a] { return create(a.book, a.file, a.practice); });

    auto* lay = app.add_subcommand("layout", "Calculate hole positions and diameters for a blank");
    lay->add_option("spec", a.file, "SPEC.json")->required();
    a.takesMemory(lay);
    lay->add_option("--drawer", a.steps.drawer, "DRAWER.json: bits and tools of the shop");
    a.does(lay, [&a] { return layout(a.file, a.memory, a.steps.drawer); });
}

void addStock(CLI::App& app, Asked& a)
{
    const auto takesTools = [&a](CLI::App* command) {
        command->add_option("--drawer", a.steps.drawer, "DRAWER.json: bits and tools of the shop");
        command->add_option("--units", a.units, "unit of lengths in sentences: mm or in")->check(CLI::IsMember({"mm", "in"}));
    };
    const auto wanted = [&a] {
        StepsWanted w = a.steps;
        w.inches = a.units == "in";
        w.letter = a.paper == "letter";
        return w;
    };
    auto* order = app.add_subcommand("steps", "List the order of work of the whole instrument");
    order->add_option("instrument", a.file, "SPEC.json or BOOK.dowel")->required();
    takesTools(order);
    a.does(order, [&a, wanted] { return steps(a.file, wanted()); });

    auto* serves = app.add_subcommand("keys", "List the keys that suit a blank");
    serves->add_option("blank", a.file, "SPEC.json or BOOK.dowel")->required();
    a.does(serves, [&a] { return keys(a.file); });

    auto* sheet = app.add_subcommand("worksheet", "Write the bench sheet: order of work with boxes and full-size template");
    sheet->add_option("instrument", a.file, "SPEC.json or BOOK.dowel")->required();
    sheet->add_option("--out", a.out, "FILE.pdf")->required();
    takesTools(sheet);
    sheet->add_option("--paper", a.paper, "paper: a4 or letter")->check(CLI::IsMember({"a4", "letter"}));
    sheet->add_flag("--class", a.steps.forClass, "for a class: the order of work on one page, the adult's steps marked");
    a.does(sheet, [&a, wanted] { return worksheet(a.file, a.out, wanted()); });
}

void addPredict(CLI::App& app, Asked& a)
{
    auto* p = app.add_subcommand("predict", "Forecast the pitch of every fingering");
    p->add_option("file", a.book, "SPEC.json or BOOK.dowel")->required();
    p->add_option("--celsius", a.predict.celsius, "temperature of the air at half the tube's length")->check(aNumber);
    p->add_option("--humidity", a.predict.humidity_percent, "relative humidity in percent")->check(aNumber);
    p->add_option("--co2", a.predict.dioxide_percent, "carbon dioxide in percent by volume")->check(aNumber);
    p->add_option("--gradient", a.predict.gradient, "degrees per metre towards the foot, negative where it cools")
        ->check(aNumber);
    p->add_option("--formulas", a.predict.formulas,
                  "formulas of side holes: lefebvre-scavone-2012, dubos-nederveen-1999 or keefe-1990");
    p->add_flag("--full", a.predict.full, "add strength, colour, spread between formulas and sensitivities to each note");
    a.does(p, [&a] { return predict(a.book, a.predict); });
}

void addFinding(CLI::App& app, Asked& a)
{
    auto* slide = app.add_subcommand("marks", "Calculate the slide position of every note");
    slide->add_option("spec", a.file, "SPEC.json or BOOK.dowel")->required();
    slide->add_option("--from", a.from, "lowest note");
    slide->add_option("--to", a.to, "highest note");
    a.does(slide, [&a] { return marks(a.file, a.from, a.to); });

    auto* ways = app.add_subcommand("fingerings", "List every fingering for a note, best first");
    ways->add_option("spec", a.file, "SPEC.json or BOOK.dowel")->required();
    ways->add_option("--note", a.fingerings.note, "wanted note, such as C6")->required();
    ways->add_option("--register", a.fingerings.registerNumber, "register, 1 to 4; every register without it")
        ->check(CLI::Range(1, 4));
    ways->add_option("--most", a.fingerings.most, "largest number of fingerings listed")->check(CLI::Range(1, 1000));
    ways->add_option("--within", a.fingerings.within, "largest deviation in cents")
        ->check(aNumber)
        ->check(CLI::Range(0.0, 600.0));
    a.does(ways, [&a] { return fingerings(a.file, a.fingerings); });

    auto* would = app.add_subcommand("vary", "Calculate what a change would do to every note");
    would->add_option("instrument", a.file, "SPEC.json or BOOK.dowel")->required();
    would
        ->add_option("--change", a.variation.change,
                     "rough_bore, finger_grooves, on_the_foot, mouthpiece, pulled_out, register_hole or slide_gap")
        ->required();
    would->add_option("--times", a.variation.times, "factor of the wall losses or of the mouthpiece volume")->check(aNumber);
    would->add_option("--by", a.variation.by_mm, "millimetres: depth, length, position or gap; start of a rough stretch")
        ->check(aNumber);
    would
        ->add_option("--wide", a.variation.wide_mm,
                     "millimetres: a bell's mouth, a hole, a packing's length; where a rough stretch ends")
        ->check(aNumber);
    would->add_flag("--ring", a.variation.ring, "the foot piece is cylindrical");
    a.does(would, [&a] { return vary(a.file, a.variation); });

    auto* sideBySide = app.add_subcommand("bores", "Lay a blank out on several bores and compare");
    sideBySide->add_option("blank", a.file, "BLANK.json")->required();
    a.does(sideBySide, [&a] { return bores(a.file); });

    auto* over = app.add_subcommand("carry", "Transfer a measured model to another bore, wall or key");
    over->add_option("model", a.file, "MODEL.json or MODEL.dowel")->required();
    over->add_option("--to", a.out, "BLANK.json")->required();
    a.does(over, [&a] { return carry(a.file, a.out); });
}

void addHearing(CLI::App& app, Asked& a)
{
    auto* find = app.add_subcommand("analyse", "Find and measure the notes of a recording");
    find->add_option("take", a.file, "TAKE.wav or TAKE.flac")->required();
    find->add_option("--expect", a.expect, "expected pitch of the fingering in its first register, in hertz")->check(aNumber);
    a.does(find, [&a] { return analyseTake(a.file, a.expect); });

    auto* m = app.add_subcommand("measure", "Save readings in a workbook");
    m->add_option("book", a.book, "BOOK.dowel")->required();
    auto* fingering = m->add_option("--fingering", a.fingering, "fingering that was played");
    auto* take = m->add_option("--take", a.take, "recording of the fingering: WAV, FLAC, AIFF, AU or Ogg");
    auto* session = m->add_option("--session", a.session, "SESSION.json: readings of another meter");
    m->add_option("--celsius", a.celsius, "room temperature")->check(aNumber)->excludes(session);
    fingering->needs(take);
    take->needs(fingering);
    session->excludes(take);
    m->callback([&a] {
        if (a.take.empty() == a.session.empty())
            throw CLI::ValidationError("measure", "needs --fingering with --take, or --session");
        a.work = [&a] {
            return a.take.empty() ? measureSession(a.book, a.session) : measureTake(a.book, a.fingering, a.take, a.celsius);
        };
    });
}

void addWork(CLI::App& app, Asked& a)
{
    auto* next = app.add_subcommand("advise", "Recommend the next cut, or what to play");
    next->add_option("book", a.book, "BOOK.dowel")->required();
    next->add_option("--shop-memory", a.advice.memory, "MEMORY.json: estimates from the other instruments of the shop");
    next->add_option("--effort", a.advice.effort, "quick, usual or best: what a cut must gain")
        ->check(CLI::IsMember({"quick", "usual", "best"}));
    next->add_option("--drawer", a.advice.drawer, "DRAWER.json: bits and tools of the shop");
    a.does(next, [&a] { return adviseNext(a.book, a.advice); });

    auto* cut = app.add_subcommand("cut", "Log a cut at the size the calipers show");
    cut->add_option("book", a.book, "BOOK.dowel")->required();
    cut->add_option("--step", a.file, "STEP.json")->required();
    a.does(cut, [&a] { return recordCut(a.book, a.file); });

    auto* change = app.add_subcommand("amend", "Log a change of target, tools, limits or measures");
    change->add_option("book", a.book, "BOOK.dowel")->required();
    change->add_option("--entry", a.file, "ENTRY.json")->required();
    a.does(change, [&a] { return amend(a.book, a.file); });
}

void addHandingOn(CLI::App& app, Asked& a)
{
    auto* side = app.add_subcommand("compare", "Compare instruments of one model");
    side->add_option("books", a.books, "BOOK.dowel BOOK.dowel ...")->required();
    a.does(side, [&a] { return compare(a.books); });

    auto* write = app.add_subcommand("export", "Export the workbook in an open format");
    write->add_option("book", a.book, "BOOK.dowel")->required();
    write->add_option("--as", a.format, "spec, json, csv, svg, dxf, pdf or ics")
        ->required()
        ->check(CLI::IsMember({"spec", "json", "csv", "svg", "dxf", "pdf", "ics"}));
    write->add_option("--out", a.out, "file to write")->required();
    a.does(write, [&a] { return exportAs(a.book, a.format, a.out); });

    auto* passport = app.add_subcommand("report", "Write the passport, as PDF or HTML by the file's suffix");
    passport->add_option("book", a.book, "BOOK.dowel")->required();
    passport->add_option("--out", a.out, "FILE.pdf or FILE.html")->required();
    passport->add_flag("--short", a.report.shortOne, "a label and a fingering chart for the player");
    passport->add_flag("--letter", a.report.letter, "on Letter paper instead of A4");
    passport->add_flag("--inches", a.report.inches, "lengths in inches");
    passport->add_option("--maker", a.report.maker, "the maker's mark");
    passport->add_option("--serial", a.report.serial, "serial number");
    a.does(passport, [&a] { return writeReport(a.book, a.out, a.report); });

    auto* check = app.add_subcommand("check", "Check the integrity of a workbook and of its record");
    check->add_option("book", a.book, "BOOK.dowel")->required();
    a.does(check, [&a] { return checkBook(a.book); });
}

/// Speaks to whoever asked: an answer on one stream, words on the other.
class Voice
{
public:
    Voice(std::ostream& out, std::ostream& err) : m_out(&out), m_err(&err) {}
    /// Whether it reached somebody: an answer that nobody got is none.
    bool say(const Json& json)
    {
        *m_out << plainJson(json.dump(2, ' ', false, Json::error_handler_t::replace)) << '\n' << std::flush;
        if (!*m_out)
            *m_err << "The answer could not be written; the disk or the reader at the other end is full or gone.\n";
        return static_cast<bool>(*m_out);
    }
    int usage(const std::string& problem)
    {
        (void)say({{"error", {{"code", "usage"}, {"message", problem}, {"where", "command line"}}}});
        *m_err << printable(problem) << "\nSee dowel-cli --help.\n";
        return 2;
    }
    int failed(std::string_view code, const std::string& message, const std::string& where)
    {
        (void)say({{"error", {{"code", code}, {"message", message}, {"where", where}}}});
        *m_err << printable(message) << '\n';
        return 1;
    }

private:
    std::ostream* m_out;
    std::ostream* m_err;
};

/// What is wrong with the first word where it is no command; empty where it is one.
std::string noCommand(const CLI::App& app, const std::vector<std::string>& arguments)
{
    if (arguments.empty() || arguments.front().starts_with('-'))
        return {};
    std::string known;
    for (const CLI::App* command : app.get_subcommands([](const CLI::App*) { return true; })) {
        if (command->get_name() == arguments.front())
            return {};
        known += (known.empty() ? "" : ", ") + command->get_name();
    }
    return "\"" + arguments.front() + "\" is no command; known: " + known + ".";
}

} // namespace

int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err)
{
    QLocale::setDefault(QLocale::c()); // others read what it answers
    std::setlocale(LC_NUMERIC, "C");   // and write what it reads
    CLI::App app("Dowel on the command line: measures, fits and advises on a workbook of one instrument.", "dowel-cli");
    app.set_version_flag("--version",
                         "dowel-cli " DOWEL_VERSION ", contract 1.2, built with Qt " QT_VERSION_STR " and " DOWEL_COMPILER);
    app.require_subcommand(1);
    Asked asked;
    for (auto* add : {&addMaking, &addStock, &addPredict, &addFinding, &addHearing, &addWork, &addHandingOn})
        add(app, asked);
    Voice voice(out, err);
    if (arguments.size() == 1 && arguments.front() == "--manual") { // for whoever packages it
        out << manualOf(app, "dowel-cli " DOWEL_VERSION);
        return 0;
    }
    if (arguments.size() == 1 && arguments.front() == "--completion") {
        out << completionOf(app);
        return 0;
    }
    if (const std::string problem = noCommand(app, arguments); !problem.empty())
        return voice.usage(problem);
    try {
        std::vector<std::string> reversed(arguments.rbegin(), arguments.rend());
        app.parse(reversed);
    } catch (const CLI::CallForHelp&) {
        out << app.help();
        return 0;
    } catch (const CLI::CallForVersion& version) {
        out << version.what() << '\n';
        return 0;
    } catch (const CLI::ParseError& problem) {
        return voice.usage(problem.what());
    }
    try {
        const Answer answer = asked.work();
        if (answer)
            return voice.say(*answer) ? 0 : 1;
        return voice.failed(codeName(answer.error().code), text::sentence(answer.error(), text::Places::AsInFile).toStdString(),
                            answer.error().where);
    } catch (const std::exception& problem) {
        return voice.failed("internal", problem.what(), "");
    }
}

} // namespace dowel::cli
