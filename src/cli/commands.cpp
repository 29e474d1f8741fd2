// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include "cli/export_commands.h"
#include "cli/hearing_commands.h"
#include "cli/layout_command.h"
#include "cli/manual.h"
#include "cli/plan_commands.h"
#include "cli/predict_command.h"
#include "cli/search_commands.h"
#include "cli/work_commands.h"
#include "core/base/number_text.h"
#include "core/plan/plan.h"
#include "core/tuning/pitch.h"
#include "io/spec_json.h"
#include "io/whole_file.h"

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
    bool twelfths = false;
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
    p->add_option("--celsius", a.predict.celsius, "temperature of the room; what breath adds is the model's")->check(aNumber);
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
    find->add_flag("--twelfths", a.twelfths,
                   "the second register is a twelfth above the first: a reed's cylinder, a stopped pipe");
    a.does(find, [&a] { return analyseTake(a.file, a.expect, a.twelfths); });

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
    next->add_option("--effort", a.advice.effort, "quick, usual or best: what a cut must gain; else as the tuning strategy says")
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
