// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/voice.h"

#include <QCoreApplication>
#include <QLocale>
#include <QProcess>
#include <QRegularExpression>
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
    static const QRegularExpression form(QStringLiteral("^([A-H])(#|b)?(-?\\d+)(.*)$"));
    const QRegularExpressionMatch m = form.match(name);
    if (!m.hasMatch())
        return name;
    QString words = m.captured(1);
    if (m.captured(2) == QLatin1String("#"))
        words += QCoreApplication::translate("dowel::app::ListenPage", " sharp ", "spoken in a note's name");
    else if (!m.captured(2).isEmpty())
        words += QCoreApplication::translate("dowel::app::ListenPage", " flat ", "spoken in a note's name");
    words += QLatin1Char(' ') + m.captured(3) + m.captured(4);
    return words.simplified();
}

void sayAloud(const QString& words)
{
    if (const QString voice = engine(); !voice.isEmpty())
        QProcess::startDetached(
            voice, {QStringLiteral("--cancel"), QStringLiteral("--language"), QLocale().name().left(2), spokenNote(words)});
}

} // namespace dowel::app
