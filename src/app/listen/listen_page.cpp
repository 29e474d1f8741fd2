// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/listen_page.h"
#include "app/listen/voice.h"

#include "app/document/take_dialog.h"
#include "app/listen/far_view.h"
#include "app/listen/listener.h"
#include "app/listen/numbers_dialog.h"
#include "app/listen/take_strip.h"
#include "app/parts/announce.h"
#include "app/parts/cue.h"
#include "app/parts/fingering_card.h"
#include "app/parts/form.h"
#include "app/parts/questions.h"
#include "app/parts/style.h"
#include "app/parts/temperature_field.h"
#include "core/tuning/pitch.h"
#include "session/at_the_bench.h"
#include "session/practice.h"
#include "session/takes.h"
#include "text/sentences.h"
#include "text/units.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QHeaderView>
#include <QLabel>
#include <QMediaDevices>
#include <QPushButton>
#include <QShortcut>
#include <QTableView>
#include <algorithm>
#include <cmath>

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
      m_sources(form::box(this, "soundSource", tr("Sound source"))),
      m_order(form::box(this, "listenOrder", tr("Order"))),
      m_listener(new Listener(document.time(), this)),
      m_cue(new Cue(this)),
      m_room(new TemperatureField(QStringLiteral("roomTemperature"), tr("Room temperature"), Temperature::fromCelsius(-30.0),
                                  Temperature::fromCelsius(130.0),
                                  this)), // wide enough for a wrong scale to be typed, and answered
      m_table(new QTableView(this)),
      m_timbre(new TimbreCard(document, questions, this)),
      m_round(*document.book())
{
    setObjectName(QStringLiteral("listenPage"));
    makeButtons();
    makeRoom();
    makeTables();
    arrange();
    bindKeys();
    bindListener();
    bindDocument();
    refresh();
    showRound();
    setFocusPolicy(Qt::StrongFocus);
}

void ListenPage::makeButtons()
{
    m_sound = button(this, tr("Play (Space)"), "soundButton", tr("The simulated player plays the requested fingering"));
    m_sound->setProperty("main", true);
    m_sound->setVisible(m_document->hasPlayer());
    m_back = button(this, tr("Undo (⌫)"), "takeBackButton",
                    tr("Undo the newest reading of this fingering; the recording stays in the logbook"));
    m_next = button(this, tr("Next (↵)"), "nextButton", tr("Go to the next fingering to play"));
    m_file = button(this, tr("From a file…"), "fromFileButton",
                    tr("Read this fingering from a recording; you can also drop files or folders on the window"));
    m_type = button(this, tr("Type…"), "typeReadingsButton", tr("Type the readings of another meter (Ctrl+T)"));
    m_hands = button(this, tr("Hands-free (H)"), "handsFreeButton",
                     tr("Takes a note held steady for a second, then requests the next one"));
    m_hands->setCheckable(true);
    m_other = button(this, QString(), "keepOtherButton", tr("Save the sound as a reading of the fingering it matches"));
    m_other->setAccessibleName(tr("Save as the matching note"));
    m_other->hide();
    m_reference = button(this, tr("A4"), "referenceButton",
                         tr("Plays A4 for two seconds; the D key plays the requested note at its target pitch"));
    m_order->addItems({tr("as advised"), tr("foot upwards"), tr("not heard since last cut")});
    fillSources();
    m_words->setObjectName(QStringLiteral("listenWords"));
    m_words->setWordWrap(true);
    m_words->setMinimumHeight(Style::scaled(44));
    m_words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
}

void ListenPage::makeRoom()
{
    m_room->setTemperature(m_document->room());
    m_room->setFocusPolicy(Qt::ClickFocus);
    m_roomLabel = new QLabel(tr("&Room"), this);
    m_roomLabel->setProperty("quiet", true);
    m_roomLabel->setBuddy(m_room);
    m_room->setFixedWidth(Style::scaled(84));
    connect(m_room, &TemperatureField::temperatureChanged, this, &ListenPage::takeRoom);
    connect(m_room, &QDoubleSpinBox::editingFinished, this, [this] {
        m_roomAsked = m_document->time().elapsed();
        m_roomLabel->setText(tr("&Room"));
    });
}

