// SPDX-License-Identifier: GPL-3.0-or-later
// One instrument as its maker specifies it: sounding edge, bore, holes, foot, fingerings, tools and limits.
// InstrumentSpec is what was typed; Instrument is a spec that has been checked, so that an impossible one cannot exist.
#pragma once

#include "core/base/ids.h"
#include "core/base/quantities.h"
#include "core/base/result.h"

#include <optional>
#include <string>
#include <variant>
#include <vector>

namespace dowel {

/// What the drawing, the words and the defaults go by; the physics follows from the rest.
enum class Family { Whistle, Recorder, TwoChamber, Flute, Fife, Stopped, Slide, Reed, Horn, Other };
enum class Foot { Open, Closed };
enum class Side { Front, Back };

/// Window of a duct instrument.
struct Duct
{
    Metres windowWidth;
    Metres windowLength;       ///< cut-up, along the tube
    Metres chimney;            ///< wall thickness at the window
    Metres upstream;           ///< length of bore between the window and the block, 0 where the block ends at the window
    Metres cover{};            ///< by how much cover or cheeks stand up round the window, 0 for none
    double rampRunPerRise = 0; ///< of the lip's ramp, cotangent of its angle to the tube; 0 a square lip
    /// What the jet's direction and breath go by, not the pitch; 0 where nothing is said.
    Metres windwayLength{};
    Metres windwayHeight{}; ///< at its exit
    Metres chamfer{};       ///< that breaks the edges of roof and block at the exit
    friend bool operator==(const Duct&, const Duct&) = default;
};

/// Embouchure hole blown across.
struct Transverse
{
    Metres holeLength; ///< along the tube
    Metres holeWidth;  ///< across the tube
    Metres chimney;
    Metres stopper;      ///< hole centre to stopper face
    double lipCover = 0; ///< share of the hole under the lip, 0 to below 1
    Metres undercut{};   ///< by how much wider the hole is at the bore, along and across; 0: straight
    friend bool operator==(const Transverse&, const Transverse&) = default;
};

/// Single reed on a cylinder, or a lip on a horn: a closed volume at the top of the bore.
struct ClosedTop
{
    bool lip = false;          ///< false: single reed
    CubicMetres volume;        ///< mouthpiece volume plus the compliance of reed or lips, as a volume of air
    Metres socket{};           ///< how far the mouthpiece goes into the body; 0 where nothing is said
    Metres lay{};              ///< length of the flat that the reed lies on, where it is cut into the body itself; 0 for none
    double layAngle_deg = 0.0; ///< of that flat to the tube; 0 where nothing is said
    friend bool operator==(const ClosedTop&, const ClosedTop&) = default;
};

using Excitation = std::variant<Duct, Transverse, ClosedTop>;

/// Bore diameter at a distance from the excitation; straight lines between stations.
struct Station
{
    Metres at;
    Metres diameter;
    std::optional<Metres> wall{}; ///< where it differs from the instrument's; straight lines between these too
    double roughness = 1.0;       ///< factor on the wall losses from here to the next station
    double porosity = 0.0;        ///< specific admittance of the wall, likewise
    friend bool operator==(const Station&, const Station&) = default;
};

/// What closes a hole. A finger's pulp bulges in a little, a pad does not.
enum class Closure { Finger, Thumb, Pad };

/// The chimney opens out towards the player.
struct Countersink
{
    Metres diameter; ///< at the outside
    Metres depth;
    friend bool operator==(const Countersink&, const Countersink&) = default;
};

/// A pad that hovers over its open hole.
struct Pad
{
    Metres height;
    Metres diameter;
    friend bool operator==(const Pad&, const Pad&) = default;
};

struct Hole
{
    HoleId id;
    Metres at;               ///< centre at the outside, from the excitation
    Metres diameter;         ///< across the tube, at the outside (below a countersink)
    Metres undercutDiameter; ///< at the bore; equal to diameter where not undercut
    Metres chimney;          ///< depth through the wall
    Side side = Side::Front;
    std::string digit{};     ///< finger, L1 to L5, R1 to R5; may be empty
    double elongation = 1.0; ///< length along the tube over diameter; an oval hole grows in both
    double slant_rad = 0.0;  ///< the bore's end lies footwards of the outside by chimney tan(slant)
    int count = 1;           ///< 2: a pair side by side under one finger
    Closure closure = Closure::Finger;
    std::optional<Countersink> countersink{};
    std::optional<Pad> pad{};
    Metres aside{}; ///< round the tube from the line of holes, at the outside; to the player's right where positive
    friend bool operator==(const Hole&, const Hole&) = default;
};

/// A joint that is pulled out to tune: everything below it lies lower, with a gap of the socket's width.
struct Slide
{
    Metres at;
    Metres out;
    Metres gapDiameter;
    Metres tenon{};          ///< its length; 0 where nothing is said
    bool tenonAbove = false; ///< on the part above the joint; else on the part below
    friend bool operator==(const Slide&, const Slide&) = default;
};

/// A hole that the finger leaves partly free.
struct HalfHole
{
    HoleId hole;
    double open = 0.5; ///< share of its area
    friend bool operator==(const HalfHole&, const HalfHole&) = default;
};

struct Fingering
{
    FingeringId id;
    std::vector<HoleId> closed; ///< every other hole is open, but for the half ones
    int registerNumber = 1;
    std::string targetName; ///< scientific pitch name, empty where the target was given in hertz
    Hertz target;
    Cents tolerance;
    double weight = 1.0;
    std::vector<HalfHole> half{};
    friend bool operator==(const Fingering&, const Fingering&) = default;
};

struct Tuning
{
    Hertz a4 = Hertz::fromHertz(440.0);
    std::string scale = "equal";                           ///< a temperament's name, or "own"
    std::string tonic = "C";                               ///< that the temperament is built on
    std::vector<double> ownCents{};                        ///< twelve, where scale is "own"
    Temperature playedAt = Temperature::fromCelsius(20.0); ///< of the room; breath warms the tube further
    double humidity = 0.0;      ///< relative, 0 to 1; what is left out here the fitted temperature takes up
    double carbonDioxide = 0.0; ///< share by volume
    double gradient_K_m = 0.0;  ///< warmer towards the foot where positive
    friend bool operator==(const Tuning&, const Tuning&) = default;
};

struct Tools
{
    Metres step = Metres::fromMillimetres(0.1); ///< finest enlargement by file or knife
    std::vector<Metres> bits;                   ///< rising; empty where any size can be made
    friend bool operator==(const Tools&, const Tools&) = default;
};
/// The bit of this size, where there is one.
[[nodiscard]] std::optional<Metres> bitOfSize(Metres size, const Tools& tools);

struct Limits
{
    std::optional<Metres> holeMax;    ///< the widest hole the fingers cover
    std::optional<Metres> footMin;    ///< the shortest tube, as its last station
    std::optional<Metres> depthMax{}; ///< of a closed foot: the deepest bore the wood allows, as its last station
    friend bool operator==(const Limits&, const Limits&) = default;
};

/// What is put on the foot and taken off again: a bell, a funnel, a ring.
struct FootPiece
{
    Metres length;
    Metres mouth;     ///< inside, at its end
    bool cone = true; ///< from the foot's bore outwards; false: as wide as its mouth all along
    friend bool operator==(const FootPiece&, const FootPiece&) = default;
};

/// Where a cane is grown shut. Opened it is a ring in the bore that goes with the reaming; kept it is a wall.
struct Node
{
    Metres at; ///< from the excitation, negative above it
    bool kept = false;
    friend bool operator==(const Node&, const Node&) = default;
};

/// Wood above the sounding edge, or beyond the middle of the embouchure hole: sawn, bored and turned, but nothing that sounds.
struct Head
{
    Metres length;
    Metres slowChamberLength{}; ///< of a two-chamber flute: what the breath fills before the windway
    Metres slowChamberDiameter{};
    Metres slowChamberEntry{};                    ///< diameter of the hole that is blown into; 0 where nothing is said
    Metres slowChamberExit{};                     ///< of the one that leads to the windway
    Metres beak{};                                ///< length that is shaped for the lips, from the top end
    Metres waste = Metres::fromMillimetres(20.0); ///< left for chucking, sawn off at the end
    friend bool operator==(const Head&, const Head&) = default;
};

struct InstrumentSpec
{
    std::string name;
    std::string material{}; ///< a stable word ("cane"), or the maker's own; empty where nothing is said
    std::vector<Node> nodes{};
    Family family = Family::Other;
    Excitation excitation = Duct{};
    std::vector<Station> bore;
    Metres wall;
    Foot foot = Foot::Open;
    std::optional<FootPiece> footPiece{}; ///< while it is on
    std::optional<Head> head{};           ///< nothing: as usual for the family
    std::vector<Hole> holes;              ///< from the foot upwards
    std::vector<Slide> slides{};
    Tuning tuning;
    std::vector<Fingering> fingerings;
    Tools tools;
    Limits limits;
    friend bool operator==(const InstrumentSpec&, const InstrumentSpec&) = default;
};

/// A specification that can exist: stations in order, holes inside the tube and no wider than the bore, fingerings that
/// name holes that are there, every number finite and in its range.
class Instrument
{
public:
    /// Checks a specification. Errors: BadGeometry, BadFingering, BadValue, each with where = a JSON-pointer-like place
    /// ("/holes/h1/diameter_mm") and facts = the numbers that disagree.
    /// neighbours: whether holes that were cut into each other are taken as they are; a specification keeps them apart.
    enum class Neighbours { KeepApart, MayMeet };
    static Result<Instrument> make(InstrumentSpec spec, Neighbours neighbours = Neighbours::KeepApart);

