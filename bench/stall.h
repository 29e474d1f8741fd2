// SPDX-License-Identifier: GPL-3.0-or-later
// An application that times every turn of its event loop, page by page. Figures to look at, on an idle machine; no test fails by
// them (tests/gui/test_doors shows that nothing long runs there). The time in which the thread was ready but other work had the
// processor is taken off where the system tells it.
#pragma once

#include <QAbstractEventDispatcher>
#include <QApplication>
#include <QElapsedTimer>
#include <QMap>
#include <QThread>
#include <cstdio>
#include <cstdlib>
#include <fcntl.h>
#include <unistd.h>
#include <utility>

namespace dowel::bench {

/// Nanoseconds for which this thread has waited for a processor so far; 0 where the system does not tell.
class RunDelay
{
public:
    RunDelay() : m_file(::open("/proc/thread-self/schedstat", O_RDONLY | O_CLOEXEC)) {}
    ~RunDelay()
    {
        if (m_file >= 0)
            ::close(m_file);
    }
    RunDelay(const RunDelay&) = delete;
    RunDelay& operator=(const RunDelay&) = delete;
    RunDelay(RunDelay&&) = delete;
    RunDelay& operator=(RunDelay&&) = delete;
    [[nodiscard]] qint64 ns() const
    {
        char text[96] = {};
        if (m_file < 0 || ::pread(m_file, text, sizeof text - 1, 0) <= 0)
            return 0;
        char* second = nullptr;
        (void)std::strtoll(text, &second, 10); // on the processor
        return std::strtoll(second, nullptr, 10);
    }

private:
    int m_file;
};

class WatchedApplication : public QApplication
{
public:
    WatchedApplication(int& argc, char** argv) : QApplication(argc, argv)
    {
        m_clock.start();
        QAbstractEventDispatcher* loop = QAbstractEventDispatcher::instance();
        connect(loop, &QAbstractEventDispatcher::aboutToBlock, this, [this] { m_blockedAt = m_clock.nsecsElapsed(); });
        connect(loop, &QAbstractEventDispatcher::awake, this, [this] {
            if (m_blockedAt >= 0)
                m_idle += m_clock.nsecsElapsed() - m_blockedAt;
            m_blockedAt = -1;
        });
    }
    bool notify(QObject* receiver, QEvent* event) override
    {
        // What is handed on within a turn belongs to it; a dialog that runs a loop of its own has turns of its own.
        const int level = QThread::currentThread()->loopLevel();
        if (m_inTurn && level == m_level)
            return QApplication::notify(receiver, event);
        const QString what = named(receiver) + QStringLiteral(", event ") + QString::number(event->type());
        const QString page = pageOf(receiver);
        const qint64 idle = m_idle;
        const bool outer = std::exchange(m_inTurn, true);
        const int outerLevel = std::exchange(m_level, level);
        const qint64 outerTurns = std::exchange(m_turns, 0);
        const qint64 delay = m_delay.ns();
        const qint64 from = m_clock.nsecsElapsed();
        const bool done = QApplication::notify(receiver, event);
        const qint64 whole = m_clock.nsecsElapsed() - from;
        const qint64 own = whole - (m_delay.ns() - delay) - (m_idle - idle) - m_turns;
        m_inTurn = outer;
        m_level = outerLevel;
        m_turns = outerTurns + whole - (m_idle - idle);
        Stall& longest = m_longest[page];
        if (own > longest.ns)
            longest = {own, what};
        return done;
    }
    /// Page by page, the longest turn and what it handled.
    void report() const
    {
        for (auto it = m_longest.begin(); it != m_longest.end(); ++it)
            std::printf("longest turn: %6.1f ms  %s (%s)\n", static_cast<double>(it->ns) * 1e-6, qPrintable(it.key()),
                        qPrintable(it->what));
    }

private:
    struct Stall
    {
        qint64 ns = 0;
        QString what;
    };
    static QString named(const QObject* o)
    {
        return QString::fromLatin1(o->metaObject()->className()) + QLatin1Char(' ') + o->objectName();
    }
    static QString pageOf(const QObject* o)
    {
        for (; o != nullptr; o = o->parent())
            if (o->objectName().endsWith(QLatin1String("Page")) || o->inherits("QDialog"))
                return o->objectName();
        return QStringLiteral("window");
    }

    QElapsedTimer m_clock;
    RunDelay m_delay;
    qint64 m_idle = 0;
    qint64 m_blockedAt = -1;
    bool m_inTurn = false;
    int m_level = 0;
    qint64 m_turns = 0;
    QMap<QString, Stall> m_longest;
};

} // namespace dowel::bench
