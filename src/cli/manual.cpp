// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/manual.h"

#include <CLI/CLI.hpp>
#include <algorithm>

namespace dowel::cli {

namespace {

/// Text as troff takes it: no line begins with a command, a hyphen stays one.
std::string troff(const std::string& text)
{
    std::string out;
    for (const char c : text) {
        if (c == '\\')
            out += "\\e";
        else if (c == '-')
            out += "\\-";
        else if ((c == '.' || c == '\'') && (out.empty() || out.back() == '\n'))
            out += std::string("\\&") + c;
        else
            out += c;
    }
    return out;
}

std::vector<const CLI::App*> commandsOf(const CLI::App& app)
{
    return app.get_subcommands([](const CLI::App* command) { return !command->get_name().empty(); });
}

std::vector<const CLI::Option*> shownOf(const CLI::App& command)
{
    std::vector<const CLI::Option*> shown;
    for (const CLI::Option* o : command.get_options())
        if (!o->get_group().empty())
            shown.push_back(o);
    return shown;
}

/// What stands for an option's value: a file as its description names it, else its kind.
std::string valueOf(const CLI::Option& o)
{
    const std::string first = o.get_description().substr(0, o.get_description().find_first_of(" :"));
    if (first.find('.') != std::string::npos)
        return first;
    const std::string kind = o.get_type_name();
    return kind.rfind("TEXT", 0) == 0 ? "TEXT" : "NUMBER";
}

/// "--out FILE.pdf", "[--most NUMBER]", "BOOK.dowel".
std::string usageOf(const CLI::Option& o)
{
    const bool positional = o.get_positional();
    std::string words = positional ? o.get_description() : o.get_name();
    if (!positional && o.get_items_expected_max() > 0)
        words += " " + valueOf(o);
    return o.get_required() ? words : "[" + words + "]";
}

} // namespace

std::string manualOf(const CLI::App& app, const std::string& stamp)
{
    std::string page = ".TH DOWEL\\-CLI 1 \"\" \"" + troff(stamp) + "\" \"User Commands\"\n.SH NAME\n" + troff(app.get_name()) +
                       " \\- " + troff("tuning bench for makers of flutes, whistles and fifes, on the command line") +
                       "\n.SH SYNOPSIS\n";
    for (const CLI::App* command : commandsOf(app)) {
        page += ".B " + troff(app.get_name() + " " + command->get_name()) + "\n";
        for (const CLI::Option* o : shownOf(*command))
            if (o != command->get_help_ptr())
                page += troff(usageOf(*o)) + "\n";
        page += ".br\n";
    }
    page +=
        ".SH DESCRIPTION\n" + troff(app.get_description()) +
        "\nEvery command writes one JSON document to standard output and messages for people to standard error. All lengths are "
        "millimetres, frequencies hertz, pitch differences cents, temperatures degrees Celsius.\n.SH COMMANDS\n";
    for (const CLI::App* command : commandsOf(app)) {
        page += ".SS " + troff(command->get_name()) + "\n" + troff(command->get_description()) + ".\n";
        for (const CLI::Option* o : shownOf(*command))
            if (!o->get_positional() && o != command->get_help_ptr())
                page += ".TP\n.B " + troff(o->get_name()) + "\n" + troff(o->get_description()) + "\n";
    }
    return page +
           ".SH EXIT STATUS\n0 done, 1 the work could not be done (a JSON object on standard output says why), 2 the command "
           "line is wrong.\n.SH SEE ALSO\n.BR dowel (1)\n";
}

std::string completionOf(const CLI::App& app)
{
    std::string names;
    std::string cases;
    for (const CLI::App* command : commandsOf(app)) {
        names += (names.empty() ? "" : " ") + command->get_name();
        std::string options;
        for (const CLI::Option* o : shownOf(*command))
            for (const std::string& name : o->get_lnames())
                options += (options.empty() ? "--" : " --") + name;
        cases += "    " + command->get_name() + ") options=\"" + options + "\" ;;\n";
    }
    return "# bash completion for dowel-cli\n_dowel_cli()\n{\n  local word=${COMP_WORDS[COMP_CWORD]} options=\"\"\n"
           "  if [ \"$COMP_CWORD\" -eq 1 ]; then\n    mapfile -t COMPREPLY < <(compgen -W \"" +
           names + " --help --version\" -- \"$word\")\n    return\n  fi\n  case ${COMP_WORDS[1]} in\n" + cases +
           "  esac\n  case $word in\n    -*) mapfile -t COMPREPLY < <(compgen -W \"$options\" -- \"$word\") ;;\n"
           "    *) mapfile -t COMPREPLY < <(compgen -f -- \"$word\") ;;\n  esac\n}\ncomplete -o filenames -F _dowel_cli "
           "dowel-cli\n";
}

} // namespace dowel::cli
