// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/names.h"

#include <QCoreApplication>

namespace dowel::text {

namespace {

QString tr(const char* source)
{
    return QCoreApplication::translate("dowel::text", source);
}

} // namespace

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

} // namespace dowel::text
