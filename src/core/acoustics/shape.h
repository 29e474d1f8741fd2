// SPDX-License-Identifier: GPL-3.0-or-later
// What the model computes with: a shape in metres, what is known only through sound, and where each measure's derivative
// stands in a gradient.
#pragma once

#include "core/acoustics/holes.h"
#include "core/instrument/instrument.h"

#include <array>
#include <cstddef>
#include <vector>

namespace dowel::acoustics {

/// Places of a mouth's measures in Shape::excitation and in a gradient; metres where nothing else is said.
namespace duct {
inline constexpr std::size_t length = 0; ///< of the window, along the tube
inline constexpr std::size_t width = 1;
inline constexpr std::size_t chimney = 2;
inline constexpr std::size_t upstream = 3; ///< bore between block and window
inline constexpr std::size_t cover = 4;    ///< wall standing up beside it
inline constexpr std::size_t ramp = 5;     ///< run over rise of the lip's ramp, plain; 0 a square lip
} // namespace duct
namespace across {
inline constexpr std::size_t length = 0; ///< of the embouchure hole, along the tube
inline constexpr std::size_t width = 1;
inline constexpr std::size_t chimney = 2;
inline constexpr std::size_t stopper = 3;
inline constexpr std::size_t lipCover = 4; ///< plain
inline constexpr std::size_t undercut = 5; ///< wider at the bore by that
} // namespace across
namespace closedTop {
inline constexpr std::size_t volume = 0; ///< cubic metres
} // namespace closedTop
inline constexpr std::size_t excitationMeasures = 6;

/// What is known of the instrument only through its sound. Logarithms of factors, so 0 means "as published".
struct Calibration
{
    double kelvin = 293.15;   ///< of the air at half the tube's length, breath and all
    double gradient_K_m = 0;  ///< by how much it rises per metre towards the foot; players' breath makes it negative
    double vapour = 0;        ///< share of water vapour by volume, see vapourShare()
    double carbonDioxide = 0; ///< share by volume
    double wallLossLog = 0;   ///< on the loss functions
    double mouthLog = 0;      ///< on the mouth's inertance (or the reed's volume) at 700 Hz
    double mouthSlope = 0;    ///< its power law over frequency
    double boreScaleLog = 0;  ///< on all bore radii
    double holeEndLog = 0;    ///< on all open holes' outer end corrections
    /// How much of their difference to the chosen hole formulas the other published sets are taken in with.
    std::array<double, allHoleFormulas.size() - 1> holeSpread{};
    /// How strongly open holes and the foot hear each other outside: 0 not at all, 1 as points in free air, 2 as points on
    /// a plane wall. A round tube lies between.
    double neighbours = 0;
};

/// Which formulas are used where the literature has several.
struct Formulas
{
    HoleFormulas holes = HoleFormulas::LefebvreScavone;
    bool steps = true; ///< inertance of abrupt steps in the bore; the plain horn equation has none
};

/// Shape in metres, free of Instrument's checks so that a fit may move it by a trifle in any direction.
struct Shape
{
    enum class Mouth { Duct, Transverse, ClosedTop };
    struct Station
    {
        double at_m;
        double diameter_m;
        Surface surface{}; ///< from here to the next station
    };
    struct Hole
    {
        double at_m;       ///< where its axis meets the bore
        double diameter_m; ///< of the equal-area circle
        double undercut_m;
        double chimney_m;
        double sink_m = 0.0; ///< diameter at the outside; used where fittings.sinkDepth_m > 0
        HoleFittings fittings{};
    };
    /// A joint pulled out: everything below lies lower by out_m, with a wider gap between.
    struct Slide
    {
        double at_m;
        double out_m;
        double gapDiameter_m;
    };
    Mouth mouth = Mouth::Duct;
    /// By the places of duct, across or closedTop.
    std::array<double, excitationMeasures> excitation{};
    std::vector<Station> bore;
    std::size_t footStations = 0; ///< of what is put on the foot, below the body's own last one
    std::vector<Hole> holes;      ///< foot upwards, as in the specification
    std::vector<Slide> slides;
    double wall_m = 0.001; ///< at the foot
    bool footClosed = false;

    static Shape of(const Instrument& instrument);
    /// The station where the body ends.
    [[nodiscard]] std::size_t bodyEnd() const { return bore.size() - 1 - footStations; }
};

/// Calibration as an instrument's tuning says it is played, nothing fitted.
[[nodiscard]] Calibration calibrationOf(const Tuning& tuning);

/// Places of the parameters in a gradient.
class ParameterLayout
{
public:
    ParameterLayout(std::size_t stations, std::size_t holes, std::size_t slides)
        : m_stations(stations), m_holes(holes), m_slides(slides)
    {
    }
    explicit ParameterLayout(const Shape& s) : ParameterLayout(s.bore.size(), s.holes.size(), s.slides.size()) {}
    static constexpr std::size_t kelvin = 0;
    static constexpr std::size_t gradient = 1;
    static constexpr std::size_t vapour = 2;
    static constexpr std::size_t carbonDioxide = 3;
    static constexpr std::size_t wallLossLog = 4;
    static constexpr std::size_t mouthLog = 5;
    static constexpr std::size_t mouthSlope = 6;
    static constexpr std::size_t boreScaleLog = 7;
    static constexpr std::size_t holeEndLog = 8;
    static constexpr std::size_t footLength = 9; ///< of the body; what is put on its foot moves along
    static constexpr std::size_t neighbours = 10;
    [[nodiscard]] static constexpr std::size_t holeSpread(std::size_t set) { return 11 + set; }
    [[nodiscard]] static constexpr std::size_t excitation(std::size_t measure) { return 13 + measure; }
    [[nodiscard]] static constexpr std::size_t stationDiameter(std::size_t i) { return 13 + excitationMeasures + i; }
    [[nodiscard]] std::size_t slideOut(std::size_t i) const { return stationDiameter(m_stations) + i; }
    [[nodiscard]] std::size_t holeAt(std::size_t i) const { return holes(i); }
    [[nodiscard]] std::size_t holeDiameter(std::size_t i) const { return holes(i) + 1; }
    [[nodiscard]] std::size_t holeUndercut(std::size_t i) const { return holes(i) + 2; }
    [[nodiscard]] std::size_t holeChimney(std::size_t i) const { return holes(i) + 3; }
    [[nodiscard]] std::size_t holeSink(std::size_t i) const { return holes(i) + 4; }
    [[nodiscard]] std::size_t size() const { return holes(m_holes); }

private:
    [[nodiscard]] std::size_t holes(std::size_t i) const { return slideOut(m_slides) + 5 * i; }
    std::size_t m_stations;
    std::size_t m_holes;
    std::size_t m_slides;
};

} // namespace dowel::acoustics
