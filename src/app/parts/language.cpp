// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QSettings>
#include <QTranslator>

namespace dowel::app {

namespace {

constexpr QLatin1String key("language");

/// Takes the place of what was installed under this name before.
void install(const char* name, const QString& file, const QString& folder)
{
    auto* const app = QCoreApplication::instance();
    delete app->findChild<QTranslator*>(QLatin1String(name));
    auto* translator = new QTranslator(app);
    translator->setObjectName(QLatin1String(name));
    if (translator->load(file, folder))
        QCoreApplication::installTranslator(translator);
}

} // namespace

QString chosenLanguage()
{
    return QSettings().value(key).toString();
}

void chooseLanguage(const QString& language)
{
    QSettings().setValue(key, language);
}

QString languageFor(const QString& chosen, const QStringList& desktop)
{
    const QStringList spoken{QStringLiteral("en"), QStringLiteral("de")};
    if (spoken.contains(chosen))
        return chosen;
    for (const QString& wished : desktop)
        if (const QString language = wished.section(QLatin1Char('-'), 0, 0).toLower(); spoken.contains(language))
            return language;
    return spoken.front();
}

void speak(const QString& language)
{
    // The desktop's own way with numbers where it is the same language, so that Austria and Switzerland keep theirs.
    const QLocale desktop = QLocale::system();
    const QLocale plain(language);
    QLocale::setDefault(desktop.language() == plain.language() ? desktop : plain);
    install("toolkitWords", QStringLiteral("qtbase_") + language, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
    install("words", QStringLiteral("dowel_") + language, QStringLiteral(":/translations"));
}

QString spokenLanguage()
{
    return languageFor({}, {QLocale().bcp47Name()});
}

} // namespace dowel::app