    [[nodiscard]] const InstrumentSpec& spec() const { return m_spec; }
    /// Distance from the excitation to the foot, without what is put on it.
    [[nodiscard]] Metres length() const { return m_spec.bore.back().at; }
    /// Bore diameter by straight lines between stations; at is clamped to the tube.
    [[nodiscard]] Metres boreDiameterAt(Metres at) const;
    /// Wall thickness, likewise.
    [[nodiscard]] Metres wallAt(Metres at) const;
    [[nodiscard]] const Hole* find(const HoleId& id) const;
    [[nodiscard]] const Fingering* find(const FingeringId& id) const;
    /// Position in spec().holes.
    [[nodiscard]] std::optional<std::size_t> indexOf(const HoleId& id) const;
    [[nodiscard]] std::optional<std::size_t> indexOf(const FingeringId& id) const;
    /// One entry per hole, true where the fingering closes it.
    [[nodiscard]] std::vector<bool> closedHoles(const Fingering& fingering) const;
    /// One entry per hole: 0 closed, 1 open, between: the share left free.
    [[nodiscard]] std::vector<double> openShares(const Fingering& fingering) const;
    friend bool operator==(const Instrument&, const Instrument&) = default;

private:
    explicit Instrument(InstrumentSpec spec) : m_spec(std::move(spec)) {}
    InstrumentSpec m_spec;
};

/// The same for holes that are no instrument yet.
[[nodiscard]] std::vector<double> openShares(const std::vector<Hole>& holes, const Fingering& fingering);

/// Scale, tonic and own cents. Errors: BadValue (where = "/tuning/scale" and so on).
[[nodiscard]] Status checked(const Tuning& tuning);
/// A note by its name under a tuning. Errors: BadValue (where = the name, the scale or the tonic).
[[nodiscard]] Result<Hertz> targetOf(const Tuning& tuning, std::string_view name);

/// The chart under another tuning: named targets by it, others as they are. Errors: those of targetOf().
[[nodiscard]] Result<std::vector<Fingering>> retargeted(std::vector<Fingering> chart, const Tuning& tuning);

/// Whether its closed end is bored deeper to tune it: a slide's face moves instead.
[[nodiscard]] bool isBoredDeeper(const InstrumentSpec& spec);

/// The bore as it sounds, with what is on the foot.
[[nodiscard]] std::vector<Station> soundingBore(const InstrumentSpec& spec);
/// Straight-line bore diameter of a bare list of stations (at least one).
[[nodiscard]] Metres boreDiameterAt(const std::vector<Station>& bore, Metres at);
/// The same tube with another foot: cut there, or continued along its last straight stretch. Needs two stations.
[[nodiscard]] std::vector<Station> boreEndingAt(std::vector<Station> bore, Metres foot);
/// Straight-line wall thickness; otherwise where a station gives none.
[[nodiscard]] Metres wallAt(const std::vector<Station>& bore, Metres otherwise, Metres at);
/// Along the tube between the edges of two holes, outside or at the bore, whichever is less; below 0 where they meet.
[[nodiscard]] Metres woodBetween(const Hole& one, const Hole& other);
/// Less than that between two holes of one side is none.
inline constexpr Metres leastWoodBetweenHoles = Metres::fromMillimetres(0.2);

/// A hole within its own diameter of a node, where cane splits; common practice, no source.
struct NearNode
{
    HoleId hole;
    Metres node;
    Metres distance; ///< between the middles
};
[[nodiscard]] std::vector<NearNode> holesNearNodes(const std::vector<Node>& nodes, const std::vector<Hole>& holes);

/// Stable words used in files: "whistle", "recorder", ...
[[nodiscard]] std::string_view familyName(Family family);
[[nodiscard]] std::optional<Family> familyFromName(std::string_view name);

} // namespace dowel
