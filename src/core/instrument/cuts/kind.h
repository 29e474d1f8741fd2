// SPDX-License-Identifier: GPL-3.0-or-later
// What every kind of work on the wood says of itself, once: its word, what it does to its size and to the piece, and how the
// plan turns to it. A kind is one file beside this one and one line in core/instrument/cut.h.
#pragma once

#include "core/base/result.h"
#include "core/instrument/instrument.h"

#include <concepts>
#include <optional>
#include <string>
#include <string_view>
#include <tuple>
#include <vector>

namespace dowel {

/// How the plan turns to a kind of work, before it knows this piece.
struct LeverFacts
{
    /// Order within a pass: what the mouth does to all notes the holes can still follow; then holes and foot from the foot
    /// upwards; undercuts and the bore last.
    enum class Turn { Mouth, HolesAndFoot, Last };
    Turn turn = Turn::Last;
    /// What a whole millimetre costs: its square is added to the loss. Only tells apart what pitch leaves open.
    double price = 0.25;
    bool mayFlatten = false; ///< pays by what the holes can do after it, not by itself
    /// By what derivative of the model the notes follow it; where it has none of its own, by a small difference.
    enum class Slope { Difference, HoleSize, HoleUndercut, End, Window, Mouth, Stopper };
    Slope slope = Slope::Difference;
};

struct CutFacts
{
    enum class Size { Grows, Shrinks, BothWays };
    std::string_view word;        ///< in records and in the contract
    int since = 1;                ///< the first version of workbooks that knows it
    Size size = Size::Grows;      ///< which way its size goes
    bool reversible = false;      ///< it is pushed, filled or put on, and can be taken back
    bool movesTheEnd = false;     ///< its size is where the tube ends
    bool lessSure = true;         ///< than holes and foot: the formulas get more of its change wrong
    bool standsElsewhere = false; ///< nothing is worked on, a face stands elsewhere: as sure as the tube itself
    std::string_view before{};    ///< its word in records up to 0.7.0, where it was another
    LeverFacts lever{};
};

/// One value that a kind of work has: its word in files, and the member.
template <class Kind, class Value> struct CutField
{
    std::string_view word;
    Value Kind::*member;
};
template <class Kind, class Value> CutField(std::string_view, Value Kind::*) -> CutField<Kind, Value>;

// Two readings of one hole by calipers differ by up to this; one that much below the former size is no new material. Common
// practice, no source, like the next.
constexpr Metres caliperSlack = Metres::fromMillimetres(0.1);
// And in a bore, where a gauge reaches less surely, or between a lip's edge and a windway's end.
constexpr Metres boreSlack = Metres::fromMillimetres(0.15);

/// What a kind of work must have:
///   facts            CutFacts
///   fields()         a tuple of its CutFields, as files have them
///   size(), resize() the size it asks for, and the same work to another
///   present(there)   that size as it is on an instrument; nothing where it has no such thing
///   doTo(spec)       the work itself. Errors: UnknownName, NotRemovable, BadGeometry, BadValue
///   on(there)        every such work that can be done on an instrument, each at the size that is there now
template <class K>
concept CutKind = std::equality_comparable<K> &&
    requires(K k, const K& c, const Instrument& there, InstrumentSpec& spec, Metres m)
{
    {
        K::facts
        } -> std::convertible_to<CutFacts>;
    K::fields();
    {
        c.size()
        } -> std::same_as<Metres>;
    k.resize(m);
    {
        c.present(there)
        } -> std::same_as<std::optional<Metres>>;
    {
        c.doTo(spec)
        } -> std::same_as<Status>;
    {
        K::on(there)
        } -> std::same_as<std::vector<K>>;
};

namespace cuts {

/// Errors: NotRemovable.
Error tooSmall(std::string where, Metres wanted, Metres present);
/// Errors: UnknownName.
Result<Hole*> holeIn(InstrumentSpec& spec, const HoleId& id);
/// A size of a hole on an instrument; nothing where it has no such hole.
std::optional<Metres> ofHole(const Instrument& there, const HoleId& id, Metres Hole::*size);
/// A size of the mouth; nothing where it is another mouth.
template <class Mouth> std::optional<Metres> ofMouth(const Instrument& there, Metres Mouth::*size)
{
    const auto* mouth = std::get_if<Mouth>(&there.spec().excitation);
    return mouth == nullptr ? std::nullopt : std::optional(mouth->*size);
}
/// A station on the straight line between its neighbours, with their wall and surface.
Station stationAt(const std::vector<Station>& bore, Metres otherwise, Metres at);

} // namespace cuts

} // namespace dowel
