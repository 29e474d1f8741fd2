// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/errors.h"

#include "text/facts.h"

#include <QCoreApplication>

namespace dowel::text {

namespace {

QString sentenceOf(const char* source)
{
    return QCoreApplication::translate("Errors", source, "sentence about something that went wrong; %1 place, %2 what was found");
}

const char* pattern(ErrorCode code)
{
    switch (code) {
    case ErrorCode::Unreadable: return QT_TRANSLATE_NOOP("Errors", "%1 cannot be read: %2. Check the name and the folder.");
    case ErrorCode::Unwritable:
        return QT_TRANSLATE_NOOP("Errors", "Nothing was written to %1: %2. Check the space left and the rights, then try again.");
    case ErrorCode::Refused: return QT_TRANSLATE_NOOP("Errors", "%1 %2 and is left as it was. Choose the name of a plain file.");
    case ErrorCode::Exists: return QT_TRANSLATE_NOOP("Errors", "%1 %2 and is not overwritten. Choose another name.");
    case ErrorCode::NotAWorkbook: return QT_TRANSLATE_NOOP("Errors", "%1 is no Dowel workbook: it %2. Open a .dowel file.");
    case ErrorCode::NewerVersion:
        return QT_TRANSLATE_NOOP("Errors",
                                 "%1 was written by a newer Dowel (%2). Open it with that version; it was not changed.");
    case ErrorCode::InUse: return QT_TRANSLATE_NOOP("Errors", "%1 %2. Close it there first.");
    case ErrorCode::Damaged:
        return QT_TRANSLATE_NOOP("Errors",
                                 "The workbook is damaged at %1: %2. Open a copy from your backup; this one was not changed.");
    case ErrorCode::BadSyntax: return QT_TRANSLATE_NOOP("Errors", "%1 is not valid JSON: %2. Mend it there.");
    case ErrorCode::UnknownKey: return QT_TRANSLATE_NOOP("Errors", "%1 %2. Remove it or check its spelling.");
    case ErrorCode::MissingKey: return QT_TRANSLATE_NOOP("Errors", "%1 %2. Add it.");
    case ErrorCode::BadValue: return QT_TRANSLATE_NOOP("Errors", "%1 does not fit: %2.");
    case ErrorCode::BadGeometry: return QT_TRANSLATE_NOOP("Errors", "That shape cannot be: %1: %2. Correct the measure.");
    case ErrorCode::BadFingering: return QT_TRANSLATE_NOOP("Errors", "The fingering cannot be: %1: %2.");
    case ErrorCode::UnknownName: return QT_TRANSLATE_NOOP("Errors", "No %1 is called %2. Check its name.");
    case ErrorCode::NotRemovable:
        return QT_TRANSLATE_NOOP("Errors", "Wood does not grow back: %1: %2. Measure again and type the size it has.");
    case ErrorCode::BadAudio: return QT_TRANSLATE_NOOP("Errors", "No sound could be read from %1: %2. Record the note again.");
    case ErrorCode::NoSteadyTone:
        return QT_TRANSLATE_NOOP("Errors", "No note was taken: %2. Play one note steadily for a second or two.");
    case ErrorCode::WrongNote:
        return QT_TRANSLATE_NOOP("Errors", "That was not %1: %2. Check the fingers and the register, then play it again.");
    case ErrorCode::OutOfModelRange:
        return QT_TRANSLATE_NOOP("Errors",
                                 "The model finds no such note on this shape: %1, %2. Check bore, holes and fingering.");
    case ErrorCode::Cancelled: return QT_TRANSLATE_NOOP("Errors", "Stopped.");
    case ErrorCode::Internal:
        return QT_TRANSLATE_NOOP("Errors", "Something inside Dowel failed at %1: %2. Nothing was lost; please report it.");
    }
    return "%1: %2";
}

} // namespace

QString sentence(const Error& error)
{
    QString s = sentenceOf(pattern(error.code));
    s.replace(QLatin1String("%1"), QString::fromStdString(error.where));
    s.replace(QLatin1String("%2"), facts(error.facts));
    return s;
}

} // namespace dowel::text
