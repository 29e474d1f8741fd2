// SPDX-License-Identifier: GPL-3.0-or-later
// The window's time: dates, how long something has lasted, and alarms. Everything in the window that waits, counts, glides or
// dates takes this as an argument, so that a test moves time by hand and the same test passes on a machine of any speed.
#pragma once

#include "core/base/clock.h"

#include <QObject>
#include <QTimer>
#include <chrono>

namespace dowel::app {

class Alarm;

/// The system's time. A test's own overrides everything; see systemTime().
class TimeSource : public Clock
{
public:
    [[nodiscard]] UtcTime now() const override { return systemClock().now(); }
    /// Since an arbitrary start; never goes back.
    [[nodiscard]] virtual std::chrono::milliseconds elapsed() const;

private:
    friend class Alarm;
    /// Has the alarm fire after this long, or no more.
    virtual void arm(Alarm& alarm, std::chrono::milliseconds after);
    virtual void disarm(Alarm& alarm);
};

/// Where nobody hands another one in.
[[nodiscard]] TimeSource& systemTime();

/// Fires after an interval: once, or again and again until it is stopped.
class Alarm : public QObject
{
    Q_OBJECT

public:
    enum class Kind { Once, Repeating };
    /// time must outlive the alarm.
    Alarm(TimeSource& time, Kind kind, std::chrono::milliseconds interval, QObject* parent = nullptr);
    ~Alarm() override;
    /// From now; one that runs begins anew.
    void start();
    void stop();
    [[nodiscard]] bool isActive() const { return m_active; }
    [[nodiscard]] TimeSource& time() const { return *m_time; }
    /// By the time source, when the interval is over.
    void fire();

Q_SIGNALS:
    void rang();

private:
    friend class TimeSource;
    TimeSource* m_time;
    Kind m_kind;
    std::chrono::milliseconds m_interval;
    bool m_active = false;
    QTimer m_timer; ///< the system's time source uses it
};

} // namespace dowel::app
