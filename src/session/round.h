// SPDX-License-Identifier: GPL-3.0-or-later
// One round of listening: what is still to be heard, in which order, what is asked for now, and what a note that was taken
// does to that. Knows nothing of windows, sounds or files.
#pragma once

#include "core/record/workbook.h"

#include <optional>
#include <span>
#include <vector>

namespace dowel::session {

class Round
{
public:
    /// Order in which what is to be heard comes up.
    enum class Order { Asked, FootUpwards, Stale };

    /// Begins with every fingering that no standing reading tells of; with none such nothing is left to hear, and the first
    /// fingering is asked for.
    explicit Round(const Workbook& book);

    /// Nothing where the instrument has no fingerings.
    [[nodiscard]] const std::optional<FingeringId>& asked() const { return m_asked; }
    /// Still to be heard, in the order in which it comes up.
    [[nodiscard]] const std::vector<FingeringId>& pending() const { return m_pending; }
    [[nodiscard]] bool over() const { return m_pending.empty(); }

    void ask(const FingeringId& id) { m_asked = id; }
    /// What the advice wants heard now; none ends the round where it stands.
    void hear(const std::vector<FingeringId>& wanted);
    /// These were heard and kept. Asks for the next one, or, where that was the last, for the last of these.
    void taken(std::span<const FingeringId> heard);
    /// wanted: what the advice wants heard, for Order::Asked.
    void setOrder(Order order, const Workbook& book, const std::vector<FingeringId>& wanted);
    /// The next one still to be heard, upwards from the one that is asked for. Not where the round is over.
    void next(const Workbook& book);
    /// So many fingerings up or down the chart, whether heard or not.
    void step(const Workbook& book, int by);

private:
    std::vector<FingeringId> m_pending;
    std::optional<FingeringId> m_asked;
};

/// Cuts since each fingering was last heard, in the instrument's order; nothing where it was not.
[[nodiscard]] std::vector<std::optional<std::size_t>> cutsSinceHeard(const Workbook& book);

/// The fingering that a file of this name is of: named so, whatever the case of its letters.
[[nodiscard]] std::optional<FingeringId> fingeringNamed(const Workbook& book, std::string_view name);

} // namespace dowel::session
