// SPDX-License-Identifier: GPL-3.0-or-later
// Where the holes go: places and sizes that bring every fingering to its target on this bore, under the maker's wishes,
// by the plan's own aim (core/aim) on the model with exact derivatives (core/solve). Sizes that the targets do not settle are
// drawn towards an even row. Where the maker allows it, stopper, bore, taper, undercuts and other fingerings are part of it;
// where not, it is told what they would bring. Then the same row undersized and with the foot left long, so that there is
// wood to tune with.
#pragma once

#include "core/fit/fit.h"
#include "core/instrument/whole.h"

#include <string>
#include <vector>

namespace dowel {

/// What fingers reach, in distances between hole centres. Common practice, no source.
struct HandSpan
{
    Metres step = Metres::fromMillimetres(34.0); ///< between neighbouring fingers
    Metres span = Metres::fromMillimetres(78.0); ///< first to last finger of a hand, thumbs apart
};
[[nodiscard]] HandSpan smallHand();
[[nodiscard]] HandSpan mediumHand();
[[nodiscard]] HandSpan largeHand();
/// First (lowest) and last finger hole of each hand that has two, as positions in spec.holes; thumbs do not count.
[[nodiscard]] std::vector<std::pair<std::size_t, std::size_t>> handsOf(const InstrumentSpec& spec);

enum class Wish { Reach, LargestHole, SmallestHole, OneBit, Bits, EqualSpacing, EvenTimbre, FixedLength };
/// Stable words: "reach", "largest_hole", ...
[[nodiscard]] std::string_view wishName(Wish w);

/// What may be changed beside places, sizes and length. HeadTaper: the head of a side-blown tube narrows towards its stopper.
/// Taper: the whole bore narrows towards the foot. Fingerings: one or two fingers otherwise for an upper note.
enum class Shaping { Stopper, HeadTaper, Taper, Bore, Undercut, Fingerings };
/// Stable words: "stopper", "head_taper", "taper", "bore", "undercut", "fingerings".
[[nodiscard]] std::string_view shapingName(Shaping s);
[[nodiscard]] std::optional<Shaping> shapingFromName(std::string_view name);
/// Whether an instrument of this kind has it; holes of a blank need not be there yet.
[[nodiscard]] bool offers(const InstrumentSpec& spec, Shaping shaping);

struct LayoutWishes
{
    std::vector<Shaping> allowed{};
    std::optional<HandSpan> reach;
    Metres smallest = Metres::fromMillimetres(3.0);
    Metres largest = Metres::fromMillimetres(12.0);
    bool oneBit = false;                                 ///< all holes alike
    std::vector<Metres> bits;                            ///< where not empty, final sizes are among these
    bool equalSpacing = false;                           ///< within each hand
    std::optional<Metres> spacing{};                     ///< of neighbouring holes of a hand: the maker's thumb, say
    bool evenTimbre = false;                             ///< the cutoff of neighbouring holes alike, as far as the notes allow
    bool fixedLength = false;                            ///< the tube stays as long as it is
    Metres allowance = Metres::fromMillimetres(0.8);     ///< by which holes start undersized, at least
    Metres footAllowance = Metres::fromMillimetres(2.0); ///< left on the foot beyond what is known to go, at least
    double doubt = 0.8; ///< standard deviations of what is not known beforehand that holes and foot start short by
    Metres leastWood = Metres::fromMillimetres(3.0); ///< between neighbouring holes
    /// How far instruments of this drawing sounded above the model, per fingering: what the drawing or the model has wrong
    /// in common. Left out where the fingerings differ in number.
    std::vector<Cents> heardAbove{};
};

/// What giving a wish up would be worth.
struct WishCost
{
    Wish wish = Wish::Reach;
    double worst_cents = 0.0; ///< of the layout without it, furthest off
    double rms_cents = 0.0;
    bool mends = false; ///< without it every note is within tolerance
    /// Of a spacing that is set: the nearest one that was found with which every note is within tolerance, where one is near.
    std::optional<Metres> nearestSpacing{};
};

/// One number of the tube as it was changed.
struct Reshaped
{
    Shaping kind = Shaping::Stopper;
    std::size_t hole = 0; ///< for Undercut
    double by_mm = 0.0;   ///< stopper further out; bore wider; taper: narrower at its narrow end; undercut wider than the hole
};

/// What allowing something more would be worth.
struct ShapingGain
{
    std::vector<Shaping> with; ///< one, or several together
    std::vector<Reshaped> reshaped;
    Instrument goal; ///< the layout with it, fingerings included
    int within = 0;  ///< notes within tolerance
    double worst_cents = 0.0;
    double rms_cents = 0.0;
    bool mends = false; ///< every note is within tolerance
};

/// How many notes are within their tolerance.
[[nodiscard]] int withinTolerance(const Instrument& instrument, const std::vector<double>& cents);

struct Layout
{
    Instrument goal;           ///< every hole at its final size
    Instrument start;          ///< undersized, foot left long: what is drilled first
    std::vector<double> cents; ///< of the goal, sounding minus target, per fingering
    double worst_cents = 0.0;
    double rms_cents = 0.0;
    bool reached = false;             ///< every note within its tolerance
    Priors priors{};                  ///< what it was laid out with
    std::vector<Reshaped> reshaped{}; ///< what of the tube was changed, as far as it was allowed
    std::vector<ShapingGain> gains{}; ///< of what is not allowed; only where some note is out of tolerance
    std::vector<WishCost> costs{};    ///< one a wish that binds; only where some note is out of tolerance or costs were asked for
    std::vector<MovedJoint> movedJoints{}; ///< holes would have met them where they were wanted
};

/// A blank with fingerings for holes that are not there yet.
struct Blank
{
    InstrumentSpec spec;             ///< holes empty
    std::size_t holeCount = 0;       ///< named h1 to hN from the foot upwards
    std::vector<std::string> digits; ///< per hole, may be empty
    std::vector<Side> sides;         ///< per hole; front where missing
    std::vector<Metres> asides{};    ///< per hole, round the tube; on the line where missing
};

/// The blank with holes put where a first guess has them. Errors: BadGeometry, BadFingering (names a hole beyond the
/// count), OutOfModelRange (where = fingering).
[[nodiscard]] Result<Instrument> roughLayout(const Blank& blank, const LayoutWishes& wishes);

/// A joint that a hole would meet is moved to the nearest place that serves. priors: what is known beforehand of the maker's
/// mouth, breath and holes. Errors: those of roughLayout(), BadValue (wishes that no row of holes can keep, named), Cancelled.
[[nodiscard]] Result<Layout> layOut(const Blank& blank, const LayoutWishes& wishes, bool withCosts = true,
                                    const Cancel& cancel = {}, const Priors& priors = {});
/// The same from a row that is there already, on a blank of that length; its joints are moved likewise.
[[nodiscard]] Result<Layout> layOut(const Instrument& rough, Metres blankLength, const LayoutWishes& wishes,
                                    bool withCosts = true, const Cancel& cancel = {}, const Priors& priors = {});
/// A goal as it was drawn by hand, judged and with what is drilled first. Errors: those of undersized().
[[nodiscard]] Result<Layout> layoutAt(const Instrument& goal, Metres blankLength, const LayoutWishes& wishes,
                                      const Priors& priors = {});

/// The same while it is being dragged from where it was judged last: what is drilled first moves along instead of being worked
/// out anew. For the eye; what stays is judged by layoutAt(). Errors: those of fit() and Instrument::make().
[[nodiscard]] Result<Layout> draggedTo(const Layout& before, const Instrument& goal, const LayoutWishes& wishes);

/// A goal as it is drilled first: holes undersized by the allowance, or by more where the model is less sure of their notes
/// beforehand than that (then to the next bit down), the foot left long likewise, as far as the blank reaches.
/// posterior: what is known beforehand. Errors: those of Posterior::sensitivity().
[[nodiscard]] Result<Instrument> undersized(const Instrument& goal, const LayoutWishes& wishes, Metres blankLength,
                                            const Posterior& posterior);

/// The lowest note while the foot is cut, by those who trim before drilling and by those who drill first; or while a closed bore
/// is deepened.
struct TrimStep
{
    Metres length;
    double undrilled_cents = 0.0; ///< sounding minus target, no holes
    double drilled_cents = 0.0;   ///< holes as they start, all closed
};
/// From the blank's length to the goal's, an eighth of an inch a step and the last by the file; of a closed bore from where it
/// starts, half a millimetre a step.
/// Errors: OutOfModelRange, BadFingering where no fingering has all holes closed, Cancelled.
[[nodiscard]] Result<std::vector<TrimStep>> trimPlan(const Layout& layout, Metres blankLength, const Cancel& cancel = {});

/// A measured instrument carried over to another bore and length: places by the ratio of wavelengths, sizes kept in
/// proportion to the bore, smaller where holes would run into each other, joints clear of them; then laid out anew. Errors as
/// layOut().
[[nodiscard]] Result<Instrument> carriedOver(const Instrument& model, const std::vector<Station>& bore, Metres wall,
                                             double pitchRatio);

} // namespace dowel
