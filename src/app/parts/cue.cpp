// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/cue.h"

#include <QAudioSink>
#include <QMediaDevices>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace dowel::app {

Cue::Cue(QObject* parent) : QObject(parent) {}

Cue::~Cue()
{
    if (m_sink)
        m_sink->stop();
}

QByteArray Cue::tone(double hertz, double seconds, int rate)
{
    const int n = static_cast<int>(seconds * rate);
    QByteArray data;
    data.reserve(2 * n);
    constexpr double fade_s = 0.01;
    constexpr double level = 0.3 * 32767.0;
    for (int i = 0; i < n; ++i) {
        const double t = static_cast<double>(i) / rate;
        const double fade = std::min(1.0, std::min(t, seconds - t) / fade_s);
        const auto s = static_cast<qint16>(std::lround(level * fade * std::sin(2.0 * std::numbers::pi * hertz * t)));
        data.append(static_cast<char>(s & 0xFF));
        data.append(static_cast<char>((s >> 8) & 0xFF));
    }
    return data;
}

bool Cue::sound(double hertz, double seconds)
{
    constexpr int rate = 48000;
    return start(tone(hertz, seconds, rate), rate);
}

bool Cue::play(const std::vector<float>& values, double rate_Hz)
{
    QByteArray data;
    data.reserve(static_cast<qsizetype>(2 * values.size()));
    for (const float v : values) {
        const auto s = static_cast<qint16>(std::lround(std::clamp(v, -1.0F, 1.0F) * 32767.0F));
        data.append(static_cast<char>(s & 0xFF));
        data.append(static_cast<char>((s >> 8) & 0xFF));
    }
    return start(data, static_cast<int>(std::lround(rate_Hz)));
}

bool Cue::start(const QByteArray& data, int rate)
{
    const QAudioDevice device = QMediaDevices::defaultAudioOutput();
    if (device.isNull())
        return false;
    QAudioFormat format;
    format.setSampleRate(rate);
    format.setChannelCount(1);
    format.setSampleFormat(QAudioFormat::Int16);
    if (!device.isFormatSupported(format))
        return false;
    if (m_sink)
        m_sink->stop();
    m_buffer.close();
    m_buffer.setData(data);
    m_buffer.open(QIODevice::ReadOnly);
    m_sink = std::make_unique<QAudioSink>(device, format);
    m_sink->start(&m_buffer);
    return true;
}

} // namespace dowel::app

#include "moc_cue.cpp"
