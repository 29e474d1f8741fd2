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
    m_search->setAccessibleName(tr("Find in the guide"));
    m_search->setPlaceholderText(tr("Find a word"));
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
    m_text->setHtml(html.isEmpty() ? tr("<p>Nothing in the guide speaks of that.</p>") : html);
}

void Guide::add(const char* name, const QString& title, const QString& body, const char* figure)
{
    m_chapters.push_back({QLatin1String(name), title, body, QLatin1String(figure)});
}

void Guide::addStages()
{
    add("first", tr("The first five minutes"),
        tr("<ol><li>In the shop (Ctrl+0) choose <i>Practise</i>: a whistle drilled a little too small, blown by a simulated "
           "player.</li><li><b>Listen</b>: press <b>Space</b> until every note has been heard. All are flat, as they should "
           "be.</li><li><b>Correct</b>: the card names one cut. <b>Enter</b> makes it, as if your calipers had said so; a "
           "wrong size is taken, too, and what it did stands in <i>Outcome</i>.</li><li>When it says so, listen again. After "
           "some "
           "rounds every note is within tolerance, and the knife is put away.</li><li>Then begin one of your own: <b>Blank</b>, "
           "<b>Target</b>, <b>Layout</b>, <b>Drill</b>, and the same again with your breath and your wood.</li></ol>"));
    add("shop", tr("The shop (Ctrl+0)"),
        tr("<p>Every instrument of the folder, each in one workbook, from the bare tube to the last listening. <i>Begin it</i> "
           "makes a "
           "new one. <i>Another like this</i> carries one to another key, or to several at once; two or more of one model stand "
           "<i>side by side</i>, and the next one is laid out with what they have in common taken out. <i>Practise</i> makes a "
           "blank "
           "that a simulated player blows.</p>"));
    add("blank", tr("Blank (Ctrl+1)"),
        tr("<p>The tube as it is: family, bore at stations (drag the squares of the picture, or type), wall, mouth, material, a "
           "cane's nodes; beside it which keys it serves for. <i>Which bore?</i> lays the plan out on several bores side by "
           "side. <i>From the plank</i> counts billets, says what a bore that wandered leaves to be turned, what a tenon leaves, "
           "and how deep your reamers go.</p>"));
    add("edge", tr("Sounding edge (Ctrl+2)"),
        tr("<p>The mouth, enlarged: drag its squares. What is heard on the left points at the place where the first remedy "
           "works, the reversible before the rest. The table says what a tenth of each measure does to both registers; under the "
           "drawing stands how hard the window is to be blown.</p>"),
        "edge");
    add("target", tr("Target (Ctrl+3)"),
        tr("<p>Lowest note, scale, temperament, A4, temperature, how near each note must come. Click the holes of a fingering to "
           "change it; <i>Find fingerings</i> goes through every way to close them.</p>"),
        "fingering");
    add("layout", tr("Layout (Ctrl+4)"),
        tr("<p>Places and sizes of the holes, worked out; drag one on the workpiece and every note moves. Where notes stay out "
           "of tolerance it says what would help, and <i>Do so</i> takes it over. <i>What would it do?</i> tells what a bell, a "
           "groove, a rougher bore or another mouthpiece would cost every note. <i>Copy an instrument</i> carries a measured one "
           "over, and shows first what its own row plays.</p>"),
        "workpiece");
    add("drill", tr("Drill (Ctrl+5)"),
        tr("<p>The order of work in this material, with its cautions, the full-size template, marks in parts of an inch. A "
           "stopped "
           "pipe is bored too short on purpose, a slide gets its scale. <i>What is there</i> takes an instrument as it is. What "
           "is ticked "
           "off stands in the logbook.</p>"));
    add("listen", tr("Listen (Ctrl+6)"),
        tr("<p>Finger the note that is asked, then <b>Space</b>. The reading is kept at once, with its recording. "
           "<b>Backspace</b> takes it back, <b>Enter</b> goes on. <b>H</b> listens without hands: a note that is steady for a "
           "second is taken and the next one comes up; <b>F11</b> shows it across the room, <b>D</b> sounds the note as it is "
           "wanted. <i>View, Count in</i> gives the fingers three beats before each. <b>P</b> opens the newest take. "
           "<i>Timbre</i> shows how every note sounds beside its neighbours, beside one "
           "note or beside a good instrument, and what would make a dull one brighter at which price; <i>Trend</i> how that and "
           "the pitch have changed.</p>"),
        "timbre");
    add("correct", tr("Correct (Ctrl+7)"),
        tr("<p>The card says which cut comes next, how far and with what. Cut exactly so far, measure with calipers, type what "
           "they say, "
           "<b>Enter</b>. Dowel says when to listen again, and where the readings do not fit the measures it says so first. "
           "<i>Plan "
           "otherwise</i> chooses how the plan goes about it.</p><p><b>Moves</b>: the cents that a tenth of a millimetre is "
           "worth. <b>Try "
           "it</b>: drag a hole, the foot or the stopper and see every note move; nothing of it is kept. <b>Registers</b>: how "
           "wide "
           "octaves or twelfths are. <b>Outcome</b>: what was forecast beside what came, and the takes before and after the last "
           "cut to hear.</p><p><i>Work of your own</i> records what was done without advice; there a bell or ring is put on the "
           "foot "
           "and taken off again, and each reading counts for the state it was taken in.</p>"),
        "tuning");
    add("finish", tr("Finish (Ctrl+8)"),
        tr("<p>Oil, wax, lacquer or none: works and days, ticked with their day; what is late moves what follows. Hear every "
           "note before and after, and it says what the finish moved; <i>Leave room</i> lowers what is wanted by what it usually "
           "moves, until you give it back. <i>Calendar</i> reminds, <i>Passport</i> writes what leaves the shop with the "
           "instrument.</p>"));
    add("logbook", tr("Logbook (Ctrl+9)"),
        tr("<p>Everything that was heard, cut and advised, day by day, by kind or by a word, with your photographs. Nothing is "
           "erased: a wrong entry is set aside. Ctrl+Z takes the last entry back, unless it is a cut; Ctrl+Shift+Z brings it "
           "back.</p>"));
}

