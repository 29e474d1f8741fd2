// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/practice.h"

#include "core/layout/families.h"

#include "player/player.h"

#include <algorithm>

namespace dowel::session {

Result<Samples> played(const Workbook& book, const FingeringId& fingering, Temperature room, std::uint64_t again)
{
    const auto practice = book.practice();
    const Fingering* f = book.present().find(fingering);
    if (!practice || f == nullptr)
        return Error{ErrorCode::UnknownName, "fingering", fingering.text};
    const player::SimulatedPlayer player({practice->seed, room, practice->noise_dB});
    auto take = player.play(book.present(), *f, takesOf(book, fingering) + again);
    if (!take)
        return take.error();
    return std::move(take->samples);
}

std::uint64_t takesOf(const Workbook& book, const FingeringId& fingering)
{
    return static_cast<std::uint64_t>(std::count_if(book.entries().begin(), book.entries().end(), [&](const Entry& e) {
        const auto* r = std::get_if<ReadingEntry>(&e.body);
        return r != nullptr && r->fingering == fingering;
    }));
}

Result<Instrument> practiceBlank(Family family, const Cancel& cancel)
{
    const auto blank = startingBlank(family, usualTarget(family));
    if (!blank)
        return blank.error();
    auto layout = layOut(*blank, {}, false, cancel);
    if (!layout)
        return layout.error();
    return std::move(layout->start);
}

} // namespace dowel::session
