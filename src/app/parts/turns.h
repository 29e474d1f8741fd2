// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <utility>
#include <vector>

namespace dowel::app {

/// Carries steps out one after another, a turn of the event loop each, as long as owner is there: together they would be felt.
inline void inTurns(QObject* owner, std::vector<std::function<void()>> steps)
{
    if (steps.empty())
        return;
    QTimer::singleShot(0, owner, [owner, steps = std::move(steps)]() mutable {
        const auto step = std::move(steps.front());
        steps.erase(steps.begin());
        step();
        inTurns(owner, std::move(steps));
    });
}

} // namespace dowel::app
