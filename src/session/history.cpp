// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/history.h"

namespace dowel::session {

bool TurnBack::ofPlan() const
{
    return entry != nullptr && std::holds_alternative<PlanEntry>(entry->body);
}

bool TurnBack::ofBuilt() const
{
    return entry != nullptr && std::holds_alternative<BuiltEntry>(entry->body);
}

TurnBack lastToTakeBack(const Workbook& book)
{
    for (auto it = book.entries().rbegin(); it != book.entries().rend(); ++it) {
        if (!factsOf(it->body).ofTheMaker || book.isSetAside(it->id))
            continue;
        if (std::holds_alternative<CutEntry>(it->body))
            return {TurnBack::Kind::ACut, &*it, nullptr};
        if (std::holds_alternative<PlanEntry>(it->body) && book.entries().front().id == it->id)
            break; // what it was begun with
        return {TurnBack::Kind::AnEntry, &*it, &*it};
    }
    return {};
}

TurnBack lastToBringBack(const Workbook& book)
{
    const Entry* aside = book.lastSetAside();
    if (aside == nullptr)
        return {};
    return {TurnBack::Kind::AnEntry, book.entry(std::get<SetAsideEntry>(aside->body).entry), aside};
}

} // namespace dowel::session
