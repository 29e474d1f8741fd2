// SPDX-License-Identifier: GPL-3.0-or-later
// Work off the interface's thread: a plain function on one worker, in order, each ending exactly once back on the
// caller's thread, or not at all where this object is gone.
#pragma once

#include "core/base/cancel.h"

#include <QObject>
#include <QThreadPool>
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
    }

    /// work runs on the worker with a Cancel; done gets its result on this object's thread.
    template <class Work, class DoneWith> void run(Work work, DoneWith done)
    {
        ++m_running;
        Q_EMIT busyChanged(true);
        const Cancel cancel = m_cancel;
        // The destructor waits for the worker, so this outlives it; a queued end dies with this.
        m_pool.start([this, cancel, work = std::move(work), done = std::move(done)]() mutable {
            auto result = work(cancel);
            QMetaObject::invokeMethod(
                this,
                [this, result = std::move(result), done = std::move(done)]() mutable {
                    --m_running;
                    done(std::move(result));
                    if (m_running == 0)
                        Q_EMIT busyChanged(false);
                },
                Qt::QueuedConnection);
        });
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
    /// Nobody waits for the newest any more.
    void dropNewest()
    {
        cancelAll();
        ++m_newest;
    }
    [[nodiscard]] bool busy() const { return m_running > 0; }
    /// Asks everything that runs or waits to stop; it still ends, as cancelled.
    void cancelAll()
    {
        m_cancel.request();
        m_cancel = Cancel();
    }

Q_SIGNALS:
    void busyChanged(bool busy);

private:
    QThreadPool m_pool;
    Cancel m_cancel;
    int m_running = 0;
    int m_newest = 0;
};

} // namespace dowel::app
