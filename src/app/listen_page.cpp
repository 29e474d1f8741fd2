// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen_page.h"

#include "app/fingering_card.h"
#include "app/questions.h"
#include "app/style.h"
#include "app/take_strip.h"
#include "core/tuning/pitch.h"
#include "text/units.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QShortcut>
#include <QTableView>
#include <algorithm>

namespace dowel::app {

namespace {

QPushButton* button(QWidget* parent, const QString& text, const char* name, const QString& tip)
{
    auto* b = new QPushButton(text, parent);
    b->setObjectName(QLatin1String(name));
    b->setAccessibleName(text);
    b->setToolTip(tip);
    b->setFocusPolicy(Qt::TabFocus);
    return b;
}

} // namespace

ListenPage::ListenPage(Document& document, Questions& questions, QWidget* parent)
    : QWidget(parent),
      m_document(&document),
      m_questions(&questions),
      m_model(new ReadingModel(this)),
      m_card(new FingeringCard(this)),
      m_strip(new TakeStrip(this)),
      m_words(new QLabel(this)),
      m_room(new QDoubleSpinBox(this)),
      m_table(new QTableView(this))
{
    setObjectName(QStringLiteral("listenPage"));
    const bool player = document.hasPlayer();
    m_sound = button(this, tr("Sound it  (Space)"), "soundButton", tr("The simulated player sounds the asked fingering"));
    m_sound->setProperty("main", true);
    m_sound->setVisible(player);
    m_back = button(this, tr("Take back  (⌫)"), "takeBackButton",
                    tr("Set the newest reading of this fingering aside; its recording stays"));
    m_next = button(this, tr("Next  (Enter)"), "nextButton", tr("Go to the next fingering that should be heard"));
    m_file = button(this, tr("From a file…"), "fromFileButton", tr("Read this fingering from a WAV or FLAC recording"));
    m_words->setObjectName(QStringLiteral("listenWords"));
    m_words->setWordWrap(true);
    m_words->setMinimumHeight(44);
    m_words->setAlignment(Qt::AlignTop | Qt::AlignLeft);

    m_room->setObjectName(QStringLiteral("roomTemperature"));
    m_room->setAccessibleName(tr("Room temperature in degrees Celsius"));
    m_room->setRange(-5.0, 45.0);
    m_room->setDecimals(1);
    m_room->setSuffix(tr(" °C"));
    m_room->setValue(document.room().celsius());
    m_room->setFocusPolicy(Qt::ClickFocus);
    m_room->setButtonSymbols(QAbstractSpinBox::NoButtons);
    connect(m_room, &QDoubleSpinBox::valueChanged, this, [this](double v) { m_document->setRoom(Temperature::fromCelsius(v)); });
    auto* roomLabel = new QLabel(tr("&Room"), this);
    roomLabel->setProperty("quiet", true);
    roomLabel->setBuddy(m_room);

    m_table->setObjectName(QStringLiteral("readingTable"));
    m_table->setAccessibleName(tr("Everything heard so far"));
    m_table->setModel(m_model);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setShowGrid(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(34);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(ReadingModel::Age, QHeaderView::Stretch);
    m_table->horizontalHeader()->setMinimumSectionSize(64);
    m_table->horizontalHeader()->setHighlightSections(false);
    m_table->setTabKeyNavigation(false);
    connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this](const QModelIndex& now) {
        if (const auto id = m_model->fingeringAt(now.row()); id && (!m_asked || *id != *m_asked))
            ask(id);
    });

    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(Style::grid);
    for (QPushButton* b : {m_sound, m_back, m_next, m_file})
        buttons->addWidget(b);
    buttons->addStretch();
    auto* room = new QHBoxLayout;
    room->setSpacing(Style::grid);
    room->addWidget(roomLabel);
    room->addWidget(m_room);
    room->addStretch();

    auto* left = new QVBoxLayout;
    left->setSpacing(Style::grid);
    left->addWidget(m_card);
    left->addWidget(m_words);
    left->addLayout(buttons);
    left->addWidget(m_strip, 1);
    left->addLayout(room);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(3 * Style::grid);
    columns->addLayout(left, 1);
    columns->addWidget(m_table, 1);

    const auto shortcut = [this](const QKeySequence& keys, void (ListenPage::*act)()) {
        auto* s = new QShortcut(keys, this);
        s->setContext(Qt::WidgetWithChildrenShortcut);
        connect(s, &QShortcut::activated, this, act);
    };
    shortcut(Qt::Key_Space, &ListenPage::sound);
    shortcut(Qt::Key_Backspace, &ListenPage::takeBack);
    for (const auto key : {Qt::Key_Return, Qt::Key_Enter, Qt::Key_PageDown})
        shortcut(key, &ListenPage::next);
    shortcut(Qt::Key_PageUp, &ListenPage::previous);
    connect(m_sound, &QPushButton::clicked, this, &ListenPage::sound);
    connect(m_back, &QPushButton::clicked, this, &ListenPage::takeBack);
    connect(m_next, &QPushButton::clicked, this, &ListenPage::next);
    connect(m_file, &QPushButton::clicked, this, &ListenPage::fromFile);
    connect(m_document, &Document::changed, this, &ListenPage::refresh);
    connect(m_document, &Document::counselChanged, this, &ListenPage::onCounsel);
    connect(m_document, &Document::readingKept, this, &ListenPage::onReadingKept);
    connect(m_document, &Document::failed, this, [this] {
        m_sounding = false;
        updateWords();
    });

