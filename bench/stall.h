// SPDX-License-Identifier: GPL-3.0-or-later
// An application that times every turn of its event loop. A test of the window fails where the loop stood still for more than
// 50 ms, and the longest stall of each page is printed. The time in which the thread was ready but other work had the processor
// is taken off, and a slower machine gets as much longer. A function that stalled is run again, alone, up to twice: what the
// window itself takes too long for comes every time, what a shared machine takes away without saying so does not.
#pragma once

#include <QAbstractEventDispatcher>
#include <QApplication>
#include <QElapsedTimer>
#include <QMap>
#include <QTest>
#include <QThread>
#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <fcntl.h>
#include <unistd.h>

namespace dowel::gui {

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

/// How many times slower than the machine on which 50 ms are promised this one is; 1 at least.
inline double slowness()
{
    constexpr double promised_ms = 22.0; // for the sum below, where the limit was set
    double best = 1e9;
    for (int run = 0; run < 5; ++run) {
        QElapsedTimer clock;
        clock.start();
        volatile double sum = 0.0;
        for (int i = 1; i < 1000000; ++i)
            sum = sum + std::log(static_cast<double>(i) + sum * 1e-9);
        best = std::min(best, static_cast<double>(clock.nsecsElapsed()) * 1e-6);
    }
    return std::max(1.0, best / promised_ms);
}

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
    /// The longest since the last call, in milliseconds, and where; forgotten then but for the report at the end.
    [[nodiscard]] QString takeTooLong(double limit_ms)
    {
        QStringList tooLong;
        for (auto it = m_longest.begin(); it != m_longest.end(); ++it) {
            const double ms = static_cast<double>(it->ns) * 1e-6;
            if (ms > limit_ms)
                tooLong << QStringLiteral("%1 stood still for %2 ms (%3)").arg(it.key()).arg(ms, 0, 'f', 0).arg(it->what);
            Stall& ever = m_ever[it.key()];
            if (it->ns > ever.ns)
                ever = *it;
        }
        m_longest.clear();
        return tooLong.join(QStringLiteral("; "));
    }
    [[nodiscard]] double longest_ms() const
    {
        qint64 longest = 0;
        for (const Stall& s : m_longest)
            longest = std::max(longest, s.ns);
        return static_cast<double>(longest) * 1e-6;
    }
    /// What has to show again that its stall was not its own; \p last: there will be no further run.
    [[nodiscard]] QStringList takeRunAgain(bool last)
    {
        m_last = last;
        m_runAgain.removeDuplicates();
        return std::exchange(m_runAgain, {});
    }
    void runAgain(const QString& function) { m_runAgain << function; }
    [[nodiscard]] bool mayRunAgain() const { return !m_last; }
    void report() const
    {
        qInfo("this machine counts as %.2f times as slow as 50 ms are promised for", slowness());
        for (auto it = m_ever.begin(); it != m_ever.end(); ++it)
            qInfo("longest stall: %6.1f ms  %s (%s)", static_cast<double>(it->ns) * 1e-6, qPrintable(it.key()),
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
    QMap<QString, Stall> m_ever;
    QStringList m_runAgain;
    bool m_last = false;
};

/// For the one act that may take longer, with its reason: called after it, within the same test.
inline void forgiveStalls(const char* /*reason*/)
{
    (void)static_cast<WatchedApplication*>(qApp)->takeTooLong(1e9);
}

/// A test of the window: base class that looks after each function whether the loop stood still.
class WatchedTest : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void cleanup()
    {
        auto* watched = static_cast<WatchedApplication*>(qApp);
        const double longest_ms = watched->longest_ms();
        // What the machine is busy with beside slows it too: asked only where it matters.
        const QString tooLong = watched->takeTooLong(longest_ms > 50.0 ? 50.0 * slowness() : 50.0);
        if (tooLong.isEmpty())
            return;
        QVERIFY2(watched->mayRunAgain(), qPrintable(tooLong));
        qInfo("to be run again: %s", qPrintable(tooLong));
        watched->runAgain(QString::fromLatin1(QTest::currentTestFunction()));
    }
    void cleanupTestCase() { static_cast<WatchedApplication*>(qApp)->report(); }
};

template <class Test> int runWatched(int argc, char** argv)
{
    WatchedApplication app(argc, argv);
    QTest::setMainSourcePath(__FILE__, "");
    Test test;
    int failed = QTest::qExec(&test, argc, argv);
    constexpr int furtherRuns = 2;
    for (int run = 1; run <= furtherRuns; ++run) {
        const QStringList functions = app.takeRunAgain(run == furtherRuns);
        if (functions.isEmpty())
            break;
        Test again;
        failed += QTest::qExec(&again, QStringList{app.applicationFilePath()} + functions);
    }
    return failed;
}

} // namespace dowel::gui

// What QTEST_MAIN is, with the application that watches.
#define DOWEL_WINDOW_TEST_MAIN(Test)                                                                                             \
    int main(int argc, char** argv)                                                                                              \
    {                                                                                                                            \
        return dowel::gui::runWatched<Test>(argc, argv);                                                                         \
    }