void ListenPage::takeRoom(Temperature typed)
{
    constexpr double coldest_C = -5.0;
    constexpr double hottest_C = 45.0;
    if (typed.celsius() >= coldest_C && typed.celsius() <= hottest_C)
        return m_document->setRoom(typed);
    const QSignalBlocker still(m_room);
    m_room->setTemperature(m_document->room());
    const QString stays = text::temperature(m_room->temperature());
    if (typed.celsius() > hottest_C && !text::speaksFahrenheit())
        Q_EMIT failed(tr("%1 is not a room temperature. If you meant Fahrenheit, type %2, or choose Fahrenheit under View. The "
                         "room stays at %3 until then.")
                          .arg(text::temperature(typed),
                               text::temperature(Temperature::fromCelsius((typed.celsius() - 32.0) / 1.8)), stays));
    else
        Q_EMIT failed(tr("%1 is outside the range for tuning. The room stays at %2.").arg(text::temperature(typed), stays));
}

void ListenPage::followDegrees()
{
    m_room->followDegrees();
}

void ListenPage::makeTables()
{
    const auto plain = [](QTableView* table, const char* name, const QString& spoken, QAbstractItemModel* model, int wide) {
        table->setObjectName(QLatin1String(name));
        table->setAccessibleName(spoken);
        table->setModel(model);
        table->setEditTriggers(QAbstractItemView::NoEditTriggers);
        table->setShowGrid(false);
        table->verticalHeader()->hide();
        table->verticalHeader()->setDefaultSectionSize(Style::scaled(34));
        table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
        table->horizontalHeader()->setSectionResizeMode(wide, QHeaderView::Stretch);
        table->horizontalHeader()->setHighlightSections(false);
        table->setTabKeyNavigation(false);
    };
    plain(m_table, "readingTable", tr("Readings so far"), m_model, ReadingModel::Age);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->horizontalHeader()->setMinimumSectionSize(Style::scaled(64));
    connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this](const QModelIndex& now) {
        const auto id = m_model->fingeringAt(now.row());
        if (!id || id == m_round.asked())
            return;
        m_round.ask(*id);
        showRound();
    });
    connect(m_table, &QTableView::doubleClicked, this, &ListenPage::openTake);
    m_timbre->hide();
    connect(m_timbre, &TimbreCard::failed, this, &ListenPage::failed);
}

QHBoxLayout* ListenPage::makeFaces()
{
    m_faces = new QButtonGroup(this);
    auto* faces = new QHBoxLayout;
    faces->setSpacing(0);
    const std::pair<const char*, QString> faceNames[] = {
        {"pitchFace", tr("Pitch")}, {"timbreFace", tr("Timbre")}, {"trendFace", tr("Trend")}};
    for (const auto& [name, words] : faceNames) {
        auto* b = form::button(this, name, words);
        b->setProperty("face", true);
        b->setCheckable(true);
        b->setFocusPolicy(Qt::TabFocus);
        m_faces->addButton(b, static_cast<int>(m_faces->buttons().size()));
        faces->addWidget(b);
    }
    faces->addStretch(1);
    m_faces->button(0)->setChecked(true);
    connect(m_faces, &QButtonGroup::idClicked, this, [this](int face) {
        m_table->setVisible(face == 0);
        m_timbre->setVisible(face != 0);
        refresh();
    });
    return faces;
}

void ListenPage::arrange()
{
    const auto row = [] {
        auto* made = new QHBoxLayout;
        made->setSpacing(Style::grid);
        return made;
    };
    auto* buttons = row();
    for (QPushButton* b : {m_sound, m_hands, m_back, m_next})
        buttons->addWidget(b);
    buttons->addStretch();
    auto* room = row();
    room->addWidget(m_roomLabel);
    room->addWidget(m_room);
    room->addWidget(m_sources, 1);
    auto* more = row();
    auto* orderLabel = new QLabel(tr("&Order"), this);
    orderLabel->setProperty("quiet", true);
    orderLabel->setBuddy(m_order);
    more->addWidget(orderLabel);
    more->addWidget(m_order, 1);
    more->addWidget(m_file);
    more->addWidget(m_type);
    more->addWidget(m_reference);
    auto* left = new QVBoxLayout;
    left->setSpacing(Style::grid);
    left->addWidget(m_card);
    left->addWidget(m_words);
    left->addWidget(m_other, 0, Qt::AlignLeft);
    left->addLayout(buttons);
    left->addWidget(m_strip, 1);
    left->addLayout(room);
    left->addLayout(more);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    right->addLayout(makeFaces());
    right->addWidget(m_table, 1);
    right->addWidget(m_timbre, 1);
    auto* columns = new QHBoxLayout(this);
    columns->setContentsMargins(3 * Style::grid, Style::grid, 2 * Style::grid, Style::grid);
    columns->setSpacing(2 * Style::grid);
    columns->addLayout(left, 1);
    columns->addLayout(right, 1);
}