void Guide::addWords()
{
    add("signs", tr("Signs and keys"),
        tr("<p>Filled signs are what sounds now, outlines what the next cut will do. A disc is within tolerance, a triangle "
           "points the "
           "way the note is off; the bar through a sign is one standard deviation. Ctrl+1 to 9 change the stage, Ctrl+I between "
           "millimetres and inches, Ctrl+D between light and dark, Ctrl+Shift+D to high contrast, F1 opens and closes this "
           "guide. Pictures are walked by the arrow keys once Tab has reached them.</p>"));
    add("holes", tr("Holes in section"),
        tr("<p>Widened as a whole, a hole raises its own note and those above it in both registers. <b>Undercut</b>, it raises "
           "the "
           "low register more than the upper one. <b>Countersunk</b>, it is easier to cover and a trifle shallower.</p>"),
        "hole");
    add("words", tr("Words of the trade"),
        tr("<p><b>Cent</b>: a hundredth of a semitone. <b>Register</b>: the low notes are the first; blown harder or with a vent "
           "the same "
           "fingering gives the next. <b>Window</b>: the opening at which the jet meets the <b>lip</b>; <b>cut-up</b>, its "
           "length along "
           "the tube. <b>Windway</b>: the slit that makes the jet. <b>Embouchure hole</b>: the hole blown across. "
           "<b>Stopper</b>: what "
           "closes the tube above it. <b>Chimney</b>: the depth of a hole through the wall. <b>Undercut</b>: a hole wider at the "
           "bore than "
           "outside. <b>Station</b>: a place at which the bore is measured. <b>Cutoff</b>: the pitch above which open holes let "
           "the sound "
           "out. <b>Tolerance</b>: how far off a note may stay. <b>One standard deviation</b>: two times in three the truth lies "
           "within "
           "it.</p>"),
        "parts");
}

} // namespace dowel::app

#include "moc_guide.cpp"
