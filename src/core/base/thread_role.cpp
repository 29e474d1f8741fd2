// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/thread_role.h"

#include <atomic>
#include <cstdio>
#include <cstdlib>

namespace dowel {

namespace {
thread_local ThreadRole role = ThreadRole::Unassigned;

void stop(Door door)
{
    std::fprintf(stderr, "dowel: long work on the interface's thread: %s\n", doorName(door).data());
    std::abort();
}
std::atomic<InterfaceEntryHandler> onInterfaceEntry{stop};
} // namespace

ThreadRole threadRole()
{
    return role;
}

void setThreadRole(ThreadRole now)
{
    role = now;
}

std::string_view doorName(Door door)
{
    switch (door) {
    case Door::Fit: return "fit";
    case Door::Forecast: return "forecast";
    case Door::Plan: return "plan";
    case Door::Layout: return "layout";
    case Door::Analysis: return "analysis";
    case Door::Player: return "player";
    case Door::Passport: return "passport";
    case Door::Template: return "template";
    case Door::ShopScan: return "shop scan";
    case Door::OpenBook: return "open a workbook";
    case Door::Verify: return "verify";
    case Door::DurableWrite: return "durable write";
    case Door::ReadFile: return "read a file";
    }
    return {};
}

void enterDoor(Door door)
{
    if (role == ThreadRole::Interface)
        onInterfaceEntry.load()(door);
}

InterfaceEntryHandler setInterfaceEntryHandler(InterfaceEntryHandler handler)
{
    return onInterfaceEntry.exchange(handler == nullptr ? stop : handler);
}

} // namespace dowel
