// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shell/guide.h"

#include "app/parts/form.h"
#include "app/parts/style.h"
#include "app/shell/guide_figures.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QPushButton>
#include <QTextBrowser>
#include <QTextDocumentFragment>
#include <QVBoxLayout>

namespace dowel::app {

namespace {

/// A text whose pictures are drawn when they are wanted.
class Pages : public QTextBrowser
{
public:
    using QTextBrowser::QTextBrowser;

protected:
    QVariant loadResource(int type, const QUrl& name) override
    {
        if (type == QTextDocument::ImageResource && name.scheme() == QLatin1String("figure"))
            return guideFigure(name.path(), Style::scaled(figureWidth), devicePixelRatioF());
        return QTextBrowser::loadResource(type, name);
    }

private:
    static constexpr int figureWidth = 460;
};

} // namespace

Guide::Guide(QWidget* parent) : QDialog(parent), m_search(new QLineEdit(this)), m_text(new Pages(this))
{
    setObjectName(QStringLiteral("guide"));
    setWindowTitle(tr("How to work with Dowel"));
    resize(QSize(Style::scaled(560), Style::scaled(640)).boundedTo(parent->size()));
    m_search->setObjectName(QStringLiteral("guideSearch"));
    m_search->setAccessibleName(tr("Search the guide"));
    m_search->setPlaceholderText(tr("Search"));
    m_text->setObjectName(QStringLiteral("guideText"));
    m_text->setAccessibleName(tr("The guide"));
    m_text->setFrameShape(QFrame::NoFrame);
    auto* close = form::button(this, "guideClose", tr("&Close"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(3 * Style::grid, 2 * Style::grid, 3 * Style::grid, 2 * Style::grid);
    column->addWidget(m_search);
    column->addWidget(m_text, 1);
    column->addWidget(close, 0, Qt::AlignRight);
    connect(close, &QPushButton::clicked, this, &QDialog::hide);
    connect(m_search, &QLineEdit::textChanged, this, &Guide::find);
    addStages();
    addWords();
    find({});
}

void Guide::openAt(const QString& chapter)
{
    m_search->clear();
    show();
    raise();
    activateWindow();
    m_text->scrollToAnchor(chapter);
    m_search->setFocus();
}

void Guide::keyPressEvent(QKeyEvent* event)
{
    if (event->matches(QKeySequence::HelpContents)) // there and back by the same key
        return hide();
    QDialog::keyPressEvent(event);
}

void Guide::changeEvent(QEvent* event)
{
    if (event->type() == QEvent::PaletteChange && !m_chapters.empty()) // its pictures have the colours of the look before
        find(m_search->text());
    QDialog::changeEvent(event);
}

void Guide::find(const QString& words)
{
    QString html;
    for (const Chapter& c : m_chapters) {
        const QString plain = c.title + QLatin1Char(' ') + QTextDocumentFragment::fromHtml(c.body).toPlainText();
        if (!words.trimmed().isEmpty() && !plain.contains(words.trimmed(), Qt::CaseInsensitive))
            continue;
        html += QStringLiteral("<h3><a name=\"%1\"></a>%2</h3>").arg(c.name, c.title);
        if (!c.figure.isEmpty())
            html += QStringLiteral("<p><img src=\"figure:%1\"></p>").arg(c.figure);
        html += c.body;
    }
    m_text->setHtml(html.isEmpty() ? tr("<p>The guide has nothing on that.</p>") : html);
}

void Guide::add(const char* name, const QString& title, const QString& body, const char* figure)
{
    m_chapters.push_back({QLatin1String(name), title, body, QLatin1String(figure)});
}

void Guide::addStages()
{
    add("first", tr("The first five minutes"),
        tr("<ol><li>In the shop (Ctrl+0) choose <i>Practice</i>: a whistle drilled slightly too small, played by a simulated "
           "player.</li><li><b>Listen</b>: press <b>Space</b> until every note has been heard. All notes are flat, as "
           "intended.</li><li><b>Correct</b>: the card shows one cut. <b>Enter</b> logs the cut at the size shown; you may type "
           "another caliper reading. <i>Forecasts</i> compares forecast and result.</li><li>Listen again when the card asks for "
           "it. After a few rounds every note is within tolerance.</li><li>Then start your own instrument: <b>Blank</b>, "
           "<b>Target</b>, <b>Layout</b>, <b>Drill</b>, then listen and correct with your breath and your wood.</li></ol>"));
    add("shop", tr("The shop (Ctrl+0)"),
        tr("<p>Every instrument of the folder has one workbook, from the bare tube to the last session. <i>Start</i> begins a "
           "new instrument. <i>Make another</i> carries a model to one or several other keys. <i>Compare</i> puts two or more "
           "instruments of one model next to each other and lays out the next one corrected for what they share. <i>Practice</i> "
           "makes a blank that a simulated player plays.</p>") +
            tr("<p><i>Tool drawer</i> holds the bits of this shop by their markings (9/32, #7, F, 6.5 mm) and its hand tools. "
               "New plans take their hole sizes from it, and the advice calls each bit by its marking.</p>"));
    add("blank", tr("Blank (Ctrl+1)"),
        tr("<p>The tube as it is: family, bore profile (drag the squares in the picture, or type), wall, sounding edge, material "
           "and the nodes of a cane, with the keys that suit this tube. <i>Compare bores</i> lays the plan out on several bores. "
           "<i>Timber and turning</i> counts billets, shows how far a bore that wandered can be turned true, what a tenon leaves "
           "of the wall, and how deep your reamers go.</p>"));
    add("edge", tr("Sounding edge (Ctrl+2)"),
        tr("<p>The sounding edge, enlarged: drag its squares. Choose a symptom on the left and the drawing shows where the first "
           "remedy works, reversible remedies first. The table shows the effect of 0.1 mm of each measure on both registers; "
           "below the drawing you see the breath pressure the window needs.</p>") +
            tr("<p>Type the wood above the edge, or beyond the embouchure hole, and a slow chamber: they sound nothing, but are "
               "sawn, bored and drawn with the rest. The overall length stands beside them.</p>"),
        "edge");
    add("target", tr("Target (Ctrl+3)"),
        tr("<p>Set the lowest note, scale, temperament, A4, temperature and tolerances. Click the holes of a fingering to change "
           "it; <i>Find fingerings</i> tries every fingering for a note.</p>"),
        "fingering");
    add("layout", tr("Layout (Ctrl+4)"),
        tr("<p>Calculates hole positions and diameters; drag a hole on the workpiece and every note follows. Where notes stay "
           "out of tolerance, Dowel names what would help, and <i>Apply</i> makes the change. <i>What if</i> shows what a bell, "
           "a groove, a rougher bore or another mouthpiece does to every note. <i>Copy an instrument</i> scales a measured "
           "instrument to this plan and shows the model's own scale first.</p>"),
        "workpiece");
    add("drill", tr("Drill (Ctrl+5)"),
        tr("<p>The order of work for this material with its cautions, the full-size template, and positions in fractions of an "
           "inch. A stopped pipe is bored short on purpose; a slide gets its scale. <i>As built</i> takes the measures of an "
           "existing instrument. Ticked steps go into the logbook.</p>"));
    add("listen", tr("Listen (Ctrl+6)"),
        tr("<p>Finger the requested note and press <b>Space</b>. The reading is saved at once with its recording. "
           "<b>Backspace</b> undoes the reading, <b>Enter</b> moves on. <b>H</b> listens hands-free: a note held steady for a "
           "second is taken and the next one is requested; <b>F11</b> shows the note across the room, <b>D</b> plays the target "
           "pitch. <i>View, Count in</i> gives three beats before each note. <b>P</b> opens the newest take. <i>Timbre</i> "
           "compares every note with its neighbours, with one chosen note or with a good instrument, and names what would "
           "brighten a dull note and at what cost in pitch; <i>Trend</i> shows changes over time.</p>"),
        "timbre");
    add("correct", tr("Correct (Ctrl+7)"),
        tr("<p>The card shows the next cut, its size and its tool. Cut to that size, measure with calipers, type the reading and "
           "press <b>Enter</b>. Dowel says when to listen again, and stops first where the readings contradict the measures. "
           "<i>Tuning strategy</i> sets the order of cuts.</p><p><b>Sensitivity</b>: cents per tenth of a millimetre. <b>Try "
           "it</b>: drag a hole, the foot or the stopper and see every note move; nothing is saved. <b>Registers</b>: the width "
           "of octaves or twelfths. <b>Forecasts</b>: forecast and result side by side, with the takes before and after the last "
           "cut.</p><p><i>Log own work</i> records work done without advice, including a bell or ring put on the foot or taken "
           "off; each reading counts for the state it was taken in.</p>"),
        "tuning");
    add("finish", tr("Finish (Ctrl+8)"),
        tr("<p>Oil, wax, lacquer or none, as dated steps; a late step moves the following ones. Play every note before and "
           "after, and Dowel shows the shift. <i>Allow for finish</i> shifts the target by the usual amount until you remove the "
           "allowance. <i>Calendar</i> exports reminders; <i>Passport</i> writes the document that leaves the shop with the "
           "instrument.</p>"));
    add("logbook", tr("Logbook (Ctrl+9)"),
        tr("<p>Every reading, cut, advice and note by date, kind or search word, with your photographs. Nothing is erased: a "
           "wrong entry is set aside. Ctrl+Z undoes the last entry unless it is a cut; Ctrl+Shift+Z redoes it.</p>"));
}

void Guide::addWords()
{
    add("signs", tr("Signs and keys"),
        tr("<p>Filled symbols show the present pitch, outlines the pitch after the next cut. A disc is within tolerance, a "
           "triangle points in the direction of the deviation; the bar through a symbol is one standard deviation. Ctrl+1 to 9 "
           "change the stage, Ctrl+I switches millimetres and inches, Ctrl+D light and dark, Ctrl+Shift+D high contrast, F1 "
           "opens and closes this guide. Tab moves to a picture, the arrow keys move within it.</p>"));
    add("holes", tr("Holes in section"),
        tr("<p>Enlarging a hole raises its own note and the notes above it in both registers. <b>Undercutting</b> raises the "
           "first register more than the second. A <b>countersink</b> makes the hole easier to cover and slightly "
           "shallower.</p>"),
        "hole");
    add("words", tr("Words of the trade"),
        tr("<p><b>Cent</b>: a hundredth of a semitone. <b>Register</b>: the low notes are the first register; blown harder or "
           "vented, the same fingering gives the second and third. <b>Window</b>: the opening where the jet meets the <b>lip</b> "
           "(labium); its length is the <b>cut-up</b>. <b>Windway</b>: the slit that forms the jet. <b>Embouchure hole</b>: the "
           "hole of a transverse flute that is blown across. <b>Stopper</b>: the cork that closes the tube above the embouchure "
           "hole. <b>Chimney</b>: the depth of a hole through the wall. <b>Undercut</b>: a hole made wider at the bore than "
           "outside. <b>Station</b>: a point where the bore is measured. <b>Cutoff</b>: the frequency above which open holes "
           "radiate the sound. <b>Tolerance</b>: the deviation a note may keep. <b>Standard deviation</b>: the true value lies "
           "within one of them two times in three.</p>"),
        "parts");
}

} // namespace dowel::app

#include "moc_guide.cpp"
