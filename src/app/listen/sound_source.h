// SPDX-License-Identifier: GPL-3.0-or-later
// Where live sound comes from: a microphone, or the simulated player standing in for one. Both deliver mono samples to the
// same sink, in small pieces, on this object's thread.
#pragma once

#include "app/parts/jobs.h"
#include "app/parts/time_source.h"
#include "core/base/ids.h"
#include "core/base/result.h"
#include "core/hearing/take.h"
#include "core/record/workbook.h"

#include <QAudioDevice>
#include <QIODevice>
#include <QObject>
#include <functional>
#include <memory>
#include <span>

class QAudioSource;

namespace dowel::app {

class SoundSource : public QObject
{
    Q_OBJECT

public:
    using Sink = std::function<void(std::span<const float>)>;
    using QObject::QObject;

    /// Samples go to the sink from now on. False, with failed(), where there is nothing to start.
    virtual bool start(Sink sink) = 0;
    virtual void stop() = 0;
    /// What is to sound next is still being made.
    [[nodiscard]] virtual bool preparing() const { return false; }
    /// Known after start().
    [[nodiscard]] virtual double rate() const = 0;
    [[nodiscard]] virtual ReadingSource kind() const = 0;
    /// What is wanted next, and how long is counted before; a device does not mind.
    virtual void asked(const FingeringId& /*fingering*/, Seconds /*countedIn*/) {}

Q_SIGNALS:
    void failed(const QString& sentence); ///< nothing comes any more
};

/// Turns what a device delivers into mono floats and hands them on. Allocates nothing while data comes.
class MonoSink : public QIODevice
{
    Q_OBJECT

public:
    MonoSink(const QAudioFormat& format, SoundSource::Sink sink, QObject* parent = nullptr);

protected:
    qint64 readData(char* /*data*/, qint64 /*most*/) override { return -1; }
    qint64 writeData(const char* data, qint64 bytes) override;

private:
    QAudioFormat m_format;
    SoundSource::Sink m_sink;
    std::vector<float> m_mono;
    std::vector<char> m_rest; ///< of a frame that came in two pieces
    std::size_t m_restBytes = 0;
};

class Microphone : public SoundSource
{
    Q_OBJECT

public:
    Microphone(const QAudioDevice& device, TimeSource& time, QObject* parent = nullptr);
    ~Microphone() override;
    bool start(Sink sink) override;
    void stop() override;
    [[nodiscard]] double rate() const override { return m_rate_Hz; }
    [[nodiscard]] ReadingSource kind() const override { return ReadingSource::Microphone; }

private:
    void lookAfter();
    QAudioDevice m_device;
    std::unique_ptr<MonoSink> m_sink;
    std::unique_ptr<QAudioSource> m_source;
    Alarm m_watch;
    double m_rate_Hz = 48000.0;
};

/// The simulated player before a microphone: a little silence, then what was asked, then silence again.
class PlayerSource : public SoundSource
{
    Q_OBJECT

public:
    using Work = std::function<Result<Samples>()>; ///< runs on a worker
    /// What is played when a fingering is asked for the n-th time (from 0).
    using Perform = std::function<Work(const FingeringId& fingering, int attempt)>;
    PlayerSource(Perform perform, TimeSource& time, QObject* parent = nullptr);
    bool start(Sink sink) override;
    void stop() override;
    [[nodiscard]] double rate() const override { return 48000.0; }
    [[nodiscard]] ReadingSource kind() const override { return ReadingSource::Player; }
    void asked(const FingeringId& fingering, Seconds countedIn) override;
    [[nodiscard]] bool preparing() const override { return m_jobs.busy(); }

private:
    void push();
    Jobs m_jobs;
    Perform m_perform;
    Sink m_sink;
    Alarm m_tick;
    double m_pushed_s = 0.0;
    std::vector<float> m_playing;
    std::size_t m_at = 0;
    std::vector<float> m_piece;
    std::vector<std::pair<std::string, int>> m_attempts;
    std::uint64_t m_breath = 1;
    int m_asked = 0; ///< counts questions: an answer that comes late is not played
};

} // namespace dowel::app
