// SPDX-License-Identifier: GPL-3.0-or-later
// What a change costs before anybody makes it: a bell put on, a groove for the finger, a rougher bore, another mouthpiece, a
// register hole; every note now and with it, by the model with what was heard of this instrument.
#pragma once

#include "core/acoustics/colour.h"
#include "core/fit/fit.h"

#include <optional>
#include <string_view>
#include <variant>
#include <vector>

namespace dowel {

/// The bore's wall losses between two places, so many times those of a smooth wall: pith left, a node opened roughly, or 1
/// where it was smoothed.
struct RoughBore
{
    double times = 1.0;
    Metres from{};
    Metres to{}; ///< at from or before it: to the foot
};
/// Grooves under the fingers: the holes' chimneys are shorter by this.
struct FingerGrooves
{
    Metres deep;
};
/// A bell or funnel (a cone from the foot's bore to its mouth) or a ring (as wide all along) put on an open foot.
using OnTheFoot = FootPiece;
/// Of reed or horn: the volume of mouthpiece and chamber, so many times today's.
struct Mouthpiece
{
    double times = 1.0;
};
/// A barrel or slide pulled out at the top: everything lies lower by this, in a gap as wide as the bore there.
struct PulledOut
{
    Metres by;
};
/// A small hole near the top, open where the second register or one above it is played.
struct RegisterHole
{
    Metres at;
    Metres diameter;
};
/// A slide that does not fill its tube: a gap all round its packing, which is so long.
struct SlideGap
{
    Metres gap;
    Metres packing;
};
using Change = std::variant<RoughBore, FingerGrooves, OnTheFoot, Mouthpiece, PulledOut, RegisterHole, SlideGap>;

/// Stable words: "rough_bore", "finger_grooves", "on_the_foot", "mouthpiece", "pulled_out", "register_hole", "slide_gap".
[[nodiscard]] std::string_view changeName(const Change& change);
/// Those that an instrument of this kind can have, at amounts to begin with.
[[nodiscard]] std::vector<Change> changesFor(const InstrumentSpec& spec);

/// A change's amounts, whichever it is: a factor; or a depth, length, place or gap; and the width or length beside that. What a
/// change does not have is nothing.
struct ChangeAmounts
{
    std::optional<double> times{};
    std::optional<Metres> first{};
    std::optional<Metres> second{};
};
[[nodiscard]] ChangeAmounts amountsOf(const Change& change);
/// The same change with other amounts; those that are not given stay.
[[nodiscard]] Change withAmounts(Change change, const ChangeAmounts& amounts);

/// The instrument with it; of SlideGap, whose shape stays, the same. Errors: BadValue (where = the change, facts = the amount),
/// BadGeometry of Instrument::make().
[[nodiscard]] Result<Instrument> withChange(const Instrument& now, const Change& change);

struct NoteVaried
{
    FingeringId id;
    std::optional<Cents> now;                           ///< sounding minus target; nothing where the tube has no such note
    std::optional<Cents> then;                          ///< likewise, with the change
    double stronger_dB = 0.0;                           ///< of the resonance that sounds
    acoustics::Speech speech = acoustics::Speech::Well; ///< with the change
};
struct Variation
{
    Instrument with;
    std::vector<NoteVaried> notes; ///< one a fingering
    /// Of what is put on the foot: how much shorter the tube must be for its lowest note to sound with it as without.
    std::optional<Metres> leaveOff;
};
/// Errors: those of withChange().
[[nodiscard]] Result<Variation> varied(const Posterior& posterior, const Instrument& now, const Change& change);

/// How much less a slide's gap lets a resonance ring, as a factor on its quality, for the n-th resonance of a tube stopped by it.
/// The gap is taken as flow between parallel plates: conductance pi D h^3 / (12 mu l) (Poiseuille; any handbook of fluid
/// mechanics), the quality of a quarter-wave tube that ends in it (2n - 1) pi / (4 G Z). quality: without a gap.
[[nodiscard]] double ringingLeft(Metres bore, const SlideGap& gap, double quality, int registerNumber);

} // namespace dowel
