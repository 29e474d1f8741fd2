// SPDX-License-Identifier: GPL-3.0-or-later
// Which part a thread plays, and the doors that the interface's thread may not enter. The window stays responsive because work
// that can take long never runs where events are handled; that is checked where such work begins instead of timed afterwards,
// so the check gives the same answer on every machine.
#pragma once

#include <string_view>

namespace dowel {

enum class ThreadRole {
    Unassigned, ///< a program without a window: every door is open
    Interface,  ///< handles events
    Worker,
};

[[nodiscard]] ThreadRole threadRole();
/// Of the calling thread, from now on.
void setThreadRole(ThreadRole role);

/// Sets a role for as long as it lives.
class ScopedThreadRole
{
public:
    explicit ScopedThreadRole(ThreadRole role) : m_before(threadRole()) { setThreadRole(role); }
    ~ScopedThreadRole() { setThreadRole(m_before); }
    ScopedThreadRole(const ScopedThreadRole&) = delete;
    ScopedThreadRole& operator=(const ScopedThreadRole&) = delete;
    ScopedThreadRole(ScopedThreadRole&&) = delete;
    ScopedThreadRole& operator=(ScopedThreadRole&&) = delete;

private:
    ThreadRole m_before;
};

/// Work that can take longer than a frame. Every enumerator has a row in tests/gui/test_doors.
enum class Door {
    Fit,
    Forecast,
    Plan,
    Layout,
    Analysis,
    Player,
    Passport,
    Template,
    ShopScan,
    OpenBook,
    Verify,
    DurableWrite,
    ReadFile,
};
inline constexpr Door allDoors[] = {Door::Fit,    Door::Forecast,     Door::Plan,     Door::Layout,   Door::Analysis,
                                    Door::Player, Door::Passport,     Door::Template, Door::ShopScan, Door::OpenBook,
                                    Door::Verify, Door::DurableWrite, Door::ReadFile};
[[nodiscard]] std::string_view doorName(Door door);

/// First statement of a function that can take long. On the interface's thread it calls the handler, and the work goes on.
void enterDoor(Door door);

using InterfaceEntryHandler = void (*)(Door door);
/// What happens when the interface's thread enters a door; returns the handler before. Without one the program stops: that is a
/// programmer's mistake. The window's program writes a warning instead, since a user is better served by a short wait.
InterfaceEntryHandler setInterfaceEntryHandler(InterfaceEntryHandler handler);

} // namespace dowel