    refresh();
    for (const Fingering& f : m_document->book()->present().spec().fingerings)
        if (m_model->index(m_model->rowOf(f.id), ReadingModel::Off).data(ReadingModel::rawRole).isNull())
            m_pending.push_back(f.id);
    if (!m_pending.empty())
        ask(m_pending.front());
    else
        ask(m_model->fingeringAt(0));
    setFocusPolicy(Qt::StrongFocus);
}

void ListenPage::refresh()
{
    m_model->setBook(m_document->book());
    const auto asked = m_asked;
    showAsked(asked);
    updateWords();
}

void ListenPage::showAsked(const std::optional<FingeringId>& id)
{
    const Instrument& shape = m_document->book()->present();
    m_card->show(shape.spec().holes, id ? shape.find(*id) : nullptr);
}

void ListenPage::ask(const std::optional<FingeringId>& id)
{
    m_asked = id;
    showAsked(id);
    if (id)
        m_table->selectRow(m_model->rowOf(*id));
    updateWords();
    Q_EMIT askedChanged();
}

void ListenPage::updateWords()
{
    const bool none = !m_asked;
    m_sound->setEnabled(!none && !m_sounding);
    const bool heard =
        m_asked && !m_model->index(m_model->rowOf(*m_asked), ReadingModel::Off).data(ReadingModel::rawRole).isNull();
    m_back->setEnabled(heard && !m_sounding);
    if (none)
        m_words->setText(tr("This instrument has no fingerings yet."));
    else if (m_sounding)
        m_words->setText(tr("Listening…"));
    else if (m_pending.empty())
        m_words->setText(tr("Everything asked for has been heard. Enter goes to the next cut; Space sounds %1 once more.")
                             .arg(text::noteName(m_asked->text)));
    else if (m_document->hasPlayer())
        m_words->setText(tr("Space: the simulated player sounds %1. Still to hear: %2.")
                             .arg(text::noteName(m_asked->text))
                             .arg(m_pending.size()));
    else
        m_words->setText(tr("Read a recording of %1 from a file. Still to hear: %2.")
                             .arg(text::noteName(m_asked->text))
                             .arg(m_pending.size()));
}

void ListenPage::sound()
{
    if (!m_asked || m_sounding)
        return;
    if (!m_document->hasPlayer())
        return fromFile();
    m_sounding = true;
    updateWords();
    m_document->sound(*m_asked);
}

void ListenPage::fromFile()
{
    if (!m_asked || m_sounding)
        return;
    const QString path =
        m_questions->fileToOpen(this, tr("Recording of %1").arg(text::noteName(m_asked->text)), tr("Recordings (*.wav *.flac)"));
    if (path.isEmpty())
        return;
    m_sounding = true;
    updateWords();
    m_document->readFile(*m_asked, path);
}

void ListenPage::takeBack()
{
    if (m_asked && !m_sounding && m_back->isEnabled())
        m_document->takeBack(*m_asked);
}

void ListenPage::onReadingKept(const QString& fingering)
{
    m_sounding = false;
    const FingeringId id{fingering.toStdString()};
    std::erase(m_pending, id);
    const auto& readings = m_document->book()->readings();
    for (auto it = readings.rbegin(); it != readings.rend(); ++it) {
        if (it->reading->fingering == id) {
            m_strip->show(m_document->lastTake(), it->reading, m_document->book()->present().find(id));
            break;
        }
    }
    if (m_pending.empty()) {
        ask(id);
        m_document->think();
    } else {
        ask(m_pending.front());
    }
}

void ListenPage::onCounsel()
{
    const auto& counsel = m_document->counsel();
    if (!counsel)
        return updateWords();
    if (counsel->advice.state == AdviceState::Measure) {
        m_pending = counsel->advice.fingerings;
        ask(m_pending.front());
    } else {
        m_pending.clear();
        updateWords();
    }
}

void ListenPage::step(int by)
{
    if (!m_asked)
        return;
    const int rows = m_model->rowCount();
    ask(m_model->fingeringAt((m_model->rowOf(*m_asked) + by + rows) % rows));
}

void ListenPage::next()
{
    if (m_sounding)
        return;
    if (m_pending.empty()) {
        Q_EMIT roundFinished();
        return;
    }
    // The next one that is still to be heard, after the one that is asked for.
    const int here = m_asked ? m_model->rowOf(*m_asked) : -1;
    const auto later =
        std::find_if(m_pending.begin(), m_pending.end(), [&](const FingeringId& id) { return m_model->rowOf(id) > here; });
    ask(later == m_pending.end() ? m_pending.front() : *later);
}

void ListenPage::previous()
{
    if (!m_sounding)
        step(-1);
}

} // namespace dowel::app
