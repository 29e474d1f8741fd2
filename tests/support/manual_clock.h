// SPDX-License-Identifier: GPL-3.0-or-later
// A clock that stands still until it is put forward.
#pragma once

#include "core/base/clock.h"

namespace dowel {

class ManualClock : public Clock
{
public:
    /// Begins now, so that files made by the system's clock are not from the future.
    ManualClock() : m_now(systemClock().now()) {}
    [[nodiscard]] UtcTime now() const override { return m_now; }
    void advance(std::chrono::milliseconds by) { m_now += by; }

private:
    UtcTime m_now;
};

} // namespace dowel
