// SPDX-License-Identifier: GPL-3.0-or-later
// Listen: the asked fingering large, the last take, and everything heard so far. Space sounds it, Backspace takes the
// last reading back, Enter or Page Down goes on.
#pragma once

#include "app/document/document.h"

#include "app/listen/reading_model.h"
#include "app/listen/timbre_card.h"
#include "session/hands_free.h"
#include "session/round.h"

#include <QWidget>
#include <optional>

class QButtonGroup;
class QComboBox;
class QHBoxLayout;
class QLabel;
class QPushButton;
class QTableView;

namespace dowel::app {

class Cue;
class FarView;
class FingeringCard;
class Listener;
class Questions;
class SoundSource;
class TakeStrip;
class TemperatureField;

class ListenPage : public QWidget
{
    Q_OBJECT

public:
    /// Temperatures are told in other degrees now.
    void followDegrees();
    ~ListenPage() override;
    /// What is heard, as a sentence.
    [[nodiscard]] QString heardWords() const;
    /// Listens hands-free to this source until another is chosen.
    void handIn(std::unique_ptr<SoundSource> source);
    [[nodiscard]] Listener& listener() { return *m_listener; }
    ListenPage(Document& document, Questions& questions, QWidget* parent = nullptr);
    [[nodiscard]] const std::optional<FingeringId>& asked() const { return m_round.asked(); }
    /// Fingerings still to be heard in this round.
    [[nodiscard]] const std::vector<FingeringId>& pending() const { return m_round.pending(); }

public Q_SLOTS:
    void sound();
    void takeBack();
    void next();
    void previous();
    void fromFile();
    void setHandsFree(bool on);
    void keepOther();
    void showFar();
    /// Asks for what another meter shows.
    void typeReadings();
    /// The newest take of the asked fingering.
    void openTake();
    /// The asked note as it is wanted, in the scale that is chosen, for some seconds.
    void drone();
    /// Each fingering is spoken when it is asked for, where the desktop has a voice.
    void setSpoken(bool on) { m_spoken = on; }
    /// Three beats before each fingering that is listened to without hands.
    void setCountIn(bool on);

Q_SIGNALS:
    void askedChanged();
    void failed(const QString& sentence);
    void told(const QString& sentence);
    void roundFinished(); ///< Enter with nothing left to hear

private:
    [[nodiscard]] std::unique_ptr<SoundSource> chosenSource() const;
    void makeButtons();
    void makeRoom();
    void makeTables();
    [[nodiscard]] QHBoxLayout* makeFaces();
    void arrange();
    void bindKeys();
    void bindListener();
    void bindDocument();
    void takeRoom(Temperature typed);
    void refresh();
    void onReadingKept(const QString& fingering);
    void onRecommendation();
    void showAsked(const std::optional<FingeringId>& id);
    [[nodiscard]] std::vector<FingeringId> wanted() const; ///< what the advice wants heard
    void showRound();
    void onReadingsKept(const QStringList& fingerings);
    void onHeard();
    void onTaken(const FingeringId& fingering, const Samples& samples, ReadingSource source);
    void fillSources();
    void setOrder(int order);
    void updateWords();

    Document* m_document;
    Questions* m_questions;
    ReadingModel* m_model;
    FingeringCard* m_card;
    TakeStrip* m_strip;
    QLabel* m_words;
    QPushButton* m_sound;
    QPushButton* m_back;
    QPushButton* m_next;
    QPushButton* m_file;
    QPushButton* m_type;
    QPushButton* m_hands;
    QPushButton* m_other;
    QPushButton* m_reference;
    QComboBox* m_sources;
    QComboBox* m_order;
    Listener* m_listener;
    Cue* m_cue;
    FarView* m_far = nullptr;
    std::optional<std::chrono::milliseconds> m_roomAsked; ///< by the document's time
    bool m_awaitReading = false;
    TemperatureField* m_room;
    QLabel* m_roomLabel;
    QTableView* m_table;
    TimbreCard* m_timbre;
    QButtonGroup* m_faces = nullptr;
    session::Round m_round;
    bool m_spoken = false;
    session::Ear m_told = session::Ear::Quiet;
    bool m_sounding = false;
    bool m_handedIn = false;
};

} // namespace dowel::app
