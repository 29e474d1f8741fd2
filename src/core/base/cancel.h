// SPDX-License-Identifier: GPL-3.0-or-later
// How long work is watched and stopped from outside, without threads inside the core.
#pragma once

#include <atomic>
#include <memory>

namespace dowel {

/// Shared between the one who asks for the work and the work itself; copies refer to the same flag.
class Cancel
{
public:
    Cancel() : m_flag(std::make_shared<std::atomic<bool>>(false)) {}
    void request() { m_flag->store(true); }
    [[nodiscard]] bool requested() const { return m_flag->load(); }

private:
    std::shared_ptr<std::atomic<bool>> m_flag;
};

} // namespace dowel
