// SPDX-License-Identifier: GPL-3.0-or-later
#include "draw/fonts.h"

#include <QFontDatabase>

namespace dowel::draw {

void loadFonts()
{
    static const bool done = [] {
        for (const char* file : {":/fonts/B612-Regular.otf", ":/fonts/B612-Bold.otf"})
            QFontDatabase::addApplicationFont(QLatin1String(file));
        return true;
    }();
    (void)done;
}

} // namespace dowel::draw
