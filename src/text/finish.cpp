// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/finish.h"

#include "text/tr.h"

#include <QCoreApplication>
#include <QDate>
#include <QLocale>

namespace dowel::text {

namespace {

} // namespace

QString work(const FinishWork& w)
{
    const QString words = [&] {
        switch (w.kind) {
        case FinishKind::Burrs: return tr("Deburr and ease hole edges");
        case FinishKind::SmoothBore: return tr("Smooth the bore");
        case FinishKind::Abrasives: return tr("Sand through the grits");
        case FinishKind::Stain: return tr("Stain");
        case FinishKind::OilSoak: return tr("Oil soak, wiped daily");
        case FinishKind::OilCoats: return tr("Oil, brushed coats");
        case FinishKind::WaxCoats: return tr("Wax coats, buffed");
        case FinishKind::LacquerOutside: return tr("Lacquer outside");
        case FinishKind::LacquerInside: return tr("Lacquer inside");
        case FinishKind::Cure: return tr("Cure");
        case FinishKind::CorkTenons: return tr("Cork on the tenons");
        case FinishKind::Binding: return tr("Bind with thread and seal");
        case FinishKind::Stamp: return tr("Stamp");
        case FinishKind::HearAgain: return tr("Measure and listen again");
        case FinishKind::PlayIn: return tr("Played in");
        case FinishKind::Own: break;
        }
        return QString();
    }();
    const QString own = QString::fromStdString(w.words);
    if (words.isEmpty())
        return own;
    return own.isEmpty() ? words : tr("%1: %2", "work, the maker's own words").arg(words, own);
}

QString how(FinishKind kind)
{
    switch (kind) {
    case FinishKind::Burrs:
        return tr(
            "Inside, too: what was burnt is scraped, what was drilled is cut. A rounded edge raises its note a little: hear it "
            "again. Cut away from yourself.");
    case FinishKind::SmoothBore:
        return tr("A rod with fine abrasive, along the bore, never into the window. A smoother bore speaks more easily above. "
                  "Extraction and a mask.");
    case FinishKind::Abrasives:
        return tr("180, 220, 400, 600, along the grain, never over the lip or the window. Dry dust: extraction and a mask; some "
                  "woods harm skin and lungs, so wear gloves and change clothes where yours is one.");
    case FinishKind::Stain: return tr("Outside only, thin, and dry before anything follows. Fumes: open the window, gloves.");
    case FinishKind::OilSoak:
        return tr("An oil that is safe in the mouth when cured; bore and outside, wiped every day, days to weeks by the wood. "
                  "Oily rags "
                  "catch fire by themselves: spread them flat outdoors or drown them in water.");
    case FinishKind::OilCoats:
        return tr(
            "An oil that is safe in the mouth when cured, thin coats, wiped after a quarter of an hour, a day between. Oily rags "
            "catch fire by themselves: spread them flat outdoors or drown them in water.");
    case FinishKind::WaxCoats:
        return tr("Two or three thin coats, dry between, buffed by hand. At a buffing wheel the tube is torn from the hand: hold "
                  "it below "
                  "the middle, eye protection, no gloves.");
    case FinishKind::LacquerOutside:
        return tr(
            "Thin coats, a day between, holes and window masked. Solvents burn and harm: air it, no flame, a mask for vapours. "
            "Safe in the mouth only when cured: ask its maker.");
    case FinishKind::LacquerInside:
        return tr("It seals and smooths a rough bore, which helps the upper register, and narrows it a little. Solvents burn and "
                  "harm: air it, no flame, a mask for vapours.");
    case FinishKind::Cure:
        return tr(
            "In moving air, out of the sun, not to be played. Oils take two to six weeks, wax days, lacquer one to four weeks.");
    case FinishKind::CorkTenons: return tr("Thin glue, pressed, then cut to fit and greased. Knife away from yourself.");
    case FinishKind::Binding:
        return tr("Waxed thread, tight and even, its ends under the turns, sealed. It holds cane together when the air dries.");
    case FinishKind::Stamp: return tr("Before the last coat, on a flat support, away from holes.");
    case FinishKind::HearAgain:
        return tr("The finish has moved the pitch a little: measure bore, window and holes again where it reached them, hear "
                  "every note, "
                  "and correct what is off. Long high notes: protect your ears.");
    case FinishKind::PlayIn:
        return tr(
            "A quarter of an hour a day at first, wiped dry each time: damp swells the bore from inside, and what is forced "
            "cracks.");
    case FinishKind::Own: break;
    }
    return tr("Follow your shop's rules.");
}

std::pair<std::string, std::string> forCalendar(const FinishWork& w)
{
    return {work(w).toStdString(), how(w.kind).toStdString()};
}

QString recipe(const std::string& name)
{
    if (name == "oil")
        return tr("Oil");
    if (name == "wax")
        return tr("Wax");
    if (name == "lacquer")
        return tr("Lacquer");
    if (name == "none")
        return tr("None");
    return QString::fromStdString(name);
}

QString day(std::chrono::sys_days day)
{
    const std::chrono::year_month_day date(day);
    return QLocale().toString(QDate(static_cast<int>(date.year()), static_cast<int>(static_cast<unsigned>(date.month())),
                                    static_cast<int>(static_cast<unsigned>(date.day()))),
                              QLocale::ShortFormat);
}

} // namespace dowel::text
