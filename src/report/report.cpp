// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/report.h"

#include "text/names.h"
#include "text/units.h"

namespace dowel::report {

Result<std::string> written(const Passport& passport, const std::optional<FinishPlan>& finish, const text::PassportWishes& wishes,
                            bool pdf, draw::Paper paper)
{
    constexpr double wide_mm = 176.0;
    const std::string& name = passport.instrument.spec().name;
    const QString title = name.empty() ? text::familyTitle(passport.instrument.spec().family) : QString::fromStdString(name);
    std::vector<draw::PartialsOf> timbre;
    for (const PassportNote& n : passport.notes)
        if (n.timbre)
            timbre.push_back({text::noteName(n.fingering.id.text).toStdString(),
                              {n.timbre->partials_dB.begin(), n.timbre->partials_dB.end()}});
    std::vector<draw::Placed> sketches{
        {QLatin1String(text::passportDrawing), draw::instrumentSketch(passport.instrument, wide_mm)}};
    if (!timbre.empty())
        sketches.push_back({QLatin1String(text::passportTimbre), draw::timbreSketch(timbre, wide_mm)});
    QString body = text::passportBody(passport, finish, wishes);
    if (pdf)
        return draw::reportPdf(body, sketches, title, paper);
    for (const draw::Placed& s : sketches)
        body.replace(s.mark, QString::fromStdString(draw::svgOf(s.sketch, name)));
    return text::passportPage(title, body).toStdString();
}

} // namespace dowel::report
