// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/acoustics/shape.h"

#include <cmath>

namespace dowel::acoustics {

namespace {

// A finger's pulp reaches into a hole it closes by about a tenth of the hole's radius, spread over its area: common
// practice, no source; the fitted chimney takes up the rest.
constexpr double fingerShare = 0.10;

Shape::Hole holeOf(const Hole& h)
{
    // An oval hole is its equal-area circle; so is a slanted one, along its own axis and at its own mouth in the bore.
    const double round = std::sqrt(h.elongation);
    Shape::Hole hole{};
    hole.at_m = (h.at + h.chimney * std::tan(h.slant_rad)).metres();
    hole.diameter_m = h.diameter.metres() * round;
    hole.undercut_m = h.undercutDiameter.metres() * round;
    const double lengthening = 1.0 / std::cos(h.slant_rad);
    hole.chimney_m = h.chimney.metres() * lengthening;
    hole.fittings.count = h.count;
    hole.fittings.fingerShare = h.closure == Closure::Pad ? 0.0 : fingerShare;
    if (h.countersink) {
        hole.sink_m = h.countersink->diameter.metres() * round;
        hole.fittings.sinkDepth_m = h.countersink->depth.metres() * lengthening;
    }
    if (h.pad) {
        hole.fittings.padHeight_m = h.pad->height.metres();
        hole.fittings.padDiameter_m = h.pad->diameter.metres();
    }
    return hole;
}

} // namespace

Shape Shape::of(const Instrument& instrument)
{
    const InstrumentSpec& s = instrument.spec();
    Shape shape;
    if (const auto* d = std::get_if<Duct>(&s.excitation)) {
        shape.mouth = Mouth::Duct;
        shape.excitation = {d->windowLength.metres(), d->windowWidth.metres(), d->chimney.metres(),
                            d->upstream.metres(),     d->cover.metres(),       d->rampRunPerRise};
    } else if (const auto* t = std::get_if<Transverse>(&s.excitation)) {
        shape.mouth = Mouth::Transverse;
        shape.excitation = {t->holeLength.metres(), t->holeWidth.metres(), t->chimney.metres(),
                            t->stopper.metres(),    t->lipCover,           t->undercut.metres()};
    } else {
        shape.mouth = Mouth::ClosedTop;
        shape.excitation[closedTop::volume] = std::get<ClosedTop>(s.excitation).volume.cubicMetres();
    }
    for (const auto& station : soundingBore(s))
        shape.bore.push_back({station.at.metres(), station.diameter.metres(), {station.roughness, station.porosity}});
    shape.footStations = shape.bore.size() - s.bore.size();
    for (const auto& h : s.holes)
        shape.holes.push_back(holeOf(h));
    for (const auto& slide : s.slides)
        shape.slides.push_back({slide.at.metres(), slide.out.metres(), slide.gapDiameter.metres()});
    shape.wall_m = instrument.wallAt(instrument.length()).metres();
    shape.footClosed = s.foot == Foot::Closed;
    return shape;
}

Calibration calibrationOf(const Tuning& tuning)
{
    Calibration c;
    c.kelvin = tuning.playedAt.kelvin();
    c.gradient_K_m = tuning.gradient_K_m;
    c.vapour = vapourShare(tuning.playedAt, tuning.humidity);
    c.carbonDioxide = tuning.carbonDioxide;
    return c;
}

} // namespace dowel::acoustics
