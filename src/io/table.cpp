// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/table.h"

#include "core/base/number_text.h"
#include "core/tuning/pitch.h"
#include "io/record_json.h"

#include <string_view>

namespace dowel::io {

namespace {

std::string number(double v, int decimals)
{
    return fixedText(v, decimals);
}

/// Whether a spreadsheet would begin to reckon: past a byte order mark and white space, also by the wide letters that some take
/// for the narrow ones.
bool beginsAsFormula(std::string_view text)
{
    for (bool more = true; more;) {
        more = false;
        for (const std::string_view skipped : {"\xEF\xBB\xBF", " ", "\xC2\xA0", "\xE3\x80\x80"})
            if (text.starts_with(skipped)) {
                text.remove_prefix(skipped.size());
                more = true;
            }
    }
    for (const std::string_view sign :
         {"=", "+", "-", "@", "\t", "\r", "\n", "\xEF\xBC\x9D", "\xEF\xBC\x8B", "\xEF\xBC\x8D", "\xEF\xBC\xA0"})
        if (text.starts_with(sign))
            return true;
    return false;
}

/// One cell of text. What a spreadsheet would take for a formula gets an apostrophe before it, after OWASP's advice on CSV
/// injection.
std::string quoted(std::string text)
{
    if (beginsAsFormula(text))
        text.insert(text.begin(), '\'');
    // Where a semicolon or a tab parts the cells these are cells of their own, and their beginnings count as well.
    if (text.find_first_of(",;\t\"\r\n") == std::string::npos)
        return text;
    std::string out = "\"";
    for (const char c : text) {
        if (c == '"')
            out += '"';
        out += c;
    }
    return out + '"';
}

} // namespace

std::string recordCsv(const Workbook& book)
{
    std::string csv = "id,at,kind,what,hz,cents,sd_cents,from_mm,to_mm,set_aside\r\n";
    for (const Entry& e : book.entries()) {
        std::string what;
        std::string values = ",,,,";
        if (const auto* r = std::get_if<ReadingEntry>(&e.body)) {
            what = r->fingering.text;
            const Fingering* f = book.specified().find(r->fingering);
            values = number(r->pitch.hertz(), 4) + "," +
                     (f != nullptr ? number(centsBetween(r->pitch, f->target).cents(), 2) : "") + "," + number(r->sd.cents(), 2) +
                     ",,";
        } else if (const auto* c = std::get_if<CutEntry>(&e.body)) {
            const auto hole = holeOf(c->cut);
            what = std::string(kindName(c->cut)) + (hole ? " " + hole->text : "");
            values = ",,," + number(c->from.millimetres(), 3) + "," + number(wantedSize(c->cut).millimetres(), 3);
        } else if (const auto* a = std::get_if<Advice>(&e.body)) {
            what = stateName(a->state);
        } else if (const auto* strategy = std::get_if<StrategyEntry>(&e.body)) {
            what = std::string(strategy->strategy.footFirst ? "foot first" : "holes first") +
                   (strategy->strategy.oneSize ? ", one size" : ", graded") +
                   (strategy->strategy.lowRegister ? ", low register" : ", all registers") + ", even timbre " +
                   number(strategy->strategy.evenTimbre, 2);
        } else if (const auto* m = std::get_if<MeasureEntry>(&e.body)) {
            what = m->hole ? m->hole->text : "length";
            values = ",,,," + number(m->size.millimetres(), 3);
        } else if (const auto* amend = std::get_if<AmendEntry>(&e.body)) {
            what = amend->name.value_or("");
            if (amend->wanted)
                what += (what.empty() ? "" : ", ") + std::string("A4 ") + number(amend->wanted->tuning.a4.hertz(), 2) + " Hz, " +
                        amend->wanted->tuning.scale + ", " + std::to_string(amend->wanted->fingerings.size()) + " fingerings";
            const std::pair<bool, const char*> others[] = {{amend->there.has_value(), "measured again"},
                                                           {amend->tools.has_value(), "tools"},
                                                           {amend->limits.has_value(), "limits"},
                                                           {amend->material.has_value(), "material"},
                                                           {amend->nodes.has_value(), "nodes"}};
            for (const auto& [said, name] : others)
                if (said)
                    what += (what.empty() ? "" : ", ") + std::string(name);
        } else if (const auto* b = std::get_if<BuiltEntry>(&e.body)) {
            what = std::to_string(b->built.spec().holes.size()) + " holes";
            values = ",,,," + number(b->built.length().millimetres(), 3);
        } else if (const auto* n = std::get_if<NoteEntry>(&e.body)) {
            what = n->text;
        } else if (const auto* s = std::get_if<SetAsideEntry>(&e.body)) {
            what = "entry " + std::to_string(s->entry.number) + ": " + s->why;
        }
        csv += std::to_string(e.id.number) + "," + quoted(e.at) + "," + std::string(kindOf(e.body)) + "," + quoted(what) + "," +
               values + "," + (book.isSetAside(e.id) ? "yes" : "no") + "\r\n";
    }
    return csv;
}

} // namespace dowel::io
