// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correct/correct_page.h"

#include "app/correct/measure_dialog.h"
#include "app/correct/outcome_card.h"
#include "app/correct/own_work_dialog.h"
#include "app/correct/register_card.h"
#include "app/correct/sensitivity_card.h"
#include "app/correct/strategy_dialog.h"
#include "app/correct/try_card.h"
#include "app/correct/wanted_dialog.h"
#include "app/parts/announce.h"
#include "app/parts/form.h"
#include "app/parts/pages.h"
#include "app/parts/style.h"
#include "app/parts/tuning_picture.h"
#include "core/instrument/summary.h"
#include "session/practice.h"
#include "text/errors.h"
#include "text/sentences.h"
#include "text/units.h"

#include <QButtonGroup>
#include <QFrame>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QShortcut>
#include <QStackedWidget>
#include <cmath>

namespace dowel::app {

namespace {

constexpr int cardWidth = 372;

QLabel* label(QWidget* parent, const char* name, const QFont& font, bool quiet = false)
{
    auto* l = new QLabel(parent);
    l->setObjectName(QLatin1String(name));
    l->setFont(font);
    l->setWordWrap(true);
    l->setProperty("quiet", quiet);
    return l;
}

} // namespace

CorrectPage::CorrectPage(Document& document, QWidget* parent)
    : QWidget(parent),
      m_document(&document),
      m_picture(new TuningPicture(document.time(), this)),
      m_faces(new QButtonGroup(this)),
      m_cards(new Pages(this)),
      m_sensitivity(new SensitivityCard(document, m_cards)),
      m_try(new TryCard(document, m_cards)),
      m_registers(new RegisterCard(document, m_cards)),
      m_outcome(new OutcomeCard(document, m_cards)),
      m_card(new QFrame(m_cards))
{
    setObjectName(QStringLiteral("correctPage"));
    makeCard();
    arrangeCard();
    arrange();
    bind();
    refresh();
}

void CorrectPage::makeCard()
{
    m_card->setObjectName(QStringLiteral("card"));
    m_kind = label(m_card, "cardKind", Style::small(), true);
    m_what = label(m_card, "cardWhat", Style::head());
    QFont big = Style::head();
    big.setPixelSize(30);
    m_sizes = label(m_card, "cardSizes", big);
    m_tool = label(m_card, "cardTool", Style::body());
    m_why = label(m_card, "cardWhy", Style::body());
    m_caution = label(m_card, "cardCaution", Style::small(), true);
    m_calipersLabel = label(m_card, "calipersLabel", Style::body());
    m_calipers = new QLineEdit(m_card);
    m_calipers->setObjectName(QStringLiteral("calipers"));
    m_calipers->setAccessibleName(tr("Caliper reading"));
    m_calipers->setMaxLength(24);
    QFont numbers = Style::head();
    m_calipers->setFont(numbers);
    m_calipersLabel->setBuddy(m_calipers);
    m_calipersHint = label(m_card, "calipersHint", Style::small(), true);
    m_done = form::button(m_card, "cutDoneButton", tr("Log this cut  (Enter)"), true);
    m_done->setAccessibleName(tr("Log this cut"));
    m_listen = form::button(m_card, "goListenButton", tr("Go to Listen  (Enter)"), true);
    m_listen->setAccessibleName(tr("Go to Listen"));
    m_own = form::button(m_card, "ownFirstButton", tr("Log your own cut…  (Enter)"), true);
    m_own->setAccessibleName(tr("Your own cut"));
    m_measure = form::button(m_card, "measureAgainButton", QString(), true);
    m_measure->setAccessibleName(tr("Measure again"));
    m_strategy = form::button(m_card, "schoolButton", tr("Tuning &strategy…"));
    m_strategy->setAccessibleName(tr("Tuning strategy"));
    m_strategy->setFont(Style::small());
    m_plan = label(m_card, "cardPlan", Style::small(), true);
    m_summary = label(this, "tuningSummary", Style::body());
}

void CorrectPage::arrangeCard()
{
    auto* card = new QVBoxLayout(m_card);
    card->setContentsMargins(20, 14, 20, 14);
    card->setSpacing(6);
    for (QLabel* l : {m_kind, m_what, m_sizes, m_tool, m_why, m_caution, m_calipersLabel})
        card->addWidget(l);
    auto* entry = new QHBoxLayout;
    entry->setSpacing(Style::grid);
    entry->addWidget(m_calipers, 1);
    entry->addWidget(m_done);
    card->addLayout(entry);
    card->addWidget(m_calipersHint);
    card->addWidget(m_listen);
    card->addWidget(m_measure);
    card->addWidget(m_own);
    // What stands behind the next cut may be longer than the room below it.
    m_plan->setAlignment(Qt::AlignLeft | Qt::AlignBottom);
    auto* plan = form::scrolled(m_card, "cardPlanScroll", m_plan);
    plan->setMinimumHeight(24); // on a low screen the cut itself comes first
    card->addWidget(plan, 1);
    card->addWidget(m_strategy);
}

QHBoxLayout* CorrectPage::makeFaces()
{
    auto* faces = new QHBoxLayout;
    faces->setSpacing(0);
    const std::tuple<QString, QString, const char*> names[] = {
        {tr("&Next cut"), tr("Next cut"), "faceNextCut"},
        {tr("&Sensitivity"), tr("Sensitivity of every note"), "faceSensitivity"},
        {tr("&Try it"), tr("Try it"), "faceTryIt"},
        {tr("&Registers"), tr("Width of octaves or twelfths, and what changes it"), "faceRegisters"},
        {tr("Fore&casts"), tr("Forecast and result"), "faceOutcome"}};
    for (int i = 0; i < 5; ++i) {
        const auto& [words, spoken, name] = names[i];
        auto* b = new QPushButton(words, this);
        b->setObjectName(QLatin1String(name));
        b->setAccessibleName(spoken);
        b->setToolTip(spoken);
        b->setCheckable(true);
        b->setProperty("face", true);
        m_faces->addButton(b, i);
        faces->addWidget(b);
    }
    m_faces->button(0)->setChecked(true);
    connect(m_faces, &QButtonGroup::idToggled, this, [this](int id, bool on) {
        if (on)
            setFace(static_cast<Face>(id));
    });
    return faces;
}

void CorrectPage::arrange()
{
    for (QWidget* w : std::initializer_list<QWidget*>{m_card, m_sensitivity, m_try, m_registers, m_outcome})
        m_cards->addWidget(w);
    auto* faces = makeFaces();
    m_cards->setFixedWidth(std::max(cardWidth, faces->sizeHint().width()));
    auto* left = new QVBoxLayout;
    left->setSpacing(Style::grid);
    left->addWidget(m_summary);
    left->addWidget(m_picture, 1);
    auto* right = new QVBoxLayout;
    right->setSpacing(Style::grid);
    right->addLayout(faces);
    right->addWidget(m_cards, 1);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(2 * Style::grid);
    columns->addLayout(left, 1);
    columns->addLayout(right);
}

void CorrectPage::bind()
{
    connect(m_sensitivity, &SensitivityCard::shownChanged, this, [this] {
        m_picture->setPicked(face() == Face::Sensitivity ? m_sensitivity->chosen() : -1);
        Q_EMIT workChanged();
    });
    connect(m_try, &TryCard::triedChanged, this, [this] {
        showPicture();
        Q_EMIT workChanged();
    });
    connect(m_outcome, &OutcomeCard::failed, m_document, &Document::failed);
    connect(m_picture, &TuningPicture::notePicked, m_sensitivity, &SensitivityCard::choose);
    connect(m_done, &QPushButton::clicked, this, &CorrectPage::recordCut);
    connect(m_calipers, &QLineEdit::returnPressed, this, &CorrectPage::recordCut);
    connect(m_listen, &QPushButton::clicked, this, &CorrectPage::listenAsked);
    connect(m_strategy, &QPushButton::clicked, this, &CorrectPage::chooseStrategy);
    connect(m_own, &QPushButton::clicked, this, &CorrectPage::recordOwnWork);
    connect(m_measure, &QPushButton::clicked, this, &CorrectPage::measureAgain);
    for (const auto key : {Qt::Key_Return, Qt::Key_Enter}) {
        auto* s = new QShortcut(key, this);
        s->setContext(Qt::WidgetWithChildrenShortcut);
        connect(s, &QShortcut::activated, this, [this] {
            if (auto* b = qobject_cast<QPushButton*>(focusWidget()); b != nullptr && face() != Face::NextCut)
                b->click();
            else if (m_listen->isVisible() && m_listen->isEnabled())
                Q_EMIT listenAsked();
            else if (m_measure->isVisible())
                measureAgain();
            else if (m_own->isVisible())
                recordOwnWork();
            else if (m_done->isVisible() && m_done->isEnabled())
                recordCut();
        });
    }
    connect(m_document, &Document::recommendationChanged, this, &CorrectPage::refresh);
    connect(m_document, &Document::busyChanged, this, &CorrectPage::showCard);
}

CorrectPage::Face CorrectPage::face() const
{
    return static_cast<Face>(m_cards->currentIndex());
}

void CorrectPage::setFace(Face face)
{
    m_cards->setCurrentIndex(static_cast<int>(face));
    m_faces->button(static_cast<int>(face))->setChecked(true);
    m_picture->setPicked(-1);
    const bool trying = face == Face::TryIt;
    m_picture->setAfterWords(trying                  ? tr("filled: now   outline: trial")
                             : face == Face::NextCut ? tr("filled: now   outline: after the cut")
                             : face == Face::Outcome ? tr("filled: now   outline: forecast")
                                                     : QString(),
                             trying                  ? tr("trial")
                             : face == Face::Outcome ? tr("forecast")
                                                     : tr("after the cut"));
    refreshCard();
    showPicture();
    takeFocus();
    Q_EMIT workChanged();
}

void CorrectPage::holdScale(bool held)
{
    m_picture->holdScale(held);
}

void CorrectPage::setUnit(text::LengthUnit unit)
{
    m_unit = unit;
    m_try->setUnit(unit);
    m_sensitivity->setUnit(unit);
    m_registers->setUnit(unit);
    refresh();
}

std::optional<Cut> CorrectPage::proposed() const
{
    const auto& recommendation = m_document->recommendation();
    if (!recommendation || recommendation->advice.state != AdviceState::MakeCut || ownFirst())
        return std::nullopt;
    return recommendation->advice.steps.front().cut;
}

bool CorrectPage::ownFirst() const
{
    const auto practice = m_document->book()->practice();
    return practice && practice->ownFirst;
}

void CorrectPage::takeFocus()
{
    if (face() != Face::NextCut) {
        m_faces->button(static_cast<int>(face()))->setFocus();
    } else if (m_calipers->isVisible()) {
        m_calipers->setFocus();
        m_calipers->selectAll();
    } else if (m_listen->isVisible()) {
        m_listen->setFocus();
    } else if (m_own->isVisible()) {
        m_own->setFocus();
    } else if (m_measure->isVisible()) {
        m_measure->setFocus();
    } else {
        setFocus();
    }
}

void CorrectPage::refreshCard()
{
    switch (face()) {
    case Face::NextCut: break;
    case Face::Sensitivity: m_sensitivity->refresh(); break;
    case Face::TryIt: m_try->reset(); break; // what was tried belongs to the shape as it was
    case Face::Registers: m_registers->refresh(); break;
    case Face::Outcome: m_outcome->refresh(); break;
    }
}

void CorrectPage::refresh()
{
    refreshCard();
    showPicture();
    showCard();
    if (m_document->recommendation() && isVisible())
        takeFocus();
}

void CorrectPage::showPicture()
{
    const auto& recommendation = m_document->recommendation();
    if (!recommendation)
        return; // the old picture stays until the new one is known
    const auto book = m_document->book();
    const auto& fingerings = book->present().spec().fingerings;
    std::vector<bool> heard(fingerings.size(), false);
    for (const PlacedReading& r : book->readings())
        if (const auto i = book->present().indexOf(r.reading->fingering))
            heard[*i] = true;
    std::vector<PictureNote> notes;
    for (std::size_t i = 0; i < fingerings.size(); ++i) {
        PictureNote n;
        n.name = text::noteName(fingerings[i].id.text);
        n.registerNumber = fingerings[i].registerNumber;
        n.tolerance = fingerings[i].tolerance.cents();
        n.heard = heard[i];
        n.now = recommendation->now[i].cents;
        n.sd = recommendation->now[i].sd;
        if (face() == Face::TryIt) {
            n.hasAfter = i < m_try->notes().size();
            if (n.hasAfter) {
                n.after = m_try->notes()[i].cents;
                n.afterSd = m_try->notes()[i].sd;
            }
        } else if (face() == Face::Outcome) {
            for (const NoteOutcome& o : m_outcome->last())
                if (o.fingering == fingerings[i].id) {
                    n.hasAfter = true;
                    n.after = o.forecast.cents();
                    n.afterSd = o.sd.cents();
                }
        } else if (face() == Face::NextCut && recommendation->advice.state == AdviceState::MakeCut && !ownFirst()) {
            const NoteForecast& f = recommendation->advice.steps.front().forecast[i];
            n.hasAfter = true;
            n.after = f.after.cents();
            n.afterSd = f.sd.cents();
        }
        notes.push_back(std::move(n));
    }
    m_picture->setNotes(std::move(notes));
    const Advice& a = recommendation->advice;
    std::vector<double> cents;
    for (const NoteState& s : recommendation->now)
        cents.push_back(s.cents);
    const bool all = std::find(heard.begin(), heard.end(), false) == heard.end();
    m_summary->setText(all ? tr("%1 of %2 notes within tolerance; largest deviation %3, average %4 cents")
                                 .arg(a.withinTolerance)
                                 .arg(a.of)
                                 .arg(text::cents(a.worst.cents()))
                                 .arg(text::number(summaryOf(fingerings, cents).mean_cents, 1))
                           : tr("Not every note has been heard yet."));
}

void CorrectPage::showCard()
{
    const auto& recommendation = m_document->recommendation();
    const bool wouldCut = recommendation && recommendation->advice.state == AdviceState::MakeCut;
    const bool cutting = wouldCut && !ownFirst();
    const bool listening = recommendation && recommendation->advice.state == AdviceState::Measure;
    for (QWidget* w :
         std::initializer_list<QWidget*>{m_sizes, m_tool, m_why, m_caution, m_calipersLabel, m_calipers, m_calipersHint, m_done})
        w->setVisible(cutting);
    const auto doubt =
        recommendation && recommendation->advice.state == AdviceState::Stop ? recommendation->advice.contradiction : std::nullopt;
    const bool ofSize = doubt && (doubt->kind == Contradiction::Kind::Hole || doubt->kind == Contradiction::Kind::Temperature);
    m_listen->setVisible(listening || (doubt && !ofSize));
    m_measure->setVisible(ofSize);
    m_own->setVisible(wouldCut && ownFirst());
    m_strategy->setVisible(cutting || (recommendation && recommendation->advice.state == AdviceState::Finished &&
                                       !recommendation->advice.left.empty()));
    m_plan->clear();
    if (!recommendation) {
        m_kind->clear();
        m_what->setText(m_document->busy() ? tr("Calculating…") : tr("No advice yet"));
        m_what->setAccessibleName(QString());
        return;
    }
    const Advice& a = recommendation->advice;
    switch (a.state) {
    case AdviceState::Measure:
        m_kind->setText(tr("Next: listen"));
        m_what->setText(tr("Play %n fingering(s)", nullptr, static_cast<int>(a.fingerings.size())));
        m_why->setVisible(true);
        m_why->setText(text::whyListen(a, m_document->book()->cuts().empty()));
        break;
    case AdviceState::MakeCut: ownFirst() ? showOwnFirst() : showCut(a); break;
    case AdviceState::Finished: showDone(a); break;
    case AdviceState::Stop:
        m_kind->setText(tr("Stop"));
        m_what->setText(tr("Do not cut yet"));
        m_why->setVisible(true);
        m_why->setText(a.contradiction ? text::contradiction(*a.contradiction, m_unit) : QString());
        if (ofSize)
            m_measure->setText(doubt->kind == Contradiction::Kind::Hole
                                   ? tr("Measure %1 again  (Enter)").arg(QString::fromStdString(doubt->what))
                                   : tr("Measure the tube again  (Enter)"));
        break;
    }
    showScore();
    QStringList words{m_kind->text(), m_what->text()};
    if (!m_sizes->isHidden())
        words << m_sizes->text();
    const QString card = words.join(QStringLiteral(", "));
    if (isVisible() && card != m_what->accessibleName())
        announce(m_what, card);
    else
        m_what->setAccessibleName(card);
}

void CorrectPage::showOwnFirst()
{
    m_kind->setText(tr("your own cut first"));
    m_what->setText(tr("Choose a hole and a size"));
    m_why->setVisible(true);
    m_why->setText(tr("Choose a cut yourself; Sensitivity and Try it show its effect. Once the cut is logged, Dowel shows its "
                      "forecast and what the advice would have been. Listen whenever you like."));
}

void CorrectPage::showScore()
{
    const auto book = m_document->book();
    if (!ownFirst())
        return;
    QStringList lines;
    const auto count = [this](const session::Verdict::Side& side, int of) {
        return tr("%1, %2 → %3: %4 of %5 in tune after it, %6 sharp", "work, sizes, notes")
            .arg(text::work(side.cut, m_unit), text::lengthNumber(side.from, m_unit), text::length(wantedSize(side.cut), m_unit))
            .arg(side.home)
            .arg(of)
            .arg(side.sharp);
    };
    if (const auto verdict = session::verdictOf(*book)) {
        lines << tr("Your cut: %1.").arg(count(verdict->own, verdict->of));
        lines << (verdict->advised ? tr("Advice: %1.").arg(count(*verdict->advised, verdict->of)) : tr("Advice: do not cut."));
    }
    const session::Score score = session::scoreOf(*book);
    lines << tr("As last heard: %1 of %2 in tune, %3 sharp; %n cut(s).", "score", score.cuts)
                 .arg(score.home)
                 .arg(score.of)
                 .arg(score.sharp);
    m_plan->setText(lines.join(QStringLiteral("\n\n")));
}

QString CorrectPage::reamerWords(const AdviceStep& step) const
{
    if (!std::holds_alternative<Ream>(step.cut))
        return {};
    const Instrument& now = m_document->book()->present();
    const auto after = applied(now, step.cut);
    if (!after)
        return {};
    // Nearer than calipers read inside a tube.
    constexpr Metres near = Metres::fromMillimetres(0.05);
    const auto found = reamerFor(now.spec().bore, after->spec().bore, m_document->drawer().reamers, near);
    if (!found || !*found)
        return {};
    const ReamerForIt& r = **found;
    const QString words = r.from == From::Foot
                              ? tr("Ream from the foot with %1, %2 deeper than now: tip %3 in. Stop at that depth.")
                              : tr("Ream from the head with %1, %2 deeper than now: tip %3 in. Stop at that depth.");
    return words.arg(QString::fromStdString(r.reamer), text::length(r.deeper, m_unit), text::length(r.deep, m_unit));
}

void CorrectPage::showCut(const Advice& advice)
{
    const AdviceStep& step = advice.steps.front();
    m_kind->setText(tr("Next cut"));
    m_what->setText(text::work(step.cut, m_unit));
    m_calipersLabel->setText(factsOf(step.cut).standsElsewhere ? tr("Set, then measure the distan&ce")
                                                               : tr("Cut, then measure with &calipers"));
    m_sizes->setText(
        QStringLiteral("%1 → %2").arg(text::lengthNumber(step.from, m_unit), text::length(wantedSize(step.cut), m_unit)));
    const QString reamer = reamerWords(step);
    const BitDrawer& drawer = m_document->drawer();
    const QString tool =
        text::tool(step, m_unit, drawer.isEmpty() ? nullptr : &drawer, m_document->book()->present().spec().material);
    m_tool->setText(reamer.isEmpty() ? tr("Tool: %1. Stop at this size.").arg(tool) : reamer);
    m_why->setText(text::why(step, m_unit) + QLatin1Char('\n') + text::risk(step));
    m_caution->setText(text::caution(step));
    m_calipers->setText(text::lengthNumber(wantedSize(step.cut), m_unit));
    m_calipersHint->setText(m_unit == text::LengthUnit::Inches ? tr("inches, as 1/4 or 0.252")
                                                               : tr("millimetres, or inches as 1/4"));
    showPlan(advice);
}

void CorrectPage::showDone(const Advice& advice)
{
    m_kind->setText(tr("Done"));
    constexpr double sure = 0.75;
    m_what->setText(!advice.left.empty()                           ? tr("No further cut would help")
                    : advice.chanceAllWithin.value_or(1.0) >= sure ? tr("Every note is within tolerance")
                                                                   : tr("Every note heard is within tolerance"));
    QStringList lines;
    for (const UnreachedNote& l : advice.left)
        lines << text::left(l);
    if (!advice.lastResort.empty())
        lines << text::lastResort(advice.lastResort, m_unit);
    if (lines.isEmpty())
        lines << (m_document->book()->present().spec().holes.empty()
                      ? tr("Apply the finish, then listen once more: a finish moves the pitch a little.")
                      : tr("Clean the hole edges, apply the finish, then listen once more: a finish moves the pitch a little."));
    if (advice.chanceAllWithin)
        lines << text::sure(advice);
    m_why->setVisible(true);
    m_why->setText(lines.join(QStringLiteral("\n\n")));
    const auto book = m_document->book();
    QStringList sizes;
    for (const Hole& h : book->present().spec().holes)
        sizes << QStringLiteral("%1 %2").arg(QString::fromStdString(h.id.text), text::lengthNumber(h.diameter, m_unit));
    sizes << tr("tube %1", "its length").arg(text::length(book->present().length(), m_unit));
    m_plan->setText(tr("Present sizes: %1. %n cut(s) since the first session.", "of holes and tube", text::cutsOfWood(*book))
                        .arg(sizes.join(QStringLiteral(", "))));
}

void CorrectPage::showPlan(const Advice& advice)
{
    const AdviceStep& first = advice.steps.front();
    QStringList lines;
    if (advice.steps.size() > 1) {
        QStringList later;
        for (std::size_t i = 1; i < advice.steps.size(); ++i)
            later << tr("%1 to %2")
                         .arg(text::work(advice.steps[i].cut, m_unit),
                              text::lengthNumber(wantedSize(advice.steps[i].cut), m_unit));
        lines << tr("Then, as planned now: %1; then listen.").arg(later.join(QStringLiteral(", ")));
    } else if (first.thenMeasure) {
        lines << tr("Then play %n fingering(s) again.", nullptr, static_cast<int>(first.hear.size()));
    }
    if (!advice.left.empty()) {
        QStringList notes;
        QStringList odd;
        for (const UnreachedNote& l : advice.left)
            (l.why == UnreachedNote::Why::OutOfLine ? odd : notes)
                << tr("%1 (%2)", "note, cents").arg(text::noteName(l.fingering.text), text::wholeCents(l.off.cents()));
        if (!odd.empty())
            lines << tr("Inconsistent with the other notes, so not used for cuts yet: %1.").arg(odd.join(QStringLiteral(", ")));
        if (!notes.empty())
            lines << tr("Cannot be reached by removing wood: %1.").arg(notes.join(QStringLiteral(", ")));
    }
    if (const auto& left = m_document->recommendation()->forecaster->posterior().report().leftOut; !left.empty())
        lines << text::leftOut(left);
    lines << tr("Tuning strategy: %1.").arg(text::strategy(m_document->book()->strategy()));
    m_plan->setText(lines.join(QLatin1Char('\n')));
}

void CorrectPage::chooseStrategy()
{
    auto* dialog = new StrategyDialog(m_document->book()->strategy(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, [this, dialog] {
        if (dialog->strategy() != m_document->book()->strategy())
            m_document->setStrategy(dialog->strategy());
    });
    dialog->open();
}

void CorrectPage::recordOwnWork()
{
    auto* dialog = new OwnWorkDialog(*m_document, m_unit, {}, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void CorrectPage::changeWanted()
{
    auto* dialog = new WantedDialog(*m_document, m_unit, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void CorrectPage::measureAgain()
{
    const auto& recommendation = m_document->recommendation();
    std::optional<HoleId> hole;
    if (recommendation && recommendation->advice.contradiction &&
        recommendation->advice.contradiction->kind == Contradiction::Kind::Hole)
        hole = HoleId{recommendation->advice.contradiction->what};
    auto* dialog = new MeasureDialog(*m_document, m_unit, hole, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void CorrectPage::recordCut()
{
    const auto cut = proposed();
    if (!cut || m_document->busy())
        return;
    const auto size = text::parseLength(m_calipers->text(), m_unit);
    if (!size) {
        Q_EMIT m_document->failed(text::sentence(size.error(), m_unit));
        m_calipers->selectAll();
        return;
    }
    m_document->recordCut(withSize(*cut, *size));
}

} // namespace dowel::app

#include "moc_correct_page.cpp"
