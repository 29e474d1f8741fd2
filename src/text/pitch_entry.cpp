// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/pitch_entry.h"

#include "core/tuning/pitch.h"
#include "text/units.h"

#include <QRegularExpression>
#include <array>

namespace dowel::text {

namespace {

/// The specification's name of a note that may be named as the language has it.
QString plainNote(const QString& typed)
{
    constexpr std::array names{"C#", "Db", "D#", "Eb", "F#", "Gb", "G#", "Ab", "A#", "Bb", "C", "D", "E", "F", "G", "A", "B"};
    static const QRegularExpression form(QStringLiteral("^(.*\\D)(-?\\d)$"));
    const auto match = form.match(typed);
    for (const char* name : names)
        if (match.captured(1).compare(noteName(name), Qt::CaseInsensitive) == 0)
            return QLatin1String(name) + match.captured(2);
    return typed;
}

double numberIn(const QString& digits)
{
    QString plain = digits;
    return plain.replace(QLatin1Char(','), QLatin1Char('.')).replace(QChar(0x2212), QLatin1Char('-')).toDouble();
}

} // namespace

Result<Hertz> parsePitch(const QString& typed, Hertz target, Hertz a4)
{
    const Error bad{ErrorCode::BadValue, typed.toStdString(), FactId::SuchAsPitchEntry};
    static const QRegularExpression hertz(QStringLiteral(R"(^\s*(\d{2,5}(?:[.,]\d{1,4})?)\s*(?:Hz)?\s*$)"),
                                          QRegularExpression::CaseInsensitiveOption);
    static const QRegularExpression cents(QStringLiteral(R"(^\s*([+\-−]\d{1,3}(?:[.,]\d{1,2})?)\s*(?:cents?|ct)?\s*$)"),
                                          QRegularExpression::CaseInsensitiveOption);
    static const QRegularExpression note(
        QStringLiteral(R"(^\s*([A-Za-z]{1,3}[#b]?\d)\s*([+\-−]\s*\d{1,3}(?:[.,]\d{1,2})?)?\s*(?:cents?|ct)?\s*$)"),
        QRegularExpression::CaseInsensitiveOption);
    if (const auto m = hertz.match(typed); m.hasMatch())
        return Hertz::fromHertz(numberIn(m.captured(1)));
    if (const auto m = cents.match(typed); m.hasMatch())
        return raisedBy(target, Cents::fromCents(numberIn(m.captured(1))));
    const auto m = note.match(typed);
    if (!m.hasMatch())
        return bad;
    const auto from = equalTempered(plainNote(m.captured(1)).toStdString(), a4);
    if (!from)
        return bad;
    return raisedBy(*from, Cents::fromCents(numberIn(m.captured(2).remove(QLatin1Char(' ')))));
}

} // namespace dowel::text
