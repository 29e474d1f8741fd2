// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/timbre_card.h"

#include "app/listen/drift_picture.h"
#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "core/acoustics/colour.h"
#include "core/fit/placed.h"
#include "session/brighter.h"
#include "text/errors.h"
#include "text/units.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <span>

namespace dowel::app {

namespace {

/// What is worked out for one note: what the model says of it, and the means.
struct Remedies
{
    acoustics::SpeechReason reason = acoustics::SpeechReason::None;
    std::vector<session::Brightening> brighter;
};

Remedies remediesFor(const Workbook& book, const FingeringId& id, bool dull)
{
    Remedies m;
    const auto posterior = fit(book);
    const Fingering* f = book.present().find(id);
    if (!posterior || f == nullptr)
        return m;
    const auto placed = posterior->placed(book.present());
    const acoustics::Model model(placed.shape, placed.calibration);
    const acoustics::NoteQuery q{book.present().closedHoles(*f), f->registerNumber, book.present().openShares(*f)};
    if (const auto colour = acoustics::coloursOf(model, std::span(&q, 1)))
        m.reason = colour->front().reason;
    if (dull)
        if (auto brighter = session::brighteningsOf(*posterior, book.present(), id))
            m.brighter = std::move(*brighter);
    return m;
}

QString reasonWords(acoustics::SpeechReason reason)
{
    switch (reason) {
    case acoustics::SpeechReason::None: return {};
    case acoustics::SpeechReason::WeakResonance:
        return TimbreCard::tr("Model: the resonance is weak because the holes are small and deep or the bore is rough.");
    case acoustics::SpeechReason::NearCutoff: return TimbreCard::tr("Model: the note lies near the cutoff of the open holes.");
    case acoustics::SpeechReason::OctaveAway: return TimbreCard::tr("Model: the octave is far from a resonance of the tube.");
    case acoustics::SpeechReason::LowerIsStronger: return TimbreCard::tr("Model: the register below is stronger.");
    }
    return {};
}

QString meansWords(const session::Brightening& b, text::LengthUnit unit)
{
    struct Work
    {
        text::LengthUnit unit;
        QString operator()(const Enlarge& e) const
        {
            return TimbreCard::tr("enlarging %1 by %2", "hole, how much")
                .arg(QString::fromStdString(e.hole.text), text::length(session::triedLarger, unit));
        }
        QString operator()(const Undercut& u) const
        {
            return TimbreCard::tr("undercutting %1 by %2", "hole, how much")
                .arg(QString::fromStdString(u.hole.text), text::length(session::triedUndercut, unit));
        }
        QString operator()(const session::SmoothedBore& /*smooth*/) const { return TimbreCard::tr("smoothing the bore"); }
    };
    QString words = std::visit(Work{unit}, b.work);
    words[0] = words[0].toUpper();
    return (b.staysIn ? TimbreCard::tr("%1: brighter, %2 cents instead of %3; all notes stay within tolerance.")
                      : TimbreCard::tr("%1: brighter, %2 cents instead of %3; some notes leave tolerance."))
        .arg(words, text::wholeCents(b.then.cents()), text::wholeCents(b.now.cents()));
}

} // namespace

TimbreCard::TimbreCard(Document& document, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_document(&document),
      m_questions(&questions),
      m_drift(new DriftPicture(this)),
      m_picture(new TimbrePicture(this)),
      m_words(form::words(this, "timbreWords")),
      m_alike(form::button(this, "timbreAlike", tr("Match t&his note"))),
      m_like(form::button(this, "timbreLike", tr("Match &instrument…"))),
      m_none(form::button(this, "timbreNone", tr("&No reference")))
{
    setObjectName(QStringLiteral("timbreCard"));
    m_alike->setToolTip(tr("Compare all notes with the selected note."));
    m_like->setToolTip(tr("Compare every note with a good instrument's workbook."));
    m_words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    for (QPushButton* b : {m_alike, m_like, m_none})
        buttons->addWidget(b);
    buttons->addStretch(1);
    auto* words = form::scrolled(this, "timbreWordsScroll", m_words);
    words->setMinimumHeight(Style::scaled(72));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, Style::grid, 0, 0);
    column->addWidget(m_drift, 2);
    column->addWidget(m_picture, 5);
    column->addWidget(words, 2);
    column->addLayout(buttons);
    connect(m_picture, &Picture::partChosen, this, &TimbreCard::showNote);
    connect(m_alike, &QPushButton::clicked, this, &TimbreCard::alike);
    connect(m_like, &QPushButton::clicked, this, &TimbreCard::likeAnInstrument);
    connect(m_none, &QPushButton::clicked, this, [this] { m_document->setPattern({}); });
}

void TimbreCard::show(TimbrePicture::Face face)
{
    m_face = face;
    const bool now = face == TimbrePicture::Face::Now;
    m_drift->setVisible(!now);
    const Document::Snapshot book = m_document->book();
    const bool pattern = book->pattern() != nullptr;
    for (QPushButton* b : {m_alike, m_like})
        b->setVisible(now);
    m_none->setVisible(now && pattern);
    struct Found
    {
        std::vector<NoteTimbre> notes;
        std::vector<Drift> drifts;
    };
    m_sums.runNewest(
        [book, now](const Cancel&) {
            return now ? Found{timbresOf(*book), {}} : Found{timbreTrendsOf(*book), driftsOf(*book)};
        },
        [this](Found found) {
            m_drift->show(std::move(found.drifts));
            m_picture->show(std::move(found.notes), m_face);
            showNote(m_picture->currentPart());
        });
}

void TimbreCard::showNote(int part)
{
    m_alike->setEnabled(part >= 0);
    if (part < 0) {
        QStringList out;
        for (const NoteTimbre& n : m_picture->notes())
            if (const QString character = timbreCharacter(n, m_picture->notes()); !character.isEmpty())
                out << tr("%1 is %2", "note, what stands out").arg(text::noteName(n.id.text), character);
        const int fewest = m_face == TimbrePicture::Face::Trend ? 2 : 1;
        const bool heard = std::any_of(m_picture->notes().begin(), m_picture->notes().end(),
                                       [fewest](const NoteTimbre& n) { return n.takes >= fewest; });
        QString words = out.join(QStringLiteral("; ")) + tr(". Point at a note for figures.");
        if (!heard && fewest > 1)
            words = tr("No note was heard twice yet. Changes appear here after a second session.");
        else if (!heard)
            words = tr("Nothing recorded yet: play the fingerings one after the other.");
        else if (out.isEmpty())
            words =
                fewest > 1 ? tr("No change since the first session.") : tr("All notes sound alike. Point at a note for figures.");
        m_words->setText(words);
        return;
    }
    const NoteTimbre& n = m_picture->notes()[static_cast<std::size_t>(part)];
    m_words->setText(m_picture->partWords(part));
    if (m_face == TimbrePicture::Face::Trend || n.takes == 0)
        return;
    const auto out = [&n](NoteTimbre::Value v) {
        return n.standsOut[static_cast<std::size_t>(v)];
    };
    if (!out(NoteTimbre::Centre) && !out(NoteTimbre::Noise) && !out(NoteTimbre::Speaks))
        return;
    const bool dull = isDull(n, m_picture->notes());
    m_means.runNewest([book = m_document->book(), id = n.id, dull](const Cancel&) { return remediesFor(*book, id, dull); },
                      [this, part](const Remedies& m) {
                          if (m_picture->currentPart() != part)
                              return;
                          QStringList lines{m_picture->partWords(part)};
                          if (const QString why = reasonWords(m.reason); !why.isEmpty())
                              lines << why;
                          for (const session::Brightening& b : m.brighter)
                              lines << meansWords(b, text::LengthUnit::Millimetres);
                          m_words->setText(lines.join(QLatin1Char('\n')));
                      });
}

void TimbreCard::alike()
{
    const int part = m_picture->currentPart();
    if (part < 0)
        return;
    PatternEntry pattern;
    pattern.alike = m_picture->notes()[static_cast<std::size_t>(part)].id;
    m_document->setPattern(std::move(pattern));
}

void TimbreCard::likeAnInstrument()
{
    const QString path = m_questions->fileToOpen(this, tr("Workbook of the reference instrument"), tr("Workbooks (*.dowel)"));
    if (path.isEmpty())
        return;
    m_sums.run([path = path.toStdString()](const Cancel&) { return session::patternIn(path); },
               [this](Result<PatternEntry> pattern) {
                   if (pattern)
                       m_document->setPattern(std::move(*pattern));
                   else
                       Q_EMIT failed(text::sentence(pattern.error()));
               });
}

} // namespace dowel::app

#include "moc_timbre_card.cpp"
