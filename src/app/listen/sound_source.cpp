// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/sound_source.h"

#include "text/errors.h"

#include <QAudioSource>
#include <QMediaDevices>
#include <algorithm>
#include <cmath>
#include <cstring>

namespace dowel::app {

namespace {
constexpr std::size_t pieceOfSamples = 4096;
constexpr std::chrono::milliseconds watchEvery{1000};
constexpr std::chrono::milliseconds pushEvery{10};
} // namespace

MonoSink::MonoSink(const QAudioFormat& format, SoundSource::Sink sink, QObject* parent)
    : QIODevice(parent),
      m_format(format),
      m_sink(std::move(sink)),
      m_mono(pieceOfSamples),
      m_rest(static_cast<std::size_t>(std::max(1, format.bytesPerFrame())))
{
    open(QIODevice::WriteOnly | QIODevice::Unbuffered);
}

qint64 MonoSink::writeData(const char* data, qint64 bytes)
{
    const auto frame = static_cast<std::size_t>(m_format.bytesPerFrame());
    const auto sample = static_cast<std::size_t>(m_format.bytesPerSample());
    const int channels = m_format.channelCount();
    if (frame == 0)
        return bytes;
    std::size_t filled = 0;
    const auto take = [&](const char* one) {
        float sum = 0.0F;
        for (int c = 0; c < channels; ++c)
            sum += m_format.normalizedSampleValue(one + static_cast<std::size_t>(c) * sample);
        m_mono[filled++] = sum / static_cast<float>(channels);
        if (filled == m_mono.size()) {
            m_sink(m_mono);
            filled = 0;
        }
    };
    auto left = static_cast<std::size_t>(bytes);
    if (m_restBytes > 0) {
        const std::size_t wanted = std::min(frame - m_restBytes, left);
        std::memcpy(m_rest.data() + m_restBytes, data, wanted);
        m_restBytes += wanted;
        data += wanted;
        left -= wanted;
        if (m_restBytes == frame) {
            take(m_rest.data());
            m_restBytes = 0;
        }
    }
    for (; left >= frame; data += frame, left -= frame)
        take(data);
    if (left > 0) {
        std::memcpy(m_rest.data(), data, left);
        m_restBytes = left;
    }
    if (filled > 0)
        m_sink(std::span<const float>(m_mono).first(filled));
    return bytes;
}

Microphone::Microphone(const QAudioDevice& device, TimeSource& time, QObject* parent)
    : SoundSource(parent), m_device(device), m_watch(time, Alarm::Kind::Repeating, watchEvery)
{
    connect(&m_watch, &Alarm::rang, this, &Microphone::lookAfter);
}

Microphone::~Microphone()
{
    Microphone::stop();
}

bool Microphone::start(Sink sink)
{
    if (m_device.isNull()) {
        Q_EMIT failed(tr("There is no microphone. Plug one in and choose it, or read recordings from files."));
        return false;
    }
    QAudioFormat format = m_device.preferredFormat();
    format.setChannelCount(std::max(1, std::min(2, format.channelCount())));
    if (format.sampleFormat() == QAudioFormat::Unknown)
        format.setSampleFormat(QAudioFormat::Int16);
    format.setSampleRate(std::clamp(format.sampleRate(), 8000, 192000));
    if (!m_device.isFormatSupported(format))
        format = m_device.preferredFormat();
    m_rate_Hz = format.sampleRate();
    m_sink = std::make_unique<MonoSink>(format, std::move(sink));
    m_source = std::make_unique<QAudioSource>(m_device, format);
    m_source->start(m_sink.get());
    if (m_source->error() != QAudio::NoError) {
        stop();
        Q_EMIT failed(tr("%1 could not be opened. Another program may be using it.").arg(m_device.description()));
        return false;
    }
    m_watch.start();
    return true;
}

void Microphone::lookAfter()
{
    const auto devices = QMediaDevices::audioInputs();
    const bool there =
        std::any_of(devices.begin(), devices.end(), [this](const QAudioDevice& d) { return d.id() == m_device.id(); });
    const auto error = m_source ? m_source->error() : QAudio::NoError;
    if (there && error != QAudio::IOError && error != QAudio::FatalError)
        return;
    stop();
    Q_EMIT failed(tr("%1 was disconnected. All readings are saved; plug it in again or choose another microphone.")
                      .arg(m_device.description()));
}

void Microphone::stop()
{
    m_watch.stop();
    if (m_source)
        m_source->stop();
    m_source.reset();
    m_sink.reset();
}

PlayerSource::PlayerSource(Perform perform, TimeSource& time, QObject* parent)
    : SoundSource(parent), m_perform(std::move(perform)), m_tick(time, Alarm::Kind::Repeating, pushEvery)
{
    connect(&m_tick, &Alarm::rang, this, &PlayerSource::push);
    m_piece.reserve(1U << 20U);
}

namespace {
double seconds(std::chrono::milliseconds t)
{
    return std::chrono::duration<double>(t).count();
}
} // namespace

bool PlayerSource::start(Sink sink)
{
    m_sink = std::move(sink);
    m_pushed_s = seconds(m_tick.time().elapsed());
    m_tick.start();
    return true;
}

void PlayerSource::stop()
{
    m_tick.stop();
    m_playing.clear();
    m_at = 0;
    ++m_asked;
}

void PlayerSource::asked(const FingeringId& fingering, Seconds countedIn)
{
    const int question = ++m_asked;
    auto at = std::find_if(m_attempts.begin(), m_attempts.end(), [&](const auto& a) { return a.first == fingering.text; });
    if (at == m_attempts.end())
        at = m_attempts.insert(m_attempts.end(), {fingering.text, -1});
    const int attempt = ++at->second;
    m_playing.clear();
    m_at = 0;
    m_jobs.run([work = m_perform(fingering, attempt)](const Cancel&) { return work(); },
               [this, question, countedIn](Result<Samples> samples) {
                   if (question != m_asked)
                       return;
                   if (!samples) {
                       Q_EMIT failed(text::sentence(samples.error()));
                       return;
                   }
                   constexpr double breathIn_s = 0.5;
                   m_playing.assign(static_cast<std::size_t>((countedIn.seconds() + breathIn_s) * rate()), 0.0F);
                   m_playing.insert(m_playing.end(), samples->values.begin(), samples->values.end());
                   m_at = 0;
               });
}

void PlayerSource::push()
{
    const double now_s = seconds(m_tick.time().elapsed());
    const double most_s = 2.0; // after the machine was held up, no more than this at once
    const double wanted_s = std::min(now_s - m_pushed_s, most_s);
    m_pushed_s = now_s;
    m_piece.clear();
    for (auto n = static_cast<std::size_t>(wanted_s * rate()); n > 0; --n) {
        // A room is never quite silent.
        m_breath = m_breath * 6364136223846793005ULL + 1442695040888963407ULL;
        const float room = (static_cast<float>(m_breath >> 40U) / 16777216.0F - 0.5F) * 1e-4F;
        m_piece.push_back(room + (m_at < m_playing.size() ? m_playing[m_at++] : 0.0F));
    }
    if (m_sink && !m_piece.empty())
        m_sink(m_piece);
}

} // namespace dowel::app

#include "moc_sound_source.cpp"
