// SPDX-License-Identifier: GPL-3.0-or-later
// Short sounds to the player: a note was taken; the reference tone; a recording. Silent where there is no loudspeaker.
#pragma once

#include <QBuffer>
#include <QObject>
#include <memory>
#include <vector>

class QAudioSink;

namespace dowel::app {

class Cue : public QObject
{
    Q_OBJECT

public:
    explicit Cue(QObject* parent = nullptr);
    ~Cue() override;
    /// False where there is nothing to sound it with.
    bool sound(double hertz, double seconds);
    /// A recording. False likewise.
    bool play(const std::vector<float>& values, double rate_Hz);
    /// 16 bit, one channel, faded at both ends; what sound() plays.
    [[nodiscard]] static QByteArray tone(double hertz, double seconds, int rate);

private:
    bool start(const QByteArray& data, int rate);
    std::unique_ptr<QAudioSink> m_sink;
    QBuffer m_buffer;
};

} // namespace dowel::app
