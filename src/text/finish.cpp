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
        case FinishKind::CorkTenons: return tr("Cork the tenons");
        case FinishKind::Binding: return tr("Bind with thread and seal");
        case FinishKind::Stamp: return tr("Stamp the maker's mark");
        case FinishKind::HearAgain: return tr("Measure and listen again");
        case FinishKind::PlayIn: return tr("Play in");
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
        return tr("Deburr inside as well: scrape burnt holes, cut drilled ones. Rounding an edge raises the note slightly, so "
                  "listen again. Cut away from yourself.");
    case FinishKind::SmoothBore:
        return tr("Use fine abrasive on a rod along the bore, never into the window. A smoother bore helps the upper register. "
                  "Use extraction and a mask.");
    case FinishKind::Abrasives:
        return tr("180, 220, 400, 600, along the grain, never over the lip or the window. Dry dust: extraction and a mask; some "
                  "woods harm skin and lungs, so wear gloves and change clothes where yours is one.");
    case FinishKind::Stain:
        return tr("Stain the outside only, thinly, and let dry before the next step. Ventilate and wear gloves.");
    case FinishKind::OilSoak:
        return tr("An oil that is safe in the mouth when cured; bore and outside, wiped every day, days to weeks by the wood. "
                  "Oily rags "
                  "catch fire by themselves: spread them flat outdoors or drown them in water.");
    case FinishKind::OilCoats:
        return tr(
            "An oil that is safe in the mouth when cured, thin coats, wiped after a quarter of an hour, a day between. Oily rags "
            "catch fire by themselves: spread them flat outdoors or drown them in water.");
    case FinishKind::WaxCoats:
        return tr("Two or three thin coats, dry between coats, buffed by hand. A buffing wheel can tear the tube from your hand: "
                  "hold it below the middle, eye protection, no gloves.");
    case FinishKind::LacquerOutside:
        return tr("Thin coats, a day apart, holes and window masked. Solvents burn and harm: ventilate, no flame, vapour mask. "
                  "Only use what is safe in the mouth when cured.");
    case FinishKind::LacquerInside:
        return tr("Lacquer seals and smooths a rough bore, which helps the upper register, and narrows it slightly. Solvents "
                  "burn and harm: ventilate, no flame, vapour mask. Only use what is safe in the mouth when cured.");
    case FinishKind::Cure:
        return tr("Cure in moving air, out of the sun, and do not play. Oils take two to six weeks, wax some days, lacquer one "
                  "to four weeks.");
    case FinishKind::CorkTenons: return tr("Glue thinly, press, then cut to fit and grease. Cut away from yourself.");
    case FinishKind::Binding:
        return tr(
            "Wind waxed thread tight and even, ends under the turns, and seal it. The binding holds cane together in dry air.");
    case FinishKind::Stamp: return tr("Stamp before the last coat, on a flat support, away from the holes.");
    case FinishKind::HearAgain:
        return tr("The finish has shifted the pitch slightly: measure bore, window and holes again, play every note and correct "
                  "what is out of tolerance. Protect your ears from long high notes.");
    case FinishKind::PlayIn:
        return tr("Play a quarter of an hour a day at first and wipe dry each time: damp swells the bore, and forcing it cracks "
                  "the wood.");
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
