// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/names.h"

#include "text/tr.h"

#include <QCoreApplication>

namespace dowel::text {

std::vector<std::pair<std::string, QString>> temperaments()
{
    return {{"equal", tr("Equal")},
            {"just", tr("Just")},
            {"meantone", tr("Quarter-comma meantone")},
            {"pythagorean", tr("Pythagorean")},
            {"werckmeister-iii", tr("Werckmeister III")},
            {"vallotti", tr("Vallotti")},
            {"own", tr("Own, from a file")}};
}

std::vector<std::pair<Family, QString>> families()
{
    return {{Family::Whistle, tr("End-blown duct pipe, six holes")},
            {Family::Recorder, tr("Duct pipe with tapered bore and thumb hole")},
            {Family::TwoChamber, tr("Two-chamber duct flute")},
            {Family::Flute, tr("Side-blown flute")},
            {Family::Fife, tr("Fife")},
            {Family::Stopped, tr("Stopped whistle")},
            {Family::Slide, tr("Slide whistle")},
            {Family::Reed, tr("Reed cylinder")},
            {Family::Horn, tr("Horn with finger holes")}};
}

QString familyTitle(Family family)
{
    for (const auto& [one, name] : families())
        if (one == family)
            return name;
    return tr("Instrument");
}

std::vector<std::pair<std::string, QString>> materials()
{
    return {{"hardwood", tr("Hardwood")},    {"softwood", tr("Softwood")}, {"cane", tr("Bamboo or cane")},
            {"plastic", tr("Plastic pipe")}, {"horn", tr("Horn")},         {"vegetable", tr("Vegetable, for a class")}};
}

QString materialName(const std::string& material)
{
    for (const auto& [key, name] : materials())
        if (key == material)
            return name;
    return QString::fromStdString(material);
}

QString familyWord(Family family)
{
    switch (family) {
    case Family::Whistle: return tr("whistle");
    case Family::Recorder: return tr("recorder");
    case Family::TwoChamber: return tr("two-chamber flute");
    case Family::Flute: return tr("flute");
    case Family::Fife: return tr("fife");
    case Family::Stopped: return tr("stopped pipe");
    case Family::Slide: return tr("slide whistle");
    case Family::Reed: return tr("reed pipe");
    case Family::Horn: return tr("horn");
    case Family::Other: break;
    }
    return tr("instrument");
}

QString speechName(acoustics::Speech speech)
{
    switch (speech) {
    case acoustics::Speech::Well: return tr("well");
    case acoustics::Speech::Reluctantly: return tr("unsure");
    case acoustics::Speech::Hardly: break;
    }
    return tr("poorly");
}

QString registerName(int registerNumber)
{
    switch (registerNumber) {
    case 1: return tr("low register");
    case 2: return tr("high register");
    case 3: return tr("third register");
    default: return tr("register %1").arg(registerNumber);
    }
}

} // namespace dowel::text
