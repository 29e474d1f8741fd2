// SPDX-License-Identifier: GPL-3.0-or-later
// Work off the interface's thread: a plain function on one worker, in order, each ending exactly once back on the
// caller's thread, or not at all where this object is gone.
#pragma once

#include "core/base/cancel.h"
#include "core/base/thread_role.h"

#include <QCoreApplication>
#include <QEvent>
#include <QObject>
#include <QRunnable>
#include <QThreadPool>
#include <atomic>
#include <functional>
#include <utility>

namespace dowel::app {

class Jobs : public QObject
{
    Q_OBJECT

public:
    explicit Jobs(QObject* parent = nullptr) : QObject(parent) { m_pool.setMaxThreadCount(1); }
    ~Jobs() override
    {
        cancelAll();
        m_pool.waitForDone();
        handOver();
        inAll() -= m_running; // their ends go with this
    }

    /// work runs on the worker with a Cancel; done gets its result on this object's thread.
    template <class Work, class DoneWith> void run(Work work, DoneWith done)
    {
        ++m_running;
        ++inAll();
        Q_EMIT busyChanged(true);
        const Cancel cancel = m_cancel;
        // The destructor waits for the worker, so this outlives it; a queued end dies with this.
        auto task = [this, cancel, work = std::move(work), done = std::move(done)]() mutable {
            handOver();
            const ScopedThreadRole worker(ThreadRole::Worker);
            auto end = [this, result = work(cancel), done = std::move(done)]() mutable {
                --m_running;
                --inAll();
                done(std::move(result));
                if (m_running == 0)
                    Q_EMIT busyChanged(false);
            };
            auto* ended = new End<decltype(end)>(std::move(end));
            handOver();
            QCoreApplication::postEvent(this, ended);
        };
        auto* runnable = new Task<decltype(task)>(std::move(task));
        handOver();
        m_pool.start(runnable);
    }
    /// As run(), for what may not be lost: neither cancelAll() nor the end of this object calls it off.
    template <class Work, class DoneWith> void runToItsEnd(Work work, DoneWith done)
    {
        run([work = std::move(work)](const Cancel&) mutable { return work(Cancel()); }, std::move(done));
    }
    /// As run(), of which only the newest counts: what was asked before is called off, and its answer dropped.
    template <class Work, class DoneWith> void runNewest(Work work, DoneWith done)
    {
        dropNewest();
        run(std::move(work), [this, mine = m_newest, done = std::move(done)](auto result) mutable {
            if (mine == m_newest)
                done(std::move(result));
        });
    }
    /// One runs and one waits: what is asked while one runs takes the place of what waits, and each that ran is shown. For what
    /// follows a dragging hand, where calling off the one that runs would show nothing until the hand rests.
    template <class Work, class DoneWith> void runInTurn(Work work, DoneWith done)
    {
        if (m_turn) {
            m_waits = [this, work = std::move(work), done = std::move(done)] {
                runInTurn(work, done);
            };
            return;
        }
        m_turn = true;
        run(std::move(work), [this, done = std::move(done)](auto result) mutable {
            m_turn = false;
            done(std::move(result));
            if (const auto next = std::exchange(m_waits, nullptr))
                next();
        });
    }
    /// Nobody waits for the newest any more.
    void dropNewest()
    {
        cancelAll();
        ++m_newest;
    }
    [[nodiscard]] bool busy() const { return m_running > 0; }
    /// Work of every owner in the program that has not ended yet. On the interface's thread only.
    [[nodiscard]] static int runningInAll() { return inAll(); }
    /// Asks everything that runs or waits to stop; it still ends, as cancelled.
    void cancelAll()
    {
        m_cancel.request();
        m_cancel = Cancel();
    }

    bool event(QEvent* event) override;

Q_SIGNALS:
    void busyChanged(bool busy);

private:
    /// Not QRunnable::create(): a function in the toolkit's own wrapper is read before it can say that it was handed over.
    template <class Function> class Task : public QRunnable
    {
    public:
        explicit Task(Function function) : m_function(std::move(function)) {}
        void run() override { m_function(); }

    private:
        Function m_function;
    };
    /// What ends a piece of work, on its way back to this object's thread.
    class EndEvent : public QEvent
    {
    public:
        static constexpr Type type = static_cast<Type>(QEvent::User + 7);
        EndEvent() : QEvent(type) {}
        virtual void end() = 0;
    };
    template <class Function> class End : public EndEvent
    {
    public:
        explicit End(Function function) : m_function(std::move(function)) {}
        void end() override { m_function(); }

    private:
        Function m_function;
    };
    /// The pool and the event loop already order what one thread leaves to the other; this says so to ThreadSanitizer, which
    /// cannot see the toolkit's own locks.
    void handOver() { m_handed.fetch_add(1, std::memory_order_acq_rel); }
    static int& inAll()
    {
        static int running = 0;
        return running;
    }
    std::atomic<int> m_handed{0};
    QThreadPool m_pool;
    Cancel m_cancel;
    int m_running = 0;
    int m_newest = 0;
    bool m_turn = false;
    std::function<void()> m_waits;
};

} // namespace dowel::app