void ListenPage::bindKeys()
{
    const auto shortcut = [this](const QKeySequence& keys, auto act) {
        auto* s = new QShortcut(keys, this);
        s->setContext(Qt::WidgetWithChildrenShortcut);
        connect(s, &QShortcut::activated, this, act);
    };
    shortcut(Qt::Key_Space, &ListenPage::sound);
    shortcut(Qt::Key_Backspace, &ListenPage::takeBack);
    for (const auto key : {Qt::Key_Return, Qt::Key_Enter, Qt::Key_PageDown})
        shortcut(key, &ListenPage::next);
    shortcut(Qt::Key_PageUp, &ListenPage::previous);
    shortcut(Qt::Key_H, [this] { m_hands->click(); });
    shortcut(Qt::Key_K, &ListenPage::keepOther);
    shortcut(Qt::Key_P, &ListenPage::openTake);
    shortcut(Qt::Key_D, &ListenPage::drone);
    connect(m_sound, &QPushButton::clicked, this, &ListenPage::sound);
    connect(m_back, &QPushButton::clicked, this, &ListenPage::takeBack);
    connect(m_next, &QPushButton::clicked, this, &ListenPage::next);
    connect(m_file, &QPushButton::clicked, this, &ListenPage::fromFile);
    connect(m_type, &QPushButton::clicked, this, &ListenPage::typeReadings);
    connect(m_hands, &QPushButton::clicked, this, &ListenPage::setHandsFree);
    connect(m_other, &QPushButton::clicked, this, &ListenPage::keepOther);
    connect(m_order, &QComboBox::activated, this, &ListenPage::setOrder);
    connect(m_reference, &QPushButton::clicked, this, [this] {
        const double a4_Hz = m_document->book()->specified().spec().tuning.a4.hertz();
        if (!m_cue->sound(a4_Hz, 2.0))
            Q_EMIT failed(tr("No loudspeaker found to play %1 Hz.").arg(text::number(a4_Hz, 1)));
    });
}

void ListenPage::bindListener()
{
    connect(m_sources, &QComboBox::activated, this, [this] {
        m_handedIn = false;
        setHandsFree(false);
    });
    auto* devices = new QMediaDevices(this);
    connect(devices, &QMediaDevices::audioInputsChanged, this, &ListenPage::fillSources);
    connect(m_listener, &Listener::heardChanged, this, &ListenPage::onHeard);
    connect(m_listener, &Listener::taken, this, &ListenPage::onTaken);
    connect(m_listener, &Listener::beat, this, [this](int left) {
        m_cue->sound(left > 1 ? 880.0 : 1175.0, 0.04); // the last one higher
    });
    connect(m_listener, &Listener::roomLearnt, this, [this](double level_dB, double hum_Hz) {
        // A quiet room is no news; the mark on the level says where it lies.
        constexpr double loud_dB = -45.0;
        QStringList words;
        if (level_dB > loud_dB)
            words << tr("The room is loud (%1 dB); readings will be less certain.").arg(text::number(level_dB, 0));
        if (hum_Hz > 0.0)
            words << tr("Mains hum at %1 Hz: switch off the source or move the microphone.").arg(text::number(hum_Hz, 0));
        if (!words.isEmpty())
            Q_EMIT told(words.join(QLatin1Char(' ')));
    });
    connect(m_listener, &Listener::failed, this, [this](const QString& sentence) {
        m_hands->setChecked(false);
        Q_EMIT failed(sentence);
        onHeard();
    });
}

void ListenPage::bindDocument()
{
    connect(m_document, &Document::changed, this, &ListenPage::refresh);
    connect(m_document, &Document::recommendationChanged, this, &ListenPage::onRecommendation);
    connect(m_document, &Document::readingsKept, this, &ListenPage::onReadingsKept);
    connect(m_document, &Document::readingKept, this, &ListenPage::onReadingKept);
    connect(m_document, &Document::failed, this, [this] {
        m_sounding = false;
        if (m_awaitReading) { // what was taken was no reading: the same once more
            m_awaitReading = false;
            m_listener->askAgain();
        }
        updateWords();
    });
}

