// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/plan_commands.h"

#include "core/instrument/whole.h"
#include "core/layout/families.h"
#include "core/plan/goal.h"
#include "core/tuning/pitch.h"
#include "io/drawer_json.h"
#include "io/layout_json.h"
#include "io/plan_json.h"
#include "io/spec_json.h"
#include "io/whole_file.h"
#include "report/report.h"
#include "session/finder.h"
#include "text/order_of_work.h"

#include <algorithm>

namespace dowel::cli {

namespace {

/// What is to be made, as drilled and as it will end; and what has been ticked off.
struct Made
{
    Instrument start;
    Instrument goal;
    std::vector<io::StepDone> done;
};

Result<Made> madeOf(const std::string& path)
{
    if (!isWorkbook(path)) {
        if (auto whole = io::readSpecFile(path))
            return Made{*whole, *whole, {}};
        const auto asked = io::readLayoutFile(path); // a blank is laid out first
        if (!asked)
            return asked.error();
        if (const auto* there = std::get_if<Instrument>(&asked->from))
            return Made{*there, *there, {}};
        auto found = DOWEL_TRY(layOut(std::get<Blank>(asked->from), asked->wishes, true));
        return Made{std::move(found.start), std::move(found.goal), {}};
    }
    const auto book = DOWEL_TRY(bookOf(path));
    std::vector<io::StepDone> done;
    std::optional<Instrument> goal;
    if (const std::string* text = book.plan())
        if (auto plan = io::planFromText(*text)) {
            done = std::move(plan->done);
            goal = std::move(plan->goal);
            if (!book.sounds() && goal) { // drilled small first, as in the window
                auto layout = DOWEL_TRY(layoutAt(*goal, plan->blank.spec.bore.back().at, plan->wishes));
                return Made{std::move(layout.start), std::move(layout.goal), std::move(done)};
            }
        }
    const Instrument& present = book.present();
    return Made{present, goal && goal->length() < present.length() ? *goal : present, std::move(done)};
}

Result<std::optional<BitDrawer>> drawerOf(const StepsWanted& wanted)
{
    if (wanted.drawer.empty())
        return std::optional<BitDrawer>();
    auto read = DOWEL_TRY(io::readDrawerFile(wanted.drawer));
    return std::optional(std::move(read));
}

struct Ordered
{
    Made made;
    std::vector<text::WorkStep> steps;
    text::LengthUnit unit;
};

Result<Ordered> orderedFor(const std::string& path, const StepsWanted& wanted)
{
    auto made = DOWEL_TRY(madeOf(path));
    const auto drawer = DOWEL_TRY(drawerOf(wanted));
    const auto unit = wanted.inches ? text::LengthUnit::Inches : text::LengthUnit::Millimetres;
    auto steps = text::orderOfWork({&made.start, &made.goal, drawer ? &*drawer : nullptr, unit});
    return Ordered{std::move(made), std::move(steps), unit};
}

Json wordsOrNull(const QString& words)
{
    return words.isEmpty() ? Json() : Json(words.toStdString());
}

std::string_view servesWord(Serves serves)
{
    switch (serves) {
    case Serves::Well: return "well";
    case Serves::Poorly: return "partly";
    case Serves::Not: break;
    }
    return "no";
}

std::string whyWords(const std::string& why)
{
    return why == "narrow" ? "the bore is narrow for this length: low notes break"
           : why == "wide" ? "the bore is wide for this length: the upper register is hard to reach"
           : why == "long" ? "the tube is too short for this note"
                           : why;
}

} // namespace

Answer steps(const std::string& path, const StepsWanted& wanted)
{
    const auto order = DOWEL_TRY(orderedFor(path, wanted));
    const Made* made = &order.made;
    const InstrumentSpec& spec = made->start.spec();
    Json list = Json::array();
    for (const text::WorkStep& s : order.steps) {
        Json measures = Json::array();
        for (const Metres m : s.measures)
            measures.push_back(tidy(m.millimetres()));
        const auto ticked =
            std::find_if(made->done.begin(), made->done.end(), [&](const io::StepDone& d) { return d.step == s.key; });
        list.push_back({{"id", s.id},
                        {"key", s.key},
                        {"group", text::groupName(s.group).toStdString()},
                        {"text", s.text.toStdString()},
                        {"tool", s.tool.toStdString()},
                        {"measures_mm", measures},
                        {"check", wordsOrNull(s.check)},
                        {"caution", wordsOrNull(s.caution)},
                        {"school", wordsOrNull(s.alternative)},
                        {"adult", s.adult},
                        {"done", ticked == made->done.end() ? Json() : Json(ticked->at)}});
    }
    Json joints = Json::array();
    for (const Part& p : partsOf(spec))
        joints.push_back(
            {{"name", p.name}, {"overall_mm", tidy(p.overall.millimetres())}, {"sawn_mm", tidy(p.sawn.millimetres())}});
    return Json{{"overall_mm", tidy(overallOf(spec).millimetres())},
                {"sounding_mm", tidy(made->start.length().millimetres())},
                {"joints", joints},
                {"steps", list}};
}

Answer keys(const std::string& path)
{
    Blank blank;
    std::optional<double> heard_cents;
    if (isWorkbook(path)) {
        const auto book = bookOf(path);
        if (!book)
            return book.error();
        if (const std::string* text = book->plan()) {
            if (auto plan = io::planFromText(*text))
                blank = std::move(plan->blank);
        }
        if (blank.spec.bore.empty())
            blank = io::planOf(book->present()).blank;
        // What a bare tube was heard at moves every key by as much.
        if (book->present().spec().holes.empty() && !book->readings().empty()) {
            const auto& r = *book->readings().back().reading;
            if (const auto forecast = forecastJson(book->present()))
                for (const Json& n : *forecast)
                    if (n["fingering"] == r.fingering.text)
                        heard_cents = centsBetween(r.pitch, Hertz::fromHertz(n["hz"].get<double>())).cents();
        }
    } else {
        const auto asked = io::readLayoutFile(path);
        if (asked && std::holds_alternative<Blank>(asked->from)) {
            blank = std::get<Blank>(asked->from);
        } else {
            const auto whole = DOWEL_TRY(io::readSpecFile(path));
            blank = io::planOf(whole).blank;
        }
    }
    const auto served = DOWEL_TRY(keysServed(blank, Cents::fromCents(heard_cents.value_or(0.0))));
    Json list = Json::array();
    for (const KeyServed& k : served) {
        std::string name = k.lowest;
        while (!name.empty() && name.back() >= '0' && name.back() <= '9')
            name.pop_back();
        list.push_back({{"note", k.lowest},
                        {"name", name},
                        {"serves", servesWord(k.serves)},
                        {"sounding_mm", tidy(k.length.millimetres())},
                        {"why", whyWords(k.why)}});
    }
    return Json{{"keys", list}};
}

Answer worksheet(const std::string& path, const std::string& out, const StepsWanted& wanted)
{
    if (!out.ends_with(".pdf"))
        return Error{ErrorCode::BadValue, "--out", {FactId::Known, out, ".pdf"}};
    const auto order = DOWEL_TRY(orderedFor(path, wanted));
    const Made* made = &order.made;
    ensureGraphics();
    const SheetWishes wishes{.inchRuler = order.unit == text::LengthUnit::Inches};
    const auto pdf = report::benchSheet(
        {made->start, session::sheetsOf(made->start, made->goal, wishes), order.steps, order.unit, wanted.forClass},
        wanted.letter ? draw::Paper::Letter : draw::Paper::A4);
    if (!pdf)
        return pdf.error();
    DOWEL_TRY(io::writeFileWhole(out, *pdf));
    return Json{{"written", out}, {"as", "pdf"}};
}

} // namespace dowel::cli
