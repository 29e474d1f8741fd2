// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/passport.h"

#include "core/base/stamp.h"
#include "text/finish.h"
#include "text/names.h"
#include "text/order_of_work.h"
#include "text/sentences.h"
#include "text/tr.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <algorithm>
#include <cmath>

namespace dowel::text {

namespace {

QString cell(const QString& words, const char* tag = "td")
{
    return QStringLiteral("<%1>%2</%1>").arg(QLatin1String(tag), words.toHtmlEscaped());
}

QString line(const QStringList& cells, const char* tag = "td")
{
    QString s = QStringLiteral("<tr>");
    for (const QString& c : cells)
        s += cell(c, tag);
    return s + QStringLiteral("</tr>\n");
}

QString table(const QStringList& head, const QList<QStringList>& rows)
{
    QString s = QStringLiteral("<table border=\"1\" cellspacing=\"0\" cellpadding=\"3\">\n") + line(head, "th");
    for (const QStringList& r : rows)
        s += line(r);
    return s + QStringLiteral("</table>\n");
}

QString heading(const QString& words)
{
    return QStringLiteral("<h2>%1</h2>\n").arg(words.toHtmlEscaped());
}

QString paragraph(const QString& words)
{
    return QStringLiteral("<p>%1</p>\n").arg(words.toHtmlEscaped());
}

QString dayOf(const std::string& stamp)
{
    if (!timeFrom(stamp)) // the day on the wall, not that of the record's UTC
        return {};
    const QDate date = QDate::fromString(QString::fromStdString(dayText(localDayFrom(stamp))), Qt::ISODate);
    return QLocale().toString(date, QLocale::ShortFormat);
}

Metres fine(Metres m)
{
    return Metres::fromMillimetres(std::round(m.millimetres() * 100.0) / 100.0);
}

/// A hole's sign in the chart, from the mouth downwards.
QString signs(const Instrument& instrument, const Fingering& f)
{
    QString s;
    const auto shares = instrument.openShares(f);
    for (std::size_t i = shares.size(); i-- > 0;)
        s += shares[i] <= 0.0 ? QLatin1Char('x') : shares[i] >= 1.0 ? QLatin1Char('o') : QLatin1Char('/');
    return s.isEmpty() ? QStringLiteral("-") : s;
}

QString mouthWords(const Excitation& e, LengthUnit unit)
{
    if (const auto* d = std::get_if<Duct>(&e)) {
        QStringList words{
            tr("Window %1 wide, %2 long (cut-up); wall at window %3.")
                .arg(length(fine(d->windowWidth), unit), length(fine(d->windowLength), unit), length(fine(d->chimney), unit))};
        for (const auto& [size, named] :
             {std::pair{d->windwayHeight, tr("Windway height %1.")}, std::pair{d->windwayLength, tr("Windway length %1.")},
              std::pair{d->chamfer, tr("Exit chamfer %1.")}})
            if (size > Metres{})
                words << named.arg(length(fine(size), unit));
        return words.join(QLatin1Char(' '));
    }
    if (const auto* t = std::get_if<Transverse>(&e); t != nullptr && t->undercut > Metres{})
        return tr("Embouchure hole %1 long, %2 wide, undercut by %3, wall %4; stopper %5 from its middle.")
            .arg(length(fine(t->holeLength), unit), length(fine(t->holeWidth), unit), length(fine(t->undercut), unit),
                 length(fine(t->chimney), unit), length(fine(t->stopper), unit));
    if (const auto* t = std::get_if<Transverse>(&e))
        return tr("Embouchure hole %1 long, %2 wide, wall %3; stopper %4 from its middle.")
            .arg(length(fine(t->holeLength), unit), length(fine(t->holeWidth), unit), length(fine(t->chimney), unit),
                 length(fine(t->stopper), unit));
    return tr("Mouthpiece volume %1.").arg(volume(std::get<ClosedTop>(e).volume.cubicMetres()));
}

QString footWords(const std::optional<FootPiece>& piece, LengthUnit unit)
{
    return piece ? paragraph(tr("Foot piece %1 long, mouth %2; notes are with the foot piece on.")
                                 .arg(length(fine(piece->length), unit), length(fine(piece->mouth), unit)))
                 : QString();
}

QString chart(const Passport& p)
{
    const InstrumentSpec& spec = p.instrument.spec();
    QList<QStringList> rows;
    for (const PassportNote& n : p.notes)
        rows << QStringList{noteName(n.fingering.id.text),
                            signs(p.instrument, n.fingering),
                            QString::number(n.fingering.registerNumber),
                            number(n.fingering.target.hertz(), 1),
                            !n.off         ? tr("not heard")
                            : n.byTheModel ? tr("about %1", "cents, reckoned").arg(cents(n.off->cents()))
                                           : cents(n.off->cents()),
                            n.off ? spread(std::max(0.1, n.sd.cents())) : QString()};
    return heading(tr("Notes at %1, A4 = %2 Hz", "temperature, hertz")
                       .arg(temperature(spec.tuning.playedAt), number(spec.tuning.a4.hertz(), 1))) +
           table({tr("note"), tr("fingers"), tr("register"), tr("target, Hz"), tr("deviation (cents)"), tr("± spread")}, rows) +
           paragraph(tr("Fingers from the top: x closed, o open, / partly. Values marked about were not heard since the last cut "
                        "and are calculated. One standard deviation is given beside each."));
}

QString measures(const Passport& p, LengthUnit unit)
{
    const InstrumentSpec& spec = p.instrument.spec();
    QList<QStringList> bore;
    for (const Station& s : spec.bore)
        bore << QStringList{length(fine(s.at), unit), length(fine(s.diameter), unit),
                            length(fine(s.wall.value_or(spec.wall)), unit)};
    // Tables are not torn: they begin a page.
    QString s = QStringLiteral("<h2 style=\"page-break-before:always\">%1</h2>\n").arg(tr("Measures").toHtmlEscaped()) +
                paragraph(lengthsWords(spec, unit)) + paragraph(mouthWords(spec.excitation, unit)) +
                footWords(spec.footPiece, unit) + table({tr("position"), tr("bore"), tr("wall")}, bore);
    QList<QStringList> holes;
    for (const Hole& h : spec.holes)
        holes << QStringList{QString::fromStdString(h.id.text), length(fine(p.instrument.length() - h.at), unit),
                             length(fine(h.diameter), unit),    length(fine(h.undercutDiameter), unit),
                             length(fine(h.chimney), unit),     h.side == Side::Back ? tr("back") : tr("front"),
                             QString::fromStdString(h.digit)};
    if (!holes.isEmpty())
        s += QStringLiteral("<br/>") + table({tr("hole"), tr("from the foot"), tr("diameter"), tr("at the bore"),
                                              tr("wall (chimney)"), tr("side"), tr("finger")},
                                             holes);
    return s;
}

QString heardHow(const Passport& p)
{
    QStringList sources;
    for (const ReadingSource s : p.sources)
        switch (s) {
        case ReadingSource::Microphone: sources << tr("by microphone"); break;
        case ReadingSource::File: sources << tr("from recordings"); break;
        case ReadingSource::Numbers: sources << tr("by readings of another meter"); break;
        case ReadingSource::Player: sources << tr("by the simulated player"); break;
        }
    QString s = heading(tr("How the notes were measured"));
    s += paragraph(sources.isEmpty()
                       ? tr("Not heard yet.")
                       : tr("Readings: %1, %2.", "how many, how").arg(p.readings).arg(sources.join(QStringLiteral(", "))));
    if (p.coolest && p.warmest)
        s += paragraph(tr("Measured at %1 to %2; the table above is corrected to the temperature stated there.", "temperatures")
                           .arg(temperature(*p.coolest), temperature(*p.warmest)));
    return s;
}

QString finished(const std::optional<FinishPlan>& finish)
{
    if (!finish)
        return {};
    QList<QStringList> rows;
    for (const FinishWork& w : finish->works)
        rows << QStringList{work(w), w.done ? day(*w.done) : tr("not done yet")};
    return heading(tr("Finish: %1").arg(recipe(finish->recipe))) + table({tr("step"), tr("Done")}, rows);
}

QString care(const std::string& material, const std::optional<FinishPlan>& finish)
{
    const bool plastic = material == "plastic";
    QString s = heading(tr("Care"));
    s += paragraph(plastic ? tr("Wash in lukewarm water with a little soap and let dry away from heat.")
                           : tr("Play in slowly: a quarter of an hour a day for two weeks. Wipe the bore dry after playing; keep "
                                "away from sun, heaters and cold cars."));
    if (!plastic && finish && finish->recipe == "oil")
        s += paragraph(
            tr("Oil the bore twice a year, thinly, with an oil that is safe in the mouth when cured, and let it dry for some "
               "days. Oily rags catch fire by themselves: spread them flat outdoors."));
    return s + paragraph(tr("Clean the mouthpiece between players; alcohol harms some finishes, so test a hidden spot first."));
}

QString worked(const Passport& p, LengthUnit unit)
{
    QList<QStringList> rows;
    for (const PassportCut& c : p.cuts)
        rows << QStringList{dayOf(c.at), work(c.cut, unit), length(fine(c.from), unit), length(fine(wantedSize(c.cut)), unit)};
    return rows.isEmpty() ? QString() : heading(tr("Cuts")) + table({tr("day"), tr("cut"), tr("from"), tr("to")}, rows);
}

} // namespace

QString passportBody(const Passport& p, const std::optional<FinishPlan>& finish, const PassportWishes& wishes)
{
    const InstrumentSpec& spec = p.instrument.spec();
    QString s = QStringLiteral("<h1>%1</h1>\n").arg(QString::fromStdString(spec.name).toHtmlEscaped());
    QStringList facts{text::familyTitle(spec.family)};
    if (!spec.material.empty())
        facts << materialName(spec.material);
    if (!wishes.maker.isEmpty())
        facts << wishes.maker;
    if (!wishes.serial.isEmpty())
        facts << tr("No. %1", "serial").arg(wishes.serial);
    if (const QString from = dayOf(p.begun), to = dayOf(p.last); !from.isEmpty())
        facts << (from == to ? from : tr("%1 to %2", "days").arg(from, to));
    s += paragraph(facts.join(QStringLiteral(" · ")));
    if (wishes.shortOne)
        return s + chart(p) + care(spec.material, finish);
    s += QLatin1String(passportDrawing) + QStringLiteral("\n") + chart(p) + QLatin1String(passportTimbre) + QStringLiteral("\n") +
         measures(p, wishes.unit) + heardHow(p) + finished(finish) + worked(p, wishes.unit) + care(spec.material, finish);
    return s;
}

namespace {

/// Without what no HTML document may hold: control characters and what is no character (HTML, 13.2.3.5).
QString allowed(QString text)
{
    text.removeIf([](QChar c) {
        const bool control = c.category() == QChar::Other_Control && c != QLatin1Char('\n') && c != QLatin1Char('\t');
        return control || c.unicode() >= 0xFFFE;
    });
    return text;
}

} // namespace

QString passportPage(const QString& title, const QString& body)
{
    return QStringLiteral(
               "<!DOCTYPE html>\n<html><head><meta charset=\"utf-8\"/><title>%1</title>\n<style>body{font-family:B612,"
               "sans-serif;max-width:190mm;margin:10mm auto;color:#000;background:#fff}table{border-collapse:collapse;"
               "margin:2mm 0}td,th{border:1px solid #444;padding:1mm 2mm;text-align:left}h1{margin-bottom:1mm}h2{font-size:"
               "1.1em;margin:5mm 0 1mm}svg{max-width:100%;height:auto}</style></head>\n<body>\n%2</body></html>\n")
        .arg(allowed(title).toHtmlEscaped(), allowed(body));
}

} // namespace dowel::text