void ListenPage::refresh()
{
    m_model->setBook(m_document->book());
    form::fitColumns(m_table);
    if (m_faces->checkedId() != 0)
        m_timbre->show(m_faces->checkedId() == 1 ? TimbrePicture::Face::Now : TimbrePicture::Face::Trend);
    m_listener->expect(m_document->book(), m_document->room());
    showAsked(m_round.asked());
    updateWords();
}

void ListenPage::showAsked(const std::optional<FingeringId>& id)
{
    const Instrument& shape = m_document->book()->present();
    const Fingering* f = id ? shape.find(*id) : nullptr;
    m_card->show(shape.spec().holes, f);
    if (m_far != nullptr)
        m_far->showAsked(shape.spec().holes, f);
}

void ListenPage::showRound()
{
    const auto& id = m_round.asked();
    showAsked(id);
    if (id) {
        m_table->selectRow(m_model->rowOf(*id));
        m_listener->ask(*id);
        if (m_spoken)
            sayAloud(text::noteName(id->text));
    }
    updateWords();
    Q_EMIT askedChanged();
}

void ListenPage::updateWords()
{
    const bool none = !m_round.asked();
    m_sound->setEnabled(!none && !m_sounding);
    const bool heard = m_round.asked() &&
                       !m_model->index(m_model->rowOf(*m_round.asked()), ReadingModel::Off).data(ReadingModel::rawRole).isNull();
    m_back->setEnabled(heard && !m_sounding);
    if (m_listener->running())
        return onHeard();
    if (none)
        m_words->setText(tr("This instrument has no fingerings yet."));
    else if (m_sounding)
        m_words->setText(tr("Listening…"));
    else if (m_round.over())
        m_words->setText(tr("Every requested note is heard. Enter goes to the next cut; Space plays %1 again.")
                             .arg(text::noteName(m_round.asked()->text)));
    else if (m_document->hasPlayer())
        m_words->setText(tr("Space: the simulated player plays %1. Remaining: %2.")
                             .arg(text::noteName(m_round.asked()->text))
                             .arg(m_round.pending().size()));
    else
        m_words->setText(tr("Read a recording of %1 from a file. Remaining: %2.")
                             .arg(text::noteName(m_round.asked()->text))
                             .arg(m_round.pending().size()));
}

void ListenPage::sound()
{
    if (!m_round.asked() || m_sounding)
        return;
    if (!m_document->hasPlayer())
        return fromFile();
    m_sounding = true;
    updateWords();
    m_document->sound(*m_round.asked());
}

void ListenPage::fromFile()
{
    if (!m_round.asked() || m_sounding)
        return;
    const QString path = m_questions->fileToOpen(this, tr("Recording of %1").arg(text::noteName(m_round.asked()->text)),
                                                 tr("Recordings (*.wav *.flac *.ogg *.aif *.aiff)"));
    if (path.isEmpty())
        return;
    m_sounding = true;
    updateWords();
    m_document->readFile(*m_round.asked(), path);
}

void ListenPage::drone()
{
    const Fingering* f = m_round.asked() ? m_document->book()->present().find(*m_round.asked()) : nullptr;
    constexpr double long_s = 6.0;
    if (f != nullptr && !m_cue->sound(f->target.hertz(), long_s))
        Q_EMIT failed(tr("No loudspeaker found to play %1 Hz.").arg(text::number(f->target.hertz(), 1)));
}

