// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/listener.h"

#include "text/errors.h"

namespace dowel::app {

namespace {
constexpr std::chrono::milliseconds lookEvery{33};
constexpr double traced_s = 6.0;
constexpr Seconds beatLength = Seconds::fromSeconds(1.0);
} // namespace

Listener::Listener(TimeSource& time, QObject* parent) : QObject(parent), m_look(time, Alarm::Kind::Repeating, lookEvery)
{
    connect(&m_look, &Alarm::rang, this, &Listener::look);
}

Listener::~Listener()
{
    blockSignals(true); // whoever listened may be gone by now
    stop();
}

void Listener::setSource(std::unique_ptr<SoundSource> source)
{
    stop();
    m_source = std::move(source);
    if (m_source)
        connect(m_source.get(), &SoundSource::failed, this, [this](const QString& sentence) {
            stop();
            Q_EMIT failed(sentence);
        });
}

void Listener::start(Document::Snapshot book, Temperature room)
{
    stop();
    if (!m_source)
        return;
    m_starting = true;
    m_jobs.runNewest([book = std::move(book), room](const Cancel&) { return session::expectedOf(*book, room); },
                     [this](Result<session::Expected> expected) {
                         if (expected)
                             return begin(std::move(*expected));
                         m_starting = false;
                         Q_EMIT failed(text::sentence(expected.error()));
                     });
}

void Listener::begin(session::Expected expected)
{
    // The rate is known once the source runs; nothing comes before the event loop goes on.
    if (!m_source->start([this](std::span<const float> samples) {
            if (m_ear)
                m_ear->feed(samples);
        })) {
        m_starting = false;
        return;
    }
    // An ear makes itself ready for a rate in some 50 ms; what sounds until then is not heard.
    m_jobs.runNewest([rate = m_source->rate(), expected = std::move(expected)](
                         const Cancel&) mutable { return std::make_shared<session::HandsFree>(rate, std::move(expected)); },
                     [this](std::shared_ptr<session::HandsFree> ear) {
                         m_starting = false;
                         m_ear = std::move(ear);
                         m_ear->countIn(m_beats, beatLength);
                         m_trace.clear();
                         m_heard = {};
                         m_look.start();
                         if (m_asked)
                             ask(*m_asked);
                         Q_EMIT heardChanged();
                     });
}

void Listener::stop()
{
    m_jobs.dropNewest();
    m_starting = false;
    m_look.stop();
    if (m_source)
        m_source->stop();
    m_ear.reset();
    m_trace.clear();
    m_heard = {};
    Q_EMIT heardChanged();
}

void Listener::expect(Document::Snapshot book, Temperature room)
{
    if (!m_ear)
        return;
    m_jobs.runNewest([book = std::move(book), room](const Cancel&) { return session::expectedOf(*book, room); },
                     [this](Result<session::Expected> expected) {
                         if (expected && m_ear)
                             m_ear->expect(std::move(*expected));
                     });
}

void Listener::ask(const FingeringId& fingering)
{
    m_asked = fingering;
    if (!m_ear)
        return;
    m_ear->ask(fingering);
    m_source->asked(fingering, beatLength * m_beats);
}

void Listener::countIn(int beats)
{
    m_beats = beats;
    if (m_ear)
        m_ear->countIn(beats, beatLength);
}

void Listener::askAgain()
{
    if (m_asked)
        ask(*m_asked);
}

void Listener::look()
{
    if (!m_ear)
        return;
    for (const auto& v : m_ear->trace())
        m_trace.push_back(v);
    while (!m_trace.empty() && m_trace.front().at_s < m_trace.back().at_s - traced_s)
        m_trace.pop_front();
    const int before = m_heard.beatsLeft;
    m_heard = m_ear->heard();
    if (m_heard.beatsLeft > 0 && m_heard.beatsLeft != before)
        Q_EMIT beat(m_heard.beatsLeft);
    const auto take = m_ear->taken();
    if (const auto room = m_ear->room())
        Q_EMIT roomLearnt(room->level_dB, room->hum_Hz);
    Q_EMIT heardChanged();
    if (take && m_asked)
        Q_EMIT taken(*m_asked, *take, m_source->kind());
}

void Listener::keepOffered()
{
    if (!m_ear || !m_heard.other)
        return;
    const auto samples = m_ear->offered();
    if (samples)
        Q_EMIT taken(*m_heard.other, *samples, m_source->kind());
}

} // namespace dowel::app

#include "moc_listener.cpp"
