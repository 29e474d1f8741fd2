// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/advise.h"

#include "io/record_json.h"
#include "session/at_the_bench.h"
#include "store/shop_memory.h"

namespace dowel::session {

namespace {

/// What a workbook's advice begins from, and the memory it came from, to be added to.
struct Learnt
{
    Priors priors;
    std::optional<ShopMemory> memory;
};

Result<Learnt> learntFor(const Store& store, const std::string& path)
{
    Learnt learnt;
    if (path.empty() || store.book().practice())
        return learnt;
    auto memory = ShopMemory::open(path);
    if (!memory)
        return memory.error();
    auto priors = memory->priorsFor(store.book().specified().spec().family, store.identity());
    if (!priors)
        return priors.error();
    learnt.priors = std::move(*priors);
    learnt.memory = std::move(*memory);
    return learnt;
}

Status keep(Store& store, const Advice& advice)
{
    const auto& entries = store.book().entries();
    const auto* newest = entries.empty() ? nullptr : std::get_if<Advice>(&entries.back().body);
    if (newest != nullptr && io::bodyText(*newest) == io::bodyText(advice)) // as both are kept
        return Done{};
    const auto kept = store.append(advice);
    return kept ? Status(Done{}) : Status(kept.error());
}

} // namespace

PlanOptions planOptions(const Workbook& book, const BitDrawer* drawer, std::optional<Effort> asked)
{
    PlanOptions options = optionsFor(asked.value_or(book.strategy().effort));
    options.handSlip = slipByHand(drawer, book.present().spec().material);
    if (drawer == nullptr)
        return options;
    options.tools = toolsOf(*drawer, book.present().spec().tools);
    options.handWork = drawer->worksByHand();
    return options;
}

Result<Advised> advise(Store& store, const MemoryUse& memory, const Cancel& cancel, const PlanOptions& options)
{
    if (!store.book().sounds())
        return Error{ErrorCode::BadValue, "fingerings", FactId::NoHolesYet};
    auto learnt = learntFor(store, memory.path);
    if (!learnt && memory.need == MemoryUse::Need::Asked)
        return learnt.error();
    auto found = DOWEL_TRY(recommend(store.book(), learnt ? learnt->priors : Priors{}, options, cancel));
    Advised advised{std::move(found), {}, {}};
    if (!learnt)
        advised.memoryTrouble = learnt.error();
    else if (learnt->memory)
        if (const auto kept = remember(*learnt->memory, store, advised.recommendation.forecaster->posterior(), cancel); !kept) {
            if (memory.need == MemoryUse::Need::Asked)
                return kept.error();
            advised.memoryTrouble = kept.error();
        }
    if (const auto kept = keep(store, advised.recommendation.advice); !kept)
        advised.notKept = kept.error();
    return advised;
}

} // namespace dowel::session
