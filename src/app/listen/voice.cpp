// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/voice.h"

#include <QCoreApplication>
#include <QLocale>
#include <QProcess>
#include <QStandardPaths>

namespace dowel::app {

namespace {

QString engine()
{
    return QStandardPaths::findExecutable(QStringLiteral("spd-say"));
}

} // namespace

bool hasVoice()
{
    return !engine().isEmpty();
}

QString spokenNote(const QString& name)
{
    QString words = name;
    words.replace(QStringLiteral("♯"),
                  QCoreApplication::translate("dowel::app::ListenPage", " sharp ", "spoken in a note's name"));
    words.replace(QStringLiteral("♭"),
                  QCoreApplication::translate("dowel::app::ListenPage", " flat ", "spoken in a note's name"));
    return words.simplified();
}

void sayAloud(const QString& words)
{
    if (const QString voice = engine(); !voice.isEmpty())
        QProcess::startDetached(
            voice, {QStringLiteral("--cancel"), QStringLiteral("--language"), QLocale().name().left(2), spokenNote(words)});
}

} // namespace dowel::app
