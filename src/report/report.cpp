// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/report.h"

#include "core/base/thread_role.h"
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
    constexpr double wide_mm = 176.0;
    const std::string& name = passport.instrument.spec().name;
    Pieces p;
    p.title = name.empty() ? text::familyTitle(passport.instrument.spec().family) : QString::fromStdString(name);
    std::vector<draw::PartialsOf> timbre;
    for (const PassportNote& n : passport.notes)
        if (n.timbre)
            timbre.push_back({text::noteName(n.fingering.id.text).toStdString(),
                              {n.timbre->partials_dB.begin(), n.timbre->partials_dB.end()}});
    p.sketches.push_back({QLatin1String(text::passportDrawing), draw::instrumentSketch(passport.instrument, wide_mm)});
    if (!timbre.empty())
        p.sketches.push_back({QLatin1String(text::passportTimbre), draw::timbreSketch(timbre, wide_mm)});
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

Result<std::string> benchSheet(const Instrument& start, const TemplateSheet& sheet, const std::vector<text::WorkStep>& steps,
                               text::LengthUnit unit, draw::Paper paper)
{
    enterDoor(Door::Template);
    constexpr double wide_mm = 176.0;
    const InstrumentSpec& spec = start.spec();
    const QString title = spec.name.empty() ? text::familyTitle(spec.family) : QString::fromStdString(spec.name);
    const QString mark = QLatin1String(text::passportDrawing);
    const draw::ReportPages words(text::benchSheetBody(spec, steps, unit) + QStringLiteral("<p>%1</p>").arg(mark),
                                  {{mark, draw::instrumentSketch(start, wide_mm)}}, title, draw::pageSize_mm(paper));
    return draw::benchSheetPdf(words, sheet, title.toStdString(), paper);
}

} // namespace dowel::report
