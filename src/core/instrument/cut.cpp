// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/instrument/cut.h"

#include <cmath>

namespace dowel {

namespace {

template <class> constexpr bool allKinds = false;
template <CutKind... Kinds> constexpr bool allKinds<std::variant<Kinds...>> = true;
static_assert(allKinds<Cut>, "every kind says what CutKind asks for");

} // namespace

Result<Instrument> applied(const Instrument& before, const Cut& cut)
{
    if (!std::isfinite(wantedSize(cut).metres()))
        return Error{ErrorCode::BadValue, std::string(factsOf(cut).word), FactId::NotFinite};
    InstrumentSpec spec = before.spec();
    if (const Status done = std::visit([&spec](const auto& c) { return c.doTo(spec); }, cut); !done)
        return done.error();
    return Instrument::make(std::move(spec), Instrument::Neighbours::MayMeet); // what was cut is there
}

std::optional<Metres> presentSize(const Instrument& instrument, const Cut& cut)
{
    return std::visit([&](const auto& c) { return c.present(instrument); }, cut);
}

bool isSameStep(const Cut& advised, const Cut& made)
{
    if (advised.index() != made.index() || holeOf(advised) != holeOf(made))
        return false;
    return std::visit(
        [&made]<class Kind>(const Kind& one) {
            if constexpr (requires { one.samePlace(one); })
                return one.samePlace(std::get<Kind>(made));
            else
                return true;
        },
        advised);
}

Metres wantedSize(const Cut& cut)
{
    return std::visit([](const auto& c) { return c.size(); }, cut);
}

Cut withSize(Cut cut, Metres size)
{
    std::visit([size](auto& c) { c.resize(size); }, cut);
    return cut;
}

const CutFacts& factsOf(const Cut& cut)
{
    return std::visit([](const auto& c) -> const CutFacts& { return c.facts; }, cut);
}

std::optional<HoleId> holeOf(const Cut& cut)
{
    return std::visit(
        [](const auto& c) -> std::optional<HoleId> {
            if constexpr (requires { c.hole; })
                return c.hole;
            else
                return std::nullopt;
        },
        cut);
}

std::vector<Cut> worksOn(const Instrument& instrument)
{
    std::vector<Cut> works;
    forEachCutKind([&]<class Kind>(const Kind&) {
        for (Kind& work : Kind::on(instrument))
            works.emplace_back(std::move(work));
    });
    return works;
}

} // namespace dowel
