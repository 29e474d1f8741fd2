// SPDX-License-Identifier: GPL-3.0-or-later
// Which language the window speaks: that of the desktop where there is a translation, else English; or the one chosen in View.
#pragma once

#include <QString>
#include <QStringList>

namespace dowel::app {

/// The setting: "en", "de", or empty for the desktop's own.
[[nodiscard]] QString chosenLanguage();
void chooseLanguage(const QString& language);
/// What is spoken: "en" or "de". desktop: the languages wished for, the dearest first, as "de-AT".
[[nodiscard]] QString languageFor(const QString& chosen, const QStringList& desktop);
/// From here on windows that are made speak it: words, plurals, note names, and how numbers are written.
void speak(const QString& language);
/// What is spoken now: "en" or "de".
[[nodiscard]] QString spokenLanguage();

} // namespace dowel::app
