// SPDX-License-Identifier: GPL-3.0-or-later
// A time that stands still until the test moves it. Alarms that fall due on the way ring in their order, each at its own moment,
// so that a count-in, a retry or a month of drying is the same on every machine and takes no time.
#pragma once

#include "app/parts/time_source.h"

#include <algorithm>
#include <atomic>
#include <vector>

namespace dowel::gui {

class HandTime : public app::TimeSource
{
public:
    /// Begins now, so that files made by the system's clock are not from the future.
    HandTime() : m_start(systemClock().now()) {}
    [[nodiscard]] UtcTime now() const override { return m_start + elapsed(); }
    [[nodiscard]] std::chrono::milliseconds elapsed() const override { return std::chrono::milliseconds(m_elapsed_ms.load()); }
    void advance(std::chrono::milliseconds by)
    {
        const auto until = elapsed() + by;
        for (;;) {
            const auto next = std::min_element(m_due.begin(), m_due.end(), [](const Due& a, const Due& b) {
                return std::pair(a.at, a.order) < std::pair(b.at, b.order);
            });
            if (next == m_due.end() || next->at > until)
                break;
            const Due due = *next;
            m_due.erase(next);
            m_elapsed_ms = due.at.count();
            due.alarm->fire();
        }
        m_elapsed_ms = until.count();
    }

private:
    struct Due
    {
        std::chrono::milliseconds at;
        int order;
        app::Alarm* alarm;
    };
    void arm(app::Alarm& alarm, std::chrono::milliseconds after) override
    {
        m_due.push_back({elapsed() + after, m_order++, &alarm});
    }
    void disarm(app::Alarm& alarm) override
    {
        std::erase_if(m_due, [&](const Due& d) { return d.alarm == &alarm; });
    }
    UtcTime m_start;
    std::atomic<std::int64_t> m_elapsed_ms{0}; ///< workers date entries by it
    std::vector<Due> m_due;
    int m_order = 0;
};

} // namespace dowel::gui
