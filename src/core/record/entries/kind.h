// SPDX-License-Identifier: GPL-3.0-or-later
// What every kind of entry says of itself, once. A kind is one file beside this one, one line in core/record/workbook.h, and
// its JSON in io/record_json.cpp; everything else that has to know it does not compile until it does.
#pragma once

#include "core/base/result.h"

#include <concepts>
#include <cstdint>
#include <string_view>

namespace dowel {

/// Number of an entry; they count up from 1 and are never used twice.
struct EntryId
{
    std::int64_t number = 0;
    friend auto operator<=>(const EntryId&, const EntryId&) = default;
};

struct EntryFacts
{
    std::string_view word;    ///< in the record
    int since = 1;            ///< the first version of workbooks that knows it; an entry of it may need a newer one
    bool bearsOnShape = true; ///< what is there, wanted or heard, or the advice on it, may be another after it
    bool ofTheMaker = true;   ///< done by the maker, who may set it aside; the others speak for their own time
};

/// What a kind of entry must have:
///   facts         EntryFacts
///   since()       the first version of workbooks that knows this entry, which may be newer than its kind
///   checkAlone()  what it says that cannot be, whatever stands before it. Errors: BadValue
template <class K>
concept EntryKind = requires(const K& e)
{
    {
        K::facts
        } -> std::convertible_to<EntryFacts>;
    {
        e.since()
        } -> std::same_as<int>;
    {
        e.checkAlone()
        } -> std::same_as<Status>;
};

/// Errors: BadValue.
Status checkLetters(const char* where, std::size_t count, std::size_t least, std::size_t most);

} // namespace dowel
