// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/table.h"

#include "core/base/cases.h"
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

/// What a line says of an entry: words, and the columns hz, cents, sd_cents, from_mm and to_mm.
struct Line
{
    std::string what;
    std::string values = ",,,,";
};

Line lineOf(const ReadingEntry& r, const Workbook& book)
{
    const Fingering* f = book.specified().find(r.fingering);
    return {r.fingering.text, number(r.pitch.hertz(), 4) + "," +
                                  (f != nullptr ? number(centsBetween(r.pitch, f->target).cents(), 2) : "") + "," +
                                  number(r.sd.cents(), 2) + ",,"};
}

Line lineOf(const CutEntry& c)
{
    const auto hole = holeOf(c.cut);
    return {std::string(factsOf(c.cut).word) + (hole ? " " + hole->text : ""),
            ",,," + number(c.from.millimetres(), 3) + "," + number(wantedSize(c.cut).millimetres(), 3)};
}

Line lineOf(const StrategyEntry& s)
{
    return {std::string(s.strategy.footFirst ? "foot first" : "holes first") + (s.strategy.oneSize ? ", one size" : ", graded") +
            (s.strategy.lowRegister ? ", low register" : ", all registers") + ", even timbre " +
            number(s.strategy.evenTimbre, 2) +
            (s.strategy.effort == Effort::Usual ? "" : ", " + std::string(effortName(s.strategy.effort)))};
}

Line lineOf(const AmendEntry& a)
{
    std::string what = a.name.value_or("");
    const auto also = [&what](const std::string& words) {
        what += (what.empty() ? "" : ", ") + words;
    };
    if (a.wanted)
        also("A4 " + number(a.wanted->tuning.a4.hertz(), 2) + " Hz, " + a.wanted->tuning.scale + ", " +
             std::to_string(a.wanted->fingerings.size()) + " fingerings");
    for (const auto& [said, name] : {std::pair(a.there.has_value(), "measured again"), std::pair(a.tools.has_value(), "tools"),
                                     std::pair(a.limits.has_value(), "limits"), std::pair(a.material.has_value(), "material"),
                                     std::pair(a.nodes.has_value(), "nodes")})
        if (said)
            also(name);
    return {what};
}

Line lineOf(const EntryBody& body, const Workbook& book)
{
    return std::visit(Cases{[&](const ReadingEntry& r) { return lineOf(r, book); }, [](const CutEntry& c) { return lineOf(c); },
                            [](const Advice& a) { return Line{std::string(stateName(a.state))}; },
                            [](const StrategyEntry& s) { return lineOf(s); }, [](const AmendEntry& a) { return lineOf(a); },
                            [](const MeasureEntry& m) {
                                return Line{m.hole ? m.hole->text : "length", ",,,," + number(m.size.millimetres(), 3)};
                            },
                            [](const BuiltEntry& b) {
                                const std::string holes = std::to_string(b.built.spec().holes.size()) + " holes";
                                return Line{holes, ",,,," + number(b.built.length().millimetres(), 3)};
                            },
                            [](const NoteEntry& n) { return Line{n.text}; },
                            [](const SetAsideEntry& s) { return Line{"entry " + std::to_string(s.entry.number) + ": " + s.why}; },
                            [](const PracticeEntry&) { return Line{}; }, [](const PlanEntry&) { return Line{}; },
                            [](const FinishEntry&) { return Line{}; }, [](const PhotoEntry& p) { return Line{p.words}; },
                            [](const PatternEntry& p) {
                                return Line{p.alike ? p.alike->text : p.from};
                            }},
                      body);
}

} // namespace

std::string recordCsv(const Workbook& book)
{
    std::string csv = "id,at,kind,what,hz,cents,sd_cents,from_mm,to_mm,set_aside\r\n";
    for (const Entry& e : book.entries()) {
        const Line line = lineOf(e.body, book);
        csv += std::to_string(e.id.number) + "," + quoted(e.at) + "," + std::string(factsOf(e.body).word) + "," +
               quoted(line.what) + "," + line.values + "," + (book.isSetAside(e.id) ? "yes" : "no") + "\r\n";
    }
    return csv;
}

} // namespace dowel::io
