// SPDX-License-Identifier: GPL-3.0-or-later
// Waiting for a condition, with one limit that only a test that hangs reaches: how long something takes depends on the machine,
// and no test may.
#pragma once

#include <QTest>

namespace dowel {

inline constexpr int longestWait_ms = 600'000;

template <class Condition> [[nodiscard]] bool waitFor(Condition condition)
{
    return QTest::qWaitFor(condition, longestWait_ms);
}

} // namespace dowel

#define EVENTUALLY(condition) QTRY_VERIFY_WITH_TIMEOUT(condition, dowel::longestWait_ms)
#define EVENTUALLY_COMPARE(actual, expected) QTRY_COMPARE_WITH_TIMEOUT(actual, expected, dowel::longestWait_ms)
