// SPDX-License-Identifier: GPL-3.0-or-later
// Live listening for one page: a source of sound, the ear that follows it, and a clock that tells the page thirty times a
// second what is heard.
#pragma once

#include "app/document/document.h"
#include "app/listen/sound_source.h"
#include "app/parts/jobs.h"
#include "session/hands_free.h"

#include <deque>

namespace dowel::app {

class Listener : public QObject
{
    Q_OBJECT

public:
    explicit Listener(TimeSource& time, QObject* parent = nullptr);
    ~Listener() override;

    /// Takes the place of the last; what runs is stopped.
    void setSource(std::unique_ptr<SoundSource> source);
    [[nodiscard]] const SoundSource* source() const { return m_source.get(); }
    /// Begins as soon as it is known where the notes are expected; failed() tells where it cannot.
    void start(Document::Snapshot book, Temperature room);
    void stop();
    [[nodiscard]] bool running() const { return m_starting || m_ear != nullptr; }
    /// Something is being made ready on a worker, and until then nothing is heard.
    [[nodiscard]] bool preparing() const { return m_jobs.busy() || (m_source && m_source->preparing()); }
    /// After a reading, a cut, or another temperature.
    void expect(Document::Snapshot book, Temperature room);
    void ask(const FingeringId& fingering);
    /// So many beats of a second before each fingering that is asked; 0 for none.
    void countIn(int beats);
    /// Asks the same again, after a take that was no reading.
    void askAgain();
    [[nodiscard]] const session::Heard& heard() const { return m_heard; }
    /// The last seconds.
    [[nodiscard]] const std::deque<hearing::LiveValue>& trace() const { return m_trace; }
    /// An overblown or other note that lasted, with the fingering that it is; taken as that.
    void keepOffered();

Q_SIGNALS:
    void heardChanged();
    /// A beat of a count-in has begun; left: how many with it.
    void beat(int left);
    void roomLearnt(double level_dB, double hum_Hz);
    void taken(const dowel::FingeringId& fingering, const dowel::Samples& samples, dowel::ReadingSource source);
    void failed(const QString& sentence);

private:
    void begin(session::Expected expected);
    void look();
    Jobs m_jobs;
    bool m_starting = false;
    std::unique_ptr<SoundSource> m_source;
    std::shared_ptr<session::HandsFree> m_ear;
    std::optional<FingeringId> m_asked;
    int m_beats = 0;
    session::Heard m_heard;
    std::deque<hearing::LiveValue> m_trace;
    Alarm m_look;
};

} // namespace dowel::app
