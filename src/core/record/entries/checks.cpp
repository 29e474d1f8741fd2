// SPDX-License-Identifier: GPL-3.0-or-later
// What each kind of entry says that cannot be, whatever stands before it.
#include "core/record/entries/amend.h"
#include "core/record/entries/pattern.h"
#include "core/record/entries/reading.h"
#include "core/record/entries/strategy.h"

namespace dowel {

Status checkLetters(const char* where, std::size_t count, std::size_t least, std::size_t most)
{
    if (count >= least && count <= most)
        return Done{};
    return Error{ErrorCode::BadValue, where, {FactId::LettersWithin, count, least, most}};
}

namespace {

template <class Quantity> Status checkBetween(const char* where, Quantity found, Quantity low, Quantity high)
{
    if (found > low && found < high) // never of what is no number
        return Done{};
    return Error{ErrorCode::BadValue, where, {FactId::AboveBelow, found, low, high}};
}

} // namespace

Status ReadingEntry::checkAlone() const
{
    DOWEL_TRY(checkBetween("hz", pitch, Hertz::fromHertz(10.0), Hertz::fromHertz(20000.0)));
    DOWEL_TRY(checkBetween("sd_cents", sd, Cents(), Cents::fromCents(200.0)));
    constexpr Temperature coldest = Temperature::fromCelsius(-20.0); // older records may hold what checkRoom() refuses
    constexpr Temperature hottest = Temperature::fromCelsius(60.0);
    if (!(air > coldest && air < hottest))
        return Error{ErrorCode::BadValue, "celsius", {FactId::WithinRoom, air, coldest, hottest}};
    return Done{};
}

Status AmendEntry::checkAlone() const
{
    if (name)
        DOWEL_TRY(checkLetters("name", name->size(), 1, 200));
    if (!bearsOnAdvice() && !name && !material && !nodes)
        return Error{ErrorCode::BadValue, "amend", FactId::NothingChanged};
    return Done{};
}

Status PatternEntry::checkAlone() const
{
    constexpr std::size_t mostNotes = 500;
    if (alike && !notes.empty())
        return Error{ErrorCode::BadValue, "pattern", FactId::NotBoth};
    if (notes.size() > mostNotes)
        return Error{ErrorCode::BadValue, "pattern", {FactId::AtMost, notes.size(), mostNotes}};
    return Done{};
}

Status StrategyEntry::checkAlone() const
{
    if (strategy.evenTimbre >= 0.0 && strategy.evenTimbre <= 1.0)
        return Done{};
    return Error{ErrorCode::BadValue, "even_timbre", {FactId::Within, strategy.evenTimbre, 0, 1}};
}

} // namespace dowel
