// SPDX-License-Identifier: GPL-3.0-or-later
// From the plank to a true blank: how many billets a plank gives, what a bore that wandered leaves to be turned, and how deep a
// reamer of known shape goes. Plain geometry; allowances are common practice, no source.
#pragma once

#include "core/instrument/cuts/ream_taper.h"
#include "core/instrument/instrument.h"

#include <string>
#include <vector>

namespace dowel {

/// A stretch of the plank that is left out over its whole width: a crack, a knot.
struct Defect
{
    Metres from;
    Metres to;
    friend bool operator==(const Defect&, const Defect&) = default;
};
struct Plank
{
    Metres length;
    Metres width;
    Metres thickness;
    Metres kerf = Metres::fromMillimetres(3.0);      ///< that a saw cut takes
    Metres endWaste = Metres::fromMillimetres(30.0); ///< at each end, where the drying checks are
    std::vector<Defect> defects;                     ///< from one end
};
/// What one instrument needs: its outside and length when done, and what squaring, turning and holding take more.
struct Billet
{
    Metres outside;
    Metres length;
    Metres toTurn = Metres::fromMillimetres(5.0);  ///< more in the square than the finished outside
    Metres toHold = Metres::fromMillimetres(40.0); ///< more in the length, for chuck and centre
    [[nodiscard]] Metres square() const { return outside + toTurn; }
    [[nodiscard]] Metres sawn() const { return length + toHold; }
};
struct SawnBillet
{
    Metres along; ///< where it begins, from the plank's end
    Metres across;
    int layer = 0; ///< of the thickness
};
struct SawPlan
{
    std::vector<SawnBillet> billets;
    int layers = 0;
    double used = 0.0; ///< share of the plank's wood that is in them
};
/// Errors: BadValue (where = the measure).
[[nodiscard]] Result<SawPlan> sawn(const Plank& plank, const Billet& billet);

/// One end of a bored blank, by calipers: its wall where it is thickest and thinnest, and the bore.
struct BoredEnd
{
    Metres thick;
    Metres thin;
    Metres bore;
    /// How far the bore's middle lies from the blank's.
    [[nodiscard]] Metres off() const { return (thick - thin) / 2.0; }
};
struct LeastWall
{
    std::string place; ///< a hole's name, "window", or empty: anywhere along the bore
    Metres wall;
};
struct Turned
{
    Metres outside;               ///< the widest that is round and parallel to the bore
    std::vector<LeastWall> walls; ///< what stands then: of the tube, at every hole, and at the window
    bool serves = false;          ///< all of them at least the least wall
};
/// A straight bore in a straight blank, turned between centres in the bore: what is taken is symmetrical about the bore, so at
/// each end nothing can stand farther from the bore's middle than the thin side does. instrument: the one to be made of it; where
/// its own outside is smaller than what can be turned, that counts. Errors: BadValue (a thick wall thinner than the thin one, or
/// nothing left of one).
[[nodiscard]] Result<Turned> turnedAfter(const BoredEnd& head, const BoredEnd& foot, const Instrument& instrument,
                                         Metres leastWall);

/// A reamer by its shape: diameters rising from its tip.
struct ReamerPoint
{
    Metres fromTip;
    Metres diameter;
    friend bool operator==(const ReamerPoint&, const ReamerPoint&) = default;
};
struct Reamer
{
    std::string name;
    std::vector<ReamerPoint> shape;
    friend bool operator==(const Reamer&, const Reamer&) = default;
};
/// Errors: BadGeometry (fewer than two points, places or diameters that do not rise), where = its name.
[[nodiscard]] Status checked(const Reamer& reamer);

/// From which end it goes in.
enum class From { Head, Foot };
/// A bore after a reamer has gone in so deep with its tip: nowhere narrower than the reamer there. Errors: those of checked(),
/// BadGeometry where the tip does not reach the bore or passes its other end by more than the reamer is long.
[[nodiscard]] Result<std::vector<Station>> reamed(const std::vector<Station>& bore, const Reamer& reamer, From from, Metres deep);
/// The same as work on the wood: one straight taper after the other from the sounding edge downwards, those that cut. Errors:
/// those of checked(), BadGeometry as reamed(), NotRemovable where it cuts nothing at that depth.
[[nodiscard]] Result<std::vector<ReamTaper>> reamings(const Instrument& there, const Reamer& reamer, From from, Metres deep);
/// How deep its tip may go so that the bore becomes nowhere wider than wanted. Nothing where it does not cut at all within that.
[[nodiscard]] Result<std::optional<Metres>> deepest(const std::vector<Station>& bore, const std::vector<Station>& wanted,
                                                    const Reamer& reamer, From from);
/// A reamer of the shop that does a reaming as it was asked for: how deep its tip goes then, and how much deeper that is than
/// where it now rests without cutting.
struct ReamerForIt
{
    std::string reamer;
    From from = From::Foot;
    Metres deep;
    Metres deeper;
    Metres worst; ///< by how much the bore then differs from what was asked for, at most
};
/// The one that comes nearest, passing nowhere what is wanted; nothing where none comes within near. Errors: those of checked().
[[nodiscard]] Result<std::optional<ReamerForIt>> reamerFor(const std::vector<Station>& bore, const std::vector<Station>& wanted,
                                                           const std::vector<Reamer>& reamers, Metres near);

/// A joint: the tenon of one part in the socket of the next. What is left of the wood there.
struct Tenon
{
    Metres outside; ///< of the tube beside it
    Metres bore;
    Metres tenon;  ///< its outside, without its cork or thread
    Metres length; ///< that goes into the socket
    Metres cork;   ///< how thick cork or thread lies on it, pressed
};
struct TenonWalls
{
    Metres tenon;  ///< left between bore and tenon's outside
    Metres socket; ///< left between socket and outside
    Metres gap;    ///< how deep the groove for cork or thread may be at most
};
/// Errors: BadValue (where = "tenon", no wood left).
[[nodiscard]] Result<TenonWalls> wallsOf(const Tenon& tenon);

/// A natural horn, measured: how long it is outside along its bend, how far a wire goes in from the wide end along the bend, and
/// its outside across at the tip and where the hollow ends.
struct HornMeasured
{
    Metres outsideLength;
    Metres wire;
    Metres acrossTip;
    Metres acrossHollowEnd;
    Metres bore; ///< that the mouth's hole is drilled to
};
struct HornMouth
{
    Metres solid;  ///< of the tip
    Metres cut;    ///< from the tip, where enough stands round the hole
    Metres length; ///< of the tube then, along the bend
    Metres drill;  ///< through solid tip from the cut to the hollow
    Metres wall;   ///< round the hole at the cut
};
/// Cut as near to the tip as leaves at least so much wall round the hole. Errors: BadValue (where = "wire" or "across", facts =
/// why: nowhere thick enough).
[[nodiscard]] Result<HornMouth> mouthOf(const HornMeasured& horn, Metres leastWall);

/// The voicing cut of a block whistle: a cut square to the tube so far from the end and so deep, and a ramp that rises from its
/// bottom to the face.
struct SawCut
{
    Metres fromEnd;
    Metres depth;     ///< from the face, square to it
    double angle_deg; ///< of the ramp to the face
    Metres outside;   ///< of the block across the face
    Metres bore;
    Metres off; ///< how far the bore's middle lies from the block's, towards the face
};
struct SawnWindow
{
    Metres length;   ///< cut-up: from the square cut to where the ramp leaves the bore
    Metres width;    ///< of the opening at the square cut
    Metres wall;     ///< between face and bore
    Metres opposite; ///< wall on the far side
    Metres ramp;     ///< along the face, from the square cut to where the ramp meets it
    Metres edge;     ///< of the lip, from the end
};
/// Plane geometry of a cylinder cut by two planes: the ramp lies depth - u tan(angle) below the face at u from the square cut,
/// and opens the bore where that is more than the wall; the opening's width is the chord there. Errors: BadValue (where =
/// "angle", "wall", "depth").
[[nodiscard]] Result<SawnWindow> windowOf(const SawCut& cut);
/// How deep the square cut must be for a window of that length. Errors: as windowOf().
[[nodiscard]] Result<Metres> sawDepthFor(Metres windowLength, const SawCut& cut);

/// Reamers that bring a bore towards another, each as deep as it may go, widest first, so that a narrow one follows a bore that
/// is there; and how far the result is from what was wanted, at its worst.
struct ReamStep
{
    std::string reamer;
    Metres deep;
};
struct ReamPlan
{
    std::vector<ReamStep> steps;
    std::vector<Station> bore;
    Metres worst; ///< narrower than wanted
    Metres worstAt;
};
[[nodiscard]] Result<ReamPlan> reamPlan(std::vector<Station> bore, const std::vector<Station>& wanted,
                                        const std::vector<Reamer>& reamers, From from);

} // namespace dowel
