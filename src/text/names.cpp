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
            {"own", tr("Own scale from a file")}};
}

std::vector<std::pair<Family, QString>> families()
{
    return {{Family::Whistle, tr("Whistle")},
            {Family::Recorder, tr("Recorder")},
            {Family::TwoChamber, tr("Two-chamber flute")},
            {Family::Flute, tr("Transverse flute")},
            {Family::Fife, tr("Fife")},
            {Family::Stopped, tr("Stopped pipe")},
            {Family::Slide, tr("Slide whistle")},
            {Family::Reed, tr("Reed pipe")},
            {Family::Horn, tr("Horn with finger holes")}};
}

std::vector<std::pair<std::string, QString>> modes()
{
    return {{"major", tr("Major")},
            {"minor", tr("Minor (natural)")},
            {"dorian", tr("Dorian")},
            {"phrygian", tr("Phrygian")},
            {"lydian", tr("Lydian")},
            {"mixolydian", tr("Mixolydian")},
            {"locrian", tr("Locrian")},
            {"major-pentatonic", tr("Major pentatonic")},
            {"minor-pentatonic", tr("Minor pentatonic")},
            {"chromatic", tr("Chromatic")}};
}

QString modeName(const std::string& mode)
{
    for (const auto& [key, name] : modes())
        if (key == mode)
            return name;
    return QString::fromStdString(mode);
}

QString originName(Origin origin, const InstrumentSpec& spec)
{
    switch (origin) {
    case Origin::Edge:
        return std::holds_alternative<Transverse>(spec.excitation) ? tr("from the embouchure hole")
               : std::holds_alternative<Duct>(spec.excitation)     ? tr("from the lip")
                                                                   : tr("from the sounding edge");
    case Origin::Top: return tr("from the top end");
    case Origin::Foot: break;
    }
    return tr("from the foot");
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
    return {{"hardwood", tr("Hardwood")},       {"softwood", tr("Softwood")}, {"cane", tr("Bamboo or cane")},
            {"plastic", tr("Plastic pipe")},    {"horn", tr("Horn")},         {"vegetable", tr("Vegetable, for a class")},
            {"straw", tr("Straw, for a class")}};
}

std::vector<std::pair<std::string, QString>> handTools()
{
    return {{"knife", tr("knife")},
            {"file", tr("file")},
            {"round file", tr("round file")},
            {"tapered reamer", tr("tapered reamer")},
            {"undercutting tool", tr("undercutting tool")},
            {"hot iron", tr("hot iron")},
            {"cork borer", tr("cork borer")},
            {"countersink", tr("countersink")},
            {"abrasive on a rod", tr("abrasive on a rod")}};
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
    case acoustics::Speech::Well: return tr("good");
    case acoustics::Speech::Reluctantly: return tr("uncertain");
    case acoustics::Speech::Hardly: break;
    }
    return tr("poor");
}

QString registerName(int registerNumber)
{
    switch (registerNumber) {
    case 1: return tr("first register");
    case 2: return tr("second register");
    case 3: return tr("third register");
    default: return tr("register %1").arg(registerNumber);
    }
}

} // namespace dowel::text
