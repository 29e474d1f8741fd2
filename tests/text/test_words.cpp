// SPDX-License-Identifier: GPL-3.0-or-later
// How the screens speak: the rules of the trade's words, held against every string that is shown.
#include "support/test_main.h"

#include <QDirIterator>
#include <QFile>
#include <QRegularExpression>
#include <QSet>
#include <QTest>
#include <QXmlStreamReader>
#include <vector>

using namespace Qt::StringLiterals;

namespace {

struct Shown
{
    QString where; ///< class or group
    QString text;
};

/// Every English string that can be shown, out of the file the translations are made from.
std::vector<Shown> everyString()
{
    QFile file(QStringLiteral(DOWEL_SOURCE "/translations/dowel_de.ts"));
    std::vector<Shown> all;
    if (!file.open(QIODevice::ReadOnly))
        return all;
    QXmlStreamReader xml(&file);
    QString where;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement)
            continue;
        if (xml.name() == "name"_L1)
            where = xml.readElementText();
        else if (xml.name() == "source"_L1)
            all.push_back({where, xml.readElementText()});
    }
    return all;
}

/// The texts of push buttons, in the sources of the window.
QSet<QString> buttons()
{
    static const QRegularExpression made(u"form::button\\([^;]*?tr\\(\"([^\"]+)\"\\)"_s);
    QSet<QString> all;
    QDirIterator files(QStringLiteral(DOWEL_SOURCE "/src/app"), {u"*.cpp"_s}, QDir::Files, QDirIterator::Subdirectories);
    while (files.hasNext()) {
        QFile file(files.next());
        if (!file.open(QIODevice::ReadOnly))
            continue;
        const QString source = QString::fromUtf8(file.readAll());
        for (auto found = made.globalMatch(source); found.hasNext();)
            all << found.next().captured(1).remove(u'&');
    }
    return all;
}

/// A label or a heading: short, and no sentence.
bool isLabel(const QString& text)
{
    return text.size() < 45 && !text.contains(QRegularExpression(u"[.:;?!]"_s));
}

} // namespace

class TestWords : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void thereAreStringsToRead() { QVERIFY(everyString().size() > 1500 && buttons().size() > 40); }
    void noWordThatTheTradeDoesNotUse()
    {
        // Words of an earlier way of speaking, each with what is said instead.
        static const QRegularExpression wrong(
            u"\\b(duct pipe|reed cylinder|school|counsel|outlook|takes? back|bring it back|take it up|put away|cover height|from equal|off by|stale|hopeful|works of the finish|rounds? of listening|written down|not said|per cent sure|chance of \\d)\\b"_s,
            QRegularExpression::CaseInsensitiveOption);
        for (const Shown& s : everyString())
            QVERIFY2(!wrong.match(s.text).hasMatch(), qPrintable(s.where + u": "_s + s.text));
    }
    void noLabelPutsItsNounFirst()
    {
        // "Windway, high" for "Windway height".
        static const QRegularExpression inverted(
            u"^&?[A-Z][\\w ]*, (high|wide|long|deep|thick|narrow|across|along|less|more|by|at|of|compressed)$"_s);
        // With its reason: compressed is the state in which the thread is measured, not its size.
        const QSet<QString> allowed{u"Cork or thread, compressed"_s};
        for (const Shown& s : everyString())
            QVERIFY2(!inverted.match(s.text).hasMatch() || allowed.contains(s.text), qPrintable(s.where + u": "_s + s.text));
    }
    void noPronounStandsForAThingThatHasAName()
    {
        static const QRegularExpression pronoun(u"\\b(it|so|there|still)\\b"_s, QRegularExpression::CaseInsensitiveOption);
        // Trying is the name of the card; "so far" is a time. Facts follow the name of what they are about.
        const QSet<QString> allowed{u"&Try it"_s, u"Try it"_s, u"Readings so far"_s};
        for (const Shown& s : everyString())
            if (isLabel(s.text) && s.where != "Facts"_L1 && !allowed.contains(s.text))
                QVERIFY2(!pronoun.match(s.text).hasMatch(), qPrintable(s.where + u": "_s + s.text));
    }
    void buttonsNameAnAct()
    {
        const QSet<QString> verbs{u"Add"_s,   u"Allow"_s,    u"Apply"_s,   u"Archive"_s, u"Back"_s,    u"Cancel"_s, u"Choose"_s,
                                  u"Close"_s, u"Compare"_s,  u"Copy"_s,    u"Discard"_s, u"Edit"_s,    u"Export"_s, u"Fill"_s,
                                  u"Find"_s,  u"Forget"_s,   u"Go"_s,      u"Hide"_s,    u"Keep"_s,    u"Lay"_s,    u"Load"_s,
                                  u"Log"_s,   u"Make"_s,     u"Match"_s,   u"Measure"_s, u"Open"_s,    u"Paste"_s,  u"Play"_s,
                                  u"Print"_s, u"Redo"_s,     u"Remove"_s,  u"Replace"_s, u"Reset"_s,   u"Leave"_s,  u"Restart"_s,
                                  u"Save"_s,  u"Show"_s,     u"Start"_s,   u"Stop"_s,    u"Try"_s,     u"Type"_s,   u"Undo"_s,
                                  u"Use"_s,   u"Practise"_s, u"Dismiss"_s, u"Next"_s,    u"Earlier"_s, u"Later"_s,  u"Take"_s};
        // With their reasons: faces of a page and windows go by the name of what they show; file formats by theirs; "No
        // reference" and "Individual deviations only" are states that the button is pressed into; "Holes drilled" confirms before
        // it goes on.
        const QSet<QString> allowed{u"Timber and turning…"_s,
                                    u"Tuning strategy…"_s,
                                    u"Passport…"_s,
                                    u"Tool drawer…"_s,
                                    u"What if…"_s,
                                    u"Order of work"_s,
                                    u"As built"_s,
                                    u"Next cut"_s,
                                    u"Sensitivity"_s,
                                    u"Registers"_s,
                                    u"Forecasts"_s,
                                    u"Pitch"_s,
                                    u"Timbre"_s,
                                    u"Trend"_s,
                                    u"No reference"_s,
                                    u"Individual deviations only"_s,
                                    u"Holes drilled: go to Listen"_s,
                                    u"Hands-free (H)"_s,
                                    u"From a file…"_s,
                                    u"A4"_s,
                                    u"PDF…"_s,
                                    u"SVG…"_s,
                                    u"DXF…"_s,
                                    u"The model…"_s,
                                    u"Workbook…"_s,
                                    u"Specification…"_s,
                                    u"Like a file…"_s,
                                    u"Folder…"_s};
        QStringList wordless;
        for (const QString& text : buttons())
            if (!verbs.contains(text.section(QRegularExpression(u"[ …]"_s), 0, 0)) && !allowed.contains(text))
                wordless << text;
        QVERIFY2(wordless.isEmpty(), qPrintable(wordless.join(u" | "_s)));
    }
    void noSentenceNamesAPlaceInAFile()
    {
        static const QRegularExpression pointer(u"/(holes|bore|slides|fingerings|tools|tuning|nodes)/"_s);
        for (const Shown& s : everyString())
            QVERIFY2(!pointer.match(s.text).hasMatch(), qPrintable(s.where + u": "_s + s.text));
    }
};

DOWEL_TEST(TestWords)
#include "test_words.moc"
