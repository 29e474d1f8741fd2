// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/search_commands.h"

#include "core/layout/variation.h"
#include "core/tuning/pitch.h"
#include "io/layout_json.h"
#include "io/spec_json.h"
#include "session/bores.h"
#include "session/finder.h"
#include "session/sizes.h"

namespace dowel::cli {

Answer marks(const std::string& path, const std::optional<std::string>& from, const std::optional<std::string>& to)
{
    const auto book = DOWEL_TRY(bookOf(path));
    const auto posterior = DOWEL_TRY(fit(book));
    const auto found = DOWEL_TRY(session::slideMarks(posterior, session::fullyOut(book), from, to));
    Json list = Json::array();
    for (const session::SlideMark& m : found)
        list.push_back({{"note", m.note},
                        {"hz", tidy(m.pitch.hertz())},
                        {"slide_mm", tidy(m.slide.millimetres())},
                        {"sd_mm", tidy(m.sd.millimetres())}});
    return Json{{"marks", list}};
}

namespace {

std::string_view speaksWord(acoustics::Speech speech)
{
    switch (speech) {
    case acoustics::Speech::Well: return "well";
    case acoustics::Speech::Reluctantly: return "unsure";
    case acoustics::Speech::Hardly: break;
    }
    return "poorly";
}

Result<Change> changeAsked(const InstrumentSpec& spec, const VariationWanted& wanted)
{
    std::string known;
    for (Change c : changesFor(spec)) {
        known += (known.empty() ? "" : ", ") + std::string(changeName(c));
        if (changeName(c) != wanted.change)
            continue;
        const auto length = [](const std::optional<double>& mm) {
            return mm ? std::optional(Metres::fromMillimetres(*mm)) : std::nullopt;
        };
        if (auto* foot = std::get_if<OnTheFoot>(&c); foot != nullptr && wanted.ring) {
            foot->cone = false;
            foot->mouth = spec.bore.back().diameter;
        }
        return withAmounts(c, {wanted.times, length(wanted.by_mm), length(wanted.wide_mm)});
    }
    return Error{ErrorCode::BadValue, "--change", {FactId::CanHave, wanted.change, known}};
}

} // namespace

Answer vary(const std::string& path, const VariationWanted& wanted)
{
    const auto book = DOWEL_TRY(bookOf(path));
    const Instrument& present = book.present();
    const auto change = changeAsked(present.spec(), wanted);
    if (!change)
        return change.error();
    const auto posterior = DOWEL_TRY(fit(book));
    const auto found = DOWEL_TRY(varied(posterior, present, *change));
    const auto centsOf = [](const std::optional<Cents>& off) {
        return off ? Json(tidy(off->cents())) : Json();
    };
    Json notes = Json::array();
    for (const NoteVaried& n : found.notes)
        notes.push_back({{"fingering", n.id.text},
                         {"now_cents", centsOf(n.now)},
                         {"then_cents", centsOf(n.then)},
                         {"stronger_db", tidy(n.stronger_dB)},
                         {"speaks", speaksWord(n.speech)}});
    Json answer{{"change", wanted.change}, {"notes", notes}, {"spec", io::jsonOf(found.with)}};
    if (found.leaveOff)
        answer["leave_off_mm"] = tidy(found.leaveOff->millimetres());
    return answer;
}

Answer bores(const std::string& path)
{
    const auto asked = DOWEL_TRY(io::readLayoutFile(path));
    const auto* blank = std::get_if<Blank>(&asked.from);
    if (blank == nullptr)
        return Error{ErrorCode::BadValue, path, FactId::HasHoles};
    Json all = Json::array();
    const auto found = DOWEL_TRY(session::boresTried(*blank, asked.wishes));
    for (const session::BoreTried& tried : found) {
        const auto& notes = tried.layout.goal.spec().fingerings;
        Json octaves = Json::object();
        for (const RegisterPair& p : tried.octaves)
            octaves[notes[p.high].id.text] = tidy(p.wide.cents());
        Json cents = Json::object();
        for (std::size_t i = 0; i < notes.size(); ++i)
            cents[notes[i].id.text] = tidy(tried.layout.cents[i]);
        Json mends = Json::array();
        for (const std::size_t i : tried.undercutMends)
            mends.push_back(notes[i].id.text);
        all.push_back({{"bore", session::boreKindName(tried.kind)},
                       {"spec", io::jsonOf(tried.layout.goal)},
                       {"cents", cents},
                       {"within_tolerance", tried.within},
                       {"of", notes.size()},
                       {"too_wide_cents", octaves},
                       {"third_register_cents", tried.third ? Json(tidy(tried.third->cents())) : Json()},
                       {"undercut_mends", mends}});
    }
    return Json{{"bores", all}};
}

Answer fingerings(const std::string& path, const FingeringsWanted& wanted)
{
    const auto book = DOWEL_TRY(bookOf(path));
    const Instrument& present = book.present();
    const auto pitch = DOWEL_TRY(targetOf(present.spec().tuning, wanted.note));
    const auto forecaster = DOWEL_TRY(Forecaster::make(book));
    const auto found = DOWEL_TRY(session::fingeringsFor(
        forecaster, present, {pitch, wanted.registerNumber, wanted.most, Cents::fromCents(wanted.within)}));
    Json list = Json::array();
    for (const session::FingeringFound& c : found) {
        Json closed = Json::array();
        for (const HoleId& id : c.closed)
            closed.push_back(id.text);
        Json half = Json::array();
        for (const HalfHole& h : c.half)
            half.push_back({{"hole", h.hole.text}, {"open", h.open}});
        list.push_back({{"closed", closed},
                        {"half", half},
                        {"register", c.registerNumber},
                        {"hz", tidy(c.pitch.hertz())},
                        {"cents", tidy(c.off.cents())},
                        {"sd_cents", tidy(c.sd.cents())},
                        {"speaks", speaksWord(c.speech)},
                        {"fingers_to_neighbours", c.fingersToNeighbours}});
    }
    return Json{{"note", wanted.note}, {"candidates", list}};
}

Answer carry(const std::string& modelPath, const std::string& blankPath)
{
    const auto kept = session::modelIn(modelPath);
    if (!kept)
        return kept.error();
    if (!kept->model && !kept->goal)
        return Error{ErrorCode::BadValue, modelPath, FactId::NothingToCarry};
    const Instrument& model = kept->model ? *kept->model : *kept->goal;
    const auto asked = DOWEL_TRY(io::readLayoutFile(blankPath));
    const auto* blank = std::get_if<Blank>(&asked.from);
    if (blank == nullptr)
        return Error{ErrorCode::BadValue, blankPath, FactId::HasHoles};
    const auto found = DOWEL_TRY(session::layoutAfter(model, *blank, asked.wishes, false));
    const auto before = forecastJson(model);
    const auto after = forecastJson(found.goal);
    if (!before || !after)
        return before ? after.error() : before.error();
    Json changed = Json::array();
    for (std::size_t i = 0; i < model.spec().holes.size(); ++i) {
        const Hole& was = model.spec().holes[i];
        const Hole& is = found.goal.spec().holes[i];
        changed.push_back({{"hole", is.id.text},
                           {"from_at_mm", tidy(was.at.millimetres())},
                           {"at_mm", tidy(is.at.millimetres())},
                           {"from_diameter_mm", tidy(was.diameter.millimetres())},
                           {"diameter_mm", tidy(is.diameter.millimetres())},
                           {"from_chimney_mm", tidy(was.chimney.millimetres())},
                           {"chimney_mm", tidy(is.chimney.millimetres())}});
    }
    return Json{{"spec", io::jsonOf(found.goal)},
                {"start", io::jsonOf(found.start)},
                {"forecast", *after},
                {"model_forecast", *before},
                {"from_length_mm", tidy(model.length().millimetres())},
                {"length_mm", tidy(found.goal.length().millimetres())},
                {"changed", changed}};
}

} // namespace dowel::cli
