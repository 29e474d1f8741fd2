// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/export_commands.h"

#include "core/base/stamp.h"
#include "core/plan/plan.h"
#include "draw/template_files.h"
#include "io/calendar.h"
#include "io/finish_json.h"
#include "io/record_export.h"
#include "io/record_json.h"
#include "io/spec_json.h"
#include "io/table.h"
#include "io/whole_file.h"
#include "report/report.h"
#include "session/compare.h"
#include "session/finder.h"
#include "session/finish_shift.h"
#include "session/passport.h"
#include "store/store.h"
#include "text/finish.h"
#include "text/passport.h"

namespace dowel::cli {

namespace {

/// The wrap-around template: the row as it is now, and where the plan would take it.
Answer exportTemplate(const Workbook& book, const std::string& format, const std::string& file)
{
    const auto forecaster = DOWEL_TRY(Forecaster::make(book));
    const Instrument present = session::fullyOut(book);
    const auto levers = leversOf(present, LeverScope::HolesAndFoot);
    const auto goal = nearestTo(forecaster, present, levers, {});
    const auto ends = goal ? withLevers(present, levers, *goal) : Result<Instrument>(goal.error());
    const draw::Template drawn{session::sheetsOf(present, ends ? *ends : present, {}, &forecaster.posterior()),
                               text::TemplateWords(text::LengthUnit::Millimetres),
                               present.spec().name.empty() ? "Template" : present.spec().name};
    Status written = Done{};
    if (format == "pdf") {
        ensureGraphics();
        const auto pdf = draw::templatePdf(drawn, draw::Paper::A4);
        written = pdf ? io::writeFileWhole(file, *pdf) : Status(pdf.error());
    } else {
        written = io::writeFileWhole(file, format == "svg" ? draw::templateSvg(drawn) : draw::templateDxf(drawn));
    }
    if (!written)
        return written.error();
    return Json{{"written", file}, {"as", format}};
}

/// As the maker has it, or the usual one from the day after the last thing that was done.
Result<FinishPlan> finishOrUsual(const Workbook& book)
{
    const auto kept = DOWEL_TRY(session::finishOf(book));
    if (kept)
        return *kept;
    const auto& entries = book.entries();
    const auto day = localDayFrom(entries.empty() ? timestamp() : entries.back().at) + std::chrono::days(1);
    const InstrumentSpec& spec = book.present().spec();
    return usualFinish("oil", spec.material, !spec.slides.empty(), day);
}

} // namespace

Answer compare(const std::vector<std::string>& paths)
{
    const auto books = DOWEL_TRY(session::booksToCompare(paths));
    const auto side = DOWEL_TRY(session::compared(books));
    const auto cents = [](const std::vector<std::optional<Cents>>& list) {
        Json json = Json::array();
        for (const auto& c : list)
            json.push_back(c ? Json(tidy(c->cents())) : Json());
        return json;
    };
    Json notes = Json::array();
    for (const FingeringId& note : side.notes)
        notes.push_back(note.text);
    Json instruments = Json::array();
    for (const auto& one : side.instruments)
        instruments.push_back({{"name", one.name}, {"cents", cents(one.off)}});
    return Json{{"notes", notes},
                {"instruments", instruments},
                {"common_cents", cents(side.common)},
                {"own_sd_cents", cents(side.ownSd())}};
}

Answer writeReport(const std::string& path, const std::string& file, const ReportWishes& wishes)
{
    const bool pdf = file.ends_with(".pdf");
    if (!pdf && !file.ends_with(".html"))
        return Error{ErrorCode::BadValue, "--out", {FactId::Known, file, ".pdf, .html"}};
    const auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look));
    const Workbook& book = store.book();
    const auto finish = DOWEL_TRY(session::finishOf(book));
    ensureGraphics();
    const auto passport = DOWEL_TRY(session::wholePassport(book));
    const text::PassportWishes what{wishes.shortOne, QString::fromStdString(wishes.maker), QString::fromStdString(wishes.serial),
                                    wishes.inches ? text::LengthUnit::Inches : text::LengthUnit::Millimetres};
    const auto content =
        DOWEL_TRY(report::written(passport, finish, what, pdf, wishes.letter ? draw::Paper::Letter : draw::Paper::A4));
    DOWEL_TRY(io::writeFileWhole(file, content));
    return Json{{"written", file}, {"as", pdf ? "pdf" : "html"}};
}

Answer exportAs(const std::string& path, const std::string& format, const std::string& file)
{
    const auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look));
    std::string content;
    if (auto record = io::exported(store.book(), format))
        content = std::move(*record);
    else if (format == "ics") {
        const auto finish = DOWEL_TRY(finishOrUsual(store.book()));
        const auto& entries = store.book().entries();
        const auto days = io::calendarDays(finish, store.identity(), text::forCalendar);
        content = io::calendarText(days, store.book().present().spec().name, entries.empty() ? timestamp() : entries.back().at,
                                   store.book().finishChanges());
    } else if (format == "svg" || format == "dxf" || format == "pdf")
        return exportTemplate(store.book(), format, file);
    else
        return Error{ErrorCode::BadValue, "--as", {FactId::Known, format, "spec, json, csv, svg, dxf, pdf, ics"}};
    DOWEL_TRY(io::writeFileWhole(file, content));
    return Json{{"written", file}, {"as", format}};
}

Answer checkBook(const std::string& path)
{
    const auto store = DOWEL_TRY(Store::open(path, Store::Mode::Look));
    DOWEL_TRY(store.verify());
    int takes = 0;
    for (const Entry& e : store.book().entries())
        if (const auto* r = std::get_if<ReadingEntry>(&e.body); r != nullptr && r->hasTake)
            ++takes;
    return Json{{"ok", true}, {"entries", store.book().entries().size()}, {"takes", takes}, {"cuts", store.book().cuts().size()}};
}

} // namespace dowel::cli
