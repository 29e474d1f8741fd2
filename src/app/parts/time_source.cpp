// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/parts/time_source.h"

namespace dowel::app {

std::chrono::milliseconds TimeSource::elapsed() const
{
    return std::chrono::duration_cast<std::chrono::milliseconds>(std::chrono::steady_clock::now().time_since_epoch());
}

void TimeSource::arm(Alarm& alarm, std::chrono::milliseconds after)
{
    alarm.m_timer.start(after);
}

void TimeSource::disarm(Alarm& alarm)
{
    alarm.m_timer.stop();
}

TimeSource& systemTime()
{
    static TimeSource time;
    return time;
}

Alarm::Alarm(TimeSource& time, Kind kind, std::chrono::milliseconds interval, QObject* parent)
    : QObject(parent), m_time(&time), m_kind(kind), m_interval(interval)
{
    m_timer.setSingleShot(true);
    m_timer.setTimerType(Qt::PreciseTimer);
    connect(&m_timer, &QTimer::timeout, this, &Alarm::fire);
}

Alarm::~Alarm()
{
    stop();
}

void Alarm::start()
{
    stop();
    m_active = true;
    m_time->arm(*this, m_interval);
}

void Alarm::stop()
{
    if (std::exchange(m_active, false))
        m_time->disarm(*this);
}

void Alarm::fire()
{
    if (!m_active)
        return;
    if (m_kind == Kind::Repeating)
        m_time->arm(*this, m_interval);
    else
        m_active = false;
    Q_EMIT rang();
}

} // namespace dowel::app

#include "moc_time_source.cpp"
