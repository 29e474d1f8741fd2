// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/facts.h"

#include "text/units.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <algorithm>
#include <vector>

namespace dowel::text {

namespace {

// As the core and the readers of files write them.
constexpr const char* patterns[] = {
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be above %2 and at most %3 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be 0 to %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 stations; at least 2"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; the wall is %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be above the highest hole, %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; the tube is %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; the bore is %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; outside the horn is %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be at least %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 cents; must be at most %2"),
    QT_TRANSLATE_NOOP("Facts", "is no picture that can be read"),
    QT_TRANSLATE_NOOP("Facts", "is no picture that can be kept"),
    QT_TRANSLATE_NOOP("Facts", "its photograph cannot be read"),
    QT_TRANSLATE_NOOP("Facts", "nothing was heard on it yet"),
    QT_TRANSLATE_NOOP("Facts", "no note was recorded before and after the last cut"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; at most %2"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; the first station is at 0"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm after %2 mm; stations must rise"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 degrees Celsius (68 Fahrenheit are 20 Celsius)"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be %2 to %3"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 degrees"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 standard deviations"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3"),
    QT_TRANSLATE_NOOP("Facts", "must be %1 to %2 degrees"),
    QT_TRANSLATE_NOOP("Facts", "empty name"),
    QT_TRANSLATE_NOOP("Facts", "two holes of this name"),
    QT_TRANSLATE_NOOP("Facts", "two fingerings of this name"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; the tube runs from 0 to %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be above %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; the bore there is %2 mm wide"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; not less than the hole's %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be within a quarter of the way round the tube"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be %2 to %3 times the diameter"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be %2 to %3 times the hole's %4 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; must be above 0 and below the chimney's %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; its edge runs over the end of the tube"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm below %2 at %3 mm; holes are numbered from the foot upwards"),
    QT_TRANSLATE_NOOP("Facts", "runs into %1"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; runs through %2"),
    QT_TRANSLATE_NOOP("Facts", "%1 is no hole of this instrument"),
    QT_TRANSLATE_NOOP("Facts", "%1 stands there twice"),
    QT_TRANSLATE_NOOP("Facts", "%1 cannot be closed and half open"),
    QT_TRANSLATE_NOOP("Facts", "%1 Hz; must be %2 to %3 Hz"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be above %2 and at most %3"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be above %2 and below %3"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be above %2"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be %2 or %3"),
    QT_TRANSLATE_NOOP("Facts", "%1; at most %2 degrees over the tube"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; bits must rise"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; slides stand from the top downwards"),
    QT_TRANSLATE_NOOP("Facts", "%1; at most %2"),
    QT_TRANSLATE_NOOP("Facts", "twelve numbers rising from 0 to below 1200 must stand here"),
    QT_TRANSLATE_NOOP("Facts", "%1; known: %2"),
    QT_TRANSLATE_NOOP("Facts", "%1; a letter with # or b"),
    QT_TRANSLATE_NOOP("Facts", "no such scale"),
    QT_TRANSLATE_NOOP("Facts", "no such mode"),
    QT_TRANSLATE_NOOP("Facts", "a tonic such as C, F# or Bb"),
    QT_TRANSLATE_NOOP("Facts", "a pitch name such as D5, F#4 or Bb3"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; it is %2 mm now"),
    QT_TRANSLATE_NOOP("Facts", "the bore is at least as wide there already"),
    QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no stopper"),
    QT_TRANSLATE_NOOP("Facts", "%1; this tube is open at the foot"),
    QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no window"),
    QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no embouchure hole"),
    QT_TRANSLATE_NOOP("Facts", "%1; this instrument has none"),
    QT_TRANSLATE_NOOP("Facts", "not a finite size"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm is wider than %2 mm"),
    QT_TRANSLATE_NOOP("Facts", "none closes every hole"),
    QT_TRANSLATE_NOOP("Facts", "at least one fingering of register 1 is needed to lay out holes"),
    QT_TRANSLATE_NOOP("Facts", "the bare tube has no first register"),
    QT_TRANSLATE_NOOP("Facts", "%1 mm; too short for %2 by about %3 mm"),
    QT_TRANSLATE_NOOP("Facts", "no row of holes could be worked out from there"),
    QT_TRANSLATE_NOOP("Facts", "%1 and %2 would leave %3 mm of wood"),
    QT_TRANSLATE_NOOP("Facts", "%1 to %2 would be %3 mm for fingers that reach %4"),
    QT_TRANSLATE_NOOP("Facts", "a hand would span %1 mm, it reaches %2"),
    QT_TRANSLATE_NOOP("Facts", "register %1"),
    QT_TRANSLATE_NOOP("Facts", "no such file is there"),
    QT_TRANSLATE_NOOP("Facts", "it may only be read"),
    QT_TRANSLATE_NOOP("Facts", "it may not be read"),
    QT_TRANSLATE_NOOP("Facts", "is open in another window or command"),
    QT_TRANSLATE_NOOP("Facts", "is there already"),
    QT_TRANSLATE_NOOP("Facts", "is a folder"),
    QT_TRANSLATE_NOOP("Facts", "it is a folder"),
    QT_TRANSLATE_NOOP("Facts", "is no plain file"),
    QT_TRANSLATE_NOOP("Facts", "it is no plain file"),
    QT_TRANSLATE_NOOP("Facts", "is a link"),
    QT_TRANSLATE_NOOP("Facts", "it is a link"),
    QT_TRANSLATE_NOOP("Facts", "is a pipe"),
    QT_TRANSLATE_NOOP("Facts", "it is a pipe"),
    QT_TRANSLATE_NOOP("Facts", "is a socket"),
    QT_TRANSLATE_NOOP("Facts", "it is a socket"),
    QT_TRANSLATE_NOOP("Facts", "is a device"),
    QT_TRANSLATE_NOOP("Facts", "it is a device"),
    QT_TRANSLATE_NOOP("Facts", "is a workbook"),
    QT_TRANSLATE_NOOP("Facts", "is no sound file that Dowel reads; WAV, FLAC, AIFF, AU and Ogg are"),
    QT_TRANSLATE_NOOP("Facts", "the file is cut off: it promises more sound than it holds"),
    QT_TRANSLATE_NOOP("Facts", "is damaged, or asks for more memory and time than sound needs"),
    QT_TRANSLATE_NOOP("Facts", "no process could be started to decode it"),
    QT_TRANSLATE_NOOP("Facts", "is a name that a workbook's own journal has"),
    QT_TRANSLATE_NOOP("Facts", "may only be read"),
    QT_TRANSLATE_NOOP("Facts", "a number in it cannot be kept as it is"),
    QT_TRANSLATE_NOOP("Facts", "its number is none that a record reaches"),
    QT_TRANSLATE_NOOP("Facts", "belongs to a workbook that once lay here, and would be played into the new one"),
    QT_TRANSLATE_NOOP("Facts", "another window or command has written to it; open it again"),
    QT_TRANSLATE_NOOP("Facts", "it was left in the middle of a write that could not be undone"),
    QT_TRANSLATE_NOOP("Facts", "none are wanted yet; a chart with one note at least says how it is played"),
    QT_TRANSLATE_NOOP("Facts", "lies above %1; the lower note comes first"),
    QT_TRANSLATE_NOOP("Facts", "is fingered as %1 is, in the same register"),
    QT_TRANSLATE_NOOP("Facts", "%1 would sound about %2; are all lengths in millimetres?"),
    QT_TRANSLATE_NOOP("Facts", "is the same piece of wood as %1"),
    QT_TRANSLATE_NOOP("Facts", "no such bit; write 6.5 mm, 9/32, #7 or F"),
    QT_TRANSLATE_NOOP("Facts", "longer than a workbook takes; cut it into takes"),
    QT_TRANSLATE_NOOP("Facts", "is no FLAC"),
    QT_TRANSLATE_NOOP("Facts", "comes twice or out of order"),
    QT_TRANSLATE_NOOP("Facts", "it is longer than %1 MB"),
    QT_TRANSLATE_NOOP("Facts", "does not begin as a workbook does"),
    QT_TRANSLATE_NOOP("Facts", "is a database of another program"),
    QT_TRANSLATE_NOOP("Facts", "version %1; known: %2"),
    QT_TRANSLATE_NOOP("Facts", "its tables and guards are not as Dowel makes them"),
    QT_TRANSLATE_NOOP("Facts", "its table is not as Dowel makes it"),
    QT_TRANSLATE_NOOP("Facts", "shop memory of version %1"),
    QT_TRANSLATE_NOOP("Facts", "holds no specification"),
    QT_TRANSLATE_NOOP("Facts", "holds no samples"),
    QT_TRANSLATE_NOOP("Facts", "%1 samples a second; must be %2 to %3"),
    QT_TRANSLATE_NOOP("Facts", "%1 channels; at most 32"),
    QT_TRANSLATE_NOOP("Facts", "longer than %1 minutes; cut it into takes"),
    QT_TRANSLATE_NOOP("Facts", "the file is empty"),
    QT_TRANSLATE_NOOP("Facts", "silence"),
    QT_TRANSLATE_NOOP("Facts", "no steady tone"),
    QT_TRANSLATE_NOOP("Facts", "too short"),
    QT_TRANSLATE_NOOP("Facts", "samples that are not numbers"),
    QT_TRANSLATE_NOOP("Facts", "%1 Hz (%2), expected about %3 Hz (%4)"),
    QT_TRANSLATE_NOOP("Facts", "lists or objects within each other more than %1 deep"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\" stands twice in one object"),
    QT_TRANSLATE_NOOP("Facts", "longer than %1 MB: %2 bytes"),
    QT_TRANSLATE_NOOP("Facts", "must be an object"),
    QT_TRANSLATE_NOOP("Facts", "must be there"),
    QT_TRANSLATE_NOOP("Facts", "must be a list"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be a number"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be a whole number"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be text in quotes"),
    QT_TRANSLATE_NOOP("Facts", "%1; must be true or false"),
    QT_TRANSLATE_NOOP("Facts", "is not known here"),
    QT_TRANSLATE_NOOP("Facts", "is not known"),
    QT_TRANSLATE_NOOP("Facts", "must be \"dowel-instrument\""),
    QT_TRANSLATE_NOOP("Facts", "exactly one of target and target_hz must be there"),
    QT_TRANSLATE_NOOP("Facts", "a length such as 6.4, 1/4 or 4 1/16 in"),
    QT_TRANSLATE_NOOP("Facts", "%1 letters; must be 1 to 4000"),
    QT_TRANSLATE_NOOP("Facts", "%1 letters; must be 1 to 200"),
    QT_TRANSLATE_NOOP("Facts", "nothing is changed"),
    QT_TRANSLATE_NOOP("Facts", "hertz such as 586.3, cents such as -12, or a note such as D5 -12"),
    QT_TRANSLATE_NOOP("Facts", "%1 comes twice or out of order"),
    QT_TRANSLATE_NOOP("Facts", "this instrument has nothing of that kind"),
    QT_TRANSLATE_NOOP("Facts", "%1 readings; at most %2 in one session"),
    QT_TRANSLATE_NOOP("Facts", "%1 bytes are more than a workbook takes (%2)"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\"; the number of degrees must stand here, 1 to 1000"),
    QT_TRANSLATE_NOOP("Facts", "\"%1\"; cents with a point or a ratio such as 3/2 must stand here"),
    QT_TRANSLATE_NOOP("Facts", "the text ends after %1 of %2 degrees"),
    QT_TRANSLATE_NOOP("Facts", "the last degree is the period and must lie above the tonic"),
    QT_TRANSLATE_NOOP("Facts",
                      "it was left in the middle of a write; copy it with %1 to a folder that may be written, and open it there"),
    QT_TRANSLATE_NOOP("Facts", "its checksum does not fit"),
    QT_TRANSLATE_NOOP("Facts", "its recording's checksum does not fit"),
    QT_TRANSLATE_NOOP("Facts", "entries are missing that once stood there"),
    QT_TRANSLATE_NOOP("Facts", "it was opened for looking only"),
    QT_TRANSLATE_NOOP("Facts", "the new workbook could not be put together"),
    QT_TRANSLATE_NOOP("Facts", "cannot be opened"),
    QT_TRANSLATE_NOOP("Facts", "stand already; a plan has none"),
    QT_TRANSLATE_NOOP("Facts", "no bits_mm stand under tools"),
    QT_TRANSLATE_NOOP("Facts", "%1; %2 holes stand there"),
    QT_TRANSLATE_NOOP("Facts", "%1; a fingering names h%2"),
    QT_TRANSLATE_NOOP("Facts", "from %1 mm; it is %2 mm now; tube %3 mm; it is %4 mm now"),
};

struct Form
{
    const char* pattern;
    QRegularExpression form;
    qsizetype letters; ///< that must be there; the form that asks for most comes first
};

const std::vector<Form>& forms()
{
    static const std::vector<Form> all = [] {
        std::vector<Form> made;
        static const QRegularExpression place(QStringLiteral("%\\d"));
        for (const char* pattern : patterns) {
            const QString words = QString::fromUtf8(pattern);
            QString form = QRegularExpression::escape(words);
            form.replace(QRegularExpression(QStringLiteral("\\\\%\\d")), QStringLiteral("(.+?)"));
            made.push_back(
                {pattern, QRegularExpression(QRegularExpression::anchoredPattern(form)), QString(words).remove(place).size()});
        }
        std::stable_sort(made.begin(), made.end(), [](const Form& a, const Form& b) { return a.letters > b.letters; });
        return made;
    }();
    return all;
}

/// A number as the language writes it; other words as they are.
QString placed(const QString& found)
{
    bool isNumber = false;
    const double value = found.toDouble(&isNumber);
    const qsizetype point = found.indexOf(QLatin1Char('.'));
    if (!isNumber || point < 0 || found.contains(QLatin1Char('e')))
        return found;
    qsizetype last = found.size();
    while (last > point + 1 && found[last - 1] == QLatin1Char('0'))
        --last;
    return number(value, static_cast<int>(last - point - 1));
}

const Form* formOf(const QString& english, QRegularExpressionMatch& match)
{
    for (const Form& f : forms()) {
        match = f.form.match(english);
        if (match.hasMatch())
            return &f;
    }
    return nullptr;
}

} // namespace

QString facts(const std::string& english)
{
    const QString words = QString::fromStdString(english);
    QRegularExpressionMatch match;
    const Form* form = formOf(words, match);
    if (form == nullptr)
        return words;
    QString said = QCoreApplication::translate("Facts", form->pattern);
    // From the highest place down, so that what was put in is not taken for a place.
    for (int i = match.lastCapturedIndex(); i > 0; --i)
        said.replace(QLatin1Char('%') + QString::number(i), placed(match.captured(i)));
    return said;
}

bool knowsFacts(const std::string& english)
{
    QRegularExpressionMatch match;
    return formOf(QString::fromStdString(english), match) != nullptr;
}

} // namespace dowel::text
