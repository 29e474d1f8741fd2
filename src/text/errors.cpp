// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/errors.h"

#include "text/facts.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QStringList>
#include <utility>

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
        return QT_TRANSLATE_NOOP("Errors", "Internal error at %1: %2. Nothing was lost; please report this error.");
    }
    return "%1: %2";
}

// What files call it, and what a maker does.
constexpr std::pair<const char*, const char*> places[] = {
    {"holes", QT_TRANSLATE_NOOP("Errors", "hole %1")},        {"slides", QT_TRANSLATE_NOOP("Errors", "joint %1")},
    {"bore", QT_TRANSLATE_NOOP("Errors", "bore station %1")}, {"fingerings", QT_TRANSLATE_NOOP("Errors", "fingering %1")},
    {"nodes", QT_TRANSLATE_NOOP("Errors", "node %1")},        {"bits_mm", QT_TRANSLATE_NOOP("Errors", "drawer bit %1")},
    {"works", QT_TRANSLATE_NOOP("Errors", "finish step %1")}};
constexpr std::pair<const char*, const char*> fields[] = {
    {"at_mm", QT_TRANSLATE_NOOP("Errors", "position")},
    {"out_mm", QT_TRANSLATE_NOOP("Errors", "pull-out")},
    {"diameter_mm", QT_TRANSLATE_NOOP("Errors", "diameter")},
    {"undercut_diameter_mm", QT_TRANSLATE_NOOP("Errors", "undercut diameter")},
    {"undercut_mm", QT_TRANSLATE_NOOP("Errors", "undercut")},
    {"chimney_mm", QT_TRANSLATE_NOOP("Errors", "wall (chimney)")},
    {"aside_mm", QT_TRANSLATE_NOOP("Errors", "offset")},
    {"along_mm", QT_TRANSLATE_NOOP("Errors", "length along the tube")},
    {"wall_mm", QT_TRANSLATE_NOOP("Errors", "wall thickness")},
    {"window_width_mm", QT_TRANSLATE_NOOP("Errors", "window width")},
    {"windway_height_mm", QT_TRANSLATE_NOOP("Errors", "windway height")},
    {"chamfer_mm", QT_TRANSLATE_NOOP("Errors", "chamfer")},
    {"window_length_mm", QT_TRANSLATE_NOOP("Errors", "window length")},
    {"hole_length_mm", QT_TRANSLATE_NOOP("Errors", "embouchure hole length")},
    {"hole_width_mm", QT_TRANSLATE_NOOP("Errors", "embouchure hole width")},
    {"stopper_mm", QT_TRANSLATE_NOOP("Errors", "stopper distance")},
    {"volume_mm3", QT_TRANSLATE_NOOP("Errors", "mouthpiece volume")},
    {"countersink_diameter_mm", QT_TRANSLATE_NOOP("Errors", "countersink diameter")},
    {"countersink_depth_mm", QT_TRANSLATE_NOOP("Errors", "countersink depth")},
    {"step_mm", QT_TRANSLATE_NOOP("Errors", "smallest step")},
    {"hole_max_mm", QT_TRANSLATE_NOOP("Errors", "largest hole")},
    {"foot_min_mm", QT_TRANSLATE_NOOP("Errors", "shortest tube")},
    {"depth_max_mm", QT_TRANSLATE_NOOP("Errors", "greatest depth")},
    {"length_mm", QT_TRANSLATE_NOOP("Errors", "length")},
    {"a4_hz", QT_TRANSLATE_NOOP("Errors", "A4")},
    {"celsius", QT_TRANSLATE_NOOP("Errors", "temperature")},
    {"target", QT_TRANSLATE_NOOP("Errors", "target")},
    {"tolerance_cents", QT_TRANSLATE_NOOP("Errors", "tolerance")},
    {"weight", QT_TRANSLATE_NOOP("Errors", "weight")},
    {"register", QT_TRANSLATE_NOOP("Errors", "register")},
    {"closed", QT_TRANSLATE_NOOP("Errors", "closed holes")},
    {"half", QT_TRANSLATE_NOOP("Errors", "half-closed holes")},
    {"id", QT_TRANSLATE_NOOP("Errors", "name")},
    {"bore", QT_TRANSLATE_NOOP("Errors", "bore profile")},
    {"excitation", QT_TRANSLATE_NOOP("Errors", "sounding edge")},
    {"head", QT_TRANSLATE_NOOP("Errors", "head")},
    {"tuning", QT_TRANSLATE_NOOP("Errors", "tuning")},
    {"tools", QT_TRANSLATE_NOOP("Errors", "tools")},
    {"limits", QT_TRANSLATE_NOOP("Errors", "limits")}};

template <std::size_t N> const char* wordIn(const std::pair<const char*, const char*> (&table)[N], const QString& key)
{
    for (const auto& [k, words] : table)
        if (key == QLatin1String(k))
            return words;
    return nullptr;
}

/// A place in a file as a maker would name it: "/holes/h1/diameter_mm" is "hole h1, diameter".
QString placeWords(const QString& where)
{
    if (!where.startsWith(QLatin1Char('/')))
        return where;
    const QStringList parts = where.split(QLatin1Char('/'), Qt::SkipEmptyParts);
    const auto said = [](const char* words) {
        return QCoreApplication::translate("Errors", words);
    };
    QStringList out;
    for (qsizetype i = 0; i < parts.size(); ++i) {
        const char* list = wordIn(places, parts[i]);
        if (list != nullptr && i + 1 < parts.size()) {
            bool number = false;
            const int index = parts[i + 1].toInt(&number);
            out << said(list).arg(number ? QString::number(index + 1) : parts[i + 1]);
            ++i;
        } else if (const char* key = wordIn(fields, parts[i])) {
            out << said(key);
        } else {
            out << QString(parts[i]).replace(QLatin1Char('_'), QLatin1Char(' '));
        }
    }
    return out.join(QStringLiteral(", "));
}

} // namespace

QString sentence(const Error& error, Places as, LengthUnit unit)
{
    QString s = sentenceOf(pattern(error.code));
    const QString where = QString::fromStdString(error.where);
    // A file's own path stays: only places within a specification begin so and are no file.
    const bool within = as == Places::InWords && !QFileInfo::exists(where) && error.code != ErrorCode::Unreadable &&
                        error.code != ErrorCode::Unwritable && error.code != ErrorCode::Refused &&
                        error.code != ErrorCode::Exists && error.code != ErrorCode::NotAWorkbook &&
                        error.code != ErrorCode::NewerVersion && error.code != ErrorCode::InUse;
    s.replace(QLatin1String("%1"), within ? placeWords(where) : where);
    s.replace(QLatin1String("%2"), facts(error.fact, unit));
    return s;
}

QString sentence(const Error& error, LengthUnit unit)
{
    return sentence(error, Places::InWords, unit);
}

} // namespace dowel::text