void ListenPage::typeReadings()
{
    auto* dialog = new NumbersDialog(*m_document, m_round.asked(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->open();
}

void ListenPage::openTake()
{
    if (!m_round.asked())
        return;
    const auto readings = m_document->book()->readings();
    for (auto it = readings.rbegin(); it != readings.rend(); ++it) {
        if (it->reading->fingering != *m_round.asked() || !it->reading->hasTake)
            continue;
        auto* dialog = new TakeDialog(*m_document, it->entry->id, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
        return;
    }
}

void ListenPage::onReadingsKept(const QStringList& fingerings)
{
    m_sounding = false;
    std::vector<FingeringId> heard;
    for (const QString& id : fingerings)
        heard.push_back({id.toStdString()});
    m_round.taken(heard);
    showRound();
    if (m_round.over() && !heard.empty())
        m_document->think();
}

void ListenPage::takeBack()
{
    if (m_round.asked() && !m_sounding && m_back->isEnabled())
        m_document->takeBack(*m_round.asked());
}

void ListenPage::onReadingKept(const QString& fingering)
{
    m_sounding = false;
    const FingeringId id{fingering.toStdString()};
    m_round.taken({&id, 1});
    const auto& readings = m_document->book()->readings();
    for (auto it = readings.rbegin(); it != readings.rend(); ++it) {
        if (it->reading->fingering == id) {
            const Fingering* f = m_document->book()->present().find(id);
            m_strip->show(m_document->lastTake(), it->reading, f);
            announce(m_strip, text::readAloud(*it->reading, *f));
            break;
        }
    }
    m_awaitReading = false;
    if (const auto risen = session::warmingOf(*m_document->book()))
        Q_EMIT told(tr("Notes played twice on this shape moved by %1 cents within %2 minutes: the instrument or the room is "
                       "still warming up. Wait until the pitch settles before fine cuts.")
                        .arg(text::cents(std::round(risen->moved.cents() * 10.0) / 10.0))
                        .arg(std::lround(risen->over.seconds() / 60.0)));
    if (m_round.over() && m_listener->running())
        setHandsFree(false);
    showRound();
    if (m_round.over())
        m_document->think();
}

void ListenPage::onRecommendation()
{
    const auto& recommendation = m_document->recommendation();
    if (!recommendation)
        return updateWords();
    m_round.hear(wanted());
    if (m_round.over())
        updateWords();
    else
        showRound();
}

ListenPage::~ListenPage()
{
    // Its end is told to nobody any more.
    m_listener->disconnect(this);
    delete m_far;
}

void ListenPage::setCountIn(bool on)
{
    constexpr int beats = 3;
    m_listener->countIn(on ? beats : 0);
}

void ListenPage::fillSources()
{
    const QVariant before = m_sources->currentData();
    m_sources->clear();
    if (m_document->hasPlayer())
        m_sources->addItem(tr("the simulated player"), QByteArray("player"));
    for (const QAudioDevice& d : QMediaDevices::audioInputs())
        m_sources->addItem(d.description(), d.id());
    if (m_sources->count() == 0)
        m_sources->addItem(tr("no microphone found"), QByteArray());
    m_sources->setCurrentIndex(std::max(0, m_sources->findData(before)));
}

std::vector<FingeringId> ListenPage::wanted() const
{
    const auto& recommendation = m_document->recommendation();
    return recommendation && recommendation->advice.state == AdviceState::Measure ? recommendation->advice.fingerings
                                                                                  : std::vector<FingeringId>();
}

void ListenPage::setOrder(int order)
{
    m_round.setOrder(static_cast<session::Round::Order>(order), *m_document->book(), wanted());
    showRound();
}

void ListenPage::handIn(std::unique_ptr<SoundSource> source)
{
    m_listener->setSource(std::move(source));
    m_handedIn = true;
}

std::unique_ptr<SoundSource> ListenPage::chosenSource() const
{
    const QByteArray which = m_sources->currentData().toByteArray();
    if (which == "player") {
        // What is true when it is asked for: a cut is heard at once.
        auto perform = [document = m_document](const FingeringId& id, int attempt) -> PlayerSource::Work {
            return [book = document->book(), room = document->room(), id, attempt] {
                return session::played(*book, id, room, static_cast<std::uint64_t>(attempt));
            };
        };
        return std::make_unique<PlayerSource>(std::move(perform), m_document->time());
    }
    QAudioDevice device;
    for (const QAudioDevice& d : QMediaDevices::audioInputs())
        if (d.id() == which)
            device = d;
    return std::make_unique<Microphone>(device, m_document->time());
}

void ListenPage::setHandsFree(bool on)
{
    m_hands->setChecked(false);
    if (!on || !m_round.asked()) {
        m_listener->stop();
        updateWords();
        return;
    }
    if (!m_handedIn)
        m_listener->setSource(chosenSource());
    m_hands->setChecked(true);
    m_listener->start(m_document->book(), m_document->room());
    const auto now = m_document->time().elapsed();
    if (!m_roomAsked || now - *m_roomAsked > std::chrono::hours(1)) {
        m_roomLabel->setText(tr("&Room (check)"));
        m_roomAsked = now;
    }
    m_listener->ask(*m_round.asked());
    onHeard();
}

QString ListenPage::heardWords() const
{
    const session::Heard& h = m_listener->heard();
    const QString asked = text::noteName(m_round.asked()->text);
    const QString other = h.other ? text::noteName(h.other->text) : QString();
    switch (h.ear) {
    case session::Ear::Counting: return tr("%1 in %2…", "note, beats").arg(asked).arg(h.beatsLeft);
    case session::Ear::Quiet:
        return h.clipped ? tr("Too loud for the microphone: step back or lower the gain.")
                         : tr("Play %1. Remaining: %2.").arg(asked).arg(m_round.pending().size());
    case session::Ear::Noise: return tr("Too noisy to hear a tone. Wait for quiet or move closer.");
    case session::Ear::Near: return tr("%1: hold the note…").arg(asked);
    case session::Ear::Taken: return tr("Taken. Stop playing.");
    case session::Ear::Overblown: return tr("Overblown: that was %1. Blow more gently for %2.").arg(other, asked);
    case session::Ear::Wrong:
        return h.other ? tr("That was %1; play %2.").arg(other, asked)
                       : tr("%1 Hz is not a note of this instrument; play %2.").arg(text::number(h.pitch_Hz, 0)).arg(asked);
    }
    return {};
}

void ListenPage::onHeard()
{
    const bool running = m_listener->running();
    if (!m_round.asked())
        return;
    const Fingering* f = m_document->book()->present().find(*m_round.asked());
    m_strip->showLive(m_listener->trace(), m_listener->heard(), f);
    if (!running) {
        m_other->hide();
        return;
    }
    const session::Heard& h = m_listener->heard();
    const QString words = heardWords();
    m_words->setText(words);
    // Its every turn is told once, not the seconds in between.
    if (h.ear != m_told && (h.ear == session::Ear::Wrong || h.ear == session::Ear::Overblown || h.ear == session::Ear::Noise))
        announce(m_words, words);
    m_told = h.ear;
    const bool offer = (h.ear == session::Ear::Overblown || h.ear == session::Ear::Wrong) && h.other && h.steady >= 1.0;
    if (offer)
        m_other->setText(tr("Save as %1  (K)").arg(text::noteName(h.other->text)));
    m_other->setVisible(offer);
    if (m_far != nullptr)
        m_far->showHeard(h, words);
}

void ListenPage::onTaken(const FingeringId& fingering, const Samples& samples, ReadingSource source)
{
    m_awaitReading = true;
    m_cue->sound(1568.0, 0.08); // taken
    m_document->keepTake(fingering, samples, source);
}

void ListenPage::keepOther()
{
    if (m_listener->running())
        m_listener->keepOffered();
}

void ListenPage::showFar()
{
    if (m_far != nullptr) {
        m_far->close();
        return;
    }
    m_far = new FarView;
    m_far->setWindowModality(Qt::NonModal);
    // The pedal and the keys of this page work from across the room too.
    const std::pair<Qt::Key, void (ListenPage::*)()> keys[] = {
        {Qt::Key_Space, &ListenPage::sound}, {Qt::Key_Backspace, &ListenPage::takeBack}, {Qt::Key_Return, &ListenPage::next},
        {Qt::Key_Enter, &ListenPage::next},  {Qt::Key_PageDown, &ListenPage::next},      {Qt::Key_PageUp, &ListenPage::previous},
        {Qt::Key_K, &ListenPage::keepOther}};
    for (const auto& [key, act] : keys)
        connect(new QShortcut(QKeySequence(key), m_far), &QShortcut::activated, this, act);
    connect(m_far, &FarView::left, this, [this] {
        m_far->deleteLater();
        m_far = nullptr;
    });
    const Instrument& shape = m_document->book()->present();
    m_far->showAsked(shape.spec().holes, m_round.asked() ? shape.find(*m_round.asked()) : nullptr);
    m_far->showFullScreen();
}

void ListenPage::next()
{
    if (m_room->hasFocus()) { // Enter there means the temperature
        m_room->interpretText();
        setFocus();
        return;
    }
    if (m_sounding)
        return;
    if (m_round.over()) {
        Q_EMIT roundFinished();
        return;
    }
    m_round.next(*m_document->book());
    showRound();
}

void ListenPage::previous()
{
    if (m_sounding)
        return;
    m_round.step(*m_document->book(), -1);
    showRound();
}

} // namespace dowel::app

#include "moc_listen_page.cpp"
