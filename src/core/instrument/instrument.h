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
    Metres windowLength; ///< cut-up, along the tube
    Metres chimney;      ///< wall thickness at the window
    Metres upstream;     ///< length of bore between the window and the block, 0 where the block ends at the window
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
    friend bool operator==(const Transverse&, const Transverse&) = default;
};

/// Single reed on a cylinder, or a lip on a horn: a closed volume at the top of the bore.
struct ClosedTop
{
    bool lip = false;   ///< false: single reed
    CubicMetres volume; ///< mouthpiece volume plus the compliance of reed or lips, as a volume of air
    friend bool operator==(const ClosedTop&, const ClosedTop&) = default;
};

using Excitation = std::variant<Duct, Transverse, ClosedTop>;

/// Bore diameter at a distance from the excitation; straight lines between stations.
struct Station
{
    Metres at;
    Metres diameter;
    friend bool operator==(const Station&, const Station&) = default;
};

struct Hole
{
    HoleId id;
    Metres at;                ///< centre, from the excitation
    Metres diameter;          ///< at the outside
    Metres undercutDiameter;  ///< at the bore; equal to diameter where not undercut
    Metres chimney;           ///< depth through the wall
    Side side = Side::Front;
    std::string digit;        ///< finger, L1 to L5, R1 to R5; may be empty
    friend bool operator==(const Hole&, const Hole&) = default;
};

struct Fingering
{
    FingeringId id;
    std::vector<HoleId> closed; ///< every other hole is open
    int registerNumber = 1;
    std::string targetName; ///< scientific pitch name, empty where the target was given in hertz
    Hertz target;
    Cents tolerance;
    double weight = 1.0;
    friend bool operator==(const Fingering&, const Fingering&) = default;
};

struct Tuning
{
    Hertz a4 = Hertz::fromHertz(440.0);
    std::string scale = "equal";
    Temperature playedAt = Temperature::fromCelsius(20.0);
    friend bool operator==(const Tuning&, const Tuning&) = default;
};

struct Tools
{
    Metres step = Metres::fromMillimetres(0.1); ///< finest enlargement by file or knife
    std::vector<Metres> bits;                   ///< rising; empty where any size can be made
    friend bool operator==(const Tools&, const Tools&) = default;
};

struct Limits
{
    std::optional<Metres> holeMax; ///< the widest hole the fingers cover
    std::optional<Metres> footMin; ///< the shortest tube, as its last station
    friend bool operator==(const Limits&, const Limits&) = default;
};

struct InstrumentSpec
{
    std::string name;
    Family family = Family::Other;
    Excitation excitation = Duct{};
    std::vector<Station> bore;
    Metres wall;
    Foot foot = Foot::Open;
    std::vector<Hole> holes; ///< from the foot upwards
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
    static Result<Instrument> make(InstrumentSpec spec);

    [[nodiscard]] const InstrumentSpec& spec() const { return m_spec; }
    /// Distance from the excitation to the foot.
    [[nodiscard]] Metres length() const { return m_spec.bore.back().at; }
    /// Bore diameter by straight lines between stations; at is clamped to the tube.
    [[nodiscard]] Metres boreDiameterAt(Metres at) const;
    [[nodiscard]] const Hole* find(const HoleId& id) const;
    [[nodiscard]] const Fingering* find(const FingeringId& id) const;
    /// Position in spec().holes.
    [[nodiscard]] std::optional<std::size_t> indexOf(const HoleId& id) const;
    [[nodiscard]] std::optional<std::size_t> indexOf(const FingeringId& id) const;
    /// One entry per hole, true where the fingering closes it.
    [[nodiscard]] std::vector<bool> closedHoles(const Fingering& fingering) const;
    friend bool operator==(const Instrument&, const Instrument&) = default;

private:
    explicit Instrument(InstrumentSpec spec) : m_spec(std::move(spec)) {}
    InstrumentSpec m_spec;
};

/// Straight-line bore diameter of a bare list of stations (at least one).
[[nodiscard]] Metres boreDiameterAt(const std::vector<Station>& bore, Metres at);

/// Stable words used in files: "whistle", "recorder", ...
[[nodiscard]] std::string_view familyName(Family family);
[[nodiscard]] std::optional<Family> familyFromName(std::string_view name);

} // namespace dowel
