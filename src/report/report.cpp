// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/report.h"

#include "core/base/thread_role.h"
#include "draw/sketches.h"
#include "text/names.h"
#include "text/units.h"

namespace dowel::report {

namespace {

struct Pieces
{
    QString title;
    QString body;
    std::vector<draw::Placed> sketches;
};

Pieces piecesOf(const Passport& passport, const std::optional<FinishPlan>& finish, const text::PassportWishes& wishes)
{
    constexpr double passport_mm = 176.0;
    const std::string& name = passport.instrument.spec().name;
    Pieces p;
    p.title = name.empty() ? text::familyTitle(passport.instrument.spec().family) : QString::fromStdString(name);
    std::vector<draw::PartialsOf> timbre;
    for (const PassportNote& n : passport.notes)
        if (n.timbre)
            timbre.push_back({text::noteName(n.fingering.id.text).toStdString(),
                              {n.timbre->partials_dB.begin(), n.timbre->partials_dB.end()}});
    p.sketches.push_back(
        {QLatin1String(text::passportDrawing), draw::instrumentSketch(passport.instrument, passport_mm, wishes.unit)});
    if (!timbre.empty())
        p.sketches.push_back({QLatin1String(text::passportTimbre), draw::timbreSketch(timbre, passport_mm)});
    p.body = text::passportBody(passport, finish, wishes);
    return p;
}

} // namespace

Result<std::string> written(const Passport& passport, const std::optional<FinishPlan>& finish, const text::PassportWishes& wishes,
                            bool pdf, draw::Paper paper)
{
    enterDoor(Door::Passport);
    Pieces p = piecesOf(passport, finish, wishes);
    if (pdf)
        return draw::reportPdf(p.body, p.sketches, p.title, paper);
    for (const draw::Placed& s : p.sketches)
        p.body.replace(s.mark, QString::fromStdString(draw::svgOf(s.sketch, p.title.toStdString())));
    return text::passportPage(p.title, p.body).toStdString();
}

std::unique_ptr<draw::ReportPages> pagesOf(const Passport& passport, const std::optional<FinishPlan>& finish,
                                           const text::PassportWishes& wishes, QSizeF page_mm)
{
    enterDoor(Door::Passport);
    Pieces p = piecesOf(passport, finish, wishes);
    return std::make_unique<draw::ReportPages>(p.body, std::move(p.sketches), p.title, page_mm);
}

namespace {

constexpr double wide_mm = 176.0;

/// The drawings of the groups that have one.
std::vector<draw::Placed> groupSketches(const BenchSheet& sheet)
{
    using text::WorkGroup;
    std::vector<draw::Placed> placed;
    const auto place = [&placed](WorkGroup group, draw::Sketch sketch) {
        if (sketch.height > 0.0)
            placed.push_back({text::sketchMark(group), std::move(sketch)});
    };
    for (const text::WorkStep& s : sheet.steps)
        if (s.id == "saw" && !s.measures.empty())
            place(WorkGroup::Stock, draw::stockSketch(sheet.start, s.measures.front(), wide_mm, sheet.unit));
    place(WorkGroup::Bore, draw::boreSketch(sheet.start, wide_mm, sheet.unit));
    place(WorkGroup::Edge, draw::edgeSketch(sheet.start, wide_mm / 2.0, sheet.unit));
    place(WorkGroup::Joints, draw::jointSketch(sheet.start, wide_mm, sheet.unit));
    place(WorkGroup::Holes, draw::holeSketch(sheet.start, wide_mm, sheet.unit));
    return placed;
}

} // namespace

Result<std::string> benchSheet(const BenchSheet& sheet, draw::Paper paper)
{
    enterDoor(Door::Template);
    const InstrumentSpec& spec = sheet.start.spec();
    const QString title = spec.name.empty() ? text::familyTitle(spec.family) : QString::fromStdString(spec.name);
    const QString body = sheet.forClass ? text::classSheetBody(spec, sheet.steps, sheet.unit)
                                        : text::benchSheetBody(spec, sheet.steps, sheet.unit);
    const draw::Template drawn{sheet.sheets, text::TemplateWords(sheet.unit), title.toStdString()};
    const QSizeF page = draw::pageSize_mm(paper);
    const std::vector<draw::Placed> sketches = groupSketches(sheet);
    // Thirty children have one page each: as small letters as that takes, down to what is read at a bench.
    constexpr double smallest_pt = 6.0;
    for (double letters = draw::ReportPages::usualLetters_pt; sheet.forClass && letters > smallest_pt; letters -= 0.5) {
        const draw::ReportPages pages(body, sketches, title, page, letters);
        if (pages.count() == 1)
            return draw::benchSheetPdf(pages, drawn, paper);
    }
    const double letters = sheet.forClass ? smallest_pt : draw::ReportPages::usualLetters_pt;
    return draw::benchSheetPdf(draw::ReportPages(body, sketches, title, page, letters), drawn, paper);
}

} // namespace dowel::report
